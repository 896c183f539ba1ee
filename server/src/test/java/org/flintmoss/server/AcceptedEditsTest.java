package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.word.Family;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever edits of a mission were taken, after a restart it opens as it was, goes out and in
 * again, is copied, checked and tried.
 */
class AcceptedEditsTest {
  private static final int EDITS = 60;

  @TempDir Path data;

  /** The mission of a seed while it is edited at random. */
  private static final class Editor {
    private final RunningServer server;
    private final SplittableRandom random;
    private final String mission;
    private JsonNode document;
    private int revision;
    private int refused;

    Editor(RunningServer server, String title, long seed) {
      this.server = server;
      random = new SplittableRandom(seed);
      mission = "/api/missions/" + server.mission(title);
      document = server.get(mission).json().get("document");
    }

    void edit(int number) {
      Edits edit = random(number);
      String body = edit.body("e" + number, revision);
      RunningServer.Answer answer = server.post(mission + "/edits", body);
      assertThat(answer.status()).as(String.valueOf(answer.json())).isIn(200, 422);
      if (answer.status() == 200) {
        document = JsonPatch.read(answer.json().get("patch")).apply(document);
        revision++;
      } else {
        refused++;
        assertThat(answer.json().at("/problems/0/says").asString()).endsWith(".");
      }
    }

    /** Copies of a thing, as many as may fit or not; a thing less; a value changed somewhere. */
    private Edits random(int number) {
      Family family = Family.values()[random.nextInt(Family.values().length)];
      JsonNode things = document.get(family.key());
      if (things.isEmpty()) {
        family = random.nextBoolean() ? Family.STARTS : Family.CALLS;
        things = document.get(family.key());
      }
      if (things.isEmpty()) {
        return Edits.title(document.at("/brief/title").asString(), "Title " + number);
      }
      String id = any(things);
      String path = "/" + family.key() + "/" + id;
      return switch (random.nextInt(4)) {
        case 0 -> copies(family, things.get(id), number);
        case 1 -> new Edits().remove(path, things.get(id));
        default -> leaf(path, things.get(id));
      };
    }

    private Edits copies(Family family, JsonNode thing, int number) {
      Edits edits = new Edits();
      // Houses by the dozen on one spot take the checks longer than they may: told, and known.
      boolean house = family == Family.BUILDINGS || family == Family.DECKS;
      int count = 1 << random.nextInt(house ? 3 : 9);
      for (int i = 0; i < count; i++) {
        edits.put("/%s/copy-%d-%d".formatted(family.key(), number, i), null, thing);
      }
      return edits;
    }

    private Edits leaf(String path, JsonNode thing) {
      JsonNode at = thing;
      StringBuilder place = new StringBuilder(path);
      while (at.isObject() && !at.isEmpty()) {
        String key = any(at);
        place.append('/').append(key);
        at = at.get(key);
      }
      JsonNode other =
          switch (random.nextInt(12)) {
            case 0 -> Json.MAPPER.nullNode();
            case 1 -> Json.MAPPER.valueToTree("wreckers");
            case 2 -> Json.MAPPER.createObjectNode();
            case 3 -> Json.MAPPER.valueToTree(random.nextDouble(-1e4, 1e4));
            default ->
                at.isNumber()
                    ? Json.MAPPER.valueToTree(at.asDouble() * random.nextDouble(0.5, 1.5))
                    : Json.MAPPER.valueToTree("x".repeat(random.nextInt(1, 200)));
          };
      return new Edits().put(place.toString(), at, other);
    }

    private String any(JsonNode object) {
      List<String> keys = object.properties().stream().map(Map.Entry::getKey).toList();
      return keys.get(random.nextInt(keys.size()));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void whatWasTakenCanBeGoneOnWith(long seed) {
    String title =
        List.of("First Light", "Relight the Harrow", "The Gannet Stacks").get((int) seed - 1);
    Editor editor;
    try (RunningServer server = new RunningServer(data)) {
      editor = new Editor(server, title, seed);
      for (int i = 0; i < EDITS; i++) {
        editor.edit(i);
      }
    }
    assertThat(editor.revision).isGreaterThan(EDITS / 3);
    assertThat(editor.refused).isPositive();
    try (RunningServer server = new RunningServer(data)) {
      JsonNode opened = server.get(editor.mission).json();
      assertThat(opened.get("revision").asInt()).isEqualTo(editor.revision);
      assertThat(Canonical.text(opened.get("document"))).isEqualTo(Canonical.text(editor.document));
      byte[] zip = server.get(editor.mission + "/export").raw().body();
      assertThat(server.ask("POST", "/api/missions/import", zip).status()).isEqualTo(201);
      assertThat(server.post(editor.mission + "/duplicate", null).status()).isEqualTo(201);
      assertThat(server.get(editor.mission + "/checks").status()).isEqualTo(200);
      assertThat(server.get(editor.mission + "/script/web").status()).isEqualTo(200);
      starts(server, editor);
    }
  }

  private static void starts(RunningServer server, Editor editor) {
    ObjectNode spec = Json.MAPPER.createObjectNode().put("seed", 1).put("difficulty", "storm");
    spec.putObject("begin").put("type", "starts");
    spec.putObject("party")
        .put("players", 1)
        .put("first", 0)
        .put("begins", "atOnce")
        .put("empty", "nobody");
    RunningServer.Answer trial = server.post(editor.mission + "/trials", spec.toString());
    boolean nobody = editor.document.get("starts").isEmpty();
    assertThat(trial.status()).as(String.valueOf(trial.json())).isEqualTo(nobody ? 422 : 201);
  }
}
