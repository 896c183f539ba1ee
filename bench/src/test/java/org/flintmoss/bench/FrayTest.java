package org.flintmoss.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

class FrayTest {
  @Test
  void everythingIsOnSoThatIdleUnitsDoNotCountAsFastOnes() {
    World world = new World(Fray.plan(40), 7);
    for (int step = 0; step < 2400; step++) {
      world.step(List.of());
    }
    assertThat(world.causes().from(0))
        .extracting(Causes.Entry::kind)
        .contains(
            Causes.Kind.STRUCK,
            Causes.Kind.HIT,
            Causes.Kind.NOTICED,
            Causes.Kind.REACHED,
            Causes.Kind.ENTERED,
            Causes.Kind.FIRED);
    assertThat(world.causes().from(0)).noneMatch(entry -> entry.kind() == Causes.Kind.DIED);
  }
}
