package org.flintmoss.script;

import java.util.List;
import java.util.Set;
import org.flintmoss.mission.word.Terms;

/**
 * A mission's events, compiled for some terms. Immutable.
 *
 * @param programs in the order in which events of one round fire: by chapter, then by event
 * @param facts interned; conditions name them by number
 * @param readers for each fact, the programs that read it
 * @param holders for each slot that a run keeps for a duration, the program it belongs to
 * @param turns how many slots a run keeps for whose turn it is
 * @param crowds those of whom facts ask whether they are seen, or how near they are, by number
 * @param amounts those that facts compare with others, by number
 * @param victims those whose dead are counted, by number
 * @param sites how many sites choose among several places
 * @param notes the texts of notes
 * @param speeches the conversations, by their number
 * @param aims what players read of objectives, by their number
 * @param debriefings what players read of endings, by their number
 * @param spawner where those come in who are brought in
 * @param waves the wave plans, by their number
 * @param workings what zones do
 * @param questions what players are asked by choices, by their number
 * @param answers for each answer, the program that keeps what has to hold for it; -1 for none
 * @param rows for each row of the exchanges, as they are numbered together, the same
 * @param measures all that any sentence measures
 */
public record Script(
    List<Program> programs,
    List<Fact> facts,
    int[][] readers,
    int[] holders,
    int turns,
    List<Crowd> crowds,
    List<Quantity> amounts,
    List<Crowd> victims,
    int sites,
    List<Told> notes,
    List<Arrival> arrivals,
    List<Speech> speeches,
    List<Aim> aims,
    List<Told> debriefings,
    List<WaveScript> waves,
    List<ZoneWorking> workings,
    List<Told> questions,
    int[] answers,
    int[] rows,
    Set<Measure> measures) {
  /** Steps of simulation in a second. */
  public static final int STEPS_PER_SECOND = 20;

  /**
   * The number of the arrival beside a member of the cast; those follow the numbers of the arrivals
   * that the mission names.
   */
  public int beside(int member) {
    return arrivals.size() + member;
  }

  /** An arrival by its number. */
  public Arrival arrival(int number) {
    return number < arrivals.size()
        ? arrivals.get(number)
        : new Arrival.Near(new Spot.Of(number - arrivals.size(), 0, 0), -1, 0);
  }

  /** How many slots for durations a run keeps. */
  public int holds() {
    return holders.length;
  }

  /** Whether any event fires through what happens. */
  public boolean happens() {
    return programs.stream().anyMatch(Program::happens);
  }

  /** Whether any event fires through what happens so. */
  public boolean asks(Trigger.Of of) {
    return programs.stream()
        .anyMatch(it -> it.triggers().stream().anyMatch(trigger -> trigger.of() == of));
  }

  /** The most slots for whose turn it is that a firing through what happens needs. */
  public int turnsOfFirings() {
    return programs.stream().filter(Program::happens).mapToInt(Program::turns).max().orElse(0);
  }

  /**
   * Compiles the events of a cast's mission.
   *
   * @param errands the orders of the mission, to which those that events give are added
   * @param book what sentences measure
   */
  public static Script compile(
      ActorIndex actors, Terms terms, CompiledOrders errands, Measure.Book book) {
    return new Compiler(actors, terms, errands, book).script();
  }

  /** Seconds as whole steps, at least one. */
  public static int steps(double seconds) {
    return (int) Math.max(1, Math.floor(seconds * STEPS_PER_SECOND + 0.5));
  }

  /** The number of an event among the programs; -1 if there is none of that id. */
  public int program(String id) {
    for (int i = 0; i < programs.size(); i++) {
      if (programs.get(i).id().equals(id)) {
        return i;
      }
    }
    return -1;
  }
}
