package org.flintmoss.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.flintmoss.mission.Action;
import org.flintmoss.mission.Amount;
import org.flintmoss.mission.Chapter;
import org.flintmoss.mission.Comparison;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Event;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;

/** Turns events into programs, interning the facts that they read. */
final class Compiler {
  private static final Quantity OWN_TIME = new Quantity.Fixed(Act.StartTimer.OWN);

  private final CrowdFinder crowds;
  private final PlaceFinder places;
  private final Cast cast;
  private final Difficulty difficulty;
  private final Map<String, Integer> numbers = new HashMap<>();
  private final Map<Fact, Integer> facts = new LinkedHashMap<>();
  private final List<TreeSet<Integer>> readers = new ArrayList<>();
  private final List<Integer> holders = new ArrayList<>();
  private final List<Crowd> seen = new ArrayList<>();
  private final List<String> notes = new ArrayList<>();
  private final List<Arrival> arrivals = new ArrayList<>();
  private final Errands errands;
  private List<Node> asides = List.of();
  private int current;
  private String luck = "";
  private int lucks;

  Compiler(Cast cast, Difficulty difficulty, Errands errands) {
    this.cast = cast;
    this.difficulty = difficulty;
    this.errands = errands;
    crowds = new CrowdFinder(cast, difficulty);
    places = new PlaceFinder(cast);
  }

  Script script() {
    List<Map.Entry<String, Event>> events = inFiringOrder();
    for (Map.Entry<String, Event> event : events) {
      numbers.put(event.getKey(), numbers.size());
    }
    List<Program> programs = new ArrayList<>();
    for (Map.Entry<String, Event> event : events) {
      current = programs.size();
      luck = event.getKey();
      lucks = 0;
      programs.add(program(event.getKey(), event.getValue()));
    }
    List<WaveScript> waves = new WaveCompiler(cast, difficulty, arrivals).plans();
    return new Script(
        List.copyOf(programs),
        List.copyOf(facts.keySet()),
        readers.stream()
            .map(of -> of.stream().mapToInt(Integer::intValue).toArray())
            .toArray(int[][]::new),
        holders.size(),
        holders.stream().mapToInt(Integer::intValue).toArray(),
        List.copyOf(seen),
        List.copyOf(notes),
        List.copyOf(arrivals),
        cast.mission().conversations().values().stream().map(it -> Speech.of(it, cast)).toList(),
        waves);
  }

  private List<Map.Entry<String, Event>> inFiringOrder() {
    List<String> chapters =
        Ordered.sort(cast.mission().chapters()).stream()
            .map(Map.Entry<String, Chapter>::getKey)
            .toList();
    List<Map.Entry<String, Event>> events = new ArrayList<>(Ordered.sort(cast.mission().events()));
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
    Node when = laidAside ? new Node.Never() : node(event.when());
    asides = new ArrayList<>();
    List<Act.Line> lines = new ArrayList<>();
    lines(event.actions(), lines);
    return switch (event.again()) {
      case Event.WhenFalse _ -> program(id, event, when, Program.Again.WHEN_FALSE, 0, lines);
      case Event.After after ->
          program(id, event, when, Program.Again.AFTER, Script.steps(after.seconds()), lines);
      case Event.Every every ->
          program(id, event, when, Program.Again.EVERY, Script.steps(every.seconds()), lines);
    };
  }

  /** Lays lines out one after the other; branches become jumps. */
  private void lines(Map<String, Event.ActionLine> of, List<Act.Line> lines) {
    for (Map.Entry<String, Event.ActionLine> entry : Ordered.sort(of)) {
      Event.ActionLine line = entry.getValue();
      Quantity after = quantity(line.after());
      if (line.action() instanceof Action.If branch) {
        branch(after, branch, lines);
      } else {
        lines.add(new Act.Line(after, act(line.action())));
      }
    }
  }

  private void branch(Quantity after, Action.If branch, List<Act.Line> lines) {
    Node condition = node(branch.condition());
    asides.add(condition);
    int at = lines.size();
    lines.add(null);
    lines(branch.then(), lines);
    int end = lines.size();
    lines.add(null);
    lines(branch.otherwise(), lines);
    lines.set(at, new Act.Line(after, new Act.Unless(condition, end + 1)));
    lines.set(end, new Act.Line(one(0), new Act.Jump(lines.size())));
  }

  private Program program(
      String id, Event event, Node when, Program.Again again, int steps, List<Act.Line> lines) {
    return new Program(
        id,
        event.name(),
        when,
        event.times(),
        again,
        steps,
        event.listens() == Event.Listens.ONCE_WOKEN,
        lucky(when),
        List.copyOf(lines),
        List.copyOf(asides));
  }

  private Node node(Condition condition) {
    return switch (condition) {
      case Condition.All all -> new Node.All(nodes(all.parts()));
      case Condition.Any any -> new Node.Any(nodes(any.parts()));
      case Condition.Not not -> negated(node(not.of()));
      case Condition.HeldFor held -> held(node(held.of()), Script.steps(held.seconds()));
      case Condition.Inside in -> ofZone(Measure.INSIDE, in.who(), in.zone());
      case Condition.BeenInside been -> ofZone(Measure.BEEN_INSIDE, been.who(), been.zone());
      case Condition.HasLeft left -> ofZone(Measure.HAS_LEFT, left.who(), left.zone());
      case Condition.CameBack back -> ofZone(Measure.CAME_BACK, back.who(), back.zone());
      case Condition.Strength strength ->
          ofUnits(
              Measure.STRENGTH,
              strength.who(),
              strength.comparison(),
              quantity(strength.percent()),
              -1,
              null);
      case Condition.Seen seen ->
          ofUnits(Measure.SEEN, seen.who(), Comparison.EXACTLY, one(1), -1, null);
      case Condition.ClockPassed clock -> clockPassed(clock.time());
      case Condition.Said said ->
          fact(Measure.SAID, said.conversation(), Comparison.AT_LEAST, one(1));
      case Condition.Called called ->
          fact(Measure.CALLED, called.call(), Comparison.AT_LEAST, one(1));
      case Condition.Near near -> near(near);
      case Condition.Fares fares ->
          ofUnits(
              Measure.FARE,
              fares.who(),
              Comparison.EXACTLY,
              one(fares.state().ordinal()),
              -1,
              null);
      case Condition.Health health ->
          ofUnits(
              Measure.HEALTH,
              health.who(),
              health.comparison(),
              quantity(health.percent()),
              -1,
              null);
      case Condition.Alert alert ->
          ofUnits(
              Measure.ALERTNESS,
              alert.who(),
              Comparison.EXACTLY,
              one(alert.alertness().ordinal()),
              -1,
              null);
      case Condition.Sees sees -> sees(sees);
      case Condition.Moves moves ->
          ofUnits(
              Measure.SPEED, moves.who(), moves.comparison(), quantity(moves.speed()), -1, null);
      case Condition.Reached reached -> {
        int route = cast.index(reached.route());
        yield route < 0
            ? new Node.Never()
            : ofUnits(
                Measure.WAYPOINTS,
                reached.who(),
                reached.comparison(),
                quantity(reached.count()),
                route,
                null);
      }
      case Condition.Laden laden ->
          ofUnits(Measure.LADEN, laden.who(), laden.comparison(), quantity(laden.mass()), -1, null);
      case Condition.StanceIs stance -> {
        int one = cast.index(stance.one());
        int other = cast.index(stance.other());
        int subject = one < 0 || other < 0 ? -1 : one * cast.sideNumbers() + other;
        yield fact(Measure.STANCE, subject, Comparison.EXACTLY, one(stance.attitude().ordinal()));
      }
      case Condition.SeatIs seat ->
          fact(
              Measure.SEAT,
              cast.member(seat.start()),
              Comparison.EXACTLY,
              one(seat.state() == Condition.Seat.TAKEN ? 1 : 0));
      case Condition.Runs runs -> fact(Measure.RUNS, runs.timer(), Comparison.EXACTLY, one(1));
      case Condition.EffectGoesOn goes ->
          fact(Measure.EFFECT, goes.effect(), Comparison.EXACTLY, one(1));
      case Condition.DifficultyIs is ->
          fact(
              Measure.DIFFICULTY, difficulty.ordinal(), is.comparison(), one(is.level().ordinal()));
      case Condition.ByChance chance -> new Node.Luck(chance.percent() / 100, luck + "#" + lucks++);
      case Condition.FiredOften fired ->
          fact(
              Measure.FIRED,
              numbers.getOrDefault(fired.event().id(), -1),
              fired.comparison(),
              quantity(fired.times()));
      case Condition.Carries carries -> {
        int kind = cast.index(carries.itemKind());
        yield kind < 0
            ? new Node.Never()
            : ofUnits(
                Measure.CARRIES,
                carries.who(),
                carries.comparison(),
                quantity(carries.count()),
                kind,
                null);
      }
      case Condition.Holds holds -> {
        int zone = cast.index(holds.zone());
        int kind = cast.index(holds.itemKind());
        int subject = zone < 0 || kind < 0 ? -1 : zone * cast.itemKinds() + kind;
        yield fact(Measure.HOLDS, subject, holds.comparison(), quantity(holds.count()));
      }
      case Condition.TakenUp taken ->
          fact(Measure.TAKEN_UP, taken.item(), Comparison.EXACTLY, one(1));
      case Condition.Elapsed elapsed ->
          fact(Measure.ELAPSED, 0, elapsed.comparison(), one(elapsedSteps(elapsed.time())));
      case Condition.TideIs tide ->
          fact(Measure.WATER, 0, tide.comparison(), quantity(tide.level()));
      case Condition.FlagIs flag ->
          fact(
              Measure.FLAG,
              flag.flag(),
              Comparison.EXACTLY,
              one(flag.on() == Condition.OnOff.ON ? 1 : 0));
      case Condition.CounterIs counter ->
          fact(
              Measure.COUNTER, counter.counter(), counter.comparison(), quantity(counter.amount()));
      case Condition.ObjectiveIs objective ->
          fact(
              Measure.OBJECTIVE,
              objective.objective(),
              Comparison.EXACTLY,
              one(objective.state().ordinal()));
      case Condition.RunOut out -> fact(Measure.RUN_OUT, out.timer(), Comparison.EXACTLY, one(1));
      case Condition.TimeLeft left ->
          fact(Measure.TIMER, left.timer(), left.comparison(), quantity(left.time()));
      case Condition.GateIs gate ->
          fact(Measure.GATE, gate.gate(), Comparison.EXACTLY, one(gate.state().ordinal()));
      case Condition.WaveCame came ->
          fact(Measure.WAVE_CAME, came.wave(), Comparison.EXACTLY, one(1));
      case Condition.WaveCleared cleared ->
          fact(Measure.WAVE_CLEARED, cleared.wave(), Comparison.EXACTLY, one(1));
      case Condition.WavesCleared cleared ->
          fact(Measure.WAVES_CLEARED, cleared.wavePlan(), Comparison.EXACTLY, one(1));
      case Condition.Used used ->
          fact(Measure.USED, used.fixture(), used.comparison(), quantity(used.times()));
      case Condition.Fired fired ->
          fact(
              Measure.FIRED,
              numbers.getOrDefault(fired.event().id(), -1),
              Comparison.AT_LEAST,
              one(1));
    };
  }

  private Node sees(Condition.Sees sees) {
    Crowd whom = crowds.crowd(sees.whom());
    if (whom == null || whom.causer()) {
      return new Node.Never();
    }
    int number = seen.indexOf(whom);
    if (number < 0) {
      number = seen.size();
      seen.add(whom);
    }
    return ofUnits(Measure.SEES, sees.who(), Comparison.EXACTLY, one(1), number, null);
  }

  private static boolean lucky(Node node) {
    return switch (node) {
      case Node.Luck _ -> true;
      case Node.All all -> all.parts().stream().anyMatch(Compiler::lucky);
      case Node.Any any -> any.parts().stream().anyMatch(Compiler::lucky);
      case Node.Not not -> lucky(not.of());
      case Node.HeldFor held -> lucky(held.of());
      case Node.Is _, Node.Never _ -> false;
    };
  }

  private static double elapsedSteps(double seconds) {
    return seconds == 0 ? 0 : Script.steps(seconds);
  }

  /** A time of day is the first moment at which the clock shows it, from the start of play on. */
  private Node clockPassed(double time) {
    double until = time - cast.mission().setting().startTime();
    double seconds = until < 0 ? until + 86400 : until;
    return fact(Measure.ELAPSED, 0, Comparison.AT_LEAST, one(elapsedSteps(seconds)));
  }

  /** What is not known to be true is not known to be false either: an open reference stays open. */
  private static Node negated(Node of) {
    return of instanceof Node.Never ? of : new Node.Not(of);
  }

  private Node held(Node of, int steps) {
    holders.add(current);
    return new Node.HeldFor(of, holders.size() - 1, steps);
  }

  private Node ofZone(Measure measure, Selector who, Ref zone) {
    int number = cast.index(zone);
    return number < 0
        ? new Node.Never()
        : ofUnits(measure, who, Comparison.EXACTLY, one(1), number, null);
  }

  private Node near(Condition.Near near) {
    Spot spot = places.spot(near.place());
    return spot == null
        ? new Node.Never()
        : ofUnits(
            Measure.DISTANCE, near.who(), near.comparison(), quantity(near.distance()), -1, spot);
  }

  private List<Node> nodes(Map<String, Condition.Part> parts) {
    return Ordered.sort(parts).stream().map(part -> node(part.getValue().condition())).toList();
  }

  private static Quantity one(double value) {
    return new Quantity.Fixed(value);
  }

  private Node ofUnits(
      Measure measure,
      Selector who,
      Comparison comparison,
      Quantity bound,
      int subject,
      Spot spot) {
    Crowd crowd = crowds.crowd(who);
    return crowd == null || bound == null || crowd.causer()
        ? new Node.Never()
        : intern(new Fact(measure, crowd, subject, comparison, bound, spot));
  }

  private Node fact(Measure measure, Ref subject, Comparison comparison, Quantity bound) {
    return fact(measure, cast.index(subject), comparison, bound);
  }

  private Node fact(Measure measure, int subject, Comparison comparison, Quantity bound) {
    return subject < 0 || bound == null
        ? new Node.Never()
        : intern(new Fact(measure, null, subject, comparison, bound, null));
  }

  private Node intern(Fact fact) {
    int number = facts.computeIfAbsent(fact, _ -> facts.size());
    if (number == readers.size()) {
      readers.add(new TreeSet<>());
    }
    readers.get(number).add(current);
    return new Node.Is(number);
  }

  private Act act(Action action) {
    return switch (action) {
      case Action.OpenObjective open ->
          new Act.Objective(cast.index(open.objective()), Act.Turn.OPEN);
      case Action.CompleteObjective done ->
          new Act.Objective(cast.index(done.objective()), Act.Turn.DONE);
      case Action.FailObjective failed ->
          new Act.Objective(cast.index(failed.objective()), Act.Turn.FAILED);
      case Action.End end -> new Act.End(cast.index(end.ending()));
      case Action.Note note -> note(note.text());
      case Action.Say say -> new Act.Say(cast.index(say.conversation()));
      case Action.StartEffect start -> new Act.Effect(cast.index(start.effect()), true);
      case Action.StopEffect stop -> new Act.Effect(cast.index(stop.effect()), false);
      case Action.ShowMarker show -> new Act.Marker(cast.index(show.marker()), true);
      case Action.HideMarker hide -> new Act.Marker(cast.index(hide.marker()), false);
      case Action.SetFlag flag ->
          new Act.Flag(cast.index(flag.flag()), flag.on() == Condition.OnOff.ON);
      case Action.SetCounter set ->
          new Act.Counter(cast.index(set.counter()), quantity(set.amount()), false);
      case Action.AddToCounter add ->
          new Act.Counter(cast.index(add.counter()), quantity(add.amount()), true);
      case Action.StartTimer start -> new Act.StartTimer(cast.index(start.timer()), OWN_TIME);
      case Action.StartTimerAt start ->
          new Act.StartTimer(cast.index(start.timer()), quantity(start.time()));
      case Action.StopTimer stop -> new Act.StopTimer(cast.index(stop.timer()));
      case Action.Harm harm -> new Act.Hurt(crowds.crowd(harm.who()), quantity(harm.amount()), 1);
      case Action.Heal heal -> new Act.Hurt(crowds.crowd(heal.who()), quantity(heal.amount()), -1);
      case Action.TurnOver over -> new Act.TurnOver(cast.index(over.flag()));
      case Action.MoveTo move -> moveTo(move);
      case Action.TakeOut take -> new Act.TakeOut(crowds.crowd(take.who()));
      case Action.HelpUp help -> new Act.HelpUp(crowds.crowd(help.who()));
      case Action.SetAlertness set ->
          new Act.SetAlertness(crowds.crowd(set.who()), set.alertness().ordinal());
      case Action.Spare spare -> new Act.Spare(crowds.crowd(spare.who()), spare.spared());
      case Action.AddLives add -> new Act.AddLives(quantity(add.amount()));
      case Action.Blast blast ->
          new Act.Blast(places.spot(blast.place()), quantity(blast.amount()), blast.radius());
      case Action.SetWeather set -> new Act.Weather(set.weather().ordinal());
      case Action.Send send -> new Act.Send(crowds.crowd(send.who()), places.spot(send.place()));
      case Action.GiveOrder give ->
          new Act.Order(crowds.crowd(give.who()), squad(give.who()), errands.number(give.order()));
      case Action.LetGo let -> new Act.LetGo(crowds.crowd(let.who()));
      case Action.BringIn bring -> bringIn(bring.who(), new Arrival.AtHome());
      case Action.BringInAt bring -> bringIn(bring.who(), places.arrival(bring.place()));
      case Action.Give give ->
          new Act.Give(
              crowds.crowd(give.who()), cast.index(give.itemKind()), quantity(give.count()), 1);
      case Action.TakeAway take ->
          new Act.Give(
              crowds.crowd(take.who()), cast.index(take.itemKind()), quantity(take.count()), -1);
      case Action.LayDown lay ->
          new Act.Lay(cast.index(lay.itemKind()), quantity(lay.count()), places.spot(lay.place()));
      case Action.StartWaves start -> new Act.Waves(cast.index(start.wavePlan()), true);
      case Action.StopWaves stop -> new Act.Waves(cast.index(stop.wavePlan()), false);
      case Action.SetGate gate -> new Act.Gate(cast.index(gate.gate()), gate.state().ordinal());
      case Action.Sound sound -> new Act.Sound(places.spot(sound.place()), sound.loudness());
      case Action.SetStance set ->
          new Act.SetStance(cast.index(set.one()), cast.index(set.other()), set.attitude());
      case Action.Alarm alarm ->
          new Act.Alarm(crowds.crowd(alarm.who()), places.spot(alarm.place()));
      case Action.Water water -> new Act.Water(water.level(), water.time());
      case Action.If _ -> throw new IllegalStateException("a branch is laid out as jumps");
      case Action.WakeEvent wake -> new Act.Wake(numbers.getOrDefault(wake.event().id(), -1), true);
      case Action.PutToSleep sleep ->
          new Act.Wake(numbers.getOrDefault(sleep.event().id(), -1), false);
    };
  }

  private int squad(Selector who) {
    return who.whom() instanceof Selector.InSquad in ? cast.index(in.squad()) : -1;
  }

  private Act bringIn(Selector who, Arrival arrival) {
    if (arrival == null) {
      return new Act.BringIn(null, -1);
    }
    arrivals.add(arrival);
    return new Act.BringIn(crowds.crowd(who), arrivals.size() - 1);
  }

  private Act moveTo(Action.MoveTo move) {
    Arrival arrival = places.arrival(move.place());
    if (arrival == null) {
      return new Act.MoveTo(null, -1);
    }
    arrivals.add(arrival);
    return new Act.MoveTo(crowds.crowd(move.who()), arrivals.size() - 1);
  }

  private Act note(String text) {
    notes.add(text);
    return new Act.Note(notes.size() - 1);
  }

  private Quantity quantity(Amount amount) {
    return switch (amount) {
      case Amount.Number number -> new Quantity.Fixed(number.value());
      case Amount.OfCounter of -> {
        int counter = cast.index(of.counter());
        yield counter < 0 ? null : new Quantity.OfCounter(counter, of.times(), of.plus());
      }
      case Amount.Between between ->
          new Quantity.Between(between.least(), between.most(), luck + "#" + lucks++);
    };
  }
}
