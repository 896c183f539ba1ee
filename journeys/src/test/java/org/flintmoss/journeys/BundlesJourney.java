package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Things and events that are set down again and again, each time with values of their own. */
class BundlesJourney extends Journey {
  private Locator slip() {
    return role(AriaRole.COMPLEMENTARY, "Slip");
  }

  private Locator field(String label) {
    return slip().getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  private void fill(String label, String value) {
    field(label).fill(value);
    field(label).press("Enter");
  }

  @Test
  void aBundleThatShipsIsSetDownTwiceEachWithItsOwnValues() {
    Desk.open(page, "First Light");
    role(AriaRole.TAB, "Bundles").click();
    Desk.button(page, "Ambush").click();
    Desk.clickGround(page, 200, 100);
    assertThat(slip()).containsText("A copy of the bundle Ambush");
    Desk.clickGround(page, 320, 90);
    assertThat(field("Name of the copy")).hasValue("Ambush 2");
    page.keyboard().press("Escape");
    fill("How many", "5");
    assertThat(Desk.button(page, "Undo"))
        .hasAccessibleDescription("Undo: Change How many of Ambush 2 (Ctrl+Z)");
    slip()
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Whose: Wreckers"))
        .click();
    role(AriaRole.OPTION, "Townsfolk").click();
    assertThat(slip().getByText("Townsfolk")).isVisible();
    Desk.link(page, "Script").click();
    assertThat(Desk.button(page, "Open The ambush springs")).isVisible();
    assertThat(Desk.button(page, "Open The ambush springs 2")).isVisible();
    Desk.link(page, "Catalogue").click();
    role(AriaRole.TAB, "Bundles").click();
    Locator ambush = role(AriaRole.REGION, "Ambush");
    assertThat(ambush).containsText("Made of 5 units, a squad, a zone, an event.");
    assertThat(ambush).containsText("2 copies");
    ambush.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ambush 2")).click();
    assertThat(field("How many")).hasValue("5");
  }

  @Test
  @InTheLongRun
  void whatABundleIsMadeOfIsChangedInOneCopyAndTakenOverByAnother() {
    Desk.open(page, "Relight the Harrow");
    Locator contents = role(AriaRole.COMPLEMENTARY, "Contents");
    page.getByPlaceholder("Filter: name, kind, side").fill("sluice");
    click(contents, "Sluice lever");
    contents
        .getByRole(
            AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sluice gate").setExact(true))
        .click(
            new Locator.ClickOptions()
                .setModifiers(
                    java.util.List.of(com.microsoft.playwright.options.KeyboardModifier.CONTROL)));
    Desk.button(page, "Make a bundle of these…").click();
    Locator asks = role(AriaRole.DIALOG, "Make a bundle");
    asks.getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("Name of the bundle"))
        .fill("Sluice");
    Desk.button(page, "Make the bundle").click();
    assertThat(asks).hasCount(0);
    assertThat(slip()).containsText("A copy of the bundle Sluice: 2 things on the ground.");
    Desk.button(page, "Another").click();
    Desk.map(page).click();
    assertThat(field("Name of the copy")).hasValue("Sluice 2");
    page.keyboard().press("Escape");
    click(contents, "Sluice lever");
    fill("Faces", "45");
    Desk.button(page, "Make the bundle like this").click();
    click(contents, "Sluice lever 2");
    assertThat(slip()).containsText("The bundle has changed since this copy was made.");
    Desk.button(page, "What changes?").click();
    assertThat(slip()).containsText("Sluice lever 2: facing 200 becomes 45");
    Desk.button(page, "Take over").click();
    assertThat(field("Faces")).hasValue("45");
    assertThat(slip()).not().containsText("The bundle has changed");
    Desk.button(page, "Undo").click();
    assertThat(field("Faces")).hasValue("200");
    Desk.button(page, "Delete the copy").click();
    assertThat(contents).not().containsText("Sluice lever 2");
    assertThat(contents).containsText("Sluice lever");
  }

  private static void click(Locator in, String name) {
    in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }
}
