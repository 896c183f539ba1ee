package org.flintmoss.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** A place from nothing or from real heights. */
class TerrainJourney extends Journey {
  private Locator dialog(String item) {
    Desk.button(page, "The ground").click();
    Desk.button(page, item).click();
    return page.getByRole(AriaRole.DIALOG);
  }

  private void box(Locator in, String name, String value) {
    Desk.fill(
        in.getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(name).setExact(true)),
        value);
  }

  @Test
  void aGroundIsMadeFromNothingAndTakenBack() {
    Desk.button(page, "New mission").click();
    Desk.map(page).waitFor();
    Locator asks = dialog("New ground…");
    asks.getByLabel("Land").selectOption("rock");
    box(asks, "West to east", "8192");
    assertThat(asks.getByRole(AriaRole.ALERT)).isVisible();
    box(asks, "Cell", "8");
    box(asks, "South to north", "2048");
    box(asks, "Settlements", "2");
    box(asks, "Seed", "12");
    assertThat(asks.getByRole(AriaRole.ALERT)).hasCount(0);
    assertThat(asks.getByText("1024 × 256 cells of 8 m")).isVisible();
    assertThat(
            asks.getByRole(
                AriaRole.IMG,
                new Locator.GetByRoleOptions().setName("What the ground will look like")))
        .isVisible();
    Desk.button(page, "Lay this ground").click();
    assertThat(asks).hasCount(0);
    Locator contents = role(AriaRole.COMPLEMENTARY, "Contents");
    assertThat(contents).containsText("Place names");
    saved();
    Desk.button(page, "Undo").click();
    assertThat(contents).not().containsText("Place names");
  }

  @Test
  @InTheLongRun
  void heightsGoOutAndInAgain() throws IOException {
    Desk.open(page, "First Light");
    Desk.button(page, "The ground").click();
    Download grid = page.waitForDownload(() -> Desk.link(page, "Heights as a grid").click());
    byte[] heights = Files.readAllBytes(grid.path());
    String text = new String(heights, StandardCharsets.US_ASCII);
    org.assertj.core.api.Assertions.assertThat(text).startsWith("ncols 256\nnrows 256\n");
    Locator asks = dialog("From a file…");
    Locator file = asks.getByLabel("A file of heights");
    file.setInputFiles(
        payload("ragged.asc", text.substring(0, text.indexOf(10, text.length() / 2))));
    Desk.button(page, "Lay this ground").click();
    assertThat(asks.getByRole(AriaRole.ALERT)).containsText("Ends in row");
    file.setInputFiles(payload("raised.asc", text.replaceFirst("cellsize 2", "cellsize 4")));
    Desk.button(page, "Lay this ground").click();
    assertThat(asks).hasCount(0);
    assertThat(Desk.button(page, "Undo"))
        .hasAccessibleDescription("Undo: Ground from a grid (Ctrl+Z)");
  }

  @Test
  @InTheLongRun
  void thingsOfOthersComeInAsGeoJson() {
    Desk.open(page, "First Light");
    Locator contents = role(AriaRole.COMPLEMENTARY, "Contents");
    Locator file = page.getByLabel("A GeoJSON, CSV or GPX file");
    String wreck =
        "{\"type\":\"Feature\",\"geometry\":{\"type\":\"Point\",\"coordinates\":[%s]},\"properties\":{\"name\":\"Wreck\"}}";
    file.setInputFiles(payload("degrees.geojson", wreck.formatted("8.43,54.9")));
    assertThat(page.getByText("seems to be in degrees")).isVisible();
    file.setInputFiles(payload("wreck.geojson", wreck.formatted("200,300")));
    assertThat(contents.getByText("Wreck")).isVisible();
    Desk.button(page, "Undo").click();
    assertThat(contents.getByText("Wreck")).hasCount(0);
    String track =
        "<gpx><rte><name>Dyke walk</name><rtept lat='51' lon='1'/><rtept lat='51.001' lon='1'/></rte></gpx>";
    file.setInputFiles(payload("dyke.gpx", track));
    assertThat(page.getByText("A route of 2 waypoints")).isVisible();
    assertThat(Desk.button(page, "Undo")).hasAccessibleDescription("Undo: Take in GPX (Ctrl+Z)");
  }

  @Test
  void theGroundIsShapedByAStrokeThatIsOneEdit() {
    Desk.open(page, "First Light");
    Desk.button(page, "The ground").click();
    Desk.button(page, "Shape the ground").click();
    Locator panel = role(AriaRole.REGION, "Brush");
    Desk.button(page, "Raise").click();
    box(panel, "Radius", "30");
    box(panel, "Strength", "8");
    double before = heightAt(200, 60);
    Desk.dragGround(page, 180, 60, 220, 60);
    saved();
    assertThat(Desk.button(page, "Undo"))
        .hasAccessibleDescription("Undo: Raise the ground (Ctrl+Z)");
    Desk.button(page, "Done").click();
    assertThat(panel).hasCount(0);
    org.assertj.core.api.Assertions.assertThat(heightAt(200, 60)).isGreaterThan(before + 2);
    Desk.button(page, "Undo").click();
    saved();
    org.assertj.core.api.Assertions.assertThat(heightAt(200, 60)).isEqualTo(before);
    page.keyboard().press("Control+k");
    page.keyboard().type("shape the ground");
    page.keyboard().press("Enter");
    assertThat(panel).isVisible();
    page.keyboard().press("Escape");
    assertThat(panel).hasCount(0);
  }

  @Test
  void theSheetIsPrintedAsALineDrawingAndAsAPicture() throws IOException {
    Desk.open(page, "Relight the Harrow");
    Locator asks = dialog("Print the sheet…");
    assertThat(
            asks.getByRole(
                AriaRole.IMG,
                new Locator.GetByRoleOptions().setName("Print of Relight the Harrow")))
        .containsText("Legend");
    asks.getByLabel("Shows").selectOption("players");
    assertThat(asks).not().containsText("Wreckers");
    asks.getByLabel("Paper").selectOption("A4");
    Download lines = page.waitForDownload(() -> Desk.button(page, "Save as SVG").click());
    org.assertj.core.api.Assertions.assertThat(lines.suggestedFilename())
        .isEqualTo("relight-the-harrow.svg");
    org.assertj.core.api.Assertions.assertThat(Files.readString(lines.path()))
        .contains("Convoy sound", "viewBox=\"0 0 297 210\"", "@font-face");
    Download picture = page.waitForDownload(() -> Desk.button(page, "Save as PNG").click());
    java.awt.image.BufferedImage read = javax.imageio.ImageIO.read(picture.path().toFile());
    org.assertj.core.api.Assertions.assertThat(read.getWidth()).isEqualTo(2339);
  }

  @Test
  @InTheLongRun
  void growthIsSownAndStandsWhereItWasSown() {
    Desk.open(page, "First Light");
    Desk.button(page, "The ground").click();
    Desk.button(page, "Shape the ground").click();
    Desk.button(page, "Sow").click();
    Locator panel = role(AriaRole.REGION, "Brush");
    panel.getByLabel("Grows").selectOption("trees");
    box(panel, "Radius", "30");
    Desk.dragGround(page, 180, 60, 220, 60);
    saved();
    assertThat(Desk.button(page, "Undo")).hasAccessibleDescription("Undo: Sow growth (Ctrl+Z)");
    Desk.button(page, "Done").click();
    page.reload();
    Desk.map(page).waitFor();
    double[] at = Desk.pixel(page, 200, 60);
    page.mouse().move(at[0], at[1]);
    assertThat(page.getByText(java.util.regex.Pattern.compile("height .* trees"))).isVisible();
  }

  @Test
  @InTheLongRun
  void oneLooksFromSomebodyAtEyeLevelAndAround() {
    Desk.open(page, "Relight the Harrow");
    Desk.button(page, "Mara Quill").first().click();
    Desk.button(page, "Eye level").click();
    Locator panel = role(AriaRole.REGION, "Eye level");
    assertThat(panel.getByText("looks 40°")).isVisible();
    Locator picture = panel.getByRole(AriaRole.IMG);
    page.waitForCondition(() -> tints(picture) > 50);
    picture.press("ArrowRight");
    assertThat(panel.getByText("looks 55°")).isVisible();
    Desk.button(page, "Straight ahead").click();
    assertThat(panel.getByText("looks 40°")).isVisible();
    Desk.fill(role(AriaRole.TEXTBOX, "Faces"), "180");
    assertThat(panel.getByText("looks 180°")).isVisible();
    Desk.button(page, "Close eye level").click();
    assertThat(panel).hasCount(0);
  }

  @Test
  @InTheLongRun
  void theMapShowsHowSoonSomebodyIsAnywhereAndSaysWhyNot() {
    Desk.open(page, "First Light");
    Desk.button(page, "Mara Quill").first().click();
    Desk.button(page, "Reach").click();
    Locator panel = role(AriaRole.REGION, "Reach");
    assertThat(panel).containsText("How soon Mara Quill is there");
    Desk.clickGround(page, 60, 200);
    assertThat(panel).containsText("Mara Quill gets there in");
    Desk.clickGround(page, 452, 237);
    assertThat(panel).containsText("m too deep");
    assertThat(panel).containsText("It would do to have the water");
    Desk.button(page, "Put the reach away").click();
    assertThat(panel).hasCount(0);
  }

  /** How many tints a picture has. */
  private static int tints(Locator picture) {
    return (Integer)
        picture.evaluate(
            """
            it => new Set(new Uint32Array(
                it.getContext('2d').getImageData(0, 0, it.width, it.height).data.buffer)).size
            """);
  }

  /** The height of the ground at a point, as the server has it. */
  private double heightAt(double x, double y) {
    String mission = page.url().replaceFirst(".*/missions/([^/]+)/.*", "$1");
    String url = page.url().replaceFirst("/missions/.*", "");
    String grid = page.request().get(url + "/api/missions/" + mission + "/formats/grid").text();
    String[] lines = grid.split("\n");
    int row = 255 - (int) (y / 2);
    return Double.parseDouble(lines[5 + row].split(" ")[(int) (x / 2)]);
  }

  private static FilePayload payload(String name, String text) {
    return new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.US_ASCII));
  }
}
