package org.flintmoss.simulation.script;

import java.util.List;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.players.Choices;
import org.flintmoss.simulation.players.Screens;

/** Phase 9, once the script is at rest: which players can give which answers. */
final class Givable {
  private final ScriptContext context;
  private final Conditions conditions;
  private final Choices choices;
  private final List<Program> programs;
  private final int[] answers;
  private final int asked;

  Givable(ScriptContext context, Conditions conditions) {
    this.context = context;
    this.conditions = conditions;
    Script script = context.plan.script();
    choices = context.choices;
    programs = script.programs();
    answers = script.answers();
    asked = context.plan.mission().choices().size();
  }

  void look(int now) {
    for (int choice = 0; choice < asked; choice++) {
      if (choices.asked(choice) != 0) {
        for (int answer : choices.answers(choice)) {
          choices.give(answer, seats(choice, answer, now));
        }
      }
    }
  }

  /** The seats, a bit each, of those that are asked, that can give an answer. */
  private int seats(int choice, int answer, int now) {
    int put = choices.asked(choice);
    if (answers[answer] < 0) {
      return put;
    }
    Node condition = programs.get(answers[answer]).asides().getFirst();
    int seats = 0;
    for (int seat = 0; seat < context.plan.seats(); seat++) {
      boolean can =
          Screens.has(put, seat)
              && conditions.given(condition, context.plan.seat(seat), choices.times(choice), now);
      seats |= can ? 1 << seat : 0;
    }
    return seats;
  }
}
