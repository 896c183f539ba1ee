package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;
import static org.flintmoss.simulation.state.Columns.column;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** What is counted of each: whom they have killed, and whether they were ever seen. */
class TalliesTest {
  private static String side(String side) {
    return "{'type':'side','side':%s}".formatted(ref("sides", side));
  }

  private static String unit(String id) {
    return "{'type':'unit','unit':%s}".formatted(ref("units", id));
  }

  private static String killed(String quantifier, String who, int least, String whom) {
    return Stage.all(
        "{'type':'hasKilled','who':{'quantifier':{'type':'%s'},'whom':%s},'comparison':'atLeast','count':%s,'whom':%s}"
            .formatted(quantifier, who, value(least), whom));
  }

  /** Two wreckers who beat the townsfolk beside them to death, and a third who stands by. */
  private static Stage scene() {
    Stage stage = new Stage().put("/starts/p/position", "{'x':10,'y':10}");
    stage
        .unit("a", "wreckers", "wrecker", 40, 64)
        .unit("b", "wreckers", "wrecker", 100, 64)
        .unit("c", "wreckers", "wrecker", 20, 110)
        .unit("ta", "townsfolk", "townsperson", 40, 65.5)
        .unit("tb", "townsfolk", "townsperson", 100, 65.5);
    stage.put("/stances", "{}");
    return stage.event(
        "war",
        elapsed(0.5),
        "{'type':'setStance','one':%s,'attitude':'hostile','other':%s}"
            .formatted(ref("sides", "wreckers"), ref("sides", "townsfolk")));
  }

  @Test
  void killsAreCountedOfEachAndOfAllTogether() {
    Stage stage =
        scene()
            .flag("f")
            .event("any", killed("any", side("wreckers"), 1, side("townsfolk")), turn("f", "on"))
            .event("one", killed("any", unit("b"), 1, side("townsfolk")), turn("f", "on"))
            .event("two", killed("any", side("wreckers"), 2, side("townsfolk")), turn("f", "on"))
            .event("all", killed("all", side("wreckers"), 1, side("townsfolk")), turn("f", "on"))
            .event("spared", killed("any", side("wreckers"), 1, side("keepers")), turn("f", "on"))
            .event(
                "sum",
                Stage.all(
                    "{'type':'comesTo','one':{'type':'formula','of':{'type':'killedBy','who':%s,'by':%s},'times':1,'plus':0},'comparison':'atLeast','other':%s}"
                        .formatted(side("townsfolk"), side("wreckers"), value(2))),
                turn("f", "on"));
    World world = stage.after(1200);
    List<Integer> deaths =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.DIED)
            .map(Causes.Entry::step)
            .toList();
    assertThat(deaths).hasSize(2);
    assertThat(fired(world, "any")).containsExactly(deaths.get(0));
    assertThat(fired(world, "one")).hasSize(1);
    assertThat(fired(world, "sum")).containsExactly(deaths.get(1));
    assertThat(fired(world, "two")).as("each has killed one").isEmpty();
    assertThat(fired(world, "all")).as("one stands by").isEmpty();
    assertThat(fired(world, "spared")).isEmpty();
  }

  @Test
  void howManyAreDeadIsCountedWithThoseWhoWereNeverKilledByAnybody() {
    String are =
        "{'type':'comesTo','one':{'type':'formula','of':{'type':'howManyAre','who':%s,'state':'%s'},'times':1,'plus':0},'comparison':'atLeast','other':%s}";
    World world =
        new Stage()
            .put("/stances", "{}")
            .unit("ta", "townsfolk", "townsperson", 40, 65.5)
            .unit("tb", "townsfolk", "townsperson", 100, 65.5)
            .flag("f")
            .event(
                "up", Stage.all(are.formatted(side("townsfolk"), "up", value(2))), turn("f", "on"))
            .event(
                "dead",
                Stage.all(are.formatted(side("townsfolk"), "dead", value(1))),
                turn("f", "on"))
            .event(
                "harm",
                elapsed(1),
                "{'type':'harm','who':{'quantifier':{'type':'any'},'whom':%s},'amount':%s}"
                    .formatted(unit("ta"), value(9999)))
            .after(40);
    assertThat(fired(world, "up")).containsExactly(1);
    assertThat(fired(world, "dead")).containsExactly(21);
  }

  @Test
  void whoWasSeenOnceHasBeenSeenForGood() {
    String seen =
        "{'type':'beenSeen','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}";
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 80)
            .put("/units/w/facing", "180")
            .flag("f")
            .event("seen", Stage.all(seen), turn("f", "on"))
            .event("never", Stage.all("{'type':'not','of':" + seen + "}"), turn("f", "off"));
    World world = stage.after(200);
    int noticed =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.NOTICED && it.detail() == number(world, "p"))
            .findFirst()
            .orElseThrow()
            .step();
    assertThat(fired(world, "seen")).containsExactly(noticed);
    assertThat(fired(world, "never")).containsExactly(1);
    World loaded = stage.world(1);
    loaded.load(world.save());
    Stage.steps(loaded, 5);
    assertThat(Inside.of(loaded).tallies.beenSeen(number(world, "p"))).isEqualTo(1);
  }

  @Test
  void aMissionThatDoesNotAskKeepsNoTally() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 80)
            .put("/units/w/facing", "180")
            .after(200);
    assertThat(column(world, "kills")).isEmpty();
    assertThat(column(world, "beenSeen")).containsOnly(0);
  }
}
