package org.flintmoss.terrain;

import java.io.IOException;
import java.nio.file.Path;

/**
 * Makes the ground of Relight the Harrow: a mainland beach under a low cliff, a causeway that the
 * tide covers, and Harrow rock with three ways up: the sluice ravine, the boat landing, the cliff
 * path. Run {@link #main} after a change to write the tiles anew; a test holds the shipped tiles
 * against it.
 */
public final class HarrowMaker {
  static final int CELLS = 256;
  static final double CELL = 4;

  /** The lamp, on top of the rock. */
  private static final double X = 565;

  private static final double Y = 700;
  private static final double TOP = 12;

  /** The crest of the causeway over the zero of heights, metres. */
  private static final double CREST = 1.0;

  private HarrowMaker() {}

  static Ground.Grid grid() {
    Ground.Grid grid = Ground.Grid.flat(CELLS, CELLS, CELL);
    for (int cell = 0; cell < CELLS * CELLS; cell++) {
      double x = (cell % CELLS + 0.5) * CELL;
      double y = (cell / CELLS + 0.5) * CELL;
      shape(grid, cell, x, y);
    }
    return grid;
  }

  private static void shape(Ground.Grid grid, int cell, double x, double y) {
    double inland = coast(x) - y;
    double height = shore(inland, x, y);
    Surface surface = inland > 58 ? Surface.GRASS : Surface.SHINGLE;
    if (inland > 46 && inland < 66 && combe(x) > 0.75) {
      surface = Surface.ROCK;
    }
    double marsh = Relief.blob(x, y, 830, 120, 95);
    if (marsh > 0 && inland > 80) {
      height -= Math.min(2.4, marsh * 5);
      surface = marsh > 0.15 ? Surface.MARSH : surface;
    }
    double road = Math.abs(x - 345 - 26 * StrictMath.sin(y / 60));
    if (inland > 20 && road < 3.4) {
      surface = Surface.ROAD;
    }
    double causeway = causeway(x, y);
    if (causeway > height) {
      height = causeway;
      surface = causeway > CREST - 0.4 ? Surface.ROAD : Surface.SHINGLE;
    }
    double rock = rock(x, y);
    if (rock > height) {
      height = rock;
      surface = rock > 10.5 ? Surface.GRASS : Surface.ROCK;
    }
    double beach = landing(x, y);
    if (beach > height) {
      height = beach;
      surface = Surface.SHINGLE;
    }
    if (Math.abs(x - X) < 8 && Math.abs(y - Y) < 8) {
      height = TOP;
      surface = Surface.FLOOR;
    }
    double stack =
        Math.max(Relief.crag(x, y, 250, 600, 30, 18), Relief.crag(x, y, 820, 560, 22, 9));
    stack = Math.max(stack, Relief.crag(x, y, 300, 850, 16, 5));
    if (stack > height) {
      height = stack;
      surface = Surface.ROCK;
    }
    grid.heights()[cell] = height;
    grid.surfaces()[cell] = grown(surface, x, y, inland, marsh, road);
  }

  /**
   * Reeds in the marsh, gorse and heather on the hills behind the cliff, and a copse by the lane.
   */
  private static byte grown(
      Surface surface, double x, double y, double inland, double marsh, double road) {
    double thick = Relief.noise(x + 700, y, 46);
    if (surface == Surface.MARSH) {
      return Growth.REEDS.on(surface, (int) Math.floor(2 + 4 * Relief.noise(x, y, 30)));
    }
    if (surface != Surface.GRASS || inland < 84 || road < 9) {
      return (byte) surface.ordinal();
    }
    if (Relief.distance(x, y, 250, 130) < 34 || Relief.distance(x, y, 430, 70) < 26) {
      return Growth.TREES.on(surface, 5);
    }
    if (thick > 0.68) {
      return Growth.GORSE.on(surface, (int) Math.floor(2 + 5 * (thick - 0.5)));
    }
    return thick < 0.3 ? Growth.HEATHER.on(surface, 3) : (byte) surface.ordinal();
  }

  private static double coast(double x) {
    return 304 - 0.05 * (x - 400) + 24 * StrictMath.sin(x / 96) + 10 * StrictMath.sin(x / 37 + 1);
  }

  /** How much of the cliff stands at a place along the coast: 0 in a combe, else 1. */
  private static double combe(double x) {
    double one = Math.abs(x - 345) / 40;
    double other = Math.abs(x - 760) / 46;
    return Math.min(1, Math.max(0, Math.min(one, other) - 0.35));
  }

  private static double shore(double inland, double x, double y) {
    if (inland < 0) {
      return Math.max(-9, inland * 0.045) + Relief.noise(x, y, 90) * 0.5;
    }
    double beach = 0.2 + Math.min(2.8, inland * 0.06);
    double cliff = Relief.smooth((inland - 50) / 11) * combe(x);
    double ease = Relief.smooth((inland - 50) / 80) * (1 - combe(x));
    double back = Relief.smooth((inland - 80) / 150) * (5 + 6 * Relief.noise(x, y, 110));
    return beach + 8 * (cliff + ease) + back + Relief.noise(x, y, 22) * 0.2;
  }

  /** From the beach to the foot of the sluice ravine. */
  private static double causeway(double x, double y) {
    double ax = 400;
    double ay = 284;
    double bx = 517;
    double by = 584;
    double dx = bx - ax;
    double dy = by - ay;
    double share = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy)));
    double bend = 9 * StrictMath.sin(share * 2 * StrictMath.PI);
    double off = Relief.distance(x, y, ax + dx * share + bend, ay + dy * share);
    return CREST + Relief.noise(x, y, 30) * 0.1 - Math.max(0, off - 7) * 0.16;
  }

  private static double rock(double x, double y) {
    double dx = x - X;
    double dy = y - Y;
    double bearing = StrictMath.atan2(dx, dy);
    double rim = 116 + 9 * StrictMath.sin(bearing * 3 + 1) + 5 * StrictMath.sin(bearing * 7);
    double far = Math.sqrt(dx * dx + dy * dy);
    if (far > rim + 60) {
      return -20;
    }
    double wall = (TOP + 1) * Relief.smooth((rim - far) / 15) - 3 * Relief.smooth((far - rim) / 30);
    double roll = Relief.noise(x, y, 34) * Relief.smooth((far - 24) / 20);
    double height = wall + roll - 1;
    height = way(height, wall, dx, dy, -0.379, -0.926, 10, 0.112);
    height = way(height, wall, dx, dy, 0.995, 0.1, 11, 0.1);
    return way(height, wall, dx, dy, -0.3, 0.954, 6, 0.112);
  }

  /** A ramp from the top outwards, cut into the rock. */
  private static double way(
      double height,
      double wall,
      double dx,
      double dy,
      double east,
      double north,
      double half,
      double fall) {
    double along = dx * east + dy * north;
    double across = Math.abs(dx * north - dy * east);
    double ramp = Math.max(1.6, Math.min(TOP, TOP - (along - 24) * fall));
    boolean on = along > 0 && across < half && (wall > 0 || along < 132);
    return on ? Math.min(Math.max(height, ramp), ramp) : height;
  }

  /** The shingle at the boat landing, and the ledge at the foot of the cliff path. */
  private static double landing(double x, double y) {
    double beach =
        2.1 - Math.max(0, Relief.distance(x, (y - 713) * 0.8 + 713, 702, 713) - 20) * 0.14;
    double ledge = 2.0 - Math.max(0, Relief.distance(x, y, 526, 824) - 10) * 0.3;
    return Math.max(beach, ledge);
  }

  /** Writes the tiles to a folder and prints the document's part about them. */
  public static void main(String[] folder) throws IOException {
    Relief.write(grid(), Path.of(folder[0]));
  }
}
