package org.flintmoss.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups: made, forgotten, and found again when they are needed. */
class VaultTest {
  private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

  @TempDir Path data;

  private Vault after(int days) {
    return new Vault(data, Clock.fixed(NOON.plus(Duration.ofDays(days)), ZoneOffset.UTC));
  }

  private void write(String value) throws SQLException {
    try (Connection connection =
            DriverManager.getConnection("jdbc:sqlite:" + data.resolve("flintmoss.db"));
        Statement statement = connection.createStatement()) {
      statement.execute("create table if not exists notes (text text)");
      statement.execute("insert into notes values ('" + value + "')");
    }
  }

  private int notes() throws SQLException {
    try (Connection connection =
            DriverManager.getConnection("jdbc:sqlite:" + data.resolve("flintmoss.db"));
        Statement statement = connection.createStatement()) {
      return statement.executeQuery("select count(*) from notes").getInt(1);
    }
  }

  @Test
  void aFolderWithoutAStoreIsFine() throws IOException {
    after(0).open(false);
    assertThat(after(0).all()).isEmpty();
  }

  @Test
  void theNewestSevenAreKept() throws IOException, SQLException {
    for (int day = 0; day < 9; day++) {
      write("day " + day);
      after(day).open(false);
    }
    assertThat(after(9).all())
        .hasSize(Vault.KEPT)
        .first()
        .asString()
        .endsWith("flintmoss-2026-03-09T12-00-00-000.db");
  }

  @Test
  void theNewestGoodOneTakesThePlaceOfADamagedStoreWhenAsked() throws IOException, SQLException {
    write("one");
    after(0).open(false);
    write("two");
    after(1).open(false);
    write("three");
    after(2).open(false);
    Files.writeString(after(2).all().getFirst(), "not a database at all");
    Files.writeString(data.resolve("flintmoss.db"), "nor is this one");
    assertThatThrownBy(() -> after(3).open(false))
        .isInstanceOfSatisfying(
            DamagedStore.class,
            damaged -> {
              assertThat(damaged).hasMessageContaining("flintmoss.db is damaged");
              assertThat(damaged.remedy()).contains("flintmoss-2026-03-02").contains("--restore");
            });
    after(3).open(true);
    assertThat(notes()).isEqualTo(2);
    assertThat(data.resolve("damaged-2026-03-04T12-00-00-000/flintmoss.db")).exists();
  }

  @Test
  void withoutAnyGoodOneNothingIsTouched() throws IOException {
    Files.writeString(data.resolve("flintmoss.db"), "damaged");
    assertThatThrownBy(() -> after(0).open(true))
        .isInstanceOfSatisfying(
            DamagedStore.class,
            damaged -> assertThat(damaged.remedy()).contains("no backup that is whole"));
    assertThat(data.resolve("flintmoss.db")).hasContent("damaged");
  }
}
