package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.google.gson.JsonObject;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every main view keeps to WCAG 2.1 A and AA by day and by night, as far as axe can tell. */
class AccessibilityJourney extends Journey {
  private static final List<String> TAGS = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa");

  /** Reports only what is wrong, and in the page itself, as none holds frames of others. */
  private AxeBuilder axe() {
    AxeRunOptions options = new AxeRunOptions();
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder(page).options(options).setLegacyMode(true);
  }

  private void nothingIsWrong() {
    assertThat(wrong(axe().withTags(TAGS))).isEmpty();
  }

  private void nothingIsWrongByDayOrNight() {
    nothingIsWrong();
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
    assertThat(wrong(axe().withRules(List.of("color-contrast")))).as("by night").isEmpty();
    page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
  }

  private static List<String> wrong(AxeBuilder axe) {
    return axe.analyze().getViolations().stream()
        .map(rule -> rule.getHelp() + " " + rule.getNodes().getFirst().getHtml())
        .toList();
  }

  @Test
  void everyViewCanBeReadAndWorkedByAll() {
    assertThat(Desk.link(page, "First Light")).isVisible();
    nothingIsWrong();
    Desk.open(page, "First Light");
    Desk.button(page, "Prowler").click();
    assertThat(Desk.button(page, "Duplicate")).isVisible();
    nothingIsWrongByDayOrNight();
    Desk.link(page, "Brief").click();
    assertThat(page.getByText("Briefing, read by players as they begin")).isVisible();
    nothingIsWrongByDayOrNight();
    Desk.link(page, "Script").click();
    assertThat(Desk.button(page, "New event").first()).isVisible();
    nothingIsWrongByDayOrNight();
    Desk.button(page, "Replace a thing").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    nothingIsWrong();
    page.keyboard().press("Escape");
    Desk.button(page, "Open A bell offshore").click();
    Desk.button(page, "Add a condition").click();
    page.keyboard().type("any player is inside [Lamp house]");
    assertThat(role(AriaRole.OPTION, "Put this in")).isVisible();
    nothingIsWrong();
    page.keyboard().press("Escape");
    Desk.button(page, "Text").click();
    assertThat(page.getByLabel("Script as text")).containsText("A bell offshore");
    nothingIsWrong();
    Desk.button(page, "Web").click();
    assertThat(page.getByText("Nothing stands out.")).isVisible();
    nothingIsWrong();
    Desk.button(page, "Cards").click();
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New speaker").click();
    Desk.button(page, "New conversation").click();
    Desk.button(page, "Add a line").click();
    assertThat(role(AriaRole.TEXTBOX, "Words of line 1")).isVisible();
    Desk.button(page, "New choice").click();
    assertThat(role(AriaRole.TEXTBOX, "Words of answer 2")).isVisible();
    nothingIsWrong();
    Desk.link(page, "Catalogue").click();
    assertThat(Desk.button(page, "Add a side")).isVisible();
    nothingIsWrongByDayOrNight();
    for (String tab : List.of("Kinds", "Weapons", "Items", "Things")) {
      role(AriaRole.TAB, tab).click();
      if (tab.equals("Items")) {
        nothingIsWrong();
        Desk.button(page, "Make the first one").click();
      }
      assertThat(Desk.button(page, "Make another like it")).isVisible();
      nothingIsWrong();
    }
    role(AriaRole.TAB, "Bundles").click();
    assertThat(Desk.button(page, "Set down Ambush")).isVisible();
    nothingIsWrong();
    saved();
    Desk.button(page, "Try").click();
    playGoesOn(page);
    nothingIsWrongByDayOrNight();
  }

  @Test
  void whatOpensOverTheMapCanBeReadAndWorkedByAllToo() {
    Desk.open(page, "Relight the Harrow");
    role(AriaRole.COMBOBOX, "Group by").selectOption("folder");
    Desk.button(page, "The watch").click();
    role(AriaRole.COMBOBOX, "Filled").selectOption("counted");
    assertThat(Desk.button(page, "Everybody")).isVisible();
    nothingIsWrong();
    Desk.button(page, "Delete").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    nothingIsWrong();
    Desk.button(page, "Keep").click();
    page.keyboard().press("Control+KeyK");
    page.keyboard().type("rock");
    assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
    nothingIsWrong();
    page.keyboard().press("Escape");
    Desk.button(page, "Measure").click();
    Desk.clickGround(page, 200, 200);
    Desk.clickGround(page, 260, 220);
    assertThat(page.getByLabel("Section")).isVisible();
    nothingIsWrong();
    page.evaluate("document.body.append(document.createElement('button'))");
    assertThat(wrong(axe().withTags(TAGS))).as("a button without a name is found").hasSize(1);
  }

  /** Beyond the edges of the page, pixels: to the right and below. */
  private void nothingLiesBeyondTheEdges() {
    assertThat(
            page.evaluate(
                "() => [document.documentElement.scrollWidth - innerWidth,"
                    + " document.documentElement.scrollHeight - innerHeight]"))
        .as(page.url())
        .isEqualTo(List.of(0, 0));
  }

  /** The least window, one of 1280 x 800 at twice its size, and one with letters twice as large. */
  @ParameterizedTest
  @CsvSource({"900, 600, 16", "640, 400, 16", "1280, 800, 32"})
  void everythingIsInReachOnASmallWindow(int width, int height, int letters) {
    page.setViewportSize(width, height);
    JsonObject sizes = new JsonObject();
    sizes.addProperty("standard", letters);
    JsonObject asked = new JsonObject();
    asked.add("fontSizes", sizes);
    page.context().newCDPSession(page).send("Page.setFontSizes", asked);
    Desk.open(page, "First Light");
    BoundingBox map = Desk.map(page).boundingBox();
    assertThat(map.width).isGreaterThanOrEqualTo(width / 2.0);
    assertThat(map.height).isGreaterThanOrEqualTo(height / 2.0);
    nothingLiesBeyondTheEdges();
    nothingIsWrong();
    Desk.button(page, "Contents").click();
    Desk.button(page, "Prowler").click();
    nothingIsWrong();
    page.keyboard().press("Escape");
    assertThat(Desk.button(page, "Contents")).isFocused();
    Desk.button(page, "Slip").click();
    assertThat(role(AriaRole.TEXTBOX, "Name")).hasValue("Prowler");
    nothingLiesBeyondTheEdges();
    nothingIsWrong();
    Desk.button(page, "Close Slip").click();
    for (String to : List.of("Script", "Brief", "Catalogue")) {
      Desk.link(page, to).click();
      assertThat(Desk.link(page, to)).hasAttribute("aria-current", "page");
      nothingLiesBeyondTheEdges();
    }
    Desk.button(page, "Try").click();
    playGoesOn(page);
    nothingLiesBeyondTheEdges();
    nothingIsWrong();
  }

  @ParameterizedTest
  @CsvSource({"640, 400", "900, 600", "1280, 800"})
  @InTheLongRun
  void aTrialOfSeveralIsInReachOnAnyWindow(int width, int height) {
    page.setViewportSize(width, height);
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, "Try together, or as another player").click();
    role(AriaRole.MENUITEM, "Try together…").click();
    assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    nothingLiesBeyondTheEdges();
    nothingIsWrongByDayOrNight();
    in(page.getByRole(AriaRole.DIALOG), "Try together").click();
    Locator players =
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Players"));
    assertThat(players).isVisible();
    if (players.getByText("Mara Quill").count() == 0) {
      players.getByRole(AriaRole.BUTTON).first().click();
    }
    assertThat(players).containsText("Mara Quill: you");
    nothingLiesBeyondTheEdges();
    nothingIsWrongByDayOrNight();
  }
}
