package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** People on crossings between two roofs at 12 m over ground at 5 m, whose rims lie 2 m apart. */
class TransitsTest {
  private static Stage roofs() {
    return new Stage()
        .deck("a", 12, 0, 0, 40, 40, 50, 40, 50, 60, 40, 60)
        .deck("b", 12, 0, 0, 52, 40, 62, 40, 62, 60, 52, 60)
        .put("/starts/p/position", "{'x':45,'y':50}");
  }

  private static void go(World world, double x, double y) {
    world.step(List.of(new Command(0, new Input.Go(x, y))));
  }

  @Test
  void aGapIsLeaptAndInTheMiddleOfItOneIsInTheAir() {
    World world = roofs().world(1);
    go(world, 58, 50);
    double highest = 0;
    for (int step = 0; step < 400 && world.read().underWay(0); step++) {
      Stage.steps(world, 1);
      double over = Inside.of(world).space.feet(0) - 12;
      assertThat(over).as("at %s", world.read().x(0)).isGreaterThanOrEqualTo(0);
      highest = Math.max(highest, over);
    }
    assertThat(world.read().x(0)).isCloseTo(58, within(0.01));
    assertThat(world.read().deck(0)).isEqualTo(2);
    assertThat(highest).isBetween(0.3, 0.45);
  }

  @Test
  void aWayOverACrossingTakesAsLongAsItWasReckoned() {
    World world =
        new Stage()
            .put(
                "/crossings/c",
                "{'name':'c','manner':'crawl','from':{'x':64,'y':66},'fromLevel':{'type':'top'},"
                    + "'to':{'x':64,'y':80},'toLevel':{'type':'top'},'back':false,"
                    + "'takes':{'type':'seconds','seconds':3},'open':'everybody'}")
            .wall("w", 0, 70, 128, 70)
            .world(1);
    go(world, 64, 80);
    int steps = 1;
    while (world.read().underWay(0) || Inside.of(world).transits.on(0)) {
      Stage.steps(world, 1);
      steps++;
      assertThat(steps).isLessThan(200);
    }
    double walked = 2 / (4.4 * 0.85);
    assertThat(steps / 20.0).isCloseTo(3 + walked, within(0.35));
    assertThat(world.read().y(0)).isCloseTo(80, within(0.01));
  }

  @Test
  void whoIsSentElsewhereInTheMidstOfALeapGoesThereFromWhereTheyLand() {
    World world = roofs().world(1);
    go(world, 58, 50);
    while (!Inside.of(world).transits.on(0)) {
      Stage.steps(world, 1);
    }
    Stage.steps(world, 20);
    go(world, 60, 58);
    Stage.steps(world, 85);
    assertThat(world.read().deck(0)).isEqualTo(2);
    assertThat(world.read().x(0)).isCloseTo(60, within(0.01));
    assertThat(world.read().y(0)).isCloseTo(58, within(0.01));
  }

  @Test
  void aRunThatIsSavedInTheMidstOfALeapGoesOnTheSame() {
    World world = roofs().world(1);
    go(world, 58, 50);
    while (!Inside.of(world).transits.on(0)) {
      Stage.steps(world, 1);
    }
    Stage.steps(world, 4);
    byte[] saved = world.save();
    Stage.steps(world, 60);
    World other = roofs().world(1);
    other.load(saved);
    Stage.steps(other, 60);
    assertThat(other.hash()).isEqualTo(world.hash());
  }

  @Test
  void whoDropsFromALedgeStandsBelowAndDoesNotComeBackUp() {
    Stage stage =
        new Stage()
            .deck("a", 7, 0, 0, 40, 40, 50, 40, 50, 60, 40, 60)
            .put("/starts/p/position", "{'x':45,'y':50}");
    World world = stage.world(1);
    go(world, 60, 50);
    Stage.steps(world, 300);
    assertThat(world.read().x(0)).isCloseTo(60, within(0.01));
    assertThat(world.read().deck(0)).isZero();
    go(world, 45, 50);
    Stage.steps(world, 300);
    assertThat(world.read().deck(0)).as("2 m up are too many: under it").isZero();
  }

  @Test
  void aPlayerLeapsByHandWhereTheyFaceTheGapAndNowhereElse() {
    World world = roofs().put("/starts/p/position", "{'x':49,'y':50}").world(1);
    world.step(List.of(new Command(0, new Input.Steer(-0.01, 0))));
    Stage.steps(world, 2);
    assertThat(world.read().ahead(0)).as("with the gap behind").isNull();
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 20);
    assertThat(world.read().x(0)).as("walking stops at the rim").isBetween(49.0, 50.0);
    assertThat(world.read().ahead(0).asks()).isBetween(1.9, 2.5);
    world.step(List.of(new Command(0, new Input.Steer(0, 0)), new Command(0, new Input.Over())));
    Stage.steps(world, 60);
    assertThat(world.read().deck(0)).isEqualTo(2);
    assertThat(world.read().x(0)).isGreaterThan(52);
  }

  @Test
  void whoCrawlsIsSlowAndHasTheirEyesLow() {
    Stage stage =
        new Stage()
            .deck("roof", 10, 0, 0, 66, 50, 90, 50, 90, 80, 66, 80)
            .put("/decks/roof/thickness", "4.1");
    World world = stage.world(1);
    assertThat(Inside.of(world).space.eye(0)).isEqualTo(1.6);
    go(world, 78, 64);
    Stage.steps(world, 60);
    assertThat(world.read().x(0)).isBetween(66.5, 78.0);
    assertThat(Inside.of(world).space.eye(0)).isCloseTo(0.64, within(1e-9));
    assertThat(world.read().speed(0)).isCloseTo(4.4 * 0.85 * 0.35, within(0.01));
  }
}
