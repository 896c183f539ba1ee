package org.flintmoss.format;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.flintmoss.mission.json.Json;
import org.flintmoss.terrain.Ground;

/** Everything with a place as GeoJSON (RFC 7946), in metres or degrees. */
final class GeoJsonFormat implements Format {
  @Override
  public About about() {
    List<String> endings = List.of("geojson", "json");
    String media = "application/geo+json";
    return new About("geojson", "Things as GeoJSON", "GeoJSON", media, endings, false, List.of());
  }

  @Override
  public Written write(MissionFile mission, Ground ground) {
    String text = GeoJson.write(mission.mission(), mission.document()).toString();
    return new Written("things.geojson", text.getBytes(StandardCharsets.UTF_8));
  }

  @Override
  public Taken read(
      byte[] bytes, MissionFile mission, Map<String, Double> settings, Supplier<String> ids) {
    return Format.things(Json.read(bytes), mission, ids);
  }
}
