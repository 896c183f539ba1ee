package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Meter;
import org.flintmoss.script.Quantity;

/** Which facts may change when something does, so that nothing else is looked at. */
final class FactIndex {
  private static final int[] NONE = {};
  private static final Set<Measure> ZONED =
      Set.of(Measure.INSIDE, Measure.BEEN_INSIDE, Measure.HAS_LEFT, Measure.CAME_BACK);
  private static final Set<Measure> HEALTHY =
      Set.of(Measure.HEALTH, Measure.FARE, Measure.STRENGTH);
  private static final Set<Measure> TIMED =
      Set.of(Measure.TIMER, Measure.TIMER_GONE, Measure.RUN_OUT, Measure.RUNS);
  private static final Set<Measure> OF_TIMER =
      Set.of(Measure.TIMER, Measure.TIMER_GONE, Measure.SPLIT);
  private static final Set<Measure> WATCHED =
      Set.of(
          Measure.DISTANCE,
          Measure.APART,
          Measure.SPEED,
          Measure.ABOVE,
          Measure.CLIMB,
          Measure.SEEN,
          Measure.SEES,
          Measure.AMOUNT,
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
  private final int[] beenSeen;
  private final int[] killed;
  private final int[] watched;
  private final boolean climbs;
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
    Mission mission = plan.mission();
    int items = plan.itemKinds();
    byZone = by(facts, plan.zones(), (fact, of) -> of.accept(zone(fact, items)));
    byItem = by(facts, items, (fact, of) -> items(fact, items, of));
    heaped =
        Arrays.stream(byZone)
            .map(of -> Arrays.stream(of).filter(it -> facts.get(it).measure() == Measure.HOLDS))
            .map(IntStream::toArray)
            .toArray(int[][]::new);
    byHeap = bySubject(facts, Measure.TAKEN_UP, mission.items().size());
    byFlag = bySubject(facts, Measure.FLAG, mission.flags().size());
    byObjective = bySubject(facts, Measure.OBJECTIVE, mission.objectives().size());
    byEvent = bySubject(facts, Measure.FIRED, plan.script().programs().size());
    byGate = bySubject(facts, Measure.GATE, mission.gates().size());
    byFixture = bySubject(facts, Measure.USED, mission.fixtures().size());
    List<Quantity> amounts = plan.script().amounts();
    byTimer = by(facts, mission.timers().size(), (fact, of) -> timers(fact, amounts, of));
    byCounter = by(facts, mission.counters().size(), (fact, of) -> counters(fact, amounts, of));
    byVitals = byMember(facts, EnumSet.allOf(Measure.class), plan.units());
    byHealth = byMember(facts, HEALTHY, plan.units());
    byAlertness = byMember(facts, Set.of(Measure.ALERTNESS), plan.units());
    watched =
        IntStream.range(0, facts.size())
            .filter(fact -> WATCHED.contains(facts.get(fact).measure()) || sifted(facts.get(fact)))
            .toArray();
    climbs = which(facts, Set.of(Measure.CLIMB)).length > 0;
    waypoints = which(facts, Set.of(Measure.WAYPOINTS));
    byEffect = bySubject(facts, Measure.EFFECT, mission.effects().size());
    seats = which(facts, Set.of(Measure.SEAT));
    stances = which(facts, Set.of(Measure.STANCE));
    bySaid = bySubject(facts, Measure.SAID, mission.conversations().size());
    byCall = bySubject(facts, Measure.CALLED, mission.calls().size());
    byWave = bySubject(facts, OF_WAVE, mission.waves().size());
    byWavePlan = bySubject(facts, Measure.WAVES_CLEARED, mission.wavePlans().size());
    water = which(facts, Set.of(Measure.WATER));
    beenSeen = which(facts, Set.of(Measure.BEEN_SEEN));
    killed = which(facts, Set.of(Measure.KILLED));
    heard = which(facts, Set.of(Measure.HEARD));
    clock = which(facts, Set.of(Measure.CLOCK));
    TreeMap<Integer, List<Integer>> elapsed = flips(facts, Measure.ELAPSED);
    steps = array(List.copyOf(elapsed.keySet()));
    bySteps = elapsed.values().stream().map(FactIndex::array).toArray(int[][]::new);
    TreeMap<Integer, List<Integer>> times = flips(facts, Measure.CLOCK);
    clockSteps = array(List.copyOf(times.keySet()));
    byClockSteps = times.values().stream().map(FactIndex::array).toArray(int[][]::new);
  }

  /**
   * The facts of each of so many, in rising order, found in one pass.
   *
   * @param of tells the numbers of those that a fact is of; -1 for none
   */
  private static int[][] by(List<Fact> facts, int many, BiConsumer<Fact, IntConsumer> of) {
    List<List<Integer>> found = new ArrayList<>(Collections.nCopies(many, List.of()));
    for (int fact = 0; fact < facts.size(); fact++) {
      int one = fact;
      of.accept(facts.get(fact), number -> add(found, number, one));
    }
    return found.stream().map(FactIndex::array).toArray(int[][]::new);
  }

  private static void add(List<List<Integer>> found, int number, int fact) {
    if (number < 0) {
      return;
    }
    if (found.get(number).isEmpty()) {
      found.set(number, new ArrayList<>());
    }
    found.get(number).add(fact);
  }

  private static int[][] bySubject(List<Fact> facts, Measure measure, int subjects) {
    return bySubject(facts, Set.of(measure), subjects);
  }

  private static int[][] bySubject(List<Fact> facts, Set<Measure> measures, int subjects) {
    return by(
        facts,
        subjects,
        (fact, of) -> of.accept(measures.contains(fact.measure()) ? fact.subject() : -1));
  }

  private static int[][] byMember(List<Fact> facts, Set<Measure> measures, int units) {
    return by(
        facts,
        units,
        (fact, of) -> {
          if (fact.who() != null && measures.contains(fact.measure())) {
            Arrays.stream(fact.who().members()).forEach(of);
          }
        });
  }

  private static int zone(Fact fact, int itemKinds) {
    if (fact.measure() == Measure.HOLDS) {
      return fact.subject() / itemKinds;
    }
    return ZONED.contains(fact.measure()) ? fact.subject() : -1;
  }

  private static void items(Fact fact, int itemKinds, IntConsumer of) {
    switch (fact.measure()) {
      case LADEN -> IntStream.range(0, itemKinds).forEach(of);
      case CARRIES -> of.accept(fact.subject());
      case HOLDS -> of.accept(fact.subject() % itemKinds);
      default -> {}
    }
  }

  private static void timers(Fact fact, List<Quantity> amounts, IntConsumer of) {
    int own = TIMED.contains(fact.measure()) ? fact.subject() : -1;
    boolean compares = fact.measure() == Measure.AMOUNT;
    int compared = compares ? timer(amounts.get(fact.subject())) : own;
    of.accept(compared);
    int bound = timer(fact.bound());
    of.accept(bound == compared ? -1 : bound);
  }

  private static int timer(Quantity quantity) {
    return quantity instanceof Quantity.Reading(Meter.OfMission of, double _, double _)
            && OF_TIMER.contains(of.measure())
        ? of.subject()
        : -1;
  }

  private static void counters(Fact fact, List<Quantity> amounts, IntConsumer of) {
    boolean compares = fact.measure() == Measure.AMOUNT;
    Quantity amount = compares ? amounts.get(fact.subject()) : null;
    int counted = amount instanceof Quantity.OfCounter it ? it.counter() : -1;
    int own = fact.measure() == Measure.COUNTER ? fact.subject() : counted;
    of.accept(own);
    if (fact.bound() instanceof Quantity.OfCounter bound && bound.counter() != own) {
      of.accept(bound.counter());
    }
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

  /**
   * Whether a fact changes as anybody moves: it is of those who stand somewhere, or counts some.
   */
  private static boolean sifted(Fact fact) {
    boolean stands = fact.who() != null && !fact.who().sieves().isEmpty();
    return stands || fact.bound() instanceof Quantity.Reading;
  }

  private static int[] array(List<Integer> of) {
    return of.stream().mapToInt(Integer::intValue).toArray();
  }

  private static int[] which(List<Fact> facts, Set<Measure> measures) {
    return IntStream.range(0, facts.size())
        .filter(fact -> measures.contains(facts.get(fact).measure()))
        .toArray();
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

  int[] beenSeen() {
    return beenSeen;
  }

  int[] killed() {
    return killed;
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

  /** Whether it is asked anywhere how fast somebody climbs. */
  boolean climbs() {
    return climbs;
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
