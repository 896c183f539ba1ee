package org.flintmoss.format;

import java.util.List;
import java.util.function.Supplier;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.ground.PlaceName;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tiles;
import org.flintmoss.terrain.make.GroundMaker;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Lays a new ground under what stands in a mission. */
public final class NewGround {
  private NewGround() {}

  /** Lays a ground on which the water stands as before. */
  static Format.Taken lay(MissionFile mission, Ground.Grid grid) {
    double water = mission.document().at("/setting/waterLevel").asDouble();
    return lay(mission, grid, water, List.of(), () -> "");
  }

  /**
   * Lays a ground.
   *
   * @param water the level of the water, metres
   * @param settlements what is named on it
   * @param ids of their names
   * @return the mission with it; its assets are those of the new ground
   */
  public static Format.Taken lay(
      MissionFile mission,
      Ground.Grid grid,
      double water,
      List<GroundMaker.Settlement> settlements,
      Supplier<String> ids) {
    Tiles tiles = Tiles.cut(grid);
    JsonNode document = mission.document().deepCopy();
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
      draft.put(new Ref(Family.PLACE_NAMES, ids.get()), Json.MAPPER.valueToTree(name));
    }
    return new Format.Taken(new MissionFile(draft.document(), tiles.assets()), List.of(), moved);
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
