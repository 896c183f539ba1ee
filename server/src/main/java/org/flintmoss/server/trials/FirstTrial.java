package org.flintmoss.server.trials;

import org.flintmoss.mission.Mission;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.server.missions.MissionService;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.trial.Trial;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Plays the first second of the missions on top of the shelf as soon as the server is ready, for
 * nobody to see: the first trial after a start takes a second more than those after it. Asked for
 * where people wait for it, with {@code flintmoss.warm}.
 */
@Component
class FirstTrial {
  private static final Logger LOG = LoggerFactory.getLogger(FirstTrial.class);

  /** How many missions are played ahead. */
  private static final int TOP = 3;

  private final MissionService missions;
  private final boolean asked;

  FirstTrial(MissionService missions, @Value("${flintmoss.warm:false}") boolean asked) {
    this.missions = missions;
    this.asked = asked;
  }

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    if (!asked) {
      return;
    }
    Thread.ofPlatform().daemon().name("first trial").start(this::play);
  }

  private void play() {
    for (String mission : missions.top(TOP)) {
      try {
        play(mission);
      } catch (RuntimeException damaged) {
        LOG.info("{} was not played ahead: {}", mission, damaged.getMessage());
      }
    }
  }

  private void play(String id) {
    MissionService.Tried tried = missions.tried(id);
    Mission mission = tried.file().mission();
    if (mission.starts().isEmpty()) {
      return;
    }
    Difficulty difficulty = Difficulty.BREEZY;
    Plan plan = Plans.compile(mission, tried.ground(), new Terms(difficulty, 1));
    Trial trial = new Trial(plan, tried.file().hash(), difficulty, 1, new Begin.AtTheStarts());
    for (int step = 0; step < Plan.STEPS_PER_SECOND; step++) {
      trial.step();
    }
  }
}
