package org.flintmoss.balance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Item;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.script.Act;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Script;
import org.flintmoss.script.Trigger;
import org.flintmoss.script.ZoneWorking;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.DealingTable;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.Measures;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.terrain.Area;

/**
 * What a player would do next to get on: where the events that lack nothing else want somebody to
 * be, or what they want used, or the next zone of a course; and where that cannot be reached, the
 * levers that may open the way, and the zones that put one elsewhere. A player also causes the
 * happenings that events wait for: first those that have not happened yet, then the others again,
 * up to a limit. Events that sleep, lose the mission, fail an objective or turn a hidden one are
 * not gone after.
 */
final class Goals {
  /**
   * Something to do.
   *
   * @param zone to be inside of; -1 for a thing or an item, -2 for a point to go to
   * @param use the number of the use of a fixture, from 1; 0 for none
   * @param thing the number of a prop or fixture to break, from 1; 0 for none
   * @param near within how many metres one is there
   * @param course whether it is the next zone of a course
   * @param person the number of the unit to deal with, from 1; 0 for nobody
   * @param dealing what to do with them, by its number
   */
  record Goal(
      double x,
      double y,
      int zone,
      int use,
      int thing,
      double near,
      boolean course,
      int person,
      int dealing) {
    /** How near one has to be to what one takes up or uses, metres. */
    static final double NEAR = Fixture.REACH * 0.8;

    Goal(double x, double y, int zone, int use, int thing, double near, boolean course) {
      this(x, y, zone, use, thing, near, course, 0, 0);
    }

    Goal(double x, double y, int zone, int use) {
      this(x, y, zone, use, 0, NEAR, false);
    }

    /** Whether it is to take something up. */
    boolean takes() {
      return zone == -1 && use == 0 && thing == 0 && person == 0;
    }
  }

  /** How often an event that fires each time is made to fire at most. */
  private static final int AGAIN = 12;

  /** How far beyond the bounds of a zone one goes to leave it, metres. */
  private static final double BEYOND = 3;

  /** How near to somebody one comes to deal with them, beyond their edges and one's own, metres. */
  private static final double ROOM = 0.6;

  private final World world;
  private final Plan plan;
  private final Script script;
  private final UseGoals uses;
  private final List<Item> items;
  private final List<Ending> endings;
  private final List<Objective> objectives;

  Goals(World world) {
    this.world = world;
    plan = world.plan();
    script = plan.script();
    uses = new UseGoals(world);
    items = List.copyOf(plan.mission().items().values());
    endings = List.copyOf(plan.mission().endings().values());
    objectives = List.copyOf(plan.mission().objectives().values());
  }

  /** The nearest goal of a unit that it can walk to; null if there is none. */
  Goal next(int unit) {
    List<Goal> first = goals(unit, false);
    List<Goal> again = goals(unit, true);
    Goal next = nearest(unit, first);
    if (next == null) {
      next = nearest(unit, again);
    }
    boolean any = !first.isEmpty() || !again.isEmpty();
    if (next != null || !any) {
      return next;
    }
    List<Goal> ways = new ArrayList<>();
    make(uses.opening(unit), unit, ways);
    ways.addAll(uses.breaking(unit));
    ways.addAll(pads(unit));
    return nearest(unit, ways);
  }

  /** The zones that would put a unit elsewhere, but for those that it is in already. */
  private List<Goal> pads(int unit) {
    List<Goal> pads = new ArrayList<>();
    List<ZoneWorking> workings = script.workings();
    for (int i = 0; i < workings.size(); i++) {
      ZoneWorking it = workings.get(i);
      boolean takes = it.of().work() instanceof Work.Transfers && it.takes()[unit];
      if (takes && world.read().acts(i) && !world.read().inside(unit, it.zone())) {
        pads.add(zone(it.zone()));
      }
    }
    return pads;
  }

  private Goal nearest(int unit, List<Goal> goals) {
    Readings read = world.read();
    Goal best = null;
    double least = Double.POSITIVE_INFINITY;
    for (Goal goal : goals) {
      double dx = goal.x() - read.x(unit);
      double dy = goal.y() - read.y(unit);
      double far = dx * dx + dy * dy;
      if (far < least && read.canWalk(unit, goal.x(), goal.y())) {
        least = far;
        best = goal;
      }
    }
    return best;
  }

  /**
   * A call that an event waits for and that a seat can send, by its number, if all else in its
   * condition holds; or -1.
   */
  int call(int seat, int unit) {
    List<Program> programs = script.programs();
    for (int event = 0; event < programs.size(); event++) {
      Program program = programs.get(event);
      boolean waits = waits(event, program, false) || waits(event, program, true);
      if (waits && worthwhile(program) && holds(program.when(), unit, true)) {
        for (Trigger trigger : program.triggers()) {
          if (trigger.of() == Trigger.Of.SENDS
              && meant(trigger, unit)
              && world.told().canSend(trigger.subject(), seat)) {
            return trigger.subject();
          }
        }
        int call = unsent(program.when());
        if (call >= 0 && world.told().canSend(call, seat)) {
          return call;
        }
      }
    }
    return -1;
  }

  /**
   * Which of some answers, by their numbers, an event waits for that is gone after; -1 for none.
   */
  int answer(List<Integer> answers) {
    List<Program> programs = script.programs();
    for (int event = 0; event < programs.size(); event++) {
      Program program = programs.get(event);
      boolean waits = waits(event, program, false) || waits(event, program, true);
      if (waits && worthwhile(program)) {
        for (Trigger trigger : program.triggers()) {
          if (trigger.of() == Trigger.Of.CHOOSES && answers.contains(trigger.subject())) {
            return trigger.subject();
          }
        }
      }
    }
    return -1;
  }

  /** The first call that a condition asks for and nobody has sent yet; -1 for none. */
  private int unsent(Node node) {
    return switch (node) {
      case Node.Is is -> {
        Fact fact = script.facts().get(is.fact());
        boolean asks = fact.measure() == Measures.CALLED && !world.script().truth(is.fact());
        yield asks ? fact.subject() : -1;
      }
      case Node.All all -> unsent(all.parts());
      case Node.Any any -> unsent(any.parts());
      case Node.HeldFor held -> unsent(held.of());
      case Node.Not _, Node.Luck _, Node.AtMoment _, Node.Happens _, Node.Never _ -> -1;
    };
  }

  private int unsent(List<Node> parts) {
    return parts.stream().mapToInt(this::unsent).filter(call -> call >= 0).findFirst().orElse(-1);
  }

  /**
   * Whether an event is gone after: one that has never fired, or again one that fires each time.
   */
  private boolean waits(int event, Program program, boolean again) {
    int fired = world.script().fired(event);
    boolean left = program.times() == 0 || fired < program.times();
    boolean due = again ? program.happens() && fired > 0 && fired < AGAIN : fired == 0;
    return due && left && world.script().awake(event);
  }

  private static boolean meant(Trigger trigger, int unit) {
    return trigger.who() == null || Arrays.binarySearch(trigger.who().members(), unit) >= 0;
  }

  private List<Goal> goals(int unit, boolean again) {
    List<Goal> goals = new ArrayList<>();
    List<Program> programs = script.programs();
    for (int event = 0; event < programs.size(); event++) {
      Program program = programs.get(event);
      if (waits(event, program, again)
          && worthwhile(program)
          && holds(program.when(), unit, true)) {
        collect(program.when(), unit, goals);
        program.triggers().forEach(trigger -> happen(trigger, unit, goals));
      }
    }
    return goals;
  }

  private boolean worthwhile(Program program) {
    return program.lines().stream()
        .map(Act.Line::act)
        .noneMatch(
            act ->
                act instanceof Act.Deed deed
                    && switch (deed.action()) {
                      case Action.End end -> {
                        int ending = deed.slots().number(end.ending());
                        yield ending >= 0 && endings.get(ending).outcome() == Ending.Outcome.LOST;
                      }
                      case Action.FailObjective _ -> true;
                      case Action.OpenObjective open ->
                          hidden(deed.slots().number(open.objective()));
                      case Action.CompleteObjective done ->
                          hidden(deed.slots().number(done.objective()));
                      default -> false;
                    });
  }

  private boolean hidden(int objective) {
    return objective >= 0 && objectives.get(objective).rank() == Objective.Rank.HIDDEN;
  }

  /** Whether a condition would be true if the unit did what it can about it. */
  private boolean holds(Node node, int unit, boolean willing) {
    return switch (node) {
      case Node.Is is ->
          world.script().truth(is.fact())
              || (willing && wants(script.facts().get(is.fact()), unit));
      case Node.All all ->
          !all.parts().isEmpty()
              && all.parts().stream().allMatch(part -> holds(part, unit, willing));
      case Node.Any any -> any.parts().stream().anyMatch(part -> holds(part, unit, willing));
      case Node.Not not -> !holds(not.of(), unit, false);
      case Node.HeldFor held -> holds(held.of(), unit, willing);
      case Node.Luck _ -> true;
      case Node.Happens _ -> willing;
      case Node.AtMoment _, Node.Never _ -> false;
    };
  }

  private static boolean wants(Fact fact, int unit) {
    return switch (Measures.of(fact)) {
      case USED, TAKEN_UP, CALLED, THING_STANDS, THING_LOOKS -> true;
      case THING_STRENGTH -> fact.comparison() == Comparison.AT_MOST;
      case HOLDS -> fact.comparison() == Comparison.AT_LEAST;
      case CARRIES -> fact.comparison() == Comparison.AT_LEAST && speaksOf(fact, unit);
      case INSIDE, FINISHED -> speaksOf(fact, unit);
      case PASSED -> fact.comparison() == Comparison.AT_LEAST && speaksOf(fact, unit);
      default -> false;
    };
  }

  private static boolean speaksOf(Fact fact, int unit) {
    return fact.who().need() != Crowd.Need.NONE
        && Arrays.binarySearch(fact.who().members(), unit) >= 0;
  }

  private void collect(Node node, int unit, List<Goal> goals) {
    switch (node) {
      case Node.Is is -> {
        Fact fact = script.facts().get(is.fact());
        if (wants(fact, unit)) {
          add(fact, is.fact(), unit, goals);
        }
      }
      case Node.All all -> all.parts().forEach(part -> collect(part, unit, goals));
      case Node.Any any -> any.parts().forEach(part -> collect(part, unit, goals));
      case Node.HeldFor held -> collect(held.of(), unit, goals);
      case Node.Not _, Node.Luck _, Node.AtMoment _, Node.Happens _, Node.Never _ -> {}
    }
  }

  /** What a unit can do about something that is to happen. */
  private void happen(Trigger trigger, int unit, List<Goal> goals) {
    if (!meant(trigger, unit)) {
      return;
    }
    switch (trigger.of()) {
      case ENTERS, COMES_BACK, LEAVES -> {
        boolean inside = world.read().inside(unit, trigger.subject());
        goals.add(inside ? beyond(trigger.subject()) : zone(trigger.subject()));
      }
      case PASSES_ZONE, FINISHES_LAP, FINISHES_COURSE -> nextOn(trigger.subject(), unit, goals);
      case USES, USES_WITH, TAKES_FROM -> use(trigger.subject(), unit, goals);
      case DEALS_WITH -> deal(trigger.subject(), trigger.whom(), unit, goals);
      case TRADES -> exchange(trigger.subject(), unit, goals);
      case TAKES_UP -> fetch(trigger.subject(), -1, goals);
      case STANDS_ANEW -> {
        Standing to = Standing.values()[trigger.state()];
        make(uses.standing(unit, trigger.subject(), to), unit, goals);
      }
      case BREAKS -> goals.addAll(uses.breaking(unit, trigger.subject()));
      case COMES_TO_LOOK ->
          make(uses.looking(unit, trigger.subject(), trigger.state()), unit, goals);
      default -> {}
    }
  }

  /**
   * To do something with any of those who are meant, as they are now, or first to have what it
   * needs.
   */
  private void deal(int dealing, Crowd whom, int unit, List<Goal> goals) {
    DealingTable.Looked of = plan.dealings().get(dealing);
    for (int other = 0; other < plan.units(); other++) {
      boolean isMeant = whom == null || Arrays.binarySearch(whom.members(), other) >= 0;
      if (other != unit && isMeant && world.read().dealt(other, dealing)) {
        if (of.needs() >= 0 && world.read().carries(unit, of.needs()) < of.needed()) {
          fetch(of.needs(), -1, goals);
        } else {
          goals.add(beside(unit, other, dealing));
        }
      }
    }
  }

  /** To open an exchange, at a fixture or with a person; nothing for who has it open. */
  private void exchange(int exchange, int unit, List<Goal> goals) {
    int seat = plan.seatOf(unit);
    if (seat < 0 || world.told().trading(seat) == exchange) {
      return;
    }
    make(uses.exchanging(unit, exchange), unit, goals);
    for (int dealing = 0; dealing < plan.mission().dealings().size(); dealing++) {
      if (plan.dealings().get(dealing).effect().exchange() == exchange) {
        deal(dealing, null, unit, goals);
      }
    }
  }

  /** Whether an event that is gone after waits for somebody to trade at an exchange. */
  boolean trades(int exchange) {
    List<Program> programs = script.programs();
    for (int event = 0; event < programs.size(); event++) {
      Program program = programs.get(event);
      boolean waits = waits(event, program, false) || waits(event, program, true);
      boolean asks =
          program.triggers().stream()
              .anyMatch(it -> it.of() == Trigger.Of.TRADES && it.subject() == exchange);
      if (asks && waits && worthwhile(program)) {
        return true;
      }
    }
    return false;
  }

  /** Near somebody; behind them where that is asked for. */
  private Goal beside(int unit, int other, int dealing) {
    Readings read = world.read();
    double apart = plan.kind(unit).radius() + plan.kind(other).radius();
    boolean behind = plan.dealings().get(dealing).of().behind();
    double back = behind ? apart + ROOM : 0;
    double x = read.x(other) - Bearings.east(read.facing(other)) * back;
    double y = read.y(other) - Bearings.north(read.facing(other)) * back;
    double near = behind ? ROOM : apart + ROOM;
    return new Goal(x, y, -1, 0, 0, near, false, other + 1, dealing);
  }

  private static Standing asked(Fact fact) {
    int to = fact.bound() instanceof Quantity.Fixed fixed ? (int) fixed.value() : 0;
    return Standing.values()[to];
  }

  /** A point outside of a zone. */
  private Goal beyond(int zone) {
    Area.Bounds bounds = plan.zones().area(zone).bounds();
    Goal middle = zone(zone);
    double half = (bounds.north() - bounds.south()) / 2;
    return new Goal(middle.x(), middle.y() - half - BEYOND, -2, 0);
  }

  private void add(Fact fact, int number, int unit, List<Goal> goals) {
    if (fact.measure() == Measures.INSIDE) {
      goals.add(zone(fact.subject()));
    } else if (!world.script().truth(number)) {
      switch (Measures.of(fact)) {
        case USED -> use(fact.subject(), unit, goals);
        case TAKEN_UP -> {
          Position at = items.get(fact.subject()).position();
          goals.add(new Goal(at.x(), at.y(), -1, 0));
        }
        case THING_STANDS -> make(uses.standing(unit, fact.subject(), asked(fact)), unit, goals);
        case THING_STRENGTH -> goals.addAll(uses.breaking(unit, fact.subject()));
        case THING_LOOKS -> {
          int looks = plan.looks();
          make(uses.looking(unit, fact.subject() / looks, fact.subject() % looks), unit, goals);
        }
        case CARRIES -> fetch(fact.subject(), -1, goals);
        case HOLDS -> bring(fact.subject() / items(), fact.subject() % items(), unit, goals);
        case PASSED, FINISHED -> nextOn(fact.subject(), unit, goals);
        case CALLED -> {}
        default -> throw new IllegalStateException(fact.measure() + " is not gone after");
      }
    }
  }

  /** The zone of a course that is next for a player. */
  private void nextOn(int course, int unit, List<Goal> goals) {
    int seat = plan.seatOf(unit);
    int next = seat < 0 ? -1 : world.told().onCourse(course, seat).next();
    if (next >= 0) {
      Goal zone = zone(next);
      goals.add(new Goal(zone.x(), zone.y(), next, 0, 0, Goal.NEAR, true));
    }
  }

  private int items() {
    return plan.actors().itemKinds();
  }

  private Goal zone(int zone) {
    Position centre = plan.zones().get(zone).shape().centre();
    double x = centre.x() + world.read().carriedEast(zone);
    double y = centre.y() + world.read().carriedNorth(zone);
    return new Goal(x, y, zone, 0);
  }

  /** The first use of a fixture that is offered, or first what it asks for. */
  private void use(int fixture, int unit, List<Goal> goals) {
    int first = uses.first(fixture, unit);
    if (first >= 0) {
      make(List.of(first), unit, goals);
    }
  }

  /** To make one of some uses, or first to have what they ask for. */
  private void make(List<Integer> some, int unit, List<Goal> goals) {
    for (int use : some) {
      int lacks = uses.lacks(unit, use);
      if (lacks >= 0) {
        fetch(lacks, -1, goals);
      } else {
        goals.add(uses.goal(use, unit));
      }
    }
  }

  /** Where items of a kind lie, outside of a zone. */
  private void fetch(int kind, int zone, List<Goal> goals) {
    for (Readings.Heap heap : world.read().heaps()) {
      if (heap.kind() == kind && (zone < 0 || !world.read().inside(heap, zone))) {
        goals.add(new Goal(heap.x(), heap.y(), -1, 0));
      }
    }
  }

  /** What is carried goes to the zone; else it is fetched first. */
  private void bring(int zone, int kind, int unit, List<Goal> goals) {
    boolean laden = world.read().carries(unit, kind) > 0;
    if (laden && !world.read().inside(unit, zone)) {
      goals.add(zone(zone));
    } else {
      fetch(kind, zone, goals);
    }
  }
}
