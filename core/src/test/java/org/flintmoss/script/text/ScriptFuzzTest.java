package org.flintmoss.script.text;

import static org.assertj.core.api.Assertions.assertThat;

import com.code_intelligence.jazzer.junit.FuzzTest;
import java.nio.charset.StandardCharsets;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;

/**
 * Texts by a fuzzer: none is a fault, and what is wrong with one lies in it. Tests read the corpus
 * beside this class; {@code JAZZER_FUZZ=1 mvn -pl core test -Dtest=ScriptFuzzTest} looks for more.
 */
class ScriptFuzzTest {
  private static final MissionFile FILE = Samples.demo("first-light");

  @FuzzTest(maxDuration = "2m")
  void aTextIsNeverAFault(byte[] bytes) {
    String text = new String(bytes, StandardCharsets.UTF_8);
    ScriptText.Outcome outcome = ScriptText.apply(FILE.document(), FILE.mission(), text);
    for (Trouble trouble : outcome.troubles()) {
      assertThat(trouble.from()).isBetween(0, text.length());
      assertThat(trouble.to()).isBetween(trouble.from(), text.length());
    }
    assertThat(MissionReader.read(outcome.document())).isNotNull();
    if (outcome.troubles().isEmpty()) {
      String printed = ScriptText.print(MissionReader.read(outcome.document()));
      ScriptText.Outcome again =
          ScriptText.apply(outcome.document(), MissionReader.read(outcome.document()), printed);
      assertThat(again.document()).isEqualTo(outcome.document());
    }
    int offset = text.length() / 2;
    assertThat(ScriptText.complete(FILE.mission(), text, offset).from()).isBetween(0, offset);
  }
}
