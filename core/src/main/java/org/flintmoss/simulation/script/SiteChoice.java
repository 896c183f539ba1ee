package org.flintmoss.simulation.script;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToIntFunction;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Site;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Chance;

/**
 * Where one action is done, chosen anew for each unit that it is done to. A squad goes as one: what
 * was chosen for its first member holds for all of it.
 */
final class SiteChoice {
  /** Those at most this far from a point are there, metres. */
  private static final double AROUND = 10;

  /** Stands for no unit: what is done at a place without being done to anybody. */
  static final int NOBODY = -1;

  private final ScriptContext context;
  private final Acts acts;
  private final Site site;
  private final int by;
  private final ToIntFunction<Crowd> meant;
  private final Map<Integer, Site.Single> ofSquads = new HashMap<>();

  /**
   * The choice for one action.
   *
   * @param by who caused it; -1 for nobody
   * @param meant whom a crowd stands for that is known only at the moment
   */
  SiteChoice(ScriptContext context, Acts acts, Site site, int by, ToIntFunction<Crowd> meant) {
    this.context = context;
    this.acts = acts;
    this.site = site;
    this.by = by;
    this.meant = meant;
  }

  /** Where it is done to a unit; null for nowhere. */
  Spot spot(int unit) {
    Site.Single place = place(unit);
    return place == null ? null : place.spot();
  }

  /** The number of the arrival by which a unit comes there; -1 for nowhere. */
  int arrival(int unit) {
    Site.Single place = place(unit);
    return place == null ? -1 : place.arrival();
  }

  private Site.Single place(int unit) {
    return switch (site) {
      case null -> null;
      case Site.Single single -> single;
      case Site.Beside beside -> beside(beside.who(), unit);
      case Site.Several several -> {
        int squad = unit < 0 ? -1 : context.plan.squadOf(unit);
        if (squad < 0) {
          yield one(several, unit);
        }
        if (!ofSquads.containsKey(squad)) {
          ofSquads.put(squad, one(several, unit));
        }
        yield ofSquads.get(squad);
      }
    };
  }

  private Site.Single beside(Crowd who, int unit) {
    int other = who.known() ? nearest(who, unit < 0 ? by : unit) : meant.applyAsInt(who);
    if (other < 0 || !context.sieves.pass(who, other)) {
      return null;
    }
    return new Site.Single(new Spot.Of(other, 0, 0), context.plan.script().beside(other), -1);
  }

  /** The nearest of a crowd who is up, other than a unit itself; the first as seen from nobody. */
  private int nearest(Crowd who, int unit) {
    int nearest = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int other : who.members()) {
      if (other != unit && context.vitals.up(other) && context.sieves.pass(who, other)) {
        double far =
            unit < 0
                ? 0
                : context.space.distance(unit, context.body.x(other), context.body.y(other));
        if (far < least) {
          nearest = other;
          least = far;
        }
      }
    }
    return nearest;
  }

  private Site.Single one(Site.Several several, int unit) {
    List<Site.Single> places = several.places();
    return switch (several.how()) {
      case NEAREST -> least(places, place -> far(unit < 0 ? by : unit, place.spot()));
      case EMPTIEST -> least(places, place -> others(unit, place));
      case IN_TURN -> places.get(acts.nextChoice(several.number()) % places.size());
      case BY_CHANCE -> {
        int ordinal = acts.nextChoice(several.number());
        long who = Chance.of(several.luck());
        double roll = Chance.roll(context.seed, Chance.Purpose.SITE, who, ordinal);
        yield places.get((int) (roll * places.size()));
      }
    };
  }

  private interface Measured {
    double of(Site.Single place);
  }

  /** The place that measures least; the first of several. */
  private static Site.Single least(List<Site.Single> places, Measured measured) {
    Site.Single best = places.getFirst();
    double least = measured.of(best);
    for (Site.Single place : places) {
      double measure = measured.of(place);
      if (measure < least) {
        best = place;
        least = measure;
      }
    }
    return best;
  }

  private double far(int unit, Spot spot) {
    return unit < 0
        ? 0
        : context.space.distance(unit, context.space.spotX(spot), context.space.spotY(spot));
  }

  /** How many others are at a place, or are on their way there. */
  private int others(int unit, Site.Single place) {
    int others = 0;
    for (int other = 0; other < context.plan.units(); other++) {
      others += other != unit && goesTo(other, place) ? 1 : 0;
    }
    return others;
  }

  private boolean goesTo(int unit, Site.Single place) {
    if (context.asked.moves(unit) > 0) {
      return context.asked.moves(unit) == place.arrival() + 1;
    }
    if (context.spawner.place(unit) > 0) {
      return context.spawner.place(unit) == place.arrival() + 1;
    }
    return context.vitals.up(unit)
        && (context.orders.sent(unit) == 1
            ? at(place, context.orders.sentX(unit), context.orders.sentY(unit))
            : at(place, context.body.x(unit), context.body.y(unit)));
  }

  private boolean at(Site.Single place, double x, double y) {
    int zone = place.zone();
    if (zone >= 0) {
      return context
          .plan
          .zones()
          .contains(
              zone, x - context.space.carriedEast(zone), y - context.space.carriedNorth(zone));
    }
    double dx = context.space.spotX(place.spot()) - x;
    double dy = context.space.spotY(place.spot()) - y;
    return dx * dx + dy * dy <= AROUND * AROUND;
  }
}
