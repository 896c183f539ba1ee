package org.flintmoss.server.missions;

import java.util.List;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The shelf over HTTP: missions as wholes. */
@RestController
@RequestMapping("/api")
class MissionController {
  private final MissionService missions;
  private final Rescue rescue;

  MissionController(MissionService missions, Rescue rescue) {
    this.missions = missions;
    this.rescue = rescue;
  }

  /** All missions, the one that was changed last first. */
  @GetMapping("/missions")
  List<Card> shelf() {
    return missions.shelf();
  }

  /** Makes a mission with an empty ground. */
  @PostMapping("/missions")
  @ResponseStatus(HttpStatus.CREATED)
  Card create() {
    return missions.add(Samples.blank());
  }

  /** Takes in a mission that was handed out as a ZIP. */
  @PostMapping(path = "/missions/import", consumes = MediaType.ALL_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Card takeIn(@RequestBody byte[] body) {
    return missions.add(MissionZip.open(body).mission());
  }

  /** A mission to work on. */
  @GetMapping("/missions/{id}")
  MissionService.Opened open(@PathVariable String id) {
    return missions.open(id);
  }

  /** Hands a mission out as a ZIP, with all that it needs. */
  @GetMapping("/missions/{id}/export")
  ResponseEntity<byte[]> export(@PathVariable String id) {
    MissionFile file = asItIs(id);
    String title = file.document().at("/brief/title").asString("");
    String name = title.replaceAll("[^\\p{L}\\p{N} _-]", "").strip();
    return download(MissionZip.write(file), (name.isEmpty() ? "mission" : name) + ".zip");
  }

  /** A mission as it stands; of one that cannot be opened, all that can be put together. */
  private MissionFile asItIs(String id) {
    try {
      return missions.fileAsItIs(id);
    } catch (Unreadable broken) {
      return rescue.whatIsThere(id);
    }
  }

  private static ResponseEntity<byte[]> download(byte[] bytes, String name) {
    ContentDisposition disposition =
        ContentDisposition.attachment()
            .filename(name, java.nio.charset.StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/zip"))
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
        .body(bytes);
  }

  /** Makes a copy of a mission. */
  @PostMapping("/missions/{id}/duplicate")
  @ResponseStatus(HttpStatus.CREATED)
  Card duplicate(@PathVariable String id) {
    MissionFile file = missions.file(id);
    JsonNode copy = MissionService.retitled(file.document(), " (copy)");
    return missions.add(new MissionFile(copy, file.assets()));
  }

  /** Takes a mission from the shelf; it can be restored. */
  @DeleteMapping("/missions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    missions.delete(id);
  }

  /** Puts a mission back on the shelf. */
  @PostMapping("/missions/{id}/restore")
  Card restore(@PathVariable String id) {
    return missions.restore(id);
  }

  /** What the checks find in a mission. */
  @GetMapping("/missions/{id}/checks")
  List<Finding> checks(@PathVariable String id) {
    return missions.checks(id);
  }
}
