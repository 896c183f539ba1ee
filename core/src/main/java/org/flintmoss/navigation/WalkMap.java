package org.flintmoss.navigation;

import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Works;

/**
 * Where one class of mover can walk at one water level with the gates standing as they do, and
 * which places are joined. Immutable.
 */
public final class WalkMap {
  private static final int BLOCKED = -1;

  private final Lattice lattice;
  private final double water;
  private final int[] stand;
  private final int[] component;

  private WalkMap(Lattice lattice, double water, int[] stand) {
    this.lattice = lattice;
    this.water = water;
    this.stand = stand.clone();
    component = new int[lattice.places()];
    for (int place = 0; place < component.length; place++) {
      component[place] = lattice.free(place, water, stand) ? 0 : BLOCKED;
    }
    number();
  }

  /** The map for a mover on a ground with its water at a level, gates as they first stand. */
  public static WalkMap of(Ground ground, Works works, Mover mover, double waterLevel) {
    return new WalkMap(new Lattice(ground, works, mover), waterLevel, works.first());
  }

  /** The map of the same ground and mover with water and gates standing otherwise. */
  public WalkMap with(double waterLevel, int[] gates) {
    return new WalkMap(lattice, waterLevel, gates);
  }

  private void number() {
    int[] open = new int[component.length];
    int[] around = new int[lattice.mostNeighbours()];
    int number = 0;
    for (int start = 0; start < component.length; start++) {
      if (component[start] == 0) {
        flood(start, ++number, open, around);
      }
    }
  }

  private void flood(int start, int number, int[] open, int[] around) {
    int size = 0;
    open[size++] = start;
    component[start] = number;
    while (size > 0) {
      int place = open[--size];
      int many = lattice.neighbours(place, around);
      for (int i = 0; i < many; i++) {
        int next = around[i];
        if (component[next] == 0 && passable(place, next)) {
          component[next] = number;
          open[size++] = next;
        }
      }
    }
  }

  /** Whether one can step between two free neighbours: diagonally only past two free ones. */
  boolean passable(int from, int to) {
    return !lattice.diagonal(from, to)
        || (free(lattice.passes(from, to, true)) && free(lattice.passes(from, to, false)));
  }

  Lattice lattice() {
    return lattice;
  }

  /** The ground it was made for. */
  public Ground ground() {
    return lattice.ground;
  }

  boolean free(int place) {
    return component[place] != BLOCKED;
  }

  /** Whether the ground at a point bears the mover; nothing beyond the edge does. */
  public boolean bears(double x, double y) {
    Ground ground = lattice.ground;
    return x >= 0
        && y >= 0
        && x < ground.width()
        && y < ground.height()
        && lattice.bears(ground.cellAt(x, y), water);
  }

  /** Whether somebody can stand at a point: the ground bears them and nothing touches them. */
  public boolean freeAt(double x, double y) {
    return bears(x, y) && lattice.works.clear(x, y, lattice.mover.radius() - Lattice.LEAN, stand);
  }

  /**
   * The free place that somebody at a point can step into: the one it lies in, or the nearest that
   * nothing parts it from; -1 if there is none.
   */
  int stepsInto(double x, double y) {
    int here = lattice.at(x, y);
    if (free(here)) {
      return here;
    }
    int best = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int row = -3; row <= 3; row++) {
      for (int column = -3; column <= 3; column++) {
        double toX = x + column * 0.4;
        double toY = y + row * 0.4;
        int place = toX < 0 || toY < 0 ? here : lattice.at(toX, toY);
        double dx = lattice.x(place) - x;
        double dy = lattice.y(place) - y;
        double far = dx * dx + dy * dy;
        if (free(place) && far < least && reaches(x, y, place)) {
          best = place;
          least = far;
        }
      }
    }
    return best;
  }

  private boolean reaches(double x, double y, int place) {
    double room = (lattice.mover.radius() - Lattice.LEAN) / 2;
    return lattice.bears(lattice.ground.cellAt(x, y), water)
        && lattice.works.clear(x, y, lattice.x(place), lattice.y(place), room, stand);
  }

  /** Whether one can walk from one point to another. */
  public boolean joined(double x, double y, double toX, double toY) {
    int from = stepsInto(x, y);
    int to = from < 0 ? -1 : stepsInto(toX, toY);
    return to >= 0 && component[from] == component[to];
  }

  /**
   * Whether one can walk straight from one point to another: the ground bears, looked at each
   * quarter cell, and nothing stands within reach of either side.
   */
  public boolean straight(double x, double y, double toX, double toY) {
    double dx = toX - x;
    double dy = toY - y;
    double pace = lattice.ground.cell() * 0.25;
    int steps = (int) Math.floor(Math.sqrt(dx * dx + dy * dy) / pace) + 1;
    for (int i = 0; i <= steps; i++) {
      double share = (double) i / steps;
      if (!bears(x + dx * share, y + dy * share)) {
        return false;
      }
    }
    double room = lattice.mover.radius() - Lattice.LEAN;
    return lattice.works.clear(x, y, toX, toY, room, stand);
  }

  /**
   * The free place nearest to a point that is joined to a start.
   *
   * @param radius metres within which it is sought
   * @param found receives its middle as x, y
   * @return whether there is one
   */
  public boolean nearestJoined(
      double x, double y, double fromX, double fromY, double radius, double[] found) {
    int from = stepsInto(fromX, fromY);
    return from >= 0 && nearest(x, y, component[from], radius, found);
  }

  /** The same for any free place, joined to anything or not. */
  public boolean nearestFree(double x, double y, double radius, double[] found) {
    return nearest(x, y, 0, radius, found);
  }

  /** The nearest place of a component; of any, for 0. */
  private boolean nearest(double x, double y, int of, double radius, double[] found) {
    double least = radius * radius;
    int best = -1;
    double pace = Math.min(lattice.ground.cell(), 1);
    int reach = (int) Math.floor(radius / pace);
    for (int row = -reach; row <= reach; row++) {
      for (int column = -reach; column <= reach; column++) {
        int place = lattice.at(x + column * pace, y + row * pace);
        double dx = lattice.x(place) - x;
        double dy = lattice.y(place) - y;
        double far = dx * dx + dy * dy;
        boolean nearer = far < least || (far == least && (best < 0 || place < best));
        if ((of == 0 ? free(place) : component[place] == of) && nearer) {
          best = place;
          least = far;
        }
      }
    }
    if (best >= 0) {
      found[0] = lattice.x(best);
      found[1] = lattice.y(best);
    }
    return best >= 0;
  }
}
