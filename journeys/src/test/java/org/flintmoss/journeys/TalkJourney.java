package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A conversation and a branch, written by hand and met in play. */
class TalkJourney extends Journey {
  @Test
  void aChoiceIsMadeWithItsEventsAndAnsweredInPlay() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New choice").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the choice"), "The bell");
    Desk.fill(role(AriaRole.TEXTBOX, "What The bell asks"), "Shall we ring for help?");
    Desk.fill(role(AriaRole.TEXTBOX, "Words of answer 1"), "Ring it.");
    Desk.fill(role(AriaRole.TEXTBOX, "Words of answer 2"), "Leave it be.");
    in(card("The bell"), "+ do…").first().click();
    Locator then = card("Chosen: Ring it.");
    choose(in(then, "Add an action"), "Add an action", "complete");
    in(then, "Open: choose an objective").click();
    role(AriaRole.OPTION, "Relight the lamp").click();
    role(AriaRole.TAB, "Talk").click();
    in(card("The bell"), "+ when…").click();
    choose(in(card("Ask The bell"), "Add a condition"), "Add a condition", "play has lasted");
    role(AriaRole.TAB, "Talk").click();
    role(AriaRole.CHECKBOX, "play stands still until it is answered").click();
    saved();
    Desk.button(page, "Try").click();
    Locator asked = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Choice"));
    assertThat(asked).containsText("Shall we ring for help?");
    assertThat(asked).containsText("Play waits.");
    page.keyboard().press("1");
    assertThat(asked).not().isVisible();
    assertThat(page.getByText(Pattern.compile("Relight the lamp.*done"))).isVisible();
  }

  @Test
  @InTheLongRun
  void anExchangeIsMadeByHandOpenedByTheBriefingAndTraded() {
    Desk.open(page, "Relight the Harrow");
    Desk.link(page, "Script").click();
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New exchange").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the exchange"), "The locker");
    in(card("The locker"), "Add a row").click();
    Desk.link(page, "Brief").click();
    page.getByLabel("Exchange, open to players as they begin").selectOption("The locker");
    saved();
    Desk.button(page, "Try").click();
    Locator locker =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Exchange"));
    assertThat(locker).containsText("1 left");
    locker.getByText("Take", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(locker).containsText("None left.");
    assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pack")))
        .isVisible();
    locker.getByText("Leave", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(locker).not().isVisible();
  }

  @Test
  void aConversationIsWrittenSaidAndRead() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New speaker").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the speaker"), "The Bell");
    Desk.button(page, "New conversation").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the conversation"), "Warning");
    Desk.button(page, "Add a line").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Words of line 1"), "Five minutes, keeper. Not one more.");
    // Six words at 150 a minute are 2.4 s; three stops are 0.75 s; the gap is 0.4 s.
    assertThat(card("Warning")).containsText(Pattern.compile("3\\.5 s in all|3\\.6 s in all"));
    role(AriaRole.TAB, "Events").click();
    Desk.button(page, "Open A bell offshore").click();
    Locator event = card("A bell offshore");
    choose(in(event, "Add an action"), "Add an action", "say");
    in(event, "Open: choose a conversation").click();
    role(AriaRole.OPTION, "Warning").click();
    choose(in(event, "Add an action"), "Add an action", "if");
    assertThat(event.getByText("otherwise", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(page.getByText("An \"if\" has no condition yet.")).isVisible();
    choose(in(event, "Add a condition").last(), "Add a condition", "seen");
    assertThat(page.getByText("No open checks")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    Locator captions =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Captions"));
    assertThat(captions).containsText("The Bell: Five minutes, keeper. Not one more.");
    assertThat(captions).not().containsText("Five minutes");
  }
}
