package org.flintmoss.check.script;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** Findings about what happens: where it stands so that its event never fires. */
final class HappeningChecks {
  private final Consumer<Finding> found;
  private String id;
  private Event event;

  HappeningChecks(Consumer<Finding> found) {
    this.found = found;
  }

  void look(String id, Event event) {
    this.id = id;
    this.event = event;
    String pointer = "/events/" + id;
    int many = listens(pointer + "/when", event.when());
    if (many > 0 && event.again() instanceof Event.Every) {
      say(
          Rule.HAPPENING_AGAIN_AND_AGAIN,
          pointer + "/again",
          "what happens is over at once, so that nothing is done every so often while it is true.",
          Fix.of("Let it fire each time", pointer + "/again", new Event.WhenFalse()));
    }
    branches(pointer + "/actions", event.actions());
  }

  /** How many happenings a condition names. */
  private int listens(String pointer, Condition condition) {
    return switch (condition) {
      case Happening happening -> {
        person(pointer + "/who", happening.who());
        person(pointer + "/whom", happening.whom());
        yield 1;
      }
      case Condition.All all -> {
        List<Integer> parts = parts(pointer, all.parts());
        if (parts.stream().filter(it -> it > 0).count() > 1) {
          say(
              Rule.TWO_HAPPENINGS_AT_ONCE,
              pointer,
              "two things never happen at one moment. Put them under “any of these”, or say one of"
                  + " them as a state.");
        }
        yield sum(parts);
      }
      case Condition.Any any -> sum(parts(pointer, any.parts()));
      case Condition.Not not -> within(pointer, not.of(), "turned round by “not”");
      case Condition.HeldFor held -> within(pointer, held.of(), "so for some time");
      default -> 0;
    };
  }

  private List<Integer> parts(String pointer, Map<String, Condition.Part> parts) {
    return parts.entrySet().stream()
        .map(
            it ->
                listens(
                    pointer + "/parts/" + it.getKey() + "/condition", it.getValue().condition()))
        .toList();
  }

  private static int sum(List<Integer> parts) {
    return parts.stream().mapToInt(Integer::intValue).sum();
  }

  private int within(String pointer, Condition of, String how) {
    int many = listens(pointer + "/of", of);
    if (many > 0) {
      say(
          Rule.HAPPENING_TAKEN_AS_STATE,
          pointer,
          "what happens is over at once and cannot be " + how + ".");
    }
    return many;
  }

  private void person(String pointer, Selector who) {
    if (who == null) {
      return;
    }
    if (!(who.quantifier() instanceof Selector.Any)) {
      say(
          Rule.HAPPENING_OF_SEVERAL,
          pointer + "/quantifier",
          "what happens has one causer: say “any of” them.",
          Fix.of("Say “any of”", pointer + "/quantifier", new Selector.Any()));
    }
    boolean known =
        switch (Selector.base(who.whom())) {
          case Selector.Causer _, Selector.Other _, Selector.ThisOne _ -> false;
          default -> true;
        };
    if (!known) {
      say(
          Rule.CAUSER_NOT_KNOWN_YET,
          pointer + "/whom",
          "nobody is known yet when something happens: choose who it is about.");
    }
  }

  /** What happens can be listened for, not asked in the midst of what is done. */
  private void branches(String pointer, Map<String, ActionLine> lines) {
    lines.forEach(
        (line, of) -> {
          String at = pointer + "/" + line + "/action";
          switch (of.action()) {
            case Action.If branch -> {
              if (names(branch.condition())) {
                say(
                    Rule.IF_ASKS_WHAT_HAPPENS,
                    at + "/condition",
                    "an “if” asks what is so, not what happens: say it as a state.");
              }
              branches(at + "/then", branch.then());
              branches(at + "/otherwise", branch.otherwise());
            }
            case Action.ForEach each -> branches(at + "/lines", each.lines());
            case Action.OneOf one ->
                one.choices()
                    .forEach(
                        (it, choice) -> branches(at + "/choices/" + it + "/lines", choice.lines()));
            default -> {}
          }
        });
  }

  private static boolean names(Condition condition) {
    return switch (condition) {
      case Happening _ -> true;
      case Condition.All all -> all.parts().values().stream().anyMatch(it -> names(it.condition()));
      case Condition.Any any -> any.parts().values().stream().anyMatch(it -> names(it.condition()));
      case Condition.Not not -> names(not.of());
      case Condition.HeldFor held -> names(held.of());
      default -> false;
    };
  }

  private void say(Rule rule, String pointer, String says) {
    say(rule, pointer, says, null);
  }

  private void say(Rule rule, String pointer, String says, Fix fix) {
    Ref ref = new Ref(Family.EVENTS, id);
    found.accept(new Finding(rule, Page.SCRIPT, ref, pointer, event.name() + ": " + says, fix));
  }
}
