package org.flintmoss.simulation.arrival;

import org.flintmoss.script.Arrival;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * Phase 3: those who were brought in take their places. Nobody is placed where they cannot walk or
 * in another's way; who finds no room waits outside and tries again every second, those of a wave
 * for half a minute.
 */
public final class Spawner {
  /**
   * How often somebody of a wave looks for room before staying away, so that a wave without a place
   * does not hold up those after it.
   */
  private static final int PATIENCE = 30;

  private final ArrivalContext context;
  private final Plan plan;
  private final State state;
  private final Room room;
  private final Paths paths;

  /** How often a unit of a wave has looked for room where it is to come in. */
  private final Column.Ints tries;

  /** The place where each unit is to come in, from 1; 0 for none. */
  private final Column.Ints place;

  /** When it looks for room there again; 0 for at once. */
  private final Column.Steps again;

  /** The zone in which each player's unit comes back, from 1; 0 for its start. */
  private final Column.Ints checkpoint;

  Spawner(ArrivalContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    tries = state.ints("tries", Rows.of(plan.units()));
    place = state.ints("arrive", Rows.of(plan.units()));
    again = state.steps("arriveAgain", Rows.of(plan.units()));
    checkpoint = state.ints("checkpoint", Rows.of(plan.units()));
    room = new Room(context);
    paths = context.paths;
  }

  /** Has a unit come in at an arrival place as soon as there is room. */
  public void await(int unit, int arrival) {
    place.at[unit] = arrival + 1;
    again.at[unit] = 0;
  }

  /** Where a unit waits to come in, from 1; 0 for one that does not wait. */
  public int place(int unit) {
    return place.at[unit];
  }

  int again(int unit) {
    return again.at[unit];
  }

  /** Phase 3: brings in those whose time has come, where there is room. */
  public void bringIn(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.wounds.back(unit) > 0 && now >= context.wounds.back(unit)) {
        comeBack(unit);
      }
      if (place.at[unit] > 0 && now >= again.at[unit]) {
        bringIn(unit, plan.script().arrival(place.at[unit] - 1), now);
      }
    }
  }

  /** A player's unit comes back in a zone from now on; answers whether that is new. */
  public boolean comesBackIn(int unit, int zone) {
    boolean fresh = checkpoint.at[unit] != zone + 1;
    checkpoint.at[unit] = zone + 1;
    return fresh;
  }

  /** The zone in which a player's unit comes back; -1 for its start. */
  public int checkpoint(int unit) {
    return checkpoint.at[unit] - 1;
  }

  /** Puts somebody where they come back, or at their start: as near to it as there is room. */
  public boolean bringBack(int unit) {
    if (roomToComeBack(unit)) {
      setDown(unit);
      context.home.settle(unit);
      return true;
    }
    return false;
  }

  private boolean roomToComeBack(int unit) {
    int zone = checkpoint.at[unit] - 1;
    return (zone >= 0 && room.find(unit, new Arrival.Over(zone), context.now()))
        || inHomeZone(unit)
        || room.atHome(unit);
  }

  /** Whether there is room where a player's unit begins somewhere in a zone. */
  private boolean inHomeZone(int unit) {
    int zone = plan.homeZone(unit);
    if (zone < 0) {
      return false;
    }
    boolean found =
        (plan.homeUnseen(unit) && room.unseen(unit, zone, context.now()))
            || room.find(unit, new Arrival.Over(zone), context.now());
    if (!found) {
      context.log(Causes.Kind.NO_ROOM, unit, -1, -1);
    }
    return found;
  }

  /** Before play, in the order of the seats: who begins somewhere in a zone takes a place there. */
  public void beginInZones() {
    for (int seat = 0; seat < plan.seats(); seat++) {
      int unit = plan.seat(seat);
      if (inHomeZone(unit)) {
        setDown(unit);
        context.home.settle(unit);
      }
    }
  }

  /**
   * Puts somebody elsewhere who is in play; answers whether there was room.
   *
   * @param faces whether they face as the place does
   * @param thorough whether all of a zone is looked at
   */
  public boolean transfer(int unit, Arrival arrival, boolean faces, boolean thorough, int now) {
    if (!room.find(unit, arrival, now, thorough)) {
      return false;
    }
    double facing = context.body.facing(unit);
    setDown(unit);
    boolean set = faces && arrival instanceof Arrival.Near near && near.facing() >= 0;
    context.body.face(unit, set ? ((Arrival.Near) arrival).facing() : facing);
    context.home.settle(unit);
    return true;
  }

  /** A player's unit comes back, whole, as soon as there is room. */
  private void comeBack(int unit) {
    if (roomToComeBack(unit)) {
      context.wounds.isBack(unit);
      context.vitals.setHealth(unit, plan.kind(unit).health());
      setDown(unit);
      context.body.face(unit, plan.homeFacing(unit));
      enter(unit);
    }
  }

  /** Has a player's unit begin near a point; where there is no room it begins at its start. */
  public void begin(int unit, double px, double py) {
    if (room.at(unit, px, py)) {
      setDown(unit);
      context.home.settle(unit);
    }
  }

  /** Puts somebody who is in play elsewhere, where there is room. */
  public void moveTo(int unit, Arrival arrival, int now) {
    if (room(unit, arrival, now)) {
      setDown(unit);
      context.home.settle(unit);
      context.log(Causes.Kind.MOVED, unit, -1, -1);
    } else {
      context.log(Causes.Kind.STAYED, unit, -1, -1);
    }
  }

  private void bringIn(int unit, Arrival arrival, int now) {
    if (room(unit, arrival, now)) {
      setDown(unit);
      if (arrival instanceof Arrival.Near near && near.facing() >= 0) {
        context.body.face(unit, near.facing());
      }
      enter(unit);
    } else {
      if (again.at[unit] == 0) {
        context.log(Causes.Kind.NO_ROOM, unit, -1, -1);
      }
      again.at[unit] = now + Plan.STEPS_PER_SECOND;
      if (plan.comesByWave(unit) && ++tries.at[unit] >= PATIENCE) {
        place.at[unit] = 0;
        context.log(Causes.Kind.STAYED_AWAY, unit, -1, -1);
      }
    }
  }

  /** Whether there is room for a unit where it is to come in. */
  public boolean room(int unit, Arrival arrival, int now) {
    return room.find(unit, arrival, now);
  }

  private void setDown(int unit) {
    context.body.stand(unit, room.x(), room.y(), room.deck());
    paths.searchAtOnce(unit);
    paths.stop(unit);
    context.transits.leave(unit);
    context.flights.begin(unit);
  }

  private void enter(int unit) {
    place.at[unit] = 0;
    again.at[unit] = 0;
    context.vitals.enter(unit);
    if (context.vitals.health(unit) <= 0) {
      context.vitals.setHealth(unit, plan.kind(unit).health() * Wounds.BACK);
    }
    context.home.settle(unit);
    context.newcomers.came(unit);
    context.log(Causes.Kind.CAME, unit, -1, -1);
    context.touch(Wake.VITALS, unit, unit);
  }
}
