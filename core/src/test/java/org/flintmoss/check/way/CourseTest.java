package org.flintmoss.check.way;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Position;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.junit.jupiter.api.Test;

/** What is told of a route's legs while it is drawn. */
class CourseTest {
  private static Course.Stop stop(double x, double y, Route.Speed speed) {
    return new Course.Stop(new Position(x, y), new Route.AnyLevel(), speed);
  }

  private static Course course(Stage stage, String route, List<Course.Stop> stops) {
    Mission mission = stage.mission();
    Land land = Land.of(mission, stage.ground());
    Kind kind = (Kind) mission.find(Course.kind(mission, route));
    NavigationMap map = NavigationMap.of(land, Mover.of(kind), 0);
    WhyNot.Ways ways = new WhyNot.Ways(0, land.obstacles().first());
    List<List<Integer>> legs =
        IntStream.range(1, stops.size()).mapToObj(i -> List.of(i - 1, i)).toList();
    Course.Asked asked = new Course.Asked(route, stops, legs);
    return Course.of(mission, ways, land, map, Course.kind(mission, route), asked);
  }

  private static Kind keeper(Stage stage) {
    return stage.mission().kinds().get("keeper");
  }

  @Test
  void eachLegTakesItsLengthAtItsOwnSpeed() {
    Stage stage = new Stage().unit("u", "keeper", 10, 10, "{'type':'stay'}");
    Course course =
        course(
            stage,
            "",
            List.of(
                stop(20, 64, new Route.AtAWalk()),
                stop(60, 64, new Route.AtAWalk()),
                stop(100, 64, new Route.AtARun()),
                stop(100, 84, new Route.AtSpeed(0.5))));
    double pace = 0.85;
    assertThat(course.of().id()).isEqualTo("keeper");
    assertThat(course.legs().get(0).seconds())
        .isCloseTo(40 / pace / keeper(stage).walk(), within(1e-6));
    assertThat(course.legs().get(1).seconds())
        .isCloseTo(40 / pace / keeper(stage).run(), within(1e-6));
    assertThat(course.legs().get(2).seconds()).isCloseTo(20 / pace / 0.5, within(1e-6));
  }

  @Test
  void aLegThatAWallBarsSaysSoAndOneRoundItTakesLonger() {
    Stage stage =
        new Stage()
            .unit("u", "keeper", 10, 10, "{'type':'stay'}")
            .wall("w", 64, 0, 64, 100)
            .wall("a", 90, 90, 110, 90, 110, 110, 90, 110, 90, 90);
    Course course =
        course(
            stage,
            "",
            List.of(
                stop(50, 50, new Route.AtAWalk()),
                stop(80, 50, new Route.AtAWalk()),
                stop(100, 100, new Route.AtAWalk())));
    Course.Leg round = course.legs().get(0);
    assertThat(round.reached()).isTrue();
    assertThat(round.seconds()).isGreaterThan(100 / keeper(stage).walk());
    assertThat(round.way().size()).isGreaterThan(2);
    Course.Leg barred = course.legs().get(1);
    assertThat(barred.reached()).isFalse();
    assertThat(barred.seconds()).isZero();
    assertThat(barred.says()).contains("a").contains("It would do to put a gate into");
  }

  @Test
  void itIsReckonedForThoseWhoGoAlongTheRoute() {
    Stage stage =
        new Stage()
            .route("r", "once", "20 20 'walk' 'goesOn'")
            .unit("a", "keeper", 10, 10, "{'type':'stay'}")
            .unit("b", "keeper", 12, 10, "{'type':'stay'}")
            .unit(
                "c",
                "wrecker",
                14,
                10,
                "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")));
    assertThat(Course.kind(stage.mission(), "r").id()).isEqualTo("wrecker");
    assertThat(Course.kind(stage.mission(), "").id()).isEqualTo("keeper");
  }

  @Test
  void aLegToNowhereIsRefused() {
    Stage stage = new Stage().unit("u", "keeper", 10, 10, "{'type':'stay'}");
    Mission mission = stage.mission();
    Land land = Land.of(mission, stage.ground());
    NavigationMap map = NavigationMap.of(land, Mover.of(keeper(stage)), 0);
    Course.Asked asked =
        new Course.Asked("", List.of(stop(1, 1, new Route.AtAWalk())), List.of(List.of(0, 3)));
    assertThatThrownBy(
            () ->
                Course.of(
                    mission,
                    new WhyNot.Ways(0, land.obstacles().first()),
                    land,
                    map,
                    Course.kind(mission, ""),
                    asked))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("/legs/0/1");
  }
}
