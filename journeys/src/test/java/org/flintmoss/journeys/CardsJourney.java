package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A script is worked on by cards: by sentences that are written out, by keyboard, and in bulk. */
class CardsJourney extends Journey {
  private void script() {
    Desk.open(page, "Relight the Harrow");
    Desk.link(page, "Script").click();
    assertThat(Desk.button(page, "Open Evening")).isVisible();
  }

  private void menu(String event, String item) {
    in(card(event), "More for this " + event).click();
    role(AriaRole.MENUITEM, item).click();
  }

  @Test
  void sentencesAreWrittenOutAndTurnIntoTokens() {
    script();
    Desk.button(page, "New event").first().click();
    Locator event = card("Event");
    in(event, "Add a condition").click();
    page.keyboard().type("any player is inside har");
    assertThat(role(AriaRole.OPTION, "[Harrow rock] zone")).isVisible();
    page.keyboard().press("Tab");
    page.keyboard().type(" for 2 s and not [Lamp lit] is on");
    page.keyboard().press("Enter");
    assertThat(in(event, "Harrow rock")).isVisible();
    assertThat(in(event, "for 2 s")).isVisible();
    assertThat(event).containsText("and not");
    page.keyboard().press("Escape");
    in(event, "Add an action").click();
    page.keyboard().type("wait 3 s, tell the players \"Quick now.\"");
    page.keyboard().press("Enter");
    assertThat(in(event, "Text: Quick now.")).isVisible();
    page.keyboard().type("say [The lamp is lid]");
    assertThat(page.getByText("Nothing is called [The lamp is lid] here.")).isVisible();
    page.keyboard().press("Escape");
    Desk.button(page, "Undo").click();
    assertThat(in(event, "Text: Quick now.")).hasCount(0);
  }

  @Test
  @InTheLongRun
  void squadsAreMadeABandThatSentencesSpeakOf() {
    Desk.open(page, "Relight the Harrow");
    Locator contents = page.getByLabel("Contents");
    in(contents, "The squatters").click();
    in(contents, "The watch")
        .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
    Desk.button(page, "Make a band of these").click();
    assertThat(page.getByText("A band of 2 squads, reckoned together.")).isVisible();
    Desk.fill(page.getByLabel("Name", exactly()), "Both watches");
    Desk.link(page, "Script").click();
    Desk.button(page, "New event").first().click();
    Locator event = card("Event");
    in(event, "Add a condition").click();
    page.keyboard().type("the strength of all of [Both watches] is at most 40 %");
    page.keyboard().press("Enter");
    assertThat(in(event, "all of Both watches")).isVisible();
  }

  @Test
  @InTheLongRun
  void whatIsToldIsForTheCauserAloneAndHasAFigureInIt() {
    script();
    Desk.button(page, "New event").first().click();
    Locator event = card("Event");
    in(event, "Add a condition").click();
    page.keyboard().type("each time any player enters [Harrow rock]");
    page.keyboard().press("Enter");
    assertThat(in(event, "Harrow rock")).isVisible();
    page.keyboard().press("Escape");
    in(event, "Add an action").click();
    page.keyboard().type("tell the players \"Ashore.\"");
    page.keyboard().press("Enter");
    assertThat(in(event, "Text: Ashore.")).isVisible();
    page.keyboard().press("Escape");
    in(event, "For all players").click();
    role(AriaRole.OPTION, "only the causer").click();
    in(event, "Text: Ashore.").click();
    Desk.button(page, "Add a figure").click();
    page.keyboard().press("Escape");
    assertThat(in(event, "Text: Ashore. ‹the seconds played›")).isVisible();
    in(event, "Add an action").click();
    page.keyboard().type("move the causer to the emptiest of ([Landing], [Lamp gallery])");
    page.keyboard().press("Enter");
    assertThat(in(event, "Which place: the emptiest of")).isVisible();
    saved();
  }

  private static Page.GetByLabelOptions exactly() {
    return new Page.GetByLabelOptions().setExact(true);
  }

  @Test
  void aThingIsDroppedOntoATokenOrPointedAtOnTheMap() {
    script();
    Desk.button(page, "Open On the rock").click();
    Locator event = card("On the rock");
    role(AriaRole.TAB, "Things").click();
    page.getByLabel("Filter the things").fill("landing");
    Locator landing =
        role(AriaRole.LIST, "Things")
            .getByText("Landing", new Locator.GetByTextOptions().setExact(true));
    landing.dragTo(in(event, "Harrow rock"));
    assertThat(in(event, "Landing")).isVisible();
    assertThat(in(event, "Harrow rock")).hasCount(0);
    Desk.button(page, "Undo").click();
    assertThat(in(event, "Harrow rock")).isVisible();
    // A gate takes no zone.
    landing.dragTo(in(event, "Sluice gate"));
    assertThat(in(event, "Sluice gate")).isVisible();
    in(event, "Harrow rock").click();
    Desk.button(page, "Point on the map").click();
    assertThat(page.getByText("Point at the zone on the map.")).isVisible();
  }

  @Test
  @InTheLongRun
  void aMissionBeginsAsAPageOfPlainLines() {
    Desk.button(page, "New mission").click();
    Desk.link(page, "Script").click();
    Desk.button(page, "From plain lines…").click();
    Locator lines = role(AriaRole.TEXTBOX, "Plain lines");
    lines.fill("# The crossing\nOpening: fog\nMara: Quick now.\nGoal: Reach the lamp house");
    Locator made = role(AriaRole.LIST, "What is made of them");
    assertThat(made).containsText("Mara, a speaker");
    assertThat(made).containsText("☐ Say when it is done: Reach the lamp house");
    Desk.button(page, "Make 5 things and 2 to-dos").click();
    assertThat(Desk.button(page, "Open Opening")).isVisible();
    Locator todo = role(AriaRole.REGION, "To do");
    assertThat(todo).containsText("To do: 2");
    in(todo, "Reach the lamp house").click();
    assertThat(Desk.button(page, "New objective")).isVisible();
    todo.getByLabel("Done: Say when it is done: Reach the lamp house").check();
    assertThat(todo).containsText("To do: 1");
    todo.getByLabel("Something to do").fill("Draw the rocks");
    todo.getByLabel("Something to do").press("Enter");
    assertThat(todo).containsText("To do: 2");
    in(todo, "Clear what is done").click();
    assertThat(todo).not().containsText("Say when it is done");
    Desk.button(page, "Undo").click();
    assertThat(todo).containsText("Say when it is done");
  }

  @Test
  @InTheLongRun
  void theScriptIsReadAndOrderedByKeyboardAlone() {
    script();
    Desk.button(page, "Open Evening").focus();
    page.keyboard().press("ArrowDown");
    assertThat(Desk.button(page, "Open At the sluice")).isFocused();
    page.keyboard().press("Alt+ArrowUp");
    assertThat(role(AriaRole.ARTICLE, "At the sluice")).isVisible();
    assertThat(page.locator("[data-event-row]").first()).hasAccessibleName("Open At the sluice");
    page.keyboard().press("Enter");
    assertThat(card("At the sluice")).isFocused();
    assertThat(in(card("At the sluice"), "any player")).isVisible();
    page.keyboard().press("Escape");
    assertThat(Desk.button(page, "Open At the sluice")).isFocused();
  }

  @Test
  @InTheLongRun
  void linesAreDraggedIntoWhatHoldsOthers() {
    script();
    Desk.button(page, "Open The lamp is hot").click();
    Locator event = card("The lamp is hot");
    Locator stop = event.locator("li", new Locator.LocatorOptions().setHasText("stop")).last();
    stop.hover();
    Locator end = in(event, "Add an action: if so");
    stop.locator("[draggable]").first().dragTo(end);
    Locator held = event.locator("ol ol").first();
    assertThat(held).containsText("The convoy");
    Desk.button(page, "Undo").click();
    assertThat(held).not().containsText("The convoy");
    in(event, "More for this action").last().click();
    assertThat(role(AriaRole.MENUITEM, "Into the one above")).hasCount(0);
  }

  @Test
  @InTheLongRun
  void aThingIsReplacedWhereverTheScriptNamesIt() {
    script();
    Desk.button(page, "Replace a thing").click();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    page.getByLabel("Find", exactly()).selectOption("Harrow rock, zone (3)");
    page.getByLabel("Put in its place").selectOption("Causeway");
    dialog
        .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("The squatters run"))
        .uncheck();
    assertThat(dialog).containsText("Cross to the Harrow");
    in(dialog, "Replace it 2 times").click();
    assertThat(role(AriaRole.ARTICLE, "On the rock")).containsText("inside Causeway");
    assertThat(role(AriaRole.ARTICLE, "The squatters run")).containsText("inside Harrow rock");
    Desk.button(page, "Undo").click();
    assertThat(role(AriaRole.ARTICLE, "On the rock")).containsText("inside Harrow rock");
  }

  @Test
  @InTheLongRun
  void anEventIsCopiedForAnotherAndThoseAlikeStandInATable() {
    script();
    Desk.button(page, "Open Tobin goes down").click();
    menu("Tobin goes down", "The same for others…");
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    dialog
        .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("Mara Quill"))
        .check();
    in(dialog, "Make the copy").click();
    assertThat(Desk.button(page, "Open Tobin goes down: Mara Quill")).isVisible();
    menu("Tobin goes down", "The 3 like it as a table…");
    assertThat(dialog.getByRole(AriaRole.ROW)).hasCount(4);
    in(dialog, "Another row").click();
    assertThat(dialog.getByRole(AriaRole.ROW)).hasCount(5);
    Locator first = dialog.getByRole(AriaRole.ROW).nth(1);
    in(first, "Tobin is down").click();
    role(AriaRole.OPTION, "Mara is down").click();
    assertThat(in(first, "Mara is down")).isVisible();
    in(dialog, "Done").click();
    assertThat(in(card("Tobin goes down"), "Mara is down")).isVisible();
  }

  private Locator knot(String name) {
    return page.locator(".react-flow__node").filter(new Locator.FilterOptions().setHasText(name));
  }

  @Test
  @InTheLongRun
  void theWebShowsWhoSetsAndWhoReadsAndWhatStandsOut() {
    script();
    Desk.button(page, "Web").click();
    assertThat(page.getByText("Nothing stands out.")).isVisible();
    assertThat(knot("The siege is broken")).isVisible();
    assertThat(knot("Evening on the strand")).hasCount(0);
    page.getByLabel("also words, effects and things").check();
    assertThat(knot("Evening on the strand")).isVisible();
    page.getByLabel("also words, effects and things").uncheck();
    knot("The lamp is lit").first().click();
    page.getByLabel("only around the open event").check();
    role(AriaRole.COMBOBOX, "How far").selectOption("1");
    assertThat(knot("The siege is broken")).hasCount(0);
    assertThat(knot("The siege")).isVisible();
    Desk.button(page, "Cards").click();
    in(card("The lamp is lit"), "More for this action").first().click();
    role(AriaRole.MENUITEM, "Delete").click();
    Desk.button(page, "Web").click();
    page.getByLabel("only around The lamp is lit").uncheck();
    assertThat(page.getByText("stand out:")).isVisible();
    assertThat(knot("Lamp lit")).containsText("never set");
    assertThat(knot("All aboard").first()).containsText("can never fire");
  }

  @Test
  @InTheLongRun
  void anObjectiveIsDoneByAConditionOfItsOwnCountsAndPoints() {
    Desk.open(page, "First Light");
    Desk.link(page, "Script").click();
    role(AriaRole.TAB, "Objectives and endings").click();
    Desk.button(page, "New objective").click();
    Locator objective = card("Objective");
    objective.getByLabel("open from the start").check();
    in(objective, "Change what it counts").click();
    role(AriaRole.OPTION, "counts a counter of a number").click();
    in(objective, "Open: choose a counter").click();
    role(AriaRole.OPTION, "New counter").click();
    in(objective, "Change where it points").click();
    role(AriaRole.OPTION, "points at a place").click();
    in(objective, "E 0 N 0").click();
    role(AriaRole.OPTION, "Lamp house").click();
    in(objective, "Add a condition").first().click();
    page.keyboard().type("play has lasted at least 3 s");
    page.keyboard().press("Enter");
    assertThat(objective).containsText("play has lasted");
    page.keyboard().press("Escape");
    saved();
    Desk.button(page, "Try").click();
    Locator shown = role(AriaRole.REGION, "Objectives");
    assertThat(shown).containsText("Objective · 0 of 3");
    assertThat(shown).containsText("· done");
    Desk.button(page, "As designer").click();
    assertThat(page.getByText("Objective: done by itself").first()).isVisible();
  }
}
