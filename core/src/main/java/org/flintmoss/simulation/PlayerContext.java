package org.flintmoss.simulation;

/** What the rooms up to here share: what players do and are shown, and all below. */
public abstract class PlayerContext extends ArrivalContext {
  final Companions companions;
  final Screens screens;
  final Hands hands;

  PlayerContext(Plan plan, long seed) {
    super(plan, seed);
    companions = new Companions(this);
    screens = new Screens(this);
    hands = new Hands(this);
  }
}
