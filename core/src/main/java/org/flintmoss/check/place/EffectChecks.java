package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tide;

/** Findings on effects: fires in the water, and such as cannot grow. */
final class EffectChecks {
  private final Mission mission;
  private final Ground ground;
  private final double water;
  private final List<Finding> findings = new ArrayList<>();

  private EffectChecks(Mission mission, Ground ground) {
    this.mission = mission;
    this.ground = ground;
    water = new Tide(mission.setting()).at(mission.setting().startTime());
  }

  /** What is found. */
  static List<Finding> of(Mission mission, Ground ground) {
    EffectChecks checks = new EffectChecks(mission, ground);
    int growing = 0;
    for (Map.Entry<String, Effect> entry : mission.effects().entrySet()) {
      Effect effect = entry.getValue();
      growing += EffectTable.grows(effect) ? 1 : 0;
      checks.one(entry.getKey(), effect, growing);
    }
    return checks.findings;
  }

  private void one(String id, Effect effect, int growing) {
    double height = ground.heightAt(effect.position().x(), effect.position().y());
    if (effect.look() == Effect.Look.FIRE && effect.on() && height < water) {
      find(
          Rule.FIRE_IN_WATER,
          id,
          "/position",
          "%s burns under %.1f m of water as play begins, and goes out at once."
              .formatted(effect.name(), water - height));
    }
    if (!EffectTable.grows(effect)) {
      return;
    }
    if (growing > EffectTable.MOST_GROWING) {
      find(
          Rule.TOO_MANY_GROW,
          id,
          "/spreads",
          "%s is all there at once: only the first %d effects of a mission grow."
              .formatted(effect.name(), EffectTable.MOST_GROWING));
    }
    if (effect.spreads() instanceof Effect.GrowsWithin within
        && mission.find(within.zone()) instanceof Zone zone
        && !EffectTable.takesAnything(effect, zone, ground)) {
      find(
          Rule.EFFECT_OUTSIDE_ITS_ZONE,
          id,
          "/spreads",
          "%s is to grow within %s, of which nothing lies within its %.1f m: it ends at once."
              .formatted(effect.name(), zone.name(), effect.radius()));
    }
  }

  private void find(Rule rule, String id, String field, String says) {
    String pointer = "/effects/" + id + field;
    findings.add(new Finding(rule, Page.of(pointer), new Ref(Family.EFFECTS, id), pointer, says));
  }
}
