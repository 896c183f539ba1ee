package org.flintmoss.mission;

/**
 * What something in the way stops, each by itself.
 *
 * @param movement whether nobody gets through
 * @param sight whether nobody sees through, as far up as it reaches
 * @param shots whether no shot gets through, as far up as it reaches
 */
public record Stops(boolean movement, boolean sight, boolean shots) {}
