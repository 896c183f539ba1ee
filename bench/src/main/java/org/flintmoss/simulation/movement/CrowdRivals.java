package org.flintmoss.simulation.movement;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.IntSupplier;
import org.flintmoss.simulation.Opened;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.ZoneGrid;
import org.flintmoss.simulation.state.Body;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.node.ObjectNode;

/**
 * How fast it is told which zones units are in and who touches whom, beside looking at all zones
 * and at all pairs. It looks into the package it measures.
 */
public final class CrowdRivals {
  private static final int UNITS = 1000;
  private static final int ZONES = 200;
  private static final int ROUNDS = 200;

  /** How often as much is done before it is timed. */
  private static final int WARM_UP = 20;

  private CrowdRivals() {}

  /** Measures a thousand units in two hundred zones; microseconds. */
  public static void zones(ObjectNode json, Ground ground) {
    SplittableRandom random = new SplittableRandom(9);
    Area[] areas = new Area[ZONES];
    for (int zone = 0; zone < ZONES; zone++) {
      double x = random.nextDouble(ground.width());
      double y = random.nextDouble(ground.height());
      areas[zone] = new Area.Round(x, y, 20 + random.nextDouble(60));
    }
    double[] x = random.doubles(UNITS, 0, ground.width()).toArray();
    double[] y = random.doubles(UNITS, 0, ground.height()).toArray();
    ZoneGrid grid = new ZoneGrid(ground, areas, _ -> true);
    beside(json, () -> byGrid(grid, areas, x, y), () -> byAll(areas, x, y));
  }

  private static int byGrid(ZoneGrid grid, Area[] areas, double[] x, double[] y) {
    int inside = 0;
    for (int unit = 0; unit < UNITS; unit++) {
      for (int zone : grid.near(x[unit], y[unit])) {
        inside += areas[zone].contains(x[unit], y[unit]) ? 1 : 0;
      }
    }
    return inside;
  }

  private static int byAll(Area[] areas, double[] x, double[] y) {
    int inside = 0;
    for (int unit = 0; unit < UNITS; unit++) {
      for (Area area : areas) {
        inside += area.contains(x[unit], y[unit]) ? 1 : 0;
      }
    }
    return inside;
  }

  /** Measures who of a run's units touches whom; microseconds. */
  public static void touching(ObjectNode json, World world) {
    Crowding crowding = new Crowding(Opened.of(world));
    int units = Opened.of(world).plan.units();
    int[] found = new int[units];
    beside(json, () -> byGrid(world, crowding, found), () -> byAll(world));
  }

  private static int byGrid(World world, Crowding crowding, int[] found) {
    crowding.gather();
    int pairs = 0;
    for (int unit = 0; unit < Opened.of(world).plan.units(); unit++) {
      pairs += Opened.of(world).vitals.up(unit) ? crowding.near(unit, found) : 0;
    }
    return pairs;
  }

  private static int byAll(World world) {
    Body body = Opened.of(world).body;
    int units = Opened.of(world).plan.units();
    int pairs = 0;
    for (int unit = 0; unit < units; unit++) {
      for (int other = unit + 1; other < units && Opened.of(world).vitals.up(unit); other++) {
        double dx = body.x(other) - body.x(unit);
        double dy = body.y(other) - body.y(unit);
        double apart =
            Opened.of(world).plan.kind(unit).radius() + Opened.of(world).plan.kind(other).radius();
        pairs += Opened.of(world).vitals.up(other) && dx * dx + dy * dy < apart * apart ? 1 : 0;
      }
    }
    return pairs;
  }

  private static void beside(ObjectNode json, IntSupplier own, IntSupplier brute) {
    int found = own.getAsInt();
    if (found != brute.getAsInt()) {
      throw new IllegalStateException(found + " found, where there are " + brute.getAsInt());
    }
    double ours = median(own);
    double theirs = median(brute);
    json.put("found", found).put("micros", ours).put("bruteForceMicros", theirs);
    json.put("timesFaster", theirs / ours);
  }

  private static double median(IntSupplier run) {
    double[] micros = new double[ROUNDS];
    long sum = 0;
    for (int i = -WARM_UP * ROUNDS; i < ROUNDS; i++) {
      long from = System.nanoTime();
      sum += run.getAsInt();
      micros[Math.floorMod(i, ROUNDS)] = (System.nanoTime() - from) / 1e3;
    }
    Arrays.sort(micros);
    return sum < 0 ? 0 : micros[ROUNDS / 2];
  }
}
