package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.flintmoss.mission.Differences;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.server.web.NotThere;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The past of a mission: every edit, how it was at any of them, and what differs from then. */
@RestController
@RequestMapping("/api/missions/{id}/history")
class HistoryController {
  /** Edits that are listed at once. */
  private static final int PAGE = 200;

  private final MissionService missions;
  private final HistoryRepository history;
  private final Past past;
  private final Clock clock = Clock.systemUTC();

  HistoryController(
      MissionService missions, HistoryRepository history, MissionRepository repository) {
    this.missions = missions;
    this.history = history;
    past = new Past(repository);
  }

  /** The edits up to a revision, the newest first. */
  @GetMapping
  List<HistoryRepository.Entry> entries(
      @PathVariable String id, @RequestParam Optional<Integer> upTo) {
    missions.card(id);
    return history.entries(id, upTo.orElse(Integer.MAX_VALUE), PAGE);
  }

  /** A mission as it was. */
  record Then(int revision, JsonNode document) {}

  /** The mission as it was after an edit; at 0 as it came to the shelf. */
  @GetMapping("/{revision}")
  Then then(@PathVariable String id, @PathVariable int revision) {
    return new Then(revision, documentAt(id, revision));
  }

  /** What differs between two revisions. */
  @GetMapping("/{revision}/differences")
  List<Differences.Difference> differences(
      @PathVariable String id, @PathVariable int revision, @RequestParam int to) {
    return Differences.between(documentAt(id, revision), documentAt(id, to));
  }

  /** What going back to a revision would change in the mission as it stands. */
  record Return(int revision, JsonNode patch) {}

  /** What going back to a revision would change; the browser makes it an edit of its own. */
  @GetMapping("/{revision}/return")
  Return goBack(@PathVariable String id, @PathVariable int revision) {
    OpenMission.Version now = missions.held(id);
    JsonNode then = documentAt(id, revision);
    MissionReader.read(then);
    return new Return(now.revision(), JsonDiff.between(now.document(), then));
  }

  /** What a version is to be called; empty to forget its name. */
  record Name(@Size(max = 60) String name) {}

  /** Names the version after an edit. */
  @PutMapping("/{revision}/name")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void name(@PathVariable String id, @PathVariable int revision, @Valid @RequestBody Name name) {
    known(id, revision);
    history.name(id, revision, name.name().strip(), clock.instant().toString());
  }

  private void known(String id, int revision) {
    if (revision < 0 || revision > missions.card(id).revision()) {
      throw new NotThere("There is no such revision of this mission.");
    }
  }

  /** The document at a revision: rebuilt in the shape of its time, then brought to today's. */
  private JsonNode documentAt(String id, int revision) {
    known(id, revision);
    return past.at(id, revision).upgraded();
  }
}
