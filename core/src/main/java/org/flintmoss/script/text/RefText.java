package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** A reference to a thing of some families. */
record RefText(Nameplates names, List<Family> families) implements SlotText {
  @Override
  public String print(JsonNode value) {
    return names.plate(Json.MAPPER.treeToValue(value, Ref.class), families);
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Ref ref = names.read(cursor, families);
    return ref == null ? null : Json.MAPPER.valueToTree(ref);
  }
}
