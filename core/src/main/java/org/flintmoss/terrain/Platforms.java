package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import org.flintmoss.mission.Corner;
import org.flintmoss.mission.Deck;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Position;

/** Takes decks apart into platforms: first the decks in the order of their ids, then ramps. */
final class Platforms {
  /** How thick a ramp is, metres. */
  private static final double RAMP = 0.2;

  /** How far a ramp reaches in under the rim it hangs on, metres, so that no gap is left. */
  private static final double LAP = 0.15;

  /** What the pace of those on stairs is multiplied by. */
  private static final double ON_STAIRS = 0.6;

  private final Ground ground;
  private final List<Platform> made = new ArrayList<>();

  private Platforms(Ground ground) {
    this.ground = ground;
  }

  /** All of a mission. */
  static Platform[] of(Mission mission, Ground ground) {
    Platforms platforms = new Platforms(ground);
    List<Deck> decks = List.copyOf(mission.decks().values());
    decks.forEach(deck -> platforms.made.add(platform(deck)));
    for (int deck = 0; deck < decks.size(); deck++) {
      Platform from = platforms.made.get(deck);
      for (Map.Entry<String, Deck.Ramp> ramp : Ordered.sort(decks.get(deck).ramps())) {
        platforms.made.add(platforms.ramp(from, ramp.getValue(), decks.size()));
      }
    }
    return platforms.made.toArray(Platform[]::new);
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
        false);
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
    double length = Segments.length(head.x(), head.y(), foot.x(), foot.y());
    Area.Ring outline = strip(head, foot, length, ramp.width() / 2);
    double per = length == 0 ? 0 : (bottom - top) / (length * length);
    boolean steps = ramp.tread() == Deck.Tread.STAIRS;
    return new Platform(
        from.name(),
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
        steps);
  }

  /** A rectangle along a line, which reaches back beyond its head. */
  private static Area.Ring strip(Position head, Position foot, double length, double half) {
    double east = length == 0 ? 0 : (foot.x() - head.x()) / length;
    double north = length == 0 ? 0 : (foot.y() - head.y()) / length;
    double x = head.x() - east * LAP;
    double y = head.y() - north * LAP;
    return new Area.Ring(
        new double[] {
          x - north * half, x + north * half, foot.x() + north * half, foot.x() - north * half
        },
        new double[] {
          y + east * half, y - east * half, foot.y() - east * half, foot.y() + east * half
        });
  }
}
