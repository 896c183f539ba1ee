package org.flintmoss.simulation.carriage;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.DoorTable;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;
import org.flintmoss.terrain.Segments;

/** The use of fixtures: it takes its time, and ends when the user walks off. */
public final class Interactions {
  private final CarriageContext context;
  private final Plan plan;
  private final State state;
  private final Wounds wounds;

  /** The use of a fixture that each unit is at, from 1; 0 for none. */
  private final Column.Ints using;

  /** 1 for a unit whose use is to open what bars its way. */
  private final Column.Ints inPassing;

  /** When each unit's use is done; 0 for none. */
  private final Column.Steps usingUntil;

  /** How often each use has been made, by all but players who are counted each by themselves. */
  private final Column.Ints used;

  /** How often each use has been made by each player who is counted by themselves. */
  private final Column.Ints usedBySeat;

  /** How often each fixture has been used. */
  private final Column.Ints fixturesUsed;

  /** 1 for a fixture that an event has put out of use. */
  private final Column.Ints useless;

  Interactions(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    useless = state.ints("useless", plan.mission().fixtures().size());
    using = state.ints("using", Rows.of(plan.units()));
    inPassing = state.ints("usingInPassing", Rows.of(plan.units()));
    usingUntil = state.steps("usingUntil", Rows.of(plan.units()));
    used = state.ints("used", plan.handles().length);
    usedBySeat = state.ints("usedBySeat", plan.handles().length * plan.seats());
    fixturesUsed = state.ints("fixturesUsed", plan.mission().fixtures().size());
    wounds = context.wounds;
    context.space.doors(this::keys, this::usable);
  }

  /** 1 where a fixture can no longer be used. */
  public int useless(int fixture) {
    return useless.at[fixture];
  }

  /** The use that a unit is at, from 1; 0 for none. */
  public int using(int unit) {
    return using.at[unit];
  }

  /** The step at which a unit is done with its use. */
  public int usingUntil(int unit) {
    return usingUntil.at[unit];
  }

  /** How often a fixture has been used. */
  public int fixturesUsed(int fixture) {
    return fixturesUsed.at[fixture];
  }

  /** Puts a fixture out of use, or back. */
  public void usable(int fixture, boolean can, int cause) {
    int to = can ? 0 : 1;
    if (fixture >= 0 && useless.at[fixture] != to) {
      useless.at[fixture] = to;
      context.log(Causes.Kind.USABLE, fixture, 1 - to, cause);
      context.space.reshape();
    }
  }

  /** A unit leaves off what it uses. */
  public void leaveOff(int unit) {
    using.at[unit] = 0;
  }

  /** A unit begins a use that it is offered. */
  void begin(int unit, int handle, int now) {
    using.at[unit] = handle + 1;
    inPassing.at[unit] = 0;
    usingUntil.at[unit] = now + plan.handles()[handle].steps();
  }

  /**
   * Begins the first use of a fixture that is in reach and not used up.
   *
   * @return the steps it takes until it is done; 0 where it cannot be begun
   */
  public int take(int unit, int fixture, int now) {
    FixtureUse[] handles = plan.handles();
    for (int handle = 0; handle < handles.length; handle++) {
      FixtureUse of = handles[handle];
      if (of.fixture() == fixture
          && offers(unit, handle)
          && has(unit, handle)
          && far(unit, of) < reach(unit)) {
        using.at[unit] = handle + 1;
        inPassing.at[unit] = 0;
        usingUntil.at[unit] = now + of.steps();
        return of.steps() + 1;
      }
    }
    return 0;
  }

  private double reach(int unit) {
    return Fixture.REACH + plan.kind(unit).radius();
  }

  /** Whether a unit has the hands and the items that a use needs. */
  public boolean has(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    return plan.kind(unit).hands() && holds(unit, of.needs(), of.needed());
  }

  private boolean holds(int unit, int item, int count) {
    return item == -1 || (item >= 0 && context.packs.count(unit, item) >= count);
  }

  /**
   * The uses that are offered to a unit at the nearest fixture in reach that offers any, whether or
   * not the unit has what they need.
   */
  List<Integer> inReach(int unit) {
    int owner = nearest(unit);
    FixtureUse[] handles = plan.handles();
    List<Integer> found = new ArrayList<>();
    for (int handle = 0; owner >= 0 && handle < handles.length; handle++) {
      if (handles[handle].owner() == owner && offers(unit, handle)) {
        found.add(handle);
      }
    }
    return found;
  }

  private int nearest(int unit) {
    int nearest = -1;
    double least = reach(unit);
    FixtureUse[] handles = plan.handles();
    for (int handle = 0; handle < handles.length; handle++) {
      double far = far(unit, handles[handle]);
      if (far < least && offers(unit, handle)) {
        nearest = handles[handle].owner();
        least = far;
      }
    }
    return nearest;
  }

  /** Metres from a unit to what a use is of; between two surfaces the height counts. */
  private double far(int unit, FixtureUse of) {
    if (of.self() >= 0 && plan.movables().movable(of.self()) >= 0) {
      return farFromMovable(unit, of.self());
    }
    Position middle = of.middle();
    double x = middle.x();
    double y = middle.y();
    double ux = context.body.x(unit);
    double uy = context.body.y(unit);
    double far = Segments.toPoint(of.from().x(), of.from().y(), of.to().x(), of.to().y(), ux, uy);
    int stands = plan.decks().under(of.level(), middle);
    double rise =
        context.body.deck(unit) == stands
            ? 0
            : context.space.feet(unit) - plan.decks().height(stands, x, y);
    return Math.sqrt(far * far + rise * rise);
  }

  private double farFromMovable(int unit, int thing) {
    double far =
        context.space.distance(unit, context.thingPlaces.x(thing), context.thingPlaces.y(thing));
    double rise = context.thingPlaces.foot(thing) - context.space.feet(unit);
    boolean atHand = rise >= 0 && rise < plan.kind(unit).eye();
    return atHand ? far : Math.sqrt(far * far + rise * rise);
  }

  /**
   * Whether a use is offered to a unit as the fixture stands and looks now. Nothing is shut on who
   * stands in it.
   */
  public boolean offers(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    if (!of.use().byHand() || !of.use().open().to(plan.side(unit))) {
      return false;
    }
    if (of.fixture() < 0) {
      boolean open = context.standings.meant(of.effect().gate()) == Gate.State.OPEN.ordinal();
      boolean opens = of.use().effect() instanceof Use.OpensGate;
      return open != opens && (opens || !context.standings.standsIn(of.effect().gate()));
    }
    return ready(unit, handle);
  }

  /**
   * Whether a use of a fixture can come about as that stands and looks now.
   *
   * @param unit through whom; -1 for nobody
   */
  boolean ready(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    return useless.at[of.fixture()] == 0
        && context.standings.standing(of.self()) == Standing.THERE
        && !context.breakables.broken(of.self())
        && (of.offeredAs() == -1 || context.standings.looks(of.self(), of.offeredAs()))
        && (of.into() < 0 || !context.standings.standsIn(of.self(), of.into()))
        && (of.use().times() == 0 || times(unit, handle) < of.use().times());
  }

  /** Whether a use can come about through a unit, or through nobody, -1, who needs nothing. */
  boolean comes(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    return ready(unit, handle)
        && (of.needs() == -1 || (unit >= 0 && holds(unit, of.needs(), of.needed())));
  }

  /** How often a use was made of those times that count for a unit. */
  private int times(int unit, int handle) {
    int seat = unit < 0 ? -1 : plan.seatOf(unit);
    return plan.handles()[handle].use().counted() == Use.Counted.ALL || seat < 0
        ? used.at[handle]
        : usedBySeat.at[handle * plan.seats() + seat];
  }

  /** Phase 1: who is at a use goes on with it, or is done; who is barred by a door opens it. */
  public void work(int now) {
    for (int unit = 0; unit < plan.units(); unit++) {
      if (using.at[unit] > 0) {
        work(unit, using.at[unit] - 1, now);
      } else if (plan.doors().many() > 0 && goesItsWay(unit)) {
        open(unit, now);
      }
    }
  }

  /** Whether a unit stands still because it opens what bars its way. */
  public boolean opensItsWay(int unit) {
    return inPassing.at[unit] == 1 && using.at[unit] > 0;
  }

  /** Whether a use is of a gate, or of a fixture that is not out of use or broken. */
  private boolean usable(int handle) {
    FixtureUse of = plan.handles()[handle];
    return of.fixture() < 0
        || (useless.at[of.fixture()] == 0 && !context.breakables.broken(of.self()));
  }

  /** The doors that a unit can open on its way, a bit for each lock. */
  private long keys(int unit) {
    long keys = 0;
    List<DoorTable.Lock> locks = plan.doors().locks();
    for (int lock = 0; lock < locks.size() && plan.kind(unit).hands(); lock++) {
      DoorTable.Lock it = locks.get(lock);
      if (it.open().to(plan.side(unit)) && holds(unit, it.needs(), it.needed())) {
        keys |= 1L << lock;
      }
    }
    return keys;
  }

  private boolean goesItsWay(int unit) {
    return context.vitals.able(unit)
        && context.ways.ahead(unit)
        && !context.controls.steered(unit)
        && !context.transits.on(unit);
  }

  /** Begins to open a door that bars the next step of a unit on its way. */
  private void open(int unit, int now) {
    for (int door = 0; door < plan.doors().many(); door++) {
      int use = plan.doors().use(door);
      FixtureUse of = plan.handles()[use];
      if (far(unit, of) < reach(unit)
          && offers(unit, use)
          && has(unit, use)
          && context.space.bars(plan.doors().get(door), unit)) {
        inPassing.at[unit] = 1;
        using.at[unit] = use + 1;
        usingUntil.at[unit] = now + of.steps();
        return;
      }
    }
  }

  boolean walks(int unit) {
    return context.controls.steered(unit) || context.ways.ahead(unit);
  }

  private void work(int unit, int handle, int now) {
    boolean leaves = inPassing.at[unit] == 1 ? !goesItsWay(unit) : walks(unit);
    if (!context.vitals.able(unit) || leaves || !offers(unit, handle) || !has(unit, handle)) {
      using.at[unit] = 0;
    } else if (now >= usingUntil.at[unit]) {
      using.at[unit] = 0;
      done(unit, handle);
    }
  }

  /** A use has been made by a unit, or by nobody, -1. */
  void done(int unit, int handle) {
    FixtureUse of = plan.handles()[handle];
    int seat = unit < 0 ? -1 : plan.seatOf(unit);
    if (of.use().counted() == Use.Counted.ALL || seat < 0) {
      used.at[handle]++;
    } else {
      usedBySeat.at[handle * plan.seats() + seat]++;
    }
    int entry = context.log(Causes.Kind.USED, unit, handle, -1);
    if (of.fixture() >= 0) {
      fixturesUsed.at[of.fixture()]++;
      context.touch(Wake.FIXTURE, of.fixture(), unit);
    }
    if (unit >= 0 && of.use().needs() instanceof Use.Spending) {
      context.packs.remove(unit, of.needs(), of.needed());
    }
    if (unit >= 0 && of.gives() >= 0) {
      context.packs.put(unit, of.gives(), of.given());
    }
    Position at = of.middle();
    context.noises.make(at.x(), at.y(), of.use().noise(), unit, context.now());
    if (of.fixture() < 0 && of.use().effect() instanceof Use.OpensGate) {
      context.standings.open(of.effect().gate(), of.turned(), entry, unit);
    } else {
      context.standings.change(of.effect(), entry, unit);
    }
    context.trading.open(unit, of.effect().exchange());
    switch (of.use().turns()) {
      case Use.Stays _ -> {}
      case Use.Into _ -> context.standings.turn(of.self(), of.into(), entry, unit);
      case Use.IntoFor _ -> context.standings.turn(of.self(), of.into(), of.turned(), entry, unit);
      case Use.Goes _ -> context.standings.put(of.self(), Standing.GONE, entry, unit);
    }
  }
}
