package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SegmentsTest {
  @ParameterizedTest
  @CsvSource({
    "5, 3, 3", // beside its middle
    "-3, 4, 5", // beyond its beginning
    "13, -4, 5", // beyond its end
    "7, 0, 0" // on it
  })
  void thePointNearestToAPieceLiesOnIt(double x, double y, double far) {
    assertThat(Segments.toPoint(0, 0, 10, 0, x, y)).isEqualTo(far);
  }

  @ParameterizedTest
  @CsvSource({
    "2, -1, 2, 1, 0", // across it
    "2, 1, 8, 1, 1", // along it
    "13, 4, 13, 9, 5", // past its end
    "0, 2, 10, 5, 2" // slanting
  })
  void piecesAreAsFarApartAsTheirNearestPoints(
      double cx, double cy, double dx, double dy, double far) {
    assertThat(Segments.toSegment(0, 0, 10, 0, cx, cy, dx, dy)).isCloseTo(far, within(1e-12));
  }

  /** By trying many points of both. */
  private static double tried(double[] a, double[] b) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= 400; i++) {
      double x = a[0] + (a[2] - a[0]) * i / 400;
      double y = a[1] + (a[3] - a[1]) * i / 400;
      least = Math.min(least, Segments.toPoint(b[0], b[1], b[2], b[3], x, y));
    }
    return least;
  }

  private static double[] piece(SplittableRandom random) {
    return random.doubles(4, 0, 20).toArray();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3})
  void theDistanceOfPiecesIsThatFoundByTrying(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    for (int i = 0; i < 300; i++) {
      double[] a = piece(random);
      double[] b = piece(random);
      double far = Segments.toSegment(a[0], a[1], a[2], a[3], b[0], b[1], b[2], b[3]);
      assertThat(far).isCloseTo(tried(a, b), within(0.08));
      assertThat(Segments.toSegment(b[0], b[1], b[2], b[3], a[0], a[1], a[2], a[3]))
          .as("the other way round")
          .isCloseTo(far, within(1e-9));
      double share = Segments.nearest(a[0], a[1], a[2], a[3], b[0], b[1], b[2], b[3]);
      double x = a[0] + (a[2] - a[0]) * share;
      double y = a[1] + (a[3] - a[1]) * share;
      assertThat(Segments.toPoint(b[0], b[1], b[2], b[3], x, y)).isCloseTo(far, within(1e-9));
    }
  }

  @Test
  void aGateCutsItsWidthAndTheThicknessOutOfAWall() {
    List<double[]> left = Segments.without(0, 0, 20, 0, 0.2, new double[][] {{8, 0.1, 12, -0.1}});
    assertThat(left).hasSize(2);
    assertThat(left.get(0)[2]).isCloseTo(7.8, within(1e-9));
    assertThat(left.get(1)[0]).isCloseTo(12.2, within(1e-9));
  }

  @Test
  void aGateBesideAWallCutsNothingAndOneAsLongCutsAll() {
    assertThat(Segments.without(0, 0, 20, 0, 0.2, new double[][] {{8, 2, 12, 2}})).hasSize(1);
    assertThat(Segments.without(0, 0, 20, 0, 0.2, new double[][] {{0, 0, 20, 0}})).isEmpty();
  }

  @Test
  void twoGatesLeaveThreePartsInAnyOrder() {
    double[][] cuts = {{14, 0, 16, 0}, {4, 0, 6, 0}};
    List<double[]> left = Segments.without(0, 0, 20, 0, 0, cuts);
    assertThat(left.stream().mapToDouble(part -> part[2] - part[0]).sum())
        .isCloseTo(16, within(1e-9));
    assertThat(left).hasSize(3);
  }
}
