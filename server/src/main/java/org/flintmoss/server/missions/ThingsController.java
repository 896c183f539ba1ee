package org.flintmoss.server.missions;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.flintmoss.format.GeoJson;
import org.flintmoss.format.GeoJsonReader;
import org.flintmoss.format.Gpx;
import org.flintmoss.format.GpxReader;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.JsonDiff;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Terrain;
import org.flintmoss.server.web.Bodies;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Things with a place in open formats: handed out, and taken in as one edit of the browser's. */
@RestController
@RequestMapping("/api/missions/{id}")
class ThingsController {
  private final MissionService missions;

  ThingsController(MissionService missions) {
    this.missions = missions;
  }

  /** Everything with a place as GeoJSON. */
  @GetMapping("/geojson")
  ResponseEntity<byte[]> geoJson(@PathVariable String id) {
    OpenMission.Version version = missions.version(id);
    JsonNode written = GeoJson.write(version.mission(), version.document());
    return file("application/geo+json", "things.geojson", written.toString());
  }

  /** Routes as GPX. */
  @GetMapping("/gpx")
  ResponseEntity<byte[]> gpx(@PathVariable String id) {
    String written = Gpx.write(missions.mission(id), missions.ground(id));
    return file("application/gpx+xml", "routes.gpx", written);
  }

  private static ResponseEntity<byte[]> file(String type, String name, String text) {
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf(type))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s\"".formatted(name))
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  /**
   * What taking a file in would change.
   *
   * @param made the things that would be made
   */
  record TakenIn(int revision, JsonNode patch, List<Ref> made) {}

  /** Takes features in, and changes nothing yet. */
  @PostMapping("/geojson")
  TakenIn takeGeoJson(@PathVariable String id, InputStream body) throws IOException {
    return takeIn(id, Json.read(Bodies.read(body)));
  }

  /** Takes routes, tracks and waypoints in, and changes nothing yet. */
  @PostMapping("/gpx")
  TakenIn takeGpx(@PathVariable String id, InputStream body) throws IOException {
    Terrain terrain = missions.mission(id).setting().terrain();
    return takeIn(id, GpxReader.read(Bodies.read(body), terrain));
  }

  private TakenIn takeIn(String id, JsonNode features) {
    OpenMission.Version version = missions.version(id);
    GeoJsonReader.Outcome outcome =
        GeoJsonReader.read(features, version.document(), version.mission(), Ids::fresh);
    MissionReader.read(outcome.document());
    JsonNode patch = JsonDiff.between(version.document(), outcome.document());
    return new TakenIn(version.revision(), patch, outcome.made());
  }
}
