package org.flintmoss.server.store;

/** The server does not start on the data folder as it is; nothing in it was changed. */
public final class StoreRefused extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final String remedy;

  /**
   * Refused.
   *
   * @param why what is wrong, as a sentence
   * @param remedy what can be done about it, as sentences
   */
  StoreRefused(String why, String remedy) {
    super(why);
    this.remedy = remedy;
  }

  /** What can be done about it. */
  String remedy() {
    return remedy;
  }
}
