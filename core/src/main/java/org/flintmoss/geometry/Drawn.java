package org.flintmoss.geometry;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.flintmoss.mission.word.Position;
import org.locationtech.jts.algorithm.RobustLineIntersector;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.SegmentIntersectionDetector;

/** Lines and outlines as they are drawn. */
public final class Drawn {
  private static final GeometryFactory GEOMETRIES = new GeometryFactory();

  private Drawn() {}

  /**
   * A point at which an outline crosses itself; none where it only touches itself.
   *
   * @param outline its corners in their order, the first not repeated
   */
  public static Optional<Position> crossing(List<Position> outline) {
    Coordinate[] closed =
        Stream.concat(outline.stream(), outline.stream().limit(1))
            .map(Drawn::coordinate)
            .toArray(Coordinate[]::new);
    SegmentIntersectionDetector found =
        new SegmentIntersectionDetector(new RobustLineIntersector());
    found.setFindProper(true);
    new MCIndexNoder(found).computeNodes(List.of(new BasicSegmentString(closed, null)));
    Coordinate at = found.hasProperIntersection() ? found.getIntersection() : null;
    return Optional.ofNullable(at).map(it -> new Position(it.getX(), it.getY()));
  }

  /** How far a point lies from a line of at least one corner, metres. */
  public static double distance(List<Position> line, Position at) {
    return line(line).distance(GEOMETRIES.createPoint(coordinate(at)));
  }

  /** How long a line is, metres. */
  public static double length(List<Position> line) {
    return line(line).getLength();
  }

  private static LineString line(List<Position> line) {
    List<Position> ends = line.size() == 1 ? List.of(line.getFirst(), line.getFirst()) : line;
    return GEOMETRIES.createLineString(
        ends.stream().map(Drawn::coordinate).toArray(Coordinate[]::new));
  }

  private static Coordinate coordinate(Position at) {
    return new Coordinate(at.x(), at.y());
  }
}
