package org.flintmoss.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SortedMap;
import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.check.finding.Section;
import org.flintmoss.check.place.Footing;
import org.flintmoss.check.place.Shelter;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.Filling;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Sections, shelter, places beside, and how likely places are filled. The stage lies 5 m high. */
class GroundQuestionsTest {
  private static Section along(Stage stage, double toX, double toY, double eye, double mark) {
    Mission mission = stage.mission();
    Kind keeper = mission.kinds().get("keeper");
    return Section.along(
        mission, stage.ground(), new Section.Line(20, 20, toX, toY, eye, mark), keeper);
  }

  @ParameterizedTest
  @CsvSource({
    "20, 80, 0, 60",
    "80, 20, 90, 60",
    "20, 5, 180, 15",
    "5, 20, 270, 15",
    "50, 60, 36.87, 50"
  })
  void aSectionKnowsLengthAndBearing(double x, double y, double bearing, double length) {
    Section section = along(new Stage(), x, y, 1.6, 1.2);
    assertThat(section.length()).isCloseTo(length, within(1e-9));
    assertThat(section.bearing()).isCloseTo(bearing, within(0.01));
    assertThat(section.slope()).isZero();
    assertThat(section.heights()).containsOnly(5);
    assertThat(section.sight()).isEqualTo(section.length());
  }

  @Test
  void walkingTakesLengthBySpeedAndPace() {
    Section section = along(new Stage(), 20, 80, 1.6, 1.2);
    assertThat(section.seconds()).isCloseTo(60 / (1.6 * 0.85), within(0.01));
  }

  @Test
  void aWallHidesWhatIsBehindItUnlessOneLooksOverIt() {
    Stage stage = new Stage().wall("w", 0, 50, 100, 50);
    Section low = along(stage, 20, 80, 1.6, 1.2);
    assertThat(low.sight()).isCloseTo(30, within(0.6));
    assertThat(low.obstacles()).singleElement().extracting(it -> it.height()).isEqualTo(2.0);
    assertThat(low.obstacles().getFirst().at()).isCloseTo(30, within(1e-6));
    assertThat(along(stage, 20, 80, 4, 3).sight()).isEqualTo(60);
  }

  @Test
  void aDeckIsShownWhereItLiesAndStopsWhoLooksUpThroughIt() {
    Stage stage = new Stage().deck("d", 8, 0, 0, 10, 40, 30, 40, 30, 60, 10, 60);
    Section section = along(stage, 20, 80, 1.6, 30);
    assertThat(section.decks())
        .singleElement()
        .satisfies(
            slab -> {
              assertThat(slab.from()).isCloseTo(20, within(0.5));
              assertThat(slab.to()).isCloseTo(40, within(0.5));
              assertThat(slab.top()).isEqualTo(8);
            });
    assertThat(along(stage, 20, 60, 1.6, 4).sight()).isBetween(18.0, 24.0);
  }

  @Test
  void behindAWallOneIsShelteredFromItsSideOnly() {
    Stage stage = new Stage().wall("w", 54, 66, 74, 66);
    List<Shelter.Ray> rays = Shelter.around(stage.mission(), stage.ground(), 64, 64);
    assertThat(rays).hasSize(Shelter.RAYS);
    assertThat(rays.getFirst().reach()).isLessThan(3);
    assertThat(rays.get(Shelter.RAYS / 2).reach()).isEqualTo(Shelter.FAR);
  }

  @Test
  void aCrateGivesCoverToWhoStandsCloseBehindIt() {
    Stage stage = new Stage().prop("c", "crate", 64, 65, 0);
    List<Shelter.Ray> rays = Shelter.around(stage.mission(), stage.ground(), 64, 64);
    assertThat(rays.getFirst().cover()).isPositive();
    assertThat(rays.get(Shelter.RAYS / 2).cover()).isZero();
  }

  @Test
  void besideWhatStandsInTheWayThereIsAPlaceToStand() {
    Stage stage =
        new Stage().prop("c", "crate", 30, 30, 0).unit("u", "keepers", "keeper", 31.5, 30);
    Mission mission = stage.mission();
    Footing footing = new Footing(mission, stage.ground());
    Kind keeper = mission.kinds().get("keeper");
    assertThat(footing.why(keeper, new org.flintmoss.mission.word.Level.Top(), 30, 30, null))
        .isPresent();
    Position beside =
        footing
            .beside(keeper, new org.flintmoss.mission.word.Level.Top(), 30, 30, null)
            .orElseThrow();
    assertThat(
            footing.why(
                keeper, new org.flintmoss.mission.word.Level.Top(), beside.x(), beside.y(), null))
        .isEmpty();
    assertThat(Math.hypot(beside.x() - 30, beside.y() - 30)).isLessThan(3);
  }

  /** Those in the way are looked up by square; held against looking at everybody. */
  @Test
  void whoAlreadyStandsAtAPlaceIsFoundWhereverTheSquaresMeet() {
    SplittableRandom random = new SplittableRandom(4);
    Stage stage = new Stage().put("/starts", "{}");
    for (int i = 0; i < 60; i++) {
      stage.unit("u" + i, "keepers", "keeper", random.nextInt(12, 116), random.nextInt(12, 116));
    }
    Mission mission = stage.mission();
    Footing footing = new Footing(mission, stage.ground());
    Kind keeper = mission.kinds().get("keeper");
    for (int i = 0; i < 2000; i++) {
      double x = random.nextDouble(10, 118);
      double y = random.nextDouble(10, 118);
      boolean crowded =
          mission.units().values().stream()
              .anyMatch(
                  it ->
                      Math.hypot(it.position().x() - x, it.position().y() - y)
                          < 2 * keeper.radius());
      assertThat(
              footing
                  .why(keeper, new org.flintmoss.mission.word.Level.Top(), x, y, null)
                  .isPresent())
          .isEqualTo(crowded);
    }
    Ref self = new Ref(Family.UNITS, "u0");
    Position at = mission.units().get("u0").position();
    Footing alone =
        new Footing(
            new Stage().unit("u0", "keepers", "keeper", at.x(), at.y()).mission(), stage.ground());
    assertThat(alone.why(keeper, new org.flintmoss.mission.word.Level.Top(), at.x(), at.y(), self))
        .isEmpty();
  }

  private static Stage squad(int members, int count) {
    Stage stage =
        new Stage()
            .squad("s", "a0", "{'type':'stay'}")
            .put(
                "/squads/s/places",
                "{'type':'counted','count':{'count':%d,'pins':{'calm':1,'breezy':-1,'rough':-1,'storm':-1}}}"
                    .formatted(count));
    for (int i = 0; i < members; i++) {
      stage.unit("a" + i, "keepers", "keeper", 20 + 4 * i, 20).joins("a" + i, "s");
      if (i != 1) {
        stage.put("/units/a" + i + "/belongs/fills", "'chance'");
      }
    }
    return stage;
  }

  @ParameterizedTest
  @EnumSource(Difficulty.class)
  void howLikelyAPlaceIsFilledIsHowOftenItIs(Difficulty difficulty) {
    Mission mission = squad(6, 4).mission();
    SortedMap<String, Double> chances = Filling.chances(mission, new Terms(difficulty, 1));
    Plan plan = Plans.compile(mission, _ -> java.util.Optional.empty(), difficulty);
    int runs = 600;
    int[] there = new int[6];
    for (int seed = 1; seed <= runs; seed++) {
      World world = new World(plan, seed);
      for (int i = 0; i < 6; i++) {
        there[i] += world.read().present(Stage.number(world, "a" + i)) ? 1 : 0;
      }
    }
    assertThat(chances.get("a0")).isEqualTo(1);
    assertThat(chances.get("a1")).isEqualTo(1);
    for (int i = 0; i < 6; i++) {
      assertThat((double) there[i] / runs).isCloseTo(chances.get("a" + i), within(0.08));
    }
  }
}
