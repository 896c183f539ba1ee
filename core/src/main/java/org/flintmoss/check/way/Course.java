package org.flintmoss.check.way;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;

/**
 * A route as somebody of a kind would go along it: how long each leg takes, which way it leads, and
 * what is in the way where it cannot be gone.
 *
 * @param of the kind that it is reckoned for
 * @param legs in the order in which they were asked for
 */
public record Course(Ref of, List<Leg> legs) {
  /**
   * For this many legs that cannot be gone it is told why; for the others only that they cannot.
   */
  private static final int EXPLAINED = 3;

  /** The kind that is reckoned with where nobody goes along the route yet: the most frequent. */
  private static final String NOBODY = "";

  /**
   * One leg.
   *
   * @param seconds how long it takes; 0 where it cannot be gone
   * @param way corners of the way, or of what would be the way
   * @param farthest the last place on it that is reached
   * @param says why it cannot be gone; empty where it can
   */
  public record Leg(
      boolean reached, double seconds, List<Position> way, Position farthest, String says) {}

  /**
   * A waypoint, as it lies while it is being drawn or dragged.
   *
   * @param speed how fast one goes to it
   */
  public record Stop(
      @NotNull @Valid Position position,
      @NotNull @Valid Route.Level height,
      @NotNull @Valid Route.Speed speed) {}

  /**
   * What is asked for.
   *
   * @param route the id of the route, which tells who goes along it; empty for one not yet made
   * @param legs each from one stop to another, by their numbers from 0
   */
  public record Asked(
      @NotNull @Size(max = 60) String route,
      @NotNull @Size(max = 200) List<@NotNull @Valid Stop> stops,
      @NotNull @Size(max = 400)
          List<@NotNull @Size(min = 2, max = 2) List<@NotNull Integer>> legs) {}

  /**
   * The kind whose course a route is: of those who are ordered along it the most frequent, or of
   * all units where nobody is; the first by id of several.
   *
   * @throws MissionRefused if the mission has no kinds
   */
  public static Ref kind(Mission mission, String route) {
    Map<Ref, Integer> many = new HashMap<>();
    for (Unit unit : mission.units().values()) {
      if (goesAlong(mission, unit, route)) {
        many.merge(unit.kind(), 1, Integer::sum);
      }
    }
    if (many.isEmpty() && !route.equals(NOBODY)) {
      return kind(mission, NOBODY);
    }
    return many.keySet().stream()
        .filter(it -> mission.find(it) instanceof Kind)
        .min((one, other) -> compare(many, one, other))
        .orElseGet(
            () ->
                mission.kinds().keySet().stream()
                    .findFirst()
                    .map(it -> new Ref(Family.KINDS, it))
                    .orElseThrow(() -> new MissionRefused("/kinds", "has nobody in it")));
  }

  private static int compare(Map<Ref, Integer> many, Ref one, Ref other) {
    int more = Integer.compare(many.get(other), many.get(one));
    return more == 0 ? one.id().compareTo(other.id()) : more;
  }

  private static boolean goesAlong(Mission mission, Unit unit, String route) {
    return route.equals(NOBODY)
        || along(unit.order(), route)
        || (unit.belongs() instanceof Unit.OfSquad of
            && mission.find(of.squad()) instanceof Squad squad
            && along(squad.order(), route));
  }

  private static boolean along(Order order, String route) {
    return order instanceof Order.Along it && it.route().id().equals(route);
  }

  /**
   * Reckons the legs.
   *
   * @param map the map for the kind with water and gates as they stand
   * @throws MissionRefused if a leg names a stop that there is not, or a stop lies off the ground
   */
  public static Course of(
      Mission mission, WhyNot.Ways ways, Land land, NavigationMap map, Ref kind, Asked asked) {
    List<Leg> legs = new ArrayList<>();
    int barred = 0;
    for (int i = 0; i < asked.legs().size(); i++) {
      Stop from = stop(land, asked, i, 0);
      Stop to = stop(land, asked, i, 1);
      Leg leg = leg(mission, ways, land, map, kind, from, to, barred < EXPLAINED);
      barred += leg.reached() ? 0 : 1;
      legs.add(leg);
    }
    return new Course(kind, legs);
  }

  private static Stop stop(Land land, Asked asked, int leg, int end) {
    String pointer = "/legs/%d/%d".formatted(leg, end);
    int number = asked.legs().get(leg).get(end);
    if (number < 0 || number >= asked.stops().size()) {
      throw new MissionRefused(pointer, "names no stop that there is: " + number);
    }
    Position at = asked.stops().get(number).position();
    if (!land.ground().holds(at.x(), at.y())) {
      throw new MissionRefused("/stops/" + number, "lies off the ground");
    }
    return asked.stops().get(number);
  }

  private static Leg leg(
      Mission mission,
      WhyNot.Ways ways,
      Land land,
      NavigationMap map,
      Ref of,
      Stop from,
      Stop to,
      boolean explained) {
    Kind kind = (Kind) mission.find(of);
    double x = from.position().x();
    double y = from.position().y();
    double toX = to.position().x();
    double toY = to.position().y();
    int toDeck = surface(land, map, to);
    int deck = surface(land, map, from);
    deck = deck == Decks.ANY ? leading(land, map, x, y, toDeck, toX, toY) : deck;
    WhyNot.Who who = new WhyNot.Who(kind.name(), kind, speed(kind, to.speed()), deck, x, y);
    if (!explained && !map.joined(deck, x, y, toDeck, toX, toY)) {
      return new Leg(false, 0, List.of(), from.position(), "cannot be gone either");
    }
    WhyNot it = WhyNot.ask(mission, ways, who, map, toDeck, toX, toY);
    return new Leg(
        it.reached(), it.seconds(), it.way(), it.farthest(), it.reached() ? "" : it.says());
  }

  /** The surface that a stop lies on; {@link Decks#ANY} for whichever is come to. */
  private static int surface(Land land, NavigationMap map, Stop stop) {
    if (!map.onDecks()) {
      return Decks.GROUND;
    }
    return switch (stop.height()) {
      case Route.AnyLevel _ -> Decks.ANY;
      case Route.AtHeight at ->
          land.decks().nearest(stop.position().x(), stop.position().y(), at.height());
    };
  }

  /** Of the surfaces at a point the highest that leads to another; the highest if none does. */
  private static int leading(
      Land land, NavigationMap map, double x, double y, int to, double toX, double toY) {
    int highest = map.highest(x, y);
    for (int deck = highest; deck >= Decks.GROUND; deck--) {
      if (land.decks().over(deck, x, y) && map.joined(deck, x, y, to, toX, toY)) {
        return deck;
      }
    }
    return highest;
  }

  private static double speed(Kind kind, Route.Speed speed) {
    return switch (speed) {
      case Route.AtARun _ -> kind.run();
      case Route.AtSpeed at -> Math.min(kind.run(), at.speed());
      case Route.AtAWalk _ -> kind.walk();
    };
  }
}
