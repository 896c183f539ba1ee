package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the index of works answers is what looking at every wall answers. */
class WorksOracleTest {
  /** Half the thickness of the stage's walls, metres. */
  private static final double HALF = 0.1;

  /** Ten straight walls anywhere on the stage, as x, y, x, y. */
  private static List<double[]> walls(SplittableRandom random, Stage stage) {
    List<double[]> walls = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      double[] wall = random.doubles(4, 5, 120).map(it -> Math.floor(it * 100) / 100).toArray();
      walls.add(wall);
      stage.wall("w" + i, wall);
    }
    return walls;
  }

  private static double nearest(List<double[]> walls, double x, double y, double toX, double toY) {
    return walls.stream()
        .mapToDouble(it -> Segments.toSegment(it[0], it[1], it[2], it[3], x, y, toX, toY))
        .min()
        .orElseThrow();
  }

  private static boolean close(double one, double other) {
    return Math.abs(one - other) < 1e-6;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void whatIsClearIsAsFarFromEveryWallAsItNeeds(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    List<double[]> walls = walls(random, stage);
    Mission mission = stage.mission();
    Ground ground = stage.ground();
    Obstacles obstacles = Obstacles.of(mission, ground);
    for (int i = 0; i < 2000; i++) {
      double x = random.nextDouble(128);
      double y = random.nextDouble(128);
      double toX = Math.max(0, Math.min(128, x + random.nextDouble(-30, 30)));
      double toY = Math.max(0, Math.min(128, y + random.nextDouble(-30, 30)));
      double radius = 0.2 + random.nextDouble(2);
      double point = nearest(walls, x, y, x, y) - HALF;
      double line = nearest(walls, x, y, toX, toY) - HALF;
      if (close(point, radius) || close(line, radius) || close(line, 0)) {
        continue;
      }
      assertThat(obstacles.clear(x, y, radius, 1.8, obstacles.first())).isEqualTo(point >= radius);
      assertThat(obstacles.near(x, y, radius)).isEqualTo(point < radius);
      assertThat(
              obstacles.clear(
                  x, y, toX, toY, radius, Obstacles.ON_THE_GROUND, 1.8, obstacles.first()))
          .isEqualTo(line >= radius);
      assertThat(obstacles.clear(x, y, 6, toX, toY, 6, Obstacles.Line.SIGHT, obstacles.first()))
          .as("sight at a metre, below the top of the walls")
          .isEqualTo(line >= 0);
      assertThat(obstacles.clear(x, y, 9, toX, toY, 9, Obstacles.Line.SIGHT, obstacles.first()))
          .as("sight over them")
          .isTrue();
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {6, 7, 8})
  void whoTouchesAWallIsPushedOutOfItByTheShortestWay(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double[] wall = random.doubles(4, 5, 120).map(it -> Math.floor(it * 100) / 100).toArray();
    Stage stage = new Stage().wall("w", wall);
    Mission mission = stage.mission();
    Ground ground = stage.ground();
    Obstacles obstacles = Obstacles.of(mission, ground);
    for (int i = 0; i < 1000; i++) {
      double share = random.nextDouble();
      double[] at = {
        wall[0] + (wall[2] - wall[0]) * share + random.nextDouble(-1, 1),
        wall[1] + (wall[3] - wall[1]) * share + random.nextDouble(-1, 1)
      };
      double before = nearest(List.of(wall), at[0], at[1], at[0], at[1]);
      double[] from = at.clone();
      obstacles.pushOut(at, 0.4, Obstacles.ON_THE_GROUND, 1.8, obstacles.first());
      assertThat(obstacles.clear(at[0], at[1], 0.4 - 1e-6, 1.8, obstacles.first())).isTrue();
      assertThat(Segments.length(from[0], from[1], at[0], at[1]))
          .isCloseTo(Math.max(0, 0.4 + HALF - before), within(1e-6));
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {9, 10, 11})
  void aNoiseLosesAtEveryWallItCrosses(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    List<double[]> walls = walls(random, stage);
    Mission mission = stage.mission();
    Ground ground = stage.ground();
    Obstacles obstacles = Obstacles.of(mission, ground);
    for (int i = 0; i < 1000; i++) {
      double[] way = random.doubles(4, 2, 126).toArray();
      double[] apart =
          walls.stream()
              .mapToDouble(
                  it ->
                      Segments.toSegment(
                          it[0], it[1], it[2], it[3], way[0], way[1], way[2], way[3]))
              .toArray();
      if (Arrays.stream(apart).anyMatch(it -> close(it, HALF))) {
        continue;
      }
      long crossed = Arrays.stream(apart).filter(it -> it < HALF).count();
      assertThat(obstacles.muffles(way[0], way[1], way[2], way[3], obstacles.first()))
          .isEqualTo(crossed * 40);
    }
  }
}
