package org.flintmoss.journeys;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.file.Path;
import org.flintmoss.server.FlintmossServer;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application and a real browser: a designer at the desk. */
final class Desk implements AutoCloseable {
  private static final int PATIENCE = 30_000;

  /** Every desk of a thread is at one port, so that the browser knows the application again. */
  private static final ThreadLocal<Integer> PORT = ThreadLocal.withInitial(() -> 0);

  private final Path data;
  private ConfigurableApplicationContext server;

  Desk(Path data) {
    this.data = data;
    start();
    Browsers.mine().setDefaultTimeout(PATIENCE);
    PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
  }

  private void start() {
    server =
        new SpringApplicationBuilder(FlintmossServer.class)
            .main(FlintmossServer.class)
            .run(
                "--server.port=" + PORT.get(),
                "--flintmoss.data=" + data,
                "--flintmoss.demo=true",
                "--spring.main.register-shutdown-hook=false");
    PORT.set(((WebServerApplicationContext) server).getWebServer().getPort());
  }

  /** Stops the server and starts it again on the same port with the same data. */
  void restart() {
    stop();
    start();
  }

  /** Stops the server. */
  void stop() {
    server.close();
  }

  /** Starts the server again after {@link #stop}. */
  void startAgain() {
    start();
  }

  /** A new tab on the shelf. */
  Page tab() {
    Page page = Browsers.mine().newPage();
    page.navigate(origin());
    return page;
  }

  private static String origin() {
    return "http://localhost:" + PORT.get();
  }

  static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  static Locator link(Page page, String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  /** The button that says how many checks are open. */
  static Locator checks(Page page, int open) {
    String words = open == 1 ? "1 check" : open + " checks";
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(words).setExact(true));
  }

  static Locator map(Page page) {
    return page.getByRole(AriaRole.APPLICATION);
  }

  /** Opens a mission from the shelf. */
  static void open(Page page, String title) {
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(title).setExact(true))
        .click();
    map(page).waitFor();
  }

  /** How far the sheet is moved by its margin, which is wider on the left and above, pixels. */
  private static final double MARGIN_OFF = 9;

  /** The pixel of a point of the ground, read off the map: the sheet is shown whole first. */
  static double[] pixel(Page page, double x, double y) {
    BoundingBox box = map(page).boundingBox();
    double scale = Math.min((box.width - 34) / 512, (box.height - 34) / 512);
    return new double[] {
      box.x + box.width / 2 + MARGIN_OFF + (x - 256) * scale,
      box.y + box.height / 2 + MARGIN_OFF - (y - 256) * scale
    };
  }

  /** Clicks a point of the ground on a map that shows the whole sheet. */
  static void clickGround(Page page, double x, double y) {
    double[] at = pixel(page, x, y);
    page.mouse().move(at[0], at[1]);
    page.mouse().click(at[0], at[1]);
  }

  /** Drags from one point of the ground to another. */
  static void dragGround(Page page, double x, double y, double toX, double toY) {
    double[] from = pixel(page, x, y);
    double[] to = pixel(page, toX, toY);
    page.mouse().move(from[0], from[1]);
    page.mouse().down();
    page.mouse().move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2);
    page.mouse().move(to[0], to[1]);
    page.mouse().up();
  }

  /** Types over what a field holds, and takes it. */
  static void fill(Locator field, String text) {
    field.fill(text);
    field.press("Enter");
  }

  @Override
  public void close() {
    Browsers.clear(origin());
    stop();
  }
}
