/**
 * Places and the steps between them for one class of mover, the crossings it can make, and which
 * places hang together. Begin with {@link org.flintmoss.navigation.map.NavigationMap}.
 *
 * <p>Places are numbers of a {@link org.flintmoss.navigation.map.NavigationGraph}.
 */
package org.flintmoss.navigation.map;
