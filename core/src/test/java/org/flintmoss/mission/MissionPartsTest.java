package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Pointer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** After a patch, reading what is new in a document gives what reading the whole gives. */
class MissionPartsTest {
  static LongStream seeds() {
    return Seeds.of(2, 4);
  }

  private final List<String> problems = new ArrayList<>();

  /** The ids of things that were taken away, to which others may still refer. */
  private final List<String> gone = new ArrayList<>(List.of("gone"));

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsReadAnewIsAsIfAllWere(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    String demo = seed % 2 == 0 ? "relight-the-harrow" : "gannet-stacks";
    JsonNode document = Samples.demo(demo).document();
    MissionReader.Held held = MissionReader.readStored(document);
    int taken = 0;
    int refused = 0;
    for (int i = 0; i < 240; i++) {
      JsonNode changed = patch(document, random).apply(document);
      JsonNode before = document;
      MissionReader.Held then = held;
      Object anew = outcome(() -> MissionReader.read(changed));
      Object parts = outcome(() -> MissionReader.read(changed, before, then).mission());
      assertThat(parts).isEqualTo(anew);
      if (anew instanceof Mission read) {
        document = changed;
        held = new MissionReader.Held(read, List.of());
        taken++;
      } else {
        refused++;
      }
    }
    assertThat(taken).isGreaterThan(20);
    assertThat(refused).isGreaterThan(20);
    assertThat(String.join("; ", problems))
        .contains("ids are used once", "off the ground", "must be", "but names a");
  }

  private Object outcome(Supplier<Mission> read) {
    try {
      return read.get();
    } catch (MissionRefused refused) {
      refused.problems().forEach(it -> problems.add(it.reason()));
      return refused.problems();
    }
  }

  private JsonPatch patch(JsonNode document, SplittableRandom random) {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    JsonNode changed = document;
    for (int i = random.nextInt(3); i >= 0; i--) {
      ArrayNode one = Json.MAPPER.createArrayNode();
      operation(changed, random, one.addObject());
      changed = JsonPatch.read(one).apply(changed);
      patch.addAll(one);
    }
    return JsonPatch.read(patch);
  }

  private void operation(JsonNode document, SplittableRandom random, ObjectNode operation) {
    int what = random.nextInt(8);
    // Who has taken the terrain away cannot change it.
    switch (what == 1 && !document.at("/setting/terrain").isObject() ? 3 : what) {
      case 0 -> {
        // A thing comes again, under its own id or another, in its own family or another.
        String from = family(document, random);
        String id = any(document.get(from), random);
        String to = random.nextInt(6) == 0 ? family(document, random) : from;
        String other =
            switch (random.nextInt(4)) {
              case 0 -> id;
              case 1 -> any(document.get(family(document, random)), random);
              case 2 -> gone.get(random.nextInt(gone.size()));
              default -> id + "-" + random.nextInt(4);
            };
        put(operation, "/" + to + Pointer.step(other), document.get(from).get(id));
      }
      case 2 -> {
        String family = family(document, random);
        String id = any(document.get(family), random);
        gone.add(id);
        operation.put("op", "remove").put("path", "/" + family + Pointer.step(id));
      }
      case 1 -> {
        double columns = 64 + 64 * random.nextInt(3);
        put(operation, "/setting/terrain/columns", Json.MAPPER.valueToTree((int) columns));
      }
      default -> leaf(document, random, operation);
    }
  }

  /** A number or a text somewhere becomes another, in range or not, or what is there goes. */
  private static void leaf(JsonNode document, SplittableRandom random, ObjectNode operation) {
    String family = family(document, random);
    StringBuilder path = new StringBuilder("/" + family);
    JsonNode at = document.get(family);
    while (at.isObject() && !at.isEmpty()) {
      String key = any(at, random);
      path.append(Pointer.step(key));
      at = at.get(key);
    }
    JsonNode value =
        at.isNumber()
            ? Json.MAPPER.valueToTree(at.asDouble() * random.nextDouble(-0.2, 1.6))
            : at.isString() && random.nextInt(3) == 0
                ? Json.MAPPER.valueToTree(random.nextBoolean() ? "wreckers" : "")
                : at;
    put(operation, path.toString(), value);
  }

  private static void put(ObjectNode operation, String path, JsonNode value) {
    operation.put("op", "add").put("path", path).set("value", value.deepCopy());
  }

  private static String family(JsonNode document, SplittableRandom random) {
    while (true) {
      String key = any(document, random);
      if (document.get(key).isObject() && !document.get(key).isEmpty()) {
        return key;
      }
    }
  }

  private static String any(JsonNode object, SplittableRandom random) {
    List<String> keys = object.properties().stream().map(Map.Entry::getKey).toList();
    return keys.get(random.nextInt(keys.size()));
  }
}
