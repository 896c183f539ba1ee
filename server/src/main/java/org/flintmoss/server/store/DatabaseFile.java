package org.flintmoss.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Judges the data folder before anything in it is opened. A store that is damaged, that lacks what
 * was acknowledged, or that is gone while there are signs of it is never written to: it is put
 * aside, and what is best takes its place, only where that was asked for. A folder that cannot be
 * written to is read from a copy.
 */
final class DatabaseFile implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(DatabaseFile.class);
  private static final String STORE = "flintmoss.db";
  private static final List<String> ENDINGS = List.of("", "-wal", "-shm");

  /** Bytes that have to fit into the folder for it to count as one that can be written to. */
  private static final int ROOM = 256 * 1024;

  private final Path data;
  private final Clock clock;
  private final BackupFolder backups;
  private final Acknowledged acknowledged;
  private Path store;
  private String readingOnly;
  private FolderLock lock;

  DatabaseFile(Path data, Clock clock) {
    this.data = data;
    this.clock = clock;
    store = data.resolve(STORE);
    backups = new BackupFolder(data, clock);
    acknowledged = new Acknowledged(data);
  }

  /** The file that holds everything. */
  Path store() {
    return store;
  }

  BackupFolder backups() {
    return backups;
  }

  Acknowledged acknowledged() {
    return acknowledged;
  }

  /** Why nothing can be written, as a sentence; empty where it can. */
  Optional<String> readingOnly() {
    return Optional.ofNullable(readingOnly);
  }

  /**
   * Finds out whether the store can be used, and backs it up.
   *
   * @param restore whether what is best may take the place of a store that is not whole
   * @param fresh whether everything but the backups is to be forgotten
   * @throws StoreRefused if it cannot be used as it is
   */
  void open(boolean restore, boolean fresh) throws IOException {
    Optional<String> closed = closed();
    if (closed.isPresent()) {
      readFromACopy(closed.get());
      return;
    }
    lock = FolderLock.hold(data);
    acknowledged.open();
    if (fresh) {
      forget();
    } else {
      judge(restore);
    }
  }

  private void judge(boolean restore) throws IOException {
    StoreFile file = new StoreFile(store);
    boolean there = Files.exists(store) && Files.size(store) > 0;
    Optional<String> wrong = there ? file.wrong() : Optional.empty();
    Map<String, Integer> has = wrong.isEmpty() && there ? file.revisions() : Map.of();
    if (wrong.isPresent()) {
      mend(restore, "%s is damaged: %s".formatted(store, wrong.get()), Optional.empty());
    } else if (has.isEmpty() && expected()) {
      String why = Files.exists(store) ? "%s holds no mission" : "%s is not there";
      mend(restore, why.formatted(store) + ", and one was kept there before.", Optional.empty());
    } else {
      Optional<String> lacks = lacks(file, has);
      if (lacks.isPresent()) {
        mend(restore, lacks.get(), Optional.of(file));
      } else if (there) {
        backUpIfThereIsRoom();
      }
    }
  }

  private boolean expected() throws IOException {
    return !acknowledged.all().isEmpty() || backups.holdsMissions();
  }

  /** What a store lacks that somebody was told is stored, as a sentence. */
  private Optional<String> lacks(StoreFile file, Map<String, Integer> has) throws IOException {
    for (Map.Entry<String, Integer> told : acknowledged.all().entrySet()) {
      int there = has.getOrDefault(told.getKey(), -1);
      if (there < told.getValue()) {
        String name = file.title(told.getKey()).map("“%s”"::formatted).orElse("a mission");
        return Optional.of(
            "%s lacks edits that were stored: of %s it has revision %d of %d. Was %s-wal deleted?"
                .formatted(store, name, Math.max(0, there), told.getValue(), STORE));
      }
    }
    return Optional.empty();
  }

  /**
   * Puts what is best in the place of a store that cannot be used as it is.
   *
   * @param incomplete the store itself, where it is whole and only lacks something
   */
  private void mend(boolean restore, String why, Optional<StoreFile> incomplete)
      throws IOException {
    Optional<StoreFile> backup = backups.best();
    long own = incomplete.map(it -> BackupFolder.stored(it.revisions())).orElse(0L);
    boolean ownIsBest =
        incomplete.isPresent()
            && own >= backup.map(it -> BackupFolder.stored(it.revisions())).orElse(0L);
    if (!restore || (backup.isEmpty() && !ownIsBest)) {
      throw new StoreRefused(why, remedy(backup, ownIsBest, incomplete.isPresent()));
    }
    Path aside = putAside();
    Files.copy(ownIsBest ? aside.resolve(STORE) : backup.orElseThrow().path(), store);
    acknowledged.become(new StoreFile(store).revisions());
    backUpIfThereIsRoom();
  }

  private static String remedy(Optional<StoreFile> backup, boolean ownIsBest, boolean incomplete) {
    String putBack = incomplete ? "If you have that file, put it back and start again. " : "";
    if (ownIsBest) {
      return putBack
          + "Start with --restore to go on from what is there; a copy is kept beside it.";
    }
    if (backup.isEmpty()) {
      return putBack
          + "There is no backup that is whole. Keep the folder as it is and start with another one, "
          + "or begin anew in it with --fresh.";
    }
    return putBack
        + "The newest backup that is whole is %s. Start with --restore to go on from it; what is there now is kept beside it. To begin anew, start with --fresh."
            .formatted(backup.get().path().getFileName());
  }

  /** Backs the store up as it is by now. */
  void backUp() throws IOException {
    backups.add(new StoreFile(store));
  }

  private void backUpIfThereIsRoom() {
    try {
      backUp();
    } catch (IOException full) {
      LOG.warn("No backup was made at this start: {}", full.getMessage());
    }
  }

  /** The store goes to a folder of its own, with what SQLite keeps beside it. */
  private Path putAside() throws IOException {
    Path aside = Files.createDirectories(data.resolve("damaged-" + BackupFolder.name(clock)));
    for (String ending : ENDINGS) {
      Path file = data.resolve(STORE + ending);
      if (Files.exists(file)) {
        Files.move(file, aside.resolve(STORE + ending));
      }
    }
    return aside;
  }

  private void forget() throws IOException {
    for (String ending : ENDINGS) {
      Files.deleteIfExists(data.resolve(STORE + ending));
    }
    acknowledged.forget();
  }

  /** Why the folder cannot be written to, as a sentence; empty where it can. */
  private Optional<String> closed() {
    Path probe = data.resolve("probe");
    try {
      Files.createDirectories(data);
      Files.write(probe, new byte[ROOM]);
      Files.delete(probe);
      return Optional.empty();
    } catch (IOException closed) {
      try {
        Files.deleteIfExists(probe);
      } catch (IOException stillClosed) {
        closed.addSuppressed(stillClosed);
      }
      String why = String.valueOf(closed.getMessage()).replaceFirst("^.*: ", "");
      return Optional.of(
          "the data folder %s cannot be written to (%s).".formatted(data.toAbsolutePath(), why));
    }
  }

  private void readFromACopy(String why) throws IOException {
    if (!Files.exists(store)) {
      throw new StoreRefused(
          "There is no store, and " + why, "Make room, or choose another folder with --data DIR.");
    }
    Path copy = Files.createTempDirectory("flintmoss-reading");
    // What is registered last is deleted first: the folder goes once it is empty.
    copy.toFile().deleteOnExit();
    for (String ending : ENDINGS) {
      Path file = data.resolve(STORE + ending);
      copy.resolve(STORE + ending).toFile().deleteOnExit();
      if (Files.exists(file) && !ending.equals("-shm")) {
        Files.copy(file, copy.resolve(STORE + ending));
      }
    }
    store = copy.resolve(STORE);
    readingOnly = why;
    new StoreFile(store)
        .wrong()
        .ifPresent(
            wrong -> {
              throw new StoreRefused(
                  "%s is damaged: %s".formatted(data.resolve(STORE), wrong),
                  "Besides, %s Mend that first; a backup can then be offered.".formatted(why));
            });
    LOG.warn("Missions can only be read: {}", why);
  }

  @Override
  public void close() throws IOException {
    if (lock != null) {
      lock.close();
    }
  }
}
