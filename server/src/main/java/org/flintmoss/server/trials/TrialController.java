package org.flintmoss.server.trials;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.trial.Report;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Trials over HTTP. */
@RestController
@RequestMapping("/api")
class TrialController {
  private static final long LAST_SEED = 9007199254740991L;

  /** How a trial is to begin. */
  record Wish(
      @Min(0) @Max(LAST_SEED) long seed,
      Difficulty difficulty,
      @Valid Begin begin,
      @Valid Party party) {}

  private final TrialService trials;

  TrialController(TrialService trials) {
    this.trials = trials;
  }

  /** Starts a trial of a mission as it stands; answers with its id. */
  @PostMapping("/missions/{id}/trials")
  @ResponseStatus(HttpStatus.CREATED)
  Map<String, String> start(@PathVariable String id, @Valid @RequestBody Wish spec) {
    LiveTrial live = trials.start(id, spec.difficulty(), spec.seed(), spec.begin(), spec.party());
    return Map.of("id", live.id());
  }

  /** How long a trial went on, and the steps at which each event fired, by its id. */
  record Ran(int steps, Map<String, List<Integer>> fired) {
    static Ran of(Report report) {
      Map<String, List<Integer>> fired = new TreeMap<>();
      report
          .events()
          .forEach(
              event ->
                  fired.put(event.id(), event.fired().stream().map(Report.Firing::step).toList()));
      return new Ran(report.steps(), fired);
    }
  }

  /**
   * Leaves a trial; answers with what has come of it, or with nothing where it is gone already.
   *
   * @param connection who leaves, as the trial has told them; 0 for somebody who never came in
   */
  @DeleteMapping("/trials/{id}")
  ResponseEntity<Ran> leave(
      @PathVariable String id, @RequestParam(defaultValue = "0") int connection) {
    return trials
        .leave(id, connection)
        .map(report -> ResponseEntity.ok(Ran.of(report)))
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  /** The trial as it was played up to now, to be played again anywhere. */
  @GetMapping("/trials/{id}/replay")
  ResponseEntity<byte[]> replay(@PathVariable String id) {
    LiveTrial live = trials.find(id);
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("application/zip"))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"replay.zip\"")
        .body(MissionZip.write(live.mission(), live.recording()));
  }
}
