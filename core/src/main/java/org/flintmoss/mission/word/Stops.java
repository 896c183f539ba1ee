package org.flintmoss.mission.word;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;

/**
 * What something in the way stops, each by itself.
 *
 * @param movement whether nobody gets through
 * @param sight whether nobody sees through, as far up as it reaches
 * @param shots whether no shot gets through, as far up as it reaches
 * @param sound metres that are taken off how far a noise carries through it
 */
public record Stops(
    boolean movement,
    boolean sight,
    boolean shots,
    @DecimalMin("0") @DecimalMax("5000") double sound) {}
