package org.flintmoss.simulation.players;

/**
 * What one seat does in a step.
 *
 * @param seat its number, from 0
 */
public record Command(int seat, Input input) {}
