package org.flintmoss.simulation.arrival;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.script.Roster;
import org.flintmoss.simulation.movement.Handling;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Segments;
import org.jspecify.annotations.Nullable;

/** What is done with items out of the pack: each is used up, but for what is thrown, which lies. */
public final class ItemUses {
  /** How finely it is looked where something thrown lands, metres. */
  private static final double STRIDE = 0.5;

  /** Below this share of their health, those who act on their own use what heals. */
  private static final double AILING = 0.5;

  /** How far from who sets it down a thing is put, metres. */
  private static final double ROOM = 0.05;

  /** How much higher or lower than their feet somebody sets things down, metres. */
  private static final double STOOPS = 1.2;

  /** Where it is tried to set a thing down: degrees from where who does so faces. */
  private static final double[] TRIED = {0, 45, -45, 90, -90, 135, -135, 180};

  /** How high above the surface something thrown lands, metres. */
  private static final double LANDS = 0.3;

  private final ArrivalContext context;
  private final Plan plan;
  private final List<ItemKind> catalogue;
  private final List<Gate> gates = new ArrayList<>();
  private final int[] gateNumbers;

  /** The things for which there are places, by the number of the item kind that sets them down. */
  private final int[][] places;

  ItemUses(ArrivalContext context) {
    this.context = context;
    plan = context.plan;
    catalogue = new ArrayList<>(plan.mission().itemKinds().values());
    List<Integer> numbers = new ArrayList<>();
    for (Map.Entry<String, Gate> gate : plan.mission().gates().entrySet()) {
      gates.add(gate.getValue());
      numbers.add(plan.actors().index(new Ref(Family.GATES, gate.getKey())));
    }
    gateNumbers = numbers.stream().mapToInt(it -> it).toArray();
    places =
        plan.mission().itemKinds().keySet().stream()
            .map(
                id ->
                    Roster.placesOfItem(plan.mission(), id).stream()
                        .mapToInt(plan.actors()::thing)
                        .filter(context.movement.things().handling()::loose)
                        .toArray())
            .toArray(int[][]::new);
  }

  /** Why a unit cannot use what it carries of an item kind now, in a few words; null if it can. */
  public @Nullable String lacks(int unit, int kind) {
    return switch (catalogue.get(kind).use()) {
      case ItemKind.Kept _ -> "it is kept";
      case ItemKind.Heals _ ->
          context.vitals.health(unit) < plan.kind(unit).health() ? null : "you are not hurt";
      case ItemKind.Mends _ -> harmed(unit) < 0 ? "nothing here is harmed" : null;
      case ItemKind.Opens _ -> shut(unit) < 0 ? "nothing here is shut" : null;
      case ItemKind.SetsDown _ -> free(kind) < 0 ? "no more can lie about" : null;
      case ItemKind.Throws _, ItemKind.LetsOut _, ItemKind.Spent _ -> null;
    };
  }

  /** A unit uses one of an item kind, if it is of any use now. */
  public void use(int unit, int kind) {
    boolean can =
        kind >= 0
            && context.vitals.able(unit)
            && context.packs.count(unit, kind) > 0
            && lacks(unit, kind) == null;
    if (!can) {
      return;
    }
    if (catalogue.get(kind).use() instanceof ItemKind.SetsDown) {
      setDown(unit, kind);
      return;
    }
    int thing = harmed(unit);
    int gate = shut(unit);
    int entry = context.log(Causes.Kind.CONSUMED, unit, kind, -1);
    context.packs.remove(unit, kind, 1);
    switch (catalogue.get(kind).use()) {
      case ItemKind.Kept _, ItemKind.SetsDown _, ItemKind.Spent _ -> {}
      case ItemKind.Heals heals -> context.vitals.hurt(unit, -heals.points().at(plan.terms()));
      case ItemKind.Mends _ -> context.breakables.mend(thing, entry, unit);
      case ItemKind.Opens _ -> context.standings.set(gate, Gate.State.OPEN.ordinal(), entry, unit);
      case ItemKind.LetsOut lets -> {
        int effect = plan.actors().index(lets.effect());
        context.effects.beginAt(effect, context.body.x(unit), context.body.y(unit), entry, unit);
      }
      case ItemKind.Throws throwing -> fling(unit, kind, throwing);
    }
  }

  /**
   * Those who act on their own and have lost half their health use what they carry against it, each
   * once a second.
   */
  public void tend(int now) {
    for (int unit = 0; !catalogue.isEmpty() && unit < plan.units(); unit++) {
      boolean turn = Math.floorMod(plan.key(unit) + now, Plan.STEPS_PER_SECOND) == 0;
      if (turn
          && context.vitals.able(unit)
          && !context.controls.seated(unit)
          && context.vitals.health(unit) < plan.kind(unit).health() * AILING) {
        use(unit, context.packs.healer(unit));
      }
    }
  }

  /** The first of the places of what an item kind sets down that nothing takes; -1 for none. */
  private int free(int kind) {
    for (int thing : places[kind]) {
      if (context.standings.standing(thing) == Standing.GONE) {
        return thing;
      }
    }
    return -1;
  }

  /** Sets a thing down before a unit, or about it where there is room; else nothing is used up. */
  private void setDown(int unit, int kind) {
    Handling handling = context.movement.things().handling();
    int thing = free(kind);
    double half = plan.things().half(thing);
    double far = plan.kind(unit).radius() + half + ROOM;
    for (double off : TRIED) {
      double bearing = Bearings.turn(context.body.facing(unit) + off);
      double x = context.body.x(unit) + Bearings.east(bearing) * far;
      double y = context.body.y(unit) + Bearings.north(bearing) * far;
      double foot = context.space.decks().height(deck(unit, x, y), x, y);
      boolean level = Math.abs(foot - context.space.feet(unit)) <= STOOPS;
      if (level && onMap(x, y) && handling.room(thing, x, y, foot)) {
        int entry = context.log(Causes.Kind.CONSUMED, unit, kind, -1);
        context.packs.remove(unit, kind, 1);
        context.breakables.mend(thing, entry, unit);
        handling.lay(thing, x, y, foot, entry, unit);
        return;
      }
    }
    context.log(Causes.Kind.NO_SPACE, unit, thing, -1);
  }

  private boolean onMap(double x, double y) {
    return x > 0 && y > 0 && x < plan.ground().width() && y < plan.ground().height();
  }

  private double reach(int unit) {
    return Fixture.REACH + plan.kind(unit).radius();
  }

  /** The nearest thing in reach that is harmed and not broken; -1 for none. */
  private int harmed(int unit) {
    int nearest = -1;
    double least = reach(unit);
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    for (int thing = 0; context.breakables.any() && thing < plan.things().many(); thing++) {
      boolean harmed = context.breakables.breaks(thing) && context.breakables.left(thing) < 100;
      double far = harmed ? context.space.toThing(thing, x, y) : least;
      if (far < least) {
        nearest = thing;
        least = far;
      }
    }
    return nearest;
  }

  /** The nearest gate in reach that is not open and not about to be; -1 for none. */
  private int shut(int unit) {
    int nearest = -1;
    double least = reach(unit);
    for (int i = 0; i < gateNumbers.length; i++) {
      Gate gate = gates.get(i);
      double x = context.body.x(unit);
      double y = context.body.y(unit);
      double far =
          Segments.toPoint(gate.from().x(), gate.from().y(), gate.to().x(), gate.to().y(), x, y);
      boolean open = context.standings.meant(gateNumbers[i]) == Gate.State.OPEN.ordinal();
      if (far < least && !open) {
        nearest = gateNumbers[i];
        least = far;
      }
    }
    return nearest;
  }

  /** It flies where the unit faces, as far as nothing stops a shot, and is heard where it lands. */
  private void fling(int unit, int kind, ItemKind.Throws throwing) {
    double x = context.body.x(unit);
    double y = context.body.y(unit);
    double east = Bearings.east(context.body.facing(unit));
    double north = Bearings.north(context.body.facing(unit));
    double most = throwing.distance().at(plan.terms());
    double far = 0;
    while (far + STRIDE <= most
        && free(unit, x, y, east * (far + STRIDE), north * (far + STRIDE))) {
      far += STRIDE;
    }
    double toX = x + east * far;
    double toY = y + north * far;
    context.packs.lay(kind, 1, deck(unit, toX, toY), toX, toY);
    context.noises.make(toX, toY, throwing.noise().at(plan.terms()), unit, context.now());
  }

  private int deck(int unit, double x, double y) {
    return context.space.decks().below(x, y, eyes(unit));
  }

  private double eyes(int unit) {
    return context.space.feet(unit) + plan.kind(unit).eye();
  }

  private boolean free(int unit, double x, double y, double dx, double dy) {
    double toX = x + dx;
    double toY = y + dy;
    if (!onMap(toX, toY)) {
      return false;
    }
    double z = eyes(unit);
    double toZ = context.space.decks().height(deck(unit, toX, toY), toX, toY) + LANDS;
    return plan.ground().clear(x, y, z, toX, toY, toZ)
        && context.space.decks().clear(x, y, z, toX, toY, toZ)
        && plan.obstacles()
            .clear(x, y, z, toX, toY, toZ, Obstacles.Line.SHOT, context.standings.all());
  }
}
