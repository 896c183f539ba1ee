package org.flintmoss.bundle;

import java.util.DoubleSummaryStatistics;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a bundle is made of, on its own ground: the south-west corner of all its positions is 0, 0.
 *
 * @param parts the JSON of its parts, every family explicit
 * @param corner where that corner lies on the ground that the parts were given on
 * @param middle the middle of all positions on that ground
 */
record Pattern(ObjectNode parts, Position corner, Position middle) {
  /**
   * The pattern of some parts, which are changed.
   *
   * @param anchor a point that lies on the bundle's own ground as well; null for none
   */
  static Pattern of(SortedMap<String, Layout.Part> from, Position anchor) {
    ObjectNode parts = Json.MAPPER.createObjectNode();
    for (Family family : Parts.FAMILIES) {
      parts.putObject(family.key());
    }
    DoubleSummaryStatistics xs = new DoubleSummaryStatistics();
    DoubleSummaryStatistics ys = new DoubleSummaryStatistics();
    if (anchor != null) {
      xs.accept(anchor.x());
      ys.accept(anchor.y());
    }
    for (Map.Entry<String, Layout.Part> part : from.entrySet()) {
      ObjectNode thing = part.getValue().thing();
      ((ObjectNode) parts.get(part.getValue().family().key())).set(part.getKey(), thing);
      Trees.positions(
          thing,
          position -> {
            xs.accept(position.get("x").asDouble());
            ys.accept(position.get("y").asDouble());
          });
    }
    if (xs.getCount() == 0) {
      return new Pattern(parts, new Position(0, 0), new Position(0, 0));
    }
    Trees.positions(
        parts,
        position -> {
          position.put("x", Frame.hundredths(position.get("x").asDouble() - xs.getMin()));
          position.put("y", Frame.hundredths(position.get("y").asDouble() - ys.getMin()));
        });
    return new Pattern(
        parts,
        new Position(xs.getMin(), ys.getMin()),
        new Position(
            Frame.hundredths((xs.getMin() + xs.getMax()) / 2),
            Frame.hundredths((ys.getMin() + ys.getMax()) / 2)));
  }

  /** A point of the ground that the parts were given on, on the bundle's own ground. */
  Position own(Position point) {
    return new Position(
        Frame.hundredths(point.x() - corner.x()), Frame.hundredths(point.y() - corner.y()));
  }
}
