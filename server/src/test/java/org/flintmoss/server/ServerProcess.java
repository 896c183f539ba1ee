package org.flintmoss.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.flintmoss.mission.json.Json;
import tools.jackson.databind.JsonNode;

/** The server that was packaged, as a process of its own, that can be killed. */
final class ServerProcess implements AutoCloseable {
  private static final String READY = "Flintmoss is ready: ";

  private final HttpClient client = HttpClient.newHttpClient();
  private final Process process;
  private final String address;
  private final StringBuilder said = new StringBuilder();

  /** Starts the server and waits until it is ready or has given up. */
  ServerProcess(Path data, String... more) throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:AOTCache=" + System.getProperty("flintmoss.server.cache"),
                "-Dspring.aot.enabled=true",
                "-jar",
                System.getProperty("flintmoss.server.jar"),
                "--server.port=0",
                "--flintmoss.data=" + data));
    command.addAll(List.of(more));
    process = new ProcessBuilder(command).redirectErrorStream(true).start();
    address = awaited();
  }

  private String awaited() throws IOException {
    BufferedReader out =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    for (String line = out.readLine(); line != null; line = out.readLine()) {
      said.append(line).append('\n');
      if (line.startsWith(READY)) {
        Thread.ofVirtual().start(() -> drain(out));
        return line.substring(READY.length()).strip();
      }
    }
    return null;
  }

  /** Reads what it says until it ends, so that it never waits for a reader. */
  private static void drain(BufferedReader out) {
    try {
      while (out.readLine() != null) {
        // Nobody asks for it.
      }
    } catch (IOException killed) {
      // It says nothing more.
    }
  }

  /** Whether it is ready; if not, it has ended. */
  boolean ready() {
    return address != null;
  }

  /** What it has said until it was ready or ended. */
  String said() {
    return said.toString();
  }

  /** Asks it; answers with nothing where it does not answer any more. */
  RunningServer.Answer ask(String method, String path, String body) {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + path))
            .method(method, HttpRequest.BodyPublishers.ofString(body == null ? "" : body))
            .header("Content-Type", "application/json")
            .build();
    try {
      HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
      String type = response.headers().firstValue("Content-Type").orElse("");
      JsonNode json = type.contains("json") ? Json.MAPPER.readTree(response.body()) : null;
      return new RunningServer.Answer(response.statusCode(), json, response);
    } catch (IOException gone) {
      return null;
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      return null;
    }
  }

  /** Kills it as the system would: with no chance to tidy up. */
  void kill() {
    process.destroyForcibly();
    await();
  }

  private void await() {
    try {
      process.waitFor(30, TimeUnit.SECONDS);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    kill();
    client.close();
  }
}
