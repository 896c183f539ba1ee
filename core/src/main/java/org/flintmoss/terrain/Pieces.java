package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Atop;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Gate.State;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;

/** Takes walls, gates, props, fixtures, railings and buildings apart into pieces. */
final class Pieces {
  private final List<Piece> made = new ArrayList<>();
  private final List<Portal> portals = new ArrayList<>();
  private final Gate[] gates;
  private final Decks decks;
  private final ChangingThings things;
  private final Movables movables;
  private final Ground ground;

  Pieces(Mission mission, Obstacles of, Gate[] gates, Ground ground, Decks decks) {
    this.gates = gates;
    this.ground = ground;
    this.decks = decks;
    things = of.things();
    movables = of.movables();
    double[] feet = Arrays.stream(gates).mapToDouble(this::foot).toArray();
    WallPieces walls = new WallPieces(made, gates, feet, ground);
    int number = 0;
    for (Map.Entry<String, Gate> gate : mission.gates().entrySet()) {
      gate(number++, gate.getValue(), new Ref(Family.GATES, gate.getKey()));
    }
    mission.walls().forEach((id, wall) -> walls.add(run(wall, new Ref(Family.WALLS, id))));
    mission.props().forEach((id, it) -> thing(mission, it, new Ref(Family.PROPS, id)));
    mission.fixtures().forEach((id, it) -> thing(mission, it, new Ref(Family.FIXTURES, id)));
    new Railings(decks, made, movables).of(mission);
    decks.houses().forEach(house -> new HousePieces(house, decks, walls, portals).add());
  }

  Piece[] all() {
    return made.toArray(Piece[]::new);
  }

  /** Those of gates, in their order, and then those of doors and doorways. */
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

  private double foot(Gate gate) {
    Position middle = middle(gate);
    double base = base(gate.level(), middle.x(), middle.y());
    return base == Piece.ON_THE_GROUND ? ground.heightAt(middle.x(), middle.y()) : base;
  }

  private static Position middle(Gate gate) {
    return new Position(
        (gate.from().x() + gate.to().x()) / 2, (gate.from().y() + gate.to().y()) / 2);
  }

  /** How many times as wide as deep a thing is at least that is taken for a door. */
  private static final double THIN = 3;

  /** Half the thickness of a gate's leaf, metres. */
  private static final double LEAF = 0.08;

  private void gate(int number, Gate gate, Ref of) {
    Position middle = middle(gate);
    double base = base(gate.level(), middle.x(), middle.y());
    double width = Segments.length(gate.from().x(), gate.from().y(), gate.to().x(), gate.to().y());
    portals.add(new Portal(middle.x(), middle.y(), width, decks.under(gate.level(), middle)));
    made.add(leaf(number, gate, gate.from(), middle, base, of, State.CLOSED));
    made.add(leaf(number, gate, middle, gate.to(), base, of, State.CLOSED, State.HALF));
  }

  private static Piece leaf(
      int number, Gate gate, Position from, Position to, double base, Ref of, State... closed) {
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
        Piece.when(Arrays.stream(closed).mapToInt(State::ordinal).toArray()),
        null,
        of);
  }

  /**
   * A thing that changes: a piece for each of its looks; another as it begins, if it is there. One
   * that may move has its pieces apart.
   */
  private void thing(Mission mission, Upright thing, Ref of) {
    if (!(mission.find(thing.kind()) instanceof ThingKind kind)) {
      return;
    }
    List<Appearance> looks = kind.appearances();
    int number = things.number(of);
    int movable = movables.number(of);
    int first = ChangingThings.first(mission, thing);
    double x = thing.position().x();
    double y = thing.position().y();
    double base = movable >= 0 ? foot(mission, thing) : base(thing.level(), x, y);
    if (number >= 0 && movable < 0) {
      door(thing, kind, looks);
    }
    List<Piece> its = movable >= 0 ? new ArrayList<>() : made;
    for (int look = 0; look < looks.size(); look++) {
      int state = ChangingThings.state(look, Standing.THERE);
      Lie lie = Lie.of(thing, kind.footprint(), looks.get(look).height() * thing.scale());
      if (lie.height() > Lie.LOWEST && (number >= 0 || state == first)) {
        its.add(piece(thing, looks.get(look), lie, base, of, state));
      }
    }
    if (movable >= 0) {
      movables.put(movable, its.toArray(Piece[]::new), x, y, base);
    }
  }

  /** How many things may stand on one another; what is higher up stands on the surface. */
  private static final int DEEPEST = 50;

  /** Whether no more things stand under one than may, nor it under itself. */
  private static boolean ends(Mission mission, Upright thing) {
    Upright it = thing;
    for (int storey = 0; it.atop() instanceof Atop.Upon upon; storey++) {
      if (storey == DEEPEST) {
        return false;
      }
      if (!(mission.find(upon.thing()) instanceof Upright under)) {
        return true;
      }
      it = under;
    }
    return true;
  }

  /** How high the foot of a thing is above the zero of heights when play begins, metres. */
  private double foot(Mission mission, Upright thing) {
    double x = thing.position().x();
    double y = thing.position().y();
    double surface = surface(thing.level(), x, y);
    if (!(thing.atop() instanceof Atop.Upon upon) || !ends(mission, thing)) {
      return surface;
    }
    return switch (mission.find(upon.thing())) {
      case Upright under when mission.find(under.kind()) instanceof ThingKind kind -> {
        int look = ChangingThings.look(ChangingThings.first(mission, under));
        double height = kind.appearances().get(look).height() * under.scale();
        Lie lie = Lie.of(under, kind.footprint(), height);
        Appearance looks = kind.appearances().get(look);
        boolean over = piece(under, looks, lie, 0, upon.thing(), look).distance(x, y) <= 0;
        yield over ? foot(mission, under) + lie.height() : surface;
      }
      case Wall wall when over(wall, x, y) -> surface(wall.level(), x, y) + wall.height();
      case null, default -> surface;
    };
  }

  private static boolean over(Wall wall, double x, double y) {
    List<Position> line = House.line(wall.corners());
    for (int i = 1; i < line.size(); i++) {
      Position a = line.get(i - 1);
      Position b = line.get(i);
      if (Segments.toPoint(a.x(), a.y(), b.x(), b.y(), x, y) <= wall.thickness() / 2) {
        return true;
      }
    }
    return false;
  }

  private double surface(Level level, double x, double y) {
    double base = base(level, x, y);
    return base == Piece.ON_THE_GROUND ? ground.heightAt(x, y) : base;
  }

  /** A thin thing that may let people past where it stood is a way through, like a gate. */
  private void door(Upright thing, ThingKind kind, List<Appearance> looks) {
    boolean stops = looks.stream().anyMatch(it -> it.stops().movement());
    if (stops && kind.footprint() instanceof ThingKind.Block(double width, double depth)) {
      double wide = Math.max(width, depth) * thing.scale();
      if (wide >= THIN * Math.min(width, depth) * thing.scale()) {
        Position at = thing.position();
        portals.add(new Portal(at.x(), at.y(), wide, decks.under(thing.level(), at)));
      }
    }
  }

  /**
   * How a thing lies that is tilted the way it faces and sunk: as a block of height h and depth d
   * tilted by t, it stands {@code h cos t + d sin t} high over {@code d cos t + h sin t} of ground.
   */
  private record Lie(double width, double depth, double height) {
    /** What stands no higher is in nobody's way, metres. */
    private static final double LOWEST = 0.05;

    static Lie of(Upright thing, ThingKind.Footprint footprint, double height) {
      double tilt = StrictMath.toRadians(thing.tilt());
      double sin = StrictMath.sin(tilt);
      double cos = StrictMath.cos(tilt);
      double width = 0;
      double depth = 0;
      switch (footprint) {
        case ThingKind.Round round -> {
          width = 2 * round.radius() * thing.scale();
          depth = width;
        }
        case ThingKind.Block block -> {
          width = block.width() * thing.scale();
          depth = block.depth() * thing.scale();
        }
      }
      return new Lie(width, depth * cos + height * sin, height * cos + depth * sin - thing.sunk());
    }
  }

  /** A thing as a stroke along its longer side, as wide as its shorter one. */
  private Piece piece(Upright thing, Appearance looks, Lie lie, double base, Ref of, int state) {
    boolean wide = lie.width() > lie.depth();
    double turn = StrictMath.toRadians(wide ? thing.facing() + 90 : thing.facing());
    double half = Math.min(lie.width(), lie.depth()) / 2;
    double reach = Math.max(lie.width(), lie.depth()) / 2 - half;
    double dx = StrictMath.sin(turn) * reach;
    double dy = StrictMath.cos(turn) * reach;
    double x = thing.position().x();
    double y = thing.position().y();
    double stands = Math.min(1, lie.height() / (looks.height() * thing.scale()));
    return new Piece(
        x - dx,
        y - dy,
        x + dx,
        y + dy,
        half,
        base,
        lie.height(),
        looks.stops(),
        looks.cover() * stands,
        things.number(of),
        Piece.when(state),
        null,
        of);
  }
}
