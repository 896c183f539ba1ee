package org.flintmoss.simulation.script;

import java.util.function.IntPredicate;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.script.Script;
import org.flintmoss.script.Spot;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Bearings;

/** Actions on units, squads and sides. */
final class UnitDeeds {
  /** The longest time that anything is kept up, seconds. */
  private static final double LONGEST = 86400;

  private UnitDeeds() {}

  static void tell() {
    health();
    places();
    Deeds.on(
        Action.SetAlertness.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who())) {
            doing.context.alarms.make(unit, it.alertness());
          }
        });
    Deeds.on(Action.KeepAlert.class, (it, doing) -> keepAlert(it.who(), it.roused(), 0, doing));
    Deeds.on(
        Action.KeepAlertFor.class,
        (it, doing) -> {
          if (doing.known(it.time())) {
            double seconds = Math.min(LONGEST, doing.amount(it.time()));
            int steps = Script.steps(Math.max(Plan.STEP, seconds));
            keepAlert(it.who(), it.roused(), doing.context.now() + steps, doing);
          }
        });
    Deeds.on(
        Action.GiveOrder.class,
        (it, doing) -> {
          int errand = doing.slots.errand(it.order());
          if (doing.squad(it.who()) >= 0) {
            doing.context.orders.giveSquad(doing.squad(it.who()), errand);
          } else {
            for (int unit : doing.units(it.who())) {
              doing.context.orders.give(unit, errand);
            }
          }
        });
    Deeds.on(
        Action.Hold.class,
        (it, doing) -> {
          int firm = it.firmness().ordinal();
          if (doing.squad(it.who()) >= 0) {
            doing.context.orders.holdSquad(doing.squad(it.who()), firm);
          } else {
            for (int unit : doing.units(it.who())) {
              doing.context.orders.hold(unit, firm);
            }
          }
        });
    Deeds.on(
        Action.LetGo.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who())) {
            doing.context.progress.letGo(unit);
            if (doing.plan.squadOf(unit) >= 0) {
              doing.context.progress.letGo(doing.plan.units() + doing.plan.squadOf(unit));
            }
          }
        });
    Deeds.on(Action.SetStance.class, UnitDeeds::stance);
  }

  /** Who stands on the very place has nowhere to turn to. */
  private static void turn(int unit, Spot to, Doing doing) {
    double east = doing.context.space.spotX(to) - doing.context.body.x(unit);
    double north = doing.context.space.spotY(to) - doing.context.body.y(unit);
    if (east != 0 || north != 0) {
      doing.context.body.face(unit, Bearings.of(east, north));
      doing.context.home.face(unit, doing.context.body.facing(unit));
    }
  }

  private static void health() {
    Deeds.on(
        Action.Harm.class,
        (it, doing) -> {
          if (doing.known(it.amount())) {
            hurt(it.who(), doing.amount(it.amount()), doing);
          }
        });
    Deeds.on(
        Action.Heal.class,
        (it, doing) -> {
          if (doing.known(it.amount())) {
            hurt(it.who(), -doing.amount(it.amount()), doing);
          }
        });
    Deeds.on(
        Action.Bind.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who())) {
            doing.context.carrying.bind(unit, doing.by, doing.cause);
          }
        });
    Deeds.on(
        Action.Free.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who())) {
            doing.context.carrying.free(unit, doing.by, doing.cause);
          }
        });
    Deeds.on(
        Action.HelpUp.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who(), of -> doing.context.vitals.down(of) > 0)) {
            doing.context.asked.helpUp(unit);
          }
        });
    Deeds.on(Action.Spare.class, UnitDeeds::spare);
    Deeds.on(
        Action.AddLives.class,
        (it, doing) -> {
          double amount =
              Math.max(-Wounds.MOST_LIVES, Math.min(Wounds.MOST_LIVES, doing.amount(it.amount())));
          int more = (int) Math.floor(amount);
          for (int unit = 0; unit < doing.plan.units(); unit++) {
            if (doing.plan.player(unit)) {
              doing.context.wounds.addLives(unit, more);
            }
          }
        });
  }

  private static void places() {
    Deeds.on(
        Action.Send.class,
        (it, doing) -> {
          SiteChoice site = doing.site(it.place());
          for (int unit : doing.units(it.who())) {
            Spot spot = site.spot(unit);
            if (spot != null) {
              doing.context.orders.send(unit, spot);
            }
          }
        });
    Deeds.on(
        Action.TurnToward.class,
        (it, doing) -> {
          SiteChoice site = doing.site(it.place());
          for (int unit : doing.units(it.who())) {
            Spot spot = site.spot(unit);
            if (spot != null) {
              turn(unit, spot, doing);
            }
          }
        });
    Deeds.on(
        Action.Alarm.class,
        (it, doing) -> {
          SiteChoice site = doing.site(it.place());
          for (int unit : doing.units(it.who())) {
            Spot spot = site.spot(unit);
            if (spot != null) {
              double x = doing.context.space.spotX(spot);
              doing.context.noises.sendToSee(unit, x, doing.context.space.spotY(spot));
            }
          }
        });
    Deeds.on(
        Action.MoveTo.class,
        (it, doing) -> {
          SiteChoice site = doing.site(it.place());
          for (int unit : doing.units(it.who())) {
            int arrival = site.arrival(unit);
            if (arrival >= 0) {
              doing.context.asked.move(unit, arrival);
            }
          }
        });
    Deeds.on(
        Action.BringBack.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who())) {
            doing.context.asked.bringBack(unit);
          }
        });
    Deeds.on(Action.BringWorldBack.class, (_, doing) -> doing.context.asked.bringWorldBack());
    Deeds.on(
        Action.TakeOut.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who(), of -> doing.context.vitals.inPlay(of))) {
            doing.context.asked.takeOut(unit);
          }
        });
    Deeds.on(
        Action.BringIn.class,
        (it, doing) -> {
          for (int unit : doing.units(it.who(), absent(doing))) {
            bringIn(unit, doing.slots.home(it), doing);
          }
        });
    Deeds.on(
        Action.BringInAt.class,
        (it, doing) -> {
          SiteChoice site = doing.site(it.place());
          for (int unit : doing.units(it.who(), absent(doing))) {
            bringIn(unit, site.arrival(unit), doing);
          }
        });
  }

  private static void hurt(Selector who, double amount, Doing doing) {
    for (int unit : doing.units(who)) {
      doing.context.vitals.hurt(unit, amount);
    }
  }

  private static void spare(Action.Spare it, Doing doing) {
    for (int unit : doing.units(it.who(), of -> !doing.context.vitals.dead(of))) {
      doing.context.wounds.spare(unit, it.spared());
    }
  }

  /** Those who can be brought in: they are out of play, or are to be, and come by no wave. */
  private static IntPredicate absent(Doing doing) {
    return unit ->
        (!doing.context.vitals.inPlay(unit) || doing.context.asked.leaves(unit) == 1)
            && !doing.context.vitals.dead(unit)
            && doing.context.spawner.place(unit) == 0
            && !doing.plan.comesByWave(unit)
            && !doing.context.vacant.get(unit);
  }

  private static void bringIn(int unit, int arrival, Doing doing) {
    doing.context.spawner.await(unit, arrival);
  }

  private static void keepAlert(Selector who, Action.Roused roused, int until, Doing doing) {
    for (int unit : doing.units(who)) {
      doing.context.alarms.keep(unit, roused.alertness().ordinal(), until);
    }
  }

  private static void stance(Action.SetStance it, Doing doing) {
    int one = doing.number(it.one());
    int other = doing.number(it.other());
    if (one >= 0 && other >= 0 && one != other) {
      doing.context.stances.set(one, other, it.attitude(), doing.by);
    }
  }
}
