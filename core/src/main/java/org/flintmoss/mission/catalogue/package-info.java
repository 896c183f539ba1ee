/**
 * What a designer makes entries of: kinds of people, weapons, items and props, sides and what they
 * make of each other. Begin with {@link org.flintmoss.mission.catalogue.Kind}.
 *
 * <p>Lengths are metres, masses kilograms, speeds metres a second.
 */
package org.flintmoss.mission.catalogue;
