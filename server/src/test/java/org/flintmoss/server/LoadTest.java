package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The server under load for minutes, with figures: only where tests run long, since it measures
 * time and waits.
 */
@EnabledIfSystemProperty(named = LongRuns.ASKED, matches = "true")
class LoadTest {
  private static final int THINGS = 5000;
  private static final String FLOOD = "{\"type\":\"step\",\"steps\":1200}";

  @TempDir Path data;
  private RunningServer server;

  @BeforeEach
  void start() {
    server = new RunningServer(data);
  }

  @AfterEach
  void stop() {
    server.close();
  }

  /** A connection that counts what reaches it, or reads nothing at all. */
  private final class Socket implements WebSocket.Listener, AutoCloseable {
    private final AtomicInteger snapshots = new AtomicInteger();
    private final AtomicInteger texts = new AtomicInteger();
    private final AtomicBoolean closed = new AtomicBoolean();
    private final boolean reads;
    private final WebSocket socket;

    Socket(String path, boolean reads) throws Exception {
      this.reads = reads;
      socket =
          server
              .client()
              .newWebSocketBuilder()
              .buildAsync(URI.create("ws://localhost:" + server.port() + path), this)
              .get(30, TimeUnit.SECONDS);
    }

    @Override
    public void onOpen(WebSocket it) {
      it.request(reads ? Long.MAX_VALUE : 0);
    }

    @Override
    public CompletionStage<?> onText(WebSocket it, CharSequence text, boolean last) {
      texts.incrementAndGet();
      return null;
    }

    @Override
    public CompletionStage<?> onBinary(WebSocket it, ByteBuffer bytes, boolean last) {
      snapshots.incrementAndGet();
      return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket it, int code, String reason) {
      closed.set(true);
      return null;
    }

    /** Says something; what becomes of it where nothing is read does not matter. */
    void tries(String json) {
      try {
        say(json);
      } catch (CompletionException gone) {
        if (reads) {
          throw gone;
        }
      }
    }

    void say(String json) {
      socket.sendText(json, true).join();
    }

    @Override
    public void close() {
      socket.abort();
    }
  }

  private static void pause(long millis) throws InterruptedException {
    TimeUnit.MILLISECONDS.sleep(millis);
  }

  /** The id of a mission of many things. */
  private String large() {
    MissionFile file = Samples.demo("relight-the-harrow");
    ObjectNode document = (ObjectNode) file.document().deepCopy();
    ObjectNode units = (ObjectNode) document.get("units");
    ObjectNode unit = (ObjectNode) units.iterator().next().deepCopy();
    unit.putObject("belongs").put("type", "alone");
    for (int i = units.size(); i < THINGS; i++) {
      units.set("u" + i, unit.deepCopy().put("name", "Unit " + i));
    }
    byte[] zip = MissionZip.write(new MissionFile(document, file.assets()));
    return server.ask("POST", "/api/missions/import", zip).json().get("id").asString();
  }

  private String trial(String mission) {
    String begin =
        "{\"seed\":7,\"difficulty\":\"calm\",\"begin\":{\"type\":\"starts\"}" + RunningServer.ALONE;
    RunningServer.Answer answer = server.post("/api/missions/" + mission + "/trials", begin);
    assertThat(answer.status()).as(String.valueOf(answer.json())).isEqualTo(201);
    return answer.json().get("id").asString();
  }

  private static ObjectNode percentiles(List<Long> nanos) {
    long[] sorted = nanos.stream().mapToLong(Long::longValue).sorted().toArray();
    return LongRuns.figures()
        .put("count", sorted.length)
        .put("medianMillis", sorted[sorted.length / 2] / 1e6)
        .put("p95Millis", sorted[(int) (sorted.length * 0.95)] / 1e6)
        .put("maxMillis", sorted[sorted.length - 1] / 1e6);
  }

  @Test
  void fiftyEditsASecondOfFiveThousandThingsBesideTabsThatNeverRead() throws Exception {
    String id = large();
    List<Socket> deaf = new ArrayList<>();
    for (int i = 0; i < 3; i++) {
      deaf.add(new Socket("/ws/missions/" + id, false));
    }
    JsonNode units = server.get("/api/missions/" + id).json().at("/document/units");
    List<Long> took = new ArrayList<>();
    long begun = System.nanoTime();
    for (int i = 0; i < 3000; i++) {
      String unit = "u" + (THINGS - 1 - i % 1000);
      JsonNode before = facing(units, unit, i);
      Edits edit =
          new Edits()
              .put("/units/" + unit + "/facing", before, Json.MAPPER.valueToTree(1 + i / 1000));
      String body = edit.body("e" + i, i);
      long at = System.nanoTime();
      RunningServer.Answer answer = server.post("/api/missions/" + id + "/edits", body);
      took.add(System.nanoTime() - at);
      assertThat(answer.status()).as(String.valueOf(answer.json())).isEqualTo(200);
      long ahead = begun + (i + 1) * 20_000_000L - System.nanoTime();
      pause(Math.max(0, ahead / 1_000_000));
    }
    ObjectNode figures = percentiles(took.subList(100, took.size()));
    LongRuns.report("edits", figures);
    deaf.forEach(Socket::close);
    assertThat(figures.get("p95Millis").asDouble()).isLessThan(30);
  }

  private static JsonNode facing(JsonNode units, String unit, int edit) {
    return edit < 1000 ? units.get(unit).get("facing") : Json.MAPPER.valueToTree(edit / 1000);
  }

  @Test
  void aBystanderUnderAFloodOfSteps() throws Exception {
    String large = large();
    List<Socket> flooders = new ArrayList<>();
    for (int i = 0; i < 2; i++) {
      Socket flooder = new Socket("/ws/trials/" + trial(large), true);
      flooder.say("{\"type\":\"pause\",\"paused\":true}");
      flooders.add(flooder);
    }
    try (Socket bystander = new Socket("/ws/trials/" + trial(server.demo()), true)) {
      pause(2000);
      int before = bystander.snapshots.get();
      long begun = System.nanoTime();
      for (int second = 0; second < 20; second++) {
        for (Socket flooder : flooders) {
          for (int i = 0; i < 200; i++) {
            flooder.say(FLOOD);
          }
        }
        pause(1000);
      }
      double rate = (bystander.snapshots.get() - before) * 1e9 / (System.nanoTime() - begun);
      LongRuns.report("bystander", LongRuns.figures().put("snapshotsASecond", rate));
      assertThat(rate).isGreaterThanOrEqualTo(15);
    } finally {
      flooders.forEach(Socket::close);
    }
  }

  @Test
  void eightSocketsAndAFloodOnALiveTrialAndSomeThatNeverRead() throws Exception {
    String id = trial(server.demo());
    List<Socket> all = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      all.add(new Socket("/ws/trials/" + id, i % 4 != 3));
    }
    String[] messages = {
      "{\"type\":\"act\",\"input\":{\"type\":\"steer\",\"east\":1,\"north\":0}}",
      "{\"type\":\"act\",\"input\":{\"type\":\"aim\",\"bearing\":90}}",
      "{\"type\":\"speed\",\"speed\":16}",
      "{\"type\":\"view\",\"as\":\"designer\"}",
      "{\"type\":\"ack\",\"step\":1}",
      "{\"type\":\"takeSeat\"}",
    };
    for (int round = 0; round < 2000; round++) {
      for (Socket socket : all) {
        // One that never reads is closed before long, and has nothing more to say.
        if (socket.reads || !socket.socket.isOutputClosed()) {
          socket.tries(messages[(round + all.indexOf(socket)) % messages.length]);
        }
      }
    }
    Socket player = all.getFirst();
    player.say("{\"type\":\"speed\",\"speed\":1}");
    int before = player.snapshots.get();
    pause(5000);
    int after = player.snapshots.get();
    LongRuns.report(
        "flood", LongRuns.figures().put("snapshotsASecondAfterwards", (after - before) / 5.0));
    assertThat(player.closed).isFalse();
    assertThat(server.get("/api/trials/" + id + "/replay").status()).isEqualTo(200);
    all.forEach(Socket::close);
  }

  @Test
  void theHeapIsFlatAfterTwoHundredAbandonedTrials() throws Exception {
    String demo = server.mission("Relight the Harrow");
    abandon(demo, 20);
    long before = used();
    for (int batch = 0; batch < 4; batch++) {
      abandon(demo, 50);
    }
    long after = used();
    LongRuns.report(
        "heap", LongRuns.figures().put("beforeMb", before >> 20).put("afterMb", after >> 20));
    assertThat(after - before).isLessThan(40L << 20);
  }

  /** Starts trials, watches each for a moment, goes away, and waits until they are gone. */
  private void abandon(String mission, int trials) throws Exception {
    String last = "";
    for (int i = 0; i < trials; i++) {
      last = trial(mission);
      try (Socket socket = new Socket("/ws/trials/" + last, true)) {
        socket.say("{\"type\":\"view\",\"as\":\"designer\"}");
        pause(100);
      }
    }
    for (int i = 0; i < 120 && server.get("/api/trials/" + last + "/replay").status() == 200; i++) {
      pause(1000);
    }
    assertThat(server.get("/api/trials/" + last + "/replay").status()).isEqualTo(404);
  }

  private static long used() throws InterruptedException {
    long least = Long.MAX_VALUE;
    for (int i = 0; i < 5; i++) {
      System.gc();
      pause(200);
      Runtime runtime = Runtime.getRuntime();
      least = Math.min(least, runtime.totalMemory() - runtime.freeMemory());
    }
    return least;
  }

  @Test
  void fiftyThousandAdditionsInOnePatchAreAnsweredSoon() {
    String id = server.post("/api/missions", null).json().get("id").asString();
    JsonNode marker =
        Samples.demo("relight-the-harrow").document().get("markers").iterator().next();
    List<Long> took = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      Edits many = new Edits();
      for (int k = 0; k < 50_000; k++) {
        many.put("/markers/m" + k, null, marker);
      }
      String body = many.body("m" + i, 0);
      long at = System.nanoTime();
      RunningServer.Answer answer = server.post("/api/missions/" + id + "/edits", body);
      took.add(System.nanoTime() - at);
      assertThat(answer.status()).isEqualTo(422);
    }
    ObjectNode figures = percentiles(took);
    LongRuns.report("additions", figures);
    assertThat(figures.get("maxMillis").asDouble()).isLessThan(2000);
    assertThat(server.get("/api/missions/" + id).json().get("revision").asInt()).isZero();
  }
}
