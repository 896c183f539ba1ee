package org.flintmoss.mission;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.mission.Differences.Kind.ADDED;
import static org.flintmoss.mission.Differences.Kind.CHANGED;
import static org.flintmoss.mission.Differences.Kind.REMOVED;

import java.util.List;
import org.flintmoss.format.Samples;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What differs between two versions of a mission, in words. */
class DifferencesTest {
  private static final JsonNode FIRST_LIGHT = Samples.demo("first-light").document();

  private final ObjectNode changed = (ObjectNode) FIRST_LIGHT.deepCopy();

  private ObjectNode at(String pointer) {
    return (ObjectNode) changed.at(pointer);
  }

  private List<String> says() {
    return Differences.between(FIRST_LIGHT, changed).stream()
        .map(it -> it.kind() + " " + it.name() + " " + it.says())
        .toList();
  }

  @Test
  void nothingDiffersFromItself() {
    assertThat(says()).isEmpty();
  }

  @Test
  void whatCameWentAndChangedIsToldByName() {
    at("/units/prowler").put("facing", 12.5);
    ((ObjectNode) changed.get("zones")).remove("lamp-house");
    at("/markers").putObject("new").put("name", "Wreck");
    assertThat(Differences.between(FIRST_LIGHT, changed))
        .extracting(Differences.Difference::kind)
        .containsExactlyInAnyOrder(CHANGED, REMOVED, ADDED);
    double facing = FIRST_LIGHT.at("/units/prowler/facing").asDouble();
    assertThat(says())
        .contains(
            "CHANGED Prowler facing: %s → 12.5"
                .formatted(FIRST_LIGHT.at("/units/prowler/facing").asString()),
            "REMOVED Lamp house a zone less",
            "ADDED Wreck a new marker");
    assertThat(facing).isNotEqualTo(12.5);
  }

  @Test
  void partsAreToldByWhatHoldsThem() {
    at("/events/bell/actions/d1/action/text").put("text", "Hark.");
    assertThat(says())
        .singleElement()
        .asString()
        .contains("text: A ship’s bell")
        .contains("→ Hark.");
    ((ObjectNode) changed.at("/events/bell/actions")).remove("d1");
    assertThat(says()).singleElement().asString().endsWith("actions has less");
  }

  @Test
  void theMissionsOwnPartsAreToldToo() {
    at("/brief").put("title", "Last Light");
    at("/setting").put("startTime", 3600);
    at("/setting/terrain/tiles").put("0-0", "f".repeat(64));
    assertThat(says())
        .containsExactly(
            "CHANGED Brief title: First Light → Last Light",
            "CHANGED Setting start time: %s → 3600"
                .formatted(FIRST_LIGHT.at("/setting/startTime").asString()),
            "CHANGED The ground changed in one tile");
    at("/setting/terrain").put("cell", 4);
    assertThat(says()).contains("CHANGED The ground is another: 256 x 256 cells of 4 m");
  }

  @Test
  void muchIsToldInShort() {
    ObjectNode unit = at("/units/prowler");
    unit.put("facing", 1).put("inPlay", false).put("name", "P");
    ((ObjectNode) unit.get("position")).put("x", 1).put("y", 2);
    assertThat(says()).singleElement().asString().endsWith("; and 2 more");
  }
}
