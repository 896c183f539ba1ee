package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Corner;
import org.flintmoss.mission.Gate;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Position;
import org.flintmoss.mission.Prop;
import org.flintmoss.mission.PropKind;
import org.flintmoss.mission.Wall;

/** Takes walls, gates and props apart into pieces. */
final class Pieces {
  private final List<Piece> made = new ArrayList<>();
  private final Gate[] gates;

  Pieces(Mission mission, Gate[] gates) {
    this.gates = gates;
    mission.walls().values().forEach(this::wall);
    for (int gate = 0; gate < gates.length; gate++) {
      gate(gate, gates[gate]);
    }
    mission.props().values().forEach(prop -> prop(mission, prop));
  }

  Piece[] all() {
    return made.toArray(Piece[]::new);
  }

  private void wall(Wall wall) {
    List<Position> corners =
        Ordered.sort(wall.corners()).stream()
            .map(Map.Entry::getValue)
            .map(Corner::position)
            .toList();
    for (int i = 1; i < corners.size(); i++) {
      Position a = corners.get(i - 1);
      Position b = corners.get(i);
      for (double[] part :
          Segments.without(a.x(), a.y(), b.x(), b.y(), wall.thickness() / 2, gateLines())) {
        made.add(
            new Piece(
                part[0],
                part[1],
                part[2],
                part[3],
                wall.thickness() / 2,
                wall.height(),
                wall.stops(),
                0,
                Piece.STATIC,
                false));
      }
    }
  }

  private double[][] gateLines() {
    return Arrays.stream(gates)
        .map(it -> new double[] {it.from().x(), it.from().y(), it.to().x(), it.to().y()})
        .toArray(double[][]::new);
  }

  /** Half the thickness of a gate's leaf, metres. */
  private static final double LEAF = 0.08;

  private void gate(int number, Gate gate) {
    double mx = (gate.from().x() + gate.to().x()) / 2;
    double my = (gate.from().y() + gate.to().y()) / 2;
    made.add(
        new Piece(
            gate.from().x(),
            gate.from().y(),
            mx,
            my,
            LEAF,
            gate.height(),
            gate.stops(),
            0,
            number,
            false));
    made.add(
        new Piece(
            mx,
            my,
            gate.to().x(),
            gate.to().y(),
            LEAF,
            gate.height(),
            gate.stops(),
            0,
            number,
            true));
  }

  private void prop(Mission mission, Prop prop) {
    if (!(mission.find(prop.kind()) instanceof PropKind kind)) {
      return;
    }
    double x = prop.position().x();
    double y = prop.position().y();
    switch (kind.footprint()) {
      case PropKind.Round round -> made.add(piece(x, y, x, y, round.radius(), kind));
      case PropKind.Block block -> made.add(block(x, y, prop.facing(), block, kind));
    }
  }

  /** A block as strokes beside each other along its longer side, no wider than its shorter one. */
  private static Piece block(
      double x, double y, double facing, PropKind.Block block, PropKind kind) {
    boolean wide = block.width() > block.depth();
    double turn = StrictMath.toRadians(wide ? facing + 90 : facing);
    double half = Math.min(block.width(), block.depth()) / 2;
    double reach = Math.max(block.width(), block.depth()) / 2 - half;
    double dx = StrictMath.sin(turn) * reach;
    double dy = StrictMath.cos(turn) * reach;
    return piece(x - dx, y - dy, x + dx, y + dy, half, kind);
  }

  private static Piece piece(
      double ax, double ay, double bx, double by, double half, PropKind kind) {
    return new Piece(
        ax, ay, bx, by, half, kind.height(), kind.stops(), kind.cover(), Piece.STATIC, false);
  }
}
