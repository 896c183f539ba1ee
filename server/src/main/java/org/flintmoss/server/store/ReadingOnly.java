package org.flintmoss.server.store;

import java.sql.SQLException;

/** The store can be read and not written to, since the data folder cannot be written to. */
final class ReadingOnly extends SQLException {
  private static final long serialVersionUID = 1;

  /** Says why nothing can be changed. */
  ReadingOnly(String why) {
    super(
        "Nothing was changed: %s Missions can be read and tried; start Flintmoss again once that is mended."
            .formatted(why));
  }
}
