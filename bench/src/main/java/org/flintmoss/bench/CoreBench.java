package org.flintmoss.bench;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.navigation.WayRivals;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.navigation.reach.Reach;
import org.flintmoss.simulation.PhaseWatch;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.movement.CrowdRivals;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Stand;
import tools.jackson.databind.node.ObjectNode;

/** What a step of {@link Fray} costs by phase, what it allocates, and how fast parts of it are. */
final class CoreBench {
  private static final int REACHES = 9;
  private static final int EDITS = 60;
  private static final int UNITS = 100;
  private static final int WARM_UP = 6000;
  private static final int STEPS = 12000;
  private static final int THRONG = 1000;

  /** After this many steps some of them have come together. */
  private static final int TOGETHER = 600;

  private static final int LINES = 400_000;

  private final long[] spent = new long[PhaseWatch.Phase.values().length];
  private long last;

  private CoreBench() {}

  static ObjectNode measure() {
    return new CoreBench().run();
  }

  private ObjectNode run() {
    ObjectNode json = Json.MAPPER.createObjectNode().put("units", UNITS);
    long opening = System.nanoTime();
    Plan plan = Fray.plan(UNITS);
    json.put("coldCompileMillis", (System.nanoTime() - opening) / 1e6);
    for (int i = 0; i < 5; i++) {
      opening = System.nanoTime();
      plan = Fray.plan(UNITS);
    }
    json.put("warmCompileMillis", (System.nanoTime() - opening) / 1e6);
    World world = new World(plan, 7);
    steps(world, WARM_UP);
    plain(json, world);
    phases(json, world);
    busy(json, world);
    lines(json, world);
    reach(json);
    rivals(json.putObject("waysOnLayeredGround"));
    CrowdRivals.zones(json.putObject("thousandUnitsInZones"), plan.ground());
    World throng = new World(Fray.plan(THRONG), 7);
    steps(throng, TOGETHER);
    CrowdRivals.touching(json.putObject("whoTouchesWhom"), throng);
    Acting.measure(json.putObject("hundredZonesThatActOnThousandUnits"));
    Breaking.measure(json.putObject("oneOfThousandCratesBreaks"));
    Loads.measure(json.putObject("twoHundredLoadsInMotionThousandAsleep"));
    Together.measure(json.putObject("eightPlayersInOneTrial"));
    json.set("machine", Calibration.here());
    return json;
  }

  private static void steps(World world, int steps) {
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
    }
  }

  /** The whole step, and what it allocates. */
  private static void plain(ObjectNode json, World world) {
    ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    long bytes = threads.getCurrentThreadAllocatedBytes();
    long from = System.nanoTime();
    steps(world, STEPS);
    long nanos = System.nanoTime() - from;
    bytes = threads.getCurrentThreadAllocatedBytes() - bytes;
    double step = (double) nanos / STEPS;
    json.put("nanosPerStep", step);
    json.put("nanosPerUnitStep", step / UNITS);
    json.put("timesRealTime", 1e9 / Plan.STEPS_PER_SECOND / step);
    json.put("bytesPerStep", (double) bytes / STEPS);
  }

  private void phases(ObjectNode json, World world) {
    world.watch(this::passed);
    last = System.nanoTime();
    for (int i = 0; i < STEPS; i++) {
      last = System.nanoTime();
      world.step(List.of());
    }
    world.watch(_ -> {});
    ObjectNode phases = json.putObject("nanosByPhase");
    for (PhaseWatch.Phase phase : PhaseWatch.Phase.values()) {
      phases.put(phase.name().toLowerCase(), (double) spent[phase.ordinal()] / STEPS);
    }
  }

  private void passed(PhaseWatch.Phase phase) {
    long now = System.nanoTime();
    spent[phase.ordinal()] += now - last;
    last = now;
  }

  /** How much went on, so that idle units do not count as fast ones. */
  private static void busy(ObjectNode json, World world) {
    List<Causes.Entry> log = world.causes().from(0);
    ObjectNode busy = json.putObject("perThousandSteps");
    for (Causes.Kind kind :
        List.of(
            Causes.Kind.STRUCK,
            Causes.Kind.HIT,
            Causes.Kind.NOTICED,
            Causes.Kind.HEARD,
            Causes.Kind.REACHED,
            Causes.Kind.ENTERED,
            Causes.Kind.FIRED)) {
      long many = log.stream().filter(entry -> entry.kind() == kind).count();
      busy.put(kind.name().toLowerCase(), many * 1000.0 / world.read().step());
    }
  }

  /** Ways on the layered ground of a demo, beside those of a library. */
  private static void rivals(ObjectNode json) {
    MissionFile file = Samples.demo("gannet-stacks");
    Mission mission = file.mission();
    Land land = Land.of(mission, Ground.of(mission.setting().terrain(), file));
    Mover mover = Mover.of(mission.kinds().get("lamp-lad"), true);
    WayRivals.beside(json, NavigationMap.of(land, mover, 0));
  }

  /** How soon somebody is anywhere on 1024 x 1024 cells of rolling ground: the median of some. */
  private static void reach(ObjectNode json) {
    MissionFile file = Throng.file();
    Mission mission = file.mission();
    Ground ground = Ground.of(mission.setting().terrain(), file);
    Land land = Land.of(mission, ground);
    Mover mover = Mover.of(mission.kinds().get("keeper"));
    long from = System.nanoTime();
    NavigationMap map = NavigationMap.of(land, mover, 0);
    json.put("walkMapMillis", (System.nanoTime() - from) / 1e6);
    WayRivals.own(json.putObject("ways"), map);
    changed(json, mission, mover, map);
    edited(json, "brushed", land, map, it -> new Edited(mission, brushed(mission, file, it)));
    edited(
        json,
        "movedHouse",
        land,
        map,
        it -> new Edited(Throng.housed(file, 500 + 3 * it, 700 + 2 * it), ground));
    double[] millis = new double[REACHES];
    for (int i = 0; i < REACHES; i++) {
      from = System.nanoTime();
      double at = ground.width() * (0.3 + 0.05 * i);
      Reach.from(map, Decks.GROUND, at, at, 1).picture(512, 512);
      millis[i] = (System.nanoTime() - from) / 1e6;
    }
    json.put("reachCells", ground.columns() + " x " + ground.rows());
    json.put("reachMillis", median(millis));
  }

  /** A map after the water has moved, beside one that is made from nothing: the medians of some. */
  private static void changed(ObjectNode json, Mission mission, Mover mover, NavigationMap map) {
    Stand gates = Land.of(mission, map.ground()).obstacles().first();
    double[] again = new double[REACHES];
    double[] whole = new double[REACHES];
    for (int i = 0; i < REACHES; i++) {
      double water = 0.1 * (i + 1);
      long from = System.nanoTime();
      map.with(water, gates);
      again[i] = (System.nanoTime() - from) / 1e6;
      from = System.nanoTime();
      NavigationMap.of(Land.of(mission, map.ground()), mover, water);
      whole[i] = (System.nanoTime() - from) / 1e6;
    }
    json.put("waterMovedMillis", median(again));
    json.put("fromNothingMillis", median(whole));
  }

  private static double median(double[] of) {
    Arrays.sort(of);
    return of[of.length / 2];
  }

  /** A mission and its ground after an edit. */
  private record Edited(Mission mission, Ground ground) {}

  /** A land and a map after each of some edits, which are prepared beforehand: the medians. */
  private static void edited(
      ObjectNode json, String what, Land land, NavigationMap map, IntFunction<Edited> edits) {
    double[] lands = new double[EDITS];
    double[] maps = new double[EDITS];
    Land at = land;
    NavigationMap on = map;
    for (int i = 0; i < EDITS; i++) {
      Edited edit = edits.apply(i);
      long from = System.nanoTime();
      at = at.next(edit.mission(), edit.ground());
      lands[i] = (System.nanoTime() - from) / 1e6;
      from = System.nanoTime();
      on = on.on(at);
      maps[i] = (System.nanoTime() - from) / 1e6;
    }
    json.put(what + "LandMillis", median(lands));
    json.put(what + "MapMillis", median(maps));
  }

  /** After a brush has gone over one block of 32 x 32 cells of the ground. */
  private static Ground brushed(Mission mission, MissionFile file, int turn) {
    Ground ground = Ground.of(mission.setting().terrain(), file);
    int cells = ground.columns() * ground.rows();
    Ground.Grid grid =
        new Ground.Grid(
            ground.columns(),
            ground.rows(),
            ground.cell(),
            IntStream.range(0, cells).mapToDouble(ground::sample).toArray(),
            new byte[cells]);
    for (int cell = 0; cell < cells; cell++) {
      grid.surfaces()[cell] = (byte) ground.surface(cell).ordinal();
    }
    for (int row = 0; row < 32; row++) {
      for (int column = 0; column < 32; column++) {
        grid.heights()[(320 + row) * ground.columns() + 320 + column] += turn + 1;
      }
    }
    return new Ground(grid);
  }

  private static void lines(ObjectNode json, World world) {
    int seen = 0;
    long from = System.nanoTime();
    for (int i = 0; i < LINES; i++) {
      int unit = i % UNITS;
      seen += world.read().sees(unit, (unit + 1 + i / UNITS % (UNITS - 1)) % UNITS) ? 1 : 0;
    }
    json.put("sightLinesPerSecond", LINES * 1e9 / (System.nanoTime() - from));
    json.put("sightLinesClear", seen);
  }
}
