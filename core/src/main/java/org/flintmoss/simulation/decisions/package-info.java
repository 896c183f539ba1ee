/**
 * Phase 5: what everybody sets about: orders, the executors that carry them out, fighting and
 * falling back. Begin with {@link org.flintmoss.simulation.decisions.Decisions} and {@link
 * org.flintmoss.simulation.decisions.Executors}.
 *
 * <p>Distances are metres, times steps.
 */
package org.flintmoss.simulation.decisions;
