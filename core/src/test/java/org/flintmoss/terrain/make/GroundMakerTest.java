package org.flintmoss.terrain.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Surface;
import org.flintmoss.terrain.Tiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Ground made from a seed: the same again, of the asked size, and such as was asked for. */
class GroundMakerTest {
  private static GroundSpec spec(GroundSpec.Land land, long seed, int cells, double cell) {
    return new GroundSpec(land, cells, cells, cell, seed, 1, 0, 1, true, 4);
  }

  private static double share(Ground.Grid grid, java.util.function.IntPredicate of) {
    int cells = grid.heights().length;
    return (double) IntStream.range(0, cells).filter(of).count() / cells;
  }

  @ParameterizedTest
  @EnumSource(GroundSpec.Land.class)
  void theSameSeedIsTheSameGroundAndAnotherIsNot(GroundSpec.Land land) {
    GroundMaker.Made one = GroundMaker.make(spec(land, 7, 128, 4));
    GroundMaker.Made again = GroundMaker.make(spec(land, 7, 128, 4));
    GroundMaker.Made other = GroundMaker.make(spec(land, 8, 128, 4));
    assertThat(again.grid().heights()).isEqualTo(one.grid().heights());
    assertThat(again.grid().surfaces()).isEqualTo(one.grid().surfaces());
    assertThat(again.names()).isEqualTo(one.names());
    assertThat(other.grid().heights()).isNotEqualTo(one.grid().heights());
    assertThat(Arrays.stream(one.grid().heights())).allMatch(Double::isFinite);
  }

  @ParameterizedTest
  @EnumSource(GroundSpec.Land.class)
  void aSketchShowsWhatTheGroundWillBe(GroundSpec.Land land) {
    GroundSpec spec = spec(land, 3, 512, 2);
    Ground fine = new Ground(GroundMaker.make(spec).grid());
    Ground.Grid sketch = GroundMaker.make(spec.sketch(128)).grid();
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
      Ground.Grid grid = GroundMaker.make(spec(GroundSpec.Land.COAST, seed, 128, 8)).grid();
      double south = share(grid, cell -> cell / 128 < 20 && grid.heights()[cell] > 0);
      double north = share(grid, cell -> cell / 128 >= 108 && grid.heights()[cell] < 0);
      assertThat(south).isGreaterThan(0.15);
      assertThat(north).isGreaterThan(0.13);
    }
  }

  @Test
  void hillsAreDryAndMarshesAreNeither() {
    Ground.Grid hills = GroundMaker.make(spec(GroundSpec.Land.HILLS, 5, 128, 8)).grid();
    assertThat(share(hills, cell -> hills.heights()[cell] > 0)).isGreaterThan(0.9);
    Ground.Grid marsh = GroundMaker.make(spec(GroundSpec.Land.MARSH, 5, 128, 8)).grid();
    assertThat(share(marsh, cell -> marsh.heights()[cell] > 0)).isBetween(0.3, 0.9);
    assertThat(share(marsh, cell -> Math.abs(marsh.heights()[cell]) < 3)).isGreaterThan(0.8);
  }

  @Test
  void settlementsLieDryAndLevelAndAreJoinedByRoads() {
    int found = 0;
    for (long seed = 0; seed < 5; seed++) {
      GroundMaker.Made made = GroundMaker.make(spec(GroundSpec.Land.COAST, seed, 256, 4));
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
    GroundSpec none = new GroundSpec(GroundSpec.Land.COAST, 128, 128, 8, 1, 1, 0, 0, false, 0);
    Ground.Grid bare = GroundMaker.make(none).grid();
    assertThat(share(bare, cell -> bare.surfaces()[cell] == Surface.ROAD.ordinal())).isZero();
  }

  private static Ground grown(GroundSpec.Land land, double growth) {
    return new Ground(
        GroundMaker.make(new GroundSpec(land, 256, 256, 4, 6, 1, 0, growth, true, 3)).grid());
  }

  /** The share of the ground on which something grows. */
  private static double green(Ground ground) {
    long many = IntStream.range(0, 256 * 256).filter(cell -> ground.growth(cell) != null).count();
    return many / (256.0 * 256);
  }

  @ParameterizedTest
  @EnumSource(
      value = GroundSpec.Land.class,
      names = {"COAST", "HILLS", "MARSH", "FLAT"})
  void asMuchGrowsAsIsWantedAndNothingOnRoadsAndInTheSea(GroundSpec.Land land) {
    Ground usual = grown(land, 1);
    assertThat(green(grown(land, 0))).isZero();
    assertThat(green(usual)).isBetween(0.02, 0.6);
    assertThat(green(grown(land, 2))).isGreaterThan(green(usual) * 1.2);
    for (int cell = 0; cell < 256 * 256; cell++) {
      if (usual.growth(cell) != null) {
        assertThat(usual.surface(cell)).isNotIn(Surface.ROAD, Surface.SHINGLE, Surface.ROCK);
        assertThat(usual.sample(cell)).isGreaterThan(-0.6);
      }
    }
  }

  @Test
  void reedsGrowInMarshesAndWoodsOnDryGround() {
    Ground marsh = grown(GroundSpec.Land.MARSH, 1);
    Ground hills = grown(GroundSpec.Land.HILLS, 1);
    assertThat(kinds(marsh)).contains(Growth.REEDS);
    assertThat(kinds(hills)).contains(Growth.TREES, Growth.GORSE).doesNotContain(Growth.REEDS);
  }

  private static Set<Growth> kinds(Ground ground) {
    return IntStream.range(0, 256 * 256)
        .mapToObj(ground::growth)
        .filter(Objects::nonNull)
        .collect(Collectors.toSet());
  }

  @Test
  void aGridIsCutIntoTilesThatGiveItBack() {
    Ground.Grid grid =
        GroundMaker.make(new GroundSpec(GroundSpec.Land.HILLS, 130, 70, 2, 9, 1, 0, 1, false, 0))
            .grid();
    Tiles tiles = Tiles.cut(grid);
    assertThat(tiles.terrain().tiles()).hasSize(6);
    Ground again =
        Ground.of(tiles.terrain(), hash -> java.util.Optional.ofNullable(tiles.assets().get(hash)));
    Ground before = new Ground(grid);
    for (int cell = 0; cell < grid.heights().length; cell++) {
      assertThat(again.sample(cell))
          .isCloseTo(grid.heights()[cell], org.assertj.core.data.Offset.offset(0.006));
      assertThat(again.surface(cell)).isEqualTo(before.surface(cell));
      assertThat(again.growth(cell)).isEqualTo(before.growth(cell));
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
