package org.flintmoss.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.flintmoss.mission.Json;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import picocli.CommandLine;
import tools.jackson.databind.JsonNode;

class FlintmossTest {
  @TempDir Path folder;
  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... arguments) {
    CommandLine line = Flintmoss.line();
    line.setOut(new PrintWriter(out, true));
    line.setErr(new PrintWriter(err, true));
    return line.execute(arguments);
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
    assertThat(report.at("/events/0/fired/0").asInt()).isEqualTo(160);
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
}
