package org.flintmoss.terrain;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Position;

/**
 * The surfaces that lie one above the other: the ground, and the decks over it. A unit that stands
 * does so on one of them, told by a number: {@value #GROUND} for the ground, from 1 for decks in
 * the order of their ids, and on from there for their ramps, for the floors, roofs and stairs of
 * buildings and for the further stops of decks that move. Immutable, but for where those are that
 * are just going, where they are as a {@link Stand} tells.
 */
public final class Decks {
  /** The number of the ground. */
  public static final int GROUND = 0;

  /** Stands for whichever surface suits. */
  public static final int ANY = -1;

  /** The highest step that is taken on foot from one surface to another, metres. */
  public static final double STEP = 0.45;

  /**
   * The highest step that ways are planned with, metres: lower than {@link #STEP}, so that a unit
   * that goes along one a hand's breadth beside its line still takes it.
   */
  public static final double PLANNED = 0.3;

  /** How far somebody on foot goes at once before it is looked at what they stand on, metres. */
  public static final double STRIDE = 0.2;

  /** The steepest stairs that are climbed, metres of rise per metre: as steep as a ship's. */
  public static final double STEEPEST_STAIRS = 1.2;

  /** The least room that is asked for above a thing without a height of its own, metres. */
  private static final double LITTLE = 0.1;

  private static final int[] NONE = {};

  private final Ground ground;
  private final List<House> houses;
  private final Platform[] slabs;
  private final Roads roads;
  private final SlabIndex index;
  private final Map<String, Integer> numbers;
  private final MovingDecks moving;

  /** Where those are that move; null for where they begin. */
  private final Stand stand;

  private Decks(Mission mission, Ground ground) {
    this.ground = ground;
    houses = House.of(mission, ground);
    List<Platform> all = Platforms.of(mission, houses, ground);
    moving = MovingDecks.of(mission, all);
    slabs = all.toArray(Platform[]::new);
    roads = new Roads(mission, ground);
    index = new SlabIndex(slabs, moving, ground);
    numbers = new HashMap<>();
    stand = null;
    mission.decks().keySet().forEach(id -> numbers.put(id, numbers.size() + 1));
    int next = numbers.size() + 1;
    for (Deck deck : mission.decks().values()) {
      next += deck.ramps().size();
    }
    for (House house : houses) {
      for (int storey = 0; storey < house.floors().length; storey++) {
        numbers.put(key(house, storey), next++);
      }
      next += house.stairs().size();
    }
  }

  private Decks(Decks of, Stand stand) {
    ground = of.ground;
    houses = of.houses;
    slabs = of.slabs;
    roads = of.roads;
    index = of.index;
    numbers = of.numbers;
    moving = of.moving;
    this.stand = stand;
  }

  /** The same while those that move are where they are told to be; that may go on changing. */
  public Decks as(Stand now) {
    return moving.none() ? this : new Decks(this, now);
  }

  /** Those that move. */
  public MovingDecks moving() {
    return moving;
  }

  private int state(int deck) {
    return stand == null ? 1 : stand.state(moving.changes(deck));
  }

  /** Whether a surface is there and not where it is only at times. */
  private boolean there(int deck) {
    int its = moving.of(deck);
    int state = its < 0 ? 0 : state(its);
    return its < 0 || state == moving.when(deck) || everywhere(state, deck);
  }

  private boolean everywhere(int state, int deck) {
    return state == MovingDecks.EVERYWHERE && moving.when(deck) != MovingDecks.GOING;
  }

  /** Whether a surface is in the way of those under it. */
  private boolean bars(int deck) {
    int its = moving.of(deck);
    int state = its < 0 ? 0 : state(its);
    boolean any = state == Piece.ANY_STATE && moving.when(deck) != MovingDecks.GOING;
    return its < 0 || any || state == moving.when(deck);
  }

  /** Whether a surface is of a deck that is going just now. */
  public boolean goes(int deck) {
    return moving.of(deck) >= 0 && moving.when(deck) == MovingDecks.GOING;
  }

  /** Whether a deck that moves is over a point at any time. */
  public boolean moves(double x, double y) {
    for (int deck : moving.none() ? NONE : index.at(x, y)) {
      if (moving.of(deck) >= 0 && slabs[deck - 1].over(x, y)) {
        return true;
      }
    }
    return false;
  }

  /** How far a surface is from where it was drawn that goes just now; 0 for others. */
  private double gone(int deck, int axis) {
    return stand == null || !goes(deck) ? 0 : stand.gone(moving.of(deck), axis);
  }

  private static String key(House house, int storey) {
    boolean roof = storey == house.storeys().size();
    return house.id() + "/" + (roof ? "" : house.storeys().get(storey).getKey());
  }

  List<House> houses() {
    return houses;
  }

  /** The surface that is a floor of a house, or its roof. */
  int floor(House house, int storey) {
    return numbers.get(key(house, storey));
  }

  /** The surfaces of a mission on its ground. */
  public static Decks of(Mission mission, Ground ground) {
    return new Decks(mission, ground);
  }

  Platform platform(int deck) {
    return slabs[deck - 1];
  }

  /** Whether there is only the ground. */
  public boolean none() {
    return slabs.length == 0;
  }

  /** How many there are above the ground. */
  public int many() {
    return slabs.length;
  }

  /** How surfaces, and how one gets on over the ground, differ from others. */
  public DeckChanges changes(Decks before) {
    return DeckChanges.between(before.slabs, slabs).and(roads.changes(before.roads));
  }

  /** The height of a surface at a point, above the zero of heights, metres. */
  public double height(int deck, double x, double y) {
    if (deck == GROUND) {
      return ground.heightAt(x, y);
    }
    return goes(deck)
        ? slabs[deck - 1].height(x - gone(deck, 0), y - gone(deck, 1)) + gone(deck, 2)
        : slabs[deck - 1].height(x, y);
  }

  /** Whether a surface is there at a point; the ground always is. */
  public boolean over(int deck, double x, double y) {
    return deck == GROUND || (there(deck) && covers(deck, x, y));
  }

  private boolean covers(int deck, double x, double y) {
    return goes(deck)
        ? slabs[deck - 1].covers(x - gone(deck, 0), y - gone(deck, 1))
        : slabs[deck - 1].over(x, y);
  }

  /** The steepness of a deck, metres of rise per metre. */
  public double gradient(int deck) {
    return slabs[deck - 1].gradient();
  }

  /** Whether somebody climbs a deck who climbs ground so steep, metres of rise per metre. */
  public boolean climbed(int deck, double steepest) {
    return slabs[deck - 1].climbed(steepest);
  }

  /** The numbers of those that may be over a point, in rising order; not to be changed. */
  public int[] around(double x, double y) {
    return index.at(x, y);
  }

  /** How high a floor of a building lies above the zero of heights, metres; NaN for none. */
  public double floorOf(String building, String storey) {
    int deck = numbers.getOrDefault(building + "/" + storey, ANY);
    return deck == ANY ? Double.NaN : slabs[deck - 1].top();
  }

  /** Metres in plan from a point to the nearest rim of a deck or of an opening in it. */
  public double toRim(int deck, double x, double y) {
    return slabs[deck - 1].toRim(x, y);
  }

  /** How high the middle of a deck lies above the zero of heights where it was drawn, metres. */
  public double middle(int deck) {
    return slabs[deck - 1].top();
  }

  /** What a deck is called. */
  public String name(int deck) {
    return slabs[deck - 1].name();
  }

  /** Metres from the upper side of a deck down to its lower one. */
  public double thickness(int deck) {
    return slabs[deck - 1].thickness();
  }

  /** What speed on foot is multiplied by at a point of a surface, 0 to 1. */
  public double pace(int deck, double x, double y) {
    return deck == GROUND ? roads.pace(x, y) : slabs[deck - 1].pace();
  }

  /** What speed on wheels is multiplied by at a point of a surface, 0 to 1; 0 where they sink. */
  public double paceOnWheels(int deck, double x, double y) {
    return deck == GROUND ? roads.onWheels(x, y) : slabs[deck - 1].pace();
  }

  /** Whether a deck is gone up by steps. */
  public boolean steps(int deck) {
    return slabs[deck - 1].tread() == Platform.Tread.STEPS;
  }

  /** How high the highest surface at a point lies above the zero of heights, metres. */
  public double top(double x, double y) {
    double top = ground.heightAt(x, y);
    for (int deck : index.at(x, y)) {
      top = over(deck, x, y) ? Math.max(top, height(deck, x, y)) : top;
    }
    return top;
  }

  /** A deck that lies between two heights at a point, metres; {@link #ANY} for none. */
  public int between(double x, double y, double from, double to) {
    for (int deck : index.at(x, y)) {
      if (over(deck, x, y)) {
        double top = height(deck, x, y);
        if (top > from && top - thickness(deck) < to) {
          return deck;
        }
      }
    }
    return ANY;
  }

  /** How long a straight stretch over the ground takes at a metre a second, seconds. */
  public double seconds(Position from, Position to) {
    double length = Segments.length(from.x(), from.y(), to.x(), to.y());
    int pieces = (int) Math.floor(length) + 1;
    double sum = 0;
    for (int i = 0; i < pieces; i++) {
      double share = (i + 0.5) / pieces;
      double x = from.x() + (to.x() - from.x()) * share;
      double y = from.y() + (to.y() - from.y()) * share;
      sum += length / pieces / pace(GROUND, x, y);
    }
    return sum;
  }

  /** The surface that is asked for at a point; {@link #ANY} where any will do. */
  public int asked(Level level, double x, double y) {
    return switch (level) {
      case Level.Top _ -> ANY;
      case Level.OnGround _ -> GROUND;
      case Level.OnDeck on -> asked(on.deck().id(), x, y);
      case Level.OnStorey on -> asked(on.building().id() + "/" + on.storey(), x, y);
    };
  }

  private int asked(String name, double x, double y) {
    int drawn = numbers.getOrDefault(name, ANY);
    int its = moving.of(drawn);
    int deck = its < 0 ? drawn : moving.inState(its, state(its));
    return deck != ANY && over(deck, x, y) ? deck : ANY;
  }

  /** The surface at a point that somebody so tall stands on, metres. */
  public int on(Level level, double x, double y, double tall) {
    int asked = asked(level, x, y);
    return asked == ANY ? highest(x, y, tall) : asked;
  }

  /** The surface under a thing. */
  public int under(Level level, Position at) {
    return on(level, at.x(), at.y(), LITTLE);
  }

  /**
   * The smallest upright rectangle around a deck; its west lies east of its east if it has none.
   */
  public Area.Bounds bounds(int deck) {
    return slabs[deck - 1].bounds();
  }

  /** The smallest upright rectangles around all decks. */
  public List<Area.Bounds> bounds() {
    return Arrays.stream(slabs).map(Platform::bounds).filter(it -> it != Platform.NOWHERE).toList();
  }

  /** Whether any deck comes nearer to a point than a reach, in plan. */
  public boolean near(double x, double y, double reach) {
    for (Platform slab : slabs) {
      Area.Bounds bounds = slab.bounds();
      boolean close =
          x >= bounds.west() - reach
              && x <= bounds.east() + reach
              && y >= bounds.south() - reach
              && y <= bounds.north() + reach;
      if (close && (slab.over(x, y) || slab.toRim(x, y) < reach)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether somebody so tall has room above a surface at a point, metres. Of surfaces that lie so
   * near above one another that nobody fits between them, only the highest has room; of those at
   * the same height, the deck of the highest number.
   */
  public boolean room(int deck, double x, double y, double tall) {
    double height = height(deck, x, y);
    if (deck != GROUND && ground.heightAt(x, y) > height) {
      return false;
    }
    for (int other : index.at(x, y)) {
      if (other != deck && bars(other) && covers(other, x, y)) {
        double top = height(other, x, y);
        boolean above = top > height || (top == height && other > deck);
        if (above && top - thickness(other) < height + tall) {
          return false;
        }
      }
    }
    return true;
  }

  /**
   * The surface that somebody comes to stand on who goes on from one to a point near by: the same,
   * or else the one that is reached by the lowest step, held against the first at that point;
   * {@link #ANY} where there is none.
   *
   * @param step the highest step that is taken, metres
   */
  public int next(int deck, double toX, double toY, double tall, double step) {
    if (slabs.length == 0 || (over(deck, toX, toY) && room(deck, toX, toY, tall))) {
      return deck;
    }
    double height = height(deck, toX, toY);
    double least = step;
    int best = ANY;
    if (deck != GROUND) {
      double rise = Math.abs(height(GROUND, toX, toY) - height);
      if (rise < least && room(GROUND, toX, toY, tall)) {
        least = rise;
        best = GROUND;
      }
    }
    for (int other : index.at(toX, toY)) {
      if (other != deck && over(other, toX, toY)) {
        double rise = Math.abs(height(other, toX, toY) - height);
        if (rise < least && room(other, toX, toY, tall)) {
          least = rise;
          best = other;
        }
      }
    }
    return best;
  }

  /**
   * The surface on which somebody ends who goes straight from a point of one to another point, by
   * strides of {@value #STRIDE} m and by planned steps; {@link #ANY} where they do not get there.
   */
  public int along(int deck, double x, double y, double toX, double toY, double tall) {
    double dx = toX - x;
    double dy = toY - y;
    int strides = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / STRIDE) + 1;
    int on = deck;
    for (int i = 1; i <= strides && on != ANY; i++) {
      double share = (double) i / strides;
      on = next(on, x + dx * share, y + dy * share, tall, PLANNED);
    }
    return on;
  }

  /** The highest surface at a point on which somebody so tall has room; the ground if none has. */
  public int highest(double x, double y, double tall) {
    int best = GROUND;
    double height = room(GROUND, x, y, tall) ? height(GROUND, x, y) : Double.NEGATIVE_INFINITY;
    for (int deck : index.at(x, y)) {
      if (over(deck, x, y) && height(deck, x, y) > height && room(deck, x, y, tall)) {
        best = deck;
        height = height(deck, x, y);
      }
    }
    return best;
  }

  /**
   * The highest surface at a point that lies no higher than a height above the zero of heights; the
   * ground if none does.
   */
  public int below(double x, double y, double z) {
    int best = GROUND;
    for (int deck : index.at(x, y)) {
      double height = over(deck, x, y) ? height(deck, x, y) : Double.POSITIVE_INFINITY;
      best = height <= z && height > height(best, x, y) ? deck : best;
    }
    return best;
  }

  /** The surface at a point that lies nearest to a height above the ground, metres. */
  public int nearest(double x, double y, double above) {
    double wanted = ground.heightAt(x, y) + above;
    int best = GROUND;
    for (int deck : index.at(x, y)) {
      boolean nearer =
          over(deck, x, y)
              && Math.abs(height(deck, x, y) - wanted) < Math.abs(height(best, x, y) - wanted);
      best = nearer ? deck : best;
    }
    return best;
  }

  /**
   * Whether no deck lies in a straight line between two points: it passes through none from above
   * to below, nor the other way.
   *
   * @param z height of the one end above the zero of heights, metres
   */
  public boolean clear(double x, double y, double z, double toX, double toY, double toZ) {
    for (int deck = 1; deck <= slabs.length; deck++) {
      double middle = thickness(deck) / 2;
      double from = z - height(deck, x, y) + middle;
      double to = toZ - height(deck, toX, toY) + middle;
      if (from > 0 != to > 0) {
        double share = from / (from - to);
        if (over(deck, x + (toX - x) * share, y + (toY - y) * share)) {
          return false;
        }
      }
    }
    return true;
  }
}
