package org.flintmoss.simulation.script;

import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Ref;

/** Actions on what the script keeps for itself: flags, counters, timers, events. */
final class FactDeeds {
  private FactDeeds() {}

  static void tell() {
    Deeds.on(
        Action.SetFlag.class,
        (it, doing) -> flag(doing.number(it.flag()), it.on() == Condition.OnOff.ON, doing));
    Deeds.on(
        Action.TurnOver.class,
        (it, doing) -> {
          int flag = doing.number(it.flag());
          flag(flag, flag >= 0 && doing.context.scriptFacts.flag(flag) == 0, doing);
        });
    Deeds.on(
        Action.SetCounter.class,
        (it, doing) -> {
          if (doing.known(it.amount())) {
            count(it.counter(), doing.amount(it.amount()), doing);
          }
        });
    Deeds.on(
        Action.AddToCounter.class,
        (it, doing) -> {
          int counter = doing.number(it.counter());
          if (counter >= 0 && doing.known(it.amount())) {
            double before = doing.context.scriptFacts.counter(counter);
            count(it.counter(), before + doing.amount(it.amount()), doing);
          }
        });
    timers();
    Deeds.on(Action.WakeEvent.class, (it, doing) -> awake(it.event(), true, doing));
    Deeds.on(Action.PutToSleep.class, (it, doing) -> awake(it.event(), false, doing));
    Deeds.on(Action.WakeChapter.class, (it, doing) -> awake(it.chapter(), true, doing));
    Deeds.on(Action.PutChapterToSleep.class, (it, doing) -> awake(it.chapter(), false, doing));
  }

  private static void timers() {
    Deeds.on(
        Action.StartTimer.class,
        (it, doing) -> {
          int timer = doing.number(it.timer());
          if (timer >= 0) {
            doing.context.timers.start(timer, Timers.OWN, doing.by);
            doing.context.screens.timer(timer, doing.slots.seats(it.to()), doing.seats(it.to()));
          }
        });
    Deeds.on(
        Action.StartTimerAt.class,
        (it, doing) -> {
          int timer = doing.number(it.timer());
          if (timer >= 0 && doing.known(it.time())) {
            doing.context.timers.start(timer, doing.amount(it.time()), doing.by);
            doing.context.screens.timer(timer, doing.slots.seats(it.to()), doing.seats(it.to()));
          }
        });
    Deeds.on(
        Action.AddTime.class,
        (it, doing) -> {
          int timer = doing.number(it.timer());
          if (timer >= 0 && doing.known(it.time())) {
            doing.context.timers.add(timer, doing.amount(it.time()), doing.by);
          }
        });
    Deeds.on(
        Action.KeepSplit.class,
        (it, doing) -> {
          if (doing.number(it.timer()) >= 0) {
            doing.context.timers.split(doing.number(it.timer()), doing.cause, doing.by);
          }
        });
    Deeds.on(
        Action.StopTimer.class,
        (it, doing) -> {
          if (doing.number(it.timer()) >= 0) {
            doing.context.timers.stop(doing.number(it.timer()), doing.by);
          }
        });
  }

  private static void flag(int flag, boolean on, Doing doing) {
    doing.context.scriptFacts.flag(flag, on, doing.cause, doing.by);
  }

  private static void count(Ref of, double to, Doing doing) {
    doing.context.scriptFacts.count(doing.number(of), to, doing.cause, doing.by);
  }

  private static void awake(Ref events, boolean awake, Doing doing) {
    doing.slots.programs(events).forEach(event -> doing.events.awake(event, awake));
  }
}
