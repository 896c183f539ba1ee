package org.flintmoss.terrain.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.flintmoss.mission.MissionRefused;
import org.flintmoss.mission.Terrain;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Surface;
import org.flintmoss.terrain.Tiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Ground made from a seed: the same again, of the asked size, and such as was asked for. */
class GroundMakerTest {
  private static Wish wish(Wish.Land land, long seed, int cells, double cell) {
    return new Wish(land, cells, cells, cell, seed, 1, 0, true, 4);
  }

  private static double share(Ground.Grid grid, java.util.function.IntPredicate of) {
    int cells = grid.heights().length;
    return (double) IntStream.range(0, cells).filter(of).count() / cells;
  }

  @ParameterizedTest
  @EnumSource(Wish.Land.class)
  void theSameSeedIsTheSameGroundAndAnotherIsNot(Wish.Land land) {
    GroundMaker.Made one = GroundMaker.make(wish(land, 7, 128, 4));
    GroundMaker.Made again = GroundMaker.make(wish(land, 7, 128, 4));
    GroundMaker.Made other = GroundMaker.make(wish(land, 8, 128, 4));
    assertThat(again.grid().heights()).isEqualTo(one.grid().heights());
    assertThat(again.grid().surfaces()).isEqualTo(one.grid().surfaces());
    assertThat(again.names()).isEqualTo(one.names());
    assertThat(other.grid().heights()).isNotEqualTo(one.grid().heights());
    assertThat(Arrays.stream(one.grid().heights())).allMatch(Double::isFinite);
  }

  @ParameterizedTest
  @EnumSource(Wish.Land.class)
  void aSketchShowsWhatTheGroundWillBe(Wish.Land land) {
    Wish wish = wish(land, 3, 512, 2);
    Ground fine = new Ground(GroundMaker.make(wish).grid());
    Ground.Grid sketch = GroundMaker.make(wish.sketch(128)).grid();
    Ground coarse = new Ground(sketch);
    double sum = 0;
    for (double x = 50; x < 1000; x += 50) {
      for (double y = 50; y < 1000; y += 50) {
        sum += Math.abs(fine.heightAt(x, y) - coarse.heightAt(x, y));
      }
    }
    assertThat(sum / (19 * 19)).as("mean difference, metres").isLessThan(2);
  }

  @Test
  void aCoastHasSeaToTheNorthAndLandToTheSouth() {
    for (long seed = 0; seed < 6; seed++) {
      Ground.Grid grid = GroundMaker.make(wish(Wish.Land.COAST, seed, 128, 8)).grid();
      double south = share(grid, cell -> cell / 128 < 20 && grid.heights()[cell] > 0);
      double north = share(grid, cell -> cell / 128 >= 108 && grid.heights()[cell] < 0);
      assertThat(south).isGreaterThan(0.15);
      assertThat(north).isGreaterThan(0.13);
    }
  }

  @Test
  void hillsAreDryAndMarshesAreNeither() {
    Ground.Grid hills = GroundMaker.make(wish(Wish.Land.HILLS, 5, 128, 8)).grid();
    assertThat(share(hills, cell -> hills.heights()[cell] > 0)).isGreaterThan(0.9);
    Ground.Grid marsh = GroundMaker.make(wish(Wish.Land.MARSH, 5, 128, 8)).grid();
    assertThat(share(marsh, cell -> marsh.heights()[cell] > 0)).isBetween(0.3, 0.9);
    assertThat(share(marsh, cell -> Math.abs(marsh.heights()[cell]) < 3)).isGreaterThan(0.8);
  }

  @Test
  void settlementsLieDryAndLevelAndAreJoinedByRoads() {
    int found = 0;
    for (long seed = 0; seed < 5; seed++) {
      GroundMaker.Made made = GroundMaker.make(wish(Wish.Land.COAST, seed, 256, 4));
      Ground ground = new Ground(made.grid());
      for (GroundMaker.Settlement place : made.names()) {
        int cell = ground.cellAt(place.at().x(), place.at().y());
        assertThat(ground.sample(cell)).isGreaterThan(1);
        assertThat(ground.gradient(cell)).isLessThan(0.3);
        found++;
      }
      assertThat(made.names()).doesNotHaveDuplicates();
      byte road = (byte) Surface.ROAD.ordinal();
      assertThat(share(made.grid(), cell -> made.grid().surfaces()[cell] == road))
          .isBetween(0.001, 0.1);
    }
    assertThat(found).isGreaterThan(12);
    Wish none = new Wish(Wish.Land.COAST, 128, 128, 8, 1, 1, 0, false, 0);
    Ground.Grid bare = GroundMaker.make(none).grid();
    assertThat(share(bare, cell -> bare.surfaces()[cell] == Surface.ROAD.ordinal())).isZero();
  }

  @Test
  void aGridIsCutIntoTilesThatGiveItBack() {
    Ground.Grid grid =
        GroundMaker.make(new Wish(Wish.Land.ROCK, 130, 70, 2, 9, 1, 0, false, 0)).grid();
    Tiles tiles = Tiles.cut(grid);
    assertThat(tiles.terrain().tiles()).hasSize(6);
    Ground again =
        Ground.of(tiles.terrain(), hash -> java.util.Optional.ofNullable(tiles.assets().get(hash)));
    for (int cell = 0; cell < grid.heights().length; cell++) {
      assertThat(again.sample(cell))
          .isCloseTo(grid.heights()[cell], org.assertj.core.data.Offset.offset(0.006));
      assertThat(again.surface(cell).ordinal()).isEqualTo(grid.surfaces()[cell]);
    }
  }

  @Test
  void heightsFarFromZeroAreKeptAboveABaseAndTooWideARangeIsRefused() {
    Ground.Grid high = Ground.Grid.flat(Terrain.TILE, Terrain.TILE, 8);
    Arrays.fill(high.heights(), 1200);
    high.heights()[5] = 1700;
    Tiles tiles = Tiles.cut(high);
    assertThat(tiles.terrain().base()).isEqualTo(1450);
    Ground again =
        Ground.of(tiles.terrain(), hash -> java.util.Optional.ofNullable(tiles.assets().get(hash)));
    assertThat(again.sample(5)).isEqualTo(1700);
    high.heights()[5] = 2000;
    assertThatThrownBy(() -> Tiles.cut(high))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("from 1200 m to 2000 m");
  }
}
