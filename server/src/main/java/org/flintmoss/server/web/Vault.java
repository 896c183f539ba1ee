package org.flintmoss.server.web;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Keeps backups of the store and finds out, before anything is opened, whether the store is whole.
 * A damaged store is never written to: it is put aside, and the newest good backup takes its place
 * only where that was asked for.
 */
final class Vault {
  /** The newest backups that are kept. */
  static final int KEPT = 7;

  private static final String STORE = "flintmoss.db";
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH-mm-ss-SSS");

  private final Path data;
  private final Path backups;
  private final Clock clock;

  Vault(Path data, Clock clock) {
    this.data = data;
    this.clock = clock;
    backups = data.resolve("backups");
  }

  /** The file that holds everything. */
  Path store() {
    return data.resolve(STORE);
  }

  /**
   * Finds whether the store is whole, and backs it up.
   *
   * @param restore whether the newest good backup may take the place of a damaged store
   * @throws DamagedStore if it is not whole and was not restored
   */
  void open(boolean restore) throws IOException {
    Files.createDirectories(data);
    if (!Files.exists(store())) {
      return;
    }
    Optional<String> wrong = wrong(store());
    if (wrong.isPresent()) {
      Optional<Path> good = newestGood();
      if (!restore || good.isEmpty()) {
        throw new DamagedStore(store(), wrong.get(), good.orElse(null));
      }
      putAside();
      Files.copy(good.get(), store());
    }
    backUp();
  }

  /** Copies the store as it is by now, and forgets the oldest backups beyond {@value #KEPT}. */
  void backUp() throws IOException {
    Files.createDirectories(backups);
    Path unfinished = backups.resolve("unfinished");
    Files.deleteIfExists(unfinished);
    try (Connection connection = connect(store());
        Statement statement = connection.createStatement()) {
      statement.executeUpdate("backup to '" + unfinished.toString().replace("'", "''") + "'");
    } catch (SQLException broken) {
      throw new IOException("the store could not be backed up: " + broken.getMessage(), broken);
    }
    String name = "flintmoss-" + TIME.format(LocalDateTime.now(clock.withZone(ZoneId.of("UTC"))));
    Files.move(unfinished, backups.resolve(name + ".db"), StandardCopyOption.REPLACE_EXISTING);
    List<Path> all = all();
    for (Path old : all.subList(Math.min(KEPT, all.size()), all.size())) {
      Files.delete(old);
    }
  }

  /** The backups, the newest first. */
  List<Path> all() throws IOException {
    if (!Files.isDirectory(backups)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(backups)) {
      return files
          .filter(it -> it.getFileName().toString().matches("flintmoss-.*\\.db"))
          .sorted(Comparator.comparing(Path::getFileName).reversed())
          .toList();
    }
  }

  private Optional<Path> newestGood() throws IOException {
    return all().stream().filter(it -> wrong(it).isEmpty()).findFirst();
  }

  /** The damaged store goes to a folder of its own, with what SQLite keeps beside it. */
  private void putAside() throws IOException {
    String when = TIME.format(LocalDateTime.now(clock.withZone(ZoneId.of("UTC"))));
    Path aside = Files.createDirectories(data.resolve("damaged-" + when));
    for (String ending : List.of("", "-wal", "-shm")) {
      Path file = data.resolve(STORE + ending);
      if (Files.exists(file)) {
        Files.move(file, aside.resolve(STORE + ending));
      }
    }
  }

  /** What is wrong with a file of a store; empty where it is whole. */
  private static Optional<String> wrong(Path file) {
    try (Connection connection = connect(file);
        Statement statement = connection.createStatement();
        ResultSet found = statement.executeQuery("pragma integrity_check(1)")) {
      String says = found.next() ? found.getString(1) : "it cannot be read";
      return says.equals("ok") ? Optional.empty() : Optional.of(says);
    } catch (SQLException broken) {
      return Optional.of(broken.getMessage());
    }
  }

  private static Connection connect(Path file) throws SQLException {
    return DriverManager.getConnection("jdbc:sqlite:" + file);
  }
}
