package org.flintmoss.navigation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.flintmoss.Stage;
import org.flintmoss.navigation.map.ConnectedComponentsTest;
import org.flintmoss.navigation.map.NavigationGraph;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Gaps that nobody has put a gate into are found wherever they lie. */
class NarrowTest {
  /** The walker is 0.6 m across; how wide the gap is, how long, and whether they get through. */
  @ParameterizedTest
  @CsvSource({
    "0.75, 0, true",
    "0.75, 6, true",
    "0.9, 6, true",
    "1.2, 3, true",
    "0.55, 0, false",
    "0.55, 6, false"
  })
  void whoFitsGetsThroughABareGapWhereverItLies(double wide, double deep, boolean through) {
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < 40; i++) {
      double turn = i % 4 == 0 ? 0 : random.nextDouble(90);
      double x = 60 + random.nextDouble();
      double y = 60 + random.nextDouble();
      Stage stage = new Stage().pen(x, y, turn, wide, deep);
      assertThat(Walks.map(stage).joined(0, 20, 20, 0, x, y))
          .as("turned by %s about %s, %s", turn, x, y)
          .isEqualTo(through);
    }
  }

  /** Where one can walk on the map, one can walk: nothing stands in any step of it. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void noStepLeadsThroughAnything(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = ConnectedComponentsTest.obstacles(random);
    for (int i = 0; i < 140; i++) {
      double x = 60 + random.nextDouble(12);
      double y = 60 + random.nextDouble(12);
      stage.prop("crowd" + i, "crate", x, y, random.nextInt(90));
    }
    NavigationMap map = Walks.map(stage, new Ground(ConnectedComponentsTest.hills(random)), 0.3);
    NavigationGraph graph = map.graph();
    int[] around = new int[graph.mostNeighbours()];
    Stand closed = graph.obstacles.open();
    int shifted = 0;
    for (int place = graph.cells(); place < graph.places(); place++) {
      int many = map.free(place) ? map.steps(place, around) : 0;
      shifted += many > 0 && graph.shifted(place) ? 1 : 0;
      for (int i = 0; i < many; i++) {
        double x = graph.x(place);
        double y = graph.y(place);
        double feet = graph.feet(graph.deck(place), x, y);
        double toX = graph.x(around[i]);
        double toY = graph.y(around[i]);
        assertThat(graph.obstacles.clear(x, y, toX, toY, 0.15, feet, 1.8, closed))
            .as("from %s, %s to %s, %s", x, y, toX, toY)
            .isTrue();
      }
    }
    assertThat(shifted).isPositive();
  }
}
