package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Pinned;
import tools.jackson.databind.JsonNode;

/**
 * A number, one on some terms ({@code 30 s (calm 45 s)}), one by chance between two ({@code 3 s to
 * 5 s}), or what is read of play ({@code 2 × [Casks] + 1}, {@code the number of [Wreckers] inside
 * [Yard]}).
 */
final class AmountText implements SlotText {
  private static final double MOST = 1e9;
  private static final double MOST_TIMES = 1e6;

  private final Phrasings readings;
  private final String unit;
  private final PinnedText pinned;

  AmountText(Phrasings readings, String unit) {
    this.readings = readings;
    this.unit = unit;
    pinned = new PinnedText(unit, -MOST, MOST);
  }

  @Override
  public String print(JsonNode value) {
    return switch (Json.MAPPER.treeToValue(value, Amount.class)) {
      case Amount.Number number -> Quantities.measured(number.value(), unit);
      case Amount.ByTerms by -> byTerms(by.number());
      case Amount.Between between ->
          Quantities.measured(between.least(), unit)
              + " to "
              + Quantities.measured(between.most(), unit);
      case Amount.Formula formula ->
          formula(formula.times(), readings.print(value.get("of")), formula.plus());
    };
  }

  private String byTerms(Pinned number) {
    String written = PinnedText.print(number, unit);
    return written.endsWith(")") ? written : written + " ()";
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
      cursor.fail(new Expected.Thing(List.of(Family.COUNTERS)));
      return null;
    }
    if (cursor.peek().is("×") || cursor.peek().is("*")) {
      cursor.next();
      return Math.abs(first.number()) <= MOST_TIMES
          ? formula(cursor, first.number())
          : tooMuch(cursor, mark);
    }
    if (cursor.peek().is("to")) {
      return between(cursor, first, mark);
    }
    double value = first.in(unit);
    if (Math.abs(value) > MOST) {
      return tooMuch(cursor, mark);
    }
    return cursor.peek().is("(") ? byTerms(cursor, value, mark) : new Amount.Number(value);
  }

  private Amount byTerms(Cursor cursor, double value, int mark) {
    int open = cursor.mark();
    if (cursor.take("(", ")")) {
      return new Amount.ByTerms(Pinned.of(value));
    }
    cursor.back(open);
    Pinned number = pinned.onTerms(cursor, value, mark);
    return number == null ? null : new Amount.ByTerms(number);
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
    JsonNode read = readings.read(cursor);
    if (read == null) {
      return null;
    }
    Reading of = Json.MAPPER.treeToValue(read, Reading.class);
    boolean minus = cursor.peek().is("-");
    if (!minus && !cursor.peek().is("+")) {
      return new Amount.Formula(of, times, 0);
    }
    cursor.next();
    int mark = cursor.mark();
    NumberText.Measured plus = NumberText.measured(cursor, "");
    if (plus == null) {
      return null;
    }
    return plus.number() <= MOST
        ? new Amount.Formula(of, times, minus ? -plus.number() : plus.number())
        : tooMuch(cursor, mark);
  }

  @Override
  public boolean plural(JsonNode value, boolean before) {
    return !(Json.MAPPER.treeToValue(value, Amount.class) instanceof Amount.Number number)
        || number.value() != 1;
  }
}
