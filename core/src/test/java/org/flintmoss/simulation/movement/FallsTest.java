package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.navigation.map.Falls;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who falls farther than they let themselves drop is hurt, by how much farther. */
class FallsTest {
  private static final String MOVES = "/kinds/keeper/moves/drop";

  private static Kind keeper(double drop) {
    return new Stage().put(MOVES, "" + drop).mission().kinds().get("keeper");
  }

  /** Twelve points for each metre beyond the limit, which is never less than a metre. */
  @ParameterizedTest
  @CsvSource({"2.5, 2.5, 0", "2.5, 3.5, 12", "0, 1, 0", "0, 3, 24", "2.5, -4, 0"})
  void harmGrowsWithTheHeight(double drop, double metres, double harm) {
    assertThat(Falls.harm(keeper(drop), metres)).isCloseTo(harm, within(1e-9));
  }

  /** A roof at 9.5 m over ground at 5 m, and a way down from it in some manner. */
  private static World jump(String manner) {
    return new Stage()
        .put(MOVES, "2.5")
        .deck("a", 9.5, 0, 0, 60, 60, 70, 60, 70, 70, 60, 70)
        .put("/starts/p/position", "{'x':65,'y':65}")
        .put(
            "/crossings/c",
            ("{'name':'c','manner':'%s','from':{'x':69,'y':65},'fromLevel':{'type':'top'},"
                    + "'to':{'x':72,'y':65},'toLevel':{'type':'ground'},'back':false,"
                    + "'takes':{'type':'asLong'},'open':'everybody'}")
                .formatted(manner))
        .world(1);
  }

  private static double lost(World world) {
    world.step(List.of(new Command(0, new Input.Go(80, 65))));
    Stage.steps(world, 400);
    assertThat(world.read().deck(0)).isZero();
    assertThat(world.read().x(0)).isCloseTo(80, within(0.1));
    return world.plan().kind(0).health() - world.read().health(0);
  }

  @Test
  void aDropDeeperThanTheirLimitHurts() {
    assertThat(lost(jump("drop"))).isCloseTo((4.5 - 2.5) * 12, within(1e-6));
  }

  @Test
  void whoClimbsDownAsFarIsNotHurt() {
    assertThat(lost(jump("climb"))).isZero();
  }
}
