package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Condition;
import org.flintmoss.mission.Happening;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Selector;

/** Turns what happens into the triggers of an event. */
final class HappeningCompiler {
  private final Lookup lookup;
  private final Cast cast;
  private List<Trigger> triggers = new ArrayList<>();

  HappeningCompiler(Lookup lookup) {
    this.lookup = lookup;
    cast = lookup.cast();
  }

  /** Goes on with another event. */
  void begin() {
    triggers = new ArrayList<>();
  }

  /** What the event fires through, by the numbers of its nodes. */
  List<Trigger> triggers() {
    return List.copyOf(triggers);
  }

  /** The node of something that happens; never true where a reference is open. */
  Node node(Happening happening) {
    Trigger trigger = trigger(happening);
    if (trigger == null) {
      return new Node.Never();
    }
    triggers.add(trigger);
    return new Node.Happens(triggers.size() - 1);
  }

  private Trigger trigger(Happening happening) {
    return switch (happening) {
      case Happening.Enters it -> of(Trigger.Of.ENTERS, it.who(), it.zone());
      case Happening.Leaves it -> of(Trigger.Of.LEAVES, it.who(), it.zone());
      case Happening.ComesBack it -> of(Trigger.Of.COMES_BACK, it.who(), it.zone());
      case Happening.ComesIntoPlay it -> somebody(Trigger.Of.COMES_INTO_PLAY, it.who());
      case Happening.ReachesWaypoint it -> of(Trigger.Of.REACHES_WAYPOINT, it.who(), it.route());
      case Happening.Uses it -> of(Trigger.Of.USES, it.who(), it.fixture());
      case Happening.Sends it -> of(Trigger.Of.SENDS, it.who(), it.call());
      case Happening.IsHit it -> both(Trigger.Of.IS_HIT, it.who(), it.whom());
      case Happening.GoesDown it -> somebody(Trigger.Of.GOES_DOWN, it.who());
      case Happening.Dies it -> somebody(Trigger.Of.DIES, it.who());
      case Happening.IsHelpedUp it -> somebody(Trigger.Of.IS_HELPED_UP, it.who());
      case Happening.Notices it -> both(Trigger.Of.NOTICES, it.who(), it.whom());
      case Happening.BecomesAlert it -> alert(it);
      case Happening.GivesUp it -> both(Trigger.Of.GIVES_UP, it.who(), it.whom());
      case Happening.Hears it -> somebody(Trigger.Of.HEARS, it.who());
      case Happening.TakesUp it -> of(Trigger.Of.TAKES_UP, it.who(), it.itemKind());
      case Happening.SetsDown it -> of(Trigger.Of.SETS_DOWN, it.who(), it.itemKind());
      case Happening.GateBecomes it ->
          thing(Trigger.Of.GATE_BECOMES, cast.index(it.gate()), it.state().ordinal());
      case Happening.WaveComes it -> thing(Trigger.Of.WAVE_COMES, cast.index(it.wave()), -1);
      case Happening.WaveFalls it -> thing(Trigger.Of.WAVE_FALLS, cast.index(it.wave()), -1);
      case Happening.TalkBegins it ->
          thing(Trigger.Of.TALK_BEGINS, cast.index(it.conversation()), -1);
      case Happening.TalkEnds it -> thing(Trigger.Of.TALK_ENDS, cast.index(it.conversation()), -1);
      case Happening.ObjectiveBecomes it ->
          thing(Trigger.Of.OBJECTIVE_BECOMES, cast.index(it.objective()), it.state().ordinal());
      case Happening.FlagBecomes it ->
          thing(
              Trigger.Of.FLAG_BECOMES,
              cast.index(it.flag()),
              it.on() == Condition.OnOff.ON ? 1 : 0);
      case Happening.RunsOut it -> thing(Trigger.Of.RUNS_OUT, cast.index(it.timer()), -1);
      case Happening.Fires it -> thing(Trigger.Of.FIRES, lookup.event(it.event()), -1);
      case Happening.SeatBecomes it ->
          thing(
              Trigger.Of.SEAT_BECOMES,
              cast.index(it.start()),
              it.state() == Condition.Seat.TAKEN ? 1 : 0);
    };
  }

  private Trigger somebody(Trigger.Of of, Selector who) {
    Crowd crowd = one(who);
    return crowd == null ? null : new Trigger(of, -1, -1, crowd, null);
  }

  private Trigger alert(Happening.BecomesAlert it) {
    Crowd crowd = one(it.who());
    return crowd == null
        ? null
        : new Trigger(Trigger.Of.BECOMES_ALERT, -1, it.alertness().ordinal(), crowd, null);
  }

  private Trigger of(Trigger.Of of, Selector who, Ref subject) {
    Crowd crowd = one(who);
    int number = cast.index(subject);
    return crowd == null || number < 0 ? null : new Trigger(of, number, -1, crowd, null);
  }

  private Trigger both(Trigger.Of of, Selector who, Selector whom) {
    Crowd crowd = one(who);
    Crowd other = one(whom);
    return crowd == null || other == null ? null : new Trigger(of, -1, -1, crowd, other);
  }

  private static Trigger thing(Trigger.Of of, int subject, int state) {
    return subject < 0 ? null : new Trigger(of, subject, state, null, null);
  }

  /** Any of some who are known beforehand; null for all others. */
  private Crowd one(Selector who) {
    Crowd crowd = who.quantifier() instanceof Selector.Any ? lookup.crowd(who) : null;
    return crowd != null && crowd.known() ? crowd : null;
  }

  /** Whether a condition names what happens in a way that means something. */
  static boolean sound(Condition condition) {
    return count(condition) >= 0;
  }

  /** Whether a condition names anything that happens. */
  static boolean named(Condition condition) {
    return count(condition) != 0;
  }

  /** How many happenings a condition names of which one is enough; -1 where that means nothing. */
  private static int count(Condition condition) {
    return switch (condition) {
      case Happening _ -> 1;
      case Condition.All all -> {
        List<Integer> parts = counts(all.parts());
        boolean one = parts.stream().filter(it -> it > 0).count() <= 1;
        yield parts.contains(-1) || !one ? -1 : parts.stream().mapToInt(it -> it).sum();
      }
      case Condition.Any any -> {
        List<Integer> parts = counts(any.parts());
        yield parts.contains(-1) ? -1 : parts.stream().mapToInt(it -> it).sum();
      }
      case Condition.Not not -> count(not.of()) == 0 ? 0 : -1;
      case Condition.HeldFor held -> count(held.of()) == 0 ? 0 : -1;
      default -> 0;
    };
  }

  private static List<Integer> counts(Map<String, Condition.Part> parts) {
    return parts.values().stream().map(it -> count(it.condition())).toList();
  }
}
