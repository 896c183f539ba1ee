/**
 * Phase 4: what everybody sees and hears, how alert they are, and what squads know together. Begin
 * with {@link org.flintmoss.simulation.perception.Perception} and {@link
 * org.flintmoss.simulation.perception.Noises}.
 *
 * <p>Distances are metres; alertness is an ordinal from unaware to alarmed.
 */
package org.flintmoss.simulation.perception;
