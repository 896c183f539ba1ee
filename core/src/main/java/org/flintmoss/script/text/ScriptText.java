package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Event;
import org.flintmoss.script.PhraseBook;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The script of a mission as text, and a text as the script of a mission. The language is described
 * in {@code docs/formats/script.md}.
 */
public final class ScriptText {
  private static final PhraseBook BOOK = PhraseBook.make();

  private ScriptText() {}

  /** How the parts of a mission's script are written and read. */
  record Grammar(Nameplates names, SlotTexts slots, ConditionText conditions, Phrasings again) {
    static Grammar of(Mission mission) {
      Nameplates names = new Nameplates(mission);
      SlotTexts slots = new SlotTexts(names, BOOK);
      return new Grammar(names, slots, new ConditionText(slots.conditions()), slots.again());
    }

    ZoneText zones() {
      return new ZoneText(names, slots, conditions);
    }

    ActionsText actions(ActionsText.Problems problems) {
      return new ActionsText(slots.actions(), conditions, slots.amounts("s"), problems);
    }
  }

  /** All events of a mission, by chapters, and below them what its zones do. */
  public static String print(Mission mission) {
    return new ScriptPrinter(mission, Grammar.of(mission)).script();
  }

  /** One event of a mission. */
  public static String print(Mission mission, Event event) {
    return new ScriptPrinter(mission, Grammar.of(mission)).event(event);
  }

  /**
   * What came of a text.
   *
   * @param document the mission with what was understood; events that were not, stay as they were
   * @param troubles what was not understood, in the order of the text
   */
  public record Outcome(JsonNode document, List<Trouble> troubles) {}

  /**
   * What may be written at a place in a text.
   *
   * @param from the first character that it replaces, from 0
   * @param options the possibilities; what is already written of them is for the caller to compare
   */
  public record Completion(int from, List<Option> options) {}

  /**
   * One of them.
   *
   * @param label what is listed
   * @param text what is written; {@code ${…}} are places to fill in
   * @param kind {@code word}, {@code sentence} or {@code thing}
   * @param detail more about it, or empty
   */
  public record Option(String label, String text, String kind, String detail) {}

  /** What may be written at a place in a text. */
  public static Completion complete(Mission mission, String text, int offset) {
    return new Completer(Grammar.of(mission)).at(text, offset);
  }

  /** What a sentence by itself says. */
  public enum Says {
    /** When something is so. */
    WHEN("  when "),
    /** What is to be done. */
    DO("  do ");

    private final String lead;

    Says(String lead) {
      this.lead = "event \"One\"\n" + lead;
    }
  }

  /**
   * What sentences by themselves are understood as.
   *
   * @param reads the sentence as the language has it, in which the places of the others are
   * @param said the condition, or the lines by id; null where not all of it is understood
   * @param trouble what was not understood; null for nothing
   * @param completion what may be written at the end
   */
  public record Sentences(String reads, JsonNode said, Trouble trouble, Completion completion) {}

  /**
   * Reads one condition, or one action, without an event around it, as people write it: names may
   * lack their brackets and be in any case.
   */
  public static Sentences sentences(Mission mission, Says says, String text) {
    Grammar grammar = Grammar.of(mission);
    String line = text.replace('\n', ' ').stripLeading();
    String reads =
        new LooseSentence(grammar.names(), it -> wrongWith(grammar, says, it)).read(line);
    Completion completion =
        new Completer(grammar).at(says.lead + reads, says.lead.length() + reads.length());
    int from = Math.max(0, completion.from() - says.lead.length());
    return new Sentences(
        reads,
        said(mission, grammar, says, reads),
        wrongWith(grammar, says, reads),
        new Completion(from, completion.options()));
  }

  /**
   * What is wrong with a sentence without an event around it, with places in it; null for nothing.
   */
  private static Trouble wrongWith(Grammar grammar, Says says, String sentence) {
    Troubles troubles = new Troubles();
    String whole = says.lead + sentence.strip();
    if (whole.length() > ScriptReader.LONGEST) {
      return tooLong(whole).earlier(says.lead.length());
    }
    new ScriptReader(Lexer.cut(whole, troubles), troubles, grammar).read();
    return troubles.all().isEmpty() ? null : troubles.all().getFirst().earlier(says.lead.length());
  }

  /** What a sentence says; null where not all of it is understood. */
  private static JsonNode said(Mission mission, Grammar grammar, Says says, String sentence) {
    ObjectNode empty = Json.MAPPER.createObjectNode();
    empty.putObject("chapters");
    empty.putObject("zones");
    empty.putObject("events");
    Outcome outcome = apply(empty, mission, grammar, says.lead + sentence.strip());
    if (!outcome.troubles().isEmpty()) {
      return null;
    }
    JsonNode event = outcome.document().get("events").iterator().next();
    JsonNode said = event.get(says == Says.WHEN ? "when" : "actions");
    JsonNode more = says == Says.WHEN ? event.get("actions") : event.get("when").get("parts");
    boolean nothing = (says == Says.WHEN && said.has("parts") ? said.get("parts") : said).isEmpty();
    return nothing || !more.isEmpty() ? null : said;
  }

  private static Trouble tooLong(String text) {
    return new Trouble(
        0,
        0,
        1,
        1,
        "This text has %d letters; at most %d are read."
            .formatted(text.length(), ScriptReader.LONGEST),
        List.of());
  }

  /**
   * Puts a whole text in the place of a mission's events and of what its zones do: events of the
   * same name are changed where they differ, others are made, and those that the text does not have
   * are taken out; a zone that the text does not have does nothing.
   */
  public static Outcome apply(JsonNode document, Mission mission, String text) {
    return apply(document, mission, Grammar.of(mission), text);
  }

  private static Outcome apply(JsonNode document, Mission mission, Grammar grammar, String text) {
    if (text.length() > ScriptReader.LONGEST) {
      return new Outcome(document, List.of(tooLong(text)));
    }
    Troubles troubles = new Troubles();
    ScriptReader reader = new ScriptReader(Lexer.cut(text, troubles), troubles, grammar);
    List<ReadEvent> events = reader.read();
    JsonNode changed =
        new Reconciler(document, mission).put(reader.chapters(), events, reader.zones());
    return new Outcome(changed, troubles.all());
  }
}
