package org.flintmoss.mission.ground;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.SortedMap;

/**
 * The ground as the document keeps it: the shape of its grid, and for each tile of 64 x 64 cells
 * the asset that holds its heights and surfaces.
 *
 * @param columns cells from west to east
 * @param rows cells from south to north
 * @param cell the side of a cell in metres
 * @param base metres that are added to every stored height
 * @param tiles {@code column-row} of the tile, counted from the south-west, to the hash of its
 *     bytes
 */
public record Terrain(
    @Min(TILE) @Max(2048) int columns,
    @Min(TILE) @Max(2048) int rows,
    @DecimalMin("0.25") @DecimalMax("64") double cell,
    @DecimalMin("-5000") @DecimalMax("9000") double base,
    @Size(max = 1024)
        SortedMap<
                @Pattern(regexp = "[0-9]{1,2}-[0-9]{1,2}") String,
                @Pattern(regexp = Terrain.HASH) String>
            tiles) {
  /** Cells along one side of a tile. */
  public static final int TILE = 64;

  /** The shape of an asset's name: the SHA-256 of its bytes in hexadecimal. */
  public static final String HASH = "[0-9a-f]{64}";

  /** Whether it reaches as far as another at least. */
  public boolean covers(Terrain other) {
    return width() >= other.width() && height() >= other.height();
  }

  /** Metres from the west edge to the east edge. */
  public double width() {
    return columns * cell;
  }

  /** Metres from the south edge to the north edge. */
  public double height() {
    return rows * cell;
  }
}
