package org.flintmoss.check.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.terrain.Ground;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** What is found about where things lie and what they are called, and how it is mended. */
class PlacementTest {
  private static List<Finding> of(JsonNode document) {
    var mission = MissionReader.read(document);
    Ground ground = Ground.of(mission.setting().terrain(), _ -> java.util.Optional.empty());
    return Checks.of(document, mission, ground);
  }

  private static List<Finding> at(JsonNode document, String pointer) {
    return of(document).stream().filter(it -> it.pointer().equals(pointer)).toList();
  }

  /** The document after the fix of a finding, as an editor puts it on. */
  private static JsonNode fixed(JsonNode document, Fix fix) {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    for (Fix.Change change : fix.changes()) {
      patch
          .addObject()
          .put("op", "add")
          .put("path", change.pointer())
          .set("value", Json.MAPPER.valueToTree(change.value()));
    }
    return JsonPatch.read(patch).apply(document);
  }

  /** A stage, where something is wrong with it, and how many findings there are. */
  record Wrong(String name, Stage stage, String pointer, boolean mended) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static String polygon(int... xy) {
    StringBuilder corners = new StringBuilder();
    for (int i = 0; i < xy.length; i += 2) {
      corners.append(
          "%s'c%d':{'order':'a%d','position':{'x':%d,'y':%d}}"
              .formatted(i == 0 ? "" : ",", i, i, xy[i], xy[i + 1]));
    }
    return "{'name':'z','shape':{'type':'polygon','corners':{%s}},'hue':1,'hatch':'rising'}"
        .formatted(corners);
  }

  /** A route whose one waypoint is far from the fixture that is used from it. */
  private static final String WORKING =
      "{'name':'r','way':'once','waypoints':{'w':{'order':'a0','position':{'x':20,'y':20},'speed':{'type':'walk'},'waits':{'type':'goesOn'},'task':{'type':'works','fixture':%s}}}}";

  private static final String SLIT =
      "{'s':{'order':'a0','along':%s,'width':1,'sill':%s,'top':1.5,'lets':{'sight':true,'shots':true,'sound':false}}}";

  static List<Wrong> wrongs() {
    return List.of(
        new Wrong(
            "a name twice",
            new Stage()
                .unit("a", "keepers", "keeper", 20, 20)
                .unit("b", "keepers", "keeper", 30, 20)
                .put("/units/b/name", "'a'"),
            "/units/b/name",
            true),
        new Wrong(
            "standing in a crate",
            new Stage().prop("c", "crate", 20, 20, 0).unit("a", "keepers", "keeper", 20, 20),
            "/units/a/position",
            true),
        new Wrong(
            "an outline that crosses itself",
            new Stage().put("/zones/z", polygon(20, 20, 40, 40, 40, 20, 20, 40)),
            "/zones/z/shape",
            true),
        new Wrong(
            "a zone wider than the sheet",
            new Stage().zone("z", 40, 40, 400),
            "/zones/z/shape",
            false),
        new Wrong(
            "heights the wrong way round",
            new Stage()
                .zone("z", 20, 20, 5)
                .put("/zones/z/height", "{'type':'between','low':9,'high':2}"),
            "/zones/z/height",
            true),
        new Wrong(
            "nobody said how sides stand",
            new Stage()
                .put("/stances", "{}")
                .unit("a", "wreckers", "wrecker", 20, 20)
                .put("/units/a/facing", "180"),
            "/sides/keepers",
            true),
        new Wrong(
            "a lever out of reach",
            new Stage()
                .lever("l", 40, 40, 1, "{'type':'nothing'}")
                .put("/routes/r", WORKING.formatted(ref("fixtures", "l"))),
            "/routes/r/waypoints/w/task",
            true),
        new Wrong(
            "coming with no event",
            new Stage().unit("a", "keepers", "keeper", 20, 20).put("/units/a/inPlay", "false"),
            "/units/a/inPlay",
            true),
        new Wrong(
            "a gate in no wall",
            new Stage().wall("w", 20, 20, 40, 20).gate("g", "open", 60, 60, 62, 60),
            "/gates/g/from",
            false),
        new Wrong(
            "a slit beyond the end",
            new Stage().wall("w", 20, 20, 40, 20).put("/walls/w/slits", SLIT.formatted(30, 1)),
            "/walls/w/slits/s",
            false),
        new Wrong(
            "a slit of no height",
            new Stage().wall("w", 20, 20, 40, 20).put("/walls/w/slits", SLIT.formatted(10, 3)),
            "/walls/w/slits/s",
            false),
        new Wrong(
            "beginning in view of a hostile",
            new Stage().unit("a", "wreckers", "wrecker", 64, 50),
            "/starts/p/position",
            false),
        new Wrong(
            "a boat on a hill",
            new Stage()
                .put(
                    "/craft/b",
                    "{'name':'b','look':'boat','side':%s,'position':{'x':9,'y':9},'facing':0,'seats':1,'bears':1}"
                        .formatted(ref("sides", "keepers"))),
            "/craft/b/position",
            false));
  }

  @ParameterizedTest
  @MethodSource("wrongs")
  void whatIsWrongIsFoundOnceAndWhereItIsPlainMendedAtOneStroke(Wrong wrong) {
    JsonNode document = wrong.stage().document();
    List<Finding> found = at(document, wrong.pointer());
    assertThat(found).as("%s", of(document)).hasSize(1);
    Fix fix = found.getFirst().fix();
    assertThat(fix != null).isEqualTo(wrong.mended());
    if (fix != null) {
      assertThat(at(fixed(document, fix), wrong.pointer())).isEmpty();
    }
  }

  @Test
  void aWallOrALookTheOtherWayHidesWhoBegins() {
    Stage walled = new Stage().unit("a", "wreckers", "wrecker", 64, 50).wall("w", 40, 57, 90, 57);
    assertThat(at(walled.document(), "/starts/p/position")).isEmpty();
    Stage turned =
        new Stage().unit("a", "wreckers", "wrecker", 64, 50).put("/units/a/facing", "180");
    assertThat(at(turned.document(), "/starts/p/position")).isEmpty();
  }

  @Test
  void aWaypointIsMovedToWhereSomebodyCanStand() {
    Stage stage =
        new Stage()
            .lever("l", 40, 40, 1, "{'type':'nothing'}")
            .prop("north", "crate", 40, 41, 0)
            .prop("south", "crate", 40, 39, 0)
            .put("/routes/r", WORKING.formatted(ref("fixtures", "l")));
    JsonNode document = stage.document();
    Fix fix = at(document, "/routes/r/waypoints/w/task").getFirst().fix();
    JsonNode to = fix.changes().getFirst().value();
    stage.unit("a", "keepers", "keeper", to.get("x").asDouble(), to.get("y").asDouble());
    assertThat(at(stage.document(), "/units/a/position")).isEmpty();
  }

  @Test
  void heightsThatAreTheWrongWayRoundAreSwappedAsAShapeThatTheDocumentTakes() {
    Stage stage =
        new Stage()
            .zone("z", 40, 40, 4)
            .put("/zones/z/height", "{'type':'between','low':9,'high':2}");
    Fix fix = at(stage.document(), "/zones/z/height").getFirst().fix();
    assertThat(fix.changes().getFirst().value().get("type").asString()).isEqualTo("between");
    stage.put("/zones/z/height", fix.changes().getFirst().value().toString());
    assertThat(at(stage.document(), "/zones/z/height")).isEmpty();
  }

  @Test
  void aGateInAWallIsWhereItBelongs() {
    Stage stage = new Stage().wall("w", 20, 20, 40, 20).gate("g", "open", 28, 20, 30, 20);
    assertThat(at(stage.document(), "/gates/g/from")).isEmpty();
  }

  @Test
  void anAreaInDeepWaterIsNoPlaceToComeIn() {
    Stage stage =
        new Stage()
            .zone("z", 20, 20, 5)
            .unit("a", "keepers", "keeper", 60, 60)
            .put("/units/a/inPlay", "false")
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'bringInAt','who':%s,'place':{'type':'zone','zone':%s}}"
                    .formatted(Stage.allOf("keepers"), ref("zones", "z")));
    assertThat(at(stage.document(), "/zones/z/shape")).isEmpty();
    stage.wall("w1", 15, 15, 25, 15).put("/setting/waterLevel", "9");
    assertThat(at(stage.document(), "/zones/z/shape")).hasSize(1);
  }

  @ParameterizedTest
  @ValueSource(strings = {"first-light", "relight-the-harrow"})
  void nothingIsFoundAboutTheDemos(String demo) {
    var file = Samples.demo(demo);
    var mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    assertThat(Checks.of(file.document(), mission, ground)).isEmpty();
  }

  private static Stage watched() {
    return new Stage().unit("w", "wreckers", "wrecker", 64, 74).put("/units/w/facing", "180");
  }

  @Test
  void behindSmokeNobodyBeginsInView() {
    assertThat(at(watched().document(), "/starts/p/position")).hasSize(1);
    Stage smoke = watched().effect("e", "smoke", 64, 69, 4, true);
    assertThat(at(smoke.document(), "/starts/p/position")).isEmpty();
    Stage later = watched().effect("e", "smoke", 64, 69, 4, false);
    assertThat(at(later.document(), "/starts/p/position")).hasSize(1);
  }

  @Test
  void aFixtureOnABoulderIsUsedFromBesideIt() {
    Stage stage = new Stage().lever("l", 40, 40, 0, "{'type':'nothing'}");
    stage.prop("b", "boulder", 40, 40, 0);
    assertThat(at(stage.document(), "/fixtures/l/position")).isEmpty();
    stage.wall("w", 37, 37, 43, 37, 43, 43, 37, 43, 37, 37);
    for (int i = 0; i < 4; i++) {
      stage.prop("c" + i, "wrecked-hull", 38.5 + i, 40, 0);
    }
    assertThat(at(stage.document(), "/fixtures/l/position")).hasSize(1);
  }
}
