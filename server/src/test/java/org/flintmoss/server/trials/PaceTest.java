package org.flintmoss.server.trials;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PaceTest {
  private final Pace pace = new Pace();

  @Test
  void quartersOfASpeedAreOwedUntilTheyAreAStep() {
    pace.want(0.25);
    int steps = 0;
    for (int i = 0; i < 40; i++) {
      steps += pace.due();
    }
    assertThat(steps).isEqualTo(10);
    pace.want(1000);
    assertThat(pace.wanted()).isEqualTo(16);
    assertThat(pace.due()).isEqualTo(16);
  }

  @Test
  void theSpeedThatIsReachedIsToldEverySecondWhereItFallsShortAndWhenItDoesNotAnyMore() {
    pace.want(8);
    assertThat(second(3)).isTrue();
    assertThat(pace.reached()).isEqualTo(3);
    assertThat(second(3)).as("told already").isFalse();
    assertThat(second(8)).isTrue();
    assertThat(pace.reached()).isEqualTo(8);
  }

  /** A second in which a number of the steps due at each tick are taken. */
  private boolean second(int taken) {
    boolean told = false;
    for (int i = 0; i < 20; i++) {
      told |= pace.took(taken, pace.due());
    }
    return told;
  }
}
