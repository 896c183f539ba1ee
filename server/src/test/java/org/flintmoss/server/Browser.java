package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

/** A browser as far as a trial can tell: what it is told, and the steps of its snapshots. */
final class Browser implements WebSocket.Listener {
  final LinkedBlockingQueue<JsonNode> words = new LinkedBlockingQueue<>();
  final LinkedBlockingQueue<Integer> steps = new LinkedBlockingQueue<>();
  final LinkedBlockingQueue<Integer> closed = new LinkedBlockingQueue<>();
  final WebSocket socket;

  private final StringBuilder part = new StringBuilder();
  private final ByteArrayOutputStream snapshot = new ByteArrayOutputStream();

  Browser(RunningServer server, String trial) throws Exception {
    this(server, trial, "");
  }

  /** A browser that has been there before, or will be again, by the key in its query. */
  Browser(RunningServer server, String trial, String query) throws Exception {
    String address = "ws://localhost:" + server.port() + "/ws/trials/" + trial + query;
    socket =
        server
            .client()
            .newWebSocketBuilder()
            .buildAsync(URI.create(address), this)
            .get(20, TimeUnit.SECONDS);
  }

  /** A long message comes in parts. */
  @Override
  public CompletionStage<?> onText(WebSocket it, CharSequence text, boolean last) {
    part.append(text);
    if (last) {
      words.add(Json.MAPPER.readTree(part.toString()));
      part.setLength(0);
    }
    it.request(1);
    return null;
  }

  @Override
  public CompletionStage<?> onBinary(WebSocket it, ByteBuffer bytes, boolean last) {
    byte[] piece = new byte[bytes.remaining()];
    bytes.get(piece);
    snapshot.writeBytes(piece);
    if (last) {
      steps.add(ByteBuffer.wrap(snapshot.toByteArray()).getInt());
      snapshot.reset();
    }
    it.request(1);
    return null;
  }

  @Override
  public CompletionStage<?> onClose(WebSocket it, int code, String reason) {
    closed.add(code);
    return null;
  }

  void say(String json) {
    socket.sendText(json.replace('\'', '"'), true).join();
  }

  JsonNode hear(String type) throws InterruptedException {
    while (true) {
      JsonNode word = words.poll(30, TimeUnit.SECONDS);
      assertThat(word).as("waiting for %s; closed by %s", type, closed).isNotNull();
      if (word.get("type").asString().equals(type)) {
        return word;
      }
    }
  }

  int step() throws InterruptedException {
    Integer step = steps.poll(30, TimeUnit.SECONDS);
    assertThat(step).as("a snapshot").isNotNull();
    return step;
  }

  void until(int step) throws InterruptedException {
    while (step() < step) {
      assertThat(closed).isEmpty();
    }
  }
}
