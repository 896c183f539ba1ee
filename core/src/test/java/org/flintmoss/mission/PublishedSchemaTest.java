package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.simulation.RandomMissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The schema that is published, held by a validator that is not ours against what Flintmoss writes
 * and refuses. It may be more lenient than the reader, which also knows what refers to what; it is
 * never stricter.
 */
class PublishedSchemaTest {
  private static final Schema SCHEMA = schema();

  private static Schema schema() {
    Path file =
        Path.of("").toAbsolutePath().getParent().resolve("docs/formats/mission.schema.json");
    try {
      return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
          .getSchema(Json.read(Files.readAllBytes(file)));
    } catch (IOException missing) {
      throw new java.io.UncheckedIOException(missing);
    }
  }

  private static List<String> troubles(JsonNode document) {
    return SCHEMA.validate(document).stream().map(Error::toString).toList();
  }

  @ParameterizedTest
  @ValueSource(strings = {"first-light", "gannet-stacks", "relight-the-harrow", "the-pilots-race"})
  void everyDemoFits(String name) {
    assertThat(troubles(Samples.demo(name).document())).isEmpty();
  }

  @Test
  void whatANewMissionAndTheBundlesAreMadeOfFits() {
    assertThat(troubles(Samples.blank().document())).isEmpty();
    assertThat(troubles(Samples.bundles().document())).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void missionsMadeAtRandomFit(long seed) {
    assertThat(troubles(new RandomMissions(seed).stage().document())).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '#',
      value = {
        "/extra | 1",
        "/schema | 'x'",
        "/brief/title | ''",
        "/brief/title | 7",
        "/brief | null",
        "/setting/waterLevel | 301",
        "/starts/p/position/x | -1",
        "/starts/p/position/x | '5'",
        "/starts/p/facing | 360",
        "/starts/p/empty | 'sleeps'",
        "/zones/z | {'name':'z','shape':{'type':'hexagon'},'hue':1,'hatch':'rising'}",
        "/zones/z | {'name':'z','shape':{'type':'circle','centre':{'x':1,'y':1},'radius':5},'hue':1,'hatch':'wavy'}",
      })
  void whatHasNotTheShapeIsRefusedByBoth(String path, String value) {
    Stage stage = new Stage().put(path, value);
    assertThat(troubles(stage.document())).isNotEmpty();
    assertThat(isRead(stage.document())).isFalse();
  }

  /** One value of a good document is spoilt at a time. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void itRefusesNothingThatIsRead(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    int refused = 0;
    for (int round = 0; round < 60; round++) {
      ObjectNode document = (ObjectNode) Samples.demo("first-light").document().deepCopy();
      String what = spoil(document, random);
      List<String> troubles = troubles(document);
      refused += troubles.isEmpty() ? 0 : 1;
      if (isRead(document)) {
        assertThat(troubles).as(what).isEmpty();
      }
    }
    assertThat(refused).as("spoilt documents that the schema refuses").isGreaterThan(20);
  }

  private static boolean isRead(JsonNode document) {
    try {
      MissionReader.read(document);
      return true;
    } catch (MissionRefused refused) {
      return false;
    }
  }

  private static String spoil(ObjectNode document, SplittableRandom random) {
    List<ObjectNode> holders = new ArrayList<>();
    gather(document, holders);
    ObjectNode holder = holders.get(random.nextInt(holders.size()));
    List<String> fields = List.copyOf(holder.propertyNames());
    String field = fields.get(random.nextInt(fields.size()));
    JsonNode was = holder.get(field);
    switch (random.nextInt(6)) {
      case 0 -> holder.remove(field);
      case 1 -> holder.put("more", 1);
      case 2 -> holder.put(field, random.nextInt(-2000, 2000) / 2.0);
      case 3 -> holder.put(field, "x".repeat(random.nextInt(200)));
      case 4 -> holder.putNull(field);
      default -> holder.set(field, Json.MAPPER.createArrayNode().add(was));
    }
    return field + " was " + was + ", now in " + holder;
  }

  private static void gather(JsonNode node, List<ObjectNode> holders) {
    if (node instanceof ObjectNode object && !object.isEmpty()) {
      holders.add(object);
      object.forEach(it -> gather(it, holders));
    } else if (node instanceof ArrayNode array) {
      array.forEach(it -> gather(it, holders));
    }
  }
}
