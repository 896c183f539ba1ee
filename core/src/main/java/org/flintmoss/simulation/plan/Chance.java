package org.flintmoss.simulation.plan;

/**
 * Chance by counting: a roll is a pure function of the seed, what it is for, who rolls, and how
 * many times they have rolled for it. What others do never changes one's luck.
 *
 * <p>The mixing function is the finaliser of SplitMix64 (Steele, Lea and Flood, "Fast splittable
 * pseudorandom number generators", 2014).
 */
public final class Chance {
  /** What a roll is for. */
  public enum Purpose {
    ATTACK,
    LINGER,
    SEARCH,
    PLACE,
    HEAR,
    AMOUNT,
    BOUND,
    ENTRANCE,
    VACANCY,
    FORK,
    LUCK,
    BRANCH,
    SITE,
    DROP
  }

  private Chance() {}

  /** A number from 0 up to but not including 1. */
  public static double roll(long seed, Purpose purpose, long who, long ordinal) {
    long bits = mix(seed);
    bits = mix(bits ^ (purpose.ordinal() + 1));
    bits = mix(bits ^ who);
    bits = mix(bits ^ ordinal);
    return (bits >>> 11) * 0x1.0p-53;
  }

  /** Spreads 64 bits over 64 bits, one to one. */
  public static long mix(long bits) {
    long z = bits + 0x9e3779b97f4a7c15L;
    z = (z ^ (z >>> 30)) * 0xbf58476d1ce4e5b9L;
    z = (z ^ (z >>> 27)) * 0x94d049bb133111ebL;
    return z ^ (z >>> 31);
  }

  /** An id as 64 bits, the same on every machine (FNV-1a). */
  public static long of(String id) {
    long hash = 0xcbf29ce484222325L;
    for (int i = 0; i < id.length(); i++) {
      hash = (hash ^ id.charAt(i)) * 0x100000001b3L;
    }
    return hash;
  }
}
