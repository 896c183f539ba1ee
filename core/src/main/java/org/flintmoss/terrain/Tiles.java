package org.flintmoss.terrain;

import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.MissionRefused;

/**
 * A whole grid as the document and its assets keep it.
 *
 * @param terrain the part of the document
 * @param assets the bytes of its tiles by their hash
 */
public record Tiles(Terrain terrain, SortedMap<String, byte[]> assets) {
  /** The greatest difference of heights that tiles can keep, metres. */
  public static final double RANGE = 650;

  /**
   * Cuts a grid into tiles.
   *
   * @throws MissionRefused if its heights differ by more than {@value #RANGE} m
   */
  public static Tiles cut(Ground.Grid grid) {
    double low = Arrays.stream(grid.heights()).min().orElse(0);
    double high = Arrays.stream(grid.heights()).max().orElse(0);
    if (high - low > RANGE) {
      throw new MissionRefused(
          "",
          "has heights from %.0f m to %.0f m; they may differ by %.0f m at most"
              .formatted(low, high, RANGE));
    }
    boolean near = low > -RANGE / 2 && high < RANGE / 2;
    double base = near ? 0 : Math.floor((low + high) / 2);
    SortedMap<String, String> tiles = new TreeMap<>();
    SortedMap<String, byte[]> assets = new TreeMap<>();
    for (int row = 0; row * Terrain.TILE < grid.rows(); row++) {
      for (int column = 0; column * Terrain.TILE < grid.columns(); column++) {
        byte[] bytes = Tile.write(grid, column, row, base);
        String hash = Canonical.hash(bytes);
        tiles.put(column + "-" + row, hash);
        assets.put(hash, bytes);
      }
    }
    return new Tiles(new Terrain(grid.columns(), grid.rows(), grid.cell(), base, tiles), assets);
  }
}
