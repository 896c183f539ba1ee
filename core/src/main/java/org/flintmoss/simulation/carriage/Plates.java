package org.flintmoss.simulation.carriage;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.word.Open;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.MovableTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.ThingPlaces;
import org.flintmoss.simulation.state.Column;

/**
 * Phase 8: what weighs on fixtures, and the uses that come about by that. Units that stand on one
 * weigh with what they carry; so do loose things that lie on it, with what stands on them.
 */
public final class Plates {
  /** How much higher or lower than its foot what is on a plate may stand, metres. */
  private static final double LEVEL = 0.3;

  /** More than the diagonal of a square is longer than its side. */
  private static final double DIAGONAL = 1.5;

  /** How many things may stand on one another. */
  private static final int TALLEST = 50;

  private final CarriageContext context;
  private final Plan plan;
  private final MovableTable table;
  private final ThingPlaces places;

  /** The uses that come about by weight. */
  private final int[] uses;

  /** The fixtures they are of, each once, by their numbers among things. */
  private final int[] plates;

  /** The plate, by its place among them, that each use is of. */
  private final int[] plateOf;

  /** Since when the weight has been as each use asks; 0 if it is not. */
  private final Column.Steps since;

  /** 1 for a use that has come about since then. */
  private final Column.Ints made;

  /** The number from 1 of the unit that stood last on each plate since it was pressed; or 0. */
  private final Column.Ints last;

  /** Who stood on each plate when it was last looked at, from 1; 0 for nobody. */
  private final Column.Ints standing;

  Plates(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    table = plan.movables();
    places = context.thingPlaces;
    FixtureUse[] all = plan.handles();
    uses = IntStream.range(0, all.length).filter(it -> !all[it].use().byHand()).toArray();
    plates = Arrays.stream(uses).map(it -> all[it].self()).distinct().toArray();
    List<Integer> numbers = Arrays.stream(plates).boxed().toList();
    plateOf = Arrays.stream(uses).map(it -> numbers.indexOf(all[it].self())).toArray();
    since = context.state.steps("weighedSince", uses.length);
    made = context.state.ints("weighedMade", uses.length);
    last = context.state.ints("lastOnPlate", plates.length);
    standing = context.state.ints("onPlate", plates.length);
    for (int use = 0; use < uses.length; use++) {
      // Freed of a weight is only what had borne one.
      made.at[use] = all[uses[use]].use().made() instanceof Use.Eased ? 1 : 0;
      since.at[use] = made.at[use];
    }
  }

  /** Kilograms on a fixture, by its number among things. */
  public double weight(int thing) {
    return weight(thing, new Open.ToAll());
  }

  private double weight(int thing, Open whose) {
    if (thing < 0) {
      return 0;
    }
    double weight = 0;
    for (int unit = 0; unit < plan.units(); unit++) {
      if (stands(unit, thing) && whose.to(plan.side(unit))) {
        weight += mass(unit);
      }
    }
    for (int movable = 0; movable < table.many() && whose instanceof Open.ToAll; movable++) {
      weight += lies(movable, thing) ? table.mass(movable) : 0;
    }
    return weight;
  }

  /** What a unit weighs with all that it carries, kilograms. */
  public double mass(int unit) {
    int held = context.holding.held(unit);
    boolean carries = context.holding.carries(unit);
    double share = context.holding.other(unit) < 0 ? 1 : 0.5;
    double load = carries ? table.mass(held) * share : 0;
    return plan.kind(unit).mass() + context.packs.laden(unit) + load;
  }

  private boolean stands(int unit, int thing) {
    return context.vitals.lives(unit)
        && !context.transits.on(unit)
        && on(thing, context.body.x(unit), context.body.y(unit), context.space.feet(unit));
  }

  private boolean on(int thing, double x, double y, double foot) {
    double far = plan.things().half(thing) * DIAGONAL;
    return Math.abs(x - places.x(thing)) <= far
        && Math.abs(y - places.y(thing)) <= far
        && Math.abs(foot - places.foot(thing)) <= LEVEL
        && context.space.toThing(thing, x, y) == 0;
  }

  /** Whether a loose thing, or what bears it at last, lies on another. */
  private boolean lies(int movable, int thing) {
    if (table.mass(movable) == 0 || places.aloft(movable) || !places.there(movable)) {
      return false;
    }
    int lowest = table.thing(movable);
    int bearer = places.bearer(movable);
    for (int storey = 0; storey < TALLEST && bearer >= 0 && bearer != thing; storey++) {
      lowest = bearer;
      bearer = table.movable(bearer) < 0 ? -1 : places.bearer(table.movable(bearer));
    }
    boolean loose = table.movable(lowest) >= 0 && lowest != thing;
    return loose && on(thing, places.x(lowest), places.y(lowest), places.foot(lowest));
  }

  /** Makes the uses that come about by what weighs on fixtures. */
  public void feel(int now) {
    for (int plate = 0; plate < plates.length; plate++) {
      come(plate);
    }
    for (int use = 0; use < uses.length; use++) {
      feel(use, now);
    }
  }

  /** Notes who stands on a plate. */
  private void come(int plate) {
    int first = 0;
    for (int unit = 0; unit < plan.units() && first == 0; unit++) {
      first = stands(unit, plates[plate]) ? unit + 1 : 0;
    }
    standing.at[plate] = first;
    last.at[plate] = first == 0 ? last.at[plate] : first;
  }

  private void feel(int use, int now) {
    FixtureUse of = plan.handles()[uses[use]];
    boolean eased = of.use().made() instanceof Use.Eased;
    boolean bears = weight(of.self(), of.use().open()) >= of.mass();
    if (bears == eased) {
      since.at[use] = 0;
      made.at[use] = 0;
      return;
    }
    if (since.at[use] == 0) {
      since.at[use] = now;
    }
    int plate = plateOf[use];
    int by = (eased ? last : standing).at[plate] - 1;
    boolean due = made.at[use] == 0 && now - since.at[use] >= of.steps();
    if (due && context.interactions.comes(by, uses[use])) {
      made.at[use] = 1;
      last.at[plate] = standing.at[plate];
      context.interactions.done(by, uses[use]);
    }
  }

  /** Whether a unit that stood on a fixture would make a use of it by its weight alone. */
  public boolean wouldMake(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    return of.use().made() instanceof Use.Pressed
        && of.use().open().to(plan.side(unit))
        && context.interactions.comes(unit, handle)
        && mass(unit) >= of.mass();
  }
}
