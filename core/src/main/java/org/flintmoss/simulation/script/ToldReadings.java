package org.flintmoss.simulation.script;

import java.util.Arrays;
import java.util.List;
import org.flintmoss.mission.script.Speaker;
import org.flintmoss.script.Quantity;
import org.flintmoss.simulation.players.Choices;
import org.flintmoss.simulation.players.Courses;
import org.flintmoss.simulation.players.Trades;
import org.jspecify.annotations.Nullable;

/** What players are told and shown in a run, by their seats. */
public final class ToldReadings {
  private final ScriptContext context;

  ToldReadings(ScriptContext context) {
    this.context = context;
  }

  /** The number of the view that a seat is shown; -1 for none. */
  public int view(int seat) {
    return context.screens.view(seat);
  }

  /** Whether a seat has been shown an objective, by its number. */
  public boolean shown(int objective, int seat) {
    return context.screens.objective(objective, seat);
  }

  /** Words that are said, and by whom; the speaker is null for nobody that is there. */
  public record Heard(String text, @Nullable Speaker speaker) {}

  /** What players read of an objective besides its name, with its figures as they are now. */
  public String text(int objective) {
    return context.figures.words(context.plan.script().aims().get(objective).text());
  }

  /** What an objective's counter is to come to; 0 where it counts nothing that is there. */
  public double goal(int objective) {
    Quantity of = context.plan.script().aims().get(objective).of();
    return of == null ? 0 : context.figures.of(of);
  }

  /** What players read of the ending that was decided, with its figures as they are now. */
  public String debriefing() {
    int ending = context.clock.ending();
    return context.figures.words(context.plan.script().debriefings().get(ending));
  }

  /** What a seat hears said now; null for silence. */
  public Heard heard(int seat) {
    return context.talk.heard(seat);
  }

  /** Whether a seat sees a marker, by its number. */
  public boolean marked(int marker, int seat) {
    return context.screens.marker(marker, seat);
  }

  /**
   * What players see of a timer.
   *
   * @param seconds what it shows, in whole seconds
   * @param splits the last that were kept, seconds
   */
  public record Dial(int seconds, List<Double> splits) {}

  /** What players see of a timer, by its number. */
  public Dial dial(int timer) {
    return context.timers.shown(timer);
  }

  /** Whether a seat sees a timer, by its number, while it runs. */
  public boolean timed(int timer, int seat) {
    return context.screens.timer(timer, seat);
  }

  /**
   * How a player stands on a course.
   *
   * @param passed how many zones were passed, those of all laps together
   * @param of how many finish it
   * @param laps how many laps were done
   * @param seconds for how long they have been on it, or what it took them; 0 before it begins
   * @param split seconds to the zone that was passed last
   * @param bestLap seconds of the best lap; 0 before the first
   * @param place 1 for the first
   * @param next the number of the zone that is passed next; -1 for one who has finished
   */
  public record OnCourse(
      int passed,
      int of,
      int laps,
      double seconds,
      double split,
      double bestLap,
      int place,
      int next) {}

  /** How the player in a seat stands on a course, by its number. */
  public OnCourse onCourse(int course, int seat) {
    int unit = context.plan.seat(seat);
    Courses courses = context.courses;
    return new OnCourse(
        courses.passed(course, unit),
        courses.passages(course),
        courses.laps(course, unit),
        courses.seconds(course, unit),
        courses.split(course, unit),
        courses.bestLap(course, unit),
        courses.place(course, unit),
        courses.next(course, unit));
  }

  /** Whether a seat is offered a call, by its number. */
  public boolean offered(int call, int seat) {
    return context.screens.offered(call, seat);
  }

  /** Whether a seat can send a call now. */
  public boolean canSend(int call, int seat) {
    return context.calls.ready(call, seat);
  }

  /**
   * What a seat is asked.
   *
   * @param choice its number
   * @param until the step of the run at which the time is over; 0 for never
   * @param answers in their order
   * @param voted how many of those who are asked have voted
   * @param voters how many players are asked
   */
  public record Asked(int choice, int until, List<Answerable> answers, int voted, int voters) {}

  /**
   * An answer that a seat is shown.
   *
   * @param answer its number
   * @param able whether the seat can give it
   * @param votes how many vote for it
   * @param own whether the seat votes for it
   */
  public record Answerable(int answer, boolean able, int votes, boolean own) {}

  /** What a seat is asked; null for nothing. */
  public @Nullable Asked asked(int seat) {
    Choices choices = context.choices;
    int choice = choices.now(seat);
    if (choice < 0) {
      return null;
    }
    List<Answerable> answers =
        Arrays.stream(choices.answers(choice))
            .mapToObj(
                it ->
                    new Answerable(
                        it, choices.able(it, seat), choices.votes(it), choices.voted(it, seat)))
            .toList();
    int left = choices.left(choice);
    return new Asked(
        choice,
        left == 0 ? 0 : context.clock.runStep() + left,
        answers,
        answers.stream().mapToInt(Answerable::votes).sum(),
        choices.voters(choice));
  }

  /** The exchange that a seat has open, by its number; -1 for none. */
  public int trading(int seat) {
    return context.trading.exchange(context.plan.seat(seat));
  }

  /** The rows of all exchanges, numbered together. */
  public List<Trades.Offered> trades() {
    return context.trades.rows();
  }

  /**
   * How a row of an exchange is to a seat that has it open.
   *
   * @param able whether what it asks for holds
   * @param left how often it can be taken; -1 for without limit
   * @param there whether what it gives is there
   * @param pays whether the player can pay
   */
  public record Tradable(boolean able, int left, boolean there, boolean pays) {}

  /** How a row is to a seat, by its number. */
  public Tradable tradable(int row, int seat) {
    Trades trades = context.trades;
    return new Tradable(
        trades.able(row, seat),
        trades.left(row),
        trades.there(row),
        trades.pays(row, context.plan.seat(seat)));
  }

  /** What players are asked by a choice, by its number, with its figures as they are now. */
  public String question(int choice) {
    return context.figures.words(context.plan.script().questions().get(choice));
  }

  /** Why a seat cannot send a call now that it is offered, in a few words; null if it can. */
  public String lacks(int call, int seat) {
    return context.calls.lacks(call, context.plan.seat(seat));
  }
}
