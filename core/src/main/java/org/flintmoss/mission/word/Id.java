package org.flintmoss.mission.word;

/** The shapes of ids and of fractional order strings in the document. */
public final class Id {
  /** An id: 1 to 64 lower-case letters, digits and hyphens. */
  public static final String PATTERN = "[a-z0-9][a-z0-9-]{0,63}";

  /** An id, or nothing for "not chosen yet". */
  public static final String OR_EMPTY = "|" + PATTERN;

  /** A fractional order string; parts are sorted by it, then by id. */
  public static final String ORDER = "[0-9A-Za-z]{1,64}";

  private Id() {}
}
