package org.flintmoss.simulation.script;

import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Obstacles;

/** Actions on items, waves, gates, fixtures and effects; noises and blasts. */
final class ThingDeeds {
  /** How many times as far as it harms a blast is heard. */
  private static final double HEARD = 10;

  /** How high above the ground a blast goes off, metres. */
  private static final double HEIGHT = 0.5;

  private ThingDeeds() {}

  static void tell() {
    items();
    Deeds.on(Action.StartWaves.class, (it, doing) -> waves(it.wavePlan(), true, doing));
    Deeds.on(Action.StopWaves.class, (it, doing) -> waves(it.wavePlan(), false, doing));
    Deeds.on(
        Action.SetGate.class,
        (it, doing) ->
            doing.context.asked.gate(
                doing.number(it.gate()), it.state().ordinal(), doing.cause, doing.by));
    Deeds.on(
        Action.SendDeck.class,
        (it, doing) -> {
          DeckMotion decks = doing.context.standings.decks();
          int stop = (int) Math.floor(doing.amount(it.stop()) + 0.5);
          decks.send(decks.number(doing.number(it.deck())), stop, doing.cause, doing.by);
        });
    Deeds.on(
        Action.SendDeckOn.class,
        (it, doing) -> {
          DeckMotion decks = doing.context.standings.decks();
          decks.sendOn(decks.number(doing.number(it.deck())), doing.cause, doing.by);
        });
    Deeds.on(
        Action.SetUse.class,
        (it, doing) ->
            doing.context.interactions.usable(
                doing.number(it.fixture()), it.use() == Action.Use.CAN, doing.cause));
    Deeds.on(
        Action.LetAct.class,
        (it, doing) -> {
          if (doing.number(it.zone()) >= 0) {
            boolean acts = it.acts() == Action.Acts.ACTS;
            doing.context.workings.let(doing.number(it.zone()), it.part(), acts);
          }
        });
    Deeds.on(
        Action.LetStand.class,
        (it, doing) ->
            doing.context.standings.put(
                doing.thing(it.thing()), it.stands(), doing.cause, doing.by));
    Deeds.on(
        Action.LetLook.class,
        (it, doing) ->
            doing.context.standings.turn(
                doing.thing(it.thing()), doing.number(it.look()), doing.cause, doing.by));
    Deeds.on(
        Action.BreakThing.class,
        (it, doing) ->
            doing.context.breakables.breakNow(doing.thing(it.thing()), doing.cause, doing.by));
    Deeds.on(
        Action.MendThing.class,
        (it, doing) ->
            doing.context.breakables.mend(doing.thing(it.thing()), doing.cause, doing.by));
    Deeds.on(Action.HarmThing.class, ThingDeeds::harm);
    Deeds.on(Action.PutThing.class, ThingDeeds::put);
    Deeds.on(Action.Fling.class, ThingDeeds::fling);
    Deeds.on(
        Action.StartEffectAt.class,
        (it, doing) -> {
          Spot spot = doing.spot(it.place());
          if (spot != null) {
            double x = doing.context.space.spotX(spot);
            double y = doing.context.space.spotY(spot);
            doing.context.effects.beginAt(doing.number(it.effect()), x, y, doing.cause, doing.by);
          }
        });
    Deeds.on(Action.StartEffect.class, (it, doing) -> effect(it.effect(), 1, doing));
    Deeds.on(Action.StopEffect.class, (it, doing) -> effect(it.effect(), 0, doing));
    Deeds.on(
        Action.Sound.class,
        (it, doing) -> {
          Spot spot = doing.spot(it.place());
          if (spot != null) {
            double x = doing.context.space.spotX(spot);
            double y = doing.context.space.spotY(spot);
            doing.context.noises.make(x, y, doing.at(it.loudness()), -1, doing.now);
          }
        });
    Deeds.on(
        Action.Blast.class,
        (it, doing) -> {
          Spot spot = doing.spot(it.place());
          double amount = doing.amount(it.amount());
          if (spot != null) {
            blast(spot, amount, doing.at(it.radius()), doing);
          }
        });
  }

  private static void items() {
    Deeds.on(
        Action.Give.class,
        (it, doing) -> {
          int kind = doing.number(it.itemKind());
          if (kind >= 0 && doing.slots.crowd(it.who()) != null && doing.known(it.count())) {
            int count = doing.items(it.count());
            for (int unit : doing.units(it.who())) {
              doing.context.packs.put(unit, kind, count);
              doing.context.log(Causes.Kind.GIVEN, unit, kind, doing.cause);
            }
          }
        });
    Deeds.on(
        Action.TakeAway.class,
        (it, doing) -> {
          int kind = doing.number(it.itemKind());
          if (kind >= 0 && doing.slots.crowd(it.who()) != null && doing.known(it.count())) {
            int count = doing.items(it.count());
            for (int unit : doing.units(it.who())) {
              doing.context.packs.remove(unit, kind, count);
              doing.context.log(Causes.Kind.GIVEN, unit, kind, doing.cause);
            }
          }
        });
    Deeds.on(Action.LayDown.class, ThingDeeds::lay);
  }

  private static void lay(Action.LayDown it, Doing doing) {
    ScriptContext context = doing.context;
    Spot spot = doing.spot(it.place());
    int kind = doing.number(it.itemKind());
    if (kind >= 0 && doing.known(it.count()) && spot != null) {
      int count = doing.items(it.count());
      int deck = Math.max(Decks.GROUND, context.space.spotDeck(spot));
      if (count > 0
          && context.packs.lay(
              kind, count, deck, context.space.spotX(spot), context.space.spotY(spot))) {
        context.log(Causes.Kind.LAID, kind, -1, doing.cause);
      }
    }
  }

  private static void harm(Action.HarmThing it, Doing doing) {
    int thing = doing.thing(it.thing());
    if (thing >= 0 && doing.known(it.amount())) {
      double amount = doing.amount(it.amount());
      doing.context.breakables.hurt(thing, amount, HarmSort.BARE, doing.cause, doing.by);
    }
  }

  private static void put(Action.PutThing it, Doing doing) {
    Spot spot = doing.spot(it.place());
    int thing = doing.thing(it.thing());
    if (spot != null && thing >= 0) {
      double x = doing.context.space.spotX(spot);
      double y = doing.context.space.spotY(spot);
      int deck = doing.context.space.spotDeck(spot);
      doing.context.movement.things().handling().put(thing, deck, x, y, doing.cause, doing.by);
    }
  }

  private static void fling(Action.Fling it, Doing doing) {
    Spot spot = doing.spot(it.place());
    int thing = doing.thing(it.thing());
    if (spot != null && thing >= 0) {
      double dx = doing.context.space.spotX(spot) - doing.context.thingPlaces.x(thing);
      double dy = doing.context.space.spotY(spot) - doing.context.thingPlaces.y(thing);
      double far = Math.sqrt(dx * dx + dy * dy);
      double speed = far == 0 ? 0 : doing.at(it.speed()) / far;
      doing
          .context
          .movement
          .things()
          .handling()
          .fling(thing, dx * speed, dy * speed, doing.at(it.rise()), doing.cause, doing.by);
    }
  }

  private static void waves(Ref plan, boolean come, Doing doing) {
    if (doing.number(plan) >= 0) {
      doing.context.waves.turn(doing.number(plan), come, doing.cause, doing.now);
    }
  }

  private static void effect(Ref of, int on, Doing doing) {
    doing.context.effects.turn(doing.number(of), on, doing.cause, doing.by);
  }

  /**
   * Harms everyone up to a distance: {@code amount * (1 - far / radius)}, less what armour keeps
   * off, nothing to whom works that stop shots shield.
   */
  private static void blast(Spot spot, double amount, double radius, Doing doing) {
    ScriptContext context = doing.context;
    double x = context.space.spotX(spot);
    double y = context.space.spotY(spot);
    double z = doing.plan.ground().heightAt(x, y) + HEIGHT;
    context.noises.make(x, y, radius * HEARD, -1, doing.now);
    for (int unit = 0; unit < doing.plan.units(); unit++) {
      double far = context.space.distance(unit, x, y);
      if (doing.context.vitals.up(unit) && far < radius) {
        double middle = context.space.feet(unit) + doing.plan.kind(unit).eye() / 2;
        double toX = context.body.x(unit);
        double toY = context.body.y(unit);
        Obstacles obstacles = doing.plan.obstacles();
        boolean open =
            obstacles.clear(
                x, y, z, toX, toY, middle, Obstacles.Line.SHOT, context.standings.all());
        double lets = doing.plan.kind(unit).armour().lets(HarmSort.BLAST);
        context.vitals.hurt(unit, open ? amount * (1 - far / radius) * lets : 0);
      }
    }
    for (int thing = 0; context.breakables.any() && thing < doing.plan.things().many(); thing++) {
      double far = context.breakables.breaks(thing) ? context.space.toThing(thing, x, y) : radius;
      if (far < radius && context.space.shotTo(thing, x, y, z)) {
        double points = amount * (1 - far / radius);
        context.breakables.hurt(thing, points, HarmSort.BLAST, doing.cause, doing.by);
      }
    }
  }
}
