package org.flintmoss.script.text;

import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Audience;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** To which players something is told or shown: {@code the players}, or some of them. */
record AudienceText(SelectorText some) implements SlotText {
  @Override
  public String print(JsonNode value) {
    return value.has("who") ? some.print(value.get("who")) : "the players";
  }

  @Override
  public JsonNode read(Cursor cursor) {
    if (cursor.take("the", "players")) {
      return Json.MAPPER.valueToTree(new Audience.Everybody());
    }
    JsonNode who = some.read(cursor);
    ObjectNode only = Json.MAPPER.createObjectNode().put("type", "only");
    return who == null ? null : only.set("who", who);
  }

  @Override
  public boolean plural(JsonNode value, boolean before) {
    return !value.has("who") || some.plural(value.get("who"), before);
  }
}
