package org.flintmoss.simulation;

/**
 * What the rooms up to here share: geometry and senses, and what the world is made of, and all
 * below.
 */
public abstract class SpaceContext extends Run {
  final Space space;
  final Ways ways;
  final Searches searches;
  final Effects effects;
  final Gates gates;
  final Waters waters;
  final Transits transits;
  final Flights flights;
  final Sieves sieves;
  final Air air;
  final Paths paths;
  final Tallies tallies;

  SpaceContext(Plan plan, long seed) {
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
