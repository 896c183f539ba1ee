package org.flintmoss.simulation.players;

import java.util.List;
import org.flintmoss.mission.script.Call;
import org.flintmoss.script.PlaceFinder;
import org.flintmoss.script.Script;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Wake;

/** Phase 1: what players call, where, how often and how soon again they can. */
public final class Calls {
  private final PlayerContext context;
  private final Plan plan;
  private final List<Call> calls;

  /** Where each has to be sent from; null for anywhere. */
  private final Spot[] spots;

  /** How often each has been sent. */
  private final Column.Ints sent;

  /** When each can be sent again; 0 for at once. */
  private final Column.Steps again;

  Calls(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    calls = List.copyOf(plan.mission().calls().values());
    spots = new Spot[calls.size()];
    PlaceFinder places = new PlaceFinder(plan.actors());
    for (int call = 0; call < spots.length; call++) {
      if (calls.get(call).from() instanceof Call.Near near) {
        spots[call] = places.spot(near.place());
      }
    }
    sent = context.state.ints("calls", calls.size());
    again = context.state.steps("callAgain", calls.size());
  }

  /** How often a call was sent. */
  public int sent(int call) {
    return sent.at[call];
  }

  /** Whether a player can send a call now. */
  public boolean ready(int call, int seat) {
    return context.screens.offered(call, seat) && lacks(call, plan.seat(seat)) == null;
  }

  /**
   * Why somebody cannot send a call now that they are offered, in a few words; null if they can.
   */
  public String lacks(int call, int unit) {
    Call of = calls.get(call);
    int left = again.at[call] - context.now();
    if (of.times() > 0 && sent.at[call] >= of.times()) {
      return of.times() == 1 ? "it was sent" : "it was sent " + of.times() + " times";
    }
    if (again.at[call] > 0 && left > 0) {
      return "again in " + (int) Math.ceil(left * Plan.STEP) + " s";
    }
    return of.from() instanceof Call.Near near && !near(unit, spots[call], near.distance())
        ? "you are too far off"
        : null;
  }

  private boolean near(int unit, Spot spot, double distance) {
    return spot != null
        && context.space.distance(unit, context.space.spotX(spot), context.space.spotY(spot))
            <= distance;
  }

  void send(int call, int seat, int unit) {
    if (call >= 0 && ready(call, seat)) {
      sent.at[call]++;
      double pause = calls.get(call).pause();
      again.at[call] = pause == 0 ? 0 : context.now() + Script.steps(pause);
      context.log(Causes.Kind.CALLED, unit, call, -1);
      context.touch(Wake.CALL, call, unit);
    }
  }
}
