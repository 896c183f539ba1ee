/**
 * A page of plain lines, as a mission is first written down, and the skeleton of a script that is
 * made from it. Enter at {@link org.flintmoss.script.outline.Skeleton}.
 */
package org.flintmoss.script.outline;
