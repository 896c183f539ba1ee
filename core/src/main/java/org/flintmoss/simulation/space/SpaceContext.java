package org.flintmoss.simulation.space;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Run;

/**
 * What the rooms up to here share: geometry and senses, and what the world is made of, and all
 * below.
 */
public abstract class SpaceContext extends Run {
  public final Space space;
  public final Ways ways;
  public final Searches searches;
  public final Effects effects;
  public final Gates gates;
  public final Waters waters;
  public final Transits transits;
  public final Flights flights;
  public final Sieves sieves;
  public final Air air;
  public final Paths paths;
  public final Tallies tallies;

  public SpaceContext(Plan plan, long seed) {
    super(plan, seed);
    space = new Space(this);
    ways = new Ways(this);
    searches = new Searches(this);
    effects = new Effects(this);
    gates = new Gates(this);
    waters = new Waters(this);
    transits = new Transits(this);
    flights = new Flights(this);
    sieves = new Sieves(this);
    air = new Air(this);
    paths = new Paths(this);
    tallies = new Tallies(this);
  }
}
