package org.flintmoss.server.store;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiFunction;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

/** The backups of the store, to read in. */
@Component
public class Backups {
  private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

  private final DatabaseFile database;

  Backups(DatabaseFile database) {
    this.database = database;
  }

  /**
   * The first answer that any backup gives, from the newest back; one that cannot be read has none.
   *
   * @param ask asks a backup, given its name and its data
   */
  public <T> Optional<T> first(BiFunction<String, JdbcClient, Optional<T>> ask) {
    try {
      for (StoreFile backup : database.backups().all()) {
        Optional<T> answer = ask(backup.path(), ask);
        if (answer.isPresent()) {
          return answer;
        }
      }
    } catch (IOException unlisted) {
      LOG.warn("the backups cannot be listed", unlisted);
    }
    return Optional.empty();
  }

  private static <T> Optional<T> ask(Path backup, BiFunction<String, JdbcClient, Optional<T>> ask) {
    String url = "jdbc:sqlite:file:" + backup.toAbsolutePath() + "?mode=ro&immutable=1";
    SingleConnectionDataSource source = new SingleConnectionDataSource(url, true);
    try {
      return ask.apply(backup.getFileName().toString(), JdbcClient.create(source));
    } catch (DataAccessException damaged) {
      LOG.warn("the backup {} cannot be read", backup.getFileName(), damaged);
      return Optional.empty();
    } finally {
      source.destroy();
    }
  }
}
