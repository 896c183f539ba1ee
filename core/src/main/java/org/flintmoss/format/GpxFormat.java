package org.flintmoss.format;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.terrain.Ground;

/** Routes as GPX 1.1; routes, tracks and waypoints in. */
final class GpxFormat implements Format {
  @Override
  public About about() {
    String media = "application/gpx+xml";
    return new About("gpx", "Routes as GPX", "GPX", media, List.of("gpx"), false, List.of());
  }

  @Override
  public Written write(MissionFile mission, Ground ground) {
    String text = Gpx.write(mission.mission(), ground);
    return new Written("routes.gpx", text.getBytes(StandardCharsets.UTF_8));
  }

  @Override
  public Taken read(
      byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids) {
    Terrain terrain = mission.mission().setting().terrain();
    return Format.things(GpxReader.read(bytes, terrain), mission, ids);
  }
}
