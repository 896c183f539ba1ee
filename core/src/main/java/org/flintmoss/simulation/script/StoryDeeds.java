package org.flintmoss.simulation.script;

import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Script;

/** Actions on objectives and endings, and on what players are told and shown. */
final class StoryDeeds {
  private StoryDeeds() {}

  static void tell() {
    Deeds.on(Action.OpenObjective.class, StoryDeeds::open);
    Deeds.on(
        Action.CompleteObjective.class,
        (it, doing) -> {
          int objective = doing.number(it.objective());
          if (objective >= 0) {
            doing.context.screens.done(objective);
            turn(objective, ObjectiveState.DONE, doing);
          }
        });
    Deeds.on(
        Action.FailObjective.class,
        (it, doing) -> {
          int objective = doing.number(it.objective());
          if (objective >= 0) {
            turn(objective, ObjectiveState.FAILED, doing);
          }
        });
    Deeds.on(
        Action.End.class,
        (it, doing) -> doing.events.decide(doing.number(it.ending()), doing.cause));
    Deeds.on(
        Action.Note.class,
        (it, doing) -> {
          int note = doing.slots.note(it.text());
          int seats = doing.seats(it.to());
          doing.context.screens.note(note, seats, doing.cause, doing.words(it.text()));
        });
    Deeds.on(
        Action.Say.class, (it, doing) -> say(it.conversation(), doing.seats(it.to()), -1, doing));
    Deeds.on(
        Action.SayAs.class,
        (it, doing) -> {
          int[] some = doing.units(it.who());
          if (some.length > 0) {
            say(it.conversation(), doing.seats(it.to()), some[0], doing);
          }
        });
    Deeds.on(
        Action.ShowMarker.class,
        (it, doing) -> marker(it.marker(), true, doing.seats(it.to()), doing));
    Deeds.on(
        Action.HideMarker.class,
        (it, doing) -> marker(it.marker(), false, doing.seats(it.to()), doing));
    Deeds.on(
        Action.OfferCall.class, (it, doing) -> offer(it.call(), true, doing.seats(it.to()), doing));
    Deeds.on(
        Action.WithdrawCall.class,
        (it, doing) -> offer(it.call(), false, doing.seats(it.to()), doing));
    Deeds.on(
        Action.Ask.class,
        (it, doing) ->
            doing.context.choices.ask(
                doing.number(it.choice()), doing.seats(it.to()), doing.cause));
    Deeds.on(
        Action.AskNoMore.class,
        (it, doing) -> doing.context.choices.withdraw(doing.number(it.choice()), doing.cause));
    Deeds.on(
        Action.ShowView.class,
        (it, doing) -> {
          int steps = Script.steps(doing.at(it.time()));
          doing.context.screens.view(
              doing.number(it.view()), steps, doing.seats(it.to()), doing.cause);
        });
    Deeds.on(
        Action.OwnView.class,
        (it, doing) -> doing.context.screens.ownView(doing.seats(it.to()), doing.now));
  }

  private static void open(Action.OpenObjective it, Doing doing) {
    int objective = doing.number(it.objective());
    if (objective >= 0) {
      int stands = doing.context.scriptFacts.objective(objective);
      doing.context.screens.opened(objective, doing.seats(it.to()));
      if (stands == ObjectiveState.NOT_YET_OPEN.ordinal()) {
        turn(objective, ObjectiveState.OPEN, doing);
      }
    }
  }

  private static void turn(int objective, ObjectiveState to, Doing doing) {
    doing.context.scriptFacts.objective(objective, to, doing.cause, doing.by);
  }

  private static void say(Ref conversation, int seats, int as, Doing doing) {
    doing.context.talk.say(doing.number(conversation), seats, as, doing.now);
  }

  private static void marker(Ref marker, boolean shown, int seats, Doing doing) {
    doing.context.screens.marker(doing.number(marker), shown, seats, doing.cause);
  }

  private static void offer(Ref call, boolean offered, int seats, Doing doing) {
    doing.context.screens.offer(doing.number(call), offered, seats, doing.cause);
  }
}
