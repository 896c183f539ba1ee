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
      int deck = context.space.decks().below(x, y, feet + LEAST_FALL);
      if (context.space.decks().height(deck, x, y) > feet - LEAST_FALL) {
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
   * Throws a unit on the ground upward: of what is thrown up at v m/s the height is v t - g t2 / 2.
   * What rises higher than that, or stands in the way, ends its flight before it; it comes down as
   * far out as it flies and can stand.
   *
   * @return whether it is in the air now
   */
  boolean throwUp(int unit, double east, double north, double up) {
    if (up < HARD || !Mover.of(plan.kind(unit)).onDecks()) {
      return false;
    }
    double feet = context.space.feet(unit);
    double speed = Math.sqrt(east * east + north * north);
    double farthest = Math.min(FARTHEST_THROW, speed * 2 * up / Link.GRAVITY);
    double apex = up * up / (2 * Link.GRAVITY);
    boolean thrown = false;
    double landsX = 0;
    double landsY = 0;
    int landsOn = Decks.GROUND;
    for (double far = 0; far <= farthest; far += Decks.STRIDE) {
      double seconds = speed == 0 ? 0 : far / speed;
      double x = context.body.x(unit) + east * seconds;
      double y = context.body.y(unit) + north * seconds;
      double height = feet + up * seconds - Link.GRAVITY * seconds * seconds / 2;
      boolean free =
          plan.ground().holds(x, y)
              && plan.ground().heightAt(x, y) <= height + Decks.STEP
              && passes(unit, x, y, height);
      if (!free) {
        break;
      }
      int deck = context.space.decks().below(x, y, feet + apex);
      if (lands(unit, deck, x, y)) {
        thrown = true;
        landsX = x;
        landsY = y;
        landsOn = deck;
      }
    }
    if (thrown) {
      double rise = context.space.decks().height(landsOn, landsX, landsY) - feet;
      double left = Math.sqrt(Math.max(0, up * up - 2 * Link.GRAVITY * rise));
      context.transits.fly(unit, landsX, landsY, landsOn, (up + left) / Link.GRAVITY);
      context.paths.stop(unit);
    }
    return thrown;
  }

  private boolean passes(int unit, double x, double y, double feet) {
    Kind kind = plan.kind(unit);
    double low = context.space.navigationMap(unit).low();
    double fromX = context.body.x(unit);
    double fromY = context.body.y(unit);
    return plan.obstacles()
        .clear(fromX, fromY, x, y, kind.radius(), feet, low, context.standings.all());
  }

  private boolean lands(int unit, int deck, double x, double y) {
    NavigationMap map = context.space.navigationMap(unit);
    Mover mover = Mover.of(plan.kind(unit));
    double depth = context.waters.levels(0) - context.space.decks().height(deck, x, y);
    return map.bears(deck, x, y) || depth > mover.wade();
  }
}
