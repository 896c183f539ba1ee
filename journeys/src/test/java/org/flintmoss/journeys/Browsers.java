package org.flintmoss.journeys;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * The browsers that the journeys share: one for each thread that they go on, since a browser is to
 * be driven by the thread that has opened it. What it has loaded of the application it keeps from
 * one journey to the next; what the application stores in it is cleared between them. They end with
 * the tests.
 */
final class Browsers {
  private static final List<String> CHROMIUM =
      List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");

  private static final ThreadLocal<BrowserContext> MINE = ThreadLocal.withInitial(Browsers::open);

  private Browsers() {}

  /** The browser of this thread. */
  static BrowserContext mine() {
    return MINE.get();
  }

  /** Closes all tabs of the browser of this thread and clears what an application stored in it. */
  static void clear(String origin) {
    List<Page> open = List.copyOf(mine().pages());
    Page blank = mine().newPage();
    open.forEach(Page::close);
    JsonObject all = new JsonObject();
    all.addProperty("origin", origin);
    all.addProperty("storageTypes", "all");
    mine().newCDPSession(blank).send("Storage.clearDataForOrigin", all);
    mine().clearPermissions();
    blank.close();
  }

  private static BrowserContext open() {
    Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    return playwright
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(chromium())
                .setTimeout(120_000)
                .setArgs(
                    List.of(
                        "--no-sandbox",
                        "--disable-gpu",
                        "--disable-quic",
                        "--no-first-run",
                        "--disable-background-networking",
                        "--disable-component-update",
                        "--disable-sync")))
        .newContext(new Browser.NewContextOptions().setViewportSize(1280, 800));
  }

  private static Path chromium() {
    return CHROMIUM.stream()
        .map(Path::of)
        .filter(Files::isExecutable)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("install Debian's package chromium"));
  }
}
