package org.flintmoss.server.store;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The newest revision of each mission that somebody was told is stored, kept outside the store: one
 * small file each, written after the store. A store that has less has lost something, as where its
 * write-ahead log was deleted; and where there are such files, a store is expected.
 */
public final class Acknowledged {
  private static final Logger LOG = LoggerFactory.getLogger(Acknowledged.class);

  /** Digits of a revision: always as many, so that one is written over another in one go. */
  private static final String FORMAT = "%010d\n";

  private final Path folder;

  Acknowledged(Path data) {
    folder = data.resolve("acknowledged");
  }

  /** Notes that somebody is about to be told of a revision. That it fails stops nobody. */
  public void note(String mission, int revision) {
    // Not a channel: that would be closed where work is called off just now, and the note be lost.
    try (RandomAccessFile file = new RandomAccessFile(folder.resolve(mission).toFile(), "rw")) {
      file.write(FORMAT.formatted(revision).getBytes(StandardCharsets.US_ASCII));
    } catch (IOException full) {
      LOG.warn("revision {} of {} could not be noted beside the store", revision, mission, full);
    }
  }

  /** The revisions by mission; what cannot be read counts as nothing. */
  Map<String, Integer> all() throws IOException {
    Map<String, Integer> all = new TreeMap<>();
    if (Files.isDirectory(folder)) {
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.toList()) {
          read(file, all);
        }
      }
    }
    return all;
  }

  private static void read(Path file, Map<String, Integer> into) throws IOException {
    String text = Files.readString(file, StandardCharsets.US_ASCII).strip();
    if (text.matches("\\d{10}")) {
      into.put(file.getFileName().toString(), Integer.parseInt(text));
    }
  }

  /** Makes ready to note revisions. */
  void open() throws IOException {
    Files.createDirectories(folder);
  }

  /** Begins anew from what a store has. */
  void become(Map<String, Integer> revisions) throws IOException {
    forget();
    open();
    revisions.forEach(this::note);
  }

  /** Forgets everything. */
  void forget() throws IOException {
    if (Files.isDirectory(folder)) {
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.toList()) {
          Files.delete(file);
        }
      }
    }
  }
}
