package org.flintmoss.server.trials;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

class InputsTest {
  private final Inputs inputs = new Inputs();

  @Test
  void whatIsDoneBetweenTwoStepsIsTakenInItsOrderOnce() {
    inputs.add(new Input.Attack(1));
    inputs.add(new Input.Attack(0));
    inputs.add(new Input.TakeUp());
    assertThat(inputs.take())
        .containsExactly(new Input.Attack(1), new Input.Attack(0), new Input.TakeUp());
    assertThat(inputs.take()).isEmpty();
  }

  @Test
  void aFloodIsBoundedAndLettingGoOfKeysIsNeverLost() {
    for (int i = 0; i < 1000; i++) {
      inputs.add(new Input.Steer(1, 0));
      inputs.add(new Input.Attack(1));
      inputs.add(new Input.Use(1));
      inputs.add(new Input.TakeUp());
    }
    inputs.add(new Input.Attack(0));
    inputs.add(new Input.Use(0));
    inputs.add(new Input.Steer(0, 0));
    assertThat(inputs.take())
        .hasSizeLessThanOrEqualTo(Inputs.MOST)
        .endsWith(new Input.Attack(0), new Input.Use(0), new Input.Steer(0, 0));
  }

  @Test
  void lettingGoIsTakenAlsoWhereTheFloodWasOfOtherThings() {
    for (int i = 0; i < 1000; i++) {
      inputs.add(new Input.TakeUp());
    }
    inputs.add(new Input.Steer(0, 0));
    assertThat(inputs.take()).endsWith(new Input.Steer(0, 0)).hasSizeLessThan(Inputs.MOST + 5);
  }

  @Test
  void ofManyAimsInARowOnlyTheLastCounts() {
    for (int i = 0; i <= 100; i++) {
      inputs.add(new Input.Aim(i));
    }
    assertThat(inputs.take()).containsExactly(new Input.Aim(100));
  }
}
