package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.api.Test;

/** What units and squads do while nothing else is the matter. */
class OrderExecutionTest {
  private static final String ALONG =
      "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r"));
  private static final String WALK = " 'walk' 'goesOn'";

  private static Stage scene() {
    return new Stage().put("/starts/p/position", "{'x':120,'y':120}");
  }

  private static double walk(World world) {
    return world.plan().kind(Stage.number(world, "u")).walk();
  }

  private static int steps(double metres, double speed) {
    return (int) Math.ceil(metres / speed * Plan.STEPS_PER_SECOND);
  }

  @Test
  void aRouteIsWalkedToItsEndAndThereOneStays() {
    World world =
        scene()
            .unit("u", "keeper", 20, 20, ALONG)
            .route("r", "once", "40 20" + WALK, "40 40" + WALK)
            .world(1);
    int unit = Stage.number(world, "u");
    while (Inside.of(world).progress.leg(unit) == 0 && world.read().step() < 1000) {
      Stage.steps(world, 1);
    }
    assertThat(far(world, "u", 40, 20)).isLessThan(2);
    assertThat(world.read().step()).isGreaterThan(steps(18, walk(world)));
    Stage.steps(world, 1000);
    assertThat(far(world, "u", 40, 40)).isLessThan(2);
  }

  @Test
  void whoFacesAPlaceStaysTurnedToItAlsoWhereItMoves() {
    String mover = "{'type':'unit','unit':" + ref("units", "m") + "}";
    World world =
        scene()
            .unit("u", "keeper", 20, 20, "{'type':'faces','place':" + mover + "}")
            .unit("m", "keeper", 20, 40, ALONG)
            .route("r", "once", "20 40" + WALK, "60 20" + WALK)
            .world(1);
    int unit = Stage.number(world, "u");
    Stage.steps(world, 40);
    assertThat(world.read().facing(unit)).isCloseTo(0, within(10.0));
    Stage.steps(world, 1500);
    assertThat(far(world, "m", 60, 20)).isLessThan(2);
    assertThat(world.read().facing(unit)).isCloseTo(90, within(2.0));
    assertThat(far(world, "u", 20, 20)).isLessThan(1);
    assertThat(Inside.of(world).orders.done(unit)).isTrue();
  }

  @Test
  void aLoopComesRoundAgainAndThereAndBackTurns() {
    for (String way : new String[] {"loop", "thereAndBack"}) {
      World world =
          scene()
              .unit("u", "keeper", 20, 20, ALONG)
              .route("r", way, "20 20" + WALK, "30 20" + WALK, "30 30" + WALK)
              .world(1);
      int[] legs = new int[7];
      int seen = 0;
      for (int step = 0; step < 2000; step++) {
        Stage.steps(world, 1);
        int leg = Inside.of(world).progress.leg(Stage.number(world, "u"));
        if (leg < legs.length && leg > seen) {
          seen = leg;
          legs[leg] = (int) Math.floor(world.read().x(Stage.number(world, "u")) + 0.5);
        }
      }
      assertThat(seen).isEqualTo(6);
      int fourth = way.equals("loop") ? 20 : 30;
      assertThat(legs[4]).as(way).isCloseTo(fourth, within(2));
    }
  }

  @Test
  void aRunIsFasterThanAWalkAndASpeedIsKept() {
    Stage stage = scene().unit("u", "keeper", 20, 20, ALONG);
    World world = stage.route("r", "once", "100 20 'run' 'goesOn'").world(1);
    Stage.steps(world, 40);
    assertThat(world.read().speed(Stage.number(world, "u")))
        .isEqualTo(world.plan().kind(Stage.number(world, "u")).run() * 0.85, within(1.0));
    World slow =
        stage
            .route("r", "once", "100 20 'walk' 'goesOn'")
            .put("/routes/r/waypoints/w0/speed", "{'type':'speed','speed':0.5}")
            .world(1);
    Stage.steps(slow, 40);
    assertThat(slow.read().speed(Stage.number(slow, "u"))).isLessThanOrEqualTo(0.5);
    assertThat(slow.read().speed(Stage.number(slow, "u"))).isGreaterThan(0.3);
  }

  @Test
  void aWaitHoldsForItsSecondsAndUntilLetGoHoldsForAnEvent() {
    Stage stage =
        scene()
            .unit("u", "keeper", 20, 20, ALONG)
            .route("r", "once", "20 20 'walk' 'letGo'", "40 20" + WALK)
            .event(
                "e",
                Stage.elapsed(10),
                "0|{'type':'letGo','who':%s}".formatted(Stage.allOf("keepers")));
    World world = stage.world(1);
    Stage.steps(world, 195);
    assertThat(far(world, "u", 20, 20)).isLessThan(0.1);
    Stage.steps(world, 400);
    assertThat(far(world, "u", 40, 20)).isLessThan(2);
    World timed = stage.put("/routes/r/waypoints/w0/waits", "{'type':'for','seconds':5}").world(1);
    Stage.steps(timed, 99);
    assertThat(far(timed, "u", 20, 20)).isLessThan(0.1);
    Stage.steps(timed, 30);
    assertThat(far(timed, "u", 20, 20)).isGreaterThan(0.5);
  }

  @Test
  void aRouteThatLeadsWhereNobodyCanGoIsGoneOnWith() {
    World world =
        scene()
            .put("/setting/waterLevel", "0")
            .unit("u", "keeper", 20, 20, ALONG)
            .route("r", "once", "0 0" + WALK, "40 20" + WALK)
            .world(1);
    Stage.steps(world, 1500);
    assertThat(far(world, "u", 40, 20)).isLessThan(2);
  }

  @Test
  void aGuardStandsAtThePostAndLooksWhereItFaces() {
    String guard = "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "q"));
    World world = scene().post("q", 30, 30, 200).unit("u", "keeper", 20, 20, guard).world(1);
    Stage.steps(world, 400);
    assertThat(far(world, "u", 30, 30)).isLessThan(2);
    assertThat(world.read().facing(Stage.number(world, "u"))).isEqualTo(200, within(0.01));
  }

  @Test
  void anEscortKeepsNearWhomItEscortsAndRunsWhenLeftBehind() {
    String escort =
        "{'type':'escort','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}";
    World world = scene().unit("u", "keeper", 20, 20, escort).world(1);
    Stage.steps(world, 1200);
    assertThat(far(world, "u", 120, 120)).isLessThan(8);
  }

  @Test
  void anOrderFromAnEventTakesTheUnitThereAndAnotherReplacesIt() {
    String guard = "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "q"));
    String all = Stage.allOf("keepers");
    World world =
        scene()
            .post("q", 40, 20, 90)
            .unit("u", "keeper", 20, 20, "{'type':'stay'}")
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'order','who':%s,'order':%s}".formatted(all, guard))
            .event(
                "f",
                Stage.elapsed(60),
                "0|{'type':'order','who':%s,'order':{'type':'stay'}}".formatted(all))
            .world(1);
    Stage.steps(world, 800);
    assertThat(far(world, "u", 40, 20)).isLessThan(2);
    Stage.steps(world, 1000);
    assertThat(far(world, "u", 40, 20)).isLessThan(2);
  }

  private static Stage squad() {
    return scene()
        .unit("a", "keepers", "keeper", 20, 20)
        .unit("b", "keepers", "keeper", 18, 18)
        .unit("c", "keepers", "keeper", 16, 16)
        .joins("a", "s")
        .joins("b", "s")
        .joins("c", "s")
        .squad("s", "b", ALONG)
        .route("r", "once", "60 20" + WALK, "60 60" + WALK, "20 60" + WALK);
  }

  @Test
  void aSquadFollowsItsLeaderAlongTheRoute() {
    World world = squad().world(1);
    Stage.steps(world, 600);
    int leader = Stage.number(world, "b");
    assertThat(Inside.of(world).squads.leader(0)).isEqualTo(leader);
    double x = world.read().x(leader);
    double y = world.read().y(leader);
    assertThat(x).isGreaterThan(40);
    assertThat(far(world, "a", x, y)).isLessThan(8);
    assertThat(far(world, "c", x, y)).isLessThan(8);
  }

  @Test
  void whenTheLeaderFallsAnotherGoesOnWhereTheRouteWasLeft() {
    Stage stage =
        squad()
            .event(
                "e",
                Stage.elapsed(45),
                "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':{'type':'number','value':9999}}"
                    .formatted(Stage.ref("units", "b")));
    stage.put("/kinds/keeper/bleeds", "0");
    World world = stage.world(1);
    Stage.steps(world, 890);
    int leg = Inside.of(world).progress.leg(world.plan().units());
    assertThat(leg).isPositive();
    Stage.steps(world, 100);
    assertThat(world.read().dead(Stage.number(world, "b"))).isTrue();
    assertThat(Inside.of(world).squads.leader(0)).isEqualTo(Stage.number(world, "a"));
    assertThat(Inside.of(world).progress.leg(world.plan().units())).isGreaterThanOrEqualTo(leg);
    Stage.steps(world, 3000);
    assertThat(far(world, "a", 20, 60)).isLessThan(2);
    assertThat(far(world, "c", 20, 60)).isLessThan(8);
  }

  @Test
  void whatOneMemberSeesAllKnowAtOnce() {
    World world =
        squad()
            .unit("w", "wreckers", "wrecker", 24, 30)
            .put("/squads/s/order", "{'type':'stay'}")
            .put("/units/c/position", "{'x':20,'y':110}")
            .put("/units/c/facing", "90")
            .world(1);
    assertThat(knows(world, "c")).isTrue();
  }

  @Test
  void whatOneSquadOfABandSeesAllOfTheBandKnowAtOnce() {
    Stage stage =
        squad()
            .unit("w", "wreckers", "wrecker", 24, 30)
            .put("/squads/s/order", "{'type':'stay'}")
            .unit("far", "keepers", "keeper", 20, 110)
            .put("/units/far/facing", "90")
            .joins("far", "t")
            .squad("t", "far", "{'type':'stay'}");
    assertThat(knows(stage.world(1), "far")).isFalse();
    assertThat(knows(stage.band("band", "s", "t").world(1), "far")).isTrue();
  }

  /** Whether somebody is alarmed in the step in which the first of the squad is. */
  private static boolean knows(World world, String unit) {
    for (int step = 0; step < 400; step++) {
      Stage.steps(world, 1);
      if (world.read().alertness(Stage.number(world, "a")).ordinal() == 2) {
        return world.read().alertness(Stage.number(world, unit)).ordinal() == 2;
      }
    }
    throw new AssertionError("nobody saw anything");
  }
}
