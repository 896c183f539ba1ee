package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.script.Ending;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.script.WavePlan;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.Program;
import org.flintmoss.script.Speech;
import org.flintmoss.script.WaveScript;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.state.Causes;

/** Reads the report of a trial from its world and its log of causes. */
final class Reporter {
  private Reporter() {}

  static Report report(Trial trial) {
    World world = trial.world();
    Ending ending = world.over() ? world.ending() : null;
    List<String> chasing = world.chasing();
    return new Report(
        ending == null ? "unfinished" : ending.outcome().name().toLowerCase(Locale.ROOT),
        ending == null ? null : ending.name(),
        ending == null ? null : world.told().debriefing(),
        world.read().step() / (double) Plan.STEPS_PER_SECOND,
        world.read().step(),
        trial.hash(),
        world.seed(),
        trial.difficulty().name().toLowerCase(Locale.ROOT),
        events(world),
        objectives(world),
        units(world),
        lines(world),
        waves(world),
        sides(world),
        seats(world),
        courses(world),
        chasing.isEmpty()
            ? null
            : "these events do not come to rest within a step: " + String.join(", ", chasing));
  }

  private static List<Report.EventReport> events(World world) {
    List<Report.EventReport> events = new ArrayList<>();
    List<Causes.Entry> log = world.causes().from(0);
    List<Program> programs = world.plan().script().programs();
    for (int i = 0; i < programs.size(); i++) {
      int event = i;
      List<Report.Firing> fired =
          log.stream()
              .filter(entry -> entry.kind() == Causes.Kind.FIRED && entry.subject() == event)
              .map(entry -> new Report.Firing(entry.step(), person(world, entry.detail())))
              .toList();
      events.add(new Report.EventReport(programs.get(i).id(), programs.get(i).name(), fired));
    }
    return events;
  }

  private static Report.Person person(World world, int unit) {
    return unit < 0
        ? null
        : new Report.Person(
            world.plan().actors().members().get(unit).ref().id(), world.plan().name(unit));
  }

  private static List<Report.ObjectiveReport> objectives(World world) {
    List<Causes.Entry> log = world.causes().from(0);
    List<String> ids = List.copyOf(world.plan().mission().objectives().keySet());
    return Ordered.sort(world.plan().mission().objectives()).stream()
        .map(
            objective -> {
              int number = ids.indexOf(objective.getKey());
              ObjectiveState state = world.script().objective(number);
              return new Report.ObjectiveReport(
                  objective.getValue().name(),
                  word(objective.getValue().rank()),
                  word(state),
                  turned(log, number));
            })
        .toList();
  }

  private static int turned(List<Causes.Entry> log, int objective) {
    return log.stream()
        .filter(entry -> entry.kind() == Causes.Kind.OBJECTIVE && entry.subject() == objective)
        .mapToInt(Causes.Entry::step)
        .max()
        .orElse(0);
  }

  private static List<Report.LineReport> lines(World world) {
    return world.causes().from(0).stream()
        .filter(entry -> entry.kind() == Causes.Kind.LINE)
        .map(
            entry -> {
              Speech speech = world.plan().script().speeches().get(entry.subject());
              Speech.Line line = speech.lines().get(entry.detail());
              String speaker = line.speaker() == null ? "" : line.speaker().name();
              return new Report.LineReport(
                  entry.step(), speaker, world.causes().words(entry.ordinal()));
            })
        .toList();
  }

  private static List<Report.WaveReport> waves(World world) {
    Mission mission = world.plan().mission();
    List<WavePlan> plans = List.copyOf(mission.wavePlans().values());
    List<Wave> waves = List.copyOf(mission.waves().values());
    List<Report.WaveReport> reports = new ArrayList<>();
    for (int plan = 0; plan < plans.size(); plan++) {
      for (WaveScript.Wave wave : world.plan().script().waves().get(plan).waves()) {
        reports.add(
            new Report.WaveReport(
                plans.get(plan).name(),
                waves.get(wave.number()).name(),
                world.script().waveCame(wave.number()),
                world.script().waveCleared(wave.number()),
                brought(world, wave),
                mustered(world, wave)));
      }
    }
    return reports;
  }

  /** How many of a wave have come into play, whenever it came. */
  private static int brought(World world, WaveScript.Wave wave) {
    BitSet places = new BitSet();
    Arrays.stream(wave.everybody()).forEach(places::set);
    return (int)
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.CAME && places.get(it.subject()))
            .count();
  }

  /** How many a wave was to bring, as often as it came, or would once. */
  private static int mustered(World world, WaveScript.Wave wave) {
    int each = wave.parties().stream().mapToInt(party -> party.turns().getFirst().length).sum();
    long comings =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.WAVE && it.subject() == wave.number())
            .count();
    return each * (int) Math.max(1, comings);
  }

  private static List<Report.SideReport> sides(World world) {
    Readings read = world.read();
    List<Report.SideReport> sides = new ArrayList<>();
    world
        .plan()
        .mission()
        .sides()
        .forEach(
            (id, side) -> {
              int[] of =
                  Arrays.stream(world.plan().actors().ofSide(new Ref(Family.SIDES, id)))
                      .filter(read::present)
                      .toArray();
              int up = (int) Arrays.stream(of).filter(read::up).count();
              int dead = (int) Arrays.stream(of).filter(read::dead).count();
              sides.add(
                  new Report.SideReport(side.name(), of.length, up, of.length - up - dead, dead));
            });
    return sides;
  }

  /** Of each course, how those stand on it who are or were in play. */
  private static List<Report.CourseReport> courses(World world) {
    List<Report.CourseReport> courses = new ArrayList<>();
    int number = 0;
    for (Course course : world.plan().mission().courses().values()) {
      List<Report.OnCourse> players = new ArrayList<>();
      for (int seat = 0; seat < world.plan().seats(); seat++) {
        int unit = world.plan().seat(seat);
        ToldReadings.OnCourse on = world.told().onCourse(number, seat);
        boolean runs = on.passed() > 0 || world.read().present(unit) || world.read().dead(unit);
        if (runs) {
          players.add(
              new Report.OnCourse(
                  world.plan().name(unit),
                  on.passed(),
                  on.of(),
                  on.laps(),
                  on.seconds(),
                  on.bestLap(),
                  on.place()));
        }
      }
      courses.add(new Report.CourseReport(course.name(), players));
      number++;
    }
    return courses;
  }

  private static List<Report.SeatReport> seats(World world) {
    List<Causes.Entry> log = world.causes().from(0);
    List<Report.SeatReport> seats = new ArrayList<>();
    for (int seat = 0; seat < world.plan().seats(); seat++) {
      int unit = world.plan().seat(seat);
      seats.add(
          new Report.SeatReport(
              world.plan().name(unit),
              count(log, unit, true, Causes.Kind.STRUCK),
              count(log, unit, true, Causes.Kind.HIT),
              count(log, unit, false, Causes.Kind.HIT),
              count(log, unit, false, Causes.Kind.DOWN, Causes.Kind.DIED, Causes.Kind.FELL),
              count(log, unit, true, Causes.Kind.DOWN, Causes.Kind.DIED, Causes.Kind.FELL)));
    }
    return seats;
  }

  /** How many entries of some kinds have a unit as subject, or else as detail. */
  private static int count(
      List<Causes.Entry> log, int unit, boolean subject, Causes.Kind... kinds) {
    List<Causes.Kind> of = List.of(kinds);
    return (int)
        log.stream()
            .filter(entry -> of.contains(entry.kind()))
            .filter(entry -> (subject ? entry.subject() : entry.detail()) == unit)
            .count();
  }

  private static String word(Enum<?> state) {
    return state.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private static List<Report.UnitReport> units(World world) {
    Readings read = world.read();
    List<Report.UnitReport> units = new ArrayList<>();
    for (int unit = 0; unit < world.plan().units(); unit++) {
      String standing = read.down(unit) ? "down" : "up";
      String condition = read.dead(unit) ? "dead" : read.present(unit) ? standing : "not in play";
      units.add(new Report.UnitReport(world.plan().name(unit), condition));
    }
    return units;
  }
}
