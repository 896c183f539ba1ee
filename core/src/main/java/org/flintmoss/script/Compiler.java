package org.flintmoss.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.script.Chapter;
import org.flintmoss.mission.script.Choice;
import org.flintmoss.mission.script.Conversation;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;

/** Turns events into programs. */
final class Compiler {
  private final ActorIndex actors;
  private final Terms terms;
  private final Lookup lookup;
  private final ConditionCompiler conditions;
  private final ActionCompiler actions;
  private final LineCompiler lines;
  private final List<Map.Entry<String, Event>> events;

  Compiler(ActorIndex actors, Terms terms, CompiledOrders errands, Measure.Book book) {
    this.actors = actors;
    this.terms = terms;
    events = inFiringOrder();
    events.addAll(OwnConditions.of(actors.mission()).entrySet());
    lookup = new Lookup(actors, terms, book, events.stream().map(Map.Entry::getKey).toList());
    conditions = new ConditionCompiler(lookup);
    actions = new ActionCompiler(lookup, errands);
    lines = new LineCompiler(lookup, conditions, actions);
  }

  Script script() {
    List<Program> programs = new ArrayList<>();
    for (Map.Entry<String, Event> event : events) {
      lookup.begin(event.getKey());
      programs.add(program(event.getKey(), event.getValue()));
    }
    List<WaveScript> waves = new WaveCompiler(actors, terms, actions.arrivals()).plans();
    List<ZoneWorking> workings = new WorkingCompiler(lookup, actions).all();
    List<Speech> speeches = speeches();
    List<Aim> aims = aims();
    List<Told> debriefings = debriefings();
    List<Told> questions = questions();
    return new Script(
        List.copyOf(programs),
        conditions.facts(),
        conditions.readers(),
        conditions.holders(),
        lines.turns(),
        lookup.crowds(),
        conditions.amounts(),
        lookup.victims(),
        actions.sites(),
        actions.notes(),
        List.copyOf(actions.arrivals()),
        speeches,
        aims,
        debriefings,
        waves,
        workings,
        questions,
        answers(),
        rows(),
        lookup.asked());
  }

  /** The programs that keep the conditions of answers; -1 for one without. */
  private int[] answers() {
    return actors.mission().answers().keySet().stream()
        .mapToInt(id -> lookup.event(new Ref(Family.EVENTS, OwnConditions.given(id))))
        .toArray();
  }

  /** The same of the rows of exchanges, exchange by exchange. */
  private int[] rows() {
    return actors.mission().exchanges().entrySet().stream()
        .flatMap(
            exchange ->
                Ordered.sort(exchange.getValue().rows()).stream()
                    .map(row -> OwnConditions.given(exchange.getKey(), row.getKey())))
        .mapToInt(id -> lookup.event(new Ref(Family.EVENTS, id)))
        .toArray();
  }

  private List<Speech> speeches() {
    List<Speech> speeches = new ArrayList<>();
    for (Map.Entry<String, Conversation> it : actors.mission().conversations().entrySet()) {
      lookup.begin("conversation " + it.getKey());
      speeches.add(Speech.of(it.getValue(), lookup));
    }
    return List.copyOf(speeches);
  }

  private List<Aim> aims() {
    List<Aim> aims = new ArrayList<>();
    for (Map.Entry<String, Objective> it : actors.mission().objectives().entrySet()) {
      lookup.begin("objective " + it.getKey());
      Objective objective = it.getValue();
      Quantity of =
          objective.tally() instanceof Objective.Counted counted
              ? lookup.quantity(counted.of())
              : null;
      aims.add(new Aim(lookup.told(objective.text()), of));
    }
    return List.copyOf(aims);
  }

  private List<Told> questions() {
    List<Told> questions = new ArrayList<>();
    for (Map.Entry<String, Choice> it : actors.mission().choices().entrySet()) {
      lookup.begin("choice " + it.getKey());
      questions.add(lookup.told(it.getValue().text()));
    }
    return List.copyOf(questions);
  }

  private List<Told> debriefings() {
    List<Told> debriefings = new ArrayList<>();
    for (Map.Entry<String, Ending> it : actors.mission().endings().entrySet()) {
      lookup.begin("ending " + it.getKey());
      debriefings.add(lookup.told(it.getValue().debriefing()));
    }
    return List.copyOf(debriefings);
  }

  private List<Map.Entry<String, Event>> inFiringOrder() {
    List<String> chapters =
        Ordered.sort(actors.mission().chapters()).stream()
            .map(Map.Entry<String, Chapter>::getKey)
            .toList();
    List<Map.Entry<String, Event>> events =
        new ArrayList<>(Ordered.sort(actors.mission().events()));
    events.sort(
        Comparator.comparingInt(
            event -> {
              int chapter = chapters.indexOf(event.getValue().chapter().id());
              return chapter < 0 ? chapters.size() : chapter;
            }));
    return events;
  }

  private Program program(String id, Event event) {
    boolean laidAside = event.listens() == Event.Listens.NEVER;
    boolean again = event.again() instanceof Event.Every && HappeningCompiler.named(event.when());
    Node when = laidAside || again ? new Node.Never() : conditions.when(event.when());
    List<Trigger> triggers = laidAside || again ? List.of() : conditions.triggers();
    int firstTurn = lines.turns();
    LineCompiler.Lines done = lines.of(event.actions());
    return new Program(
        id,
        event.name(),
        when,
        event.times(),
        again(event.again()),
        steps(event.again()),
        event.listens() == Event.Listens.ONCE_WOKEN,
        triggers,
        event.firings(),
        firstTurn,
        lines.turns() - firstTurn,
        lucky(when),
        done.lines(),
        done.asides());
  }

  private static Program.Again again(Event.Again again) {
    return switch (again) {
      case Event.WhenFalse _ -> Program.Again.WHEN_FALSE;
      case Event.After _ -> Program.Again.AFTER;
      case Event.Every _ -> Program.Again.EVERY;
    };
  }

  private int steps(Event.Again again) {
    return switch (again) {
      case Event.WhenFalse _ -> 0;
      case Event.After after -> Script.steps(after.seconds().at(terms));
      case Event.Every every -> Script.steps(every.seconds().at(terms));
    };
  }

  private static boolean lucky(Node node) {
    return switch (node) {
      case Node.Luck _ -> true;
      case Node.All all -> all.parts().stream().anyMatch(Compiler::lucky);
      case Node.Any any -> any.parts().stream().anyMatch(Compiler::lucky);
      case Node.Not not -> lucky(not.of());
      case Node.HeldFor held -> lucky(held.of());
      case Node.Is _, Node.AtMoment _, Node.Happens _, Node.Never _ -> false;
    };
  }
}
