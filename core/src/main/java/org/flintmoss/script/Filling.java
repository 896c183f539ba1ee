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
    Cast cast = new Cast(mission);
    SortedMap<String, Double> chances = new TreeMap<>();
    mission
        .squads()
        .forEach(
            (id, squad) -> {
              if (squad.places() instanceof Squad.Counted counted) {
                int count = counted.count().at(terms, mission.brief().pressure());
                int[] members = cast.ofSquad(new Ref(Family.SQUADS, id));
                add(cast, squad, members, count, chances);
              }
            });
    return chances;
  }

  private static void add(
      Cast cast, Squad squad, int[] members, int count, SortedMap<String, Double> chances) {
    int maybe = (int) Arrays.stream(members).filter(it -> byChance(cast, squad, it)).count();
    double left = Math.max(0, count - (members.length - maybe));
    double chance = maybe == 0 ? 1 : Math.min(1, left / maybe);
    for (int member : members) {
      chances.put(
          cast.members().get(member).ref().id(), byChance(cast, squad, member) ? chance : 1);
    }
  }

  /** Whether a member's place is filled by chance; a leader's never is. */
  public static boolean byChance(Cast cast, Squad squad, int member) {
    return member != cast.member(squad.leader())
        && cast.members().get(member).standing() instanceof Unit unit
        && unit.belongs() instanceof Unit.OfSquad of
        && of.fills() == Unit.Fills.BY_CHANCE;
  }
}
