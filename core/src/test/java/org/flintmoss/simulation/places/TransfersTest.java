package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Zones that put those inside elsewhere. */
class TransfersTest {
  private static String transfers(String to, String more) {
    return "{'type':'transfers','to':%s,'facing':'kept','pace':'stand','ways':'one','rest':0%s}"
        .formatted(to, more);
  }

  private static String zone(String id) {
    return "{'type':'zone','zone':%s}".formatted(ref("zones", id));
  }

  private static void stand(World world, String unit, double x, double y) {
    Inside.of(world).body.stand(Stage.number(world, unit), x, y);
  }

  private static boolean at(World world, String unit, double x, double y, double within) {
    return Stage.far(world, unit, x, y) <= within;
  }

  @Test
  void whoStepsOnAPadIsElsewhereInTheNextStep() {
    World world =
        new Stage()
            .zone("pad", 40, 40, 2)
            .does("pad", "a", transfers(Stage.point(100, 100), ""))
            .world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 1);
    assertThat(at(world, "p", 40, 40, 0.1)).isTrue();
    Stage.steps(world, 1);
    assertThat(at(world, "p", 100, 100, 0.1)).isTrue();
  }

  @Test
  void twoPadsThatThrowEachOthersPeopleLetThemStandUntilTheyHaveLeft() {
    World world =
        new Stage()
            .zone("one", 40, 40, 3)
            .zone("two", 90, 90, 3)
            .does("one", "a", transfers(zone("two"), "").replace("'one'", "'both'"))
            .world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 2);
    assertThat(at(world, "p", 90, 90, 3)).isTrue();
    Stage.steps(world, 200);
    assertThat(at(world, "p", 90, 90, 3)).as("it stays").isTrue();
    stand(world, "p", 100, 100);
    Stage.steps(world, 1);
    stand(world, "p", 90, 90);
    Stage.steps(world, 2);
    assertThat(at(world, "p", 40, 40, 3)).as("the other end leads back").isTrue();
    Stage.steps(world, 200);
    assertThat(at(world, "p", 40, 40, 3)).isTrue();
  }

  @Test
  void nobodyIsTransferredAgainBeforeTheirRestIsOver() {
    World world =
        new Stage()
            .zone("pad", 40, 40, 2)
            .does("pad", "a", transfers(Stage.point(100, 100), "").replace("'rest':0", "'rest':3"))
            .world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 2);
    stand(world, "p", 40, 40);
    Stage.steps(world, 59);
    assertThat(at(world, "p", 40, 40, 0.1)).isTrue();
    Stage.steps(world, 1);
    assertThat(at(world, "p", 100, 100, 0.1)).isTrue();
  }

  @Test
  void whoFindsNoRoomWaitsAndGoesOnceThereIs() {
    World world =
        new Stage()
            .zone("pad", 40, 40, 2)
            .zone("cell", 90, 90, 0.6)
            .unit("q", "townsfolk", "townsman", 90, 90)
            .does("pad", "a", transfers(zone("cell"), ""))
            .world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 50);
    assertThat(at(world, "p", 40, 40, 0.1)).isTrue();
    assertThat(
            world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.QUEUES).toList())
        .as("it is told once")
        .hasSize(1);
    stand(world, "q", 20, 20);
    Stage.steps(world, 21);
    assertThat(at(world, "p", 90, 90, 0.6)).isTrue();
  }

  @Test
  void placesAreTakenInTurnAndTwoAtOnceShareNone() {
    String both =
        "{'type':'oneOf','how':'inTurn','places':{'x':{'order':'a0','place':%s},'y':{'order':'a1','place':%s}}}"
            .formatted(Stage.point(20, 100), Stage.point(100, 20));
    World world =
        new Stage()
            .zone("pad", 40, 40, 4)
            .start("q", 10, 10)
            .does("pad", "a", transfers(both, ""))
            .world(1);
    stand(world, "p", 39, 40);
    stand(world, "q", 41, 40);
    Stage.steps(world, 2);
    assertThat(at(world, "p", 20, 100, 0.1)).isTrue();
    assertThat(at(world, "q", 100, 20, 0.1)).isTrue();
  }

  @Test
  void aPadIntoItselfMovesNobodyTwice() {
    World world =
        new Stage().zone("pad", 40, 40, 4).does("pad", "a", transfers(zone("pad"), "")).world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 100);
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.ZONE_ACTS))
        .hasSize(1);
  }

  @Test
  void aTransferWaitsInASavedRunAsItDidInTheOther() {
    World world =
        new Stage()
            .zone("pad", 40, 40, 2)
            .does("pad", "a", transfers(Stage.point(100, 100), "").replace("'rest':0", "'rest':1"))
            .world(1);
    stand(world, "p", 40, 40);
    Stage.steps(world, 2);
    stand(world, "p", 40, 40);
    World other = new World(world.plan(), 1);
    other.load(world.save());
    for (int i = 0; i < 40; i++) {
      world.step(List.of());
      other.step(List.of());
    }
    assertThat(other.hash()).isEqualTo(world.hash());
    assertThat(at(other, "p", 100, 100, 0.1)).isTrue();
  }

  @Test
  void whoStaysWhereTheyStandStaysWhereTheyWerePut() {
    World world =
        new Stage()
            .unit("w", "townsfolk", "townsman", 40, 40)
            .zone("pad", 40, 40, 2)
            .does("pad", "a", transfers(Stage.point(100, 100), ""))
            .world(1);
    Stage.steps(world, 400);
    assertThat(at(world, "w", 100, 100, 0.5)).isTrue();
  }
}
