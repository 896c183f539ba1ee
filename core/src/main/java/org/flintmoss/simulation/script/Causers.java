package org.flintmoss.simulation.script;

import java.util.Arrays;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Fact;
import org.flintmoss.script.Node;
import org.flintmoss.simulation.state.Column;

/**
 * Who made facts what they are, and so who the causer is of an event that fires through what holds.
 * A fact of units is the doing of the unit concerned: the first whose coming is enough for <i>any
 * of</i>, the last for all else. How somebody fares is the doing of who harmed them; what the
 * mission keeps, of who brought it about. An event's causer is that of the part which came to be so
 * last, among those that are anybody's doing.
 */
final class Causers {
  /** Nobody. */
  private static final int NOBODY = -1;

  private static final int WIDTH = 3;

  private final ScriptContext context;
  private final FactReader facts;

  /** In this round: the fact, the unit concerned or -1, and who did it or -1; one after another. */
  private int[] touches = new int[64 * WIDTH];

  private int end;

  /** Of the part of a condition that was last looked at, since when and by whom it is so. */
  private int latest;

  private int causer;

  /** Who made each fact what it is; -1 for nobody. */
  private final Column.Ints by;

  /** When each fact last became true or false. */
  private final Column.Steps flipped;

  Causers(ScriptContext context, FactReader facts) {
    this.context = context;
    by = context.state.ints("causer", context.plan.script().facts().size(), -1);
    flipped = context.state.steps("flipped", context.plan.script().facts().size());
    this.facts = facts;
  }

  /** Notes that a fact may have changed with a unit, or through one; -1 for none. */
  void touched(int fact, int concerned, int by) {
    if (end == touches.length) {
      touches = Arrays.copyOf(touches, end * 2);
    }
    touches[end] = fact;
    touches[end + 1] = concerned;
    touches[end + 2] = by;
    end += WIDTH;
  }

  /** Forgets what was noted: all facts have been read. */
  void settled() {
    end = 0;
  }

  /** Keeps through whom a fact has flipped. */
  void flipped(int fact, boolean holds, int now) {
    by.at[fact] = through(fact, facts.fact(fact), holds);
    flipped.at[fact] = now;
  }

  private int through(int number, Fact fact, boolean holds) {
    if (!facts.each(fact)) {
      return lastToTouch(number);
    }
    boolean first = holds && fact.who().need() == Crowd.Need.AT_LEAST && fact.who().bound() <= 1;
    int found = NOBODY;
    int by = NOBODY;
    for (int at = 0; at < end; at += WIDTH) {
      boolean better = found < 0 || (touches[at + 1] < found) == first;
      if (touches[at] == number && better && counts(fact, touches[at + 1], holds)) {
        found = touches[at + 1];
        by = Measures.of(fact).row().isSuffered() ? touches[at + 2] : found;
      }
    }
    return found < 0 ? somebody(fact, holds) : by;
  }

  private int lastToTouch(int number) {
    int by = NOBODY;
    for (int at = 0; at < end; at += WIDTH) {
      by = touches[at] == number ? touches[at + 2] : by;
    }
    return by;
  }

  /** Whether a unit is one of those through whom a fact holds, or does not. */
  private boolean counts(Fact fact, int unit, boolean holds) {
    boolean wanted = holds == (fact.who().need() != Crowd.Need.NONE);
    return unit >= 0
        && Arrays.binarySearch(fact.who().members(), unit) >= 0
        && facts.holdsOf(fact, unit) == wanted;
  }

  /** The first through whom a fact is so, where nobody told; nobody of those for whom it is not. */
  private int somebody(Fact fact, boolean holds) {
    if (holds == (fact.who().need() != Crowd.Need.NONE)) {
      for (int unit : fact.who().members()) {
        if (facts.holdsOf(fact, unit)) {
          return unit;
        }
      }
    }
    return NOBODY;
  }

  /** Who the causer is of a condition that holds; -1 for nobody. */
  int of(Node when, int now) {
    latest = NOBODY;
    causer = NOBODY;
    look(when, true, now);
    return causer;
  }

  private void look(Node node, boolean holds, int now) {
    switch (node) {
      case Node.Is is -> look(is.fact(), holds);
      case Node.All all -> all.parts().forEach(part -> look(part, holds, now));
      case Node.Any any -> any.parts().forEach(part -> look(part, holds, now));
      case Node.Not not -> look(not.of(), !holds, now);
      case Node.HeldFor held -> {
        int since = context.events.conditions.since(held.slot());
        int going = since < 0 ? 0 : now - since;
        boolean lasted = context.events.conditions.heldBefore(held.slot()) + going >= held.steps();
        if (lasted == holds) {
          look(held.of(), holds, now);
        }
      }
      case Node.Luck _, Node.AtMoment _, Node.Happens _, Node.Never _ -> {}
    }
  }

  private void look(int number, boolean holds) {
    boolean so = context.events.conditions.truth(number) == 1 == holds;
    int by = so && flipped.at[number] > latest ? still(number, holds) : NOBODY;
    if (by >= 0) {
      latest = flipped.at[number];
      causer = by;
    }
  }

  /** Who made a fact so, or who does now if they do no longer. */
  private int still(int number, boolean holds) {
    Fact fact = facts.fact(number);
    int by = this.by.at[number];
    boolean gone =
        facts.each(fact) && !Measures.of(fact).row().isSuffered() && !counts(fact, by, holds);
    return gone ? somebody(fact, holds) : by;
  }
}
