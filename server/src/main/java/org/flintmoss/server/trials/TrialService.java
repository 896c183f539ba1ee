package org.flintmoss.server.trials;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionRefused;
import org.flintmoss.server.missions.MissionService;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.simulation.Begin;
import org.flintmoss.simulation.Plan;
import org.flintmoss.trial.Trial;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Starts trials, keeps their clocks, and lets go of those that nobody comes back to. */
@Service
class TrialService {
  private static final Logger LOG = LoggerFactory.getLogger(TrialService.class);

  /** How long a trial waits for somebody to come back. */
  static final long PATIENCE = TimeUnit.MINUTES.toNanos(1);

  /** Most trials at once. */
  static final int MOST = 64;

  /** How far from where a trial was to begin its player may find room, metres. */
  private static final double NEAR = 20;

  private static final int TICK = 1000 / Plan.STEPS_PER_SECOND;

  private final MissionService missions;
  private final ScheduledExecutorService clocks = Executors.newScheduledThreadPool(2);
  private final Map<String, LiveTrial> trials = new ConcurrentHashMap<>();
  private final Map<String, ScheduledFuture<?>> ticks = new ConcurrentHashMap<>();

  TrialService(MissionService missions) {
    this.missions = missions;
  }

  /** Starts a trial of a mission as it stands; its clock runs once somebody is connected. */
  LiveTrial start(String mission, Difficulty difficulty, long seed, Begin begin) {
    if (trials.size() >= MOST) {
      throw new IllegalArgumentException(
          "There are " + MOST + " trials under way; leave one first.");
    }
    MissionFile file = missions.file(mission);
    Mission document = file.mission();
    if (document.starts().isEmpty()) {
      throw new MissionRefused("/starts", "nobody can play yet: set down a player start");
    }
    Plan plan = Plan.compile(document, missions.ground(mission), difficulty);
    Trial trial = new Trial(plan, file.hash(), difficulty, seed, begin);
    if (begin instanceof Begin.At at && !began(trial, at)) {
      throw new MissionRefused("/begin", "nobody can stand there; point at free, dry ground");
    }
    LiveTrial live = new LiveTrial(UUID.randomUUID().toString(), file, trial);
    trials.put(live.id(), live);
    ticks.put(
        live.id(), clocks.scheduleAtFixedRate(() -> tick(live), TICK, TICK, TimeUnit.MILLISECONDS));
    return live;
  }

  private static boolean began(Trial trial, Begin.At at) {
    int unit = trial.world().plan().seat(0);
    double dx = trial.world().read().x(unit) - at.x();
    double dy = trial.world().read().y(unit) - at.y();
    return Math.hypot(dx, dy) <= NEAR;
  }

  private void tick(LiveTrial live) {
    try {
      live.tick();
      if (live.alone() > PATIENCE) {
        leave(live.id());
      }
    } catch (RuntimeException broken) {
      LOG.error("trial {} broke off", live.id(), broken);
      leave(live.id());
    }
  }

  LiveTrial find(String id) {
    LiveTrial live = trials.get(id);
    if (live == null) {
      throw new NotThere("This trial is over and gone.");
    }
    return live;
  }

  /** Lets go of a trial; answers with it, or nothing where it is gone already. */
  Optional<LiveTrial> leave(String id) {
    LiveTrial left = trials.remove(id);
    ScheduledFuture<?> tick = ticks.remove(id);
    if (tick != null) {
      tick.cancel(false);
    }
    return Optional.ofNullable(left);
  }

  @PreDestroy
  void stop() {
    clocks.shutdownNow();
  }
}
