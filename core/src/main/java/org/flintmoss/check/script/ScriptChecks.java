package org.flintmoss.check.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.References;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/**
 * Findings about a script: what is unfinished, what can never be, and what speaks against itself.
 */
public final class ScriptChecks {
  private final JsonNode document;
  private final Mission mission;
  private final MayHappen may;
  private final List<Finding> findings = new ArrayList<>();

  /** Checks of the script of a mission. */
  public ScriptChecks(JsonNode document, Mission mission) {
    this.document = document;
    this.mission = mission;
    may = new MayHappen(mission);
  }

  /** What was found about the script. */
  public List<Finding> findings() {
    FiringChecks firings = new FiringChecks(document, findings::add);
    mission.events().forEach((id, event) -> event(id, event, firings));
    AmountChecks.look(mission, findings::add);
    facts();
    new ChoiceChecks(mission, may, findings::add).look();
    new ExchangeChecks(mission, findings::add).look();
    objectives();
    endings();
    races();
    talk(document);
    return findings;
  }

  private void event(String id, Event event, FiringChecks firings) {
    Ref ref = new Ref(Family.EVENTS, id);
    new Contradictions((rule, pointer, says) -> say(rule, ref, pointer, event.name() + ": " + says))
        .look("/events/" + id + "/when", event.when());
    new HappeningChecks(findings::add).look(id, event);
    firings.look(id, event);
    AudienceChecks.look(mission, id, event, findings::add);
    seats(id, event);
    if (Condition.isEmpty(event.when())) {
      findings.add(
          new Finding(
              Rule.EVENT_WITHOUT_CONDITION,
              Page.SCRIPT,
              ref,
              "/events/" + id + "/when",
              event.name() + " never fires: it has no condition yet."));
    }
    lines("/events/" + id + "/actions", ref, event.actions());
    if (!may.listens(id) && event.listens() == Event.Listens.ONCE_WOKEN) {
      findings.add(
          new Finding(
              Rule.EVENT_NEVER_WOKEN,
              Page.SCRIPT,
              ref,
              "/events/" + id + "/listens",
              event.name() + " is asleep, and no event that can fire wakes it.",
              Fix.of(
                  "Let it listen from the start",
                  "/events/" + id + "/listens",
                  Event.Listens.FROM_START)));
    }
    if (event.actions().isEmpty()) {
      findings.add(
          new Finding(
              Rule.EVENT_DOES_NOTHING,
              Page.SCRIPT,
              ref,
              "/events/" + id + "/actions",
              event.name() + " does nothing yet."));
    }
  }

  /** Lines that hold others: an "if" without a condition, and what holds nothing. */
  private void lines(String pointer, Ref event, Map<String, ActionLine> lines) {
    lines.forEach(
        (id, line) -> {
          String at = pointer + "/" + id + "/action";
          switch (line.action()) {
            case Action.If branch -> {
              if (Condition.isEmpty(branch.condition())) {
                say(
                    Rule.IF_WITHOUT_CONDITION,
                    event,
                    at + "/condition",
                    "An \"if\" has no condition yet.");
              }
              lines(at + "/then", event, branch.then());
              lines(at + "/otherwise", event, branch.otherwise());
            }
            case Action.ForEach each -> {
              if (Selector.ordered(each.who().whom())) {
                say(
                    Rule.ONE_AFTER_ANOTHER_BY_NEARNESS,
                    event,
                    at + "/who",
                    "One after another goes by who was made first, not by who is nearest.");
              }
              if (each.lines().isEmpty()) {
                say(
                    Rule.NOTHING_ONE_AFTER_ANOTHER,
                    event,
                    at + "/lines",
                    "Nothing is done yet for one after another.");
              }
              lines(at + "/lines", event, each.lines());
            }
            case Action.OneOf one -> {
              if (one.choices().size() < 2) {
                say(
                    Rule.CHANCE_WITHOUT_CHOICES,
                    event,
                    at + "/choices",
                    "Chance has nothing to choose from yet.");
              }
              one.choices()
                  .forEach((it, of) -> lines(at + "/choices/" + it + "/lines", event, of.lines()));
            }
            default -> {}
          }
        });
  }

  private void say(Rule rule, Ref ref, String pointer, String message) {
    findings.add(new Finding(rule, Page.SCRIPT, ref, pointer, message));
  }

  /** Conversations without words, and those that nobody ever hears. */
  private void talk(JsonNode document) {
    Set<Ref> said = new HashSet<>();
    References.each(document.path("events"), (_, ref) -> said.add(ref));
    References.each(document.path("waves"), (_, ref) -> said.add(ref));
    mission
        .conversations()
        .forEach(
            (id, conversation) -> {
              Ref ref = new Ref(Family.CONVERSATIONS, id);
              String at = "/conversations/" + id;
              if (conversation.lines().isEmpty()) {
                findings.add(
                    new Finding(
                        Rule.CONVERSATION_WITHOUT_LINES,
                        Page.SCRIPT,
                        ref,
                        at + "/lines",
                        conversation.name() + " has no lines yet."));
              }
              if (!said.contains(ref)) {
                findings.add(
                    new Finding(
                        Rule.CONVERSATION_NEVER_SAID,
                        Page.SCRIPT,
                        ref,
                        at,
                        conversation.name()
                            + " is never said: no event says it and no wave is announced by it."));
              }
              conversation
                  .lines()
                  .forEach(
                      (line, it) -> {
                        if (it.text().blank()) {
                          findings.add(
                              new Finding(
                                  Rule.LINE_WITHOUT_WORDS,
                                  Page.SCRIPT,
                                  ref,
                                  at + "/lines/" + line + "/text",
                                  "A line of " + conversation.name() + " has no words yet."));
                        }
                      });
            });
  }

  /** What only the script can change, and is read in vain or changed in vain. */
  private void facts() {
    for (ScriptWeb.Node node : ScriptWeb.of(mission, may).nodes()) {
      CalledOff.check();
      Ref ref = node.ref();
      String at = "/" + ref.family().key() + "/" + ref.id();
      if (node.marks().contains(ScriptWeb.Mark.NEVER_SET)) {
        String verb = ref.family() == Family.TIMERS ? "starts it" : "changes it";
        say(
            Rule.ASKED_FOR_BUT_NEVER_SET,
            ref,
            at,
            node.name() + " is asked for, but nothing ever " + verb + ".");
      } else if (node.marks().contains(ScriptWeb.Mark.NEVER_READ)) {
        say(
            Rule.NEVER_ASKED_FOR,
            ref,
            at,
            "Nothing ever asks for " + node.name() + ": delete it, or let an event read it.");
      }
    }
  }

  private void objectives() {
    mission
        .objectives()
        .forEach(
            (id, objective) -> {
              Ref ref = new Ref(Family.OBJECTIVES, id);
              String at = "/objectives/" + id;
              Contradictions own =
                  new Contradictions(
                      (rule, pointer, says) ->
                          say(rule, ref, pointer, objective.name() + ": " + says));
              own.look(at + "/opens", objective.opens());
              own.look(at + "/done", objective.done());
              own.look(at + "/fails", objective.fails());
              if (!may.opened(ref)) {
                findings.add(
                    new Finding(
                        Rule.OBJECTIVE_NEVER_OPEN,
                        Page.SCRIPT,
                        ref,
                        at + "/open",
                        objective.name() + " is never open: no event that can fire opens it.",
                        Fix.of("Open it from the start", at + "/open", true)));
              } else if (!may.happens(ref)) {
                say(
                    Rule.OBJECTIVE_NEVER_DONE,
                    ref,
                    at,
                    objective.name() + " is never done: no event that can fire completes it.");
              }
            });
  }

  private void endings() {
    for (Ending.Outcome outcome : Ending.Outcome.values()) {
      List<String> there =
          mission.endings().values().stream()
              .filter(ending -> ending.outcome() == outcome)
              .map(Ending::name)
              .toList();
      String word = outcome == Ending.Outcome.WON ? "won" : "lost";
      if (there.isEmpty()) {
        say(
            Rule.MISSING_ENDING,
            null,
            "/endings",
            "The mission cannot be " + word + ": add an ending.");
      } else if (!may.ends(outcome)) {
        say(
            Rule.ENDING_CANNOT_BE_REACHED,
            null,
            "/endings",
            "The mission cannot be %s: no event that can fire ends it with %s."
                .formatted(word, String.join(" or ", there)));
      }
    }
    mission
        .endings()
        .forEach(
            (id, ending) -> {
              Ref ref = new Ref(Family.ENDINGS, id);
              if (may.ends(ending.outcome()) && !may.happens(ref)) {
                say(
                    Rule.ENDING_NEVER_REACHED,
                    ref,
                    "/endings/" + id,
                    ending.name() + " is never reached: no event that can fire ends with it.");
              }
            });
  }

  /** Events that listen for the same and then undo what the other does. */
  private void races() {
    Map<Object, List<Map.Entry<String, Event>>> byWords =
        mission.events().entrySet().stream()
            .filter(it -> may.happens(new Ref(Family.EVENTS, it.getKey())))
            .collect(Collectors.groupingBy(it -> words(it.getValue().when())));
    byWords.values().stream().filter(it -> it.size() > 1).forEach(this::race);
  }

  /** A condition without the ids of its parts. */
  private static Object words(Condition condition) {
    return switch (condition) {
      case Condition.All all ->
          List.of("all", all.parts().values().stream().map(it -> words(it.condition())).toList());
      case Condition.Any any ->
          List.of("any", any.parts().values().stream().map(it -> words(it.condition())).toList());
      case Condition.Not not -> List.of("not", words(not.of()));
      case Condition.HeldFor held -> List.of("for", held.seconds(), held.inAll(), words(held.of()));
      case Condition plain -> plain;
    };
  }

  private void race(List<Map.Entry<String, Event>> events) {
    Map<Ref, Map<Action, String>> done = new HashMap<>();
    for (Map.Entry<String, Event> entry : events) {
      CalledOff.check();
      entry
          .getValue()
          .actions()
          .values()
          .forEach(line -> race(done, entry.getKey(), entry.getValue(), line.action()));
    }
  }

  private void race(Map<Ref, Map<Action, String>> done, String id, Event event, Action action) {
    Ref of =
        switch (action) {
          case Action.SetFlag set -> set.flag();
          case Action.SetCounter set -> set.counter();
          case Action.SetGate set -> set.gate();
          case Action.CompleteObjective it -> it.objective();
          case Action.FailObjective it -> it.objective();
          default -> null;
        };
    if (of == null || mission.find(of) == null) {
      return;
    }
    Map<Action, String> others = done.computeIfAbsent(of, _ -> new HashMap<>());
    others.forEach(
        (other, by) -> {
          if (!other.equals(action) && !by.equals(id)) {
            say(
                Rule.EVENTS_CONTRADICT,
                new Ref(Family.EVENTS, id),
                "/events/" + id + "/when",
                "%s and %s listen for the same and do the opposite to %s; the later one stands."
                    .formatted(
                        event.name(), mission.events().get(by).name(), mission.find(of).name()));
          }
        });
    others.put(action, id);
  }

  /** An event that asks for all of some of whom one may not be there. */
  private void seats(String id, Event event) {
    if (!(event.when() instanceof Condition.All all)) {
      return;
    }
    all.parts()
        .forEach(
            (part, of) -> {
              Set<Ref> needed = new HashSet<>();
              if (of.condition() instanceof Record sentence) {
                needed.addAll(seatsIn(sentence));
              }
              for (Ref start : needed) {
                if (mission.find(start) instanceof PlayerStart seat
                    && seat.empty() == PlayerStart.Empty.AWAY
                    && !first(start)) {
                  say(
                      Rule.WAITS_FOR_AN_EMPTY_SEAT,
                      new Ref(Family.EVENTS, id),
                      "/events/" + id + "/when/parts/" + part + "/condition",
                      "%s waits for %s, who stays away while nobody takes the seat."
                          .formatted(event.name(), seat.name()));
                }
              }
            });
  }

  private static Set<Ref> seatsIn(Record sentence) {
    Set<Ref> seats = new HashSet<>();
    boolean asksForIt = sentence instanceof Condition.SeatIs;
    if (!asksForIt) {
      ScriptWalk.refs(
          sentence,
          (holder, ref) -> {
            if (holder instanceof Selector.OneStart) {
              seats.add(ref);
            }
          });
    }
    return seats;
  }

  /** Whether a seat is the first, which somebody always takes. */
  private boolean first(Ref start) {
    return Ordered.sort(mission.starts()).getFirst().getKey().equals(start.id());
  }
}
