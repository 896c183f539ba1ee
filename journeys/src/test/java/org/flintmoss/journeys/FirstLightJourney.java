package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A designer makes First Light by hand, tries it, wins it, and finds it again. */
class FirstLightJourney extends Journey {
  /** A walk across the sheet takes its time. */
  private static final LocatorAssertions.IsVisibleOptions WALK =
      new LocatorAssertions.IsVisibleOptions().setTimeout(180_000);

  @Test
  void madeByHandTriedWonAndFoundAgainAfterARestart() {
    Desk.button(page, "New mission").click();
    Desk.map(page).waitFor();
    retitle("First Light by hand");
    ground();
    event("The lamp is lit");
    assertThat(page.getByText("No open checks")).hasCount(0);
    Desk.link(page, "Ground").click();
    saved();
    desk.restart();
    page.navigate(page.url());
    assertThat(Desk.button(page, "Lamp house")).isVisible();
    play();
  }

  private void retitle(String title) {
    Desk.link(page, "Brief").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Title"), title);
    assertThat(role(AriaRole.HEADING, title)).isVisible();
    Desk.link(page, "Ground").click();
    Desk.map(page).waitFor();
    Desk.button(page, "Whole sheet").click();
  }

  private void ground() {
    Desk.button(page, "Player start").click();
    Desk.clickGround(page, 250, 230);
    page.keyboard().press("Escape");
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Mara Quill");
    Desk.button(page, "Wreckers").click();
    Desk.button(page, "Wrecker").click();
    Desk.clickGround(page, 100, 100);
    page.keyboard().press("Escape");
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Prowler");
    role(AriaRole.COMBOBOX, "Order").selectOption("prowl");
    Desk.clickGround(page, 160, 80);
    Pattern pointed = Pattern.compile("E 1[56]\\d N [78]\\d");
    assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(pointed)))
        .isVisible();
    role(AriaRole.TAB, "Places").click();
    Desk.button(page, "Round zone").click();
    Desk.clickGround(page, 330, 350);
    page.keyboard().press("Escape");
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Lamp house");
    Desk.fill(role(AriaRole.TEXTBOX, "Radius"), "12");
    assertThat(page.getByText("A round zone, 24 m across.")).isVisible();
  }

  private void event(String name) {
    Desk.link(page, "Script").click();
    Desk.button(page, "New event").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the event"), name);
    choose("Add a condition", "is inside");
    Desk.button(page, "Open: choose a zone").click();
    role(AriaRole.OPTION, "Lamp house").click();
    Desk.button(page, "More for this condition").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("For a time…")).click();
    assertThat(Desk.button(page, "for 4 s")).isVisible();
    choose("Add a condition", "is inside");
    Desk.button(page, "Open: choose a zone").click();
    role(AriaRole.OPTION, "Lamp house").click();
    Desk.button(page, "any player").last().click();
    role(AriaRole.OPTION, "none of").click();
    role(AriaRole.OPTION, "Wreckers").click();
    assertThat(Desk.button(page, "no Wrecker")).isVisible();
    choose("Add an action", "end the mission");
    Desk.button(page, "Open: choose an ending").click();
    role(AriaRole.OPTION, "New ending").click();
    assertThat(Desk.button(page, "Ending").first()).isVisible();
    assertThat(Desk.checks(page, 1)).isVisible();
  }

  private void choose(String list, String words) {
    Desk.button(page, list).click();
    Locator search = role(AriaRole.COMBOBOX, "Search: " + list);
    search.fill(words);
    search.press("Enter");
  }

  private void play() {
    Desk.button(page, "Try").click();
    playGoesOn(page);
    Locator map = Desk.map(page);
    map.focus();
    // From the beach to the lamp house it is 80 m east and 120 m north, over the spit and the ramp.
    var box = map.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().wheel(0, 400);
    double scale = 4 * Math.exp(-400 * 0.0016);
    map.click(
        new Locator.ClickOptions()
            .setPosition(box.width / 2 + 80 * scale, box.height / 2 - 120 * scale));
    assertThat(role(AriaRole.DIALOG, "Debriefing")).isVisible(WALK);
    assertThat(page.getByText("✓ Won")).isVisible();
    Desk.button(page, "Back to the ground").click();
    assertThat(Desk.button(page, "Lamp house")).isVisible();
    Desk.link(page, "Script").click();
    assertThat(page.getByText("Last trial")).isVisible();
    page.locator("nav").getByText("The lamp is lit").first().click();
    assertThat(page.getByText("It fired at")).isVisible();
  }

  @Test
  @InTheLongRun
  void lostWhenNobodyLightsTheLampInTime() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Desk.button(page, "Open Too late").click();
    page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Too late"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("time: 300 s"))
        .click();
    Desk.fill(role(AriaRole.TEXTBOX, "time"), "3");
    saved();
    Desk.button(page, "Try").click();
    assertThat(role(AriaRole.DIALOG, "Debriefing")).isVisible(WALK);
    assertThat(page.getByText("✗ Lost")).isVisible();
    assertThat(role(AriaRole.HEADING, "Ship on the rocks")).isVisible();
    String lost = page.url();
    Desk.button(page, "Again, same seed").click();
    page.waitForURL(url -> !url.equals(lost));
    playGoesOn(page);
  }
}
