package org.flintmoss.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The pages as a browser is handed them. */
class PagesTest {
  private static final Pattern SCRIPT = Pattern.compile("src=\"(/assets/index-[^\"]+\\.js)\"");

  @TempDir static Path data;
  private static RunningServer server;

  @BeforeAll
  static void start() {
    server = new RunningServer(data);
  }

  @AfterAll
  static void stop() {
    server.close();
  }

  private static HttpResponse<byte[]> ask(String path, String encoding)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create("http://localhost:" + server.port() + path))
            .header("Accept-Encoding", encoding)
            .build();
    return server.client().send(request, HttpResponse.BodyHandlers.ofByteArray());
  }

  private static String link(String path) throws IOException, InterruptedException {
    return ask(path, "identity").headers().firstValue("Link").orElse("");
  }

  @Test
  void aPageNamesWhatItsScriptWillAskForFirst() throws Exception {
    assertThat(link("/")).startsWith("</api/missions>; rel=preload");
    String id = server.demo();
    assertThat(link("/missions/" + id + "/ground"))
        .startsWith("</api/missions/" + id + ">; rel=preload");
    assertThat(link("/missions/../x")).isEmpty();
  }

  @Test
  void aScriptIsHandedOutSmallAndIsTheSame() throws Exception {
    String page = new String(ask("/", "identity").body(), StandardCharsets.UTF_8);
    Matcher script = SCRIPT.matcher(page);
    assertThat(script.find()).isTrue();
    HttpResponse<byte[]> small = ask(script.group(1), "gzip");
    byte[] whole = ask(script.group(1), "identity").body();
    assertThat(small.headers().firstValue("Content-Encoding")).hasValue("gzip");
    assertThat(small.body().length).isLessThan(whole.length / 2);
    assertThat(new GZIPInputStream(new ByteArrayInputStream(small.body())).readAllBytes())
        .isEqualTo(whole);
  }
}
