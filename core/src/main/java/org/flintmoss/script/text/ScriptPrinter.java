package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Chapter;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/** Writes the events of a mission, and what its zones do, as text. */
final class ScriptPrinter {
  private static final String INDENT = "  ";

  private final Mission mission;
  private final Nameplates names;
  private final ConditionText conditions;
  private final ActionsText actions;
  private final Phrasings again;
  private final ZoneText zones;

  ScriptPrinter(Mission mission, ScriptText.Grammar grammar) {
    this.mission = mission;
    names = grammar.names();
    conditions = grammar.conditions();
    again = grammar.again();
    actions = grammar.actions(_ -> {});
    zones = grammar.zones();
  }

  /**
   * The chapters in their order, each with its events; those without a chapter come last, and below
   * all what zones do.
   */
  String script() {
    List<String> out = new ArrayList<>();
    List<Map.Entry<String, Event>> events = Ordered.sort(mission.events());
    Ordered.sort(mission.chapters())
        .forEach(chapter -> chapter(chapter.getKey(), chapter.getValue(), events, out));
    events.stream()
        .map(event -> event.getValue().chapter())
        .filter(chapter -> mission.find(chapter) == null)
        .distinct()
        .forEach(
            chapter -> {
              out.add("chapter " + names.plate(chapter, List.of(Family.CHAPTERS)));
              out.add("");
              of(events, chapter).forEach(event -> lines(event, out));
            });
    mission.zones().forEach((id, zone) -> zones.print(id, zone, out));
    return String.join("\n", out);
  }

  private void chapter(
      String id, Chapter chapter, List<Map.Entry<String, Event>> events, List<String> out) {
    out.add("chapter " + QuotedText.quote(chapter.name()));
    out.add("");
    of(events, new Ref(Family.CHAPTERS, id)).forEach(event -> lines(event, out));
  }

  private static Stream<Event> of(List<Map.Entry<String, Event>> events, Ref chapter) {
    return events.stream()
        .map(Map.Entry::getValue)
        .filter(event -> event.chapter().equals(chapter));
  }

  /** One event. */
  String event(Event event) {
    List<String> out = new ArrayList<>();
    lines(event, out);
    return String.join("\n", out);
  }

  private void lines(Event event, List<String> out) {
    if (!event.note().isEmpty()) {
      for (String line : event.note().split("\n", -1)) {
        out.add(line.isEmpty() ? "#" : "# " + line);
      }
    }
    out.add("event " + QuotedText.quote(event.name()) + clauses(event));
    if (!nothingYet(event.when())) {
      List<String> lines = conditions.lines(event.when());
      String lead = INDENT + (lines.getFirst().startsWith("each time ") ? "" : "when ");
      for (String line : lines) {
        out.add(lead + line);
        lead = INDENT + " ";
      }
    }
    int first = out.size();
    actions.print(event.actions(), INDENT + "   ", out);
    if (out.size() > first) {
      out.set(first, INDENT + "do " + out.get(first).strip());
    }
    out.add("");
  }

  private static boolean nothingYet(Condition condition) {
    return condition instanceof Condition.All all && all.parts().isEmpty();
  }

  private String clauses(Event event) {
    String times =
        switch (event.times()) {
          case 0 -> ", any number of times";
          case 1 -> ", at most once";
          default -> ", at most " + event.times() + " times";
        };
    String ready =
        event.again() instanceof Event.WhenFalse
            ? ""
            : ", " + again.print(Json.MAPPER.valueToTree(event.again()));
    Event.Firings usual =
        Usual.firings(
            Json.MAPPER.valueToTree(event.when()), Json.MAPPER.valueToTree(event.actions()));
    return times
        + ready
        + (event.firings() == usual ? "" : ", " + EnumWord.of(event.firings()))
        + switch (event.listens()) {
          case FROM_START -> "";
          case ONCE_WOKEN -> ", asleep";
          case NEVER -> ", off";
        };
  }
}
