package org.flintmoss.balance;

/**
 * How an understudy plays.
 *
 * @param decisions how far off it takes notice of an enemy, metres
 * @param presses whether it goes on, and after enemies, while there are some in sight out of reach
 * @param yields the share of health below which it backs off from enemies nearby, 0 to 1
 * @param waits how far behind friends may be before it waits for them, metres
 */
record Nerve(double minds, boolean presses, double yields, double waits) {
  static final Nerve BOLD = new Nerve(40, true, 0, Double.POSITIVE_INFINITY);
  static final Nerve CAREFUL = new Nerve(60, false, 0.45, 30);
}
