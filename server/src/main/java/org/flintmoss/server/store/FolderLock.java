package org.flintmoss.server.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Holds the data folder for one server; it is let go when the process ends, however it ends. */
final class FolderLock implements AutoCloseable {
  private final FileChannel channel;

  private FolderLock(FileChannel channel) {
    this.channel = channel;
  }

  /**
   * Takes hold of a folder.
   *
   * @throws StoreRefused if another server holds it
   */
  static FolderLock hold(Path data) throws IOException {
    FileChannel channel =
        FileChannel.open(
            data.resolve("flintmoss.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    if (!held(channel)) {
      channel.close();
      throw new StoreRefused(
          "Another Flintmoss uses the data folder %s.".formatted(data.toAbsolutePath()),
          "Stop the other one, or start with another folder: --data DIR.");
    }
    return new FolderLock(channel);
  }

  private static boolean held(FileChannel channel) throws IOException {
    try {
      FileLock lock = channel.tryLock();
      return lock != null;
    } catch (OverlappingFileLockException inThisProcess) {
      return false;
    }
  }

  @Override
  public void close() throws IOException {
    channel.close();
  }
}
