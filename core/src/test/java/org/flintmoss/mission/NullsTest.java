package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.json.Pointer;
import org.flintmoss.mission.word.Family;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Nothing of a document may be null, be it a field, a thing of a family or a part of a thing. */
class NullsTest {
  /** A sample of the places is also tried by reading the whole document. */
  private static final int WHOLE = 97;

  private static JsonNode with(JsonNode document, String path) {
    ObjectNode operation = Json.MAPPER.createObjectNode().put("op", "add").put("path", path);
    operation.putNull("value");
    return JsonPatch.read(Json.MAPPER.createArrayNode().add(operation)).apply(document);
  }

  private static void places(JsonNode node, String at, List<String> into) {
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      String place = at + Pointer.step(field.getKey());
      into.add(place);
      places(field.getValue(), place, into);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"relight-the-harrow", "gannet-stacks", "the-pilots-race"})
  void noPlaceOfADocumentMayBeNull(String demo) {
    JsonNode document = Samples.demo(demo).document();
    MissionReader.Held held = MissionReader.readStored(document);
    List<String> places = new ArrayList<>();
    places(document, "", places);
    for (int i = 0; i < places.size(); i++) {
      JsonNode holed = with(document, places.get(i));
      assertThatThrownBy(() -> MissionReader.read(holed, document, held))
          .as(places.get(i))
          .isInstanceOf(MissionRefused.class);
      if (i % WHOLE == 0) {
        assertThatThrownBy(() -> MissionReader.read(holed)).isInstanceOf(MissionRefused.class);
        assertThatThrownBy(() -> MissionReader.readStored(holed))
            .isInstanceOf(MissionRefused.class);
      }
    }
    assertThat(places.size()).isGreaterThan(2000);
  }

  /** Maps of a schema that hold things or parts by id, with the definition that has them. */
  private static void maps(JsonNode schema, String at, List<String> into) {
    for (Map.Entry<String, JsonNode> field : schema.path("properties").properties()) {
      if (field.getValue().path("additionalProperties").isObject()) {
        into.add(at + Pointer.step(field.getKey()));
      }
    }
  }

  @Test
  void nothingNullMayBePutIntoAnyMapOfTheDocument() {
    JsonNode document = Samples.demo("relight-the-harrow").document();
    List<String> maps = new ArrayList<>();
    maps(SchemaWriter.schema(), "", maps);
    assertThat(maps).hasSizeGreaterThanOrEqualTo(Family.values().length);
    for (String map : maps) {
      JsonNode holed = with(document, map + "/hole");
      assertThatThrownBy(() -> MissionReader.read(holed))
          .as(map)
          .isInstanceOfSatisfying(
              MissionRefused.class,
              it -> assertThat(it.problems().getFirst().pointer()).isEqualTo(map + "/hole"));
    }
  }
}
