package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

/** A number within a range, kept in a unit. */
record NumberText(String unit, double least, double most) implements SlotText {
  @Override
  public String print(JsonNode value) {
    return Quantities.measured(value.asDouble(), unit);
  }

  @Override
  public JsonNode read(Cursor cursor) {
    int mark = cursor.mark();
    Measured read = measured(cursor, unit);
    if (read == null) {
      return null;
    }
    double value = read.in(unit);
    if (!within(value)) {
      cursor.back(mark);
      cursor.fail(
          "This goes from %s to %s."
              .formatted(Quantities.measured(least, unit), Quantities.measured(most, unit)),
          List.of());
      return null;
    }
    return Json.MAPPER.valueToTree(value);
  }

  /** Whether a value is within the range. */
  boolean within(double value) {
    return value >= least && value <= most;
  }

  /**
   * A number as it was written.
   *
   * @param written its unit; null where none was written
   */
  record Measured(double number, String written) {
    /** Its value in the unit in which it is kept; a bare number is in that already. */
    double in(String unit) {
      return written == null ? number : number * Quantities.factor(written, unit);
    }
  }

  /** Reads a number that may have a unit; null, and noted at the cursor, where there is none. */
  static Measured measured(Cursor cursor, String unit) {
    boolean negative = cursor.peek().is("-");
    Token token = negative ? cursor.second() : cursor.peek();
    if (token.kind() != Token.Kind.NUMBER) {
      cursor.fail(new Expected.Number(unit));
      return null;
    }
    Double number = Quantities.read(token.text(), unit);
    if (number == null) {
      cursor.fail(token.shown() + " is no number that can stand here.", List.of());
      return null;
    }
    if (negative) {
      cursor.next();
    }
    cursor.next();
    String written = null;
    if (Quantities.besides(unit).contains(cursor.peek().text())) {
      written = cursor.next().text();
    } else if (!unit.isEmpty()) {
      cursor.fail(new Expected.Words(unit));
    }
    return new Measured(negative ? -number : number, written);
  }
}
