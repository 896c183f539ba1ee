package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.sentence.Order;
import org.flintmoss.script.Slots;
import org.flintmoss.script.Track;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Progress;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.Decks;

/** Goes along a route, waits and works at its waypoints. */
final class AlongExecutor implements Executor<Order.Along> {
  private final Footwork feet;
  private final DecisionContext context;
  private final Plan plan;
  private final Progress progress;
  private final Tasks tasks;

  AlongExecutor(Footwork feet) {
    this.feet = feet;
    context = feet.context;
    plan = context.plan;
    progress = context.progress;
    tasks = new Tasks(context);
  }

  @Override
  public void perform(Order.Along order, Slots slots, int unit, int ordered, int now) {
    Track track = slots.track(order.route());
    if (!track.open().to(plan.side(unit))) {
      feet.stayHome(unit, now);
      return;
    }
    int at = progress.waypoint(ordered);
    double x = track.x()[at];
    double y = track.y()[at];
    int deck =
        track.height()[at] < 0
            ? Decks.ANY
            : context.space.decks().nearest(x, y, track.height()[at]);
    context.intentions.goAtPace(unit, track.speed()[at]);
    context.intentions.goAtHeight(unit, track.height()[at]);
    if (!feet.paths.goTo(unit, deck, x, y, now)) {
      return;
    }
    if (progress.lingerUntil(ordered) == 0) {
      context.log(Causes.Kind.REACHED, unit, progress.leg(ordered), -1);
      context.touch(Wake.WAYPOINTS, 0, unit);
      int wait = track.waits()[at];
      int takes = Math.max(wait, tasks.begin(unit, track, at, now));
      progress.linger(ordered, wait == Track.LET_GO ? Integer.MAX_VALUE : now + takes);
    }
    tasks.goOn(unit, track.tasks()[at]);
    boolean letGo = progress.isLetGo(ordered) && track.waits()[at] != 0;
    if (letGo || now >= progress.lingerUntil(ordered)) {
      goOn(ordered, track, at, letGo);
    }
  }

  private void goOn(int ordered, Track track, int at, boolean letGo) {
    int leg = progress.leg(ordered);
    double roll = Chance.roll(context.seed, Chance.Purpose.FORK, plan.orderedKey(ordered), leg);
    int next = track.next(at, progress.homeward(ordered), roll);
    if (next == Track.END) {
      return;
    }
    progress.leave(ordered, next < 0 ? ~next : next, next < 0, letGo);
  }

  /** At the last waypoint, with nothing more to wait for or to do there. */
  @Override
  public boolean done(Order.Along order, Slots slots, int unit, int ordered) {
    Track track = slots.track(order.route());
    int until = progress.lingerUntil(ordered);
    boolean rests = until > 0 && context.now() >= until;
    boolean homeward = progress.homeward(ordered);
    return rests && track.next(progress.waypoint(ordered), homeward, 0) == Track.END;
  }
}
