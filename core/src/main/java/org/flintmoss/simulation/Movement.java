package org.flintmoss.simulation;

import org.flintmoss.mission.Condition.Alertness;
import org.flintmoss.mission.Kind;
import org.flintmoss.navigation.WalkMap;

/** Phase 6: units walk, slide along what stops them, and keep out of each other. */
final class Movement {
  private static final double TURN = 540;

  private final Plan plan;
  private final State state;
  private final double[] x;
  private final double[] y;

  Movement(World world) {
    plan = world.plan;
    state = world.state;
    x = state.x.at;
    y = state.y.at;
  }

  void move() {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.up(unit)) {
        walk(unit);
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (state.up(unit)) {
        keepApart(unit);
      }
    }
  }

  private void walk(int unit) {
    double fromX = x[unit];
    double fromY = y[unit];
    double step = pace(unit) * Plan.STEP;
    if (state.steerX.at[unit] != 0 || state.steerY.at[unit] != 0) {
      slide(unit, state.steerX.at[unit] * step, state.steerY.at[unit] * step);
    } else {
      follow(unit, step);
    }
    double dx = x[unit] - fromX;
    double dy = y[unit] - fromY;
    double gone = Math.sqrt(dx * dx + dy * dy);
    state.speed.at[unit] = gone / Plan.STEP;
    face(unit, dx, dy, gone);
  }

  private double pace(int unit) {
    Kind kind = plan.kind(unit);
    boolean hurries = plan.player(unit) || state.alertness.at[unit] == Alertness.ALARMED.ordinal();
    double asked = state.pace.at[unit];
    double speed = hurries ? kind.run() : asked == 0 ? kind.walk() : Math.min(asked, kind.run());
    return speed * plan.ground().surface(plan.ground().cellAt(x[unit], y[unit])).pace();
  }

  private void face(int unit, double dx, double dy, double gone) {
    if (state.aim.at[unit] >= 0) {
      state.facing.at[unit] = Bearings.turn(state.aim.at[unit]);
    } else if (gone > 1e-6) {
      state.facing.at[unit] =
          Bearings.toward(state.facing.at[unit], Bearings.of(dx, dy), TURN * Plan.STEP);
    }
  }

  private void follow(int unit, double step) {
    double left = step;
    while (left > 0 && state.corner.at[unit] < state.corners.at[unit]) {
      int corner = (unit * State.CORNERS + state.corner.at[unit]) * 2;
      double dx = state.way.at[corner] - x[unit];
      double dy = state.way.at[corner + 1] - y[unit];
      double far = Math.sqrt(dx * dx + dy * dy);
      if (far <= left) {
        slide(unit, dx, dy);
        state.corner.at[unit]++;
        left -= far;
      } else {
        slide(unit, dx / far * left, dy / far * left);
        left = 0;
      }
    }
  }

  /** Moves as far as the ground allows: the whole step, or the part of it along what stops it. */
  private void slide(int unit, double dx, double dy) {
    WalkMap map = plan.walkMap(unit);
    boolean stuck = !map.freeAt(x[unit], y[unit]);
    if (map.freeAt(x[unit] + dx, y[unit] + dy) || (stuck && onGround(unit, dx, dy))) {
      x[unit] += dx;
      y[unit] += dy;
    } else if (map.freeAt(x[unit] + dx, y[unit])) {
      x[unit] += dx;
    } else if (map.freeAt(x[unit], y[unit] + dy)) {
      y[unit] += dy;
    }
  }

  /** Somebody who was set down where nobody can walk may still struggle out of it. */
  private boolean onGround(int unit, double dx, double dy) {
    double toX = x[unit] + dx;
    double toY = y[unit] + dy;
    return toX >= 0 && toY >= 0 && toX < plan.ground().width() && toY < plan.ground().height();
  }

  private void keepApart(int unit) {
    for (int other = unit + 1; other < plan.units(); other++) {
      double apart = plan.kind(unit).radius() + plan.kind(other).radius();
      double dx = x[other] - x[unit];
      double dy = y[other] - y[unit];
      double square = dx * dx + dy * dy;
      if (state.up(other) && square < apart * apart) {
        push(unit, other, dx, dy, Math.sqrt(square), apart);
      }
    }
  }

  private void push(int unit, int other, double dx, double dy, double far, double apart) {
    double east = far > 1e-9 ? dx / far : 1;
    double north = far > 1e-9 ? dy / far : 0;
    double half = (apart - far) / 2;
    slide(unit, -east * half, -north * half);
    slide(other, east * half, north * half);
  }
}
