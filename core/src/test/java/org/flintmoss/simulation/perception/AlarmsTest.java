package org.flintmoss.simulation.perception;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How long somebody stays as alert as the script made them. */
class AlarmsTest {
  private static final String W =
      "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";

  private static Stage alone() {
    return new Stage()
        .put("/starts/p/position", "{'x':10,'y':10}")
        .put("/stances", "{}")
        .unit("w", "wreckers", "wrecker", 64, 64);
  }

  private static String make(String alertness) {
    return "{'type':'setAlertness','who':%s,'alertness':'%s'}".formatted(W, alertness);
  }

  private static String keep(String roused) {
    return "{'type':'keepAlert','who':%s,'roused':'%s'}".formatted(W, roused);
  }

  private static String keepFor(String roused, double seconds) {
    return "{'type':'keepAlertFor','who':%s,'roused':'%s','time':%s}"
        .formatted(W, roused, value(seconds));
  }

  /** The alertness of w after each step from the first on, as runs: which, and how many steps. */
  private static List<String> runs(Stage stage, int steps) {
    World world = stage.world(1);
    List<String> runs = new ArrayList<>();
    Alertness before = null;
    int many = 0;
    for (int step = 1; step <= steps + 1; step++) {
      Alertness now = null;
      if (step <= steps) {
        Stage.steps(world, 1);
        now = world.read().alertness(number(world, "w"));
      }
      if (now != before && before != null) {
        runs.add(before + " " + many);
        many = 0;
      }
      before = now;
      many++;
    }
    return runs;
  }

  @Test
  void whoIsKeptAlarmedForSomeTimeIsSoForThatTimeToTheStep() {
    Stage stage = alone().event("e", elapsed(2), keepFor("alarmed", 10));
    assertThat(runs(stage, 400)).containsExactly("UNAWARE 39", "ALARMED 200", "UNAWARE 161");
  }

  @Test
  void whoIsKeptAlarmedStaysSoUntilTheyAreCalmed() {
    Stage stage =
        alone().event("e", elapsed(2), keep("alarmed")).event("c", elapsed(60), make("unaware"));
    assertThat(runs(stage, 1400)).containsExactly("UNAWARE 39", "ALARMED 1160", "UNAWARE 201");
  }

  @ParameterizedTest
  @CsvSource({"alarmed, ALARMED", "wary, WARY"})
  void whoIsMadeAlertCalmsDownOverTheMemoryOfTheirKind(String made, String first) {
    Stage stage = alone().event("e", elapsed(2), make(made));
    World world = stage.world(1);
    double memory = world.plan().kind(number(world, "w")).sight().memory();
    List<String> runs = runs(stage, 60 + (int) (memory * 20) + 60);
    assertThat(runs.getFirst()).isEqualTo("UNAWARE 39");
    assertThat(runs.get(1)).startsWith(first);
    assertThat(runs.getLast()).startsWith("UNAWARE");
    int alert =
        runs.subList(1, runs.size() - 1).stream()
            .mapToInt(it -> Integer.parseInt(it.split(" ")[1]))
            .sum();
    double share = made.equals("alarmed") ? 1 : Perception.WARY;
    assertThat(alert)
        .isCloseTo((int) (share * memory * 20), org.assertj.core.data.Offset.offset(6));
  }

  @Test
  void whoIsKeptWaryGoesOnWithTheirOrder() {
    Stage stage =
        alone()
            .event(
                "e",
                elapsed(1),
                keep("wary"),
                "{'type':'send','who':%s,'place':%s}".formatted(W, Stage.point(64, 50)));
    World world = stage.after(400);
    assertThat(world.read().alertness(number(world, "w"))).isEqualTo(Alertness.WARY);
    assertThat(Stage.far(world, "w", 64, 50)).isLessThan(2);
  }

  @Test
  void theSensesRaiseWhatIsKeptAndFallBackToIt() {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 80)
            .put("/units/w/facing", "180")
            .event("e", elapsed(0.05), keep("wary"))
            .event("away", elapsed(20), "{'type':'takeOut','who':%s}".formatted(players()));
    World world = stage.after(300);
    assertThat(world.read().alertness(number(world, "w"))).isEqualTo(Alertness.ALARMED);
    Stage.steps(world, 3000);
    assertThat(world.read().alertness(number(world, "w"))).isEqualTo(Alertness.WARY);
  }

  private static String players() {
    return "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
  }

  @ParameterizedTest
  @ValueSource(ints = {30, 100, 230})
  void itIsKeptAlsoWhereAMomentIsSavedAndLoadedInBetween(int saved) {
    Stage stage = alone().event("e", elapsed(2), keepFor("alarmed", 10));
    World straight = stage.after(saved);
    World other = stage.world(1);
    other.load(straight.save());
    for (int step = 0; step < 400; step++) {
      straight.step(List.of());
      other.step(List.of());
      assertThat(other.hash()).isEqualTo(straight.hash());
    }
  }

  @Test
  void whoIsTakenOutOfPlayAndBroughtInAgainIsCalm() {
    Stage stage =
        alone()
            .event("e", elapsed(1), keep("alarmed"))
            .event("out", elapsed(2), "{'type':'takeOut','who':%s}".formatted(W))
            .event("in", elapsed(3), "{'type':'bringIn','who':%s}".formatted(W));
    World world = stage.after(100);
    assertThat(world.read().present(number(world, "w"))).isTrue();
    assertThat(world.read().alertness(number(world, "w"))).isEqualTo(Alertness.UNAWARE);
  }
}
