package org.flintmoss.simulation.space;

import java.util.Arrays;
import org.flintmoss.mission.catalogue.Appearance;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.plan.ThingEffect;
import org.flintmoss.simulation.plan.ThingTable;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.ChangingThings;
import org.flintmoss.terrain.Stand;

/**
 * How gates stand, how props and fixtures look and whether they are there: the owner of the states
 * of all that changes.
 */
public final class Standings {
  /** How long what would close on somebody waits before it is tried again, steps. */
  private static final int WAITS = 10;

  private final SpaceContext context;
  private final ThingTable things;

  /** For each thing its number among all that changes; -1 for one that stays as it begins. */
  private final int[] changing;

  /** How many gates there are, which come first among all that changes. */
  private final int gates;

  /** How many gates and decks that move there are, which come before things. */
  private final int firstThing;

  /** For each of all that changes from the first thing on the thing that it is. */
  private final int[] thingAt;

  /** The state of each of all that changes; of a thing by {@link ChangingThings}. */
  private final Column.Ints states;

  private final GateMotion moving;

  private final DeckMotion decks;

  /** The same with where those lie that may move. */
  private Stand all;

  /** When anything last came to stand or look otherwise; 0 for never. */
  private final Column.Steps turned;

  /** When each goes back to how it stood or looked before; 0 for never. */
  private final Column.Steps backAt;

  /** The state that each gate goes back to; the look that each thing goes back to, from 0. */
  private final Column.Ints backTo;

  Standings(SpaceContext context) {
    this.context = context;
    Plan plan = context.plan;
    State state = context.state;
    things = plan.things();
    changing = new int[things.many()];
    Arrays.setAll(changing, it -> plan.obstacles().things().number(things.ref(it)));
    gates = plan.obstacles().gates();
    firstThing = gates + plan.obstacles().moving().many();
    thingAt = new int[plan.obstacles().changing() - firstThing];
    for (int thing = 0; thing < changing.length; thing++) {
      if (changing[thing] >= 0) {
        thingAt[changing[thing] - firstThing] = thing;
      }
    }
    states = state.ints("standings", plan.obstacles().changing());
    System.arraycopy(plan.obstacles().states(), 0, states.at, 0, states.at.length);
    turned = state.steps("standingsTurned", 1);
    moving = new GateMotion(context, this);
    decks = new DeckMotion(context);
    backAt = state.steps("lookBackAt", states.at.length);
    backTo = state.ints("lookBackTo", states.at.length);
  }

  /** The ordinal of how a gate stands. */
  public int gate(int gate) {
    return states.at[gate];
  }

  /** How all stands now, for those who ask the obstacles; not to be kept. */
  public Stand all() {
    if (all == null) {
      all = Stand.of(states.at, context.thingPlaces.now(), decks.gone());
    }
    return all;
  }

  /** How all would stand now if a thing were not there; not to be kept. */
  public Stand without(int thing) {
    return all().without(things.ref(thing));
  }

  /** Whether a thing stands there. */
  public Standing standing(int thing) {
    return ChangingThings.standing(state(thing));
  }

  /** Which of the looks of its kind a thing has, from 0. */
  public int look(int thing) {
    return ChangingThings.look(state(thing));
  }

  private int state(int thing) {
    return changing[thing] < 0 ? things.first(thing) : states.at[changing[thing]];
  }

  /** The things that change; not to be changed. */
  public int[] changing() {
    return thingAt;
  }

  /** Whether the state of a thing is not the one in which it began. */
  public boolean otherwise(int thing) {
    return changing[thing] >= 0 && states.at[changing[thing]] != things.first(thing);
  }

  /** Whether a thing has a look, by its number within its family. */
  public boolean looks(int thing, int look) {
    return things.place(thing, look) == look(thing);
  }

  /** Does to other things what a use or the breaking of a thing does. */
  public void change(ThingEffect effect, int cause, int by) {
    switch (effect.of()) {
      case Use.Nothing _, Use.OpensExchange _ -> {}
      case Use.OpensGate _ -> set(effect.gate(), Gate.State.OPEN.ordinal(), cause, by);
      case Use.ClosesGate _ -> set(effect.gate(), Gate.State.CLOSED.ordinal(), cause, by);
      case Use.TurnsGate _ -> {
        boolean open = effect.gate() >= 0 && meant(effect.gate()) == Gate.State.OPEN.ordinal();
        set(effect.gate(), (open ? Gate.State.CLOSED : Gate.State.OPEN).ordinal(), cause, by);
      }
      case Use.SendsDeck _ -> decks.send(decks.number(effect.deck()), effect.stop(), cause, by);
      case Use.SendsDeckOn _ -> decks.sendOn(decks.number(effect.deck()), cause, by);
      case Use.BeginsEffect _ -> context.effects.turn(effect.goesOn(), 1, cause, by);
      case Use.EndsEffect _ -> context.effects.turn(effect.goesOn(), 0, cause, by);
      case Use.LetsStand lets -> put(effect.thing(), lets.stands(), cause, by);
      case Use.LetsLook _ -> turn(effect.thing(), effect.look(), cause, by);
    }
  }

  /** Puts a thing back or takes it away; through a unit, or -1 for nobody. */
  public void put(int thing, Standing to, int cause, int by) {
    if (thing >= 0 && standing(thing) != to) {
      states.at[changing[thing]] = ChangingThings.state(look(thing), to);
      context.log(Causes.Kind.THING, thing, to.ordinal(), cause, by);
      changed(thing, by);
    }
  }

  /**
   * Gives a thing another look from then on; through a unit, or -1 for nobody. A look that its kind
   * does not have changes nothing.
   */
  public void turn(int thing, int look, int cause, int by) {
    int to = thing < 0 || look < 0 ? -1 : things.place(thing, look);
    if (to >= 0) {
      backAt.at[changing[thing]] = 0;
      show(thing, to, cause, by);
    }
  }

  /** Gives a thing another look for some steps, and then the one that it had. */
  public void turn(int thing, int look, int steps, int cause, int by) {
    int to = things.place(thing, look);
    if (to >= 0) {
      int number = changing[thing];
      if (backAt.at[number] == 0) {
        backTo.at[number] = look(thing);
      }
      show(thing, to, cause, by);
      backAt.at[number] = context.now() + steps;
    }
  }

  private void show(int thing, int to, int cause, int by) {
    if (look(thing) != to) {
      states.at[changing[thing]] = ChangingThings.state(to, standing(thing));
      context.log(Causes.Kind.LOOK, thing, things.look(thing, to), cause, by);
      changed(thing, by);
    }
  }

  /** Whether anything has come to stand or look otherwise in a step or in the one before. */
  public boolean turned(int now) {
    return turned.at[0] > 0 && now - turned.at[0] <= 1;
  }

  private void changed(int thing, int by) {
    turned.at[0] = context.now();
    context.thingPlaces.changed(thing);
    context.touch(Wake.THING, thing, by);
    context.space.reshape();
  }

  /**
   * Phase 2: what was otherwise for a while goes back to what it was, as soon as nobody stands
   * where it would be in the way.
   */
  public void goBack(int now) {
    for (int number = 0; number < backAt.at.length; number++) {
      if (backAt.at[number] == 0 || now < backAt.at[number]) {
        continue;
      }
      boolean gate = number < gates;
      int to = gate ? backTo.at[number] : ChangingThings.state(backTo.at[number], Standing.THERE);
      if (inTheWay(number, to)) {
        backAt.at[number] = now + WAITS;
      } else {
        backAt.at[number] = 0;
        back(number, gate);
      }
    }
  }

  private void back(int number, boolean gate) {
    if (gate) {
      set(number, backTo.at[number], -1, -1);
    } else {
      show(thingAt[number - firstThing], backTo.at[number], -1, -1);
    }
  }

  /** Whether somebody stands where a gate would be in the way if it were closed. */
  public boolean standsIn(int gate) {
    return inTheWay(gate, Gate.State.CLOSED.ordinal());
  }

  /**
   * Whether somebody stands where a thing would be in the way if it had another look, and is not
   * now.
   */
  public boolean standsIn(int thing, int look) {
    int place = things.place(thing, look);
    return place >= 0
        && things.appearances(thing).get(place).stops().movement()
        && !appearance(thing).stops().movement()
        && inTheWay(changing[thing], ChangingThings.state(place, Standing.THERE));
  }

  /** Whether somebody stands where one of those that change would be in the way. */
  boolean inTheWay(int number, int to) {
    Plan plan = context.plan;
    Stand alone = plan.obstacles().alone(number, to);
    for (int unit = 0; unit < plan.units(); unit++) {
      if (context.vitals.lives(unit)
          && !plan.obstacles()
              .clear(
                  context.body.x(unit),
                  context.body.y(unit),
                  plan.kind(unit).radius(),
                  context.space.feet(unit),
                  plan.kind(unit).eye(),
                  alone)) {
        return true;
      }
    }
    return false;
  }

  /**
   * Opens a gate by hand.
   *
   * @param steps after which it closes by itself; 0 for never
   */
  public void open(int gate, int steps, int cause, int by) {
    int was = states.at[gate];
    set(gate, Gate.State.OPEN.ordinal(), cause, by);
    if (steps > 0) {
      backTo.at[gate] = was;
      backAt.at[gate] = context.now() + steps + moving.steps(gate);
    }
  }

  /**
   * Sets how a gate is to stand from then on; through a unit, or -1 for nobody. One that takes its
   * time begins to move.
   */
  public void set(int gate, int stands, int cause, int by) {
    if (gate >= 0) {
      backAt.at[gate] = 0;
      moving.set(gate, stands, cause, by);
    }
  }

  /** A gate has come to stand in a way. */
  void stand(int gate, int stands, int cause, int by) {
    if (states.at[gate] != stands) {
      states.at[gate] = stands;
      turned.at[0] = context.now();
      context.log(Causes.Kind.GATE, gate, stands, cause, by);
      context.touch(Wake.GATE, gate, by);
      context.space.reshape();
    }
  }

  /** How a gate stands, or will once it has come to rest. */
  public int meant(int gate) {
    return moving.meant(gate);
  }

  /** Phase 2: gates that move go on. */
  public void goOn(int now) {
    moving.move(now);
  }

  /** Where decks are that move. */
  public DeckMotion decks() {
    return decks;
  }

  /** A deck that moves comes to a stop, or leaves one. */
  void deck(int number, int state) {
    states.at[number] = state;
    turned.at[0] = context.now();
    context.thingPlaces.reshape();
    context.space.reshape();
  }

  /** How gates move. */
  public GateMotion moving() {
    return moving;
  }

  /** Whether a thing is there and stops people as it looks now. */
  public boolean thereAndSolid(int thing) {
    return standing(thing) == Standing.THERE && appearance(thing).stops().movement();
  }

  /** How high a thing is as it looks now, metres. */
  public double height(int thing) {
    return things.get(thing).scale() * appearance(thing).height() - things.get(thing).sunk();
  }

  /** How a thing of a kind that is there appears now. */
  public Appearance appearance(int thing) {
    return things.appearances(thing).get(look(thing));
  }
}
