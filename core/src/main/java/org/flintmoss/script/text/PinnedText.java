package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Terms;
import tools.jackson.databind.JsonNode;

/**
 * A number with the levels at which it is another one, and what each player adds: {@code 5 s (storm
 * 3 s, + 1 s for each further player)}.
 */
record PinnedText(NumberText number) implements SlotText {
  private static final double MOST_PER_PLAYER = 1e6;

  PinnedText(String unit, double least, double most) {
    this(new NumberText(unit, least, most));
  }

  @Override
  public String print(JsonNode value) {
    return print(Json.MAPPER.treeToValue(value, Pinned.class), number.unit());
  }

  static String print(Pinned pinned, String unit) {
    List<String> other = new ArrayList<>();
    for (Difficulty level : Difficulty.values()) {
      Double value = pinned.levels().get(ScaledText.word(level));
      if (value != null) {
        other.add(ScaledText.word(level) + " " + Quantities.measured(value, unit));
      }
    }
    if (pinned.perPlayer() != 0) {
      String sign = pinned.perPlayer() < 0 ? "- " : "+ ";
      String more = Quantities.measured(Math.abs(pinned.perPlayer()), unit);
      other.add(sign + more + " " + ScaledText.FURTHER);
    }
    String usual = Quantities.measured(pinned.value(), unit);
    return other.isEmpty() ? usual : usual + " (" + String.join(", ", other) + ")";
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Pinned pinned = pinned(cursor);
    return pinned == null ? null : Json.MAPPER.valueToTree(pinned);
  }

  /** The number that is written at a cursor; null, and noted there, where there is none. */
  Pinned pinned(Cursor cursor) {
    int mark = cursor.mark();
    JsonNode usual = number.read(cursor);
    return usual == null ? null : onTerms(cursor, usual.asDouble(), mark);
  }

  /**
   * A number that was read already, with what stands behind it in parentheses.
   *
   * @param mark where the number stands
   */
  Pinned onTerms(Cursor cursor, double usual, int mark) {
    SortedMap<String, Double> levels = new TreeMap<>();
    double perPlayer = 0;
    if (cursor.take("(")) {
      do {
        boolean minus = cursor.peek().is("-");
        if (minus || cursor.peek().is("+")) {
          cursor.next();
          NumberText.Measured more = NumberText.measured(cursor, number.unit());
          if (more == null || !cursor.take(ScaledText.FURTHER.split(" "))) {
            return null;
          }
          perPlayer = (minus ? -1 : 1) * more.in(number.unit());
        } else {
          Difficulty level = ScaledText.level(cursor);
          JsonNode value = level == null ? null : number.read(cursor);
          if (value == null) {
            return null;
          }
          levels.put(ScaledText.word(level), value.asDouble());
        }
      } while (cursor.take(","));
      if (!cursor.take(")")) {
        return null;
      }
    }
    Pinned pinned = new Pinned(usual, levels, perPlayer);
    if (Math.abs(perPlayer) > MOST_PER_PLAYER || !pinned.all(number::within)) {
      cursor.back(mark);
      cursor.fail(
          "For %d players this goes beyond %s to %s."
              .formatted(
                  Terms.MOST_PLAYERS,
                  Quantities.measured(number.least(), number.unit()),
                  Quantities.measured(number.most(), number.unit())),
          List.of());
      return null;
    }
    return pinned;
  }
}
