package org.flintmoss.mission.sentence;

/**
 * Long work was called off. The caller interrupts the thread of the work. Its loops ask for that
 * interrupt and end the work by throwing this. No result depends on it.
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
