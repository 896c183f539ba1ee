package org.flintmoss.simulation.plan;

import java.util.Arrays;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.script.ActorIndex;

/** The squads of a mission by number. */
public final class SquadTable {
  /**
   * One squad, looked up.
   *
   * @param key a number that does not change with others, for chance
   * @param members its units, rising
   * @param leader who leads while on their feet; -1 for the first
   * @param reckoned with whom its strength and alarm are reckoned, rising: its band, or itself
   * @param of what the document says of it
   */
  public record Row(long key, int[] members, int leader, int[] reckoned, Squad of) {}

  private final Row[] squads;
  private final int[] filled;

  SquadTable(ActorIndex actors, Terms terms) {
    Mission mission = actors.mission();
    squads =
        mission.squads().entrySet().stream()
            .map(squad -> compiled(actors, squad))
            .toArray(Row[]::new);
    filled = Arrays.stream(squads).mapToInt(squad -> filled(squad, mission, terms)).toArray();
  }

  private static Row compiled(ActorIndex actors, Map.Entry<String, Squad> squad) {
    return new Row(
        Chance.of(squad.getKey()),
        actors.ofSquad(new Ref(Family.SQUADS, squad.getKey())),
        actors.member(squad.getValue().leader()),
        reckoned(actors, squad.getKey(), squad.getValue()),
        squad.getValue());
  }

  private static int[] reckoned(ActorIndex actors, String id, Squad squad) {
    return squad.belongs() instanceof Squad.OfBand in && actors.mission().find(in.band()) != null
        ? actors.ofBand(in.band())
        : actors.ofSquad(new Ref(Family.SQUADS, id));
  }

  private static int filled(Row squad, Mission mission, Terms terms) {
    return switch (squad.of().places()) {
      case Squad.Every _ -> squad.members().length;
      case Squad.Counted counted -> counted.count().at(terms, mission.brief().pressure());
    };
  }

  /** How many squads there are. */
  public int count() {
    return squads.length;
  }

  /** A squad by its number. */
  public Row get(int squad) {
    return squads[squad];
  }

  /** How many places of a squad are filled, of those there are. */
  public int filled(int squad) {
    return filled[squad];
  }
}
