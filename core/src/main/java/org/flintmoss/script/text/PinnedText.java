package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.Pinned;
import tools.jackson.databind.JsonNode;

/** A time or a share, with the levels at which it is another one: {@code 5 s (storm 3 s)}. */
record PinnedText(NumberText number, String unit) implements SlotText {
  PinnedText(String unit, double least, double most) {
    this(new NumberText(unit, least, most), unit);
  }

  @Override
  public String print(JsonNode value) {
    return print(Json.MAPPER.treeToValue(value, Pinned.class), unit);
  }

  static String print(Pinned pinned, String unit) {
    List<String> other = new ArrayList<>();
    for (Difficulty level : Difficulty.values()) {
      Double value = pinned.levels().get(ScaledText.word(level));
      if (value != null) {
        other.add(ScaledText.word(level) + " " + Quantities.measured(value, unit));
      }
    }
    String usual = Quantities.measured(pinned.value(), unit);
    return other.isEmpty() ? usual : usual + " (" + String.join(", ", other) + ")";
  }

  @Override
  public JsonNode read(Cursor cursor) {
    JsonNode usual = number.read(cursor);
    if (usual == null) {
      return null;
    }
    SortedMap<String, Double> levels = new TreeMap<>();
    if (cursor.take("(")) {
      do {
        Difficulty level = ScaledText.level(cursor);
        JsonNode value = level == null ? null : number.read(cursor);
        if (value == null) {
          return null;
        }
        levels.put(ScaledText.word(level), value.asDouble());
      } while (cursor.take(","));
      if (!cursor.take(")")) {
        return null;
      }
    }
    return Json.MAPPER.valueToTree(new Pinned(usual.asDouble(), levels));
  }
}
