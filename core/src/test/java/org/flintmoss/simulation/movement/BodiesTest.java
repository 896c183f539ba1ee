package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whom bodies push, meet, help, strike and are stopped by. */
class BodiesTest {
  private static final String FLYER = "{'type':'flyer','low':8,'high':60,'climb':4,'hovers':true}";

  private static Stage peaceful() {
    return new Stage().put("/stances", "{}");
  }

  private static String along(String route) {
    return "{'type':'along','route':" + ref("routes", route) + "}";
  }

  private static String one(String unit) {
    return "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}}"
        .formatted(ref("units", unit));
  }

  @ParameterizedTest
  @ValueSource(doubles = {64, 64.2, 63.7})
  void aPlayerWhoStandsStillIsNotShovedAndIsGoneRound(double y) {
    Stage stage = peaceful().route("r", "once", "90 64 'walk' 'goesOn'");
    for (String id : List.of("a", "b", "q")) {
      stage.unit(id, "wrecker", 40 + 2 * id.charAt(0) % 7, y, along("r"));
    }
    World world = stage.world(1);
    for (int step = 0; step < 1000; step++) {
      Stage.steps(world, 1);
      assertThat(far(world, "p", 64, 64)).as("at %d", step).isZero();
    }
    for (String id : List.of("a", "b", "q")) {
      assertThat(far(world, id, 90, 64)).as(id).isLessThan(4);
    }
  }

  @Test
  void whoFliesTouchesNobodyOnTheGround() {
    World plain = passes(peaceful()).after(1);
    World under =
        passes(peaceful())
            .put("/kinds/hound/moves", FLYER)
            .unit("gull", "hound", 60, 64, "{'type':'stay'}")
            .after(1);
    for (int step = 0; step < 500; step++) {
      Stage.steps(plain, 1);
      Stage.steps(under, 1);
      int walker = number(under, "w");
      assertThat(under.read().x(walker)).isEqualTo(plain.read().x(number(plain, "w")));
      assertThat(under.read().y(walker)).isEqualTo(plain.read().y(number(plain, "w")));
    }
  }

  private static Stage passes(Stage stage) {
    return stage
        .put("/starts/p/position", "{'x':10,'y':10}")
        .route("r", "once", "80 64 'walk' 'goesOn'")
        .unit("w", "wrecker", 50, 64, along("r"));
  }

  @Test
  void whoFliesGoesAsHighAsTheirWaypointsHaveIt() {
    World world =
        peaceful()
            .put("/kinds/hound/moves", FLYER)
            .route("r", "once", "90 64 'walk' 'goesOn'", "90 100 'walk' 'goesOn'")
            .put("/routes/r/waypoints/w0/height", "{'type':'at','height':30}")
            .put("/routes/r/waypoints/w1/height", "{'type':'at','height':3}")
            .unit("gull", "hound", 40, 64, along("r"))
            .world(1);
    int gull = number(world, "gull");
    double highest = 0;
    for (int step = 0; step < 1200; step++) {
      Stage.steps(world, 1);
      highest = Math.max(highest, Inside.of(world).space.above(gull));
    }
    assertThat(highest).isCloseTo(30, within(0.1));
    assertThat(far(world, "gull", 90, 100)).isLessThan(3);
    assertThat(Inside.of(world).space.above(gull)).isCloseTo(3, within(0.1));
  }

  @Test
  void whoTurnsSlowlyIsSteeredWhereverTheirPlayerAims() {
    Stage stage = peaceful().put("/kinds/keeper/turn", "30");
    World world = stage.world(1);
    world.step(List.of(new Command(0, new Input.Aim(180))));
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 200);
    assertThat(world.read().x(0)).isGreaterThan(80);
    assertThat(world.read().facing(0)).isCloseTo(90, within(1.0));
  }

  @ParameterizedTest
  @CsvSource({"closed, true", "open, false"})
  void aClimbIsOfferedOverAGateOnlyWhileItIsShut(String stands, boolean offered) {
    World world =
        peaceful()
            .gate("g", stands, 62, 65, 66, 65)
            .put("/gates/g/height", "1")
            .wall("left", 40, 65, 62, 65)
            .wall("right", 66, 65, 90, 65)
            .put("/starts/p/position", "{'x':64,'y':64.3}")
            .put("/starts/p/facing", "0")
            .after(5);
    assertThat(Inside.of(world).space.ahead(number(world, "p")) != null).isEqualTo(offered);
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void friendsHelpOnlyWhomTheyCanGetTo(boolean shut) {
    Stage stage =
        peaceful()
            .put("/starts/p/position", "{'x':10,'y':10}")
            .put("/kinds/wrecker/bleeds", "60")
            .unit("down", "wreckers", "wrecker", 64, 64)
            .unit("friend", "wreckers", "wrecker", 64, 76);
    if (shut) {
      stage.wall("pen", 60, 60, 68, 60, 68, 68, 60, 68, 60, 60);
    }
    World world =
        stage
            .event(
                "hurt",
                elapsed(1),
                "{'type':'harm','who':%s,'amount':%s}".formatted(one("down"), value(999)))
            .after(600);
    assertThat(world.read().up(number(world, "down"))).isEqualTo(!shut);
    if (shut) {
      assertThat(far(world, "friend", 64, 76)).isLessThan(0.5);
    }
  }

  @Test
  void whoIsUnarmedGoesForNobody() {
    World world =
        new Stage()
            .unit("t", "wreckers", "townsman", 64, 80)
            .put("/units/t/facing", "180")
            .after(400);
    assertThat(world.read().alertness(number(world, "t"))).isEqualTo(Alertness.ALARMED);
    assertThat(far(world, "t", 64, 80)).isLessThan(0.1);
  }

  @Test
  void aPlayerStrikesWhoIsNeutralUnlessAnEnemyStandsThere() {
    Stage alone = neutral();
    World world = alone.after(2);
    world.step(List.of(new Command(0, new Input.Attack(2))));
    Stage.steps(world, 100);
    assertThat(world.read().health(number(world, "t"))).isLessThan(full(world, "t"));
    World both =
        neutral()
            .put(
                "/stances/h",
                "{'one':%s,'other':%s,'attitude':'hostile'}"
                    .formatted(ref("sides", "keepers"), ref("sides", "wreckers")))
            .unit("w", "wreckers", "wrecker", 64.6, 65.4)
            .after(2);
    both.step(List.of(new Command(0, new Input.Attack(2))));
    Stage.steps(both, 60);
    assertThat(both.read().health(number(both, "t"))).isEqualTo(full(both, "t"));
    assertThat(both.read().health(number(both, "w"))).isLessThan(full(both, "w"));
  }

  private static Stage neutral() {
    return peaceful().put("/starts/p/facing", "0").unit("t", "townsfolk", "townsman", 64, 65.2);
  }

  private static double full(World world, String id) {
    return world.plan().kind(number(world, id)).health();
  }

  @Test
  void whoIsNeutralHearsWhatNoFriendMakes() {
    World world = neutral().put("/units/t/position", "{'x':64,'y':70}").world(1);
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 40);
    assertThat(world.causes().from(0))
        .anyMatch(it -> it.kind() == Causes.Kind.HEARD && it.subject() == number(world, "t"));
  }

  /** A wrecker in a pen with a gate that can be seen through, and a player who is to be seen. */
  private static Stage shutIn() {
    return new Stage()
        .put("/starts/p/position", "{'x':64,'y':40}")
        .wall("pen", 62, 60, 54, 60, 54, 76, 74, 76, 74, 60, 66, 60)
        .gate("g", "closed", 62, 60, 66, 60)
        .put("/gates/g/stops/sight", "false")
        .unit("w", "wreckers", "wrecker", 64, 72)
        .put("/units/w/facing", "180")
        .event(
            "opens",
            elapsed(120),
            "{'type':'setGate','gate':" + ref("gates", "g") + ",'state':'open'}");
  }

  @Test
  void whoIsAfterSomebodyAndShutInWaitsAlarmedAtTheGateAndGoesWhenItOpens() {
    World world = shutIn().after(600);
    int w = number(world, "w");
    assertThat(world.read().alertness(w)).isEqualTo(Alertness.ALARMED);
    for (int step = 600; step < 2400; step++) {
      assertThat(world.read().alertness(w)).isEqualTo(Alertness.ALARMED);
      assertThat(far(world, "w", 64, 61)).as("at %d", step).isLessThan(2);
      Stage.steps(world, 1);
    }
    Stage.steps(world, 400);
    assertThat(world.causes().from(0))
        .anyMatch(it -> it.kind() == Causes.Kind.HIT && it.subject() == w && it.step() > 2400);
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void thatThereIsNoWayIsLoggedOnceHoweverItIsAskedFor(boolean player) {
    Stage stage =
        peaceful()
            .wall("pen", 80, 80, 90, 80, 90, 110, 60, 110, 60, 80, 80, 80)
            .unit("w", "wreckers", "wrecker", 40, 40);
    if (!player) {
      stage.event(
          "go",
          elapsed(1),
          "{'type':'send','who':%s,'place':%s}".formatted(one("w"), Stage.point(75, 97)));
    }
    World world = stage.world(1);
    world.step(player ? List.of(new Command(0, new Input.Go(75, 97))) : List.of());
    Stage.steps(world, 200);
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.NO_WAY))
        .hasSize(1);
  }
}
