package org.flintmoss.simulation.script;

import java.util.function.IntConsumer;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Node;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.state.Clock;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.SparseSet;
import org.flintmoss.simulation.state.State;

/** What conditions say: the truth of facts, durations and luck. */
final class Conditions {
  /** Through nothing that happens. */
  static final int NOTHING = -1;

  private static final int NOBODY = -1;

  private final ScriptContext context;
  private final State state;
  private final FactReader facts;
  private final Acts acts;

  /** The durations that run. */
  private final SparseSet holding;

  /** The trigger through which an event is looked at; -1 for none. */
  private int through = -1;

  private Chance.Purpose rolls = Chance.Purpose.LUCK;
  private int ordinal;

  /** The run of which a condition is looked at. */
  private int about;

  /** The unit of the player of whom an answer is asked; -1 where it is about a run. */
  private int asked = NOBODY;

  /** Whether facts are read anew: what has changed in this round counts for branches at once. */
  private boolean fresh;

  /** What each fact holds: 1 for true. */
  private final Column.Ints truth;

  /** Since which step each duration has been true; -1 while it is not. */
  private final Column.Steps since;

  /** For how many steps a duration that counts in all had been true before it last became so. */
  private final Column.Ints heldBefore;

  Conditions(ScriptContext context, Acts acts) {
    this.context = context;
    this.acts = acts;
    state = context.state;
    facts = context.facts;
    Script script = context.plan.script();
    holding = new SparseSet(script.holds());
    truth = state.ints("truth", script.facts().size());
    since = state.steps("since", script.holds(), -1);
    heldBefore = state.ints("heldBefore", script.holds());
  }

  int truth(int fact) {
    return truth.at[fact];
  }

  int since(int hold) {
    return since.at[hold];
  }

  int heldBefore(int hold) {
    return heldBefore.at[hold];
  }

  /** Notes what a fact holds now; answers with whether that is new. */
  boolean turn(int fact, int to) {
    boolean turns = truth.at[fact] != to;
    truth.at[fact] = to;
    return turns;
  }

  /** Finds anew what runs, after another moment was loaded. */
  void resume(Conjunctions conjunctions) {
    conjunctions.count(truth.at);
    holding.clear();
    for (int slot = 0; slot < since.at.length; slot++) {
      if (since.at[slot] >= 0) {
        holding.add(slot);
      }
    }
  }

  /** Goes through the durations that run, in their order. */
  void eachHeld(IntConsumer told) {
    int many = holding.sorted();
    for (int i = 0; i < many; i++) {
      told.accept(holding.turn(i));
    }
  }

  /**
   * Whether the condition of an event holds.
   *
   * @param luck which roll of its luck counts
   * @param trigger what happens, or {@link #NOTHING}
   */
  boolean holds(Node when, int event, int luck, int trigger, int now) {
    roll(event, Chance.Purpose.LUCK, luck);
    through = trigger;
    boolean holds = truth(when, now);
    through = NOTHING;
    return holds;
  }

  /** Looks at what only keeps its durations. */
  void look(Node aside, int now) {
    truth(aside, now);
  }

  /**
   * Whether a branch of a run is taken, as facts are at this moment.
   *
   * @param luck which roll of the luck of its event's branches counts
   */
  boolean branches(Node condition, int run, int luck, int now) {
    roll(run, Chance.Purpose.BRANCH, luck);
    fresh = true;
    boolean holds = truth(condition, now);
    fresh = false;
    return holds;
  }

  /**
   * Whether what has to hold for an answer does, as facts are at this moment.
   *
   * @param asked the unit of the player who is asked
   * @param times how often the choice was asked, for its luck
   */
  boolean given(Node condition, int asked, int times, int now) {
    this.asked = asked;
    boolean holds = branches(condition, NOTHING, times, now);
    this.asked = NOBODY;
    return holds;
  }

  /** Whom a crowd that is known only at the moment stands for: who is asked, or a run's. */
  private int meant(Crowd who) {
    if (asked == NOBODY) {
      return acts.meant(who, about);
    }
    return who.stands() == Crowd.CAUSER ? asked : NOBODY;
  }

  /** Every part is looked at each time, so that durations in it are kept. */
  private boolean truth(Node node, int now) {
    return switch (node) {
      case Node.Is is -> fresh ? facts.holds(is.fact()) : truth.at[is.fact()] == 1;
      case Node.All all -> {
        boolean every = !all.parts().isEmpty();
        for (Node part : all.parts()) {
          every &= truth(part, now);
        }
        yield every;
      }
      case Node.Any any -> {
        boolean some = false;
        for (Node part : any.parts()) {
          some |= truth(part, now);
        }
        yield some;
      }
      case Node.Not not -> !truth(not.of(), now);
      case Node.HeldFor held -> heldFor(held, now);
      case Node.Luck luck ->
          Chance.roll(context.seed, rolls, Chance.of(luck.who()), ordinal) < luck.share();
      case Node.AtMoment at -> facts.holds(at.fact(), meant(at.fact().who()));
      case Node.Happens happens -> happens.trigger() == through;
      case Node.Never _ -> false;
    };
  }

  private boolean heldFor(Node.HeldFor held, int now) {
    int slot = held.slot();
    if (!truth(held.of(), now)) {
      if (since.at[slot] >= 0) {
        heldBefore.at[slot] += held.inAll() ? now - since.at[slot] : 0;
        since.at[slot] = -1;
        holding.remove(slot);
      }
      return heldBefore.at[slot] >= held.steps();
    }
    if (since.at[slot] < 0) {
      since.at[slot] = now;
      holding.add(slot);
    }
    int at = since.at[slot] + held.steps() - heldBefore.at[slot];
    if (now < at) {
      context.clock.wakeBy(Clock.Due.HOLD, at);
    }
    return now >= at;
  }

  /** Of which run something is looked at next, and which roll of luck counts in it. */
  private void roll(int run, Chance.Purpose purpose, int which) {
    about = run;
    rolls = purpose;
    ordinal = which;
  }

  /** Whether a condition would be true with all luck on its side, durations aside. */
  boolean might(Node node) {
    return switch (node) {
      case Node.Is is -> truth.at[is.fact()] == 1;
      case Node.All all -> !all.parts().isEmpty() && all.parts().stream().allMatch(this::might);
      case Node.Any any -> any.parts().stream().anyMatch(this::might);
      case Node.Not not -> not.of() instanceof Node.Luck || !might(not.of());
      case Node.HeldFor held -> might(held.of());
      case Node.Luck _ -> true;
      case Node.AtMoment _, Node.Happens _, Node.Never _ -> false;
    };
  }
}
