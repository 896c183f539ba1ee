package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Understudies break what has to be broken or bars their way, and step on plates. */
class BreakingGoalsTest {
  private static World played(Stage stage, int steps) {
    World world = stage.world(1);
    Understudy actor = Understudy.named("bold");
    for (int step = 0; step < steps && !world.over(); step++) {
      world.step(actor.act(world));
    }
    return world;
  }

  @Test
  void aJarThatAnEventWaitsForIsBroken() {
    World world =
        played(
            new Stage()
                .prop("j", "clay-jar-kind", 70, 66, 0)
                .event(
                    "wins",
                    "{'type':'thingBreaks','thing':%s}".formatted(ref("props", "j")),
                    "{'type':'end','ending':%s}".formatted(ref("endings", "won")))
                .put(
                    "/endings/won",
                    "{'name':'won','order':'a0','outcome':'won','delay':0,'debriefing':''}"),
            600);
    assertThat(world.over()).isTrue();
  }

  @Test
  void aBulkheadInTheOnlyDoorwayIsBroken() {
    World world =
        played(
            new Stage()
                .wall("west", 0, 70, 62.8, 70)
                .wall("east", 65.2, 70, 128, 70)
                .prop("b", "bulkhead-kind", 64, 70, 0)
                .zone("beyond", 64, 90, 4)
                .event(
                    "wins",
                    "{'type':'inside','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'zone':%s}"
                        .formatted(ref("zones", "beyond")),
                    "{'type':'end','ending':%s}".formatted(ref("endings", "won")))
                .put(
                    "/endings/won",
                    "{'name':'won','order':'a0','outcome':'won','delay':0,'debriefing':''}"),
            2000);
    assertThat(world.over()).isTrue();
    assertThat(world.read().left(0)).isZero();
  }

  @Test
  void aPlateThatOpensTheOnlyGateIsSteppedOn() {
    World world =
        played(
            new Stage()
                .wall("west", 0, 70, 62.8, 70)
                .wall("east", 65.2, 70, 128, 70)
                .gate("g", "closed", 62.8, 70, 65.2, 70)
                .plate("plate", 60, 62, "{'type':'opens','gate':%s}".formatted(ref("gates", "g")))
                .zone("beyond", 64, 90, 4)
                .event(
                    "wins",
                    "{'type':'inside','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'zone':%s}"
                        .formatted(ref("zones", "beyond")),
                    "{'type':'end','ending':%s}".formatted(ref("endings", "won")))
                .put(
                    "/endings/won",
                    "{'name':'won','order':'a0','outcome':'won','delay':0,'debriefing':''}"),
            2000);
    assertThat(world.over()).isTrue();
  }
}
