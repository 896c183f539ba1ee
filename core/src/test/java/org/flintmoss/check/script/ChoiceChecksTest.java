package org.flintmoss.check.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Rule;
import org.junit.jupiter.api.Test;

/** Findings on choices, each from a choice that is otherwise in order. */
class ChoiceChecksTest {
  private static final String ASK = "{'type':'ask','choice':" + ref("choices", "c") + "}";

  private static Stage stage(double limit, String fallback) {
    return new Stage()
        .choice("c", "first", limit, fallback, false)
        .answer("a1", "c")
        .answer("a2", "c")
        .event("asks", Stage.elapsed(1), ASK);
  }

  /** The rules of findings on choices and answers, and at what. */
  private static List<String> found(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream()
            .filter(it -> it.pointer().matches("/(choices|answers)/.*"))
            .map(ChoiceChecksTest::said)
            .toList();
  }

  private static String said(Finding finding) {
    return finding.rule() + " " + finding.pointer();
  }

  @Test
  void whatIsInOrderIsNotFound() {
    assertThat(found(stage(0, ""))).isEmpty();
    assertThat(found(stage(5, "a1"))).isEmpty();
  }

  @Test
  void itTakesTwoAnswersAndSix() {
    assertThat(found(stage(0, "").without("/answers/a2")))
        .containsExactly(Rule.CHOICE_OF_TOO_FEW + " /choices/c");
    assertThat(found(stage(0, "").without("/answers/a2").without("/answers/a1")))
        .containsExactly(Rule.CHOICE_OF_TOO_FEW + " /choices/c");
    Stage six = stage(0, "");
    IntStream.rangeClosed(3, 6).forEach(it -> six.answer("a" + it, "c"));
    assertThat(found(six)).isEmpty();
    assertThat(found(six.answer("a7", "c")))
        .containsExactly(Rule.CHOICE_OF_TOO_MANY + " /choices/c");
  }

  @Test
  void whatIsNeverAskedOrSaysNothingIsFound() {
    assertThat(found(stage(0, "").without("/events/asks")))
        .containsExactly(Rule.CHOICE_NEVER_ASKED + " /choices/c");
    assertThat(found(stage(0, "").put("/choices/c/text/text", "' '")))
        .containsExactly(Rule.CHOICE_WITHOUT_WORDS + " /choices/c/text");
  }

  @Test
  void theFallbackIsOneOfItsOwnAndComesAfterATime() {
    assertThat(found(stage(0, "a1")))
        .containsExactly(Rule.FALLBACK_WITHOUT_LIMIT + " /choices/c/limit");
    Stage others =
        stage(5, "b1")
            .choice("b", "first", 0, "", false)
            .answer("b1", "b")
            .answer("b2", "b")
            .event("too", Stage.elapsed(1), ASK.replace("'c'", "'b'"));
    assertThat(found(others))
        .containsExactly(Rule.FALLBACK_OF_ANOTHER_CHOICE + " /choices/c/fallback");
  }

  @Test
  void whereNothingMayBeAnsweredATimeHasToEndIt() {
    String later = Stage.elapsed(9);
    Stage never = stage(0, "").answer("a1", "c", later, "").answer("a2", "c", later, "");
    assertThat(found(never)).containsExactly(Rule.CHOICE_WITHOUT_WAY_OUT + " /choices/c");
    Stage ends = stage(5, "").answer("a1", "c", later, "").answer("a2", "c", later, "");
    assertThat(found(ends)).isEmpty();
  }

  @Test
  void answersAreToldApartAndAnswerSomething() {
    assertThat(found(stage(0, "").put("/answers/a2/name", "'a1'")))
        .containsExactly(Rule.ANSWERS_ALIKE + " /answers/a2/name");
    assertThat(found(stage(0, "").answer("b", "gone")))
        .containsExactly(Rule.ANSWER_TO_NOTHING + " /answers/b/choice");
  }

  @Test
  void whatHasToHoldIsAState() {
    String happens = Stage.all("{'type':'isChosen','answer':" + ref("answers", "a2") + "}");
    assertThat(found(stage(0, "").answer("a1", "c", happens, "")))
        .containsExactly(Rule.ANSWER_ASKS_WHAT_HAPPENS + " /answers/a1/when");
  }

  @Test
  void anEndingBehindAnAnswerThatIsNeverAskedIsNeverReached() {
    Stage ends =
        stage(0, "")
            .put(
                "/endings/won",
                "{'name':'Won','order':'a0','outcome':'won','delay':{'value':0,'levels':{},'perPlayer':0},'debriefing':{'text':'','figures':{}}}")
            .event(
                "wins",
                Stage.all("{'type':'isChosen','answer':" + ref("answers", "a2") + "}"),
                "{'type':'end','ending':" + ref("endings", "won") + "}");
    assertThat(rules(ends))
        .doesNotContain(Rule.ENDING_NEVER_REACHED, Rule.ENDING_CANNOT_BE_REACHED);
    assertThat(rules(ends.without("/events/asks"))).contains(Rule.ENDING_CANNOT_BE_REACHED);
  }

  private static List<Rule> rules(Stage stage) {
    return new ScriptChecks(stage.document(), stage.mission())
        .findings().stream().map(Finding::rule).toList();
  }
}
