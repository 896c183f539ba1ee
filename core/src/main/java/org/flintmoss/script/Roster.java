package org.flintmoss.script;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
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
import org.flintmoss.mission.word.Terms;

/**
 * All whom the waves of a mission may bring on some terms, as units and squads of their own that
 * are not in play yet. From here on nothing tells them from those that were set down by hand.
 */
public final class Roster {
  /** No mission has more people than this; what waves would bring beyond it stays away. */
  public static final int MOST = 5000;

  /** Metres between those of a wave's party, unless they are told otherwise. */
  private static final double RANK = 2.4;

  private final Mission mission;
  private final Terms terms;
  private final SortedMap<String, Unit> units;
  private final SortedMap<String, Squad> squads;

  private Roster(Mission mission, Terms terms) {
    this.mission = mission;
    this.terms = terms;
    units = new TreeMap<>(mission.units());
    squads = new TreeMap<>(mission.squads());
  }

  /** The mission with everybody whom its waves may bring. */
  public static Mission of(Mission mission, Terms terms) {
    if (mission.waves().isEmpty()) {
      return mission;
    }
    Roster roster = new Roster(mission, terms);
    Ordered.sort(mission.waves()).forEach(wave -> roster.wave(wave.getKey(), wave.getValue()));
    return mission.with(roster.units, roster.squads);
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
                all += actors.ofSquad(new Ref(Family.SQUADS, squad(id, party))).length;
              }
              counts.put(id, all);
            });
    return counts;
  }

  /**
   * The id of the squad that a party forms. Ids are hashes of who brings whom, so that a count that
   * grows adds people and changes nobody.
   */
  static String squad(String wave, String party) {
    return id(wave + "/" + party);
  }

  private static String id(String whence) {
    return UUID.nameUUIDFromBytes(whence.getBytes(StandardCharsets.UTF_8)).toString();
  }

  private void wave(String id, Wave wave) {
    int number = 0;
    for (Map.Entry<String, Wave.Party> entry : Ordered.sort(wave.parties())) {
      Wave.Party party = entry.getValue();
      String squad = squad(id, entry.getKey());
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
      int count = party.count().at(terms, mission.brief().pressure());
      for (int slot = 0; slot < count && units.size() < MOST; slot++) {
        Unit.Belongs belongs = new Unit.OfSquad(new Ref(Family.SQUADS, squad), Unit.Fills.ALWAYS);
        units.put(
            id(id + "/" + entry.getKey() + "/" + slot),
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
                new Order.AsSquad(),
                Firmness.WHILE_CALM));
      }
    }
  }
}
