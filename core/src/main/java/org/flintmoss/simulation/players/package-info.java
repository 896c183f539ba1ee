/**
 * Phase 1: what players do, what their companions are told, and what players are shown. Begin with
 * {@link org.flintmoss.simulation.players.PlayerInput} and {@link
 * org.flintmoss.simulation.players.Screens}.
 *
 * <p>A seat is a number from 0.
 */
package org.flintmoss.simulation.players;
