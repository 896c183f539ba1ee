package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A script is written as text from nothing, and played. */
class ScriptJourney extends Journey {
  private static final String FIRST_LIGHT =
      """
      chapter "The lamp"

      # The heart of it.
      event "The lamp is lit", at most once
        when any player is inside [Lamp house] for 4 s
         and none of [Wreckers] is inside [Lamp house]
        do complete the objective [Relight the lamp]
           end the mission with [Ship saved]

      event "Too late"
        when play has lasted at least 5 min
        do end the mission with [Ship on the rocks]
      """;

  private Locator text() {
    return page.getByLabel("Script as text");
  }

  private Locator status() {
    return role(AriaRole.REGION, "Text").getByRole(AriaRole.STATUS);
  }

  @Test
  void aScriptIsWrittenAsTextFromNothingAndWon() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Desk.button(page, "Text").click();
    assertThat(text()).containsText("A bell offshore");
    text().click();
    page.keyboard().press("Control+KeyA");
    page.keyboard().press("Delete");
    assertThat(status()).hasText("Understood and put in place");
    assertThat(Desk.button(page, "A bell offshore")).hasCount(0);
    page.keyboard().insertText(FIRST_LIGHT.replace("[Lamp house] for", "[Lamp hous] for"));
    assertThat(status()).containsText("Nothing is called [Lamp hous] here. Is it Lamp house");
    assertThat(Desk.button(page, "Too late")).isVisible();
    assertThat(Desk.button(page, "The lamp is lit")).hasCount(0);
    page.keyboard().press("Control+KeyA");
    page.keyboard().insertText(FIRST_LIGHT);
    assertThat(status()).hasText("Understood and put in place");
    assertThat(Desk.button(page, "The lamp is lit")).isVisible();
    Desk.button(page, "Cards").click();
    assertThat(card("The lamp is lit")).containsText("no Wrecker");
    Desk.button(page, "Text").click();
    assertThat(text()).containsText("# The heart of it.");
    Desk.button(page, "Undo").click();
    assertThat(text()).not().containsText("The lamp is lit");
    Desk.button(page, "Redo").click();
    assertThat(text()).containsText("The lamp is lit");
    saved();
    page.navigate(page.url().replace("/script", "/trial?at=330,350"));
    role(AriaRole.COMBOBOX, "Speed").selectOption("16");
    assertThat(page.getByText("Ship saved")).isVisible();
  }

  @Test
  @InTheLongRun
  void wordsAndNamesAreOfferedWhileOneWrites() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Desk.button(page, "Text").click();
    text().click();
    page.keyboard().press("Control+End");
    page.keyboard().type("\nevent \"Near\"\n  when any player is ins");
    Locator offered = page.locator(".cm-tooltip-autocomplete");
    offered.getByText("inside").click();
    page.keyboard().type(" [Lam");
    offered.getByText("[Lamp house]").click();
    assertThat(status()).hasText("Understood and put in place");
    assertThat(Desk.button(page, "Near")).isVisible();
    page.keyboard().press("F12");
    assertThat(role(AriaRole.TEXTBOX, "Name")).hasValue("Lamp house");
  }

  @Test
  @InTheLongRun
  void namesOfAScriptFromElsewhereAreMatchedAndThingsRenamedInTheText() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Desk.button(page, "Text").click();
    text().click();
    page.keyboard().press("Control+KeyA");
    page.keyboard().insertText(FIRST_LIGHT.replace("[Lamp house]", "[The old tower]"));
    assertThat(status()).containsText("Nothing is called [The old tower] here.");
    Desk.button(page, "Match names (1)").click();
    role(AriaRole.COMBOBOX, "What is meant by The old tower").selectOption("Lamp house, zone");
    Desk.button(page, "Match one name").click();
    assertThat(status()).hasText("Understood and put in place");
    assertThat(text()).containsText("any player is inside [Lamp house] for 4 s");
    text().getByText("[Lamp house]").first().click();
    page.keyboard().press("F2");
    Desk.fill(role(AriaRole.TEXTBOX, "New name"), "Tower");
    assertThat(text()).containsText("any player is inside [Tower] for 4 s");
    assertThat(text()).containsText("none of [Wreckers] is inside [Tower]");
    Desk.button(page, "Undo").click();
    assertThat(text()).containsText("any player is inside [Lamp house] for 4 s");
  }

  @Test
  @InTheLongRun
  void whatHappensIsSaidOnACardReadAsTextAndAnsweredInPlay() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Desk.button(page, "New event").first().click();
    Locator event = card("Event");
    event.getByText("+ condition…").click();
    page.keyboard().type("each time [A bell offshore] fires");
    page.keyboard().press("Enter");
    assertThat(event).containsText("without limit");
    event.getByText("dropped while busy").click();
    page.getByRole(AriaRole.OPTION).getByText("One after another").click();
    assertThat(event).containsText("one after another");
    event.getByText("+ do…").click();
    page.keyboard().type("tell the players \"So there is.\"");
    page.keyboard().press("Enter");
    assertThat(event).containsText("So there is.");
    page.keyboard().press("Escape");
    Desk.button(page, "Text").click();
    assertThat(text()).containsText("event \"Event\", any number of times, one after another");
    assertThat(text()).containsText("each time [A bell offshore] fires");
    saved();
    page.navigate(page.url().replace("/script", "/trial"));
    Desk.button(page, "As designer").click();
    Locator listed = role(AriaRole.LISTITEM, "Event");
    assertThat(listed).containsText("Fires each time A bell offshore fires.");
    role(AriaRole.COMBOBOX, "Speed").selectOption("16");
    assertThat(listed).containsText("fired 0:08");
  }

  @Test
  @InTheLongRun
  void whoIsMeantIsNarrowedDownAndCountedOnACard() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Locator seen = card("Seen");
    seen.getByText("Seen", new Locator.GetByTextOptions().setExact(true)).click();
    seen.getByText("any Wrecker").click();
    page.getByRole(AriaRole.OPTION).getByText("only those inside a zone").click();
    seen.getByText("choose a zone").click();
    page.getByRole(AriaRole.OPTION).getByText("Lamp house").click();
    seen.getByText("+ and…").click();
    page.keyboard()
        .type("the number of [Wreckers] within 20 m of [Lamp house] comes to at least 2");
    page.keyboard().press("Enter");
    page.keyboard().press("Escape");
    assertThat(seen).containsText("the number of Wreckers within 20 m of Lamp house");
    Desk.button(page, "Text").click();
    assertThat(text()).containsText("when any of [Wreckers] inside [Lamp house] is alarmed");
    assertThat(text())
        .containsText(
            "and the number of [Wreckers] within 20 m of [Lamp house] comes to at least 2");
    saved();
  }
}
