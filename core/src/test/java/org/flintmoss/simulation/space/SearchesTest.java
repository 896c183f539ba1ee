package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.simulation.state.Columns.column;

import java.util.stream.LongStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** A way through a maze that is long enough to be sought for several steps. */
class SearchesTest {
  /** Walls from east to west, three metres apart, open by turns at the east and at the west end. */
  private static Stage maze() {
    Stage stage = new Stage().put("/starts/p/position", "{'x':2,'y':126}");
    for (int i = 0; i < 38; i++) {
      double y = 6 + i * 3;
      stage.wall("w" + i, i % 2 == 0 ? 0 : 4, y, i % 2 == 0 ? 124 : 128, y);
    }
    return stage
        .gate("g", "open", 0, 117, 4, 117)
        .route("r", "once", "3 124 'walk' 'goesOn'")
        .unit(
            "u",
            "keeper",
            64,
            3,
            "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")));
  }

  private static int unit(World world) {
    int unit = 0;
    while (!world.plan().name(unit).equals("u")) {
      unit++;
    }
    return unit;
  }

  /** The step at which the search of a new world has come so far. */
  private static World seeking(int slices) {
    World world = maze().world(1);
    int unit = unit(world);
    for (int step = 0; step < 100 && Inside.of(world).searches.slices(unit) < slices; step++) {
      Stage.steps(world, 1);
    }
    assertThat(Inside.of(world).searches.slices(unit)).isEqualTo(slices);
    return world;
  }

  @Test
  void whoSeeksForSeveralStepsStandsUntilTheWayIsFoundAndThenGoes() {
    World world = seeking(2);
    int unit = unit(world);
    double x = Inside.of(world).body.x(unit);
    assertThat(Inside.of(world).ways.corners(unit)).isZero();
    Stage.steps(world, 1);
    assertThat(Inside.of(world).body.x(unit)).isEqualTo(x);
    Stage.steps(world, 20);
    assertThat(Inside.of(world).searches.slices(unit)).isZero();
    assertThat(Inside.of(world).ways.corners(unit)).isGreaterThan(10);
    assertThat(Inside.of(world).body.x(unit)).isGreaterThan(x + 0.5);
  }

  @Test
  void aRunTakenUpAgainInTheMidstOfASearchGoesOnTheSame() {
    World world = seeking(2);
    World other = maze().world(1);
    other.load(world.save());
    for (int step = 0; step < 60; step++) {
      Stage.steps(world, 1);
      Stage.steps(other, 1);
      assertThat(other.hash()).as("step %s", step).isEqualTo(world.hash());
    }
    assertThat(Inside.of(world).ways.corners(unit(world))).isGreaterThan(10);
    World early = maze().world(1);
    byte[] before = early.save();
    Stage.steps(early, 40);
    early.load(before);
    Stage.steps(early, 40);
    World plain = maze().world(1);
    Stage.steps(plain, 40);
    assertThat(early.hash()).isEqualTo(plain.hash());
  }

  @Test
  void aGateThatClosesMeanwhileHasTheSearchBegunAnew() {
    World world = seeking(2);
    int unit = unit(world);
    Inside.of(world).standings.set(0, Gate.State.CLOSED.ordinal(), -1, -1);
    assertThat(Inside.of(world).searches.anew(unit)).isTrue();
    Stage.steps(world, 40);
    assertThat(Inside.of(world).searches.underWay(unit)).isFalse();
    int last = Inside.of(world).ways.corners(unit) - 1;
    assertThat(
            Inside.of(world).ways.corners(unit) == 0 || Inside.of(world).ways.y(unit, last) < 117)
        .as("does not lead through the gate")
        .isTrue();
  }

  /** Twelve who are sent through the maze to one point at once. */
  private static Stage crowd() {
    Stage stage = maze();
    for (int i = 0; i < 12; i++) {
      stage.unit(
          "c" + i,
          "keeper",
          20 + i * 3,
          3,
          "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")));
    }
    return stage;
  }

  @Test
  void whereManyMakeForOnePointOneSearchLeadsThoseWhoComeAfterTheFirstFew() {
    World world = crowd().world(1);
    Stage.steps(world, 2);
    assertThat(LongStream.of(column(world, "seekShared")).sum()).isEqualTo(13 - 8);
    Stage.steps(world, 30);
    for (int unit = 0; unit < world.plan().units(); unit++) {
      boolean sent = !world.plan().name(unit).equals("Player");
      assertThat(Inside.of(world).ways.corners(unit) > 10)
          .as(world.plan().name(unit))
          .isEqualTo(sent);
    }
  }

  @Test
  void aRunTakenUpAgainWhileOneSearchLeadsManyGoesOnTheSame() {
    World world = crowd().world(1);
    Stage.steps(world, 2);
    World other = crowd().world(1);
    other.load(world.save());
    for (int step = 0; step < 60; step++) {
      Stage.steps(world, 1);
      Stage.steps(other, 1);
      assertThat(other.hash()).as("step %s", step).isEqualTo(world.hash());
    }
  }
}
