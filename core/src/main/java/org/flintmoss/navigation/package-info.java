/**
 * Who can get where on foot: walkable cells, what is joined to what, and the quickest way.
 *
 * <p>Enter at {@link org.flintmoss.navigation.WalkMap#of} and {@link
 * org.flintmoss.navigation.PathFinder#find}. Metres and seconds.
 */
package org.flintmoss.navigation;
