package org.flintmoss.simulation.script;

import java.util.List;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.players.Choices;
import org.flintmoss.simulation.players.Screens;
import org.flintmoss.simulation.players.Trades;

/**
 * Phase 9, once the script is at rest: which players can give which answers, and take what of the
 * exchanges that they have open.
 */
final class Givable {
  private final ScriptContext context;
  private final Conditions conditions;
  private final Choices choices;
  private final Trades trades;
  private final List<Program> programs;
  private final int[] answers;
  private final int[] rows;
  private final int asked;

  Givable(ScriptContext context, Conditions conditions) {
    this.context = context;
    this.conditions = conditions;
    Script script = context.plan.script();
    choices = context.choices;
    trades = context.trades;
    programs = script.programs();
    answers = script.answers();
    rows = script.rows();
    asked = context.plan.mission().choices().size();
  }

  void look(int now) {
    for (int choice = 0; choice < asked; choice++) {
      if (choices.asked(choice) != 0) {
        for (int answer : choices.answers(choice)) {
          int put = choices.asked(choice);
          choices.give(answer, seats(put, answers[answer], choices.times(choice), now));
        }
      }
    }
    for (int row = 0; row < rows.length; row++) {
      int open = open(trades.rows().get(row).exchange());
      trades.give(row, open == 0 ? 0 : seats(open, rows[row], 0, now));
    }
  }

  /** The seats, a bit each, that have an exchange open. */
  private int open(int exchange) {
    int seats = 0;
    for (int seat = 0; seat < context.plan.seats(); seat++) {
      boolean has = context.trading.exchange(context.plan.seat(seat)) == exchange;
      seats |= has ? 1 << seat : 0;
    }
    return seats;
  }

  /** Those of some seats, a bit each, for which the condition that a program keeps holds. */
  private int seats(int of, int program, int times, int now) {
    if (program < 0) {
      return of;
    }
    Node condition = programs.get(program).asides().getFirst();
    int seats = 0;
    for (int seat = 0; seat < context.plan.seats(); seat++) {
      boolean can =
          Screens.has(of, seat) && conditions.given(condition, context.plan.seat(seat), times, now);
      seats |= can ? 1 << seat : 0;
    }
    return seats;
  }
}
