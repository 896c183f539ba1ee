package org.flintmoss.server.store;

import java.sql.SQLException;
import java.util.Map;

/** Says of a fault of the store what can be done about it. */
public final class StoreFault {
  private static final int BUSY = 5;
  private static final int LOCKED = 6;
  private static final int READ_ONLY = 8;
  private static final int IO = 10;
  private static final int CORRUPT = 11;
  private static final int FULL = 13;
  private static final int CANNOT_OPEN = 14;

  /** By SQLite's primary result codes. */
  private static final Map<Integer, String> WORDS =
      Map.of(
          BUSY, "Nothing was changed: another program holds the data folder.",
          LOCKED, "Nothing was changed: another program holds the data folder.",
          READ_ONLY, "Nothing was changed: the data folder cannot be written to.",
          IO, "Nothing was changed: the disk cannot be written or read. Is it full?",
          CORRUPT, "The store is damaged. Stop Flintmoss and start it again: it offers a backup.",
          FULL, "Nothing was changed: the disk is full. Make room and try again.",
          CANNOT_OPEN, "The store cannot be opened. Is the data folder still there?");

  private StoreFault() {}

  /** What is wrong with the store, as a sentence. */
  public static String says(Throwable fault) {
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof ReadingOnly) {
        return cause.getMessage();
      }
      // The lowest byte of an extended code is the primary one.
      if (cause instanceof SQLException sql && WORDS.containsKey(sql.getErrorCode() & 0xff)) {
        return WORDS.get(sql.getErrorCode() & 0xff);
      }
    }
    return "Nothing was changed. Is the disk full or the data folder locked?";
  }
}
