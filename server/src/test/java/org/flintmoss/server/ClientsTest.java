package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.flintmoss.endless.EndlessWork;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Nothing is worked on for a client that has gone. */
class ClientsTest {
  /**
   * Seconds: less than any request may take, so that what ends here ended for the client's sake.
   */
  private static final int SOON = 12;

  @TempDir Path data;
  private RunningServer server;
  private EndlessWork work;

  @BeforeEach
  void start() {
    server = new RunningServer(data, EndlessWork.class);
    work = server.bean(EndlessWork.class);
  }

  @AfterEach
  void stop() {
    server.close();
  }

  private Socket ask(String line, String body) throws IOException {
    Socket socket = new Socket("127.0.0.1", server.port());
    String request =
        "%s /api/endless HTTP/1.1\r\nHost: localhost:%d\r\nContent-Length: %d\r\n\r\n%s"
            .formatted(line, server.port(), body.length(), body);
    socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
    return socket;
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "[1, 2, 3]"})
  void workEndsWhenItsClientGoes(String body) throws Exception {
    try (Socket client = ask(body.isEmpty() ? "GET" : "POST", body)) {
      assertThat(client.isConnected()).isTrue();
      assertThat(work.begun.await(SOON, TimeUnit.SECONDS)).isTrue();
    }
    assertThat(work.calledOff.await(SOON, TimeUnit.SECONDS)).isTrue();
  }

  @Test
  void workEndsWhenItsClientBreaksOff() throws Exception {
    try (Socket client = ask("GET", "")) {
      client.setSoLinger(true, 0);
      assertThat(work.begun.await(SOON, TimeUnit.SECONDS)).isTrue();
    }
    assertThat(work.calledOff.await(SOON, TimeUnit.SECONDS)).isTrue();
  }

  @Test
  void aFurtherRequestOnTheSameLineEndsNothing() throws Exception {
    String ping = "GET /api/missions HTTP/1.1\r\nHost: localhost:%d\r\nConnection: close\r\n\r\n";
    try (Socket client = ask("GET", "")) {
      assertThat(work.begun.await(SOON, TimeUnit.SECONDS)).isTrue();
      byte[] next = ping.formatted(server.port()).getBytes(StandardCharsets.US_ASCII);
      client.getOutputStream().write(next);
      String answers =
          new String(client.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);
      assertThat(answers).contains("HTTP/1.1 422", "longer than 20 s", "HTTP/1.1 200", "\"title\"");
    }
  }
}
