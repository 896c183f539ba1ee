package org.flintmoss.script;

import org.flintmoss.mission.word.Comparison;

/**
 * Anything a condition can read: a measure of somebody or something, held against a bound. Equal
 * facts are interned to one.
 *
 * @param who of whom; null for measures of the mission
 * @param subject the number of the zone, flag, counter, objective or event; -1 if there is none
 * @param spot the place that distances are measured from, else null
 */
public record Fact(
    Measure measure, Crowd who, int subject, Comparison comparison, Quantity bound, Spot spot) {}
