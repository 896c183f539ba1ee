package org.flintmoss.simulation.carriage;

import java.util.Arrays;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** Phase 8: who has entered and left which zone. The dead and the absent are inside nothing. */
public final class Membership {
  private final CarriageContext context;
  private final Plan plan;
  private final State state;
  private final long[] now;

  /** For each unit a bit for each zone that it has entered in the step that is under way. */
  private final long[] entered;

  /** For each unit a bit for each zone that it is inside. */
  private final Column.Longs inside;

  /** The same for each zone that it has ever been inside. */
  private final Column.Longs everInside;

  /** The same for each zone that it has entered again after it had left. */
  private final Column.Longs backInside;

  Membership(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    inside = state.longs("inside", Rows.of(plan.units()).wide(plan.zones().words()));
    everInside = state.longs("everInside", Rows.of(plan.units()).wide(plan.zones().words()));
    backInside = state.longs("backInside", Rows.of(plan.units()).wide(plan.zones().words()));
    now = new long[plan.zones().words()];
    entered = new long[plan.units() * now.length];
  }

  /** 64 bits of which zones a unit has come back into. */
  public long backInside(int word) {
    return backInside.at[word];
  }

  /** Phase 8: tells who has come into a zone, and who has left one. */
  public void update() {
    for (int unit = 0; unit < plan.units(); unit++) {
      Arrays.fill(now, 0);
      if (context.vitals.lives(unit)) {
        look(unit, context.body.x(unit), context.body.y(unit));
      }
      int first = unit * now.length;
      for (int word = 0; word < now.length; word++) {
        long changed = inside.at[first + word] ^ now[word];
        if (changed != 0) {
          context.workings.moved(unit);
        }
        inside.at[first + word] = now[word];
        long came = changed & now[word];
        entered[first + word] = came;
        backInside.at[first + word] |= came & everInside.at[first + word];
        everInside.at[first + word] |= came;
        tell(unit, word, changed);
      }
    }
    for (int zone : plan.zones().carried()) {
      if (context.body.speed(plan.zones().carrier(zone)) > 0) {
        context.touch(Wake.CARRIED_ZONE, zone, -1);
      }
    }
  }

  /** 64 bits of which zones a unit was inside when membership was last looked at. */
  public long insideWord(int unit, int word) {
    return inside.at[unit * now.length + word];
  }

  /** 64 bits of which zones a unit has ever been inside. */
  long everInsideWord(int unit, int word) {
    return everInside.at[unit * now.length + word];
  }

  /** Whether a unit was inside a zone when membership was last looked at. */
  public boolean inside(int unit, int zone) {
    return bit(inside.at, unit, zone);
  }

  /** Whether a unit entered a zone when membership was last looked at. */
  public boolean entered(int unit, int zone) {
    return bit(entered, unit, zone);
  }

  /** Whether a unit has ever been inside a zone. */
  public boolean beenInside(int unit, int zone) {
    return bit(everInside.at, unit, zone);
  }

  /** Whether a unit has left a zone and entered it again. */
  public boolean cameBack(int unit, int zone) {
    return bit(backInside.at, unit, zone);
  }

  private boolean bit(long[] bits, int unit, int zone) {
    return (bits[unit * plan.zones().words() + zone / 64] & (1L << (zone % 64))) != 0;
  }

  private void look(int unit, double x, double y) {
    for (int zone : plan.zones().grid().near(x, y)) {
      look(unit, zone, x, y);
    }
    for (int zone : plan.zones().carried()) {
      if (context.vitals.inPlay(plan.zones().carrier(zone))) {
        look(unit, zone, x - context.space.carriedEast(zone), y - context.space.carriedNorth(zone));
      }
    }
  }

  private void look(int unit, int zone, double x, double y) {
    if (plan.zones().contains(zone, x, y) && plan.zones().banded(zone, context.space.feet(unit))) {
      now[zone / 64] |= 1L << (zone % 64);
    }
  }

  private void tell(int unit, int word, long changed) {
    for (long left = changed; left != 0; left &= left - 1) {
      int bit = Long.numberOfTrailingZeros(left);
      int zone = word * 64 + bit;
      boolean entered = (now[word] & (1L << bit)) != 0;
      context.log(entered ? Causes.Kind.ENTERED : Causes.Kind.LEFT, unit, zone, -1);
      context.touch(Wake.ZONE, zone, unit);
    }
  }
}
