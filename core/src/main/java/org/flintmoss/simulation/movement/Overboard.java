package org.flintmoss.simulation.movement;

import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.terrain.Decks;

/**
 * Who is pushed hard against the rim of what they stand on goes over it, and falls to where they
 * can stand, or into deep water. Who is pushed hard upward is thrown.
 */
final class Overboard {
  /** Pushes that are slower than this only press somebody against a rim, metres a second. */
  static final double HARD = 2;

  /** How far out somebody can come down, metres. */
  private static final double FARTHEST = 6;

  /** How far anybody is thrown, metres. */
  private static final double FARTHEST_THROW = 40;

  /** At this share of the height of a throw nothing may stand in its way. */
  private static final double OVER = 0.7;

  /** What lies no lower than this below somebody's feet is no fall, metres. */
  private static final double LEAST_FALL = Decks.STEP;

  private final MovementContext context;
  private final Plan plan;

  Overboard(MovementContext context) {
    this.context = context;
    plan = context.plan;
  }

  /**
   * Has a unit fall that is pushed and has not come on, if there is a rim before it.
   *
   * @param east metres a second
   * @param north metres a second
   */
  void push(int unit, double east, double north) {
    double speed = Math.sqrt(east * east + north * north);
    if (speed < HARD || !Mover.of(plan.kind(unit)).onDecks()) {
      return;
    }
    double feet = context.space.feet(unit);
    for (double far = Decks.STRIDE; far <= FARTHEST; far += Decks.STRIDE) {
      double x = context.body.x(unit) + east / speed * far;
      double y = context.body.y(unit) + north / speed * far;
      if (!plan.ground().holds(x, y) || !passes(unit, x, y, feet)) {
        return;
      }
      int deck = plan.decks().below(x, y, feet + LEAST_FALL);
      if (plan.decks().height(deck, x, y) > feet - LEAST_FALL) {
        continue;
      }
      if (lands(unit, deck, x, y)) {
        context.transits.fall(unit, x, y, deck);
        context.paths.stop(unit);
        return;
      }
    }
  }

  /**
   * Throws a unit on the ground upward, as far as it flies and there is somewhere to come down: of
   * what is thrown up at v m/s the height is v t - g t2 / 2.
   *
   * @return whether it is in the air now
   */
  boolean throwUp(int unit, double east, double north, double up) {
    if (up < HARD || !Mover.of(plan.kind(unit)).onDecks()) {
      return false;
    }
    double feet = context.space.feet(unit);
    double speed = Math.sqrt(east * east + north * north);
    double apex = up * up / (2 * Link.GRAVITY);
    double farthest = Math.min(FARTHEST_THROW, speed * 2 * up / Link.GRAVITY);
    for (double far = farthest; far >= 0; far -= Decks.STRIDE) {
      double share = speed == 0 ? 0 : far / speed;
      double x = context.body.x(unit) + east * share;
      double y = context.body.y(unit) + north * share;
      if (!plan.ground().holds(x, y) || !passes(unit, x, y, feet + apex * OVER)) {
        continue;
      }
      int deck = plan.decks().below(x, y, feet + apex);
      double rise = plan.decks().height(deck, x, y) - feet;
      if (lands(unit, deck, x, y)) {
        double left = Math.sqrt(up * up - 2 * Link.GRAVITY * rise);
        context.transits.fly(unit, x, y, deck, (up + left) / Link.GRAVITY);
        context.paths.stop(unit);
        return true;
      }
    }
    return false;
  }

  private boolean passes(int unit, double x, double y, double feet) {
    Kind kind = plan.kind(unit);
    double low = context.space.navigationMap(unit).low();
    double fromX = context.body.x(unit);
    double fromY = context.body.y(unit);
    return plan.obstacles()
        .clear(fromX, fromY, x, y, kind.radius(), feet, low, context.gates.all());
  }

  private boolean lands(int unit, int deck, double x, double y) {
    NavigationMap map = context.space.navigationMap(unit);
    Mover mover = Mover.of(plan.kind(unit));
    double depth = context.waters.levels(0) - plan.decks().height(deck, x, y);
    return map.bears(deck, x, y) || depth > mover.wade();
  }
}
