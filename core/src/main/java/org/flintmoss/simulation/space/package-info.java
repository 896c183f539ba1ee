/**
 * Geometry that others ask, and what the world is made of: gates, water, air, effects, and how
 * somebody gets somewhere. Begin with {@link org.flintmoss.simulation.space.Space}.
 *
 * <p>Lengths are metres, bearings degrees clockwise from north.
 */
package org.flintmoss.simulation.space;
