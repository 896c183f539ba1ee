package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ObjectNode;

/** What somebody has made is never lost, and nobody is stopped without a word. */
class NothingLostJourney extends Journey {
  private Locator alert(Page on, String says) {
    return on.getByText(says, new Page.GetByTextOptions().setExact(false)).first();
  }

  private String mission() {
    return page.url().replaceFirst(".*/missions/([^/]+).*", "/api/missions/$1");
  }

  @Test
  @InTheLongRun
  void aNinthPlayerStartIsRefusedInWordsAndTheMissionStaysWhole() {
    empty();
    for (int i = 0; i < 8; i++) {
      tray("People", "Player start");
      Desk.clickGround(page, 60 + 24 * i, 60);
      assertThat(page.getByText("Player starts")).isVisible();
      page.keyboard().press("Escape");
    }
    saved();
    Locator contents = role(AriaRole.COMPLEMENTARY, "Contents");
    in(contents, "Player 2").click();
    Desk.map(page).focus();
    page.keyboard().press("Control+d");
    assertThat(alert(page, "A mission has at most 8 player starts, not 9.")).isVisible();
    page.keyboard().press("Control+c");
    page.keyboard().press("Control+v");
    saved();
    assertThat(contents.getByText("Player 8", new Locator.GetByTextOptions().setExact(true)))
        .isVisible();
    assertThat(contents.getByText("Player 9")).hasCount(0);
    APIResponse export = page.request().get(url(mission() + "/export"));
    Assertions.assertEquals(200, export.status());
    desk.restart();
    page.reload();
    assertThat(in(contents, "Player 4")).isVisible();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Try").setExact(true))
        .click();
    assertThat(page.getByLabel("Clock")).containsText("in");
    assertThat(role(AriaRole.COMPLEMENTARY, "Contents")).hasCount(0);
  }

  private String url(String path) {
    return page.url().replaceFirst("(https?://[^/]+).*", "$1") + path;
  }

  @Test
  @InTheLongRun
  void aPageThatHasFallenOutOfStepComesBackIntoItAndSaysSo() {
    AtomicBoolean lies = new AtomicBoolean(true);
    page.route(
        Pattern.compile(".*/api/missions/[0-9a-f-]{36}$"),
        route -> {
          if (lies.get()) {
            otherAuthor(route);
          } else {
            route.resume();
          }
        });
    Desk.open(page, "First Light");
    Desk.link(page, "Brief").click();
    assertThat(page.getByLabel("Author")).hasValue("Somebody else");
    lies.set(false);
    Page other = desk.tab();
    Desk.open(other, "First Light");
    Desk.link(other, "Brief").click();
    Desk.fill(other.getByLabel("Author"), "Nan Sedge");
    assertThat(alert(page, "fallen out of step with the server")).isVisible();
    assertThat(page.getByLabel("Author")).hasValue("Nan Sedge");
    Desk.fill(page.getByLabel("Title"), "Later Light");
    saved();
    assertThat(other.getByLabel("Title")).hasValue("Later Light");
  }

  /** Answers with a document that the server does not have. */
  private static void otherAuthor(Route route) {
    APIResponse answer = route.fetch();
    ObjectNode opened = (ObjectNode) Json.MAPPER.readTree(answer.body());
    ((ObjectNode) opened.at("/document/brief")).put("author", "Somebody else");
    route.fulfill(
        new Route.FulfillOptions().setContentType("application/json").setBody(opened.toString()));
  }

  @Test
  void whatIsTypedIsTakenWhenThePageGoesAndNobodyOverwritesItMeanwhile() {
    Desk.open(page, "First Light");
    Desk.link(page, "Brief").click();
    Locator author = page.getByLabel("Author");
    author.press("End");
    author.pressSequentially(", Mara");
    Page other = desk.tab();
    Desk.open(other, "First Light");
    Desk.link(other, "Brief").click();
    assertThat(other.getByLabel("Author")).hasValue("The Lamp Office, Mara");
    Desk.fill(other.getByLabel("Title"), "Later Light");
    assertThat(page.getByLabel("Title")).hasValue("Later Light");
    assertThat(author).hasValue("The Lamp Office, Mara");
    author.pressSequentially(" Quill");
    page.reload();
    assertThat(author).hasValue("The Lamp Office, Mara Quill");
    assertThat(other.getByLabel("Author")).hasValue("The Lamp Office, Mara Quill");
  }

  @Test
  void aSecondPageAtATrialLooksOnAndTakesTheSeatOpenly() {
    Desk.open(page, "First Light");
    Desk.button(page, "Try").click();
    page.waitForURL(Pattern.compile(".*/trial\\?trial=.*"));
    playGoesOn(page);
    Page other = desk.tab();
    other.navigate(page.url());
    Locator looksOn = alert(other, "Another page plays this trial. You look on.");
    assertThat(looksOn).isVisible();
    assertThat(Desk.button(other, "Pause")).isDisabled();
    Desk.button(other, "Take the seat").click();
    assertThat(alert(page, "Another page has taken the seat.")).isVisible();
    assertThat(Desk.button(other, "Pause")).isEnabled();
    Desk.button(other, "Pause").click();
    assertThat(alert(other, "Paused")).isVisible();
    other.close();
    assertThat(alert(page, "Nobody has the seat, and play waits.")).isVisible();
    Desk.button(page, "Take the seat").click();
    Desk.button(page, "Go on").click();
    assertThat(Desk.button(page, "Pause")).isEnabled();
    page.reload();
    assertThat(Desk.button(page, "Pause")).isEnabled();
    Desk.button(page, "Leave").click();
    page.goBack();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("This trial is over and gone.");
  }

  @Test
  void aPartOfThePageThatBreaksLeavesTheRestAndTheWork() {
    page.route(
        "**/api/phrases",
        route ->
            route.fulfill(
                new Route.FulfillOptions().setContentType("application/json").setBody("{}")));
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    Locator broke = page.getByRole(AriaRole.ALERT).filter(says("This part of the page broke"));
    assertThat(broke).containsText("Every edit of yours is stored.");
    Desk.link(page, "Brief").click();
    assertThat(page.getByLabel("Title")).hasValue("First Light");
    page.unroute("**/api/phrases");
    page.reload();
    Desk.link(page, "Script").click();
    assertThat(card("A bell offshore")).isVisible();
  }

  private static Locator.FilterOptions says(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  @Test
  @InTheLongRun
  void somebodyWhoIsLetGoInTheSeaStaysAndTheReasonIsSaid() {
    Desk.open(page, "First Light");
    Desk.button(page, "Whole sheet").click();
    Locator north = page.getByLabel("North");
    in(role(AriaRole.COMPLEMENTARY, "Contents"), "Prowler").click();
    double x = Double.parseDouble(page.getByLabel("East").inputValue());
    double y = Double.parseDouble(north.inputValue());
    Desk.dragGround(page, x, y, 100, 400);
    assertThat(alert(page, "Prowler was not moved.")).containsText("deep");
    assertThat(north).hasValue(String.valueOf((int) y));
    Desk.button(page, "Move it all the same").click();
    assertThat(north).hasValue(Pattern.compile("(39\\d|40\\d).*"));
    Desk.button(page, "Undo").click();
    assertThat(north).hasValue(String.valueOf((int) y));
  }
}
