/**
 * Answers about how somebody gets somewhere, and why not. Begin with {@link
 * org.flintmoss.check.way.WhyNot} and {@link org.flintmoss.check.way.Course}.
 *
 * <p>Lengths are metres, times seconds.
 */
package org.flintmoss.check.way;
