package org.flintmoss.server.missions;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.flintmoss.format.GeoJson;
import org.flintmoss.format.GeoJsonReader;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.JsonDiff;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.Ref;
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

/** Things with a place as GeoJSON: handed out, and taken in as one edit of the browser's. */
@RestController
@RequestMapping("/api/missions/{id}/geojson")
class GeoJsonController {
  private final MissionService missions;

  GeoJsonController(MissionService missions) {
    this.missions = missions;
  }

  /** Everything with a place. */
  @GetMapping
  ResponseEntity<byte[]> handOut(@PathVariable String id) {
    OpenMission.Version version = missions.version(id);
    JsonNode written = GeoJson.write(version.mission(), version.document());
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/geo+json"))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"things.geojson\"")
        .body(written.toString().getBytes(StandardCharsets.UTF_8));
  }

  /**
   * What taking a file in would change.
   *
   * @param made the things that would be made
   */
  record TakenIn(int revision, JsonNode patch, List<Ref> made) {}

  /** Takes features in, and changes nothing yet. */
  @PostMapping
  TakenIn takeIn(@PathVariable String id, InputStream body) throws IOException {
    OpenMission.Version version = missions.version(id);
    JsonNode file = Json.read(Bodies.read(body));
    GeoJsonReader.Outcome outcome =
        GeoJsonReader.read(file, version.document(), version.mission(), Ids::fresh);
    MissionReader.read(outcome.document());
    JsonNode patch = JsonDiff.between(version.document(), outcome.document());
    return new TakenIn(version.revision(), patch, outcome.made());
  }
}
