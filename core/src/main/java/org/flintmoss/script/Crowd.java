package org.flintmoss.script;

import java.util.Arrays;
import java.util.List;

/**
 * A selector with its members looked up.
 *
 * @param need how many it takes: a count for {@link Need#AT_LEAST}, percent for {@link Need#SHARE}
 * @param members numbers of the {@link ActorIndex}, rising; not to be changed
 * @param stands whom it stands for: {@link #MEMBERS}, {@link #CAUSER}, {@link #OTHER}, or the slot
 *     that keeps whose turn it is
 * @param sieves where those of it have to stand who are meant
 */
public record Crowd(Need need, double bound, int[] members, int stands, List<Sieve> sieves) {
  /** It stands for its members. */
  public static final int MEMBERS = -2;

  /** It stands for who caused the event. */
  public static final int CAUSER = -1;

  /** It stands for the second party of what happened. */
  public static final int OTHER = -3;

  /** How many of the members it takes. */
  public enum Need {
    ALL,
    NONE,
    AT_LEAST,
    SHARE
  }

  /** Whether it is known before the event fires whom it stands for. */
  public boolean known() {
    return stands == MEMBERS;
  }

  /** Whether a number of a total are enough; all and a share need a total of at least one. */
  public boolean enough(int holding, int of) {
    return switch (need) {
      case ALL -> of > 0 && holding == of;
      case NONE -> holding == 0;
      case AT_LEAST -> holding >= bound;
      case SHARE -> of > 0 && holding * 100.0 >= bound * of;
    };
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Crowd crowd
        && need == crowd.need
        && bound == crowd.bound
        && stands == crowd.stands
        && sieves.equals(crowd.sieves)
        && Arrays.equals(members, crowd.members);
  }

  @Override
  public int hashCode() {
    return (Arrays.hashCode(members) * 31 + need.ordinal()) * 31 + stands;
  }
}
