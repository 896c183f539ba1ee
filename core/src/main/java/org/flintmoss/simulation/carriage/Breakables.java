package org.flintmoss.simulation.carriage;

import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.Breakable;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.ThingTable;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.ChangingThings;

/** Things that are harmed, crack, break and drop what is in them: the owner of their harm. */
public final class Breakables {
  private final CarriageContext context;
  private final ThingTable things;

  /** Points of harm that each thing has taken; those of one that is broken are its strength. */
  private final Column.Doubles harm;

  /** How often each thing has broken, for its luck. */
  private final Column.Ints times;

  /** When what is left of each thing is gone; 0 for never. */
  private final Column.Steps goneAt;

  /** Whether any thing breaks. */
  private final boolean any;

  Breakables(CarriageContext context) {
    this.context = context;
    things = context.plan.things();
    boolean found = false;
    for (int thing = 0; thing < things.many(); thing++) {
      found |= things.breakable(thing) != null;
    }
    any = found;
    int rows = any ? things.many() : 0;
    harm = context.state.doubles("thingHarm", rows);
    times = context.state.ints("thingBroken", rows);
    goneAt = context.state.steps("debrisGone", rows);
  }

  /** Whether any thing of the mission breaks. */
  public boolean any() {
    return any;
  }

  /** Whether a thing can be harmed: it breaks, is there, and is not broken. */
  public boolean breaks(int thing) {
    return things.breakable(thing) != null
        && !broken(thing)
        && context.standings.standing(thing) == Standing.THERE;
  }

  /** Whether a thing is broken. */
  public boolean broken(int thing) {
    Breakable it = things.breakable(thing);
    return it != null && harm.at[thing] >= it.strength();
  }

  /** How much of its strength a thing has left, percent; all of it where it never breaks. */
  public double left(int thing) {
    Breakable it = things.breakable(thing);
    return it == null ? 100 : 100 * (1 - harm.at[thing] / it.strength());
  }

  /**
   * Phase 7: harms a thing that can be harmed, less what its armour keeps off.
   *
   * @param by the unit that does so, or -1 for nobody
   */
  public void hurt(int thing, double points, HarmSort sort, int cause, int by) {
    Breakable it = breaks(thing) ? things.breakable(thing) : null;
    double through = it == null ? 0 : points * it.armour().lets(sort);
    if (through <= 0) {
      return;
    }
    harm.at[thing] = Math.min(it.strength(), harm.at[thing] + through);
    context.touch(Wake.THING, thing, by);
    if (broken(thing)) {
      fall(thing, it, cause, by);
    } else if (it.cracked() >= 0 && harm.at[thing] >= it.sound()) {
      context.standings.turn(thing, it.cracked(), cause, by);
    }
  }

  /** Breaks a thing at once. */
  public void breakNow(int thing, int cause, int by) {
    if (thing >= 0 && breaks(thing)) {
      hurt(thing, Double.POSITIVE_INFINITY, HarmSort.BARE, cause, by);
    }
  }

  /** Makes a thing that breaks whole again, as it began, and puts it back. */
  public void mend(int thing, int cause, int by) {
    if (thing >= 0 && things.breakable(thing) != null) {
      harm.at[thing] = 0;
      goneAt.at[thing] = 0;
      context.touch(Wake.THING, thing, by);
      context.standings.turn(thing, first(thing), cause, by);
      context.standings.put(thing, Standing.THERE, cause, by);
    }
  }

  private int first(int thing) {
    return things.look(thing, ChangingThings.look(things.first(thing)));
  }

  private void fall(int thing, Breakable it, int cause, int by) {
    int entry = context.log(Causes.Kind.BROKE, thing, -1, cause, by);
    times.at[thing]++;
    double x = context.thingPlaces.x(thing);
    double y = context.thingPlaces.y(thing);
    context.noises.make(x, y, it.noise(), by, context.now());
    spill(thing);
    context.standings.change(it.effect(), entry, by);
    if (it.debris() >= 0) {
      context.standings.turn(thing, it.debris(), entry, by);
      goneAt.at[thing] = it.lies() > 0 ? context.now() + it.lies() : 0;
    } else {
      context.standings.put(thing, Standing.GONE, entry, by);
    }
  }

  /** Lets fall what is in a thing that may break. */
  public void spill(int thing) {
    Breakable it = things.breakable(thing);
    if (it == null) {
      return;
    }
    int deck = context.thingPlaces.deck(thing);
    double x = context.thingPlaces.x(thing);
    double y = context.thingPlaces.y(thing);
    long who = Chance.of(things.ref(thing).id());
    for (int drop = 0; drop < it.drops().size(); drop++) {
      Breakable.Falls falls = it.drops().get(drop);
      long turn = (long) times.at[thing] * it.drops().size() + drop;
      boolean falling = Chance.roll(context.seed, Chance.Purpose.DROP, who, turn) < falls.chance();
      if (falls.item() >= 0 && falling) {
        context.packs.lay(falls.item(), falls.count(), deck, x, y);
      }
    }
  }

  /** Phase 2: what is left of broken things goes. */
  public void clear(int now) {
    for (int thing = 0; thing < goneAt.at.length; thing++) {
      if (goneAt.at[thing] > 0 && now >= goneAt.at[thing]) {
        goneAt.at[thing] = 0;
        context.standings.put(thing, Standing.GONE, -1, -1);
      }
    }
  }
}
