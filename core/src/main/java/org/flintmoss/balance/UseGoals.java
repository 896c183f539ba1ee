package org.flintmoss.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;

/** The uses of fixtures that bring something about. */
final class UseGoals {
  /** How much room one leaves between oneself and a thing, metres. */
  private static final double ROOM = 0.3;

  /** How near one has to be to the side of a thing where one stands, metres. */
  private static final double BY_ITS_SIDE = 0.4;

  /** Who is nearer to the middle of a plate stands on it, metres. */
  private static final double ON_IT = 0.3;

  /** On how many sides of a thing one tries to stand. */
  private static final int SIDES = 8;

  private final World world;
  private final Plan plan;
  private final FixtureUse[] uses;

  UseGoals(World world) {
    this.world = world;
    plan = world.plan();
    uses = plan.handles();
  }

  /** The goal to make a use. */
  Goals.Goal goal(int use, int unit) {
    Position middle = uses[use].middle();
    Position at = beside(unit, middle, uses[use].self());
    boolean byHand = uses[use].use().byHand();
    double near = !byHand ? ON_IT : at == middle ? Goals.Goal.NEAR : BY_ITS_SIDE;
    int made = byHand ? use + 1 : 0;
    return new Goals.Goal(at.x(), at.y(), -1, made, 0, near, false);
  }

  /** The goal to break a thing that can be harmed; none for another. */
  List<Goals.Goal> breaking(int unit, int thing) {
    if (!world.read().breaks(thing)) {
      return List.of();
    }
    Position at = beside(unit, plan.things().get(thing).position(), thing);
    return List.of(new Goals.Goal(at.x(), at.y(), -1, 0, thing + 1, BY_ITS_SIDE, false));
  }

  /** Goals to break what bars people. */
  List<Goals.Goal> breaking(int unit) {
    List<Goals.Goal> goals = new ArrayList<>();
    for (int thing = 0; thing < plan.things().many(); thing++) {
      if (world.read().breaks(thing) && bars(thing)) {
        goals.addAll(breaking(unit, thing));
      }
    }
    return goals;
  }

  /** Where a unit can stand by a thing: in its middle, or else on one of eight sides of it. */
  private Position beside(int unit, Position middle, int thing) {
    if (thing < 0 || world.read().canWalk(unit, middle.x(), middle.y())) {
      return middle;
    }
    double far = plan.things().half(thing) + plan.kind(unit).radius() + ROOM;
    for (int side = 0; side < SIDES; side++) {
      double x = middle.x() + Bearings.east(360.0 / SIDES * side) * far;
      double y = middle.y() + Bearings.north(360.0 / SIDES * side) * far;
      if (world.read().canWalk(unit, x, y)) {
        return new Position(x, y);
      }
    }
    return middle;
  }

  /** The first use of a fixture that is offered to a unit if only it had what that needs; or -1. */
  int first(int fixture, int unit) {
    List<Integer> all = offered(unit, use -> uses[use].fixture() == fixture);
    return all.isEmpty() ? -1 : all.getFirst();
  }

  /** The kind of item that a unit lacks for a use; -1 for none. */
  int lacks(int unit, int use) {
    FixtureUse of = uses[use];
    boolean lacks = of.needs() >= 0 && world.read().carries(unit, of.needs()) < of.needed();
    return lacks ? of.needs() : -1;
  }

  /** Uses offered to a unit that may open a way: a gate, or a thing that lets people past after. */
  List<Integer> opening(int unit) {
    return offered(unit, this::opens);
  }

  /** Uses offered to a unit after which a thing stands there, or is gone. */
  List<Integer> standing(int unit, int thing, Standing to) {
    return offered(
        unit,
        use ->
            (uses[use].self() == thing
                    && to == Standing.GONE
                    && uses[use].use().turns() instanceof Use.Goes)
                || (uses[use].effect().thing() == thing
                    && uses[use].use().effect() instanceof Use.LetsStand lets
                    && lets.stands() == to));
  }

  /** Uses offered to a unit after which a thing has a look. */
  List<Integer> looking(int unit, int thing, int look) {
    return offered(
        unit,
        use ->
            (uses[use].self() == thing && uses[use].into() == look)
                || (uses[use].effect().thing() == thing && uses[use].effect().look() == look));
  }

  /** Uses offered to a unit that open an exchange. */
  List<Integer> exchanging(int unit, int exchange) {
    return offered(unit, use -> uses[use].effect().exchange() == exchange);
  }

  private List<Integer> offered(int unit, IntPredicate which) {
    List<Integer> found = new ArrayList<>();
    for (int use = 0; use < uses.length; use++) {
      boolean can = world.read().offered(unit, use) || world.read().wouldPress(unit, use);
      if (can && which.test(use)) {
        found.add(use);
      }
    }
    return found;
  }

  private boolean opens(int use) {
    FixtureUse of = uses[use];
    boolean other =
        switch (of.use().effect()) {
          case Use.OpensGate _, Use.TurnsGate _ ->
              of.effect().gate() >= 0 && world.read().gate(of.effect().gate()) != Gate.State.OPEN;
          case Use.LetsStand lets ->
              of.effect().thing() >= 0
                  && lets.stands() == Standing.GONE
                  && bars(of.effect().thing());
          case Use.LetsLook _ -> clears(of.effect().thing(), of.effect().look());
          case Use.SendsDeck _, Use.SendsDeckOn _ -> world.read().deckRests(of.effect().deck());
          case Use.ClosesGate _,
              Use.BeginsEffect _,
              Use.EndsEffect _,
              Use.OpensExchange _,
              Use.Nothing _ ->
              false;
        };
    return other
        || switch (of.use().turns()) {
          case Use.Into _, Use.IntoFor _ -> clears(of.self(), of.into());
          case Use.Goes _ -> bars(of.self());
          case Use.Stays _ -> false;
        };
  }

  /** Whether a thing stops people now, and with another look would not. */
  private boolean clears(int thing, int look) {
    int place = thing < 0 ? -1 : plan.things().place(thing, look);
    return place >= 0
        && bars(thing)
        && !plan.things().appearances(thing).get(place).stops().movement();
  }

  private boolean bars(int thing) {
    List<Appearance> its = plan.things().appearances(thing);
    return world.read().standing(thing) == Standing.THERE
        && !its.isEmpty()
        && its.get(world.read().look(thing)).stops().movement();
  }
}
