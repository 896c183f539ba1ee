/**
 * Phase 6: how everybody moves, and who is in whose way. Begin with {@link
 * org.flintmoss.simulation.movement.Movement}.
 *
 * <p>Speeds are metres a second, turning degrees a second.
 */
package org.flintmoss.simulation.movement;
