package org.flintmoss.simulation.arrival;

import java.util.List;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.Roster;
import org.flintmoss.script.Script;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;

/**
 * Phase 3: zones bring forth loose things, one after the other, while there is room. The first
 * comes in the step in which the zone begins to act.
 */
public final class Sources {
  /** Higher than any surface, metres. */
  private static final double SKY = 1e6;

  private final ArrivalContext context;
  private final Plan plan;

  /** The workings that bring something forth. */
  private final int[] all;

  /** The things for which each has a place, by their numbers. */
  private final int[][] places;

  /** When each may bring forth the next; 0 for at once. */
  private final Column.Steps next;

  /** How many each has brought forth. */
  private final Column.Ints brought;

  Sources(ArrivalContext context) {
    this.context = context;
    plan = context.plan;
    all = context.workings.of(Work.BringsForth.class);
    places = new int[all.length][];
    List<String> zones = List.copyOf(plan.mission().zones().keySet());
    for (int source = 0; source < all.length; source++) {
      ZoneWorking of = working(source);
      places[source] =
          Roster.places(plan.mission(), zones.get(of.zone()), of.key()).stream()
              .mapToInt(plan.actors()::thing)
              .filter(context.movement.things().handling()::loose)
              .toArray();
    }
    next = context.state.steps("bringsForthNext", all.length);
    brought = context.state.ints("broughtForth", all.length);
  }

  private ZoneWorking working(int source) {
    return context.workings.all().get(all[source]);
  }

  /** Brings forth what is due. */
  public void bringForth(int now) {
    for (int source = 0; source < all.length; source++) {
      if (!context.workings.acts(all[source])) {
        next.at[source] = 0;
      } else if (now >= next.at[source]) {
        bringForth(source, now);
      }
    }
  }

  private void bringForth(int source, int now) {
    ZoneWorking of = working(source);
    Work.BringsForth work = (Work.BringsForth) of.of().work();
    double total = of.slots().at(work.total());
    int thing = brought.at[source] >= total ? -1 : free(source);
    Position at = plan.zones().get(of.zone()).shape().centre();
    double x = at.x() + context.space.carriedEast(of.zone());
    double y = at.y() + context.space.carriedNorth(of.zone());
    double foot = context.space.decks().height(surface(of.zone(), x, y), x, y);
    boolean within = x >= 0 && y >= 0 && x <= plan.ground().width() && y <= plan.ground().height();
    if (thing >= 0 && within && context.movement.things().handling().room(thing, x, y, foot)) {
      brought.at[source]++;
      next.at[source] = now + Script.steps(of.slots().at(work.every()));
      int entry = context.log(Causes.Kind.BROUGHT_FORTH, thing, of.zone(), -1);
      context.breakables.mend(thing, entry, -1);
      context.movement.things().handling().lay(thing, x, y, foot, entry, -1);
    }
  }

  /** The first of the places of a source that nothing takes; -1 for none. */
  private int free(int source) {
    for (int thing : places[source]) {
      if (context.standings.standing(thing) == Standing.GONE) {
        return thing;
      }
    }
    return -1;
  }

  /** The highest surface at a point that is within the heights of a zone. */
  private int surface(int zone, double x, double y) {
    double top = plan.zones().get(zone).height() instanceof Zone.Between band ? band.high() : SKY;
    return context.space.decks().below(x, y, top);
  }
}
