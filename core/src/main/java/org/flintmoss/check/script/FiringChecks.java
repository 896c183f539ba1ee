package org.flintmoss.check.script;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.word.Comparison;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** Findings about how often an event can fire, and whether anybody can be meant by its actions. */
final class FiringChecks {
  private final JsonNode events;
  private final Consumer<Finding> found;

  /** The ids of events that another event wakes: such an event fires anew. */
  private final Set<String> woken = new HashSet<>();

  FiringChecks(JsonNode document, Consumer<Finding> found) {
    this.found = found;
    events = document.path("events");
    wakes(events);
  }

  private void wakes(JsonNode node) {
    switch (node.path("type").asString("")) {
      case "wakeEvent" -> woken.add(node.path("event").path("id").asString());
      case "wakeChapter" -> {
        String chapter = node.path("chapter").path("id").asString();
        events.properties().stream()
            .filter(it -> it.getValue().at("/chapter/id").asString("").equals(chapter))
            .forEach(it -> woken.add(it.getKey()));
      }
      default -> {}
    }
    node.forEach(this::wakes);
  }

  void look(String id, Event event) {
    if (Condition.isEmpty(event.when())) {
      return;
    }
    boolean again = event.times() != 1 && !(event.again() instanceof Event.Every);
    if (again && !woken.contains(id) && stays(event.when())) {
      say(
          Rule.FIRES_ONCE_AT_MOST,
          id,
          event,
          "/times",
          "what it waits for stays true for good, so that it fires once at most. Say it as"
              + " something that happens (“each time ...”), or let it fire once.",
          Fix.of("Let it fire once", "/events/" + id + "/times", 1));
    }
    List<String> asked = events.path(id).path("when").findValuesAsString("type");
    if (asked.contains("nearest") || asked.contains("farthest")) {
      say(
          Rule.CONDITION_WITH_ORDER,
          id,
          event,
          "/when",
          "a condition asks all of them: leave out who comes first.",
          null);
    }
    List<String> types = events.path(id).path("actions").findValuesAsString("type");
    if (types.contains("causer") && !somebodys(event.when())) {
      say(
          Rule.CAUSER_IS_NOBODY,
          id,
          event,
          "/actions",
          "“the causer” is nobody here: nothing that it waits for is anybody's doing.",
          null);
    }
    if (types.contains("other") && !ofTwo(event.when())) {
      say(
          Rule.OTHER_IS_NOBODY,
          id,
          event,
          "/actions",
          "“the other” is nobody here: that takes something that happens between two, such as"
              + " “is hit by”.",
          null);
    }
  }

  /** Whether a condition, once it is true, can never become false again. */
  private static boolean stays(Condition condition) {
    return switch (condition) {
      case Condition.All all -> all.parts().values().stream().allMatch(it -> stays(it.condition()));
      case Condition.Any any -> any.parts().values().stream().allMatch(it -> stays(it.condition()));
      case Condition.HeldFor held -> held.inAll() || stays(held.of());
      case Condition.Called _,
          Condition.BeenChosen _,
          Condition.Said _,
          Condition.Fired _,
          Condition.WaveCame _,
          Condition.WaveCleared _,
          Condition.WavesCleared _,
          Condition.ClockPassed _,
          Condition.DifficultyIs _ ->
          true;
      case Condition.Elapsed elapsed -> elapsed.comparison() == Comparison.AT_LEAST;
      case Condition.Used used -> grows(used.comparison(), used.times());
      case Condition.FiredOften fired -> grows(fired.comparison(), fired.times());
      default -> false;
    };
  }

  private static boolean grows(Comparison comparison, Amount bound) {
    return comparison == Comparison.AT_LEAST
        && (bound instanceof Amount.Number || bound instanceof Amount.ByTerms);
  }

  /** Whether a condition may be true through somebody. */
  private static boolean somebodys(Condition condition) {
    return switch (condition) {
      case Condition.All all ->
          all.parts().values().stream().anyMatch(it -> somebodys(it.condition()));
      case Condition.Any any ->
          any.parts().values().stream().anyMatch(it -> somebodys(it.condition()));
      case Condition.Not not -> somebodys(not.of());
      case Condition.HeldFor held -> somebodys(held.of());
      case Condition.ComesTo comes -> somebodys(comes.one()) || somebodys(comes.other());
      case Condition.Elapsed _,
          Condition.ClockPassed _,
          Condition.TideIs _,
          Condition.RunOut _,
          Condition.TimeLeft _,
          Condition.TimeGone _,
          Condition.Said _,
          Condition.WaveCame _,
          Condition.WaveCleared _,
          Condition.WavesCleared _,
          Condition.DifficultyIs _,
          Condition.ByChance _,
          Happening.WaveComes _,
          Happening.WaveFalls _,
          Happening.TalkBegins _,
          Happening.TalkEnds _,
          Happening.LineIsSaid _,
          Happening.RunsOut _ ->
          false;
      default -> true;
    };
  }

  /** Whether an amount may change through somebody. */
  private static boolean somebodys(Amount amount) {
    return amount instanceof Amount.Formula formula
        && switch (formula.of()) {
          case Reading.Played _,
              Reading.LeftOf _,
              Reading.GoneOf _,
              Reading.TimeOfDay _,
              Reading.WaterLevel _,
              Reading.WindSpeed _ ->
              false;
          default -> true;
        };
  }

  /** Whether a condition names something that happens between two. */
  private static boolean ofTwo(Condition condition) {
    return switch (condition) {
      case Condition.All all -> all.parts().values().stream().anyMatch(it -> ofTwo(it.condition()));
      case Condition.Any any -> any.parts().values().stream().anyMatch(it -> ofTwo(it.condition()));
      case Happening.GoesDown _, Happening.Dies _, Happening.IsHelpedUp _ -> true;
      case Happening happening -> happening.whom() != null;
      default -> false;
    };
  }

  private void say(Rule rule, String id, Event event, String at, String says, Fix fix) {
    Ref ref = new Ref(Family.EVENTS, id);
    found.accept(
        new Finding(rule, Page.SCRIPT, ref, "/events/" + id + at, event.name() + ": " + says, fix));
  }
}
