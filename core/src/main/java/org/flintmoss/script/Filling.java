package org.flintmoss.script;

import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;

/**
 * How likely the places of squads that are counted are filled. The leader and those who are always
 * there come first; what is left over is shared evenly by those who come by chance.
 */
public final class Filling {
  private Filling() {}

  /** The chance that each member of a counted squad is there on some terms, by the unit's id. */
  public static SortedMap<String, Double> chances(Mission mission, Terms terms) {
    ActorIndex actors = new ActorIndex(mission);
    SortedMap<String, Double> chances = new TreeMap<>();
    mission
        .squads()
        .forEach(
            (id, squad) -> {
              if (squad.places() instanceof Squad.Counted counted) {
                int count = counted.count().at(terms, mission.brief().pressure());
                int[] members = actors.ofSquad(new Ref(Family.SQUADS, id));
                add(actors, squad, members, count, chances);
              }
            });
    return chances;
  }

  private static void add(
      ActorIndex actors, Squad squad, int[] members, int count, SortedMap<String, Double> chances) {
    int maybe = (int) Arrays.stream(members).filter(it -> byChance(actors, squad, it)).count();
    double left = Math.max(0, count - (members.length - maybe));
    double chance = maybe == 0 ? 1 : Math.min(1, left / maybe);
    for (int member : members) {
      chances.put(
          actors.members().get(member).ref().id(), byChance(actors, squad, member) ? chance : 1);
    }
  }

  /** Whether a member's place is filled by chance; a leader's never is. */
  public static boolean byChance(ActorIndex actors, Squad squad, int member) {
    return member != actors.member(squad.leader())
        && actors.members().get(member).standing() instanceof Unit unit
        && unit.belongs() instanceof Unit.OfSquad of
        && of.fills() == Unit.Fills.BY_CHANCE;
  }
}
