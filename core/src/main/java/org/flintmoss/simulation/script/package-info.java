/**
 * Phase 9: what the script asks and does: facts, events, their firings and deeds, timers, talk and
 * waves. A measure is a row of {@link org.flintmoss.simulation.script.Measures}, an action a
 * handler in one of the deeds. Begin with {@link org.flintmoss.simulation.script.Events}.
 *
 * <p>Times are steps; amounts are in the unit of what they measure.
 */
package org.flintmoss.simulation.script;
