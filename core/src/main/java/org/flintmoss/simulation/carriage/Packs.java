package org.flintmoss.simulation.carriage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Item;
import org.flintmoss.mission.unit.Packed;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.simulation.state.Rows;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/**
 * What is carried, and what lies on the ground in heaps: each is a number of one item kind at a
 * place. A unit with hands takes up what is in reach, as much as their kind can carry, also from
 * those who are down or dead. The first heaps are the mission's items in their order; the rest
 * stand empty until something is set down.
 */
public final class Packs {
  /** Most items of one kind in one pack or heap. */
  public static final int MOST = 1_000_000;

  /** Heaps beyond those the mission begins with. */
  private static final int SPARE = 256;

  /** Nearer than this to a heap of the same kind, what is set down joins it, metres. */
  private static final double JOINS = 1;

  /** How far above or below their feet somebody reaches, metres. */
  private static final double STOOPS = 1.5;

  /** The share of its speed that a full pack takes. */
  private static final double BURDEN = 0.3;

  private final CarriageContext context;
  private final Plan plan;
  private final State state;
  private final int kinds;
  private final List<ItemKind> catalogue;

  /** How many of each item kind each unit carries, unit by unit. */
  private final Column.Ints counts;

  /** The mass of what each unit carries, kilograms. */
  private final Column.Doubles laden;

  /** The item kind of each heap on the ground; -1 for a heap that is not there. */
  private final Column.Ints heapKind;

  /** How many items lie in each heap. */
  private final Column.Ints heapCount;

  /** Where each heap lies: metres east. */
  private final Column.Doubles heapX;

  /** Where each heap lies: metres north. */
  private final Column.Doubles heapY;

  /** The surface on which each heap lies. */
  private final Column.Ints heapDeck;

  Packs(CarriageContext context) {
    this.context = context;
    plan = context.plan;
    state = context.state;
    counts = state.ints("packs", Rows.of(plan.units()).wide(plan.itemKinds()));
    laden = state.doubles("laden", Rows.of(plan.units()));
    heapKind = state.ints("heapKind", heaps(plan));
    heapCount = state.ints("heapCount", heaps(plan));
    heapX = state.doubles("heapX", heaps(plan));
    heapY = state.doubles("heapY", heaps(plan));
    heapDeck = state.ints("heapDeck", heaps(plan));
    kinds = plan.itemKinds();
    catalogue = new ArrayList<>(plan.mission().itemKinds().values());
    begin();
  }

  /** What a unit carries, kilograms. */
  public double laden(int unit) {
    return laden.at[unit];
  }

  /** The kind of a heap, from 1; 0 for none. */
  public int heapKind(int heap) {
    return heapKind.at[heap];
  }

  /** How many items lie in a heap. */
  public int heapCount(int heap) {
    return heapCount.at[heap];
  }

  /** How far east a heap lies, metres. */
  public double heapX(int heap) {
    return heapX.at[heap];
  }

  /** How far north a heap lies, metres. */
  public double heapY(int heap) {
    return heapY.at[heap];
  }

  /** The surface that a heap lies on. */
  public int heapDeck(int heap) {
    return heapDeck.at[heap];
  }

  /** How many heaps there is room for. */
  public int heaps() {
    return heapKind.at.length;
  }

  /** How many heaps a run of a plan has room for. */
  public static int heaps(Plan plan) {
    return plan.itemKinds() == 0
        ? plan.mission().items().size()
        : plan.mission().items().size() + SPARE;
  }

  /** Everything where the mission begins with it. */
  private void begin() {
    Arrays.fill(heapKind.at, -1);
    int heap = 0;
    for (Item item : plan.mission().items().values()) {
      int kind = plan.actors().index(item.kind());
      heapKind.at[heap] = kind;
      heapCount.at[heap] = kind < 0 ? 0 : item.count();
      heapX.at[heap] = item.position().x();
      heapY.at[heap] = item.position().y();
      heapDeck.at[heap] = context.space.decks().under(item.level(), item.position());
      heap++;
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      for (Packed packed : plan.actors().members().get(unit).standing().pack().values()) {
        int kind = plan.actors().index(packed.item());
        if (kind >= 0) {
          counts.at[unit * plan.itemKinds() + kind] += packed.count();
          laden.at[unit] += packed.count() * catalogue.get(kind).mass();
        }
      }
    }
  }

  /** How many of an item kind a unit carries. */
  public int count(int unit, int kind) {
    return counts.at[unit * kinds + kind];
  }

  /**
   * The share of its speed that a load leaves: a full pack takes {@value #BURDEN}, half of one half
   * of that; who carries more than their kind can goes as with a full one.
   */
  public double pace(int unit) {
    double laden = this.laden.at[unit];
    double load = plan.kind(unit).load();
    return laden == 0 || load == 0 ? 1 : 1 - BURDEN * Math.min(1, laden / load);
  }

  /** How many more of an item kind a unit can carry. */
  private int room(int unit, int kind) {
    double mass = catalogue.get(kind).mass();
    int most = MOST - count(unit, kind);
    double free = plan.kind(unit).load() - laden.at[unit];
    return mass == 0 ? most : (int) Math.max(0, Math.min(most, Math.floor(free / mass + 1e-9)));
  }

  /** Puts items into a pack; what does not go in falls at the unit's feet. */
  public void put(int unit, int kind, int count) {
    int carried = Math.min(count, room(unit, kind));
    int rest = count - carried;
    boolean laid =
        rest > 0
            && lay(kind, rest, context.body.deck(unit), context.body.x(unit), context.body.y(unit));
    add(unit, kind, laid ? carried : Math.min(count, MOST - count(unit, kind)));
  }

  /** Takes items out of a pack, at most as many as are there. */
  public void remove(int unit, int kind, int count) {
    add(unit, kind, -Math.min(count, count(unit, kind)));
  }

  private void add(int unit, int kind, int count) {
    if (count != 0) {
      counts.at[unit * kinds + kind] += count;
      double mass = 0;
      for (int each = 0; each < kinds; each++) {
        mass += count(unit, each) * catalogue.get(each).mass();
      }
      laden.at[unit] = mass;
      context.touch(Wake.ITEM_KIND, kind, unit);
    }
  }

  /** Lays items on the ground; false where too many heaps lie about already. */
  public boolean lay(int kind, int count, int deck, double x, double y) {
    int heap = heapFor(kind, deck, x, y);
    if (heap < 0) {
      return false;
    }
    if (heapCount.at[heap] == 0) {
      heapKind.at[heap] = kind;
      heapX.at[heap] = x;
      heapY.at[heap] = y;
      heapDeck.at[heap] = deck;
    }
    change(heap, Math.min(count, MOST - heapCount.at[heap]), -1);
    return true;
  }

  /** What lies on one surface comes to lie on another, or farther east and north, metres. */
  public void shift(int from, int to, double east, double north) {
    for (int heap = 0; heap < heapKind.at.length; heap++) {
      if (heapCount.at[heap] > 0 && heapDeck.at[heap] == from) {
        heapDeck.at[heap] = to;
        heapX.at[heap] += east;
        heapY.at[heap] += north;
        context.touch(Wake.ITEM_KIND, heapKind.at[heap], -1);
      }
    }
  }

  /** The heap that something set down here joins, or an empty one; -1 for none. */
  private int heapFor(int kind, int deck, double x, double y) {
    int empty = -1;
    for (int heap = heapKind.at.length - 1; heap >= 0; heap--) {
      boolean lies = heapCount.at[heap] > 0;
      boolean spare = heap >= plan.mission().items().size();
      if (!lies && spare) {
        empty = heap;
      } else if (lies
          && heapKind.at[heap] == kind
          && heapDeck.at[heap] == deck
          && far(heap, x, y) <= JOINS) {
        return heap;
      }
    }
    return empty;
  }

  private double far(int heap, double x, double y) {
    double dx = heapX.at[heap] - x;
    double dy = heapY.at[heap] - y;
    return Math.sqrt(dx * dx + dy * dy);
  }

  private void change(int heap, int by, int causer) {
    heapCount.at[heap] += by;
    context.touch(Wake.ITEM_KIND, heapKind.at[heap], causer);
    if (heap < plan.mission().items().size()) {
      context.touch(Wake.ITEM, heap, causer);
    }
  }

  /** The nearest heap that a unit could take something of; -1 for none. */
  public int heapInReach(int unit) {
    if (!plan.kind(unit).hands() || !context.vitals.able(unit)) {
      return -1;
    }
    int best = -1;
    double least = Fixture.REACH + plan.kind(unit).radius();
    for (int heap = 0; heap < heapKind.at.length; heap++) {
      if (heapCount.at[heap] > 0 && room(unit, heapKind.at[heap]) > 0) {
        double far = far(heap, context.body.x(unit), context.body.y(unit));
        if (far < least && level(unit, heap)) {
          best = heap;
          least = far;
        }
      }
    }
    return best;
  }

  private boolean level(int unit, int heap) {
    double foot = context.space.decks().height(heapDeck.at[heap], heapX.at[heap], heapY.at[heap]);
    return Math.abs(foot - context.space.feet(unit)) <= STOOPS;
  }

  /** The nearest who is down or dead and carries what a unit could take; -1 for nobody. */
  public int fallenInReach(int unit) {
    if (kinds == 0 || !plan.kind(unit).hands() || !context.vitals.able(unit)) {
      return -1;
    }
    int best = -1;
    double least = Wounds.REACH;
    for (int other = 0; other < plan.units(); other++) {
      boolean fallen = context.vitals.inPlay(other) && !context.vitals.up(other);
      if (fallen && wanted(unit, other) >= 0 && context.space.gap(unit, other) < least) {
        best = other;
        least = context.space.gap(unit, other);
      }
    }
    return best;
  }

  /** The first item kind of another's pack that a unit has room for; -1 for none. */
  public int wanted(int unit, int other) {
    for (int kind = 0; kind < kinds; kind++) {
      if (count(other, kind) > 0 && room(unit, kind) > 0) {
        return kind;
      }
    }
    return -1;
  }

  /** Takes up what lies nearest, as much as can be carried, or else what a fallen one has. */
  public void takeUp(int unit) {
    int heap = heapInReach(unit);
    if (heap >= 0) {
      int kind = heapKind.at[heap];
      int count = Math.min(heapCount.at[heap], room(unit, kind));
      context.log(Causes.Kind.TOOK, unit, kind, -1);
      change(heap, -count, unit);
      add(unit, kind, count);
      return;
    }
    int fallen = fallenInReach(unit);
    if (fallen >= 0) {
      takeAll(unit, fallen);
    }
  }

  /** Takes all that another carries, as much as the unit can carry. */
  void takeAll(int unit, int other) {
    for (int kind = wanted(unit, other); kind >= 0; kind = wanted(unit, other)) {
      int count = Math.min(count(other, kind), room(unit, kind));
      context.log(Causes.Kind.TOOK, unit, kind, -1);
      remove(other, kind, count);
      add(unit, kind, count);
    }
  }

  /** Sets one of an item kind down at the unit's feet. */
  public void setDown(int unit, int kind) {
    if (kind >= 0
        && context.vitals.able(unit)
        && count(unit, kind) > 0
        && lay(kind, 1, context.body.deck(unit), context.body.x(unit), context.body.y(unit))) {
      context.log(Causes.Kind.SET_DOWN, unit, kind, -1);
      remove(unit, kind, 1);
    }
  }

  /** Lays all that a unit carries at its feet; what finds no heap is lost. */
  public void layDownAll(int unit) {
    for (int kind = 0; kind < kinds; kind++) {
      int count = count(unit, kind);
      if (count > 0) {
        remove(unit, kind, count);
        lay(kind, count, context.body.deck(unit), context.body.x(unit), context.body.y(unit));
      }
    }
  }

  /** The first item kind a unit carries that heals; -1 for none. */
  public int healer(int unit) {
    for (int kind = 0; kind < kinds; kind++) {
      if (count(unit, kind) > 0 && catalogue.get(kind).use() instanceof ItemKind.Heals) {
        return kind;
      }
    }
    return -1;
  }

  /** How many of an item kind lie inside a zone or are carried there by the living. */
  public int within(int zone, int kind) {
    int found = 0;
    for (int heap = 0; heap < heapKind.at.length; heap++) {
      if (heapKind.at[heap] == kind && heapCount.at[heap] > 0 && inside(heap, zone)) {
        found += heapCount.at[heap];
      }
    }
    for (int unit = 0; unit < plan.units(); unit++) {
      found +=
          count(unit, kind) > 0 && context.membership.inside(unit, zone) ? count(unit, kind) : 0;
    }
    return found;
  }

  private boolean inside(int heap, int zone) {
    return inside(heapX.at[heap], heapY.at[heap], heapDeck.at[heap], zone);
  }

  /** Whether something that lies somewhere is inside a zone. */
  public boolean inside(double x, double y, int deck, int zone) {
    return context.space.covered(zone, x, y, context.space.decks().height(deck, x, y));
  }
}
