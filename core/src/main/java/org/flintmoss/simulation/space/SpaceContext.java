package org.flintmoss.simulation.space;

import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Run;

/**
 * What the rooms up to here share: geometry and senses, and what the world is made of, and all
 * below.
 */
public abstract class SpaceContext extends Run {
  /** Geometry that others ask. */
  public final Space space;

  /** The way that everybody is on. */
  public final Ways ways;

  /** Ways that are looked for over several steps. */
  public final Searches searches;

  /** Which effects go on. */
  public final Effects effects;

  /** How gates stand and things look. */
  public final Standings standings;

  /** Where things are. */
  public final ThingPlaces thingPlaces;

  /** How the water stands. */
  public final Waters waters;

  /** Who is on a crossing. */
  public final Transits transits;

  /** How high those fly who fly. */
  public final Flights flights;

  /** Who is meant by words. */
  public final Sieves sieves;

  /** Weather, wind and sight. */
  public final Air air;

  /** How somebody goes somewhere. */
  public final Paths paths;

  /** Who has killed and seen whom. */
  public final Tallies tallies;

  /** The workers of a run up to here. */
  public SpaceContext(Plan plan, long seed) {
    super(plan, seed);
    space = new Space(this);
    ways = new Ways(this);
    searches = new Searches(this);
    effects = new Effects(this);
    standings = new Standings(this);
    thingPlaces = new ThingPlaces(this);
    waters = new Waters(this);
    transits = new Transits(this);
    flights = new Flights(this);
    sieves = new Sieves(this);
    air = new Air(this);
    paths = new Paths(this);
    tallies = new Tallies(this);
    effects.begin();
  }
}
