package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.json.Json;
import org.flintmoss.script.PhraseBook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One sentence of the phrase book, ready to be written and read. */
final class Phrasing {
  /** A piece: words, or a word for one and one for many, or a slot. */
  private sealed interface Piece {}

  private record Words(String[] words) implements Piece {}

  private record Agreeing(String one, String many) implements Piece {}

  /** Some slots are said only behind words of their own, where they hold anything to be told. */
  private record Slot(String name, String[] opening) implements Piece {}

  private final PhraseBook.Entry entry;
  private final List<Piece> pieces = new ArrayList<>();
  private final Map<String, SlotText> slots = new HashMap<>();

  Phrasing(PhraseBook.Entry entry, SlotTexts texts) {
    this.entry = entry;
    for (PhraseBook.Piece piece : entry.pieces()) {
      if (piece.text() != null) {
        pieces.add(new Words(Lexer.words(piece.text())));
      } else if (piece.agree() != null) {
        pieces.add(new Agreeing(piece.agree().get(0), piece.agree().get(1)));
      } else {
        pieces.add(
            new Slot(piece.slot(), piece.opening() == null ? null : Lexer.words(piece.opening())));
        slots.put(piece.slot(), texts.of(entry.slots().get(piece.slot())));
      }
    }
  }

  /** Its type in the document. */
  String type() {
    return entry.type();
  }

  /** It with its slots as places to fill in. */
  Expected.Sentence template() {
    StringBuilder out = new StringBuilder();
    for (Piece piece : pieces) {
      switch (piece) {
        case Words words -> {
          for (String word : words.words()) {
            append(out, word);
          }
        }
        case Agreeing agreeing -> append(out, agreeing.one());
        case Slot slot -> {
          if (slot.opening() == null) {
            append(out, "${" + template(slot.name()) + "}");
          }
        }
      }
    }
    return new Expected.Sentence(out.toString());
  }

  private String template(String slot) {
    PhraseBook.Slot of = entry.slots().get(slot);
    return of.is().equals("ref")
        ? "[" + of.families().getFirst().word() + "]"
        : slots.get(slot).print(entry.fresh().get(slot)).replace("}", "");
  }

  /** A value of its type in words. */
  String print(JsonNode value) {
    StringBuilder out = new StringBuilder();
    boolean plural = false;
    for (Piece piece : pieces) {
      switch (piece) {
        case Words words -> {
          for (String word : words.words()) {
            append(out, word);
          }
        }
        case Agreeing agreeing -> append(out, plural ? agreeing.many() : agreeing.one());
        case Slot slot -> {
          SlotText text = slots.get(slot.name());
          JsonNode part = value.get(slot.name());
          if (slot.opening() == null || !part.equals(entry.fresh().get(slot.name()))) {
            for (String word : slot.opening() == null ? new String[0] : slot.opening()) {
              append(out, word);
            }
            plural = text.plural(part, plural);
            append(out, text.print(part));
          }
        }
      }
    }
    return out.toString();
  }

  private static void append(StringBuilder out, String word) {
    boolean tight = out.isEmpty() || word.equals(",") || word.equals(":");
    out.append(tight ? "" : " ").append(word);
  }

  /** Reads it at a cursor; null, with the cursor where it was, where it does not stand there. */
  ObjectNode read(Cursor cursor) {
    int mark = cursor.mark();
    ObjectNode value = Json.MAPPER.createObjectNode().put("type", entry.type());
    for (Piece piece : pieces) {
      boolean there =
          switch (piece) {
            case Words words -> cursor.take(words.words());
            case Agreeing agreeing -> cursor.take(agreeing.one()) || cursor.take(agreeing.many());
            case Slot slot -> read(cursor, slot, value);
          };
      if (!there) {
        cursor.back(mark);
        return null;
      }
    }
    return value;
  }

  private boolean read(Cursor cursor, Slot slot, ObjectNode into) {
    // A line that begins with the same word is a sentence of its own: "for all of [Keepers], ...".
    boolean optional = slot.opening() != null;
    int mark = cursor.mark();
    boolean opens = !optional || (!cursor.peek().first() && cursor.take(slot.opening()));
    JsonNode part = opens ? cursor.read(slots.get(slot.name())) : null;
    if (part == null && optional) {
      // The same opening, a comma, may belong to what comes after this slot.
      cursor.back(mark);
      part = entry.fresh().get(slot.name()).deepCopy();
    }
    if (part != null) {
      into.set(slot.name(), part);
    }
    return part != null;
  }
}
