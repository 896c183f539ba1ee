package org.flintmoss.mission.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.format.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

class JsonPatchTest {
  private static JsonNode json(String text) {
    return Json.MAPPER.readTree(text.replace('\'', '"'));
  }

  private static JsonNode apply(String document, String patch) {
    return JsonPatch.read(json(patch)).apply(json(document));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '#',
      value = {
        "{'a':1} | [{'op':'add','path':'/b','value':2}] | {'a':1,'b':2}",
        "{'a':1} | [{'op':'replace','path':'/a','value':{'c':3}}] | {'a':{'c':3}}",
        "{'a':{'b':1,'c':2}} | [{'op':'remove','path':'/a/b'}] | {'a':{'c':2}}",
        "{'a/b':{'~':1}} | [{'op':'replace','path':'/a~1b/~0','value':2}] | {'a/b':{'~':2}}",
        "{'a':1} | [{'op':'test','path':'/a','value':1.0}] | {'a':1}",
      })
  void operationsDoWhatTheStandardSays(String document, String patch, String result) {
    assertThat(SameJson.same(apply(document, patch), json(result))).isTrue();
  }

  @Test
  void aTestThatDoesNotHoldTellsBothValues() {
    assertThatThrownBy(() -> apply("{'a':1}", "[{'op':'test','path':'/a','value':2}]"))
        .isInstanceOfSatisfying(
            JsonPatch.ConflictException.class,
            conflict -> {
              assertThat(conflict.conflict().expected()).isEqualTo(json("2"));
              assertThat(conflict.conflict().found()).isEqualTo(json("1"));
            });
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{}",
        "[{'op':'move','from':'/a','path':'/b'}]",
        "[{'op':'add','path':'/a'}]",
        "[{'op':'add','path':'','value':1}]",
        "[{'op':'add','path':'a','value':1}]",
      })
  void whatIsNoPatchIsRefused(String patch) {
    assertThatThrownBy(() -> JsonPatch.read(json(patch))).isInstanceOf(MissionRefused.class);
  }

  @Test
  void aReplaceWithoutItsTestIsFound() {
    assertThat(JsonPatch.read(json("[{'op':'replace','path':'/a','value':1}]")).untested())
        .hasValueSatisfying(problem -> assertThat(problem.pointer()).isEqualTo("/a"));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theInverseOfAnyEditGivesBackTheCanonicalBytes(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    JsonNode before = Samples.demo("first-light").document();
    byte[] bytes = Canonical.bytes(before);
    JsonNode document = before;
    List<JsonPatch> back = new ArrayList<>();
    for (int edit = 0; edit < 25; edit++) {
      ArrayNode[] both = randomEdit(document, random);
      document = JsonPatch.read(both[0]).apply(document);
      back.addFirst(JsonPatch.read(both[1]));
    }
    assertThat(Canonical.bytes(before)).as("the document given is left as it is").isEqualTo(bytes);
    for (JsonPatch inverse : back) {
      document = inverse.apply(document);
    }
    assertThat(Canonical.bytes(document)).isEqualTo(bytes);
  }

  /** An edit of a random place, and the one that takes it back. */
  private static ArrayNode[] randomEdit(JsonNode document, SplittableRandom random) {
    List<String> families =
        document.propertyNames().stream().filter(name -> document.get(name).isObject()).toList();
    String family = families.get(random.nextInt(families.size()));
    List<String> ids = List.copyOf(document.get(family).propertyNames());
    ArrayNode patch = Json.MAPPER.createArrayNode();
    ArrayNode inverse = Json.MAPPER.createArrayNode();
    if (ids.isEmpty() || random.nextInt(3) == 0) {
      String path = "/" + family + "/new" + random.nextInt(1_000_000);
      operation(patch, "add", path, json("{'name':'x'}"));
      operation(inverse, "test", path, json("{'name':'x'}"));
      operation(inverse, "remove", path, null);
    } else {
      String id = ids.get(random.nextInt(ids.size()));
      String path = "/" + family + "/" + id;
      JsonNode value = document.get(family).get(id);
      operation(patch, "test", path, value);
      if (random.nextBoolean()) {
        operation(patch, "remove", path, null);
        operation(inverse, "add", path, value);
      } else {
        JsonNode other = Json.MAPPER.valueToTree(random.nextDouble());
        operation(patch, "replace", path, other);
        operation(inverse, "test", path, other);
        operation(inverse, "replace", path, value);
      }
    }
    return new ArrayNode[] {patch, inverse};
  }

  private static void operation(ArrayNode patch, String op, String path, JsonNode value) {
    var operation = patch.addObject().put("op", op).put("path", path);
    if (value != null) {
      operation.set("value", value);
    }
  }

  @Test
  void twoEditorsOfDifferentThingsMergeWithoutLossInEitherOrder() {
    JsonNode document = Samples.demo("first-light").document();
    JsonPatch one =
        JsonPatch.read(
            json(
                "[{'op':'test','path':'/units/prowler/position/x','value':236},{'op':'replace','path':'/units/prowler/position/x','value':240}]"));
    JsonPatch other =
        JsonPatch.read(
            json(
                "[{'op':'test','path':'/zones/lamp-house/name','value':'Lamp house'},{'op':'replace','path':'/zones/lamp-house/name','value':'Lantern'}]"));
    assertThat(Canonical.text(other.apply(one.apply(document))))
        .isEqualTo(Canonical.text(one.apply(other.apply(document))))
        .contains("Lantern")
        .contains("240");
  }

  @Test
  void aValueOfAPatchStaysAsItWasWhenItIsChangedAfterwards() {
    JsonNode patch =
        json(
            "[{'op':'add','path':'/a','value':{'b':1}},{'op':'add','path':'/a/c','value':2},"
                + "{'op':'add','path':'/z','value':{'b':1}}]");
    JsonNode before = patch.deepCopy();
    assertThat(JsonPatch.read(patch).apply(json("{}")))
        .isEqualTo(json("{'a':{'b':1,'c':2},'z':{'b':1}}"));
    assertThat(patch).isEqualTo(before);
  }

  @Test
  void thousandsOfAdditionsToOneFamilyCopyItOnce() {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    for (int i = 0; i < JsonPatch.LIMIT; i++) {
      operation(patch, "add", "/props/p" + i, json("{'name':'x'}"));
    }
    JsonNode document = Samples.demo("first-light").document();
    PatchedDocument patched = new PatchedDocument(document);
    JsonNode full = patched.apply(JsonPatch.read(patch).operations());
    assertThat(full.get("props").size()).isEqualTo(JsonPatch.LIMIT + document.get("props").size());
    assertThat(patched.copied()).as("the document and the map").isEqualTo(2);
  }
}
