/**
 * Who is in play: units, squads, bands and the places where players begin. Begin with {@link
 * org.flintmoss.mission.unit.Unit}.
 *
 * <p>Positions are metres, facings degrees clockwise from north.
 */
package org.flintmoss.mission.unit;
