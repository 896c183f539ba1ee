package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Things that slide, fall, float, are pushed and are in each other's way. */
class LooseThingsTest {
  private static int thing(World world, String id) {
    return world.plan().actors().thing(new Ref(Family.PROPS, id));
  }

  private static double x(World world, String id) {
    return world.read().thingX(thing(world, id));
  }

  private static double y(World world, String id) {
    return world.read().thingY(thing(world, id));
  }

  private static double foot(World world, String id) {
    return world.read().thingFoot(thing(world, id));
  }

  private static void steer(World world, double east, double north) {
    Stage.steps(world, 1);
    world.step(List.of(new Command(0, new Input.Steer(east, north))));
  }

  @Test
  void aThingThatStandsOnAnotherStaysThereAndFallsWhenThatGoes() {
    World world =
        new Stage()
            .breakable(
                "box", 10, "{'type':'nothing'}", "'noise':0,'effect':{'type':'nothing'},'drops':{}")
            .prop("under", "box", 60, 60, 0)
            .prop("over", "box", 60.2, 60, 0)
            .atop("props/over", "props/under")
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'breakThing','thing':%s}".formatted(Stage.ref("props", "under")))
            .world(1);
    double ground = world.plan().ground().heightAt(60.2, 60);
    assertThat(foot(world, "over")).isCloseTo(ground + 1, within(1e-9));
    Stage.steps(world, 20);
    assertThat(foot(world, "over")).as("stands on it").isCloseTo(ground + 1, within(1e-9));
    Stage.steps(world, 2);
    assertThat(foot(world, "over")).as("begins to fall").isLessThan(ground + 1);
    Stage.steps(world, 20);
    assertThat(foot(world, "over")).isCloseTo(ground, within(1e-9));
    assertThat(x(world, "over")).isEqualTo(60.2);
  }

  private static World pusher(double mass) {
    return new Stage()
        .start("p", 56, 60)
        .put("/kinds/keeper/pushes", "120")
        .loose("barrel", 0.4, 1, mass)
        .prop("c", "barrel", 60, 60, 0)
        .world(1);
  }

  @Test
  void whoWalksIntoALightThingPushesItWithThePaceThatItsMassLeaves() {
    World world = pusher(60);
    World free = new Stage().start("p", 56, 60).world(1);
    steer(world, 1, 0);
    steer(free, 1, 0);
    Stage.steps(world, 80);
    Stage.steps(free, 80);
    double from = x(world, "c");
    double fromFree = free.read().x(0);
    Stage.steps(world, 20);
    Stage.steps(free, 20);
    double pace = free.read().x(0) - fromFree;
    assertThat(x(world, "c") - from).isCloseTo(pace / 2, within(1e-6));
    steer(world, 0, 0);
    Stage.steps(world, 1);
    double stops = x(world, "c");
    Stage.steps(world, 20);
    assertThat(x(world, "c")).as("it stops with who pushes it").isEqualTo(stops);
  }

  @Test
  void whatIsTooHeavyStaysAndHoldsUpWhoWalksIntoIt() {
    World world = pusher(121);
    steer(world, 1, 0);
    Stage.steps(world, 100);
    assertThat(x(world, "c")).isEqualTo(60);
    assertThat(world.read().x(world.plan().seat(0))).isCloseTo(59.2, within(0.05));
  }

  @Test
  void aRowIsPushedAsLongAsItWeighsLittleEnoughInAll() {
    Stage stage =
        new Stage()
            .start("p", 56, 60)
            .put("/kinds/keeper/pushes", "120")
            .loose("barrel", 0.4, 1, 30)
            .prop("a", "barrel", 60, 60, 0)
            .prop("b", "barrel", 60.8, 60, 0)
            .prop("c", "barrel", 61.6, 60, 0);
    World three = stage.world(1);
    steer(three, 1, 0);
    Stage.steps(three, 100);
    assertThat(x(three, "c")).isGreaterThan(63);
    assertThat(x(three, "b")).isLessThanOrEqualTo(x(three, "c") - 0.8 + 1e-5);
    World five = stage.prop("d", "barrel", 62.4, 60, 0).prop("e", "barrel", 63.2, 60, 0).world(1);
    steer(five, 1, 0);
    Stage.steps(five, 100);
    assertThat(x(five, "a")).isCloseTo(60, within(0.01));
  }

  @Test
  void tenInARowStandStill() {
    Stage stage = new Stage().loose("barrel", 0.4, 1, 30);
    for (int i = 0; i < 10; i++) {
      stage.prop("b" + i, "barrel", 40 + i * 0.8, 60, 0);
    }
    World world = stage.world(1);
    Stage.steps(world, 100);
    for (int i = 0; i < 10; i++) {
      assertThat(x(world, "b" + i)).isEqualTo(40 + i * 0.8);
      assertThat(y(world, "b" + i)).isEqualTo(60);
      assertThat(Inside.of(world).movement.things().awake(i)).isFalse();
    }
  }

  @Test
  void aThingSlidesOnASlopeThatIsSteeperThanItGrips() {
    assertThat(slid(28)).isZero();
    // From rest for 1 s: half of g (sin 35 - tan 30 cos 35), along the slope, seen from above.
    double pull =
        Math.sin(Math.toRadians(35)) - Math.tan(Math.toRadians(30)) * Math.cos(Math.toRadians(35));
    assertThat(slid(35)).isCloseTo(9.81 / 2 * pull * Math.cos(Math.toRadians(35)), within(0.03));
  }

  private static double slid(double degrees) {
    World world =
        new Stage()
            .loose("barrel", 0.4, 1, 30)
            .deck("d", 20, degrees, 90, 40, 40, 80, 40, 80, 80, 40, 80)
            .prop("b", "barrel", 60, 60, 0)
            .level("props/b", "d")
            .world(1);
    Stage.steps(world, 20);
    assertThat(y(world, "b")).isEqualTo(60);
    return Math.abs(x(world, "b") - 60);
  }

  private static Stage inWater(double mass, double depth) {
    return new Stage()
        .put("/setting/waterLevel", String.valueOf(depth))
        .loose("barrel", 0.5, 1, mass)
        .prop("b", "barrel", 60, 60, 0);
  }

  @Test
  void aThingFloatsAsDeepAsItDisplacesItsMass() {
    double area = Math.PI * 0.5 * 0.5;
    World world = inWater(400, 12).world(1);
    double ground = world.plan().ground().heightAt(60, 60);
    assertThat(ground).isLessThan(11);
    Stage.steps(world, 400);
    assertThat(foot(world, "b")).isCloseTo(12 - 400 / (1025 * area), within(1e-9));
    World heavy = inWater(820, 12).world(1);
    Stage.steps(heavy, 400);
    assertThat(foot(heavy, "b")).as("heavier than the water").isCloseTo(ground, within(1e-9));
    World shallow = inWater(400, ground + 0.4).world(1);
    Stage.steps(shallow, 400);
    assertThat(foot(shallow, "b")).as("aground").isCloseTo(ground, within(1e-9));
  }

  @Test
  void whatFloatsDriftsWithTheWindAndWhatStandsDoesNot() {
    String wind = "{'from':270,'speed':10}";
    World world = inWater(400, 12).put("/setting/wind", wind).world(1);
    Stage.steps(world, 400);
    double from = x(world, "b");
    Stage.steps(world, 20);
    assertThat(x(world, "b") - from).isCloseTo(0.3, within(1e-6));
    World ashore = inWater(400, -5).put("/setting/wind", wind).world(1);
    Stage.steps(ashore, 100);
    assertThat(x(ashore, "b")).isEqualTo(60);
  }

  /** A belt toward the east with a number of barrels on it, and a wall at its end. */
  private static Stage belt(int barrels) {
    Stage stage =
        new Stage()
            .zone("belt", 60, 60, 15)
            .does("belt", "a", "{'type':'pushes','bearing':90,'speed':1}")
            .wall("w", 70, 50, 70, 70)
            .loose("barrel", 0.4, 1, 30);
    for (int i = 0; i < barrels; i++) {
      stage.prop("b" + i, "barrel", 50 + i, 60, 0);
    }
    return stage;
  }

  @Test
  void aZoneCarriesAThingAlongAtItsSpeed() {
    World world = belt(1).world(1);
    Stage.steps(world, 20);
    double from = x(world, "b0");
    Stage.steps(world, 20);
    assertThat(x(world, "b0") - from).isCloseTo(1, within(1e-6));
  }

  @Test
  void thoseThatQueueStandStillOneBehindTheOther() {
    World world = belt(10).world(1);
    Stage.steps(world, 400);
    double[] xs = new double[10];
    for (int i = 0; i < 10; i++) {
      xs[i] = x(world, "b" + i);
      assertThat(y(world, "b" + i)).isEqualTo(60);
    }
    assertThat(xs[9]).isCloseTo(70 - 0.1 - 0.4, within(1e-6));
    for (int i = 1; i < 10; i++) {
      assertThat(xs[i] - xs[i - 1]).isCloseTo(0.8, within(1e-5));
    }
    Stage.steps(world, 100);
    for (int i = 0; i < 10; i++) {
      assertThat(x(world, "b" + i)).as("without shaking").isCloseTo(xs[i], within(1e-5));
    }
  }

  @Test
  void aPushOfPeopleLeavesThingsAndOneOfThingsLeavesPeople() {
    for (String what : List.of("people", "things")) {
      World world =
          new Stage()
              .start("p", 60, 64)
              .zone("belt", 60, 60, 10)
              .does(
                  "belt",
                  "a",
                  "{'type':'pushes','what':'%s','bearing':90,'speed':1}".formatted(what))
              .loose("barrel", 0.4, 1, 30)
              .prop("b", "barrel", 60, 60, 0)
              .world(1);
      Stage.steps(world, 40);
      assertThat(x(world, "b") > 61).isEqualTo(what.equals("things"));
      assertThat(world.read().x(0) > 61).isEqualTo(what.equals("people"));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void onRandomBeltsNothingIsLostOrLeavesTheGroundOrLiesInAnother(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    for (int zone = 0; zone < 12; zone++) {
      stage
          .zone(
              "z" + zone,
              random.nextDouble(10, 118),
              random.nextDouble(10, 118),
              random.nextDouble(5, 25))
          .does(
              "z" + zone,
              "a",
              "{'type':'pushes','bearing':%d,'speed':%s}"
                  .formatted(random.nextInt(360), random.nextDouble(0.2, 3)));
    }
    for (int wall = 0; wall < 4; wall++) {
      stage.wall(
          "w" + wall,
          random.nextDouble(128),
          random.nextDouble(128),
          random.nextDouble(128),
          random.nextDouble(128));
    }
    stage.loose("barrel", 0.4, 1, 30).loose("tub", 0.9, 0.6, 60);
    int many = 60;
    for (int i = 0; i < many; i++) {
      stage.prop(
          "b" + i,
          random.nextBoolean() ? "barrel" : "tub",
          12 + i % 10 * 9 + random.nextDouble(),
          20 + i / 10 * 12,
          0);
    }
    World world = stage.world(seed);
    Stage.steps(world, 300);
    World again = stage.world(seed);
    again.load(world.save());
    for (int step = 0; step < 100; step++) {
      double[] before = places(world, many);
      Stage.steps(world, 1);
      Stage.steps(again, 1);
      assertThat(again.hash()).as("taken up again, step %d", step).isEqualTo(world.hash());
      double[] after = places(world, many);
      for (int i = 0; i < many; i++) {
        double gone =
            Math.hypot(after[2 * i] - before[2 * i], after[2 * i + 1] - before[2 * i + 1]);
        assertThat(gone).as("nothing gains speed").isLessThan(20 * 0.05);
        assertThat(after[2 * i]).isBetween(0.0, 128.0);
        assertThat(after[2 * i + 1]).isBetween(0.0, 128.0);
      }
    }
    for (int i = 0; i < many; i++) {
      for (int j = 0; j < i; j++) {
        assertThat(overlap(world, "b" + i, "b" + j)).isLessThan(0.01);
      }
    }
  }

  private static double[] places(World world, int many) {
    double[] places = new double[2 * many];
    for (int i = 0; i < many; i++) {
      places[2 * i] = x(world, "b" + i);
      places[2 * i + 1] = y(world, "b" + i);
    }
    return places;
  }

  private static double overlap(World world, String one, String other) {
    double far = Math.hypot(x(world, one) - x(world, other), y(world, one) - y(world, other));
    double apart =
        world.plan().movables().radius(movable(world, one))
            + world.plan().movables().radius(movable(world, other));
    double height = world.plan().things().appearances(thing(world, one)).getFirst().height();
    boolean above = Math.abs(foot(world, one) - foot(world, other)) >= Math.min(height, 0.55);
    return above ? 0 : apart - far;
  }

  private static int movable(World world, String id) {
    return world.plan().movables().movable(thing(world, id));
  }

  @Test
  void waysGoRoundWhatSleepsInADoorwayAndThroughItWhenItIsGone() {
    Stage stage =
        new Stage()
            .wall("w1", 0, 60, 59, 60)
            .wall("w2", 61, 60, 128, 60)
            .unit("u", "wreckers", "wrecker", 60, 50)
            .loose("block", 0.9, 1, 5000)
            .prop("b", "block", 60, 60, 0);
    World world = stage.world(1);
    Stage.steps(world, 30);
    assertThat(world.read().canWalk(Stage.number(world, "u"), 60, 70)).isFalse();
    World moved =
        stage
            .zone("belt", 60, 60, 4)
            .does("belt", "a", "{'type':'pushes','bearing':0,'speed':2}")
            .world(1);
    Stage.steps(moved, 60);
    assertThat(y(moved, "b")).isGreaterThan(62.5);
    assertThat(moved.read().canWalk(Stage.number(moved, "u"), 60, 70)).isTrue();
  }

  @Test
  void aThingHidesAndCoversWhereItLiesNow() {
    World world =
        new Stage()
            .start("p", 60, 50)
            .unit("w", "wreckers", "wrecker", 60, 70)
            .loose("stack", 1, 3, 900)
            .prop("b", "stack", 60, 60, 0)
            .zone("belt", 60, 60, 5)
            .does("belt", "a", "{'type':'pushes','bearing':90,'speed':2}")
            .world(1);
    int player = Stage.number(world, "p");
    int other = Stage.number(world, "w");
    assertThat(Inside.of(world).space.sees(player, other)).isFalse();
    Stage.steps(world, 40);
    assertThat(Inside.of(world).space.sees(player, other)).isTrue();
  }
}
