package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.simulation.state.Bearings;

/** What an oracle sees of a run: where units are and how they fare; all else it works out. */
final class NaiveWorld {
  /** On which terms scenes for the oracle are played. */
  static final Terms TERMS = new Terms(Difficulty.BREEZY, 1);

  private final Mission mission;
  private final World world;
  private final Set<String> within = new HashSet<>();
  private final Set<String> ever = new HashSet<>();
  private final Set<String> back = new HashSet<>();
  private final List<Move> moves = new ArrayList<>();

  /** Somebody went into a zone, or out of it. */
  record Move(String unit, String zone, boolean in) {}

  NaiveWorld(Mission mission, World world) {
    this.mission = mission;
    this.world = world;
  }

  private List<ActorIndex.Member> members() {
    return world.plan().actors().members();
  }

  private int number(String unit) {
    return IntStream.range(0, members().size())
        .filter(it -> members().get(it).ref().id().equals(unit))
        .findFirst()
        .orElseThrow();
  }

  private Position position(String unit) {
    return new Position(world.read().x(number(unit)), world.read().y(number(unit)));
  }

  /** The living of some, by number. */
  List<String> all(Selector.Whom whom) {
    return IntStream.range(0, members().size())
        .filter(it -> world.read().present(it) && !world.read().dead(it))
        .filter(it -> isOf(it, whom))
        .mapToObj(it -> members().get(it).ref().id())
        .toList();
  }

  private boolean isOf(int member, Selector.Whom whom) {
    ActorIndex.Member it = members().get(member);
    return switch (whom) {
      case Selector.Anyone _ -> true;
      case Selector.Players _ -> it.ref().family() == org.flintmoss.mission.word.Family.STARTS;
      case Selector.OfSide of -> it.standing().side().equals(of.side());
      case Selector.InBand in ->
          it.standing() instanceof Unit unit
              && unit.belongs() instanceof Unit.OfSquad of
              && mission.squads().get(of.squad().id()).belongs() instanceof Squad.OfBand band
              && band.band().equals(in.band());
      case Selector.OneUnit one -> it.ref().equals(one.unit());
      case Selector.Inside in -> {
        Zone.Circle shape = (Zone.Circle) mission.zones().get(in.zone().id()).shape();
        boolean there = far(position(it.ref().id()), shape.centre()) <= shape.radius();
        yield there && isOf(member, in.of());
      }
      case Selector.Within in ->
          far(it.ref().id(), in.place()) <= in.distance().at(TERMS) && isOf(member, in.of());
      default -> throw new IllegalStateException(whom + " is not known to the oracle");
    };
  }

  /** Those an action is done to: as many of those on their feet as it takes. */
  List<String> some(Selector who) {
    List<String> up =
        all(who.whom()).stream().filter(it -> !world.read().down(number(it))).toList();
    int many =
        switch (who.quantifier()) {
          case Selector.Any _ -> Math.min(1, up.size());
          case Selector.All _ -> up.size();
          case Selector.None _ -> 0;
          case Selector.AtLeast least -> Math.min(up.size(), least.count().count());
          case Selector.Share share -> (int) Math.ceil(up.size() * share.percent().at(TERMS) / 100);
        };
    return up.subList(0, many);
  }

  double health(String unit) {
    int number = number(unit);
    return world.read().health(number) * 100 / world.plan().kind(number).health();
  }

  double apart(String unit, String other) {
    return far(position(unit), position(other));
  }

  double far(String unit, Place place) {
    Position to = ((Place.Point) place).position();
    return far(position(unit), to);
  }

  /** Whether a place lies at most 45° to either side of where a unit faces. */
  boolean faces(String unit, Place place) {
    Position to = ((Place.Point) place).position();
    Position at = position(unit);
    double bearing = Bearings.of(to.x() - at.x(), to.y() - at.y());
    return Bearings.between(world.read().facing(number(unit)), bearing) <= 45;
  }

  private static double far(Position one, Position other) {
    double x = one.x() - other.x();
    double y = one.y() - other.y();
    return Math.sqrt(x * x + y * y);
  }

  boolean inside(String unit, String zone) {
    return within.contains(unit + " " + zone);
  }

  boolean beenInside(String unit, String zone) {
    return ever.contains(unit + " " + zone);
  }

  boolean cameBack(String unit, String zone) {
    return back.contains(unit + " " + zone);
  }

  /** Who went in or out when it was last looked. */
  List<Move> moves() {
    return moves;
  }

  /** Notes who is inside which zone now. */
  void look() {
    moves.clear();
    for (String zone : mission.zones().keySet()) {
      Zone.Circle shape = (Zone.Circle) mission.zones().get(zone).shape();
      for (String unit : all(new Selector.Anyone())) {
        String key = unit + " " + zone;
        boolean now = far(position(unit), shape.centre()) <= shape.radius();
        if (now != within.contains(key)) {
          moves.add(new Move(unit, zone, now));
        }
        if (now && !within.contains(key) && !ever.add(key)) {
          back.add(key);
        }
        if (now) {
          within.add(key);
        } else {
          within.remove(key);
        }
      }
    }
  }
}
