package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TideTest {
  private static Tide tide(String marks) {
    return new Tide(
        new Stage()
            .put("/setting/waterLevel", "1.5")
            .put("/setting/tide", marks)
            .mission()
            .setting());
  }

  private static final String FLOOD =
      "{'b':{'time':7200,'level':4},'a':{'time':3600,'level':0},'c':{'time':10800,'level':2}}";

  /** Half way in time it stands half way; a quarter in, at (1 - cos 45 degrees) / 2 = 0.1464. */
  @ParameterizedTest
  @CsvSource({
    "0, 0",
    "3600, 0",
    "4500, 0.585786",
    "5400, 2",
    "6300, 3.414214",
    "7200, 4",
    "9000, 3",
    "10800, 2",
    "99999, 2"
  })
  void followsHalfAWaveBetweenItsTimes(double time, double level) {
    assertThat(tide(FLOOD).at(time)).isCloseTo(level, within(1e-6));
  }

  @Test
  void standsStillWithoutATable() {
    assertThat(tide("{}").still()).isTrue();
    assertThat(tide("{}").at(50000)).isEqualTo(1.5);
    assertThat(tide(FLOOD).still()).isFalse();
  }

  @Test
  void risesWithoutABreakBetweenTwoTimes() {
    Tide tide = tide(FLOOD);
    double before = tide.at(3600);
    for (double time = 3650; time <= 7200; time += 50) {
      assertThat(tide.at(time)).isGreaterThan(before);
      assertThat(tide.at(time) - before).as("never by a leap").isLessThan(0.1);
      before = tide.at(time);
    }
  }
}
