package org.flintmoss.simulation.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Meter;
import org.flintmoss.script.Quantity;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Wake;

/** Which facts may change when something does, so that nothing else is looked at. */
final class FactIndex {
  private static final int[] NONE = {};
  private static final Set<Measures> OF_TIMER =
      Set.of(Measures.TIMER, Measures.TIMER_GONE, Measures.SPLIT);

  private final List<Fact> facts;
  private final Plan plan;

  /** The facts of each wake and subject, in rising order. */
  private final int[][][] byWake = new int[Wake.values().length][][];

  private final int[] steps;
  private final int[][] bySteps;
  private final int[] clockSteps;
  private final int[][] byClockSteps;

  FactIndex(Plan plan) {
    this.plan = plan;
    facts = plan.script().facts();
    Map<Wake, List<List<Integer>>> found = new EnumMap<>(Wake.class);
    for (Wake wake : Wake.values()) {
      found.put(wake, new ArrayList<>());
    }
    for (int fact = 0; fact < facts.size(); fact++) {
      add(fact, found);
    }
    found.forEach(
        (wake, of) ->
            byWake[wake.ordinal()] = of.stream().map(FactIndex::array).toArray(int[][]::new));
    TreeMap<Integer, List<Integer>> elapsed = flips(facts, Measures.ELAPSED);
    steps = array(List.copyOf(elapsed.keySet()));
    bySteps = elapsed.values().stream().map(FactIndex::array).toArray(int[][]::new);
    TreeMap<Integer, List<Integer>> times = flips(facts, Measures.CLOCK);
    clockSteps = array(List.copyOf(times.keySet()));
    byClockSteps = times.values().stream().map(FactIndex::array).toArray(int[][]::new);
  }

  private void add(int number, Map<Wake, List<List<Integer>>> found) {
    Fact fact = facts.get(number);
    for (MeasureRow.Waking waking : Measures.of(fact).row().wakings) {
      List<List<Integer>> of = found.get(waking.wake());
      waking.subjects().tell(fact, plan, subject -> put(of, subject, number));
    }
    if (fact.who() != null) {
      Arrays.stream(fact.who().members())
          .forEach(unit -> put(found.get(Wake.VITALS), unit, number));
    }
    if (moves(fact)) {
      put(found.get(Wake.EVERY_STEP), 0, number);
    }
    numbers(fact.bound(), number, found);
    if (fact.measure() == Measures.AMOUNT) {
      numbers(plan.script().amounts().get(fact.subject()), number, found);
    }
  }

  /** What a number that is compared may change with. */
  private static void numbers(Quantity of, int number, Map<Wake, List<List<Integer>>> found) {
    if (of instanceof Quantity.OfCounter counter) {
      put(found.get(Wake.COUNTER), counter.counter(), number);
    } else if (of instanceof Quantity.Reading(Meter.OfMission meter, double _, double _)
        && OF_TIMER.contains(meter.measure())) {
      put(found.get(Wake.TIMER), meter.subject(), number);
    }
  }

  private static void put(List<List<Integer>> found, int subject, int fact) {
    while (found.size() <= subject) {
      found.add(List.of());
    }
    List<Integer> of = found.get(subject);
    if (of.isEmpty()) {
      of = new ArrayList<>();
      found.set(subject, of);
    }
    if (of.isEmpty() || of.getLast() != fact) {
      of.add(fact);
    }
  }

  /**
   * Whether a fact changes as anybody moves: it is of those who stand somewhere, or counts some.
   */
  private static boolean moves(Fact fact) {
    boolean stands = fact.who() != null && !fact.who().sieves().isEmpty();
    return stands || fact.bound() instanceof Quantity.Reading;
  }

  /** The steps at which facts of a measure that counts steps may flip. */
  private static TreeMap<Integer, List<Integer>> flips(List<Fact> facts, Measures measure) {
    TreeMap<Integer, List<Integer>> byStep = new TreeMap<>();
    for (int fact = 0; fact < facts.size(); fact++) {
      if (facts.get(fact).measure() == measure
          && facts.get(fact).bound() instanceof Quantity.Fixed bound) {
        byStep.computeIfAbsent((int) bound.value(), _ -> new ArrayList<>()).add(fact);
        byStep.computeIfAbsent((int) bound.value() + 1, _ -> new ArrayList<>()).add(fact);
      }
    }
    return byStep;
  }

  private static int[] array(List<Integer> of) {
    return of.stream().mapToInt(Integer::intValue).toArray();
  }

  /** Facts that may change when one of something does, by its number. */
  int[] of(Wake wake, int subject) {
    int[][] of = byWake[wake.ordinal()];
    return subject < of.length ? of[subject] : NONE;
  }

  /** Facts that may change when something does of which there is one. */
  int[] of(Wake wake) {
    return of(wake, 0);
  }

  /** The facts that flip when play reaches a step. */
  int[] step(int step) {
    int at = Arrays.binarySearch(steps, step);
    return at < 0 ? NONE : bySteps[at];
  }

  /** Facts that flip when the clock, leaps and all, has gone a number of steps. */
  int[] clockStep(int step) {
    int at = Arrays.binarySearch(clockSteps, step);
    return at < 0 ? NONE : byClockSteps[at];
  }
}
