package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** No edit is ever lost: the past is listed, looked at, named and gone back to. */
class HistoryJourney extends Journey {
  private Locator faces() {
    return page.getByLabel("Faces");
  }

  @Test
  void whatWasChangedIsFoundAgainAndGoneBackTo() {
    Desk.open(page, "First Light");
    Locator contents = role(AriaRole.COMPLEMENTARY, "Contents");
    contents
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Prowler").setExact(true))
        .click();
    String before = faces().inputValue();
    Desk.fill(faces(), "45");
    Desk.fill(faces(), "90");
    saved();
    Desk.button(page, "History").click();
    Locator history = role(AriaRole.DIALOG, "History");
    Locator edits = history.getByRole(AriaRole.LIST).first().getByRole(AriaRole.BUTTON);
    assertThat(edits).hasCount(3);
    edits.nth(1).click();
    Locator differs = role(AriaRole.LIST, "What differs");
    assertThat(differs).containsText("Prowler, facing: 45 → 90");
    history.getByLabel("Compare with").selectOption("What this edit did");
    assertThat(differs).containsText("Prowler, facing: " + before + " → 45");
    Desk.fill(history.getByLabel("Name of this version"), "Half turned");
    assertThat(edits.nth(1)).containsText("Half turned");
    edits.nth(2).click();
    assertThat(edits.nth(2)).hasText("As it came to the shelf");
    Desk.button(page, "Go back to this").click();
    assertThat(history).hasCount(0);
    assertThat(faces()).hasValue(before);
    Desk.button(page, "Undo").click();
    assertThat(faces()).hasValue("90");
    saved();
    Desk.button(page, "History").click();
    assertThat(edits).hasCount(5);
    assertThat(edits.first()).containsText("Undo: Go back to when it began");
  }
}
