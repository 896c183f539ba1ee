package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.junit.jupiter.api.Test;

/** What is offered while writing; the bar stands where one writes. */
class CompletionTest {
  private static final Mission HARROW = Samples.demo("relight-the-harrow").mission();

  private static ScriptText.Completion at(String text) {
    int bar = text.indexOf('|');
    return ScriptText.complete(HARROW, text.replace("|", ""), bar);
  }

  private static List<String> labels(String text) {
    return at(text).options().stream().map(ScriptText.Option::label).toList();
  }

  @Test
  void sentencesAreOfferedWhereOneBegins() {
    String text = "event \"A\", at most once\n  when |";
    assertThat(labels(text)).contains("play has lasted at least 10 s", "not", "any");
    assertThat(at(text).options())
        .filteredOn(it -> it.label().endsWith("has come"))
        .extracting(ScriptText.Option::text, ScriptText.Option::kind)
        .containsExactly(org.assertj.core.groups.Tuple.tuple("${[wave]} has come", "sentence"));
    assertThat(labels("event \"A\"\n  do |")).contains("say [conversation]", "wait", "if");
  }

  @Test
  void theWordsThatGoOnAreOfferedAndWhatIsWrittenOfOneIsReplaced() {
    ScriptText.Completion completion = at("event \"A\"\n  when any player is ins|");
    assertThat(completion.from()).isEqualTo("event \"A\"\n  when any player is ".length());
    assertThat(completion.options())
        .extracting(ScriptText.Option::label)
        .contains("inside", "alarmed", "down")
        .doesNotContain("and", "open");
  }

  @Test
  void onlyThingsOfTheKindThatMayStandThereAreOffered() {
    List<String> labels = labels("event \"A\"\n  when any player is inside [Ha|");
    assertThat(labels).contains("[Harrow rock]", "[Landing]").doesNotContain("[Sluice gate]");
    assertThat(at("event \"A\"\n  when any player is inside [Ha|").from())
        .isEqualTo("event \"A\"\n  when any player is inside ".length());
  }

  @Test
  void behindAWholeSentenceThereIsMoreToSay() {
    assertThat(labels("event \"A\"\n  when any player is up |")).contains("and", "or", "for");
    assertThat(labels("event \"A\", |")).contains("at", "asleep", "off");
    assertThat(labels("|")).contains("event", "chapter");
  }
}
