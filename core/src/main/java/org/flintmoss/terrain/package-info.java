/**
 * The ground and all that is built on it: heights, surfaces, growth and water; decks, ramps and the
 * floors of buildings as surfaces one above the other; walls, gates, props and railings as what is
 * in the way; lines of sight, noises.
 *
 * <p>Enter at {@link org.flintmoss.terrain.Ground#of}, {@link org.flintmoss.terrain.Decks#of} and
 * {@link org.flintmoss.terrain.Obstacles#of}. Metres throughout; samples stand in the middle of
 * their cells, the first cell at the south-west corner.
 */
package org.flintmoss.terrain;
