package org.flintmoss.script.text;

import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Selector;
import tools.jackson.databind.JsonNode;

/** Some, of whom it is not asked how many: {@code [Wreckers] inside [Yard]}. */
record WhomText(SelectorText some) implements SlotText {
  @Override
  public String print(JsonNode value) {
    return some.printWhom(Json.MAPPER.treeToValue(value, Selector.Whom.class));
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Selector.Whom whom = some.readWhom(cursor);
    return whom == null ? null : Json.MAPPER.valueToTree(whom);
  }
}
