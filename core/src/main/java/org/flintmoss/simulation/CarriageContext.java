package org.flintmoss.simulation;

/** What the rooms up to here share: what people carry and use, and all below. */
public abstract class CarriageContext extends PerceptionContext {
  final Handiwork handiwork;
  final Packs packs;
  final Membership membership;

  CarriageContext(Plan plan, long seed) {
    super(plan, seed);
    handiwork = new Handiwork(this);
    packs = new Packs(this);
    membership = new Membership(this);
  }
}
