package org.flintmoss.trial;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.script.Counter;
import org.flintmoss.mission.script.Flag;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.word.EnumWord;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.word.Thing;
import org.flintmoss.script.Speech;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.combat.Outcome;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.space.Effects;
import org.flintmoss.simulation.state.Causes;

/** The log of causes in words. */
public final class Chronicle {
  private final Plan plan;
  private final Mission mission;
  private final Causes causes;

  /** The chronicle of a run. */
  public Chronicle(World world) {
    plan = world.plan();
    causes = world.causes();
    mission = plan.mission();
  }

  /** An entry in a sentence. */
  public String says(Causes.Entry entry) {
    int subject = entry.subject();
    int detail = entry.detail();
    return switch (entry.kind()) {
      case FIRED -> event(subject) + " fired" + (detail < 0 ? "" : ", through " + unit(detail));
      case DROPPED ->
          event(subject)
              + " was due again while it still waited; dropped"
              + (detail < 0 ? "" : ", through " + unit(detail));
      case OBJECTIVE -> name(Family.OBJECTIVES, subject) + ": " + state(detail);
      case DECIDED -> "Decided: " + name(Family.ENDINGS, subject);
      case OVER -> "Over: " + name(Family.ENDINGS, subject);
      case NOTE -> seats(detail, "is", "are") + " told: " + causes.words(entry.ordinal());
      case LINE -> line(entry) + only(" (to %s alone)", entry.through());
      case SAID -> name(Family.CONVERSATIONS, subject) + " is over";
      case COURSE_PASSED -> unit(subject) + " passes a zone of " + name(Family.COURSES, detail);
      case COURSE_MISSED -> unit(subject) + " goes wrong on " + name(Family.COURSES, detail);
      case COURSE_FINISHED -> unit(subject) + " finishes " + name(Family.COURSES, detail);
      case ZONE_ACTS ->
          "%s is %s %s"
              .formatted(
                  unit(subject),
                  plan.script().workings().get(entry.through()).of().work().deed().said(),
                  name(Family.ZONES, detail));
      case WENT_BACK ->
          "The world went back to "
              + (subject < 0 ? "its checkpoint" : name(Family.ZONES, subject));
      case QUEUES ->
          unit(subject) + " finds no room where it would be put by " + name(Family.ZONES, detail);
      case IN_EFFECT -> unit(subject) + " is in " + name(Family.EFFECTS, detail);
      case EFFECT ->
          name(Family.EFFECTS, subject)
              + (detail == 1 ? " begins" : " ends" + ended(Effects.End.values()[entry.through()]));
      case MARKER ->
          name(Family.MARKERS, subject)
              + (detail == 1
                  ? " is shown" + only(" to %s", entry.through())
                  : " is hidden" + only(" from %s", entry.through()));
      case FLAG -> name(Family.FLAGS, subject) + (detail == 1 ? " turned on" : " turned off");
      case COUNTER -> name(Family.COUNTERS, subject) + " changed";
      case NOTICED -> unit(subject) + " noticed " + unit(detail);
      case HEARD ->
          unit(subject) + (detail == 1 ? " heard something and goes to see" : " heard something");
      case GAVE_UP -> unit(subject) + " gave up on " + unit(detail);
      case CAME -> unit(subject) + " came into play";
      case WEATHER ->
          "The weather turns: " + Setting.Weather.values()[subject].name().toLowerCase(Locale.ROOT);
      case WIND -> "The wind turns to %.1f m/s from %d°".formatted(subject / 10.0, detail);
      case VISIBILITY -> "The visibility goes to %d m".formatted(subject);
      case VIEW -> seats(entry.through(), "is", "are") + " shown " + name(Family.VIEWS, subject);
      case OFFERED ->
          seats(entry.through(), "can", "can")
              + (detail == 1 ? " send " : " no longer send ")
              + name(Family.CALLS, subject);
      case USABLE ->
          name(Family.FIXTURES, subject) + (detail == 1 ? " can be used" : " cannot be used");
      case CLOCK -> "The clock goes on by " + minutes(subject);
      case TAKEN_OUT -> unit(subject) + " left play";
      case MOVED -> unit(subject) + " was moved";
      case STAYED -> unit(subject) + " was to be moved, finds no room there, and stays";
      case NO_ROOM -> unit(subject) + " finds no room to come in, and waits";
      case NO_PLACE -> unit(subject) + " waits: all places of the wave are taken";
      case STAYED_AWAY -> unit(subject) + " found no room for too long and stays away";
      case WAVES -> name(Family.WAVE_PLANS, subject) + (detail == 1 ? " started" : " stopped");
      case WAVE -> name(Family.WAVES, subject) + " has come";
      case CLEARED -> name(Family.WAVES, subject) + " is cleared";
      case FINISHED -> unit(subject) + " has done what they were ordered";
      case REACHED -> unit(subject) + " reached waypoint " + (detail + 1);
      case GATE -> name(Family.GATES, subject) + " is " + gate(detail);
      case DECK -> name(Family.DECKS, subject) + " is at stop " + detail;
      case DECK_WAITS ->
          name(Family.DECKS, subject)
              + " waits: "
              + (detail >= 0
                  ? plan.things().get(detail).name() + " is in its way"
                  : entry.through() >= 0
                      ? unit(entry.through()) + " would be crushed"
                      : "more is on it than it carries");
      case THING ->
          plan.things().get(subject).name() + " " + EnumWord.of(Standing.values()[detail]);
      case BROKE -> plan.things().get(subject).name() + " breaks";
      case LOOK -> plan.things().get(subject).name() + " now looks " + name(Family.LOOKS, detail);
      case MUST_STAND -> unit(subject) + " cannot use anything while walking";
      case USED -> {
        Use use = plan.handles()[detail].use();
        yield use.byHand()
            ? unit(subject) + " used " + plan.used(detail)
            : plan.used(detail) + ": " + use.verb() + by(subject);
      }
      case TRADED -> unit(subject) + " trades at " + name(Family.EXCHANGES, detail);
      case DEALT ->
          "%s: %s (%s)"
              .formatted(unit(subject), name(Family.DEALINGS, entry.through()), unit(detail));
      case BOUND -> unit(subject) + " is bound" + by(detail);
      case FREED -> unit(subject) + " is freed" + by(detail);
      case CARRIES -> unit(subject) + " carries " + unit(detail);
      case PUT_DOWN -> unit(subject) + " sets " + unit(detail) + " down";
      case TOOK -> unit(subject) + " took up " + name(Family.ITEM_KINDS, detail);
      case SET_DOWN -> unit(subject) + " set down " + name(Family.ITEM_KINDS, detail);
      case LIFTED ->
          unit(subject)
              + " lifted "
              + plan.things().get(detail).name()
              + (entry.through() < 0 ? "" : " with " + unit(entry.through()));
      case LET_GO ->
          unit(subject)
              + (entry.through() == 1 ? " let %s fall" : " set %s down")
                  .formatted(plan.things().get(detail).name());
      case BROUGHT_FORTH ->
          name(Family.ZONES, detail) + " brings forth " + plan.things().get(subject).name();
      case SWEPT ->
          name(Family.ZONES, detail)
              + " takes "
              + plan.things().get(subject).name()
              + " out of play";
      case LANDED -> plan.things().get(subject).name() + " lands";
      case SHIFTED ->
          plan.things().get(subject).name() + (detail == 1 ? " is flung off" : " is put elsewhere");
      case NO_SPACE ->
          unit(subject) + " finds no room to set " + plan.things().get(detail).name() + " down";
      case CONSUMED -> unit(subject) + " used up " + name(Family.ITEM_KINDS, detail);
      case GIVEN -> "The pack of " + unit(subject) + " changed: " + name(Family.ITEM_KINDS, detail);
      case LAID -> name(Family.ITEM_KINDS, subject) + " was laid down";
      case CALLED -> unit(subject) + " sent the call " + name(Family.CALLS, detail);
      case ASKED -> seats(entry.through(), "is", "are") + " asked " + name(Family.CHOICES, subject);
      case ASKED_NO_MORE -> name(Family.CHOICES, subject) + " is no longer asked";
      case VOTED -> unit(subject) + " votes for " + answer(detail);
      case CHOSEN ->
          subject < 0
              ? answer(detail) + " is chosen"
              : unit(subject) + " chooses " + answer(detail);
      case UNDECIDED ->
          name(Family.CHOICES, subject)
              + " stays without an answer"
              + (detail < 0 ? "" : " for " + unit(detail));
      case TOLD ->
          unit(subject)
              + " told companions to "
              + Input.Tell.values()[detail].name().toLowerCase(Locale.ROOT);
      case STRUCK ->
          unit(subject)
              + " struck"
              + (detail < 0 ? "" : " at " + unit(detail))
              + missed(Outcome.values()[entry.through()], detail);
      case HIT -> {
        String weapon = name(Family.WEAPONS, entry.through());
        yield unit(subject) + " hit " + unit(detail) + " with " + weapon;
      }
      case DOWN -> unit(subject) + (detail < 0 ? " went down" : " was brought down" + by(detail));
      case FELL ->
          unit(subject)
              + (detail < 0 ? " fell" : " was felled" + by(detail))
              + " and will come back";
      case HELPED -> unit(subject) + " was helped up" + by(detail);
      case DIED -> unit(subject) + (detail < 0 ? " died" : " was killed" + by(detail));
      case ENTERED -> unit(subject) + " entered " + name(Family.ZONES, detail);
      case LEFT -> unit(subject) + " left " + name(Family.ZONES, detail);
      case NO_WAY ->
          unit(subject)
              + (detail == 1
                  ? " gives up: the way there takes too long to find"
                  : " finds no way there");
      case SEAT -> "Seat " + (subject + 1) + (detail == 1 ? " is taken" : " is left");
      case ALERTED ->
          unit(subject)
              + " becomes "
              + Condition.Alertness.values()[detail].name().toLowerCase(Locale.ROOT);
      case SPLIT -> "Split of %s: %s".formatted(name(Family.TIMERS, subject), tenths(detail));
      case RAN_OUT -> name(Family.TIMERS, subject) + " runs out";
      case CHASE -> event(subject) + " does not come to rest within a step";
    };
  }

  /** Why a blow at somebody missed; nothing where it hit. */
  private String missed(Outcome outcome, int victim) {
    return switch (outcome) {
      case HIT -> "";
      case THING -> ", and hit a thing";
      case EMPTY -> ", but nobody was there";
      case WIDE -> " and missed";
      case FAR -> " and missed: " + unit(victim) + " is too far away";
      case MOVING -> " and missed: " + unit(victim) + " moves";
      case COVERED -> " and hit what " + unit(victim) + " stands behind";
    };
  }

  /** The seats, by the names of their units, and a word for one or many. */
  private String seats(int seats, String one, String many) {
    if (all(seats)) {
      return "Players " + many;
    }
    return names(seats) + " " + (Integer.bitCount(seats) > 1 ? many : one);
  }

  /** Words for some seats with their names in it; none where all are meant. */
  private String only(String words, int seats) {
    return all(seats) ? "" : words.formatted(names(seats));
  }

  private boolean all(int seats) {
    return Integer.bitCount(seats) >= Math.max(1, plan.seats());
  }

  private String names(int seats) {
    List<String> names =
        IntStream.range(0, plan.seats())
            .filter(seat -> (seats >> seat & 1) == 1)
            .mapToObj(seat -> unit(plan.seat(seat)))
            .toList();
    return names.isEmpty() ? "Nobody" : String.join(" and ", names);
  }

  private static String tenths(int steps) {
    int tenths = steps * 10 / Plan.STEPS_PER_SECOND;
    return "%d:%02d.%d min".formatted(tenths / 600, tenths / 10 % 60, tenths % 10);
  }

  private static String minutes(int steps) {
    int seconds = steps / Plan.STEPS_PER_SECOND;
    return "%d:%02d min".formatted(seconds / 60, seconds % 60);
  }

  private String unit(int unit) {
    return unit < 0 ? "nobody" : plan.name(unit);
  }

  private String by(int unit) {
    return unit < 0 ? "" : " by " + unit(unit);
  }

  private String event(int event) {
    return plan.script().programs().get(event).name();
  }

  private String name(Family family, int number) {
    Thing thing = List.copyOf(mission.of(family).values()).get(number);
    String owner =
        switch (thing) {
          case Flag flag -> mission.nameOf(flag.of());
          case Counter counter -> mission.nameOf(counter.of());
          default -> null;
        };
    return owner == null ? thing.name() : thing.name() + " (" + owner + ")";
  }

  private static String state(int state) {
    return ObjectiveState.values()[state].name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private static String ended(Effects.End end) {
    return switch (end) {
      case NONE -> "";
      case LASTED -> ": it has gone on for its time";
      case RAIN -> ": the rain puts it out";
      case WATER -> ": the water puts it out";
    };
  }

  private String answer(int number) {
    return "“" + name(Family.ANSWERS, number) + "”";
  }

  private static String gate(int state) {
    return switch (Gate.State.values()[state]) {
      case OPEN -> "open";
      case HALF -> "half open";
      case CLOSED -> "closed";
    };
  }

  private String line(Causes.Entry entry) {
    Speech speech = plan.script().speeches().get(entry.subject());
    Speech.Line said = speech.lines().get(entry.detail());
    String speaker = said.speaker() == null ? "Somebody" : said.speaker().name();
    return speaker + ": " + causes.words(entry.ordinal());
  }
}
