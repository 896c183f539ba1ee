/**
 * What a mission is compiled into before it is run: who there is, on what ground, and the numbers
 * of everything. It never changes in a run. Begin with {@link org.flintmoss.simulation.plan.Plan}.
 *
 * <p>Units, zones and the rest are told by their numbers, from 0; lengths are metres, times seconds
 * or steps of 50 ms.
 */
package org.flintmoss.simulation.plan;
