package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ranges;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.Muster;
import org.flintmoss.script.PhraseBook;
import org.flintmoss.script.Speech;
import org.flintmoss.server.web.Bodies;
import org.flintmoss.terrain.Tile;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Missions over HTTP. */
@RestController
@RequestMapping("/api")
class MissionController {
  private final MissionService missions;
  private final Rescue rescue;
  private final PhraseBook phrases = PhraseBook.make();

  MissionController(MissionService missions, Rescue rescue) {
    this.missions = missions;
    this.rescue = rescue;
  }

  @GetMapping("/missions")
  List<Card> shelf() {
    return missions.shelf();
  }

  @PostMapping("/missions")
  @ResponseStatus(HttpStatus.CREATED)
  Card create() {
    return missions.add(Samples.blank());
  }

  @PostMapping("/missions/import")
  @ResponseStatus(HttpStatus.CREATED)
  Card takeIn(InputStream body) throws IOException {
    return missions.add(MissionZip.open(Bodies.read(body)).mission());
  }

  @GetMapping("/missions/{id}")
  MissionService.Opened open(@PathVariable String id) {
    return missions.open(id);
  }

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

  @PostMapping("/missions/{id}/duplicate")
  @ResponseStatus(HttpStatus.CREATED)
  Card duplicate(@PathVariable String id) {
    MissionFile file = missions.file(id);
    JsonNode copy = MissionService.retitled(file.document(), " (copy)");
    return missions.add(new MissionFile(copy, file.assets()));
  }

  @DeleteMapping("/missions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    missions.delete(id);
  }

  @PostMapping("/missions/{id}/restore")
  Card restore(@PathVariable String id) {
    return missions.restore(id);
  }

  @PostMapping("/missions/{id}/edits")
  Logged edit(@PathVariable String id, InputStream body) throws IOException {
    return missions.edit(id, Ranges.bind(Json.read(Bodies.read(body)), Edit.class));
  }

  /** A patch that comes from elsewhere. */
  record Offered(JsonNode patch) {}

  /** Finds whether a mission could hold a patch, and changes nothing. */
  @PostMapping("/missions/{id}/edits/check")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void check(@PathVariable String id, InputStream body) throws IOException {
    missions.check(id, Ranges.bind(Json.read(Bodies.read(body)), Offered.class).patch());
  }

  @GetMapping("/missions/{id}/edits")
  List<Logged> edits(@PathVariable String id, @RequestParam int after) {
    return missions.editsAfter(id, after);
  }

  @GetMapping("/missions/{id}/edits/of/{tab}")
  List<Logged> editsOfTab(@PathVariable String id, @PathVariable String tab) {
    return missions.editsOfTab(id, tab);
  }

  @GetMapping("/missions/{id}/checks")
  List<Finding> checks(@PathVariable String id) {
    return missions.checks(id);
  }

  /** The most assets that are asked for at once: the tiles of the largest ground. */
  private static final int MOST = 1024;

  /** Several assets, one after the other in the order in which they are asked for. */
  @PostMapping("/assets")
  ResponseEntity<byte[]> assets(InputStream body) throws IOException {
    JsonNode hashes = Json.read(Bodies.read(body));
    boolean list = hashes.isArray() && hashes.size() <= MOST;
    if (!list || !hashes.valueStream().allMatch(JsonNode::isString)) {
      throw new MissionRefused("", "must be a list of at most " + MOST + " names of assets");
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    hashes.forEach(hash -> bytes.writeBytes(missions.asset(hash.asString())));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .body(bytes.toByteArray());
  }

  /** Stores tiles that an edit to come will name; answers with their names in the same order. */
  @PostMapping("/assets/tiles")
  List<String> storeTiles(InputStream body) throws IOException {
    byte[] bytes = Bodies.read(body);
    int many = bytes.length / Tile.BYTES;
    if (many == 0 || many > MOST || bytes.length != many * Tile.BYTES) {
      throw new MissionRefused(
          "",
          "must be 1 to %d tiles of %d bytes, not %d bytes"
              .formatted(MOST, Tile.BYTES, bytes.length));
    }
    List<String> names = new ArrayList<>();
    SortedMap<String, byte[]> tiles = new TreeMap<>();
    for (int i = 0; i < many; i++) {
      byte[] tile = Arrays.copyOfRange(bytes, i * Tile.BYTES, (i + 1) * Tile.BYTES);
      names.add(Canonical.hash(tile));
      tiles.put(names.getLast(), tile);
    }
    missions.keep(tiles);
    return names;
  }

  @GetMapping("/assets/{hash}")
  ResponseEntity<byte[]> asset(@PathVariable String hash) {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .cacheControl(CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable())
        .body(missions.asset(hash));
  }

  /** Everything that can be said in a script. */
  @GetMapping("/phrases")
  PhraseBook phrases() {
    return phrases;
  }

  /** How long each line of each conversation takes, seconds, by the ids of both. */
  @GetMapping("/missions/{id}/lengths")
  Map<String, Map<String, Double>> lengths(@PathVariable String id) {
    Mission mission = missions.mission(id);
    Map<String, Map<String, Double>> lengths = new TreeMap<>();
    mission
        .conversations()
        .forEach(
            (conversation, of) -> {
              Map<String, Double> lines = new TreeMap<>();
              of.lines()
                  .forEach(
                      (line, it) -> {
                        Speaker speaker = mission.speakers().get(it.speaker().id());
                        lines.put(line, Speech.seconds(it, speaker));
                      });
              lengths.put(conversation, lines);
            });
    return lengths;
  }

  /** How many each wave brings at each difficulty, by the wave's id. */
  @GetMapping("/missions/{id}/swell")
  Map<String, Map<Difficulty, Integer>> swell(@PathVariable String id) {
    Mission mission = missions.mission(id);
    Map<String, Map<Difficulty, Integer>> swell = new TreeMap<>();
    for (Difficulty difficulty : Difficulty.values()) {
      Muster.counts(mission, new Terms(difficulty, 1))
          .forEach(
              (wave, count) ->
                  swell
                      .computeIfAbsent(wave, _ -> new EnumMap<>(Difficulty.class))
                      .put(difficulty, count));
    }
    return swell;
  }

  /** A count under pressure, and the pressure it is under. */
  record Count(@Valid Scaled scaled, @Valid Pressure pressure) {}

  /** What a count comes to at each difficulty. */
  @PostMapping("/counts")
  Map<Difficulty, Integer> counts(InputStream body) throws IOException {
    Count count = Ranges.bind(Json.read(Bodies.read(body)), Count.class);
    List<Problem> problems = Ranges.problems(count);
    if (!problems.isEmpty()) {
      throw new MissionRefused(problems);
    }
    Map<Difficulty, Integer> counts = new EnumMap<>(Difficulty.class);
    for (Difficulty difficulty : Difficulty.values()) {
      counts.put(difficulty, count.scaled().at(new Terms(difficulty, 1), count.pressure()));
    }
    return counts;
  }

  @ExceptionHandler
  ProblemDetail conflict(EditConflict conflict) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, conflict.getMessage());
    problem.setTitle("Conflict");
    problem.setProperty("missed", conflict.missed());
    problem.setProperty("conflict", conflict.conflict());
    return problem;
  }
}
