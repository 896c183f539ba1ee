package org.flintmoss.navigation.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.navigation.Walks;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NavigationMapTest {
  private static final Mover WALKER = Walks.walker(35);

  private static NavigationMap map(Ground ground, Mover mover, double water) {
    Mission blank = Samples.blank().mission();
    return NavigationMap.of(Land.of(blank, ground), mover, water);
  }

  /** 40 m x 40 m with a channel 4 m deep down the middle, open at the north end if asked. */
  private static NavigationMap channel(boolean open) {
    Ground.Grid grid = Ground.Grid.flat(20, 20, 2);
    for (int row = 0; row < (open ? 16 : 20); row++) {
      for (int column = 9; column < 11; column++) {
        grid.heights()[row * 20 + column] = -4;
      }
    }
    return map(new Ground(grid), Walks.walker(80), 0);
  }

  @Test
  void waterTooDeepAndGroundTooSteepCannotBeWalkedOn() {
    Ground.Grid grid = Ground.Grid.flat(10, 10, 2);
    grid.heights()[55] = 3;
    NavigationMap map = map(new Ground(grid), WALKER, 0.4);
    assertThat(map.freeAt(0, 1, 1)).isTrue();
    assertThat(map.free(54)).as("beside a step of 3 m").isFalse();
    assertThat(map(new Ground(grid), WALKER, 0.6).freeAt(0, 1, 1)).isFalse();
    assertThat(map.freeAt(0, -0.1, 1)).isFalse();
  }

  @Test
  void theWayGoesRoundAChannelAndKeepsToDryLand() {
    NavigationMap map = channel(true);
    double[] way = new double[48];
    int corners = new PathFinder(map).find(0, 5, 5, 0, 35, 5, 1, way);
    assertThat(corners).isGreaterThan(1);
    assertThat(way[corners * 2 - 2]).isEqualTo(35);
    double x = 5;
    double y = 5;
    double highest = 0;
    for (int corner = 0; corner < corners; corner++) {
      assertThat(map.straight(0, x, y, way[corner * 2], way[corner * 2 + 1])).isZero();
      x = way[corner * 2];
      y = way[corner * 2 + 1];
      highest = Math.max(highest, y);
    }
    assertThat(highest).isGreaterThan(31);
  }

  @Test
  void thereIsNoWayAcrossAClosedChannelButANearestPlaceBesideIt() {
    NavigationMap map = channel(false);
    assertThat(map.joined(0, 5, 5, 0, 35, 5)).isFalse();
    assertThat(new PathFinder(map).find(0, 5, 5, 0, 35, 5, 1, new double[48])).isZero();
    NavigationMap.Found beside = new NavigationMap.Found();
    assertThat(map.nearestJoined(20, 5, 0, 5, 5, 12, beside)).isTrue();
    assertThat(beside.x).isEqualTo(17);
    assertThat(map.nearestJoined(35, 5, 0, 5, 5, 6, beside)).isFalse();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void aWayIsFoundExactlyWhereTheGroundIsJoined(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Ground.Grid grid = Ground.Grid.flat(32, 32, 2);
    for (int cell = 0; cell < 32 * 32; cell++) {
      grid.heights()[cell] = random.nextInt(100) < 34 ? -3 : 0;
    }
    NavigationMap map = map(new Ground(grid), Walks.walker(80), 0);
    PathFinder finder = new PathFinder(map);
    double[] way = new double[2000];
    for (int i = 0; i < 60; i++) {
      double x = random.nextDouble(64);
      double y = random.nextDouble(64);
      double toX = random.nextDouble(64);
      double toY = random.nextDouble(64);
      int corners = finder.find(0, x, y, 0, toX, toY, 1, way);
      assertThat(corners > 0).isEqualTo(map.joined(0, x, y, 0, toX, toY));
      if (corners > 0) {
        assertThat(way[corners * 2 - 2]).isEqualTo(toX);
        assertThat(new PathFinder(map).find(0, x, y, 0, toX, toY, 1, way)).isEqualTo(corners);
      }
    }
  }

  @Test
  void heightsAreBilinearBetweenSamplesAndSightStopsAtARidge() {
    Ground.Grid grid = Ground.Grid.flat(10, 10, 2);
    for (int row = 0; row < 10; row++) {
      grid.heights()[row * 10 + 5] = 4;
    }
    Ground ground = new Ground(grid);
    assertThat(ground.heightAt(11, 7)).isEqualTo(4);
    assertThat(ground.heightAt(10, 7)).as("halfway up").isCloseTo(2, within(1e-12));
    assertThat(ground.clear(3, 9, 1.6, 18, 9, 1.6)).isFalse();
    assertThat(ground.clear(3, 9, 1.6, 3, 2, 1.6)).isTrue();
    assertThat(ground.clear(3, 9, 12, 18, 9, 1.6)).isTrue();
  }
}
