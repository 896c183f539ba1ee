package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.mission.json.Json;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A half-made mission is the normal state: a run does what it can, and never gets stuck. */
class HalfMadeTest {
  /** Everything at once that a designer may leave undone or get wrong. */
  private static Stage wrong() {
    return new Stage()
        .put("/setting/waterLevel", "3")
        .wall("box", 20, 20, 40, 20, 40, 40, 20, 40, 20, 20)
        .gate("nothing", "closed", 90, 90, 94, 90)
        .route("into", "loop", "30 30 'run' 'goesOn'", "10 10 'walk' 'letGo'")
        .post("walled", 30, 30, 0)
        .put("/routes/empty", "{'name':'empty','way':'once','waypoints':{}}")
        .squad("none-of-them", "gone", "{'type':'along','route':" + ref("routes", "gone") + "}")
        .unit("a", "keeper", 60, 60, "{'type':'along','route':" + ref("routes", "into") + "}")
        .unit("b", "keeper", 62, 60, "{'type':'guard','post':" + ref("posts", "walled") + "}")
        .unit("c", "keeper", 64, 60, "{'type':'along','route':" + ref("routes", "empty") + "}")
        .unit("d", "keeper", 66, 60, "{'type':'guard','post':" + ref("posts", "gone") + "}")
        .unit("inside", "keeper", 40, 30, "{'type':'stay'}")
        .unit("strange", "keepers", "unheard-of", 70, 60)
        .wavePlan("siege", "atRandom", "{'type':'uncapped'}")
        .wave(
            "w",
            "siege",
            "a0",
            "{'type':'afterLast','gap':0}",
            Stage.wreckers(3, "{'type':'stay'}"))
        .wave("none", "siege", "a1", "{'type':'afterLast','gap':0}")
        .deck("line", 8, 0, 0, 20, 20, 40, 20)
        .talk("silent", "story")
        .event(
            "starts",
            Stage.elapsed(1),
            "{'type':'startWaves','wavePlan':" + ref("wavePlans", "siege") + "}")
        .event(
            "says",
            Stage.elapsed(1),
            "{'type':'say','conversation':" + ref("conversations", "silent") + "}")
        .event(
            "lost",
            Stage.elapsed(1),
            "{'type':'say','conversation':" + ref("conversations", "gone") + "}")
        .event("waits", Stage.all(), Stage.turn("gone", "on"))
        .event(
            "cleared",
            Stage.all("{'type':'wavesCleared','wavePlan':" + ref("wavePlans", "siege") + "}"),
            "{'type':'setGate','gate':" + ref("gates", "gone") + ",'state':'open'}");
  }

  @Test
  void aRunOfAMissionWithEverythingWrongGoesOnAndRepeats() {
    World one = wrong().after(1200);
    World other = wrong().after(1200);
    assertThat(one.over()).isFalse();
    assertThat(one.read().step()).isEqualTo(1200);
    assertThat(one.hash()).isEqualTo(other.hash());
    assertThat(Stage.fired(one, "cleared")).as("a siege of nobody is soon over").hasSize(1);
  }

  @Test
  void nobodyEndsAStepWithinAWall() {
    World world = wrong().world(1);
    for (int step = 0; step < 400; step++) {
      Stage.steps(world, 1);
      for (int unit = 0; unit < world.plan().units(); unit++) {
        double x = world.read().x(unit);
        double y = world.read().y(unit);
        assertThat(
                world.plan().obstacles().clear(x, y, 0.15, 1.8, world.plan().obstacles().first())
                    || !world.read().up(unit))
            .as("%s at %s, %s in step %s", world.plan().name(unit), x, y, step)
            .isTrue();
      }
    }
  }

  @Test
  void fiveThousandUnitsTakeTheirSteps() {
    Stage stage = new Stage().unit("u", "keepers", "keeper", 1, 1);
    JsonNode made = stage.document().at("/units/u");
    ObjectNode all = Json.MAPPER.createObjectNode();
    for (int i = 0; i < 5000; i++) {
      ObjectNode unit = (ObjectNode) made.deepCopy();
      unit.withObject("/position").put("x", 1 + (i % 70) * 1.8).put("y", 1 + (i / 70) * 1.7);
      all.set("u" + i, unit);
    }
    World world = stage.put("/units", all.toString()).after(5);
    assertThat(world.read().step()).isEqualTo(5);
    assertThat(world.plan().units()).isEqualTo(5001);
  }
}
