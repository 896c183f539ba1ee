package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.flintmoss.format.MissionFile;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import org.flintmoss.trial.TrialMessage;
import org.springframework.web.socket.CloseStatus;

/**
 * One trial in play. Its clock ticks; whatever reaches it waits for the next tick. The first who is
 * connected has the seat, others look on until they take it. Play waits while the seat is empty.
 */
final class LiveTrial {
  /** The most browsers at one trial. */
  static final int MOST = 16;

  /** Ticks between two looks of a designer at what is in everybody's mind. */
  private static final int LOOKS = 5;

  private final String id;
  private final MissionFile mission;
  private final int revision;
  private final Trial trial;
  private final Wishes wishes = new Wishes();
  private final Inputs inputs = new Inputs();
  private final Pace pace = new Pace();
  private final ReentrantLock ticking = new ReentrantLock();
  private final List<Connection> connections = new ArrayList<>();
  private final AtomicInteger numbers = new AtomicInteger();
  private volatile Connection player;
  private volatile boolean ended;
  private volatile long aloneSince = System.nanoTime();
  private boolean paused;
  private int steps;
  private int ticks;

  /**
   * A trial that nobody is connected to yet.
   *
   * @param revision the revision of the mission that is tried
   */
  LiveTrial(String id, MissionFile mission, int revision, Trial trial) {
    this.id = id;
    this.mission = mission;
    this.revision = revision;
    this.trial = trial;
    trial.input(new Command(0, new Input.Join()));
  }

  String id() {
    return id;
  }

  MissionFile mission() {
    return mission;
  }

  /** Somebody has connected: everything is told, and play goes on where they have the seat. */
  Connection connect(Outbox outbox) {
    Connection came = new Connection(numbers.incrementAndGet(), trial, outbox);
    wishes.coming(() -> come(came));
    return came;
  }

  private void come(Connection came) {
    if (ended || connections.size() >= MOST) {
      came.close(ended ? TrialSocket.GONE : TrialSocket.FULL);
      return;
    }
    connections.add(came);
    aloneSince = 0;
    boolean seated = player == null;
    if (seated) {
      player = came;
    }
    came.hello(
        new TrialMessage.Welcome(
            came.number(), seated, revision, paused, pace.wanted(), pace.reached()));
    came.show(false);
  }

  /** A connection is gone; where it had the seat, that is empty and play waits. */
  void disconnect(Connection gone) {
    wishes.coming(() -> go(gone));
  }

  private void go(Connection gone) {
    connections.remove(gone);
    if (player == gone) {
      letGoOfKeys();
      player = null;
      steps = 0;
      sendAll(new TrialMessage.SeatTaken(false, true));
    }
    if (connections.isEmpty() && aloneSince == 0) {
      aloneSince = System.nanoTime();
    }
  }

  private void letGoOfKeys() {
    inputs.add(new Input.Steer(0, 0));
    inputs.add(new Input.Attack(0));
  }

  /** Takes the seat, openly: the browser that had it is told, and looks on. */
  void takeSeat(Connection taker) {
    wishes.coming(
        () -> {
          if (player != taker && connections.contains(taker)) {
            letGoOfKeys();
            player = taker;
            for (Connection connection : connections) {
              connection.say(new TrialMessage.SeatTaken(connection == taker, false));
            }
          }
        });
  }

  /** An input of the browser that has the seat; from others it is not taken. */
  void input(Connection by, Input input) {
    if (by == player) {
      inputs.add(input);
    }
  }

  void acknowledge(Connection by, int step) {
    wishes.acknowledge(by, step);
  }

  /** Whether play waits; the browser that has the seat says. */
  void pause(Connection by, boolean wanted) {
    if (by == player) {
      wishes.pause(wanted);
    }
  }

  /** How fast play goes, 1/4 to 16 times. */
  void speed(Connection by, double wanted) {
    if (by == player) {
      wishes.speed(wanted);
    }
  }

  /** While play is paused, takes some steps, at most a minute's. */
  void step(Connection by, int wanted) {
    if (by == player) {
      wishes.step(wanted);
    }
  }

  /** Shows everything, as to a designer, or what the player knows. */
  void view(Connection of, boolean all) {
    wishes.view(of, all);
  }

  /**
   * One tick of the clock: wishes, steps, what they brought. Ticks never overlap.
   *
   * @param nanos how long it may take steps, nanoseconds; one step is always taken
   */
  void tick(long nanos) {
    ticking.lock();
    try {
      grant(wishes.take());
      boolean stepped = player != null && (paused ? stepOn(nanos) : play(nanos));
      ticks++;
      for (Connection connection : connections) {
        if (stepped) {
          connection.showNow();
        }
        boolean looks = paused ? stepped : ticks % LOOKS == 0 || trial.world().over();
        if (looks) {
          connection.tellDesigner();
        }
        connection.tell();
      }
    } finally {
      ticking.unlock();
    }
  }

  private void grant(Wishes.Asked asked) {
    asked.comings().forEach(Runnable::run);
    asked.acknowledged().forEach(Connection::acknowledge);
    if (asked.paused() != null) {
      paused = asked.paused();
      steps = 0;
      sendAll(new TrialMessage.Paused(paused, trial.world().read().step()));
    }
    if (asked.speed() != null) {
      pace.want(asked.speed());
      tellPace();
    }
    if (paused) {
      steps = Math.min(Wishes.STEPS, steps + asked.steps());
    }
    asked.views().forEach(Connection::show);
  }

  private boolean stepOn(long nanos) {
    int taken = take(steps, nanos);
    steps = trial.world().over() ? 0 : steps - taken;
    return taken > 0;
  }

  private boolean play(long nanos) {
    int due = trial.world().over() ? 0 : pace.due();
    int taken = take(due, nanos);
    if (pace.took(taken, due) && !trial.world().over()) {
      tellPace();
    }
    return taken > 0;
  }

  private int take(int wanted, long nanos) {
    long until = System.nanoTime() + nanos;
    int taken = 0;
    while (taken < wanted && !ended && !trial.world().over()) {
      inputs.take().forEach(input -> trial.input(new Command(0, input)));
      trial.step();
      taken++;
      if (System.nanoTime() - until >= 0) {
        break;
      }
    }
    return taken;
  }

  private void tellPace() {
    sendAll(new TrialMessage.Speed(pace.wanted(), pace.reached()));
  }

  private void sendAll(TrialMessage message) {
    connections.forEach(connection -> connection.say(message));
  }

  /** Nanoseconds for which nobody has been connected; 0 while somebody is. */
  long alone() {
    long since = aloneSince;
    return since == 0 ? 0 : System.nanoTime() - since;
  }

  /**
   * One of those who are connected leaves for good.
   *
   * @param number the connection that leaves
   * @return whether nobody is left
   */
  boolean leave(int number) {
    return between(
        () -> {
          grant(wishes.take());
          List.copyOf(connections).stream().filter(it -> it.number() == number).forEach(this::go);
          return connections.isEmpty();
        });
  }

  /** Ends it: nothing more is taken, and those who are still connected are told why. */
  void end(CloseStatus why) {
    ended = true;
    Consumer<Connection> close = connection -> connection.close(why);
    between(
        () -> {
          wishes.take().comings().forEach(Runnable::run);
          connections.forEach(close);
          connections.clear();
          player = null;
          return null;
        });
  }

  /** Everything up to now, to be played again. */
  Recording recording() {
    return between(trial::recording);
  }

  /** What has come of it up to now. */
  Report report() {
    return between(trial::report);
  }

  /** Something that is done between two ticks. */
  private <T> T between(Supplier<T> work) {
    ticking.lock();
    try {
      return work.get();
    } finally {
      ticking.unlock();
    }
  }
}
