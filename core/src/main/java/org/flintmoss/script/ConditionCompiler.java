package org.flintmoss.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Pinned;

/** Turns conditions into trees over facts, which it interns. */
final class ConditionCompiler {
  private final Lookup lookup;
  private final Map<Fact, Integer> facts = new LinkedHashMap<>();
  private final List<TreeSet<Integer>> readers = new ArrayList<>();
  private final List<Integer> holders = new ArrayList<>();
  private final List<Quantity> amounts = new ArrayList<>();
  private final HappeningCompiler happenings;
  private boolean atMoment;

  ConditionCompiler(Lookup lookup) {
    this.lookup = lookup;
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
      case Condition.ByChance chance -> new Node.Luck(at(chance.percent()) / 100, lookup.luck());
      case Condition.Close close -> close(close);
      case Condition.ComesTo comes -> comesTo(comes);
      case Condition.Elapsed elapsed -> after(elapsed, elapsed.comparison(), at(elapsed.time()));
      case Condition.ClockPassed clock -> clockPassed(clock);
      default -> plain((Record) condition);
    };
  }

  /** A sentence whose slots say all that there is to its fact. */
  private Node plain(Record sentence) {
    FactParts parts = FactParts.of(sentence, lookup);
    Crowd crowd = parts.who() == null ? null : lookup.crowd(parts.who());
    boolean nobody = parts.who() != null && crowd == null;
    return parts.open() || nobody
        ? new Node.Never()
        : fact(parts.fact(lookup.measure(sentence.getClass()), crowd));
  }

  private Node close(Condition.Close close) {
    Crowd who = lookup.crowd(close.who());
    Crowd whom = lookup.crowd(close.whom());
    Quantity metres = lookup.quantity(close.distance());
    if (who == null || whom == null || !whom.known() || metres == null) {
      return new Node.Never();
    }
    boolean none = whom.need() == Crowd.Need.NONE;
    // Nobody is near where even the nearest is farther off than that.
    Quantity bound =
        none && metres instanceof Quantity.Fixed fixed ? one(Math.nextUp(fixed.value())) : metres;
    Comparison comparison = none ? Comparison.AT_LEAST : Comparison.AT_MOST;
    Measure apart = lookup.measure(close.getClass());
    return fact(new Fact(apart, who, lookup.crowdNumber(close.whom()), comparison, bound, null));
  }

  private Node comesTo(Condition.ComesTo comes) {
    Quantity one = lookup.quantity(comes.one());
    Quantity other = lookup.quantity(comes.other());
    if (one == null || other == null) {
      return new Node.Never();
    }
    if (!amounts.contains(one)) {
      amounts.add(one);
    }
    Measure amount = lookup.measure(comes.getClass());
    return fact(new Fact(amount, null, amounts.indexOf(one), comes.comparison(), other, null));
  }

  private double at(Pinned pinned) {
    return pinned.at(lookup.terms());
  }

  /** What is counted in steps is asked once that time has gone by. */
  private Node after(Record sentence, Comparison comparison, double seconds) {
    Quantity steps = one(seconds == 0 ? 0 : Script.steps(seconds));
    return fact(new Fact(lookup.measure(sentence.getClass()), null, 0, comparison, steps, null));
  }

  /** A time of day is the first moment at which the clock shows it, from the start of play on. */
  private Node clockPassed(Condition.ClockPassed clock) {
    Setting setting = lookup.actors().mission().setting();
    double until = clock.time() - setting.startTime();
    double seconds = until < 0 ? until + 86400 : until;
    return after(clock, Comparison.AT_LEAST, seconds / setting.dayPace());
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

  private List<Node> nodes(Map<String, Condition.Part> parts) {
    return Ordered.sort(parts).stream().map(part -> node(part.getValue().condition())).toList();
  }

  private static Quantity one(double value) {
    return new Quantity.Fixed(value);
  }

  private Node fact(Fact fact) {
    if (fact.who() == null || fact.who().known()) {
      return intern(fact);
    }
    return atMoment ? new Node.AtMoment(fact) : new Node.Never();
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
