package org.flintmoss.simulation.carriage;

import java.util.Arrays;
import org.flintmoss.mission.catalogue.Dealing;
import org.flintmoss.mission.catalogue.Stance.Attitude;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.plan.DealingTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;

/** What people do with each other: it takes its time, and ends when either walks off. */
public final class Dealings {
  /** Who stands within this angle of somebody's back is behind them, degrees. */
  private static final double BEHIND = 60;

  private final CarriageContext context;
  private final Plan plan;
  private final DealingTable table;

  /** With whom each unit deals, from 1; 0 for nobody. */
  private final Column.Ints with;

  /** What each unit does with them, by its number. */
  private final Column.Ints dealing;

  /** When each unit has done it; 0 before it first deals with anybody. */
  private final Column.Steps until;

  /** How often each dealing was made with each unit, by its place among those of the unit. */
  private final Column.Ints made;

  /** How often each was made by each player who is counted by themselves. */
  private final Column.Ints madeBySeat;

  /** Who deals with each unit before its eyes, as found in this step; -1 for nobody. */
  private final int[] visitors;

  Dealings(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    table = plan.dealings();
    int most = table.most();
    Rows rows = Rows.of(most == 0 ? 0 : plan.units());
    with = context.state.ints("dealsWith", rows);
    dealing = context.state.ints("dealing", rows);
    until = context.state.steps("dealsUntil", rows);
    made = context.state.ints("dealingsMade", rows.wide(most));
    visitors = new int[most == 0 ? 0 : plan.units()];
    Arrays.fill(visitors, -1);
    madeBySeat = context.state.ints("dealingsBySeat", rows.wide(most * plan.seats()));
  }

  private boolean none() {
    return table.most() == 0;
  }

  /** With whom a unit deals; -1 for nobody. */
  public int with(int unit) {
    return none() ? -1 : with.at[unit] - 1;
  }

  /** What a unit does with whom it deals with, by its number. */
  public int dealing(int unit) {
    return dealing.at[unit];
  }

  /** A unit leaves off. */
  public void leaveOff(int unit) {
    if (!none()) {
      with.at[unit] = 0;
    }
  }

  /**
   * Who deals with a unit before its eyes and is no enemy of theirs, so that it stands still; -1
   * for nobody.
   */
  public int visitor(int unit) {
    return none() ? -1 : visitors[unit];
  }

  /** The nearest person in reach with whom a unit can do anything; -1 for nobody. */
  public int nearest(int unit) {
    if (none() || !plan.kind(unit).hands()) {
      return -1;
    }
    int nearest = -1;
    double least = Fixture.REACH;
    for (int other = 0; other < plan.units(); other++) {
      double gap = table.of(other).length == 0 || other == unit ? least : gap(unit, other);
      if (gap < least && first(unit, other)) {
        nearest = other;
        least = gap;
      }
    }
    return nearest;
  }

  /** Metres between the edges of two; more than any reach where they are not level. */
  private double gap(int unit, int other) {
    double rise = Math.abs(context.space.feet(unit) - context.space.feet(other));
    boolean level = rise <= plan.kind(unit).eye();
    return level ? context.space.gap(unit, other) : Double.POSITIVE_INFINITY;
  }

  private boolean first(int unit, int other) {
    for (int number : table.of(other)) {
      if (offers(unit, other, number)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether a unit is offered to do something with another, whether or not it has what it needs.
   */
  public boolean offers(int unit, int other, int number) {
    Dealing of = table.get(number).of();
    return context.vitals.inPlay(other)
        && context.carrying.carrier(other) < 0
        && !context.transits.on(other)
        && of.open().to(plan.side(unit))
        && toward(of.toward(), unit, other)
        && is(of.offered(), other)
        && (!of.behind() || behind(unit, other))
        && (!(of.does() instanceof Dealing.Lifts) || context.carrying.canLift(unit, other))
        && (of.times() == 0 || times(unit, other, number) < of.times());
  }

  /** Whether something can be done with a unit as it is now. */
  public boolean can(int other, int number) {
    boolean has = Arrays.stream(table.of(other)).anyMatch(it -> it == number);
    return has && context.vitals.inPlay(other) && is(table.get(number).of().offered(), other);
  }

  /** Whether a unit has what it needs for it. */
  public boolean has(int unit, int number) {
    DealingTable.Looked it = table.get(number);
    return it.needs() == -1
        || (it.needs() >= 0 && context.packs.count(unit, it.needs()) >= it.needed());
  }

  private boolean toward(Dealing.Toward toward, int unit, int other) {
    Attitude attitude = context.stances.attitude(unit, other);
    return switch (toward) {
      case ANYBODY -> true;
      case FRIENDS -> attitude == Attitude.FRIENDLY;
      case NO_ENEMIES -> attitude != Attitude.HOSTILE;
      case ENEMIES -> attitude == Attitude.HOSTILE;
    };
  }

  private boolean is(Dealing.While how, int other) {
    boolean up = context.vitals.up(other);
    boolean bound = up && context.vitals.bound(other);
    return switch (how) {
      case UP -> up && !bound;
      case CALM ->
          up
              && !bound
              && context.knowledge.alertness(other) != Alertness.ALARMED.ordinal()
              && !context.controls.seated(other);
      case DOWN -> context.vitals.lives(other) && !up;
      case DEAD -> context.vitals.dead(other);
      case FALLEN -> !up;
      case BOUND -> bound;
      case HELPLESS -> !up || bound;
    };
  }

  private boolean behind(int unit, int other) {
    double east = context.body.x(unit) - context.body.x(other);
    double north = context.body.y(unit) - context.body.y(other);
    double back = Bearings.turn(context.body.facing(other) + 180);
    return Math.abs(Bearings.between(back, Bearings.of(east, north))) <= BEHIND;
  }

  private int times(int unit, int other, int number) {
    int seat = plan.seatOf(unit);
    int at = other * table.most() + place(other, number);
    return table.get(number).of().counted() == Use.Counted.ALL || seat < 0
        ? made.at[at]
        : madeBySeat.at[at * plan.seats() + seat];
  }

  private int place(int other, int number) {
    int[] all = table.of(other);
    int place = 0;
    while (all[place] != number) {
      place++;
    }
    return place;
  }

  /** Begins to do something with another that is offered. */
  void begin(int unit, int other, int number, int now) {
    with.at[unit] = other + 1;
    dealing.at[unit] = number;
    until.at[unit] = now + table.get(number).steps();
  }

  /** Phase 1: who deals with somebody goes on, or is done. */
  public void work(int now) {
    Arrays.fill(visitors, -1);
    for (int unit = 0; !none() && unit < plan.units(); unit++) {
      if (with.at[unit] > 0) {
        visit(unit, with.at[unit] - 1);
        work(unit, with.at[unit] - 1, dealing.at[unit], now);
      }
    }
  }

  private void visit(int unit, int other) {
    boolean seen = !table.get(dealing.at[unit]).of().behind();
    if (seen && visitors[other] < 0 && !context.stances.hostile(other, unit)) {
      visitors[other] = unit;
    }
  }

  private void work(int unit, int other, int number, int now) {
    boolean walks = context.controls.steered(unit) || context.ways.ahead(unit);
    boolean goesOn =
        context.vitals.able(unit)
            && !walks
            && gap(unit, other) < Fixture.REACH
            && offers(unit, other, number)
            && has(unit, number);
    if (!goesOn) {
      with.at[unit] = 0;
    } else if (now >= until.at[unit]) {
      with.at[unit] = 0;
      done(unit, other, number);
    }
  }

  private void done(int unit, int other, int number) {
    DealingTable.Looked it = table.get(number);
    count(unit, other, number);
    int entry = context.log(Causes.Kind.DEALT, unit, other, -1, number);
    if (table.spends(number)) {
      context.packs.remove(unit, it.needs(), it.needed());
    }
    if (it.gives() >= 0) {
      context.packs.put(unit, it.gives(), it.given());
    }
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    context.noises.make(x, y, it.of().noise(), unit, context.now());
    context.standings.change(it.effect(), entry, unit);
    context.trading.open(unit, it.effect().exchange());
    switch (it.of().does()) {
      case Dealing.Nothing _ -> {}
      case Dealing.Searches _ -> context.packs.takeAll(unit, other);
      case Dealing.Hurts _, Dealing.Heals _ -> hurt(unit, other, it.points(), entry);
      case Dealing.Binds _ -> context.carrying.bind(other, unit, entry);
      case Dealing.Frees _ -> context.carrying.free(other, unit, entry);
      case Dealing.Lifts _ -> context.carrying.lift(unit, other);
    }
  }

  private void count(int unit, int other, int number) {
    int seat = plan.seatOf(unit);
    int at = other * table.most() + place(other, number);
    if (table.get(number).of().counted() == Use.Counted.ALL || seat < 0) {
      made.at[at]++;
    } else {
      madeBySeat.at[at * plan.seats() + seat]++;
    }
  }

  /** Nobody is healed beyond their full health; only who lives gains or loses any. */
  private void hurt(int unit, int other, double points, int entry) {
    if (context.vitals.up(other)) {
      context.vitals.hurt(other, points, unit, entry);
    }
  }
}
