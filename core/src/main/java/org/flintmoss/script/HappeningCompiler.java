package org.flintmoss.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Happening;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/** Turns what happens into the triggers of an event. */
final class HappeningCompiler {
  /**
   * What a sentence listens for.
   *
   * @param about what it names; null for none
   * @param thing whether that is a prop or a fixture, which are numbered together
   * @param with the second thing that it names; null for none
   * @param state the ordinal of the state that it names; -1 for none
   */
  private record Row<H extends Happening>(
      Class<H> type,
      Trigger.Of of,
      Function<H, Ref> about,
      boolean thing,
      Function<H, Ref> with,
      ToIntFunction<H> state) {}

  private static final Map<Class<?>, Row<?>> ROWS =
      Stream.of(
              row(Happening.Enters.class, Trigger.Of.ENTERS, Happening.Enters::zone),
              row(Happening.Leaves.class, Trigger.Of.LEAVES, Happening.Leaves::zone),
              row(Happening.ComesBack.class, Trigger.Of.COMES_BACK, Happening.ComesBack::zone),
              row(
                  Happening.ZoneActsOn.class,
                  Trigger.Of.ZONE_ACTS_ON,
                  Happening.ZoneActsOn::zone,
                  it -> it.deed().ordinal()),
              row(Happening.PassesZone.class, Trigger.Of.PASSES_ZONE, Happening.PassesZone::course),
              row(Happening.GoesWrong.class, Trigger.Of.GOES_WRONG, Happening.GoesWrong::course),
              row(
                  Happening.FinishesLap.class,
                  Trigger.Of.FINISHES_LAP,
                  Happening.FinishesLap::course),
              row(
                  Happening.FinishesCourse.class,
                  Trigger.Of.FINISHES_COURSE,
                  Happening.FinishesCourse::course),
              row(Happening.ComesIntoPlay.class, Trigger.Of.COMES_INTO_PLAY),
              row(
                  Happening.ReachesWaypoint.class,
                  Trigger.Of.REACHES_WAYPOINT,
                  Happening.ReachesWaypoint::route),
              row(Happening.ReachesEnd.class, Trigger.Of.REACHES_END, Happening.ReachesEnd::route),
              row(Happening.FinishesOrder.class, Trigger.Of.FINISHES_ORDER),
              row(Happening.Uses.class, Trigger.Of.USES, Happening.Uses::fixture),
              ofTwo(
                  Happening.UsesWith.class,
                  Trigger.Of.USES_WITH,
                  Happening.UsesWith::fixture,
                  Happening.UsesWith::itemKind),
              ofTwo(
                  Happening.TakesFrom.class,
                  Trigger.Of.TAKES_FROM,
                  Happening.TakesFrom::fixture,
                  Happening.TakesFrom::itemKind),
              row(Happening.UsesItem.class, Trigger.Of.USES_ITEM, Happening.UsesItem::itemKind),
              row(Happening.DealsWith.class, Trigger.Of.DEALS_WITH, Happening.DealsWith::dealing),
              row(Happening.Trades.class, Trigger.Of.TRADES, Happening.Trades::exchange),
              row(Happening.Sends.class, Trigger.Of.SENDS, Happening.Sends::call),
              row(Happening.Chooses.class, Trigger.Of.CHOOSES, Happening.Chooses::answer),
              row(Happening.IsChosen.class, Trigger.Of.CHOOSES, Happening.IsChosen::answer),
              row(
                  Happening.StaysUndecided.class,
                  Trigger.Of.STAYS_UNDECIDED,
                  Happening.StaysUndecided::choice),
              row(Happening.IsHit.class, Trigger.Of.IS_HIT),
              row(Happening.IsHitWith.class, Trigger.Of.IS_HIT_WITH, Happening.IsHitWith::weapon),
              row(Happening.GoesDown.class, Trigger.Of.GOES_DOWN),
              row(Happening.Dies.class, Trigger.Of.DIES),
              row(Happening.IsKilled.class, Trigger.Of.DIES),
              row(
                  Happening.IsKilledWith.class,
                  Trigger.Of.IS_KILLED_WITH,
                  Happening.IsKilledWith::weapon),
              row(Happening.IsHelpedUp.class, Trigger.Of.IS_HELPED_UP),
              row(Happening.IsHelpedBy.class, Trigger.Of.IS_HELPED_UP),
              row(Happening.IsSeen.class, Trigger.Of.IS_SEEN),
              row(Happening.Notices.class, Trigger.Of.NOTICES),
              row(
                  Happening.BecomesAlert.class,
                  Trigger.Of.BECOMES_ALERT,
                  _ -> null,
                  it -> it.alertness().ordinal()),
              row(Happening.GivesUp.class, Trigger.Of.GIVES_UP),
              row(Happening.Hears.class, Trigger.Of.HEARS),
              row(Happening.TakesUp.class, Trigger.Of.TAKES_UP, Happening.TakesUp::itemKind),
              row(Happening.SetsDown.class, Trigger.Of.SETS_DOWN, Happening.SetsDown::itemKind),
              row(
                  Happening.GateBecomes.class,
                  Trigger.Of.GATE_BECOMES,
                  Happening.GateBecomes::gate,
                  it -> it.state().ordinal()),
              row(Happening.DeckStops.class, Trigger.Of.DECK_STOPS, Happening.DeckStops::deck),
              ofThing(
                  Happening.StandsAnew.class,
                  Trigger.Of.STANDS_ANEW,
                  Happening.StandsAnew::thing,
                  _ -> null,
                  it -> it.stands().ordinal()),
              ofThing(
                  Happening.ComesToLook.class,
                  Trigger.Of.COMES_TO_LOOK,
                  Happening.ComesToLook::thing,
                  Happening.ComesToLook::look,
                  _ -> -1),
              ofThing(
                  Happening.ThingBreaks.class,
                  Trigger.Of.BREAKS,
                  Happening.ThingBreaks::thing,
                  _ -> null,
                  _ -> -1),
              ofThing(
                  Happening.BreaksThing.class,
                  Trigger.Of.BREAKS,
                  Happening.BreaksThing::thing,
                  _ -> null,
                  _ -> -1),
              ofThing(
                  Happening.LiftsThing.class,
                  Trigger.Of.LIFTS,
                  Happening.LiftsThing::thing,
                  _ -> null,
                  _ -> -1),
              ofThing(
                  Happening.LetsGo.class,
                  Trigger.Of.LETS_GO,
                  Happening.LetsGo::thing,
                  _ -> null,
                  _ -> -1),
              ofThing(
                  Happening.ThingLands.class,
                  Trigger.Of.LANDS,
                  Happening.ThingLands::thing,
                  _ -> null,
                  _ -> -1),
              row(Happening.WaveComes.class, Trigger.Of.WAVE_COMES, Happening.WaveComes::wave),
              row(Happening.WaveFalls.class, Trigger.Of.WAVE_FALLS, Happening.WaveFalls::wave),
              row(
                  Happening.TalkBegins.class,
                  Trigger.Of.TALK_BEGINS,
                  Happening.TalkBegins::conversation),
              row(
                  Happening.LineIsSaid.class,
                  Trigger.Of.LINE_IS_SAID,
                  Happening.LineIsSaid::conversation),
              row(Happening.TalkEnds.class, Trigger.Of.TALK_ENDS, Happening.TalkEnds::conversation),
              row(
                  Happening.ObjectiveBecomes.class,
                  Trigger.Of.OBJECTIVE_BECOMES,
                  Happening.ObjectiveBecomes::objective,
                  it -> it.state().ordinal()),
              row(
                  Happening.FlagBecomes.class,
                  Trigger.Of.FLAG_BECOMES,
                  Happening.FlagBecomes::flag,
                  it -> it.on() == Condition.OnOff.ON ? 1 : 0),
              row(Happening.RunsOut.class, Trigger.Of.RUNS_OUT, Happening.RunsOut::timer),
              row(Happening.Fires.class, Trigger.Of.FIRES, Happening.Fires::event),
              row(
                  Happening.SeatBecomes.class,
                  Trigger.Of.SEAT_BECOMES,
                  Happening.SeatBecomes::start,
                  it -> it.state() == Condition.Seat.TAKEN ? 1 : 0))
          .collect(Collectors.toUnmodifiableMap(Row::type, Function.identity()));

  private static <H extends Happening> Row<H> row(Class<H> type, Trigger.Of of) {
    return row(type, of, _ -> null);
  }

  private static <H extends Happening> Row<H> row(
      Class<H> type, Trigger.Of of, Function<H, Ref> about) {
    return row(type, of, about, _ -> -1);
  }

  private static <H extends Happening> Row<H> row(
      Class<H> type, Trigger.Of of, Function<H, Ref> about, ToIntFunction<H> state) {
    return new Row<>(type, of, about, false, _ -> null, state);
  }

  private static <H extends Happening> Row<H> ofTwo(
      Class<H> type, Trigger.Of of, Function<H, Ref> about, Function<H, Ref> with) {
    return new Row<>(type, of, about, false, with, _ -> -1);
  }

  private static <H extends Happening> Row<H> ofThing(
      Class<H> type,
      Trigger.Of of,
      Function<H, Ref> about,
      Function<H, Ref> with,
      ToIntFunction<H> state) {
    return new Row<>(type, of, about, true, with, state);
  }

  private final Lookup lookup;
  private final ActorIndex actors;
  private List<Trigger> triggers = new ArrayList<>();

  HappeningCompiler(Lookup lookup) {
    this.lookup = lookup;
    actors = lookup.actors();
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
    return trigger(happening, ROWS.get(happening.getClass()));
  }

  private <H extends Happening> Trigger trigger(Happening happening, Row<H> row) {
    H it = row.type().cast(happening);
    Ref ref = row.about().apply(it);
    int subject = ref == null ? -1 : row.thing() ? actors.thing(ref) : number(ref);
    Ref with = row.with().apply(it);
    int state = with == null ? row.state().applyAsInt(it) : number(with);
    Crowd who = one(it.who());
    Crowd whom = one(it.whom());
    boolean open =
        (ref != null && subject < 0)
            || (with != null && state < 0)
            || (it.who() != null && who == null)
            || (it.whom() != null && whom == null);
    return open ? null : new Trigger(row.of(), subject, state, who, whom);
  }

  private int number(Ref ref) {
    return ref.family() == Family.EVENTS ? lookup.event(ref) : actors.index(ref);
  }

  /** Any of some who are known beforehand; null for all others. */
  private Crowd one(Selector who) {
    boolean any = who != null && who.quantifier() instanceof Selector.Any;
    Crowd crowd = any ? lookup.crowd(who) : null;
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
