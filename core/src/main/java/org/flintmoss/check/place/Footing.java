package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Movables;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Tide;

/** Whether somebody can stand at a place, and if not, why not. */
public final class Footing {
  /** The side of a square in which others are looked for, metres. */
  private static final double SQUARE = 4;

  private final Mission mission;
  private final Ground ground;
  private final Obstacles obstacles;
  private final Decks decks;

  /** The units that stand, by the square of the ground: row and column in one number. */
  private final Map<Long, List<Stander>> standers = new HashMap<>();

  /** The radius of the widest of them, metres. */
  private double widest;

  /** One who stands somewhere. */
  private record Stander(Ref ref, String name, int deck, double x, double y, double radius) {}

  /** The footing of a mission on its ground. */
  public Footing(Mission mission, Ground ground) {
    this.mission = mission;
    this.ground = ground;
    obstacles = Obstacles.of(mission, ground);
    decks = Decks.of(mission, ground);
    enter(Family.STARTS, mission.starts());
    enter(Family.UNITS, mission.units());
  }

  /** The things that may move, where they begin. */
  Movables movables() {
    return obstacles.movables();
  }

  /** How high the surface of a level is at a point, metres above the zero of heights. */
  double surface(Level level, Position at) {
    return decks.height(decks.under(level, at), at.x(), at.y());
  }

  /**
   * Why somebody of a kind should not stand at a point.
   *
   * @param except the one who is being moved, not in their own way; null for somebody new
   * @return a sentence, or empty where it is good
   */
  public Optional<String> why(Kind kind, Level level, double x, double y, Ref except) {
    return bad(kind, level, x, y).or(() -> crowded(kind, level, x, y, except));
  }

  /** How far off a place to stand is looked for, metres. */
  private static final double BESIDE = 8;

  /** The nearest place, within {@value #BESIDE} m, where somebody could stand instead. */
  public Optional<Position> beside(Kind kind, Level level, double x, double y, Ref except) {
    for (double far = 0.5; far <= BESIDE; far += 0.5) {
      for (int turn = 0; turn < 24; turn++) {
        double angle = StrictMath.PI * 2 * turn / 24;
        double px = Math.floor((x + far * StrictMath.sin(angle)) * 100 + 0.5) / 100;
        double py = Math.floor((y + far * StrictMath.cos(angle)) * 100 + 0.5) / 100;
        if (why(kind, level, px, py, except).isEmpty()) {
          return Optional.of(new Position(px, py));
        }
      }
    }
    return Optional.empty();
  }

  /** Why a surface at a point does not bear somebody of a kind; empty where it does. */
  Optional<String> bad(Kind kind, Level level, double x, double y) {
    if (x < 0 || y < 0 || x > ground.width() || y > ground.height()) {
      return Optional.of("This is off the ground.");
    }
    double low = Mover.of(kind).low();
    int deck = decks.on(level, x, y, low);
    return switch (kind.moves()) {
      case Moves.Walker _, Moves.Beast _ -> badUnder(deck, kind, x, y, low);
      case Moves.Wheels _ -> badUnder(deck, kind, x, y, low).or(() -> sinks(deck, kind, x, y));
      case Moves.Boat boat ->
          aground(boat, kind, x, y).or(() -> blocked(Decks.GROUND, kind, x, y, low));
      case Moves.Flyer _ -> Optional.empty();
    };
  }

  private Optional<String> badUnder(int deck, Kind kind, double x, double y, double low) {
    return low(deck, kind, x, y, low)
        .or(() -> deck == Decks.GROUND ? badGround(kind, x, y) : badDeck(deck, kind, x, y))
        .or(() -> blocked(deck, kind, x, y, low));
  }

  private Optional<String> sinks(int deck, Kind kind, double x, double y) {
    return decks.paceOnWheels(deck, x, y) > 0
        ? Optional.empty()
        : Optional.of(
            "This is %s, and %s sinks in. Lay a road."
                .formatted(ground.surface(ground.cellAt(x, y)).word(), a(kind)));
  }

  private Optional<String> aground(Moves.Boat boat, Kind kind, double x, double y) {
    double depth = water() - ground.sample(ground.cellAt(x, y));
    return depth >= boat.draught()
        ? Optional.empty()
        : Optional.of(
            depth <= 0
                ? "There is no water here for %s.".formatted(a(kind))
                : "The water is %.1f m deep here; %s needs %.1f m."
                    .formatted(depth, a(kind), boat.draught()));
  }

  private double water() {
    return new Tide(mission.setting()).at(mission.setting().startTime());
  }

  private Optional<String> low(int deck, Kind kind, double x, double y, double tall) {
    return decks.room(deck, x, y, tall)
        ? Optional.empty()
        : Optional.of(
            "There is no room for the %.1f m of %s under what lies above."
                .formatted(tall, a(kind)));
  }

  private static String a(Kind kind) {
    return "a " + kind.name().toLowerCase(Locale.ROOT);
  }

  private Optional<String> badGround(Kind kind, double x, double y) {
    int cell = ground.cellAt(x, y);
    double slope = StrictMath.toDegrees(StrictMath.atan(ground.gradient(cell)));
    return drowned(kind, ground.sample(cell))
        .or(() -> steep("ground rises at %.0f degrees here".formatted(slope), slope, kind));
  }

  private Optional<String> badDeck(int deck, Kind kind, double x, double y) {
    double slope = StrictMath.toDegrees(StrictMath.atan(decks.gradient(deck)));
    boolean climbed =
        decks.climbed(deck, StrictMath.tan(StrictMath.toRadians(Mover.of(kind).slope())));
    return drowned(kind, decks.height(deck, x, y))
        .or(
            () ->
                climbed
                    ? Optional.empty()
                    : steep("deck rises at %.0f degrees".formatted(slope), slope, kind));
  }

  private static Optional<String> steep(String what, double slope, Kind kind) {
    double most = Mover.of(kind).slope();
    return slope <= most
        ? Optional.empty()
        : Optional.of("The %s; %s gets up to %.0f.".formatted(what, a(kind), most));
  }

  private Optional<String> blocked(int deck, Kind kind, double x, double y, double tall) {
    double feet = deck == Decks.GROUND ? Obstacles.ON_THE_GROUND : decks.height(deck, x, y);
    return obstacles.clear(x, y, kind.radius(), feet, tall, obstacles.first())
        ? Optional.empty()
        : Optional.of("Something stands in the way here.");
  }

  /** Why the water over something so high is too deep when play begins; empty where it is not. */
  private Optional<String> drowned(Kind kind, double height) {
    double depth = water() - height;
    double most = Mover.of(kind).wade();
    return depth <= most
        ? Optional.empty()
        : Optional.of(
            "The water is %.1f m deep here; %s gets through %.1f m."
                .formatted(depth, a(kind), most));
  }

  private Optional<String> crowded(Kind kind, Level level, double x, double y, Ref except) {
    int deck = decks.on(level, x, y, Mover.of(kind).low());
    double reach = kind.radius() + widest;
    for (long row = square(y - reach); row <= square(y + reach); row++) {
      for (long column = square(x - reach); column <= square(x + reach); column++) {
        for (Stander other : standers.getOrDefault(row << 32 | column, List.of())) {
          double dx = x - other.x();
          double dy = y - other.y();
          double apart = kind.radius() + other.radius();
          boolean near = other.deck() == deck && dx * dx + dy * dy < apart * apart;
          if (near && !other.ref().equals(except)) {
            return Optional.of("%s already stands here.".formatted(other.name()));
          }
        }
      }
    }
    return Optional.empty();
  }

  private void enter(Family family, Map<String, ? extends StandingActor> things) {
    things.forEach(
        (id, thing) -> {
          double radius = mission.find(thing.kind()) instanceof Kind its ? its.radius() : 0;
          double tall = mission.find(thing.kind()) instanceof Kind its ? Mover.of(its).low() : 0;
          double x = thing.position().x();
          double y = thing.position().y();
          widest = Math.max(widest, radius);
          standers
              .computeIfAbsent(square(y) << 32 | square(x), _ -> new ArrayList<>())
              .add(
                  new Stander(
                      new Ref(family, id),
                      thing.name(),
                      decks.on(thing.level(), x, y, tall),
                      x,
                      y,
                      radius));
        });
  }

  private static long square(double metres) {
    return (long) Math.max(0, Math.floor(metres / SQUARE));
  }
}
