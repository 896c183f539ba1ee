package org.flintmoss.simulation.space;

import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;

/** Those in the air: they keep above whatever is below and ahead of them, and circle or hover. */
public final class Flights {
  /** How far ahead they look, seconds. */
  private static final double AHEAD = 2;

  /** How finely the surfaces ahead are looked at, metres. */
  private static final double PART = 1;

  /** How far they keep above what lies ahead at least, metres. */
  private static final double CLEAR = 0.5;

  /** How fast they turn who circle, degrees a second. */
  private static final double CIRCLING = 40;

  private final Plan plan;
  private final SpaceContext context;
  private final State state;

  /** How high each of those who fly is above the zero of heights, metres. */
  private final Column.Doubles aloft;

  Flights(SpaceContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    aloft = state.doubles("aloft", Rows.of(plan.units()));
    for (int unit = 0; unit < plan.units(); unit++) {
      begin(unit);
    }
  }

  double aloft(int unit) {
    return aloft.at[unit];
  }

  /** Puts a unit that flies as high as it goes about. */
  public void begin(int unit) {
    if (plan.kind(unit).moves() instanceof Moves.Flyer flyer) {
      aloft.at[unit] = top(unit, 0, 0) + flyer.low();
    }
  }

  /** Whether a unit flies. */
  public static boolean flies(Plan plan, int unit) {
    return plan.kind(unit).moves() instanceof Moves.Flyer;
  }

  /**
   * What lies highest on the straight way of a unit by some metres east and north, above the zero
   * of heights, metres.
   */
  private double top(int unit, double east, double north) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double top = context.waters.levels(0);
    int parts = (int) Math.floor(Math.sqrt(east * east + north * north) / PART) + 1;
    for (int part = 0; part <= parts; part++) {
      double px = x + east * part / parts;
      double py = y + north * part / parts;
      top = plan.ground().holds(px, py) ? Math.max(top, context.space.decks().top(px, py)) : top;
    }
    double radius = plan.kind(unit).radius();
    double obstacles =
        plan.obstacles().top(x, y, x + east, y + north, radius, context.standings.all());
    return Math.max(top, obstacles);
  }

  /** Whether it is high enough to go on by some metres. */
  public boolean clears(int unit, double east, double north) {
    double x = context.body.x(unit) + east;
    double y = context.body.y(unit) + north;
    return plan.ground().holds(x, y) && top(unit, east, north) <= aloft.at[unit];
  }

  /** Rises or sinks toward where it goes about, looking ahead along its way. */
  public void rise(int unit, double east, double north) {
    Moves.Flyer flyer = (Moves.Flyer) plan.kind(unit).moves();
    double top = top(unit, east * AHEAD, north * AHEAD);
    double wanted = wanted(unit, flyer, top) - aloft.at[unit];
    double most = flyer.climb() * Plan.STEP;
    aloft.at[unit] += Math.max(-most, Math.min(most, wanted));
  }

  /**
   * A zone carries it up or down, no higher than it can rise and no lower than what is under it.
   */
  public void lift(int unit, double metres) {
    Moves.Flyer flyer = (Moves.Flyer) plan.kind(unit).moves();
    double top = top(unit, 0, 0);
    double lifted = Math.min(top + flyer.high(), aloft.at[unit] + metres);
    aloft.at[unit] = metres > 0 ? Math.max(aloft.at[unit], lifted) : Math.max(top, lifted);
  }

  /**
   * How high it is to be: as it goes about, or as its waypoint has it above the ground or water
   * under it, clear of what lies ahead and no higher than it can rise.
   */
  private double wanted(int unit, Moves.Flyer flyer, double top) {
    if (context.intentions.height(unit) < 0) {
      return top + flyer.low();
    }
    double ground = plan.ground().heightAt(context.body.x(unit), context.body.y(unit));
    double asked = Math.max(ground, context.waters.levels(0)) + context.intentions.height(unit);
    return Math.max(top + CLEAR, Math.min(top + flyer.high(), asked));
  }

  /** Who cannot hover and has nowhere to go flies in a circle. */
  public boolean circles(int unit) {
    return plan.kind(unit).moves() instanceof Moves.Flyer flyer
        && !flyer.hovers()
        && !context.ways.ahead(unit);
  }

  /** How far it turns in a step of its circle, degrees. */
  public double turn(int unit) {
    return Math.min(CIRCLING, plan.kind(unit).turn()) * Plan.STEP;
  }

  /** The surface under a unit, seen from above. */
  public int over(int unit) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    return flies(plan, unit) ? context.space.decks().highest(x, y, 0) : context.body.deck(unit);
  }
}
