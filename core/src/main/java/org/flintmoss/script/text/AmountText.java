package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.DoubleFunction;
import org.flintmoss.mission.Amount;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;
import tools.jackson.databind.JsonNode;

/**
 * A number, one by chance between two ({@code 3 s to 5 s}), what a counter stands at ({@code 2 ×
 * [Casks] + 1}), or what the world reads ({@code the number of [Wreckers] inside [Yard]}).
 */
record AmountText(Nameplates names, String unit) implements SlotText {
  private static final double MOST = 1e9;
  private static final double MOST_TIMES = 1e6;
  private static final List<Family> COUNTERS = List.of(Family.COUNTERS);
  private static final List<Family> TIMERS = List.of(Family.TIMERS);

  /** How somebody fares, in words. */
  private static final Map<Condition.Shape, String> STATES =
      new EnumMap<>(
          Map.of(
              Condition.Shape.UP, "up",
              Condition.Shape.DOWN, "down",
              Condition.Shape.DEAD, "dead"));

  @Override
  public String print(JsonNode value) {
    return switch (Json.MAPPER.treeToValue(value, Amount.class)) {
      case Amount.Number number -> Quantities.measured(number.value(), unit);
      case Amount.ByLevel by -> byLevel(by);
      case Amount.Between between ->
          Quantities.measured(between.least(), unit)
              + " to "
              + Quantities.measured(between.most(), unit);
      case Amount.OfCounter of ->
          formula(of.times(), names.plate(of.counter(), COUNTERS), of.plus());
      case Amount.HowMany of -> formula(of.times(), "the number of " + whom(of.who()), of.plus());
      case Amount.HowManyAre of ->
          formula(
              of.times(),
              "the number of " + whom(of.who()) + " who are " + STATES.get(of.state()),
              of.plus());
      case Amount.KilledBy of ->
          formula(
              of.times(),
              "the number of " + whom(of.who()) + " killed by " + whom(of.by()),
              of.plus());
      case Amount.StrengthOf of ->
          formula(of.times(), "the strength of " + whom(of.who()), of.plus());
      case Amount.Played of -> formula(of.times(), "the seconds played", of.plus());
      case Amount.LeftOf of ->
          formula(of.times(), "the seconds left of " + names.plate(of.timer(), TIMERS), of.plus());
      case Amount.GoneOf of ->
          formula(of.times(), "the seconds gone of " + names.plate(of.timer(), TIMERS), of.plus());
      case Amount.SplitOf of ->
          formula(of.times(), "the last split of " + names.plate(of.timer(), TIMERS), of.plus());
    };
  }

  /** {@code 30 s (calm 45 s, +5 s for each further player)}. */
  private String byLevel(Amount.ByLevel by) {
    List<String> other = new ArrayList<>();
    for (Difficulty level : Difficulty.values()) {
      Double value = by.levels().get(ScaledText.word(level));
      if (value != null) {
        other.add(ScaledText.word(level) + " " + Quantities.measured(value, unit));
      }
    }
    if (by.perPlayer() != 0) {
      String sign = by.perPlayer() < 0 ? "- " : "+ ";
      other.add(
          sign + Quantities.measured(Math.abs(by.perPlayer()), unit) + " " + ScaledText.FURTHER);
    }
    return Quantities.measured(by.value(), unit) + " (" + String.join(", ", other) + ")";
  }

  private String whom(Selector.Whom whom) {
    return new SelectorText(names).printWhom(whom);
  }

  private static String formula(double times, String of, double plus) {
    String before = times == 1 ? "" : Quantities.plain(times) + " × ";
    String behind = plus == 0 ? "" : (plus < 0 ? " - " : " + ") + Quantities.plain(Math.abs(plus));
    return before + of + behind;
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Amount amount = amount(cursor);
    return amount == null ? null : Json.MAPPER.valueToTree(amount);
  }

  private Amount amount(Cursor cursor) {
    if (cursor.peek().kind() == Token.Kind.NAME || cursor.peek().is("the")) {
      return formula(cursor, 1);
    }
    cursor.fail(new Expected.Words("the"));
    int mark = cursor.mark();
    NumberText.Measured first = NumberText.measured(cursor, unit);
    if (first == null) {
      cursor.fail(new Expected.Thing(COUNTERS));
      return null;
    }
    if (cursor.peek().is("×") || cursor.peek().is("*")) {
      cursor.next();
      return Math.abs(first.number()) <= MOST_TIMES
          ? formula(cursor, first.number())
          : tooMuch(cursor, mark);
    }
    if (!cursor.peek().is("to")) {
      double value = first.in(unit);
      if (Math.abs(value) > MOST) {
        return tooMuch(cursor, mark);
      }
      return cursor.peek().is("(") ? byLevel(cursor, value) : new Amount.Number(value);
    }
    return between(cursor, first, mark);
  }

  /** The levels at which a number is another one, in parentheses. */
  private Amount byLevel(Cursor cursor, double value) {
    cursor.next();
    SortedMap<String, Double> levels = new TreeMap<>();
    double perPlayer = 0;
    int mark = cursor.mark();
    if (cursor.take(")")) {
      return new Amount.ByLevel(value, levels, 0);
    }
    do {
      boolean minus = cursor.peek().is("-");
      if (minus || cursor.peek().is("+")) {
        cursor.next();
        Double more = measured(cursor);
        if (more == null || !cursor.take(ScaledText.FURTHER.split(" "))) {
          return null;
        }
        perPlayer = minus ? -more : more;
      } else {
        Difficulty level = ScaledText.level(cursor);
        Double other = level == null ? null : measured(cursor);
        if (other == null) {
          return null;
        }
        levels.put(ScaledText.word(level), other);
      }
    } while (cursor.take(","));
    if (Math.abs(perPlayer) > MOST_TIMES) {
      return tooMuch(cursor, mark);
    }
    return cursor.take(")") ? new Amount.ByLevel(value, levels, perPlayer) : null;
  }

  private Double measured(Cursor cursor) {
    int mark = cursor.mark();
    NumberText.Measured number = NumberText.measured(cursor, unit);
    if (number != null && Math.abs(number.in(unit)) > MOST) {
      tooMuch(cursor, mark);
      return null;
    }
    return number == null ? null : number.in(unit);
  }

  /** The second bound of a number by chance; without one it was a plain number before a "to". */
  private Amount between(Cursor cursor, NumberText.Measured first, int mark) {
    int to = cursor.mark();
    cursor.next();
    NumberText.Measured second = NumberText.measured(cursor, unit);
    if (second == null) {
      cursor.back(to);
      return new Amount.Number(first.in(unit));
    }
    String written = first.written() == null ? second.written() : first.written();
    double least = new NumberText.Measured(first.number(), written).in(unit);
    double most = second.in(unit);
    boolean fits = Math.abs(least) <= MOST && Math.abs(most) <= MOST;
    return fits ? new Amount.Between(least, most) : tooMuch(cursor, mark);
  }

  private static Amount tooMuch(Cursor cursor, int mark) {
    cursor.back(mark);
    cursor.fail("This number is too large.", List.of());
    return null;
  }

  private Amount formula(Cursor cursor, double times) {
    DoubleFunction<Amount> of = read(cursor, times);
    if (of == null) {
      return null;
    }
    boolean minus = cursor.peek().is("-");
    if (!minus && !cursor.peek().is("+")) {
      return of.apply(0);
    }
    cursor.next();
    int mark = cursor.mark();
    NumberText.Measured plus = NumberText.measured(cursor, "");
    if (plus == null) {
      return null;
    }
    return plus.number() <= MOST
        ? of.apply(minus ? -plus.number() : plus.number())
        : tooMuch(cursor, mark);
  }

  /** What a formula is of, so many times, still without what is added to it; null for nothing. */
  private DoubleFunction<Amount> read(Cursor cursor, double times) {
    if (cursor.peek().kind() == Token.Kind.NAME) {
      Ref counter = names.read(cursor, COUNTERS);
      return counter == null ? null : plus -> new Amount.OfCounter(counter, times, plus);
    }
    if (cursor.take("the", "number", "of")) {
      Selector.Whom who = new SelectorText(names).readWhom(cursor);
      return who == null ? null : numberOf(cursor, who, times);
    }
    if (cursor.take("the", "strength", "of")) {
      Selector.Whom who = new SelectorText(names).readWhom(cursor);
      return who == null ? null : plus -> new Amount.StrengthOf(who, times, plus);
    }
    if (cursor.take("the", "seconds", "left", "of")) {
      Ref timer = names.read(cursor, TIMERS);
      return timer == null ? null : plus -> new Amount.LeftOf(timer, times, plus);
    }
    if (cursor.take("the", "seconds", "gone", "of")) {
      Ref timer = names.read(cursor, TIMERS);
      return timer == null ? null : plus -> new Amount.GoneOf(timer, times, plus);
    }
    if (cursor.take("the", "last", "split", "of")) {
      Ref timer = names.read(cursor, TIMERS);
      return timer == null ? null : plus -> new Amount.SplitOf(timer, times, plus);
    }
    return cursor.take("the", "seconds", "played") ? plus -> new Amount.Played(times, plus) : null;
  }

  /** How many there are of some, or of those of them who fare so or were killed by others. */
  private DoubleFunction<Amount> numberOf(Cursor cursor, Selector.Whom who, double times) {
    if (cursor.take("killed", "by")) {
      Selector.Whom by = new SelectorText(names).readWhom(cursor);
      return by == null ? null : plus -> new Amount.KilledBy(who, by, times, plus);
    }
    if (cursor.take("who", "are")) {
      for (Map.Entry<Condition.Shape, String> state : STATES.entrySet()) {
        if (cursor.take(state.getValue())) {
          return plus -> new Amount.HowManyAre(who, state.getKey(), times, plus);
        }
      }
      return null;
    }
    return plus -> new Amount.HowMany(who, times, plus);
  }

  @Override
  public boolean plural(JsonNode value, boolean before) {
    return !(Json.MAPPER.treeToValue(value, Amount.class) instanceof Amount.Number number)
        || number.value() != 1;
  }
}
