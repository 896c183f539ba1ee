package org.flintmoss.server.trials;

import java.util.concurrent.TimeUnit;
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
import org.springframework.web.context.support.RequestHandledEvent;

/**
 * Plays the first second of the missions on top of the shelf as soon as the server is ready, for
 * nobody to see: the first trial after a start takes a second more than those after it. It gives
 * way to requests: it goes on only once none has been answered for a while, so that the shelf is
 * not kept waiting for it. Asked for where people wait for a trial, with {@code flintmoss.warm}.
 */
@Component
class FirstTrial {
  private static final Logger LOG = LoggerFactory.getLogger(FirstTrial.class);

  /** How many missions are played ahead. */
  private static final int TOP = 3;

  /** For how long no request must have been answered before it goes on, in milliseconds. */
  private static final long QUIET_MS = 500;

  private final MissionService missions;
  private final boolean asked;
  private volatile long lastAnswer = System.nanoTime();

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

  @EventListener
  void answered(RequestHandledEvent request) {
    lastAnswer = System.nanoTime();
  }

  private void play() {
    try {
      for (String mission : missions.top(TOP)) {
        playUnlessDamaged(mission);
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private void playUnlessDamaged(String mission) throws InterruptedException {
    try {
      play(mission);
    } catch (RuntimeException damaged) {
      LOG.info("{} was not played ahead: {}", mission, damaged.getMessage());
    }
  }

  /** Waits until no request has been answered for {@link #QUIET_MS}. */
  private void giveWay() throws InterruptedException {
    for (long left = leftOfQuiet(); left > 0; left = leftOfQuiet()) {
      Thread.sleep(left);
    }
  }

  private long leftOfQuiet() {
    return QUIET_MS - TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - lastAnswer);
  }

  private void play(String id) throws InterruptedException {
    giveWay();
    MissionService.Tried tried = missions.tried(id);
    Mission mission = tried.file().mission();
    if (mission.starts().isEmpty()) {
      return;
    }
    giveWay();
    Difficulty difficulty = Difficulty.BREEZY;
    Plan plan = Plans.compile(mission, tried.ground(), new Terms(difficulty, 1));
    Trial trial = new Trial(plan, tried.file().hash(), difficulty, 1, new Begin.AtTheStarts());
    for (int step = 0; step < Plan.STEPS_PER_SECOND; step++) {
      giveWay();
      trial.step();
    }
  }
}
