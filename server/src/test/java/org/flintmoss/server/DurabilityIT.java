package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was acknowledged is kept: when the server is killed, the disk is full, the file damaged. The
 * server is the one that ships, as a process of its own.
 */
@Execution(ExecutionMode.CONCURRENT)
class DurabilityIT {
  /** How often the server is killed; 500 with {@code -Dflintmoss.kills=500}. */
  private static final int KILLS = Integer.getInteger("flintmoss.kills", LongRuns.times(3, 30));

  @TempDir Path data;

  /** One who edits a mission's title again and again, and remembers what was acknowledged. */
  private static final class Editor {
    private final String mission;
    private final List<String> acknowledged = new ArrayList<>();
    private int revision;
    private String title = "New mission";
    private int made;
    private RunningServer.Answer last;

    Editor(String mission) {
      this.mission = mission;
    }

    /** Makes an edit; false where it was not acknowledged. */
    boolean edit(ServerProcess server) {
      String id = "e" + made++;
      String to = "Title " + id;
      String change =
          "[{'op':'test','path':'/brief/title','value':'%s'},{'op':'replace','path':'/brief/title','value':'%s'}]";
      String body =
          "{'id':'%s','base':%d,'tab':'t','label':'%s','kind':'do','target':'','patch':%s,'inverse':%s}"
              .formatted(id, revision, to, change.formatted(title, to), change.formatted(to, title))
              .replace('\'', '"');
      RunningServer.Answer answer = server.ask("POST", mission + "/edits", body);
      last = answer;
      if (answer == null || answer.status() != 200) {
        return false;
      }
      acknowledged.add(id);
      revision = answer.json().get("revision").asInt();
      title = to;
      return true;
    }

    /** Makes an edit that is not expected to be taken; what is answered. */
    RunningServer.Answer tries(ServerProcess server) {
      assertThat(edit(server)).isFalse();
      return last;
    }

    /** Goes on from how the mission is by now: the last edit may have been stored unheard. */
    void catchUp(ServerProcess server) {
      JsonNode now = server.ask("GET", mission, null).json();
      revision = now.get("revision").asInt();
      title = now.at("/document/brief/title").asString();
    }

    /** The ids of all edits that are stored, which are told page by page. */
    Set<String> stored(ServerProcess server) {
      Set<String> stored = new HashSet<>();
      int after = 0;
      JsonNode page;
      do {
        page = server.ask("GET", mission + "/edits?after=" + after, null).json();
        page.forEach(it -> stored.add(it.get("id").asString()));
        after += page.size();
      } while (!page.isEmpty());
      return stored;
    }
  }

  private static String fresh(ServerProcess server) {
    return "/api/missions/" + server.ask("POST", "/api/missions", null).json().get("id").asString();
  }

  @Test
  void everyAcknowledgedEditIsThereHoweverOftenTheServerIsKilled()
      throws IOException, InterruptedException {
    Random random = new Random(20);
    Editor editor = null;
    int lost = 0;
    for (int kill = 0; kill <= KILLS; kill++) {
      try (ServerProcess server = new ServerProcess(data)) {
        assertThat(server.ready()).as(server.said()).isTrue();
        if (editor == null) {
          editor = new Editor(fresh(server));
        }
        editor.catchUp(server);
        List<String> missing = new ArrayList<>(editor.acknowledged);
        missing.removeAll(editor.stored(server));
        lost += missing.size();
        assertThat(missing).as("after %d kills", kill).isEmpty();
        storm(server, editor, random.nextInt(6, 60));
      }
    }
    ObjectNode report = LongRuns.figures();
    report.put("kills", KILLS).put("acknowledged", editor.acknowledged.size()).put("lost", lost);
    LongRuns.report("kills", report);
    assertThat(editor.acknowledged).hasSizeGreaterThan(KILLS * 5);
  }

  /** Edits without a pause; the server is killed when it has acknowledged a number of them. */
  private static void storm(ServerProcess server, Editor editor, int edits)
      throws InterruptedException {
    Thread killer = Thread.ofPlatform().unstarted(server::kill);
    int enough = editor.acknowledged.size() + edits;
    boolean goesOn = true;
    while (goesOn) {
      goesOn = editor.edit(server);
      if (editor.acknowledged.size() == enough && killer.getState() == Thread.State.NEW) {
        killer.start();
      }
    }
    killer.join();
  }

  private void damage() throws IOException {
    Path store = data.resolve("flintmoss.db");
    byte[] bytes = Files.readAllBytes(store);
    Random random = new Random(3);
    for (int i = 0; i < 4000; i++) {
      bytes[4096 + random.nextInt(bytes.length - 4096)] ^= (byte) (1 + random.nextInt(255));
    }
    Files.write(store, bytes);
  }

  private List<Path> backups() throws IOException {
    try (Stream<Path> files = Files.list(data.resolve("backups"))) {
      return files.sorted().toList();
    }
  }

  @Test
  void aDamagedStoreIsToldAndTheNewestGoodBackupTakesItsPlaceWhenAsked() throws IOException {
    Editor editor;
    try (ServerProcess server = new ServerProcess(data)) {
      editor = new Editor(fresh(server));
      assertThat(editor.edit(server)).isTrue();
    }
    try (ServerProcess server = new ServerProcess(data)) {
      assertThat(server.ready()).as(server.said()).isTrue();
    }
    Path good = backups().getLast();
    Path bad = data.resolve("backups/flintmoss-9999-01-01T00-00-00-000.db");
    Files.write(bad, new byte[] {1, 2, 3});
    damage();
    try (ServerProcess server = new ServerProcess(data)) {
      assertThat(server.ready()).isFalse();
      assertThat(server.said())
          .contains("is damaged")
          .contains(good.getFileName().toString())
          .contains("--restore");
    }
    try (ServerProcess server = new ServerProcess(data, "--flintmoss.restore=true")) {
      assertThat(server.ready()).as(server.said()).isTrue();
      assertThat(editor.stored(server)).containsAll(editor.acknowledged);
      editor.catchUp(server);
      assertThat(editor.edit(server)).isTrue();
    }
    try (Stream<Path> files = Files.list(data)) {
      assertThat(files.map(it -> it.getFileName().toString()))
          .anyMatch(it -> it.startsWith("damaged-"));
    }
  }

  @Test
  void anEditIsRefusedWhileTheFileIsLockedAndTakenAfterwards() throws IOException, SQLException {
    try (ServerProcess server = new ServerProcess(data)) {
      Editor editor = new Editor(fresh(server));
      String url = "jdbc:sqlite:" + data.resolve("flintmoss.db");
      try (Connection other = DriverManager.getConnection(url);
          Statement statement = other.createStatement()) {
        statement.execute("begin immediate");
        assertThat(editor.edit(server)).isFalse();
        statement.execute("rollback");
      }
      assertThat(editor.stored(server)).isEmpty();
      assertThat(editor.edit(server)).isTrue();
    }
  }

  @Test
  void anEditIsRefusedWholeWhileTheDiskIsFull() throws IOException, InterruptedException {
    Path disk = Files.createDirectories(data.resolve("disk"));
    assumeTrue(small(disk));
    try {
      try (ServerProcess server = new ServerProcess(disk)) {
        assertThat(server.ready()).as(server.said()).isTrue();
        Editor editor = new Editor(fresh(server));
        assertThat(editor.edit(server)).isTrue();
        Path filler = disk.resolve("filler");
        fill(filler);
        boolean refused = false;
        for (int i = 0; i < 2000 && !refused; i++) {
          refused = !editor.edit(server);
        }
        assertThat(refused).as("the disk is full some time").isTrue();
        Files.delete(filler);
        editor.catchUp(server);
        assertThat(editor.stored(server)).containsExactlyInAnyOrderElementsOf(editor.acknowledged);
        assertThat(editor.edit(server)).isTrue();
      }
    } finally {
      run("umount", disk.toString());
    }
  }

  @Test
  void aFullOrClosedDiskAtStartIsReadAndNothingIsChanged() throws Exception {
    Path disk = Files.createDirectories(data.resolve("disk"));
    assumeTrue(small(disk));
    try {
      Editor editor;
      try (ServerProcess server = new ServerProcess(disk)) {
        editor = new Editor(fresh(server));
        assertThat(editor.edit(server)).isTrue();
      }
      Path filler = disk.resolve("filler");
      fill(filler);
      readsOnly(disk, editor);
      Files.delete(filler);
      assertThat(run("mount", "-o", "remount,ro", disk.toString())).isTrue();
      readsOnly(disk, editor);
      assertThat(run("mount", "-o", "remount,rw", disk.toString())).isTrue();
      try (ServerProcess server = new ServerProcess(disk)) {
        assertThat(server.ready()).as(server.said()).isTrue();
        assertThat(editor.edit(server)).isTrue();
      }
    } finally {
      run("umount", disk.toString());
    }
  }

  private static void readsOnly(Path disk, Editor editor) throws IOException {
    try (ServerProcess server = new ServerProcess(disk)) {
      assertThat(server.ready()).as(server.said()).isTrue();
      assertThat(server.said()).contains("Missions can only be read").doesNotContain("damaged");
      assertThat(editor.stored(server)).containsExactlyInAnyOrderElementsOf(editor.acknowledged);
      RunningServer.Answer refused = editor.tries(server);
      assertThat(refused.status()).isEqualTo(503);
      assertThat(refused.json().get("detail").asString())
          .startsWith("Nothing was changed: the data folder")
          .contains("cannot be written to");
      assertThat(server.ask("POST", "/api/missions", null).status()).isEqualTo(503);
      assertThat(server.ask("DELETE", editor.mission, null).status()).isEqualTo(503);
    }
  }

  @Test
  void aWriteAheadLogThatWasDeletedIsNoticed() throws IOException {
    Editor editor;
    try (ServerProcess server = new ServerProcess(data)) {
      editor = new Editor(fresh(server));
    }
    try (ServerProcess server = new ServerProcess(data)) {
      assertThat(editor.edit(server)).isTrue();
    }
    Files.delete(data.resolve("flintmoss.db-wal"));
    try (ServerProcess server = new ServerProcess(data)) {
      assertThat(server.ready()).isFalse();
      assertThat(server.said())
          .contains("it has revision 0 of 1", "flintmoss.db-wal deleted?", "--restore");
    }
    try (ServerProcess server = new ServerProcess(data, "--flintmoss.restore=true")) {
      assertThat(server.ready()).as(server.said()).isTrue();
      assertThat(editor.stored(server)).isEmpty();
    }
  }

  @Test
  void aSecondServerOnTheSameFolderSaysSo() throws IOException {
    try (ServerProcess first = new ServerProcess(data)) {
      assertThat(first.ready()).as(first.said()).isTrue();
      try (ServerProcess second = new ServerProcess(data)) {
        assertThat(second.ready()).isFalse();
        assertThat(second.said()).contains("Another Flintmoss uses the data folder", "--data DIR");
      }
    }
  }

  private static void fill(Path file) {
    byte[] some = new byte[4096];
    try (var out = Files.newOutputStream(file)) {
      for (int i = 0; i < 4096; i++) {
        out.write(some);
      }
    } catch (IOException full) {
      assertThat(full).hasMessageContaining("No space");
    }
  }

  /** Makes a folder a disk of three megabytes; says loudly where this machine cannot. */
  private static boolean small(Path disk) throws IOException, InterruptedException {
    boolean mounted = run("mount", "-t", "tmpfs", "-o", "size=3m", "tmpfs", disk.toString());
    if (!mounted) {
      System.err.println(
          """
          ==========================================================================
          NOT TESTED: how the store behaves on a full disk. Nobody may mount a tmpfs
          here; run the tests as root, or on a machine where that is allowed.
          ==========================================================================""");
    }
    return mounted;
  }

  private static boolean run(String... command) throws IOException, InterruptedException {
    try {
      return new ProcessBuilder(command).start().waitFor() == 0;
    } catch (IOException _) {
      return false;
    }
  }
}
