package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.script.text.ScriptText.Option;
import org.flintmoss.script.text.ScriptText.Says;
import org.flintmoss.script.text.ScriptText.Sentences;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Conditions and actions that are written without an event around them. */
class SentencesByThemselvesTest {
  private static final Mission HARROW = Samples.demo("relight-the-harrow").mission();

  private static Sentences when(String text) {
    return ScriptText.sentences(HARROW, Says.WHEN, text);
  }

  private static Sentences act(String text) {
    return ScriptText.sentences(HARROW, Says.DO, text);
  }

  @Test
  void aConditionIsAGroupWithIdsAndOrder() {
    Sentences read = when("any player is inside [Harrow rock] and [Lamp lit] is on for 2 s");
    assertThat(read.trouble()).isNull();
    assertThat(read.said().get("type").asString()).isEqualTo("all");
    assertThat(read.said().get("parts")).hasSize(2);
    assertThat(read.said().get("parts").values())
        .allMatch(it -> !it.get("order").asString().isEmpty());
  }

  @Test
  void anActionIsALineWithItsWait() {
    Sentences read = act("wait 3 s, say [The lamp is lit]");
    assertThat(read.trouble()).isNull();
    assertThat(read.said()).hasSize(1);
    assertThat(read.said().iterator().next().at("/after/value").asDouble()).isEqualTo(3);
    assertThat(read.said().iterator().next().at("/action/type").asString()).isEqualTo("say");
  }

  @Test
  void whatIsNotUnderstoodIsPlacedInWhatWasWritten() {
    String text = "any player is inside [Harow rock]";
    Sentences read = when(text);
    assertThat(read.said()).isNull();
    assertThat(text.substring(read.trouble().from(), read.trouble().to()))
        .isEqualTo("[Harow rock]");
    assertThat(read.trouble().remedies().getFirst().text()).isEqualTo("[Harrow rock]");
  }

  @Test
  void whatMayFollowIsOfferedFromTheRightPlace() {
    Sentences read = when("any player is inside [Har");
    assertThat(read.completion().from()).isEqualTo("any player is inside ".length());
    assertThat(read.completion().options())
        .extracting(ScriptText.Option::label)
        .contains("[Harrow rock]");
  }

  @Test
  void nothingIsNoTroubleAndOffersSentences() {
    Sentences read = act("");
    assertThat(read.said()).isNull();
    assertThat(read.trouble()).isNull();
    assertThat(read.completion().options()).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "event \"x\"",
        "do say [The lamp is lit]",
        "# note",
        "when",
        "[",
        "\"",
        "\\",
        "((((",
        "and"
      })
  void whatIsNoConditionIsRefusedWithinItsBounds(String text) {
    Sentences read = when(text);

    assertThat(read.said()).isNull();
    if (read.trouble() != null) {
      assertThat(read.trouble().from()).isBetween(0, text.length());
      assertThat(read.trouble().to()).isBetween(read.trouble().from(), text.length());
    }
  }

  @Test
  void figuresStandInBracesWithinWords() {
    Sentences read =
        act("tell the players \"{the number of players} of 3, {2 × the seconds played}, {{a}\"");
    JsonNode text = read.said().iterator().next().at("/action/text");
    assertThat(text.get("text").asString()).isEqualTo("{a} of 3, {b}, {{a}");
    assertThat(text.at("/figures/a/of/type").asString()).isEqualTo("howMany");
    assertThat(text.at("/figures/b/times").asDouble()).isEqualTo(2);
  }

  @Test
  void bracesThatHoldNoFigureAreTold() {
    for (String words :
        new String[] {"{}", "{x", "{the sea}", "{the number of players} {3", "{3 players}"}) {
      Sentences read = act("tell the players \"" + words + "\"");
      assertThat(read.trouble()).as(words).isNotNull();
      assertThat(read.trouble().says()).as(words).contains("between { and }");
    }
  }

  @Test
  void anOwnFlagIsWrittenWithWhoseItIs() {
    Mission mission =
        new Stage()
            .zone("z", 20, 20, 5)
            .zone("y", 40, 40, 5)
            .put("/flags/a", own("z"))
            .put("/flags/b", own("y"))
            .put("/flags/c", "{'name':'Alarm','on':false}")
            .mission();
    String text = "[Alarm~z] is on and [Alarm~y] is off and [Alarm~c] is on";
    Sentences read = ScriptText.sentences(mission, Says.WHEN, text);
    assertThat(read.trouble()).isNull();
    assertThat(
            read.said()
                .at("/parts")
                .valueStream()
                .map(it -> it.at("/condition/flag/id").asString()))
        .containsExactly("a", "b", "c");
    Mission one =
        new Stage()
            .zone("z", 20, 20, 5)
            .put("/flags/a", own("z"))
            .event("e", Stage.all(Stage.flagOn("a")))
            .mission();
    assertThat(ScriptText.print(one)).contains("[Alarm~z] is on");
  }

  private static String own(String zone) {
    return "{'name':'Alarm','on':false,'of':{'type':'zone','zone':%s}}"
        .formatted(Stage.ref("zones", zone));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "any player is inside Causeway | any player is inside [Causeway]",
        "Any player is inside CAUSEWAY for 4 s | any player is inside [Causeway] for 4 s",
        "any of the watch is alarmed | any of [The watch] is alarmed",
        "any player is inside [causeway] | any player is inside [Causeway]",
        "any player enters causeway and any of the watch is alarmed"
            + " | any player is inside [Causeway] and any of [The watch] is alarmed",
        "after 3 s | play has lasted at least 3 s",
        "any player is inside causeway and after 3 s"
            + " | any player is inside [Causeway] and play has lasted at least 3 s",
        "any of the watch dies | any of [The watch] is dead",
        "any of the watch dies and any of the squatters is killed"
            + " | any of [The watch] is dead and any of [The squatters] is dead",
      })
  void namesMayLackTheirBracketsAndWordsBeOthersForTheSame(String written, String strict) {
    Sentences read = when(written);
    assertThat(read.trouble()).isNull();
    assertThat(read.reads()).isEqualTo(strict);
    assertThat(read.said()).isEqualTo(when(strict).said());
  }

  @Test
  void whatGoesOnIsToldOfTheSentenceAsItIsRead() {
    Sentences read = when("any player is inside causeway f");
    assertThat(read.reads()).isEqualTo("any player is inside [Causeway] f");
    assertThat(read.completion().from()).isEqualTo(read.reads().length() - 1);
    assertThat(read.completion().options()).extracting(Option::label).contains("for");
  }

  @Test
  void whatCannotBeReadAnyWayIsLeftAsItIs() {
    assertThat(when("the moon is made of cheese").reads()).isEqualTo("the moon is made of cheese");
    assertThat(when("any player is inside Nowhere").trouble().from()).isEqualTo(21);
  }
}
