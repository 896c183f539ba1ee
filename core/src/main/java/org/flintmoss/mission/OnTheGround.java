package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Pointer;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.word.Position;
import tools.jackson.databind.JsonNode;

/** Finds whatever lies beyond the edge of the ground, and tiles beyond the grid. */
final class OnTheGround {
  private final Terrain terrain;
  private final List<Problem> problems = new ArrayList<>();

  OnTheGround(Terrain terrain) {
    this.terrain = terrain;
  }

  List<Problem> problems(JsonNode document) {
    terrain.tiles().keySet().forEach(this::tile);
    walk(document, new StringBuilder());
    return problems;
  }

  private void tile(String key) {
    String[] parts = key.split("-");
    if (Integer.parseInt(parts[0]) * Terrain.TILE >= terrain.columns()
        || Integer.parseInt(parts[1]) * Terrain.TILE >= terrain.rows()) {
      problems.add(
          new Problem(
              "/setting/terrain/tiles/" + key,
              "lies beyond the grid of %d x %d cells"
                  .formatted(terrain.columns(), terrain.rows())));
    }
  }

  private void walk(JsonNode node, StringBuilder at) {
    if (Shapes.isPosition(node)) {
      position(at.toString(), node.get("x").asDouble(), node.get("y").asDouble());
      return;
    }
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      int length = at.length();
      walk(field.getValue(), at.append(Pointer.step(field.getKey())));
      at.setLength(length);
    }
  }

  private void position(String pointer, double x, double y) {
    if (x > terrain.width() || y > terrain.height()) {
      problems.add(
          new Problem(
              pointer,
              "lies off the ground, which is %s m x %s m (is %s, %s)"
                  .formatted(terrain.width(), terrain.height(), x, y),
              new Position(Math.min(x, terrain.width()), Math.min(y, terrain.height()))));
    }
  }
}
