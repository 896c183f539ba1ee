package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

/** Words in quotes. */
record QuotedText(int longest) implements SlotText {
  @Override
  public String print(JsonNode value) {
    return quote(value.asString());
  }

  static String quote(String words) {
    return "\"" + Lexer.escape(words, '"') + "\"";
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Token token = cursor.peek();
    if (token.kind() != Token.Kind.TEXT) {
      cursor.fail(new Expected.Quoted());
      return null;
    }
    if (token.text().length() > longest) {
      cursor.fail("This has more than %d letters.".formatted(longest), List.of());
      return null;
    }
    cursor.next();
    return Json.MAPPER.valueToTree(token.text());
  }
}
