package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A mission is tried by one, by one as another player, and by two in a browser each. */
class TogetherJourney extends Journey {
  private static final String OTHERS = "Try together, or as another player";

  private static Locator of(Page page, AriaRole role, String name) {
    return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator players(Page page) {
    return of(page, AriaRole.REGION, "Players");
  }

  @Test
  @InTheLongRun
  void oneTriesAloneAndAsAnotherPlayer() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, OTHERS).click();
    role(AriaRole.MENUITEM, "Try alone as Tobin Ash").click();
    assertThat(page.getByText("Tobin Ash").first()).isVisible();
    playGoesOn(page);
    assertThat(players(page)).hasCount(0);
    Desk.button(page, "Leave").click();
    Desk.button(page, "Try").click();
    assertThat(page.getByText("Mara Quill").first()).isVisible();
    Desk.button(page, "Leave").click();
    Desk.link(page, "Shelf").click();
    Desk.open(page, "First Light");
    assertThat(Desk.button(page, "Try")).isVisible();
    assertThat(Desk.button(page, OTHERS)).hasCount(0);
  }

  @Test
  void twoPlayOneTrialOfTheHarrow() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, OTHERS).click();
    role(AriaRole.MENUITEM, "Try together…").click();
    role(AriaRole.COMBOBOX, "In empty seats").selectOption("bold");
    in(page.getByRole(AriaRole.DIALOG), "Try together").click();
    assertThat(page.getByText("Play begins when you lay the briefing aside.")).isVisible();
    assertThat(players(page)).containsText("Mara Quill: you");
    assertThat(players(page)).containsText("Tobin Ash: an understudy");
    Page other = desk.tab();
    other.navigate(role(AriaRole.TEXTBOX, "Link for others").inputValue());
    assertThat(players(other)).containsText("Tobin Ash: you");
    assertThat(players(page)).containsText("Tobin Ash: taken");
    Desk.button(other, "Lay aside").click();
    assertThat(players(page)).containsText("taken, ready");
    assertThat(clock(other)).containsText("0:00 in");
    Desk.button(page, "Lay aside").click();
    playGoesOn(other);
    assertThat(Desk.button(other, "Pause")).isDisabled();
    Desk.button(page, "Pause").click();
    assertThat(of(other, AriaRole.BUTTON, "Go on")).isDisabled();
    Desk.button(page, "Go on").click();
    other.reload();
    players(other).getByRole(AriaRole.BUTTON).first().click();
    assertThat(players(other)).containsText("Tobin Ash: you");
    in(players(other), "Look on").click();
    players(page).getByRole(AriaRole.BUTTON).first().click();
    assertThat(players(page)).containsText("Tobin Ash: an understudy");
    in(players(other), "Take the seat of Mara Quill").click();
    assertThat(page.getByText("Another page has taken your seat. You look on.")).isVisible();
    assertThat(Desk.button(page, "Pause")).isDisabled();
    assertThat(Desk.button(other, "Pause")).isEnabled();
    Desk.button(other, "Leave").click();
    assertThat(page.getByText("Nobody has a seat, and play waits.")).isVisible();
    in(players(page), "Take the seat of Tobin Ash").click();
    assertThat(clock(page)).containsText(Pattern.compile("0:\\d\\d in"));
    assertThat(Desk.button(page, "Pause")).isEnabled();
  }
}
