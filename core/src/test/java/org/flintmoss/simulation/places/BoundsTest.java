package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/** Zones that push, slow, hold, bring back and clear away. */
class BoundsTest {
  private static int p(World world) {
    return Stage.number(world, "p");
  }

  private static void stand(World world, double x, double y) {
    Inside.of(world).body.stand(p(world), x, y);
  }

  private static double x(World world) {
    return Inside.of(world).body.x(p(world));
  }

  private static double y(World world) {
    return Inside.of(world).body.y(p(world));
  }

  @Test
  void aCurrentCarriesAtItsSpeedAndNestedOnesAddUpToTheMost() {
    Stage stage = new Stage().zone("z", 64, 64, 50);
    World world = stage.does("z", "a", "{'type':'pushes','bearing':90,'speed':2}").world(1);
    Stage.steps(world, 1 + 20);
    assertThat(x(world)).isCloseTo(66, within(1e-9));
    assertThat(y(world)).isCloseTo(64, within(1e-9));
    World both = stage.does("z", "b", "{'type':'pushes','bearing':0,'speed':1}").world(1);
    Stage.steps(both, 1 + 20);
    assertThat(x(both)).isCloseTo(66, within(1e-9));
    assertThat(y(both)).isCloseTo(65, within(1e-9));
    stage.does("z", "a", "{'type':'pushes','bearing':90,'speed':20}");
    World fast = stage.does("z", "b", "{'type':'pushes','bearing':90,'speed':20}").world(1);
    Stage.steps(fast, 1 + 10);
    assertThat(x(fast)).isCloseTo(74, within(1e-9));
  }

  @Test
  void aPushAlongARouteGoesRoundItsBends() {
    World world =
        new Stage()
            .route(
                "r",
                "once",
                "60 64 'walk' 'goesOn'",
                "80 64 'walk' 'goesOn'",
                "80 90 'walk' 'goesOn'")
            .zone("z", 70, 76, 40)
            .does(
                "z",
                "a",
                "{'type':'pushesAlong','route':%s,'speed':4}".formatted(ref("routes", "r")))
            .world(1);
    Stage.steps(world, 1 + 60);
    assertThat(x(world)).isBetween(75.0, 77.0);
    Stage.steps(world, 100);
    assertThat(x(world)).as("it keeps to the route behind the bend").isCloseTo(80, within(0.5));
    assertThat(y(world)).isBetween(75.0, 85.0);
  }

  @Test
  void aMarshLeavesAShareOfThePace() {
    World world =
        new Stage().zone("z", 64, 64, 50).does("z", "a", "{'type':'slows','share':25}").world(1);
    assertThat(gone(world) / gone(new Stage().world(1))).isCloseTo(0.25, within(1e-9));
  }

  /** How far a player goes in a second who has got going. */
  private static double gone(World world) {
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 20);
    double from = x(world);
    Stage.steps(world, 20);
    return x(world) - from;
  }

  @Test
  void aBoundaryTurnsBackWhoWouldLeaveAndLetsThemGoAlongIt() {
    World world = new Stage().zone("z", 64, 64, 10).does("z", "a", "{'type':'turnsBack'}").world(1);
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 100);
    assertThat(x(world)).isBetween(73.0, 74.0);
    Stage.steps(world, 100);
    assertThat(Stage.far(world, "p", 64, 64)).isLessThanOrEqualTo(10);
  }

  @Test
  void whoLeavesIsBroughtBackToTheirOwnCheckpointOrElseToTheirStart() {
    Stage stage =
        new Stage()
            .zone("field", 64, 64, 30)
            .zone("mark", 80, 64, 2)
            .does("field", "a", "{'type':'bringsBack'}")
            .does("mark", "a", "{'type':'checkpoint','whose':'own'}")
            .start("q", 60, 60);
    World world = stage.world(1);
    Stage.steps(world, 2);
    stand(world, 110, 64);
    Stage.steps(world, 2);
    assertThat(Stage.far(world, "p", 64, 64)).isLessThan(0.1);
    stand(world, 80, 64);
    Stage.steps(world, 2);
    stand(world, 110, 64);
    Stage.steps(world, 30);
    assertThat(Stage.far(world, "p", 80, 64)).isLessThanOrEqualTo(2);
    int q = Stage.number(world, "q");
    Inside.of(world).body.stand(q, 20, 20);
    Stage.steps(world, 2);
    assertThat(Stage.far(world, "q", 60, 60)).as("it is not theirs").isLessThan(1.5);
  }

  @Test
  void aCheckpointForAllIsEverybodys() {
    World world =
        new Stage()
            .zone("mark", 80, 64, 2)
            .does("mark", "a", "{'type':'checkpoint','whose':'all'}")
            .start("q", 60, 60)
            .world(1);
    stand(world, 80, 64);
    Stage.steps(world, 2);
    assertThat(Inside.of(world).spawner.checkpoint(Stage.number(world, "q"))).isZero();
  }

  @Test
  void outsideABoundaryTheOpenSeaHurtsUntilOneIsBack() {
    World world =
        new Stage()
            .zone("z", 64, 64, 10)
            .does("z", "a", "{'type':'harmsOutside','amount':3,'every':1}")
            .world(1);
    Stage.steps(world, 5);
    double full = Inside.of(world).vitals.health(p(world));
    stand(world, 90, 64);
    Stage.steps(world, 2);
    assertThat(Inside.of(world).vitals.health(p(world))).isEqualTo(full - 3);
    Stage.steps(world, 20);
    assertThat(Inside.of(world).vitals.health(p(world))).isEqualTo(full - 6);
    stand(world, 64, 64);
    Stage.steps(world, 60);
    assertThat(Inside.of(world).vitals.health(p(world))).isEqualTo(full - 6);
  }

  @Test
  void leavingEndsTheMission() {
    World world =
        new Stage()
            .put(
                "/endings/lost",
                "{'name':'Adrift','outcome':'lost','delay':0,'debriefing':'','order':'a0'}")
            .zone("z", 64, 64, 10)
            .does("z", "a", "{'type':'endsOutside','ending':%s}".formatted(ref("endings", "lost")))
            .world(1);
    Stage.steps(world, 5);
    stand(world, 90, 64);
    Stage.steps(world, 3);
    assertThat(world.over()).isTrue();
    assertThat(world.ending().name()).isEqualTo("Adrift");
  }

  @Test
  void whoIsClearedAwayIsGoneAndLeavesWhatTheyCarriedWhereAsked() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 40, 40)
            .zone("z", 40, 40, 3)
            .does("z", "a", "{'type':'clearsAway','what':'people','trace':'none'}")
            .world(1);
    Stage.steps(world, 1);
    assertThat(world.read().present(Stage.number(world, "w"))).isTrue();
    Stage.steps(world, 1);
    assertThat(world.read().present(Stage.number(world, "w"))).isFalse();
    stand(world, 40, 40);
    Stage.steps(world, 2);
    assertThat(Inside.of(world).vitals.dead(p(world))).as("a player falls").isTrue();
  }

  @Test
  void aViewIsShownWhileOneIsInsideAndGivenBackOnLeaving() {
    World world =
        new Stage()
            .put(
                "/views/v",
                "{'name':'Over the bay','order':'a0','centre':{'x':20,'y':30},'width':40,'depth':30}")
            .zone("z", 40, 40, 3)
            .does("z", "a", "{'type':'shows','view':%s}".formatted(ref("views", "v")))
            .start("q", 100, 100)
            .world(1);
    int seat = world.plan().seatOf(p(world));
    stand(world, 40, 40);
    Stage.steps(world, 1);
    assertThat(world.told().view(seat)).isEqualTo(-1);
    Stage.steps(world, 1);
    assertThat(world.told().view(seat)).isZero();
    assertThat(world.told().view(1 - seat)).as("of each their own").isEqualTo(-1);
    stand(world, 64, 64);
    Stage.steps(world, 2);
    assertThat(world.told().view(seat)).isEqualTo(-1);
  }

  @Test
  void whatAZoneDoesIsToldToWhomItIsDoneWhereItIsToBeTold() {
    Stage stage = new Stage().zone("z", 40, 40, 3).does("z", "a", "{'type':'slows','share':50}");
    World silent = stage.world(1);
    World told = stage.put("/zones/z/does/a/told", "true").world(1);
    for (World world : List.of(silent, told)) {
      PlayerFeed feed = new PlayerFeed(world, world.plan().seatOf(p(world)));
      feed.hello(Stage.HERE);
      stand(world, 40, 40);
      Stage.steps(world, 2);
      TrialMessage says = new TrialMessage.ZoneActs(2, "z", ZoneDeed.SLOWED);
      assertThat(feed.news().contains(says)).isEqualTo(world == told);
      Stage.steps(world, 2);
      assertThat(feed.news()).noneMatch(TrialMessage.ZoneActs.class::isInstance);
    }
  }
}
