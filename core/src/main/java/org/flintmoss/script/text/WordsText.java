package org.flintmoss.script.text;

import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Words;
import tools.jackson.databind.JsonNode;

/** Words in quotes, with figures in braces: {@code "{[Casks]} of 3 are aboard."}. */
record WordsText(AmountText amounts, int longest) implements SlotText {
  private static final String LETTERS = "abcdefgh";

  @Override
  public String print(JsonNode value) {
    Words words = Json.MAPPER.treeToValue(value, Words.class);
    String text = words.text();
    StringBuilder out = new StringBuilder();
    for (int at = 0; at < text.length(); at++) {
      String figure = words.figureAt(at);
      if (text.startsWith("{{", at)) {
        out.append("{{");
        at++;
      } else if (figure != null) {
        JsonNode amount = Json.MAPPER.valueToTree(words.figures().get(figure));
        out.append('{').append(amounts.print(amount)).append('}');
        at += 2;
      } else {
        out.append(text.charAt(at) == '{' ? "{{" : text.charAt(at));
      }
    }
    return QuotedText.quote(out.toString());
  }

  @Override
  public JsonNode read(Cursor cursor) {
    Token token = cursor.peek();
    if (token.kind() != Token.Kind.TEXT) {
      cursor.fail(new Expected.Quoted());
      return null;
    }
    Words words = words(cursor, token.text());
    if (words == null) {
      return null;
    }
    if (words.text().length() > longest) {
      cursor.fail("This has more than %d letters.".formatted(longest), List.of());
      return null;
    }
    cursor.next();
    return Json.MAPPER.valueToTree(words);
  }

  private Words words(Cursor cursor, String written) {
    StringBuilder text = new StringBuilder();
    SortedMap<String, Amount> figures = new TreeMap<>();
    for (int at = 0; at < written.length(); at++) {
      if (written.startsWith("{{", at)) {
        text.append("{{");
        at++;
      } else if (written.charAt(at) == '{') {
        int end = end(written, at + 1);
        Amount amount = end < 0 ? null : amount(written.substring(at + 1, end));
        if (amount == null || figures.size() == LETTERS.length()) {
          cursor.fail(
              amount == null
                  ? "What stands between { and } is no number that can be read; {{ is a brace."
                  : "There are more than %d figures.".formatted(LETTERS.length()),
              List.of());
          return null;
        }
        String letter = LETTERS.substring(figures.size(), figures.size() + 1);
        figures.put(letter, amount);
        text.append('{').append(letter).append('}');
        at = end;
      } else {
        text.append(written.charAt(at));
      }
    }
    return new Words(text.toString(), figures);
  }

  /** Where the brace closes that was opened before a place; names may have braces in them. */
  private static int end(String written, int from) {
    boolean name = false;
    for (int at = from; at < written.length(); at++) {
      char c = written.charAt(at);
      if (name && c == '\\') {
        at++;
      } else if (c == '[' || c == ']') {
        name = c == '[';
      } else if (!name && c == '}') {
        return at;
      }
    }
    return -1;
  }

  private Amount amount(String written) {
    Troubles troubles = new Troubles();
    Cursor inner = new Cursor(Lexer.cut(written, troubles));
    JsonNode amount = amounts.read(inner);
    return amount == null || !inner.ended() ? null : Json.MAPPER.treeToValue(amount, Amount.class);
  }
}
