/**
 * Who can get where, on foot, on wheels, afloat or in the air: places on every surface, crossings
 * between them, what is joined to what, the quickest way, how soon anything is reached, and what
 * bars the way to what is not.
 *
 * <p>Enter at {@link org.flintmoss.navigation.map.NavigationMap#of}, {@link
 * org.flintmoss.navigation.path.PathFinder#find}, {@link org.flintmoss.navigation.reach.Reach#from}
 * and {@link org.flintmoss.navigation.reach.ReachabilityDiagnosis#look}. Metres and seconds.
 */
package org.flintmoss.navigation;
