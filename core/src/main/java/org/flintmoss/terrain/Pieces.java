package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.PropKind;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Prop;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;

/** Takes walls, gates, props, railings and buildings apart into pieces. */
final class Pieces {
  private final List<Piece> made = new ArrayList<>();
  private final List<Portal> portals = new ArrayList<>();
  private final Gate[] gates;
  private final Decks decks;
  private final ChangingProps props;

  Pieces(Mission mission, Gate[] gates, ChangingProps props, Ground ground, Decks decks) {
    this.gates = gates;
    this.props = props;
    this.decks = decks;
    double[] feet = Arrays.stream(gates).mapToDouble(gate -> foot(gate, ground)).toArray();
    WallPieces walls = new WallPieces(made, gates, feet, ground);
    int number = 0;
    for (Map.Entry<String, Gate> gate : mission.gates().entrySet()) {
      gate(number++, gate.getValue(), new Ref(Family.GATES, gate.getKey()));
    }
    mission.walls().forEach((id, wall) -> walls.add(run(wall, new Ref(Family.WALLS, id))));
    mission.props().forEach((id, prop) -> prop(mission, prop, new Ref(Family.PROPS, id)));
    new Railings(decks, made).of(mission);
    decks.houses().forEach(house -> new HousePieces(house, decks, walls, portals).add());
  }

  Piece[] all() {
    return made.toArray(Piece[]::new);
  }

  /** Those of gates, in their order, and then those of doorways. */
  Portal[] portals() {
    return portals.toArray(Portal[]::new);
  }

  /** How high a level lies at a point, as pieces ask for it. */
  private double base(Level level, double x, double y) {
    int on = decks.under(level, new Position(x, y));
    return on == Decks.GROUND ? Piece.ON_THE_GROUND : decks.height(on, x, y);
  }

  private WallPieces.Run run(Wall wall, Ref of) {
    return new WallPieces.Run(
        House.line(wall.corners()),
        wall.height(),
        wall.thickness(),
        wall.stops(),
        (x, y) -> base(wall.level(), x, y),
        List.copyOf(wall.slits().values()),
        List.of(),
        of);
  }

  private double foot(Gate gate, Ground ground) {
    Position middle = middle(gate);
    double base = base(gate.level(), middle.x(), middle.y());
    return base == Piece.ON_THE_GROUND ? ground.heightAt(middle.x(), middle.y()) : base;
  }

  private static Position middle(Gate gate) {
    return new Position(
        (gate.from().x() + gate.to().x()) / 2, (gate.from().y() + gate.to().y()) / 2);
  }

  /** Half the thickness of a gate's leaf, metres. */
  private static final double LEAF = 0.08;

  private void gate(int number, Gate gate, Ref of) {
    Position middle = middle(gate);
    double base = base(gate.level(), middle.x(), middle.y());
    double width = Segments.length(gate.from().x(), gate.from().y(), gate.to().x(), gate.to().y());
    portals.add(new Portal(middle.x(), middle.y(), width, decks.under(gate.level(), middle)));
    made.add(leaf(number, gate, gate.from(), middle, base, false, of));
    made.add(leaf(number, gate, middle, gate.to(), base, true, of));
  }

  private static Piece leaf(
      int number, Gate gate, Position from, Position to, double base, boolean late, Ref of) {
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
        null,
        of);
  }

  private void prop(Mission mission, Prop prop, Ref of) {
    if (!(mission.find(prop.kind()) instanceof PropKind kind)) {
      return;
    }
    Lie lie = Lie.of(prop, kind);
    if (lie.height() > Lie.LOWEST) {
      made.add(piece(prop, kind, lie, of));
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
  private Piece piece(Prop prop, PropKind kind, Lie lie, Ref of) {
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
        props.number(of.id()),
        false,
        null,
        of);
  }
}
