/**
 * Things that are made once and set down often. Begin with {@link
 * org.flintmoss.mission.bundle.Bundle}.
 *
 * <p>Positions in a bundle are metres from its own south-west corner.
 */
package org.flintmoss.mission.bundle;
