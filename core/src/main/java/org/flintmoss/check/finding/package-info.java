/**
 * What is told of a mission, and how it is mended at one stroke. Begin with {@link
 * org.flintmoss.check.finding.Finding}.
 *
 * <p>Places are RFC 6901 pointers into the document.
 */
package org.flintmoss.check.finding;
