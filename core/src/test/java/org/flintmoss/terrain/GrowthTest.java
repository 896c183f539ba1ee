package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.BitSet;
import org.flintmoss.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What grows on flat ground at 5 m: how it is stored, hides and slows. */
class GrowthTest {
  private static final BitSet NOWHERE = new BitSet();

  /** Growth from 40 m to 60 m east, over all of its length. */
  private static Ground strip(Growth growth, int density) {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    Arrays.fill(grid.heights(), 5);
    Arrays.fill(grid.surfaces(), (byte) Surface.GRASS.ordinal());
    for (int cell = 0; cell < grid.surfaces().length; cell++) {
      if (cell % 64 >= 20 && cell % 64 < 30) {
        grid.surfaces()[cell] = growth.on(Surface.MARSH, density);
      }
    }
    return new Ground(grid);
  }

  @ParameterizedTest
  @EnumSource
  void aByteTellsSurfaceGrowthAndDensity(Growth growth) {
    for (int density = 1; density <= Growth.DENSEST; density++) {
      byte stored = growth.on(Surface.FLOOR, density);
      assertThat(Surface.of(stored)).isEqualTo(Surface.FLOOR);
      assertThat(Growth.of(stored)).isEqualTo(growth);
      assertThat(Growth.density(stored)).isEqualTo(density / 7.0);
    }
    assertThat(Growth.of((byte) Surface.FLOOR.ordinal())).isNull();
    assertThat(Growth.of((byte) 255)).as("unknown bytes are the last").isEqualTo(Growth.TREES);
  }

  /** Twenty metres of reeds at 0.3 a metre leave 0.7^20; at a seventh of that density more. */
  @Test
  void eachMetreOfGrowthTakesItsShareOfASightLine() {
    Ground dense = strip(Growth.REEDS, 7);
    assertThat(dense.veil(30, 50, 6.6, 70, 50, 6.6, NOWHERE))
        .isCloseTo(StrictMath.pow(0.7, 20), within(1e-3));
    assertThat(strip(Growth.REEDS, 1).veil(30, 50, 6.6, 70, 50, 6.6, NOWHERE))
        .isCloseTo(StrictMath.pow(1 - 0.3 / 7, 20), within(1e-2));
    assertThat(dense.veil(30, 50, 6.6, 39, 50, 6.6, NOWHERE)).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({"REEDS, 6.6, true", "REEDS, 7.3, false", "HEATHER, 6.6, false", "HEATHER, 5.3, true"})
  void itHidesNobodyWhoIsHigherThanItReaches(Growth growth, double height, boolean hides) {
    double left = strip(growth, 7).veil(30, 50, height, 70, 50, height, NOWHERE);
    assertThat(left < Growth.SEEN).isEqualTo(hides);
  }

  @Test
  void whereItHasBurntItHidesNobody() {
    Ground dense = strip(Growth.REEDS, 7);
    BitSet bare = new BitSet();
    bare.set(0, 200 * 200);
    assertThat(dense.veil(30, 50, 6.6, 70, 50, 6.6, bare)).isEqualTo(1);
  }

  @Test
  void nearTheEyesItIsParted() {
    Ground gorse = strip(Growth.GORSE, 7);
    assertThat(gorse.veil(50, 50, 6, 50.9, 50, 6, NOWHERE)).isEqualTo(1);
    assertThat(gorse.veil(50, 50, 6, 55, 50, 6, NOWHERE)).isLessThan(Growth.SEEN);
  }

  @Test
  void itSlowsByItsDensityButNotOnARoadThroughIt() {
    Ground ground = strip(Growth.GORSE, 7);
    Decks bare = Decks.of(new Stage().mission(), ground);
    assertThat(bare.pace(Decks.GROUND, 50, 50)).isCloseTo(0.6 * 0.45, within(1e-9));
    assertThat(bare.pace(Decks.GROUND, 30, 50)).isEqualTo(1);
    Ground thin = strip(Growth.GORSE, 1);
    assertThat(thin.growthPace(thin.cellAt(50, 50))).isCloseTo(1 - 0.55 / 7, within(1e-9));
    Decks road = Decks.of(new Stage().road("r", 3, "road", 10, 50, 100, 50).mission(), ground);
    assertThat(road.pace(Decks.GROUND, 50, 50)).isEqualTo(1);
  }

  @Test
  void itIsKeptByTiles() {
    Ground.Grid grid = Ground.Grid.flat(64, 64, 2);
    grid.surfaces()[70] = Growth.HEATHER.on(Surface.ROCK, 4);
    byte[] tile = Tile.write(grid, 0, 0, 0);
    Ground.Grid read = Ground.Grid.flat(64, 64, 2);
    Tile.read(tile, 0, 0, read, 0);
    Ground ground = new Ground(read);
    assertThat(ground.growth(70)).isEqualTo(Growth.HEATHER);
    assertThat(ground.surface(70)).isEqualTo(Surface.ROCK);
    assertThat(ground.growth(71)).isNull();
  }
}
