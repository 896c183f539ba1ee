package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.code_intelligence.jazzer.junit.FuzzTest;
import java.util.OptionalDouble;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Ground;

/**
 * Files of heights by a fuzzer: each is read or refused, none is a fault. Tests read the corpus
 * beside this class; {@code JAZZER_FUZZ=1 mvn -pl core test
 * -Dtest=HeightsFuzzTest#aGridIsNeverAFault} looks for more.
 */
class HeightsFuzzTest {
  @FuzzTest(maxDuration = "1m")
  void aGridIsNeverAFault(byte[] bytes) {
    try {
      held(HeightGrid.read(bytes, OptionalDouble.of(0)));
    } catch (MissionRefused refused) {
      assertThat(refused.getMessage()).isNotBlank();
    }
  }

  @FuzzTest(maxDuration = "1m")
  void aPictureIsNeverAFault(byte[] bytes) {
    try {
      held(HeightImage.read(bytes, new HeightImage.Scale(-10, 90, 2)));
    } catch (MissionRefused refused) {
      assertThat(refused.getMessage()).isNotBlank();
    }
  }

  private static void held(Ground.Grid grid) {
    assertThat(grid.columns()).isBetween(64, 2048);
    assertThat(grid.rows()).isBetween(64, 2048);
    assertThat(java.util.Arrays.stream(grid.heights())).allMatch(it -> it >= -9000 && it <= 9000);
  }
}
