/**
 * Open formats in and out: missions and recordings as ZIP files, and the samples that ship.
 *
 * <p>Enter at {@link org.flintmoss.format.MissionZip} and {@link org.flintmoss.format.Samples}.
 */
package org.flintmoss.format;
