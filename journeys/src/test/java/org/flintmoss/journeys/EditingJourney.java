package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Hands on the map, the shelf, and two tabs at once. */
class EditingJourney extends Journey {
  private static Locator field(Page page, String name) {
    return page.getByRole(
        AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator saveState(Page page) {
    return page.getByRole(AriaRole.STATUS, new Page.GetByRoleOptions().setName("Save state"));
  }

  @Test
  void whatIsMovedTurnedAndDeletedIsUndoneAlsoAfterAReload() {
    Desk.open(page, "First Light");
    Desk.button(page, "Whole sheet").click();
    Desk.dragGround(page, 236, 212, 246, 214);
    assertThat(field(page, "East")).hasValue(Pattern.compile("24[5-7](\\.\\d+)?"));
    Desk.map(page).press("ArrowRight");
    assertThat(field(page, "East")).hasValue(Pattern.compile("24[6-8](\\.\\d+)?"));
    Desk.map(page).press("Delete");
    assertThat(Desk.button(page, "Prowler")).hasCount(0);
    assertThat(saveState(page)).hasText(Pattern.compile("Saved .*"));
    page.reload();
    Desk.button(page, "Undo").click();
    assertThat(Desk.button(page, "Prowler")).isVisible();
    Desk.map(page).press("Control+z");
    Desk.map(page).press("Control+z");
    Desk.button(page, "Prowler").click();
    assertThat(field(page, "East")).hasValue("236");
    assertThat(field(page, "North")).hasValue("212");
    Desk.button(page, "Redo").click();
    assertThat(field(page, "East")).not().hasValue("236");
  }

  @Test
  void aNumberIsReadWithItsUnitAndSaysWhatItUnderstood() {
    Desk.open(page, "First Light");
    Desk.button(page, "Prowler").click();
    Locator east = field(page, "East");
    east.fill("0.1 nmi + 2*5 ft");
    assertThat(page.getByText("= 188.248 m")).isVisible();
    east.press("Enter");
    assertThat(east).hasValue("188.25");
    east.fill("12 kg");
    assertThat(page.getByText("‘kg’ is none of mm, cm, m")).isVisible();
    east.press("Escape");
    assertThat(east).hasValue("188.25");
    Desk.fill(east, "900");
    assertThat(east).hasValue("188.25");
  }

  @Test
  void aGhostOverDeepWaterIsNotSetDownUntilItIsForced() {
    Desk.open(page, "First Light");
    Desk.button(page, "Whole sheet").click();
    Desk.button(page, "Keeper").click();
    double[] sea = Desk.pixel(page, 60, 400);
    page.mouse().move(sea[0], sea[1]);
    page.mouse().click(sea[0], sea[1]);
    assertThat(page.getByText(Pattern.compile("The water is \\d\\.\\d m deep here")).first())
        .isVisible();
    assertThat(page.getByText("A keeper of the Keepers")).hasCount(0);
    page.keyboard().down("Control");
    page.mouse().click(sea[0], sea[1]);
    page.keyboard().up("Control");
    assertThat(page.getByText("A keeper of the Keepers")).isVisible();
    assertThat(Desk.checks(page, 1)).isVisible();
  }

  @Test
  void deletingWhatIsUsedLeavesAnOpenPlaceThatUndoHeals() {
    Desk.open(page, "First Light");
    Desk.button(page, "Lamp house").click();
    assertThat(page.getByText("Deleting leaves open places in Prowler")).isVisible();
    Desk.button(page, "Delete").click();
    assertThat(Desk.checks(page, 4)).isVisible();
    Desk.link(page, "Script").click();
    assertThat(Desk.button(page, "Open: Lamp house").first()).isVisible();
    Desk.button(page, "Undo").click();
    assertThat(Desk.button(page, "Open: Lamp house")).hasCount(0);
    assertThat(page.getByText("No open checks")).isVisible();
  }

  @Test
  void aSecondTabFollowsAndAConflictShowsBothValues() {
    Desk.open(page, "First Light");
    Page other = desk.tab();
    Desk.open(other, "First Light");
    Desk.button(page, "Prowler").click();
    Desk.button(other, "Prowler").click();
    Desk.fill(field(page, "Name"), "Lurker");
    assertThat(Desk.button(other, "Lurker")).isVisible();
    desk.stop();
    Desk.fill(field(page, "Name"), "Shade");
    Desk.fill(field(other, "Name"), "Ghost");
    assertThat(saveState(page)).hasText("Offline, 1 edit kept here");
    assertThat(saveState(other)).hasText("Offline, 1 edit kept here");
    desk.startAgain();
    Page asked = waitForConflict(page, other);
    Locator dialog = asked.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("Shade");
    assertThat(dialog).containsText("Ghost");
    Desk.button(asked, "Use mine").click();
    String mine = asked == page ? "Shade" : "Ghost";
    assertThat(Desk.button(page, mine)).isVisible();
    assertThat(Desk.button(other, mine)).isVisible();
  }

  private static Page waitForConflict(Page one, Page other) {
    Page[] asked = new Page[1];
    one.waitForCondition(
        () -> {
          for (Page page : new Page[] {one, other}) {
            if (page.getByRole(AriaRole.DIALOG).isVisible()) {
              asked[0] = page;
            }
          }
          return asked[0] != null;
        });
    return asked[0];
  }

  @Test
  void theShelfRenamesDuplicatesDeletesAndTakesBack() {
    card("Duplicate", "First Light");
    assertThat(Desk.link(page, "First Light (copy)")).isVisible();
    card("Rename", "First Light (copy)");
    Desk.fill(field(page, "Title"), "Second Light");
    assertThat(Desk.link(page, "Second Light")).isVisible();
    card("Delete", "Second Light");
    assertThat(Desk.link(page, "Second Light")).hasCount(0);
    Desk.button(page, "Undo").click();
    assertThat(Desk.link(page, "Second Light")).isVisible();
  }

  private void card(String deed, String title) {
    Desk.button(page, "More for " + title).click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(deed)).click();
  }
}
