/**
 * All that changes in a run, as columns that one class each may set, and the log of what has
 * happened. Begin with {@link org.flintmoss.simulation.state.State} and {@link
 * org.flintmoss.simulation.state.Run}.
 *
 * <p>Positions are metres, facings degrees clockwise from north, speeds metres a second; a step
 * number is a {@link org.flintmoss.simulation.state.Column.Steps}.
 */
package org.flintmoss.simulation.state;
