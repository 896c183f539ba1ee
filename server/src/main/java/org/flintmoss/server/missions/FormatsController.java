package org.flintmoss.server.missions;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.format.Format;
import org.flintmoss.format.Formats;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.server.web.NotThere;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/**
 * Grounds and things in open formats: handed out, and taken in as one edit of the browser's, to be
 * undone like any.
 */
@RestController
@RequestMapping("/api")
class FormatsController {
  private final MissionService missions;

  FormatsController(MissionService missions) {
    this.missions = missions;
  }

  /** All formats. */
  @GetMapping("/formats")
  List<Format.About> formats() {
    return Formats.ALL.stream().map(Format::about).toList();
  }

  /** What a mission holds, in a format. */
  @GetMapping("/missions/{id}/formats/{format}")
  ResponseEntity<byte[]> out(@PathVariable String id, @PathVariable String format) {
    Format of = known(format);
    Format.Written written = of.write(missions.file(id), missions.ground(id));
    ContentDisposition disposition =
        ContentDisposition.attachment().filename(written.name()).build();
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf(of.about().media()))
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
        .body(written.bytes());
  }

  /**
   * What taking a file in would change.
   *
   * @param made the things that would be made
   * @param moved how many points would be moved onto a new ground from beyond its edge
   */
  record TakenIn(int revision, JsonNode patch, List<Ref> made, int moved) {}

  /** Takes a file in, and changes nothing yet; new tiles are kept for the edit that names them. */
  @PostMapping(path = "/missions/{id}/formats/{format}", consumes = MediaType.ALL_VALUE)
  TakenIn in(
      @PathVariable String id,
      @PathVariable String format,
      @RequestParam Map<String, String> asked,
      @RequestBody byte[] body) {
    Format of = known(format);
    OpenMission.Version version = missions.version(id);
    MissionFile file = missions.file(version);
    Format.Taken taken = Formats.read(of, body, file, numbers(asked), Ids::fresh);
    if (of.about().ground()) {
      missions.keep(taken.mission().assets());
    }
    JsonNode document = taken.mission().document();
    MissionReader.read(document);
    JsonNode patch = JsonDiff.between(version.document(), document);
    return new TakenIn(version.revision(), patch, taken.made(), taken.moved());
  }

  private static Format known(String format) {
    try {
      return Formats.of(format);
    } catch (IllegalArgumentException unknown) {
      throw new NotThere(unknown.getMessage());
    }
  }

  private static Map<String, Double> numbers(Map<String, String> asked) {
    Map<String, Double> numbers = new LinkedHashMap<>();
    asked.forEach(
        (id, value) -> {
          try {
            numbers.put(id, Double.valueOf(value));
          } catch (NumberFormatException wrong) {
            throw new MissionRefused("", "must be given a number for '%s'".formatted(id));
          }
        });
    return numbers;
  }
}
