package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.flintmoss.Stage;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.terrain.Decks;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is opened by hand is taken for open where ways are reckoned beforehand, at its price. */
class TollsTest {
  private static Stage wall(double seconds) {
    return new Stage()
        .wall("west", 0, 64, 63, 64)
        .wall("east", 65, 64, 128, 64)
        .gate("g", "closed", 63, 64, 65, 64)
        .put(
            "/gates/g/hand",
            "{'type':'opened','open':{'type':'all'},'needs':{'type':'nothing'},'seconds':{'value':%s,'levels':{},'perPlayer':0},'noise':0,'shuts':0}"
                .formatted(seconds));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 3, 40})
  void reachCountsTheTimeThatADoorTakesOnce(double seconds) {
    double open = across(wall(seconds).put("/gates/g/stands", "'open'"));
    assertThat(open).isBetween(8.0, 10.0);
    assertThat(across(wall(seconds))).isCloseTo(open + seconds, within(1e-9));
  }

  private static double across(Stage stage) {
    Reach reach = Reach.from(Walks.map(stage), Decks.GROUND, 64.25, 60.25, 1);
    return reach.seconds(Decks.GROUND, 64.25, 68.25);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 3})
  void aWayLeadsThroughIt(double seconds) {
    NavigationMap map = Walks.map(wall(seconds));
    double[] way = new double[40];
    int corners =
        new PathFinder(map).find(Decks.GROUND, 64.25, 60.25, Decks.ANY, 64.25, 68.25, 1, way);
    assertThat(corners).isPositive();
    assertThat(way[corners * 2 - 1]).isEqualTo(68.25);
  }
}
