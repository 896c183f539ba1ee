package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** Single conditions and actions, each in a staged scene. */
class SentencesTest {
  private static final String PLAYER = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
  private static final String WRECKERS = Stage.allOf("wreckers");

  private static String zoned(String type) {
    return Stage.all(
        "{'type':'%s','who':%s,'zone':%s}".formatted(type, PLAYER, Stage.ref("zones", "z")));
  }

  private static void walk(World world, double east, int steps) {
    world.step(List.of(new Command(0, new Input.Steer(east, 0))));
    Stage.steps(world, steps - 1);
  }

  @Test
  void enteredLeftAndCameBackAreToldApart() {
    World world =
        new Stage()
            .zone("z", 72, 64, 4)
            .event("entered", zoned("beenInside"))
            .event("left", zoned("hasLeft"))
            .event("back", zoned("cameBack"))
            .world(1);
    walk(world, 1, 40);
    assertThat(Stage.fired(world, "entered")).hasSize(1);
    assertThat(Stage.fired(world, "left")).isEmpty();
    walk(world, -1, 40);
    assertThat(Stage.fired(world, "left")).hasSize(1);
    assertThat(Stage.fired(world, "back")).isEmpty();
    walk(world, 1, 40);
    assertThat(Stage.fired(world, "back")).hasSize(1);
    assertThat(Stage.fired(world, "entered")).hasSize(1);
  }

  private static String harm(String unit) {
    return "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':{'type':'number','value':9999}}"
        .formatted(Stage.ref("units", unit));
  }

  @Test
  void strengthIsThatOfAllOfThemTogether() {
    World world =
        new Stage()
            .unit("a", "wreckers", "wrecker", 20, 20)
            .unit("b", "wreckers", "wrecker", 30, 20)
            .unit("c", "wreckers", "wrecker", 40, 20)
            .event("first", Stage.elapsed(1), harm("a"))
            .event("second", Stage.elapsed(2), harm("b"))
            .event(
                "weak",
                Stage.all(
                    "{'type':'strength','who':%s,'comparison':'atMost','percent':{'type':'number','value':50}}"
                        .formatted(WRECKERS)))
            .after(100);
    assertThat(Stage.fired(world, "weak").getFirst()).isBetween(40, 42);
  }

  @Test
  void whoIsSeenByAnAlarmedEnemyIsSeen() {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 84)
            .put("/units/w/facing", "180")
            .event("seen", Stage.all("{'type':'seen','who':%s}".formatted(PLAYER)));
    assertThat(Stage.fired(stage.after(200), "seen")).hasSize(1);
    stage.put("/units/w/facing", "0").put("/units/w/position", "{'x':64,'y':120}");
    assertThat(Stage.fired(stage.after(200), "seen")).isEmpty();
  }

  @Test
  void theClockIsPassedAtItsTimeAlsoPastMidnight() {
    Stage stage = new Stage().put("/setting/startTime", "86390");
    stage.event("late", Stage.all("{'type':'clock','time':86395}"));
    stage.event("next", Stage.all("{'type':'clock','time':10}"));
    World world = stage.after(500);
    assertThat(Stage.fired(world, "late")).containsExactly(100);
    assertThat(Stage.fired(world, "next")).containsExactly(400);
  }

  @Test
  void aCallIsHeardWhenAPlayerSendsItAndOneThatIsNotThereIsLetGo() {
    World world =
        new Stage()
            .put("/calls/cutter", "{'name':'Send the cutter','order':'a0'}")
            .event(
                "sent",
                Stage.all("{'type':'called','call':%s}".formatted(Stage.ref("calls", "cutter"))))
            .after(50);
    world.step(List.of(new Command(0, new Input.Call("nobody"))));
    assertThat(Stage.fired(world, "sent")).isEmpty();
    world.step(List.of(new Command(0, new Input.Call("cutter"))));
    assertThat(Stage.fired(world, "sent")).containsExactly(52);
  }

  @Test
  void aStanceThatIsChangedHoldsBothWaysFromThenOn() {
    World world =
        new Stage()
            .unit("t", "townsfolk", "townsman", 64, 70)
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'setStance','one':%s,'attitude':'hostile','other':%s}"
                    .formatted(Stage.ref("sides", "keepers"), Stage.ref("sides", "townsfolk")))
            .after(19);
    int player = Stage.number(world, "p");
    int townsman = Stage.number(world, "t");
    assertThat(world.read().attitude(player, townsman)).isEqualTo(Stance.Attitude.FRIENDLY);
    Stage.steps(world, 2);
    assertThat(world.read().attitude(player, townsman)).isEqualTo(Stance.Attitude.HOSTILE);
    assertThat(world.read().attitude(townsman, player)).isEqualTo(Stance.Attitude.HOSTILE);
  }

  @Test
  void theAlarmedGoAndSee() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':4,'y':4}")
            .unit("w", "wreckers", "wrecker", 100, 100)
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'alarm','who':%s,'place':{'type':'point','position':{'x':100,'y':70}}}"
                    .formatted(WRECKERS))
            .after(30);
    assertThat(world.read().alertness(Stage.number(world, "w"))).isEqualTo(Alertness.WARY);
    Stage.steps(world, 450);
    assertThat(far(world, "w", 100, 70)).isLessThan(3);
  }

  @Test
  void theWaterGoesEvenlyToWhereItIsOrderedAndStays() {
    World world =
        new Stage()
            .put("/setting/waterLevel", "1")
            .event("e", Stage.elapsed(1), "0|{'type':'water','level':3,'time':10}")
            .after(120);
    assertThat(world.read().water()).isEqualTo(2);
    Stage.steps(world, 300);
    assertThat(world.read().water()).isEqualTo(3);
  }

  @Test
  void markersAreShownAndHidden() {
    String marker = ",'marker':%s}".formatted(Stage.ref("markers", "m"));
    World world =
        new Stage()
            .put("/markers/m", "{'name':'Oil store','position':{'x':9,'y':9},'shown':false}")
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'showMarker'" + marker,
                "1|{'type':'hideMarker'" + marker)
            .after(19);
    assertThat(world.told().marked(0, 0)).isFalse();
    Stage.steps(world, 1);
    assertThat(world.told().marked(0, 0)).isTrue();
    Stage.steps(world, 20);
    assertThat(world.told().marked(0, 0)).isFalse();
  }
}
