package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.simulation.plan.Plan;

/**
 * What the browsers of a trial have asked for since its last tick. What is asked for again takes
 * the place of what was asked before, so that a flood of wishes is one wish.
 */
final class Wishes {
  /** The most steps that may be asked for while play is paused: a minute's. */
  static final int STEPS = 60 * Plan.STEPS_PER_SECOND;

  private List<Runnable> comings = new ArrayList<>();
  private Map<Connection, Integer> acknowledged = new HashMap<>();
  private Map<Connection, Boolean> views = new HashMap<>();
  private Boolean paused;
  private Double speed;
  private int steps;

  /**
   * What was asked for.
   *
   * @param comings who came, went or took the seat, in that order
   * @param acknowledged the newest snapshot that has arrived at each
   * @param views whether each is to be shown everything
   * @param paused whether play is to wait; null where nobody said
   * @param speed how fast play is to go; null where nobody said
   * @param steps how many steps are to be taken while play is paused
   */
  record Asked(
      List<Runnable> comings,
      Map<Connection, Integer> acknowledged,
      Map<Connection, Boolean> views,
      Boolean paused,
      Double speed,
      int steps) {}

  synchronized void coming(Runnable coming) {
    comings.add(coming);
  }

  synchronized void acknowledge(Connection by, int step) {
    acknowledged.merge(by, step, Math::max);
  }

  synchronized void view(Connection of, boolean everything) {
    views.put(of, everything);
  }

  synchronized void pause(boolean wanted) {
    paused = wanted;
    if (!wanted) {
      steps = 0;
    }
  }

  synchronized void speed(double wanted) {
    speed = wanted;
  }

  synchronized void step(int wanted) {
    steps = Math.clamp((long) steps + Math.max(0, wanted), 0, STEPS);
  }

  /** All that was asked for since it was last taken. */
  synchronized Asked take() {
    Asked asked = new Asked(comings, acknowledged, views, paused, speed, steps);
    comings = new ArrayList<>();
    acknowledged = new HashMap<>();
    views = new HashMap<>();
    paused = null;
    speed = null;
    steps = 0;
    return asked;
  }
}
