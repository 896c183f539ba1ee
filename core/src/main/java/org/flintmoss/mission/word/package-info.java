/**
 * What all parts of a document are told with: references, names, numbers that may be pinned,
 * positions. Begin with {@link org.flintmoss.mission.word.Ref} and {@link
 * org.flintmoss.mission.word.Family}.
 *
 * <p>Lengths are metres, times seconds, angles degrees clockwise from north.
 */
package org.flintmoss.mission.word;
