/**
 * Open formats in and out: missions and recordings as ZIP files, the samples that ship, and grounds
 * and things in formats that others read.
 *
 * <p>Enter at {@link org.flintmoss.format.MissionZip}, {@link org.flintmoss.format.Samples} and
 * {@link org.flintmoss.format.Formats}. A new format is a class and a row there.
 */
package org.flintmoss.format;
