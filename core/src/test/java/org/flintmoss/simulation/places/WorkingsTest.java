package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What zones do to those inside. */
class WorkingsTest {
  static String harms(double amount, double every, String flow, String spread, String sort) {
    return "{'type':'harms','amount':%s,'every':%s,'flow':'%s','spread':'%s','sort':'%s'}"
        .formatted(amount, every, flow, spread, sort);
  }

  private static double health(World world, String unit) {
    return Inside.of(world).vitals.health(Stage.number(world, unit));
  }

  private static void stand(World world, String unit, double x, double y) {
    Inside.of(world).body.stand(Stage.number(world, unit), x, y);
  }

  @Test
  void harmComesOnceOnEnteringAndThenAtItsIntervalForEachFromTheirOwn() {
    Stage stage = new Stage().zone("z", 60, 60, 4).start("q", 20, 20);
    World world = stage.does("z", "a", harms(5, 1, "atOnce", "even", "bare")).world(1);
    double full = health(world, "p");
    stand(world, "p", 60, 60);
    Stage.steps(world, 1);
    assertThat(health(world, "p")).as("it is inside from now on").isEqualTo(full);
    Stage.steps(world, 1);
    assertThat(health(world, "p")).isEqualTo(full - 5);
    stand(world, "q", 61, 60);
    Stage.steps(world, 2);
    assertThat(health(world, "q")).isEqualTo(full - 5);
    Stage.steps(world, 17);
    assertThat(health(world, "p")).isEqualTo(full - 5);
    Stage.steps(world, 1);
    assertThat(health(world, "p")).isEqualTo(full - 10);
    assertThat(health(world, "q")).isEqualTo(full - 5);
    Stage.steps(world, 2);
    assertThat(health(world, "q")).isEqualTo(full - 10);
    stand(world, "p", 20, 60);
    Stage.steps(world, 2);
    assertThat(health(world, "p"))
        .as("in the step in which it leaves it is inside")
        .isEqualTo(full - 10);
    Stage.steps(world, 60);
    assertThat(health(world, "p")).isEqualTo(full - 10);
  }

  @Test
  void nestedZonesAddUpAndGrowTowardTheMiddle() {
    Stage stage = new Stage().zone("wide", 60, 60, 10).zone("near", 60, 60, 4);
    stage.does("wide", "a", harms(4, 1, "atOnce", "middle", "bare"));
    stage.does("near", "a", harms(2, 1, "atOnce", "even", "bare"));
    World world = stage.world(1);
    double full = health(world, "p");
    stand(world, "p", 62.5, 60);
    Stage.steps(world, 2);
    assertThat(health(world, "p")).isCloseTo(full - 2 - 4 * 0.75, within(1e-9));
    stand(world, "p", 69.5, 60);
    Stage.steps(world, 21);
    assertThat(health(world, "p")).isCloseTo(full - 5 - 4 * 0.05, within(1e-9));
  }

  @Test
  void littleByLittleComesToTheSameInTheTimeOfATurn() {
    World world =
        new Stage()
            .zone("z", 60, 60, 4)
            .does("z", "a", harms(8, 2, "evenly", "even", "bare"))
            .world(1);
    double full = health(world, "p");
    stand(world, "p", 60, 60);
    Stage.steps(world, 1 + 10);
    assertThat(health(world, "p")).isCloseTo(full - 2, within(1e-9));
    Stage.steps(world, 30);
    assertThat(health(world, "p")).isCloseTo(full - 8, within(1e-9));
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.ZONE_ACTS))
        .as("each turn is one entry")
        .hasSize(1);
  }

  @Test
  void armourKeepsItsShareOff() {
    Stage stage = new Stage().zone("z", 60, 60, 4).put("/kinds/keeper/armour/fire", "0.4");
    stage.does("z", "a", harms(10, 60, "atOnce", "even", "fire"));
    stage.does("z", "b", harms(10, 60, "atOnce", "even", "shot"));
    World world = stage.world(1);
    double full = health(world, "p");
    stand(world, "p", 60, 60);
    Stage.steps(world, 2);
    assertThat(health(world, "p")).isCloseTo(full - 6 - 10, within(1e-9));
  }

  @Test
  void itIsDoneToWhomItNamesAlone() {
    Stage stage = new Stage().zone("z", 60, 60, 4).unit("w", "wreckers", "wrecker", 61, 60);
    stage.does("z", "a", harms(5, 60, "atOnce", "even", "bare"));
    stage.put("/zones/z/does/a/hands", "'players'");
    World world = stage.world(1);
    double whole = health(world, "w");
    double full = health(world, "p");
    stand(world, "p", 59, 60);
    Stage.steps(world, 3);
    assertThat(health(world, "w")).isEqualTo(whole);
    assertThat(health(world, "p")).isEqualTo(full - 5);
  }

  @Test
  void aPartOfWhatAZoneDoesRestsByItselfAndIsAskedForByItself() {
    Stage stage = new Stage().zone("z", 60, 60, 4);
    stage.does("z", "a", harms(1, 0.5, "atOnce", "even", "bare"));
    stage.does("z", "b", "{'type':'checkpoint','whose':'own'}");
    String let = "{'type':'letAct','zone':%s,'acts':'%s','part':'%s'}";
    stage.event("rest", Stage.elapsed(1), let.formatted(ref("zones", "z"), "rests", "harm"));
    stage.event("again", Stage.elapsed(2), let.formatted(ref("zones", "z"), "acts", "all"));
    for (String part : List.of("all", "harm", "checkpoint")) {
      String acts = "{'type':'zoneActs','zone':%s,'part':'%s'}".formatted(ref("zones", "z"), part);
      stage.event("not" + part, Stage.all("{'type':'not','of':%s}".formatted(acts)));
    }
    World world = stage.world(1);
    stand(world, "p", 60, 60);
    Stage.steps(world, 20);
    double before = health(world, "p");
    Stage.steps(world, 20);
    assertThat(health(world, "p")).as("its harm rests").isEqualTo(before);
    Stage.steps(world, 20);
    assertThat(health(world, "p")).as("it harms again").isLessThan(before);
    assertThat(Stage.fired(world, "notharm")).containsExactly(20);
    assertThat(Stage.fired(world, "notall")).isEmpty();
    assertThat(Stage.fired(world, "notcheckpoint")).isEmpty();
  }

  @Test
  void itActsWhileItsConditionHoldsAndNotWhileTheScriptLetsItRest() {
    Stage stage = new Stage().zone("z", 60, 60, 4).flag("on");
    stage.does("z", "a", harms(1, 0.5, "atOnce", "even", "bare"));
    stage.put("/zones/z/does/a/when", Stage.all(Stage.flagOn("on")));
    stage.event("rise", Stage.elapsed(1), Stage.turn("on", "on"));
    stage.event(
        "rest",
        Stage.elapsed(3),
        "{'type':'letAct','zone':%s,'acts':'rests'}".formatted(ref("zones", "z")));
    World world = stage.world(1);
    double full = health(world, "p");
    stand(world, "p", 60, 60);
    Stage.steps(world, 20);
    assertThat(health(world, "p")).isEqualTo(full);
    Stage.steps(world, 1);
    assertThat(health(world, "p")).isEqualTo(full - 1);
    Stage.steps(world, 39);
    assertThat(health(world, "p")).isEqualTo(full - 4);
    Stage.steps(world, 60);
    assertThat(health(world, "p")).as("it rests").isEqualTo(full - 4);
  }

  @Test
  void whatAZoneDoesIsSomethingThatHappens() {
    Stage stage = new Stage().zone("z", 60, 60, 4);
    stage.does("z", "a", harms(1, 0.5, "atOnce", "even", "bare"));
    stage.event(
        "hurt",
        0,
        "{'type':'whenFalse'}",
        "{'type':'zoneActsOn','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'deed':'harmed','zone':%s}"
            .formatted(ref("zones", "z")));
    World world = stage.world(1);
    stand(world, "p", 60, 60);
    Stage.steps(world, 22);
    assertThat(Stage.fired(world, "hurt")).isEqualTo(List.of(2, 12, 22));
  }

  /** Zones of all sorts over each other, people who walk about in them, one of them in turns. */
  private static Stage crowded(SplittableRandom random, boolean restless) {
    Stage stage = new Stage().flag("on").put("/setting/waterLevel", "-5");
    String[] works = {
      harms(1, 0.5, "atOnce", "even", "bare"),
      harms(3, 2, "evenly", "middle", "fire"),
      "{'type':'slows','share':50}",
      "{'type':'pushes','bearing':%d,'speed':2}".formatted(random.nextInt(360)),
      "{'type':'transfers','to':%s,'facing':'kept','pace':'kept','ways':'one','rest':1}"
          .formatted(Stage.point(random.nextInt(20, 110), random.nextInt(20, 110))),
      "{'type':'checkpoint','whose':'own'}"
    };
    for (int i = 0; i < 8; i++) {
      int x = random.nextInt(20, 110);
      stage.zone("z" + i, x, random.nextInt(20, 110), random.nextInt(5, 25));
      stage.does("z" + i, "a", works[i % works.length]);
    }
    stage.put("/zones/z2/does/a/when", Stage.all(Stage.flagOn("on")));
    stage.event("goes", Stage.elapsed(2), Stage.turn("on", "on"));
    stage.event(
        "rest",
        Stage.elapsed(4),
        "{'type':'letAct','zone':%s,'acts':'rests'}".formatted(ref("zones", "z0")));
    if (restless) {
      stage.does("z1", "b", "{'type':'harmsOutside','amount':1,'every':1}");
    }
    for (int i = 0; i < 12; i++) {
      int x = random.nextInt(20, 110);
      stage.unit("u" + i, i % 2 == 0 ? "wreckers" : "townsfolk", "wrecker", x, 20 + 7 * i);
    }
    return stage;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void whoIsTakenIsTheSameWhetherLookedAtAnewOrOnlyWhereSomethingChanged(long seed) {
    World world = crowded(new SplittableRandom(seed), seed == 4).world(seed);
    for (int step = 0; step < 160; step++) {
      World anew = new World(world.plan(), seed);
      anew.load(world.save());
      anew.step(List.of());
      world.step(List.of());
      assertThat(anew.hash()).as("step %d", step).isEqualTo(world.hash());
    }
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.ZONE_ACTS);
    for (String unit : world.plan().mission().units().keySet()) {
      double x = Inside.of(world).body.x(Stage.number(world, unit));
      double y = Inside.of(world).body.y(Stage.number(world, unit));
      assertThat(x).isBetween(0.0, 128.0);
      assertThat(y).isBetween(0.0, 128.0);
    }
  }

  @Test
  void aZoneThatActsWhileItDoesNotActIsChasedNoLongerThanOthersAndPlayGoesOn() {
    String acts = "{'type':'zoneActs','zone':%s}".formatted(ref("zones", "z"));
    World world =
        new Stage()
            .zone("z", 64, 64, 9)
            .does("z", "a", "{'type':'slows','share':50}")
            .put("/zones/z/does/a/when", Stage.all("{'type':'not','of':%s}".formatted(acts)))
            .world(1);
    Stage.steps(world, 100);
    assertThat(world.read().step()).isEqualTo(100);
    assertThat(world.hash()).isEqualTo(again(world));
  }

  /** The hash of a run that was saved and loaded half way. */
  private static long again(World world) {
    World other = new World(world.plan(), 1);
    Stage.steps(other, 50);
    byte[] saved = other.save();
    World third = new World(world.plan(), 1);
    third.load(saved);
    Stage.steps(third, 50);
    return third.hash();
  }
}
