package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Crossings, no-goes, movers and reach, by hand; and a leap in play. */
class WaysJourney extends Journey {
  @Test
  @InTheLongRun
  void aLadderIsSetUpWhoUsesItIsSaidAndACartIsMade() {
    empty();
    tray("Places", "Crossing");
    draw(120, 100, 130, 100);
    assertThat(crossing("that all on foot climb, there and back")).isVisible();
    role(AriaRole.COMBOBOX, "Open to").selectOption("ai");
    role(AriaRole.COMBOBOX, "Takes").selectOption("seconds");
    Desk.fill(role(AriaRole.TEXTBOX, "Time"), "6");
    page.getByText("leads back as well").click();
    assertThat(crossing("that AI alone climb, in 6 s, one way")).isVisible();
    tray("Places", "Round zone");
    Desk.clickGround(page, 160, 100);
    page.keyboard().press("Escape");
    page.getByText("people on foot", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.getByText("No-go for AI: people on foot.")).isVisible();
    saved();
    Desk.link(page, "Catalogue").click();
    role(AriaRole.TAB, "Kinds").click();
    kind("Townsman").click();
    role(AriaRole.COMBOBOX, "Goes").selectOption("wheels");
    assertThat(page.getByText("No stairs; marsh and mud only where a road leads through"))
        .isVisible();
    Desk.fill(role(AriaRole.TEXTBOX, "Fords: Townsman"), "0.3");
    saved();
    page.reload();
    role(AriaRole.TAB, "Kinds").click();
    kind("Townsman").click();
    assertThat(role(AriaRole.TEXTBOX, "Fords: Townsman")).hasValue("0.3");
  }

  private Locator kind(String name) {
    return page.getByText(name, new Page.GetByTextOptions().setExact(true)).first();
  }

  private Locator crossing(String says) {
    return page.getByText(Pattern.compile("A crossing of \\d+(\\.\\d)? m " + says));
  }

  @Test
  @InTheLongRun
  void theReachOfAPlayerIsHeldAgainstAi() {
    Desk.open(page, "The Gannet Stacks");
    Desk.button(page, "Tobin Ash").first().click();
    Desk.button(page, "Reach").click();
    assertThat(page.getByText(Pattern.compile("Crossings, drawn from close by: \\d+ leaps")))
        .isVisible();
    page.getByText("hold it against AI of this kind").click();
    assertThat(page.getByText("players only")).isVisible();
  }

  @Test
  void aRouteTellsItsTimesAndWhereItIsBarred() {
    empty();
    tray("Works", "Wall");
    draw(150, 100, 190, 100, 190, 140, 150, 140, 150, 101);
    tray("Places", "Route");
    Desk.clickGround(page, 60, 60);
    Desk.clickGround(page, 120, 60);
    assertThat(page.getByText(Pattern.compile("\\d:\\d\\d so far"))).isVisible();
    Desk.clickGround(page, 170, 120);
    page.keyboard().press("Enter");
    assertThat(page.getByText(Pattern.compile("^\\d:\\d\\d from 1$"))).isVisible();
    assertThat(page.getByText(Pattern.compile("From 2: .* is in the way"))).isVisible();
    assertThat(page.getByText(Pattern.compile("Reckoned for \\w+"))).isVisible();
  }

  @Test
  @InTheLongRun
  void aGapIsLeaptInPlay() {
    Desk.open(page, "The Gannet Stacks");
    page.navigate(page.url().replaceAll("/[a-z]*$", "/trial?at=120.5,112.3"));
    playGoesOn(page);
    Desk.button(page, "Lay aside").click();
    page.keyboard().down("d");
    page.getByText(Pattern.compile("Leap \\d\\.\\d m")).waitFor();
    page.keyboard().press("x");
    assertThat(page.getByText(Pattern.compile("Leap \\d\\.\\d m"))).hasCount(0);
    page.keyboard().up("d");
  }
}
