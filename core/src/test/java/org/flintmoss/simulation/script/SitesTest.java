package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.allOf;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.point;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Where something is done: one of several places, or where somebody is. */
class SitesTest {
  private static final double[][] AT = {{20, 20}, {60, 100}, {100, 20}};

  /** One of the three places. */
  private static String one(String how) {
    StringBuilder places = new StringBuilder();
    for (int i = 0; i < AT.length; i++) {
      places.append(
          "%s'p%d':{'order':'a%d','place':%s}"
              .formatted(i == 0 ? "" : ",", i, i, point(AT[i][0], AT[i][1])));
    }
    return "{'type':'oneOf','how':'%s','places':{%s}}".formatted(how, places);
  }

  private static String nearestOf(String whom) {
    return "{'type':'nearestOf','whom':" + whom + "}";
  }

  private static String side(String side) {
    return "{'type':'side','side':%s}".formatted(ref("sides", side));
  }

  private static String does(String type, String who, String where) {
    return "{'type':'%s','who':%s,'place':%s}".formatted(type, who, where);
  }

  /** Wreckers in a row who want nothing of anybody. */
  private static Stage wreckers(int many) {
    Stage stage = new Stage().put("/stances", "{}");
    for (int i = 0; i < many; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 30 + 3 * i, 64);
    }
    return stage;
  }

  /** At which of the three places each is, to some metres; -1 for none. */
  private static List<Integer> at(World world, int many) {
    List<Integer> at = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      String id = "w" + i;
      at.add(
          IntStream.range(0, AT.length)
              .filter(place -> far(world, id, AT[place][0], AT[place][1]) < 8)
              .findFirst()
              .orElse(-1));
    }
    return at;
  }

  @ParameterizedTest
  @ValueSource(strings = {"moveTo", "send", "bringInAt"})
  void eachGoesToTheNextInTurnAlsoInTheNextFiring(String type) {
    Stage stage = wreckers(5);
    for (int i = 0; i < 5 && type.equals("bringInAt"); i++) {
      stage.put("/units/w" + i + "/inPlay", "false");
    }
    String some =
        "{'quantifier':{'type':'atLeast','count':{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}},'whom':"
            + side("wreckers")
            + "}";
    stage.event("a", elapsed(1), does(type, some, one("inTurn")));
    if (type.equals("bringInAt")) {
      stage.event("b", elapsed(2), does(type, allOf("wreckers"), one("inTurn")));
      assertThat(at(stage.after(50), 5)).containsExactly(0, 1, 0, 1, 2);
      return;
    }
    assertThat(at(stage.after(type.equals("send") ? 1500 : 22), 5))
        .startsWith(0, 1)
        .endsWith(-1, -1);
  }

  @Test
  void eachGoesToTheNearest() {
    Stage stage =
        wreckers(0)
            .unit("w0", "wreckers", "wrecker", 90, 30)
            .unit("w1", "wreckers", "wrecker", 64, 90)
            .unit("w2", "wreckers", "wrecker", 10, 30)
            .event("a", elapsed(1), does("moveTo", allOf("wreckers"), one("nearest")));
    assertThat(at(stage.after(21), 3)).containsExactly(2, 1, 0);
  }

  @Test
  void eachGoesToTheEmptiestAlsoTwoInOneStep() {
    Stage stage =
        wreckers(4)
            .unit("k", "keepers", "keeper", 20, 22)
            .event("a", elapsed(1), does("moveTo", allOf("wreckers"), one("emptiest")));
    // One stands at the first already: the others fill up the second and the third.
    assertThat(at(stage.after(21), 4)).containsExactly(1, 2, 0, 1);
  }

  @Test
  void chanceTakesEachPlaceNowAndThenAndTheSameOneWithTheSameSeed() {
    Stage stage =
        wreckers(30).event("a", elapsed(1), does("moveTo", allOf("wreckers"), one("byChance")));
    List<Integer> first = at(stage.after(21), 30);
    assertThat(first).containsOnly(0, 1, 2).isEqualTo(at(stage.after(21), 30));
    World other = stage.world(99);
    Stage.steps(other, 21);
    assertThat(at(other, 30)).isNotEqualTo(first);
  }

  @Test
  void aSquadGoesAsOne() {
    Stage stage =
        wreckers(6).squad("s", "w0", "{'type':'stay'}").squad("t", "w3", "{'type':'stay'}");
    for (int i = 0; i < 6; i++) {
      stage.joins("w" + i, i < 3 ? "s" : "t");
    }
    stage.event("a", elapsed(1), does("moveTo", allOf("wreckers"), one("inTurn")));
    assertThat(at(stage.after(21), 6)).containsExactly(0, 0, 0, 1, 1, 1);
  }

  @Test
  void theNearestOfSomeIsNeverOneselfAndNobodyOfNobody() {
    Stage stage =
        wreckers(0)
            .unit("w0", "wreckers", "wrecker", 30, 64)
            .unit("w1", "wreckers", "wrecker", 100, 100)
            .event("a", elapsed(1), does("moveTo", allOf("wreckers"), nearestOf(side("wreckers"))));
    World world = stage.world(1);
    Stage.steps(world, 21);
    int one = number(world, "w0");
    int other = number(world, "w1");
    // The first has gone to the second when the second looks for the nearest.
    assertThat(world.read().gap(one, other)).isLessThan(5);
    assertThat(far(world, "w1", 100, 100)).isLessThan(5);
    World nobody =
        wreckers(1)
            .event("a", elapsed(1), does("moveTo", allOf("wreckers"), nearestOf(side("wreckers"))))
            .after(30);
    assertThat(far(nobody, "w0", 30, 64)).as("nobody else is there").isZero();
  }

  @Test
  void whatIsDoneToNobodyIsDoneWhereTheCauserIsOrTheNearestToThem() {
    String causer = nearestOf("{'type':'causer'}");
    Stage stage =
        wreckers(0)
            .unit("w0", "wreckers", "wrecker", 40, 64)
            .unit("w1", "wreckers", "wrecker", 100, 100)
            .put("/calls/c", "{'name':'c','order':'a0'}")
            .event(
                "a",
                Stage.all(
                    "{'type':'sends','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'call':%s}"
                        .formatted(ref("calls", "c"))),
                "{'type':'blast','place':%s,'amount':%s,'radius':3}".formatted(causer, value(1)),
                "{'type':'blast','place':%s,'amount':%s,'radius':3}"
                    .formatted(nearestOf(side("wreckers")), value(1)));
    World world = stage.world(1);
    world.step(List.of(new Command(0, new Input.Call("c"))));
    Stage.steps(world, 2);
    assertThat(world.read().health(number(world, "p"))).as("the causer").isLessThan(100);
    assertThat(world.read().health(number(world, "w0"))).as("the nearest").isLessThan(80);
    assertThat(world.read().health(number(world, "w1"))).isEqualTo(80);
  }

  @Test
  void whereSomebodyIsIsNowhereOnceTheyAreGone() {
    Stage stage =
        wreckers(1)
            .event(
                "a", elapsed(1), does("moveTo", allOf("wreckers"), nearestOf("{'type':'causer'}")));
    assertThat(far(stage.after(30), "w0", 30, 64)).as("nobody caused it").isZero();
  }

  @Test
  void whoseTurnItIsIsSavedAndLoaded() {
    Stage stage = wreckers(5);
    String who = "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}";
    for (int i = 0; i < 5; i++) {
      stage.put("/units/w" + i + "/inPlay", "false");
    }
    stage
        .event("a", elapsed(1), does("bringInAt", who.formatted(ref("units", "w0")), one("inTurn")))
        .event("b", elapsed(2), does("bringInAt", allOf("wreckers"), one("inTurn")));
    World straight = stage.after(30);
    World loaded = stage.world(1);
    loaded.load(straight.save());
    Stage.steps(straight, 20);
    Stage.steps(loaded, 20);
    assertThat(loaded.hash()).isEqualTo(straight.hash());
    // Each event has places of its own to go through.
    assertThat(at(loaded, 5)).containsExactly(0, 0, 1, 2, 0);
  }
}
