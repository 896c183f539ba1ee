package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import org.junit.jupiter.api.Test;

/**
 * Places that act are made by hand and met in play: a fire of three rings, a pad for players, a
 * start in an area.
 */
class PlacesJourney extends Journey {
  private static final double X = 122;
  private static final double Y = 104;

  private void zone(String name, String... works) {
    zoneAt(X, name, works);
  }

  private void zoneAt(double x, String name, String... works) {
    tray("Places", "Round zone");
    Desk.clickGround(page, x, Y);
    page.keyboard().press("Escape");
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), name);
    for (String work : works) {
      Desk.button(page, "Add what it does").click();
      role(AriaRole.OPTION, work).click();
      assertThat(role(AriaRole.REGION, work)).isVisible();
    }
  }

  private void fire() {
    for (String ring : new String[] {"Heat", "Flames", "Embers"}) {
      zone(ring, "Harms");
      Locator harms = role(AriaRole.REGION, "Harms");
      in(harms, "the same everywhere").click();
      role(AriaRole.OPTION, "from nothing at the rim to all in the middle").click();
      assertThat(in(harms, "from nothing at the rim to all in the middle")).isVisible();
    }
  }

  private void pad() {
    zone("Hoist", "Transfers");
    Locator transfers = role(AriaRole.REGION, "Transfers");
    in(transfers, "Only some of them").click();
    role(AriaRole.OPTION, "players alone").click();
    page.keyboard().press("Escape");
    assertThat(transfers).containsText("players alone");
    in(transfers, "E 0 N 0").click();
    Desk.button(page, "Point on the map").click();
    Desk.clickGround(page, 190, 96);
    assertThat(transfers).containsText("E 19");
  }

  @Test
  void aFireBurnsAndAPadCarriesAway() {
    empty();
    tray("People", "Player start");
    Desk.clickGround(page, X, Y);
    page.keyboard().press("Escape");
    fire();
    saved();
    Desk.link(page, "Script").click();
    role(AriaRole.TAB, "Places").click();
    assertThat(role(AriaRole.REGION, "Flames")).containsText("harms by");
    in(role(AriaRole.REGION, "Flames"), "On the map").click();
    assertThat(role(AriaRole.TEXTBOX, "Name")).hasValue("Flames");
    Desk.button(page, "Try").click();
    assertThat(page.getByText("it hurts.", new Page.GetByTextOptions()).first()).isVisible();
    Desk.button(page, "Leave").click();
    pad();
    saved();
    Desk.button(page, "Try").click();
    assertThat(page.getByText("Hoist: it takes you elsewhere.")).isVisible();
  }

  @Test
  @InTheLongRun
  void aPlayerBeginsSomewhereInAZoneAndTheZoneIsChangedInTheScriptAsText() {
    empty();
    zoneAt(190, "Smoke", "Harms");
    tray("People", "Player start");
    Desk.clickGround(page, X, Y);
    page.keyboard().press("Escape");
    role(AriaRole.COMBOBOX, "Begins")
        .selectOption(new SelectOption().setLabel("Somewhere in Smoke"));
    saved();
    Desk.button(page, "Try").click();
    assertThat(page.getByText("Smoke: it hurts.").first()).isVisible();
    Desk.button(page, "Leave").click();
    Desk.link(page, "Script").click();
    Desk.button(page, "Text").click();
    Locator text = page.getByLabel("Script as text");
    assertThat(text).containsText("zone [Smoke]");
    text.getByText("harms by 5 every 1 s").click();
    page.keyboard().press("End");
    page.keyboard().type(", all but players");
    assertThat(page.getByText("Understood and put in place")).isVisible();
    Desk.link(page, "Ground").click();
    Desk.button(page, "Smoke").click();
    assertThat(role(AriaRole.REGION, "Harms")).containsText("all but players");
  }
}
