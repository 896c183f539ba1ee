package org.flintmoss.simulation.carriage;

import org.flintmoss.simulation.perception.PerceptionContext;
import org.flintmoss.simulation.plan.Plan;

/** What the rooms up to here share: what people carry and use, and all below. */
public abstract class CarriageContext extends PerceptionContext {
  /** Who uses what. */
  public final Interactions interactions;

  /** Who deals with whom. */
  public final Dealings dealings;

  /** Who carries whom, and who is bound. */
  public final Carrying carrying;

  /** Which exchange each has open. */
  public final Trading trading;

  /** What each can begin. */
  public final Slots slots;

  /** What weighs on fixtures. */
  public final Plates plates;

  /** Who has hold of which loose thing. */
  public final Holding holding;

  /** What is harmed and breaks. */
  public final Breakables breakables;

  /** Who carries what, and what lies about. */
  public final Packs packs;

  /** Who is in which zone. */
  public final Membership membership;

  /** What zones do, and to whom. */
  public final Workings workings;

  /** The workers of a run up to here. */
  public CarriageContext(Plan plan, long seed) {
    super(plan, seed);
    interactions = new Interactions(this);
    dealings = new Dealings(this);
    carrying = new Carrying(this);
    trading = new Trading(this);
    slots = new Slots(this);
    holding = new Holding(this);
    breakables = new Breakables(this);
    packs = new Packs(this);
    membership = new Membership(this);
    workings = new Workings(this);
    plates = new Plates(this);
  }
}
