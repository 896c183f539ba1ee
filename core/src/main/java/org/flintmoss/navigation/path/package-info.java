/**
 * The quickest way from one place to another. Begin with {@link
 * org.flintmoss.navigation.path.PathFinder}.
 *
 * <p>Costs are seconds at full pace.
 */
package org.flintmoss.navigation.path;
