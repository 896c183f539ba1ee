package org.flintmoss.bundle;

import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a bundle's own ground lies on that of a mission.
 *
 * @param anchor the point of the bundle that is laid on {@code at}
 * @param turn degrees clockwise about the anchor
 * @param rise by how much heights over the sea are raised, metres
 * @param width of the mission's ground, metres; nothing is laid beyond it
 * @param height of the mission's ground from south to north, metres
 */
record Frame(Position anchor, Position at, double turn, double rise, double width, double height) {
  private static final Set<String> BEARINGS = Set.of("facing", "bearing", "toward");

  /** Lays a thing of the bundle on the mission's ground. */
  void lay(Family family, ObjectNode thing) {
    change(family, thing, true);
  }

  /** Takes a thing of the mission back to the bundle's own ground, where it may lie beside it. */
  void lift(Family family, ObjectNode thing) {
    change(family, thing, false);
  }

  private void change(Family family, ObjectNode thing, boolean out) {
    // What the script says of bearings is not turned.
    walk(thing, !family.ofTheScript(), out);
    if (family == Family.DECKS) {
      raise(thing, "top", out);
    }
    if (family == Family.BUILDINGS && thing.path("floor") instanceof ObjectNode floor) {
      raise(floor, "height", out);
    }
  }

  private void raise(ObjectNode holder, String field, boolean out) {
    if (holder.path(field).isNumber()) {
      holder.put(field, hundredths(holder.get(field).asDouble() + (out ? rise : -rise)));
    }
  }

  private void walk(ObjectNode node, boolean turned, boolean out) {
    if (Shapes.isPosition(node)) {
      move(node, out);
      return;
    }
    for (Map.Entry<String, JsonNode> field : Trees.fields(node)) {
      if (field.getValue() instanceof ObjectNode part) {
        walk(part, turned, out);
      } else if (turned && BEARINGS.contains(field.getKey()) && field.getValue().isNumber()) {
        node.put(field.getKey(), bearing(field.getValue().asDouble() + (out ? turn : -turn)));
      }
    }
  }

  private void move(ObjectNode position, boolean out) {
    Position from = out ? anchor : at;
    Position to = out ? at : anchor;
    double angle = StrictMath.toRadians(out ? turn : -turn);
    double dx = position.get("x").asDouble() - from.x();
    double dy = position.get("y").asDouble() - from.y();
    double x = to.x() + dx * StrictMath.cos(angle) + dy * StrictMath.sin(angle);
    double y = to.y() - dx * StrictMath.sin(angle) + dy * StrictMath.cos(angle);
    position.put("x", hundredths(out ? Math.clamp(x, 0, width) : x));
    position.put("y", hundredths(out ? Math.clamp(y, 0, height) : y));
  }

  static double hundredths(double value) {
    return Math.floor(value * 100 + 0.5) / 100;
  }

  private static double bearing(double degrees) {
    double whole = hundredths(degrees % 360);
    return whole < 0 ? whole + 360 : whole >= 360 ? 0 : whole;
  }
}
