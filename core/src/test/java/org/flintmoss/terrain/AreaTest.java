package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.TreeMap;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.zone.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AreaTest {
  private static Area polygon(double... xy) {
    TreeMap<String, Corner> corners = new TreeMap<>();
    for (int i = 0; i < xy.length; i += 2) {
      corners.put("c" + i, new Corner("a%02d".formatted(i), new Position(xy[i], xy[i + 1])));
    }
    return Area.of(new Zone.Polygon(corners));
  }

  @Test
  void aPolygonHoldsWhatLiesWithinItsBendsAndOnItsRim() {
    Area hook = polygon(0, 0, 10, 0, 10, 10, 6, 10, 6, 4, 0, 4);
    assertThat(hook.contains(2, 2)).isTrue();
    assertThat(hook.contains(8, 9)).isTrue();
    assertThat(hook.contains(3, 8)).isFalse();
    assertThat(hook.contains(6, 7)).isTrue();
    assertThat(hook.contains(10, 10)).isTrue();
    assertThat(hook.contains(10.01, 5)).isFalse();
    assertThat(hook.bounds()).isEqualTo(new Area.Bounds(0, 0, 10, 10));
  }

  @Test
  void aRectangleTurnsClockwiseFromNorth() {
    Area east = Area.of(new Zone.Rectangle(new Position(50, 50), 4, 20, 90));
    assertThat(east.contains(59, 50)).isTrue();
    assertThat(east.contains(50, 59)).isFalse();
    Area.Bounds bounds = east.bounds();
    assertThat(bounds.east() - bounds.west()).isEqualTo(20, within(1e-9));
    assertThat(bounds.north() - bounds.south()).isEqualTo(4, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void aTurnedRectangleHoldsAPointIfTheUprightOneHoldsItTurnedBack(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double bearing = random.nextDouble(360);
    double width = random.nextDouble(1, 40);
    double depth = random.nextDouble(1, 40);
    Area area = Area.of(new Zone.Rectangle(new Position(50, 50), width, depth, bearing));
    double turn = Math.toRadians(bearing);
    for (int i = 0; i < 500; i++) {
      double x = random.nextDouble(100) - 50;
      double y = random.nextDouble(100) - 50;
      double across = x * Math.cos(turn) - y * Math.sin(turn);
      double along = x * Math.sin(turn) + y * Math.cos(turn);
      boolean clear =
          Math.abs(Math.abs(across) - width / 2) > 1e-6
              && Math.abs(Math.abs(along) - depth / 2) > 1e-6;
      if (clear) {
        boolean inside = Math.abs(across) < width / 2 && Math.abs(along) < depth / 2;
        assertThat(area.contains(50 + x, 50 + y)).isEqualTo(inside);
      }
    }
  }
}
