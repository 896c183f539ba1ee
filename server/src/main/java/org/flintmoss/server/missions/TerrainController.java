package org.flintmoss.server.missions;

import java.io.IOException;
import java.io.InputStream;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.flintmoss.format.HeightGrid;
import org.flintmoss.format.HeightImage;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.JsonDiff;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.PlaceName;
import org.flintmoss.mission.Position;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.Terrain;
import org.flintmoss.server.web.Bodies;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tiles;
import org.flintmoss.terrain.make.GroundMaker;
import org.flintmoss.terrain.make.Wish;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The ground of a mission as a whole: made anew, taken from elsewhere, and handed out. Tiles are
 * stored before the edit that names them; the edit itself is the browser's, to be undone like any.
 */
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
  Sketch sketch(InputStream body) throws IOException {
    return Sketch.of(GroundMaker.make(Bodies.bound(body, Wish.class).sketch(SKETCH)).grid());
  }

  /** Makes a ground that is wished for. */
  @PostMapping("/made")
  Laid make(@PathVariable String id, InputStream body) throws IOException {
    Wish wish = Bodies.bound(body, Wish.class);
    GroundMaker.Made made = GroundMaker.make(wish);
    return lay(id, made.grid(), wish.sea(), made.names());
  }

  /** Takes heights from an ESRI ASCII grid. */
  @PostMapping("/grid")
  Laid grid(@PathVariable String id, @RequestParam Optional<Double> fill, InputStream body)
      throws IOException {
    OptionalDouble height = fill.map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
    return lay(id, HeightGrid.read(Bodies.read(body), height));
  }

  /** Takes heights from a 16-bit greyscale PNG. */
  @PostMapping("/picture")
  Laid picture(
      @PathVariable String id,
      @RequestParam double low,
      @RequestParam double high,
      @RequestParam double cell,
      InputStream body)
      throws IOException {
    HeightImage.Scale scale = new HeightImage.Scale(low, high, cell);
    return lay(id, HeightImage.read(Bodies.read(body), scale));
  }

  /** The heights as an ESRI ASCII grid. */
  @GetMapping("/grid")
  ResponseEntity<byte[]> grid(@PathVariable String id) {
    return download(HeightGrid.write(missions.ground(id)), "text/plain", "heights.asc");
  }

  /** The heights as a 16-bit greyscale PNG, named by how high black and white lie. */
  @GetMapping("/picture")
  ResponseEntity<byte[]> picture(@PathVariable String id) {
    Ground ground = missions.ground(id);
    HeightImage.Scale scale = HeightImage.scaleOf(ground);
    String name =
        String.format(
            Locale.ROOT,
            "heights %.2f m to %.2f m, %s m a pixel.png",
            scale.low(),
            scale.high(),
            scale.cell());
    return download(HeightImage.write(ground, scale), "image/png", name);
  }

  private static ResponseEntity<byte[]> download(byte[] bytes, String type, String name) {
    ContentDisposition disposition = ContentDisposition.attachment().filename(name).build();
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf(type))
        .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
        .body(bytes);
  }

  private Laid lay(String id, Ground.Grid grid) {
    double water = missions.mission(id).setting().waterLevel();
    return lay(id, grid, water, List.of());
  }

  private Laid lay(
      String id, Ground.Grid grid, double water, List<GroundMaker.Settlement> settlements) {
    Tiles tiles = Tiles.cut(grid);
    missions.keep(tiles.assets());
    OpenMission.Version version = missions.version(id);
    JsonNode document = version.document().deepCopy();
    ObjectNode setting = (ObjectNode) document.get("setting");
    setting.set("terrain", Json.MAPPER.valueToTree(tiles.terrain()));
    setting.put("waterLevel", water);
    int moved = ontoTheGround(document, tiles.terrain());
    Draft draft = new Draft(document);
    for (GroundMaker.Settlement place : settlements) {
      PlaceName name =
          new PlaceName(
              draft.fresh(Family.PLACE_NAMES, place.name()),
              new Position(place.at().x(), place.at().y()),
              0,
              PlaceName.Letters.MEDIUM);
      draft.put(new Ref(Family.PLACE_NAMES, Ids.fresh()), Json.MAPPER.valueToTree(name));
    }
    MissionReader.read(draft.document());
    JsonNode patch = JsonDiff.between(version.document(), draft.document());
    return new Laid(version.revision(), patch, moved);
  }

  /** Moves what lies beyond the edge to the edge; answers with how many points that were. */
  private static int ontoTheGround(JsonNode node, Terrain terrain) {
    if (!Shapes.isPosition(node)) {
      int moved = 0;
      for (JsonNode part : node) {
        moved += ontoTheGround(part, terrain);
      }
      return moved;
    }
    double x = node.get("x").asDouble();
    double y = node.get("y").asDouble();
    if (x <= terrain.width() && y <= terrain.height()) {
      return 0;
    }
    ((ObjectNode) node)
        .put("x", Math.min(x, terrain.width()))
        .put("y", Math.min(y, terrain.height()));
    return 1;
  }
}
