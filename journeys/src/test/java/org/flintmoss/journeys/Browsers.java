package org.flintmoss.journeys;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/**
 * The browsers that the journeys share: one for each thread that they go on, since a browser is to
 * be driven by the thread that has opened it. They end with the tests.
 */
final class Browsers {
  private static final List<String> CHROMIUM =
      List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");

  private static final ThreadLocal<Browser> MINE = ThreadLocal.withInitial(Browsers::open);

  private Browsers() {}

  /** The browser of this thread. */
  static Browser mine() {
    return MINE.get();
  }

  private static Browser open() {
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
                        "--disable-sync")));
  }

  private static Path chromium() {
    return CHROMIUM.stream()
        .map(Path::of)
        .filter(Files::isExecutable)
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("install Debian's package chromium"));
  }
}
