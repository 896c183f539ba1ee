package org.flintmoss.script;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;

/**
 * The conditions that objectives have of their own, those while which zones act, and those of
 * answers and of rows of exchanges, as events: they fire after all others, in the order of the
 * objectives, and can be asked why not yet like any other.
 */
public final class OwnConditions {
  private OwnConditions() {}

  /** The events by id, in their order; ids are {@code objectives/ID/opens} and the like. */
  public static Map<String, Event> of(Mission mission) {
    Map<String, Event> events = new LinkedHashMap<>();
    for (Map.Entry<String, Objective> entry : Ordered.sort(mission.objectives())) {
      Objective of = entry.getValue();
      Ref ref = new Ref(Family.OBJECTIVES, entry.getKey());
      String id = Family.OBJECTIVES.key() + "/" + entry.getKey() + "/";
      if (!Condition.isEmpty(of.opens())) {
        Condition when = both(ref, ObjectiveState.NOT_YET_OPEN, of.opens());
        events.put(
            id + "opens",
            event(
                of,
                "opened by itself",
                when,
                new Action.OpenObjective(ref, new Audience.Everybody())));
      }
      if (!Condition.isEmpty(of.done())) {
        Condition when = both(ref, ObjectiveState.OPEN, of.done());
        events.put(
            id + "done", event(of, "done by itself", when, new Action.CompleteObjective(ref)));
      }
      if (!Condition.isEmpty(of.fails())) {
        Condition when = both(ref, ObjectiveState.OPEN, of.fails());
        events.put(
            id + "fails", event(of, "failed by itself", when, new Action.FailObjective(ref)));
      }
    }
    mission.zones().forEach((id, zone) -> workings(id, zone, events));
    mission
        .answers()
        .forEach((id, it) -> given(given(id), it.name(), it.order(), it.when(), events));
    mission.exchanges().forEach((id, it) -> rows(id, it, events));
    return events;
  }

  /** What a zone does only while something holds: that it holds is an event that does nothing. */
  private static void workings(String id, Zone zone, Map<String, Event> events) {
    for (Map.Entry<String, Working> it : Ordered.sort(zone.does())) {
      Condition when = it.getValue().when();
      if (!Condition.isEmpty(when)) {
        events.put(
            ZoneWorking.event(id, it.getKey()),
            event(zone.name() + ": begins to act", it.getValue().order(), when, Map.of()));
      }
    }
  }

  /** The id of the event that keeps what has to hold for an answer to be given. */
  public static String given(String answer) {
    return Family.ANSWERS.key() + "/" + answer + "/given";
  }

  /** The id of the event that keeps what has to hold for a row of an exchange to be taken. */
  public static String given(String exchange, String row) {
    return Family.EXCHANGES.key() + "/" + exchange + "/" + row + "/given";
  }

  private static void rows(String id, Exchange exchange, Map<String, Event> events) {
    for (Map.Entry<String, Exchange.Row> it : Ordered.sort(exchange.rows())) {
      Exchange.Row row = it.getValue();
      given(given(id, it.getKey()), exchange.name(), row.order(), row.when(), events);
    }
  }

  /** It never fires; it keeps the durations of the condition, which is asked of each player. */
  private static void given(
      String id, String name, String order, Condition when, Map<String, Event> events) {
    if (!Condition.isEmpty(when)) {
      Action asked = new Action.If(when, new TreeMap<>(), new TreeMap<>());
      Map<String, ActionLine> lines = Map.of("a", new ActionLine("a0", Amount.of(0), asked));
      Condition never = new Condition.All(new TreeMap<>());
      events.put(id, event(name + ": can be given", order, never, lines));
    }
  }

  /** The objective stands so, and its own condition holds. */
  private static Condition both(Ref objective, ObjectiveState state, Condition own) {
    Map<String, Condition.Part> parts =
        Map.of(
            "a", new Condition.Part("a0", new Condition.ObjectiveIs(objective, state)),
            "b", new Condition.Part("a1", own));
    return new Condition.All(new TreeMap<>(parts));
  }

  private static Event event(Objective of, String how, Condition when, Action action) {
    Map<String, ActionLine> lines = Map.of("a", new ActionLine("a0", Amount.of(0), action));
    return event(of.name() + ": " + how, of.order(), when, lines);
  }

  private static Event event(
      String name, String order, Condition when, Map<String, ActionLine> lines) {
    return new Event(
        name,
        Ref.open(Family.CHAPTERS),
        order,
        when,
        0,
        new Event.WhenFalse(),
        Event.Firings.DROPPED,
        Event.Listens.FROM_START,
        "",
        new TreeMap<>(lines));
  }
}
