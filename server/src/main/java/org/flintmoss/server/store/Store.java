package org.flintmoss.server.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** SQLite in WAL mode: one connection that writes, several that read. */
@Configuration(proxyBeanMethods = false)
public class Store {
  private static final int READERS = 4;

  /** The store as a file, found to be whole and backed up. */
  @Bean
  DatabaseFile database(Settings settings) throws IOException {
    DatabaseFile database = new DatabaseFile(settings.data(), Clock.systemUTC());
    database.open(settings.restore(), settings.fresh());
    return database;
  }

  /** What was acknowledged, kept outside the store. */
  @Bean
  Acknowledged acknowledged(DatabaseFile database) {
    return database.acknowledged();
  }

  /** The one connection that writes. */
  @Bean
  @Primary
  DataSource writer(DatabaseFile database) {
    return pool(database, "writer", 1);
  }

  /** The connections that read. */
  @Bean
  DataSource readers(DatabaseFile database, @Qualifier("writer") DataSource first) {
    return pool(database, "readers", READERS);
  }

  private static HikariDataSource pool(DatabaseFile database, String name, int size) {
    HikariConfig config = new HikariConfig();
    config.setPoolName(name);
    config.setJdbcUrl("jdbc:sqlite:" + database.store());
    config.setMaximumPoolSize(size);
    config.addDataSourceProperty("journal_mode", "WAL");
    config.addDataSourceProperty("busy_timeout", "5000");
    config.addDataSourceProperty("foreign_keys", "true");
    config.addDataSourceProperty("synchronous", "FULL");
    return new HikariDataSource(config);
  }

  /** Writes; inside {@link #transactions} as one. */
  @Bean
  @Primary
  JdbcClient writing(DatabaseFile database, @Qualifier("writer") DataSource writer) {
    return JdbcClient.create(guarded(database, writer));
  }

  /** Reads what has been written. */
  @Bean
  JdbcClient reading(@Qualifier("readers") DataSource readers) {
    return JdbcClient.create(readers);
  }

  /** Transactions of the writer. */
  @Bean
  TransactionTemplate transactions(DatabaseFile database, @Qualifier("writer") DataSource writer) {
    return new TransactionTemplate(new JdbcTransactionManager(guarded(database, writer)));
  }

  /** The connection that writes, or one that says why nothing can be written. */
  private static DataSource guarded(DatabaseFile database, DataSource writer) {
    return database
        .readingOnly()
        .<DataSource>map(
            why ->
                new DelegatingDataSource(writer) {
                  @Override
                  public Connection getConnection() throws SQLException {
                    throw new ReadingOnly(why);
                  }
                })
        .orElse(writer);
  }
}
