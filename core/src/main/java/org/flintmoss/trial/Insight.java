package org.flintmoss.trial;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.FactReading;
import org.flintmoss.simulation.script.ScriptReadings;
import org.flintmoss.simulation.state.Task;
import org.jspecify.annotations.Nullable;

/** What a designer is shown of a run and no player knows: minds, zones, facts and conditions. */
public final class Insight {
  /**
   * What a unit that acts on its own has in mind.
   *
   * @param unit its number
   * @param task what it is about
   * @param order what it, or its squad, is ordered to do
   * @param sent whether it was sent to a place, which goes before its order
   * @param firmness how firmly it holds to that
   * @param kept how alert the script keeps it at least; null where it does not
   * @param gate the id of the gate at which it waits to go on after its target; null for none
   * @param keptFor seconds for which it is kept so; -1 for until it is calmed
   * @param way the corners before it: x, y, x, y, …
   * @param target the number of whom it goes for; -1 for nobody
   * @param notice how much it has noticed, percent
   * @param x where it last knew somebody, metres east
   * @param y where it last knew somebody, metres north
   * @param ago seconds since it saw whom it goes for
   */
  public record Mind(
      int unit,
      Task task,
      Order order,
      boolean sent,
      Firmness firmness,
      @Nullable Alertness kept,
      int keptFor,
      @Nullable String gate,
      List<Double> way,
      int target,
      int notice,
      double x,
      double y,
      int ago) {}

  /** What the things of the script stand at, each by its id. */
  public record Facts(
      Map<String, List<Integer>> zones,
      Map<String, Boolean> flags,
      Map<String, Double> counters,
      Map<String, Double> timers,
      Map<String, String> objectives,
      Map<String, String> waves,
      Air air) {}

  /**
   * The weather: its name in lower case, the wind's speed in metres a second and the bearing it
   * blows from, and the visibility in metres.
   */
  public record Air(String weather, double wind, double from, double visibility) {}

  /**
   * A condition, shaped as in the document.
   *
   * @param holds whether it is true
   * @param open whether it rests on an open reference
   * @param gauge what a single sentence reads; null for a group
   * @param forSeconds for how long what it waits for has been true; null for anything else
   * @param parts of a group, or what is negated or waited for
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Why(
      boolean holds,
      boolean open,
      @Nullable FactReading gauge,
      @Nullable Double forSeconds,
      @Nullable List<Why> parts) {}

  /**
   * How an event stands.
   *
   * @param fired how often it has fired
   * @param last the step at which it last did; 0 for never
   * @param line the line it waits before, from 0; -1 for none
   * @param due seconds until that line
   */
  public record EventStatus(
      String id, int fired, int last, State why, int line, double due, Why when) {}

  /** Why an event does not fire now. */
  public enum State {
    /** Its condition is not true. */
    @JsonProperty("awaits")
    AWAITS,
    /** It is asleep. */
    @JsonProperty("asleep")
    ASLEEP,
    /** It has fired as often as it may. */
    @JsonProperty("spent")
    SPENT,
    /** It is not ready again. */
    @JsonProperty("resting")
    RESTING,
    /** It has fired, and waits before its next line. */
    @JsonProperty("waits")
    WAITS
  }

  private final World world;
  private final Readings read;
  private final ScriptReadings script;

  /** The insight into a world. */
  public Insight(World world) {
    this.world = world;
    read = world.read();
    script = world.script();
  }

  /** Everybody in play who acts on their own. */
  public List<Mind> minds() {
    List<Mind> minds = new ArrayList<>();
    for (int unit = 0; unit < world.plan().units(); unit++) {
      if (read.up(unit) && !read.seated(unit)) {
        int seconds = (read.step() - read.seen(unit)) / Plan.STEPS_PER_SECOND;
        boolean kept = read.kept(unit) != Alertness.UNAWARE;
        minds.add(
            new Mind(
                unit,
                read.task(unit),
                read.order(unit),
                read.sent(unit),
                read.firmness(unit),
                kept ? read.kept(unit) : null,
                read.keptFor(unit),
                gate(unit),
                rounded(read.way(unit)),
                read.target(unit),
                (int) Math.floor(read.notice(unit) * 100 + 0.5),
                round(read.knownX(unit)),
                round(read.knownY(unit)),
                read.target(unit) < 0 ? 0 : seconds));
      }
    }
    return minds;
  }

  private String gate(int unit) {
    int gate = read.waitsAt(unit);
    return gate < 0 ? null : List.copyOf(world.plan().mission().gates().keySet()).get(gate);
  }

  private static double round(double metres) {
    return Math.floor(metres * 10 + 0.5) / 10;
  }

  private static List<Double> rounded(double[] way) {
    return Arrays.stream(way).map(Insight::round).boxed().toList();
  }

  /** Who is where, and what flags, counters, timers, objectives and waves stand at. */
  public Facts facts() {
    var mission = world.plan().mission();
    Facts facts =
        new Facts(
            new TreeMap<>(),
            new TreeMap<>(),
            new TreeMap<>(),
            new TreeMap<>(),
            new TreeMap<>(),
            new TreeMap<>(),
            air());
    int number = 0;
    for (String zone : mission.zones().keySet()) {
      facts.zones().put(zone, inside(number++));
    }
    number = 0;
    for (String flag : mission.flags().keySet()) {
      facts.flags().put(flag, script.flag(number++));
    }
    number = 0;
    for (String counter : mission.counters().keySet()) {
      facts.counters().put(counter, script.counter(number++));
    }
    number = 0;
    for (String timer : mission.timers().keySet()) {
      facts.timers().put(timer, script.runs(number) ? world.told().dial(number).seconds() : -1.0);
      number++;
    }
    number = 0;
    for (String objective : mission.objectives().keySet()) {
      String state = script.objective(number++).name().toLowerCase(Locale.ROOT).replace('_', ' ');
      facts.objectives().put(objective, state);
    }
    number = 0;
    for (String wave : mission.waves().keySet()) {
      facts.waves().put(wave, wave(number++));
    }
    return facts;
  }

  private Air air() {
    return new Air(
        read.weather().name().toLowerCase(Locale.ROOT),
        round(read.wind().speed()),
        Math.floor(read.wind().from() + 0.5),
        Math.floor(read.visibility() + 0.5));
  }

  private List<Integer> inside(int zone) {
    List<Integer> inside = new ArrayList<>();
    for (int unit = 0; unit < world.plan().units(); unit++) {
      if (read.up(unit) && read.inside(unit, zone)) {
        inside.add(unit);
      }
    }
    return inside;
  }

  private String wave(int wave) {
    if (script.waveCleared(wave) > 0) {
      return "cleared";
    }
    return script.waveCame(wave) > 0 ? "come" : "not yet";
  }

  /** How every event stands, in the order in which they fire. */
  public List<EventStatus> events() {
    List<Program> programs = world.plan().script().programs();
    List<EventStatus> events = new ArrayList<>();
    for (int event = 0; event < programs.size(); event++) {
      Program program = programs.get(event);
      events.add(
          new EventStatus(
              program.id(),
              script.fired(event),
              script.lastFired(event),
              state(event, program),
              script.line(event),
              round(script.lineDue(event)),
              why(program.when(), event)));
    }
    return events;
  }

  private State state(int event, Program program) {
    if (script.line(event) >= 0) {
      return State.WAITS;
    }
    if (!script.awake(event)) {
      return State.ASLEEP;
    }
    if (program.times() > 0 && script.fired(event) >= program.times()) {
      return State.SPENT;
    }
    return script.ready(event) ? State.AWAITS : State.RESTING;
  }

  private Why why(Node node, int event) {
    return switch (node) {
      case Node.Is is ->
          new Why(script.truth(is.fact()), false, script.gauge(is.fact()), null, null);
      case Node.All all -> {
        List<Why> parts = all.parts().stream().map(part -> why(part, event)).toList();
        boolean holds = !parts.isEmpty() && parts.stream().allMatch(Why::holds);
        yield new Why(holds, false, null, null, parts);
      }
      case Node.Any any -> {
        List<Why> parts = any.parts().stream().map(part -> why(part, event)).toList();
        yield new Why(parts.stream().anyMatch(Why::holds), false, null, null, parts);
      }
      case Node.Not not -> {
        Why of = why(not.of(), event);
        yield new Why(!of.holds(), false, null, null, List.of(of));
      }
      case Node.HeldFor held -> {
        int steps = script.heldFor(held.slot());
        double seconds = steps / (double) Plan.STEPS_PER_SECOND;
        yield new Why(
            steps >= held.steps(), false, null, round(seconds), List.of(why(held.of(), event)));
      }
      case Node.Luck luck -> new Why(script.lucky(event, luck), false, null, null, null);
      case Node.Happens _ -> new Why(false, false, null, null, null);
      case Node.AtMoment _, Node.Never _ -> new Why(false, true, null, null, null);
    };
  }
}
