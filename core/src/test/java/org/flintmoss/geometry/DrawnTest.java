package org.flintmoss.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.flintmoss.mission.word.Position;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DrawnTest {
  private static List<Position> line(double... xy) {
    List<Position> line = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      line.add(new Position(xy[i], xy[i + 1]));
    }
    return line;
  }

  @Test
  void aBowCrossesItselfInItsMiddle() {
    assertThat(Drawn.crossing(line(0, 0, 10, 10, 10, 0, 0, 10))).contains(new Position(5, 5));
  }

  @Test
  void anOutlineThatTouchesItselfDoesNotCross() {
    assertThat(Drawn.crossing(line(0, 0, 10, 0, 10, 10, 5, 0, 0, 10))).isEmpty();
    assertThat(Drawn.crossing(line(0, 0, 5, 5, 10, 0, 10, 10, 5, 5, 0, 10))).isEmpty();
    assertThat(Drawn.crossing(line(0, 0, 10, 0, 10, 0, 5, 5))).isEmpty();
  }

  @Test
  void nothingOfTooFewCornersCrosses() {
    assertThat(Drawn.crossing(List.of())).isEmpty();
    assertThat(Drawn.crossing(line(1, 1))).isEmpty();
    assertThat(Drawn.crossing(line(1, 1, 2, 2))).isEmpty();
  }

  /** Corners at whole metres, so that the naive search is exact. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void itCrossesWhereNaiveSearchFindsIt(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    for (int round = 0; round < 400; round++) {
      List<Position> outline = new ArrayList<>();
      for (int i = random.nextInt(3, 9); i > 0; i--) {
        outline.add(new Position(random.nextInt(12), random.nextInt(12)));
      }
      Optional<Position> found = Drawn.crossing(outline);
      assertThat(found.isPresent()).as("%s", outline).isEqualTo(naive(outline));
      found.ifPresent(
          at ->
              assertThat(Drawn.distance(outline, at))
                  .isLessThan(1e-9)
                  .as("also where the outline is closed"));
    }
  }

  private static boolean naive(List<Position> ring) {
    int many = ring.size();
    boolean crosses = false;
    for (int i = 0; i < many; i++) {
      for (int j = i + 1; j < many; j++) {
        Position a = ring.get(i);
        Position b = ring.get((i + 1) % many);
        Position c = ring.get(j);
        Position d = ring.get((j + 1) % many);
        crosses |= side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
      }
    }
    return crosses;
  }

  private static double side(Position a, Position b, Position p) {
    return Math.signum((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x()));
  }

  @Test
  void distancesAndLengthsAreThoseOfTheLine() {
    assertThat(Drawn.distance(line(0, 0, 10, 0), new Position(5, 3))).isEqualTo(3);
    assertThat(Drawn.distance(line(0, 0, 10, 0), new Position(13, 4))).isEqualTo(5);
    assertThat(Drawn.distance(line(2, 2), new Position(2, 5))).isEqualTo(3);
    assertThat(Drawn.length(line(0, 0, 3, 4, 3, 10))).isCloseTo(11, within(1e-12));
    assertThat(Drawn.length(line(7, 7))).isZero();
  }
}
