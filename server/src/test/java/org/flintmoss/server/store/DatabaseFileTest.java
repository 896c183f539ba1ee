package org.flintmoss.server.store;

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
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The data folder is judged before it is used; backups are made, forgotten and found again. */
class DatabaseFileTest {
  private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");

  @TempDir Path data;

  private DatabaseFile after(int days) {
    return after(Duration.ofDays(days));
  }

  private DatabaseFile after(Duration time) {
    return new DatabaseFile(data, Clock.fixed(NOON.plus(time), ZoneOffset.UTC));
  }

  private void start(DatabaseFile database) throws IOException {
    start(database, false);
  }

  private void start(DatabaseFile database, boolean restore) throws IOException {
    try (database) {
      database.open(restore, false);
    }
  }

  private Path store() {
    return data.resolve("flintmoss.db");
  }

  private void sql(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + store());
        Statement statement = connection.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  /** A store with one mission at a revision, of which somebody was told. */
  private void store(int revision) throws SQLException, IOException {
    sql(
        "create table if not exists missions (id text primary key, revision int, title text)",
        "insert or replace into missions values ('m', %d, 'Harbour watch')".formatted(revision));
    Acknowledged acknowledged = new Acknowledged(data);
    acknowledged.open();
    acknowledged.note("m", revision);
  }

  private int revision() {
    return new StoreFile(store()).revisions().getOrDefault("m", -1);
  }

  private static void says(Throwable refused, String why, String remedy) {
    assertThat(refused).hasMessageContaining(why);
    assertThat(((StoreRefused) refused).remedy()).contains(remedy);
  }

  @Test
  void aFolderWithoutAStoreIsFineAndSoIsAnEmptyShelfThatNeverHeldAnything() throws Exception {
    start(after(0));
    sql("create table missions (id text, revision int, title text)");
    start(after(1));
    start(after(2));
  }

  @Test
  void anEmptiedOrMissingStoreIsExpectedAgain() throws Exception {
    store(7);
    start(after(0));
    Files.write(store(), new byte[0]);
    assertThatThrownBy(() -> start(after(1)))
        .isInstanceOfSatisfying(
            StoreRefused.class, it -> says(it, "holds no mission", "flintmoss-2026-03-01"));
    Files.delete(store());
    assertThatThrownBy(() -> start(after(1)))
        .isInstanceOfSatisfying(StoreRefused.class, it -> says(it, "is not there", "--restore"));
    start(after(1), true);
    assertThat(revision()).isEqualTo(7);
  }

  @Test
  void aStoreThatIsGoneBeforeThereWasABackupIsMissedAsWell() throws Exception {
    store(7);
    Files.delete(store());
    assertThatThrownBy(() -> start(after(1)))
        .isInstanceOfSatisfying(
            StoreRefused.class, it -> says(it, "is not there", "begin anew in it with --fresh"));
    try (DatabaseFile fresh = after(1)) {
      fresh.open(false, true);
    }
    start(after(2));
  }

  @Test
  void manyStartsOnADayDoNotPushOutOlderBackups() throws Exception {
    for (int day = 0; day < 5; day++) {
      store(day);
      start(after(day));
    }
    for (int hour = 1; hour <= 12; hour++) {
      start(after(Duration.ofDays(4).plusMinutes(hour)));
    }
    assertThat(after(9).backups().all()).hasSize(4 + Retention.NEWEST);
  }

  @Test
  void theLastBackupThatHoldsMissionsIsNeverForgotten() throws Exception {
    store(3);
    start(after(0));
    // A shelf that was begun anew on purpose, and used for years.
    try (DatabaseFile fresh = after(1)) {
      fresh.open(false, true);
    }
    sql("create table missions (id text, revision int, title text)");
    for (int day = 2; day < 800; day += 9) {
      after(day).backUp();
    }
    List<StoreFile> all = after(801).backups().all();
    assertThat(all.getLast().revisions()).containsEntry("m", 3);
    assertThat(all).hasSizeLessThanOrEqualTo(Retention.DAYS + Retention.WEEKS + Retention.MONTHS);
  }

  @Test
  void theBestGoodOneTakesThePlaceOfADamagedStoreWhenAsked() throws Exception {
    for (int day = 0; day < 3; day++) {
      store(10 + day);
      start(after(day));
    }
    Files.writeString(after(2).backups().all().getFirst().path(), "not a database at all");
    Files.writeString(store(), "nor is this one");
    assertThatThrownBy(() -> start(after(3)))
        .isInstanceOfSatisfying(
            StoreRefused.class, it -> says(it, "flintmoss.db is damaged", "flintmoss-2026-03-02"));
    start(after(3), true);
    assertThat(revision()).isEqualTo(11);
    assertThat(data.resolve("damaged-2026-03-04T12-00-00-000/flintmoss.db")).exists();
    start(after(4));
  }

  @Test
  void withoutAnyGoodOneNothingIsTouched() throws IOException {
    Files.writeString(store(), "damaged");
    assertThatThrownBy(() -> start(after(0), true))
        .isInstanceOfSatisfying(
            StoreRefused.class, it -> says(it, "is damaged", "no backup that is whole"));
    assertThat(store()).hasContent("damaged");
  }

  @Test
  void aStoreThatLacksWhatWasAcknowledgedIsNoticedAndGoneOnFromOnlyWhenAsked() throws Exception {
    store(12);
    start(after(0));
    store(15);
    sql("update missions set revision = 14");
    assertThatThrownBy(() -> start(after(1)))
        .isInstanceOfSatisfying(
            StoreRefused.class,
            it -> says(it, "“Harbour watch” it has revision 14 of 15", "go on from what is there"));
    start(after(1), true);
    assertThat(revision()).as("more than the backup has").isEqualTo(14);
    start(after(2));
  }

  @Test
  void twoServersDoNotShareAFolder() throws Exception {
    try (DatabaseFile first = after(0)) {
      first.open(false, false);
      assertThatThrownBy(() -> start(after(0)))
          .isInstanceOfSatisfying(
              StoreRefused.class, it -> says(it, "Another Flintmoss", "--data"));
    }
    start(after(0));
  }
}
