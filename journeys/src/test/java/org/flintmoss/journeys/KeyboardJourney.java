package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The work without a mouse, and what an ear is told of it. */
class KeyboardJourney extends Journey {
  /** The most times that Tab is pressed to come to something on a page. */
  private static final int FAR = 60;

  private void press(String... keys) {
    for (String key : keys) {
      page.keyboard().press(key);
    }
  }

  private void type(String text) {
    page.keyboard().type(text);
  }

  /** Goes on by Tab until something has the focus. */
  private void tabTo(Locator wanted) {
    for (int i = 0; i < FAR; i++) {
      if (wanted.evaluateAll("all => all.includes(document.activeElement)").equals(true)) {
        return;
      }
      press("Tab");
    }
    assertThat(wanted.first()).isFocused();
  }

  /** Does what Find or do lists first for some words. */
  private void findOrDo(String words, String first) {
    press("Control+KeyK");
    type(words);
    assertThat(page.getByRole(AriaRole.OPTION).first()).containsText(first);
    press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  /** Sets down what is in hand at a point that is typed, and puts it back. */
  private void setDownAt(String point) {
    assertThat(Desk.map(page)).isFocused();
    press("KeyE");
    assertThat(page.getByLabel("Where it goes, east and north")).isFocused();
    type(point);
    press("Enter");
    assertThat(Desk.map(page)).isFocused();
  }

  /** Something is told to an ear. */
  private void hears(String words) {
    assertThat(
            page.locator("[role=status], output", new Page.LocatorOptions().setHasText(words))
                .first())
        .isAttached();
  }

  private void newMission() {
    tabTo(Desk.button(page, "New mission"));
    press("Enter");
    Desk.map(page).waitFor();
    assertThat(Desk.map(page)).isFocused();
  }

  @Test
  void aMissionIsMadeAndWonWithoutAMouse() {
    newMission();
    findOrDo("player start", "Set down: Player start");
    setDownAt("300 200");
    hears("Player is selected");
    press("Escape");
    findOrDo("round zone", "Set down: Round zone");
    setDownAt("E 340 N 200");
    hears("Zone is selected");
    findOrDo("new event", "New event");
    Locator condition = Desk.button(page, "Add a condition");
    assertThat(condition).isFocused();
    press("Enter");
    type("any player is inside zone");
    assertThat(role(AriaRole.OPTION, "Put this in")).isVisible();
    press("Enter", "Escape");
    assertThat(page.getByText("any player").first()).isVisible();
    assertThat(condition).isFocused();
    tabTo(Desk.button(page, "Add an action"));
    press("Enter");
    type("end the mission");
    assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("end the mission");
    press("Enter");
    assertThat(Desk.button(page, "Open: choose an ending")).isFocused();
    press("Enter");
    type("Home");
    assertThat(role(AriaRole.OPTION, "New ending: Home")).isVisible();
    press("Enter");
    assertThat(Desk.button(page, "Home").first()).isVisible();
    saved();
    findOrDo("try", "Try the mission");
    playGoesOn(page);
    page.keyboard().down("KeyD");
    Locator debriefing = role(AriaRole.DIALOG, "Debriefing");
    assertThat(debriefing).isFocused();
    page.keyboard().up("KeyD");
    assertThat(debriefing).containsText("Won");
  }

  @Test
  @InTheLongRun
  void whatIsPointedAtHiddenLockedAndBegunGoesByKeysToo() {
    tabTo(Desk.link(page, "First Light"));
    press("Enter");
    assertThat(Desk.map(page)).isFocused();
    press("Shift+F6");
    assertThat(page.getByLabel("Filter by name, kind or side")).isFocused();
    press("ArrowDown", "ArrowDown", "ArrowDown", "ArrowDown");
    Locator prowler = Desk.button(page, "Prowler");
    assertThat(prowler).isFocused();
    press("Enter");
    hears("Prowler is selected");
    press("ArrowRight");
    assertThat(Desk.button(page, "Hide Prowler")).isFocused();
    press("Enter");
    assertThat(Desk.button(page, "Show Prowler")).isFocused();
    press("Enter", "ArrowLeft", "KeyK");
    assertThat(Desk.button(page, "Unlock Prowler")).isAttached();
    press("KeyK");
    assertThat(Desk.button(page, "Lock Prowler")).isAttached();
    press("Delete");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    assertThat(prowler).hasCount(0);
    hears("Delete Prowler");
    press("Control+KeyZ");
    assertThat(prowler).isVisible();
    assertThat(Desk.map(page)).isFocused();
    press("KeyB");
    assertThat(page).hasURL(Pattern.compile(".*/trial\\?at=.*"));
  }

  @Test
  @InTheLongRun
  void anEarIsToldWhereTheCursorIsAndWhatItFinds() {
    tabTo(Desk.link(page, "First Light"));
    press("Enter");
    assertThat(Desk.map(page)).isFocused();
    findOrDo("set down lookout", "Lookout");
    press("ArrowRight");
    hears(": clear");
    press("KeyE");
    type("20 500");
    press("Enter");
    hears("E 20 N 500: ");
    assertThat(page.getByRole(AriaRole.GRIDCELL).first()).isAttached();
    assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Prowler")).first())
        .hasAttribute("aria-level", "2");
    assertThat(page.ariaSnapshot()).contains("treegrid \"Things\"", "application \"Map of First");
  }
}
