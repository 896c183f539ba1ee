package org.flintmoss.format;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import org.flintmoss.terrain.Ground;

/** Heights as an ESRI ASCII grid. */
final class GridFormat implements Format {
  private static final Setting FILL =
      new Setting("fill", "Cells without a height lie at", "m", -9000, 9000, 0, true);

  @Override
  public About about() {
    List<String> endings = List.of("asc", "txt", "grd");
    return new About(
        "grid", "Heights as a grid", "a grid", "text/plain", endings, true, List.of(FILL));
  }

  @Override
  public Written write(MissionFile mission, Ground ground) {
    return new Written("heights.asc", HeightGrid.write(ground));
  }

  @Override
  public Taken read(
      byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids) {
    Double fill = settings.get(FILL.id());
    OptionalDouble height = fill == null ? OptionalDouble.empty() : OptionalDouble.of(fill);
    return NewGround.lay(mission, HeightGrid.read(bytes, height));
  }
}
