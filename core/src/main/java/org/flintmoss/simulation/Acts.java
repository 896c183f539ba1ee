package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import org.flintmoss.mission.Ending;
import org.flintmoss.mission.Objective;
import org.flintmoss.script.Act;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Quantity;
import org.flintmoss.script.Seats;
import org.flintmoss.script.Site;
import org.flintmoss.script.Spot;
import org.flintmoss.script.Told;
import org.flintmoss.terrain.Decks;

/** Does single actions. What names nothing does nothing. */
final class Acts {
  private static final Objective.State[] STATES = {
    Objective.State.OPEN, Objective.State.DONE, Objective.State.FAILED
  };

  private static final int[] NOBODY = {};

  private final World world;
  private final State state;
  private final Plan plan;
  private final Events events;
  private final Runs runs;
  private final Interventions interventions;
  private final List<Ending> endings;

  Acts(World world, Events events, Runs runs) {
    this.world = world;
    this.events = events;
    this.runs = runs;
    interventions = new Interventions(world);
    state = world.state;
    plan = world.plan;
    endings = new ArrayList<>(plan.mission().endings().values());
  }

  void act(Act act, int run, int now) {
    int cause = state.runCause.at[run];
    int by = state.runCauser.at[run];
    switch (act) {
      case Act.Objective objective -> objective(objective, run, cause, by);
      case Act.End end -> end(end.ending(), cause, now);
      case Act.Note note ->
          world.screens().note(note, seats(note.to(), run), cause, words(note.note(), run));
      case Act.Say say -> say(say, run, now);
      case Act.Offer offer -> world.screens().offer(offer, seats(offer.to(), run), cause);
      case Act.Effect effect -> effect(effect, cause, by);
      case Act.Marker marker -> world.screens().marker(marker, seats(marker.to(), run), cause);
      case Act.Flag(int flag, boolean on) -> flag(flag, on, cause, by);
      case Act.Counter counter -> counter(counter, run, cause);
      case Act.StartTimer start -> start(start, run);
      case Act.AddTime add -> {
        if (add.timer() >= 0 && add.seconds() != null) {
          world.timers.add(add.timer(), amount(add.seconds(), run), by);
        }
      }
      case Act.Split split -> {
        if (split.timer() >= 0) {
          world.timers.split(split.timer(), cause, by);
        }
      }
      case Act.StopTimer stop -> {
        if (stop.timer() >= 0) {
          world.timers.stop(stop.timer(), by);
        }
      }
      case Act.Hurt hurt -> hurt(hurt, run);
      case Act.TurnOver(int flag) -> flag(flag, flag >= 0 && state.flags.at[flag] == 0, cause, by);
      case Act.MoveTo move -> interventions.moveTo(move, choice(move.site(), run), chosen(run));
      case Act.TakeOut take -> interventions.takeOut(take, chosen(run));
      case Act.HelpUp help -> interventions.helpUp(help, chosen(run));
      case Act.SetAlertness set -> interventions.setAlertness(set, chosen(run));
      case Act.KeepAlert keep -> {
        double seconds = keep.seconds() == null ? Double.NaN : amount(keep.seconds(), run);
        interventions.keepAlert(keep, seconds, chosen(run));
      }
      case Act.Spare spare -> interventions.spare(spare, chosen(run));
      case Act.AddLives add -> interventions.addLives(amount(add.amount(), run));
      case Act.Blast blast -> {
        Spot spot = choice(blast.site(), run).spot(SiteChoice.NOBODY);
        interventions.blast(blast, spot, amount(blast.amount(), run), now);
      }
      case Act.View view -> world.screens().view(view, seats(view.to(), run), cause, now);
      case Act.OwnView back -> world.screens().ownView(seats(back.to(), run), now);
      case Act.SetUse set -> interventions.setUse(set, cause);
      case Act.ClockGoesOn on -> interventions.clock(on.time(), cause);
      case Act.Weather turns -> world.air().weather(turns.weather(), turns.seconds(), cause);
      case Act.Wind turns -> world.air().wind(turns.speed(), turns.from(), turns.seconds(), cause);
      case Act.Visibility goes -> world.air().visibility(goes.metres(), goes.seconds(), cause);
      case Act.Send send -> send(send, run);
      case Act.Order order -> order(order, run);
      case Act.Hold hold -> hold(hold, run);
      case Act.LetGo letGo -> letGo(letGo, run);
      case Act.BringIn bringIn -> bringIn(bringIn, run);
      case Act.Give give -> give(give, run, cause);
      case Act.Lay lay -> lay(lay, run, cause);
      case Act.Waves waves -> {
        if (waves.plan() >= 0) {
          world.waves.turn(waves.plan(), waves.come(), cause, now);
        }
      }
      case Act.Gate gate -> world.asked().gate(gate.gate(), gate.stands(), cause, by);
      case Act.Sound sound -> {
        Spot spot = choice(sound.site(), run).spot(SiteChoice.NOBODY);
        if (spot != null) {
          double x = world.spotX(spot);
          double y = world.spotY(spot);
          world.noises().make(x, y, sound.loudness(), -1, now);
        }
      }
      case Act.SetStance set -> stance(set, by);
      case Act.Alarm alarm -> alarm(alarm, run);
      case Act.Water water -> world.waters().go(water.level(), water.seconds(), now);
      case Act.Unless _, Act.Jump _, Act.Begin _, Act.Next _, Act.UnlessMore _, Act.Draw _ ->
          throw new IllegalStateException("events take their jumps themselves");
      case Act.Wake wake -> {
        wake.events().forEach(event -> events.awake(event, wake.awake()));
      }
    }
  }

  private void objective(Act.Objective act, int run, int cause, int by) {
    int objective = act.objective();
    if (objective < 0) {
      return;
    }
    int turned = STATES[act.turn().ordinal()].ordinal();
    boolean opensAgain =
        act.turn() == Act.Turn.OPEN
            && state.objectives.at[objective] != Objective.State.NOT_YET_OPEN.ordinal();
    switch (act.turn()) {
      case OPEN -> world.screens().opened(objective, seats(act.to(), run));
      case DONE -> world.screens().done(objective);
      case FAILED -> {}
    }
    if (!opensAgain && state.objectives.at[objective] != turned) {
      state.objectives.at[objective] = turned;
      world.log(Causes.Kind.OBJECTIVE, objective, turned, cause, by);
      events.touch(plan.facts().of(Wake.OBJECTIVE, objective), by);
    }
  }

  private void end(int ending, int cause, int now) {
    if (ending >= 0 && state.clock.at[Clock.ENDING] < 0) {
      state.clock.at[Clock.ENDING] = ending;
      double delay = endings.get(ending).delay().at(plan.terms());
      state.clock.at[Clock.END_STEP] = now + (int) Math.floor(delay * Plan.STEPS_PER_SECOND + 0.5);
      world.log(Causes.Kind.DECIDED, ending, -1, cause);
    }
  }

  private void effect(Act.Effect act, int cause, int by) {
    int on = act.on() ? 1 : 0;
    if (act.effect() >= 0 && state.effects.at[act.effect()] != on) {
      state.effects.at[act.effect()] = on;
      world.log(Causes.Kind.EFFECT, act.effect(), on, cause);
      events.touch(plan.facts().of(Wake.EFFECT, act.effect()), by);
    }
  }

  private void flag(int flag, boolean on, int cause, int by) {
    int now = on ? 1 : 0;
    if (flag >= 0 && state.flags.at[flag] != now) {
      state.flags.at[flag] = now;
      world.log(Causes.Kind.FLAG, flag, now, cause, by);
      events.touch(plan.facts().of(Wake.FLAG, flag), by);
    }
  }

  private void counter(Act.Counter act, int run, int cause) {
    if (act.counter() < 0 || act.amount() == null) {
      return;
    }
    double before = state.counters.at[act.counter()];
    double amount = amount(act.amount(), run);
    double after = Math.max(-1e12, Math.min(1e12, act.add() ? before + amount : amount));
    if (after != before) {
      state.counters.at[act.counter()] = after + 0.0;
      world.log(Causes.Kind.COUNTER, act.counter(), -1, cause);
      events.touch(plan.facts().of(Wake.COUNTER, act.counter()), state.runCauser.at[run]);
    }
  }

  private void start(Act.StartTimer act, int run) {
    if (act.timer() >= 0 && act.seconds() != null) {
      world.timers.start(act.timer(), amount(act.seconds(), run), state.runCauser.at[run]);
      world.screens().timer(act.timer(), act.to(), seats(act.to(), run));
    }
  }

  private void hurt(Act.Hurt act, int run) {
    if (act.who() != null && act.amount() != null) {
      double amount = amount(act.amount(), run) * act.sign();
      for (int unit : units(act.who(), run)) {
        state.hurt.at[unit] += amount;
      }
    }
  }

  private void send(Act.Send act, int run) {
    if (act.who() != null) {
      SiteChoice site = choice(act.site(), run);
      for (int unit : units(act.who(), run)) {
        Spot spot = site.spot(unit);
        if (spot != null) {
          world.orders().send(unit, spot);
        }
      }
    }
  }

  private void order(Act.Order act, int run) {
    if (act.who() == null) {
      return;
    }
    if (act.squad() >= 0) {
      world.orders().giveSquad(act.squad(), act.errand());
      return;
    }
    for (int unit : units(act.who(), run)) {
      world.orders().give(unit, act.errand());
    }
  }

  private void hold(Act.Hold act, int run) {
    if (act.who() == null) {
      return;
    }
    if (act.squad() >= 0) {
      world.orders().holdSquad(act.squad(), act.firm().ordinal());
      return;
    }
    for (int unit : units(act.who(), run)) {
      world.orders().hold(unit, act.firm().ordinal());
    }
  }

  private void stance(Act.SetStance act, int by) {
    if (act.one() >= 0 && act.other() >= 0 && act.one() != act.other()) {
      int many = plan.sideNumbers();
      state.stances.at[act.one() * many + act.other()] = act.attitude().ordinal();
      state.stances.at[act.other() * many + act.one()] = act.attitude().ordinal();
      events.touch(plan.facts().of(Wake.STANCES), by);
    }
  }

  private void alarm(Act.Alarm act, int run) {
    if (act.who() != null) {
      SiteChoice site = choice(act.site(), run);
      for (int unit : units(act.who(), run)) {
        Spot spot = site.spot(unit);
        if (spot != null) {
          world.noises().sendToSee(unit, world.spotX(spot), world.spotY(spot));
        }
      }
    }
  }

  private void letGo(Act.LetGo act, int run) {
    if (act.who() != null) {
      for (int unit : units(act.who(), run)) {
        state.letGo.at[unit] = 1;
        if (plan.squadOf(unit) >= 0) {
          state.letGo.at[plan.units() + plan.squadOf(unit)] = 1;
        }
      }
    }
  }

  private void bringIn(Act.BringIn act, int run) {
    if (act.who() != null) {
      IntPredicate absent =
          unit ->
              (state.present.at[unit] == 0 || state.outAsked.at[unit] == 1)
                  && state.dead.at[unit] == 0
                  && state.arrive.at[unit] == 0
                  && !plan.comesByWave(unit)
                  && !world.vacant.get(unit);
      SiteChoice site = choice(act.site(), run);
      for (int unit : units(act.who(), run, absent)) {
        state.arrive.at[unit] = site.arrival(unit) + 1;
        state.arriveAgain.at[unit] = 0;
      }
    }
  }

  private void give(Act.Give act, int run, int cause) {
    if (act.who() == null || act.itemKind() < 0 || act.count() == null) {
      return;
    }
    int count = whole(amount(act.count(), run));
    for (int unit : units(act.who(), run)) {
      if (act.sign() > 0) {
        world.packs.put(unit, act.itemKind(), count);
      } else {
        world.packs.remove(unit, act.itemKind(), count);
      }
      world.log(Causes.Kind.GIVEN, unit, act.itemKind(), cause);
    }
  }

  private void lay(Act.Lay act, int run, int cause) {
    Spot spot = choice(act.site(), run).spot(SiteChoice.NOBODY);
    if (act.itemKind() >= 0 && act.count() != null && spot != null) {
      int count = whole(amount(act.count(), run));
      double x = world.spotX(spot);
      double y = world.spotY(spot);
      int deck = Math.max(Decks.GROUND, world.spotDeck(spot));
      if (count > 0 && world.packs.lay(act.itemKind(), count, deck, x, y)) {
        world.log(Causes.Kind.LAID, act.itemKind(), -1, cause);
      }
    }
  }

  /** A number of items: whole, and no more than a pack or a heap holds. */
  private static int whole(double amount) {
    return (int) Math.max(0, Math.min(Packs.MOST, Math.floor(amount)));
  }

  /** Has a conversation said; by nobody, where the one who should say it is not there. */
  private void say(Act.Say act, int run, int now) {
    int as = -1;
    if (act.as() != null) {
      int[] some = units(act.as(), run);
      if (some.length == 0) {
        return;
      }
      as = some[0];
    }
    world.talk.say(act.conversation(), seats(act.to(), run), as, now);
  }

  private SiteChoice choice(Site site, int run) {
    return new SiteChoice(world, site, state.runCauser.at[run], who -> meant(who, run));
  }

  private int seats(Seats to, int run) {
    return world.screens().seats(to, chosen(run));
  }

  private Interventions.Chosen chosen(int run) {
    return (who, which) -> units(who, run, which);
  }

  /** The units that an action changes; it changes nobody to whom it cannot be done. */
  private int[] units(Crowd who, int run) {
    return units(who, run, state::up);
  }

  private int[] units(Crowd who, int run, IntPredicate which) {
    if (!who.known()) {
      int one = meant(who, run);
      boolean meant = one >= 0 && which.test(one) && world.sieves().pass(who, one);
      return meant ? new int[] {one} : NOBODY;
    }
    int[] all = Arrays.stream(who.members()).filter(which).toArray();
    int[] some = world.sieves().sorted(who, all);
    return Arrays.copyOf(some, need(who, some.length));
  }

  private String words(int note, int run) {
    Told told = plan.script().notes().get(note);
    return world.figures().words(told, of -> amount(of, run), who -> meant(who, run));
  }

  /** Whom a crowd that is known only at the moment stands for; -1 for nobody. */
  int meant(Crowd who, int run) {
    return switch (who.stands()) {
      case Crowd.CAUSER -> state.runCauser.at[run];
      case Crowd.OTHER -> runs.other(run);
      default -> state.turns.at[runs.turn(run, who.stands())];
    };
  }

  /** How many of so many an action is done to. */
  private static int need(Crowd who, int of) {
    return switch (who.need()) {
      case ALL -> of;
      case NONE -> 0;
      case AT_LEAST -> (int) Math.min(of, who.bound());
      case SHARE -> (int) Math.min(of, -Math.floor(-of * who.bound() / 100));
    };
  }

  /** Who has their turn next in a round: the next of those who are up; -1 if nobody is left. */
  int next(Crowd who, int slot, int run) {
    if (who == null) {
      return -1;
    }
    int last = state.turns.at[runs.turn(run, slot)];
    int[] some = who.known() ? who.members() : units(who, run);
    IntPredicate comes = unit -> unit > last && state.up(unit) && world.sieves().pass(who, unit);
    int[] left = Arrays.stream(some).filter(comes).toArray();
    int had = state.turned.at[runs.turn(run, slot)];
    boolean more = who.known() ? had < need(who, had + left.length) : had == 0;
    return more && left.length > 0 ? left[0] : -1;
  }

  double amount(Quantity quantity, int run) {
    return switch (quantity) {
      case null -> 0;
      case Quantity.Between between -> {
        long who = Chance.of(between.who());
        double roll =
            Chance.roll(
                world.seed, Chance.Purpose.AMOUNT, who, state.amounts.at[runs.event(run)]++);
        yield between.least() + (between.most() - between.least()) * roll;
      }
      default -> world.figures().of(quantity, who -> meant(who, run));
    };
  }
}
