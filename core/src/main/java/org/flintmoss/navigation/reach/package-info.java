/**
 * All places that somebody gets to, how soon, and where barriers leak. Begin with {@link
 * org.flintmoss.navigation.reach.Reach}.
 *
 * <p>Costs are seconds at full pace.
 */
package org.flintmoss.navigation.reach;
