package org.flintmoss.simulation.state;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The append-only log of causes: what happened, to whom, and through which entry before it. */
public final class Causes {
  /** What happened. {@code subject} and {@code detail} of the entry are described at each. */
  public enum Kind {
    /** An event fired: event, the unit that caused it or -1. */
    FIRED,
    /** An event was due while it was still under way: event. */
    DROPPED,
    /** An objective was turned: objective, its new state. */
    OBJECTIVE,
    /** An ending was decided: ending. */
    DECIDED,
    /** Play is over: ending. */
    OVER,
    /** A text was shown: note, the seats that were shown it. */
    NOTE,
    /** A line is said: conversation, the line's place in it, through the seats that hear it. */
    LINE,
    /** A conversation is over: conversation. */
    SAID,
    /** A marker was shown or hidden: marker, 1 or 0, through the seats that it was. */
    MARKER,
    /** The weather turned: the ordinal of the weather. */
    WEATHER,
    /** The wind was turned: to how many decimetres a second, from which bearing. */
    WIND,
    /** The visibility was changed: metres. */
    VISIBILITY,
    /** Players were shown a view: view, for how many steps, through the seats that were. */
    VIEW,
    /** Players can send a call, or no longer: call, 1 or 0, through the seats that can. */
    OFFERED,
    /** A fixture can be used, or no longer: fixture, 1 or 0. */
    USABLE,
    /** The clock leapt: over how many steps. */
    CLOCK,
    /** An event took a unit out of play: unit. */
    TAKEN_OUT,
    /** An event put a unit elsewhere: unit. */
    MOVED,
    /** An event would have put a unit elsewhere, but there is no room: unit. */
    STAYED,
    /**
     * A player's unit passed a zone of a course: unit, course, through the lap that this ends or 0.
     */
    COURSE_PASSED,
    /** A player's unit finished a course: unit, course, through its last lap. */
    COURSE_FINISHED,
    /** A zone does something to a unit: unit, zone, through the working by its number. */
    ZONE_ACTS,
    /** The world goes back to a checkpoint: zone. */
    WENT_BACK,
    /** Who is to be transferred finds no room: unit, zone. */
    QUEUES,
    /** A player's unit entered a zone of a course that is not next for it: unit, course. */
    COURSE_MISSED,
    /** An effect began or ended: effect, 1 or 0, through the ordinal of what ended it. */
    EFFECT,
    /** A unit is in an effect that harms it: unit, effect. */
    IN_EFFECT,
    /** A flag was turned: flag, 0 or 1. */
    FLAG,
    /** A counter was changed: counter. */
    COUNTER,
    /** A unit was seen: who saw, who was seen. */
    NOTICED,
    /** A unit heard something: who, 1 if loud enough to go and see. */
    HEARD,
    /** A unit gave up on another: who, whom. */
    GAVE_UP,
    /** A unit came into play: unit. */
    CAME,
    /** A unit that was brought in found no room and waits: unit. */
    NO_ROOM,
    /** A wave plan was started or stopped: wave plan, 1 or 0. */
    WAVES,
    /** A wave has come: wave. */
    WAVE,
    /** Nobody of a wave is left: wave. */
    CLEARED,
    /** Somebody of a wave found no room for too long and stays away: unit. */
    STAYED_AWAY,
    /** A unit reached a waypoint of its route: unit, the leg. */
    REACHED,
    /** A gate was moved: gate, its new state. */
    GATE,
    /** A deck came to one of its stops: deck, stop from 1. */
    DECK,
    /**
     * A deck that is sent does not go on: deck, and the thing in its way. Without one: the unit in
     * its way; without that as well it carries too much.
     */
    DECK_WAITS,
    /** A prop or a fixture, put back (1) or taken away (0). */
    THING,
    /** A prop or a fixture breaks: thing. */
    BROKE,
    /** A prop or a fixture has another look: thing, the number of the look. */
    LOOK,
    /** A player tried to use something, or to help somebody up, while walking: unit. */
    MUST_STAND,
    /** A unit has used a fixture: unit, the number of the use. */
    USED,
    /** A player took what an exchange gives: unit, exchange, through its row by its number. */
    TRADED,
    /** A unit did something with another: who, with whom, through what by its number. */
    DEALT,
    /** A unit was bound: unit, by whom or -1. */
    BOUND,
    /** A unit was freed: unit, by whom or -1. */
    FREED,
    /** A unit took another up to carry them: who, whom. */
    CARRIES,
    /** A unit set down whom it carried: who, whom. */
    PUT_DOWN,
    /** A unit took items into its pack: unit, item kind. */
    TOOK,
    /** A unit set items down, or they fell from its hands: unit, item kind. */
    SET_DOWN,
    /** A unit lifted a loose thing: unit, thing; through: with which unit, -1 for alone. */
    LIFTED,
    /** A unit set a loose thing down or let it fall: unit, thing; through: 1 if it fell. */
    LET_GO,
    /** A thing has come to rest on something after a fall: thing. */
    LANDED,
    /** A zone brought a loose thing forth: thing, zone. */
    BROUGHT_FORTH,
    /** A zone took a loose thing out of play: thing, zone. */
    SWEPT,
    /** An event put a loose thing elsewhere, or flung it: thing; detail: 1 if it was flung. */
    SHIFTED,
    /** A unit found no room to set a loose thing down: unit, thing. */
    NO_SPACE,
    /** A unit used an item up: unit, item kind. */
    CONSUMED,
    /** An event put items into a pack or took them away: unit, item kind. */
    GIVEN,
    /** An event laid items on the ground: item kind. */
    LAID,
    /** A player sent a call: unit, call. */
    CALLED,
    /** Players are asked a choice: choice, through the seats that are. */
    ASKED,
    /** Nobody is asked a choice any more: choice. */
    ASKED_NO_MORE,
    /** A player voted for an answer: unit, answer. */
    VOTED,
    /** An answer was chosen: the unit of who chose it or -1, answer, through the seats asked. */
    CHOSEN,
    /**
     * A choice stays without an answer: choice, the unit for which it does or -1, through the seats
     * that were asked.
     */
    UNDECIDED,
    /** A player told companions something: unit, the ordinal of what. */
    TOLD,
    /** A blow or shot: who, at whom or -1, through the ordinal of its outcome. */
    STRUCK,
    /** It hit: who, whom. */
    HIT,
    /** A unit went down and can be helped up: unit, by whom or -1. */
    DOWN,
    /** A player's unit died and will come back: unit, by whom or -1. */
    FELL,
    /** A unit was helped up: unit, by whom. */
    HELPED,
    /** A unit died: who, by whom or -1. */
    DIED,
    /** A unit entered a zone: unit, zone. */
    ENTERED,
    /** A unit left a zone: unit, zone. */
    LEFT,
    /**
     * There is no way to a place that a player asked for, or, with 1, none is found in time: unit.
     */
    NO_WAY,
    /** A player took or left a seat: seat, 1 or 0. */
    SEAT,
    /** The script was stopped; events do not come to rest within a step: one of them. */
    CHASE,
    /** What a timer showed was kept: timer, steps. */
    SPLIT,
    /** A timer ran out, in a mission in which an event fires through that: timer. */
    RAN_OUT,
    /**
     * A unit has done what it was ordered, in a mission that asks so: unit, the route at whose end
     * it is or -1.
     */
    FINISHED,
    /** A unit became more or less alert, in a mission that asks so: unit, how alert. */
    ALERTED,
    /** Somebody of a wave waits until the place that they take is free: unit. */
    NO_PLACE
  }

  /**
   * One entry.
   *
   * @param ordinal its place in the log
   * @param cause the ordinal of what it came from; -1 for nothing
   * @param through the unit through which an event or a fixture brought it about, how a blow came
   *     out, the weapon of a hit, or the seats, a bit each, that something is shown to; -1 for none
   */
  public record Entry(
      int step, int ordinal, Kind kind, int subject, int detail, int cause, int through) {}

  private static final Kind[] KINDS = Kind.values();
  private static final int WIDTH = 6;
  private int[] entries = new int[64 * WIDTH];
  private int first;
  private int size;

  /** What was said in words, by the ordinal of the entry. */
  private final Map<Integer, String> words = new HashMap<>();

  int add(int step, Kind kind, int subject, int detail, int cause, int through) {
    if ((size + 1) * WIDTH > entries.length) {
      entries = Arrays.copyOf(entries, entries.length * 2);
    }
    int at = size * WIDTH;
    entries[at] = step;
    entries[at + 1] = kind.ordinal();
    entries[at + 2] = subject;
    entries[at + 3] = detail;
    entries[at + 4] = cause;
    entries[at + 5] = through;
    return first + size++;
  }

  /**
   * Goes on after a moment that was saved with a number of entries: forgets what came after it, or,
   * where the entries before it are not at hand, begins with the next one.
   */
  public void resume(int length) {
    if (length < first || length > first + size) {
      first = length;
    }
    size = length - first;
    words.keySet().removeIf(ordinal -> ordinal >= length);
  }

  /** Keeps what was said in words under an entry. */
  public void words(int ordinal, String said) {
    words.put(ordinal, said);
  }

  /** What was said in words under an entry; null where nothing was. */
  public String words(int ordinal) {
    return words.get(ordinal);
  }

  /** The ordinal after the last entry. */
  public int end() {
    return first + size;
  }

  /** An entry by its ordinal; null where it is not at hand any more. */
  public Entry at(int ordinal) {
    return ordinal < first || ordinal >= end() ? null : get(ordinal);
  }

  private Entry get(int ordinal) {
    int at = (ordinal - first) * WIDTH;
    return new Entry(
        entries[at],
        ordinal,
        KINDS[entries[at + 1]],
        entries[at + 2],
        entries[at + 3],
        entries[at + 4],
        entries[at + 5]);
  }

  /** All entries at hand from one on. */
  public List<Entry> from(int ordinal) {
    List<Entry> found = new ArrayList<>();
    for (int i = Math.max(first, ordinal); i < end(); i++) {
      found.add(get(i));
    }
    return found;
  }
}
