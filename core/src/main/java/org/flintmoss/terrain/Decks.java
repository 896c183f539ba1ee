package org.flintmoss.terrain;

import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Corner;
import org.flintmoss.mission.Deck;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ordered;

/**
 * The surfaces that lie one above the other: the ground, and the decks over it. Whoever stands does
 * so on one of them, told by a number: {@value #GROUND} for the ground, from 1 for decks in the
 * order of their ids. Immutable.
 */
public final class Decks {
  /** The number of the ground. */
  public static final int GROUND = 0;

  /** Stands for whichever surface suits. */
  public static final int ANY = -1;

  /** The highest step that is taken on foot from one surface to another, metres. */
  public static final double STEP = 0.45;

  /**
   * The highest step that ways are planned with, metres: lower than {@link #STEP}, so that whoever
   * goes along one a hand's breadth beside its line still takes it.
   */
  public static final double PLANNED = 0.3;

  /** How far somebody on foot goes at once before it is looked at what they stand on, metres. */
  public static final double STRIDE = 0.2;

  /** A deck, looked up: its upper side is {@code top + east * (x - cx) + north * (y - cy)}. */
  private record Slab(
      Area.Ring outline,
      Area.Bounds bounds,
      double cx,
      double cy,
      double top,
      double east,
      double north,
      double thickness) {
    boolean over(double x, double y) {
      return x >= bounds.west()
          && x <= bounds.east()
          && y >= bounds.south()
          && y <= bounds.north()
          && outline.contains(x, y);
    }

    double height(double x, double y) {
      return top + east * (x - cx) + north * (y - cy);
    }
  }

  private final Ground ground;
  private final Slab[] slabs;

  private Decks(Mission mission, Ground ground) {
    this.ground = ground;
    slabs = mission.decks().values().stream().map(Decks::slab).toArray(Slab[]::new);
  }

  /** The surfaces of a mission on its ground. */
  public static Decks of(Mission mission, Ground ground) {
    return new Decks(mission, ground);
  }

  /** A deck of less than three corners is over nothing. */
  private static Slab slab(Deck deck) {
    List<Corner> corners = Ordered.sort(deck.corners()).stream().map(Map.Entry::getValue).toList();
    Area.Ring outline = Area.ring(corners);
    Area.Bounds bounds = corners.size() < 3 ? new Area.Bounds(1, 1, 0, 0) : outline.bounds();
    double rise = StrictMath.tan(StrictMath.toRadians(deck.slope().degrees()));
    double toward = StrictMath.toRadians(deck.slope().toward());
    return new Slab(
        outline,
        bounds,
        corners.stream().mapToDouble(it -> it.position().x()).average().orElse(0),
        corners.stream().mapToDouble(it -> it.position().y()).average().orElse(0),
        deck.top(),
        rise * StrictMath.sin(toward),
        rise * StrictMath.cos(toward),
        deck.thickness());
  }

  /** Whether there is only the ground. */
  public boolean none() {
    return slabs.length == 0;
  }

  /** How many decks there are. */
  public int many() {
    return slabs.length;
  }

  /** The height of a surface at a point, above the zero of heights, metres. */
  public double height(int deck, double x, double y) {
    return deck == GROUND ? ground.heightAt(x, y) : slabs[deck - 1].height(x, y);
  }

  /** Whether a surface is there at a point; the ground always is. */
  public boolean over(int deck, double x, double y) {
    return deck == GROUND || slabs[deck - 1].over(x, y);
  }

  /** The steepness of a deck, metres of rise per metre. */
  public double gradient(int deck) {
    Slab slab = slabs[deck - 1];
    return Math.sqrt(slab.east() * slab.east() + slab.north() * slab.north());
  }

  /**
   * The smallest upright rectangle around a deck; its west lies east of its east if it has none.
   */
  public Area.Bounds bounds(int deck) {
    return slabs[deck - 1].bounds();
  }

  /** Whether any deck comes nearer to a point than a reach, in plan. */
  public boolean near(double x, double y, double reach) {
    for (Slab slab : slabs) {
      Area.Bounds bounds = slab.bounds();
      boolean close =
          x >= bounds.west() - reach
              && x <= bounds.east() + reach
              && y >= bounds.south() - reach
              && y <= bounds.north() + reach;
      if (close && (slab.over(x, y) || slab.outline().distance(x, y) < reach)) {
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
    for (int other = 1; other <= slabs.length; other++) {
      Slab slab = slabs[other - 1];
      if (other != deck && slab.over(x, y)) {
        double top = slab.height(x, y);
        boolean above = top > height || (top == height && other > deck);
        if (above && top - slab.thickness() < height + tall) {
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
    for (int other = GROUND; other <= slabs.length; other++) {
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
    double height = Double.NEGATIVE_INFINITY;
    for (int deck = GROUND; deck <= slabs.length; deck++) {
      if (over(deck, x, y) && height(deck, x, y) > height && room(deck, x, y, tall)) {
        best = deck;
        height = height(deck, x, y);
      }
    }
    return best;
  }

  /** The surface at a point that lies nearest to a height above the ground, metres. */
  public int nearest(double x, double y, double above) {
    double wanted = ground.heightAt(x, y) + above;
    int best = GROUND;
    for (int deck = 1; deck <= slabs.length; deck++) {
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
    for (Slab slab : slabs) {
      double middle = slab.thickness() / 2;
      double from = z - slab.height(x, y) + middle;
      double to = toZ - slab.height(toX, toY) + middle;
      if (from > 0 != to > 0) {
        double share = from / (from - to);
        if (slab.over(x + (toX - x) * share, y + (toY - y) * share)) {
          return false;
        }
      }
    }
    return true;
  }
}
