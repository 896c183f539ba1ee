package org.flintmoss.simulation.players;

import org.flintmoss.simulation.arrival.ArrivalContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what players do and are shown, and all below. */
public abstract class PlayerContext extends ArrivalContext {
  /** What companions are told. */
  public final Companions companions;

  /** What players are shown. */
  public final Screens screens;

  /** How players come along on courses. */
  public final Courses courses;

  /** What players call. */
  public final Calls calls;

  /** What players are asked. */
  public final Choices choices;

  /** What players take at exchanges. */
  public final Trades trades;

  /** What players do. */
  public final PlayerInput playerInput;

  /** The workers of a run up to here. */
  public PlayerContext(Plan plan, long seed) {
    super(plan, seed);
    companions = new Companions(this);
    screens = new Screens(this);
    courses = new Courses(this);
    calls = new Calls(this);
    choices = new Choices(this);
    trades = new Trades(this);
    playerInput = new PlayerInput(this);
  }
}
