package org.flintmoss.navigation.map;

import java.util.function.Consumer;
import org.flintmoss.mission.ground.Crossing.Manner;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.land.NoGoAreas;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Stand;

/**
 * Finds where somebody gets on by a leap, a climb or a drop: from each place where walking ends, it
 * looks in eight directions for the first place that their limits reach, and for leaps also between
 * them where it finds nothing. Gates count as closed.
 */
final class CrossingFinder {
  /**
   * How far one leaps, climbs and drops, metres.
   *
   * @param leap the widest gap
   * @param climb the highest ledge
   * @param over the highest wall or prop that is climbed over
   */
  public record Limits(double leap, double climb, double drop, double over) {
    public static Limits of(Mover mover) {
      return new Limits(mover.leap(), mover.climb(), mover.drop(), mover.climb());
    }

    /** The limit of one manner, metres. */
    public double of(Manner manner) {
      return switch (manner) {
        case LEAP -> leap;
        case CLIMB -> climb;
        case DROP -> drop;
        case CRAWL, WADE -> 0;
      };
    }

    boolean none() {
      return leap <= 0 && climb <= 0 && drop <= 0;
    }
  }

  /** How far in plan a ledge may be that is climbed or dropped from, metres. */
  private static final double LEDGE = 1.3;

  /** How far one gets over a wall or a prop from one side to the other, metres. */
  private static final double OVER = 2.1;

  /** How much higher than both its ends a leap goes, metres. */
  private static final double ARC = 0.2;

  /** How finely a gap is measured, metres. */
  private static final double MEASURE = 0.1;

  /** How much lower a gully lies than both its sides, metres. */
  private static final double GULLY = 0.5;

  private static final double TENTH = 0.1;

  /** The eight ways in the order in which they go round. */
  private static final int[] ROUND = {0, 4, 1, 5, 2, 6, 3, 7};

  private static final double HALF_ROOT = Math.sqrt(0.5);

  private static final double DRY = Double.NEGATIVE_INFINITY;

  private final NavigationGraph graph;
  private final NoGoAreas noGoAreas;
  private final Decks decks;
  private final double low;
  private final double tall;
  private final Stand closed;

  CrossingFinder(NavigationGraph graph, NoGoAreas noGoAreas) {
    this.graph = graph;
    this.noGoAreas = noGoAreas;
    decks = graph.decks;
    low = graph.mover.low();
    tall = graph.mover.tall();
    closed = graph.obstacles.closed();
  }

  /** Hands over the crossings from a place. */
  void from(int place, Limits limits, Consumer<Crossings.Ended> sink) {
    CalledOff.check();
    if (graph.isPortal(place) || !stands(place)) {
      return;
    }
    if (place < graph.cells()) {
      fromCell(place, limits.leap(), sink);
    } else {
      fromFine(place, limits, sink);
    }
  }

  private void fromFine(int place, Limits limits, Consumer<Crossings.Ended> sink) {
    int deck = graph.deck(place);
    double x = graph.x(place);
    double y = graph.y(place);
    double step = graph.step();
    if (noGoAreas.plain(deck, x, y) || !decks.room(deck, x, y, tall)) {
      return;
    }
    int idle = 0;
    for (int way = 0; way < 8; way++) {
      double east = Steps.DX[way] * step;
      double north = Steps.DY[way] * step;
      if (!walks(deck, x, y, x + east, y + north)) {
        idle |= look(place, east, north, limits, true, sink) ? 0 : 1 << way;
      } else if (begins(deck, x, y, x + east, y + north)) {
        up(place, x + east, y + north, limits, sink);
      }
    }
    between(place, idle, limits, sink);
  }

  /**
   * Looks for leaps between two of the eight ways where one can walk neither and nothing was found
   * either: there a gap that lies aslant may be narrower.
   *
   * @param idle such ways, as bits
   */
  private void between(int place, int idle, Limits limits, Consumer<Crossings.Ended> sink) {
    Limits leaps = new Limits(limits.leap(), 0, limits.drop(), 0);
    for (int i = 0; i < 8; i++) {
      int one = ROUND[i];
      int other = ROUND[(i + 1) % 8];
      if ((idle >> one & 1) == 1 && (idle >> other & 1) == 1) {
        double east = unit(Steps.DX[one], one) + unit(Steps.DX[other], other);
        double north = unit(Steps.DY[one], one) + unit(Steps.DY[other], other);
        double length = Math.sqrt(east * east + north * north);
        double step = graph.step() / length;
        look(place, east * step, north * step, leaps, false, sink);
      }
    }
  }

  private static double unit(int of, int way) {
    return way < 4 ? of : of * HALF_ROOT;
  }

  /** How far from where it begins a mover's crossing may end, or be kept from it, metres. */
  static double farthest(Mover mover, double step) {
    return Math.max(OVER, mover.leap() + 3 * step) + LEDGE;
  }

  private double height(int deck, double x, double y) {
    return decks.height(deck, x, y);
  }

  /** Whether one walks from a point on to one beside it. */
  private boolean walks(int deck, double x, double y, double toX, double toY) {
    if (!graph.ground.holds(toX, toY)) {
      return true;
    }
    boolean open =
        deck == Decks.GROUND
            && decks.around(x, y).length == 0
            && decks.around(toX, toY).length == 0;
    int next = open ? Decks.GROUND : decks.along(deck, x, y, toX, toY, low);
    int place = next == Decks.ANY ? -1 : graph.at(next, toX, toY);
    return place >= 0 && stands(place);
  }

  /** Whether somebody can stand in the middle of a place: there is room to take off and land. */
  private boolean stands(int place) {
    return graph.clear(place) && !graph.shifted(place);
  }

  /** Whether a deck that is not over one point is over another, above a surface. */
  private boolean begins(int deck, double x, double y, double toX, double toY) {
    double height = height(deck, x, y);
    for (int other : decks.around(toX, toY)) {
      if (decks.over(other, toX, toY)
          && !decks.over(other, x, y)
          && height(other, toX, toY) > height) {
        return true;
      }
    }
    return false;
  }

  /** A climb to a deck under which one walks on. */
  private void up(int from, double toX, double toY, Limits limits, Consumer<Crossings.Ended> sink) {
    Link link = ledge(from, toX, toY, new Limits(0, limits.climb(), 0, 0));
    if (link != null) {
      sink.accept(new Crossings.Ended(from, graph.at(link.toDeck(), toX, toY), link));
    }
  }

  /**
   * Looks in one direction, farther and farther; answers with whether anything was found.
   *
   * @param ledges whether also for ledges that are climbed or dropped from
   */
  private boolean look(
      int from,
      double east,
      double north,
      Limits limits,
      boolean ledges,
      Consumer<Crossings.Ended> sink) {
    double x = graph.x(from);
    double y = graph.y(from);
    double pace = Math.sqrt(east * east + north * north);
    double farthest = Math.max(OVER, limits.leap() + 2 * pace);
    boolean found = false;
    for (int k = 1; k * pace <= farthest; k++) {
      double toX = x + east * k;
      double toY = y + north * k;
      if (!graph.ground.holds(toX, toY)) {
        return found;
      }
      Link near = ledges && !found ? ledge(from, toX, toY, limits) : null;
      Link link = near == null ? level(from, toX, toY, limits) : near;
      if (link != null) {
        sink.accept(new Crossings.Ended(from, graph.at(link.toDeck(), toX, toY), link));
        found = true;
        if (near == null || near.manner() == Manner.CLIMB) {
          return true;
        }
      }
    }
    return found;
  }

  /** A climb or a drop to any surface at a point near by; null for none. */
  private Link ledge(int from, double toX, double toY, Limits limits) {
    if (length(from, toX, toY) > LEDGE) {
      return null;
    }
    double height = height(graph.deck(from), graph.x(from), graph.y(from));
    int best = Decks.ANY;
    double least = Double.POSITIVE_INFINITY;
    for (int deck = Decks.GROUND, i = -1; deck != Decks.ANY; deck = next(++i, toX, toY)) {
      double rise = height(deck, toX, toY) - height;
      boolean within = rise > 0 ? rise <= limits.climb() : -rise <= limits.drop();
      boolean nearer = Math.abs(rise) > Decks.PLANNED && within && Math.abs(rise) < least;
      if (nearer && lands(deck, toX, toY)) {
        best = deck;
        least = Math.abs(rise);
      }
    }
    if (best == Decks.ANY) {
      return null;
    }
    double rise = height(best, toX, toY) - height;
    double top = Math.max(height, height + rise);
    boolean free = clear(from, toX, toY, top) && shaft(from, top) && shaft(best, toX, toY, top);
    return free
        ? link(rise > 0 ? Manner.CLIMB : Manner.DROP, from, best, toX, toY, Math.abs(rise))
        : null;
  }

  /** The next of the decks about a point; none after the last. */
  private int next(int at, double x, double y) {
    int[] around = decks.around(x, y);
    int i = at;
    while (i < around.length && !decks.over(around[i], x, y)) {
      i++;
    }
    return i < around.length ? around[i] : Decks.ANY;
  }

  /** A leap over a gap, or a climb over what stands in the way; null for none. */
  private Link level(int from, double toX, double toY, Limits limits) {
    double x = graph.x(from);
    double y = graph.y(from);
    int deck = graph.deck(from);
    double height = height(deck, x, y);
    for (int to = Decks.GROUND, i = -1; to != Decks.ANY; to = next(++i, toX, toY)) {
      double rise = height(to, toX, toY) - height;
      boolean even = rise <= Decks.STEP && -rise <= Math.max(limits.drop(), Decks.STEP);
      if (!even || !lands(to, toX, toY)) {
        continue;
      }
      double gap = gap(deck, x, y, to, toX, toY);
      double top = Math.max(height, height + rise) + ARC;
      if (gap > 0 && gap <= limits.leap() && clear(from, toX, toY, top)) {
        return link(Manner.LEAP, from, to, toX, toY, gap);
      }
      boolean flat = gap == 0 && Math.abs(rise) <= Decks.STEP;
      if (flat && length(from, toX, toY) <= OVER && limits.over() > Decks.STEP) {
        double over = height + limits.over() - Decks.STEP;
        if (clear(from, toX, toY, over) && !clear(from, toX, toY, height)) {
          return over(from, to, toX, toY, limits.over());
        }
      }
    }
    return null;
  }

  /** A climb over something: as high as it is, to a tenth of a metre. */
  private Link over(int from, int to, double toX, double toY, double climb) {
    double height = height(graph.deck(from), graph.x(from), graph.y(from));
    double up = Decks.STEP + TENTH;
    while (up < climb && !clear(from, toX, toY, height + up - Decks.STEP)) {
      up += TENTH;
    }
    return link(Manner.CLIMB, from, to, toX, toY, Math.min(up, climb));
  }

  private Link link(Manner manner, int from, int to, double toX, double toY, double asks) {
    double length = length(from, toX, toY);
    return new Link(
        manner,
        graph.x(from),
        graph.y(from),
        graph.deck(from),
        toX,
        toY,
        to,
        Link.metres(manner, length),
        Link.seconds(manner, asks),
        asks,
        "");
  }

  private double length(int from, double toX, double toY) {
    double dx = toX - graph.x(from);
    double dy = toY - graph.y(from);
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** Whether one can stand at a point of a surface, and a crossing may end there. */
  private boolean lands(int deck, double x, double y) {
    int place = graph.at(deck, x, y);
    return place >= 0
        && stands(place)
        && graph.bears(deck, x, y, DRY)
        && decks.room(deck, x, y, tall)
        && !noGoAreas.plain(deck, x, y);
  }

  /** How much of the way between two points neither of two surfaces bears, metres. */
  private double gap(int deck, double x, double y, int to, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    int parts = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / MEASURE) + 1;
    int open = 0;
    for (int i = 1; i < parts; i++) {
      double px = x + dx * i / parts;
      double py = y + dy * i / parts;
      boolean borne =
          graph.bears(deck, px, py, DRY) || (to != deck && graph.bears(to, px, py, DRY));
      open += borne ? 0 : 1;
    }
    return Math.sqrt(dx * dx + dy * dy) * open / parts;
  }

  /** Whether nothing is in the way of somebody who goes straight over with their feet so high. */
  private boolean clear(int from, double toX, double toY, double feet) {
    double x = graph.x(from);
    double y = graph.y(from);
    double room = graph.mover.radius() - NavigationGraph.LEAN;
    return graph.obstacles.clear(x, y, toX, toY, room, feet, tall, closed)
        && decks.clear(x, y, feet + ARC, toX, toY, feet + ARC)
        && decks.clear(x, y, feet + tall, toX, toY, feet + tall)
        && graph.ground.clear(x, y, feet + ARC, toX, toY, feet + ARC);
  }

  /** Whether the air over a place is free up to where somebody stands whose feet are so high. */
  private boolean shaft(int place, double feet) {
    return shaft(graph.deck(place), graph.x(place), graph.y(place), feet);
  }

  private boolean shaft(int deck, double x, double y, double feet) {
    return decks.between(x, y, height(deck, x, y) + ARC, feet + tall) == Decks.ANY;
  }

  /** The leaps from a cell in open country over gullies that are as wide as whole cells. */
  private void fromCell(int cell, double leap, Consumer<Crossings.Ended> sink) {
    double side = graph.ground.cell();
    if (leap < side || graph.split(cell) || !graph.clear(cell)) {
      return;
    }
    double x = graph.x(cell);
    double y = graph.y(cell);
    for (int way = 0; way < 4; way++) {
      double near = side / 2 - graph.step() / 2;
      double lowest = graph.ground.sample(cell) - GULLY;
      for (int k = 2; (k - 1) * side <= leap; k++) {
        double toX = x + Steps.DX[way] * side * k;
        double toY = y + Steps.DY[way] * side * k;
        int between = beyond(cell, way, k - 1);
        int to = beyond(cell, way, k);
        if (to < 0 || graph.ground.sample(between) > lowest || graph.split(between)) {
          break;
        }
        double rise = graph.ground.sample(to) - graph.ground.sample(cell);
        if (!graph.split(to) && graph.clear(to) && Math.abs(rise) <= Decks.STEP) {
          sink.accept(
              new Crossings.Ended(
                  cell,
                  to,
                  new Link(
                      Manner.LEAP,
                      x + Steps.DX[way] * near,
                      y + Steps.DY[way] * near,
                      Decks.GROUND,
                      toX - Steps.DX[way] * near,
                      toY - Steps.DY[way] * near,
                      Decks.GROUND,
                      side * k - 2 * near,
                      Link.seconds(Manner.LEAP, 0),
                      side * (k - 1),
                      "")));
          break;
        }
      }
    }
  }

  private int beyond(int cell, int way, int k) {
    int column = cell % graph.ground.columns() + Steps.DX[way] * k;
    int row = cell / graph.ground.columns() + Steps.DY[way] * k;
    boolean there =
        column >= 0 && row >= 0 && column < graph.ground.columns() && row < graph.ground.rows();
    return there ? row * graph.ground.columns() + column : -1;
  }
}
