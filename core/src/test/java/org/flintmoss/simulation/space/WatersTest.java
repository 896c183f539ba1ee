package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;

import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Flat ground at 5 m, over which the sea comes in within a minute. */
class WatersTest {
  private static Stage rising(double to) {
    return new Stage()
        .put("/setting/startTime", "36000")
        .put(
            "/setting/tide",
            "{'a':{'time':36000,'level':4},'b':{'time':36060,'level':%s}}".formatted(to));
  }

  @Test
  void waysCloseWhenTheWaterIsTooDeepToWade() {
    Stage stage =
        rising(8)
            .event(
                "e",
                Stage.all(
                    "{'type':'tide','comparison':'atLeast','level':{'type':'number','value':6}}"));
    World world = stage.world(1);
    int player = Stage.number(world, "p");
    assertThat(Inside.of(world).space.navigationMap(player).joined(0, 64, 64, 0, 20, 20)).isTrue();
    Stage.steps(world, 600);
    assertThat(Inside.of(world).space.navigationMap(player).joined(0, 64, 64, 0, 20, 20)).isFalse();
    assertThat(Stage.fired(world, "e")).hasSize(1);
    assertThat(Stage.fired(world, "e").getFirst()).isBetween(590, 610);
  }

  @Test
  void whoCannotSwimDrownsOnceItIsOverTheirEyesAndWhoCanDoesNot() {
    Stage stage =
        rising(9)
            .unit("swims", "keepers", "keeper", 20, 20)
            .unit("drowns", "hounds", "hound", 100, 100)
            .put("/kinds/hound/moves/swims", "false");
    World world = stage.world(1);
    Stage.steps(world, 500);
    assertThat(world.read().dead(Stage.number(world, "drowns"))).isFalse();
    Stage.steps(world, 1500);
    assertThat(world.read().dead(Stage.number(world, "drowns"))).isTrue();
    assertThat(world.read().health(Stage.number(world, "swims")))
        .isEqualTo(world.plan().kind(Stage.number(world, "swims")).health());
  }

  @Test
  void theCaughtMakeSlowlyForGroundThatBearsThem() {
    Stage stage =
        rising(6.5)
            .put("/starts/p/position", "{'x':2,'y':2}")
            .unit(
                "u",
                "keeper",
                64,
                64,
                "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "q")))
            .post("q", 64, 125, 0);
    World world = stage.world(1);
    Stage.steps(world, 200);
    double ashore = world.read().speed(Stage.number(world, "u"));
    Stage.steps(world, 620);
    double caught = world.read().speed(Stage.number(world, "u"));
    assertThat(ashore).isGreaterThan(1);
    assertThat(caught).isLessThan(ashore * 0.5);
    assertThat(far(world, "u", 64, 125)).isGreaterThan(5);
  }

  @Test
  void aSavedTideGoesOnTheSame() {
    World straight = rising(8).world(3);
    Stage.steps(straight, 400);
    byte[] saved = straight.save();
    Stage.steps(straight, 400);
    World other = rising(8).world(3);
    other.load(saved);
    Stage.steps(other, 400);
    assertThat(other.hash()).isEqualTo(straight.hash());
  }
}
