package org.flintmoss.simulation.carriage;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;

/**
 * What a unit can begin from where it stands, by slot from 1: to help up a friend who is down, the
 * uses of the nearest fixture, what can be done with the nearest person, to lift a loose thing. Who
 * has hold of a thing or carries somebody can only set them down.
 */
public final class Slots {
  /** The most that have a key. */
  public static final int KEYS = 4;

  /** The most that there are. */
  private static final int MOST = 8;

  /** What a slot is for. */
  public enum For {
    /** Sets down what it has hold of: the number of the loose thing. */
    SET_DOWN,
    /** Sets down whom it carries: the unit. */
    PUT_DOWN,
    /** Helps a friend up: the unit. */
    HELP,
    /** The number of the use of a fixture or a gate. */
    USE,
    /** Deals with a person: the number of the dealing, with the unit. */
    DEAL,
    /** Lifts a loose thing: its number among them. */
    LIFT
  }

  /**
   * One slot.
   *
   * @param what the number of what it is for
   * @param whom the unit that a person is dealt with; -1 for all others
   */
  public record Slot(For of, int what, int whom) {}

  private final CarriageContext context;
  private final Plan plan;

  Slots(CarriageContext context) {
    this.context = context;
    plan = context.plan;
  }

  /** What a unit is offered, in the order of the slots. */
  public List<Slot> of(int unit) {
    if (!context.vitals.able(unit)) {
      return List.of();
    }
    if (context.holding.held(unit) >= 0) {
      return List.of(new Slot(For.SET_DOWN, context.holding.held(unit), -1));
    }
    if (context.carrying.carries(unit) >= 0) {
      return List.of(new Slot(For.PUT_DOWN, context.carrying.carries(unit), -1));
    }
    List<Slot> slots = new ArrayList<>();
    int friend = context.wounds.inReach(unit);
    if (friend >= 0) {
      slots.add(new Slot(For.HELP, friend, -1));
    }
    for (int use : context.interactions.inReach(unit)) {
      slots.add(new Slot(For.USE, use, -1));
    }
    int person = context.dealings.nearest(unit);
    for (int number : person < 0 ? new int[0] : plan.dealings().of(person)) {
      if (context.dealings.offers(unit, person, number)) {
        slots.add(new Slot(For.DEAL, number, person));
      }
    }
    int loose = context.holding.inReach(unit);
    if (loose >= 0) {
      slots.add(new Slot(For.LIFT, loose, -1));
    }
    return slots.size() > MOST ? slots.subList(0, MOST) : slots;
  }

  /** The slot of a use of a fixture; 0 for one that the unit is not offered. */
  public int use(int unit, int handle) {
    return place(unit, new Slot(For.USE, handle, -1));
  }

  /** The slot of dealing with a person; 0 where the unit is not offered to. */
  public int deal(int unit, int other, int dealing) {
    return place(unit, new Slot(For.DEAL, dealing, other));
  }

  private int place(int unit, Slot slot) {
    return of(unit).indexOf(slot) + 1;
  }

  /** Begins what a slot, from 1, is for; leaves off what the unit is at. */
  public void begin(int unit, int slot, int now) {
    List<Slot> offered = of(unit);
    context.wounds.leaveOff(unit);
    context.interactions.leaveOff(unit);
    context.dealings.leaveOff(unit);
    if (slot < 1 || slot > offered.size()) {
      return;
    }
    Slot it = offered.get(slot - 1);
    if (can(unit, it)) {
      if (takesTime(it) && context.interactions.walks(unit)) {
        context.log(Causes.Kind.MUST_STAND, unit, -1, -1);
      }
      begin(unit, it, now);
    }
  }

  private static boolean takesTime(Slot slot) {
    return slot.of() == For.HELP || slot.of() == For.USE || slot.of() == For.DEAL;
  }

  /** Whether a unit has what a slot needs. */
  public boolean can(int unit, Slot slot) {
    return switch (slot.of()) {
      case USE -> context.interactions.has(unit, slot.what());
      case DEAL -> context.dealings.has(unit, slot.what());
      case SET_DOWN, PUT_DOWN, HELP, LIFT -> true;
    };
  }

  private void begin(int unit, Slot slot, int now) {
    switch (slot.of()) {
      case SET_DOWN -> context.holding.setDown(unit);
      case PUT_DOWN -> context.carrying.setDown(unit);
      case HELP -> context.wounds.begin(unit, slot.what(), now);
      case USE -> context.interactions.begin(unit, slot.what(), now);
      case DEAL -> context.dealings.begin(unit, slot.whom(), slot.what(), now);
      case LIFT -> context.holding.take(unit, slot.what());
    }
  }
}
