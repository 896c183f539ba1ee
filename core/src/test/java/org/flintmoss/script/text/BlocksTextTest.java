package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Lines that hold others, as text. */
class BlocksTextTest {
  private static final MissionFile FILE = Samples.demo("first-light");
  private static final String TEXT =
      """
      event "A test of luck", at most once
        when play has lasted at least 10 s
        do for all of [Wreckers], one after another, 2 s apart
             harm this one by 5
             if just this one is down
               tell the players "One less."
           wait 1 s, one of these by chance
             choice
               tell the players "Rain."
             choice, 3 times as likely
               tell the players "Wind."
               one of these by chance
                 choice
                 choice
             choice, 0.5 times as likely
           tell the players "Done."
      """;

  private static ScriptText.Outcome apply(String text) {
    return ScriptText.apply(FILE.document(), FILE.mission(), text);
  }

  @Test
  void isWrittenAsItWasRead() {
    ScriptText.Outcome outcome = apply(TEXT);
    assertThat(outcome.troubles()).isEmpty();
    assertThat(ScriptText.print(MissionReader.read(outcome.document()))).contains(TEXT);
  }

  @Test
  void oneWeightIsOneValue() {
    JsonNode document = apply(TEXT).document();
    String text = TEXT.replace("3 times as likely", "4 times as likely");
    ScriptText.Outcome outcome = ScriptText.apply(document, MissionReader.read(document), text);
    List<String> changed =
        JsonDiff.between(document, outcome.document())
            .valueStream()
            .filter(it -> it.get("op").asString().equals("replace"))
            .map(it -> it.get("path").asString())
            .toList();
    assertThat(changed).singleElement().asString().endsWith("/weight");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          choice, 3 times as likely | choice, 3 times             | 11 | “as”
          choice, 3 times as likely | choice 3 times as likely    | 10 | ,
          choice, 3 times as likely | choice, 2000 times as likely | 10 | This goes from 0.01 to 1000
          choice, 3 times as likely | perhaps                     | 10 | choice
          one after another, 2 s apart | one after another, 2 s apart, tell the players "Ho." | 3 | stands below it
          """)
  void whatIsWrongWithOneIsToldWithItsLine(String from, String to, int line, String says) {
    ScriptText.Outcome outcome = apply(TEXT.replace(from, to));
    assertThat(outcome.troubles()).isNotEmpty();
    Trouble trouble = outcome.troubles().getFirst();
    assertThat(trouble.line()).isEqualTo(line);
    assertThat(trouble.says()).contains(says);
  }

  @Test
  void blocksDeeperThanSixteenLevelsAreRefusedWithTheirPlace() {
    StringBuilder text = new StringBuilder("event \"Deep\", at most once\n  do ");
    String indent = "     ";
    for (int i = 0; i < 20; i++) {
      text.append(i == 0 ? "" : indent).append("for all players, one after another, 1 s apart\n");
      indent += "  ";
    }
    ScriptText.Outcome outcome = apply(text.toString());
    assertThat(outcome.troubles()).isNotEmpty();
    assertThat(outcome.troubles().getFirst().says()).contains("16 levels");
  }
}
