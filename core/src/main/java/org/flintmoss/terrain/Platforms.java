package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Building;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.word.Corner;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;

/**
 * Takes decks and buildings apart into platforms: first the decks in the order of their ids, then
 * their ramps, then of each building its floors from the lowest up, its roof and its stairs; at
 * last of each deck that moves its other stops.
 */
final class Platforms {
  /** How thick a ramp is, metres. */
  private static final double RAMP = 0.2;

  /** How far a ramp reaches in under the rim it hangs on, metres, so that no gap is left. */
  private static final double LAP = 0.15;

  /** How thick floors and roofs are, metres. */
  private static final double FLOOR = 0.25;

  /** What the pace of those on stairs is multiplied by. */
  private static final double ON_STAIRS = 0.6;

  private final Ground ground;
  private final List<Platform> made = new ArrayList<>();

  private Platforms(Ground ground) {
    this.ground = ground;
  }

  /** All of a mission. */
  static List<Platform> of(Mission mission, List<House> houses, Ground ground) {
    Platforms platforms = new Platforms(ground);
    List<Deck> decks = List.copyOf(mission.decks().values());
    decks.forEach(deck -> platforms.made.add(platform(deck)));
    for (int deck = 0; deck < decks.size(); deck++) {
      Platform from = platforms.made.get(deck);
      for (Map.Entry<String, Deck.Ramp> ramp : Ordered.sort(decks.get(deck).ramps())) {
        platforms.made.add(platforms.ramp(from, ramp.getValue(), decks.size()));
      }
    }
    houses.forEach(platforms::house);
    return platforms.made;
  }

  private void house(House house) {
    Area.Ring outline = house.outline();
    List<Building.Stairs> stairs = house.stairs();
    for (int i = 0; i < house.floors().length; i++) {
      boolean roof = i == house.storeys().size();
      boolean pitched = roof && house.building().roof().make() == Building.Make.PITCHED;
      int number = i;
      List<Area.Ring> openings =
          stairs.stream()
              .filter(it -> house.storey(it.storey()) + 1 == number)
              .map(it -> strip(it.head(), it.foot(), 0, it.width() / 2))
              .toList();
      double top = house.floors()[i];
      made.add(
          new Platform(
              house.building().name(),
              outline,
              openings,
              outline.bounds(),
              0,
              0,
              top,
              0,
              0,
              i == 0 ? Math.max(FLOOR, top - house.lowest() + FLOOR) : FLOOR,
              Surface.FLOOR.pace(),
              pitched ? Platform.Tread.NONE : Platform.Tread.PLAIN,
              false));
    }
    for (Building.Stairs of : stairs) {
      int from = house.storey(of.storey());
      Slope slope = new Slope(of.head(), of.foot(), house.floors()[from + 1], house.floors()[from]);
      made.add(slope.platform(house.building().name(), of.width(), true));
    }
  }

  /** A line that drops from its head to its foot, heights in metres. */
  private record Slope(Position head, Position foot, double top, double bottom) {
    Platform platform(String name, double width, boolean steps) {
      double length = Segments.length(head.x(), head.y(), foot.x(), foot.y());
      Area.Ring outline = strip(head, foot, LAP, width / 2);
      double per = length == 0 ? 0 : (bottom - top) / (length * length);
      return new Platform(
          name,
          outline,
          List.of(),
          length == 0 ? Platform.NOWHERE : outline.bounds(),
          head.x(),
          head.y(),
          top,
          per * (foot.x() - head.x()),
          per * (foot.y() - head.y()),
          RAMP,
          steps ? ON_STAIRS : Surface.PLANK.pace(),
          steps ? Platform.Tread.STEPS : Platform.Tread.PLAIN,
          false);
    }
  }

  /** A deck of less than three corners is over nothing. */
  private static Platform platform(Deck deck) {
    List<Corner> corners = corners(deck.corners());
    Area.Ring outline = Area.ring(corners);
    double rise = StrictMath.tan(StrictMath.toRadians(deck.slope().degrees()));
    double toward = StrictMath.toRadians(deck.slope().toward());
    return new Platform(
        deck.name(),
        outline,
        openings(deck),
        corners.size() < 3 ? Platform.NOWHERE : outline.bounds(),
        corners.stream().mapToDouble(it -> it.position().x()).average().orElse(0),
        corners.stream().mapToDouble(it -> it.position().y()).average().orElse(0),
        deck.top(),
        rise * StrictMath.sin(toward),
        rise * StrictMath.cos(toward),
        deck.thickness(),
        Surface.PLANK.pace(),
        Platform.Tread.PLAIN,
        deck.moves());
  }

  private static List<Corner> corners(SortedMap<String, Corner> corners) {
    return Ordered.sort(corners).stream().map(Map.Entry::getValue).toList();
  }

  private static List<Area.Ring> openings(Deck deck) {
    return deck.openings().values().stream()
        .map(opening -> corners(opening.corners()))
        .filter(corners -> corners.size() >= 3)
        .map(Area::ring)
        .toList();
  }

  /** A ramp from a deck down to the highest of the decks that lie lower at its foot. */
  private Platform ramp(Platform from, Deck.Ramp ramp, int decks) {
    Position head = ramp.head();
    Position foot = ramp.foot();
    double top = from.height(head.x(), head.y());
    double bottom = ground.heightAt(foot.x(), foot.y());
    for (Platform other : made.subList(0, decks)) {
      double height = other.height(foot.x(), foot.y());
      if (other != from && height < top && height > bottom && other.over(foot.x(), foot.y())) {
        bottom = height;
      }
    }
    boolean steps = ramp.tread() == Deck.Tread.STAIRS;
    return new Slope(head, foot, top, bottom).platform(from.name(), ramp.width(), steps);
  }

  /** A rectangle along a line, which reaches back beyond its head. */
  private static Area.Ring strip(Position head, Position foot, double lap, double half) {
    double length = Segments.length(head.x(), head.y(), foot.x(), foot.y());
    double east = length == 0 ? 0 : (foot.x() - head.x()) / length;
    double north = length == 0 ? 0 : (foot.y() - head.y()) / length;
    double x = head.x() - east * lap;
    double y = head.y() - north * lap;
    return new Area.Ring(
        new double[] {
          x - north * half, x + north * half, foot.x() + north * half, foot.x() - north * half
        },
        new double[] {
          y + east * half, y - east * half, foot.y() - east * half, foot.y() + east * half
        });
  }
}
