package org.flintmoss.simulation.script;

import java.util.Arrays;
import java.util.function.IntPredicate;
import org.flintmoss.script.Act;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Seats;
import org.flintmoss.script.Site;
import org.flintmoss.script.Told;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;

/** Does single actions, and says whom, where and how much they mean at the moment. */
final class Acts {
  private static final int[] NOBODY = {};

  private final ScriptContext context;
  private final State state;
  private final Plan plan;
  private final Events events;
  private final Runs runs;

  /** How often each event has drawn an amount by chance, for its luck. */
  private final Column.Ints amounts;

  /** For each site that chooses among several places, how often it has gone on to another. */
  private final Column.Ints siteTurns;

  Acts(ScriptContext context, Events events, Runs runs) {
    this.context = context;
    this.events = events;
    this.runs = runs;
    state = context.state;
    amounts = state.ints("amounts", context.plan.script().programs().size());
    siteTurns = state.ints("siteTurns", context.plan.script().sites());
    plan = context.plan;
  }

  void act(Act.Deed deed, int run, int now) {
    Deeds.of(deed.action()).act(new Doing(context, events, this, deed.slots(), run, now));
  }

  SiteChoice choice(Site site, int run) {
    return new SiteChoice(context, this, site, runs.causer(run), who -> meant(who, run));
  }

  /** The number of a choice that one of several places makes next, for its turn or its luck. */
  int nextChoice(int site) {
    return siteTurns.at[site]++;
  }

  int seats(Seats to, int run) {
    return context.screens.seats(to, (who, which) -> units(who, run, which));
  }

  /** The units that an action changes; it changes nobody to whom it cannot be done. */
  int[] units(Crowd who, int run) {
    return units(who, run, context.vitals::up);
  }

  /** The units that an action changes, of those that it could change. */
  int[] units(Crowd who, int run, IntPredicate which) {
    if (!who.known()) {
      int one = meant(who, run);
      boolean meant = one >= 0 && which.test(one) && context.sieves.pass(who, one);
      return meant ? new int[] {one} : NOBODY;
    }
    int[] all = Arrays.stream(who.members()).filter(which).toArray();
    int[] some = context.sieves.sorted(who, all);
    return Arrays.copyOf(some, need(who, some.length));
  }

  /** A note with its figures as they are now. */
  String words(int note, int run) {
    Told told = plan.script().notes().get(note);
    return context.figures.words(told, of -> amount(of, run), who -> meant(who, run));
  }

  /** Whom a crowd that is known only at the moment stands for; -1 for nobody. */
  int meant(Crowd who, int run) {
    return switch (who.stands()) {
      case Crowd.CAUSER -> runs.causer(run);
      case Crowd.OTHER -> runs.other(run);
      default -> runs.turnOf(run, who.stands());
    };
  }

  /** How many of a number of units an action is done to. */
  private static int need(Crowd who, int of) {
    return switch (who.need()) {
      case ALL -> of;
      case NONE -> 0;
      case AT_LEAST -> (int) Math.min(of, who.bound());
      case SHARE -> (int) Math.min(of, -Math.floor(-of * who.bound() / 100));
    };
  }

  /** Who has their turn next in a round: the next of those who are up; -1 if nobody is left. */
  int next(Crowd who, int slot, int run) {
    if (who == null) {
      return -1;
    }
    int last = runs.turnOf(run, slot);
    int[] some = who.known() ? who.members() : units(who, run);
    IntPredicate comes =
        unit -> unit > last && context.vitals.up(unit) && context.sieves.pass(who, unit);
    int[] left = Arrays.stream(some).filter(comes).toArray();
    int had = runs.hadTurn(run, slot);
    boolean more = who.known() ? had < need(who, had + left.length) : had == 0;
    return more && left.length > 0 ? left[0] : -1;
  }

  double amount(Quantity quantity, int run) {
    return switch (quantity) {
      case null -> 0;
      case Quantity.Between between -> {
        long who = Chance.of(between.who());
        double roll =
            Chance.roll(context.seed, Chance.Purpose.AMOUNT, who, amounts.at[runs.event(run)]++);
        yield between.least() + (between.most() - between.least()) * roll;
      }
      default -> context.figures.of(quantity, who -> meant(who, run));
    };
  }
}
