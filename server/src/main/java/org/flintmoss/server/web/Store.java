package org.flintmoss.server.web;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** SQLite in WAL mode: one connection that writes, several that read. */
@Configuration(proxyBeanMethods = false)
public class Store {
  private static final int READERS = 4;

  /** The one connection that writes. */
  @Bean
  @Primary
  DataSource writer(Settings settings) throws IOException {
    Files.createDirectories(settings.data());
    return pool(settings, "writer", 1);
  }

  /** The connections that read. */
  @Bean
  DataSource readers(Settings settings, @Qualifier("writer") DataSource first) {
    return pool(settings, "readers", READERS);
  }

  private static HikariDataSource pool(Settings settings, String name, int size) {
    HikariConfig config = new HikariConfig();
    config.setPoolName(name);
    config.setJdbcUrl("jdbc:sqlite:" + settings.data().resolve("flintmoss.db"));
    config.setMaximumPoolSize(size);
    config.addDataSourceProperty("journal_mode", "WAL");
    config.addDataSourceProperty("busy_timeout", "5000");
    config.addDataSourceProperty("foreign_keys", "true");
    config.addDataSourceProperty("synchronous", "NORMAL");
    return new HikariDataSource(config);
  }

  /** Writes; inside {@link #transactions} as one. */
  @Bean
  @Primary
  JdbcClient writing(@Qualifier("writer") DataSource writer) {
    return JdbcClient.create(writer);
  }

  /** Reads what has been written. */
  @Bean
  JdbcClient reading(@Qualifier("readers") DataSource readers) {
    return JdbcClient.create(readers);
  }

  /** Transactions of the writer. */
  @Bean
  TransactionTemplate transactions(@Qualifier("writer") DataSource writer) {
    return new TransactionTemplate(new JdbcTransactionManager(writer));
  }
}
