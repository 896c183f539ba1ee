/**
 * Checks and answers about where things lie: footing, cover, houses, decks, zones. Begin with
 * {@link org.flintmoss.check.place.Placement} and {@link org.flintmoss.check.place.Footing}.
 *
 * <p>Lengths are metres.
 */
package org.flintmoss.check.place;
