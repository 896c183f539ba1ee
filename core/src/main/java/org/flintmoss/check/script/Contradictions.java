package org.flintmoss.check.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Comparison;

/** Groups of conditions of which the parts exclude one another, or of which one is always true. */
final class Contradictions {
  /** Takes what is found at a JSON Pointer, in a sentence. */
  interface Told {
    void tell(Rule rule, String pointer, String says);
  }

  private final Told told;

  /** Tells of each by the JSON Pointer of the group and a sentence. */
  Contradictions(Told told) {
    this.told = told;
  }

  void look(String pointer, Condition condition) {
    switch (condition) {
      case Condition.All all -> {
        if (excluding(all.parts(), true)) {
          told.tell(
              Rule.CONDITIONS_EXCLUDE_EACH_OTHER,
              pointer,
              "its conditions exclude each other, so they never hold.");
        }
        within(pointer, all.parts());
      }
      case Condition.Any any -> {
        if (excluding(any.parts(), false)) {
          told.tell(
              Rule.CONDITION_ALWAYS_TRUE,
              pointer,
              "one of its conditions is always true, so they ask for nothing.");
        }
        within(pointer, any.parts());
      }
      case Condition.Not not -> look(pointer + "/of", not.of());
      case Condition.HeldFor held -> look(pointer + "/of", held.of());
      default -> {}
    }
  }

  private void within(String pointer, Map<String, Condition.Part> parts) {
    parts.forEach((id, part) -> look(pointer + "/parts/" + id + "/condition", part.condition()));
  }

  /** What a sentence says of something: that it is in one state, or how far it reaches. */
  private record Range(double least, double most) {
    private static final Range ALL = new Range(Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);

    Range and(Range other) {
      return new Range(Math.max(least, other.least), Math.min(most, other.most));
    }

    boolean empty() {
      return least > most;
    }
  }

  /** Whether parts exclude each other, or, turned round, between them leave nothing out. */
  private static boolean excluding(Map<String, Condition.Part> parts, boolean all) {
    Map<Object, Range> ranges = new HashMap<>();
    Map<Object, Object> states = new HashMap<>();
    List<Condition> plain = new ArrayList<>();
    List<Condition> turned = new ArrayList<>();
    for (Condition.Part part : parts.values()) {
      Condition condition = part.condition();
      if (condition instanceof Condition.Not not) {
        turned.add(not.of());
      } else {
        plain.add(condition);
      }
      Object state = state(condition);
      Object subject = subject(condition);
      if (state != null && subject != null) {
        Object before = states.put(subject, state);
        boolean two = before != null && !before.equals(state);
        if (two && (all || condition instanceof Condition.FlagIs)) {
          return true;
        }
      }
      if (all && state == null && subject != null) {
        Range range = ranges.getOrDefault(subject, Range.ALL).and(range(condition));
        if (range.empty()) {
          return true;
        }
        ranges.put(subject, range);
      }
    }
    return turned.stream().anyMatch(plain::contains);
  }

  /** The one state that a sentence asks for; null where it asks for none. */
  private static Object state(Condition condition) {
    return switch (condition) {
      case Condition.FlagIs is -> is.on();
      case Condition.ObjectiveIs is -> is.state();
      case Condition.GateIs is -> is.state();
      case Condition.ThingStands is -> is.stands();
      case Condition.ThingLooks is -> is.look();
      case Condition.SeatIs is -> is.state();
      default -> null;
    };
  }

  /** What a sentence speaks of, where two of them can exclude each other; else null. */
  private static Object subject(Condition condition) {
    return switch (condition) {
      case Condition.FlagIs is -> is.flag();
      case Condition.ObjectiveIs is -> is.objective();
      case Condition.GateIs is -> is.gate();
      case Condition.ThingStands is -> List.of(is.thing(), "stands");
      case Condition.ThingLooks is -> List.of(is.thing(), "looks");
      case Condition.SeatIs is -> is.start();
      case Condition.CounterIs is -> number(is.amount(), is.counter());
      case Condition.TimeLeft left -> number(left.time(), left.timer());
      case Condition.Used used -> number(used.times(), used.fixture());
      case Condition.Elapsed _ -> Condition.Elapsed.class;
      case Condition.TideIs tide -> number(tide.level(), Condition.TideIs.class);
      default -> null;
    };
  }

  private static Object number(Amount amount, Object of) {
    return amount instanceof Amount.Number ? List.of(of, "number") : null;
  }

  private static Range range(Condition condition) {
    return switch (condition) {
      case Condition.CounterIs is -> range(is.comparison(), is.amount());
      case Condition.TimeLeft left -> range(left.comparison(), left.time());
      case Condition.Used used -> range(used.comparison(), used.times());
      case Condition.TideIs tide -> range(tide.comparison(), tide.level());
      case Condition.Elapsed elapsed ->
          elapsed.time().levels().isEmpty()
              ? range(elapsed.comparison(), Amount.of(elapsed.time().value()))
              : Range.ALL;
      default -> Range.ALL;
    };
  }

  private static Range range(Comparison comparison, Amount amount) {
    double bound = ((Amount.Number) amount).value();
    return switch (comparison) {
      case AT_LEAST -> new Range(bound, Double.POSITIVE_INFINITY);
      case AT_MOST -> new Range(Double.NEGATIVE_INFINITY, bound);
      case EXACTLY -> new Range(bound, bound);
      case NOT -> Range.ALL;
    };
  }
}
