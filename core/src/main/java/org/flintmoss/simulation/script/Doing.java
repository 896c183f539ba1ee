package org.flintmoss.simulation.script;

import java.util.function.IntPredicate;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Audience;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.sentence.Where;
import org.flintmoss.mission.sentence.Words;
import org.flintmoss.mission.word.Pinned;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Slots;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.carriage.Packs;
import org.flintmoss.simulation.plan.Plan;

/**
 * An action as it is done: what stands in its slots, as it is at the moment. What names nothing
 * that is there means nobody, nowhere or nothing.
 */
final class Doing {
  private static final int[] NOBODY = {};

  final ScriptContext context;
  final Plan plan;
  final Events events;
  final Slots slots;
  final int now;

  /** The entry of the log through which it is done. */
  final int cause;

  /** Who caused it; -1 for nobody. */
  final int by;

  private final Acts acts;
  private final int run;

  Doing(ScriptContext context, Events events, Acts acts, Slots slots, int run, int now) {
    this.context = context;
    this.events = events;
    this.acts = acts;
    this.slots = slots;
    this.run = run;
    this.now = now;
    plan = context.plan;
    cause = context.runs.cause(run);
    by = context.runs.causer(run);
  }

  /** Those of some who are up, as many as are meant. */
  int[] units(Selector who) {
    return units(who, context.vitals::up);
  }

  /** Those of some to whom it can be done, as many as are meant. */
  int[] units(Selector who, IntPredicate which) {
    Crowd crowd = slots.crowd(who);
    return crowd == null ? NOBODY : acts.units(crowd, run, which);
  }

  /** The squad that is meant as one; -1 where single units are, or nobody. */
  int squad(Selector who) {
    boolean squad = who.whom() instanceof Selector.InSquad && slots.crowd(who) != null;
    return squad ? plan.actors().index(((Selector.InSquad) who.whom()).squad()) : -1;
  }

  /** Whether an amount is of anything that is there. */
  boolean known(Amount amount) {
    return slots.quantity(amount) != null;
  }

  /** What an amount comes to; 0 for one of nothing. */
  double amount(Amount amount) {
    Quantity quantity = slots.quantity(amount);
    return quantity == null ? 0 : acts.amount(quantity, run);
  }

  /** A number of items: whole, and no more than a pack or a heap holds. */
  int items(Amount amount) {
    return (int) Math.max(0, Math.min(Packs.MOST, Math.floor(amount(amount))));
  }

  double at(Pinned pinned) {
    return slots.at(pinned);
  }

  /** The number of a thing within its family; -1 where it is not there. */
  int number(Ref thing) {
    return slots.number(thing);
  }

  /** The number of a prop or fixture among both; -1 where it is not there. */
  int thing(Ref thing) {
    return plan.actors().thing(thing);
  }

  /** The seats of those to whom it is told or shown, a bit each. */
  int seats(Audience to) {
    return acts.seats(slots.seats(to), run);
  }

  /** Where it is done, to each unit. */
  SiteChoice site(Where place) {
    return acts.choice(slots.site(place), run);
  }

  /** Where it is done, to nobody in particular; null for nowhere. */
  Spot spot(Where place) {
    return site(place).spot(SiteChoice.NOBODY);
  }

  /** A text with its figures as they are now. */
  String words(Words text) {
    return acts.words(slots.note(text), run);
  }
}
