package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.script.WaveScript;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Wave plans: when waves come, where, how many, and when they are cleared. */
class WavesTest {
  private static final String STAYS = "{'type':'stay'}";
  private static final String UNCAPPED = "{'type':'uncapped'}";

  private static String after(double gap) {
    return "{'type':'afterLast','gap':%s}".formatted(gap);
  }

  private static String count(int count) {
    return "{'count':%d,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}".formatted(count);
  }

  private static String whenLeft(int left, double gap) {
    return "{'type':'whenLeft','left':%s,'gap':%s}".formatted(count(left), gap);
  }

  private static String start(double after) {
    return after + "|{'type':'startWaves','wavePlan':%s}".formatted(ref("wavePlans", "plan"));
  }

  private static String ofWave(String quantifier, String wave) {
    return "{'quantifier':%s,'whom':{'type':'wave','wave':%s}}"
        .formatted(quantifier, ref("waves", wave));
  }

  private static String kill(double after, String wave, String quantifier) {
    return after
        + "|{'type':'harm','who':%s,'amount':{'type':'number','value':9999}}"
            .formatted(ofWave(quantifier, wave));
  }

  /** A plan that is started after a second, with the player out of the way. */
  private static Stage stage(String placing, String cap, double... entrances) {
    return new Stage()
        .put("/starts/p/position", "{'x':4,'y':4}")
        .put("/stances", "{}")
        .wavePlan("plan", placing, cap, entrances)
        .event("start", Stage.elapsed(1), start(0));
  }

  private static int[] members(World world, int wave) {
    return world.plan().script().waves().getFirst().waves().get(wave).everybody();
  }

  private static long standing(World world, int wave) {
    return Arrays.stream(members(world, wave)).filter(Inside.of(world).vitals::up).count();
  }

  private static int came(World world, String wave) {
    return world.script().waveCame(number(world, wave));
  }

  private static int cleared(World world, String wave) {
    return world.script().waveCleared(number(world, wave));
  }

  private static int number(World world, String wave) {
    return List.copyOf(world.plan().mission().waves().keySet()).indexOf(wave);
  }

  @Test
  void nobodyComesBeforeThePlanIsStarted() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(3, STAYS))
            .after(19);
    assertThat(standing(world, 0)).isZero();
    Stage.steps(world, 2);
    assertThat(standing(world, 0)).isEqualTo(3);
  }

  @Test
  void eachWaveComesItsGapAfterTheOneBefore() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(2), Stage.wreckers(1, STAYS))
            .wave("two", "plan", "a2", after(5), Stage.wreckers(1, STAYS))
            .after(400);
    assertThat(came(world, "one")).isEqualTo(60);
    assertThat(came(world, "two")).isEqualTo(160);
  }

  @Test
  void aWaveMayWaitUntilFewOfThoseBeforeAreLeft() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(4, STAYS))
            .wave("two", "plan", "a2", whenLeft(1, 2), Stage.wreckers(2, STAYS))
            .event(
                "cull",
                Stage.elapsed(10),
                kill(0, "one", "{'type':'atLeast','count':%s}".formatted(count(2))))
            .event(
                "more",
                Stage.elapsed(20),
                kill(0, "one", "{'type':'atLeast','count':%s}".formatted(count(1))))
            .after(500);
    assertThat(standing(world, 0)).isEqualTo(1);
    // The third falls in the step after the action; two seconds later the next wave comes.
    assertThat(came(world, "two")).isBetween(440, 443);
    assertThat(cleared(world, "one")).isZero();
  }

  @Test
  void aStragglerHoldsUpTheNextWaveNoLongerThanIsSaid() {
    String comes = "{'type':'whenLeftOrAfter','left':%s,'gap':0,'latest':12}".formatted(count(0));
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(1, STAYS))
            .wave("two", "plan", "a2", comes, Stage.wreckers(1, STAYS))
            .after(400);
    assertThat(came(world, "two") - came(world, "one")).isEqualTo(240);
  }

  @ParameterizedTest
  @CsvSource({"CALM,3", "BREEZY,4", "ROUGH,5", "STORM,6"})
  void pressureMultipliesWhoComes(Difficulty difficulty, int many) {
    // 4 x 0.7 = 2.8, 4 x 1.3 = 5.2, 4 x 1.6 = 6.4, rounded half up.
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(4, STAYS))
            .world(difficulty, 1);
    Stage.steps(world, 30);
    assertThat(standing(world, 0)).isEqualTo(many);
  }

  @Test
  void oneMoreInACountChangesNobodyElse() {
    Stage stage =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(4, STAYS));
    List<String> calm = ids(stage.world(Difficulty.CALM, 1));
    List<String> storm = ids(stage.world(Difficulty.STORM, 1));
    assertThat(storm).hasSize(6).containsAll(calm);
  }

  private static List<String> ids(World world) {
    return IntStream.of(members(world, 0))
        .mapToObj(member -> world.plan().actors().members().get(member).ref().id())
        .toList();
  }

  @Test
  void partiesTakeTheEntrancesInTurn() {
    World world =
        stage("inTurn", UNCAPPED, 20, 100, 100, 100, 100, 20)
            .wave(
                "one",
                "plan",
                "a1",
                after(0),
                Stage.wreckers(2, STAYS),
                Stage.wreckers(2, STAYS).replace("'a1'", "'a2'"))
            .wave("two", "plan", "a2", after(1), Stage.wreckers(2, STAYS))
            .after(60);
    assertThat(nearest(world, 0, 0)).isEqualTo("20 100");
    assertThat(nearest(world, 0, 1)).isEqualTo("100 100");
    assertThat(nearest(world, 1, 0)).isEqualTo("100 20");
  }

  private static String nearest(World world, int wave, int party) {
    WaveScript.Wave of = world.plan().script().waves().getFirst().waves().get(wave);
    int member = of.parties().get(party).turns().getFirst()[0];
    for (int[] at : new int[][] {{20, 100}, {100, 100}, {100, 20}}) {
      if (Inside.of(world).space.distance(member, at[0], at[1]) < 6) {
        return at[0] + " " + at[1];
      }
    }
    return "elsewhere";
  }

  @Test
  void atRandomTheSeedChoosesTheEntrance() {
    Stage stage =
        stage("atRandom", UNCAPPED, 20, 100, 100, 100, 100, 20)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(1, STAYS));
    List<String> chosen =
        IntStream.range(0, 40)
            .mapToObj(
                seed -> {
                  World world = stage.world(seed);
                  Stage.steps(world, 30);
                  return nearest(world, 0, 0);
                })
            .toList();
    assertThat(chosen).contains("20 100", "100 100", "100 20").doesNotContain("elsewhere");
    assertThat(chosen.subList(0, 5)).hasSizeGreaterThan(1);
  }

  @Test
  void anEntranceThatIsBlockedIsPassedOver() {
    World world =
        stage("inTurn", UNCAPPED, 100, 20, 20, 100)
            .wall("a", 98, 18, 102, 18, 102, 22, 98, 22, 98, 18)
            .wall("b", 98, 20, 102, 20)
            .wall("c", 100, 18, 100, 22)
            .put("/kinds/wrecker/radius", "1")
            .wave("one", "plan", "a1", after(0), Stage.wreckers(1, STAYS))
            .after(40);
    assertThat(nearest(world, 0, 0)).isEqualTo("20 100");
  }

  @Test
  void theCapHoldsTheOthersBackUntilThereIsRoom() {
    World world =
        stage("inTurn", "{'type':'atMost','count':%s}".formatted(count(3)), 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(5, STAYS))
            .event(
                "cull",
                Stage.elapsed(10),
                kill(0, "one", "{'type':'atLeast','count':%s}".formatted(count(1))))
            .after(150);
    assertThat(standing(world, 0)).isEqualTo(3);
    Stage.steps(world, 100);
    assertThat(standing(world, 0)).as("one fell, one more came").isEqualTo(3);
    assertThat(Arrays.stream(members(world, 0)).filter(world.read()::present).count()).isEqualTo(4);
  }

  @Test
  void aWaveIsClearedOnceNobodyOfItIsLeftAndThePlanOnceEveryWaveIs() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(2, STAYS))
            .wave("two", "plan", "a2", after(3), Stage.wreckers(2, STAYS))
            .event(
                "here", Stage.all("{'type':'waveCame','wave':%s}".formatted(ref("waves", "two"))))
            .event(
                "first",
                Stage.all("{'type':'waveCleared','wave':%s}".formatted(ref("waves", "one"))))
            .event(
                "all",
                Stage.all(
                    "{'type':'wavesCleared','wavePlan':%s}".formatted(ref("wavePlans", "plan"))))
            .event(
                "kill",
                Stage.elapsed(2),
                kill(0, "one", "{'type':'all'}"),
                kill(3, "two", "{'type':'all'}"))
            .after(200);
    assertThat(Stage.fired(world, "here")).hasSize(1);
    assertThat(Stage.fired(world, "first").getFirst()).isBetween(40, 43);
    assertThat(Stage.fired(world, "all").getFirst()).isBetween(100, 103);
    assertThat(cleared(world, "two")).isEqualTo(Stage.fired(world, "all").getFirst());
  }

  @Test
  void stoppedWavesComeNoMoreUntilTheyAreStartedAgain() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(1, STAYS))
            .wave("two", "plan", "a2", after(2), Stage.wreckers(1, STAYS))
            .event(
                "stop",
                Stage.elapsed(2),
                "0|{'type':'stopWaves','wavePlan':%s}".formatted(ref("wavePlans", "plan")),
                start(8))
            .after(195);
    assertThat(came(world, "two")).isZero();
    Stage.steps(world, 60);
    assertThat(came(world, "two")).isEqualTo(240);
    assertThat(came(world, "one")).as("each comes once").isEqualTo(21);
  }

  @Test
  void aWaveIsAnnouncedAheadOfItsComing() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .put(
                "/conversations/horn",
                "{'name':'Horn','order':'a0','weight':'story','lines':{'l':{'order':'a1','speaker':%s,'text':'Boats.','gap':0,'length':{'type':'exactly','seconds':2}}}}"
                    .formatted(ref("speakers", "nobody")))
            .wave("one", "plan", "a1", after(10), Stage.wreckers(1, STAYS))
            .put(
                "/waves/one/herald",
                "{'type':'announced','conversation':%s,'ahead':4}"
                    .formatted(ref("conversations", "horn")))
            .after(300);
    List<Integer> said =
        world.causes().from(0).stream()
            .filter(entry -> entry.kind() == Causes.Kind.LINE)
            .map(Causes.Entry::step)
            .toList();
    assertThat(said).containsExactly(came(world, "one") - 80);
  }

  @Test
  void aPartyObeysItsDutyTogether() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .wave(
                "one",
                "plan",
                "a1",
                after(0),
                Stage.wreckers(
                    3,
                    "{'type':'attack','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}"))
            .put(
                "/stances/s",
                "{'one':%s,'other':%s,'attitude':'hostile'}"
                    .formatted(ref("sides", "wreckers"), ref("sides", "keepers")))
            .after(900);
    assertThat(Arrays.stream(members(world, 0)))
        .allMatch(member -> Inside.of(world).space.distance(member, 4, 4) < 40);
  }

  @Test
  void aWaveWithNoPlaceOrNobodyIsOverAtOnceAndHoldsUpNothing() {
    World world =
        stage("inTurn", UNCAPPED)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(3, STAYS))
            .wave("two", "plan", "a2", whenLeft(0, 0))
            .after(60);
    assertThat(cleared(world, "one")).isPositive();
    assertThat(cleared(world, "two")).isPositive();
  }

  @Test
  void whoFindsNoRoomForTooLongStaysAway() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .put("/setting/waterLevel", "20")
            .put("/starts/p/position", "{'x':4,'y':4}")
            .wave("one", "plan", "a1", after(0), Stage.wreckers(1, STAYS))
            .after(800);
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.STAYED_AWAY);
    assertThat(cleared(world, "one")).isPositive();
  }

  @Test
  void bringingInASideLeavesItsWavesOutside() {
    World world =
        stage("inTurn", UNCAPPED, 90, 90)
            .put("/events", "{}")
            .wave("one", "plan", "a1", after(0), Stage.wreckers(3, STAYS))
            .event(
                "come",
                Stage.elapsed(1),
                "0|{'type':'bringIn','who':%s}".formatted(Stage.allOf("wreckers")))
            .after(60);
    assertThat(standing(world, 0)).isZero();
  }

  /** A plan of a wave of three, and of one of two five seconds later, started so often. */
  private static Stage startedAt(int... seconds) {
    Stage stage =
        new Stage()
            .put("/starts/p/position", "{'x':4,'y':4}")
            .put("/stances", "{}")
            .wavePlan("plan", "inTurn", UNCAPPED, 90, 90)
            .wave("one", "plan", "a1", after(0), Stage.wreckers(3, STAYS))
            .wave("two", "plan", "a2", after(5), Stage.wreckers(2, STAYS));
    for (int at : seconds) {
      stage.event("start" + at, Stage.elapsed(at), start(0));
    }
    return stage;
  }

  private static Stage killedAt(Stage stage, int second) {
    return stage.event(
        "kill" + second,
        Stage.elapsed(second),
        kill(0, "one", "{'type':'all'}"),
        kill(0, "two", "{'type':'all'}"));
  }

  private static long logged(World world, Causes.Kind kind) {
    return world.causes().from(0).stream().filter(it -> it.kind() == kind).count();
  }

  @Test
  void aPlanWhoseWavesHaveAllComeBeginsAgainWithItsFirst() {
    World world = startedAt(1, 10).after(199);
    assertThat(standing(world, 0)).isEqualTo(3);
    assertThat(standing(world, 1)).isEqualTo(2);
    Stage.steps(world, 2);
    assertThat(came(world, "one")).isEqualTo(201);
    assertThat(came(world, "two")).as("until it comes again").isZero();
    assertThat(standing(world, 0)).as("beside those of the first turn").isEqualTo(6);
    Stage.steps(world, 100);
    assertThat(came(world, "two")).isEqualTo(301);
    assertThat(standing(world, 1)).isEqualTo(4);
    assertThat(Arrays.stream(members(world, 0)).mapToObj(world.plan()::name))
        .as("nobody is called like another")
        .doesNotHaveDuplicates();
  }

  @Test
  void aPlanThatIsUnderWayIsNotStartedAgain() {
    World world = startedAt(1, 3).after(200);
    assertThat(came(world, "one")).isEqualTo(21);
    assertThat(standing(world, 0)).isEqualTo(3);
  }

  @Test
  void aWaveIsClearedAgainEachTimeNobodyOfItIsLeft() {
    World world = killedAt(killedAt(startedAt(1, 10), 8), 25).after(170);
    assertThat(cleared(world, "one")).isEqualTo(161);
    Stage.steps(world, 40);
    assertThat(cleared(world, "one")).as("since it has come again").isZero();
    Stage.steps(world, 300);
    assertThat(cleared(world, "one")).isEqualTo(501);
    assertThat(world.read().step()).isEqualTo(510);
  }

  /** Three turns have places of their own; the fourth takes those of the dead. */
  @Test
  void whoComesInAFurtherTurnTakesThePlaceOfTheDeadOnceTheyHaveLainForTenSeconds() {
    World world = killedAt(startedAt(1, 10, 20, 30), 29).after(601);
    assertThat(standing(world, 0)).as("the dead still lie").isZero();
    assertThat(logged(world, Causes.Kind.NO_PLACE)).isEqualTo(3);
    Stage.steps(world, 178);
    assertThat(standing(world, 0)).isZero();
    Stage.steps(world, 3);
    assertThat(standing(world, 0)).isEqualTo(3);
    assertThat(Arrays.stream(members(world, 0)).filter(Inside.of(world).vitals::dead)).hasSize(6);
  }

  @Test
  void aNewcomerIsSomebodyElse() {
    World world = killedAt(startedAt(1, 10, 20, 45), 29).after(890);
    int[] before = members(world, 0);
    long[] keys = Arrays.stream(before).mapToLong(Inside.of(world).newcomers::key).toArray();
    Stage.steps(world, 30);
    int[] taken = Arrays.stream(before).filter(Inside.of(world).vitals::up).toArray();
    assertThat(taken).hasSize(3);
    for (int i = 0; i < before.length; i++) {
      boolean other = Inside.of(world).newcomers.key(before[i]) != keys[i];
      assertThat(other).isEqualTo(Inside.of(world).vitals.up(before[i]));
    }
    for (int unit : taken) {
      assertThat(world.read().health(unit)).isEqualTo(world.plan().kind(unit).health());
      assertThat(world.read().hurtAt(unit)).isZero();
      assertThat(world.read().alertness(unit)).isEqualTo(Alertness.UNAWARE);
    }
  }

  @Test
  void whoFindsAllPlacesTakenWaitsForOneAndWhoComesAfterThemStaysAway() {
    World world = startedAt(1, 10, 20, 30, 40).after(1000);
    assertThat(standing(world, 0)).isEqualTo(9);
    assertThat(logged(world, Causes.Kind.NO_PLACE)).as("the fourth turn waits").isEqualTo(5);
    assertThat(logged(world, Causes.Kind.STAYED_AWAY)).as("the fifth stays away").isEqualTo(5);
  }

  @ParameterizedTest
  @ValueSource(ints = {150, 250, 580, 640, 790, 900})
  void turnsGoOnAlikeFromAnyMomentThatWasSaved(int saved) {
    World plain = killedAt(startedAt(1, 10, 20, 30), 29).after(1200);
    World world = killedAt(startedAt(1, 10, 20, 30), 29).after(saved);
    byte[] moment = world.save();
    World other = new World(world.plan(), world.seed());
    other.load(moment);
    Stage.steps(other, 1200 - saved);
    assertThat(other.hash()).isEqualTo(plain.hash());
  }

  @Test
  void aPlanThatIsStartedOnceKeepsPlacesForOneTurnAlone() {
    assertThat(members(startedAt(1).after(1), 0)).hasSize(3);
    assertThat(members(startedAt(1, 2).after(1), 0)).hasSize(9);
  }
}
