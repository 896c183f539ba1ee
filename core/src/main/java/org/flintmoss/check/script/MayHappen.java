package org.flintmoss.check.script;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Answer;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Exchange;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.script.OwnConditions;

/**
 * What may ever come of a script, if the world does whatever it is asked: which events may fire,
 * what may be set, which endings may be reached. What it rules out is impossible; what it lets pass
 * need not be possible. It grows from the start of play until nothing is added any more.
 */
final class MayHappen {
  /** A script in which events enable one another in longer chains than this is not ruled on. */
  private static final int MOST_ROUNDS = 200;

  private final Mission mission;

  /** Whether nothing is ruled out. */
  private boolean everything;

  /** The events that may fire. */
  private final Set<String> fires = new HashSet<>();

  /** The events that listen from the start or may be woken. */
  private final Set<String> listens = new HashSet<>();

  /** What may be done: an action without its amounts, as a word and an id. */
  private final Set<String> done = new HashSet<>();

  MayHappen(Mission mission) {
    this.mission = mission;
    mission
        .events()
        .forEach(
            (id, event) -> {
              if (event.listens() == Event.Listens.FROM_START) {
                listens.add(id);
              }
            });
    mission.waves().values().forEach(this::heralded);
    mission.exchanges().values().forEach(this::counted);
    Map<String, Event> own = OwnConditions.of(mission);
    listens.addAll(own.keySet());
    boolean grows = true;
    for (int round = 0; grows; round++) {
      CalledOff.check();
      if (round == MOST_ROUNDS) {
        everything = true;
        return;
      }
      int before = fires.size() + listens.size() + done.size();
      mission.events().forEach(this::look);
      own.forEach(this::look);
      mission.zones().values().stream()
          .flatMap(it -> it.does().values().stream())
          .forEach(this::look);
      grows = fires.size() + listens.size() + done.size() > before;
    }
  }

  /** What is bought and paid may change counters. */
  private void counted(Exchange exchange) {
    for (Exchange.Row row : exchange.rows().values()) {
      for (Record part : List.of((Record) row.gives(), (Record) row.price())) {
        ScriptWalk.refs(part, (_, ref) -> done.add("count " + ref.id()));
      }
    }
  }

  private void heralded(Wave wave) {
    ScriptWalk.refs((Record) wave.herald(), (_, ref) -> done.add("say " + ref.id()));
  }

  private void look(String id, Event event) {
    boolean may =
        event.listens() != Event.Listens.NEVER && listens.contains(id) && may(event.when());
    if (may) {
      fires.add(id);
      does(event.actions().values());
    }
  }

  private void look(Working working) {
    boolean always = working.when() instanceof Condition.All all && all.parts().isEmpty();
    if (working.work() instanceof Work.EndsOutside ends && (always || may(working.when()))) {
      done.add("end " + ends.ending().id());
    }
  }

  /** Whether an event may fire, an ending be reached, an objective be completed; all else may. */
  boolean happens(Ref ref) {
    return everything || ruledIn(ref);
  }

  private boolean ruledIn(Ref ref) {
    return switch (ref.family()) {
      case EVENTS -> fires.contains(ref.id());
      case ENDINGS -> done.contains("end " + ref.id());
      case OBJECTIVES -> opened(ref) && done.contains("complete " + ref.id());
      default -> true;
    };
  }

  /** Whether an event may listen at all. */
  boolean listens(String event) {
    return everything || listens.contains(event);
  }

  /** Whether an objective is ever open to players. */
  boolean opened(Ref objective) {
    return mission.find(objective) instanceof Objective it
        && (everything || it.open() || done.contains("open " + objective.id()));
  }

  /** Whether a mission may end so. */
  boolean ends(Ending.Outcome outcome) {
    return everything
        || mission.endings().entrySet().stream()
            .anyMatch(
                it -> it.getValue().outcome() == outcome && done.contains("end " + it.getKey()));
  }

  private void does(Collection<ActionLine> lines) {
    for (ActionLine line : lines) {
      switch (line.action()) {
        case Action.If branch -> {
          if (may(branch.condition())) {
            does(branch.then().values());
          }
          does(branch.otherwise().values());
        }
        case Action.ForEach each -> does(each.lines().values());
        case Action.OneOf one -> one.choices().values().forEach(it -> does(it.lines().values()));
        case Action.WakeEvent wake -> listens.add(wake.event().id());
        case Action.WakeChapter wake ->
            mission
                .events()
                .forEach(
                    (id, event) -> {
                      if (event.chapter().equals(wake.chapter())) {
                        listens.add(id);
                      }
                    });
        case Action.SetFlag set -> done.add(flag(set.flag().id(), set.on()));
        case Action.TurnOver over -> {
          done.add(flag(over.flag().id(), Condition.OnOff.ON));
          done.add(flag(over.flag().id(), Condition.OnOff.OFF));
        }
        case Action.SetCounter set -> done.add("count " + set.counter().id());
        case Action.AddToCounter add -> done.add("count " + add.counter().id());
        case Action.OpenObjective open -> done.add("open " + open.objective().id());
        case Action.CompleteObjective of -> done.add("complete " + of.objective().id());
        case Action.FailObjective of -> done.add("fail " + of.objective().id());
        case Action.End end -> done.add("end " + end.ending().id());
        case Action.Say say -> done.add("say " + say.conversation().id());
        case Action.SayAs say -> done.add("say " + say.conversation().id());
        case Action.OfferCall offer -> done.add("offer " + offer.call().id());
        case Action.Ask ask -> done.add("ask " + ask.choice().id());
        case Action.StartTimer start -> done.add("start " + start.timer().id());
        case Action.StartTimerAt start -> done.add("start " + start.timer().id());
        case Action.StartWaves start -> done.add("waves " + start.wavePlan().id());
        default -> {}
      }
    }
  }

  private static String flag(String id, Condition.OnOff on) {
    return "flag " + id + " " + on;
  }

  /** Whether a condition may ever be true. */
  boolean may(Condition condition) {
    return switch (condition) {
      case Condition.All all ->
          !all.parts().isEmpty()
              && all.parts().values().stream().allMatch(part -> may(part.condition()));
      case Condition.Any any ->
          any.parts().values().stream().anyMatch(part -> may(part.condition()));
      case Condition.Not not -> named(not.of());
      case Condition.HeldFor held -> may(held.of());
      case Condition plain -> named(plain) && plain(plain);
    };
  }

  /** Whether a sentence names only what is there: an open reference makes it false. */
  private boolean named(Condition condition) {
    boolean[] open = new boolean[1];
    if (condition instanceof Record sentence) {
      ScriptWalk.refs(sentence, (_, ref) -> open[0] |= mission.find(ref) == null);
    }
    return !open[0];
  }

  private boolean plain(Condition condition) {
    return switch (condition) {
      case Condition.FlagIs is -> {
        boolean on = mission.flags().get(is.flag().id()).on();
        yield on == (is.on() == Condition.OnOff.ON) || done.contains(flag(is.flag().id(), is.on()));
      }
      case Condition.CounterIs is -> counter(is);
      case Condition.ObjectiveIs is -> objective(is);
      case Condition.Fired of -> fires.contains(of.event().id());
      case Condition.RunOut of -> runs(of.timer());
      case Condition.Called of -> called(of.call());
      case Condition.IsAsked of -> asked(of.choice());
      case Condition.BeenChosen of -> chosen(of.answer());
      case Condition.Runs of -> runs(of.timer());
      case Condition.TimeGone of -> runs(of.timer());
      case Condition.Said of -> done.contains("say " + of.conversation().id());
      case Condition.WaveCame of -> comes(of.wave());
      case Condition.WaveCleared of -> comes(of.wave());
      case Condition.WavesCleared of -> done.contains("waves " + of.wavePlan().id());
      case Happening happening -> happens(happening);
      default -> true;
    };
  }

  private boolean happens(Happening happening) {
    return switch (happening) {
      case Happening.Fires of -> fires.contains(of.event().id());
      case Happening.TalkBegins of -> done.contains("say " + of.conversation().id());
      case Happening.LineIsSaid of -> done.contains("say " + of.conversation().id());
      case Happening.TalkEnds of -> done.contains("say " + of.conversation().id());
      case Happening.Sends of -> called(of.call());
      case Happening.Chooses of -> chosen(of.answer());
      case Happening.IsChosen of -> chosen(of.answer());
      case Happening.StaysUndecided of -> asked(of.choice());
      case Happening.WaveComes of -> comes(of.wave());
      case Happening.WaveFalls of -> comes(of.wave());
      case Happening.ObjectiveBecomes of ->
          switch (of.state()) {
            case NOT_YET_OPEN -> false;
            case OPEN -> done.contains("open " + of.objective().id());
            case DONE -> done.contains("complete " + of.objective().id());
            case FAILED -> done.contains("fail " + of.objective().id());
          };
      default -> true;
    };
  }

  private boolean counter(Condition.CounterIs is) {
    boolean changes = done.contains("count " + is.counter().id());
    return changes
        || !(is.amount() instanceof Amount.Number bound)
        || mission
            .counters()
            .get(is.counter().id())
            .value()
            .any(value -> is.comparison().holds(value, bound.value()));
  }

  private boolean objective(Condition.ObjectiveIs is) {
    String id = is.objective().id();
    boolean open = mission.objectives().get(id).open();
    return switch (is.state()) {
      case NOT_YET_OPEN -> !open;
      case OPEN -> open || done.contains("open " + id);
      case DONE -> done.contains("complete " + id);
      case FAILED -> done.contains("fail " + id);
    };
  }

  private boolean runs(Ref timer) {
    Timer of = mission.timers().get(timer.id());
    return of.running() || done.contains("start " + timer.id());
  }

  private boolean called(Ref call) {
    return mission.calls().get(call.id()).offered() || done.contains("offer " + call.id());
  }

  /** Whether a choice is ever put to players. */
  boolean asked(Ref choice) {
    return everything || done.contains("ask " + choice.id());
  }

  private boolean chosen(Ref answer) {
    Answer of = mission.answers().get(answer.id());
    boolean given = Condition.isEmpty(of.when()) || may(of.when());
    boolean fallback =
        mission.find(of.choice()) instanceof Choice choice && answer.equals(choice.fallsOn());
    return asked(of.choice()) && (given || fallback);
  }

  private boolean comes(Ref wave) {
    Map<String, Wave> waves = mission.waves();
    return done.contains("waves " + waves.get(wave.id()).wavePlan().id());
  }
}
