package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Sentences speak of whatever bears a label, and of what belongs to it. */
class LabelsTest {
  private static String labelled(String quantifier) {
    return "{'quantifier':{'type':'%s'},'whom':{'type':'label','label':%s}}"
        .formatted(quantifier, ref("labels", "guests"));
  }

  private static String harm(double after) {
    return after + "|{'type':'harm','who':%s,'amount':%s}".formatted(labelled("all"), value(1));
  }

  private static List<String> hurt(World world) {
    return world.plan().actors().members().stream()
        .filter(
            it -> {
              int unit = world.plan().actors().member(it.ref());
              return world.read().present(unit)
                  && world.read().health(unit) < world.plan().kind(unit).health();
            })
        .map(it -> it.standing().name())
        .toList();
  }

  @Test
  void unitsStartsAndTheMembersOfSquadsAreMeantOnceEach() {
    World world =
        new Stage()
            .put("/stances", "{}")
            .unit("a", "wreckers", "wrecker", 30, 30)
            .unit("b", "wreckers", "wrecker", 40, 30)
            .unit("c", "wreckers", "wrecker", 50, 30)
            .squad("s", "a", "{'type':'stay'}")
            .joins("a", "s")
            .joins("b", "s")
            .zone("z", 30, 30, 5)
            .label("guests", "squads/s", "units/a", "starts/p", "zones/z", "units/gone")
            .event("e", elapsed(1), harm(0))
            .after(21);
    assertThat(hurt(world)).containsExactlyInAnyOrder("Player", "a", "b");
    assertThat(world.read().health(Stage.number(world, "a"))).as("once").isEqualTo(79);
  }

  @Test
  void thoseWhomAWaveBringsLaterBearItsLabel() {
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .unit("a", "wreckers", "wrecker", 30, 30)
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':1}",
                Stage.wreckers(2, "{'type':'stay'}"))
            .label("guests", "waves/wave")
            .event(
                "start",
                elapsed(1),
                "{'type':'startWaves','wavePlan':" + ref("wavePlans", "plan") + "}")
            .event("all", Stage.all(inPlay()), harm(0));
    World world = stage.after(60);
    assertThat(hurt(world)).hasSize(2).doesNotContain("a");
  }

  private static String inPlay() {
    return "{'type':'comesTo','one':{'type':'formula','of':{'type':'howMany','who':{'type':'label','label':%s}},'times':1,'plus':0},'comparison':'atLeast','other':%s}"
        .formatted(ref("labels", "guests"), value(2));
  }

  @Test
  void aLabelThatIsGoneIsAnOpenReferenceAndOneOfNothingIsNobody() {
    Stage stage = new Stage().label("guests").flag("f");
    String is = "{'type':'fares','who':%s,'state':'up'}";
    stage
        .event("none", Stage.all(is.formatted(labelled("none"))), Stage.turn("f", "on"))
        .event("any", Stage.all(is.formatted(labelled("any"))), Stage.turn("f", "on"));
    World world = stage.after(5);
    assertThat(Stage.fired(world, "none")).containsExactly(1);
    assertThat(Stage.fired(world, "any")).isEmpty();
    World gone = stage.without("/labels/guests").after(5);
    assertThat(Stage.fired(gone, "none")).isEmpty();
  }
}
