package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import java.util.stream.IntStream;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Stops;

/** Takes runs of wall apart: gates and gaps are left out, slits are pieces of their own. */
final class WallPieces {
  private final List<Piece> made;
  private final Gate[] gates;
  private final double[] gateFeet;
  private final Ground ground;

  /**
   * @param gateFeet how high each gate stands above the zero of heights, metres
   */
  WallPieces(List<Piece> made, Gate[] gates, double[] gateFeet, Ground ground) {
    this.made = made;
    this.gates = gates;
    this.gateFeet = gateFeet;
    this.ground = ground;
  }

  /**
   * A run of wall.
   *
   * @param line its corners
   * @param base how high what it stands on lies at a point, or {@link Piece#ON_THE_GROUND}
   * @param gaps lines along it where it is not
   * @param of the thing that it is part of
   */
  record Run(
      List<Position> line,
      double height,
      double thickness,
      Stops stops,
      DoubleBinaryOperator base,
      List<Wall.Slit> slits,
      List<double[]> gaps,
      Ref of) {}

  void add(Run run) {
    double from = 0;
    for (int i = 1; i < run.line().size(); i++) {
      Position a = run.line().get(i - 1);
      Position b = run.line().get(i);
      double length = Segments.length(a.x(), a.y(), b.x(), b.y());
      List<double[]> cuts = new ArrayList<>(run.gaps());
      cuts.addAll(gatesIn(run));
      for (Wall.Slit slit : run.slits()) {
        double[] line = part(a, b, slit.along() - from, slit.width() / 2, length);
        if (line != null) {
          cuts.add(line);
          made.add(stretch(run, line, slit));
        }
      }
      Segments.without(
              a.x(), a.y(), b.x(), b.y(), run.thickness() / 2, cuts.toArray(double[][]::new))
          .forEach(part -> made.add(stretch(run, part, null)));
      from += length;
    }
  }

  /** The part of a line about a point along it, metres; null where that lies beyond its end. */
  static double[] part(List<Position> line, double along, double width) {
    double from = 0;
    for (int i = 1; i < line.size(); i++) {
      Position a = line.get(i - 1);
      Position b = line.get(i);
      double length = Segments.length(a.x(), a.y(), b.x(), b.y());
      if (along >= from && along <= from + length) {
        return part(a, b, along - from, width / 2, length);
      }
      from += length;
    }
    return null;
  }

  /** The part of an opening that lies in a stretch of its wall; null for none. */
  private static double[] part(Position a, Position b, double middle, double half, double length) {
    double from = Math.max(0, middle - half);
    double to = Math.min(length, middle + half);
    if (from >= to) {
      return null;
    }
    double dx = (b.x() - a.x()) / length;
    double dy = (b.y() - a.y()) / length;
    return new double[] {a.x() + dx * from, a.y() + dy * from, a.x() + dx * to, a.y() + dy * to};
  }

  private static Piece stretch(Run run, double[] line, Wall.Slit slit) {
    return new Piece(
        line[0],
        line[1],
        line[2],
        line[3],
        run.thickness() / 2,
        run.base().applyAsDouble((line[0] + line[2]) / 2, (line[1] + line[3]) / 2),
        run.height(),
        run.stops(),
        0,
        Piece.STATIC,
        0,
        slit,
        run.of());
  }

  /** The lines of those gates that stand where a run does, and neither above nor below it. */
  private List<double[]> gatesIn(Run run) {
    return IntStream.range(0, gates.length)
        .filter(gate -> beside(run, gate))
        .mapToObj(gate -> gates[gate])
        .map(it -> new double[] {it.from().x(), it.from().y(), it.to().x(), it.to().y()})
        .toList();
  }

  private boolean beside(Run run, int gate) {
    double x = (gates[gate].from().x() + gates[gate].to().x()) / 2;
    double y = (gates[gate].from().y() + gates[gate].to().y()) / 2;
    double base = run.base().applyAsDouble(x, y);
    double foot = base == Piece.ON_THE_GROUND ? ground.heightAt(x, y) : base;
    return gateFeet[gate] >= foot - Decks.STEP && gateFeet[gate] < foot + run.height();
  }
}
