package org.flintmoss.simulation.perception;

import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.Gusts;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.Sound;

/**
 * Phase 4: noises, and who hears them. A unit that hears something no friend of it made turns wary
 * and looks its way; where they hear it very loud, they go and see.
 */
public final class Noises {
  /** Noises of steps by somebody who runs carry so far over open ground, metres. */
  static final double STEPS = 14;

  /** Steps are heard twice a second at most. */
  private static final int BETWEEN = Plan.STEPS_PER_SECOND / 2;

  /** Of its loudness, what must be left for those who hear it to go and see. */
  private static final double NEAR = 0.4;

  /** How far off the mark the place is that they think it came from, of the way to it. */
  private static final double ERROR = 0.2;

  private final PerceptionContext context;
  private final Plan plan;
  private final Sound sound;
  private final double keenest;

  Noises(PerceptionContext context) {
    this.context = context;
    plan = context.plan;
    sound = new Sound(plan.ground(), plan.obstacles());
    double keen = 0;
    for (int unit = 0; unit < plan.units(); unit++) {
      keen = Math.max(keen, plan.kind(unit).hearing());
    }
    keenest = keen;
  }

  /** Those who run are heard, each in their turn. */
  public void steps(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      boolean turn = Math.floorMod(plan.key(unit) + now, BETWEEN) == 0;
      boolean runs = context.body.speed(unit) > plan.kind(unit).walk() * 1.2;
      if (turn && runs && context.vitals.up(unit)) {
        double pace = context.body.speed(unit) / Math.max(0.1, plan.kind(unit).run());
        make(context.body.x(unit), context.body.y(unit), STEPS * Math.min(1, pace), unit, now);
      }
    }
  }

  /**
   * Makes a noise.
   *
   * @param loudness metres over open ground to which it carries in still air; see {@link Gusts}
   * @param by who made it, whose friends take no notice; -1 for nobody
   */
  public void make(double x, double y, double loudness, int by, int now) {
    if (loudness <= 0 || !anyoneNear(x, y, loudness, by)) {
      return;
    }
    Setting.Wind wind = context.air.wind();
    double farthest = loudness * keenest * Gusts.most(wind);
    sound.spread(x, y, farthest, context.standings.all());
    for (int unit = 0; unit < plan.units(); unit++) {
      double there = listens(unit, by) ? sound.at(context.body.x(unit), context.body.y(unit)) : 0;
      double carried =
          loudness
              * plan.kind(unit).hearing()
              * context.effects.hearing(context.body.x(unit), context.body.y(unit))
              * Gusts.carry(wind, context.body.x(unit) - x, context.body.y(unit) - y);
      double left = carried - (farthest - there);
      if (there > 0 && left > 0) {
        hear(unit, x, y, left >= loudness * NEAR);
      }
    }
  }

  private boolean anyoneNear(double x, double y, double loudness, int by) {
    double farthest = loudness * keenest * Gusts.most(context.air.wind());
    for (int unit = 0; unit < plan.units(); unit++) {
      if (listens(unit, by) && context.space.distance(unit, x, y) <= farthest) {
        return true;
      }
    }
    return false;
  }

  /** Those who act on their own listen, while they have nobody in sight. */
  private boolean listens(int unit, int by) {
    return context.vitals.up(unit)
        && !context.controls.seated(unit)
        && plan.kind(unit).hearing() > 0
        && context.knowledge.target(unit) < 0
        && unit != by
        && (by < 0 || context.stances.attitude(unit, by) != Stance.Attitude.FRIENDLY);
  }

  /** Sends one who acts on their own, and has nobody in sight, to see what is at a point. */
  public void sendToSee(int unit, double x, double y) {
    if (context.vitals.up(unit)
        && !context.controls.seated(unit)
        && context.knowledge.target(unit) < 0) {
      context.knowledge.suppose(unit, x, y);
      context.knowledge.investigate(unit);
      wary(unit, true);
    }
  }

  private void wary(int unit, boolean near) {
    context.knowledge.warn(unit, Perception.WARY + 0.1);
    if (context.knowledge.alertness(unit) == Alertness.UNAWARE.ordinal()) {
      context.log(Causes.Kind.HEARD, unit, near ? 1 : 0, -1);
      context.alarms.become(unit, Alertness.WARY);
    }
  }

  private void hear(int unit, double x, double y, boolean near) {
    double far = context.space.distance(unit, x, y);
    int ordinal = context.knowledge.nextNoise(unit);
    context.touch(Wake.NOISES, 0, unit);
    double aside =
        Chance.roll(context.seed, Chance.Purpose.HEAR, context.newcomers.key(unit), ordinal * 2L)
            - 0.5;
    double along =
        Chance.roll(
                context.seed, Chance.Purpose.HEAR, context.newcomers.key(unit), ordinal * 2L + 1)
            - 0.5;
    context.knowledge.suppose(unit, x + far * ERROR * 2 * aside, y + far * ERROR * 2 * along);
    if (near) {
      context.knowledge.investigate(unit);
    }
    wary(unit, near);
  }
}
