package org.flintmoss.simulation;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.sentence.Amount;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.plan.Chance;

/**
 * The meaning of a script, written from the words of its design and from nothing else: every event
 * is looked at in every round, every condition asks the world anew. It follows a run and says what
 * must have fired. It knows the sentences that {@link RandomMissions} makes.
 */
final class NaiveScript {
  private static final int MOST_ROUNDS = 64;

  /** What an event remembers. */
  private static final class Memory {
    final String id;
    final Event event;
    boolean wasTrue;
    boolean ready = true;
    boolean awake;
    int fired;
    int last;

    /** Which roll of its chances counts, and whether it might have been true with all luck. */
    int roll;

    boolean might;

    /** The firing that is under way, of an event of states. */
    final Run own = new Run(this, 0);

    /** Those of its firings through what happens that wait for others, in their order. */
    final Deque<Run> queue = new ArrayDeque<>();

    final boolean happens;

    /** What happens is over at once, so that nothing can fire again and again while it is so. */
    final boolean refused;

    Memory(String id, Event event) {
      this.id = id;
      this.event = event;
      awake = event.listens() == Event.Listens.FROM_START;
      refused = names(event.when()) && event.again() instanceof Event.Every;
      happens = names(event.when()) && !refused;
    }
  }

  /** A firing: what is still to be done of it, empty for nothing; it waits until it may begin. */
  private static final class Run {
    final Memory memory;
    final int place;
    List<Step> todo = List.of();
    int due;

    Run(Memory memory, int place) {
      this.memory = memory;
      this.place = place;
    }
  }

  /** Something that has taken place, as a sentence says it, and to whom; null for nobody. */
  private record Took(Class<? extends Happening> what, String subject, String unit) {}

  private static boolean names(Condition condition) {
    return switch (condition) {
      case Happening _ -> true;
      case Condition.All all -> all.parts().values().stream().anyMatch(it -> names(it.condition()));
      case Condition.Any any -> any.parts().values().stream().anyMatch(it -> names(it.condition()));
      default -> false;
    };
  }

  /** One action still to be done, and whose turn it is; without an action it is but a wait. */
  private record Step(Amount after, Action action, String turn) {}

  private final Mission mission;
  private final NaiveWorld world;
  private final long seed;
  private final List<Memory> events;
  private final Map<String, Boolean> flags = new HashMap<>();
  private final Map<String, Double> counters = new HashMap<>();
  private final Map<String, ObjectiveState> objectives = new HashMap<>();
  private final Map<String, Integer> timers = new HashMap<>();
  private final Map<String, Boolean> running = new HashMap<>();

  /** Whose luck each chance is: its event and its number among the chances of it. */
  private final Map<Condition.ByChance, String> lucks = new IdentityHashMap<>();

  /** The event that is looked at. */
  private Memory about;

  /** What has taken place since events were looked at, and the part of it that is looked at. */
  private final List<Took> took = new ArrayList<>();

  private Took through;

  /** The firings through what happens, each at the first place that was free. */
  private final SortedMap<Integer, Run> pool = new TreeMap<>();

  /** Events of which a firing is over, so that another may begin. */
  private final Deque<Memory> freed = new ArrayDeque<>();

  /** Since when the condition within a duration has been true, by the duration itself. */
  private final Map<Condition.HeldFor, Integer> since = new IdentityHashMap<>();

  /** For how long the condition within a duration that counts in all had been true before. */
  private final Map<Condition.HeldFor, Integer> inAll = new IdentityHashMap<>();

  private final List<String> firings = new ArrayList<>();
  private final List<String> drops = new ArrayList<>();
  private int now;
  private boolean stopped;

  NaiveScript(Mission mission, NaiveWorld world, long seed) {
    this.mission = mission;
    this.world = world;
    this.seed = seed;
    List<String> chapters =
        Ordered.sort(mission.chapters()).stream().map(Map.Entry::getKey).toList();
    events =
        Ordered.sort(mission.events()).stream()
            .sorted(Comparator.comparing(it -> chapters.indexOf(it.getValue().chapter().id())))
            .map(it -> new Memory(it.getKey(), it.getValue()))
            .toList();
    for (Memory memory : events) {
      List<Condition.ByChance> chances = new ArrayList<>();
      chances(memory.event.when(), chances);
      for (Condition.ByChance it : chances) {
        lucks.put(it, memory.id + "#" + lucks.values().stream().filter(of(memory)).count());
      }
    }
    mission.flags().forEach((id, flag) -> flags.put(id, flag.on()));
    mission
        .counters()
        .forEach((id, counter) -> counters.put(id, counter.value().at(NaiveWorld.TERMS)));
    mission
        .objectives()
        .forEach(
            (id, it) ->
                objectives.put(id, it.open() ? ObjectiveState.OPEN : ObjectiveState.NOT_YET_OPEN));
    mission
        .timers()
        .forEach(
            (id, timer) -> {
              timers.put(id, steps(timer.seconds().at(NaiveWorld.TERMS)));
              running.put(id, timer.running());
            });
  }

  private static Predicate<String> of(Memory memory) {
    return who -> who.startsWith(memory.id + "#");
  }

  /** The chances of a condition, as it is read from its beginning to its end. */
  private static void chances(Condition condition, List<Condition.ByChance> into) {
    switch (condition) {
      case Condition.ByChance chance -> into.add(chance);
      case Condition.All all ->
          Ordered.sort(all.parts()).forEach(it -> chances(it.getValue().condition(), into));
      case Condition.Any any ->
          Ordered.sort(any.parts()).forEach(it -> chances(it.getValue().condition(), into));
      case Condition.Not not -> chances(not.of(), into);
      case Condition.HeldFor held -> chances(held.of(), into);
      default -> {}
    }
  }

  /** Whether a condition would hold with all luck on its side, durations aside. */
  private boolean might(Condition condition) {
    return switch (condition) {
      case Condition.ByChance _ -> true;
      case Condition.All all ->
          !all.parts().isEmpty()
              && all.parts().values().stream().allMatch(it -> might(it.condition()));
      case Condition.Any any -> any.parts().values().stream().anyMatch(it -> might(it.condition()));
      case Condition.Not not -> not.of() instanceof Condition.ByChance || !might(not.of());
      case Condition.HeldFor held -> might(held.of());
      case Happening _ -> false;
      default -> holds(condition, null);
    };
  }

  /** Chance is rolled anew whenever the rest of the condition comes to be so. */
  private void roll(Memory memory) {
    if (memory.happens || memory.refused) {
      return;
    }
    boolean might = might(memory.event.when());
    memory.roll += might && !memory.might ? 1 : 0;
    memory.might = might;
  }

  private boolean comesUp(Condition.ByChance chance) {
    long who = Chance.of(lucks.get(chance));
    return Chance.roll(seed, Chance.Purpose.LUCK, who, about.roll) * 100
        < chance.percent().at(NaiveWorld.TERMS);
  }

  /** The ids of the events that fired in the last step, in their order. */
  List<String> firings() {
    return firings;
  }

  /** The ids of the events that were due while they waited. */
  List<String> drops() {
    return drops;
  }

  Map<String, Boolean> flags() {
    return flags;
  }

  Map<String, Double> counters() {
    return counters;
  }

  Map<String, ObjectiveState> objectives() {
    return objectives;
  }

  boolean stopped() {
    return stopped;
  }

  private static int steps(double seconds) {
    return (int) Math.max(1, Math.round(seconds * 20));
  }

  /** The part of a step in which timers run and waits end. */
  void time(int step) {
    now = step;
    firings.clear();
    drops.clear();
    for (String timer : timers.keySet()) {
      if (running.get(timer)) {
        timers.merge(timer, -1, Integer::sum);
        running.put(timer, timers.get(timer) > 0);
      }
    }
    for (Memory memory : events) {
      goOn(memory.own);
    }
    List.copyOf(pool.values()).stream()
        .filter(it -> !it.memory.queue.contains(it))
        .forEach(this::goOn);
    goOnWithFreed();
  }

  /** The part of a step in which the script comes to rest. */
  void settle() {
    int rounds = 0;
    for (Memory memory : events) {
      becomesReady(memory);
    }
    if (now > 1) {
      world.moves().forEach(this::moved);
    }
    List<Memory> due = due();
    while (!due.isEmpty()) {
      if (++rounds > MOST_ROUNDS) {
        stopped = true;
        return;
      }
      due.forEach(it -> fire(it));
      goOnWithFreed();
      due = due();
    }
  }

  private void moved(NaiveWorld.Move move) {
    took.add(
        new Took(
            move.in() ? Happening.Enters.class : Happening.Leaves.class, move.zone(), move.unit()));
    if (move.in() && world.cameBack(move.unit(), move.zone())) {
      took.add(new Took(Happening.ComesBack.class, move.zone(), move.unit()));
    }
  }

  /** Ready again after some time; "every" comes round again and again, whatever became of it. */
  private void becomesReady(Memory memory) {
    int gone = now - memory.last;
    if (memory.ready || memory.fired == 0) {
      return;
    }
    if (memory.event.again() instanceof Event.After after) {
      memory.ready = gone >= steps(after.seconds().at(NaiveWorld.TERMS));
    } else if (memory.event.again() instanceof Event.Every every
        && gone > 0
        && gone % steps(every.seconds().at(NaiveWorld.TERMS)) == 0) {
      memory.ready = true;
      memory.wasTrue = false;
    }
  }

  /** The events whose condition has become true, and that may fire; looks at every one. */
  private List<Memory> due() {
    List<Memory> due = new ArrayList<>();
    for (Memory memory : events) {
      boolean before = memory.wasTrue;
      about = memory;
      roll(memory);
      memory.wasTrue =
          memory.event.listens() != Event.Listens.NEVER
              && !memory.refused
              && holds(memory.event.when(), null);
      ask(memory.event.actions());
      if (!memory.wasTrue && memory.event.again() instanceof Event.WhenFalse) {
        memory.ready = true;
      }
      if (memory.wasTrue && !before && left(memory) && memory.awake && memory.ready) {
        if (memory.own.todo.isEmpty()) {
          due.add(memory);
        } else {
          drops.add(memory.id);
          memory.ready = !(memory.event.again() instanceof Event.Every);
        }
      }
    }
    List<Took> happened = List.copyOf(took);
    took.clear();
    List<Memory> all = new ArrayList<>();
    for (Memory memory : events) {
      due.stream().filter(it -> it == memory).forEach(all::add);
      happened.stream().filter(it -> comesOf(memory, it)).forEach(_ -> all.add(memory));
    }
    return all;
  }

  private static boolean left(Memory memory) {
    return memory.event.times() == 0 || memory.fired < memory.event.times();
  }

  /** Whether an event is to fire through what took place: all else holds as well. */
  private boolean comesOf(Memory memory, Took happened) {
    if (!memory.happens || !memory.awake || memory.event.listens() == Event.Listens.NEVER) {
      return false;
    }
    through = happened;
    about = memory;
    memory.roll += asked(memory.event.when(), happened) ? 1 : 0;
    boolean holds = holds(memory.event.when(), null);
    through = null;
    return holds;
  }

  /** Whether a condition names what took place, whatever else it asks. */
  private boolean asked(Condition condition, Took happened) {
    return switch (condition) {
      case Happening happening -> isOf(happening, happened);
      case Condition.All all ->
          all.parts().values().stream().anyMatch(it -> asked(it.condition(), happened));
      case Condition.Any any ->
          any.parts().values().stream().anyMatch(it -> asked(it.condition(), happened));
      default -> false;
    };
  }

  private boolean isOf(Happening happening, Took took) {
    if (took == null || happening.getClass() != took.what()) {
      return false;
    }
    return switch (happening) {
      case Happening.Enters it -> isOf(it.who(), it.zone(), took);
      case Happening.Leaves it -> isOf(it.who(), it.zone(), took);
      case Happening.ComesBack it -> isOf(it.who(), it.zone(), took);
      case Happening.Fires it -> it.event().id().equals(took.subject());
      case Happening.ObjectiveBecomes it ->
          (it.objective().id() + it.state()).equals(took.subject());
      default -> throw new IllegalStateException(happening + " is not known to the oracle");
    };
  }

  private boolean isOf(Selector who, Ref zone, Took took) {
    return zone.id().equals(took.subject()) && world.all(who.whom()).contains(took.unit());
  }

  /** Durations in the conditions of branches run on while nobody asks for them. */
  private void ask(Map<String, ActionLine> lines) {
    for (ActionLine line : lines.values()) {
      if (line.action() instanceof Action.If branch) {
        holds(branch.condition(), null);
        ask(branch.then());
        ask(branch.otherwise());
      } else if (line.action() instanceof Action.ForEach each) {
        ask(each.lines());
      }
    }
  }

  private void fire(Memory memory) {
    long going =
        pool.values().stream()
            .filter(it -> it.memory == memory && !memory.queue.contains(it))
            .count();
    boolean busy = going > 0 && memory.event.firings() == Event.Firings.DROPPED;
    if (memory.happens && !(left(memory) && memory.ready)) {
      return;
    }
    if (memory.happens && busy) {
      drops.add(memory.id);
      return;
    }
    memory.ready = memory.happens && !(memory.event.again() instanceof Event.After);
    memory.fired++;
    memory.last = now;
    firings.add(memory.id);
    took.add(new Took(Happening.Fires.class, memory.id, null));
    if (!memory.happens) {
      begin(memory.own);
      return;
    }
    int place = 0;
    while (pool.containsKey(place)) {
      place++;
    }
    Run run = new Run(memory, place);
    pool.put(place, run);
    if (going >= (memory.event.firings() == Event.Firings.IN_TURN ? 1 : 16)) {
      memory.queue.add(run);
    } else {
      begin(run);
    }
  }

  private void begin(Run run) {
    run.todo = list(run.memory.event.actions(), null);
    run.due = run.todo.isEmpty() ? now : now + wait(run.todo.getFirst());
    goOn(run);
  }

  private void goOnWithFreed() {
    while (!freed.isEmpty()) {
      Run next = freed.remove().queue.poll();
      if (next != null) {
        begin(next);
      }
    }
  }

  private static List<Step> list(Map<String, ActionLine> lines, String turn) {
    List<Step> steps = new ArrayList<>();
    Ordered.sort(lines)
        .forEach(it -> steps.add(new Step(it.getValue().after(), it.getValue().action(), turn)));
    return steps;
  }

  private int wait(Step step) {
    double seconds = amount(step.after());
    return seconds <= 0 ? 0 : steps(seconds);
  }

  private void goOn(Run run) {
    while (!run.todo.isEmpty() && run.due <= now) {
      Step step = run.todo.getFirst();
      List<Step> rest = new ArrayList<>(run.todo.subList(1, run.todo.size()));
      rest.addAll(0, step.action() == null ? List.of() : act(step));
      run.todo = rest;
      run.due = rest.isEmpty() ? now : now + wait(rest.getFirst());
    }
    if (run.todo.isEmpty() && run.memory.happens && pool.remove(run.place, run)) {
      freed.add(run.memory);
    }
  }

  private void becomes(String objective, ObjectiveState state) {
    if (objectives.put(objective, state) != state) {
      took.add(new Took(Happening.ObjectiveBecomes.class, objective + state, null));
    }
  }

  /** Does an action; answers with what is to be done instead of it. */
  private List<Step> act(Step step) {
    switch (step.action()) {
      case Action.SetFlag set -> flags.put(set.flag().id(), set.on() == Condition.OnOff.ON);
      case Action.TurnOver over -> flags.compute(over.flag().id(), (_, on) -> !on);
      case Action.SetCounter set -> counters.put(set.counter().id(), amount(set.amount()));
      case Action.AddToCounter add ->
          counters.merge(add.counter().id(), amount(add.amount()), Double::sum);
      case Action.OpenObjective open -> {
        if (objectives.get(open.objective().id()) == ObjectiveState.NOT_YET_OPEN) {
          becomes(open.objective().id(), ObjectiveState.OPEN);
        }
      }
      case Action.CompleteObjective done -> becomes(done.objective().id(), ObjectiveState.DONE);
      case Action.StartTimer start -> {
        timers.put(
            start.timer().id(),
            steps(mission.timers().get(start.timer().id()).seconds().at(NaiveWorld.TERMS)));
        running.put(start.timer().id(), true);
      }
      case Action.StopTimer stop -> running.put(stop.timer().id(), false);
      case Action.WakeEvent wake -> wake(wake.event().id());
      case Action.PutToSleep sleep ->
          events.stream()
              .filter(it -> it.id.equals(sleep.event().id()))
              .forEach(it -> it.awake = false);
      case Action.If branch -> {
        return list(
            holds(branch.condition(), step.turn()) ? branch.then() : branch.otherwise(),
            step.turn());
      }
      case Action.ForEach each -> {
        return turns(each);
      }
      case Action.Harm _ -> {}
      default -> throw new IllegalStateException(step.action() + " is not known to the oracle");
    }
    return List.of();
  }

  /** Who acts one after another is all up at the beginning, for in these scenes nobody dies. */
  private List<Step> turns(Action.ForEach each) {
    List<Step> steps = new ArrayList<>();
    List<String> some = world.some(each.who());
    for (String unit : some) {
      if (!unit.equals(some.getFirst())) {
        steps.add(new Step(each.time(), null, unit));
      }
      steps.addAll(list(each.lines(), unit));
    }
    return steps;
  }

  private void wake(String id) {
    for (Memory memory : events) {
      if (memory.id.equals(id)) {
        memory.awake = true;
        memory.wasTrue = false;
        memory.ready = true;
      }
    }
  }

  private double amount(Amount amount) {
    return switch (amount) {
      case Amount.Number number -> number.value();
      case Amount.ByTerms by -> by.number().at(NaiveWorld.TERMS);
      case Amount.Formula formula -> read(formula.of()) * formula.times() + formula.plus();
      case Amount.Between _ -> throw new IllegalStateException("chance is not for the oracle");
    };
  }

  private double read(Reading reading) {
    return switch (reading) {
      case Reading.OfCounter of -> counters.get(of.counter().id());
      case Reading.HowMany many -> world.all(many.who()).size();
      case Reading.Played _ -> now * 0.05;
      case Reading.LeftOf left -> timers.get(left.timer().id()) * 0.05;
      case Reading.Extreme of when of.measure() == Reading.OfUnit.HEALTH ->
          extreme(of.end(), world.all(of.who()).stream().mapToDouble(world::health));
      case Reading.Away away ->
          world.all(away.who()).stream()
              .mapToDouble(it -> world.far(it, away.place()))
              .min()
              .orElse(1e6);
      case Reading.Apart apart ->
          world.all(apart.who()).stream()
              .flatMapToDouble(
                  it ->
                      world.all(apart.whom()).stream()
                          .filter(other -> !other.equals(it))
                          .mapToDouble(other -> world.apart(it, other)))
              .min()
              .orElse(1e6);
      case Reading.TimesFired of -> memory(of.event().id()).fired;
      default -> throw new IllegalStateException(reading + " is not known to the oracle");
    };
  }

  private static double extreme(Reading.End end, DoubleStream values) {
    return (end == Reading.End.GREATEST ? values.max() : values.min()).orElse(0);
  }

  /** Whether a condition holds at this moment, for whose turn it is. */
  private boolean holds(Condition condition, String turn) {
    return switch (condition) {
      case Condition.All all ->
          !all.parts().isEmpty()
              && all.parts().values().stream().filter(it -> !holds(it.condition(), turn)).count()
                  == 0;
      case Condition.Any any ->
          any.parts().values().stream().filter(it -> holds(it.condition(), turn)).count() > 0;
      case Condition.Not not -> !holds(not.of(), turn);
      case Happening happening -> isOf(happening, through);
      case Condition.HeldFor held -> heldFor(held, turn);
      case Condition.ByChance chance -> comesUp(chance);
      case Condition.FlagIs is -> flags.get(is.flag().id()) == (is.on() == Condition.OnOff.ON);
      case Condition.CounterIs is ->
          is.comparison().holds(counters.get(is.counter().id()), amount(is.amount()));
      case Condition.ComesTo comes ->
          comes.comparison().holds(amount(comes.one()), amount(comes.other()));
      case Condition.ObjectiveIs is -> objectives.get(is.objective().id()) == is.state();
      case Condition.Elapsed elapsed ->
          elapsed
              .comparison()
              .holds(
                  now,
                  elapsed.time().at(NaiveWorld.TERMS) == 0
                      ? 0
                      : steps(elapsed.time().at(NaiveWorld.TERMS)));
      case Condition.Fired of -> memory(of.event().id()).fired > 0;
      case Condition.FiredOften of ->
          of.comparison().holds(memory(of.event().id()).fired, amount(of.times()));
      case Condition.Runs runs -> running.get(runs.timer().id());
      case Condition.RunOut out -> timers.get(out.timer().id()) == 0;
      case Condition.TimeLeft left ->
          left.comparison().holds(timers.get(left.timer().id()) * 0.05, amount(left.time()));
      case Condition.Inside in -> enough(in.who(), turn, it -> world.inside(it, in.zone().id()));
      case Condition.BeenInside in ->
          enough(in.who(), turn, it -> world.beenInside(it, in.zone().id()));
      case Condition.HasLeft in ->
          enough(
              in.who(),
              turn,
              it -> world.beenInside(it, in.zone().id()) && !world.inside(it, in.zone().id()));
      case Condition.CameBack in ->
          enough(in.who(), turn, it -> world.cameBack(it, in.zone().id()));
      case Condition.Close close ->
          enough(
              close.who(),
              turn,
              it -> {
                double metres = amount(close.distance());
                return holds(
                    close.whom().quantifier(),
                    world.all(close.whom().whom()).stream()
                        .filter(other -> !other.equals(it))
                        .toList(),
                    other -> world.apart(it, other) <= metres);
              });
      case Condition.Near near ->
          enough(
              near.who(),
              turn,
              it -> near.comparison().holds(world.far(it, near.place()), amount(near.distance())));
      case Condition.Facing facing ->
          enough(facing.who(), turn, it -> world.faces(it, facing.place()));
      case Condition.Health health ->
          enough(
              health.who(),
              turn,
              it -> health.comparison().holds(world.health(it), amount(health.percent())));
      default -> throw new IllegalStateException(condition + " is not known to the oracle");
    };
  }

  private Memory memory(String id) {
    return events.stream().filter(it -> it.id.equals(id)).findFirst().orElseThrow();
  }

  private boolean heldFor(Condition.HeldFor held, String turn) {
    int before = inAll.getOrDefault(held, 0);
    if (!holds(held.of(), turn)) {
      Integer began = since.remove(held);
      if (began != null && held.inAll()) {
        before = inAll.merge(held, now - began, Integer::sum);
      }
      return before >= steps(held.seconds().at(NaiveWorld.TERMS));
    }
    return before + now - since.computeIfAbsent(held, _ -> now)
        >= steps(held.seconds().at(NaiveWorld.TERMS));
  }

  /** Whether what is asked holds for as many of some as it takes. */
  private boolean enough(Selector who, String turn, Predicate<String> asked) {
    if (who.whom() instanceof Selector.ThisOne) {
      return turn != null && asked.test(turn);
    }
    return holds(who.quantifier(), world.all(who.whom()), asked);
  }

  private static boolean holds(
      Selector.Quantifier quantifier, List<String> living, Predicate<String> asked) {
    long holding = living.stream().filter(asked).count();
    return switch (quantifier) {
      case Selector.Any _ -> holding > 0;
      case Selector.All _ -> !living.isEmpty() && holding == living.size();
      case Selector.None _ -> holding == 0;
      case Selector.AtLeast least -> holding >= least.count().count();
      case Selector.Share share ->
          !living.isEmpty()
              && holding * 100.0 / living.size() >= share.percent().at(NaiveWorld.TERMS);
    };
  }
}
