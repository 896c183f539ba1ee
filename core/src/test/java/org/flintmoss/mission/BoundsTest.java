package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.word.Family;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** How many things a mission may hold, whatever way they come in. */
class BoundsTest {
  private final JsonNode document = Samples.demo("first-light").document();

  private static final JsonNode SCHEMA = SchemaWriter.schema();

  private static Stream<String> maps() {
    return Stream.concat(Arrays.stream(Family.values()).map(Family::key), Stream.of("lost"));
  }

  @ParameterizedTest
  @MethodSource("maps")
  void everyMapHasTheBoundThatTheSchemaSays(String map) {
    int most = SCHEMA.at("/properties/" + map + "/maxProperties").asInt();
    assertThat(Bounds.most(map)).hasValue(most);
  }

  @ParameterizedTest
  @MethodSource("maps")
  void oneTooManyIsRefusedInWordsWhetherReadWholeOrAfterAPatch(String map) {
    int most = Bounds.most(map).orElseThrow();
    ArrayNode patch = Json.MAPPER.createArrayNode();
    for (int i = document.get(map).size(); i <= most; i++) {
      ObjectNode add = patch.addObject().put("op", "add").put("path", "/" + map + "/more-" + i);
      add.putObject("value");
    }
    List<JsonNode> operations = patch.valueStream().toList();
    JsonNode full = document;
    for (int from = 0; from < operations.size(); from += JsonPatch.LIMIT) {
      ArrayNode some = Json.MAPPER.createArrayNode();
      some.addAll(operations.subList(from, Math.min(from + JsonPatch.LIMIT, operations.size())));
      full = JsonPatch.read(some).apply(full);
    }
    JsonNode overfull = full;
    MissionReader.Held held = MissionReader.readStored(document);
    String words = "A mission has at most %d ".formatted(most);
    assertThatThrownBy(() -> MissionReader.read(overfull))
        .isInstanceOfSatisfying(MissionRefused.class, it -> says(it, "/" + map, words));
    assertThatThrownBy(() -> MissionReader.read(overfull, document, held))
        .isInstanceOfSatisfying(MissionRefused.class, it -> says(it, "/" + map, words));
  }

  private static void says(MissionRefused refused, String pointer, String words) {
    Problem problem = refused.problems().getFirst();
    assertThat(problem.pointer()).isEqualTo(pointer);
    assertThat(problem.says())
        .startsWith(words)
        .endsWith(", not %d.".formatted(Bounds.most(pointer.substring(1)).orElseThrow() + 1));
  }

  private static JsonNode with(JsonNode document, String path, Object value) {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    ObjectNode operation = patch.addObject().put("op", "add").put("path", path);
    operation.set("value", Json.MAPPER.valueToTree(value));
    return JsonPatch.read(patch).apply(document);
  }

  private JsonNode withStarts(int count) {
    JsonNode more = document;
    JsonNode start = document.get("starts").iterator().next();
    for (int i = document.get("starts").size(); i < count; i++) {
      more = with(more, "/starts/start-" + i, start);
    }
    return more;
  }

  @Test
  void aNinthPlayerStartIsRefusedInTheWordsOfTheScreen() {
    assertThatThrownBy(() -> MissionReader.read(withStarts(9)))
        .isInstanceOfSatisfying(
            MissionRefused.class,
            it ->
                assertThat(it.problems().getFirst().says())
                    .isEqualTo("A mission has at most 8 player starts, not 9."));
  }

  @Test
  void aPlaceIsNamedAsTheScreenNamesIt() {
    String wall = "/routes/sea-wall";
    JsonNode route = Samples.demo("relight-the-harrow").document().get("routes").iterator().next();
    String second = List.copyOf(route.get("waypoints").propertyNames()).get(1);
    JsonNode bad = with(with(document, wall, route), wall + "/waypoints/" + second + "/order", "");
    Problem problem = new Problem(wall + "/waypoints/" + second + "/speed", "must be there");
    assertThat(problem.in(bad).says())
        .isEqualTo(
            "Route \"%s\", waypoint 1, speed: must be there."
                .formatted(route.get("name").asString()));
    assertThat(new Problem("/brief/title", "must be there").says())
        .isEqualTo("Brief, title: must be there.");
    assertThat(new Problem("", "is no GPX").says()).isEqualTo("The file is no GPX.");
    assertThat(new Problem("/starts/x/fillsFirst", "is odd").in(document).says())
        .isEqualTo("Player start, fills first: is odd.");
  }

  @Test
  void aStoredMissionThatBreaksACountOrARangeIsReadAndMayOnlyBecomeBetter() {
    JsonNode ten = with(withStarts(10), "/brief/title", "");
    MissionReader.Held held = MissionReader.readStored(ten);
    assertThat(held.broken())
        .extracting(Problem::pointer)
        .containsExactly("/brief/title", "/starts");
    JsonNode eleven = withStarts(11);
    assertThatThrownBy(() -> MissionReader.read(eleven, ten, held))
        .hasMessageContaining("at most 8 player starts, not 11");
    assertThatThrownBy(() -> MissionReader.read(with(ten, "/setting/wind/speed", -1), ten, held))
        .hasMessageContaining("/setting/wind/speed");
    JsonNode nine = with(withStarts(9), "/brief/title", "");
    assertThat(MissionReader.read(nine, ten, held).broken()).hasSize(2);
    assertThat(MissionReader.read(withStarts(4), ten, held).broken()).isEmpty();
    JsonNode elsewhere = with(ten, "/brief/author", "Nan Sedge");
    assertThat(MissionReader.read(elsewhere, ten, held).mission().brief().author())
        .isEqualTo("Nan Sedge");
  }

  @Test
  void aStoredMissionOfAnotherShapeIsNotRead() {
    List<JsonNode> wrong =
        List.of(
            with(document, "/brief/colour", "red"),
            with(document, "/starts", null),
            with(document, "/starts/x", null),
            with(document, "/setting/terrain/columns", 100_000),
            with(document, "/schema", Mission.SCHEMA + 1));
    for (JsonNode it : wrong) {
      assertThatThrownBy(() -> MissionReader.readStored(it)).isInstanceOf(MissionRefused.class);
    }
  }
}
