package org.flintmoss.server.web;

/** There are as many of something as there may be; later there may be fewer. */
public final class TooMany extends RuntimeException {
  private static final long serialVersionUID = 1;

  /** Says of what, as a sentence. */
  public TooMany(String says) {
    super(says);
  }
}
