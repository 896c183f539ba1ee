package org.flintmoss.terrain;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.TreeMap;
import org.flintmoss.mission.json.Canonical;

/** What the grounds that ship are shaped from, and how they are written. */
final class Relief {
  private Relief() {}

  static double crag(double x, double y, double cx, double cy, double radius, double top) {
    double bearing = StrictMath.atan2(x - cx, y - cy);
    double wave = 0.13 * StrictMath.sin(bearing * 3 + cx) + 0.05 * StrictMath.sin(bearing * 7);
    double rim = radius * (1 + wave);
    double far = distance(x, y, cx, cy);
    return far > rim + 8 ? -20 : -3 + (top + 3) * smooth((rim + 3 - far) / 7);
  }

  static double blob(double x, double y, double cx, double cy, double radius) {
    double far = distance(x, (y - cy) * 1.4 + cy, cx, cy) + 9 * noise(x, y, 22);
    return Math.max(0, 1 - far / radius);
  }

  static double distance(double x, double y, double cx, double cy) {
    return Math.sqrt((x - cx) * (x - cx) + (y - cy) * (y - cy));
  }

  static double smooth(double share) {
    double s = Math.max(0, Math.min(1, share));
    return s * s * (3 - 2 * s);
  }

  /** Value noise from -1 to 1 over squares of a size, metres. */
  static double noise(double x, double y, double size) {
    double gx = x / size;
    double gy = y / size;
    int column = (int) Math.floor(gx);
    int row = (int) Math.floor(gy);
    double fx = smooth(gx - column);
    double fy = smooth(gy - row);
    double south = at(column, row) * (1 - fx) + at(column + 1, row) * fx;
    double north = at(column, row + 1) * (1 - fx) + at(column + 1, row + 1) * fx;
    return south * (1 - fy) + north * fy;
  }

  private static double at(int column, int row) {
    int h = column * 374761393 + row * 668265263;
    h = (h ^ (h >>> 13)) * 1274126177;
    return ((h ^ (h >>> 16)) & 0xffff) / 32767.5 - 1;
  }

  /** The tiles of a grid by their place. */
  static TreeMap<String, byte[]> tiles(Ground.Grid grid) {
    TreeMap<String, byte[]> tiles = new TreeMap<>();
    for (int row = 0; row < grid.rows() / 64; row++) {
      for (int column = 0; column < grid.columns() / 64; column++) {
        tiles.put(column + "-" + row, Tile.write(grid, column, row, 0));
      }
    }
    return tiles;
  }

  /** Writes the tiles to a folder and prints the document's part about them. */
  static void write(Ground.Grid grid, Path folder) throws IOException {
    Path assets = Files.createDirectories(folder);
    StringBuilder json = new StringBuilder();
    for (var tile : tiles(grid).entrySet()) {
      String hash = Canonical.hash(tile.getValue());
      Files.write(assets.resolve(hash), tile.getValue());
      json.append(json.isEmpty() ? "" : ",").append("\"%s\":\"%s\"".formatted(tile.getKey(), hash));
    }
    System.out.println(
        "{\"columns\":%d,\"rows\":%d,\"cell\":%s,\"base\":0,\"tiles\":{%s}}"
            .formatted(grid.columns(), grid.rows(), grid.cell(), json));
  }
}
