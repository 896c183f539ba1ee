package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.space.FormationPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Zones that ride and have heights, routes that fork, tasks, formations, places by chance. */
class PlacesSceneTest {
  private static final String ALONG = "{'type':'along','route':%s}".formatted(ref("routes", "r"));

  private static Stage scene() {
    return new Stage().put("/starts/p/position", "{'x':120,'y':120}");
  }

  private static String waypoint(int order, double x, double y, String more) {
    return "'w%d':{'order':'a%d','position':{'x':%s,'y':%s},'speed':{'type':'walk'},'waits':{'type':'goesOn'}%s}"
        .formatted(order, order, x, y, more);
  }

  @Test
  void aZoneThatRidesOnSomebodyGoesWhereTheyGo() {
    World world =
        scene()
            .route("r", "once", "60 20 'walk' 'goesOn'")
            .unit("a", "keeper", 20, 20, ALONG)
            .unit("b", "keepers", "keeper", 60, 30)
            .zone("z", 20, 30, 4)
            .put("/zones/z/rides", "{'type':'unit','unit':%s}".formatted(ref("units", "a")))
            .after(2);
    assertThat(world.read().inside(number(world, "b"), 0)).isFalse();
    int step = 0;
    while (far(world, "a", 60, 20) > 2 && step++ < 4000) {
      Stage.steps(world, 1);
    }
    Stage.steps(world, 10);
    assertThat(world.read().inside(number(world, "b"), 0)).isTrue();
    assertThat(world.read().carriedEast(0)).isCloseTo(40, within(2.0));
  }

  @Test
  void nobodyIsInsideAZoneOfSomebodyWhoIsNotThere() {
    World world =
        scene()
            .unit("a", "keepers", "keeper", 20, 20)
            .put("/units/a/inPlay", "false")
            .unit("b", "keepers", "keeper", 20, 30)
            .zone("z", 20, 30, 4)
            .put("/zones/z/rides", "{'type':'unit','unit':%s}".formatted(ref("units", "a")))
            .after(5);
    assertThat(world.read().inside(number(world, "b"), 0)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"4, 6, false, true", "7, 9, true, false", "4, 9, true, true", "9, 12, false, false"})
  void aBandOfHeightsTellsWhoIsOnTheDeckFromWhoIsBelow(
      double low, double high, boolean above, boolean below) {
    World world =
        scene()
            .deck("d", 8, 0, 0, 20, 20, 40, 20, 40, 40, 20, 40)
            .unit("up", "keepers", "keeper", 30, 30)
            .route("r", "once", "24 30 'walk' 'goesOn'")
            .unit("down", "keeper", 10, 30, ALONG)
            .zone("z", 30, 30, 30)
            .put("/zones/z/height", "{'type':'between','low':%s,'high':%s}".formatted(low, high))
            .after(400);
    assertThat(world.read().deck(number(world, "up"))).isEqualTo(1);
    assertThat(world.read().deck(number(world, "down"))).isZero();
    assertThat(world.read().inside(number(world, "up"), 0)).isEqualTo(above);
    assertThat(world.read().inside(number(world, "down"), 0)).isEqualTo(below);
  }

  private static Stage fork(String way) {
    String route =
        "{'name':'r','way':'%s','waypoints':{%s,%s,%s,%s}}"
            .formatted(
                way,
                waypoint(0, 20, 60, ""),
                waypoint(1, 40, 60, ""),
                waypoint(2, 60, 80, ""),
                waypoint(3, 60, 40, ",'follows':'w1'"));
    return scene().put("/routes/r", route).unit("u", "keeper", 18, 60, ALONG);
  }

  private static List<Integer> visited(World world, int steps) {
    List<Integer> seen = new ArrayList<>();
    int unit = number(world, "u");
    for (int step = 0; step < steps; step++) {
      Stage.steps(world, 1);
      int at = Inside.of(world).progress.waypoint(unit);
      if (seen.isEmpty() || seen.getLast() != at) {
        seen.add(at);
      }
    }
    return seen;
  }

  @Test
  void atAForkEitherWayIsTakenAndTheSameOneWithTheSameSeed() {
    Set<Integer> ends = new HashSet<>();
    for (int seed = 1; seed <= 12; seed++) {
      List<Integer> seen = visited(fork("once").world(seed), 1500);
      assertThat(seen).isEqualTo(visited(fork("once").world(seed), 1500));
      assertThat(seen.subList(0, 2)).containsExactly(0, 1);
      ends.add(seen.getLast());
    }
    assertThat(ends).containsExactlyInAnyOrder(2, 3);
  }

  @Test
  void thereAndBackReturnsByTheWayItCame() {
    List<Integer> seen = visited(fork("thereAndBack").world(3), 6000);
    for (int i = 1; i < seen.size(); i++) {
      boolean joined = Math.min(seen.get(i), seen.get(i - 1)) <= 1;
      assertThat(joined).as("%s", seen).isTrue();
    }
    assertThat(seen).contains(2, 3).containsSequence(1, 0, 1);
  }

  @Test
  void aBranchMayLeadBackIntoTheRoute() {
    String route =
        "{'name':'r','way':'once','waypoints':{%s,%s,%s}}"
            .formatted(
                waypoint(0, 20, 60, ""),
                waypoint(1, 40, 60, ""),
                waypoint(2, 30, 80, ",'leads':'w0'"));
    World world = scene().put("/routes/r", route).unit("u", "keeper", 18, 60, ALONG).world(1);
    assertThat(visited(world, 3000)).containsSequence(0, 1, 2, 0, 1, 2);
  }

  @Test
  void aRouteThatIsNotOpenToASideIsNotGoneAlong() {
    World world =
        fork("once")
            .put("/routes/r/open", "{'type':'side','side':%s}".formatted(ref("sides", "wreckers")))
            .after(600);
    assertThat(far(world, "u", 18, 60)).isLessThan(1);
  }

  @Test
  void whoeverHasTheTaskPullsTheLeverAndGoesOn() {
    String route =
        "{'name':'r','way':'once','waypoints':{%s,%s}}"
            .formatted(
                waypoint(
                    0,
                    20,
                    60,
                    ",'task':{'type':'works','fixture':%s}".formatted(ref("fixtures", "l"))),
                waypoint(1, 20, 40, ""));
    World world =
        scene()
            .put("/routes/r", route)
            .gate("g", "closed", 80, 80, 82, 80)
            .lever("l", 21, 60, 1, "{'type':'opens','gate':%s}".formatted(ref("gates", "g")))
            .unit("u", "keeper", 20, 70, ALONG)
            .after(1200);
    assertThat(world.read().gate(0)).isEqualTo(org.flintmoss.mission.ground.Gate.State.OPEN);
    assertThat(far(world, "u", 20, 40)).isLessThan(2);
  }

  @Test
  void facingAndLookingAboutTakeTheirTime() {
    String looks =
        "{'name':'r','way':'once','waypoints':{%s,%s}}"
            .formatted(
                waypoint(0, 20, 60, ",'task':{'type':'looks'}"),
                waypoint(1, 20, 40, ",'task':{'type':'faces','bearing':90}"));
    World world = scene().put("/routes/r", looks).unit("u", "keeper", 20, 60, ALONG).world(1);
    int unit = number(world, "u");
    Set<Integer> quarters = new HashSet<>();
    for (int step = 0; step < 80; step++) {
      Stage.steps(world, 1);
      quarters.add((int) (world.read().facing(unit) / 90));
    }
    assertThat(quarters).containsExactlyInAnyOrder(0, 1, 2, 3);
    Stage.steps(world, 800);
    assertThat(far(world, "u", 20, 40)).isLessThan(2);
    assertThat(world.read().facing(unit)).isCloseTo(90, within(1.0));
  }

  private static Stage squad(int members, String places) {
    Stage stage = scene().squad("s", "a0", "{'type':'stay'}").put("/squads/s/places", places);
    for (int i = 0; i < members; i++) {
      stage.unit("a" + i, "keepers", "keeper", 20 + 4 * i, 20).joins("a" + i, "s");
      if (i > 1) {
        stage.put("/units/a" + i + "/belongs/fills", "'chance'");
      }
    }
    return stage;
  }

  private static String counted(int count) {
    return "{'type':'counted','count':{'count':%d,'pins':{'calm':2,'breezy':-1,'rough':-1,'storm':-1}}}"
        .formatted(count);
  }

  private static Set<String> there(World world) {
    Set<String> there = new HashSet<>();
    for (int unit = 0; unit < world.plan().units(); unit++) {
      if (world.read().present(unit) && world.plan().squadOf(unit) == 0) {
        there.add(world.plan().name(unit));
      }
    }
    return there;
  }

  @ParameterizedTest
  @CsvSource({"CALM,2", "BREEZY,4", "ROUGH,5", "STORM,6"})
  void asManyPlacesAreFilledAsTheDifficultyAsksFor(Difficulty difficulty, int many) {
    Set<Set<String>> met = new HashSet<>();
    for (int seed = 1; seed <= 8; seed++) {
      Set<String> there = there(squad(8, counted(4)).world(difficulty, seed));
      assertThat(there).hasSize(many).contains("a0", "a1");
      assertThat(there(squad(8, counted(4)).world(difficulty, seed))).isEqualTo(there);
      met.add(there);
    }
    assertThat(met.size()).isGreaterThanOrEqualTo(many == 2 ? 1 : 2);
  }

  @Test
  void nobodyIsLeftOutOfASquadThatIsNotCounted() {
    assertThat(there(squad(8, "{'type':'every'}").world(1))).hasSize(8);
  }

  @Test
  void whoIsLeftOutIsNotBroughtInEither() {
    World world =
        squad(8, counted(4))
            .event(
                "e",
                Stage.elapsed(1),
                "0|{'type':'bringIn','who':%s}".formatted(Stage.squadOf("s")))
            .after(100);
    assertThat(there(world)).hasSize(4);
  }

  @Test
  void oneMayCarryAKitOfTheirOwn() {
    World world =
        scene()
            .unit("a", "keepers", "keeper", 20, 20)
            .put(
                "/units/a/kit",
                "{'type':'own','weapons':{'x':{'order':'a0','weapon':%s}}}"
                    .formatted(ref("weapons", "crossbow")))
            .unit("b", "keepers", "keeper", 30, 20)
            .put("/units/b/kit", "{'type':'own','weapons':{}}")
            .world(1);
    assertThat(world.plan().arms(number(world, "a")))
        .extracting(it -> it.weapon().name())
        .containsExactly(world.plan().mission().weapons().get("crossbow").name());
    assertThat(world.plan().arms(number(world, "b"))).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"pairs", "file", "line", "wedge", "ring"})
  void followersKeepToTheirFormation(String formation) {
    Stage stage =
        scene()
            .squad("s", "a0", ALONG)
            .put("/squads/s/formation", "'" + formation + "'")
            .put("/squads/s/spacing", "3")
            .route("r", "once", "64 30 'walk' 'goesOn'", "64 110 'walk' 'goesOn'");
    for (int i = 0; i < 4; i++) {
      stage.unit("a" + i, "keepers", "keeper", 60 + 3 * i, 20).joins("a" + i, "s");
    }
    World world = stage.after(1900);
    FormationPlace place = new FormationPlace();
    int leader = number(world, "a0");
    for (int rank = 0; rank < 3; rank++) {
      place.in(
          org.flintmoss.mission.unit.Squad.Formation.valueOf(formation.toUpperCase()), 3, rank, 3);
      double x = world.read().x(leader) + place.aside;
      double y = world.read().y(leader) - place.back;
      assertThat(far(world, "a" + (rank + 1), x, y)).as(formation + rank).isLessThan(2.5);
    }
  }

  @Test
  void smokeHidesWhomOneWouldSeeAndOnlyWhileItGoesOn() {
    for (boolean on : new boolean[] {true, false}) {
      World world =
          scene()
              .unit("g", "wreckers", "wrecker", 40, 40)
              .unit("k", "keepers", "keeper", 40, 55)
              .effect("f", "smoke", 40, 47, 4, on)
              .after(60);
      assertThat(Inside.of(world).knowledge.target(number(world, "g")) >= 0).isEqualTo(!on);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "smoke, 3, true",
    "smoke, 1, false",
    "spray, 3, false",
    "spray, 8, true",
    "light, 8, false"
  })
  void howThickACloudIsTellsWhetherItHides(String look, double radius, boolean hides) {
    World world = scene().effect("f", look, 40, 47, radius, true).after(1);
    assertThat(Inside.of(world).effects.clear(40, 30, 40, 64)).isEqualTo(!hides);
    assertThat(Inside.of(world).effects.clear(60, 30, 60, 64)).isTrue();
    assertThat(Inside.of(world).effects.clear(40, 47, 40, 47.5)).isTrue();
  }

  @Test
  void aSoundThatGoesOnDrownsNoises() {
    for (boolean on : new boolean[] {true, false}) {
      World world =
          scene()
              .unit("g", "wreckers", "wrecker", 40, 20)
              .effect("f", "sound", 40, 20, 6, on)
              .event(
                  "e",
                  Stage.elapsed(1),
                  "0|{'type':'sound','place':%s,'loudness':40}".formatted(Stage.point(40, 45)))
              .after(60);
      boolean heard =
          world.read().alertness(number(world, "g"))
              != org.flintmoss.mission.sentence.Condition.Alertness.UNAWARE;
      assertThat(heard).isEqualTo(!on);
    }
  }

  @Test
  void aFireAtNightShowsWhoStandsBesideIt() {
    int[] noticed = new int[2];
    for (int fire = 0; fire < 2; fire++) {
      World world =
          scene()
              .put("/setting/startTime", "3600")
              .unit("g", "wreckers", "wrecker", 40, 40)
              .unit("k", "keepers", "keeper", 40, 58)
              .effect("f", "fire", 41, 58, 12, fire == 1)
              .world(1);
      while (Inside.of(world).knowledge.target(number(world, "g")) < 0
          && world.read().step() < 2000) {
        Stage.steps(world, 1);
      }
      noticed[fire] = world.read().step();
    }
    assertThat(noticed[1]).isLessThan(noticed[0]);
  }
}
