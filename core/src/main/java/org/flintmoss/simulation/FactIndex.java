package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Quantity;

/** Which facts may change when something does, so that nothing else is looked at. */
final class FactIndex {
  private static final int[] NONE = {};
  private static final Set<Measure> ZONED =
      Set.of(Measure.INSIDE, Measure.BEEN_INSIDE, Measure.HAS_LEFT, Measure.CAME_BACK);
  private static final Set<Measure> HEALTHY =
      Set.of(Measure.HEALTH, Measure.FARE, Measure.STRENGTH);
  private static final Set<Measure> TIMED = Set.of(Measure.TIMER, Measure.RUN_OUT, Measure.RUNS);
  private static final Set<Measure> WATCHED =
      Set.of(
          Measure.DISTANCE,
          Measure.SPEED,
          Measure.ABOVE,
          Measure.SEEN,
          Measure.SEES,
          Measure.ORDER_DONE);

  private static final Set<Measure> OF_WAVE = Set.of(Measure.WAVE_CAME, Measure.WAVE_CLEARED);

  private final int[][] byZone;
  private final int[][] byItem;
  private final int[][] byHeap;
  private final int[][] heaped;
  private final int[][] byVitals;
  private final int[][] byHealth;
  private final int[][] byAlertness;
  private final int[][] byFlag;
  private final int[][] byCounter;
  private final int[][] byObjective;
  private final int[][] byEvent;
  private final int[][] byGate;
  private final int[][] byTimer;
  private final int[][] byFixture;
  private final int[] steps;
  private final int[][] bySteps;
  private final int[] clockSteps;
  private final int[][] byClockSteps;
  private final int[] clock;
  private final int[] heard;
  private final int[] watched;
  private final int[] waypoints;
  private final int[][] byEffect;
  private final int[] water;
  private final int[][] byCall;
  private final int[][] bySaid;
  private final int[] seats;
  private final int[] stances;
  private final int[][] byWave;
  private final int[][] byWavePlan;

  FactIndex(Plan plan) {
    List<Fact> facts = plan.script().facts();
    byZone = byZone(facts, plan.zones(), plan.itemKinds());
    byItem = byItem(facts, plan.itemKinds());
    heaped =
        Arrays.stream(byZone)
            .map(of -> Arrays.stream(of).filter(it -> facts.get(it).measure() == Measure.HOLDS))
            .map(IntStream::toArray)
            .toArray(int[][]::new);
    byHeap = bySubject(facts, Measure.TAKEN_UP, plan.mission().items().size());
    byFlag = bySubject(facts, Measure.FLAG, plan.mission().flags().size());
    byObjective = bySubject(facts, Measure.OBJECTIVE, plan.mission().objectives().size());
    byEvent = bySubject(facts, Measure.FIRED, plan.script().programs().size());
    byTimer = new int[plan.mission().timers().size()][];
    for (int timer = 0; timer < byTimer.length; timer++) {
      int one = timer;
      byTimer[timer] =
          which(facts, fact -> TIMED.contains(fact.measure()) && fact.subject() == one);
    }
    byGate = bySubject(facts, Measure.GATE, plan.mission().gates().size());
    byFixture = bySubject(facts, Measure.USED, plan.mission().fixtures().size());
    byCounter = byCounter(facts, plan.mission().counters().size());
    byVitals = new int[plan.units()][];
    byHealth = new int[plan.units()][];
    byAlertness = new int[plan.units()][];
    for (int unit = 0; unit < plan.units(); unit++) {
      int one = unit;
      byVitals[unit] = which(facts, fact -> fact.who() != null && has(fact, one));
      byHealth[unit] = which(facts, fact -> HEALTHY.contains(fact.measure()) && has(fact, one));
      byAlertness[unit] =
          which(facts, fact -> fact.measure() == Measure.ALERTNESS && has(fact, one));
    }
    watched = which(facts, fact -> WATCHED.contains(fact.measure()));
    waypoints = which(facts, fact -> fact.measure() == Measure.WAYPOINTS);
    byEffect = bySubject(facts, Measure.EFFECT, plan.mission().effects().size());
    seats = which(facts, fact -> fact.measure() == Measure.SEAT);
    stances = which(facts, fact -> fact.measure() == Measure.STANCE);
    bySaid = bySubject(facts, Measure.SAID, plan.mission().conversations().size());
    byCall = bySubject(facts, Measure.CALLED, plan.mission().calls().size());
    byWave = byWave(facts, plan.mission().waves().size());
    byWavePlan = bySubject(facts, Measure.WAVES_CLEARED, plan.mission().wavePlans().size());
    water = which(facts, fact -> fact.measure() == Measure.WATER);
    heard = which(facts, fact -> fact.measure() == Measure.HEARD);
    clock = which(facts, fact -> fact.measure() == Measure.CLOCK);
    TreeMap<Integer, List<Integer>> elapsed = flips(facts, Measure.ELAPSED);
    steps = array(List.copyOf(elapsed.keySet()));
    bySteps = elapsed.values().stream().map(FactIndex::array).toArray(int[][]::new);
    TreeMap<Integer, List<Integer>> times = flips(facts, Measure.CLOCK);
    clockSteps = array(List.copyOf(times.keySet()));
    byClockSteps = times.values().stream().map(FactIndex::array).toArray(int[][]::new);
  }

  private static boolean has(Fact fact, int unit) {
    return Arrays.binarySearch(fact.who().members(), unit) >= 0;
  }

  private static int[][] bySubject(List<Fact> facts, Measure measure, int subjects) {
    int[][] found = new int[subjects][];
    for (int subject = 0; subject < subjects; subject++) {
      int one = subject;
      found[subject] = which(facts, fact -> fact.measure() == measure && fact.subject() == one);
    }
    return found;
  }

  private static int[][] byZone(List<Fact> facts, int zones, int itemKinds) {
    int[][] found = new int[zones][];
    for (int zone = 0; zone < zones; zone++) {
      int one = zone;
      found[zone] = which(facts, fact -> zone(fact, itemKinds) == one);
    }
    return found;
  }

  private static int zone(Fact fact, int itemKinds) {
    if (fact.measure() == Measure.HOLDS) {
      return fact.subject() / itemKinds;
    }
    return ZONED.contains(fact.measure()) ? fact.subject() : -1;
  }

  private static int[][] byItem(List<Fact> facts, int itemKinds) {
    int[][] found = new int[itemKinds][];
    for (int kind = 0; kind < itemKinds; kind++) {
      int one = kind;
      found[kind] =
          which(
              facts,
              fact ->
                  fact.measure() == Measure.LADEN
                      || (fact.measure() == Measure.CARRIES && fact.subject() == one)
                      || (fact.measure() == Measure.HOLDS && fact.subject() % itemKinds == one));
    }
    return found;
  }

  private static int[][] byWave(List<Fact> facts, int waves) {
    int[][] found = new int[waves][];
    for (int wave = 0; wave < waves; wave++) {
      int one = wave;
      found[wave] = which(facts, fact -> OF_WAVE.contains(fact.measure()) && fact.subject() == one);
    }
    return found;
  }

  private static int[][] byCounter(List<Fact> facts, int counters) {
    int[][] found = new int[counters][];
    for (int counter = 0; counter < counters; counter++) {
      int one = counter;
      found[counter] =
          which(
              facts,
              fact ->
                  (fact.measure() == Measure.COUNTER && fact.subject() == one)
                      || (fact.bound() instanceof Quantity.OfCounter of && of.counter() == one));
    }
    return found;
  }

  /** The steps at which facts of a measure that counts steps may flip. */
  private static TreeMap<Integer, List<Integer>> flips(List<Fact> facts, Measure measure) {
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

  private static int[] which(List<Fact> facts, Predicate<Fact> which) {
    List<Integer> found = new ArrayList<>();
    for (int fact = 0; fact < facts.size(); fact++) {
      if (which.test(facts.get(fact))) {
        found.add(fact);
      }
    }
    return array(found);
  }

  int[] zone(int zone) {
    return byZone[zone];
  }

  /** Facts that change with a unit's health alone. */
  int[] health(int unit) {
    return byHealth[unit];
  }

  /** Facts that change when a unit comes into play, falls, gets up or dies: all that are of it. */
  int[] vitals(int unit) {
    return byVitals[unit];
  }

  int[] alertness(int unit) {
    return byAlertness[unit];
  }

  int[] flag(int flag) {
    return byFlag[flag];
  }

  int[] counter(int counter) {
    return byCounter[counter];
  }

  int[] objective(int objective) {
    return byObjective[objective];
  }

  /** Facts that change with where the items of a kind are. */
  int[] item(int itemKind) {
    return byItem[itemKind];
  }

  /** Facts that change when a zone moves over what lies on the ground. */
  int[] heaped(int zone) {
    return heaped[zone];
  }

  /** Facts that change when what lay at an item's place is taken up. */
  int[] heap(int item) {
    return byHeap[item];
  }

  int[] timer(int timer) {
    return byTimer[timer];
  }

  int[] gate(int gate) {
    return byGate[gate];
  }

  int[] fixture(int fixture) {
    return byFixture[fixture];
  }

  int[] event(int event) {
    return byEvent[event];
  }

  int[] step(int step) {
    int at = Arrays.binarySearch(steps, step);
    return at < 0 ? NONE : bySteps[at];
  }

  /** Facts that flip when the clock, leaps and all, has gone so many steps. */
  int[] clockStep(int step) {
    int at = Arrays.binarySearch(clockSteps, step);
    return at < 0 ? NONE : byClockSteps[at];
  }

  /** Facts that may flip when the clock leaps. */
  int[] clock() {
    return clock;
  }

  int[] heard() {
    return heard;
  }

  int[] said(int conversation) {
    return bySaid[conversation];
  }

  int[] call(int call) {
    return byCall[call];
  }

  int[] wave(int wave) {
    return byWave[wave];
  }

  int[] wavePlan(int wavePlan) {
    return byWavePlan[wavePlan];
  }

  int[] seats() {
    return seats;
  }

  int[] stances() {
    return stances;
  }

  int[] waypoints() {
    return waypoints;
  }

  int[] effect(int effect) {
    return byEffect[effect];
  }

  int[] water() {
    return water;
  }

  /** Facts that are looked at in every step: they change without anybody telling. */
  int[] watched() {
    return watched;
  }
}
