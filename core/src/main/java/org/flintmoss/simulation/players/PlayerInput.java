package org.flintmoss.simulation.players;

import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.simulation.carriage.Packs;
import org.flintmoss.simulation.space.Paths;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.State;
import org.flintmoss.simulation.state.Wake;

/** Phase 1: what players do takes effect on their units. */
public final class PlayerInput {
  private final PlayerContext context;
  private final Paths paths;
  private final Companions companions;
  private final Packs packs;

  PlayerInput(PlayerContext context) {
    this.context = context;
    paths = context.paths;
    companions = context.companions;
    packs = context.packs;
  }

  /** Takes what a seat does in a step. */
  public void take(Command command) {
    if (command.seat() < 0 || command.seat() >= context.plan.seats()) {
      return;
    }
    int unit = context.plan.seat(command.seat());
    State state = context.state;
    if (!(command.input() instanceof Input.Leave)) {
      join(command.seat(), unit);
    }
    if (context.vitals.bound(unit) && command.input().takesHands()) {
      return;
    }
    switch (command.input()) {
      case Input.Steer steer -> steer(unit, steer.east(), steer.north());
      case Input.Go go -> go(unit, go.x(), go.y());
      case Input.Aim aim -> context.controls.aimAlong(unit, aim.bearing());
      case Input.Attack attack -> context.intentions.strike(unit, attack.slot());
      case Input.Use use -> context.slots.begin(unit, use.slot(), context.now());
      case Input.Over _ -> over(unit);
      case Input.TakeUp _ -> packs.takeUp(unit);
      case Input.SetDown down -> packs.setDown(unit, item(down.item()));
      case Input.Consume consume -> context.itemUses.use(unit, item(consume.item()));
      case Input.Call call -> {
        int number = context.plan.actors().index(new Ref(Family.CALLS, call.call()));
        context.calls.send(number, command.seat(), unit);
      }
      case Input.Answer answer -> {
        int number = context.plan.actors().index(new Ref(Family.ANSWERS, answer.answer()));
        context.choices.answer(number, command.seat());
      }
      case Input.Trade trade -> context.trades.take(trade.row(), command.seat());
      case Input.LeaveExchange _ -> context.trading.close(unit);
      case Input.Companions companions ->
          this.companions.tell(unit, companions.tell(), context.now());
      case Input.Join _ -> {}
      case Input.Leave _ -> leave(command.seat(), unit);
    }
  }

  /** Doing anything takes the seat; a unit that stayed away comes into play. */
  private void join(int seat, int unit) {
    State state = context.state;
    if (!context.controls.seated(unit)) {
      context.controls.sit(unit);
      paths.stop(unit);
      context.intentions.strike(unit, 0);
      context.knowledge.letBe(unit);
      context.log(Causes.Kind.SEAT, seat, 1, -1);
      context.touch(Wake.SEATS, 0, unit);
      if (!context.vitals.inPlay(unit) && context.wounds.back(unit) == 0) {
        context.vitals.enter(unit);
        context.touch(Wake.VITALS, unit, unit);
      }
    }
  }

  private int item(String id) {
    return context.plan.actors().index(new Ref(Family.ITEM_KINDS, id));
  }

  private void leave(int seat, int unit) {
    boolean sat = context.controls.seated(unit);
    paths.stop(unit);
    context.intentions.strike(unit, 0);
    context.controls.letGo(unit);
    if (sat) {
      context.home.settle(unit);
      context.log(Causes.Kind.SEAT, seat, 0, -1);
      context.touch(Wake.SEATS, 0, unit);
    }
  }

  private void over(int unit) {
    Link ahead = context.space.ahead(unit);
    if (ahead != null) {
      paths.stop(unit);
      context.transits.begin(unit, ahead);
    }
  }

  private void steer(int unit, double east, double north) {
    double length = Math.max(1, Math.sqrt(east * east + north * north));
    context.controls.steer(unit, east / length, north / length);
    paths.stop(unit);
  }

  private void go(int unit, double x, double y) {
    steer(unit, 0, 0);
    paths.asked(unit, x, y);
  }
}
