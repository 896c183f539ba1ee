package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Walls with slits at random, held against plain reckoning of where a line crosses them. */
class SlitsOracleTest {
  /** Half the thickness of the wall, within which the rounded ends of its pieces decide, metres. */
  private static final double HALF = 0.1;

  private record Opening(double along, double width, double sill, double top) {
    boolean lets(double x, double above) {
      return Math.abs(x - along) < width / 2 && above > sill && above < top;
    }

    /** Whether a point lies too near an edge for the plain reckoning to know. */
    boolean edge(double x, double above) {
      boolean side = Math.abs(Math.abs(x - along) - width / 2) < 2 * HALF;
      boolean height = Math.abs(above - sill) < 1e-3 || Math.abs(above - top) < 1e-3;
      return side || (height && Math.abs(x - along) < width);
    }
  }

  static IntStream seeds() {
    return IntStream.range(0, 25);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aLineComesThroughWhereASlitIsAndNowhereElse(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Opening> openings = new ArrayList<>();
    StringBuilder slits = new StringBuilder();
    for (double along = 3; along < 55; along += 2 + random.nextDouble(8)) {
      double width = 0.5 + random.nextDouble();
      double sill = random.nextDouble(1.2);
      double top = sill + 0.2 + random.nextDouble(0.6);
      openings.add(new Opening(along, width, sill, top));
      slits.append(
          "%s's%d':{'order':'a%d','along':%s,'width':%s,'sill':%s,'top':%s,'lets':{'sight':true,'shots':false,'sound':false}}"
              .formatted(
                  slits.isEmpty() ? "" : ",",
                  openings.size(),
                  openings.size(),
                  along,
                  width,
                  sill,
                  top));
    }
    Stage stage = new Stage().wall("w", 20, 60, 80, 60).put("/walls/w/slits", "{" + slits + "}");
    Obstacles obstacles = Obstacles.of(stage.mission(), stage.ground());
    int through = 0;
    for (int i = 0; i < 400; i++) {
      double x = random.nextDouble(60);
      double above = random.nextDouble(2.5);
      boolean known =
          openings.stream().noneMatch(it -> it.edge(x, above)) && Math.abs(above - 2) > 1e-3;
      if (known && x > HALF && x < 60 - HALF) {
        boolean expected = above > 2 || openings.stream().anyMatch(it -> it.lets(x, above));
        boolean clear =
            obstacles.clear(
                20 + x,
                50,
                5 + above,
                20 + x,
                70,
                5 + above,
                Obstacles.Line.SIGHT,
                obstacles.first());
        assertThat(clear).as("%s m along, %s m up", x, above).isEqualTo(expected);
        assertThat(
                obstacles.clear(
                    20 + x,
                    50,
                    5 + above,
                    20 + x,
                    70,
                    5 + above,
                    Obstacles.Line.SHOT,
                    obstacles.first()))
            .isEqualTo(above > 2);
        through += expected && above < 2 ? 1 : 0;
      }
    }
    assertThat(through).isPositive();
    for (double x = 21; x < 79; x += 0.7) {
      assertThat(
              obstacles.clear(x, 55, x, 65, 0.3, Obstacles.ON_THE_GROUND, 1.8, obstacles.first()))
          .isFalse();
    }
  }
}
