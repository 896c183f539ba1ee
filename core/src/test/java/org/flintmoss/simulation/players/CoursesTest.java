package org.flintmoss.simulation.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Position;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Ground;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/** Zones that players pass in order. */
class CoursesTest {
  /** Three zones, and players p and q beside them. */
  private static Stage stage() {
    return new Stage()
        .zone("a", 40, 40, 3)
        .zone("b", 60, 40, 3)
        .zone("c", 80, 40, 3)
        .start("q", 100, 100);
  }

  private static Stage course(Stage stage, boolean circuit, int laps, String... zones) {
    String passages =
        IntStream.range(0, zones.length)
            .mapToObj(
                i -> "'p%d':{'order':'a%d','zone':%s}".formatted(i, i, ref("zones", zones[i])))
            .collect(Collectors.joining(","));
    return stage.put(
        "/courses/k",
        "{'name':'Run','passages':{%s},'circuit':%s,'laps':%d,'shown':true}"
            .formatted(passages, circuit, laps));
  }

  /** Puts a player in the middle of a zone, or beside all of them, and takes a step. */
  private static void go(World world, String player, String zone) {
    double x = zone.isEmpty() ? 100 : 40 + 20 * (zone.charAt(0) - 'a');
    Inside.of(world).body.stand(Stage.number(world, player), x, zone.isEmpty() ? 100 : 40);
    world.step(List.of());
  }

  private static ToldReadings.OnCourse on(World world, String player) {
    return world.told().onCourse(0, world.plan().seatOf(Stage.number(world, player)));
  }

  @Test
  void zonesCountInTheirOrderAlone() {
    World world = course(stage(), false, 1, "a", "b", "c").world(1);
    go(world, "p", "b");
    go(world, "p", "c");
    assertThat(on(world, "p").passed()).isZero();
    assertThat(on(world, "p").seconds()).isZero();
    go(world, "p", "a");
    go(world, "p", "c");
    assertThat(on(world, "p").passed()).isEqualTo(1);
    go(world, "p", "b");
    go(world, "p", "c");
    assertThat(on(world, "p").passed()).isEqualTo(3);
    assertThat(on(world, "p").next()).isEqualTo(-1);
    assertThat(on(world, "p").laps()).isEqualTo(1);
    assertThat(on(world, "p").seconds()).isEqualTo(0.15);
    Stage.steps(world, 20);
    assertThat(on(world, "p").seconds()).as("it has stopped").isEqualTo(0.15);
    assertThat(on(world, "q").passed()).as("each for themselves").isZero();
    assertThat(world.causes().from(0).stream().map(Causes.Entry::kind))
        .containsSubsequence(
            Causes.Kind.COURSE_PASSED, Causes.Kind.COURSE_PASSED, Causes.Kind.COURSE_FINISHED);
  }

  @Test
  void aCircuitIsDoneWhenItsFirstZoneIsPassedAgain() {
    World world = course(stage(), true, 2, "a", "b").world(1);
    for (String zone : List.of("a", "", "b")) {
      go(world, "p", zone);
    }
    assertThat(on(world, "p")).isEqualTo(new ToldReadings.OnCourse(2, 5, 0, 0.1, 0.1, 0, 1, 0));
    go(world, "p", "a");
    assertThat(on(world, "p").laps()).isEqualTo(1);
    assertThat(on(world, "p").bestLap()).isEqualTo(0.15);
    for (String zone : List.of("b", "a")) {
      go(world, "p", zone);
    }
    assertThat(on(world, "p"))
        .isEqualTo(new ToldReadings.OnCourse(5, 5, 2, 0.25, 0.25, 0.1, 1, -1));
    go(world, "p", "b");
    assertThat(on(world, "p").passed()).as("nothing counts after the finish").isEqualTo(5);
  }

  /** Events that listen for what happens on the course. */
  private static Stage listening(Stage stage) {
    String players = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
    for (String what : List.of("passesZone", "goesWrong", "finishesLap", "finishesCourse")) {
      stage.event(
          what.toLowerCase(Locale.ROOT),
          0,
          "{'type':'whenFalse'}",
          "{'type':'%s','who':%s,'course':%s}".formatted(what, players, ref("courses", "k")));
    }
    return stage;
  }

  @Test
  void eachZoneLapAndFinishIsSomethingThatHappensThroughThePlayer() {
    World world = listening(course(stage(), true, 2, "a", "b")).world(1);
    for (String zone : List.of("a", "", "b", "a", "b", "a", "b")) {
      go(world, "p", zone);
    }
    assertThat(Stage.fired(world, "passeszone")).containsExactly(1, 3, 4, 5, 6);
    assertThat(Stage.fired(world, "finisheslap")).containsExactly(4, 6);
    assertThat(Stage.fired(world, "finishescourse")).containsExactly(6);
    assertThat(Stage.fired(world, "goeswrong")).isEmpty();
    assertThat(
            world.causes().from(0).stream()
                .filter(it -> it.kind() == Causes.Kind.FIRED)
                .map(Causes.Entry::detail))
        .containsOnly(Stage.number(world, "p"));
  }

  @Test
  void aZoneOutOfItsTurnIsWrongOnceForEachTimeItIsEntered() {
    World world = listening(course(stage(), false, 1, "a", "b", "c")).world(1);
    go(world, "p", "c");
    assertThat(Stage.fired(world, "goeswrong")).as("it has not begun").isEmpty();
    for (String zone : List.of("a", "c", "c", "", "c", "", "a", "b", "a", "c")) {
      go(world, "p", zone);
    }
    assertThat(Stage.fired(world, "goeswrong"))
        .as("c twice; the last one that was passed is no fault, the first later is")
        .containsExactly(3, 6, 10);
    assertThat(Stage.fired(world, "finishescourse")).containsExactly(11);
    go(world, "p", "a");
    assertThat(Stage.fired(world, "goeswrong")).as("it is over").hasSize(3);
  }

  @Test
  void whoGoesWrongIsToldWhatIsNextAndNobodyElseIs() {
    World world = course(stage(), false, 1, "a", "b", "c").world(1);
    PlayerFeed p = new PlayerFeed(world, world.plan().seatOf(Stage.number(world, "p")));
    PlayerFeed q = new PlayerFeed(world, world.plan().seatOf(Stage.number(world, "q")));
    p.hello(Stage.HERE);
    q.hello(Stage.HERE);
    go(world, "p", "a");
    p.news();
    go(world, "p", "c");
    assertThat(p.news()).contains(new TrialMessage.WrongZone(2, "Run", "b"));
    assertThat(q.news()).noneMatch(TrialMessage.WrongZone.class::isInstance);
    assertThat(p.news()).noneMatch(TrialMessage.WrongZone.class::isInstance);
  }

  @Test
  void aZoneThatStandsTwiceInARowIsLeftAndEnteredAgain() {
    World world = course(stage(), true, 2, "a").world(1);
    go(world, "p", "a");
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).isEqualTo(1);
    go(world, "p", "");
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).isEqualTo(2);
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).isEqualTo(2);
  }

  @Test
  void zonesThatLieOverEachOtherArePassedInOneStepButEachOnce() {
    World world = course(stage().zone("d", 40, 40, 9), true, 1, "a", "d").world(1);
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).isEqualTo(2);
    go(world, "p", "");
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).as("the first once more").isEqualTo(3);
  }

  @Test
  void whoPassedMoreIsAheadAndThenWhoPassedItEarlier() {
    World world = course(stage(), false, 1, "a", "b").world(1);
    assertThat(on(world, "p").place()).isEqualTo(1);
    assertThat(on(world, "q").place()).as("nobody has begun").isEqualTo(1);
    go(world, "q", "a");
    assertThat(on(world, "p").place()).isEqualTo(2);
    go(world, "p", "a");
    assertThat(on(world, "p").place()).as("later").isEqualTo(2);
    go(world, "p", "b");
    assertThat(on(world, "p").place()).isEqualTo(1);
    assertThat(on(world, "q").place()).isEqualTo(2);
  }

  @Test
  void whoPassesAtOnceSharesAPlace() {
    World world = course(stage(), false, 1, "a", "b").world(1);
    Inside.of(world).body.stand(Stage.number(world, "q"), 41.5, 40);
    go(world, "p", "a");
    assertThat(on(world, "p").passed()).isEqualTo(1);
    assertThat(on(world, "q").passed()).isEqualTo(1);
    assertThat(on(world, "p").place()).isEqualTo(1);
    assertThat(on(world, "q").place()).isEqualTo(1);
  }

  @Test
  void zonesThatAreGoneAreLeftOutAndACourseOfNoneIsNeverBegun() {
    World some = course(stage(), false, 1, "a", "nowhere", "b").world(1);
    assertThat(on(some, "p").of()).isEqualTo(2);
    World none = course(stage(), true, 3).world(1);
    go(none, "p", "a");
    assertThat(on(none, "p")).isEqualTo(new ToldReadings.OnCourse(0, 0, 0, 0, 0, 0, 1, -1));
    assertThat(new PlayerFeed(none, 0).news()).contains(new TrialMessage.Courses(List.of()));
  }

  @Test
  void aSavedRunGoesOnWhereItWas() {
    World world = course(stage(), true, 2, "a", "b").world(1);
    go(world, "p", "a");
    go(world, "p", "b");
    byte[] saved = world.save();
    go(world, "p", "a");
    long hash = world.hash();
    ToldReadings.OnCourse then = on(world, "p");
    world.load(saved);
    assertThat(on(world, "p").passed()).isEqualTo(2);
    go(world, "p", "a");
    assertThat(on(world, "p")).isEqualTo(then);
    assertThat(world.hash()).isEqualTo(hash);
  }

  @Test
  void eachPlayerIsToldHowTheyStandAndWhereTheNextZoneIs() {
    World world = course(stage(), true, 2, "a", "b").world(1);
    PlayerFeed feed = new PlayerFeed(world, world.plan().seatOf(Stage.number(world, "p")));
    feed.hello(Stage.HERE);
    assertThat(feed.news()).contains(shown(0, 1, 0, new Position(40, 40)));
    go(world, "p", "a");
    assertThat(feed.news()).contains(shown(1, 1, 0, new Position(60, 40)));
    world.step(List.of());
    assertThat(feed.news())
        .as("not told again while it reads the same")
        .noneMatch(TrialMessage.Courses.class::isInstance);
  }

  private static TrialMessage shown(int passed, int lap, int seconds, Position next) {
    return new TrialMessage.Courses(
        List.of(new TrialMessage.ShownCourse("Run", passed, 5, lap, 2, seconds, 0, 0, 1, 2, next)));
  }

  @Test
  void aSplitIsWhatItTookToTheZoneThatWasPassedLast() {
    World world = course(stage(), false, 1, "a", "b", "c").world(1);
    assertThat(on(world, "p").split()).isZero();
    go(world, "p", "a");
    int from = world.read().step();
    Stage.steps(world, 30);
    assertThat(on(world, "p").split()).isZero();
    go(world, "p", "b");
    double took = (world.read().step() - from) / 20.0;
    assertThat(on(world, "p").split()).isCloseTo(took, within(0.051));
    double split = on(world, "p").split();
    Stage.steps(world, 20);
    assertThat(on(world, "p").split()).isEqualTo(split);
    assertThat(on(world, "p").seconds()).isGreaterThan(split + 0.9);
  }

  @Test
  void whatIsHiddenIsNotTold() {
    Stage stage = course(stage(), false, 1, "a").put("/courses/k/shown", "false");
    assertThat(new PlayerFeed(stage.world(1), 0).news())
        .contains(new TrialMessage.Courses(List.of()));
  }

  @Test
  void aCourseOfNoZonesIsFound() {
    Stage stage = course(stage(), false, 1);
    var mission = stage.mission();
    Ground ground = Ground.of(mission.setting().terrain(), Samples.blank());
    assertThat(Checks.of(stage.document(), mission, ground))
        .filteredOn(it -> it.rule() == Rule.COURSE_WITHOUT_ZONES)
        .singleElement()
        .satisfies(
            it -> assertThat(it.says()).isEqualTo("Run has no zones yet: nobody can begin it."));
  }
}
