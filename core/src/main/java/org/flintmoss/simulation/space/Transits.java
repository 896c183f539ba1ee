package org.flintmoss.simulation.space;

import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.navigation.map.Falls;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.terrain.Decks;

/**
 * Those who are on a crossing: between its ends nothing stops them, and their feet are where its
 * curve is.
 */
public final class Transits {
  /** How much higher than the straight line between its ends the middle of a leap lies, metres. */
  private static final double ARC = 0.4;

  private final SpaceContext context;
  private final State state;

  /** When each unit's crossing ends; 0 for those on none. */
  private final Column.Steps until;

  /** When it began. */
  private final Column.Steps since;

  /** Where it was begun: metres east. */
  private final Column.Doubles fromX;

  /** Where it was begun: metres north. */
  private final Column.Doubles fromY;

  /** How high above the zero of heights it was begun, metres. */
  private final Column.Doubles fromHeight;

  /** Where it ends: metres east. */
  private final Column.Doubles toX;

  /** Where it ends: metres north. */
  private final Column.Doubles toY;

  /** The surface on which it ends. */
  private final Column.Ints toDeck;

  /** How much higher than the straight line its middle is, metres. */
  private final Column.Doubles arc;

  /** 1 while one falls to its end. */
  private final Column.Ints falling;

  Transits(SpaceContext context) {
    this.context = context;
    state = context.state;
    until = state.steps("overUntil", Rows.of(context.plan.units()));
    since = state.steps("overSince", Rows.of(context.plan.units()));
    fromX = state.doubles("overFromX", Rows.of(context.plan.units()));
    fromY = state.doubles("overFromY", Rows.of(context.plan.units()));
    fromHeight = state.doubles("overZ", Rows.of(context.plan.units()));
    toX = state.doubles("overX", Rows.of(context.plan.units()));
    toY = state.doubles("overY", Rows.of(context.plan.units()));
    toDeck = state.ints("overDeck", Rows.of(context.plan.units()));
    arc = state.doubles("overArc", Rows.of(context.plan.units()));
    falling = state.ints("overFalls", Rows.of(context.plan.units()));
  }

  /** Whether a unit is on a crossing. */
  public boolean on(int unit) {
    return until.at[unit] > 0;
  }

  /** Where a unit stands, or will stand once it is over: metres east. */
  double landsX(int unit) {
    return on(unit) ? toX.at[unit] : context.body.x(unit);
  }

  /** Where a unit stands, or will stand once it is over: metres north. */
  double landsY(int unit) {
    return on(unit) ? toY.at[unit] : context.body.y(unit);
  }

  /** The surface that a unit stands on, or will stand on once it is over. */
  int landsOn(int unit) {
    return on(unit) ? toDeck.at[unit] : context.body.deck(unit);
  }

  /** Sets a unit on a crossing from where it stands. */
  public void begin(int unit, Link link) {
    begin(unit, link.toX(), link.toY(), link.toDeck(), link.lasts(context.plan.kind(unit).walk()));
    arc.at[unit] = arc(link);
    falling.at[unit] = falls(link) ? 1 : 0;
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
  public void beginOnWay(int unit) {
    Ways ways = context.ways;
    int corner = ways.corner(unit);
    begin(
        unit,
        ways.x(unit, corner),
        ways.y(unit, corner),
        ways.deck(unit, corner),
        ways.over(unit, corner));
    arc.at[unit] = ways.arc(unit, corner);
    falling.at[unit] = ways.falls(unit, corner);
    ways.makeFor(unit, corner + 1);
  }

  /** Has a unit fall from where it stands to a point of a surface. */
  public void fall(int unit, double x, double y, int deck) {
    double height = context.space.feet(unit) - context.space.decks().height(deck, x, y);
    begin(unit, x, y, deck, Link.fallSeconds(height));
    arc.at[unit] = 0;
    falling.at[unit] = 1;
  }

  /**
   * Has a unit fly through the air to a point of a surface, as what is thrown does.
   *
   * @param seconds how long it flies
   */
  public void fly(int unit, double x, double y, int deck, double seconds) {
    begin(unit, x, y, deck, seconds);
    // A height of v t - g t2 / 2 is a straight line and, over its middle, g T2 / 8 more.
    arc.at[unit] = Link.GRAVITY * seconds * seconds / 8;
    falling.at[unit] = 1;
  }

  private void begin(int unit, double toX, double toY, int toDeck, double seconds) {
    fromHeight.at[unit] = context.space.feet(unit);
    fromX.at[unit] = context.body.x(unit);
    fromY.at[unit] = context.body.y(unit);
    this.toX.at[unit] = toX;
    this.toY.at[unit] = toY;
    this.toDeck.at[unit] = toDeck;
    since.at[unit] = context.now();
    until.at[unit] =
        context.now() + (int) Math.max(1, Math.floor(seconds * Plan.STEPS_PER_SECOND + 0.5));
  }

  /** Goes on for a step; at its end one stands on the surface it leads to, hurt by a deep fall. */
  public void goOn(int unit) {
    double share = share(unit);
    double fromX = this.fromX.at[unit];
    double fromY = this.fromY.at[unit];
    context.body.stand(
        unit, fromX + (toX.at[unit] - fromX) * share, fromY + (toY.at[unit] - fromY) * share);
    if (share >= 1) {
      // Into deep water one falls no farther than to where it stands.
      double lands = Math.max(feet(unit), context.waters.levels(0));
      double fallen = fromHeight.at[unit] - lands;
      if (goesOn(unit)) {
        return;
      }
      context.body.stand(unit, context.body.x(unit), context.body.y(unit), toDeck.at[unit]);
      leave(unit);
      boolean falls = falling.at[unit] == 1;
      context.vitals.hurt(unit, falls ? Falls.harm(context.plan.kind(unit), fallen) : 0);
    }
  }

  /** Whether the deck has gone on which a unit was to land, so that it falls farther. */
  private boolean goesOn(int unit) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    Decks decks = context.space.decks();
    if (decks.over(toDeck.at[unit], x, y)) {
      return false;
    }
    int deck = decks.below(x, y, feet(unit) + Decks.STEP);
    boolean deeper = decks.height(deck, x, y) < feet(unit) - Decks.STEP;
    if (deeper) {
      fall(unit, x, y, deck);
    } else {
      toDeck.at[unit] = deck;
    }
    return deeper;
  }

  /** Takes a unit off a crossing that has been set down elsewhere. */
  public void leave(int unit) {
    until.at[unit] = 0;
  }

  private double share(int unit) {
    int since = this.since.at[unit];
    return Math.min(1, (double) (context.now() - since) / (until.at[unit] - since));
  }

  /** How high the feet of a unit on a crossing are above the zero of heights, metres. */
  double feet(int unit) {
    double share = share(unit);
    double to = context.space.decks().height(toDeck.at[unit], toX.at[unit], toY.at[unit]);
    double from = fromHeight.at[unit];
    return from + (to - from) * share + arc.at[unit] * 4 * share * (1 - share);
  }
}
