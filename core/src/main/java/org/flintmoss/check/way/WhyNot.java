package org.flintmoss.check.way;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.path.PathFinder;
import org.flintmoss.navigation.reach.ReachabilityDiagnosis;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Stand;

/**
 * Whether somebody gets to a place on foot, and if not, how far they get, what stops them there and
 * what the least change is that would let them through.
 *
 * @param reached whether they get there
 * @param seconds how long it takes at their speed; 0 where they do not get there
 * @param farthest the last place on the way that they reach
 * @param way corners of the way that they would take, from where they stand
 * @param says all of it in sentences
 * @param changes what would do, each in a few words
 * @param things those that are in the way
 */
public record WhyNot(
    boolean reached,
    double seconds,
    Position farthest,
    List<Position> way,
    String says,
    List<String> changes,
    List<Ref> things) {
  /** The most corners of a way that are told. */
  private static final int CORNERS = 200;

  /** Nobody is reckoned slower than this, metres a second. */
  private static final double LEAST = 0.01;

  /**
   * Somebody of a kind who stands on a surface at a point.
   *
   * @param speed how fast they go on good ground, metres a second
   */
  public record Who(String name, Kind kind, double speed, int deck, double x, double y) {
    /** Somebody who walks. */
    public Who(String name, Kind kind, int deck, double x, double y) {
      this(name, kind, kind.walk(), deck, x, y);
    }
  }

  /**
   * Asks it.
   *
   * @param map the map for their kind with water and gates as they stand
   * @param to the surface; {@link Decks#ANY} for whichever
   */
  public static WhyNot ask(
      Mission mission, Ways ways, Who who, NavigationMap map, int to, double x, double y) {
    double[] way = new double[CORNERS * 2];
    PathFinder finder = new PathFinder(map);
    double speed = Math.max(LEAST, who.speed());
    int corners = finder.find(who.deck(), who.x(), who.y(), to, x, y, speed, way);
    if (corners > 0) {
      return there(who, map, finder, way, corners);
    }
    ReachabilityDiagnosis.Found found =
        ReachabilityDiagnosis.look(
            map, ways.water(), ways.stand(), who.deck(), who.x(), who.y(), to, x, y);
    Telling telling = new Telling(mission, who);
    return found.led() ? telling.barred(found) : telling.apart(x, y);
  }

  /**
   * What is true of the ground at the time.
   *
   * @param water its level, metres
   * @param stand how all stands; not to be changed
   */
  public record Ways(double water, Stand stand) {}

  private static WhyNot there(
      Who who, NavigationMap map, PathFinder finder, double[] way, int corners) {
    double speed = Math.max(LEAST, who.speed());
    List<Position> points = new ArrayList<>();
    points.add(new Position(who.x(), who.y()));
    double metres = 0;
    double seconds = 0;
    for (int i = 0; i < corners; i++) {
      CalledOff.check();
      Position from = points.getLast();
      Position next = new Position(hundredths(way[2 * i]), hundredths(way[2 * i + 1]));
      metres += Math.hypot(next.x() - from.x(), next.y() - from.y());
      Link over = finder.crossing(i);
      int deck = i == 0 ? who.deck() : finder.surface(i - 1);
      seconds +=
          over == null
              ? map.seconds(deck, from.x(), from.y(), next.x(), next.y()) / speed
                  + map.toll(from.x(), from.y(), next.x(), next.y())
              : over.lasts(speed);
      points.add(next);
    }
    String says =
        String.format(
            Locale.ROOT,
            "%s gets there in %d:%02d, over %.0f m.",
            who.name(),
            (int) seconds / 60,
            (int) seconds % 60,
            metres);
    return new WhyNot(true, seconds, points.getLast(), points, says, List.of(), List.of());
  }

  private static double hundredths(double value) {
    return Math.max(0, Math.floor(value * 100 + 0.5) / 100);
  }

  /** Puts what bars a way into words. */
  private static final class Telling {
    private final Mission mission;
    private final Who who;
    private final Set<String> causes = new LinkedHashSet<>();
    private final Set<String> changes = new LinkedHashSet<>();
    private final Set<Ref> things = new LinkedHashSet<>();
    private double deepest;
    private double steepest;

    Telling(Mission mission, Who who) {
      this.mission = mission;
      this.who = who;
    }

    WhyNot apart(double x, double y) {
      String says =
          "%s does not get there: nothing leads up to it, neither a ramp nor stairs nor a step of %.2f m."
              .formatted(who.name(), Decks.PLANNED);
      Position at = new Position(hundredths(who.x()), hundredths(who.y()));
      return new WhyNot(
          false, 0, at, List.of(at), says, List.of("hang stairs or a ramp on it"), List.of());
    }

    WhyNot barred(ReachabilityDiagnosis.Found found) {
      found.bars().forEach(this::measure);
      found.bars().forEach(this::tell);
      Position farthest = new Position(hundredths(found.x()), hundredths(found.y()));
      String says =
          String.format(
              Locale.ROOT,
              "%s gets as far as E %.0f N %.0f. %s It would do to %s.",
              who.name(),
              farthest.x(),
              farthest.y(),
              String.join(" ", causes),
              listed(List.copyOf(changes)));
      return new WhyNot(
          false,
          0,
          farthest,
          List.of(farthest, at(found.bars().getLast())),
          says,
          List.copyOf(changes),
          List.copyOf(things));
    }

    private static String listed(List<String> words) {
      int last = words.size() - 1;
      return last < 1
          ? String.join("", words)
          : String.join(", ", words.subList(0, last)) + " and " + words.get(last);
    }

    private static Position at(ReachabilityDiagnosis.Bar bar) {
      return new Position(hundredths(bar.x()), hundredths(bar.y()));
    }

    private void measure(ReachabilityDiagnosis.Bar bar) {
      switch (bar) {
        case ReachabilityDiagnosis.Deep deep -> deepest = Math.max(deepest, deep.by());
        case ReachabilityDiagnosis.Steep steep -> steepest = Math.max(steepest, steep.degrees());
        case ReachabilityDiagnosis.Solid _,
            ReachabilityDiagnosis.Low _,
            ReachabilityDiagnosis.Beyond _,
            ReachabilityDiagnosis.NoGo _ -> {
          // They are told as they are.
        }
      }
    }

    private void tell(ReachabilityDiagnosis.Bar bar) {
      switch (bar) {
        case ReachabilityDiagnosis.Deep _ ->
            say(
                "The water is %.1f m too deep there.".formatted(Math.max(0.1, deepest)),
                "have the water %.1f m lower".formatted(Math.ceil(deepest * 10) / 10));
        case ReachabilityDiagnosis.Steep _ ->
            say(
                "It rises at %.0f degrees there; %s gets up to %.0f."
                    .formatted(steepest, a(who.kind()), Mover.of(who.kind()).slope()),
                "make the slope gentler, or hang stairs there");
        case ReachabilityDiagnosis.Solid solid -> tell(solid.thing());
        case ReachabilityDiagnosis.Beyond beyond -> tell(beyond);
        case ReachabilityDiagnosis.NoGo no -> {
          things.add(no.zone());
          String name = mission.find(no.zone()).name();
          say("%s is no-go for %s.".formatted(name, a(who.kind())), "let it into " + name);
        }
        case ReachabilityDiagnosis.Low _ ->
            say("There is no room under what lies above.", "raise what lies above");
      }
    }

    private void tell(ReachabilityDiagnosis.Beyond it) {
      String what =
          it.manner() == Crossing.Manner.LEAP
              ? "leap"
              : it.manner() == Crossing.Manner.CLIMB ? "climb" : "drop";
      say(
          "It takes a %s of %.1f m there; %s"
              .formatted(
                  what,
                  Math.ceil(it.asks() * 10) / 10,
                  it.limit() > 0
                      ? "%s's limit is %.1f m.".formatted(a(who.kind()), it.limit())
                      : "%s makes none.".formatted(a(who.kind()))),
          "make a crossing there");
    }

    private void tell(Ref thing) {
      things.add(thing);
      String name = mission.find(thing) == null ? "something" : mission.find(thing).name();
      switch (thing.family()) {
        case GATES -> say(name + " is closed.", "open " + name);
        case PROPS -> say(name + " stands in the way.", "move " + name);
        case DECKS -> say("The railing of " + name + " is in the way.", "make a gap in it");
        default ->
            say(
                name + " is in the way.",
                thing.family() == Family.BUILDINGS
                    ? "give " + name + " a door there"
                    : "put a gate into " + name);
      }
    }

    private void say(String cause, String change) {
      causes.add(cause);
      changes.add(change);
    }

    private static String a(Kind kind) {
      return "a " + kind.name().toLowerCase(Locale.ROOT);
    }
  }
}
