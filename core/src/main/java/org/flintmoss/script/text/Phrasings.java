package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.script.PhraseBook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The sentences that may stand in one place: the one that reaches farthest is meant. */
final class Phrasings implements SlotText {
  private final List<Phrasing> all = new ArrayList<>();
  private final Map<String, Phrasing> byType = new HashMap<>();

  Phrasings(List<PhraseBook.Entry> entries, SlotTexts texts) {
    for (PhraseBook.Entry entry : entries) {
      Phrasing phrasing = new Phrasing(entry, texts);
      all.add(phrasing);
      byType.put(phrasing.type(), phrasing);
    }
  }

  @Override
  public String print(JsonNode value) {
    return byType.get(value.get("type").asString()).print(value);
  }

  @Override
  public ObjectNode read(Cursor cursor) {
    if (cursor.ended()) {
      all.forEach(phrasing -> cursor.fail(phrasing.template()));
    }
    int mark = cursor.mark();
    int end = mark;
    ObjectNode best = null;
    for (Phrasing phrasing : all) {
      cursor.back(mark);
      ObjectNode value = phrasing.read(cursor);
      if (value != null && cursor.mark() > end) {
        best = value;
        end = cursor.mark();
      }
    }
    cursor.back(end);
    return best;
  }
}
