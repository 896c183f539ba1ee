package org.flintmoss.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.balance.Goals.Goal;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.word.Position;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.players.Trades;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Bearings;

/**
 * An understudy of every seat that goes from goal to goal, uses what is to be used, fights enemies
 * who it can reach, and helps friends up. It knows what a person at the screen could see, and does
 * what a person could do.
 */
final class Stagehand implements Understudy {
  private static final int THINKS_EVERY = 4;

  /** How far it goes out of its way for a friend who is down, metres. */
  private static final double HELPS = 30;

  /** Nearer than this an enemy is too close to turn to anything else, metres. */
  private static final double CLOSE = 7;

  /** How long it waits for friends who are behind, or for enemies to come or go, steps. */
  private static final int PATIENCE = 200;

  /** What a seat was last told, so that only changes are sent. */
  private static final class Told {
    private int slot;
    private double bearing = -1;
    private Goal goal;
    private int waited;
    private int wary;
    private int called = -CALLS;
  }

  /** Who sees to something that is to be used, and until which step the others leave it to them. */
  private record Claim(int seat, int until) {}

  /** How long one leaves to another what they have begun to see to, steps. */
  private static final int LEAVES = 100;

  /** How long it is between two calls that one sends, steps. */
  private static final int CALLS = 100;

  private final Nerve nerve;
  private final Map<Integer, Told> told = new HashMap<>();
  private final Map<Goal, Claim> claims = new HashMap<>();
  private Goals goals;

  Stagehand(Nerve nerve) {
    this.nerve = nerve;
  }

  @Override
  public List<Command> act(World world) {
    List<Command> commands = new ArrayList<>();
    if (goals == null) {
      goals = new Goals(world);
    }
    if (world.read().step() % THINKS_EVERY == 0) {
      for (int seat = 0; seat < world.plan().seats(); seat++) {
        answer(world, seat, commands);
        trade(world, seat, commands);
        if (world.read().up(world.plan().seat(seat))) {
          act(world, seat, commands);
        }
      }
    }
    return commands;
  }

  /** Answers what it is asked: so that play goes on, or else with the first answer that it can. */
  private void answer(World world, int seat, List<Command> commands) {
    ToldReadings.Asked asked = world.told().asked(seat);
    boolean answers = asked != null && asked.answers().stream().noneMatch(it -> it.own());
    if (!answers) {
      return;
    }
    List<Integer> able =
        asked.answers().stream()
            .filter(ToldReadings.Answerable::able)
            .map(ToldReadings.Answerable::answer)
            .toList();
    if (!able.isEmpty()) {
      int wanted = goals.answer(able);
      int answer = wanted < 0 ? able.getFirst() : wanted;
      String id = List.copyOf(world.plan().mission().answers().keySet()).get(answer);
      commands.add(new Command(seat, new Input.Answer(id)));
    }
  }

  /** Takes the first that it can of an exchange, while an event waits for that. */
  private void trade(World world, int seat, List<Command> commands) {
    int exchange = world.told().trading(seat);
    if (exchange < 0 || !goals.trades(exchange)) {
      return;
    }
    List<Trades.Offered> rows = world.told().trades();
    for (int row = 0; row < rows.size(); row++) {
      ToldReadings.Tradable now = world.told().tradable(row, seat);
      boolean can = now.able() && now.left() != 0 && now.there() && now.pays();
      if (rows.get(row).exchange() == exchange && can) {
        commands.add(new Command(seat, new Input.Trade(rows.get(row).id())));
        return;
      }
    }
  }

  private void act(World world, int seat, List<Command> commands) {
    Readings read = world.read();
    Told last = told.computeIfAbsent(seat, _ -> new Told());
    int unit = world.plan().seat(seat);
    int enemy = nearest(world, unit, true, nerve.minds());
    int thing = enemy < 0 && last.goal != null ? last.goal.thing() - 1 : -1;
    int slot = enemy >= 0 ? read.reach(unit, enemy) : thing >= 0 ? read.reachThing(unit, thing) : 0;
    if (slot != last.slot) {
      last.slot = slot;
      commands.add(new Command(seat, new Input.Attack(slot)));
    }
    aim(world, seat, slot > 0 ? enemy : -1, slot > 0 ? thing : -1, last, commands);
    tend(world, seat, unit, commands);
    double share = read.health(unit) / world.plan().kind(unit).health();
    boolean close = enemy >= 0 && read.gap(unit, enemy) < CLOSE;
    if (close && share < nerve.yields()) {
      backOff(read, seat, unit, enemy, commands);
    } else if ((read.using(unit) > 0 || read.dealsWith(unit) >= 0) && !close) {
      return;
    } else if (slot > 0) {
      stand(read, seat, unit, commands);
    } else if (!help(world, seat, unit, enemy, commands)) {
      goOn(world, seat, unit, enemy, last, commands);
    }
  }

  /** Uses what it carries against wounds once half its health is gone. */
  private static void tend(World world, int seat, int unit, List<Command> commands) {
    Readings read = world.read();
    int healer = read.healer(unit);
    if (healer >= 0 && read.health(unit) < world.plan().kind(unit).health() / 2) {
      String item = List.copyOf(world.plan().mission().itemKinds().keySet()).get(healer);
      commands.add(new Command(seat, new Input.Consume(item)));
    }
  }

  /** The nearest enemy on its feet, or else the nearest friend who is down, in sight. */
  private static int nearest(World world, int unit, boolean enemy, double within) {
    Readings read = world.read();
    Stance.Attitude wanted = enemy ? Stance.Attitude.HOSTILE : Stance.Attitude.FRIENDLY;
    int best = -1;
    double least = within;
    for (int other = 0; other < world.plan().units(); other++) {
      boolean counts =
          other != unit
              && (enemy ? read.up(other) : read.present(other) && read.down(other))
              && read.attitude(unit, other) == wanted;
      if (counts && read.gap(unit, other) < least && (!enemy || read.sees(unit, other))) {
        best = other;
        least = read.gap(unit, other);
      }
    }
    return best;
  }

  /** Turns to somebody, or to a thing, or to neither. */
  private static void aim(
      World world, int seat, int enemy, int thing, Told last, List<Command> commands) {
    Readings read = world.read();
    int unit = world.plan().seat(seat);
    double bearing = -1;
    if (enemy >= 0) {
      bearing = bearing(read, unit, read.x(enemy), read.y(enemy));
    } else if (thing >= 0) {
      Position at = world.plan().things().get(thing).position();
      bearing = bearing(read, unit, at.x(), at.y());
    }
    if (bearing != last.bearing) {
      last.bearing = bearing;
      commands.add(new Command(seat, new Input.Aim(bearing)));
    }
  }

  private static double bearing(Readings read, int unit, double x, double y) {
    return Math.floor(Bearings.of(x - read.x(unit), y - read.y(unit)));
  }

  private static void stand(Readings read, int seat, int unit, List<Command> commands) {
    if (read.underWay(unit)) {
      commands.add(new Command(seat, new Input.Steer(0, 0)));
    }
  }

  private static void backOff(
      Readings read, int seat, int unit, int enemy, List<Command> commands) {
    double dx = read.x(unit) - read.x(enemy);
    double dy = read.y(unit) - read.y(enemy);
    double far = Math.max(0.1, Math.sqrt(dx * dx + dy * dy));
    commands.add(new Command(seat, new Input.Steer(dx / far, dy / far)));
  }

  /** Goes to a friend who is down, and helps them up. */
  private static boolean help(World world, int seat, int unit, int enemy, List<Command> commands) {
    Readings read = world.read();
    boolean threatened = enemy >= 0 && read.gap(unit, enemy) < CLOSE;
    int friend = threatened ? -1 : nearest(world, unit, false, HELPS);
    if (friend < 0 || !read.canWalk(unit, read.x(friend), read.y(friend))) {
      return false;
    }
    if (read.offers(unit).stream().anyMatch(Readings.Offer::helps)) {
      stand(read, seat, unit, commands);
      commands.add(new Command(seat, new Input.Use(1)));
    } else {
      commands.add(new Command(seat, new Input.Go(read.x(friend), read.y(friend))));
    }
    return true;
  }

  private void goOn(World world, int seat, int unit, int enemy, Told last, List<Command> commands) {
    Readings read = world.read();
    call(world, seat, unit, last, commands);
    Goal goal = goals.next(unit);
    boolean there = goal == null || at(read, unit, goal);
    last.wary = enemy < 0 ? 0 : last.wary + THINKS_EVERY;
    if (enemy >= 0 && !nerve.presses() && last.wary < PATIENCE) {
      stand(read, seat, unit, commands);
    } else if (enemy >= 0 && there && nerve.presses()) {
      commands.add(new Command(seat, new Input.Go(read.x(enemy), read.y(enemy))));
      last.goal = null;
    } else if (goal == null) {
      hold(read, seat, unit, last, commands);
    } else if (there) {
      arrive(read, seat, unit, goal, last, commands);
    } else if (waits(world, unit, goal, last)) {
      stand(read, seat, unit, commands);
    } else if (!goal.equals(last.goal) || !read.underWay(unit)) {
      last.goal = goal;
      commands.add(new Command(seat, new Input.Go(goal.x(), goal.y())));
    }
  }

  /** Whether it waits for friends who are behind; on a course everybody runs for themselves. */
  private boolean waits(World world, int unit, Goal goal, Told last) {
    if (goal.course() || !behind(world, unit)) {
      last.waited = 0;
      return false;
    }
    last.waited += THINKS_EVERY;
    return last.waited < PATIENCE;
  }

  /** Sends a call that an event waits for. */
  private void call(World world, int seat, int unit, Told last, List<Command> commands) {
    int call = goals.call(seat, unit);
    int now = world.read().step();
    if (call >= 0 && now - last.called >= CALLS) {
      last.called = now;
      String id = List.copyOf(world.plan().mission().calls().keySet()).get(call);
      commands.add(new Command(seat, new Input.Call(id)));
    }
  }

  private static boolean at(Readings read, int unit, Goal goal) {
    if (goal.zone() >= 0) {
      return read.inside(unit, goal.zone());
    }
    return distance(read, unit, goal) <= goal.near();
  }

  private static double distance(Readings read, int unit, Goal goal) {
    double dx = goal.x() - read.x(unit);
    double dy = goal.y() - read.y(unit);
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** Uses what is to be used, unless another seat sees to it: two on one lever undo each other. */
  private void arrive(
      Readings read, int seat, int unit, Goal goal, Told last, List<Command> commands) {
    Claim claim = claims.get(goal);
    boolean others = claim != null && claim.seat() != seat && read.step() < claim.until();
    if (goal.takes()) {
      if (read.takes(unit) >= 0) {
        commands.add(new Command(seat, new Input.TakeUp()));
      }
      return;
    }
    if (goal.use() > 0 || goal.person() > 0) {
      stand(read, seat, unit, commands);
    }
    if (goal.person() > 0 && !others) {
      claims.put(goal, new Claim(seat, read.step() + LEAVES));
      int slot = read.slotToDeal(unit, goal.person() - 1, goal.dealing());
      commands.add(new Command(seat, new Input.Use(slot)));
    }
    if (goal.use() > 0 && !others) {
      claims.put(goal, new Claim(seat, read.step() + LEAVES));
      int slot = read.slot(unit, goal.use() - 1);
      commands.add(new Command(seat, new Input.Use(slot)));
    }
    last.goal = goal;
  }

  /** With nothing to do, it goes back to and stays where there was something last. */
  private static void hold(Readings read, int seat, int unit, Told last, List<Command> commands) {
    if (last.goal == null) {
      stand(read, seat, unit, commands);
    } else if (distance(read, unit, last.goal) > CLOSE && !read.underWay(unit)) {
      commands.add(new Command(seat, new Input.Go(last.goal.x(), last.goal.y())));
    }
  }

  /** Whether a friend who is coming along is far behind. */
  private boolean behind(World world, int unit) {
    Readings read = world.read();
    for (int other = 0; other < world.plan().units(); other++) {
      boolean companion = world.plan().companion(other) && other != unit && read.up(other);
      if (companion && read.gap(unit, other) > nerve.waits()) {
        return true;
      }
    }
    return false;
  }
}
