package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;

/**
 * The tasks of every day, each done by a practised hand: how many clicks and keys each takes beside
 * the words that are typed and the points on the map. What is counted is written to {@code
 * target/counted-tasks.json}.
 */
class TasksJourney extends Journey {
  /** No task may take more than this. */
  private static final int MOST = 10;

  private static final Map<String, Integer> COUNTED = new TreeMap<>();

  private int steps;

  private void click(Locator target) {
    target.click();
    steps++;
  }

  private void press(String... keys) {
    for (String key : keys) {
      page.keyboard().press(key);
      steps++;
    }
  }

  private void type(String words) {
    page.keyboard().type(words);
  }

  /** Types a sentence and takes it once it is understood. */
  private void say(String sentence) {
    type(sentence);
    assertThat(role(AriaRole.OPTION, "Put this in")).isVisible();
    press("Enter");
  }

  private void findOrDo(String words, String found) {
    press("Control+KeyK");
    type(words);
    assertThat(page.locator("[role=option][aria-selected=true]").first()).containsText(found);
    press("Enter");
    assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
  }

  private void done(String task) {
    COUNTED.put(task, steps);
    assertThat(steps).as(task).isLessThanOrEqualTo(MOST);
    steps = 0;
  }

  @AfterAll
  static void write() throws IOException {
    Files.writeString(
        Path.of("target/counted-tasks.json"),
        Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(COUNTED) + "\n");
  }

  @Test
  void onTheGround() {
    empty();
    findOrDo("5 wrecker lookouts", "5");
    Desk.clickGround(page, 100, 100);
    assertThat(page.getByText("5 things").first()).isVisible();
    click(Desk.button(page, "Make a squad of these"));
    role(AriaRole.COMBOBOX, "Order").selectOption("along");
    steps += 2;
    assertThat(page.getByText("Click the first point").first()).isVisible();
    for (double[] at : new double[][] {{160, 80}, {220, 90}, {240, 60}, {250, 50}}) {
      Desk.clickGround(page, at[0], at[1]);
    }
    press("Enter");
    assertThat(Desk.button(page, "Route").last()).isVisible();
    done("a squad of five with a route of four points");
    findOrDo("round zone", "Round zone");
    press("KeyE");
    type("340 200");
    press("Enter");
    assertThat(role(AriaRole.TEXTBOX, "Name")).hasValue("Zone");
    done("a zone at a coordinate");
    press("Escape");
    steps = 0;
    page.keyboard().press("Control+KeyA");
    click(role(AriaRole.TEXTBOX, "East"));
    type("40");
    press("Tab");
    click(Desk.button(page, "Duplicate there"));
    done("everything duplicated 40 m east");
    click(in(page.getByLabel("Contents"), "Zone 2"));
    click(role(AriaRole.TEXTBOX, "Name"));
    press("Control+KeyA");
    type("Quay");
    press("Enter");
    assertThat(Desk.button(page, "Undo"))
        .hasAttribute("aria-description", "Undo: Rename to Quay (Ctrl+Z)");
    done("a rename");
    Desk.map(page).focus();
    for (int i = 0; i < 10; i++) {
      press("Control+KeyZ");
    }
    assertThat(Desk.button(page, "Redo")).isEnabled();
    done("ten undos");
  }

  @Test
  @InTheLongRun
  void inTheScript() {
    Desk.open(page, "First Light");
    findOrDo("new event", "New event");
    assertThat(Desk.button(page, "Add a condition").last()).isFocused();
    press("Enter");
    say("any player is inside lamp house and prowler is alarmed and after 3 s");
    press("Escape");
    assertThat(Desk.button(page, "Add a condition").last()).isFocused();
    press("Tab");
    assertThat(Desk.button(page, "Add an action").last()).isFocused();
    press("Enter");
    say("tell the players \"Quick now\"");
    say("complete the objective relight the lamp");
    done("an event of three conditions and two actions");
    press("Escape");
    role(AriaRole.TAB, "Talk").click();
    Desk.button(page, "New speaker").click();
    steps = 0;
    click(Desk.button(page, "New conversation"));
    click(Desk.button(page, "Add a line"));
    for (int i = 1; i <= 6; i++) {
      assertThat(role(AriaRole.TEXTBOX, "Words of line " + i)).isFocused();
      type("Line " + i);
      press(i < 6 ? "Control+Enter" : "Tab");
    }
    assertThat(role(AriaRole.TEXTBOX, "Words of line 6")).hasValue("Line 6");
    done("a conversation of six lines");
    click(role(AriaRole.TAB, "Waves"));
    click(Desk.button(page, "New wave plan"));
    for (int i = 0; i < 4; i++) {
      click(Desk.button(page, "Add a wave"));
    }
    for (int i = 0; i < 2; i++) {
      click(Desk.button(page, "Add an entrance"));
      click(role(AriaRole.OPTION, "Lamp house"));
    }
    assertThat(Desk.button(page, "Take out entrance 2")).isVisible();
    done("a plan of four waves with two entrances");
    click(role(AriaRole.TAB, "Objectives and endings"));
    click(Desk.button(page, "New objective"));
    click(Desk.button(page, "New ending"));
    click(Desk.button(page, "+ when…"));
    assertThat(page.getByText("end the mission with").last()).isVisible();
    done("an objective and an ending that an event brings");
    saved();
    click(Desk.button(page, "Try"));
    click(Desk.button(page, "As designer"));
    assertThat(page.getByText("Not yet:").first()).isVisible();
    done("why an event has not fired");
  }
}
