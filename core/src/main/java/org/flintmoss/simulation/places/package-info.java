/**
 * What zones do to those inside beyond carrying them along: transfers, harm, clearing away,
 * checkpoints, boundaries. Begin with {@link org.flintmoss.simulation.places.ZoneHarm}.
 */
package org.flintmoss.simulation.places;
