package org.flintmoss.check.way;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.check.Checks;
import org.flintmoss.check.finding.Finding;
import org.junit.jupiter.api.Test;

class WayChecksTest {
  private static List<String> says(Stage stage) {
    return Checks.of(stage.document(), stage.mission(), stage.ground()).stream()
        .map(Finding::says)
        .toList();
  }

  private static Stage crossing(Stage stage, double x, double y, double toX, double toY) {
    return stage.put(
        "/crossings/c",
        ("{'name':'Rope','manner':'climb','from':{'x':%s,'y':%s},'fromLevel':{'type':'top'},"
                + "'to':{'x':%s,'y':%s},'toLevel':{'type':'top'},'back':true,"
                + "'takes':{'type':'asLong'},'open':'everybody'}")
            .formatted(x, y, toX, toY));
  }

  @Test
  void aDropThatKillsIsTold() {
    Stage low = new Stage().deck("d", 9, 0, 0, 30, 30, 42, 30, 42, 50, 30, 50);
    String drop = "'drop'";
    assertThat(says(crossing(low, 40, 40, 44, 40).put("/crossings/c/manner", drop)))
        .noneMatch(it -> it.contains("a fall of"));
    Stage high = low.put("/decks/d/top", "29");
    assertThat(says(crossing(high, 40, 40, 44, 40).put("/crossings/c/manner", drop)))
        .anyMatch(it -> it.contains("Rope is a fall of 24.0 m, which kills a"));
  }

  @Test
  void aCrossingThatEndsWhereItBeginsOrInAWallIsTold() {
    assertThat(says(crossing(new Stage(), 40, 40, 44, 40))).noneMatch(it -> it.contains("Rope"));
    assertThat(says(crossing(new Stage(), 40, 40, 40, 40)))
        .contains("Rope leads nowhere: it ends where it begins. Drag one end away.");
    assertThat(says(crossing(new Stage().wall("w", 44, 30, 44, 50), 40, 40, 44, 40)))
        .contains("Rope ends where nobody can stand. Drag that end to where there is room.");
  }

  @Test
  void whoStandsInTheirOwnNoGoIsTold() {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "lookout", 40, 40)
            .zone("z", 40, 40, 6)
            .put("/zones/z/noGo/walkers", "true");
    assertThat(says(stage))
        .contains("w stands in z, which is no-go for it. Move it out, or let it in.");
    stage.put("/zones/z/noGo/walkers", "false").put("/zones/z/noGo/wheels", "true");
    assertThat(says(stage)).noneMatch(it -> it.contains("no-go"));
  }

  @Test
  void aNoGoThatRidesHoldsNobodyBack() {
    Stage stage =
        new Stage()
            .zone("z", 64, 64, 6)
            .put("/zones/z/noGo/beasts", "true")
            .put(
                "/zones/z/rides",
                "{'type':'start','start':%s}".formatted(Stage.ref("starts", "p")));
    assertThat(says(stage))
        .contains("z rides on somebody, and so holds nobody back. Let it stand still.");
  }

  private static Stage bounded() {
    return new Stage()
        .put(
            "/zones/z",
            "{'name':'Yard','shape':{'type':'rectangle','centre':{'x':64,'y':64},'width':40,'depth':40,'bearing':0},'hue':1,'hatch':'rising'}")
        .does("z", "b", "{'type':'bounds'}");
  }

  @Test
  void aBoundaryThatPlayersCanLeaveIsToldWithWhereAndHow() {
    assertThat(says(bounded()))
        .anyMatch(it -> it.startsWith("Player can leave the boundary on foot at E"));
    Stage walled = bounded().wall("w", 44, 44, 84, 44, 84, 84, 44, 84, 44, 44);
    assertThat(says(walled)).noneMatch(it -> it.contains("boundary"));
    assertThat(says(walled.put("/walls/w/height", "1.2")))
        .anyMatch(it -> it.startsWith("Player can leave the boundary by a climb at E"));
  }

  @Test
  void aWaypointAtAHeightIsAskedForOnItsSurface() {
    Stage stage =
        new Stage()
            .deck("d", 12, 0, 0, 60, 60, 80, 60, 80, 80, 60, 80)
            .route("r", "once", "70 70 'walk' 'goesOn'")
            .unit(
                "w",
                "lookout",
                64,
                40,
                "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")));
    stage.put("/routes/r/waypoints/w0/height", "{'type':'at','height':7}");
    assertThat(says(stage)).anyMatch(it -> it.startsWith("w cannot reach waypoint 1 of r."));
    stage.put("/routes/r/waypoints/w0/height", "{'type':'at','height':0}");
    assertThat(says(stage)).noneMatch(it -> it.contains("cannot reach"));
  }

  @Test
  void whoCannotReachTheirWaypointIsToldWhy() {
    Stage stage =
        new Stage()
            .wall("sea-wall", 0, 60, 128, 60)
            .route("r", "once", "64 100 'walk' 'goesOn'")
            .unit(
                "w",
                "lookout",
                64,
                40,
                "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")));
    assertThat(says(stage))
        .anyMatch(
            it ->
                it.startsWith("w cannot reach waypoint 1 of r.")
                    && it.contains("sea-wall is in the way."));
  }
}
