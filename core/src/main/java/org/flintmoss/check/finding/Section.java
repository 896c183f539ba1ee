package org.flintmoss.check.finding;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Tide;

/**
 * What lies along a straight line, in profile, and whether one sees from its one end to the other.
 * Heights are metres above the zero of the terrain's heights, distances metres from the first end.
 *
 * @param length metres in plan
 * @param bearing from the first end to the second, degrees
 * @param slope of the line from ground to ground at its ends, degrees; rising is positive
 * @param steepest slope of the ground under it, degrees
 * @param heights of the ground, evenly spaced from end to end
 * @param water the level when play begins
 * @param decks those over it
 * @param obstacles what stands across it
 * @param sight from eye to mark: how far it gets, metres; {@code length} where nothing stops it
 * @param seconds of walking straight across, by the pace of the surfaces; water is not heeded
 */
public record Section(
    double length,
    double bearing,
    double slope,
    double steepest,
    double[] heights,
    double water,
    List<Slab> decks,
    List<Obstacles.Across> obstacles,
    double sight,
    double seconds) {
  private static final int SAMPLES = 160;

  /** A stretch of a deck over the line, from its upper side down by its thickness. */
  public record Slab(
      String name, double from, double to, double top, double topTo, double thickness) {}

  /**
   * A line and how high above the ground the eyes at its one end and what is looked at are, metres.
   */
  public record Line(double x, double y, double toX, double toY, double eye, double mark) {
    private double length() {
      return Math.sqrt((toX - x) * (toX - x) + (toY - y) * (toY - y));
    }

    private double x(double share) {
      return x + (toX - x) * share;
    }

    private double y(double share) {
      return y + (toY - y) * share;
    }
  }

  /** The section along a line, for somebody of a kind to walk. */
  public static Section along(Mission mission, Ground ground, Line line, Kind walker) {
    double length = line.length();
    double[] heights = new double[SAMPLES + 1];
    double steepest = 0;
    double seconds = 0;
    double stride = length / SAMPLES;
    Decks surfaces = Decks.of(mission, ground);
    for (int i = 0; i <= SAMPLES; i++) {
      double share = (double) i / SAMPLES;
      heights[i] = ground.heightAt(line.x(share), line.y(share));
      if (i > 0 && stride > 0) {
        double rise = heights[i] - heights[i - 1];
        steepest = Math.max(steepest, degrees(Math.abs(rise), stride));
        double pace = surfaces.pace(Decks.GROUND, line.x(share), line.y(share));
        seconds += stride / Math.max(0.01, walker.walk() * pace);
      }
    }
    Setting setting = mission.setting();
    Obstacles obstacles = Obstacles.of(mission, ground);
    return new Section(
        length,
        bearing(line),
        degrees(heights[SAMPLES] - heights[0], length),
        steepest,
        heights,
        new Tide(setting).at(setting.startTime()),
        slabs(mission, ground, line),
        obstacles.across(line.x(), line.y(), line.toX(), line.toY()),
        sight(mission, ground, obstacles, line, heights),
        seconds);
  }

  private static double degrees(double rise, double run) {
    return run == 0 ? 0 : StrictMath.toDegrees(StrictMath.atan2(rise, run));
  }

  private static double bearing(Line line) {
    double turn =
        StrictMath.toDegrees(StrictMath.atan2(line.toX() - line.x(), line.toY() - line.y()));
    return turn < 0 ? turn + 360 : turn;
  }

  private static List<Slab> slabs(Mission mission, Ground ground, Line line) {
    Decks decks = Decks.of(mission, ground);
    List<Slab> slabs = new ArrayList<>();
    for (int number = 1; number <= decks.many(); number++) {
      int from = -1;
      for (int i = 0; i <= SAMPLES + 1; i++) {
        double share = (double) i / SAMPLES;
        boolean over = i <= SAMPLES && decks.over(number, line.x(share), line.y(share));
        if (over && from < 0) {
          from = i;
        } else if (!over && from >= 0) {
          slabs.add(slab(decks, number, line, from, i - 1));
          from = -1;
        }
      }
    }
    return slabs;
  }

  private static Slab slab(Decks decks, int number, Line line, int from, int to) {
    double a = (double) from / SAMPLES;
    double b = (double) to / SAMPLES;
    return new Slab(
        decks.name(number),
        a * line.length(),
        b * line.length(),
        decks.height(number, line.x(a), line.y(a)),
        decks.height(number, line.x(b), line.y(b)),
        decks.thickness(number));
  }

  /** How far the straight line from eye to mark is free, by the same questions that a run asks. */
  private static double sight(
      Mission mission, Ground ground, Obstacles obstacles, Line line, double[] heights) {
    Decks decks = Decks.of(mission, ground);
    double z = heights[0] + line.eye();
    double end = heights[SAMPLES] + line.mark();
    for (int i = 1; i <= SAMPLES; i++) {
      double share = (double) i / SAMPLES;
      double tx = line.x(share);
      double ty = line.y(share);
      double tz = z + (end - z) * share;
      boolean free =
          tz > ground.heightAt(tx, ty)
              && ground.veil(line.x(), line.y(), z, tx, ty, tz, new BitSet()) >= Growth.SEEN
              && ground.clear(line.x(), line.y(), z, tx, ty, tz)
              && decks.clear(line.x(), line.y(), z, tx, ty, tz)
              && obstacles.clear(
                  line.x(), line.y(), z, tx, ty, tz, Obstacles.Line.SIGHT, obstacles.first());
      if (!free) {
        return line.length() * (i - 1) / SAMPLES;
      }
    }
    return line.length();
  }
}
