package org.flintmoss.simulation.state;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.api.Test;

/** The number for all that has changed in a run. */
class StateHashTest {
  private static final MissionFile FILE = Samples.demo("first-light");
  private static final Plan PLAN = Plans.compile(FILE.mission(), FILE, Difficulty.BREEZY);

  @Test
  void anyOneChangedValueOfTheStateChangesItsHash() {
    World world = new World(PLAN, 7);
    Stage.steps(world, 200);
    long hash = world.hash();
    for (Column column : Inside.of(world).state.columns()) {
      for (int i = 0; i < column.size(); i++) {
        long bits = column.bits(i);
        column.bits(i, bits ^ 1);
        assertThat(world.hash()).as("%s[%d]", column.name(), i).isNotEqualTo(hash);
        column.bits(i, bits);
      }
    }
    assertThat(world.hash()).isEqualTo(hash);
  }
}
