package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Pressure;
import org.flintmoss.mission.word.Scaled;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.Roster;
import org.flintmoss.script.Speech;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Figures that the pages of a mission show beside what was written, over HTTP. */
@RestController
@RequestMapping("/api")
class FigureController {
  private final MissionService missions;

  FigureController(MissionService missions) {
    this.missions = missions;
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
      Roster.counts(mission, new Terms(difficulty, 1))
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
  Map<Difficulty, Integer> counts(@Valid @RequestBody Count count) {
    Map<Difficulty, Integer> counts = new EnumMap<>(Difficulty.class);
    for (Difficulty difficulty : Difficulty.values()) {
      counts.put(difficulty, count.scaled().at(new Terms(difficulty, 1), count.pressure()));
    }
    return counts;
  }
}
