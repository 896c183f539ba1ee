package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Things that are used and break, made in the catalogue, set down and met in play. */
class ThingsJourney extends Journey {
  private void set(String tool, double x, double y) {
    Desk.button(page, tool).click();
    Desk.clickGround(page, x, y);
    page.keyboard().press("Escape");
  }

  private void player(double x, double y) {
    role(AriaRole.TAB, "People").click();
    set("Player start", x, y);
  }

  private Locator offer(String words) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(words)));
  }

  private void drag(Locator sheet, double x, double y, double toX, double toY) {
    var box = sheet.boundingBox();
    page.mouse().move(box.x + x * box.width, box.y + y * box.height);
    page.mouse().down();
    page.mouse().move(box.x + toX * box.width, box.y + toY * box.height);
    page.mouse().up();
  }

  @Test
  void aDigSpotIsMadeFromNothingAndDugUp() {
    empty();
    Desk.link(page, "Catalogue").click();
    role(AriaRole.TAB, "Things").click();
    page.getByRole(AriaRole.BUTTON, named(Pattern.compile("^Bell"))).click();
    Desk.button(page, "Make another like it").click();
    Desk.fill(role(AriaRole.TEXTBOX, "Name of the kind of thing"), "Old trench");
    Locator sheet = page.getByRole(AriaRole.IMG, named("The drawing of Plain"));
    Locator strokes = page.getByRole(AriaRole.LIST, named("Strokes")).getByRole(AriaRole.BUTTON);
    int before = strokes.count();
    Desk.button(page, "Ring").click();
    drag(sheet, 0.3, 0.3, 0.7, 0.6);
    assertThat(strokes).hasCount(before + 1);
    strokes.last().press("ArrowLeft");
    strokes.last().press("Delete");
    assertThat(strokes).hasCount(before);
    Desk.button(page, "Another look").click();
    assertThat(page.getByRole(AriaRole.LIST, named(Pattern.compile("^Looks of "))))
        .containsText("first");
    Locator uses = page.getByRole(AriaRole.REGION, named("Uses"));
    in(uses, "Another use").click();
    Desk.fill(uses.getByRole(AriaRole.TEXTBOX, textbox("Verb")).last(), "Dig");
    in(uses, "Looks as before").last().click();
    role(AriaRole.OPTION, "Is gone").click();
    Desk.link(page, "Ground").click();
    Desk.map(page).waitFor();
    player(120, 100);
    role(AriaRole.TAB, "Things").click();
    set("Old trench", 120, 101.2);
    saved();
    Desk.button(page, "Try").click();
    offer("Dig: Old trench").waitFor();
    // It was made from a bell, which rings first.
    offer("Ring: Old trench").waitFor();
    page.keyboard().press("r");
    assertThat(offer("Dig: Old trench")).hasCount(0);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions named(Pattern name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByRoleOptions textbox(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  @Test
  void aBreakableIsSetDownTenTimesAndOneOfThemBreaksInPlay() {
    empty();
    player(120, 100);
    role(AriaRole.TAB, "Things").click();
    Desk.button(page, "Clay jar").click();
    Desk.clickGround(page, 120, 101.1);
    for (int i = 1; i < 10; i++) {
      Desk.clickGround(page, 140 + 4 * i, 100);
    }
    page.keyboard().press("Escape");
    assertThat(Desk.button(page, "Clay jar 10").first()).isVisible();
    assertThat(page.getByText("It bears 12 points of harm.")).isVisible();
    role(AriaRole.COMBOBOX, "Put an item in it").selectOption("Brass key");
    assertThat(page.getByText("× Brass key, in")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
    Desk.map(page).hover(new Locator.HoverOptions().setPosition(600, 40));
    page.keyboard().down("2");
    assertThat(page.getByText("You hit what stands before you")).isVisible();
    page.keyboard().up("2");
  }

  @Test
  @InTheLongRun
  void aGateIsOpenedByHandOnTheWay() {
    empty();
    player(120, 100);
    tray("Works", "Wall");
    draw(80, 110, 118, 110);
    Desk.button(page, "Wall").first().click();
    draw(122, 110, 160, 110);
    Desk.button(page, "Gate").first().click();
    draw(118, 110, 122, 110);
    assertThat(page.getByText("Nothing works it yet.")).isVisible();
    page.getByText("people open and close it").click();
    assertThat(page.getByText("Opened by hand by anybody.")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
    page.keyboard().down("w");
    offer("Open: Gate").waitFor();
    page.keyboard().up("w");
    page.keyboard().press("e");
    offer("Close: Gate").waitFor();
  }

  /** An entry of the log, and not what it says others came through. */
  private Locator logged(String words) {
    return page.getByText(words, new Page.GetByTextOptions().setExact(true));
  }

  @Test
  void aDeckBecomesALiftByALeverOnIt() {
    empty();
    player(260, 255);
    tray("Works", "Deck");
    draw(205, 207, 313, 207, 313, 315, 205, 315);
    role(AriaRole.TAB, "Things").click();
    set("Lever", 261.1, 255);
    Desk.button(page, "Link to…").click();
    Desk.clickGround(page, 215, 220);
    page.getByText("raise and lower Deck by 3 m").click();
    in(page.getByLabel("Contents"), "Deck").click();
    assertThat(page.getByText("It moves between 2 stops, 3 m from first to last.")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    offer("Pull: Lever").waitFor();
    page.keyboard().press("e");
    Desk.button(page, "As designer").click();
    role(AriaRole.TAB, "Log").click();
    assertThat(page.getByText("Deck is at stop 2")).isVisible();
  }

  @Test
  void aFireIsLitByAUseGrowsAndHurts() {
    empty();
    player(120, 100);
    role(AriaRole.TAB, "Effects").click();
    set("Fire", 140, 100);
    Desk.fill(role(AriaRole.TEXTBOX, "Radius"), "30");
    role(AriaRole.COMBOBOX, "Goes on").selectOption("When begun");
    Desk.button(page, "At once").click();
    role(AriaRole.OPTION, "Grows").click();
    page.getByText("0.5 m/s", new Page.GetByTextOptions().setExact(true)).click();
    page.keyboard().press("Control+a");
    page.keyboard().type("6");
    page.keyboard().press("Enter");
    assertThat(page.getByText("It reaches its rim after 5 s at the earliest.")).isVisible();
    page.keyboard().press("Escape");
    Desk.fill(page.getByLabel("Takes each second"), "2");
    role(AriaRole.TAB, "Things").click();
    set("Lever", 120, 101.1);
    Desk.button(page, "Link to…").click();
    Desk.clickGround(page, 140, 100);
    page.getByText("begin Fire").click();
    saved();
    Desk.button(page, "Try").click();
    offer("Pull: Lever").waitFor();
    page.keyboard().press("e");
    assertThat(page.getByText("Fire: it hurts.")).isVisible();
    Desk.button(page, "As designer").click();
    role(AriaRole.TAB, "Log").click();
    assertThat(page.getByText(Pattern.compile("^Fire begins · through")).first()).isVisible();
    assertThat(page.getByText(Pattern.compile("^Player is in Fire")).first()).isVisible();
  }

  @Test
  @InTheLongRun
  void aBaleIsCarriedOntoAPlateThatHoldsAGateOpen() {
    empty();
    player(120, 100);
    role(AriaRole.TAB, "Works").click();
    Desk.button(page, "Gate").first().click();
    draw(126, 98, 126, 102);
    role(AriaRole.TAB, "Things").click();
    set("Bale", 121.1, 100);
    set("Plate", 120, 101);
    assertThat(page.getByText("Under 50 kg: Goes down.")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    offer("Lift: Bale").waitFor();
    page.keyboard().press("e");
    offer("Set down: Bale").waitFor();
    page.keyboard().press("e");
    offer("Lift: Bale").waitFor();
    Desk.button(page, "As designer").click();
    role(AriaRole.TAB, "Log").click();
    assertThat(logged("Player lifted Bale")).isVisible();
    assertThat(logged("Player set Bale down")).isVisible();
    assertThat(logged("Plate: Goes down")).isVisible();
  }

  @Test
  @InTheLongRun
  void aConveyorCarriesOffWhatASpawnerBringsForth() {
    empty();
    player(120, 90);
    role(AriaRole.TAB, "Places").click();
    Desk.button(page, "Conveyor").click();
    draw(110, 100, 130, 100);
    assertThat(page.getByText("It pushes along a route.")).isVisible();
    set("Spawner", 111, 100);
    assertThat(page.getByText("It brings forth things.")).isVisible();
    saved();
    Desk.button(page, "Try").click();
    Desk.button(page, "As designer").click();
    role(AriaRole.TAB, "Log").click();
    assertThat(logged("Spawner brings forth Bale 1")).isVisible();
    assertThat(logged("Spawner brings forth Bale 2")).isVisible();
  }
}
