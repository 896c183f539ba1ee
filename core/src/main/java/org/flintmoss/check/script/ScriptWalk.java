package org.flintmoss.check.script;

import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.word.Components;
import org.flintmoss.mission.word.Ref;

/** Goes through the sentences of events, those within others too. */
public final class ScriptWalk {
  /** Told of each sentence with the JSON Pointer of its place. */
  public interface Visitor {
    /** A condition that is no group. */
    void condition(String pointer, Condition condition);

    /** An action, before those that it holds. */
    void action(String pointer, Action action);
  }

  private ScriptWalk() {}

  /** Goes through an event: first what it listens for, then what it does. */
  public static void of(String id, Event event, Visitor visitor) {
    conditions("/events/" + id + "/when", event.when(), visitor);
    lines("/events/" + id + "/actions", event.actions(), visitor);
  }

  private static void conditions(String pointer, Condition condition, Visitor visitor) {
    switch (condition) {
      case Condition.All all -> parts(pointer, all.parts(), visitor);
      case Condition.Any any -> parts(pointer, any.parts(), visitor);
      case Condition.Not not -> conditions(pointer + "/of", not.of(), visitor);
      case Condition.HeldFor held -> conditions(pointer + "/of", held.of(), visitor);
      case Condition plain -> visitor.condition(pointer, plain);
    }
  }

  /** Every condition within one that is no group. */
  static void conditions(Condition condition, Consumer<Condition> visitor) {
    conditions(
        "",
        condition,
        new Visitor() {
          @Override
          public void condition(String pointer, Condition plain) {
            visitor.accept(plain);
          }

          @Override
          public void action(String pointer, Action action) {
            throw new IllegalStateException("conditions hold no actions");
          }
        });
  }

  private static void parts(String pointer, Map<String, Condition.Part> parts, Visitor visitor) {
    parts.forEach(
        (id, part) ->
            conditions(pointer + "/parts/" + id + "/condition", part.condition(), visitor));
  }

  private static void lines(String pointer, Map<String, ActionLine> lines, Visitor visitor) {
    lines.forEach(
        (id, line) -> {
          String at = pointer + "/" + id + "/action";
          visitor.action(at, line.action());
          switch (line.action()) {
            case Action.If branch -> {
              conditions(at + "/condition", branch.condition(), visitor);
              lines(at + "/then", branch.then(), visitor);
              lines(at + "/otherwise", branch.otherwise(), visitor);
            }
            case Action.ForEach each -> lines(at + "/lines", each.lines(), visitor);
            case Action.OneOf one ->
                one.choices()
                    .forEach(
                        (choice, of) ->
                            lines(at + "/choices/" + choice + "/lines", of.lines(), visitor));
            default -> {}
          }
        });
  }

  /**
   * Every reference that a sentence holds itself, with the record that holds it: the sentence, or a
   * selector, an amount, a place or an order within it. Sentences within it are left out.
   */
  static void refs(Record sentence, BiConsumer<Record, Ref> visitor) {
    Components.each(
        sentence,
        (_, value) -> {
          if (value instanceof Ref ref) {
            visitor.accept(sentence, ref);
          } else if (value instanceof Record part && !(value instanceof Condition)) {
            refs(part, visitor);
          } else if (value instanceof Map<?, ?> map) {
            map.values().stream()
                .filter(it -> it instanceof Amount || it instanceof Where.Way)
                .forEach(it -> refs((Record) it, visitor));
          }
        });
  }
}
