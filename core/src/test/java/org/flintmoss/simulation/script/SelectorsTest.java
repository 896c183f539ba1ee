package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Selectors that speak of those who stand somewhere, or of the nearest first. */
class SelectorsTest {
  private static final String SIDE = "{'type':'side','side':" + ref("sides", "wreckers") + "}";
  private static final String INSIDE =
      "{'type':'inside','of':" + SIDE + ",'zone':" + ref("zones", "a") + "}";

  private static String some(String quantifier, String whom) {
    return "{'quantifier':{'type':'%s'},'whom':%s}".formatted(quantifier, whom);
  }

  private static String two(String whom) {
    return "{'quantifier':{'type':'atLeast','count':{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}},'whom':%s}"
        .formatted(whom);
  }

  private static String within(double metres) {
    return "{'type':'within','of':%s,'distance':%s,'place':%s}"
        .formatted(SIDE, metres, Stage.point(70, 70));
  }

  private static String first(String type, String of) {
    return "{'type':'%s','of':%s,'place':%s}".formatted(type, of, Stage.point(70, 70));
  }

  private static String harm(String who) {
    return "{'type':'harm','who':%s,'amount':%s}".formatted(who, value(1));
  }

  /** Five wreckers 2, 5, 8, 11 and 14 m east of a zone's middle, whose radius is 6 m. */
  private static Stage five() {
    Stage stage = new Stage().put("/stances", "{}").zone("a", 70, 70, 6);
    for (int i = 0; i < 5; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 72 + 3 * i, 70);
    }
    return stage;
  }

  private static List<String> hurt(World world) {
    return Stream.of("w0", "w1", "w2", "w3", "w4")
        .filter(
            it -> {
              int unit = number(world, it);
              return world.read().health(unit) < world.plan().kind(unit).health();
            })
        .toList();
  }

  private static List<String> harmed(String who) {
    return hurt(five().event("e", elapsed(1), harm(who)).after(25));
  }

  @Test
  void somethingIsDoneToThoseWhoStandThere() {
    assertThat(harmed(some("all", INSIDE))).containsExactly("w0", "w1");
    assertThat(harmed(some("all", within(9)))).containsExactly("w0", "w1", "w2");
    assertThat(harmed(some("any", INSIDE))).containsExactly("w0");
    assertThat(harmed(some("all", SIDE))).hasSize(5);
  }

  @Test
  void theNearestOrTheFarthestComeFirst() {
    assertThat(harmed(some("any", first("farthest", SIDE)))).containsExactly("w4");
    assertThat(harmed(two(first("farthest", SIDE)))).containsExactly("w3", "w4");
    assertThat(harmed(two(first("nearest", SIDE)))).containsExactly("w0", "w1");
    assertThat(harmed(some("any", first("farthest", INSIDE)))).containsExactly("w1");
  }

  @Test
  void theCauserIsMeantOnlyWhereTheyStandThere() {
    String causer = "{'type':'inside','of':{'type':'causer'},'zone':" + ref("zones", "a") + "}";
    String fired = "{'type':'near','who':%s,'comparison':'atMost','distance':%s,'place':%s}";
    for (int i : new int[] {0, 4}) {
      String one = "{'type':'unit','unit':" + ref("units", "w" + i) + "}";
      String when = fired.formatted(some("any", one), value(20), Stage.point(70, 70));
      World world = five().event("e", when, harm(some("any", causer))).after(5);
      assertThat(hurt(world)).isEqualTo(i == 0 ? List.of("w0") : List.of());
    }
  }

  @ParameterizedTest
  @CsvSource({"any, 41", "all, 41", "none, 1"})
  void aConditionFollowsThemAsTheyMove(String quantifier, int step) {
    String alert =
        "{'type':'moves','who':%s,'comparison':'atLeast','speed':%s}"
            .formatted(some(quantifier, first("nearest", INSIDE)), value(0.01));
    World world =
        new Stage()
            .put("/stances", "{}")
            .zone("a", 70, 70, 6)
            .unit("w", "wreckers", "wrecker", 100, 100)
            .event("e", alert)
            .event(
                "in",
                elapsed(1.9),
                "{'type':'moveTo','who':%s,'place':%s}"
                    .formatted(some("all", SIDE), Stage.point(70, 70)))
            .event(
                "go",
                elapsed(2),
                "{'type':'send','who':%s,'place':%s}"
                    .formatted(some("all", SIDE), Stage.point(90, 70)))
            .after(80);
    assertThat(fired(world, "e")).containsExactly(step);
  }

  @Test
  void whatHappensIsToldFromWhereItHappens() {
    String dies = "{'type':'dies','who':%s}".formatted(some("any", INSIDE));
    World world =
        five()
            .event("e", 0, "{'type':'whenFalse'}", dies)
            .event(
                "kill",
                elapsed(1),
                "{'type':'harm','who':%s,'amount':%s}".formatted(some("all", SIDE), value(999)))
            .after(30);
    assertThat(fired(world, "e")).as("two of five lie inside").hasSize(2);
  }

  @Test
  void whoGoesForThoseInAZoneLeavesTheOthers() {
    World world =
        five()
            .unit(
                "k",
                "coastguard",
                70,
                90,
                "{'type':'attack','who':%s}".formatted(some("any", INSIDE)))
            .put("/units/k/side", ref("sides", "keepers"))
            .put("/units/w0/position", "{'x':100,'y':90}")
            .put("/units/w1/position", "{'x':100,'y':94}")
            .after(200);
    assertThat(Stage.far(world, "k", 70, 90)).isLessThan(1);
    Stage.steps(world, 1);
  }
}
