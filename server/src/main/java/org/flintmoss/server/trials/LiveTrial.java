package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.flintmoss.balance.Understudy;
import org.flintmoss.format.MissionFile;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Recording;
import org.flintmoss.trial.Report;
import org.flintmoss.trial.Trial;
import org.flintmoss.trial.TrialMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.web.socket.CloseStatus;

/**
 * One trial in play. Its clock ticks; whatever reaches it waits for the next tick. Who is connected
 * has a seat as long as there are any, others look on until they take one. Play waits while all
 * seats are empty; in a seat that is left while others play, an understudy goes on, or nobody.
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
  private final Party party;
  private final Seats<Connection> seats;
  private final List<Inputs> inputs;

  /** Whether the unit of each seat is in somebody's hand, as the trial knows it. */
  private final boolean[] joined;

  private final @Nullable Understudy understudy;
  private final Pace pace = new Pace();
  private final ReentrantLock ticking = new ReentrantLock();
  private final List<Connection> connections = new ArrayList<>();
  private final AtomicInteger numbers = new AtomicInteger();
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
  LiveTrial(String id, MissionFile mission, int revision, Trial trial, Party party) {
    this.id = id;
    this.mission = mission;
    this.revision = revision;
    this.trial = trial;
    this.party = party;
    seats = new Seats<>(party.players(), party.begins());
    inputs = Stream.generate(Inputs::new).limit(party.players()).toList();
    joined = new boolean[party.players()];
    understudy =
        switch (party.empty()) {
          case NOBODY -> null;
          case BOLD -> Understudy.named("bold");
          case CAREFUL -> Understudy.named("careful");
        };
  }

  String id() {
    return id;
  }

  MissionFile mission() {
    return mission;
  }

  /**
   * Somebody has connected: everything is told, and play goes on where they have a seat.
   *
   * @param key by which they are known when they come back; null where they have none
   */
  Connection connect(Outbox outbox, @Nullable String key) {
    Connection came = new Connection(numbers.incrementAndGet(), trial, outbox, key);
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
    seats.come(came, came.key());
    settle(List.of(came));
  }

  /** A connection is gone; where it had the last seat, play waits. */
  void disconnect(Connection gone) {
    wishes.coming(() -> go(gone));
  }

  private void go(Connection gone) {
    int seat = seats.of(gone);
    connections.remove(gone);
    seats.go(gone);
    if (seat >= 0) {
      letGoOfKeys(seat);
      steps = seats.empty() ? 0 : steps;
      settle(List.of());
    }
    if (connections.isEmpty() && aloneSince == 0) {
      aloneSince = System.nanoTime();
    }
  }

  private void letGoOfKeys(int seat) {
    inputs.get(seat).add(new Input.Steer(0, 0));
    inputs.get(seat).add(new Input.Attack(0));
  }

  /** Takes a seat, openly: the browser that had it is told, and looks on; -1 to look on. */
  void takeSeat(Connection taker, int seat) {
    wishes.coming(
        () -> {
          int before = seats.of(taker);
          if (!connections.contains(taker) || seat == before || seat >= seats.many()) {
            return;
          }
          List<Connection> moved = new ArrayList<>(List.of(taker));
          if (seat >= 0 && seats.holder(seat) != null) {
            moved.add(seats.holder(seat));
          }
          seats.take(taker, seat, taker.key());
          for (int left : new int[] {before, seat}) {
            if (left >= 0) {
              letGoOfKeys(left);
            }
          }
          settle(moved);
        });
  }

  /** A browser has read the briefing. */
  void layAside(Connection by) {
    wishes.coming(
        () -> {
          seats.layAside(by);
          settle(List.of());
        });
  }

  /**
   * Tells everybody who sits where.
   *
   * @param moved those whose own seat is another one, who begin to look anew
   */
  private void settle(List<Connection> moved) {
    fill();
    for (Connection connection : connections) {
      connection.placed(seats.of(connection), seats.isHost(connection));
      if (moved.contains(connection)) {
        connection.sit(seatShown(connection), welcome(connection));
      } else {
        connection.say(seating(connection));
      }
    }
  }

  /**
   * Has units in hand whose seats somebody has, an understudy among them, and lets go of the
   * others; of none while all seats are empty, for play waits then.
   */
  private void fill() {
    for (int seat = 0; seat < seats.many() && !seats.empty(); seat++) {
      boolean wanted = seats.holder(seat) != null || understudy != null;
      if (wanted != joined[seat]) {
        joined[seat] = wanted;
        inputs.get(seat).add(wanted ? new Input.Join() : new Input.Leave());
      }
    }
  }

  /** The seat of the mission whose view a browser has: its own, or the first that is played. */
  private int seatShown(Connection of) {
    return party.first() + Math.max(0, seats.of(of));
  }

  private TrialMessage.Welcome welcome(Connection to) {
    return new TrialMessage.Welcome(
        to.number(), seating(to), revision, paused, pace.wanted(), pace.reached());
  }

  private TrialMessage.Seating seating(Connection to) {
    Plan plan = trial.world().plan();
    List<TrialMessage.Seat> shown = new ArrayList<>();
    for (int seat = 0; seat < seats.many(); seat++) {
      int unit = plan.seat(party.first() + seat);
      Connection holder = seats.holder(seat);
      TrialMessage.SeatedBy by =
          holder != null
              ? TrialMessage.SeatedBy.BROWSER
              : understudy != null
                  ? TrialMessage.SeatedBy.UNDERSTUDY
                  : TrialMessage.SeatedBy.NOBODY;
      shown.add(
          new TrialMessage.Seat(
              plan.actors().members().get(unit).ref().id(),
              plan.name(unit),
              by,
              holder != null && seats.isHost(holder),
              seats.ready(seat)));
    }
    return new TrialMessage.Seating(
        shown, seats.of(to), seats.isHost(to), seats.begun(), seats.begins());
  }

  /** An input of a browser that has a seat; from others it is not taken. */
  void input(Connection by, Input input) {
    int seat = by.seat();
    if (seat >= 0) {
      inputs.get(seat).add(input);
    }
  }

  void acknowledge(Connection by, int step) {
    wishes.acknowledge(by, step);
  }

  /** Whether play waits; the host says. */
  void pause(Connection by, boolean wanted) {
    if (by.isHost()) {
      wishes.pause(wanted);
    }
  }

  /** How fast play goes, 1/4 to 16 times. */
  void speed(Connection by, double wanted) {
    if (by.isHost()) {
      wishes.speed(wanted);
    }
  }

  /** While play is paused, takes some steps, at most a minute's. */
  void step(Connection by, int wanted) {
    if (by.isHost()) {
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
      boolean plays = !seats.empty() && seats.begun();
      boolean stepped = plays && (paused ? stepOn(nanos) : play(nanos));
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
      takeInputs();
      trial.step();
      taken++;
      if (System.nanoTime() - until >= 0) {
        break;
      }
    }
    return taken;
  }

  private void takeInputs() {
    for (int seat = 0; seat < seats.many(); seat++) {
      int of = party.first() + seat;
      inputs.get(seat).take().forEach(input -> trial.input(new Command(of, input)));
    }
    if (understudy != null) {
      understudy.act(trial.world()).stream()
          .filter(command -> isEmpty(command.seat() - party.first()))
          .forEach(trial::input);
    }
  }

  private boolean isEmpty(int seat) {
    return seat >= 0 && seat < seats.many() && seats.holder(seat) == null;
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
