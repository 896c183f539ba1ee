package org.flintmoss.script;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/**
 * Everyone and everything a run counts by index instead of by id. Units and player starts share one
 * numbering, by id, so that adding one far away renumbers but never reorders the others.
 */
public final class ActorIndex {
  /** One who acts: its reference and what the document says of it. */
  public record Member(Ref ref, StandingActor standing) {}

  private final Mission mission;
  private final List<Member> members = new ArrayList<>();
  private final Map<Ref, Integer> numbers = new HashMap<>();
  private final Map<Ref, Integer> indexes = new HashMap<>();
  private final Map<Ref, Integer> thingNumbers = new LinkedHashMap<>();
  private final int[] seats;

  /** The cast of a mission. */
  public ActorIndex(Mission mission) {
    this.mission = mission;
    mission.starts().forEach((id, it) -> members.add(new Member(new Ref(Family.STARTS, id), it)));
    mission.units().forEach((id, it) -> members.add(new Member(new Ref(Family.UNITS, id), it)));
    members.sort(Comparator.comparing(member -> member.ref().id()));
    members.forEach(member -> numbers.put(member.ref(), numbers.size()));
    for (Family family : Family.values()) {
      int index = 0;
      for (String id : mission.of(family).keySet()) {
        indexes.put(new Ref(family, id), index++);
      }
    }
    for (Family family : List.of(Family.PROPS, Family.FIXTURES)) {
      for (String id : mission.of(family).keySet()) {
        thingNumbers.put(new Ref(family, id), thingNumbers.size());
      }
    }
    seats =
        Ordered.sort(mission.starts()).stream()
            .map(Map.Entry<String, PlayerStart>::getKey)
            .mapToInt(id -> member(new Ref(Family.STARTS, id)))
            .toArray();
  }

  /** The mission. */
  public Mission mission() {
    return mission;
  }

  /** All members in their numbering. */
  public List<Member> members() {
    return members;
  }

  /** The member of each seat, in the order of the starts. */
  public int[] seats() {
    return seats.clone();
  }

  /** The number of a unit or start; -1 for an open reference. */
  public int member(Ref ref) {
    return numbers.getOrDefault(ref, -1);
  }

  /** The number of anything else within its family, by id; -1 for an open reference. */
  public int index(Ref ref) {
    return indexes.getOrDefault(ref, -1);
  }

  /** The number of a prop or fixture among both; -1 for an open reference. */
  public int thing(Ref ref) {
    return thingNumbers.getOrDefault(ref, -1);
  }

  /** The props and fixtures in their numbering. */
  public List<Ref> things() {
    return List.copyOf(thingNumbers.keySet());
  }

  /** How many sides are told apart: those of the mission, and one for all whose side is gone. */
  public int sideNumbers() {
    return mission.sides().size() + 1;
  }

  /** How many things of a family are told apart. */
  int many(Family family) {
    return family == Family.SIDES ? sideNumbers() : mission.of(family).size();
  }

  /** How many kinds of item there are. */
  public int itemKinds() {
    return mission.itemKinds().size();
  }

  /** The members of a side. */
  public int[] ofSide(Ref side) {
    return members(member -> member.standing().side().equals(side));
  }

  /** The members of a kind. */
  public int[] ofKind(Ref kind) {
    return members(member -> member.standing().kind().equals(kind));
  }

  /** The members of a squad. */
  public int[] ofSquad(Ref squad) {
    return members(
        member ->
            member.standing() instanceof Unit unit
                && unit.belongs() instanceof Unit.OfSquad of
                && of.squad().equals(squad));
  }

  /** The members of the squads of a band. */
  public int[] ofBand(Ref band) {
    return members(
        member ->
            member.standing() instanceof Unit unit
                && unit.belongs() instanceof Unit.OfSquad of
                && mission.find(of.squad()) instanceof Squad squad
                && squad.belongs() instanceof Squad.OfBand in
                && in.band().equals(band));
  }

  /** The players' own. */
  public int[] players() {
    return Arrays.stream(seats).sorted().toArray();
  }

  /** Everyone. */
  public int[] everyone() {
    return members(member -> true);
  }

  private int[] members(Predicate<Member> which) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < members.size(); i++) {
      if (which.test(members.get(i))) {
        found.add(i);
      }
    }
    return found.stream().mapToInt(Integer::intValue).toArray();
  }
}
