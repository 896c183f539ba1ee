package org.flintmoss.mission;

/**
 * Long work was called off. Whoever waits for it interrupts its thread; the work looks for that now
 * and then in its loops, and ends by throwing this. Nothing that is computed depends on it.
 */
public final class CalledOff extends RuntimeException {
  private static final long serialVersionUID = 1;

  private CalledOff() {
    super("called off");
  }

  /**
   * Goes on, or ends the work of this thread.
   *
   * @throws CalledOff if the thread has been interrupted
   */
  public static void check() {
    if (Thread.currentThread().isInterrupted()) {
      throw new CalledOff();
    }
  }
}
