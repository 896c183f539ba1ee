package org.flintmoss.trial;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came of a trial.
 *
 * @param outcome {@code won}, {@code lost} or {@code unfinished}
 * @param ending the name of the ending; null while unfinished
 * @param debriefing the words of the ending; null while unfinished
 * @param seconds of play
 * @param stateHash of the last state, 16 hexadecimal digits
 * @param stopped why the script was stopped; null if it was not
 */
@JsonInclude(JsonInclude.Include.ALWAYS)
public record Report(
    String outcome,
    @Nullable String ending,
    @Nullable String debriefing,
    double seconds,
    int steps,
    String stateHash,
    long seed,
    String difficulty,
    List<EventReport> events,
    List<ObjectiveReport> objectives,
    List<UnitReport> units,
    List<LineReport> lines,
    List<WaveReport> waves,
    List<SideReport> sides,
    List<SeatReport> seats,
    List<CourseReport> courses,
    @Nullable String stopped) {
  /** An event, by id and name, and each of its firings in their order. */
  public record EventReport(String id, String name, List<Firing> fired) {}

  /** A firing: its step, and through whom; null for nobody. */
  public record Firing(int step, @Nullable Person causer) {}

  /** A unit or player's start, by id and name. */
  public record Person(String id, String name) {}

  /** A line that was said: when, by whom, the words. */
  public record LineReport(int step, String speaker, String text) {}

  /**
   * A wave of a plan.
   *
   * @param came the step at which it came; 0 if it did not
   * @param cleared the step at which nobody of it was left; 0 while somebody was
   * @param brought how many of it came into play
   * @param of how many it has at this difficulty
   */
  public record WaveReport(String plan, String wave, int came, int cleared, int brought, int of) {}

  /** How many of a side came into play, and how they fare at the end. */
  public record SideReport(String name, int of, int up, int down, int dead) {}

  /**
   * What the unit of a seat did.
   *
   * @param strikes blows and shots
   * @param hits those of them that hit
   * @param taken blows and shots of others that hit it
   * @param felled whom it brought down or killed
   * @param fell how often it went down or died itself
   */
  public record SeatReport(String name, int strikes, int hits, int taken, int felled, int fell) {}

  /** A course, and how each player stands on it. */
  public record CourseReport(String name, List<OnCourse> players) {}

  /**
   * How a player stands on a course.
   *
   * @param passed how many zones were passed, those of all laps together, of how many
   * @param seconds on it, or what it took; 0 before it begins
   * @param bestLap seconds; 0 before the first lap is done
   * @param place 1 for the first
   */
  public record OnCourse(
      String name, int passed, int of, int laps, double seconds, double bestLap, int place) {}

  /** An objective, its rank and state, and the step at which it came to it; 0 from the start. */
  public record ObjectiveReport(String name, String rank, String state, int step) {}

  /** A unit and how it fares: {@code up}, {@code down}, {@code dead} or {@code not in play}. */
  public record UnitReport(String name, String condition) {}
}
