package org.flintmoss.simulation.players;

import java.util.stream.IntStream;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Wake;

/**
 * Phase 8: how players come along on courses. Each passes the zones in their order; a zone counts
 * when it is next and the player is inside it, and once more only after they have left it. A lap of
 * a circuit is done when its first zone is passed again.
 */
public final class Courses {
  /** Of a unit that is no player's own. */
  private static final int NO_PLAYER = 0;

  /** A course, looked up: its zones by number in their order, and how many passages finish it. */
  private record Compiled(int[] zones, boolean circuit, int passages) {}

  private final PlayerContext context;
  private final Plan plan;
  private final Compiled[] courses;

  /** For each course and seat, how many zones it has passed; 0 before it begins. */
  private final Column.Ints passed;

  /** For each course and seat, 1 once the player has left the zone that they passed last. */
  private final Column.Ints away;

  /** For each course and seat, when its first zone was passed. */
  private final Column.Steps begun;

  /** For each course and seat, when its present lap began. */
  private final Column.Steps lapBegun;

  /** For each course and seat, when a zone was passed last. */
  private final Column.Steps last;

  /** For each course and seat, the steps of its best lap; 0 before the first. */
  private final Column.Ints best;

  Courses(PlayerContext context) {
    this.context = context;
    plan = context.plan;
    courses =
        plan.mission().courses().values().stream()
            .map(course -> compiled(plan, course))
            .toArray(Compiled[]::new);
    int size = courses.length * plan.seats();
    passed = context.state.ints("coursePassed", size);
    away = context.state.ints("courseAway", size);
    begun = context.state.steps("courseBegun", size);
    lapBegun = context.state.steps("courseLapBegun", size);
    last = context.state.steps("courseLast", size);
    best = context.state.ints("courseBestLap", size);
  }

  private static Compiled compiled(Plan plan, Course course) {
    int[] zones =
        Ordered.sort(course.passages()).stream()
            .mapToInt(it -> plan.actors().index(it.getValue().zone()))
            .filter(zone -> zone >= 0)
            .toArray();
    int passages =
        course.circuit() && zones.length > 0 ? course.laps() * zones.length + 1 : zones.length;
    return new Compiled(zones, course.circuit(), passages);
  }

  /** Phase 8: counts the zones that players are inside and that come next for them. */
  public void follow(int now) {
    for (int course = 0; course < courses.length; course++) {
      for (int seat = 0; seat < plan.seats(); seat++) {
        follow(course, seat, now);
      }
    }
  }

  private void follow(int course, int seat, int now) {
    Compiled of = courses[course];
    int at = course * plan.seats() + seat;
    int unit = plan.seat(seat);
    int before = passed.at[at];
    // Zones that lie over each other may be passed in one step, but each of them once.
    for (int i = 0; i < of.zones().length && passed.at[at] < of.passages(); i++) {
      int next = of.zones()[passed.at[at] % of.zones().length];
      boolean inside = context.membership.inside(unit, next);
      boolean again = passed.at[at] > 0 && next == zone(of, passed.at[at] - 1);
      away.at[at] |= again && !inside ? 1 : 0;
      if (!inside || (again && away.at[at] == 0)) {
        break;
      }
      pass(course, at, unit, now);
    }
    if (before > 0 && before == passed.at[at] && before < of.passages()) {
      miss(course, of, before, unit);
    }
  }

  /** Notes a zone that was entered out of its turn: neither the next one nor the last passed. */
  private void miss(int course, Compiled of, int passed, int unit) {
    int next = zone(of, passed);
    int last = zone(of, passed - 1);
    for (int zone : of.zones()) {
      if (zone != next && zone != last && context.membership.entered(unit, zone)) {
        context.log(Causes.Kind.COURSE_MISSED, unit, course, -1);
        return;
      }
    }
  }

  private static int zone(Compiled of, int passage) {
    return of.zones()[passage % of.zones().length];
  }

  private void pass(int course, int at, int unit, int now) {
    Compiled of = courses[course];
    int passage = ++passed.at[at];
    away.at[at] = 0;
    last.at[at] = now;
    if (passage == 1) {
      begun.at[at] = now;
      lapBegun.at[at] = now;
    }
    boolean round = of.circuit() && passage > 1 && (passage - 1) % of.zones().length == 0;
    boolean finished = passage == of.passages();
    if (round || (finished && !of.circuit())) {
      int lap = now - lapBegun.at[at];
      best.at[at] = best.at[at] == 0 ? lap : Math.min(best.at[at], lap);
      lapBegun.at[at] = now;
    }
    context.log(
        finished ? Causes.Kind.COURSE_FINISHED : Causes.Kind.COURSE_PASSED,
        unit,
        course,
        -1,
        round || (finished && !of.circuit()) ? laps(course, unit) : 0);
    context.touch(Wake.COURSE, course, unit);
  }

  /** How many passages finish a course. */
  public int passages(int course) {
    return courses[course].passages();
  }

  /** The number of the zone that a player passes next; -1 for one who has finished. */
  public int next(int course, int unit) {
    int passed = passed(course, unit);
    return passed < passages(course) ? zone(courses[course], passed) : -1;
  }

  /** How many zones of a course a unit has passed, those of all laps together. */
  public int passed(int course, int unit) {
    int seat = plan.seatOf(unit);
    return seat < 0 ? NO_PLAYER : passed.at[course * plan.seats() + seat];
  }

  /** Whether a unit has begun a course. */
  public boolean begun(int course, int unit) {
    return passed(course, unit) > 0;
  }

  /** Whether a unit has finished a course. */
  public boolean finished(int course, int unit) {
    return begun(course, unit) && passed(course, unit) == passages(course);
  }

  /** How many laps of a course a unit has done; 1 for one that has finished what is no circuit. */
  public int laps(int course, int unit) {
    Compiled of = courses[course];
    if (of.circuit()) {
      return begun(course, unit) ? (passed(course, unit) - 1) / of.zones().length : 0;
    }
    return finished(course, unit) ? 1 : 0;
  }

  /** For how long a unit has been on a course, or what it took for it, seconds. */
  public double seconds(int course, int unit) {
    if (!begun(course, unit)) {
      return 0;
    }
    int at = course * plan.seats() + plan.seatOf(unit);
    int until = finished(course, unit) ? last.at[at] : context.now();
    return (until - begun.at[at]) / (double) Plan.STEPS_PER_SECOND;
  }

  /** How long it took a unit to the zone of a course that it passed last, seconds. */
  public double split(int course, int unit) {
    if (!begun(course, unit)) {
      return 0;
    }
    int at = course * plan.seats() + plan.seatOf(unit);
    return (last.at[at] - begun.at[at]) / (double) Plan.STEPS_PER_SECOND;
  }

  /** A unit's best lap of a course, seconds; 0 before the first. */
  public double bestLap(int course, int unit) {
    int seat = plan.seatOf(unit);
    return seat < 0
        ? NO_PLAYER
        : best.at[course * plan.seats() + seat] / (double) Plan.STEPS_PER_SECOND;
  }

  /** A player's place on a course, 1 for the first; those who passed as much at once share it. */
  public int place(int course, int unit) {
    int seat = plan.seatOf(unit);
    if (seat < 0) {
      return NO_PLAYER;
    }
    int first = course * plan.seats();
    return 1
        + (int)
            IntStream.range(0, plan.seats())
                .filter(other -> ahead(first + other, first + seat))
                .count();
  }

  private boolean ahead(int other, int one) {
    return passed.at[other] > passed.at[one]
        || (passed.at[other] == passed.at[one]
            && passed.at[one] > 0
            && last.at[other] < last.at[one]);
  }
}
