package org.flintmoss.script;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.ItemKind;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Atop;
import org.flintmoss.mission.ground.Begins;
import org.flintmoss.mission.ground.Prop;
import org.flintmoss.mission.script.Wave;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.mission.zone.Work;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.mission.zone.Zone;

/**
 * All whom the waves of a mission may bring on some terms, as units and squads of their own that
 * are not in play yet. From here on nothing tells them from those that were set down by hand.
 */
public final class Roster {
  /** No mission has more people than this; what waves would bring beyond it stays away. */
  public static final int MOST = 5000;

  /** No mission has more things than this that zones bring forth; the rest stays away. */
  public static final int MOST_THINGS = 2000;

  /**
   * For how many turns of a plan that may be started again there are places at once; who comes in a
   * further turn takes the place of somebody who is gone.
   */
  private static final int TURNS = 3;

  /** Metres between those of a wave's party, unless they are told otherwise. */
  private static final double RANK = 2.4;

  private final Mission mission;
  private final Terms terms;
  private final SortedMap<String, Unit> units;
  private final SortedMap<String, Squad> squads;
  private final SortedMap<String, Prop> props;
  private int things;

  private Roster(Mission mission, Terms terms) {
    this.mission = mission;
    this.terms = terms;
    units = new TreeMap<>(mission.units());
    squads = new TreeMap<>(mission.squads());
    props = new TreeMap<>(mission.props());
  }

  /** The mission with everybody whom its waves may bring. */
  public static Mission of(Mission mission, Terms terms) {
    Roster roster = new Roster(mission, terms);
    mission.zones().forEach(roster::zone);
    mission.itemKinds().forEach(roster::item);
    if (mission.waves().isEmpty() && roster.props.size() == mission.props().size()) {
      return mission;
    }
    Set<Ref> again = Restarts.of(mission);
    for (int turn = 0; turn < TURNS; turn++) {
      for (Map.Entry<String, Wave> wave : Ordered.sort(mission.waves())) {
        if (turn == 0
            || (again.contains(wave.getValue().wavePlan()) && roster.fits(wave.getValue()))) {
          roster.wave(wave.getKey(), wave.getValue(), turn);
        }
      }
    }
    return mission.with(roster.units, roster.squads, roster.props);
  }

  /** How many each wave brings on some terms, by the wave's id. */
  public static Map<String, Integer> counts(Mission mission, Terms terms) {
    ActorIndex actors = new ActorIndex(of(mission, terms));
    Map<String, Integer> counts = new TreeMap<>();
    mission
        .waves()
        .forEach(
            (id, wave) -> {
              int all = 0;
              for (String party : wave.parties().keySet()) {
                all += actors.ofSquad(new Ref(Family.SQUADS, squad(id, party, 0))).length;
              }
              counts.put(id, all);
            });
    return counts;
  }

  /**
   * The id of the squad that a party forms in a turn of its plan. Ids are hashes of who brings
   * whom, so that a count that grows adds people and changes nobody.
   */
  private static String squad(String wave, String party, int turn) {
    return id(wave + "/" + party + inTurn(turn));
  }

  /** The squads that a party forms, turn by turn, as far as there are places for them. */
  static List<Ref> squads(Mission mission, String wave, String party) {
    return IntStream.range(0, TURNS)
        .mapToObj(turn -> new Ref(Family.SQUADS, squad(wave, party, turn)))
        .filter(squad -> mission.find(squad) != null)
        .toList();
  }

  /** What tells the places of further turns from those of the first, as part of what is hashed. */
  private static String inTurn(int turn) {
    return turn == 0 ? "" : "/turn " + turn;
  }

  private static String id(String whence) {
    return UUID.nameUUIDFromBytes(whence.getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** Places for the things that a zone brings forth; they are gone until then. */
  private void zone(String id, Zone zone) {
    for (Map.Entry<String, Working> entry : Ordered.sort(zone.does())) {
      if (entry.getValue().work() instanceof Work.BringsForth work
          && mission.find(work.thingKind()) instanceof ThingKind kind) {
        int most = (int) Math.min(Work.MOST_AT_ONCE, work.most().at(terms));
        for (int slot = 0; slot < most && things < MOST_THINGS; slot++) {
          things++;
          props.put(
              place(id, entry.getKey(), slot),
              place(
                  "%s %d".formatted(kind.name(), slot + 1),
                  work.thingKind(),
                  zone.shape().centre()));
        }
      }
    }
  }

  /** Places for the things that an item sets down; they are gone until then. */
  private void item(String id, ItemKind item) {
    if (item.use() instanceof ItemKind.SetsDown sets
        && mission.find(sets.thingKind()) instanceof ThingKind kind) {
      for (int slot = 0; slot < ItemKind.MOST_SET_DOWN && things < MOST_THINGS; slot++) {
        things++;
        props.put(
            place(id, SET_DOWN, slot),
            place("%s %d".formatted(kind.name(), slot + 1), sets.thingKind(), CORNER));
      }
    }
  }

  /** The places of what an item sets down, as far as there are any. */
  public static List<Ref> placesOfItem(Mission mission, String item) {
    return IntStream.range(0, ItemKind.MOST_SET_DOWN)
        .mapToObj(slot -> new Ref(Family.PROPS, place(item, SET_DOWN, slot)))
        .filter(place -> mission.find(place) != null)
        .toList();
  }

  /** Stands in an id for the working of a zone. */
  private static final String SET_DOWN = "setsDown";

  /** Where things are that nobody has set down yet. */
  private static final Position CORNER = new Position(0, 0);

  private static String place(String zone, String key, int slot) {
    return id(zone + "/" + key + "/" + slot);
  }

  /** The places of what a working of a zone brings forth, as far as there are any. */
  public static List<Ref> places(Mission mission, String zone, String key) {
    return IntStream.range(0, Work.MOST_AT_ONCE)
        .mapToObj(slot -> new Ref(Family.PROPS, place(zone, key, slot)))
        .filter(place -> mission.find(place) != null)
        .toList();
  }

  /** The places of all that zones bring forth and items set down. */
  public static List<Ref> places(Mission mission) {
    return Stream.concat(
            mission.zones().entrySet().stream()
                .flatMap(
                    zone ->
                        Ordered.sort(zone.getValue().does()).stream()
                            .filter(it -> it.getValue().work() instanceof Work.BringsForth)
                            .flatMap(it -> places(mission, zone.getKey(), it.getKey()).stream())),
            mission.itemKinds().keySet().stream().flatMap(id -> placesOfItem(mission, id).stream()))
        .toList();
  }

  private static Prop place(String name, Ref kind, Position at) {
    return new Prop(
        name.substring(Math.max(0, name.length() - 60)),
        kind,
        at,
        new Level.OnGround(),
        new Atop.Nothing(),
        0,
        1,
        new Begins.AsItsKind(),
        Standing.GONE,
        0,
        new TreeMap<>(),
        Prop.Wear.NONE,
        0,
        0);
  }

  private void wave(String id, Wave wave, int turn) {
    int number = turn * people(wave);
    for (Map.Entry<String, Wave.Party> entry : Ordered.sort(wave.parties())) {
      Wave.Party party = entry.getValue();
      String squad = squad(id, entry.getKey(), turn);
      Order duty = party.duty() instanceof Order.AsSquad ? new Order.Stay() : party.duty();
      String name = mission.find(party.kind()) instanceof Kind kind ? kind.name() : "Stranger";
      squads.put(
          squad,
          new Squad(
              wave.name(),
              Ref.open(Family.UNITS),
              Squad.Formation.PAIRS,
              RANK,
              new Squad.Every(),
              new Squad.Alone(),
              duty,
              Firmness.WHILE_CALM));
      int count = count(party);
      for (int slot = 0; slot < count && units.size() < MOST; slot++) {
        Unit.Belongs belongs = new Unit.OfSquad(new Ref(Family.SQUADS, squad), Unit.Fills.ALWAYS);
        units.put(
            id(id + "/" + entry.getKey() + "/" + slot + inTurn(turn)),
            new Unit(
                "%s %d, %s".formatted(name, ++number, wave.name()),
                party.side(),
                party.kind(),
                new Position(0, 0),
                new Level.Top(),
                0,
                false,
                new Unit.AsKind(),
                new TreeMap<>(),
                belongs,
                new TreeMap<>(),
                new Order.AsSquad(),
                Firmness.WHILE_CALM));
      }
    }
  }

  /** Whether there is room for all whom a wave brings. */
  private boolean fits(Wave wave) {
    return units.size() + people(wave) <= MOST;
  }

  /** How many a wave brings. */
  private int people(Wave wave) {
    return wave.parties().values().stream().mapToInt(this::count).sum();
  }

  private int count(Wave.Party party) {
    return party.count().at(terms, mission.brief().pressure());
  }
}
