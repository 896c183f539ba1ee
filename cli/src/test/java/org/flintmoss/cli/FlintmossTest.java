package org.flintmoss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.MissionZip;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

class FlintmossTest {
  @TempDir Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... arguments) {
    CommandLine line = Flintmoss.line();
    line.setOut(new PrintWriter(out, true));
    line.setErr(new PrintWriter(err, true));
    return Flintmoss.execute(line, arguments);
  }

  @Test
  void aRunPrintsOneObject() {
    assertThat(run("run", "demo:first-light", "--seed", "7", "--json")).isZero();
    JsonNode report = Json.MAPPER.readTree(out.toString());
    assertThat(report.get("outcome").asString()).isEqualTo("won");
    assertThat(report.get("ending").asString()).isEqualTo("Ship saved");
    assertThat(report.get("steps").asInt())
        .isEqualTo((int) (report.get("seconds").asDouble() * 20));
    assertThat(report.get("stateHash").asString()).matches("[0-9a-f]{16}");
    assertThat(report.at("/events/0/name").asString()).isEqualTo("A bell offshore");
    assertThat(report.at("/events/0/fired/0/step").asInt()).isEqualTo(160);
    assertThat(report.at("/events/0/fired/0/causer").isNull()).isTrue();
    assertThat(report.at("/objectives/0/state").asString()).isEqualTo("done");
    assertThat(report.at("/units/0/name").asString()).isEqualTo("Mara Quill");
  }

  @Test
  void aRunThatIsCutOffIsUnfinished() {
    assertThat(run("run", "demo:first-light", "--until", "10", "--json")).isZero();
    JsonNode report = Json.MAPPER.readTree(out.toString());
    assertThat(report.get("outcome").asString()).isEqualTo("unfinished");
    assertThat(report.get("ending").isNull()).isTrue();
    assertThat(report.get("steps").asInt()).isEqualTo(200);
  }

  @Test
  void aRecordedRunIsPlayedAgainTheSame() {
    String zip = folder.resolve("played.zip").toString();
    assertThat(run("run", "demo:first-light", "--record", zip)).isZero();
    assertThat(run("replay", zip)).isZero();
    assertThat(out.toString()).contains("the same to the last bit");
  }

  @Test
  void theFirstSeatsAloneArePlayed() {
    String zip = folder.resolve("alone.zip").toString();
    String harrow = "demo:relight-the-harrow";
    assertThat(run("run", harrow, "--until", "20", "--seats", "1", "--record", zip)).isZero();
    assertThat(run("replay", zip)).isZero();
    assertThat(out.toString()).contains("the same to the last bit");
    assertThat(run("run", harrow, "--until", "20", "--seats", "3")).isEqualTo(2);
    assertThat(err.toString()).contains("--seats is from 1 to 2");
  }

  /** It was recorded before there were courses, and its mission lies in it in that shape. */
  @Test
  void aRecordingOfAnOlderShapeOfDocumentsIsPlayedAgainTheSame() {
    assertThat(run("replay", "../core/src/test/resources/drill-bell-16.zip", "--json")).isZero();
    assertThat(Json.MAPPER.readTree(out.toString()).get("same").asBoolean()).isTrue();
  }

  @Test
  void aReplayTellsEachFiringItsStepAndItsCauser() {
    String drill = "../core/src/test/resources/drill-bell.zip";
    assertThat(run("replay", drill, "--json")).isZero();
    JsonNode told = Json.MAPPER.readTree(out.toString());
    assertThat(told.get("same").asBoolean()).isTrue();
    assertThat(told.get("differs").isNull()).isTrue();
    JsonNode events = told.at("/report/events");
    assertThat(causers(events, "A hand on the bell rope")).containsExactly("p", "p", "p");
    assertThat(causers(events, "All hands")).containsExactly("q", "r", "q");
    assertThat(causers(events, "Into the yard")).containsExactly("q", "r", "p");
    assertThat(told.at("/report/ending").asString()).isEqualTo("Drill over");
  }

  private static List<String> causers(JsonNode events, String name) {
    return events
        .valueStream()
        .filter(it -> it.get("name").asString().equals(name))
        .flatMap(it -> it.get("fired").valueStream())
        .map(it -> it.at("/causer/id").asString())
        .toList();
  }

  @ParameterizedTest
  @CsvSource({"geojson,things.geojson", "gpx,routes.gpx", "grid,heights.asc"})
  void whatIsWrittenInAnOpenFormatIsTakenInAgain(String format, String name) {
    String file = folder.resolve(name).toString();
    String zip = folder.resolve("taken.zip").toString();
    assertThat(run("export", "demo:gannet-stacks", "--as", format, "--out", file)).isZero();
    assertThat(run("import", "demo:gannet-stacks", file, "--out", zip)).as(err.toString()).isZero();
    assertThat(out.toString()).containsPattern("things taken in|0 points were moved");
    assertThat(run("run", zip, "--until", "1")).as(err.toString()).isZero();
  }

  @Test
  void aPictureAsksForItsScale() {
    String file = folder.resolve("heights.png").toString();
    String zip = folder.resolve("taken.zip").toString();
    assertThat(run("export", "demo:first-light", "--as", "picture", "--out", file)).isZero();
    assertThat(run("import", "demo:first-light", file, "--out", zip)).isEqualTo(2);
    assertThat(err.toString()).contains("asks for 'low'");
    assertThat(
            run(
                "import",
                "demo:first-light",
                file,
                "--out",
                zip,
                "--set",
                "low=0",
                "--set",
                "high=40",
                "--set",
                "cell=2"))
        .isZero();
    assertThat(run("check", zip)).isNotEqualTo(2);
  }

  @Test
  void aFormatThatIsNotKnownIsRefusedWithThoseThatAre() {
    assertThat(run("export", "demo:first-light", "--as", "dxf")).isEqualTo(2);
    assertThat(err.toString()).contains("there is no format 'dxf'; there are grid, picture");
    assertThat(run("import", "demo:first-light", "x.dxf", "--out", "y.zip")).isEqualTo(2);
    assertThat(err.toString()).contains("says no format; name it with --as");
  }

  @Test
  void whatIsFoundAboutAMissionIsPrintedAndMakesTheCommandFail() throws IOException {
    assertThat(run("check", "demo:first-light", "--json")).isZero();
    assertThat(Json.MAPPER.readTree(out.toString())).isEmpty();
    out.getBuffer().setLength(0);
    Path text =
        script("fail the objective [Relight the lamp]", "fail the objective [?~objectives/]");
    String zip = folder.resolve("open.zip").toString();
    assertThat(run("script", "demo:first-light", "--apply", text.toString(), "--out", zip))
        .isZero();
    out.getBuffer().setLength(0);
    assertThat(run("check", zip, "--json")).isEqualTo(1);
    JsonNode found = Json.MAPPER.readTree(out.toString());
    assertThat(found).hasSize(2);
    assertThat(found.at("/0/says").asString()).contains("No objective has been chosen yet");
    assertThat(found.at("/0/pointer").asString()).startsWith("/events/");
    assertThat(found.at("/0/rule").asString()).isEqualTo("open-reference");
    assertThat(found.at("/0/severity").asString()).isEqualTo("error");
  }

  @Test
  void checkingFailsOnlyForWhatMattersEnough() throws IOException {
    Path text = script("event \"Too late\"", "event \"Much too late\"");
    Files.writeString(
        text, Files.readString(text) + "\nevent \"Idle\"\n  when play has lasted at least 1 s\n");
    String zip = folder.resolve("idle.zip").toString();
    run("script", "demo:first-light", "--apply", text.toString(), "--out", zip);
    out.getBuffer().setLength(0);
    assertThat(run("check", zip)).isEqualTo(1);
    assertThat(out.toString()).startsWith("warning [event-does-nothing] script /events/");
    assertThat(run("check", zip, "--fail-on", "warning")).isEqualTo(1);
    assertThat(run("check", zip, "--fail-on", "error")).isZero();
    assertThat(run("check", zip, "--fail-on", "anything")).isEqualTo(2);
    assertThat(err.toString()).contains("'anything' is none of hint, warning and error");
  }

  @Test
  void whatIsLookedForIsListed() {
    assertThat(run("check", "--rules")).isZero();
    assertThat(out.toString()).contains("gate-in-no-wall", "warning  A gate stands in no wall.");
    out.getBuffer().setLength(0);
    assertThat(run("check", "--rules", "--json")).isZero();
    assertThat(Json.MAPPER.readTree(out.toString()).size()).isGreaterThan(80);
    assertThat(run("check")).isEqualTo(2);
    assertThat(err.toString()).contains("name a file or a demo to check");
  }

  private Path script(String... changes) throws IOException {
    assertThat(run("script", "demo:first-light")).isZero();
    String text = out.toString();
    for (int i = 0; i < changes.length; i += 2) {
      assertThat(text).contains(changes[i]);
      text = text.replace(changes[i], changes[i + 1]);
    }
    out.getBuffer().setLength(0);
    return Files.writeString(folder.resolve("script.txt"), text);
  }

  @Test
  void aTextThatIsNotChangedLeavesTheMissionEqual() throws IOException {
    String zip = folder.resolve("same.zip").toString();
    Path text = script();
    assertThat(run("script", "demo:first-light", "--apply", text.toString(), "--out", zip))
        .isZero();
    assertThat(out.toString().strip()).isEqualTo("nothing changes");
    assertThat(Canonical.bytes(MissionSource.mission(zip).document()))
        .isEqualTo(Canonical.bytes(MissionSource.mission("demo:first-light").document()));
  }

  @Test
  void oneNumberThatIsChangedIsOneChange() throws IOException {
    String zip = folder.resolve("eight.zip").toString();
    Path text = script("play has lasted at least 8 s", "play has lasted at least 13 s");
    assertThat(
            run("script", "demo:first-light", "--apply", text.toString(), "--out", zip, "--json"))
        .isZero();
    JsonNode patch = Json.MAPPER.readTree(out.toString());
    assertThat(patch).hasSize(2);
    assertThat(patch.at("/1/op").asString()).isEqualTo("replace");
    assertThat(patch.at("/1/path").asString()).endsWith("/condition/time/value");
    assertThat(patch.at("/1/value").asDouble()).isEqualTo(13);
    out.getBuffer().setLength(0);
    assertThat(run("run", zip, "--until", "20", "--json")).isZero();
    assertThat(Json.MAPPER.readTree(out.toString()).at("/events/0/fired/0/step").asInt())
        .isEqualTo(260);
  }

  @Test
  void anEventThatIsNotUnderstoodStaysAsItWasAndTheOthersAreTakenIn() throws IOException {
    Path zip = folder.resolve("part.zip");
    Path text =
        script(
            "any player is inside",
            "any player is insde",
            "play has lasted at least 8 s",
            "play has lasted at least 13 s");
    assertThat(
            run("script", "demo:first-light", "--apply", text.toString(), "--out", zip.toString()))
        .isEqualTo(1);
    assertThat(err.toString()).contains("line 19, column 22: “insde” cannot stand here after “is”");
    assertThat(out.toString()).contains("1 change:", "/condition/time");
    out.getBuffer().setLength(0);
    assertThat(run("script", zip.toString())).isZero();
    assertThat(out.toString())
        .contains("any player is inside", "play has lasted at least 13 s")
        .doesNotContain("insde");
  }

  @Test
  void aTextThatIsNoTextIsRefused() throws IOException {
    Path text = Files.write(folder.resolve("foreign.txt"), new byte[] {(byte) 0xc3, 0x28});
    assertThat(run("script", "demo:first-light", "--apply", text.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("is not UTF-8 text");
  }

  @Test
  void aMissionThatNobodyCanPlayIsBadInput() throws IOException {
    ObjectNode document =
        (ObjectNode) MissionSource.mission("demo:first-light").document().deepCopy();
    document.putObject("starts");
    document.putObject("events");
    Path zip =
        Files.write(
            folder.resolve("empty.zip"),
            MissionZip.write(
                new MissionFile(document, MissionSource.mission("demo:first-light").assets())));
    assertThat(run("run", zip.toString())).isEqualTo(2);
    assertThat(err.toString()).contains("set down a player start");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "run demo:nowhere",
        "run /no/such/file.zip",
        "run",
        "run demo:first-light --difficulty easy",
        "run demo:first-light --understudy nobody",
        "run demo:first-light --seed -1",
        "run demo:first-light --seed x",
        "run demo:first-light --until NaN",
        "replay demo:first-light",
        "check demo:nowhere",
        "script demo:nowhere",
        "script demo:first-light --apply /no/such/text",
        "script demo:first-light --out here.zip",
        "dance"
      })
  void badInputIsOnePlainLine(String line) {
    assertThat(run(line.split(" "))).isEqualTo(2);
    assertThat(err.toString().lines()).hasSize(1);
    assertThat(err.toString()).startsWith("flintmoss: ").doesNotContain("Exception");
    assertThat(out.toString()).isEmpty();
  }

  @Test
  void aFileThatIsNoMissionIsOnePlainLine() throws IOException {
    Path file = Files.writeString(folder.resolve("x.zip"), "not a zip");
    assertThat(run("run", file.toString())).isEqualTo(2);
    assertThat(err.toString().lines()).hasSize(1);
    assertThat(err.toString()).contains("not a mission");
  }

  @Test
  void whateverGoesWrongIsOnePlainLineAndNeverATrace() throws IOException {
    String nowhere = folder.resolve("no/such/folder.zip").toString();
    Path noZip = Files.writeString(folder.resolve("x.zip"), "PK no zip at all");
    String[][] wrong = {
      {"run", "demo:first-light", "--until", "1", "--record", nowhere},
      {"run", "demo:no-such-demo"},
      {"run", folder.toString()},
      {"run", "\0"},
      {"run", noZip.toString()},
      {"replay", noZip.toString()},
      {"check", nowhere},
      {"script", "demo:first-light", "--apply", nowhere},
      {"script", "demo:first-light", "--apply", folder.toString()},
      {"run", "demo:first-light", "--seed", "many"},
      {"nonsense"},
    };
    for (String[] arguments : wrong) {
      err.getBuffer().setLength(0);
      assertThat(run(arguments)).as(String.join(" ", arguments)).isEqualTo(2);
      assertThat(err.toString()).startsWith("flintmoss: ").doesNotContain("\tat ", "Exception");
      assertThat(err.toString().strip()).doesNotContain("\n");
    }
  }
}
