package org.flintmoss.navigation.path;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.word.Position;
import org.flintmoss.navigation.map.Crossings;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.navigation.map.NavigationMap;

/** The crossings of a map as they are drawn: few enough to be told apart. */
public final class Sketch {
  /** Of crossings that begin in the same square and lead the same way one is drawn, metres. */
  private static final double SQUARE = 1.5;

  /** The most that are drawn. */
  private static final int MOST = 5_000;

  /**
   * A crossing as it is drawn.
   *
   * @param deck the surface it begins on; see {@link org.flintmoss.terrain.Decks}
   * @param toDeck the surface it ends on
   * @param back whether it leads back as well
   * @param made whether the designer has made it
   */
  public record Stroke(
      Crossing.Manner manner,
      Position from,
      int deck,
      Position to,
      int toDeck,
      boolean back,
      boolean made) {}

  /** Where a crossing begins, and which way it leads, in eighths of a turn. */
  private record Seat(Crossing.Manner manner, long column, long row, int deck, int way) {}

  private Sketch() {}

  /** The crossings that can be used on a map. */
  public static List<Stroke> of(NavigationMap map) {
    Crossings crossings = map.graph().crossings();
    Map<Seat, Stroke> strokes = new HashMap<>();
    List<Stroke> all = new ArrayList<>();
    crossings
        .all()
        .forEach(
            it -> {
              boolean drawn = all.size() < MOST && !it.link().byZone();
              if (drawn && map.opens(it) && !strokes.containsKey(there(it.link()))) {
                all.add(stroke(map, it, strokes));
              }
            });
    return all;
  }

  private static Stroke stroke(NavigationMap map, Crossings.Ended of, Map<Seat, Stroke> strokes) {
    Link link = of.link();
    boolean back = returns(map, of);
    Stroke stroke =
        new Stroke(
            link.manner(),
            position(link.x(), link.y()),
            link.deck(),
            position(link.toX(), link.toY()),
            link.toDeck(),
            back,
            !link.made().isEmpty());
    strokes.put(there(link), stroke);
    if (back) {
      strokes.put(back(link), stroke);
    }
    return stroke;
  }

  private static boolean returns(NavigationMap map, Crossings.Ended of) {
    for (Crossings.Ended it : map.graph().crossings().from(of.to())) {
      boolean same = it.link().manner() == of.link().manner();
      if (same && it.to() == of.from() && map.opens(it)) {
        return true;
      }
    }
    return false;
  }

  private static Seat there(Link link) {
    return seat(link.manner(), link.x(), link.y(), link.deck(), link.toX(), link.toY());
  }

  private static Seat back(Link link) {
    return seat(link.manner(), link.toX(), link.toY(), link.toDeck(), link.x(), link.y());
  }

  private static Seat seat(
      Crossing.Manner manner, double x, double y, int deck, double toX, double toY) {
    double turn = StrictMath.atan2(toY - y, toX - x) / (Math.PI / 4);
    return new Seat(
        manner,
        (long) Math.floor(x / SQUARE),
        (long) Math.floor(y / SQUARE),
        deck,
        (int) Math.floor(turn + 0.5));
  }

  private static Position position(double x, double y) {
    return new Position(Math.floor(x * 100 + 0.5) / 100, Math.floor(y * 100 + 0.5) / 100);
  }
}
