package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.word.Pinned;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Script as text and text as script: the same both ways, and only what differs is changed. */
class ScriptTextTest {
  private static final MissionFile HARROW = Samples.demo("relight-the-harrow");

  @ParameterizedTest
  @ValueSource(strings = {"first-light", "relight-the-harrow"})
  void theTextOfADemoLeavesItAsItIs(String demo) {
    MissionFile file = Samples.demo(demo);
    ScriptText.Outcome outcome =
        ScriptText.apply(file.document(), file.mission(), ScriptText.print(file.mission()));
    assertThat(outcome.troubles()).isEmpty();
    assertThat(JsonDiff.between(file.document(), outcome.document())).isEmpty();
  }

  /** The Harrow with things of the same name, a counter, items, and events of its own. */
  private static ObjectNode harrow(Map<String, ObjectNode> events) {
    ObjectNode document = (ObjectNode) HARROW.document().deepCopy();
    ObjectNode counters = (ObjectNode) document.get("counters");
    for (String id : List.of("casks", "casks-2", "case")) {
      counters
          .putObject(id)
          .put("name", id.startsWith("casks") ? "Casks" : "Odd ]~\\ [\"name")
          .<ObjectNode>set("value", Json.MAPPER.valueToTree(Pinned.of(0)))
          .putObject("of")
          .put("type", "mission");
    }
    ObjectNode lost = (ObjectNode) document.get("lost");
    lost.putObject("gone-1").put("family", "zones").put("name", "Old ~ quay]");
    ObjectNode into = document.putObject("events");
    events.forEach(into::set);
    return document;
  }

  private static Map<String, ObjectNode> random(long seed) {
    Mission mission = MissionReader.read(harrow(Map.of()));
    RandomScripts scripts = new RandomScripts(mission, seed);
    Map<String, ObjectNode> events = new java.util.LinkedHashMap<>();
    List<String> chapters = List.copyOf(mission.chapters().keySet());
    for (int i = 0; i < 6; i++) {
      String name = i == 5 ? "Event 1" : "Event " + i;
      String chapter = i == 4 ? "chapter-gone" : chapters.get(i % chapters.size());
      events.put("e" + i, scripts.event(name, chapter, "a" + i));
    }
    return events;
  }

  static LongStream seeds() {
    return LongStream.range(0, 100);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whateverCanBeSaidIsReadAsItWasWritten(long seed) {
    ObjectNode document = harrow(random(seed));
    Mission mission = MissionReader.read(document);
    String text = ScriptText.print(mission);
    ScriptText.Outcome same = ScriptText.apply(document, mission, text);
    assertThat(same.troubles()).as(text).isEmpty();
    assertThat(JsonDiff.between(document, same.document())).as(text).isEmpty();
    ObjectNode without = harrow(Map.of());
    ScriptText.Outcome anew = ScriptText.apply(without, MissionReader.read(without), text);
    assertThat(anew.troubles()).isEmpty();
    assertThat(said(anew.document())).isEqualTo(said(document));
    assertThat(ScriptText.print(MissionReader.read(anew.document()))).isEqualTo(text);
  }

  /** What all events say, without ids and order strings, in the order of the text. */
  private static String said(JsonNode document) {
    List<String> said = new ArrayList<>();
    document.get("events").forEach(event -> said.add(new String(Canonical.bytes(bare(event)))));
    return String.join("\n", said.stream().sorted().toList());
  }

  private static JsonNode bare(JsonNode node) {
    if (!node.isObject()) {
      return node;
    }
    boolean ordered =
        !node.isEmpty() && node.valueStream().allMatch(it -> it.path("order").isString());
    if (ordered) {
      ArrayNode array = Json.MAPPER.createArrayNode();
      node.valueStream()
          .sorted(Comparator.comparing(it -> it.get("order").asString()))
          .forEach(it -> array.add(bare(it)));
      return array;
    }
    ObjectNode bare = Json.MAPPER.createObjectNode();
    node.properties().stream()
        .filter(it -> !it.getKey().equals("order") || it.getValue().isObject())
        .forEach(it -> bare.set(it.getKey(), bare(it.getValue())));
    return bare;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aTextThatIsDamagedIsNeverAFaultAndItsTroublesLieInIt(long seed) {
    ObjectNode document = harrow(random(seed % 20));
    Mission mission = MissionReader.read(document);
    StringBuilder text = new StringBuilder(ScriptText.print(mission));
    Random luck = new Random(seed);
    for (int i = 0; i < 1 + luck.nextInt(6); i++) {
      int at = luck.nextInt(text.length());
      int to = Math.min(text.length(), at + luck.nextInt(12));
      text.replace(
          at,
          to,
          List.of("", "]", "\"", "[", "(", "\n", "not ", "~", "7", "\t").get(luck.nextInt(10)));
    }
    ScriptText.Outcome outcome = ScriptText.apply(document, mission, text.toString());
    assertThat(MissionReader.read(outcome.document())).isNotNull();
    for (Trouble trouble : outcome.troubles()) {
      assertThat(trouble.from()).isBetween(0, text.length());
      assertThat(trouble.to()).isBetween(trouble.from(), text.length());
      assertThat(trouble.says()).isNotBlank();
    }
  }

  @Test
  void aLineForSomeOneAfterAnotherMayFollowAnIf() {
    MissionFile file = Samples.demo("relight-the-harrow");
    String text =
        """
        chapter "C"

        event "E"
          when play has lasted at least 2 s
          do if any player is up
               for all of [Keepers], one after another, 2 s apart
                 harm this one by 1
        """;
    ScriptText.Outcome outcome = ScriptText.apply(file.document(), file.mission(), text);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(ScriptText.print(MissionReader.read(outcome.document())))
        .contains("for all of [Keepers], one after another");
  }

  @Test
  void whatIsNotSaidOfAnEventThatFiresEachTimeIsWhatSuitsIt() {
    MissionFile file = Samples.demo("relight-the-harrow");
    String text =
        """
        chapter "C"

        event "Struck back"
          each time any player is hit by any unit
           and play has lasted at least 2 s
          do harm the other by 1

        event "Told", one after another
          when each time any player dies
          do tell the players "Oh."

        event "Dropped", at most once
          each time any player dies
          do tell the players "Oh."
        """;
    ScriptText.Outcome outcome = ScriptText.apply(file.document(), file.mission(), text);
    assertThat(outcome.troubles()).isEmpty();
    Mission read = MissionReader.read(outcome.document());
    assertThat(read.events().values())
        .extracting(Event::name, Event::times, Event::firings)
        .containsExactlyInAnyOrder(
            tuple("Struck back", 0, Event.Firings.SIDE_BY_SIDE),
            tuple("Told", 0, Event.Firings.IN_TURN),
            tuple("Dropped", 1, Event.Firings.DROPPED));
    assertThat(ScriptText.print(read))
        .contains("event \"Struck back\", any number of times\n  each time any player is hit by")
        .contains("event \"Told\", any number of times, one after another\n  each time")
        .contains("event \"Dropped\", at most once\n  each time");
  }
}
