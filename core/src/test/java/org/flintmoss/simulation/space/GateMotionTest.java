package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Gates that take their time, go back half way, and crush nobody. */
class GateMotionTest {
  private static String sets(String state) {
    return "{'type':'setGate','gate':%s,'state':'%s'}".formatted(Stage.ref("gates", "g"), state);
  }

  /** A gate 4 m wide at x = 60 that takes 2 s, opened after 1 s. */
  private static Stage stage(String stands) {
    return new Stage()
        .start("p", 40, 60)
        .gate("g", stands, 60, 58, 60, 62)
        .put("/gates/g/motion", "{'way':'rises','seconds':2}");
  }

  private static List<String> turns(World world) {
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.GATE)
        .map(it -> it.step() + " " + Gate.State.values()[it.detail()])
        .toList();
  }

  private static GateMotion motion(World world) {
    return Inside.of(world).standings.moving();
  }

  @Test
  void itIsClosedUntilItIsHalfOpenAndThenUntilItIsOpen() {
    World world = stage("closed").event("e", Stage.elapsed(1), sets("open")).world(1);
    Stage.steps(world, 21);
    assertThat(motion(world).moves(0)).isTrue();
    assertThat(turns(world)).isEmpty();
    int began = motion(world).since(0);
    Stage.steps(world, 60);
    assertThat(turns(world)).containsExactly((began + 20) + " HALF", (began + 40) + " OPEN");
    assertThat(motion(world).moves(0)).isFalse();
  }

  @Test
  void oneThatTakesNoTimeOpensAtOnce() {
    World world =
        stage("closed")
            .put("/gates/g/motion/seconds", "0")
            .event("e", Stage.elapsed(1), sets("open"))
            .world(1);
    Stage.steps(world, 21);
    assertThat(turns(world)).containsExactly("21 OPEN");
  }

  @Test
  void calledBackHalfWayItTakesAsLongAsItHasCome() {
    World world =
        stage("closed")
            .event("e", Stage.elapsed(1), sets("open"))
            .event("f", Stage.elapsed(2.5), sets("closed"))
            .world(1);
    Stage.steps(world, 51);
    int back = motion(world).since(0);
    // It has been opening for 30 of 40 steps.
    assertThat(motion(world).from(0)).isCloseTo(0.75, within(1e-9));
    assertThat(motion(world).until(0)).isEqualTo(back + 30);
    Stage.steps(world, 60);
    assertThat(turns(world)).containsExactly((back - 10) + " HALF", (back + 30) + " CLOSED");
  }

  @Test
  void itCrushesNobodyAndGoesOnOnceTheyHaveLeft() {
    World world =
        stage("open")
            .put("/starts/p/position", "{'x':60,'y':61.5}")
            .event("e", Stage.elapsed(1), sets("closed"))
            .world(1);
    Stage.steps(world, 200);
    assertThat(turns(world)).as("it does not even come half way").isEmpty();
    assertThat(motion(world).moves(0)).isTrue();
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 60);
    assertThat(turns(world)).hasSize(2).last().asString().endsWith("CLOSED");
    assertThat(Inside.of(world).vitals.up(0)).isTrue();
  }

  @Test
  void whatMovesGoesOnAfterSavingAndLoading() {
    Stage stage = stage("closed").event("e", Stage.elapsed(1), sets("open"));
    World world = stage.world(1);
    Stage.steps(world, 35);
    World loaded = stage.world(1);
    loaded.load(world.save());
    Stage.steps(world, 40);
    Stage.steps(loaded, 40);
    assertThat(turns(loaded)).isEqualTo(turns(world)).hasSize(2);
    assertThat(loaded.hash()).isEqualTo(world.hash());
  }

  @Test
  void whoOpensItByHandIsNotOfferedToOpenItAgainWhileItOpens() {
    World world =
        stage("closed")
            .put("/starts/p/position", "{'x':59,'y':60}")
            .put(
                "/gates/g/hand",
                "{'type':'opened','open':{'type':'all'},'needs':{'type':'nothing'},'seconds':{'value':0,'levels':{},'perPlayer':0},'noise':0,'shuts':0}")
            .world(1);
    Stage.steps(world, 1);
    assertThat(world.read().offers(0)).extracting("verb").containsExactly("Open");
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 2);
    assertThat(motion(world).moves(0)).isTrue();
    assertThat(world.read().offers(0)).extracting("verb").containsExactly("Close");
  }
}
