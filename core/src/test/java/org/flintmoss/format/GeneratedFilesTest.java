package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.zip.ZipInputStream;
import org.flintmoss.bundle.BundleMaker;
import org.flintmoss.mission.Migrations;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.SchemaWriter;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.script.PhraseBook;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.terrain.GannetMaker;
import org.flintmoss.terrain.RaceMaker;
import org.flintmoss.trial.SnapshotLayout;
import org.flintmoss.trial.Snapshots;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Files in the repository that are generated from the code are what the code would make. Run with
 * {@code -Dflintmoss.write=true} to write them anew.
 */
class GeneratedFilesTest {
  private static final String OUT_OF_DATE =
      "%s is out of date; write it anew with -Dflintmoss.write=true";

  private static final Path ROOT = Path.of("").toAbsolutePath().getParent();

  @Test
  void theJsonSchemaIsMadeFromTheRecords() throws IOException {
    check("docs/formats/mission.schema.json", pretty(SchemaWriter.schema()));
  }

  @Test
  void theBrowserIsTypedByTheSameMessages() throws IOException {
    check("docs/formats/trial.schema.json", pretty(SchemaWriter.schemaOfTrials()));
  }

  @Test
  void theBrowserDecodesByTheSameTable() throws IOException {
    check("web/src/generated/snapshot.gen.ts", SnapshotLayout.typeScript());
  }

  @Test
  void theBrowserCallsTheFamiliesByTheSameWords() throws IOException {
    check("web/src/generated/families.gen.ts", familyWords());
  }

  /** What one and several of each family are called, as TypeScript. */
  private static String familyWords() {
    String words =
        Arrays.stream(Family.values())
            .map(it -> "  %s: [\"%s\", \"%s\"],\n".formatted(it.key(), it.word(), it.words()))
            .collect(Collectors.joining());
    return """
        // Generated from the families of the core.
        /** What one and what several of each family are called. */
        export const WORDS = {
        %s} as const satisfies Record<string, readonly [string, string]>;
        """
        .formatted(words);
  }

  @Test
  void theFixtureHoldsAFullSnapshotAndADifference() throws IOException {
    MissionFile file = Samples.demo("first-light");
    Plan plan = Plans.compile(file.mission(), file, Difficulty.BREEZY);
    Trial trial = new Trial(plan, file.hash(), Difficulty.BREEZY, 7);
    Snapshots snapshots = new Snapshots(trial.world(), 0);
    trial.step();
    byte[] full = snapshots.next();
    snapshots.acknowledge(1);
    trial.input(new Command(0, new Input.Steer(1, 0)));
    trial.step();
    byte[] difference = snapshots.next();
    ObjectNode fixture = Json.MAPPER.createObjectNode();
    fixture.put("full", Base64.getEncoder().encodeToString(full));
    fixture.put("difference", Base64.getEncoder().encodeToString(difference));
    fixture.put("unit", plan.seat(0));
    fixture.put("x", trial.world().read().x(plan.seat(0)));
    fixture.put("y", trial.world().read().y(plan.seat(0)));
    fixture.put("facing", trial.world().read().facing(plan.seat(0)));
    check("docs/formats/snapshot.fixture.json", pretty(fixture));
  }

  @Test
  void theBundlesThatShipAreMadeByTheirMaker() throws IOException {
    check("core/src/main/resources/samples/bundles.json", pretty(BundleMaker.make()));
  }

  @Test
  void theStacksAreMadeByTheirMaker() throws IOException {
    check("core/src/main/resources/samples/gannet-stacks.json", pretty(GannetMaker.make()));
  }

  @Test
  void theRaceIsMadeByItsMaker() throws IOException {
    check("core/src/main/resources/samples/the-pilots-race.json", pretty(RaceMaker.make()));
  }

  @Test
  void everySentenceIsListed() throws IOException {
    PhraseBook book = PhraseBook.make();
    check(
        "docs/formats/script-sentences.md",
        "# All that can be said\n\nMade from the phrases of the core; [script.md](script.md) says what stands in"
            + " the braces.\n"
            + list("Conditions", book.conditions())
            + list("Actions", book.actions())
            + list("Orders", book.orders())
            + list("Readings", book.readings()));
  }

  private static String list(String title, List<PhraseBook.Entry> entries) {
    StringBuilder list = new StringBuilder("\n## " + title + "\n");
    Map<String, List<String>> groups = new LinkedHashMap<>();
    for (PhraseBook.Entry entry : entries) {
      groups
          .computeIfAbsent(title.equals("Orders") ? "" : entry.group(), _ -> new ArrayList<>())
          .add("- " + sentence(entry));
    }
    groups.forEach(
        (group, sentences) ->
            list.append(group.isEmpty() ? "" : "\n**" + group + "**\n\n")
                .append(String.join("\n", sentences))
                .append("\n"));
    return list.toString();
  }

  private static String sentence(PhraseBook.Entry entry) {
    return entry.pieces().stream()
        .map(
            piece ->
                piece.text() != null
                    ? piece.text()
                    : piece.opening() != null
                        ? "[" + piece.opening() + " {" + piece.slot() + "}]"
                        : piece.slot() != null
                            ? "{" + piece.slot() + "}"
                            : String.join("/", piece.agree()))
        .collect(Collectors.joining(" "))
        .replace(" ,", ",")
        .replace(" [,", "[,")
        .replace(" :", ":");
  }

  private static String pretty(Object json) {
    return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(json) + "\n";
  }

  @Test
  void theRecordedDrillIsPlayedByItsMaker() throws IOException {
    String path = "core/src/test/resources/drill-bell.zip";
    byte[] made = BellDrill.make();
    write(path, made);
    assertThat(Files.readAllBytes(ROOT.resolve(path))).as(OUT_OF_DATE, path).isEqualTo(made);
  }

  /** It was recorded before there were courses, and its mission lies in it in that shape. */
  @Test
  void theDrillInAnOlderShapeIsPlayedByItsMaker() throws IOException {
    String path = "core/src/test/resources/drill-bell-16.zip";
    JsonNode old;
    try (ZipInputStream in = new ZipInputStream(Files.newInputStream(ROOT.resolve(path)))) {
      in.getNextEntry();
      old = Json.read(in.readAllBytes());
    }
    Mission mission = MissionReader.read(Migrations.upgrade(old.deepCopy()));
    byte[] made = BellDrill.play(new MissionFile(old, mission, new TreeMap<>()));
    write(path, made);
    assertThat(Files.readAllBytes(ROOT.resolve(path))).as(OUT_OF_DATE, path).isEqualTo(made);
  }

  private static void check(String path, String made) throws IOException {
    write(path, made.getBytes(StandardCharsets.UTF_8));
    assertThat(Files.readString(ROOT.resolve(path), StandardCharsets.UTF_8))
        .as(OUT_OF_DATE, path)
        .isEqualTo(made);
  }

  private static void write(String path, byte[] made) throws IOException {
    if (Boolean.getBoolean("flintmoss.write")) {
      Files.createDirectories(ROOT.resolve(path).getParent());
      Files.write(ROOT.resolve(path), made);
    }
  }
}
