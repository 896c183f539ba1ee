package org.flintmoss.simulation.players;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import org.flintmoss.mission.ground.Marker;
import org.flintmoss.mission.script.Call;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Seats;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;

/**
 * What each seat is shown: objectives, markers, timers, views, and the calls that it can send. Who
 * is shown something stands as one bit for each seat, the first seat's lowest. A mission without
 * seats has one that nobody sits in.
 */
public final class Screens {
  private final PlayerContext context;
  private final State state;
  private final Plan plan;
  private final List<Objective> objectives;
  private final List<Timer> timers;
  private final int everybody;

  /** The workings of zones that show a view, and the number of the view of each. */
  private final int[] shows;

  private final int[] shownBy;

  /** The seats, a bit each, that are shown each marker. */
  private final Column.Ints markers;

  /** The seats, a bit each, that can send each call. */
  private final Column.Ints offered;

  /** The seats, a bit each, that see each timer while it runs. */
  private final Column.Ints timersShown;

  /** The view that each seat looks at, from 1; 0 for none yet. */
  private final Column.Ints view;

  /** When each seat sees for itself again; 0 where it never looked at a view. */
  private final Column.Steps viewUntil;

  /** The seats, a bit each, for which each objective was opened. */
  private final Column.Ints objectivesFor;

  Screens(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    markers = state.ints("markers", plan.mission().markers().size());
    offered = state.ints("offered", plan.mission().calls().size());
    timersShown = state.ints("timersShown", plan.mission().timers().size());
    view = state.ints("view", Screens.stations(plan));
    viewUntil = state.steps("viewUntil", Screens.stations(plan));
    objectivesFor = state.ints("objectivesFor", plan.mission().objectives().size());
    objectives = new ArrayList<>(plan.mission().objectives().values());
    timers = new ArrayList<>(plan.mission().timers().values());
    everybody = (1 << stations(plan)) - 1;
    shows = context.workings.of(Work.Shows.class);
    shownBy = Arrays.stream(shows).map(this::shownBy).toArray();
    begin();
  }

  private int shownBy(int working) {
    ZoneWorking it = context.workings.all().get(working);
    return it.slots().number(((Work.Shows) it.of().work()).view());
  }

  /** What players are shown when play begins. */
  private void begin() {
    int index = 0;
    for (Marker marker : plan.mission().markers().values()) {
      markers.at[index++] = marker.shown() ? everybody : 0;
    }
    index = 0;
    for (Call call : plan.mission().calls().values()) {
      offered.at[index++] = call.offered() ? everybody : 0;
    }
    index = 0;
    for (Timer timer : plan.mission().timers().values()) {
      timersShown.at[index++] = timer.shown() ? everybody : 0;
    }
    index = 0;
    for (Objective objective : plan.mission().objectives().values()) {
      objectivesFor.at[index++] = objective.open() ? everybody : 0;
    }
  }

  /** How many seats are told apart: those of a plan, or the one that stands for none. */
  public static int stations(Plan plan) {
    return Math.max(1, plan.seats());
  }

  /** All seats. */
  public int everybody() {
    return everybody;
  }

  /** Whom an action is done to, of those that it could be done to. */
  public interface Chosen {
    int[] of(Crowd who, IntPredicate which);
  }

  /** The seats whose units are among some, also of those who are not up. */
  public int seats(Seats to, Chosen chosen) {
    if (to.everybody()) {
      return everybody;
    }
    int seats = 0;
    if (to.who() != null) {
      for (int unit : chosen.of(to.who(), it -> plan.seatOf(it) >= 0)) {
        seats |= 1 << plan.seatOf(unit);
      }
    }
    return seats;
  }

  /** Shows a short text. */
  public void note(int note, int seats, int cause, String words) {
    context.causes.words(context.log(Causes.Kind.NOTE, note, seats, cause), words);
  }

  /** An objective was opened for some. */
  public void opened(int objective, int seats) {
    objectivesFor.at[objective] |= seats;
  }

  /** An objective is done: everybody hears of one that was nobody's. */
  public void done(int objective) {
    if (objectivesFor.at[objective] == 0) {
      objectivesFor.at[objective] = everybody;
    }
  }

  /** Whether a seat is shown an objective; a hidden one only once it is done. */
  public boolean objective(int objective, int seat) {
    boolean hidden = objectives.get(objective).rank() == Objective.Rank.HIDDEN;
    boolean done = context.scriptFacts.objective(objective) == ObjectiveState.DONE.ordinal();
    return has(objectivesFor.at[objective], seat) && (done || !hidden);
  }

  /** Shows a marker to some seats, or hides it from them. */
  public void marker(int marker, boolean shown, int seats, int cause) {
    if (marker >= 0) {
      int before = markers.at[marker];
      int now = shown ? before | seats : before & ~seats;
      if (now != before) {
        markers.at[marker] = now;
        context.log(Causes.Kind.MARKER, marker, shown ? 1 : 0, cause, seats);
      }
    }
  }

  /** Whether a seat is shown a marker. */
  public boolean marker(int marker, int seat) {
    return has(markers.at[marker], seat);
  }

  /** Lets some seats send a call, or no longer. */
  public void offer(int call, boolean offered, int seats, int cause) {
    if (call >= 0) {
      int before = this.offered.at[call];
      int now = offered ? before | seats : before & ~seats;
      if (now != before) {
        this.offered.at[call] = now;
        context.log(Causes.Kind.OFFERED, call, offered ? 1 : 0, cause, seats);
      }
    }
  }

  /** Whether a seat can send a call. */
  public boolean offered(int call, int seat) {
    return has(offered.at[call], seat);
  }

  /** A timer was started: who sees it run, from now on. */
  public void timer(int timer, Seats to, int seats) {
    boolean nobody = to.everybody() && !timers.get(timer).shown();
    timersShown.at[timer] = nobody ? 0 : seats;
  }

  /** Whether a seat sees a timer while it runs. */
  public boolean timer(int timer, int seat) {
    return has(timersShown.at[timer], seat);
  }

  /** Has some seats look at a view for some steps. */
  public void view(int view, int steps, int seats, int cause) {
    if (view >= 0 && seats != 0) {
      for (int seat = 0; seat < stations(plan); seat++) {
        if (has(seats, seat)) {
          this.view.at[seat] = view + 1;
          viewUntil.at[seat] = context.now() + steps;
        }
      }
      context.log(Causes.Kind.VIEW, view, steps, cause, seats);
    }
  }

  /** Has some seats see for themselves again. */
  public void ownView(int seats, int now) {
    for (int seat = 0; seat < stations(plan); seat++) {
      if (has(seats, seat)) {
        viewUntil.at[seat] = Math.min(viewUntil.at[seat], now);
      }
    }
  }

  /**
   * The number of the view that a seat looks at; -1 for its own. What an event shows comes before
   * what the zones show that its unit is in, and of those the first.
   */
  public int view(int seat) {
    if (context.now() < viewUntil.at[seat]) {
      return view.at[seat] - 1;
    }
    for (int i = 0; i < shows.length && seat < plan.seats(); i++) {
      if (context.workings.feels(plan.seat(seat), shows[i])) {
        return shownBy[i];
      }
    }
    return -1;
  }

  /** Phase 8: zones begin to show players what they show. */
  public void show() {
    for (int seat = 0; shows.length > 0 && seat < plan.seats(); seat++) {
      for (int working : shows) {
        if (context.workings.begins(plan.seat(seat), working)) {
          context.workings.log(plan.seat(seat), working);
        }
      }
    }
  }

  /** Whether a seat is among some. */
  public static boolean has(int seats, int seat) {
    return (seats >> seat & 1) == 1;
  }
}
