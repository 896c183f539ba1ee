package org.flintmoss.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.MissionRefused;
import org.junit.jupiter.api.Test;

class ShoreTest {
  private final MissionFile file = Samples.demo("first-light");

  @Test
  void theTilesThatShipAreTheOnesThatAreMade() {
    shipped(file, ShoreMaker.grid());
    shipped(Samples.demo("relight-the-harrow"), HarrowMaker.grid());
    shipped(Samples.demo("gannet-stacks"), GannetMaker.grid());
    shipped(Samples.demo("the-pilots-race"), RaceMaker.grid());
  }

  private static void shipped(MissionFile file, Ground.Grid grid) {
    Map<String, String> tiles = file.mission().setting().terrain().tiles();
    Relief.tiles(grid)
        .forEach((place, bytes) -> assertThat(tiles).containsEntry(place, Canonical.hash(bytes)));
  }

  @Test
  void aTileReadsBackToTheCentimetre() {
    Ground ground = Ground.of(file.mission().setting().terrain(), file);
    Ground.Grid made = ShoreMaker.grid();
    for (int cell = 0; cell < made.heights().length; cell += 97) {
      assertThat(Math.abs(ground.sample(cell) - made.heights()[cell])).isLessThan(0.00501);
      assertThat(ground.surface(cell).ordinal()).isEqualTo(made.surfaces()[cell]);
    }
  }

  @Test
  void missingAndShortTilesAreRefusedWithTheirPlace() {
    var terrain = file.mission().setting().terrain();
    assertThatThrownBy(() -> Ground.of(terrain, _ -> Optional.empty()))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("/setting/terrain/tiles/0-0");
    assertThatThrownBy(() -> Ground.of(terrain, _ -> Optional.of(new byte[5])))
        .isInstanceOf(MissionRefused.class)
        .hasMessageContaining("5 bytes");
  }
}
