package org.flintmoss.simulation.carriage;

import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.Wake;

/**
 * Who has hold of which loose thing. It is lifted once as many hold it as its kind takes; then it
 * goes where they go and is in nobody's way. Who carries has no hand free: they use and help
 * nobody, and who strikes, falls, swims or gets over something lets go.
 */
public final class Holding {
  /** The heaviest that somebody lifts, as a share of what they push. */
  public static final double LIFTS = 0.5;

  /** The share of their pace that the heaviest load leaves. */
  private static final double PACE = 0.5;

  /** How high above the feet of who carries it the foot of a thing is, metres. */
  private static final double AT_THE_HIP = 0.6;

  /** How far apart two who carry may be beyond the thing and themselves, metres. */
  private static final double ARMS = 0.3;

  /** How much higher or lower than their feet somebody lifts from and sets down on, metres. */
  private static final double STOOPS = 1.2;

  /** How far from what it is set down beside a thing is put, metres. */
  private static final double ROOM = 0.02;

  /** Where it is tried to set a thing down: degrees from where who carries it faces. */
  private static final double[] TRIED = {0, 45, -45, 90, -90, 135, -135, 180};

  private static final int HANDS = 2;

  private final CarriageContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;

  /** The number from 1 of what each unit has hold of; 0 for nothing. */
  private final Column.Ints held;

  /** The numbers from 1 of those who have hold of each, two by two; 0 for none. */
  private final Column.Ints holders;

  /** Those that can be carried at all. */
  private final int[] portable;

  Holding(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    held = context.state.ints("held", Rows.of(plan.units()));
    holders = context.state.ints("thingHolders", Rows.of(table.many()).wide(HANDS));
    portable = IntStream.range(0, table.many()).filter(it -> takes(it) > 0).toArray();
  }

  /** How many it takes to carry a thing; 0 if nobody can. */
  private int takes(int movable) {
    Hold.Loose loose = table.loose(movable);
    return loose == null
        ? 0
        : switch (loose.carried()) {
          case NOBODY -> 0;
          case ONE -> 1;
          case TWO -> 2;
        };
  }

  /** What a unit has hold of, by its number among those that move; -1 for nothing. */
  public int held(int unit) {
    return held.at[unit] - 1;
  }

  /** Whether a unit carries something. */
  public boolean carries(int unit) {
    return held(unit) >= 0 && places.aloft(held(unit));
  }

  /** Whether a unit carries a thing, by its number among all. */
  public boolean carries(int unit, int thing) {
    return carries(unit) && table.thing(held(unit)) == thing;
  }

  /** Whether people carry a thing, by its number among all. */
  public boolean carried(int thing) {
    return table.movable(thing) >= 0 && places.aloft(table.movable(thing));
  }

  /** Takes a thing out of the hands of those who have hold of it. */
  public void free(int movable) {
    for (int hand = 0; hand < HANDS; hand++) {
      if (holder(movable, hand) >= 0) {
        letGo(movable, holder(movable, hand), true);
      }
    }
  }

  /** Who has hold of a thing, the first or the second; -1 for nobody. */
  public int holder(int movable, int hand) {
    return holders.at[HANDS * movable + hand] - 1;
  }

  /** Who carries the same as a unit does; -1 for nobody. */
  public int other(int unit) {
    if (!carries(unit)) {
      return -1;
    }
    int first = holder(held(unit), 0);
    return first == unit ? holder(held(unit), 1) : first;
  }

  /** How far apart the middles of the two who carry a thing are at most, metres. */
  public double span(int movable) {
    double span = 2 * table.radius(movable) + ARMS;
    for (int hand = 0; hand < HANDS; hand++) {
      int unit = holder(movable, hand);
      span += unit < 0 ? 0 : plan.kind(unit).radius();
    }
    return span;
  }

  /** The share of its pace that what it carries leaves to a unit. */
  public double pace(int unit) {
    if (!carries(unit)) {
      return 1;
    }
    int thing = held(unit);
    double lift = 0;
    for (int hand = 0; hand < HANDS; hand++) {
      lift += holder(thing, hand) < 0 ? 0 : lifts(holder(thing, hand));
    }
    return 1 - (1 - PACE) * Math.min(1, table.mass(thing) / lift);
  }

  private double lifts(int unit) {
    Kind kind = plan.kind(unit);
    return kind.hands() ? kind.pushes() * LIFTS : 0;
  }

  /**
   * The nearest thing that a unit could take hold of from where it stands: nothing stands on it,
   * and it is not too heavy for as many such people as it takes; -1 for none.
   */
  public int inReach(int unit) {
    if (lifts(unit) == 0 || held(unit) >= 0) {
      return -1;
    }
    int nearest = -1;
    double least = reach(unit);
    for (int movable : portable) {
      double far = far(unit, movable);
      if (far < least && can(unit, movable)) {
        nearest = movable;
        least = far;
      }
    }
    return nearest;
  }

  private double reach(int unit) {
    return Fixture.REACH + plan.kind(unit).radius();
  }

  /** Metres from the middle of a unit to the edge of a thing; more than any reach if not level. */
  private double far(int unit, int movable) {
    int of = table.thing(movable);
    double far = context.space.distance(unit, places.x(of), places.y(of)) - table.radius(movable);
    boolean level = Math.abs(places.foot(of) - context.space.feet(unit)) < STOOPS;
    return level ? Math.max(0, far) : Double.POSITIVE_INFINITY;
  }

  private boolean can(int unit, int movable) {
    int first = holder(movable, 0);
    return places.there(movable)
        && !places.aloft(movable)
        && table.mass(movable) <= lifts(unit) * takes(movable)
        && !places.bears(movable)
        && (first < 0 || friends(unit, first));
  }

  private boolean friends(int unit, int other) {
    return context.stances.attitude(unit, other) == Stance.Attitude.FRIENDLY;
  }

  /** Takes hold of a thing in reach, with whom has hold of it. */
  public void take(int unit, int movable) {
    int hand = holder(movable, 0) < 0 ? 0 : 1;
    held.at[unit] = movable + 1;
    holders.at[HANDS * movable + hand] = unit + 1;
    if (hand + 1 == takes(movable)) {
      places.lift(movable);
      int with = hand == 0 ? -1 : holder(movable, 0);
      context.log(Causes.Kind.LIFTED, unit, table.thing(movable), -1, with);
      context.touch(Wake.THING_HELD, table.thing(movable), unit);
    }
  }

  /** Sets down what a unit has hold of where there is room; keeps it where there is none. */
  public void setDown(int unit) {
    int movable = held(unit);
    if (movable < 0) {
      return;
    }
    if (!places.aloft(movable)) {
      letGo(movable, unit, false);
    } else if (room(unit, movable)) {
      letGo(movable, unit, false);
    } else {
      context.log(Causes.Kind.NO_SPACE, unit, table.thing(movable), -1);
    }
  }

  /** Lets fall at once what a unit has hold of. */
  public void drop(int unit) {
    if (held(unit) >= 0) {
      letGo(held(unit), unit, true);
    }
  }

  private void letGo(int movable, int by, boolean falls) {
    boolean carried = places.aloft(movable);
    for (int hand = 0; hand < HANDS; hand++) {
      int unit = holder(movable, hand);
      if (unit >= 0 && (carried || unit == by)) {
        held.at[unit] = 0;
        holders.at[HANDS * movable + hand] = 0;
      }
    }
    if (carried) {
      places.unhand(movable);
      context.log(Causes.Kind.LET_GO, by, table.thing(movable), -1, falls ? 1 : 0);
      context.touch(Wake.THING_HELD, table.thing(movable), by);
    }
  }

  /** Puts a thing where there is room before a unit, or about it; false where there is none. */
  private boolean room(int unit, int movable) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    int of = table.thing(movable);
    if (other(unit) >= 0 && clear(movable, places.x(of), places.y(of), unit)) {
      put(movable, places.x(of), places.y(of), unit);
      return true;
    }
    double far = plan.kind(unit).radius() + table.radius(movable) + ROOM;
    for (double off : TRIED) {
      double bearing = Bearings.turn(context.body.facing(unit) + off);
      double toX = x + Bearings.east(bearing) * far;
      double toY = y + Bearings.north(bearing) * far;
      boolean through =
          clear(ROOM, (x + toX) / 2, (y + toY) / 2, context.space.feet(unit), AT_THE_HIP);
      if (through && clear(movable, toX, toY, unit)) {
        put(movable, toX, toY, unit);
        return true;
      }
    }
    return false;
  }

  private boolean clear(int movable, double x, double y, int unit) {
    double feet = context.space.feet(unit);
    boolean within = x >= 0 && y >= 0 && x <= plan.ground().width() && y <= plan.ground().height();
    return within
        && plan.ground().heightAt(x, y) <= feet + STOOPS
        && (!context.standings.thereAndSolid(table.thing(movable))
            || clear(table.radius(movable), x, y, surface(x, y, feet), places.height(movable)));
  }

  private boolean clear(double radius, double x, double y, double feet, double tall) {
    return plan.obstacles().clear(x, y, radius, feet, tall, context.standings.all());
  }

  private double surface(double x, double y, double feet) {
    int deck = context.space.decks().below(x, y, feet + STOOPS);
    return context.space.decks().height(deck, x, y);
  }

  /** On the surface within reach there; over a rim it falls. */
  private void put(int movable, double x, double y, int unit) {
    double feet = context.space.feet(unit);
    double surface = surface(x, y, feet);
    places.lay(movable, x, y, surface < feet - STOOPS ? feet : surface);
  }

  /** Phase 6, before anybody moves: who can no longer hold on lets go. */
  public void tend() {
    for (int movable : portable) {
      for (int hand = 0; hand < HANDS; hand++) {
        int unit = holder(movable, hand);
        if (unit >= 0 && !holdsOn(unit, movable)) {
          drop(unit);
        }
      }
    }
  }

  private boolean holdsOn(int unit, int movable) {
    boolean able = context.vitals.up(unit) && !context.transits.on(unit) && !swims(unit);
    if (!able || !places.there(movable)) {
      return false;
    }
    int other = other(unit);
    if (!places.aloft(movable)) {
      return reaches(unit, movable);
    }
    boolean together =
        other < 0
            || context.space.distance(unit, context.body.x(other), context.body.y(other))
                <= 2 * span(movable);
    return together && (other < 0 || led(other) || led(unit) || bothSeated(unit, other));
  }

  private boolean bothSeated(int unit, int other) {
    return context.controls.seated(unit) && context.controls.seated(other);
  }

  /** Whether a unit goes along with whom it carries something with, and not its own way. */
  public boolean led(int unit) {
    int other = other(unit);
    return other >= 0 && !context.controls.seated(unit) && context.controls.seated(other);
  }

  private boolean swims(int unit) {
    return !context
        .space
        .navigationMap(unit)
        .bears(context.body.deck(unit), context.body.x(unit), context.body.y(unit));
  }

  /** Puts a thing that is carried where it is carried now. */
  public void follow(int movable) {
    int unit = holder(movable, 0);
    int other = holder(movable, 1);
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double feet = context.space.feet(unit);
    if (other >= 0) {
      x = (x + context.body.x(other)) / 2;
      y = (y + context.body.y(other)) / 2;
      feet = (feet + context.space.feet(other)) / 2;
    } else {
      double facing = context.body.facing(unit);
      x += Bearings.east(facing) * plan.kind(unit).radius();
      y += Bearings.north(facing) * plan.kind(unit).radius();
    }
    places.lay(movable, x, y, feet + AT_THE_HIP);
  }

  /**
   * The nearest thing that a unit would lend a hand with: a player has hold of it, who is their
   * friend and one short; what it holds itself stays that. -1 for none.
   *
   * @param within how far off it may be, metres
   */
  public int lends(int unit, double within) {
    if (held(unit) >= 0) {
      return held(unit);
    }
    int nearest = -1;
    double least = within;
    for (int movable : portable) {
      int first = holder(movable, 0);
      double far = first < 0 || places.aloft(movable) ? least : far(unit, movable);
      if (far < least && context.controls.seated(first) && can(unit, movable)) {
        nearest = movable;
        least = far;
      }
    }
    return nearest;
  }

  /** Whether a unit is near enough to a thing to take hold of it. */
  public boolean reaches(int unit, int movable) {
    return far(unit, movable) < reach(unit);
  }
}
