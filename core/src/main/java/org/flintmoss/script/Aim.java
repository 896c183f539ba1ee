package org.flintmoss.script;

/**
 * What players read of an objective, compiled.
 *
 * @param text more about it
 * @param of what its counter is to come to; null where nothing is counted, or for an open reference
 */
public record Aim(Told text, Quantity of) {}
