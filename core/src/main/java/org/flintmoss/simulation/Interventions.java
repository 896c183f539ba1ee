package org.flintmoss.simulation;

import java.util.function.IntPredicate;
import org.flintmoss.mission.Condition.Alertness;
import org.flintmoss.script.Act;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Script;
import org.flintmoss.script.Spot;
import org.flintmoss.terrain.Works;

/** What the script does to units out of the ordinary: moves them, spares them, blasts. */
final class Interventions {
  /** How many times as far as it harms a blast is heard. */
  private static final double HEARD = 10;

  /** How high above the ground a blast goes off, metres. */
  private static final double HEIGHT = 0.5;

  /** The longest time that anything is kept up, seconds. */
  private static final double LONGEST = 86400;

  /** Bits of how units are spared. */
  static final int NO_TARGET = 1;

  static final int NO_DEATH = 2;

  /** Whom an action is done to, of those that it could be done to. */
  interface Chosen {
    int[] of(Crowd who, IntPredicate which);
  }

  private final World world;
  private final Plan plan;
  private final State state;

  Interventions(World world) {
    this.world = world;
    plan = world.plan;
    state = world.state;
  }

  void moveTo(Act.MoveTo act, SiteChoice site, Chosen chosen) {
    if (act.who() != null) {
      for (int unit : chosen.of(act.who(), state::up)) {
        int arrival = site.arrival(unit);
        if (arrival >= 0) {
          world.asked().move(unit, arrival);
        }
      }
    }
  }

  void takeOut(Act.TakeOut act, Chosen chosen) {
    if (act.who() != null) {
      for (int unit : chosen.of(act.who(), it -> state.present.at[it] == 1)) {
        world.asked().takeOut(unit);
      }
    }
  }

  void helpUp(Act.HelpUp act, Chosen chosen) {
    if (act.who() != null) {
      for (int unit : chosen.of(act.who(), it -> state.down.at[it] > 0)) {
        world.asked().helpUp(unit);
      }
    }
  }

  void setAlertness(Act.SetAlertness act, Chosen chosen) {
    if (act.who() != null) {
      for (int unit : chosen.of(act.who(), state::up)) {
        world.alarms.make(unit, Alertness.values()[act.alertness()]);
      }
    }
  }

  /**
   * Keeps some alert.
   *
   * @param seconds for how long; NaN for ever
   */
  void keepAlert(Act.KeepAlert act, double seconds, Chosen chosen) {
    if (act.who() != null) {
      double most = Math.max(Plan.STEP, Math.min(LONGEST, seconds));
      int until = Double.isNaN(seconds) ? 0 : world.now() + Script.steps(most);
      for (int unit : chosen.of(act.who(), state::up)) {
        world.alarms.keep(unit, act.alertness(), until);
      }
    }
  }

  void spare(Act.Spare act, Chosen chosen) {
    if (act.who() != null) {
      for (int unit : chosen.of(act.who(), it -> state.dead.at[it] == 0)) {
        state.spared.at[unit] =
            switch (act.spared()) {
              case NO_TARGET -> state.spared.at[unit] | NO_TARGET;
              case NO_DEATH -> state.spared.at[unit] | NO_DEATH;
              case NO -> 0;
            };
      }
    }
  }

  void addLives(double amount) {
    int more = (int) Math.floor(Math.max(-1000, Math.min(1000, amount)));
    for (int unit = 0; unit < plan.units(); unit++) {
      if (plan.player(unit)) {
        state.lives.at[unit] = Math.max(0, Math.min(1000, state.lives.at[unit] + more));
      }
    }
  }

  /**
   * Harms everyone up to a distance: {@code amount * (1 - far / radius)}, nothing to whom works
   * that stop shots shield.
   */
  void blast(Act.Blast act, Spot spot, double amount, int now) {
    if (spot == null) {
      return;
    }
    double x = world.spotX(spot);
    double y = world.spotY(spot);
    double z = plan.ground().heightAt(x, y) + HEIGHT;
    world.noises().make(x, y, act.radius() * HEARD, -1, now);
    for (int unit = 0; unit < plan.units(); unit++) {
      double far = world.distance(unit, x, y);
      if (state.up(unit) && far < act.radius()) {
        double middle = world.feet(unit) + plan.kind(unit).eye() / 2;
        boolean open =
            plan.works()
                .clear(
                    x,
                    y,
                    z,
                    state.x.at[unit],
                    state.y.at[unit],
                    middle,
                    Works.Line.SHOT,
                    state.gates.at);
        state.hurt.at[unit] += open ? amount * (1 - far / act.radius()) : 0;
      }
    }
  }

  /** Lets a fixture be used, or not; whoever is at it leaves off. */
  void setUse(Act.SetUse act, int cause) {
    int useless = act.can() ? 0 : 1;
    if (act.fixture() >= 0 && state.useless.at[act.fixture()] != useless) {
      state.useless.at[act.fixture()] = useless;
      world.log(Causes.Kind.USABLE, act.fixture(), 1 - useless, cause);
    }
  }

  /** Has the clock leap to the next moment that shows a time, seconds after midnight. */
  void clock(double time, int cause) {
    double ahead = (time - world.time()) % DAY;
    double seconds = ahead < 0 ? ahead + DAY : ahead;
    double play = seconds / plan.dayPace();
    int steps = (int) Math.floor(play * Plan.STEPS_PER_SECOND + 0.5);
    state.clock.at[Clock.LEAPT] += steps;
    if (steps > 0) {
      world.log(Causes.Kind.CLOCK, steps, -1, cause);
      world.events().touch(plan.facts().of(Wake.CLOCK), -1);
    }
  }

  /** Seconds of a day. */
  private static final double DAY = 86400;
}
