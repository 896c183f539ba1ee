package org.flintmoss.terrain;

import java.io.IOException;
import java.nio.file.Path;

/**
 * Makes the ground of First Light: a shingle beach under a low cliff, a spit to the lamp rock, a
 * stack that nobody reaches, and the sea at level 0. Run {@link #main} after a change to write the
 * tiles anew; a test holds the shipped tiles against it.
 */
public final class ShoreMaker {
  static final int CELLS = 256;
  static final double CELL = 2;
  static final double LAMP_X = 330;
  static final double LAMP_Y = 350;

  private ShoreMaker() {}

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
    Surface surface = inland > 50 ? Surface.GRASS : Surface.SHINGLE;
    if (inland > 38 && inland < 60 && combe(x) > 0.75) {
      surface = Surface.ROCK;
    }
    double path = Math.abs(y - (coast(x) - 96 - 10 * StrictMath.sin(x / 40)));
    if (inland > 60 && path < 2.2) {
      surface = Surface.ROAD;
    }
    double marsh = Relief.blob(x, y, 440, 34, 46);
    if (marsh > 0) {
      height -= Math.min(1.6, marsh * 4);
      surface = marsh > 0.12 ? Surface.MARSH : surface;
    }
    double spit = spit(x, y);
    if (spit > height) {
      height = spit;
      surface = Surface.SHINGLE;
    }
    double rock = lampRock(x, y);
    if (rock > height) {
      height = rock;
      surface = rock > 9.4 ? Surface.GRASS : Surface.ROCK;
    }
    if (Math.abs(x - LAMP_X) < 4.2 && Math.abs(y - LAMP_Y) < 4.2) {
      height = 10.6;
      surface = Surface.FLOOR;
    }
    double stack =
        Math.max(Relief.crag(x, y, 118, 424, 20, 15), Relief.crag(x, y, 452, 236, 12, 3.4));
    stack = Math.max(stack, Relief.crag(x, y, 180, 470, 9, 2.2));
    if (stack > height) {
      height = stack;
      surface = Surface.ROCK;
    }
    grid.heights()[cell] = height;
    grid.surfaces()[cell] = (byte) surface.ordinal();
  }

  private static double coast(double x) {
    return 300 - 0.3 * x + 18 * StrictMath.sin(x / 48) + 9 * StrictMath.sin(x / 19 + 1);
  }

  /** How much of the cliff stands at a place along the coast: 0 in a combe, else 1. */
  private static double combe(double x) {
    double one = Math.abs(x - 128) / 30;
    double other = Math.abs(x - 356) / 26;
    return Math.min(1, Math.max(0, Math.min(one, other) - 0.35));
  }

  private static double shore(double inland, double x, double y) {
    if (inland < 0) {
      return Math.max(-7, inland * 0.055) + Relief.noise(x, y, 60) * 0.5;
    }
    double beach = Math.min(2.6, inland * 0.058);
    double cliff = Relief.smooth((inland - 44) / 8) * combe(x);
    double ease = Relief.smooth((inland - 44) / 62) * (1 - combe(x));
    double back = Relief.smooth((inland - 70) / 120) * (4 + 5 * Relief.noise(x, y, 75));
    return beach + 6.5 * (cliff + ease) + back + Relief.noise(x, y, 14) * 0.25;
  }

  private static double spit(double x, double y) {
    double ax = 226;
    double ay = 196;
    double bx = 312;
    double by = 326;
    double dx = bx - ax;
    double dy = by - ay;
    double share = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy)));
    double off = Relief.distance(x, y, ax + dx * share, ay + dy * share);
    return 1.3 + Relief.noise(x, y, 20) * 0.3 - Math.max(0, off - 8) * 0.16;
  }

  private static double lampRock(double x, double y) {
    double dx = x - LAMP_X;
    double dy = y - LAMP_Y;
    double bearing = StrictMath.atan2(dx, dy);
    double rim = 54 + 7 * StrictMath.sin(bearing * 3 + 1) + 4 * StrictMath.sin(bearing * 7);
    double far = Math.sqrt(dx * dx + dy * dy);
    double wall = 10 * Relief.smooth((rim - far) / 12) - 2.5 * Relief.smooth((far - rim) / 30);
    double along = (-dx * 0.55 - dy * 0.835);
    double across = Math.abs(dx * 0.835 - dy * 0.55);
    double ramp = Math.max(0.9, Math.min(10, 10 - (along - 12) * 0.24));
    if (along > 0 && across < 9) {
      return Math.min(wall > 0 ? Math.max(wall, ramp) : wall, ramp);
    }
    return far < rim + 30
        ? wall + Relief.noise(x, y, 16) * 0.6 * Relief.smooth((far - 12) / 10)
        : -20;
  }

  /** Writes the tiles to a folder and prints the document's part about them. */
  public static void main(String[] folder) throws IOException {
    Relief.write(grid(), Path.of(folder[0]));
  }
}
