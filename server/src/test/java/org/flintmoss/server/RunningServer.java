package org.flintmoss.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import org.flintmoss.mission.json.Json;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The real application with a real SQLite file, on a free port. */
final class RunningServer implements AutoCloseable {
  /** The end of what starts a trial, for one who plays alone. */
  static final String ALONE =
      ",\"party\":{\"players\":1,\"first\":0,\"begins\":\"atOnce\",\"empty\":\"nobody\"}}";

  private final HttpClient client = HttpClient.newHttpClient();
  private final ConfigurableApplicationContext context;
  private final int port;

  /** An answer: its status and its JSON, if it is any. */
  record Answer(int status, JsonNode json, HttpResponse<byte[]> raw) {}

  /** Starts the application, with further sources of beans beside its own. */
  RunningServer(Path data, Class<?>... further) {
    context =
        new SpringApplicationBuilder(FlintmossServer.class)
            .sources(further)
            .run("--server.port=0", "--flintmoss.data=" + data, "--flintmoss.demo=true");
    port = ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  int port() {
    return port;
  }

  HttpClient client() {
    return client;
  }

  Answer get(String path) {
    return ask("GET", path, null);
  }

  Answer post(String path, String body) {
    return ask("POST", path, body == null ? new byte[0] : body.getBytes());
  }

  Answer ask(String method, String path, byte[] body, String... headers) {
    var publisher =
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofByteArray(body);
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
            .method(method, publisher)
            .header("Content-Type", "application/json");
    if (headers.length > 0) {
      request.headers(headers);
    }
    try {
      HttpResponse<byte[]> response =
          client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
      String type = response.headers().firstValue("Content-Type").orElse("");
      JsonNode json = type.contains("json") ? Json.MAPPER.readTree(response.body()) : null;
      return new Answer(response.statusCode(), json, response);
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  /** The id of the demo mission. */
  String demo() {
    return mission("First Light");
  }

  /** The id of the mission of a title on the shelf. */
  String mission(String title) {
    return get("/api/missions")
        .json()
        .valueStream()
        .filter(card -> card.get("title").asString().equals(title))
        .findFirst()
        .orElseThrow()
        .get("id")
        .asString();
  }

  @Override
  public void close() {
    context.close();
  }
}
