package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Squads on routes, walls with gates, levers, sides and tides, all by hand from nothing. */
class WorksJourney extends Journey {
  private void set(String tool, double x, double y) {
    Desk.button(page, tool).click();
    Desk.clickGround(page, x, y);
    page.keyboard().press("Escape");
  }

  @Test
  @InTheLongRun
  void aSquadIsMadeOfUnitsAndSentAlongADrawnRoute() {
    empty();
    role(AriaRole.TAB, "People").click();
    Desk.button(page, "Wreckers").click();
    Desk.button(page, "Lookout").click();
    for (int i = 0; i < 3; i++) {
      Desk.clickGround(page, 100 + 14 * i, 100);
      assertThat(page.getByText(Pattern.compile("A lookout of the Wreckers"))).isVisible();
    }
    page.keyboard().press("Escape");
    tray("Places", "Route");
    draw(160, 80, 220, 90, 240, 60);
    assertThat(page.getByText("A route of 3 waypoints")).isVisible();
    Desk.button(page, "Goes on").first().click();
    role(AriaRole.OPTION, "Waits until let go").click();
    assertThat(Desk.button(page, "Waits until let go")).isVisible();
    Desk.dragGround(page, 80, 125, 150, 88);
    Desk.button(page, "Make a squad of these").click();
    assertThat(page.getByText("A squad of 3, led by Lookout.")).isVisible();
    role(AriaRole.COMBOBOX, "Order").selectOption("along");
    Desk.button(page, "Route").first().click();
    assertThat(page.getByText("goes along", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(Desk.button(page, "Route").last()).isVisible();
    Desk.button(page, "Delete").click();
    assertThat(Desk.button(page, "Squad")).hasCount(0);
    Desk.button(page, "Undo").click();
    assertThat(Desk.button(page, "Squad").first()).isVisible();
    saved();
    page.reload();
    Desk.button(page, "Squad").first().click();
    assertThat(page.getByText("A squad of 3, led by Lookout.")).isVisible();
  }

  @Test
  void aLeverOpensAGateInAWallDuringTheTrial() {
    empty();
    role(AriaRole.TAB, "People").click();
    set("Player start", 120, 100);
    tray("Works", "Wall");
    draw(80, 120, 160, 120);
    assertThat(page.getByText(Pattern.compile("A wall \\d+(\\.\\d)? m long"))).isVisible();
    Desk.button(page, "Gate").click();
    draw(114, 120, 126, 120);
    assertThat(page.getByText("Nothing works it yet.")).isVisible();
    role(AriaRole.TAB, "Things").click();
    set("Lever", 120, 101.4);
    Desk.button(page, "Change Pull for this one").click();
    Desk.button(page, "Nothing by itself").click();
    role(AriaRole.OPTION, "Opens or closes a gate").click();
    Desk.button(page, "Open: choose a gate").click();
    role(AriaRole.OPTION, "Gate").click();
    Desk.button(page, "Gate").first().click();
    assertThat(page.getByText("Worked by Lever.")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pull: Lever")).waitFor();
    page.keyboard().press("e");
    assertThat(page.getByText("Pull: Lever…")).isVisible();
    assertThat(page.getByText("Pull: Lever…")).hasCount(0);
  }

  @Test
  @InTheLongRun
  void sidesStancesAndTheTideAreSetInTables() {
    Desk.open(page, "First Light");
    Desk.link(page, "Catalogue").click();
    Desk.button(page, "Add a side").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the Side"), "Pilots");
    role(AriaRole.COMBOBOX, "Keepers to Pilots").selectOption("friendly");
    assertThat(role(AriaRole.COMBOBOX, "Pilots to Keepers")).hasValue("friendly");
    Desk.button(page, "Delete the Pilots").click();
    assertThat(role(AriaRole.COMBOBOX, "Pilots to Keepers")).hasCount(0);
    Desk.link(page, "Brief").click();
    Desk.button(page, "Add a time").click();
    Desk.button(page, "Add a time").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Level of the tide").last(), "2.5");
    assertThat(role(AriaRole.IMG, "The tide over time")).isVisible();
    assertThat(page.getByText("from 0.0 m to 2.5 m")).isVisible();
    Desk.fill(role(AriaRole.TEXTBOX, "Time of the tide").first(), "noon");
    Desk.fill(role(AriaRole.TEXTBOX, "Time of the tide").first(), "18:30");
    assertThat(role(AriaRole.TEXTBOX, "Time of the tide").first()).hasValue("18:30");
    saved();
  }

  @Test
  @InTheLongRun
  void aDeckIsDrawnRaisedSlopedAndStoodOn() {
    empty();
    tray("Works", "Deck");
    draw(100, 90, 140, 90, 140, 120, 100, 120);
    assertThat(page.getByText("A deck at")).isVisible();
    assertThat(page.getByText("level. People walk on it")).isVisible();
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Gallery");
    Desk.fill(role(AriaRole.TEXTBOX, "Top"), "14");
    assertThat(page.getByText("A deck at 14 m")).isVisible();
    assertThat(page.getByText(Pattern.compile("\\d\\.\\d m of headroom below"))).isVisible();
    Desk.fill(role(AriaRole.TEXTBOX, "Rises by"), "50");
    role(AriaRole.TAB, "People").click();
    Desk.button(page, "Player start").click();
    double[] on = Desk.pixel(page, 120, 105);
    page.mouse().move(on[0], on[1]);
    assertThat(page.getByText("The deck rises at 50 degrees; a keeper gets up to 35.").first())
        .isVisible();
    page.keyboard().press("Escape");
    Desk.button(page, "Gallery").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Rises by"), "0");
    Desk.button(page, "Player start").click();
    Desk.clickGround(page, 120, 105);
    page.keyboard().press("Escape");
    assertThat(page.getByText("A player begins here as a keeper")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
  }

  @Test
  @InTheLongRun
  void aBridgeWithStairsIsClimbedWhileSomebodyStandsBelow() {
    empty();
    tray("Works", "Deck");
    draw(100, 90, 140, 90, 140, 110, 100, 110);
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Bridge");
    Desk.fill(role(AriaRole.TEXTBOX, "Top"), "14");
    Desk.button(page, "A railing").click();
    Desk.button(page, "Stairs").click();
    Desk.clickGround(page, 140, 100);
    Desk.clickGround(page, 155, 100);
    assertThat(page.getByText(Pattern.compile("Down .* to the ground over 15 m"))).isVisible();
    Desk.button(page, "An opening").click();
    draw(105, 95, 112, 95, 112, 105, 105, 105);
    assertThat(page.getByText("Opening 1, 4 corners")).isVisible();
    role(AriaRole.TAB, "People").click();
    set("Player start", 120, 100);
    assertThat(role(AriaRole.COMBOBOX, "Stands on")).hasValue("top");
    set("Keeper", 130, 100);
    role(AriaRole.COMBOBOX, "Stands on").selectOption("ground");
    assertThat(page.getByText("cannot stand well")).hasCount(0);
    Locator peel = role(AriaRole.SLIDER, "Height up to which floors and decks are shown");
    peel.press("Home");
    assertThat(peel).hasAttribute("aria-valuetext", "the ground alone");
    peel.press("End");
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
  }

  @Test
  @InTheLongRun
  void aHouseIsSetDownFurnishedAndKeptByAGuardOnItsUpperFloor() {
    empty();
    tray("Works", "Road");
    draw(60, 90, 100, 85, 160, 95);
    assertThat(page.getByText(Pattern.compile("A road [\\d.]+ m long and 3 m wide"))).isVisible();
    tray("Buildings", "House");
    Desk.clickGround(page, 110, 104);
    page.keyboard().press("Escape");
    assertThat(page.getByText("A building of 2 storeys with 4 doors.")).isVisible();
    Desk.button(page, "Look inside").click();
    assertThat(page.getByText("Inside: Ground floor")).isVisible();
    assertThat(page.getByText("Stairs 1")).isVisible();
    Desk.button(page, "Hang a gate in it").first().click();
    assertThat(page.getByText("closed at the start")).isVisible();
    Desk.button(page, "House").first().click();
    Desk.button(page, "Look at Upper floor").click();
    assertThat(page.getByText("Inside: Upper floor")).isVisible();
    Desk.button(page, "Window").click();
    Desk.clickGround(page, 104, 104);
    assertThat(page.getByText("Window 5")).isVisible();
    role(AriaRole.TAB, "People").click();
    set("Player start", 85, 92);
    set("Keeper", 107, 104);
    Locator stands = role(AriaRole.COMBOBOX, "Stands on");
    assertThat(stands.locator("option:checked")).containsText("House, upper floor");
    Desk.button(page, "Undo").click();
    Desk.button(page, "Redo").click();
    role(AriaRole.SLIDER, "Height up to which floors and decks are shown").press("End");
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
  }
}
