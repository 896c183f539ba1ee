package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** AI finds its way through zones that transfer: a wall from rim to rim parts west from east. */
class TransferLinksTest {
  private static final String ONE_WAY = transfers(Stage.point(100, 30), "one");

  private static String transfers(String to, String ways) {
    return "{'type':'transfers','to':%s,'facing':'kept','pace':'stand','ways':'%s','rest':0}"
        .formatted(to, ways);
  }

  private static String sent(double x, double y) {
    return "{'type':'send','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'place':%s}"
        .formatted(ref("units", "w"), Stage.point(x, y));
  }

  private static Stage parted() {
    return new Stage()
        .wall("wall", 64, 0, 64, 128)
        .put("/starts/p/position", "{'x':120,'y':120}")
        .unit("w", "keepers", "keeper", 20, 64)
        .zone("pad", 30, 30, 2)
        .zone("other", 100, 30, 2);
  }

  @Test
  void whoIsSentBeyondAWallGoesByThePad() {
    World world =
        parted().does("pad", "a", ONE_WAY).event("go", elapsed(0.1), sent(110, 90)).after(20 * 90);
    assertThat(Stage.far(world, "w", 110, 90)).isLessThan(2);
  }

  @Test
  void withoutOneThereIsNoWay() {
    World world = parted().event("go", elapsed(0.1), sent(110, 90)).after(20 * 90);
    assertThat(Stage.far(world, "w", 110, 90)).isGreaterThan(40);
  }

  @Test
  void throughPadsThatLeadBothWaysOneGoesThereAndBackAgain() {
    String both = transfers("{'type':'zone','zone':%s}".formatted(ref("zones", "other")), "both");
    World world =
        parted()
            .does("pad", "a", both)
            .event("go", elapsed(0.1), sent(100, 30))
            .event("back", elapsed(60), sent(30, 30))
            .world(1);
    Stage.steps(world, 20 * 58);
    assertThat(Stage.far(world, "w", 100, 30)).as("on the other pad").isLessThan(3);
    Stage.steps(world, 20 * 60);
    assertThat(Stage.far(world, "w", 30, 30)).as("back on the first").isLessThan(3);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/zones/pad/does/a/hands|'players'",
        "/zones/pad/does/a/goes|'boats'",
        "/zones/pad/does/a/when|{'type':'all','parts':{'c1':{'order':'a0','condition':{'type':'flag','flag':{'family':'flags','id':'f'},'on':'on'}}}}",
        "/zones/pad/rides|{'type':'unit','unit':{'family':'units','id':'w'}}"
      })
  void onesThatMayNotTakeThemAreNoWay(String but) {
    String[] parts = but.split("\\|");
    World world =
        parted()
            .flag("f")
            .does("pad", "a", ONE_WAY)
            .put(parts[0], parts[1])
            .event("go", elapsed(0.1), sent(110, 90))
            .after(20 * 20);
    assertThat(Stage.far(world, "w", 20, 64)).as("it sees no way").isLessThan(15);
  }

  @Test
  void aPadOnTheWayThatLeadsElsewhereIsGoneRound() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':120,'y':120}")
            .unit("w", "keepers", "keeper", 20, 64)
            .zone("pad", 64, 64, 6)
            .does("pad", "a", transfers(Stage.point(20, 120), "one"))
            .event("go", elapsed(0.1), sent(110, 64))
            .world(1);
    for (int i = 0; i < 20 * 90; i++) {
      Stage.steps(world, 1);
      assertThat(Stage.far(world, "w", 20, 120)).as("never put back").isGreaterThan(20);
    }
    assertThat(Stage.far(world, "w", 110, 64)).isLessThan(2);
  }
}
