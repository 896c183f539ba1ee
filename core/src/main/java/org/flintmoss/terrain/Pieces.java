package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Corner;
import org.flintmoss.mission.Gate;
import org.flintmoss.mission.Level;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Position;
import org.flintmoss.mission.Prop;
import org.flintmoss.mission.PropKind;
import org.flintmoss.mission.Wall;

/** Takes walls, gates, props and railings apart into pieces. */
final class Pieces {
  private final List<Piece> made = new ArrayList<>();
  private final Gate[] gates;
  private final Ground ground;
  private final Decks decks;

  Pieces(Mission mission, Gate[] gates, Ground ground, Decks decks) {
    this.gates = gates;
    this.ground = ground;
    this.decks = decks;
    mission.walls().values().forEach(this::wall);
    for (int gate = 0; gate < gates.length; gate++) {
      gate(gate, gates[gate]);
    }
    mission.props().values().forEach(prop -> prop(mission, prop));
    new Railings(decks, made).of(mission);
  }

  Piece[] all() {
    return made.toArray(Piece[]::new);
  }

  /** How high a level lies at a point, as pieces ask for it. */
  private double base(Level level, double x, double y) {
    int on = decks.under(level, new Position(x, y));
    return on == Decks.GROUND ? Piece.ON_THE_GROUND : decks.height(on, x, y);
  }

  private void wall(Wall wall) {
    List<Position> corners =
        Ordered.sort(wall.corners()).stream()
            .map(Map.Entry::getValue)
            .map(Corner::position)
            .toList();
    double from = 0;
    for (int i = 1; i < corners.size(); i++) {
      Position a = corners.get(i - 1);
      Position b = corners.get(i);
      double length = Segments.length(a.x(), a.y(), b.x(), b.y());
      List<double[]> cuts = new ArrayList<>(gatesIn(wall));
      for (Wall.Slit slit : wall.slits().values()) {
        double[] line = slitLine(a, b, slit.along() - from, slit.width() / 2, length);
        if (line != null) {
          cuts.add(line);
          made.add(stretch(wall, line, slit));
        }
      }
      Segments.without(
              a.x(), a.y(), b.x(), b.y(), wall.thickness() / 2, cuts.toArray(double[][]::new))
          .forEach(part -> made.add(stretch(wall, part, null)));
      from += length;
    }
  }

  /** The part of a slit that lies in a stretch of its wall; null for none. */
  private static double[] slitLine(
      Position a, Position b, double middle, double half, double length) {
    double from = Math.max(0, middle - half);
    double to = Math.min(length, middle + half);
    if (from >= to) {
      return null;
    }
    double dx = (b.x() - a.x()) / length;
    double dy = (b.y() - a.y()) / length;
    return new double[] {a.x() + dx * from, a.y() + dy * from, a.x() + dx * to, a.y() + dy * to};
  }

  private Piece stretch(Wall wall, double[] line, Wall.Slit slit) {
    return new Piece(
        line[0],
        line[1],
        line[2],
        line[3],
        wall.thickness() / 2,
        base(wall.level(), (line[0] + line[2]) / 2, (line[1] + line[3]) / 2),
        wall.height(),
        wall.stops(),
        0,
        Piece.STATIC,
        false,
        slit);
  }

  /** The lines of those gates that stand where a wall does, and neither above nor below it. */
  private List<double[]> gatesIn(Wall wall) {
    return Arrays.stream(gates)
        .filter(gate -> beside(wall, gate))
        .map(it -> new double[] {it.from().x(), it.from().y(), it.to().x(), it.to().y()})
        .toList();
  }

  private boolean beside(Wall wall, Gate gate) {
    double x = (gate.from().x() + gate.to().x()) / 2;
    double y = (gate.from().y() + gate.to().y()) / 2;
    double foot = foot(gate.level(), x, y);
    double wallFoot = foot(wall.level(), x, y);
    return foot >= wallFoot - Decks.STEP && foot < wallFoot + wall.height();
  }

  private double foot(Level level, double x, double y) {
    double base = base(level, x, y);
    return base == Piece.ON_THE_GROUND ? ground.heightAt(x, y) : base;
  }

  /** Half the thickness of a gate's leaf, metres. */
  private static final double LEAF = 0.08;

  private void gate(int number, Gate gate) {
    Position middle =
        new Position((gate.from().x() + gate.to().x()) / 2, (gate.from().y() + gate.to().y()) / 2);
    double base = base(gate.level(), middle.x(), middle.y());
    made.add(leaf(number, gate, gate.from(), middle, base, false));
    made.add(leaf(number, gate, middle, gate.to(), base, true));
  }

  private static Piece leaf(
      int number, Gate gate, Position from, Position to, double base, boolean late) {
    return new Piece(
        from.x(),
        from.y(),
        to.x(),
        to.y(),
        LEAF,
        base,
        gate.height(),
        gate.stops(),
        0,
        number,
        late,
        null);
  }

  private void prop(Mission mission, Prop prop) {
    if (!(mission.find(prop.kind()) instanceof PropKind kind)) {
      return;
    }
    Lie lie = Lie.of(prop, kind);
    if (lie.height() > Lie.LOWEST) {
      made.add(piece(prop, kind, lie));
    }
  }

  /**
   * How a prop lies that is tilted the way it faces and sunk: as a block of height h and depth d
   * tilted by t, it stands {@code h cos t + d sin t} high over {@code d cos t + h sin t} of ground.
   */
  private record Lie(double width, double depth, double height) {
    /** What stands no higher is in nobody's way, metres. */
    private static final double LOWEST = 0.05;

    static Lie of(Prop prop, PropKind kind) {
      double tilt = StrictMath.toRadians(prop.tilt());
      double sin = StrictMath.sin(tilt);
      double cos = StrictMath.cos(tilt);
      double width = 0;
      double depth = 0;
      switch (kind.footprint()) {
        case PropKind.Round round -> {
          width = 2 * round.radius();
          depth = width;
        }
        case PropKind.Block block -> {
          width = block.width();
          depth = block.depth();
        }
      }
      return new Lie(
          width,
          depth * cos + kind.height() * sin,
          kind.height() * cos + depth * sin - prop.sunk());
    }
  }

  /** A prop as a stroke along its longer side, as wide as its shorter one. */
  private Piece piece(Prop prop, PropKind kind, Lie lie) {
    boolean wide = lie.width() > lie.depth();
    double turn = StrictMath.toRadians(wide ? prop.facing() + 90 : prop.facing());
    double half = Math.min(lie.width(), lie.depth()) / 2;
    double reach = Math.max(lie.width(), lie.depth()) / 2 - half;
    double dx = StrictMath.sin(turn) * reach;
    double dy = StrictMath.cos(turn) * reach;
    double x = prop.position().x();
    double y = prop.position().y();
    double stands = Math.min(1, lie.height() / kind.height());
    return new Piece(
        x - dx,
        y - dy,
        x + dx,
        y + dy,
        half,
        base(prop.level(), x, y),
        lie.height(),
        kind.stops(),
        kind.cover() * stands,
        Piece.STATIC,
        false,
        null);
  }
}
