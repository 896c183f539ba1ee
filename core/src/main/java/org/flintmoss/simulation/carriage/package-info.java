/**
 * What people carry, take up, set down and use, and in which zones they are. Begin with {@link
 * org.flintmoss.simulation.carriage.Packs} and {@link
 * org.flintmoss.simulation.carriage.Interactions}.
 *
 * <p>Masses are kilograms, times steps.
 */
package org.flintmoss.simulation.carriage;
