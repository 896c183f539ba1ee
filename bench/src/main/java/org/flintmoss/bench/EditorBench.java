package org.flintmoss.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.server.FlintmossServer;
import org.flintmoss.terrain.Tiles;
import org.flintmoss.terrain.make.GroundMaker;
import org.flintmoss.terrain.make.GroundSpec;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.node.ObjectNode;

/**
 * How the map of {@link Throng} feels in a real browser without a GPU: opening, selecting, moving,
 * panning and zooming. Times are taken in the page, from the event to the frame that shows what
 * came of it.
 */
final class EditorBench {
  private static final List<String> CHROMIUM =
      List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");

  /** How often each is done; the middle of what was measured is reported. */
  private static final int TIMES = 5;

  private static final int FRAMES = 120;

  /** Cells on a side of the ground that is brushed. */
  private static final int VAST = 2048;

  private final String address;
  private final Page page;
  private final ObjectNode json = Json.MAPPER.createObjectNode();

  private EditorBench(String address, Page page) {
    this.address = address;
    this.page = page;
  }

  static ObjectNode measure() {
    try {
      return measured(Files.createTempDirectory("flintmoss-bench"));
    } catch (IOException | InterruptedException broken) {
      throw new IllegalStateException(broken);
    }
  }

  private static ObjectNode measured(Path data) throws IOException, InterruptedException {
    try (ConfigurableApplicationContext server = server(data);
        Playwright playwright =
            Playwright.create(
                new Playwright.CreateOptions()
                    .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        Browser browser = browser(playwright)) {
      int port = ((WebServerApplicationContext) server).getWebServer().getPort();
      String address = "http://localhost:" + port;
      String id = shelve(address, Throng.file());
      String vast = shelve(address, vast());
      Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
      page.setDefaultTimeout(60_000);
      return new EditorBench(address, page).run(id, vast, browser.version());
    }
  }

  private static ConfigurableApplicationContext server(Path data) {
    return new SpringApplicationBuilder(FlintmossServer.class)
        .logStartupInfo(false)
        .run(
            "--server.port=0",
            "--flintmoss.data=" + data,
            "--flintmoss.demo=false",
            "--spring.main.banner-mode=off",
            "--logging.level.root=error");
  }

  private static Browser browser(Playwright playwright) {
    Path chromium =
        CHROMIUM.stream()
            .map(Path::of)
            .filter(Files::isExecutable)
            .findFirst()
            .orElseThrow(() -> new IllegalStateException("install chromium: apt install chromium"));
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(chromium)
                .setTimeout(120_000)
                .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-quic")));
  }

  /** A coast of 2048 x 2048 cells with nobody on it. */
  private static MissionFile vast() {
    GroundSpec spec = new GroundSpec(GroundSpec.Land.COAST, VAST, VAST, 2, 7, 1, 0, 1, false, 0);
    Tiles tiles = Tiles.cut(GroundMaker.make(spec).grid());
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode setting = (ObjectNode) document.get("setting");
    setting.set("terrain", Json.MAPPER.valueToTree(tiles.terrain()));
    return new MissionFile(document, tiles.assets());
  }

  /** Puts a mission on the shelf; answers with its id. */
  private static String shelve(String address, MissionFile mission)
      throws IOException, InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + "/api/missions/import"))
            .header("Content-Type", "application/octet-stream")
            .POST(HttpRequest.BodyPublishers.ofByteArray(MissionZip.write(mission)))
            .build();
    HttpResponse<byte[]> answer =
        HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofByteArray());
    if (answer.statusCode() / 100 != 2) {
      throw new UncheckedIOException(new IOException(new String(answer.body())));
    }
    return Json.MAPPER.readTree(answer.body()).get("id").asString();
  }

  private ObjectNode run(String id, String vast, String chromium) {
    json.put("things", Throng.THINGS).put("cells", Throng.CELLS + " x " + Throng.CELLS);
    json.set("machine", Calibration.here().put("chromium", chromium));
    json.putArray("openMillis");
    for (int i = 0; i < TIMES; i++) {
      json.withArray("openMillis").add(open(id));
    }
    select();
    move();
    pan();
    zoom();
    eye();
    brush(vast);
    return json;
  }

  /** Pictures at eye level from one of the 5,000 things, turned on after each. */
  private void eye() {
    page.keyboard().press("Escape");
    page.getByLabel("Filter").fill("lookout");
    page.locator("button[data-main][aria-label^='Unit ']").first().click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Eye level")).click();
    json.putArray("eyeLevelMillis");
    for (int i = 0; i < TIMES; i++) {
      page.waitForFunction(
          "many => performance.getEntriesByName('eye level').length > many",
          json.withArray("eyeLevelMillis").size());
      json.withArray("eyeLevelMillis")
          .add(number("() => performance.getEntriesByName('eye level').at(-1).duration"));
      page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Turn right")).click();
    }
  }

  /** A long stroke over a ground of 2048 x 2048 cells, and until it is stored. */
  private void brush(String vast) {
    page.navigate(address + "/missions/" + vast + "/ground");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The ground")).click();
    page.getByText("Shape the ground").click();
    page.getByLabel("Radius").fill("80");
    page.getByLabel("Radius").press("Enter");
    BoundingBox map = map();
    double x = map.x + map.width / 2;
    double y = map.y + map.height * 0.7;
    json.put("brushCells", VAST + " x " + VAST).put("brushRadiusMetres", 80);
    page.mouse().move(x, y);
    page.mouse().down();
    page.mouse().move(x + 3, y);
    page.waitForTimeout(1000);
    page.evaluate(COUNT);
    for (int i = 0; i < FRAMES; i++) {
      page.mouse().move(x + 150 * Math.sin(i / 12.0), y + 60 * Math.cos(i / 9.0));
    }
    frames("brush");
    page.evaluate(
        "() => { const button = [...document.querySelectorAll('button')].find(it =>"
            + " it.textContent.trim() === 'Undo'); const from = performance.now(); window.took ="
            + " undefined; new MutationObserver(() => { if (!button.disabled) window.took ??="
            + " performance.now() - from; }).observe(button, {attributes: true}); }");
    page.mouse().up();
    json.put("strokeStoredMillis", took());
  }

  /** From going to the address until the map shows everything and Contents counts it. */
  private double open(String id) {
    page.navigate("about:blank");
    page.navigate(address + "/missions/" + id + "/ground");
    page.getByText("5,000 things").waitFor();
    return number(
        "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() =>"
            + " done(performance.now()))))");
  }

  private BoundingBox map() {
    return page.getByRole(AriaRole.APPLICATION).boundingBox();
  }

  private double number(String script) {
    return ((Number) page.evaluate(script)).doubleValue();
  }

  /** Has the page note how long after an event the next frame was shown. */
  private void listen(String event) {
    page.evaluate(
        "event => { window.took = undefined; addEventListener(event, () => { const from ="
            + " performance.now(); requestAnimationFrame(() => { const channel = new"
            + " MessageChannel(); channel.port1.onmessage = () => { window.took ="
            + " performance.now() - from; }; channel.port2.postMessage(0); }); }, {capture: true,"
            + " once: true}); }",
        event);
  }

  private double took() {
    page.waitForFunction("() => window.took !== undefined");
    return number("() => window.took");
  }

  /** A frame around half of everything, from letting go until it is selected on the screen. */
  private void select() {
    BoundingBox map = map();
    json.putArray("selectMillis");
    for (int i = 0; i < TIMES; i++) {
      page.keyboard().press("Escape");
      page.mouse().move(map.x + 40, map.y + 40);
      page.mouse().down();
      page.mouse().move(map.x + map.width * 0.6, map.y + map.height - 60);
      page.mouse().move(map.x + map.width * 0.6 + 1, map.y + map.height - 60);
      listen("pointerup");
      page.mouse().up();
      json.withArray("selectMillis").add(took());
    }
    json.put("selected", page.locator("aside[aria-label=Slip] h2").textContent());
  }

  /** About a thousand things nudged as one edit, from the key until it is on the screen. */
  private void move() {
    BoundingBox map = map();
    page.keyboard().press("Escape");
    page.mouse().move(map.x + 40, map.y + 40);
    page.mouse().down();
    page.mouse().move(map.x + map.width * 0.4, map.y + map.height * 0.5);
    page.mouse().move(map.x + map.width * 0.44, map.y + map.height * 0.52);
    page.mouse().up();
    json.put("moved", page.locator("aside[aria-label=Slip] h2").textContent());
    json.putArray("moveMillis");
    for (int i = 0; i < TIMES; i++) {
      listen("keydown");
      page.keyboard().press(i % 2 == 0 ? "ArrowUp" : "ArrowDown");
      json.withArray("moveMillis").add(took());
    }
  }

  private static final String COUNT =
      "() => { window.frames_ = []; let last = performance.now(); const next = now => {"
          + " window.frames_.push(now - last); last = now; window.counting ="
          + " requestAnimationFrame(next); }; window.counting = requestAnimationFrame(next); }";

  private void frames(String name) {
    page.evaluate("() => cancelAnimationFrame(window.counting)");
    @SuppressWarnings("unchecked")
    List<Number> frames = (List<Number>) page.evaluate("() => window.frames_.slice(2)");
    double[] sorted = frames.stream().mapToDouble(Number::doubleValue).sorted().toArray();
    double sum = Stream.of(sorted).flatMapToDouble(java.util.Arrays::stream).sum();
    ObjectNode to = json.putObject(name);
    to.put("framesPerSecond", sorted.length * 1000 / sum);
    to.put("p95FrameMillis", sorted[(int) (sorted.length * 0.95)]);
    to.put("longestFrameMillis", sorted[sorted.length - 1]);
  }

  private void pan() {
    BoundingBox map = map();
    page.keyboard().press("Escape");
    double x = map.x + map.width / 2;
    double y = map.y + map.height / 2;
    page.mouse().move(x, y);
    page.mouse().wheel(0, -700);
    page.waitForTimeout(500);
    page.mouse()
        .down(
            new com.microsoft.playwright.Mouse.DownOptions()
                .setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
    page.evaluate(COUNT);
    for (int i = 0; i < FRAMES; i++) {
      page.mouse().move(x + 120 * Math.sin(i / 12.0), y + 90 * Math.cos(i / 9.0));
    }
    frames("pan");
    page.mouse()
        .up(
            new com.microsoft.playwright.Mouse.UpOptions()
                .setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
  }

  private void zoom() {
    page.evaluate(COUNT);
    for (int i = 0; i < FRAMES; i++) {
      page.mouse().wheel(0, i / 20 % 2 == 0 ? 60 : -60);
    }
    frames("zoom");
  }
}
