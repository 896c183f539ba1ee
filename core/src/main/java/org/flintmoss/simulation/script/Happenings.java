package org.flintmoss.simulation.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Program;
import org.flintmoss.script.Trigger;
import org.flintmoss.simulation.decisions.Along;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.State;

/**
 * What has happened, read off the log of causes, and the events that fire through it. A mission
 * whose events name nothing that happens never looks.
 */
final class Happenings {
  /** The most that may be due in one round; nothing that is played comes near it. */
  static final int MOST = 100_000;

  private final ScriptContext context;
  private final State state;
  private final Plan plan;
  private final boolean any;

  /** For each kind of happening and each subject, the triggers that wait for it. */
  private final List<Map<Integer, List<Waiting>>> waiting = new ArrayList<>();

  private final List<Due> due = new ArrayList<>();

  /** The entries of the log that have been looked at. */
  private int seen;

  /** A trigger of an event. */
  private record Waiting(int event, int number, Trigger trigger) {}

  /**
   * A firing that is due if all else of its event's condition holds.
   *
   * @param trigger its number among those of the event
   * @param causer the unit that it is through; -1 for nobody
   * @param other the second party; -1 for nobody
   * @param entry the entry of the log that it comes of
   */
  record Due(int event, int trigger, int causer, int other, int entry) {}

  Happenings(ScriptContext context) {
    this.context = context;
    state = context.state;
    plan = context.plan;
    Arrays.stream(Trigger.Of.values()).forEach(_ -> waiting.add(new HashMap<>()));
    List<Program> programs = plan.script().programs();
    for (int event = 0; event < programs.size(); event++) {
      List<Trigger> triggers = programs.get(event).triggers();
      for (int number = 0; number < triggers.size(); number++) {
        Trigger trigger = triggers.get(number);
        waiting
            .get(trigger.of().ordinal())
            .computeIfAbsent(trigger.subject(), _ -> new ArrayList<>())
            .add(new Waiting(event, number, trigger));
      }
    }
    any = plan.script().happens();
  }

  /** Reads on behind the first entries of the log, which were read before. */
  void resume(int logged) {
    seen = logged;
  }

  /** What is due through all that was logged since it was last asked, by event, then by entry. */
  List<Due> due() {
    due.clear();
    int end = context.causes.end();
    if (any) {
      for (; seen < end && due.size() < MOST; seen++) {
        look(context.causes.at(seen));
      }
      due.sort(BY_EVENT);
    }
    seen = end;
    return due;
  }

  private static final Comparator<Due> BY_EVENT =
      Comparator.comparingInt(Due::event).thenComparingInt(Due::entry);

  private void look(Causes.Entry entry) {
    int subject = entry.subject();
    int detail = entry.detail();
    switch (entry.kind()) {
      case ENTERED -> entered(entry);
      case LEFT -> {
        if (context.vitals.lives(subject)) {
          tell(Trigger.Of.LEAVES, detail, -1, subject, -1, entry);
        }
      }
      case ZONE_ACTS -> {
        Work work = plan.script().workings().get(entry.through()).of().work();
        tell(Trigger.Of.ZONE_ACTS_ON, detail, work.deed().ordinal(), subject, -1, entry);
      }
      case COURSE_PASSED -> coursePassed(entry);
      case COURSE_FINISHED -> {
        coursePassed(entry);
        tell(Trigger.Of.FINISHES_COURSE, detail, -1, subject, -1, entry);
      }
      case COURSE_MISSED -> tell(Trigger.Of.GOES_WRONG, detail, -1, subject, -1, entry);
      case CAME -> tell(Trigger.Of.COMES_INTO_PLAY, -1, -1, subject, -1, entry);
      case REACHED ->
          tell(
              Trigger.Of.REACHES_WAYPOINT,
              Along.of(context, subject).route(),
              -1,
              subject,
              -1,
              entry);
      case USED -> {
        FixtureUse handle = plan.handles()[detail];
        tell(Trigger.Of.USES, handle.fixture(), -1, subject, -1, entry);
        tell(Trigger.Of.USES_WITH, handle.fixture(), handle.needs(), subject, -1, entry);
        tell(Trigger.Of.TAKES_FROM, handle.fixture(), handle.gives(), subject, -1, entry);
      }
      case CONSUMED -> tell(Trigger.Of.USES_ITEM, detail, -1, subject, -1, entry);
      case TRADED -> tell(Trigger.Of.TRADES, detail, -1, subject, -1, entry);
      case DEALT -> tell(Trigger.Of.DEALS_WITH, entry.through(), -1, subject, detail, entry);
      case CALLED -> tell(Trigger.Of.SENDS, detail, -1, subject, -1, entry);
      case CHOSEN -> tell(Trigger.Of.CHOOSES, detail, -1, subject, -1, entry);
      case UNDECIDED -> tell(Trigger.Of.STAYS_UNDECIDED, subject, -1, detail, -1, entry);
      case FINISHED -> {
        tell(Trigger.Of.FINISHES_ORDER, -1, -1, subject, -1, entry);
        tell(Trigger.Of.REACHES_END, detail, -1, subject, -1, entry);
      }
      case HIT -> {
        tell(Trigger.Of.IS_HIT, -1, -1, detail, subject, entry);
        tell(Trigger.Of.IS_HIT_WITH, entry.through(), -1, detail, subject, entry);
      }
      case DOWN -> tell(Trigger.Of.GOES_DOWN, -1, -1, subject, detail, entry);
      case FELL, DIED -> {
        tell(Trigger.Of.DIES, -1, -1, subject, detail, entry);
        tell(Trigger.Of.IS_KILLED_WITH, weapon(entry), -1, subject, detail, entry);
      }
      case HELPED -> tell(Trigger.Of.IS_HELPED_UP, -1, -1, subject, detail, entry);
      case NOTICED -> {
        tell(Trigger.Of.NOTICES, -1, -1, subject, detail, entry);
        tell(Trigger.Of.IS_SEEN, -1, -1, detail, subject, entry);
      }
      case ALERTED -> tell(Trigger.Of.BECOMES_ALERT, -1, detail, subject, -1, entry);
      case GAVE_UP -> tell(Trigger.Of.GIVES_UP, -1, -1, subject, detail, entry);
      case HEARD -> tell(Trigger.Of.HEARS, -1, -1, subject, -1, entry);
      case TOOK -> tell(Trigger.Of.TAKES_UP, detail, -1, subject, -1, entry);
      case SET_DOWN -> tell(Trigger.Of.SETS_DOWN, detail, -1, subject, -1, entry);
      case GATE -> tell(Trigger.Of.GATE_BECOMES, subject, detail, entry.through(), -1, entry);
      case DECK -> tell(Trigger.Of.DECK_STOPS, subject, -1, entry.through(), -1, entry);
      case THING -> tell(Trigger.Of.STANDS_ANEW, subject, detail, entry.through(), -1, entry);
      case BROKE -> tell(Trigger.Of.BREAKS, subject, -1, entry.through(), -1, entry);
      case LIFTED -> tell(Trigger.Of.LIFTS, detail, -1, subject, entry.through(), entry);
      case LET_GO -> tell(Trigger.Of.LETS_GO, detail, -1, subject, -1, entry);
      case LANDED -> tell(Trigger.Of.LANDS, subject, -1, -1, -1, entry);
      case LOOK -> tell(Trigger.Of.COMES_TO_LOOK, subject, detail, entry.through(), -1, entry);
      case WAVE -> tell(Trigger.Of.WAVE_COMES, subject, -1, -1, -1, entry);
      case CLEARED -> tell(Trigger.Of.WAVE_FALLS, subject, -1, -1, -1, entry);
      case LINE -> {
        if (detail == 0) {
          tell(Trigger.Of.TALK_BEGINS, subject, -1, -1, -1, entry);
        }
        tell(Trigger.Of.LINE_IS_SAID, subject, -1, -1, -1, entry);
      }
      case SAID -> tell(Trigger.Of.TALK_ENDS, subject, -1, -1, -1, entry);
      case OBJECTIVE ->
          tell(Trigger.Of.OBJECTIVE_BECOMES, subject, detail, entry.through(), -1, entry);
      case FLAG -> tell(Trigger.Of.FLAG_BECOMES, subject, detail, entry.through(), -1, entry);
      case RAN_OUT -> tell(Trigger.Of.RUNS_OUT, subject, -1, -1, -1, entry);
      case FIRED -> tell(Trigger.Of.FIRES, subject, -1, detail, -1, entry);
      case SEAT -> tell(Trigger.Of.SEAT_BECOMES, subject, detail, plan.seat(subject), -1, entry);
      default -> {}
    }
  }

  private void coursePassed(Causes.Entry entry) {
    tell(Trigger.Of.PASSES_ZONE, entry.detail(), -1, entry.subject(), -1, entry);
    if (entry.through() > 0) {
      tell(Trigger.Of.FINISHES_LAP, entry.detail(), -1, entry.subject(), -1, entry);
    }
  }

  /** The weapon of the hit that somebody died of; -1 where it was no hit. */
  private int weapon(Causes.Entry died) {
    Causes.Entry hit = died.cause() < 0 ? null : context.causes.at(died.cause());
    return hit != null && hit.kind() == Causes.Kind.HIT ? hit.through() : -1;
  }

  /** Nobody enters at the first step: they begin there. */
  private void entered(Causes.Entry entry) {
    if (entry.step() == 1) {
      return;
    }
    int unit = entry.subject();
    int zone = entry.detail();
    tell(Trigger.Of.ENTERS, zone, -1, unit, -1, entry);
    long back = context.membership.backInside(unit * plan.zones().words() + zone / 64);
    if ((back >> (zone % 64) & 1) == 1) {
      tell(Trigger.Of.COMES_BACK, zone, -1, unit, -1, entry);
    }
  }

  private void tell(
      Trigger.Of of, int subject, int becomes, int causer, int other, Causes.Entry entry) {
    List<Waiting> found = waiting.get(of.ordinal()).getOrDefault(subject, List.of());
    for (Waiting one : found) {
      Trigger trigger = one.trigger();
      boolean fits =
          (trigger.state() < 0 || trigger.state() == becomes)
              && among(trigger.who(), causer)
              && among(trigger.whom(), other);
      if (fits) {
        due.add(new Due(one.event(), one.number(), causer, other, entry.ordinal()));
      }
    }
  }

  private boolean among(Crowd crowd, int unit) {
    return crowd == null
        || (Arrays.binarySearch(crowd.members(), unit) >= 0 && context.sieves.pass(crowd, unit));
  }
}
