package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
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
  @InTheLongRun
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
  @InTheLongRun
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
    Desk.button(page, "Delete").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Prowler");
    Desk.button(page, "Leave them open").click();
    assertThat(Desk.checks(page, 6)).isVisible();
    Desk.link(page, "Script").click();
    Desk.button(page, "Open The lamp is lit").click();
    assertThat(Desk.button(page, "Open: Lamp house").first()).isVisible();
    Desk.button(page, "Undo").click();
    assertThat(Desk.button(page, "Open: Lamp house")).hasCount(0);
    assertThat(page.getByText("No open checks")).isVisible();
  }

  @Test
  @InTheLongRun
  void whatNamedAThingCanNameAnotherOrGoAlongWithIt() {
    Desk.open(page, "First Light");
    Desk.button(page, "Lamp house").click();
    Desk.button(page, "Duplicate").click();
    assertThat(Desk.button(page, "Lamp house 2")).isVisible();
    Desk.button(page, "Lamp house").first().click();
    Desk.button(page, "Delete").click();
    role(AriaRole.COMBOBOX, "Name instead").selectOption("Lamp house 2");
    Desk.button(page, "Re-point, then delete").click();
    assertThat(page.getByText("No open checks")).isVisible();
    Desk.button(page, "Lamp house 2").click();
    Desk.button(page, "Delete").click();
    Desk.button(page, "Take the uses along").click();
    Desk.link(page, "Script").click();
    assertThat(Desk.button(page, "New event").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("Open: Lamp house"))).hasCount(0);
    Desk.button(page, "Undo").click();
    Desk.link(page, "Ground").click();
    assertThat(Desk.button(page, "Lamp house 2").first()).isVisible();
    assertThat(page.getByText("No open checks")).isVisible();
  }

  @Test
  @InTheLongRun
  void thingsArePastedIntoAnotherMissionWithWhatTheyAreMadeOf() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, "The watch").click();
    Desk.button(page, "Copy").click();
    assertThat(page.getByText(Pattern.compile("4 things copied"))).isVisible();
    Desk.link(page, "Shelf").click();
    Desk.open(page, "First Light");
    Desk.button(page, "Whole sheet").click();
    Desk.button(page, "Paste").click();
    assertThat(role(AriaRole.HEADING, "4 things")).isVisible();
    assertThat(Desk.button(page, "The watch")).isVisible();
    assertThat(Desk.button(page, "Watch 3")).isVisible();
    Desk.button(page, "Undo").click();
    assertThat(Desk.button(page, "The watch")).hasCount(0);
  }

  @Test
  @InTheLongRun
  void whatIsChosenInContentsIsCopiedAndDeletedFromThere() {
    Desk.open(page, "Relight the Harrow");
    Locator many = page.getByText(Pattern.compile("^\\d+ things$")).first();
    assertThat(many).hasText("78 things");
    Desk.button(page, "Nan Sedge").first().click();
    page.keyboard().press("Control+KeyC");
    page.keyboard().press("Control+KeyV");
    assertThat(many).hasText("79 things");
    page.keyboard().press("Control+KeyD");
    assertThat(many).hasText("80 things");
    page.keyboard().press("Delete");
    assertThat(many).hasText("79 things");
    assertThat(Desk.button(page, "Nan Sedge").first()).isVisible();
    Desk.button(page, "Nan Sedge").first().click();
    Locator name = role(AriaRole.TEXTBOX, "Name");
    name.focus();
    page.keyboard().press("Delete");
    page.keyboard().press("Control+KeyD");
    assertThat(many).hasText("79 things");
  }

  @Test
  @InTheLongRun
  void aTickIsTakenBackByKeyWhileItsBoxHasTheFocus() {
    Desk.open(page, "Relight the Harrow");
    page.getByLabel("Filter by name, kind or side").fill("Lever");
    Desk.button(page, "Lever").first().click();
    Locator shown = page.getByLabel("shown from the start");
    boolean was = shown.isChecked();
    shown.click();
    assertThat(shown).isChecked(new LocatorAssertions.IsCheckedOptions().setChecked(!was));
    page.keyboard().press("Control+KeyZ");
    assertThat(shown).isChecked(new LocatorAssertions.IsCheckedOptions().setChecked(was));
  }

  @Test
  @InTheLongRun
  void foldersHideLockAndSelectTogether() {
    Desk.open(page, "Relight the Harrow");
    role(AriaRole.COMBOBOX, "Group by").selectOption("folder");
    Desk.button(page, "Hide all of The landing").click();
    assertThat(Desk.button(page, "Show all of The landing")).isVisible();
    page.reload();
    role(AriaRole.COMBOBOX, "Group by").selectOption("folder");
    assertThat(Desk.button(page, "Show all of The landing")).isVisible();
    Desk.button(page, "Lock all of On the rock").click();
    Desk.button(page, "Squatter 1").click();
    assertThat(page.getByText("Locked: unlock it in Contents first.")).isVisible();
    assertThat(Desk.button(page, "Delete")).isDisabled();
    Desk.button(page, "What to do with On the rock").click();
    page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Select all 11")).click();
    assertThat(page.getByText("11 things", new Page.GetByTextOptions().setExact(true))).isVisible();
  }

  @Test
  void anythingIsFoundAndDoneByItsWords() {
    Desk.open(page, "First Light");
    page.keyboard().press("Control+KeyK");
    page.keyboard().type("prowl");
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Prowler");
    page.keyboard().press("Enter");
    assertThat(role(AriaRole.TEXTBOX, "Name")).hasValue("Prowler");
    page.keyboard().press("Control+KeyK");
    page.keyboard().type("go to script");
    page.keyboard().press("Enter");
    assertThat(Desk.button(page, "New event").first()).isVisible();
    page.keyboard().press("Control+KeyK");
    page.keyboard().type("change keys");
    page.keyboard().press("Enter");
    Desk.button(page, "Change the key of: Measure").click();
    page.keyboard().press("KeyM");
    assertThat(Desk.button(page, "Change the key of: Measure")).hasText("M");
    Desk.button(page, "Done").click();
    Desk.link(page, "Ground").click();
    Desk.map(page).focus();
    page.keyboard().press("KeyM");
    Desk.button(page, "Whole sheet").click();
    Desk.clickGround(page, 120, 120);
    Desk.clickGround(page, 180, 120);
    assertThat(page.getByLabel("Section")).containsText("straight across");
  }

  @Test
  @InTheLongRun
  void aCheckIsMendedAtOneStroke() {
    Desk.open(page, "First Light");
    Desk.button(page, "Prowler").click();
    Desk.button(page, "Duplicate").click();
    Desk.fill(field(page, "Name"), "Prowler");
    Desk.checks(page, 1).click();
    page.getByLabel("Checks").last().getByText("Call it Prowler 2").click();
    assertThat(page.getByText("No open checks")).isVisible();
    assertThat(Desk.button(page, "Prowler 2")).isVisible();
  }

  @Test
  @InTheLongRun
  void aKindIsMadeByCopyingAndReplacedWhereItIsInUse() {
    Desk.open(page, "First Light");
    Desk.link(page, "Catalogue").click();
    role(AriaRole.TAB, "Kinds").click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Wrecker")).click();
    Desk.button(page, "Make another like it").click();
    Desk.fill(field(page, "Name of the kind"), "Brawler");
    Desk.fill(field(page, "Health: Brawler"), "2 * 90");
    assertThat(field(page, "Health: Brawler")).hasValue("180");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Wrecker")).click();
    role(AriaRole.COMBOBOX, "Replace Wrecker by").selectOption("Brawler");
    Desk.button(page, "Replace, then delete").click();
    Desk.link(page, "Ground").click();
    Desk.button(page, "Prowler").click();
    assertThat(page.getByText("A brawler of the Wreckers")).isVisible();
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
    assertThat(saveState(page)).hasText("⚑ Offline, 1 edit kept here");
    assertThat(saveState(other)).hasText("⚑ Offline, 1 edit kept here");
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
