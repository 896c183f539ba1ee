package org.flintmoss.simulation;

import org.flintmoss.mission.Crossing;
import org.flintmoss.navigation.Falls;
import org.flintmoss.navigation.Link;

/**
 * Those who are on a crossing: between its ends nothing stops them, and their feet are where its
 * curve is.
 */
final class Transits {
  /** How much higher than the straight line between its ends the middle of a leap lies, metres. */
  private static final double ARC = 0.4;

  private final Context context;
  private final State state;

  Transits(Context context) {
    this.context = context;
    state = context.state;
  }

  /** Whether a unit is on a crossing. */
  static boolean on(State state, int unit) {
    return state.overUntil.at[unit] > 0;
  }

  /** Where a unit stands, or will stand once it is over: metres east. */
  static double landsX(State state, int unit) {
    return on(state, unit) ? state.overX.at[unit] : state.x.at[unit];
  }

  /** Where a unit stands, or will stand once it is over: metres north. */
  static double landsY(State state, int unit) {
    return on(state, unit) ? state.overY.at[unit] : state.y.at[unit];
  }

  /** The surface that a unit stands on, or will stand on once it is over. */
  static int landsOn(State state, int unit) {
    return on(state, unit) ? state.overDeck.at[unit] : state.deck.at[unit];
  }

  /** Sets a unit on a crossing from where it stands. */
  void begin(int unit, Link link) {
    begin(unit, link.toX(), link.toY(), link.toDeck(), link.lasts(context.plan.kind(unit).walk()));
    state.overArc.at[unit] = arc(link);
    state.overFalls.at[unit] = falls(link) ? 1 : 0;
  }

  /** Whether one comes to the end of a crossing by falling. */
  static boolean falls(Link link) {
    return link.manner() == Crossing.Manner.LEAP || link.manner() == Crossing.Manner.DROP;
  }

  /** How high the curve of a crossing is over the straight line, metres. */
  static double arc(Link link) {
    return link.manner() == Crossing.Manner.LEAP ? ARC : 0;
  }

  /** Sets a unit on the crossing that leads to the next corner of its way. */
  void beginOnWay(int unit) {
    int corner = unit * State.CORNERS + state.corner.at[unit];
    begin(
        unit,
        state.way.at[corner * 2],
        state.way.at[corner * 2 + 1],
        state.wayDeck.at[corner],
        state.wayOver.at[corner]);
    state.overArc.at[unit] = state.wayArc.at[corner];
    state.overFalls.at[unit] = state.wayFalls.at[corner];
    state.corner.at[unit]++;
  }

  private void begin(int unit, double toX, double toY, int toDeck, double seconds) {
    state.overZ.at[unit] = context.space.feet(unit);
    state.overFromX.at[unit] = state.x.at[unit];
    state.overFromY.at[unit] = state.y.at[unit];
    state.overX.at[unit] = toX;
    state.overY.at[unit] = toY;
    state.overDeck.at[unit] = toDeck;
    state.overSince.at[unit] = context.now();
    state.overUntil.at[unit] =
        context.now() + (int) Math.max(1, Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5));
  }

  /** Goes on for a step; at its end one stands on the surface it leads to, hurt by a deep fall. */
  void goOn(int unit) {
    double share = share(unit);
    double fromX = state.overFromX.at[unit];
    double fromY = state.overFromY.at[unit];
    state.x.at[unit] = fromX + (state.overX.at[unit] - fromX) * share;
    state.y.at[unit] = fromY + (state.overY.at[unit] - fromY) * share;
    if (share >= 1) {
      double fallen = state.overZ.at[unit] - feet(unit);
      state.deck.at[unit] = state.overDeck.at[unit];
      leave(state, unit);
      boolean falls = state.overFalls.at[unit] == 1;
      state.hurt.at[unit] += falls ? Falls.harm(context.plan.kind(unit), fallen) : 0;
    }
  }

  /** Takes a unit off a crossing that has been set down elsewhere. */
  static void leave(State state, int unit) {
    state.overUntil.at[unit] = 0;
  }

  private double share(int unit) {
    int since = state.overSince.at[unit];
    return Math.min(1, (double) (context.now() - since) / (state.overUntil.at[unit] - since));
  }

  /** How high the feet of a unit on a crossing are above the zero of heights, metres. */
  double feet(int unit) {
    double share = share(unit);
    double to =
        context
            .plan
            .decks()
            .height(state.overDeck.at[unit], state.overX.at[unit], state.overY.at[unit]);
    double from = state.overZ.at[unit];
    return from + (to - from) * share + state.overArc.at[unit] * 4 * share * (1 - share);
  }
}
