package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;

/**
 * A squad of three lookouts that goes along a route, and a zone to reach: made from nothing by
 * mouse, and again by keyboard alone. What it takes is counted and written to {@code
 * target/counted-journeys.json}.
 */
class CountedJourney extends Journey {
  /** By hand it must not take more than this, so that it does not creep up unseen. */
  private static final int MOST_CLICKS = 26;

  private static final int MOST_KEYS = 190;

  private static final Map<String, Map<String, Integer>> COUNTED = new TreeMap<>();

  private int clicks;
  private int drags;
  private int keys;

  private void click(Locator button) {
    button.click();
    clicks++;
  }

  private void ground(double x, double y) {
    Desk.clickGround(page, x, y);
    clicks++;
  }

  private void press(String... all) {
    for (String key : all) {
      page.keyboard().press(key);
      keys++;
    }
  }

  private void press(String key, int times) {
    for (int i = 0; i < times; i++) {
      press(key);
    }
  }

  /** Finds or does something: opened, typed, taken. */
  private void find(String words) {
    press("Control+KeyK");
    page.getByRole(AriaRole.DIALOG).waitFor();
    page.keyboard().type(words);
    keys += words.length();
    // What is found first is chosen a moment after it is shown; Enter takes what is chosen.
    page.locator("[role=option][aria-selected=true]").first().waitFor();
    press("Enter");
    page.getByRole(AriaRole.DIALOG)
        .waitFor(
            new Locator.WaitForOptions()
                .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
  }

  private void isMade() {
    assertThat(page.getByText("A squad of 3, led by Lookout.")).isVisible();
    assertThat(Desk.button(page, "Zone")).isVisible();
    assertThat(page.getByText("goes along").last()).isVisible();
    saved();
  }

  private void counted(String name) {
    COUNTED.put(name, new TreeMap<>(Map.of("clicks", clicks, "drags", drags, "keys", keys)));
  }

  @AfterAll
  static void write() throws IOException {
    Files.writeString(
        Path.of("target/counted-journeys.json"),
        Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(COUNTED) + "\n");
  }

  @Test
  @InTheLongRun
  void byMouse() {
    empty();
    click(Desk.button(page, "Wreckers"));
    click(in(page.getByLabel("Tray"), "Lookout"));
    for (int i = 0; i < 3; i++) {
      ground(100 + 14 * i, 100);
      assertThat(page.getByText("A lookout of the")).isVisible();
    }
    click(in(page.getByLabel("Tray"), "Lookout"));
    Desk.dragGround(page, 80, 125, 150, 88);
    drags++;
    click(Desk.button(page, "Make a squad of these"));
    click(role(AriaRole.TAB, "Places"));
    click(Desk.button(page, "Route").first());
    ground(160, 80);
    ground(220, 90);
    ground(240, 60);
    ground(240, 60);
    click(Desk.button(page, "Round zone"));
    ground(250, 75);
    click(Desk.button(page, "Round zone"));
    click(in(page.getByLabel("Contents"), "Squad"));
    double[] middle = Desk.pixel(page, 114, 100);
    double[] route = Desk.pixel(page, 190, 85);
    page.mouse().move(middle[0] - 30, middle[1] + 30);
    page.mouse().down();
    page.mouse().move((middle[0] + route[0]) / 2, route[1]);
    page.mouse().move(route[0], route[1]);
    page.mouse().up();
    drags++;
    click(role(AriaRole.MENUITEM, "go along Route"));
    isMade();
    counted("squad with route and zone, by mouse");
    assertThat(clicks + drags).isLessThanOrEqualTo(MOST_CLICKS);
    assertThat(keys).isZero();
  }

  @Test
  void byKeyboardAlone() {
    Desk.button(page, "New mission").waitFor();
    Desk.button(page, "New mission").press("Enter");
    Desk.map(page).waitFor();
    find("3 wrecker lookouts");
    press("Shift+ArrowDown", 4);
    press("Space");
    assertThat(page.getByText("3 things").first()).isVisible();
    find("make a squad");
    assertThat(page.getByText("A squad of 3, led by Lookout.")).isVisible();
    find("route");
    press("Shift+ArrowLeft", "Space", "Shift+ArrowLeft", "Space", "Shift+ArrowDown", "Space");
    press("Enter");
    assertThat(page.getByText("A route of 3 waypoints")).isVisible();
    find("round zone");
    press("Space", "Escape");
    find("squad");
    assertThat(page.getByText("A squad of 3, led by Lookout.")).isVisible();
    Desk.map(page).focus();
    press("KeyL");
    find("route");
    press("ArrowDown", "Enter");
    isMade();
    counted("squad with route and zone, by keyboard alone");
    assertThat(keys).isLessThanOrEqualTo(MOST_KEYS);
    assertThat(clicks + drags).isZero();
  }
}
