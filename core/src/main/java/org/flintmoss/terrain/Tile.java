package org.flintmoss.terrain;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.flintmoss.mission.ground.Terrain;

/**
 * The bytes of one tile of 64 x 64 cells: heights in centimetres above the terrain's base as
 * little-endian int16, row by row from the south-west, then one byte a cell for its {@link Surface}
 * and {@link Growth}.
 */
public final class Tile {
  private static final int CELLS = Terrain.TILE * Terrain.TILE;

  /** The length of a tile in bytes. */
  public static final int BYTES = CELLS * 3;

  private Tile() {}

  /** Copies a tile's cells to the grid of the whole ground; cells beyond the grid are left out. */
  static void read(byte[] bytes, int tileColumn, int tileRow, Ground.Grid grid, double base) {
    ByteBuffer heights = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    for (int i = 0; i < CELLS; i++) {
      int column = tileColumn * Terrain.TILE + i % Terrain.TILE;
      int row = tileRow * Terrain.TILE + i / Terrain.TILE;
      if (column < grid.columns() && row < grid.rows()) {
        int cell = row * grid.columns() + column;
        grid.heights()[cell] = base + heights.getShort(i * 2) / 100.0;
        grid.surfaces()[cell] = bytes[CELLS * 2 + i];
      }
    }
  }

  /** The bytes of one tile of a grid. Heights are rounded to the centimetre. */
  public static byte[] write(Ground.Grid grid, int tileColumn, int tileRow, double base) {
    ByteBuffer bytes = ByteBuffer.allocate(BYTES).order(ByteOrder.LITTLE_ENDIAN);
    for (int i = 0; i < CELLS; i++) {
      int column = Math.min(tileColumn * Terrain.TILE + i % Terrain.TILE, grid.columns() - 1);
      int row = Math.min(tileRow * Terrain.TILE + i / Terrain.TILE, grid.rows() - 1);
      int cell = row * grid.columns() + column;
      bytes.putShort(i * 2, (short) Math.floor((grid.heights()[cell] - base) * 100 + 0.5));
      bytes.put(CELLS * 2 + i, grid.surfaces()[cell]);
    }
    return bytes.array();
  }
}
