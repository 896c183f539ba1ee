package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From nothing: a squad on a route, a zone, two events, a conversation and a wave, met in play. */
class HandmadeJourney extends Journey {
  @Test
  void aWholeMissionIsMadeByHandAndMetInPlay() {
    empty();
    people();
    places();
    firstEvent();
    secondEvent();
    conversation();
    waves();
    saved();
    meet();
  }

  private void people() {
    Desk.button(page, "Player start").click();
    Desk.clickGround(page, 120, 100);
    Desk.button(page, "Townsfolk").click();
    Desk.button(page, "Townsman").click();
    for (int i = 0; i < 2; i++) {
      Desk.clickGround(page, 160 + 16 * i, 110);
      assertThat(page.getByText(Pattern.compile("A townsman of the Townsfolk"))).isVisible();
    }
    page.keyboard().press("Escape");
  }

  private void places() {
    tray("Places", "Route");
    draw(200, 90, 230, 110, 200, 120);
    Desk.dragGround(page, 145, 130, 190, 96);
    Desk.button(page, "Make a squad of these").click();
    assertThat(page.getByText("A squad of 2, led by Townsman.")).isVisible();
    role(AriaRole.COMBOBOX, "Order").selectOption("along");
    Desk.button(page, "Route").first().click();
    assertThat(page.getByText("goes along", new Page.GetByTextOptions().setExact(true)))
        .isVisible();
    tray("Places", "Round zone");
    Desk.clickGround(page, 122, 104);
    page.keyboard().press("Escape");
    Desk.fill(role(AriaRole.TEXTBOX, "Name"), "Quay");
  }

  private void firstEvent() {
    Desk.link(page, "Script").click();
    Desk.button(page, "New event").first().click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the event"), "On the quay");
    Locator event = card("On the quay");
    choose(in(event, "Add a condition"), "Add a condition", "is inside");
    in(event, "Open: choose a zone").click();
    role(AriaRole.OPTION, "Quay").click();
    choose(in(event, "Add an action"), "Add an action", "say");
    in(event, "Open: choose a conversation").click();
    role(AriaRole.OPTION, "New conversation").click();
    choose(in(event, "Add an action"), "Add an action", "turn");
    in(event, "Open: choose a flag").click();
    role(AriaRole.OPTION, "New flag").click();
    assertThat(in(event, "Flag")).isVisible();
  }

  private void secondEvent() {
    Desk.button(page, "New event").first().click();
    Desk.fill(card("Event").getByRole(AriaRole.TEXTBOX).first(), "They come");
    Locator event = card("They come");
    choose(in(event, "Add a condition"), "Add a condition", "a flag is");
    in(event, "Open: choose a flag").click();
    role(AriaRole.OPTION, "Flag").click();
    choose(in(event, "Add an action"), "Add an action", "start the waves");
    in(event, "Open: choose a wave plan").click();
    role(AriaRole.OPTION, "New wave plan").click();
    assertThat(in(event, "Waves")).isVisible();
  }

  private void conversation() {
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New speaker").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the speaker"), "The Bell");
    Desk.button(page, "Add a line").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Words of line 1"), "Somebody is on the quay.");
  }

  private void waves() {
    role(AriaRole.TAB, "Waves").click();
    Locator plan = card("Waves");
    in(plan, "Add a wave").click();
    in(plan, "Add an entrance").click();
    Desk.button(page, "Point on the map").click();
    Locator map =
        page.getByRole(AriaRole.APPLICATION, new Page.GetByRoleOptions().setName("Small map"));
    var box = map.boundingBox();
    double scale = Math.min((box.width - 8) / 512, (box.height - 8) / 512);
    map.click(
        new Locator.ClickOptions()
            .setPosition(
                box.width / 2 + (250 - 256) * scale, box.height / 2 - (230 - 256) * scale));
    Pattern pointed = Pattern.compile("E \\d+ N \\d+");
    assertThat(plan.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(pointed)))
        .isVisible();
    assertThat(plan.getByText("calm")).not().hasCount(0);
  }

  private void meet() {
    Desk.button(page, "Try").click();
    Locator captions =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Captions"));
    assertThat(captions).containsText("The Bell: Somebody is on the quay.");
    Desk.button(page, "As designer").click();
    Locator event =
        page.getByRole(
            AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("They come").setExact(true));
    assertThat(event).containsText("fired 0:00");
    role(AriaRole.TAB, "Units").click();
    assertThat(page.getByText("Order: goes along Route").first()).isVisible();
    role(AriaRole.TAB, "Facts").click();
    assertThat(page.getByText(Pattern.compile("Quay"))).not().hasCount(0);
    role(AriaRole.TAB, "Log").click();
    assertThat(page.getByText("Wave 1 has come").first()).isVisible();
    assertThat(page.getByText("Flag turned on").first()).isVisible();
    Desk.button(page, "Pause").click();
    assertThat(Desk.button(page, "Go on")).isVisible();
    String before = role(AriaRole.STATUS, "Clock").innerText();
    Desk.button(page, "1 s").click();
    assertThat(role(AriaRole.STATUS, "Clock")).not().hasText(before);
    Desk.button(page, "Leave").click();
    assertThat(Desk.map(page)).isVisible();
  }
}
