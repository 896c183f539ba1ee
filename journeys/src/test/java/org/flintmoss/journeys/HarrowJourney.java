package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The main demo opened, looked at as a designer, and played for a minute. */
class HarrowJourney extends Journey {
  private Locator listed(String name) {
    return page.getByRole(
        AriaRole.LISTITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void openedLookedAtAndPlayedForAMinute() {
    Desk.open(page, "Relight the Harrow");
    assertThat(page.getByText("No open checks")).isVisible();
    Desk.button(page, "The watch").click();
    assertThat(page.getByText(Pattern.compile("A squad of 3, led by Watch"))).isVisible();
    Desk.link(page, "Script").click();
    assertThat(card("The lamp is lit")).isVisible();
    role(AriaRole.TAB, "Waves").click();
    assertThat(card("The siege")).containsText("Third wave");
    Desk.button(page, "Try").click();
    playGoesOn(page);
    Locator objectives =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Objectives"));
    assertThat(objectives).containsText("Cross to the Harrow");
    assertThat(objectives).not().containsText("keeper’s log");
    Desk.button(page, "As designer").click();
    assertThat(listed("Evening")).containsText("fired 0:02");
    assertThat(listed("The sluice opens")).containsText("Not yet: Sluice gate is open.");
    listed("The sluice opens").getByRole(AriaRole.BUTTON).click();
    assertThat(listed("The sluice opens")).containsText("false:");
    role(AriaRole.COMBOBOX, "Speed").selectOption("16");
    page.keyboard().press("t");
    assertThat(role(AriaRole.STATUS, "Clock")).containsText(Pattern.compile("[12]:\\d\\d in"));
    Desk.button(page, "Pause").click();
    role(AriaRole.TAB, "Log").click();
    assertThat(page.getByText("Mara Quill told companions to stay")).isVisible();
    assertThat(page.getByText(Pattern.compile("Watch \\d reached waypoint")).first()).isVisible();
    role(AriaRole.TAB, "Units").click();
    Desk.button(page, "As designer").click();
    assertThat(role(AriaRole.TAB, "Units")).hasCount(0);
  }

  @Test
  @InTheLongRun
  void whatLiesOnTheMapIsTakenUpCarriedAndSetDown() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, "Tobin Ash").click();
    role(AriaRole.COMBOBOX, "Put an item in").selectOption("Flask of lamp oil");
    assertThat(page.getByText("2.6 kg of 30 kg that its kind carries")).isVisible();
    page.getByPlaceholder("Filter: name, kind, side").fill("the lamp");
    Desk.button(page, "The lamp").first().click();
    assertThat(page.getByText("Light (uses up 2 × Flask of lamp oil)")).isVisible();
    Desk.button(page, "Try").click();
    playGoesOn(page);
    Locator map = page.getByLabel("Trial map");
    var box = map.boundingBox();
    map.click(new Locator.ClickOptions().setPosition(box.width / 2 + 20, box.height / 2 - 20));
    Locator pack = role(AriaRole.LIST, "Pack");
    assertThat(pack).containsText("Tin of salve");
    assertThat(page.getByText("Take up: Flask of lamp oil")).isVisible();
    page.keyboard().press("q");
    assertThat(pack).containsText("2 × Flask of lamp oil");
    Desk.button(page, "Set down one Flask of lamp oil").click();
    assertThat(pack).not().containsText("2 ×");
    assertThat(page.getByText("Take up: Flask of lamp oil")).isVisible();
  }

  @Test
  void aTrialBeginsWhereTheDesignerPoints() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, "Begin from a point on the map").click();
    Locator map = Desk.map(page);
    var box = map.boundingBox();
    map.click(new Locator.ClickOptions().setPosition(box.width / 2 + 40, box.height / 2 - 110));
    playGoesOn(page);
    Desk.button(page, "As designer").click();
    assertThat(page.getByText(Pattern.compile("Harrow rock: \\d"))).hasCount(0);
    role(AriaRole.TAB, "Facts").click();
    assertThat(page.getByText(Pattern.compile("Mara Quill")).first()).isVisible();
  }
}
