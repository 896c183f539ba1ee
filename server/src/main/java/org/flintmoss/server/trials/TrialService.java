package org.flintmoss.server.trials;

import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.server.missions.MissionService;
import org.flintmoss.server.web.NotThere;
import org.flintmoss.server.web.TooMany;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.web.socket.CloseStatus;

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

  private static final long TICK = TimeUnit.SECONDS.toNanos(1) / Plan.STEPS_PER_SECOND;

  /** The share of a tick that all trials together may take on a processor. */
  private static final double SHARE = 0.6;

  private final MissionService missions;
  private final Map<String, LiveTrial> trials = new ConcurrentHashMap<>();

  /** A thread for each trial, so that the system shares the processors fairly between them. */
  private final ScheduledExecutorService clocks = Executors.newScheduledThreadPool(MOST);

  TrialService(MissionService missions) {
    this.missions = missions;
  }

  /** Starts a trial of a mission as it stands; its clock runs once somebody is connected. */
  LiveTrial start(String mission, Difficulty difficulty, long seed, Begin begin, Party party) {
    if (trials.size() >= MOST) {
      throw new TooMany("There are " + MOST + " trials under way; leave one first.");
    }
    MissionService.Tried tried = missions.tried(mission);
    Mission document = tried.file().mission();
    if (document.starts().isEmpty()) {
      throw new MissionRefused("/starts", "nobody can play yet: set down a player start");
    }
    int seats = document.starts().size();
    if (party.first() + party.players() > seats) {
      throw new MissionRefused(
          "/party",
          "the mission has %d player %s, which are not enough for this"
              .formatted(seats, seats == 1 ? "start" : "starts"));
    }
    Plan plan = Plans.compile(document, tried.ground(), new Terms(difficulty, party.players()));
    Trial trial = new Trial(plan, tried.file().hash(), difficulty, seed, begin);
    if (begin instanceof Begin.At at && !began(trial, at, party.first())) {
      throw new MissionRefused("", "nobody can stand there; point at free, dry ground");
    }
    LiveTrial live =
        new LiveTrial(UUID.randomUUID().toString(), tried.file(), tried.revision(), trial, party);
    keepTime(live);
    return live;
  }

  /** Lets the clock of a trial tick until it is left. */
  void keepTime(LiveTrial live) {
    trials.put(live.id(), live);
    tickAt(live, System.nanoTime() + TICK);
  }

  private static boolean began(Trial trial, Begin.At at, int seat) {
    int unit = trial.world().plan().seat(seat);
    double dx = trial.world().read().x(unit) - at.x();
    double dy = trial.world().read().y(unit) - at.y();
    return Math.hypot(dx, dy) <= NEAR;
  }

  /** Lets a trial tick at a time, and after it again and again until it is left. */
  private void tickAt(LiveTrial live, long due) {
    Runnable tick =
        () -> {
          tick(live);
          if (trials.containsKey(live.id())) {
            // A tick that came late is not made up for: play would race afterwards.
            tickAt(live, Math.max(due + TICK, System.nanoTime()));
          }
        };
    clocks.schedule(tick, due - System.nanoTime(), TimeUnit.NANOSECONDS);
  }

  private void tick(LiveTrial live) {
    try {
      live.tick(quota());
      if (live.alone() > PATIENCE) {
        end(live, TrialSocket.GONE);
      }
    } catch (RuntimeException | StackOverflowError broken) {
      LOG.error("trial {} broke off", live.id(), broken);
      end(live, TrialSocket.BROKEN);
    }
  }

  /** How long a trial may take steps in a tick, nanoseconds, so that there is time for all. */
  private long quota() {
    int processors = Runtime.getRuntime().availableProcessors();
    double each = Math.min(1, (double) processors / Math.max(1, trials.size()));
    return (long) (TICK * SHARE * each);
  }

  LiveTrial find(String id) {
    LiveTrial live = trials.get(id);
    if (live == null) {
      throw new NotThere("This trial is over and gone.");
    }
    return live;
  }

  /**
   * Somebody leaves a trial for good; with the last of them it ends at once.
   *
   * @param connection the connection that leaves
   * @return what has come of it; nothing where it is gone already
   */
  Optional<Report> leave(String id, int connection) {
    LiveTrial live = trials.get(id);
    if (live == null) {
      return Optional.empty();
    }
    boolean last = live.leave(connection);
    Report report = live.report();
    if (last) {
      end(live, TrialSocket.GONE);
    }
    return Optional.of(report);
  }

  private void end(LiveTrial live, CloseStatus why) {
    trials.remove(live.id());
    live.end(why);
  }

  /** How many trials are under way. */
  int underWay() {
    return trials.size();
  }

  @PreDestroy
  void stop() {
    clocks.shutdownNow();
  }
}
