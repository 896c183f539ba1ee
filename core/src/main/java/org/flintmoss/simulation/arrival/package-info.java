/**
 * Phase 3: how those come in who are brought into play, each with room to stand. Begin with {@link
 * org.flintmoss.simulation.arrival.Spawner}.
 *
 * <p>Lengths are metres.
 */
package org.flintmoss.simulation.arrival;
