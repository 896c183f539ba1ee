package org.flintmoss.simulation.decisions;

import org.flintmoss.script.Spot;
import org.flintmoss.script.Trigger;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * What units are ordered by whom it may be: the newest order counts, one's own before the squad's.
 * How firmly it is held to, and who has done it.
 */
public final class Orders {
  /** How firmly somebody holds to an order: they give it up for what alarms them. */
  public static final int PLAIN = 0;

  /** They hold to it until somebody strikes or shoots at them. */
  public static final int UNLESS_ATTACKED = 1;

  /** They hold to it whatever happens. */
  public static final int WHATEVER = 2;

  /** How it stands with somebody's order. */
  private static final int UNDER_WAY = 1;

  private static final int DONE = 2;

  private final DecisionContext context;
  private final Plan plan;
  private final State state;

  /** Whether it is noted who has done what they were ordered: only where an event asks for it. */
  private final boolean told;

  /** How it stood with each unit's order: 0 not looked at, 1 under way, 2 done. */
  private final Column.Ints looked;

  /** 1 while a unit makes for a place that it was sent to. */
  private final Column.Ints sent;

  /** That place: metres east. */
  private final Column.Doubles sentX;

  /** That place: metres north. */
  private final Column.Doubles sentY;

  /**
   * The surface of that place; {@link org.flintmoss.terrain.Decks#ANY} for whichever can be
   * reached.
   */
  private final Column.Ints sentDeck;

  /** What each unit, and after the units each squad, is ordered to do. */
  private final Column.Ints errand;

  /** How firmly each holds to it: 0 while nothing alarms, 1 unless attacked, 2 whatever happens. */
  private final Column.Ints firm;

  Orders(DecisionContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    errand = state.ints("errand", Rows.of(plan.units() + plan.squads().count()));
    firm = state.ints("firm", Rows.of(plan.units() + plan.squads().count()));
    looked = state.ints("ordered", Rows.of(plan.units()));
    sent = state.ints("sent", Rows.of(plan.units()));
    sentX = state.doubles("sentX", Rows.of(plan.units()));
    sentY = state.doubles("sentY", Rows.of(plan.units()));
    sentDeck = state.ints("sentDeck", Rows.of(plan.units()));
    for (int ordered = 0; ordered < errand.at.length; ordered++) {
      errand.at[ordered] = plan.firstErrand(ordered);
      firm.at[ordered] = plan.firstFirmness(ordered).ordinal();
    }
    told =
        plan.script().asks(Trigger.Of.FINISHES_ORDER) || plan.script().asks(Trigger.Of.REACHES_END);
  }

  /** What a unit or, behind all units, a squad is ordered, by its number. */
  public int errand(int ordered) {
    return errand.at[ordered];
  }

  /** 1 for a unit that is sent to a place of its own. */
  public int sent(int unit) {
    return sent.at[unit];
  }

  /** How far east a unit is sent, metres. */
  public double sentX(int unit) {
    return sentX.at[unit];
  }

  /** How far north a unit is sent, metres. */
  public double sentY(int unit) {
    return sentY.at[unit];
  }

  int sentDeck(int unit) {
    return sentDeck.at[unit];
  }

  /** Gives a unit an order of its own. */
  public void give(int unit, int errand) {
    begin(unit, errand);
    takes(unit);
  }

  /** Gives a squad an order, for all who do as it does. */
  public void giveSquad(int squad, int errand) {
    begin(plan.units() + squad, errand);
    for (int unit : plan.squads().get(squad).members()) {
      boolean asSquad = plan.asSquad(this.errand.at[unit]);
      if (asSquad && context.vitals.inPlay(unit)) {
        takes(unit);
      }
    }
  }

  private void begin(int ordered, int errand) {
    this.errand.at[ordered] = errand;
    context.progress.begin(ordered);
    firm.at[ordered] = PLAIN;
    context.touch(Wake.WAYPOINTS, 0, -1);
  }

  /** Somebody goes by their newest order, and no longer where they were sent before. */
  private void takes(int unit) {
    looked.at[unit] = UNDER_WAY;
    firm.at[unit] = PLAIN;
    sent.at[unit] = 0;
    context.home.settle(unit);
  }

  /** Sends a unit to a place to stay there. */
  public void send(int unit, Spot spot) {
    looked.at[unit] = UNDER_WAY;
    firm.at[unit] = PLAIN;
    sent.at[unit] = 1;
    sentX.at[unit] = context.space.spotX(spot);
    sentY.at[unit] = context.space.spotY(spot);
    sentDeck.at[unit] = context.space.spotDeck(spot);
  }

  /** Has a unit hold to the order that it goes by now. */
  public void hold(int unit, int firm) {
    this.firm.at[unit] = firm;
  }

  /** Has a squad hold to its order, and all of it who are up to theirs. */
  public void holdSquad(int squad, int firm) {
    this.firm.at[plan.units() + squad] = firm;
    for (int unit : plan.squads().get(squad).members()) {
      if (context.vitals.up(unit)) {
        this.firm.at[unit] = firm;
      }
    }
  }

  /** How firmly a unit holds to the order that it goes by now. */
  public int firm(int unit) {
    int own = firm.at[unit];
    int squad = squad(unit);
    return squad < 0 ? own : Math.max(own, firm.at[plan.units() + squad]);
  }

  /** The squad whose order a unit goes by; -1 if it has one of its own. */
  private int squad(int unit) {
    boolean own = sent.at[unit] == 1 || !(plan.asSquad(errand.at[unit]));
    return own ? -1 : plan.squadOf(unit);
  }

  /** Somebody is struck or shot at: what held unless attacked does so no longer. */
  public void attacked(int unit) {
    yields(unit);
    if (squad(unit) >= 0) {
      yields(plan.units() + squad(unit));
    }
  }

  private void yields(int ordered) {
    if (firm.at[ordered] == UNLESS_ATTACKED) {
      firm.at[ordered] = PLAIN;
    }
  }

  /** Phase 8: notes who has come to have done what they were ordered. */
  public void look() {
    if (!told) {
      return;
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      if (!context.vitals.inPlay(unit)) {
        looked.at[unit] = 0;
      } else if (context.vitals.up(unit)) {
        look(unit);
      }
    }
  }

  private void look(int unit) {
    int now = done(unit) ? DONE : UNDER_WAY;
    if (now == DONE && looked.at[unit] == UNDER_WAY) {
      Along along = Along.of(context, unit);
      int route = sent.at[unit] == 1 ? -1 : along.route();
      context.log(Causes.Kind.FINISHED, unit, route, -1);
    }
    looked.at[unit] = now;
  }

  /** Whether a unit has done its own order, or that of its squad. */
  public boolean done(int unit) {
    if (sent.at[unit] == 1) {
      return context.footwork.there(unit, sentX.at[unit], sentY.at[unit]);
    }
    int squad = squad(unit);
    int ordered = squad < 0 ? unit : plan.units() + squad;
    return context.executors.done(plan.errand(errand.at[ordered]), unit, ordered);
  }
}
