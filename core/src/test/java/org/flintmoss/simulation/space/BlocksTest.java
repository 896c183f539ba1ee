package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.all;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.flagOn;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.turn;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Actions that hold others: one after another, and one of some by chance. */
class BlocksTest {
  private static final String THIS_ONE = some("any", "{'type':'thisOne'}");
  private static final String WRECKERS =
      "{'type':'side','side':%s}".formatted(ref("sides", "wreckers"));

  private static String some(String quantifier, String whom) {
    return "{'quantifier':{'type':'%s'},'whom':%s}".formatted(quantifier, whom);
  }

  private static String harm(String who) {
    return "{'type':'harm','who':%s,'amount':%s}".formatted(who, value(10));
  }

  private static String block(String... actions) {
    StringBuilder lines = new StringBuilder();
    for (int i = 0; i < actions.length; i++) {
      lines.append(
          "%s'l%d':{'order':'a%d','after':%s,'action':%s}"
              .formatted(i == 0 ? "" : ",", i, i, value(0), actions[i]));
    }
    return "{" + lines + "}";
  }

  private static String each(String who, double apart, String... actions) {
    return "{'type':'forEach','who':%s,'time':%s,'lines':%s}"
        .formatted(who, value(apart), block(actions));
  }

  /** Chance between turning flags on, each with its weight. */
  private static String draw(double... weights) {
    StringBuilder choices = new StringBuilder();
    for (int i = 0; i < weights.length; i++) {
      choices.append(
          "%s'w%d':{'order':'a%d','weight':%s,'lines':%s}"
              .formatted(i == 0 ? "" : ",", i, i, weights[i], block(turn("f" + i, "on"))));
    }
    return "{'type':'oneOf','choices':{%s}}".formatted(choices);
  }

  /** Four wreckers who harm nobody, far from the player. */
  private static Stage four() {
    Stage stage = new Stage().put("/stances", "{}").put("/starts/p/position", "{'x':10,'y':10}");
    for (int i = 1; i <= 4; i++) {
      stage.unit("w" + i, "wreckers", "wrecker", 60 + 5 * i, 64);
    }
    return stage;
  }

  private static List<Boolean> hurt(World world) {
    return IntStream.rangeClosed(1, 4)
        .map(i -> number(world, "w" + i))
        .mapToObj(unit -> world.read().health(unit) < world.plan().kind(unit).health())
        .toList();
  }

  private static World run(Stage stage, int steps) {
    World world = stage.world(1);
    Stage.steps(world, steps);
    return world;
  }

  @Test
  void linesAreDoneForOneAfterAnotherWithTimeBetweenThem() {
    Stage stage = four().event("e", elapsed(1), each(some("all", WRECKERS), 2, harm(THIS_ONE)));
    assertThat(hurt(run(stage, 22))).containsExactly(true, false, false, false);
    assertThat(hurt(run(stage, 59))).containsExactly(true, false, false, false);
    assertThat(hurt(run(stage, 62))).containsExactly(true, true, false, false);
    assertThat(hurt(run(stage, 102))).containsExactly(true, true, true, false);
    assertThat(hurt(run(stage, 142))).containsExactly(true, true, true, true);
  }

  @Test
  void whatComesAfterGoesOnAsSoonAsTheLastHasHadTheirTurn() {
    Stage stage =
        four()
            .flag("f")
            .event("then", all(flagOn("f")))
            .event(
                "e", elapsed(1), each(some("all", WRECKERS), 1, harm(THIS_ONE)), turn("f", "on"));
    assertThat(fired(run(stage, 200), "then")).containsExactly(20 + 3 * 20);
  }

  @Test
  void whoIsDownWhenTheirTurnComesIsPassedOver() {
    Stage stage =
        four()
            .event(
                "gone",
                elapsed(1.5),
                "{'type':'takeOut','who':%s}"
                    .formatted(
                        some("any", "{'type':'unit','unit':%s}".formatted(ref("units", "w2")))))
            .event("e", elapsed(1), each(some("all", WRECKERS), 2, harm(THIS_ONE)));
    assertThat(hurt(run(stage, 62))).containsExactly(true, false, true, false);
  }

  @Test
  void noMoreHaveTheirTurnThanItTakes() {
    String two =
        "{'quantifier':{'type':'atLeast','count':{'count':2,'pins':{'calm':2,'breezy':2,'rough':2,'storm':2}}},'whom':%s}"
            .formatted(WRECKERS);
    Stage stage = four().event("e", elapsed(1), each(two, 0.05, harm(THIS_ONE)));
    assertThat(hurt(run(stage, 100))).containsExactly(true, true, false, false);
    Stage nobody =
        four().event("e", elapsed(1), each(some("none", WRECKERS), 0.05, harm(THIS_ONE)));
    assertThat(hurt(run(nobody, 100))).containsOnly(false);
  }

  @Test
  void withNoTimeBetweenThemAllHaveTheirTurnAtOnce() {
    Stage stage = four().event("e", elapsed(1), each(some("all", WRECKERS), 0, harm(THIS_ONE)));
    assertThat(hurt(run(stage, 22))).containsOnly(true);
  }

  @Test
  void aConditionMayAskOfTheOneWhoseTurnItIs() {
    String inside =
        all("{'type':'inside','who':%s,'zone':%s}".formatted(THIS_ONE, ref("zones", "east")));
    String branch =
        "{'type':'if','condition':%s,'then':%s,'otherwise':{}}"
            .formatted(inside, block(harm(THIS_ONE)));
    Stage stage =
        four()
            .zone("east", 80, 64, 6)
            .event("e", elapsed(1), each(some("all", WRECKERS), 0, branch));
    assertThat(hurt(run(stage, 22))).containsExactly(false, false, true, true);
  }

  /**
   * An event that the wrecker at one place causes, who is harmed if it is within the inner zone.
   */
  private static Stage caused(double innerX) {
    String causer = some("any", "{'type':'causer'}");
    String within = "{'type':'inside','who':%s,'zone':%s}";
    String branch =
        "{'type':'if','condition':%s,'then':%s,'otherwise':{}}"
            .formatted(all(within.formatted(causer, ref("zones", "inner"))), block(harm(causer)));
    String entered = within.formatted(some("any", WRECKERS), ref("zones", "outer"));
    return four()
        .zone("inner", innerX, 64, 2)
        .zone("outer", 70, 64, 2)
        .event("e", all(entered), branch);
  }

  @Test
  void aConditionMayAskOfWhoCausedTheEvent() {
    assertThat(hurt(run(caused(70), 5))).containsExactly(false, true, false, false);
    assertThat(hurt(run(caused(80), 5))).containsOnly(false);
  }

  @Test
  void withoutATurnThisOneIsNobody() {
    Stage stage = four().event("e", elapsed(1), harm(THIS_ONE));
    assertThat(hurt(run(stage, 30))).containsOnly(false);
  }

  @Test
  void aRoundWithinARoundHasTurnsOfItsOwn() {
    Stage stage =
        four()
            .event(
                "e",
                elapsed(1),
                each(some("all", WRECKERS), 1, each(some("all", WRECKERS), 0, harm(THIS_ONE))));
    World world = run(stage, 200);
    int unit = number(world, "w3");
    assertThat(world.plan().kind(unit).health() - world.read().health(unit))
        .as("four rounds, each with a turn for all")
        .isEqualTo(40);
  }

  private static int drawn(World world) {
    return IntStream.range(0, 3)
        .filter(i -> !fired(world, "on" + i).isEmpty())
        .reduce((one, other) -> -1)
        .orElse(-1);
  }

  private static Stage lots(double... weights) {
    Stage stage = new Stage();
    for (int i = 0; i < weights.length; i++) {
      stage.flag("f" + i).event("on" + i, all(flagOn("f" + i)));
    }
    return stage.event("e", elapsed(0.1), draw(weights));
  }

  @Test
  void chanceDrawsOneOfTheChoicesByTheirWeights() {
    Stage stage = lots(1, 2, 1);
    int[] drawn = new int[3];
    for (int seed = 0; seed < 200; seed++) {
      World world = stage.world(seed);
      Stage.steps(world, 5);
      drawn[drawn(world)]++;
    }
    assertThat(drawn[0]).isBetween(30, 70);
    assertThat(drawn[1]).isBetween(80, 120);
    assertThat(drawn[2]).isBetween(30, 70);
  }

  @Test
  void chanceDrawsTheSameFromTheSameSeed() {
    World one = lots(1, 1, 1).world(7);
    World other = lots(1, 1, 1).world(7);
    Stage.steps(one, 5);
    Stage.steps(other, 5);
    assertThat(drawn(one)).isEqualTo(drawn(other));
    assertThat(one.hash()).isEqualTo(other.hash());
  }

  @Test
  void withoutChoicesItGoesOn() {
    Stage stage =
        new Stage()
            .flag("f")
            .event("then", all(flagOn("f")))
            .event("e", elapsed(1), draw(), turn("f", "on"));
    assertThat(fired(run(stage, 30), "then")).containsExactly(20);
  }

  @Test
  void roundsWithinRoundsThatNeverEndAreStoppedAndNamed() {
    String inner = harm(THIS_ONE);
    for (int depth = 0; depth < 14; depth++) {
      inner = each(some("all", WRECKERS), 0, inner);
    }
    World world = four().event("endless", elapsed(1), inner).world(1);
    Stage.steps(world, 30);
    assertThat(world.over()).isTrue();
    assertThat(world.chasing()).containsExactly("endless");
    assertThat(world.read().step()).as("in the step in which it fired").isEqualTo(20);
  }
}
