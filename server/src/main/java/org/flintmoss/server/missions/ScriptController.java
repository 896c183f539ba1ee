package org.flintmoss.server.missions;

import java.util.List;
import org.flintmoss.check.script.ScriptWeb;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.script.PhraseBook;
import org.flintmoss.script.outline.Skeleton;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.script.text.Trouble;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/**
 * The script of a mission as text: as it stands, what a text would change, and what may be written.
 */
@RestController
@RequestMapping("/api")
class ScriptController {
  private static final int LONGEST_SENTENCE = 4000;

  private final MissionService missions;
  private final PhraseBook phrases = PhraseBook.make();

  ScriptController(MissionService missions) {
    this.missions = missions;
  }

  /** Everything that can be said in a script. */
  @GetMapping("/phrases")
  PhraseBook phrases() {
    return phrases;
  }

  /** The script at a revision. */
  record Written(int revision, String text) {}

  /** The script as it stands. */
  @GetMapping("/missions/{id}/script")
  Written script(@PathVariable String id) {
    OpenMission.Version version = missions.version(id);
    return new Written(version.revision(), ScriptText.print(version.mission()));
  }

  /**
   * What a text would change.
   *
   * @param revision the revision that it was held against
   * @param patch the JSON Patch that puts what was understood in place; empty where nothing changes
   * @param troubles what was not understood
   */
  record Read(int revision, JsonNode patch, List<Trouble> troubles) {}

  /** Reads a text against the mission as it stands, and changes nothing. */
  @PostMapping(path = "/missions/{id}/script/reading", consumes = MediaType.ALL_VALUE)
  Read read(@PathVariable String id, @RequestBody String text) {
    OpenMission.Version version = missions.version(id);
    ScriptText.Outcome outcome = ScriptText.apply(version.document(), version.mission(), text);
    JsonNode patch = JsonDiff.between(version.document(), outcome.document());
    return new Read(version.revision(), patch, outcome.troubles());
  }

  /** What may be written at a place in a text. */
  @PostMapping(path = "/missions/{id}/script/completion", consumes = MediaType.ALL_VALUE)
  ScriptText.Completion complete(
      @PathVariable String id, @RequestParam int offset, @RequestBody String text) {
    return ScriptText.complete(missions.mission(id), text, offset);
  }

  /**
   * What an outline would make.
   *
   * @param patch the JSON Patch that puts the skeleton in
   * @param made what each line would become
   */
  record Begun(int revision, JsonNode patch, List<Skeleton.Made> made) {}

  /** Makes the skeleton of a script from a page of plain lines, and changes nothing. */
  @PostMapping(path = "/missions/{id}/script/outline", consumes = MediaType.ALL_VALUE)
  Begun outline(@PathVariable String id, @RequestBody String text) {
    OpenMission.Version version = missions.version(id);
    Skeleton.Outcome outcome = Skeleton.of(version.document(), version.mission(), text, Ids::fresh);
    MissionReader.read(outcome.document());
    JsonNode patch = JsonDiff.between(version.document(), outcome.document());
    return new Begun(version.revision(), patch, outcome.made());
  }

  /** Who sets what, who reads it and who wakes whom, as the script stands. */
  @GetMapping("/missions/{id}/script/web")
  ScriptWeb web(@PathVariable String id) {
    return ScriptWeb.of(missions.mission(id));
  }

  /** What a condition or an action by itself is understood as, and how it may go on. */
  @PostMapping(path = "/missions/{id}/script/sentences", consumes = MediaType.ALL_VALUE)
  ScriptText.Sentences sentences(
      @PathVariable String id, @RequestParam ScriptText.Says says, @RequestBody String text) {
    if (text.length() > LONGEST_SENTENCE) {
      throw new MissionRefused(
          "", "is longer than a sentence may be: %d letters".formatted(LONGEST_SENTENCE));
    }
    return ScriptText.sentences(missions.mission(id), says, text);
  }
}
