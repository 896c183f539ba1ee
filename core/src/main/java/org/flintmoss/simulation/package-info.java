/**
 * The deterministic simulation: an immutable {@link org.flintmoss.simulation.plan.Plan}, a {@link
 * org.flintmoss.simulation.state.State} of primitive columns that alone changes, and one step of
 * named phases.
 *
 * <p>Enter at {@link org.flintmoss.simulation.Plans#compile} and {@link
 * org.flintmoss.simulation.World}. A step is 50 ms. Only {@code + - * / %}, {@code Math.sqrt, abs,
 * min, max, floor} and {@code StrictMath} are used, so that every JVM computes the same bits.
 */
package org.flintmoss.simulation;
