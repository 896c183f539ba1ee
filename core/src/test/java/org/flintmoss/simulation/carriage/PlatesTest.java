package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Plates feel what weighs on them. */
class PlatesTest {
  private static final String USE =
      "'order':'a%s','verb':'%s','seconds':%s,'times':0,'noise':0,"
          + "'made':{'type':'%s','mass':{'value':50,'levels':{},'perPlayer':0}},'effect':{'type':'%s','gate':%s},"
          + "'turns':{'type':'into','look':%s}";

  /** A plate of 1.4 m at 60, 60 that bears a gate up under 50 kg, and a player west of it. */
  private static Stage stage(double seconds, String more) {
    String gate = Stage.ref("gates", "g");
    String down =
        USE.formatted(
            0, "Goes down", seconds, "pressed", "opens", gate, Stage.ref("looks", "look-down"));
    String up =
        USE.formatted(1, "Comes up", 0, "eased", "closes", gate, Stage.ref("looks", "look-up"));
    return new Stage()
        .start("p", 56, 60)
        .gate("g", "closed", 70, 58, 70, 62)
        .put(
            "/fixtures/plate",
            "{'name':'Plate','kind':{'family':'thingKinds','id':'plate-kind'},'position':{'x':60,'y':60},'facing':0,'uses':{'u1':{%s%s},'u2':{%s}}}"
                .formatted(down, more, up));
  }

  private static int plate(World world) {
    return world.plan().actors().thing(new Ref(Family.FIXTURES, "plate"));
  }

  private static boolean isDown(World world) {
    return world.read().look(plate(world)) == 1;
  }

  private static boolean isOpen(World world) {
    return world.read().gate(0) == Gate.State.OPEN;
  }

  private static void does(World world, Input input) {
    world.step(List.of(new Command(0, input)));
  }

  private static double x(World world) {
    return Inside.of(world).body.x(world.plan().seat(0));
  }

  @Test
  void whoStepsOntoItPressesItAndWhoStepsOffFreesIt() {
    World world = stage(0, "").world(1);
    does(world, new Input.Steer(1, 0));
    while (x(world) < 59.3) {
      assertThat(isDown(world)).as("at %s", x(world)).isFalse();
      Stage.steps(world, 1);
    }
    assertThat(isDown(world)).isTrue();
    assertThat(isOpen(world)).isTrue();
    while (x(world) <= 60.7) {
      assertThat(isDown(world)).as("at %s", x(world)).isTrue();
      Stage.steps(world, 1);
    }
    assertThat(isDown(world)).isFalse();
    assertThat(isOpen(world)).isFalse();
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.USED))
        .as("by the player both times")
        .hasSize(2)
        .allMatch(it -> it.subject() == world.plan().seat(0));
  }

  @Test
  void nothingIsFreedBeforeItHasBorneAnything() {
    World world = stage(0, "").world(1);
    Stage.steps(world, 40);
    assertThat(world.causes().from(0)).noneMatch(it -> it.kind() == Causes.Kind.USED);
  }

  @Test
  void aWeightThatHasToStayStaysAsLong() {
    World world = stage(1, "").put("/starts/p/position/x", "60").world(1);
    Stage.steps(world, 20);
    assertThat(isDown(world)).isFalse();
    Stage.steps(world, 1);
    assertThat(isDown(world)).isTrue();
    World leaves = stage(1, "").put("/starts/p/position/x", "60").world(1);
    does(leaves, new Input.Steer(-1, 0));
    Stage.steps(leaves, 60);
    assertThat(leaves.causes().from(0))
        .as("it only came up again")
        .noneMatch(it -> it.kind() == Causes.Kind.USED && it.detail() == 0);
  }

  @Test
  void loadsWeighWithWhatStandsOnThemAndNobodyIsTheCauser() {
    World world =
        stage(0, "").loose("crate", 0.3, 0.5, 30).prop("low", "crate", 60.2, 60, 0).world(1);
    Stage.steps(world, 5);
    assertThat(isDown(world)).as("30 kg").isFalse();
    assertThat(Inside.of(world).plates.weight(plate(world))).isEqualTo(30);
    World stack =
        stage(0, "")
            .loose("crate", 0.3, 0.5, 30)
            .prop("low", "crate", 60.2, 60, 0)
            .prop("up", "crate", 60.2, 60, 0)
            .atop("props/up", "props/low")
            .world(1);
    Stage.steps(stack, 1);
    assertThat(isDown(stack)).as("60 kg").isTrue();
    assertThat(Inside.of(stack).plates.weight(plate(stack))).isEqualTo(60);
    assertThat(stack.causes().from(0))
        .anyMatch(it -> it.kind() == Causes.Kind.USED && it.subject() == -1);
  }

  @Test
  void whatIsCarriedWeighsWithWhoCarriesIt() {
    World world =
        stage(0, "")
            .put("/starts/p/position/x", "60")
            .put("/kinds/keeper/pushes", "120")
            .loose("crate", 0.3, 0.5, 30)
            .put("/thingKinds/crate/hold/carried", "'one'")
            .prop("c", "crate", 61.2, 60, 0)
            .world(1);
    Stage.steps(world, 1);
    double alone = Inside.of(world).plates.weight(plate(world));
    assertThat(alone)
        .isCloseTo(world.plan().kind(0).mass() + Inside.of(world).packs.laden(0), within(1e-9));
    does(world, new Input.Use(1));
    assertThat(Inside.of(world).plates.weight(plate(world))).isCloseTo(alone + 30, within(1e-9));
  }

  @Test
  void aPlateForOneSideFeelsNobodyElseAndNoLoads() {
    World world =
        stage(0, ",'open':{'type':'side','side':%s}".formatted(Stage.ref("sides", "wreckers")))
            .put("/starts/p/position/x", "60")
            .loose("crate", 0.3, 0.5, 300)
            .prop("c", "crate", 60.5, 60.5, 0)
            .world(1);
    Stage.steps(world, 5);
    assertThat(isDown(world)).isFalse();
    World wrecker =
        stage(0, ",'open':{'type':'side','side':%s}".formatted(Stage.ref("sides", "wreckers")))
            .unit("w", "wreckers", "wrecker", 60, 60)
            .world(1);
    Stage.steps(wrecker, 1);
    assertThat(isDown(wrecker)).isTrue();
  }

  @Test
  void nobodyPressesAPlateByHand() {
    World world = stage(0, "").put("/starts/p/position/x", "59").world(1);
    Stage.steps(world, 1);
    assertThat(world.read().offers(world.plan().seat(0))).isEmpty();
    does(world, new Input.Use(1));
    Stage.steps(world, 40);
    assertThat(isDown(world)).isFalse();
  }

  @Test
  void whatIsPressedStaysSoAfterSavingAndLoading() {
    World world = stage(1, "").put("/starts/p/position/x", "60").world(1);
    Stage.steps(world, 10);
    World loaded = stage(1, "").put("/starts/p/position/x", "60").world(1);
    loaded.load(world.save());
    Stage.steps(world, 11);
    Stage.steps(loaded, 11);
    assertThat(isDown(loaded)).isTrue();
    assertThat(loaded.hash()).isEqualTo(world.hash());
  }
}
