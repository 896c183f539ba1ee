package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.Map;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/** Props that a script takes away and puts back: for ways, sight, people and players alike. */
class ThingsThatChangeTest {
  private static String stands(String prop, String how) {
    return "{'type':'letStand','thing':%s,'stands':'%s'}".formatted(ref("props", prop), how);
  }

  private static String is(String prop, String how) {
    return Stage.all(
        "{'type':'thingStands','thing':%s,'stands':'%s'}".formatted(ref("props", prop), how));
  }

  /** A wall from rim to rim with a gap at 64 that a hull fills; the player stands west of it. */
  private static Stage hull() {
    return new Stage()
        .put("/starts/p/position", "{'x':50,'y':64}")
        .wall("south", 64, 0, 64, 60)
        .wall("north", 64, 68, 64, 128)
        .prop("hull", "wrecked-hull", 64, 64, 0)
        .event("away", elapsed(2), stands("hull", "gone"))
        .event("back", elapsed(4), stands("hull", "there"));
  }

  @Test
  void aWayLeadsThroughWhileItIsGone() {
    World world = hull().world(1);
    assertThat(world.read().canWalk(0, 90, 64)).isFalse();
    Stage.steps(world, 39);
    assertThat(world.read().canWalk(0, 90, 64)).isFalse();
    Stage.steps(world, 2);
    assertThat(world.read().canWalk(0, 90, 64)).isTrue();
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
    Stage.steps(world, 40);
    assertThat(world.read().canWalk(0, 90, 64)).isFalse();
    assertThat(world.read().standing(0)).isEqualTo(Standing.THERE);
  }

  @Test
  void itIsSeenThroughWhileItIsGone() {
    World world = hull().unit("w", "wreckers", "wrecker", 80, 64).world(1);
    int wrecker = Stage.number(world, "w");
    Stage.steps(world, 30);
    assertThat(world.read().sees(0, wrecker)).isFalse();
    Stage.steps(world, 20);
    assertThat(world.read().sees(0, wrecker)).isTrue();
  }

  @Test
  void aScriptAsksForItAndIsToldOnce() {
    World world =
        hull()
            .event("isgone", is("hull", "gone"))
            .event("isthere", is("hull", "there"))
            .event("twice", elapsed(2.5), stands("hull", "gone"))
            .after(100);
    assertThat(Stage.fired(world, "isgone")).containsExactly(40);
    assertThat(Stage.fired(world, "isthere")).containsExactly(1);
    assertThat(world.causes().from(0).stream().filter(it -> it.kind().name().equals("THING")))
        .hasSize(2);
  }

  @Test
  void whoStandsThereWhenItComesBackIsPushedOut() {
    World world = hull().world(1);
    Stage.steps(world, 60);
    Inside.of(world).body.stand(0, 64.2, 64);
    Stage.steps(world, 40);
    assertThat(Math.abs(world.read().x(0) - 64)).isGreaterThan(1.5);
    assertThat(world.read().canWalk(0, world.read().x(0), world.read().y(0))).isTrue();
  }

  @Test
  void savedAndLoadedInBetweenItIsTheSame() {
    World world = hull().world(1);
    Stage.steps(world, 50);
    byte[] saved = world.save();
    Stage.steps(world, 50);
    long hash = world.hash();
    world.load(saved);
    assertThat(world.read().canWalk(0, 90, 64)).isTrue();
    Stage.steps(world, 50);
    assertThat(world.hash()).isEqualTo(hash);
  }

  @Test
  void playersAreToldWhichAreGone() {
    World world = hull().prop("box", "crate", 20, 20, 0).world(1);
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    assertThat(feed.news()).contains(new TrialMessage.Things(Map.of()));
    Stage.steps(world, 41);
    assertThat(feed.news())
        .contains(
            new TrialMessage.Things(
                Map.of("hull", new TrialMessage.Otherwise(Standing.GONE, "look-plain", 100))));
    assertThat(feed.news()).noneMatch(TrialMessage.Things.class::isInstance);
    Stage.steps(world, 40);
    assertThat(feed.news()).contains(new TrialMessage.Things(Map.of()));
  }

  @Test
  void whoUsesAFixtureTakesOneAwayAndIsTheCauserOfIt() {
    String becomes =
        "{'type':'standsAnew','thing':%s,'stands':'gone'}".formatted(ref("props", "heap"));
    World world =
        new Stage()
            .prop("heap", "boulder", 80, 64, 0)
            .lever(
                "dig",
                64,
                65,
                1,
                "{'type':'letsStand','thing':%s,'stands':'gone'}".formatted(ref("props", "heap")))
            .event(
                "dug",
                becomes,
                "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'causer'}},'amount':{'type':'number','value':7}}")
            .world(1);
    Stage.steps(world, 10);
    world.step(List.of(new Command(0, new Input.Use(1))));
    assertThat(world.read().standing(0)).isEqualTo(Standing.THERE);
    Stage.steps(world, 45);
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
    assertThat(Stage.fired(world, "dug")).hasSize(1);
    assertThat(world.read().health(0)).isEqualTo(93);
  }

  @Test
  void besideGatesEachHasItsOwnState() {
    World world =
        hull().gate("g", "open", 20, 20, 24, 20).gate("h", "half", 20, 30, 24, 30).after(45);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    assertThat(world.read().gate(1)).isEqualTo(Gate.State.HALF);
    assertThat(world.read().standing(0)).isEqualTo(Standing.GONE);
    assertThat(world.read().canWalk(0, 90, 64)).isTrue();
  }
}
