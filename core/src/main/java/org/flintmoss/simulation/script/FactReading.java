package org.flintmoss.simulation.script;

/**
 * What a fact reads at a moment.
 *
 * @param value what it measures; where it is measured of several, of the one closest to the bound
 * @param bound what it is held against
 * @param holding of how many it holds; -1 where it is one number
 * @param of how many it is measured of; -1 where it is one number
 */
public record FactReading(Measures measure, double value, double bound, int holding, int of) {}
