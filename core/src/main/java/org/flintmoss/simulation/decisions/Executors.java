package org.flintmoss.simulation.decisions;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.unit.Squad.Formation;
import org.flintmoss.script.CompiledOrder;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Slots;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.plan.Chance;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Progress;

/** Who carries out which order. A new order needs its record and its executor here. */
final class Executors {
  private final Map<Class<? extends Order>, Executor<? extends Order>> all = new HashMap<>();

  Executors(Footwork feet) {
    on(Order.Stay.class, new Stay<>(feet));
    on(Order.AsSquad.class, new Stay<>(feet));
    on(Order.FallBack.class, new Stay<>(feet));
    on(Order.Faces.class, new Faces(feet));
    on(Order.Guard.class, new Guard(feet));
    on(Order.Prowl.class, new Prowl(feet));
    on(Order.Along.class, new AlongExecutor(feet));
    on(Order.Escort.class, new Escort(feet));
    on(Order.Attack.class, new Attack(feet));
  }

  private <O extends Order> void on(Class<O> order, Executor<O> executor) {
    all.put(order, executor);
  }

  /** Whether a type of order has its executor. */
  boolean carriesOut(Class<?> order) {
    return all.containsKey(order);
  }

  void perform(CompiledOrder errand, int unit, int ordered, int now) {
    of(errand.order()).perform(errand.order(), errand.slots(), unit, ordered, now);
  }

  boolean done(CompiledOrder errand, int unit, int ordered) {
    return of(errand.order()).done(errand.order(), errand.slots(), unit, ordered);
  }

  boolean apart(CompiledOrder errand) {
    return of(errand.order()).apart();
  }

  @SuppressWarnings("unchecked")
  private Executor<Order> of(Order order) {
    return (Executor<Order>) all.get(order.getClass());
  }

  /** Stays at home; who falls back stays so until it begins to. */
  private record Stay<O extends Order>(Footwork feet) implements Executor<O> {
    @Override
    public void perform(O order, Slots slots, int unit, int ordered, int now) {
      feet.stayHome(unit, now);
    }

    @Override
    public boolean done(O order, Slots slots, int unit, int ordered) {
      return feet.atHome(unit);
    }

    @Override
    public boolean apart() {
      return true;
    }
  }

  /** Stands at a post. */
  private record Guard(Footwork feet) implements Executor<Order.Guard> {
    @Override
    public void perform(Order.Guard order, Slots slots, int unit, int ordered, int now) {
      Post post = slots.post(order.post());
      double x = post.position().x();
      double y = post.position().y();
      int deck = feet.context.space.decks().asked(post.level(), x, y);
      feet.stand(unit, deck, x, y, post.facing(), now);
    }

    @Override
    public boolean done(Order.Guard order, Slots slots, int unit, int ordered) {
      Post post = slots.post(order.post());
      return feet.there(unit, post.position().x(), post.position().y());
    }
  }

  /** Stays at home, turned to a place. */
  private record Faces(Footwork feet) implements Executor<Order.Faces> {
    /** How exactly somebody is turned to a place, degrees to either side. */
    private static final double TURNED = 1;

    @Override
    public void perform(Order.Faces order, Slots slots, int unit, int ordered, int now) {
      double x = feet.context.home.x(unit);
      double y = feet.context.home.y(unit);
      double bearing = bearing(order, slots, x, y, feet.context.home.facing(unit));
      feet.stand(unit, feet.context.home.deck(unit), x, y, bearing, now);
    }

    @Override
    public boolean done(Order.Faces order, Slots slots, int unit, int ordered) {
      double facing = feet.context.body.facing(unit);
      double x = feet.context.body.x(unit);
      double y = feet.context.body.y(unit);
      double off = Bearings.between(facing, bearing(order, slots, x, y, facing));
      return feet.atHome(unit) && off <= TURNED;
    }

    @Override
    public boolean apart() {
      return true;
    }

    /** The bearing of the place from a point; another one for who stands on the very place. */
    private double bearing(Order.Faces order, Slots slots, double x, double y, double otherwise) {
      Spot to = slots.spot(order.place());
      double east = feet.context.space.spotX(to) - x;
      double north = feet.context.space.spotY(to) - y;
      return east == 0 && north == 0 ? otherwise : Bearings.of(east, north);
    }
  }

  /** Goes to and fro, lingering at either end; it is never done. */
  private record Prowl(Footwork feet) implements Executor<Order.Prowl> {
    @Override
    public void perform(Order.Prowl order, Slots slots, int unit, int ordered, int now) {
      Progress progress = feet.context.progress;
      double pause = slots.at(order.pause());
      if (progress.lingers(ordered) == 0) {
        linger(unit, ordered, pause, now);
      }
      if (now < progress.lingerUntil(ordered)) {
        return;
      }
      Spot to = slots.spot(order.to());
      boolean back = progress.leg(ordered) % 2 == 1;
      double x = back ? feet.context.home.x(unit) : feet.context.space.spotX(to);
      double y = back ? feet.context.home.y(unit) : feet.context.space.spotY(to);
      int deck = back ? feet.context.home.deck(unit) : feet.context.space.spotDeck(to);
      if (feet.paths.goTo(unit, deck, x, y, now)) {
        progress.turn(ordered);
        linger(unit, ordered, pause, now);
      }
    }

    private void linger(int unit, int ordered, double pause, int now) {
      int ordinal = feet.context.progress.nextLinger(ordered);
      long seed = feet.context.seed;
      double roll =
          Chance.roll(seed, Chance.Purpose.LINGER, feet.context.newcomers.key(unit), ordinal);
      double seconds = pause * (0.5 + roll);
      feet.context.progress.linger(
          ordered, now + (int) Math.floor(seconds * Plan.STEPS_PER_SECOND));
    }

    @Override
    public boolean done(Order.Prowl order, Slots slots, int unit, int ordered) {
      return false;
    }
  }

  /** Keeps by the nearest of some; it is never done. */
  private record Escort(Footwork feet) implements Executor<Order.Escort> {
    /** Metres between escorts. */
    private static final double SPACING = 3.6;

    @Override
    public void perform(Order.Escort order, Slots slots, int unit, int ordered, int now) {
      int nearest = feet.nearest(unit, slots.crowd(order.who()), true);
      if (nearest >= 0) {
        feet.inFormation(Formation.PAIRS, SPACING, rank(unit), 0);
        feet.follow(unit, nearest, now);
      } else {
        feet.stayHome(unit, now);
      }
    }

    /** The place of an escort among those with the same order, from 0. */
    private int rank(int unit) {
      int rank = 0;
      for (int other = 0; other < unit; other++) {
        rank +=
            feet.context.vitals.up(other)
                    && feet.context.orders.errand(other) == feet.context.orders.errand(unit)
                ? 1
                : 0;
      }
      return rank;
    }

    @Override
    public boolean done(Order.Escort order, Slots slots, int unit, int ordered) {
      return false;
    }
  }

  /** Goes for the nearest of some, until none of them is left on their feet. */
  private record Attack(Footwork feet) implements Executor<Order.Attack> {
    @Override
    public void perform(Order.Attack order, Slots slots, int unit, int ordered, int now) {
      int nearest = feet.nearest(unit, slots.crowd(order.who()), false);
      if (nearest >= 0) {
        feet.context.intentions.hurry(unit);
        feet.paths.keepTo(unit, nearest, 2, now);
      } else {
        feet.stayHome(unit, now);
      }
    }

    @Override
    public boolean done(Order.Attack order, Slots slots, int unit, int ordered) {
      Crowd who = slots.crowd(order.who());
      return Arrays.stream(who.members())
          .noneMatch(it -> feet.context.vitals.up(it) && feet.context.sieves.pass(who, it));
    }
  }
}
