package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** One journey: a desk of its own, and a first tab on the shelf. */
abstract class Journey {
  private static final Pattern AFTER_THE_FIRST_SECOND =
      Pattern.compile("(0:0[1-9]|0:[1-9]\\d|[1-9]\\d*:\\d\\d) in");

  @TempDir Path data;
  Desk desk;
  Page page;

  @BeforeEach
  void sitDown() {
    desk = new Desk(data);
    page = desk.tab();
  }

  @AfterEach
  void getUp() {
    desk.close();
  }

  Locator role(AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** Opens a new mission and shows the whole of its sheet. */
  void empty() {
    Desk.button(page, "New mission").click();
    Desk.map(page).waitFor();
    Desk.button(page, "Whole sheet").click();
  }

  /** Takes something of the tray into the hand. */
  void tray(String group, String tool) {
    role(AriaRole.TAB, group).click();
    Desk.button(page, tool).click();
  }

  /** Draws point by point what is in the hand. */
  void draw(double... xy) {
    for (int i = 0; i < xy.length; i += 2) {
      Desk.clickGround(page, xy[i], xy[i + 1]);
    }
    page.keyboard().press("Enter");
  }

  /** A card of the script by its name. */
  Locator card(String name) {
    return page.getByRole(
        AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** A button within something. */
  static Locator in(Locator within, String button) {
    return within.getByRole(
        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(button).setExact(true));
  }

  /** Opens a list by its chip and takes the best match for some words. */
  void choose(Locator chip, String list, String words) {
    chip.click();
    Locator search = role(AriaRole.COMBOBOX, "Search: " + list);
    search.fill(words);
    search.press("Enter");
  }

  /**
   * Waits until play has gone on for a second. Any later second will do as well: the clock is
   * looked at now and then, and a machine with much to do looks past the first.
   */
  static void playGoesOn(Page page) {
    assertThat(clock(page)).containsText(AFTER_THE_FIRST_SECOND);
  }

  /** The clock of play. */
  static Locator clock(Page page) {
    return page.getByRole(
        AriaRole.STATUS, new Page.GetByRoleOptions().setName("Clock").setExact(true));
  }

  /** Waits until the last edit is stored. */
  void saved() {
    assertThat(role(AriaRole.STATUS, "Save state")).hasText(Pattern.compile("Saved .*"));
  }
}
