package org.flintmoss.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.simulation.Bearings;
import org.flintmoss.simulation.Input;
import org.flintmoss.simulation.Plan;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;

/** Makes straight for where events want players to be, and fights whoever stands in the way. */
final class Bold implements Understudy {
  /** How far off it takes notice of an enemy, metres. */
  private static final double MINDS = 40;

  private static final int THINKS_EVERY = 4;

  /** What a seat was last told, so that only changes are sent. */
  private static final class Told {
    private int slot;
    private double bearing = -1;
    private int goal = -1;
    private boolean chasing;
  }

  private final Map<Integer, Told> told = new HashMap<>();

  @Override
  public List<World.Command> act(World world) {
    List<World.Command> commands = new ArrayList<>();
    if (world.read().step() % THINKS_EVERY == 0) {
      for (int seat = 0; seat < world.plan().seats(); seat++) {
        if (!world.read().dead(world.plan().seat(seat))) {
          act(world, seat, commands);
        }
      }
    }
    return commands;
  }

  private void act(World world, int seat, List<World.Command> commands) {
    Told last = told.computeIfAbsent(seat, _ -> new Told());
    int unit = world.plan().seat(seat);
    int enemy = nearestEnemy(world, unit);
    int slot = enemy < 0 ? 0 : world.read().reach(unit, enemy);
    if (slot != last.slot) {
      last.slot = slot;
      commands.add(new World.Command(seat, new Input.Attack(slot)));
    }
    aim(world, seat, unit, slot > 0 ? enemy : -1, last, commands);
    if (slot > 0) {
      stand(world, seat, unit, last, commands);
    } else {
      goOn(world, seat, unit, enemy, last, commands);
    }
  }

  private static int nearestEnemy(World world, int unit) {
    Readings read = world.read();
    int best = -1;
    double nearest = MINDS;
    for (int other = 0; other < world.plan().units(); other++) {
      boolean enemy =
          read.up(other)
              && read.attitude(unit, other) == org.flintmoss.mission.Stance.Attitude.HOSTILE;
      if (enemy && read.gap(unit, other) < nearest && read.sees(unit, other)) {
        best = other;
        nearest = read.gap(unit, other);
      }
    }
    return best;
  }

  private static void aim(
      World world, int seat, int unit, int at, Told last, List<World.Command> commands) {
    Readings read = world.read();
    double bearing = -1;
    if (at >= 0) {
      double exact = Bearings.of(read.x(at) - read.x(unit), read.y(at) - read.y(unit));
      bearing = Math.floor(exact);
    }
    if (bearing != last.bearing) {
      last.bearing = bearing;
      commands.add(new World.Command(seat, new Input.Aim(bearing)));
    }
  }

  private static void stand(
      World world, int seat, int unit, Told last, List<World.Command> commands) {
    if (world.read().underWay(unit)) {
      commands.add(new World.Command(seat, new Input.Steer(0, 0)));
    }
    last.goal = -1;
    last.chasing = false;
  }

  private static void goOn(
      World world, int seat, int unit, int enemy, Told last, List<World.Command> commands) {
    Plan plan = world.plan();
    int goal = Goals.zone(world, unit);
    boolean inside = goal >= 0 && world.read().inside(unit, goal);
    if (enemy >= 0 && inside) {
      commands.add(
          new World.Command(seat, new Input.Go(world.read().x(enemy), world.read().y(enemy))));
      last.chasing = true;
      last.goal = -1;
    } else if (goal >= 0 && !inside && (goal != last.goal || !world.read().underWay(unit))) {
      last.goal = goal;
      var centre = plan.zone(goal).shape().centre();
      commands.add(new World.Command(seat, new Input.Go(centre.x(), centre.y())));
    } else if (inside && last.chasing) {
      last.chasing = false;
      commands.add(new World.Command(seat, new Input.Steer(0, 0)));
    }
  }
}
