/**
 * The ground: heights, surfaces, water and lines of sight.
 *
 * <p>Enter at {@link org.flintmoss.terrain.Ground#of}. Metres throughout; samples stand in the
 * middle of their cells, the first cell at the south-west corner.
 */
package org.flintmoss.terrain;
