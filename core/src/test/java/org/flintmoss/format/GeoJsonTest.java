package org.flintmoss.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Note;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.zone.Zone;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Things with a place go out as GeoJSON and come in again; those of others come in as well. */
class GeoJsonTest {
  private static final MissionFile HARROW = Samples.demo("relight-the-harrow");

  private int next;

  private Mission read(JsonNode file) {
    return read(file, HARROW.document());
  }

  private Mission read(JsonNode file, JsonNode into) {
    Mission mission = MissionReader.read(into);
    return MissionReader.read(
        GeoJsonReader.read(file, into, mission, () -> "n" + next++).document());
  }

  private static JsonNode json(String text) {
    return Json.MAPPER.readTree(text.replace('\'', '"'));
  }

  private static JsonNode file(String features) {
    return json(
        "{'type':'FeatureCollection','localMetres':true,'features':[%s]}".formatted(features));
  }

  private static String feature(String type, String coordinates, String properties) {
    return "{'type':'Feature','geometry':{'type':'%s','coordinates':%s},'properties':%s}"
        .formatted(type, coordinates, properties);
  }

  private static JsonNode written() {
    return GeoJson.write(HARROW.mission(), HARROW.document());
  }

  @Test
  void everythingWithAPlaceIsAFeatureInStatedMetres() {
    JsonNode written = written();
    assertThat(written.at("/localMetres/width").asDouble()).isEqualTo(1024);
    int placed = GeoJson.PLACED.stream().mapToInt(it -> HARROW.mission().of(it).size()).sum();
    assertThat(written.get("features")).hasSize(placed + HARROW.mission().squads().size());
    for (JsonNode feature : written.get("features")) {
      JsonNode geometry = feature.get("geometry");
      if (geometry.path("type").asString("").equals("Polygon")) {
        JsonNode ring = geometry.at("/coordinates/0");
        assertThat(ring.get(0)).as("closed").isEqualTo(ring.get(ring.size() - 1));
      }
    }
  }

  @Test
  void crossingsGoOutAsLinesAndComeInAgain() {
    MissionFile stacks = Samples.demo("gannet-stacks");
    String out = GeoJson.write(stacks.mission(), stacks.document()).toString();
    ObjectNode empty = (ObjectNode) stacks.document().deepCopy();
    GeoJson.PLACED.forEach(family -> empty.putObject(family.key()));
    Mission mission = read(json(out), empty);
    assertThat(mission.crossings().values())
        .extracting(it -> it.name() + it.from() + it.to() + it.open())
        .containsExactlyInAnyOrderElementsOf(
            stacks.mission().crossings().values().stream()
                .map(it -> it.name() + it.from() + it.to() + it.open())
                .toList());
  }

  @Test
  void whatWentOutComesInAgainAsTheSameThings() {
    ObjectNode empty = (ObjectNode) HARROW.document().deepCopy();
    for (Family family : GeoJson.PLACED) {
      empty.putObject(family.key());
    }
    empty.putObject("squads");
    empty.putObject("folders");
    Mission mission = read(json(written().toString()), empty);
    for (Family family : GeoJson.PLACED) {
      assertThat(mission.of(family).values())
          .as(family.key())
          .hasSameSizeAs(HARROW.mission().of(family).values());
    }
    assertThat(mission.zones().values())
        .containsExactlyInAnyOrderElementsOf(HARROW.mission().zones().values());
    assertThat(mission.walls().values())
        .containsExactlyInAnyOrderElementsOf(HARROW.mission().walls().values());
    Map<String, String> squads = new HashMap<>();
    mission.squads().forEach((id, squad) -> squads.put(squad.name(), id));
    assertThat(mission.units().values())
        .filteredOn(it -> it.name().equals("Watch 1"))
        .allMatch(it -> it.belongs().toString().contains(squads.get("The watch")))
        .hasSize(1);
  }

  @Test
  void whereAFeatureWasMovedElsewhereTheThingLies() {
    JsonNode written = written().deepCopy();
    for (JsonNode feature : written.get("features")) {
      if (feature.at("/properties/name").asString().equals("Sluice bell")) {
        ((ObjectNode) feature.get("geometry"))
            .set("coordinates", Json.MAPPER.createArrayNode().add(300.25).add(301));
      }
    }
    assertThat(read(written).fixtures().values())
        .filteredOn(it -> it.name().equals("Sluice bell 2"))
        .extracting(Fixture::position)
        .containsExactly(new Position(300.25, 301));
  }

  @Test
  void pointsLinesAndPolygonsOfOthersBecomeMarkersRoutesAndZonesWithNotes() {
    String others =
        feature("Point", "[200, 210, 4]", "{'name':'Wreck','depth':3.5,'tags':{'a':1}}")
            + ","
            + feature("LineString", "[[10,10],[20,30],[40,35]]", "{'name':'Path'}")
            + ","
            + feature("Polygon", "[[[0,0],[30,0],[30,30],[0,0]]]", "null");
    Mission mission = read(file(others));
    assertThat(mission.markers().values()).anyMatch(it -> it.name().equals("Wreck"));
    assertThat(mission.notes().values())
        .filteredOn(it -> it.name().equals("Wreck"))
        .extracting(Note::text)
        .containsExactly("name: Wreck\ndepth: 3.5\ntags: {\"a\":1}");
    assertThat(mission.routes().values())
        .filteredOn(it -> it.name().equals("Path"))
        .extracting(it -> it.waypoints().size())
        .containsExactly(3);
    assertThat(mission.zones().values())
        .filteredOn(it -> it.name().equals("Zone"))
        .extracting(it -> ((Zone.Polygon) it.shape()).corners().size())
        .containsExactly(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "MultiPoint | [[1,2]] | feature 2 is a MultiPoint",
        "Point | [1] | feature 2 has a point that is no pair of numbers",
        "Point | ['a','b'] | feature 2 has a point that is no pair",
        "Point | [-5, 3] | feature 2 lies off the ground",
        "Point | [5, 1e9] | feature 2 lies off the ground",
        "Polygon | [[[0,0],[9,9],[9,0],[0,9],[0,0]]] | crosses itself",
        "LineString | [] | feature 2 has no points",
        "Polygon | [] | feature 2 has no points",
        "Polygon | [[[0,0],[9,9],[0,0]]] | fewer than three corners",
        "Polygon | [[[0,0],[9,0],[9,9]],[[1,1],[2,1],[2,2]]] | holes"
      })
  void whatCannotBeTakenInIsRefusedByItsNumber(String type, String coordinates, String because) {
    JsonNode file = file(feature("Point", "[1,1]", "{}") + "," + feature(type, coordinates, "{}"));
    assertThatThrownBy(() -> read(file))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining(because);
  }

  @Test
  void aFileAsAWholeIsRefusedWithItsReason() {
    JsonNode degrees = json(feature("Point", "[8.43,54.9]", "{}"));
    assertThatThrownBy(() -> read(degrees)).hasMessageContaining("seems to be in degrees");
    JsonNode other = json("{'type':'Topology'}");
    assertThatThrownBy(() -> read(other)).hasMessageContaining("is no GeoJSON");
    JsonNode vast = file(feature("LineString", "[" + "[1,1],".repeat(200) + "[1,1]]", "{}"));
    assertThatThrownBy(() -> read(vast)).hasMessageContaining("201 points; at most 200");
    String squad =
        "{'type':'Feature','id':'a','geometry':null,'properties':{'family':'squads','thing':{'name':'X'}}}";
    JsonNode odd = file(squad);
    assertThatThrownBy(() -> read(odd)).isInstanceOf(MissionRefused.class);
    JsonNode twice = file(squad + "," + squad);
    assertThatThrownBy(() -> read(twice)).hasMessageContaining("feature 2 has the id of another");
  }
}
