package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;

import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Body;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A footbridge over a wall that runs across the whole stage: up a ramp, along, and down again. */
class DecksSceneTest {
  private static final double RISE = StrictMath.toDegrees(StrictMath.atan(0.2));

  private static Stage bridge() {
    return new Stage()
        .put("/starts/p/position", "{'x':4,'y':4}")
        .wall("w", 0, 60, 128, 60)
        .deck("span", 8, 0, 0, 62, 55, 66, 55, 66, 66, 62, 66)
        .deck("up", 6.5, RISE, 0, 62, 40, 66, 40, 66, 55, 62, 55)
        .deck("down", 6.5, RISE, 180, 62, 66, 66, 66, 66, 81, 62, 81);
  }

  private static String goes(double x, double y) {
    return "{'type':'prowl','to':{'type':'point','position':{'x':%s,'y':%s}},'pause':1}"
        .formatted(x, y);
  }

  @ParameterizedTest
  @ValueSource(doubles = {30, 64, 90})
  void theOnlyWayAcrossTheWallLeadsOverTheBridge(double x) {
    Stage stage = bridge().unit("a", "keeper", x, 20, goes(x, 100));
    World world = stage.world(1);
    int unit = number(world, "a");
    boolean above = false;
    for (int step = 0; step < 3000 && far(world, "a", x, 100) > 2; step++) {
      Stage.steps(world, 1);
      above |= world.read().deck(unit) > 0 && Math.abs(world.read().y(unit) - 60) < 1;
    }
    assertThat(far(world, "a", x, 100)).isLessThan(2);
    assertThat(above).as("was on the bridge where it crosses the wall").isTrue();
    assertThat(world.read().deck(unit)).isZero();
  }

  @Test
  void withoutTheBridgeThereIsNoWay() {
    World world = bridge().put("/decks", "{}").unit("a", "keeper", 64, 20, goes(64, 100)).world(1);
    assertThat(world.read().canWalk(number(world, "a"), 64, 100)).isFalse();
    assertThat(
            bridge().unit("a", "keeper", 64, 20, goes(64, 100)).world(1).read().canWalk(1, 64, 100))
        .isTrue();
  }

  @Test
  void oneWalksUnderneathWhileAnotherStandsAboveAndNeitherSeesNorPushesTheOther() {
    World world =
        bridge()
            .unit("above", "keepers", "keeper", 64, 57)
            .unit("below", "keepers", "keeper", 56, 57)
            .put("/units/below/order", goes(75, 57))
            .world(1);
    int above = number(world, "above");
    int below = number(world, "below");
    assertThat(world.read().deck(above)).isEqualTo(2);
    double least = 99;
    for (int step = 0; step < 600; step++) {
      Stage.steps(world, 1);
      double dx = world.read().x(below) - world.read().x(above);
      double dy = world.read().y(below) - world.read().y(above);
      least = Math.min(least, Math.sqrt(dx * dx + dy * dy));
      if (Math.abs(dx) < 1 && Math.abs(dy) < 1) {
        assertThat(world.read().sees(below, above)).isFalse();
      }
    }
    assertThat(least).as("passed right under").isLessThan(0.5);
    assertThat(far(world, "above", 64, 57)).isLessThan(0.1);
    assertThat(world.read().deck(below)).isZero();
  }

  @Test
  void whoStandsOnABridgeStaysDryWhenTheTideCoversTheGround() {
    World world =
        bridge()
            .unit("above", "keepers", "keeper", 64, 57)
            .unit("below", "keepers", "keeper", 40, 57)
            .put("/setting/waterLevel", "7.5")
            .world(1);
    Stage.steps(world, 100);
    assertThat(world.read().health(number(world, "above"))).isEqualTo(100);
    assertThat(world.read().depth(number(world, "above"))).isNegative();
    assertThat(world.read().depth(number(world, "below"))).isEqualTo(2.5);
  }

  @Test
  void theHashTellsWhoStandsOnWhich() {
    World one = bridge().unit("a", "keepers", "keeper", 64, 57).world(1);
    World same = bridge().unit("a", "keepers", "keeper", 64, 57).world(1);
    Stage.steps(one, 50);
    Stage.steps(same, 50);
    assertThat(one.hash()).isEqualTo(same.hash());
    Body body = Inside.of(one).body;
    int unit = number(one, "a");
    body.stand(unit, body.x(unit), body.y(unit), 0);
    assertThat(one.hash()).isNotEqualTo(same.hash());
  }

  /** At the foot of the ramp, the deck is hardly higher than the ground beside it. */
  @Test
  void nobodyIsBroughtInAgainstSomebodyAcrossARim() {
    String late =
        "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}}"
            .formatted(Stage.ref("units", "late"));
    World world =
        bridge()
            .unit("first", "keepers", "keeper", 62.2, 41)
            .unit("late", "keepers", "keeper", 100, 100)
            .put("/units/late/inPlay", "false")
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'bringInAt','who':%s,'place':{'type':'point','position':{'x':61.8,'y':41}}}"
                    .formatted(late))
            .after(22);
    int lateOne = number(world, "late");
    assertThat(world.read().present(lateOne)).isTrue();
    assertThat(world.read().gap(lateOne, number(world, "first"))).isPositive();
  }

  @Test
  void aLeverOnTheGroundIsOutOfReachFromTheBridgeAbove() {
    Stage stage = bridge().lever("l", 64, 57, 0, "{'type':'nothing'}");
    World above = stage.put("/starts/p/position", "{'x':64,'y':57}").world(1);
    assertThat(above.read().deck(number(above, "p"))).isPositive();
    assertThat(above.read().offers(number(above, "p"))).isEmpty();
    World below = stage.put("/decks", "{}").world(1);
    assertThat(below.read().offers(number(below, "p"))).hasSize(1);
  }
}
