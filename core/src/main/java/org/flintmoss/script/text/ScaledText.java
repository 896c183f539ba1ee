package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Scaled;
import tools.jackson.databind.JsonNode;

/**
 * A count under pressure, with the levels that are fixed: {@code 3 (calm 2, storm 5, +1 for each
 * further player)}.
 */
record ScaledText() implements SlotText {
  private static final int MOST = 10_000;
  private static final int MOST_PER_PLAYER = 1000;

  /** Behind what is added for players. */
  static final String FURTHER = "for each further player";

  private static final NumberText COUNT = new NumberText("", 0, MOST);

  @Override
  public String print(JsonNode value) {
    return print(Json.MAPPER.treeToValue(value, Scaled.class));
  }

  static String print(Scaled scaled) {
    Scaled.Pins pins = scaled.pins();
    int[] each = {pins.calm(), pins.breezy(), pins.rough(), pins.storm()};
    List<String> fixed = new ArrayList<>();
    for (Difficulty level : Difficulty.values()) {
      if (each[level.ordinal()] >= 0) {
        fixed.add(word(level) + " " + each[level.ordinal()]);
      }
    }
    if (scaled.perPlayer() > 0) {
      fixed.add("+" + scaled.perPlayer() + " " + FURTHER);
    }
    return scaled.count() + (fixed.isEmpty() ? "" : " (" + String.join(", ", fixed) + ")");
  }

  static String word(Difficulty level) {
    return level.name().toLowerCase(java.util.Locale.ROOT);
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Scaled scaled = scaled(cursor);
    return scaled == null ? null : Json.MAPPER.valueToTree(scaled);
  }

  static Scaled scaled(Cursor cursor) {
    Integer count = whole(cursor);
    if (count == null) {
      return null;
    }
    int[] pins = new int[Difficulty.values().length];
    Arrays.fill(pins, -1);
    int perPlayer = 0;
    if (cursor.take("(")) {
      do {
        if (cursor.take("+")) {
          Integer more = whole(cursor);
          if (more == null || !cursor.take(FURTHER.split(" "))) {
            return null;
          }
          perPlayer = Math.min(MOST_PER_PLAYER, more);
        } else if (!pin(cursor, pins)) {
          return null;
        }
      } while (cursor.take(","));
      if (!cursor.take(")")) {
        return null;
      }
    }
    return new Scaled(count, new Scaled.Pins(pins[0], pins[1], pins[2], pins[3]), perPlayer);
  }

  private static boolean pin(Cursor cursor, int[] pins) {
    Difficulty level = level(cursor);
    Integer count = level == null ? null : whole(cursor);
    if (count == null) {
      return false;
    }
    pins[level.ordinal()] = count;
    return true;
  }

  static Difficulty level(Cursor cursor) {
    for (Difficulty level : Difficulty.values()) {
      if (cursor.take(word(level))) {
        return level;
      }
    }
    return null;
  }

  private static Integer whole(Cursor cursor) {
    int mark = cursor.mark();
    JsonNode number = COUNT.read(cursor);
    if (number == null) {
      return null;
    }
    if (number.asDouble() != Math.rint(number.asDouble())) {
      cursor.back(mark);
      cursor.fail("A count is a whole number.", List.of());
      return null;
    }
    return (int) number.asDouble();
  }
}
