package org.flintmoss.server.web;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.flintmoss.mission.json.Json;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Asks the server for what it is first asked for, a trial too, and ends it. The build does so once:
 * what is learnt of the classes then is known at every later start.
 */
@Component
class Rehearsal {
  /** Snapshots of a trial, after which what a step needs is known. */
  private static final int SNAPSHOTS = 40;

  private static final int PATIENCE_SECONDS = 120;

  private static final String TRIAL =
      "{\"seed\":1,\"difficulty\":\"breezy\",\"begin\":{\"type\":\"starts\"},"
          + "\"party\":{\"players\":1,\"first\":0,\"begins\":\"atOnce\",\"empty\":\"nobody\"}}";

  private final boolean asked;

  Rehearsal(@Value("${flintmoss.rehearse:false}") boolean asked) {
    this.asked = asked;
  }

  @EventListener
  void begin(ApplicationReadyEvent event) {
    if (!asked) {
      return;
    }
    WebServerApplicationContext web = (WebServerApplicationContext) event.getApplicationContext();
    Thread.ofPlatform().name("rehearsal").start(() -> rehearse(web.getWebServer().getPort()));
  }

  private static void rehearse(int port) {
    try (HttpClient client = HttpClient.newHttpClient()) {
      ask(client, port, "GET", "/", "");
      for (JsonNode card : Json.MAPPER.readTree(ask(client, port, "GET", "/api/missions", ""))) {
        String mission = "/api/missions/" + card.get("id").asString();
        for (String what : new String[] {"", "/water", "/checks"}) {
          ask(client, port, "GET", mission + what, "");
        }
        String trial = ask(client, port, "POST", mission + "/trials", TRIAL);
        watch(client, port, Json.MAPPER.readTree(trial).get("id").asString());
      }
      System.exit(0);
    } catch (IOException | InterruptedException | RuntimeException broken) {
      broken.printStackTrace();
      System.exit(1);
    }
  }

  private static String ask(HttpClient client, int port, String method, String path, String body)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(body))
            .build();
    HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() >= 300) {
      throw new IOException(method + " " + path + " answers " + answer.statusCode());
    }
    return answer.body();
  }

  private static void watch(HttpClient client, int port, String trial)
      throws IOException, InterruptedException {
    CountDownLatch seen = new CountDownLatch(SNAPSHOTS);
    WebSocket.Listener listener =
        new WebSocket.Listener() {
          // A snapshot comes in pieces where it lies across two reads of the network.
          private final ByteArrayOutputStream snapshot = new ByteArrayOutputStream();

          @Override
          public CompletionStage<?> onBinary(WebSocket socket, ByteBuffer data, boolean last) {
            byte[] piece = new byte[data.remaining()];
            data.get(piece);
            snapshot.writeBytes(piece);
            if (last) {
              int step = ByteBuffer.wrap(snapshot.toByteArray()).getInt();
              snapshot.reset();
              seen.countDown();
              socket.sendText("{\"type\":\"ack\",\"step\":%d}".formatted(step), true);
            }
            socket.request(1);
            return null;
          }
        };
    WebSocket socket =
        client
            .newWebSocketBuilder()
            .buildAsync(URI.create("ws://localhost:" + port + "/ws/trials/" + trial), listener)
            .join();
    if (!seen.await(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
      throw new IOException("A trial sends no snapshots.");
    }
    socket.abort();
  }
}
