package org.flintmoss.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.flintmoss.mission.Family;
import org.flintmoss.mission.Kind;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Position;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Standing;
import org.flintmoss.navigation.Mover;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tide;
import org.flintmoss.terrain.Works;

/** Whether somebody can stand at a place, and if not, why not. */
public final class Footing {
  /** The side of a square in which others are looked for, metres. */
  private static final double SQUARE = 4;

  private final Mission mission;
  private final Ground ground;
  private final Works works;
  private final Decks decks;

  /** Whoever stands somewhere, by the square of the ground: row and column in one number. */
  private final Map<Long, List<Stander>> standers = new HashMap<>();

  /** The radius of the widest of them, metres. */
  private double widest;

  /** One who stands somewhere. */
  private record Stander(Ref ref, String name, double x, double y, double radius) {}

  /** The footing of a mission on its ground. */
  public Footing(Mission mission, Ground ground) {
    this.mission = mission;
    this.ground = ground;
    works = Works.of(mission, ground);
    decks = Decks.of(mission, ground);
    enter(Family.STARTS, mission.starts());
    enter(Family.UNITS, mission.units());
  }

  /**
   * Why somebody of a kind should not stand at a point.
   *
   * @param except the one who is being moved, not in their own way; null for somebody new
   * @return a sentence, or empty where it is good
   */
  public Optional<String> why(Kind kind, double x, double y, Ref except) {
    return bad(kind, x, y).or(() -> crowded(kind, x, y, except));
  }

  /** How far off a place to stand is looked for, metres. */
  private static final double BESIDE = 8;

  /** The nearest place, within {@value #BESIDE} m, where somebody could stand instead. */
  public Optional<Position> beside(Kind kind, double x, double y, Ref except) {
    for (double far = 0.5; far <= BESIDE; far += 0.5) {
      for (int turn = 0; turn < 24; turn++) {
        double angle = StrictMath.PI * 2 * turn / 24;
        double px = Math.floor((x + far * StrictMath.sin(angle)) * 100 + 0.5) / 100;
        double py = Math.floor((y + far * StrictMath.cos(angle)) * 100 + 0.5) / 100;
        if (why(kind, px, py, except).isEmpty()) {
          return Optional.of(new Position(px, py));
        }
      }
    }
    return Optional.empty();
  }

  /** Why the ground at a point does not bear somebody of a kind; empty where it does. */
  Optional<String> bad(Kind kind, double x, double y) {
    if (x < 0 || y < 0 || x > ground.width() || y > ground.height()) {
      return Optional.of("This is off the ground.");
    }
    int deck = decks.highest(x, y, Mover.of(kind).tall());
    if (deck != Decks.GROUND) {
      return badOn(deck, kind, x, y);
    }
    int cell = ground.cellAt(x, y);
    Optional<String> drowned = drowned(kind, ground.sample(cell));
    if (drowned.isPresent()) {
      return drowned;
    }
    double slope = StrictMath.toDegrees(StrictMath.atan(ground.gradient(cell)));
    if (slope > kind.slope()) {
      return Optional.of(
          "The ground rises at %.0f degrees here; a %s walks up to %.0f."
              .formatted(slope, kind.name().toLowerCase(java.util.Locale.ROOT), kind.slope()));
    }
    if (!works.clear(x, y, kind.radius(), works.first())) {
      return Optional.of("Something stands in the way here.");
    }
    return Optional.empty();
  }

  /** Why the water over something so high is too deep when play begins; empty where it is not. */
  private Optional<String> drowned(Kind kind, double height) {
    double depth = new Tide(mission.setting()).at(mission.setting().startTime()) - height;
    return depth <= kind.wade()
        ? Optional.empty()
        : Optional.of(
            "The water is %.1f m deep here; a %s wades to %.1f m."
                .formatted(depth, kind.name().toLowerCase(java.util.Locale.ROOT), kind.wade()));
  }

  /** The same as {@link #bad} for a point of a deck. */
  private Optional<String> badOn(int deck, Kind kind, double x, double y) {
    Optional<String> drowned = drowned(kind, decks.height(deck, x, y));
    if (drowned.isPresent()) {
      return drowned;
    }
    double slope = StrictMath.toDegrees(StrictMath.atan(decks.gradient(deck)));
    if (slope > kind.slope()) {
      return Optional.of(
          "The deck rises at %.0f degrees; a %s walks up to %.0f."
              .formatted(slope, kind.name().toLowerCase(java.util.Locale.ROOT), kind.slope()));
    }
    boolean clear = works.clear(x, y, kind.radius(), decks.height(deck, x, y), works.first());
    return clear ? Optional.empty() : Optional.of("Something stands in the way here.");
  }

  private Optional<String> crowded(Kind kind, double x, double y, Ref except) {
    double reach = kind.radius() + widest;
    for (long row = square(y - reach); row <= square(y + reach); row++) {
      for (long column = square(x - reach); column <= square(x + reach); column++) {
        for (Stander other : standers.getOrDefault(row << 32 | column, List.of())) {
          double dx = x - other.x();
          double dy = y - other.y();
          double apart = kind.radius() + other.radius();
          if (!other.ref().equals(except) && dx * dx + dy * dy < apart * apart) {
            return Optional.of("%s already stands here.".formatted(other.name()));
          }
        }
      }
    }
    return Optional.empty();
  }

  private void enter(Family family, Map<String, ? extends Standing> things) {
    things.forEach(
        (id, thing) -> {
          double radius = mission.find(thing.kind()) instanceof Kind its ? its.radius() : 0;
          double x = thing.position().x();
          double y = thing.position().y();
          widest = Math.max(widest, radius);
          standers
              .computeIfAbsent(square(y) << 32 | square(x), _ -> new ArrayList<>())
              .add(new Stander(new Ref(family, id), thing.name(), x, y, radius));
        });
  }

  private static long square(double metres) {
    return (long) Math.max(0, Math.floor(metres / SQUARE));
  }
}
