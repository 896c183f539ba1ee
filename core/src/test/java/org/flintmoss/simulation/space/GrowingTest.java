package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Fires and clouds that grow, last and are put out. */
class GrowingTest {
  /** How many squares of 1 m have their middle within 16 m of a corner that four of them share. */
  private static final double ALL = 812;

  static LongStream seeds() {
    return Seeds.of(5, 100);
  }

  private static String pace(double pace) {
    return "'pace':{'value':%s,'levels':{},'perPlayer':0}".formatted(pace);
  }

  private static Stage stage() {
    return new Stage().start("p", 10, 10);
  }

  /** A fire about 60, 60 whose squares are 1 m wide, and which grows by 1 m/s. */
  private static Stage fire(Stage stage, double lasts, boolean on) {
    return stage
        .effect("f", "fire", 60.5, 60.5, 16, on)
        .put("/effects/f/spreads", "{'type':'grows'," + pace(1) + "}")
        .put("/effects/f/lasts", String.valueOf(lasts));
  }

  private static Effects effects(World world) {
    return Inside.of(world).effects;
  }

  private static boolean at(World world, double x, double y) {
    return effects(world).at(0, x, y);
  }

  /** The steps in which effects begin, and as numbers below 0 those in which they end. */
  private static List<Integer> turns(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.EFFECT)
        .map(it -> it.detail() == 1 ? it.step() : -it.step())
        .toList();
  }

  /** What ended effects, as the log says. */
  private static List<Effects.End> ended(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.EFFECT && it.detail() == 0)
        .map(it -> Effects.End.values()[it.through()])
        .toList();
  }

  /**
   * It begins in the square whose middle is 60, 60; five squares on it is five seconds later. In
   * 4.5 s it comes to 61: 16 straight on, and 11 in each of four quarters.
   */
  @Test
  void itTakesSquareBySquareAtItsPace() {
    World world = fire(stage(), 0, true).after(90);
    assertThat(effects(world).spread(0)).isCloseTo(100 * 61 / ALL, within(1e-9));
    assertThat(at(world, 60, 60)).isTrue();
    assertThat(at(world, 64, 60)).isTrue();
    assertThat(at(world, 65, 60)).isFalse();
    Stage.steps(world, 10);
    assertThat(at(world, 65, 60)).isTrue();
    assertThat(at(world, 66, 60)).isFalse();
    assertThat(at(world, 63, 63)).as("4.2 s for three corners").isTrue();
    assertThat(at(world, 64, 64)).as("5.7 s for four corners").isFalse();
  }

  @Test
  void eachSpotBurnsOutAndOnceNoneIsLeftItEnds() {
    World world = fire(stage(), 3, true).after(100);
    assertThat(at(world, 60, 60)).isFalse();
    assertThat(at(world, 61, 60)).isFalse();
    assertThat(at(world, 63, 60)).isTrue();
    assertThat(effects(world).growing().state(0, square(61, 60))).isEqualTo(Growing.State.OVER);
    assertThat(effects(world).growing().state(0, square(70, 60))).isEqualTo(Growing.State.FREE);
    assertThat(turns(world)).isEmpty();
    Stage.steps(world, 500);
    assertThat(effects(world).on(0)).isZero();
    assertThat(turns(world)).hasSize(1).allSatisfy(end -> assertThat(-end).isBetween(400, 450));
    assertThat(effects(world).growing().taken(0)).isEqualTo(100);
  }

  private static int square(double x, double y) {
    return (int) (Math.floor(y - 44.5) * EffectTable.ACROSS + Math.floor(x - 44.5));
  }

  @Test
  void begunTwiceItBurnsOnceAndBegunAnewAsIfItNeverHad() {
    Stage stage =
        fire(stage(), 2, false)
            .event("a", Stage.elapsed(1), startEffect(), startEffect())
            .event(
                "b",
                Stage.elapsed(3),
                "{'type':'stopEffect','effect':" + Stage.ref("effects", "f") + "}")
            .event("c", Stage.elapsed(4), startEffect());
    World world = stage.after(70);
    assertThat(effects(world).on(0)).isZero();
    assertThat(at(world, 61, 60)).isFalse();
    Stage.steps(world, 12);
    assertThat(turns(world)).containsExactly(20, -60, 80);
    assertThat(at(world, 60, 60)).isTrue();
    assertThat(at(world, 61, 60)).isFalse();
  }

  private static String startEffect() {
    return "{'type':'startEffect','effect':" + Stage.ref("effects", "f") + "}";
  }

  /** The lever takes two seconds. */
  @ParameterizedTest
  @CsvSource({"endsEffect, true", "beginsEffect, false"})
  void aUseLightsItAndPutsItOut(String does, boolean on) {
    World world =
        fire(new Stage().start("p", 40, 40), 0, on)
            .lever(
                "l",
                40,
                41,
                0,
                "{'type':'%s','effect':%s}".formatted(does, Stage.ref("effects", "f")))
            .after(2);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 30);
    assertThat(effects(world).on(0)).isEqualTo(on ? 1 : 0);
    Stage.steps(world, 20);
    assertThat(effects(world).on(0)).isEqualTo(on ? 0 : 1);
  }

  /** A zone of 5 m about its middle holds it; beyond there is none, also not after a long time. */
  @Test
  void itStaysWithinItsZone() {
    World world =
        fire(stage().zone("z", 60.5, 60.5, 5), 0, true)
            .put(
                "/effects/f/spreads",
                "{'type':'growsWithin'," + pace(1) + ",'zone':" + Stage.ref("zones", "z") + "}")
            .after(600);
    assertThat(at(world, 64, 60)).isTrue();
    assertThat(at(world, 66, 60)).isFalse();
    assertThat(effects(world).on(0)).isEqualTo(1);
  }

  @Test
  void whereNothingOfItsZoneIsWithinItsRimItEndsAtOnce() {
    World world =
        fire(stage().zone("z", 20, 20, 5), 0, true)
            .put(
                "/effects/f/spreads",
                "{'type':'growsWithin'," + pace(1) + ",'zone':" + Stage.ref("zones", "z") + "}")
            .after(20);
    assertThat(turns(world)).containsExactly(-10);
  }

  @Test
  void risingWaterPutsItOutAndItDoesNotComeBack() {
    Stage stage =
        fire(stage(), 0, true)
            .event("a", Stage.elapsed(3), "{'type':'water','level':6,'time':0}")
            .event("b", Stage.elapsed(5), "{'type':'water','level':0,'time':0}");
    World world = stage.after(60);
    assertThat(at(world, 60, 60)).isTrue();
    Stage.steps(world, 12);
    assertThat(turns(world)).containsExactly(-70);
    assertThat(ended(world)).containsExactly(Effects.End.WATER);
    Stage.steps(world, 60);
    assertThat(at(world, 60, 60)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"fire, 0", "fire, 1", "smoke, 1"})
  void rainPutsOutAFireAfterTwentySecondsAndNoSmoke(String look, int grows) {
    Stage stage =
        (grows == 1 ? fire(stage(), 0, true) : stage().effect("f", look, 60.5, 60.5, 16, true))
            .put("/effects/f/look", "'" + look + "'")
            .put("/setting/weather", "'rain'");
    World world = stage.after(399);
    assertThat(effects(world).on(0)).isEqualTo(1);
    Stage.steps(world, 1);
    assertThat(effects(world).on(0)).isEqualTo(look.equals("fire") ? 0 : 1);
    assertThat(ended(world)).allMatch(it -> it == Effects.End.RAIN);
  }

  @Test
  void underARoofRainPutsNothingOut() {
    World world =
        fire(stage(), 0, true)
            .deck("roof", 9, 0, 0, 56, 56, 66, 56, 66, 66, 56, 66)
            .put("/setting/weather", "'rain'")
            .after(500);
    assertThat(effects(world).on(0)).isEqualTo(1);
    assertThat(at(world, 70, 60)).isTrue();
  }

  @Test
  void whatIsAllThereAtOnceEndsAfterItsTime() {
    World world =
        stage().effect("f", "smoke", 60, 60, 4, true).put("/effects/f/lasts", "2").after(39);
    assertThat(effects(world).on(0)).isEqualTo(1);
    Stage.steps(world, 1);
    assertThat(turns(world)).containsExactly(-40);
    assertThat(ended(world)).containsExactly(Effects.End.LASTED);
  }

  /** Through 4 m of smoke and no more somebody sees; in growing smoke as far as it has come. */
  @Test
  void growingSmokeHidesMoreAndMore() {
    World world = fire(stage(), 0, true).put("/effects/f/look", "'smoke'").after(20);
    assertThat(effects(world).clear(40, 60, 80, 60)).isTrue();
    Stage.steps(world, 40);
    assertThat(effects(world).clear(40, 60, 80, 60)).isFalse();
    assertThat(effects(world).clear(40, 70, 80, 70)).isTrue();
    assertThat(effects(world).growing().within(0, 40, 60, 80, 60)).isCloseTo(7, within(0.6));
  }

  /** At 8 m beyond its farthest flames nothing is lit any more. */
  @Test
  void aFireLightsFurtherAsItGrows() {
    World world = fire(stage(), 0, true).after(2);
    assertThat(effects(world).light(0, 70, 60.5)).isZero();
    Stage.steps(world, 100);
    double reach = 5.5 + 1 + Effects.GLOW;
    assertThat(effects(world).light(0, 70, 60.5)).isCloseTo(1 - 9.5 / reach, within(0.04));
  }

  @Test
  void beyondSixtyFourTheyAreAllThereAtOnce() {
    Stage stage = stage();
    for (int i = 0; i <= EffectTable.MOST_GROWING; i++) {
      stage
          .effect("f%02d".formatted(i), "fire", 60, 60, 16, true)
          .put("/effects/f%02d/spreads".formatted(i), "{'type':'grows'," + pace(0.1) + "}");
    }
    World world = stage.after(1);
    assertThat(effects(world).at(63, 70, 60)).isFalse();
    assertThat(effects(world).at(64, 70, 60)).isTrue();
  }

  /** A run that is saved and loaded goes on as one that was not. */
  @ParameterizedTest
  @MethodSource("seeds")
  void aSavedRunGoesOnAlike(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage =
        stage()
            .put("/setting/weather", random.nextBoolean() ? "'rain'" : "'clear'")
            .put("/setting/wind", "{'speed':%s,'from':200}".formatted(random.nextDouble(20)));
    for (int i = 0; i < 6; i++) {
      stage
          .unit("u" + i, "keepers", "keeper", random.nextDouble(40, 80), random.nextDouble(40, 80))
          .effect(
              "f" + i,
              random.nextBoolean() ? "fire" : "smoke",
              random.nextDouble(40, 80),
              random.nextDouble(40, 80),
              random.nextDouble(1, 30),
              random.nextBoolean())
          .put("/effects/f" + i + "/lasts", String.valueOf(random.nextInt(12)))
          .put("/effects/f" + i + "/harm", String.valueOf(random.nextInt(4)));
      if (random.nextBoolean()) {
        stage.put(
            "/effects/f" + i + "/spreads",
            "{'type':'grows'," + pace(random.nextDouble(0.05, 9)) + "}");
      }
    }
    stage.event("e", Stage.elapsed(6), "{'type':'water','level':4,'time':9}");
    World straight = stage.after(500);
    World saved = stage.after(111);
    World other = stage.world(1);
    other.load(saved.save());
    Stage.steps(other, 389);
    assertThat(other.hash()).isEqualTo(straight.hash());
  }
}
