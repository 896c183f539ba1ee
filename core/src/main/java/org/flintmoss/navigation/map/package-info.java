/**
 * Places and the steps between them for one class of mover, the crossings it can make, and which
 * places hang together. Begin with {@link org.flintmoss.navigation.map.WalkMap}.
 *
 * <p>Places are numbers of a {@link org.flintmoss.navigation.map.Lattice}.
 */
package org.flintmoss.navigation.map;
