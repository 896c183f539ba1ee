package org.flintmoss.server.web;

import java.nio.file.Path;

/** The file that holds everything is damaged. */
public final class DamagedStore extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Path good;

  /**
   * The store is damaged.
   *
   * @param good the newest backup that is whole; null for none
   */
  DamagedStore(Path store, String why, Path good) {
    super("%s is damaged: %s".formatted(store, why));
    this.good = good;
  }

  /** What can be done about it. */
  String remedy() {
    return good == null
        ? "There is no backup that is whole. Keep the folder as it is, and start with another one."
        : "The newest backup that is whole is %s. Start with --restore to go on from it; the damaged file is kept beside it."
            .formatted(good.getFileName());
  }
}
