package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WorldTest {
  private static final MissionFile FILE = Samples.demo("first-light");
  private static final Plan PLAN = Plans.compile(FILE.mission(), FILE, Difficulty.BREEZY);

  /** A player who wanders about by chance and strikes now and then. */
  private static List<Command> wander(SplittableRandom random) {
    return switch (random.nextInt(40)) {
      case 0 ->
          List.of(new Command(0, new Input.Go(random.nextDouble(512), random.nextDouble(512))));
      case 1 ->
          List.of(
              new Command(0, new Input.Steer(random.nextDouble(-1, 1), random.nextDouble(-1, 1))));
      case 2 -> List.of(new Command(0, new Input.Attack(random.nextInt(3))));
      case 3 -> List.of(new Command(0, new Input.Aim(random.nextDouble(360))));
      default -> List.of();
    };
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void savedAndLoadedAtARandomStepARunGoesOnTheSame(long seed) {
    int saveAt = 1 + new SplittableRandom(seed).nextInt(1500);
    World straight = new World(PLAN, seed);
    World other = new World(PLAN, seed);
    SplittableRandom one = new SplittableRandom(seed);
    SplittableRandom two = new SplittableRandom(seed);
    for (int step = 0; step < 1600; step++) {
      straight.step(wander(one));
      if (step == saveAt) {
        byte[] saved = other.save();
        other = new World(PLAN, seed);
        other.load(saved);
      }
      other.step(wander(two));
    }
    assertThat(other.hash()).isEqualTo(straight.hash());
  }

  @Test
  void goingBackAndOnAgainLeavesTheSameLog() {
    World world = new World(PLAN, 7);
    Stage.steps(world, 300);
    byte[] saved = world.save();
    Stage.steps(world, 300);
    List<Causes.Entry> log = world.causes().from(0);
    world.load(saved);
    Stage.steps(world, 300);
    assertThat(world.causes().from(0)).isEqualTo(log);
  }

  @Test
  void minusZeroHashesAsZero() {
    World world = new World(PLAN, 7);
    world.context.body.stand(0, 0.0, world.context.body.y(0));
    long hash = world.hash();
    world.context.body.stand(0, -0.0, world.context.body.y(0));
    assertThat(world.hash()).isEqualTo(hash);
  }

  @Test
  void aSavedStateOfAnotherPlanIsRefused() {
    World world = new Stage().world(1);
    assertThatThrownBy(() -> new World(PLAN, 1).load(world.save()))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("does not fit");
  }

  @Test
  void aUnitAddedFarAwayChangesNobodysLuck() {
    Stage stage = new Stage().unit("w", "wreckers", "wrecker", 66, 64);
    World plain = stage.world(5);
    World more = stage.unit("z", "townsfolk", "townsman", 120, 120).world(5);
    Stage.steps(plain, 200);
    Stage.steps(more, 200);
    int player = 0;
    assertThat(more.read().health(player)).isEqualTo(plain.read().health(player)).isLessThan(100);
  }

  @Test
  void steeringMovesAtTheKindsSpeedOnItsSurface() {
    World world = new Stage().put("/kinds/keeper/gain", "100").world(1);
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 19);
    double shingle = 0.85;
    assertThat(world.read().x(0)).isCloseTo(64 + 4.4 * shingle, within(1e-9));
    assertThat(world.read().facing(0)).isEqualTo(90);
  }

  @Test
  void anEnemyInViewIsNoticedFoughtAndGivenUpWhenItIsGone() {
    World world = new Stage().unit("w", "wreckers", "wrecker", 64, 40).world(3);
    Stage.steps(world, 120);
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.NOTICED);
    Stage.steps(world, 600);
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.HIT);
    assertThat(world.read().dead(0)).isTrue();
  }

  @Test
  void whoLosesSightOfAnEnemyGivesUpAfterItsMemoryAndGoesBack() {
    World world = new Stage().unit("w", "wreckers", "wrecker", 64, 30).world(3);
    while (world.read().alertness(1) != Condition.Alertness.ALARMED) {
      Stage.steps(world, 1);
    }
    world.context.body.stand(0, 2, 126);
    Stage.steps(world, 20 * 40);
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.GAVE_UP);
    assertThat(world.read().alertness(1)).isEqualTo(Condition.Alertness.UNAWARE);
    assertThat(world.read().x(1)).isCloseTo(64, within(2.0));
    assertThat(world.read().y(1)).isCloseTo(30, within(2.0));
  }

  @Test
  void aProwlerGoesToAndFroBetweenItsTwoPlaces() {
    World world =
        new Stage()
            .unit("w", "townsfolk", "townsman", 20, 20)
            .put(
                "/units/w/order",
                "{'type':'prowl','pause':1,'to':{'type':'point','position':{'x':50,'y':20}}}")
            .world(1);
    int turns = 0;
    boolean there = false;
    for (int step = 0; step < 20 * 240; step++) {
      Stage.steps(world, 1);
      double x = world.read().x(1);
      assertThat(x).isBetween(19.0, 51.0);
      if (there ? x < 22 : x > 48) {
        there = !there;
        turns++;
      }
    }
    assertThat(turns).isGreaterThanOrEqualTo(4);
  }

  @Test
  void aProwlerWhoseOtherPlaceIsGoneStays() {
    World world =
        new Stage()
            .unit("w", "townsfolk", "townsman", 20, 20)
            .put(
                "/units/w/order",
                "{'type':'prowl','pause':1,'to':{'type':'unit','unit':{'family':'units','id':'gone'}}}")
            .world(1);
    Stage.steps(world, 200);
    assertThat(world.read().x(1)).as("a place that is gone is no place to go to").isEqualTo(20);
    assertThat(world.over()).isFalse();
  }

  @Test
  void steeringIntoTheSeaStopsAtTheWadingDepth() {
    World world = new World(PLAN, 7);
    world.step(List.of(new Command(0, new Input.Steer(0, 1))));
    Stage.steps(world, 600);
    double depth = -PLAN.ground().heightAt(world.read().x(0), world.read().y(0));
    assertThat(depth).isLessThan(1.2);
    assertThat(world.read().y(0)).isLessThan(330);
  }

  @Test
  void aWalkOnFootTakesAsLongAsItsWayAndItsSurfaceSay() {
    World world = new Stage().put("/kinds/keeper/gain", "100").world(1);
    world.step(List.of(new Command(0, new Input.Go(64, 104))));
    int steps = 1;
    while (world.read().underWay(0)) {
      Stage.steps(world, 1);
      steps++;
    }
    double seconds = 40 / (4.4 * 0.85);
    assertThat(steps / 20.0).isCloseTo(seconds, within(0.1));
    assertThat(world.read().y(0)).isEqualTo(104);
  }

  @Test
  void inputsForSeatsThatAreNotThereAreLetGo() {
    World world = new Stage().world(1);
    World plain = new Stage().world(1);
    world.step(List.of(new Command(9, new Input.Steer(1, 0))));
    plain.step(List.of());
    assertThat(world.hash()).isEqualTo(plain.hash());
  }

  @Test
  void somebodyBehindIsNotNoticedAtADistance() {
    World world = new Stage().unit("w", "wreckers", "wrecker", 64, 100).world(3);
    Stage.steps(world, 400);
    assertThat(world.causes().from(0)).noneMatch(it -> it.kind() == Causes.Kind.NOTICED);
  }

  @Test
  void unitsDoNotStandInOneAnother() {
    Stage stage = new Stage();
    for (int i = 0; i < 6; i++) {
      stage.unit("u" + i, "townsfolk", "townsman", 30, 30);
    }
    World world = stage.after(100);
    for (int one = 1; one <= 6; one++) {
      for (int other = one + 1; other <= 6; other++) {
        double dx = world.read().x(one) - world.read().x(other);
        double dy = world.read().y(one) - world.read().y(other);
        assertThat(Math.sqrt(dx * dx + dy * dy)).isGreaterThan(0.6);
      }
    }
  }
}
