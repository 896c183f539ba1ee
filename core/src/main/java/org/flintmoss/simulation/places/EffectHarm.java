package org.flintmoss.simulation.places;

import java.util.stream.IntStream;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.ThingTable;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;

/**
 * Phase 7: effects harm those who are in them, little by little, and what stands in them, second by
 * second. Several that somebody is in add up; armour lets its share through.
 */
public final class EffectHarm {
  private final PlacesContext context;
  private final Plan plan;
  private final EffectTable effects;

  /** Those that harm. */
  private final int[] harming;

  /** The effect that each unit is in that harms it, from 1; 0 for none. */
  private final Column.Ints in;

  /** The entry of the log with which each came into it, from 1; 0 for none. */
  private final Column.Ints entry;

  EffectHarm(PlacesContext context) {
    this.context = context;
    plan = context.plan;
    effects = plan.effects();
    harming =
        IntStream.range(0, effects.many())
            .filter(it -> effects.get(it).harm() > 0 && effects.get(it).look().cloud())
            .toArray();
    int rows = harming.length == 0 ? 0 : plan.units();
    in = context.state.ints("inEffect", rows);
    entry = context.state.ints("inEffectEntry", rows);
  }

  /** Phase 7, before harm is summed up. */
  public void work(int now) {
    for (int unit = 0; harming.length > 0 && unit < plan.units(); unit++) {
      if (context.vitals.lives(unit)) {
        unit(unit);
      }
    }
    for (int effect : harming) {
      if (effects.get(effect).things() && (now + effect) % Plan.STEPS_PER_SECOND == 0) {
        things(effect);
      }
    }
  }

  private void unit(int unit) {
    int first = 0;
    for (int effect : harming) {
      if (context.effects.reaches(effect, unit)) {
        first = first == 0 ? effect + 1 : first;
        enter(unit, first);
        double lets = plan.kind(unit).armour().lets(sort(effect));
        context.fighting.hurt(
            unit, effects.get(effect).harm() * lets * Plan.STEP, entry.at[unit] - 1);
      }
    }
    in.at[unit] = first;
  }

  private void enter(int unit, int effect) {
    if (in.at[unit] != effect) {
      int cause = context.effects.through(effect - 1);
      entry.at[unit] = context.log(Causes.Kind.IN_EFFECT, unit, effect - 1, cause) + 1;
      in.at[unit] = effect;
    }
  }

  private HarmSort sort(int effect) {
    return effects.get(effect).look() == Effect.Look.FIRE ? HarmSort.FIRE : HarmSort.BARE;
  }

  private void things(int effect) {
    ThingTable things = plan.things();
    for (int thing = 0; thing < things.many(); thing++) {
      if (context.breakables.breaks(thing)) {
        double x = context.thingPlaces.x(thing);
        double y = context.thingPlaces.y(thing);
        double aloft = context.thingPlaces.foot(thing) - plan.ground().heightAt(x, y);
        if (context.effects.reaches(effect, x, y, aloft)) {
          context.breakables.hurt(
              thing, effects.get(effect).harm(), sort(effect), context.effects.through(effect), -1);
        }
      }
    }
  }
}
