package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.script.PlaceFinder;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.carriage.Slots;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.DealingTable;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.simulation.space.GateMotion;
import org.flintmoss.simulation.space.Growing;
import org.flintmoss.simulation.state.Light;
import org.flintmoss.simulation.state.Task;
import org.jspecify.annotations.Nullable;

/** What may be read of a run from outside: by the trial, the understudies and the tests. */
public final class Readings {
  private static final Firmness[] FIRMNESS = Firmness.values();
  private static final Alertness[] ALERTNESS = Alertness.values();
  private static final Task[] TASKS = Task.values();
  private static final Gate.State[] GATES = Gate.State.values();
  private final Context context;

  Readings(Context context) {
    this.context = context;
  }

  /** Steps taken in the run, also where the world has gone back. */
  public int step() {
    return context.clock.runStep();
  }

  /** Metres east. */
  public double x(int unit) {
    return context.body.x(unit);
  }

  /** Metres north. */
  public double y(int unit) {
    return context.body.y(unit);
  }

  /** The surface it stands on: 0 for the ground, from 1 for decks. */
  public int deck(int unit) {
    return context.flights.over(unit);
  }

  /** How deep the water is where it stands, metres; negative where it is dry. */
  public double depth(int unit) {
    return context.waters.depth(unit);
  }

  /** The bearing it faces, degrees. */
  public double facing(int unit) {
    return context.body.facing(unit);
  }

  /** Metres a second. */
  public double speed(int unit) {
    return context.body.speed(unit);
  }

  /** Points of health left. */
  public double health(int unit) {
    return context.vitals.health(unit);
  }

  /** Whether it is dead. */
  public boolean dead(int unit) {
    return context.vitals.dead(unit);
  }

  /** Whether a unit is bound. */
  public boolean bound(int unit) {
    return context.vitals.bound(unit);
  }

  /** Whether it is down and can be helped up. */
  public boolean down(int unit) {
    return context.vitals.down(unit) > 0;
  }

  /** Whether it is in play: from the start, or since it was brought in. */
  public boolean present(int unit) {
    return context.vitals.inPlay(unit);
  }

  /** Whether it is in play and on its feet. */
  public boolean up(int unit) {
    return context.vitals.up(unit);
  }

  /** How alert it is. */
  public Alertness alertness(int unit) {
    return ALERTNESS[context.knowledge.alertness(unit)];
  }

  /** The step at which it last struck or shot; 0 for never. */
  public int struck(int unit) {
    return context.clock.inRun(context.fighting.struck(unit));
  }

  /** At whom it aims, by number; -1 for nobody. */
  public int aimsAt(int unit) {
    return context.fighting.aimsAt(unit);
  }

  /** The step at which it was last hurt; 0 for never. */
  public int hurtAt(int unit) {
    return context.clock.inRun(context.fighting.hurtAt(unit));
  }

  /** Whether it is on a way it was given. */
  public boolean underWay(int unit) {
    return context.ways.ahead(unit);
  }

  /** Whether ground and works leave the line from one unit's eyes to another's body free. */
  public boolean sees(int unit, int other) {
    return context.space.sees(unit, other);
  }

  /** How one unit's side treats another's now. */
  public Stance.Attitude attitude(int unit, int other) {
    return context.stances.attitude(unit, other);
  }

  /** How a gate stands, by its number. */
  public Gate.State gate(int gate) {
    return GATES[context.standings.gate(gate)];
  }

  /** Where decks are that move. */
  public DeckMotion decks() {
    return context.standings.decks();
  }

  /** Whether a deck, by its number within its family, moves and is sent nowhere just now. */
  public boolean deckRests(int deck) {
    int number = decks().number(deck);
    return number >= 0 && decks().target(number) == 0;
  }

  /** Whether a prop or fixture stands where it was set down. */
  public Standing standing(int thing) {
    return context.standings.standing(thing);
  }

  /** Which of the looks of its kind a prop or fixture has, from 0. */
  public int look(int thing) {
    return context.standings.look(thing);
  }

  /** Metres east of the middle of a prop or fixture. */
  public double thingX(int thing) {
    return context.thingPlaces.x(thing);
  }

  /** Metres north of the middle of a prop or fixture. */
  public double thingY(int thing) {
    return context.thingPlaces.y(thing);
  }

  /** How high the foot of a prop or fixture is above the zero of heights, metres. */
  public double thingFoot(int thing) {
    return context.thingPlaces.foot(thing);
  }

  /** How gates move. */
  public GateMotion gatesMoving() {
    return context.standings.moving();
  }

  /** The props and fixtures that are otherwise than they were set down. */
  public int[] otherwise() {
    return Arrays.stream(context.standings.changing())
        .filter(it -> context.standings.otherwise(it) || context.breakables.left(it) < 100)
        .toArray();
  }

  /** How much of its strength a prop or fixture has left, percent. */
  public double left(int thing) {
    return context.breakables.left(thing);
  }

  /** Whether a use is offered to a unit that stands beside the fixture. */
  public boolean offered(int unit, int handle) {
    return context.interactions.offers(unit, handle);
  }

  /** Whether a unit that stood on the fixture would make a use by its weight. */
  public boolean wouldPress(int unit, int handle) {
    return context.plates.wouldMake(unit, handle);
  }

  /** The slot of a use among those that a unit can begin from where it stands; 0 for none. */
  public int slot(int unit, int handle) {
    return context.slots.use(unit, handle);
  }

  /** The slot of dealing with a person; 0 where the unit is not offered to. */
  public int slotToDeal(int unit, int other, int dealing) {
    return context.slots.deal(unit, other, dealing);
  }

  /** With whom a unit deals; -1 for nobody. */
  public int dealsWith(int unit) {
    return context.dealings.with(unit);
  }

  /** Whether something can be done with a unit as it is now, by one who stands right for it. */
  public boolean dealt(int unit, int dealing) {
    return context.dealings.can(unit, dealing);
  }

  /** What a unit can begin from where it stands, by slot; see {@link Slots}. */
  public List<Offer> offers(int unit) {
    List<Offer> offers = new ArrayList<>();
    List<Slots.Slot> slots = context.slots.of(unit);
    for (int i = 0; i < Math.min(Slots.KEYS, slots.size()); i++) {
      offers.add(offer(unit, i + 1, slots.get(i)));
    }
    return offers;
  }

  private Offer offer(int unit, int slot, Slots.Slot it) {
    return switch (it.of()) {
      case SET_DOWN -> {
        boolean carries = context.holding.carries(unit);
        yield hold(slot, carries ? "Set down" : "Let go, for it takes two", it.what());
      }
      case PUT_DOWN -> new Offer(slot, "Set down", name(it.what()), 0, false, null);
      case HELP -> help(it.what());
      case USE -> use(slot, it.what(), context.slots.can(unit, it));
      case DEAL -> deal(slot, it.whom(), it.what(), context.slots.can(unit, it));
      case LIFT -> hold(slot, "Lift", it.what());
    };
  }

  private String name(int unit) {
    return context.plan.name(unit);
  }

  private Offer deal(int slot, int other, int dealing, boolean can) {
    DealingTable.Looked of = context.plan.dealings().get(dealing);
    String lacks = can ? null : lacks(of.needs(), of.needed());
    double seconds = of.of().seconds().at(context.plan.terms());
    return new Offer(slot, of.of().name(), name(other), seconds, false, lacks);
  }

  /** The crossing ahead of a unit that it can use from where it stands; null for none. */
  public Link ahead(int unit) {
    return context.space.ahead(unit);
  }

  /** What a unit is at: helping somebody up, or using something; null for neither. */
  public Offer busy(int unit) {
    if (context.wounds.helps(unit) > 0) {
      return help(context.wounds.helps(unit) - 1);
    }
    int other = context.dealings.with(unit);
    if (other >= 0) {
      return deal(1, other, context.dealings.dealing(unit), true);
    }
    return context.interactions.using(unit) > 0
        ? use(1, context.interactions.using(unit) - 1, true)
        : null;
  }

  private Offer hold(int slot, String verb, int movable) {
    String name = context.plan.things().get(context.plan.movables().thing(movable)).name();
    return new Offer(slot, verb, name, 0, false, null);
  }

  private Offer help(int friend) {
    return new Offer(1, "Help up", context.plan.name(friend), Wounds.HELP, true, null);
  }

  private Offer use(int slot, int handle, boolean can) {
    FixtureUse of = context.plan.handles()[handle];
    String lacks = can ? null : lacks(of.needs(), of.needed());
    return new Offer(
        slot,
        of.use().verb(),
        of.name(),
        of.use().seconds().at(context.plan.terms()),
        false,
        lacks);
  }

  private String lacks(int needs, int needed) {
    if (needs == -1) {
      return "hands";
    }
    List<ItemKind> kinds = List.copyOf(context.plan.mission().itemKinds().values());
    String name = needs < 0 ? "something that is gone" : kinds.get(needs).name();
    return needed == 1 ? name : needed + " × " + name;
  }

  /**
   * Something that can be used, or a friend who can be helped up.
   *
   * @param lacks what the unit would have to carry to do it; null where it can
   */
  public record Offer(
      int slot, String verb, String name, double seconds, boolean helps, @Nullable String lacks) {}

  /**
   * Items of one kind that lie together.
   *
   * @param kind the number of the item kind
   */
  public record Heap(int kind, int count, double x, double y, int deck) {}

  /** Everything that lies on the ground and can be taken up. */
  public List<Heap> heaps() {
    List<Heap> heaps = new ArrayList<>();
    for (int heap = 0; heap < context.packs.heaps(); heap++) {
      if (context.packs.heapCount(heap) > 0) {
        heaps.add(heap(heap));
      }
    }
    return heaps;
  }

  private Heap heap(int heap) {
    return new Heap(
        context.packs.heapKind(heap),
        context.packs.heapCount(heap),
        context.packs.heapX(heap),
        context.packs.heapY(heap),
        context.packs.heapDeck(heap));
  }

  /** How many of an item kind, by number, a unit carries. */
  public int carries(int unit, int itemKind) {
    return context.packs.count(unit, itemKind);
  }

  /** Why a unit cannot use what it carries of an item kind now; null if it can. */
  public @Nullable String cannotUse(int unit, int itemKind) {
    return context.itemUses.lacks(unit, itemKind);
  }

  /** Where an effect is that was begun elsewhere than it was drawn; null for all others. */
  public @Nullable Position effectAt(int effect) {
    return context.effects.begunAt(effect);
  }

  /** The mass of what a unit carries, kilograms. */
  public double laden(int unit) {
    return context.packs.laden(unit);
  }

  /** The first item kind a unit carries that gives health back; -1 for none. */
  public int healer(int unit) {
    return context.packs.healer(unit);
  }

  /** Whether a zone holds what lies at a place. */
  public boolean inside(Heap heap, int zone) {
    return context.packs.inside(heap.x(), heap.y(), heap.deck(), zone);
  }

  /** The item kind that a unit would take up from where it stands; -1 for nothing. */
  public int takes(int unit) {
    int heap = context.packs.heapInReach(unit);
    if (heap >= 0) {
      return context.packs.heapKind(heap);
    }
    int fallen = context.packs.fallenInReach(unit);
    return fallen < 0 ? -1 : context.packs.wanted(unit, fallen);
  }

  /** Whether a unit can walk to a point as gates and water stand now. */
  public boolean canWalk(int unit, double x, double y) {
    return context.space.walksTo(unit, x, y);
  }

  /**
   * How far an effect has spread that grows: a digit for each of its squares, row by row from the
   * south-west. 0 where it was not, 1 where it is, 2 where it was; null for one that does not grow.
   */
  public @Nullable String squares(int effect) {
    if (context.plan.effects().squares(effect) == null) {
      return null;
    }
    boolean on = context.effects.on(effect) == 1;
    StringBuilder text = new StringBuilder(EffectTable.Squares.MANY);
    for (int square = 0; square < EffectTable.Squares.MANY; square++) {
      Growing.State state = context.effects.growing().state(effect, square);
      text.append(state == Growing.State.FREE ? '0' : on && state == Growing.State.IN ? '1' : '2');
    }
    return text.toString();
  }

  /** How light it is, by the time of day and the weather, as a share of clear daylight. */
  public double light() {
    var setting = context.plan.mission().setting();
    return Light.at(setting, context.time()) * context.air.light();
  }

  /** Where a place is now, to the metre; null where it names nothing. */
  public Position place(Place place) {
    Spot spot = new PlaceFinder(context.plan.actors()).spot(place);
    return spot == null
        ? null
        : new Position(
            Math.floor(context.space.spotX(spot) + 0.5),
            Math.floor(context.space.spotY(spot) + 0.5));
  }

  /** The weather that there is, or that is coming up. */
  public Setting.Weather weather() {
    return context.air.weather();
  }

  /** The wind that blows. */
  public Setting.Wind wind() {
    return context.air.wind();
  }

  /** How far anybody sees, metres. */
  public double visibility() {
    return context.air.visibility();
  }

  /**
   * Seconds that the clock is ahead of the steps of the run: what it has leapt over, less what the
   * world went back or stood still.
   */
  public double leapt() {
    int heldBack = context.clock.runStep() - context.clock.step();
    return (context.clock.leapt() - heldBack) * Plan.STEP * context.plan.dayPace();
  }

  /** Seconds after the midnight before play began. */
  public double time() {
    return context.time();
  }

  /** The level of the water, metres. */
  public double water() {
    return context.waters.levels(0);
  }

  /** Seconds that a unit still works at a fixture or helps somebody up; 0 for not at all. */
  public double using(int unit) {
    int until =
        context.wounds.helps(unit) > 0
            ? context.wounds.helpsUntil(unit)
            : context.interactions.using(unit) > 0 ? context.interactions.usingUntil(unit) : 0;
    return Math.max(0, until - context.now()) * Plan.STEP;
  }

  /** Metres between the edges of two units. */
  public double gap(int unit, int other) {
    return context.space.gap(unit, other);
  }

  /**
   * The first weapon, from 1, with which a unit can hit another from where it stands; 0 for none.
   */
  public int reach(int unit, int other) {
    return context.space.reach(unit, other);
  }

  /**
   * The first weapon, from 1, with which a unit can harm a thing from where it stands; 0 for none.
   */
  public int reachThing(int unit, int thing) {
    return breaks(thing) ? context.fighting.reach(unit, thing) : 0;
  }

  /** Whether a prop or fixture can be harmed now. */
  public boolean breaks(int thing) {
    return context.breakables.breaks(thing);
  }

  /** How often a player's unit may still come back. */
  public int lives(int unit) {
    return context.wounds.livesLeft(unit);
  }

  /** Seconds until a player's unit that died comes back; 0 for one that does not. */
  public double back(int unit) {
    return Math.max(0, context.wounds.back(unit) - context.now()) * Plan.STEP;
  }

  /** How far a zone has been carried to the east of where it was drawn, metres. */
  public double carriedEast(int zone) {
    return context.space.carriedEast(zone);
  }

  /** How far a zone has been carried to the north of where it was drawn, metres. */
  public double carriedNorth(int zone) {
    return context.space.carriedNorth(zone);
  }

  /** Whether a unit is inside a zone. */
  public boolean inside(int unit, int zone) {
    return context.membership.inside(unit, zone);
  }

  /** What a unit that acts on its own is about. */
  public Task task(int unit) {
    return TASKS[context.decisions.task(unit)];
  }

  /** What a unit is ordered to do; of a member that does as its squad does, what the squad is. */
  public Order order(int unit) {
    Order own = context.plan.order(context.orders.errand(unit));
    int squad = context.plan.squadOf(unit);
    return own instanceof Order.AsSquad && squad >= 0
        ? context.plan.order(context.orders.errand(context.plan.units() + squad))
        : own;
  }

  /** Whether a unit goes where it was sent, or stays there, before anything that it is ordered. */
  public boolean sent(int unit) {
    return context.orders.sent(unit) == 1;
  }

  /** The number of the gate at which a unit that is shut in waits for it to open; -1 for none. */
  public int waitsAt(int unit) {
    return context.pursuit.waitsAt(unit) - 1;
  }

  /** How firmly a unit holds to what it is to do. */
  public Firmness firmness(int unit) {
    return FIRMNESS[context.orders.firm(unit)];
  }

  /** How alert the script keeps a unit at least; {@link Alertness#UNAWARE} where it does not. */
  public Alertness kept(int unit) {
    return ALERTNESS[context.alarms.keptAt(unit)];
  }

  /** For how many seconds more it is kept so, above 0; -1 for until it is calmed. */
  public int keptFor(int unit) {
    int until = context.alarms.keptUntil(unit);
    int steps = until - context.now();
    return until == 0 ? -1 : (steps + Plan.STEPS_PER_SECOND - 1) / Plan.STEPS_PER_SECOND;
  }

  /** The squad that a unit belongs to; -1 for none. */
  public int squad(int unit) {
    return context.plan.squadOf(unit);
  }

  /** The corners of the way that a unit still has before it: x, y, x, y, … */
  public double[] way(int unit) {
    return context.ways.left(unit);
  }

  /** Whom a unit goes for; -1 for nobody. */
  public int target(int unit) {
    return context.knowledge.target(unit);
  }

  /** How much it has noticed of whom it suspects, 0 to 1. */
  public double notice(int unit) {
    return context.knowledge.notice(unit);
  }

  /** Where it last knew whom it suspects or goes for, metres east. */
  public double knownX(int unit) {
    return context.knowledge.knownX(unit);
  }

  /** Where it last knew whom it suspects or goes for, metres north. */
  public double knownY(int unit) {
    return context.knowledge.knownY(unit);
  }

  /** Whether something that a zone does, by its number, acts on anybody now. */
  public boolean acts(int working) {
    return context.workings.acts(working);
  }

  /** The step at which it last saw whom it goes for. */
  public int seen(int unit) {
    return context.clock.inRun(context.knowledge.seen(unit));
  }

  /** Whether a unit listens to what a player tells their companions. */
  public boolean listens(int unit, int player) {
    return context.companions.listens(unit, player);
  }

  /** Whether a player has a unit in hand. */
  public boolean seated(int unit) {
    return context.controls.seated(unit);
  }
}
