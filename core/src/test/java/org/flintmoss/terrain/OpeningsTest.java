package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Slits in walls, and props that are sunk or tilted. The stage lies 5 m high. */
class OpeningsTest {
  private static final String SLIT =
      "{'order':'a0','along':%s,'width':0.6,'sill':1,'top':1.6,'lets':{'sight':true,'shots':%s,'sound':%s}}";

  private static Obstacles wall(double along, boolean shots, boolean sound) {
    Stage stage =
        new Stage()
            .wall("w", 20, 20, 40, 20, 40, 60)
            .put("/walls/w/slits", "{'s':" + SLIT.formatted(along, shots, sound) + "}");
    return Obstacles.of(stage.mission(), stage.ground());
  }

  private static boolean clear(Obstacles obstacles, double x, double above, Obstacles.Line line) {
    return obstacles.clear(x, 10, 5 + above, x, 30, 5 + above, line, obstacles.first());
  }

  @ParameterizedTest
  @CsvSource({
    "30, 1.3, true", // through the middle
    "30.2, 1.3, true", // through its side
    "31, 1.3, false", // beside it
    "30, 0.9, false", // under its sill
    "30, 1.7, false", // over its upper edge
    "30, 2.1, true" // over the wall
  })
  void oneSeesThroughASlitBetweenItsEdges(double x, double above, boolean seen) {
    assertThat(clear(wall(10, false, false), x, above, Obstacles.Line.SIGHT)).isEqualTo(seen);
  }

  @Test
  void aSlitLetsThroughWhatItIsMadeToAndNobody() {
    assertThat(clear(wall(10, false, false), 30, 1.3, Obstacles.Line.SHOT)).isFalse();
    Obstacles open = wall(10, true, false);
    assertThat(clear(open, 30, 1.3, Obstacles.Line.SHOT)).isTrue();
    assertThat(clear(open, 30, 1.3, Obstacles.Line.BLOW)).isFalse();
    assertThat(open.clear(30, 10, 30, 30, 0.1, Obstacles.ON_THE_GROUND, 1.8, open.first()))
        .isFalse();
  }

  @Test
  void soundComesThroughASlitThatLetsIt() {
    Obstacles shut = wall(10, false, false);
    Obstacles open = wall(10, false, true);
    assertThat(shut.muffles(30, 10, 30, 30, shut.first())).isEqualTo(40);
    assertThat(open.muffles(30, 10, 30, 30, open.first())).isZero();
  }

  @Test
  void slitsAreCountedAlongTheWholeLine() {
    Obstacles obstacles = wall(40, true, false);
    assertThat(obstacles.clear(30, 40, 6.3, 50, 40, 6.3, Obstacles.Line.SIGHT, obstacles.first()))
        .isTrue();
    assertThat(clear(obstacles, 30, 1.3, Obstacles.Line.SIGHT)).isFalse();
  }

  private static Obstacles prop(String kind, double sunk, double tilt) {
    Stage stage =
        new Stage()
            .put(
                "/thingKinds/post",
                "{'name':'Mast','footprint':{'type':'block','width':0.4,'depth':0.4},'looks':{'l1':{'order':'a0','look':{'family':'looks','id':'look-plain'},'height':6,'stops':{'movement':true,'sight':true,'shots':true,'sound':0},'cover':0.5}}}")
            .prop("it", kind, 30, 20, 0)
            .put("/props/it/sunk", String.valueOf(sunk))
            .put("/props/it/tilt", String.valueOf(tilt));
    return Obstacles.of(stage.mission(), stage.ground());
  }

  @Test
  void aMastThatHasFallenLiesLongAndLow() {
    Obstacles up = prop("post", 0, 0);
    Obstacles fallen = prop("post", 0, 90);
    assertThat(clear(up, 30, 4, Obstacles.Line.SIGHT)).isFalse();
    assertThat(clear(fallen, 30, 4, Obstacles.Line.SIGHT)).isTrue();
    assertThat(up.clear(30, 22.5, 0.3, 1.8, up.first())).isTrue();
    assertThat(fallen.clear(30, 22.5, 0.3, 1.8, fallen.first())).isFalse();
  }

  @Test
  void whatIsSunkAwayIsInNobodysWay() {
    assertThat(clear(prop("post", 3, 0), 30, 4, Obstacles.Line.SIGHT)).isTrue();
    assertThat(clear(prop("post", 3, 0), 30, 2, Obstacles.Line.SIGHT)).isFalse();
    assertThat(prop("post", 6, 0).none()).isTrue();
  }
}
