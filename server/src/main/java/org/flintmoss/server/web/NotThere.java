package org.flintmoss.server.web;

/** What was asked for is not there, or not any more. */
public final class NotThere extends RuntimeException {
  private static final long serialVersionUID = 1;

  /** Says what, as a sentence. */
  public NotThere(String says) {
    super(says);
  }
}
