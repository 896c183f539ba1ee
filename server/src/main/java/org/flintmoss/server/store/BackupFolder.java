package org.flintmoss.server.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The backups of a store, by the time at which they were made. */
final class BackupFolder {
  private static final String PREFIX = "flintmoss-";
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH-mm-ss-SSS");

  private final Path folder;
  private final Clock clock;

  BackupFolder(Path data, Clock clock) {
    folder = data.resolve("backups");
    this.clock = clock;
  }

  /** The time by now, as a name. */
  static String name(Clock clock) {
    return TIME.format(LocalDateTime.now(clock.withZone(ZoneOffset.UTC)));
  }

  /** The backups, the newest first. */
  List<StoreFile> all() throws IOException {
    return byTime().values().stream().map(StoreFile::new).toList();
  }

  private SortedMap<LocalDateTime, Path> byTime() throws IOException {
    SortedMap<LocalDateTime, Path> found = new TreeMap<>(Comparator.reverseOrder());
    if (Files.isDirectory(folder)) {
      try (Stream<Path> files = Files.list(folder)) {
        files.forEach(file -> time(file).ifPresent(time -> found.put(time, file)));
      }
    }
    return found;
  }

  private static Optional<LocalDateTime> time(Path file) {
    String name = file.getFileName().toString();
    if (!name.startsWith(PREFIX) || !name.endsWith(".db")) {
      return Optional.empty();
    }
    try {
      String time = name.substring(PREFIX.length(), name.length() - ".db".length());
      return Optional.of(LocalDateTime.parse(time, TIME));
    } catch (DateTimeParseException foreign) {
      return Optional.empty();
    }
  }

  /** Whether any holds a mission. */
  boolean holdsMissions() throws IOException {
    return all().stream().anyMatch(it -> !it.revisions().isEmpty());
  }

  /** The whole one that has the most of what was stored; of several the newest. */
  Optional<StoreFile> best() throws IOException {
    StoreFile best = null;
    long most = 0;
    for (StoreFile backup : all()) {
      long stored = stored(backup.revisions());
      if (stored > most && backup.wrong().isEmpty()) {
        best = backup;
        most = stored;
      }
    }
    return Optional.ofNullable(best);
  }

  /** How much a store has: its missions and their edits, counted. */
  static long stored(Map<String, Integer> revisions) {
    return revisions.size() + revisions.values().stream().mapToLong(Integer::longValue).sum();
  }

  /** Makes a backup, and forgets those that are old; never the last one that holds missions. */
  void add(StoreFile store) throws IOException {
    Files.createDirectories(folder);
    Path unfinished = folder.resolve("unfinished");
    Files.deleteIfExists(unfinished);
    try {
      store.copyTo(unfinished);
    } catch (SQLException broken) {
      Files.deleteIfExists(unfinished);
      throw new IOException("the store could not be backed up: " + broken.getMessage(), broken);
    }
    Files.move(
        unfinished,
        folder.resolve(PREFIX + name(clock) + ".db"),
        StandardCopyOption.REPLACE_EXISTING);
    forgetOld();
  }

  private void forgetOld() throws IOException {
    SortedMap<LocalDateTime, Path> all = byTime();
    Set<LocalDateTime> kept = Retention.kept(all.keySet());
    boolean missionsKept =
        kept.stream().anyMatch(it -> !new StoreFile(all.get(it)).revisions().isEmpty());
    for (Map.Entry<LocalDateTime, Path> old : all.entrySet()) {
      if (!kept.contains(old.getKey())) {
        if (missionsKept || new StoreFile(old.getValue()).revisions().isEmpty()) {
          Files.delete(old.getValue());
        } else {
          missionsKept = true;
        }
      }
    }
  }
}
