/**
 * What lies and stands on the ground: its terrain and setting, walls, decks and houses, zones,
 * routes and posts. Begin with {@link org.flintmoss.mission.ground.Terrain} and {@link
 * org.flintmoss.mission.zone.Zone}.
 *
 * <p>Positions are metres east and north of the south-west corner, heights metres above the zero of
 * the tide.
 */
package org.flintmoss.mission.ground;
