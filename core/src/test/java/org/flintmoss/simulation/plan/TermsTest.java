package org.flintmoss.simulation.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.Optional;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers that differ by difficulty and grow with the players. */
class TermsTest {
  private static World world(Stage stage, Difficulty difficulty, int players) {
    Mission mission = stage.mission();
    return new World(
        Plans.compile(mission, _ -> Optional.empty(), new Terms(difficulty, players)), 1);
  }

  @ParameterizedTest
  @CsvSource({"CALM,1,45", "BREEZY,1,30", "STORM,1,20", "BREEZY,3,34", "STORM,8,34"})
  void anAmountIsWhatItIsOnTheTermsOfTheTrial(Difficulty difficulty, int players, double is) {
    Stage stage =
        new Stage()
            .put("/counters/c", "{'name':'c','value':0}")
            .event(
                "e",
                elapsed(1),
                "{'type':'setCounter','counter':%s,'amount':{'type':'byTerms','number':{'value':30,'levels':{'calm':45,'storm':20},'perPlayer':2}}}"
                    .formatted(ref("counters", "c")));
    World world = world(stage, difficulty, players);
    Stage.steps(world, 20);
    assertThat(world.script().counter(0)).isEqualTo(is);
  }

  @Test
  void aWaveBringsMoreForEachFurtherPlayerAndTheSameOnesBefore() {
    String count = "{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1},'perPlayer':1}";
    Stage stage =
        new Stage()
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':1}",
                Stage.wreckers(2, "{'type':'stay'}"));
    String party = stage.mission().waves().get("wave").parties().firstKey();
    stage.put("/waves/wave/parties/" + party + "/count", count);
    List<String> one = ids(world(stage, Difficulty.BREEZY, 1));
    List<String> three = ids(world(stage, Difficulty.BREEZY, 3));
    assertThat(one).hasSize(3);
    assertThat(three).hasSize(5).containsAll(one);
  }

  private static List<String> ids(World world) {
    return world.plan().actors().members().stream().map(it -> it.ref().id()).toList();
  }

  @Test
  void everyStartIsCountedWhereNobodySaysOtherwise() {
    Mission mission = new Stage().start("q", 66, 64).mission();
    assertThat(mission.termsOfAll(Difficulty.CALM)).isEqualTo(new Terms(Difficulty.CALM, 2));
  }

  private static String pinned(double usual, double storm) {
    return "{'value':%s,'levels':{'storm':%s},'perPlayer':0}".formatted(usual, storm);
  }

  @Test
  void timesAndSharesAreWhatTheyAreAtTheLevel() {
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .unit("a", "wreckers", "wrecker", 30, 30)
            .unit("b", "wreckers", "wrecker", 90, 90)
            .zone("z", 30, 30, 5)
            .flag("f")
            .put(
                "/timers/t",
                "{'name':'t','seconds':%s,'running':true,'shown':false}".formatted(pinned(5, 2)))
            .event(
                "elapsed",
                Stage.all(
                    "{'type':'elapsed','comparison':'atLeast','time':%s}".formatted(pinned(4, 1))),
                Stage.turn("f", "on"))
            .event(
                "held",
                Stage.all(
                    "{'type':'heldFor','inAll':false,'of':%s,'seconds':%s}"
                        .formatted(Stage.flagOn("f"), pinned(3, 2))))
            .event("out", Stage.all("{'type':'runOut','timer':%s}".formatted(ref("timers", "t"))))
            .event(
                "share",
                Stage.all(
                    "{'type':'inside','who':{'quantifier':{'type':'share','percent':%s},'whom':{'type':'side','side':%s}},'zone':%s}"
                        .formatted(pinned(50, 60), ref("sides", "wreckers"), ref("zones", "z"))))
            .event(
                "every",
                0,
                "{'type':'every','seconds':%s}".formatted(pinned(2, 1)),
                Stage.flagOn("f"));
    World calm = world(stage, Difficulty.CALM, 1);
    World storm = world(stage, Difficulty.STORM, 1);
    Stage.steps(calm, 161);
    Stage.steps(storm, 101);
    assertThat(Stage.fired(calm, "elapsed")).containsExactly(80);
    assertThat(Stage.fired(storm, "elapsed")).containsExactly(20);
    assertThat(Stage.fired(calm, "held")).containsExactly(140);
    assertThat(Stage.fired(storm, "held")).containsExactly(60);
    assertThat(Stage.fired(calm, "out")).containsExactly(100);
    assertThat(Stage.fired(storm, "out")).containsExactly(40);
    assertThat(Stage.fired(calm, "share")).hasSize(1);
    assertThat(Stage.fired(storm, "share")).isEmpty();
    assertThat(Stage.fired(calm, "every")).containsExactly(80, 120, 160);
    assertThat(Stage.fired(storm, "every")).containsExactly(20, 40, 60, 80, 100);
  }

  @ParameterizedTest
  @CsvSource({"0,1", "1,0", "1,100000"})
  void everyLevelLiesInItsRange(double usual, double storm) {
    Stage stage =
        new Stage()
            .flag("f")
            .event(
                "e",
                Stage.all(
                    "{'type':'heldFor','inAll':false,'of':%s,'seconds':%s}"
                        .formatted(Stage.flagOn("f"), pinned(usual, storm))));
    assertThatThrownBy(stage::mission)
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("/condition/seconds: must be at");
  }

  /** Ten, six at storm, one more for each further player. */
  private static final String TEN = "{'value':10,'levels':{'storm':6},'perPlayer':1}";

  private static Stage pinnedEverywhere() {
    String end = "{'type':'end','ending':%s}".formatted(ref("endings", "w"));
    return new Stage()
        .put("/stances", "{}")
        .put("/counters/c", "{'name':'c','value':%s}".formatted(TEN))
        .put(
            "/endings/w",
            "{'name':'w','order':'a1','outcome':'won','delay':%s,'debriefing':''}".formatted(TEN))
        .lever("l", 64, 65, 0, "{'type':'nothing'}")
        .put("/fixtures/l/uses/u1/seconds", TEN)
        .put(
            "/fixtures/l/uses/u1/needs",
            "{'type':'holding','item':%s,'count':%s}".formatted(ref("itemKinds", "oil"), TEN))
        .put(
            "/fixtures/l/uses/u1/gives",
            "{'type':'items','item':%s,'count':%s}".formatted(ref("itemKinds", "oil"), TEN))
        .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
        .wave(
            "wave",
            "plan",
            "a0",
            "{'type':'afterLast','gap':%s}".formatted(TEN),
            Stage.wreckers(1, "{'type':'stay'}"))
        .put("/brief/lives/after", TEN)
        .event("e", elapsed(1), end)
        .event(
            "s",
            elapsed(1),
            "{'type':'startWaves','wavePlan':%s}".formatted(ref("wavePlans", "plan")));
  }

  @ParameterizedTest
  @CsvSource({"CALM,1,10", "STORM,1,6", "CALM,3,12", "STORM,4,9"})
  void countersEndingsFixturesAndWavesAreWhatTheyAreOnTheTerms(
      Difficulty difficulty, int players, int is) {
    World world = world(pinnedEverywhere(), difficulty, players);
    assertThat(world.script().counter(0)).isEqualTo(is);
    FixtureUse use = Inside.of(world).plan.handles()[0];
    assertThat(use.steps()).isEqualTo(20 * is);
    assertThat(use.needed()).isEqualTo(is);
    assertThat(use.given()).isEqualTo(is);
    assertThat(Inside.of(world).plan.script().waves().getFirst().waves().getFirst().gap())
        .isEqualTo(20 * is);
    Stage.steps(world, 20 + 20 * is - 1);
    assertThat(world.over()).isFalse();
    Stage.steps(world, 1);
    assertThat(world.over()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"CALM,1,10", "STORM,1,6", "CALM,3,12"})
  void whatActionsDoForSomeTimeOrAcrossSomeMetresIsWhatItIsOnTheTerms(
      Difficulty difficulty, int players, int is) {
    String wind = "{'type':'turnWind','speed':%s,'from':0,'time':%s}".formatted(TEN, pinned(0, 0));
    String visibility =
        "{'type':'setVisibility','distance':%s,'time':%s}".formatted(TEN, pinned(0, 0));
    String blast =
        "{'type':'blast','place':%s,'amount':%s,'radius':%s}"
            .formatted(Stage.point(30, 30), Stage.value(10), TEN);
    Stage stage =
        new Stage()
            .put("/stances", "{}")
            .unit("near", "wreckers", "wrecker", 30, 30 + is - 1)
            .unit("far", "wreckers", "wrecker", 30, 30 + is + 1)
            .event("e", elapsed(1), wind, visibility, blast);
    World world = world(stage, difficulty, players);
    Stage.steps(world, 25);
    assertThat(world.read().wind().speed()).isEqualTo(is);
    assertThat(world.read().visibility()).isEqualTo(is);
    int near = Stage.number(world, "near");
    int far = Stage.number(world, "far");
    assertThat(world.read().health(near)).isLessThan(world.read().health(far));
    assertThat(world.read().health(far)).isEqualTo(Inside.of(world).plan.kind(far).health());
  }

  @Test
  void whatFurtherPlayersAddLiesInItsRangeForTheMostPlayers() {
    Stage stage = pinnedEverywhere();
    stage.put("/endings/w/delay", "{'value':590,'levels':{},'perPlayer':1}");
    assertThat(stage.mission().endings()).hasSize(1);
    stage.put("/endings/w/delay", "{'value':590,'levels':{},'perPlayer':2}");
    assertThatThrownBy(stage::mission)
        .hasMessageContaining("/endings/w/delay: must be at most 600");
  }
}
