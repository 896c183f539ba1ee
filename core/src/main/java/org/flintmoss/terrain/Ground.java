package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.MissionRefused;

/** The heights and surfaces of a mission's ground. Immutable; shared by all runs. */
public final class Ground {
  /**
   * Samples in the middle of each cell, row by row from the south-west.
   *
   * @param cell the side of a cell in metres
   * @param heights metres
   * @param surfaces ordinals of {@link Surface}, with what grows there; see {@link Growth}
   */
  public record Grid(int columns, int rows, double cell, double[] heights, byte[] surfaces) {
    /** A grid at height zero, all shingle. */
    public static Grid flat(int columns, int rows, double cell) {
      return new Grid(columns, rows, cell, new double[columns * rows], new byte[columns * rows]);
    }
  }

  private final int columns;
  private final int rows;
  private final double cell;
  private final double[] heights;
  private final byte[] surfaces;
  private final double highest;
  private final boolean overgrown;

  /** Ground with these samples, which are copied. */
  public Ground(Grid grid) {
    this(grid, grid.heights().clone(), grid.surfaces().clone());
  }

  private Ground(Grid grid, double[] heights, byte[] surfaces) {
    columns = grid.columns();
    rows = grid.rows();
    cell = grid.cell();
    this.heights = heights;
    this.surfaces = surfaces;
    highest = Arrays.stream(heights).max().orElse(0);
    overgrown = IntStream.range(0, surfaces.length).anyMatch(it -> Growth.of(surfaces[it]) != null);
  }

  /**
   * The ground that a document describes. Tiles that the document does not name lie at its base.
   *
   * @throws MissionRefused if a tile's bytes are missing or have the wrong length
   */
  public static Ground of(Terrain terrain, Assets assets) {
    Grid grid = Grid.flat(terrain.columns(), terrain.rows(), terrain.cell());
    Arrays.fill(grid.heights(), terrain.base());
    terrain.tiles().forEach((key, hash) -> read(grid, key, bytes(key, hash, assets), terrain));
    return new Ground(grid, grid.heights(), grid.surfaces());
  }

  /**
   * The ground that a document describes after an edit of the one that this ground is of: only
   * tiles that are others are read.
   *
   * @param was the terrain of that document
   * @throws MissionRefused like {@link #of}
   */
  public Ground next(Terrain was, Terrain terrain, Assets assets) {
    boolean fits =
        terrain.columns() == was.columns()
            && terrain.rows() == was.rows()
            && terrain.cell() == was.cell()
            && terrain.base() == was.base();
    if (!fits) {
      return of(terrain, assets);
    }
    Grid grid = new Grid(columns, rows, cell, heights.clone(), surfaces.clone());
    was.tiles().keySet().stream()
        .filter(key -> !terrain.tiles().containsKey(key))
        .forEach(key -> read(grid, key, new byte[Tile.BYTES], terrain));
    terrain.tiles().entrySet().stream()
        .filter(tile -> !tile.getValue().equals(was.tiles().get(tile.getKey())))
        .forEach(
            tile ->
                read(grid, tile.getKey(), bytes(tile.getKey(), tile.getValue(), assets), terrain));
    return new Ground(grid, grid.heights(), grid.surfaces());
  }

  private static byte[] bytes(String tile, String hash, Assets assets) {
    String pointer = "/setting/terrain/tiles/" + tile;
    byte[] bytes =
        assets
            .bytes(hash)
            .orElseThrow(() -> new MissionRefused(pointer, "names an asset that is not there"));
    if (bytes.length != Tile.BYTES) {
      throw new MissionRefused(
          pointer, "names an asset of " + bytes.length + " bytes; a tile has " + Tile.BYTES);
    }
    return bytes;
  }

  /** A tile of noughts lies at the base, all shingle. */
  private static void read(Grid grid, String tile, byte[] bytes, Terrain terrain) {
    String[] at = tile.split("-");
    Tile.read(bytes, Integer.parseInt(at[0]), Integer.parseInt(at[1]), grid, terrain.base());
  }

  /** Cells from west to east. */
  public int columns() {
    return columns;
  }

  /** Cells from south to north. */
  public int rows() {
    return rows;
  }

  /** The side of a cell, metres. */
  public double cell() {
    return cell;
  }

  /** Metres from the west edge to the east edge. */
  public double width() {
    return columns * cell;
  }

  /** Metres from the south edge to the north edge. */
  public double height() {
    return rows * cell;
  }

  /** How many cells a square has, from side to side, of which it is told if anything changed. */
  private static final int SQUARE = 32;

  /** Where it differs from other ground of as many cells: squares of {@value #SQUARE} cells. */
  public List<Area.Bounds> changes(Ground before) {
    List<Area.Bounds> changes = new ArrayList<>();
    for (int south = 0; south < rows && this != before; south += SQUARE) {
      int north = Math.min(rows, south + SQUARE);
      for (int west = 0; west < columns; west += SQUARE) {
        int east = Math.min(columns, west + SQUARE);
        if (differs(before, west, south, east, north)) {
          changes.add(new Area.Bounds(west * cell, south * cell, east * cell, north * cell));
        }
      }
    }
    return changes;
  }

  private boolean differs(Ground before, int west, int south, int east, int north) {
    for (int row = south; row < north; row++) {
      int from = row * columns + west;
      int to = row * columns + east;
      if (!Arrays.equals(heights, from, to, before.heights, from, to)
          || !Arrays.equals(surfaces, from, to, before.surfaces, from, to)) {
        return true;
      }
    }
    return false;
  }

  /** Whether it has as many cells of the same size as other ground. */
  public boolean fits(Ground other) {
    return columns == other.columns && rows == other.rows && cell == other.cell;
  }

  /** Whether a point lies on it, and not beyond its edge. */
  public boolean holds(double x, double y) {
    return x >= 0 && y >= 0 && x < width() && y < height();
  }

  /** The index of the cell at a point; points beyond the edge count to the cell at the edge. */
  public int cellAt(double x, double y) {
    int column = Squares.at(x, cell, columns);
    int row = Squares.at(y, cell, rows);
    return row * columns + column;
  }

  /** The sample in the middle of a cell, metres. */
  public double sample(int index) {
    return heights[index];
  }

  /** The surface of a cell. */
  public Surface surface(int index) {
    return Surface.of(surfaces[index]);
  }

  /** Whether anything grows anywhere. */
  public boolean overgrown() {
    return overgrown;
  }

  /** What grows in a cell; null for nothing. */
  public Growth growth(int index) {
    return Growth.of(surfaces[index]);
  }

  /** What speed on foot is multiplied by for what grows in a cell, 0 to 1. */
  public double growthPace(int index) {
    Growth growth = Growth.of(surfaces[index]);
    return growth == null ? 1 : 1 - (1 - growth.pace()) * Growth.density(surfaces[index]);
  }

  /** How near the eyes nothing that grows is in the way: one parts it, metres. */
  private static final double PARTED = 1;

  /**
   * The share of a sight line that what grows along it leaves, 0 to 1. Each metre through growth
   * that reaches above the line leaves {@code 1 - hides * density} of it, as a thin medium does
   * (Beer and Lambert).
   *
   * @param from height of the eyes above the zero of heights, metres
   * @param to the same of what is looked at
   * @param bare the cells on which nothing grows any more
   */
  public double veil(
      double x, double y, double from, double tx, double ty, double to, BitSet bare) {
    if (!overgrown) {
      return 1;
    }
    double dx = tx - x;
    double dy = ty - y;
    double length = Math.sqrt(dx * dx + dy * dy);
    int steps = (int) Math.floor(length / (cell * 0.5)) + 1;
    double left = 1;
    for (int i = 0; i < steps && left > Growth.SEEN / 100; i++) {
      double share = (i + 0.5) / steps;
      if (share * length < PARTED) {
        continue;
      }
      double px = x + dx * share;
      double py = y + dy * share;
      int at = cellAt(px, py);
      byte here = surfaces[at];
      Growth growth = bare.get(at) ? null : Growth.of(here);
      if (growth != null && from + (to - from) * share < heightAt(px, py) + growth.height()) {
        left *= StrictMath.pow(1 - growth.hides() * Growth.density(here), length / steps);
      }
    }
    return left;
  }

  /** The height at a point, bilinear between the four nearest samples, metres. */
  public double heightAt(double x, double y) {
    double gx = Math.max(0, Math.min(columns - 1, x / cell - 0.5));
    double gy = Math.max(0, Math.min(rows - 1, y / cell - 0.5));
    int column = Math.min(columns - 2, (int) gx);
    int row = Math.min(rows - 2, (int) gy);
    double fx = gx - column;
    double fy = gy - row;
    int at = row * columns + column;
    double south = heights[at] * (1 - fx) + heights[at + 1] * fx;
    double north = heights[at + columns] * (1 - fx) + heights[at + columns + 1] * fx;
    return south * (1 - fy) + north * fy;
  }

  /** How much higher the ground is a metre to the east of a point, as it rises there. */
  public double risesEast(double x, double y) {
    double gx = Math.max(0, Math.min(columns - 1, x / cell - 0.5));
    double gy = Math.max(0, Math.min(rows - 1, y / cell - 0.5));
    int row = Math.min(rows - 2, (int) gy);
    int at = row * columns + Math.min(columns - 2, (int) gx);
    double south = heights[at + 1] - heights[at];
    double north = heights[at + columns + 1] - heights[at + columns];
    return (south + (north - south) * (gy - row)) / cell;
  }

  /** How much higher the ground is a metre to the north of a point, as it rises there. */
  public double risesNorth(double x, double y) {
    double gx = Math.max(0, Math.min(columns - 1, x / cell - 0.5));
    double gy = Math.max(0, Math.min(rows - 1, y / cell - 0.5));
    int column = Math.min(columns - 2, (int) gx);
    int at = Math.min(rows - 2, (int) gy) * columns + column;
    double west = heights[at + columns] - heights[at];
    double east = heights[at + columns + 1] - heights[at + 1];
    return (west + (east - west) * (gx - column)) / cell;
  }

  /** The steepness of a cell, metres of rise per metre, from central differences. */
  public double gradient(int index) {
    int column = index % columns;
    int row = index / columns;
    int west = column > 0 ? index - 1 : index;
    int east = column < columns - 1 ? index + 1 : index;
    int south = row > 0 ? index - columns : index;
    int north = row < rows - 1 ? index + columns : index;
    double dx = (heights[east] - heights[west]) / (cell * Math.max(1, east - west));
    double dy = (heights[north] - heights[south]) / (cell * Math.max(1, (north - south) / columns));
    return Math.sqrt(dx * dx + dy * dy);
  }

  /**
   * Whether the ground leaves a straight line free.
   *
   * @param from height of the one end above the zero of heights, metres
   * @param to the same of the other end
   */
  public boolean clear(double x, double y, double from, double tx, double ty, double to) {
    double dx = tx - x;
    double dy = ty - y;
    int steps = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / (cell * 0.5)) + 1;
    for (int i = 1; i < steps; i++) {
      double share = (double) i / steps;
      double line = from + (to - from) * share;
      if (line <= highest && heightAt(x + dx * share, y + dy * share) > line) {
        return false;
      }
    }
    return true;
  }
}
