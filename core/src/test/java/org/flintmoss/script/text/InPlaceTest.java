package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What a change of a text changes in the mission: that, and no more. */
class InPlaceTest {
  private static final MissionFile FILE = Samples.demo("first-light");

  private static final String TEXT = ScriptText.print(FILE.mission());

  /** The operations of the change, without their tests: the operation, then the path. */
  private static List<String> changes(String from, String to) {
    assertThat(TEXT).contains(from);
    return changes(TEXT.replace(from, to));
  }

  private static List<String> changes(String text) {
    ScriptText.Outcome outcome = ScriptText.apply(FILE.document(), FILE.mission(), text);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(MissionReader.read(outcome.document())).isNotNull();
    return JsonDiff.between(FILE.document(), outcome.document())
        .valueStream()
        .filter(it -> !it.get("op").asString().equals("test"))
        .map(it -> it.get("op").asString() + " " + it.get("path").asString())
        .toList();
  }

  private static String event(String name) {
    return FILE.document().get("events").properties().stream()
        .filter(it -> it.getValue().get("name").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .getKey();
  }

  @Test
  void aWordOfANoteIsOneValue() {
    assertThat(changes("It catches. Light!", "It catches!")).hasSize(1);
  }

  @Test
  void anEventThatIsRenamedKeepsItsIdAndWhatNamesIt() {
    assertThat(changes("event \"Seen\"", "event \"Seen by him\""))
        .containsExactly("replace /events/" + event("Seen") + "/name");
  }

  @Test
  void aLineThatIsPutInIsOneAddition() {
    List<String> changes =
        changes(
            "     end the mission with [Ship saved]",
            "     wait 2 s, tell the players \"So.\"\n     end the mission with [Ship saved]");
    assertThat(changes).hasSize(1);
    assertThat(changes.getFirst())
        .startsWith("add /events/" + event("The lamp is lit") + "/actions/");
  }

  @Test
  void linesThatChangePlacesKeepTheirIdsAndOnlyOneIsMoved() {
    List<String> changes =
        changes(
            "do fail the objective [Relight the lamp]\n     end the mission with [Keeper lost]",
            "do end the mission with [Keeper lost]\n     fail the objective [Relight the lamp]");
    assertThat(changes).hasSize(1);
    assertThat(changes.getFirst()).startsWith("replace ").endsWith("/order");
  }

  @Test
  void eventsMayMoveToAnotherChapterAndOutOfTheScript() {
    String moved =
        TEXT.replace(
            "event \"Seen\", at most once", "event \"Seen\" in \"The lamp\", at most once");
    assertThat(changes(moved)).contains("replace /events/" + event("Seen") + "/chapter/id");
    int from = TEXT.indexOf("event \"Too late\"");
    assertThat(changes(TEXT.substring(0, from)))
        .containsExactly("remove /events/" + event("Too late"));
  }

  @Test
  void anEventThatIsNotUnderstoodStaysAsItWasAndOthersAreChanged() {
    String text =
        TEXT.replace("[Wreckers] is alarmed", "[Wreckers] is alarmd")
            .replace("at least 8 s", "at least 9 s");
    ScriptText.Outcome outcome = ScriptText.apply(FILE.document(), FILE.mission(), text);
    assertThat(outcome.troubles()).hasSize(1);
    JsonNode patch = JsonDiff.between(FILE.document(), outcome.document());
    assertThat(patch).hasSize(2);
    assertThat(patch.at("/1/path").asString()).contains(event("A bell offshore"));
  }

  /** The id of the event that an event's first action names, after a text has been put in place. */
  private static String woken(JsonNode document, String by) {
    for (JsonNode event : document.get("events")) {
      if (event.get("name").asString().equals(by)) {
        return event.get("actions").iterator().next().at("/action/event/id").asString();
      }
    }
    throw new AssertionError("no event " + by);
  }

  @Test
  void anEventMayBeNamedBeforeTheTextMakesIt() {
    String fresh =
        "\nevent \"First\", at most once\n  do wake the event [Second]\n\nevent \"Second\", at most once, asleep\n"
            + "  when [First] has fired\n  do put the event [Second] to sleep\n";
    ScriptText.Outcome outcome = ScriptText.apply(FILE.document(), FILE.mission(), TEXT + fresh);
    assertThat(outcome.troubles()).isEmpty();
    JsonNode document = outcome.document();
    String second = woken(document, "First");
    assertThat(document.at("/events/" + second + "/name").asString()).isEqualTo("Second");
    assertThat(woken(document, "Second")).isEqualTo(second);
    assertThat(ScriptText.print(MissionReader.read(document))).contains(fresh.strip());
  }

  @Test
  void aNewNameOfAnEventMayBeUsedInTheSameText() {
    String line = "     end the mission with [Ship saved]";
    List<String> changes =
        changes(
            TEXT.replace("event \"Seen\"", "event \"Seen by him\"")
                .replace(line, "     put the event [Seen by him] to sleep\n" + line));
    assertThat(changes).hasSize(2).contains("replace /events/" + event("Seen") + "/name");
  }

  @Test
  void anEventThatIsNotUnderstoodAndNewIsNoneThatCanBeNamed() {
    String fresh =
        "\nevent \"First\"\n  do wake the event [Second]\n\nevent \"Second\"\n  do fly\n";
    ScriptText.Outcome outcome = ScriptText.apply(FILE.document(), FILE.mission(), TEXT + fresh);
    assertThat(outcome.troubles()).hasSize(1);
    assertThat(woken(outcome.document(), "First")).isEmpty();
    assertThat(MissionReader.read(outcome.document())).isNotNull();
  }
}
