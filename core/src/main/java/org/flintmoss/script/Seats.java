package org.flintmoss.script;

/**
 * To which seats something is told or shown.
 *
 * @param everybody to all of them
 * @param who whose seats are meant where it is not for all; null for an open reference
 */
public record Seats(boolean everybody, Crowd who) {}
