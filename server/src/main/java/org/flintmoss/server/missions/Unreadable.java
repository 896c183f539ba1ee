package org.flintmoss.server.missions;

/** A stored mission, or a revision of it, cannot be read. */
final class Unreadable extends RuntimeException {
  private static final long serialVersionUID = 1;
  private final String mission;

  /** Says why, as a sentence. */
  Unreadable(String why) {
    this(null, why);
  }

  /**
   * Says why a mission cannot be opened at all.
   *
   * @param mission its id
   */
  Unreadable(String mission, String why) {
    super(why);
    this.mission = mission;
  }

  /** The id of the mission that cannot be opened; null where only a revision cannot be read. */
  String mission() {
    return mission;
  }
}
