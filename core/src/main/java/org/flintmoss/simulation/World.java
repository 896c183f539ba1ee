package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.Ending;
import org.flintmoss.navigation.PathFinder;
import org.flintmoss.script.Spot;

/** One run: a plan, its state, and the log of causes. Not for use by several threads at once. */
public final class World {
  final Plan plan;
  final State state;
  final long seed;
  final Causes causes = new Causes();
  final PathFinder[] finders;
  private final Hands hands;
  private final Arrivals arrivals;
  private final Awareness awareness;
  private final Minds minds;
  private final Movement movement;
  private final Fighting fighting;
  private final Membership membership;
  private final Events events;

  /** A run of a plan from its beginning. */
  public World(Plan plan, long seed) {
    this.plan = plan;
    this.seed = seed;
    state = new State(plan);
    state.begin(plan);
    finders = Arrays.stream(plan.maps()).map(PathFinder::new).toArray(PathFinder[]::new);
    events = new Events(this);
    hands = new Hands(this);
    arrivals = new Arrivals(this);
    awareness = new Awareness(this);
    minds = new Minds(this);
    movement = new Movement(this);
    fighting = new Fighting(this);
    membership = new Membership(this);
  }

  /** What one seat does in a step. */
  public record Command(int seat, Input input) {}

  /** Takes one step of 50 ms; does nothing once play is over. */
  public void step(List<Command> commands) {
    if (over()) {
      return;
    }
    int now = ++state.clock.at[Clock.STEP];
    inputs(commands);
    events.delayed(now);
    arrivals.bringIn(now);
    awareness.perceive(now);
    minds.decide(now);
    movement.move();
    fighting.fight(now);
    membership.update();
    events.settle(now);
    ending(now);
  }

  private void inputs(List<Command> commands) {
    for (int i = 0; i < commands.size(); i++) {
      hands.take(commands.get(i));
    }
  }

  private void ending(int now) {
    int ending = state.clock.at[Clock.ENDING];
    if (state.clock.at[Clock.STOPPED] == 1) {
      state.clock.at[Clock.OVER] = 1;
    } else if (ending >= 0 && now >= state.clock.at[Clock.END_STEP]) {
      state.clock.at[Clock.OVER] = 1;
      log(Causes.Kind.OVER, ending, -1, -1);
    }
  }

  int log(Causes.Kind kind, int subject, int detail, int cause) {
    state.clock.at[Clock.LOGGED]++;
    return causes.add(now(), kind, subject, detail, cause);
  }

  Events events() {
    return events;
  }

  int now() {
    return state.clock.at[Clock.STEP];
  }

  double distance(int unit, double x, double y) {
    double dx = x - state.x.at[unit];
    double dy = y - state.y.at[unit];
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** Metres between the edges of two units, at least 0. */
  double gap(int unit, int other) {
    double far = distance(unit, state.x.at[other], state.y.at[other]);
    return Math.max(0, far - plan.kind(unit).radius() - plan.kind(other).radius());
  }

  /** Whether the ground leaves the line between two units' heads free. */
  boolean lineFree(int unit, int other) {
    double x = state.x.at[unit];
    double y = state.y.at[unit];
    double ox = state.x.at[other];
    double oy = state.y.at[other];
    double eye = plan.kind(unit).eye();
    double head = plan.kind(other).eye();
    return plan.ground().clear(x, y, eye, ox, oy, head)
        || plan.ground().clear(x, y, eye, ox, oy, head / 2);
  }

  /**
   * The first weapon, from 1, with which a unit can hit another from where it stands; 0 for none.
   */
  int reach(int unit, int other) {
    double gap = gap(unit, other);
    List<Plan.Arm> arms = plan.arms(unit);
    for (int slot = 1; slot <= arms.size(); slot++) {
      if (gap <= arms.get(slot - 1).weapon().range() * 0.9 && lineFree(unit, other)) {
        return slot;
      }
    }
    return 0;
  }

  /** Whether a unit was inside a zone when membership was last looked at. */
  boolean inside(int unit, int zone) {
    long word = state.inside.at[unit * plan.zoneWords() + zone / 64];
    return (word & (1L << (zone % 64))) != 0;
  }

  double spotX(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.x();
      case Spot.Of of -> state.x.at[of.member()];
    };
  }

  double spotY(Spot spot) {
    return switch (spot) {
      case Spot.Fixed fixed -> fixed.y();
      case Spot.Of of -> state.y.at[of.member()];
    };
  }

  /** Goes back or on to a saved moment of the same plan and seed; the log is cut to it. */
  public void load(byte[] saved) {
    state.load(saved);
    causes.resume(state.clock.at[Clock.LOGGED]);
  }

  /** All that has changed, as bytes. */
  public byte[] save() {
    return state.save();
  }

  /** A number for all that has changed. */
  public long hash() {
    return state.hash();
  }

  /** The plan. */
  public Plan plan() {
    return plan;
  }

  /** Whose luck it has. */
  public long seed() {
    return seed;
  }

  /** The log of causes. */
  public Causes causes() {
    return causes;
  }

  /** Whether play is over. */
  public boolean over() {
    return state.clock.at[Clock.OVER] == 1;
  }

  /** A view of the world for reading. */
  public Readings read() {
    return new Readings(this);
  }

  /** The ending that was decided; null before. */
  public Ending ending() {
    int ending = state.clock.at[Clock.ENDING];
    return ending < 0 ? null : new ArrayList<>(plan.mission().endings().values()).get(ending);
  }

  /** The events that chased each other, by name; empty if they did not. */
  public List<String> chasing() {
    return causes.from(0).stream()
        .filter(entry -> entry.kind() == Causes.Kind.CHASE)
        .sorted(Comparator.comparingInt(Causes.Entry::ordinal))
        .map(entry -> plan.script().programs().get(entry.subject()).name())
        .toList();
  }
}
