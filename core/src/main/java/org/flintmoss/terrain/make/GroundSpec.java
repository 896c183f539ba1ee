package org.flintmoss.terrain.make;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import org.flintmoss.mission.ground.Terrain;

/**
 * What ground is wanted.
 *
 * @param columns cells from west to east
 * @param rows cells from south to north
 * @param cell the side of a cell, metres
 * @param relief how high and steep it is: 1 as is usual for such land
 * @param sea the level of the sea over the zero of heights, metres
 * @param growth how much grows on it: 0 for nothing, 1 as is usual for such land
 * @param roads whether roads join the settlements and lead off the sheet
 */
public record GroundSpec(
    Land land,
    @Min(Terrain.TILE) @Max(2048) int columns,
    @Min(Terrain.TILE) @Max(2048) int rows,
    @DecimalMin("0.25") @DecimalMax("64") double cell,
    @Min(0) @Max(999999) long seed,
    @DecimalMin("0.1") @DecimalMax("3") double relief,
    @DecimalMin("-50") @DecimalMax("50") double sea,
    @DecimalMin("0") @DecimalMax("3") double growth,
    boolean roads,
    @Min(0) @Max(12) int settlements) {

  /** What the land is like. */
  public enum Land {
    @JsonProperty("coast")
    COAST,
    @JsonProperty("hills")
    HILLS,
    @JsonProperty("marsh")
    MARSH,
    @JsonProperty("rock")
    ROCK,
    @JsonProperty("flat")
    FLAT
  }

  /** Metres from west to east. */
  double width() {
    return columns * cell;
  }

  /** Metres from south to north. */
  double height() {
    return rows * cell;
  }

  /** The same ground on a coarser grid of at most a number of cells on a side. */
  public GroundSpec sketch(int most) {
    double by = Math.max(1, (double) Math.max(columns, rows) / most);
    return new GroundSpec(
        land,
        (int) Math.max(2, Math.floor(columns / by)),
        (int) Math.max(2, Math.floor(rows / by)),
        cell * by,
        seed,
        relief,
        sea,
        growth,
        roads,
        settlements);
  }
}
