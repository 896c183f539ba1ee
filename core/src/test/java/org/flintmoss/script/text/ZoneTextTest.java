package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.script.PhraseBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What zones do, as text. */
class ZoneTextTest {
  private static final String TEXT =
      """
      chapter "Opening"

      event "The bell rings", at most once
        when play has lasted at least 10 s
        do turn [alarm] on

      zone [drain]
        transfers to the next in turn of ([mole], [quay]), facing as the place does, both ways, to players, silently
        slows to 60 % of their pace, all but players, on four feet
          while [alarm] is on
           and play has lasted at least 20 s (storm 10 s)
        harms by 4 every 2 s, little by little, as fire, to [Keepers] inside [quay], who do not carry [Spade]

      zone [rip]
        pushes everything toward 90 ° at 1.5 m/s, who carry [Spade]
          while [The bell rings] has fired
      """;

  private final JsonNode document =
      new Stage()
          .zone("drain", 10, 10, 3)
          .zone("mole", 40, 10, 3)
          .zone("quay", 80, 10, 9)
          .zone("rip", 120, 10, 9)
          .flag("alarm")
          .put(
              "/itemKinds/spade",
              "{'name':'Spade','figure':'spade','mass':1,'use':{'type':'kept'}}")
          .document();

  private static ScriptText.Outcome apply(JsonNode document, String text) {
    return ScriptText.apply(document, MissionReader.read(document), text);
  }

  @Test
  void isWrittenAsItWasRead() {
    ScriptText.Outcome outcome = apply(document, TEXT);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(ScriptText.print(MissionReader.read(outcome.document()))).isEqualTo(TEXT);
  }

  @Test
  void oneNumberThatIsChangedIsOneValue() {
    JsonNode before = apply(document, TEXT).document();
    JsonNode after = apply(before, TEXT.replace("slows to 60 %", "slows to 70 %")).document();
    assertThat(
            JsonDiff.between(before, after)
                .valueStream()
                .map(it -> it.get("op").asString() + it.get("path").asString())
                .filter(it -> it.startsWith("replace")))
        .singleElement()
        .asString()
        .startsWith("replace/zones/drain/does/")
        .endsWith("/work/share/value");
  }

  @Test
  void whatIsWrittenAboveAnotherComesFirstAndKeepsItsKey() {
    JsonNode before = apply(document, TEXT).document();
    String first =
        "  slows to 60 % of their pace, all but players, on four feet\n    while [alarm] is on\n     and play has lasted at least 20 s (storm 10 s)\n";
    String moved = TEXT.replace(first, "").replace("zone [drain]\n", "zone [drain]\n" + first);
    JsonNode after = apply(before, moved).document();
    assertThat(ScriptText.print(MissionReader.read(after))).isEqualTo(moved);
    assertThat(after.at("/zones/drain/does").propertyNames())
        .containsExactlyInAnyOrderElementsOf(before.at("/zones/drain/does").propertyNames());
  }

  @Test
  void aZoneThatTheTextDoesNotHaveDoesNothing() {
    JsonNode before = apply(document, TEXT).document();
    JsonNode after = apply(before, TEXT.substring(0, TEXT.indexOf("zone [rip]"))).document();
    assertThat(after.at("/zones/rip/does")).isEmpty();
    assertThat(after.at("/zones/drain/does")).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          slows to 60 %                 | slows by 60 %               |   9 | “by”
          on four feet                  | on five feet                |   9 | “five”
          on four feet                  | on four feet, afloat        |   9 | said of it already
          who carry [Spade]             | who carry [Spoon]           | 15 | [Spoon]
          while [alarm] is on           | while [alarm] is            |  11 | “and”
          zone [rip]                    | zone [drain]                | 14 | above already
          pushes everything toward 90 ° at 1.5 m/s   | pushes everything toward 90 ° at 30 m/s  | 15 | This goes from
          """)
  void whatIsNotUnderstoodIsToldAndStaysAsItWas(String from, String to, int line, String says) {
    JsonNode before = apply(document, TEXT).document();
    ScriptText.Outcome outcome = apply(before, TEXT.replace(from, to));
    assertThat(outcome.troubles()).hasSize(1);
    assertThat(outcome.troubles().getFirst().line()).isEqualTo(line);
    assertThat(outcome.troubles().getFirst().says()).contains(says);
    assertThat(outcome.document().at("/zones/drain")).isEqualTo(before.at("/zones/drain"));
  }

  @Test
  void aBlockOfAZoneThatIsNotThereTakesNothingFromOthers() {
    JsonNode before = apply(document, TEXT).document();
    ScriptText.Outcome outcome = apply(before, TEXT.replace("zone [rip]", "zone [ripp]"));
    assertThat(outcome.troubles()).hasSize(1);
    assertThat(outcome.document().at("/zones")).isEqualTo(before.at("/zones"));
  }

  @Test
  void aZoneDoesAtMostSixteenThings() {
    String text = "zone [rip]\n" + "  is where they are meant to stay\n".repeat(17);
    ScriptText.Outcome outcome = apply(document, text);
    assertThat(outcome.troubles()).hasSize(1);
    assertThat(outcome.troubles().getFirst().line()).isEqualTo(18);
    assertThat(outcome.troubles().getFirst().says()).contains("at most 16");
  }

  @Test
  void aCommentThereBelongsToTheEventAbove() {
    String text = TEXT.replace("zone [drain]", "# Mind the drain.\nzone [drain]");
    ScriptText.Outcome outcome = apply(document, text);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(ScriptText.print(MissionReader.read(outcome.document())))
        .isEqualTo(TEXT.replace("event ", "# Mind the drain.\nevent "));
  }

  @Test
  void anEventMayStandBelow() {
    int zones = TEXT.indexOf("zone [drain]");
    ScriptText.Outcome outcome =
        apply(document, TEXT.substring(zones) + "\n" + TEXT.substring(0, zones));
    assertThat(outcome.troubles()).isEmpty();
    assertThat(ScriptText.print(MissionReader.read(outcome.document()))).isEqualTo(TEXT);
  }

  static Stream<PhraseBook.Entry> everythingThatAZoneDoes() {
    return PhraseBook.make().works().stream();
  }

  @ParameterizedTest
  @MethodSource("everythingThatAZoneDoes")
  void everythingThatAZoneDoesIsWrittenAndRead(PhraseBook.Entry entry) {
    JsonNode does =
        new Stage()
            .zone("rip", 9, 9, 3)
            .does("rip", "z1", entry.fresh().toString().replace('"', '\''))
            .document();
    String text = ScriptText.print(MissionReader.read(does));
    ScriptText.Outcome outcome = apply(does, text);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(outcome.document()).isEqualTo(does);
  }

  static Stream<JsonNode> everyChoiceThatCanBeMade() {
    return PhraseBook.make().works().stream()
        .flatMap(
            entry ->
                entry.slots().entrySet().stream()
                    .filter(slot -> slot.getValue().is().equals("choice"))
                    .flatMap(
                        slot ->
                            slot.getValue().options().stream()
                                .map(
                                    option ->
                                        ((ObjectNode) entry.fresh().deepCopy())
                                            .put(slot.getKey(), option.value()))));
  }

  @ParameterizedTest
  @MethodSource("everyChoiceThatCanBeMade")
  void everyChoiceThatCanBeMadeIsWrittenAndRead(JsonNode work) {
    JsonNode does =
        new Stage()
            .zone("rip", 9, 9, 3)
            .does("rip", "z1", work.toString().replace('"', '\''))
            .document();
    ScriptText.Outcome outcome = apply(does, ScriptText.print(MissionReader.read(does)));
    assertThat(outcome.troubles()).isEmpty();
    assertThat(outcome.document()).isEqualTo(does);
  }

  @Test
  void whatMayBeWrittenThereIsOffered() {
    String text = "zone [rip]\n  harms by 4 every 2 s, ";
    assertThat(ScriptText.complete(MissionReader.read(document), text, text.length()).options())
        .extracting(ScriptText.Option::label)
        .contains("to", "players", "on", "silently", "little");
    assertThat(ScriptText.complete(MissionReader.read(document), "zone [rip]\n  ", 13).options())
        .extracting(ScriptText.Option::label)
        .contains("slows to 50 % of their pace", "event", "zone");
  }
}
