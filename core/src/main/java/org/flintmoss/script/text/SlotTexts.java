package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.script.PhraseBook;

/** How what stands in the slots of phrases is written and read. */
final class SlotTexts {
  private final Nameplates names;
  private final PhraseBook book;
  private Phrasings readings;

  SlotTexts(Nameplates names, PhraseBook book) {
    this.names = names;
    this.book = book;
  }

  SlotText of(PhraseBook.Slot slot) {
    String unit = slot.unit() == null ? "" : slot.unit();
    return switch (slot.is()) {
      case "selector" -> new SelectorText(names);
      case "whom" -> whom();
      case "words" -> new WordsText(amounts(""), slot.longest());
      case "audience" -> new AudienceText(new SelectorText(names));
      case "ref" -> new RefText(names, slot.families());
      case "amount" -> amounts(unit);
      case "number" -> new NumberText(unit, slot.least(), slot.most());
      case "pinned" -> new PinnedText(unit, slot.least(), slot.most());
      case "choice" -> new ChoiceText(slot.options());
      case "place" -> new PlaceText(names);
      case "where" -> new WhereText(new PlaceText(names), new SelectorText(names));
      case "scaled" -> new ScaledText();
      case "order" -> orders();
      case "text" -> new QuotedText(slot.longest());
      default -> throw new IllegalStateException(slot.is() + " has no text of its own");
    };
  }

  /** Amounts of a unit. */
  AmountText amounts(String unit) {
    if (readings == null) {
      readings = new Phrasings(book.readings(), this);
    }
    return new AmountText(readings, unit);
  }

  Phrasings orders() {
    return new Phrasings(book.orders(), this);
  }

  /** The plain conditions: all but groups. */
  Phrasings conditions() {
    return new Phrasings(book.conditions(), this);
  }

  /** The plain actions: all but the branch, which holds others. */
  Phrasings actions() {
    return new Phrasings(without(book.actions(), "if"), this);
  }

  /** What zones do. */
  Phrasings works() {
    return new Phrasings(book.works(), this);
  }

  /** In whose hands those may be to whom a zone does something. */
  ChoiceText hands() {
    return new ChoiceText(book.hands());
  }

  /** How they may go about. */
  ChoiceText goes() {
    return new ChoiceText(book.goes());
  }

  /** Some, of whom it is not asked how many. */
  WhomText whom() {
    return new WhomText(new SelectorText(names));
  }

  Phrasings again() {
    return new Phrasings(book.again(), this);
  }

  private static List<PhraseBook.Entry> without(List<PhraseBook.Entry> entries, String type) {
    return entries.stream().filter(it -> !it.type().equals(type)).toList();
  }
}
