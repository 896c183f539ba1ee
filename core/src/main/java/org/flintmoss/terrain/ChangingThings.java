package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Breaks;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Begins;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.ActionLine;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.zone.Work;

/**
 * The props and fixtures that a script or a use changes, each by its number among all that changes.
 * All others stay as they begin, and cost no more than walls do.
 *
 * <p>A thing's state is its look and whether it is there: 1 to {@value ThingKind#MOST_LOOKS} for
 * the looks of its kind in their order, and {@value ThingKind#MOST_LOOKS} more while it is gone.
 */
public final class ChangingThings {
  private final Map<Ref, Integer> numbers = new LinkedHashMap<>();
  private final List<Integer> first = new ArrayList<>();

  private ChangingThings() {}

  /**
   * Those of a mission.
   *
   * @param from the number of the first of them
   */
  static ChangingThings of(Mission mission, int from) {
    ChangingThings things = new ChangingThings();
    Set<Ref> named = named(mission);
    for (Family family : List.of(Family.PROPS, Family.FIXTURES)) {
      for (String id : named.isEmpty() ? Set.<String>of() : mission.of(family).keySet()) {
        Ref ref = new Ref(family, id);
        if (named.contains(ref)) {
          things.numbers.put(ref, from + things.numbers.size());
          things.first.add(first(mission, (Upright) mission.find(ref)));
        }
      }
    }
    return things;
  }

  private static Set<Ref> named(Mission mission) {
    Set<Ref> named = new HashSet<>();
    Consumer<Action> looked =
        action -> {
          switch (action) {
            case Action.LetStand stand -> named.add(stand.thing());
            case Action.LetLook look -> named.add(look.thing());
            case Action.PutThing put -> named.add(put.thing());
            default -> {}
          }
        };
    mission.events().values().forEach(event -> ActionLine.each(event.actions(), looked));
    breaking(mission, mission.props(), Family.PROPS, named);
    breaking(mission, mission.fixtures(), Family.FIXTURES, named);
    loose(mission, mission.props(), Family.PROPS, named);
    loose(mission, mission.fixtures(), Family.FIXTURES, named);
    for (Map.Entry<String, Fixture> fixture : mission.fixtures().entrySet()) {
      for (Use use : mission.usesOf(fixture.getValue()).values()) {
        if (!(use.turns() instanceof Use.Stays)) {
          named.add(new Ref(Family.FIXTURES, fixture.getKey()));
        }
        changed(use.effect(), named);
      }
    }
    mission.dealings().values().forEach(it -> changed(it.effect(), named));
    return named;
  }

  private static void changed(Use.Effect effect, Set<Ref> named) {
    switch (effect) {
      case Use.LetsStand lets -> named.add(lets.thing());
      case Use.LetsLook lets -> named.add(lets.thing());
      case Use.Nothing _,
          Use.OpensGate _,
          Use.ClosesGate _,
          Use.TurnsGate _,
          Use.BeginsEffect _,
          Use.EndsEffect _,
          Use.OpensExchange _,
          Use.SendsDeck _,
          Use.SendsDeckOn _ -> {}
    }
  }

  /** Loose things come if they are not there yet, and go where zones take them out of play. */
  private static void loose(
      Mission mission, Map<String, ? extends Upright> things, Family family, Set<Ref> named) {
    boolean go =
        mission.zones().values().stream()
            .flatMap(zone -> zone.does().values().stream())
            .anyMatch(
                it ->
                    it.work() instanceof Work.ClearsAway clears
                        && clears.what() != Work.Taken.PEOPLE);
    things.forEach(
        (id, thing) -> {
          boolean may = go || thing.stands() == Standing.GONE;
          if (may
              && mission.find(thing.kind()) instanceof ThingKind kind
              && kind.hold() instanceof Hold.Loose) {
            named.add(new Ref(family, id));
          }
        });
  }

  private static void breaking(
      Mission mission, Map<String, ? extends Upright> things, Family family, Set<Ref> named) {
    Map<Ref, Breaks.WhenHarmed> kinds = new HashMap<>();
    mission
        .thingKinds()
        .forEach(
            (id, kind) -> {
              if (kind.breaks() instanceof Breaks.WhenHarmed breaks) {
                kinds.put(new Ref(Family.THING_KINDS, id), breaks);
              }
            });
    if (kinds.isEmpty()) {
      return;
    }
    things.forEach(
        (id, thing) -> {
          if (kinds.containsKey(thing.kind())) {
            named.add(new Ref(family, id));
            changed(kinds.get(thing.kind()).effect(), named);
          }
        });
  }

  /** The state in which a thing begins. */
  public static int first(Mission mission, Upright thing) {
    int look = 0;
    if (thing.begins() instanceof Begins.WithLook begins
        && mission.find(thing.kind()) instanceof ThingKind kind) {
      look = Math.max(0, kind.number(begins.look()));
    }
    return state(look, thing.stands());
  }

  /** The state of a thing with one of the looks of its kind, from 0. */
  public static int state(int look, Standing stands) {
    return 1 + look + (stands == Standing.THERE ? 0 : ThingKind.MOST_LOOKS);
  }

  /** Which of the looks of its kind a thing has in a state, from 0. */
  public static int look(int state) {
    return (state - 1) % ThingKind.MOST_LOOKS;
  }

  /** Whether a thing is there in a state. */
  public static Standing standing(int state) {
    return state > ThingKind.MOST_LOOKS ? Standing.GONE : Standing.THERE;
  }

  /** How many they are. */
  int many() {
    return numbers.size();
  }

  /** The number of a thing among all that changes; -1 for one that stays as it begins. */
  public int number(Ref thing) {
    return numbers.getOrDefault(thing, -1);
  }

  /** They, by rising numbers. */
  public Set<Ref> all() {
    return numbers.keySet();
  }

  /** Writes the states in which they begin. */
  void begin(int[] states, int from) {
    for (int thing = 0; thing < first.size(); thing++) {
      states[from + thing] = first.get(thing);
    }
  }
}
