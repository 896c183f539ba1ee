package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.Amount;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.Ref;
import tools.jackson.databind.JsonNode;

/**
 * A number, one by chance between two ({@code 3 s to 5 s}), or what a counter stands at ({@code 2 ×
 * [Casks] + 1}).
 */
record AmountText(Nameplates names, String unit) implements SlotText {
  private static final double MOST = 1e9;
  private static final double MOST_TIMES = 1e6;
  private static final List<Family> COUNTERS = List.of(Family.COUNTERS);

  @Override
  public String print(JsonNode value) {
    return switch (Json.MAPPER.treeToValue(value, Amount.class)) {
      case Amount.Number number -> Quantities.measured(number.value(), unit);
      case Amount.Between between ->
          Quantities.measured(between.least(), unit)
              + " to "
              + Quantities.measured(between.most(), unit);
      case Amount.OfCounter of -> formula(of);
    };
  }

  private String formula(Amount.OfCounter of) {
    String times = of.times() == 1 ? "" : Quantities.plain(of.times()) + " × ";
    String plus =
        of.plus() == 0
            ? ""
            : (of.plus() < 0 ? " - " : " + ") + Quantities.plain(Math.abs(of.plus()));
    return times + names.plate(of.counter(), COUNTERS) + plus;
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Amount amount = amount(cursor);
    return amount == null ? null : Json.MAPPER.valueToTree(amount);
  }

  private Amount amount(Cursor cursor) {
    if (cursor.peek().kind() == Token.Kind.NAME) {
      return formula(cursor, 1);
    }
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
      return Math.abs(value) <= MOST ? new Amount.Number(value) : tooMuch(cursor, mark);
    }
    return between(cursor, first, mark);
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
    Ref counter = names.read(cursor, COUNTERS);
    if (counter == null) {
      return null;
    }
    boolean minus = cursor.peek().is("-");
    if (!minus && !cursor.peek().is("+")) {
      return new Amount.OfCounter(counter, times, 0);
    }
    cursor.next();
    NumberText.Measured plus = NumberText.measured(cursor, "");
    return plus == null
        ? null
        : new Amount.OfCounter(counter, times, minus ? -plus.number() : plus.number());
  }

  @Override
  public boolean plural(JsonNode value, boolean before) {
    return !(Json.MAPPER.treeToValue(value, Amount.class) instanceof Amount.Number number)
        || number.value() != 1;
  }
}
