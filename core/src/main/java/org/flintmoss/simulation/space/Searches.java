package org.flintmoss.simulation.space;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.navigation.path.FlowField;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;

/**
 * Searches for ways, each carried on by a number of places in a step, so that none holds up play.
 * What is in hand is scratch: the state tells from where, to where and how far each has come, and a
 * run that is taken up again repeats it.
 */
public final class Searches {
  /** How many places a search looks at in a step. */
  static final int SLICE = 16_000;

  /** The same where one search is for many. */
  static final int SHARED_SLICE = 64_000;

  /** A search is given up after this many steps. */
  static final int LONGEST = 100;

  /** Where this many units make for the same point, one field leads them all. */
  private static final int MANY = 8;

  /** Units that take their ways from one field are spread over this many steps. */
  private static final int TURNS = 8;

  /** How many fields are kept. */
  private static final int FIELDS = 8;

  /** Stands for a search that is to be begun anew: the ground has changed under it. */
  private static final int ANEW = -1;

  /** What has become of a search. */
  enum Found {
    /** There is no way. */
    NONE,
    /** It goes on in the next step. */
    LATER,
    /** The way is in the state. */
    NOW
  }

  private final SpaceContext context;
  private final State state;
  private final PathFinder[] inHand;

  /** For each map those that are free. */
  private final List<ArrayDeque<PathFinder>> idle = new ArrayList<>();

  /** Those who make for a place on one map at one speed, and can open the same on their way. */
  private record Towards(Views.Key view, int goal, double speed) {}

  /** The fields that were followed last. */
  private final Map<Towards, FlowField> fields =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Towards, FlowField> eldest) {
          return size() > FIELDS;
        }
      };

  /**
   * For how many steps each unit has searched for a way; 0 for none that is sought, -1 to begin
   * anew.
   */
  private final Column.Ints slices;

  /** 1 where a unit's search is one with those of others who make for the same. */
  private final Column.Ints shared;

  /** Where each search began: metres east. */
  private final Column.Doubles fromX;

  /** Where each search began: metres north. */
  private final Column.Doubles fromY;

  /** The surface on which each search began. */
  private final Column.Ints fromDeck;

  /** What each search makes for: metres east. */
  private final Column.Doubles toX;

  /** What each search makes for: metres north. */
  private final Column.Doubles toY;

  /** The surface that each search makes for; -1 for any that can be reached. */
  private final Column.Ints toDeck;

  Searches(SpaceContext context) {
    this.context = context;
    state = context.state;
    slices = state.ints("seekSlices", Rows.of(context.plan.units()));
    shared = state.ints("seekShared", Rows.of(context.plan.units()));
    fromX = state.doubles("seekX", Rows.of(context.plan.units()));
    fromY = state.doubles("seekY", Rows.of(context.plan.units()));
    fromDeck = state.ints("seekDeck", Rows.of(context.plan.units()));
    toX = state.doubles("seekToX", Rows.of(context.plan.units()));
    toY = state.doubles("seekToY", Rows.of(context.plan.units()));
    toDeck = state.ints("seekToDeck", Rows.of(context.plan.units()));
    inHand = new PathFinder[context.plan.units()];
    for (int map = 0; map < context.plan.maps().length; map++) {
      idle.add(new ArrayDeque<>());
    }
  }

  int slices(int unit) {
    return slices.at[unit];
  }

  private PathFinder take(int unit) {
    PathFinder free = idle.get(context.plan.map(unit)).poll();
    PathFinder finder = free == null ? new PathFinder(context.space.navigationMap(unit)) : free;
    finder.turnTo(context.space.navigationMap(unit));
    return finder;
  }

  private void give(int unit, PathFinder finder) {
    idle.get(context.plan.map(unit)).add(finder);
  }

  /** Whether a unit's search is not yet over. */
  boolean underWay(int unit) {
    return slices.at[unit] != 0;
  }

  /** Whether a unit's search is to be begun anew. */
  boolean anew(int unit) {
    return slices.at[unit] == ANEW;
  }

  /** Ends a unit's search. */
  void drop(int unit) {
    slices.at[unit] = 0;
    if (inHand[unit] != null) {
      give(unit, inHand[unit]);
      inHand[unit] = null;
    }
  }

  /** Has all searches begin anew: the ground has changed. */
  void reshape() {
    fields.clear();
    for (int unit = 0; unit < inHand.length; unit++) {
      if (underWay(unit)) {
        drop(unit);
        slices.at[unit] = ANEW;
      }
    }
  }

  /** Forgets what is in hand: the state has become another. */
  public void forget() {
    fields.clear();
    for (int unit = 0; unit < inHand.length; unit++) {
      if (inHand[unit] != null) {
        give(unit, inHand[unit]);
        inHand[unit] = null;
      }
    }
  }

  /** Begins to look for the way of a unit from one point to another. */
  Found begin(int unit, int deck, double x, double y, int toDeck, double toX, double toY) {
    drop(unit);
    shared.at[unit] = shared(unit, toX, toY) ? 1 : 0;
    fromX.at[unit] = x;
    fromY.at[unit] = y;
    fromDeck.at[unit] = deck;
    this.toX.at[unit] = toX;
    this.toY.at[unit] = toY;
    this.toDeck.at[unit] = toDeck;
    PathFinder finder = take(unit);
    if (!begin(unit, finder)) {
      give(unit, finder);
      return Found.NONE;
    }
    inHand[unit] = finder;
    return carryOn(unit, finder) ? Found.NOW : Found.LATER;
  }

  /** Whether many others have sought the way to the very point that a unit seeks. */
  private boolean shared(int unit, double x, double y) {
    int many = 0;
    for (int other = 0; other < inHand.length && many < MANY; other++) {
      boolean same = toX.at[other] == x && toY.at[other] == y;
      many += same && other != unit && context.plan.map(other) == context.plan.map(unit) ? 1 : 0;
    }
    return many == MANY;
  }

  private boolean begin(int unit, PathFinder finder) {
    double speed = context.plan.kind(unit).walk();
    boolean begun = search(unit, finder, speed);
    if (begun && shared.at[unit] == 1) {
      Towards towards = new Towards(context.space.view(unit), finder.goal(), speed);
      finder.follow(
          fields.computeIfAbsent(
              towards,
              it -> new FlowField(context.space.navigationMap(unit), it.goal(), it.speed())));
    }
    return begun;
  }

  private boolean search(int unit, PathFinder finder, double speed) {
    return finder.begin(
        fromDeck.at[unit],
        fromX.at[unit],
        fromY.at[unit],
        toDeck.at[unit],
        toX.at[unit],
        toY.at[unit],
        speed);
  }

  /** Carries a unit's search on by a step. */
  void goOn(int unit) {
    PathFinder finder = inHand[unit];
    if (finder == null) {
      finder = take(unit);
      begin(unit, finder);
      finder.carryOn(slice(unit) * slices.at[unit]);
      inHand[unit] = finder;
    }
    if (!carryOn(unit, finder) && slices.at[unit] >= LONGEST) {
      drop(unit);
      context.ways.forget(unit);
      context.log(Causes.Kind.NO_WAY, unit, 1, -1);
    }
  }

  private int slice(int unit) {
    return shared.at[unit] == 1 ? SHARED_SLICE : SLICE;
  }

  private boolean carryOn(int unit, PathFinder finder) {
    int slices = ++this.slices.at[unit];
    if (!finder.carryOn(slice(unit)) || !turn(unit, slices)) {
      return false;
    }
    context.ways.follow(unit, finder, context.plan.kind(unit).walk());
    drop(unit);
    return true;
  }

  /** Those whom one field leads do not all take their ways from it in one step. */
  private boolean turn(int unit, int slices) {
    boolean waited = shared.at[unit] == 1 && slices > 1;
    return !waited || Math.floorMod(context.plan.key(unit) + slices, TURNS) == 0;
  }
}
