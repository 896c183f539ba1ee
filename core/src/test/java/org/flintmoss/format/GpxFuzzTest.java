package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.code_intelligence.jazzer.junit.FuzzTest;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.MissionRefused;
import tools.jackson.databind.JsonNode;

/**
 * GPX by a fuzzer: it is taken in whole or refused, and never a fault. Tests read the corpus beside
 * this class; {@code JAZZER_FUZZ=1 mvn -pl core test -Dtest=GpxFuzzTest} looks for more.
 */
class GpxFuzzTest {
  private static final MissionFile FILE = Samples.demo("first-light");

  private int next;

  @FuzzTest(maxDuration = "1m")
  void aFileIsNeverAFault(byte[] bytes) {
    try {
      JsonNode file = GpxReader.read(bytes, FILE.mission().setting().terrain());
      JsonNode with =
          GeoJsonReader.read(file, FILE.document(), FILE.mission(), () -> "n" + next++).document();
      assertThat(MissionReader.read(with)).isNotNull();
    } catch (MissionRefused refused) {
      assertThat(refused.getMessage()).isNotBlank();
    }
  }
}
