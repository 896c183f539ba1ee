package org.flintmoss.server.missions;

import jakarta.validation.Valid;
import java.util.Base64;
import org.flintmoss.format.Format;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.NewGround;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.JsonDiff;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.make.GroundMaker;
import org.flintmoss.terrain.make.GroundSpec;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Makes grounds; the edit that lays one is the browser's, to be undone like any. */
@RestController
@RequestMapping("/api/missions/{id}/terrain")
class TerrainController {
  /** Cells on a side of a sketch at most. */
  private static final int SKETCH = 160;

  private final MissionService missions;

  TerrainController(MissionService missions) {
    this.missions = missions;
  }

  /**
   * What a ground would look like.
   *
   * @param heights centimetres as little-endian int16, row by row from the south-west, in base 64
   * @param surfaces one byte a cell, in base 64
   */
  record Sketch(int columns, int rows, double cell, String heights, String surfaces) {
    static Sketch of(Ground.Grid grid) {
      byte[] heights = new byte[grid.heights().length * 2];
      for (int cell = 0; cell < grid.heights().length; cell++) {
        int cm = (int) Math.floor(grid.heights()[cell] * 100 + 0.5);
        heights[cell * 2] = (byte) cm;
        heights[cell * 2 + 1] = (byte) (cm >> 8);
      }
      Base64.Encoder base64 = Base64.getEncoder();
      return new Sketch(
          grid.columns(),
          grid.rows(),
          grid.cell(),
          base64.encodeToString(heights),
          base64.encodeToString(grid.surfaces()));
    }
  }

  /**
   * What a new ground would change.
   *
   * @param moved how many things would be moved onto it from beyond its edge
   */
  record Laid(int revision, JsonNode patch, int moved) {}

  /** Sketches a ground that is wished for. */
  @PostMapping("/sketch")
  Sketch sketch(@Valid @RequestBody GroundSpec asked) {
    return Sketch.of(GroundMaker.make(asked.sketch(SKETCH)).grid());
  }

  /** Makes a ground that is wished for; its tiles are kept for the edit that names them. */
  @PostMapping("/made")
  Laid make(@PathVariable String id, @Valid @RequestBody GroundSpec spec) {
    GroundMaker.Made made = GroundMaker.make(spec);
    OpenMission.Version version = missions.version(id);
    MissionFile file = missions.file(version);
    Format.Taken laid = NewGround.lay(file, made.grid(), spec.sea(), made.names(), Ids::fresh);
    missions.keep(laid.mission().assets());
    JsonNode document = laid.mission().document();
    MissionReader.read(document);
    JsonNode patch = JsonDiff.between(version.document(), document);
    return new Laid(version.revision(), patch, laid.moved());
  }
}
