package org.flintmoss.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.flintmoss.mission.Comparison;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Happening;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Pinned;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;

/** Turns conditions into trees over facts, which it interns. */
final class ConditionCompiler {
  private final Lookup lookup;
  private final Cast cast;
  private final Map<Fact, Integer> facts = new LinkedHashMap<>();
  private final List<TreeSet<Integer>> readers = new ArrayList<>();
  private final List<Integer> holders = new ArrayList<>();
  private final List<Crowd> seen = new ArrayList<>();
  private final List<Quantity> amounts = new ArrayList<>();
  private final HappeningCompiler happenings;
  private boolean atMoment;

  ConditionCompiler(Lookup lookup) {
    this.lookup = lookup;
    cast = lookup.cast();
    happenings = new HappeningCompiler(lookup);
  }

  /** The condition of an event. */
  Node when(Condition condition) {
    atMoment = false;
    happenings.begin();
    return HappeningCompiler.sound(condition) ? node(condition) : new Node.Never();
  }

  /** What the event fires through whose condition was compiled last; nothing for states alone. */
  List<Trigger> triggers() {
    return happenings.triggers();
  }

  /** A condition that is asked at a moment, when it may speak of the causer too. */
  Node atMoment(Condition condition) {
    atMoment = true;
    return HappeningCompiler.named(condition) ? new Node.Never() : node(condition);
  }

  List<Fact> facts() {
    return List.copyOf(facts.keySet());
  }

  /** For each fact, the programs that read it. */
  int[][] readers() {
    return readers.stream()
        .map(of -> of.stream().mapToInt(Integer::intValue).toArray())
        .toArray(int[][]::new);
  }

  /** For each slot of a duration, the program it belongs to. */
  int[] holders() {
    return holders.stream().mapToInt(Integer::intValue).toArray();
  }

  /** Those of whom facts ask whether they are seen. */
  List<Crowd> seen() {
    return List.copyOf(seen);
  }

  /** The amounts that facts compare with others. */
  List<Quantity> amounts() {
    return List.copyOf(amounts);
  }

  private Node node(Condition condition) {
    return switch (condition) {
      case Condition.All all -> new Node.All(nodes(all.parts()));
      case Condition.Any any -> new Node.Any(nodes(any.parts()));
      case Happening happening -> happenings.node(happening);
      case Condition.Not not -> negated(node(not.of()));
      case Condition.HeldFor held -> held(held);
      case Condition.Inside in -> ofZone(Measure.INSIDE, in.who(), in.zone());
      case Condition.BeenInside been -> ofZone(Measure.BEEN_INSIDE, been.who(), been.zone());
      case Condition.HasLeft left -> ofZone(Measure.HAS_LEFT, left.who(), left.zone());
      case Condition.CameBack back -> ofZone(Measure.CAME_BACK, back.who(), back.zone());
      case Condition.Strength strength ->
          ofUnits(
              Measure.STRENGTH,
              strength.who(),
              strength.comparison(),
              lookup.quantity(strength.percent()),
              -1,
              null);
      case Condition.Seen seen ->
          ofUnits(Measure.SEEN, seen.who(), Comparison.EXACTLY, one(1), -1, null);
      case Condition.BeenSeen seen ->
          ofUnits(Measure.BEEN_SEEN, seen.who(), Comparison.EXACTLY, one(1), -1, null);
      case Condition.HasKilled killed -> {
        int of = lookup.victims(killed.whom());
        yield of < 0
            ? new Node.Never()
            : ofUnits(
                Measure.KILLED,
                killed.who(),
                killed.comparison(),
                lookup.quantity(killed.count()),
                of,
                null);
      }
      case Condition.ClockPassed clock -> clockPassed(clock.time());
      case Condition.Said said ->
          fact(Measure.SAID, said.conversation(), Comparison.AT_LEAST, one(1));
      case Condition.Called called ->
          fact(Measure.CALLED, called.call(), Comparison.AT_LEAST, one(1));
      case Condition.Near near -> near(near);
      case Condition.Close close -> close(close);
      case Condition.Fares fares ->
          ofUnits(
              Measure.FARE,
              fares.who(),
              Comparison.EXACTLY,
              one(fares.state().ordinal()),
              -1,
              null);
      case Condition.Health health ->
          ofUnits(
              Measure.HEALTH,
              health.who(),
              health.comparison(),
              lookup.quantity(health.percent()),
              -1,
              null);
      case Condition.Alert alert ->
          ofUnits(
              Measure.ALERTNESS,
              alert.who(),
              Comparison.EXACTLY,
              one(alert.alertness().ordinal()),
              -1,
              null);
      case Condition.Sees sees -> sees(sees);
      case Condition.Moves moves ->
          ofUnits(
              Measure.SPEED,
              moves.who(),
              moves.comparison(),
              lookup.quantity(moves.speed()),
              -1,
              null);
      case Condition.Above above ->
          ofUnits(
              Measure.ABOVE,
              above.who(),
              above.comparison(),
              lookup.quantity(above.height()),
              -1,
              null);
      case Condition.Climbs climbs ->
          ofUnits(
              Measure.CLIMB,
              climbs.who(),
              climbs.comparison(),
              lookup.quantity(climbs.rate()),
              -1,
              null);
      case Condition.Reached reached -> {
        int route = cast.index(reached.route());
        yield route < 0
            ? new Node.Never()
            : ofUnits(
                Measure.WAYPOINTS,
                reached.who(),
                reached.comparison(),
                lookup.quantity(reached.count()),
                route,
                null);
      }
      case Condition.Heard heard ->
          ofUnits(
              Measure.HEARD,
              heard.who(),
              heard.comparison(),
              lookup.quantity(heard.count()),
              -1,
              null);
      case Condition.OrderDone done ->
          ofUnits(Measure.ORDER_DONE, done.who(), Comparison.EXACTLY, one(1), -1, null);
      case Condition.Laden laden ->
          ofUnits(
              Measure.LADEN,
              laden.who(),
              laden.comparison(),
              lookup.quantity(laden.mass()),
              -1,
              null);
      case Condition.StanceIs stance -> {
        int one = cast.index(stance.one());
        int other = cast.index(stance.other());
        int subject = one < 0 || other < 0 ? -1 : one * cast.sideNumbers() + other;
        yield fact(Measure.STANCE, subject, Comparison.EXACTLY, one(stance.attitude().ordinal()));
      }
      case Condition.SeatIs seat ->
          fact(
              Measure.SEAT,
              cast.member(seat.start()),
              Comparison.EXACTLY,
              one(seat.state() == Condition.Seat.TAKEN ? 1 : 0));
      case Condition.Runs runs -> fact(Measure.RUNS, runs.timer(), Comparison.EXACTLY, one(1));
      case Condition.EffectGoesOn goes ->
          fact(Measure.EFFECT, goes.effect(), Comparison.EXACTLY, one(1));
      case Condition.DifficultyIs is ->
          fact(
              Measure.DIFFICULTY,
              lookup.terms().difficulty().ordinal(),
              is.comparison(),
              one(is.level().ordinal()));
      case Condition.ByChance chance -> new Node.Luck(at(chance.percent()) / 100, lookup.luck());
      case Condition.FiredOften fired ->
          fact(
              Measure.FIRED,
              lookup.event(fired.event()),
              fired.comparison(),
              lookup.quantity(fired.times()));
      case Condition.Carries carries -> {
        int kind = cast.index(carries.itemKind());
        yield kind < 0
            ? new Node.Never()
            : ofUnits(
                Measure.CARRIES,
                carries.who(),
                carries.comparison(),
                lookup.quantity(carries.count()),
                kind,
                null);
      }
      case Condition.Holds holds -> {
        int zone = cast.index(holds.zone());
        int kind = cast.index(holds.itemKind());
        int subject = zone < 0 || kind < 0 ? -1 : zone * cast.itemKinds() + kind;
        yield fact(Measure.HOLDS, subject, holds.comparison(), lookup.quantity(holds.count()));
      }
      case Condition.TakenUp taken ->
          fact(Measure.TAKEN_UP, taken.item(), Comparison.EXACTLY, one(1));
      case Condition.Elapsed elapsed ->
          fact(Measure.ELAPSED, 0, elapsed.comparison(), one(elapsedSteps(at(elapsed.time()))));
      case Condition.TideIs tide ->
          fact(Measure.WATER, 0, tide.comparison(), lookup.quantity(tide.level()));
      case Condition.FlagIs flag ->
          fact(
              Measure.FLAG,
              flag.flag(),
              Comparison.EXACTLY,
              one(flag.on() == Condition.OnOff.ON ? 1 : 0));
      case Condition.CounterIs counter ->
          fact(
              Measure.COUNTER,
              counter.counter(),
              counter.comparison(),
              lookup.quantity(counter.amount()));
      case Condition.ComesTo comes -> {
        Quantity one = lookup.quantity(comes.one());
        Quantity other = lookup.quantity(comes.other());
        yield one == null
            ? new Node.Never()
            : fact(Measure.AMOUNT, number(amounts, one), comes.comparison(), other);
      }
      case Condition.ObjectiveIs objective ->
          fact(
              Measure.OBJECTIVE,
              objective.objective(),
              Comparison.EXACTLY,
              one(objective.state().ordinal()));
      case Condition.RunOut out -> fact(Measure.RUN_OUT, out.timer(), Comparison.EXACTLY, one(1));
      case Condition.TimeLeft left ->
          fact(Measure.TIMER, left.timer(), left.comparison(), lookup.quantity(left.time()));
      case Condition.TimeGone gone ->
          fact(Measure.TIMER_GONE, gone.timer(), gone.comparison(), lookup.quantity(gone.time()));
      case Condition.GateIs gate ->
          fact(Measure.GATE, gate.gate(), Comparison.EXACTLY, one(gate.state().ordinal()));
      case Condition.WaveCame came ->
          fact(Measure.WAVE_CAME, came.wave(), Comparison.EXACTLY, one(1));
      case Condition.WaveCleared cleared ->
          fact(Measure.WAVE_CLEARED, cleared.wave(), Comparison.EXACTLY, one(1));
      case Condition.WavesCleared cleared ->
          fact(Measure.WAVES_CLEARED, cleared.wavePlan(), Comparison.EXACTLY, one(1));
      case Condition.Used used ->
          fact(Measure.USED, used.fixture(), used.comparison(), lookup.quantity(used.times()));
      case Condition.Fired fired ->
          fact(Measure.FIRED, lookup.event(fired.event()), Comparison.AT_LEAST, one(1));
    };
  }

  private Node close(Condition.Close close) {
    Crowd whom = lookup.crowd(close.whom());
    Quantity metres = lookup.quantity(close.distance());
    if (whom == null || !whom.known() || metres == null) {
      return new Node.Never();
    }
    boolean none = whom.need() == Crowd.Need.NONE;
    // Nobody is near where even the nearest is farther off than that.
    Quantity bound =
        none && metres instanceof Quantity.Fixed fixed ? one(Math.nextUp(fixed.value())) : metres;
    Comparison comparison = none ? Comparison.AT_LEAST : Comparison.AT_MOST;
    return ofUnits(Measure.APART, close.who(), comparison, bound, number(seen, whom), null);
  }

  private Node sees(Condition.Sees sees) {
    Crowd whom = lookup.crowd(sees.whom());
    if (whom == null || !whom.known()) {
      return new Node.Never();
    }
    int number = number(seen, whom);
    return ofUnits(Measure.SEES, sees.who(), Comparison.EXACTLY, one(1), number, null);
  }

  /** The number of something among those that are kept, which it joins if it is new. */
  private static <T> int number(List<T> kept, T of) {
    int number = kept.indexOf(of);
    if (number < 0) {
      kept.add(of);
      return kept.size() - 1;
    }
    return number;
  }

  private double at(Pinned pinned) {
    return pinned.at(lookup.terms());
  }

  private static double elapsedSteps(double seconds) {
    return seconds == 0 ? 0 : Script.steps(seconds);
  }

  /** A time of day is the first moment at which the clock shows it, from the start of play on. */
  private Node clockPassed(double time) {
    double until = time - cast.mission().setting().startTime();
    double seconds = until < 0 ? until + 86400 : until;
    return fact(
        Measure.CLOCK,
        0,
        Comparison.AT_LEAST,
        one(elapsedSteps(seconds / cast.mission().setting().dayPace())));
  }

  /** What is not known to be true is not known to be false either: an open reference stays open. */
  private static Node negated(Node of) {
    return of instanceof Node.Never ? of : new Node.Not(of);
  }

  /** What is asked only at a moment has not been true for any time. */
  private Node held(Condition.HeldFor held) {
    boolean before = atMoment;
    atMoment = false;
    Node of = node(held.of());
    atMoment = before;
    holders.add(lookup.current());
    int steps = Script.steps(at(held.seconds()));
    return new Node.HeldFor(of, holders.size() - 1, steps, held.inAll());
  }

  private Node ofZone(Measure measure, Selector who, Ref zone) {
    int number = cast.index(zone);
    return number < 0
        ? new Node.Never()
        : ofUnits(measure, who, Comparison.EXACTLY, one(1), number, null);
  }

  private Node near(Condition.Near near) {
    Spot spot = lookup.places().spot(near.place());
    return spot == null
        ? new Node.Never()
        : ofUnits(
            Measure.DISTANCE,
            near.who(),
            near.comparison(),
            lookup.quantity(near.distance()),
            -1,
            spot);
  }

  private List<Node> nodes(Map<String, Condition.Part> parts) {
    return Ordered.sort(parts).stream().map(part -> node(part.getValue().condition())).toList();
  }

  private static Quantity one(double value) {
    return new Quantity.Fixed(value);
  }

  private Node ofUnits(
      Measure measure,
      Selector who,
      Comparison comparison,
      Quantity bound,
      int subject,
      Spot spot) {
    Crowd crowd = lookup.crowd(who);
    if (crowd == null || bound == null) {
      return new Node.Never();
    }
    Fact fact = new Fact(measure, crowd, subject, comparison, bound, spot);
    if (crowd.known()) {
      return intern(fact);
    }
    return atMoment ? new Node.AtMoment(fact) : new Node.Never();
  }

  private Node fact(Measure measure, Ref subject, Comparison comparison, Quantity bound) {
    return fact(measure, cast.index(subject), comparison, bound);
  }

  private Node fact(Measure measure, int subject, Comparison comparison, Quantity bound) {
    return subject < 0 || bound == null
        ? new Node.Never()
        : intern(new Fact(measure, null, subject, comparison, bound, null));
  }

  private Node intern(Fact fact) {
    int number = facts.computeIfAbsent(fact, _ -> facts.size());
    if (number == readers.size()) {
      readers.add(new TreeSet<>());
    }
    readers.get(number).add(lookup.current());
    return new Node.Is(number);
  }
}
