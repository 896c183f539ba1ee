package org.flintmoss.simulation.decisions;

import org.flintmoss.mission.unit.Squad.Formation;
import org.flintmoss.script.Crowd;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.FormationPlace;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Bearings;

/** What orders are made of: standing somewhere, going by somebody's side. */
final class Footwork {
  /** Who is slower rests, metres a second. */
  static final double RESTS = 0.1;

  /** Farther than this from their place, followers run, metres. */
  static final double BEHIND = 7;

  /** Nearer than this, they let be, metres. */
  private static final double CLOSE = 2;

  /** Nearer than this to a place one is there, metres. */
  private static final double THERE = 2;

  final DecisionContext context;
  final Plan plan;
  final Paths paths;

  /** The place by somebody's side that was asked for last. */
  private final FormationPlace place = new FormationPlace();

  Footwork(DecisionContext context) {
    this.context = context;
    paths = context.paths;
    plan = context.plan;
  }

  /** Goes home and stands there. */
  void stayHome(int unit, int now) {
    double facing = context.home.facing(unit);
    stand(unit, context.home.deck(unit), context.home.x(unit), context.home.y(unit), facing, now);
  }

  /** Goes to a place and stands there, facing a bearing. */
  void stand(int unit, int deck, double x, double y, double facing, int now) {
    if (paths.goTo(unit, deck, x, y, now)) {
      face(unit, facing);
    }
  }

  /** Turns toward a bearing. */
  void face(int unit, double bearing) {
    context.body.turnToward(unit, bearing, 180 * Plan.STEP);
  }

  /** Whether a unit is at a place. */
  boolean there(int unit, double x, double y) {
    return context.space.distance(unit, x, y) <= THERE;
  }

  /** Whether a unit is at home. */
  boolean atHome(int unit) {
    return there(unit, context.home.x(unit), context.home.y(unit));
  }

  /**
   * The nearest of a crowd who is up; of players' units, if asked, only those in a player's hand.
   */
  int nearest(int unit, Crowd who, boolean inHand) {
    int nearest = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int other : who.members()) {
      double far = context.space.distance(unit, context.body.x(other), context.body.y(other));
      boolean counts = !inHand || !plan.player(other) || context.controls.seated(other);
      boolean meant = counts && context.sieves.pass(who, other);
      if (other != unit && meant && context.vitals.up(other) && far < least) {
        nearest = other;
        least = far;
      }
    }
    return nearest;
  }

  /** From now on places are those of a rank in a formation. */
  void inFormation(Formation formation, double spacing, int rank, int followers) {
    place.in(formation, spacing, rank, followers);
  }

  /** How far to the east the place by somebody is. */
  double placeX(int other) {
    double facing = context.body.facing(other);
    return context.body.x(other)
        - place.back * Bearings.east(facing)
        + place.aside * Bearings.north(facing);
  }

  /** How far to the north the place by somebody is. */
  double placeY(int other) {
    double facing = context.body.facing(other);
    return context.body.y(other)
        - place.back * Bearings.north(facing)
        - place.aside * Bearings.east(facing);
  }

  /** Keeps to its place by somebody. */
  void follow(int unit, int other, int now) {
    double x = placeX(other);
    double y = placeY(other);
    double far = context.space.distance(unit, x, y);
    boolean rests = context.body.speed(other) < RESTS;
    if (far <= CLOSE && rests) {
      paths.stop(unit);
      face(unit, context.body.facing(other));
    } else {
      context.intentions.goAtPace(
          unit, far > BEHIND ? Double.POSITIVE_INFINITY : context.body.speed(other) * 1.1);
      paths.keepTo(unit, context.body.deck(other), x, y, 1.5, now);
    }
  }
}
