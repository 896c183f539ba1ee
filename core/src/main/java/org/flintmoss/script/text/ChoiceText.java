package org.flintmoss.script.text;

import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.json.Json;
import org.flintmoss.script.PhraseBook;
import tools.jackson.databind.JsonNode;

/** One of a few words. */
final class ChoiceText implements SlotText {
  private final List<PhraseBook.Option> options;

  ChoiceText(List<PhraseBook.Option> options) {
    // Longer words first: "not yet open" is not "not".
    this.options =
        options.stream()
            .sorted(Comparator.comparing((PhraseBook.Option it) -> -it.word().length()))
            .toList();
  }

  @Override
  public String print(JsonNode value) {
    return options.stream()
        .filter(it -> it.value().equals(value.asString()))
        .findFirst()
        .orElseThrow()
        .word();
  }

  @Override
  public JsonNode read(Cursor cursor) {
    for (PhraseBook.Option option : options) {
      if (cursor.take(Lexer.words(option.word()))) {
        return Json.MAPPER.valueToTree(option.value());
      }
    }
    return null;
  }
}
