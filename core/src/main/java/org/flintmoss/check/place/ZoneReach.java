package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.script.ScriptWalk;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.script.Act;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.CrowdFinder;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Stand;
import org.flintmoss.terrain.Tide;

/**
 * Events that wait for somebody in a zone that none of those they name can ever enter: not with
 * every gate open that anything opens, and not while the water is at its lowest. A unit that is
 * moved or brought in by an event is taken to come anywhere.
 */
final class ZoneReach {
  /** So far below the zero of heights no ground is under water, metres. */
  private static final double DRY = -1000;

  /** How finely it is told by how much the water would have to be lower, metres. */
  private static final double STEP = 0.1;

  /** By how many such steps at most the water is tried lower. */
  private static final int FARTHEST = 128;

  private final Mission mission;
  private final Ground ground;
  private final Land land;
  private final ActorIndex actors;
  private final List<Act.Deed> deeds;
  private final Stand gates;
  private final double lowest;
  private final Set<Integer> moved = new HashSet<>();
  private final Map<Way, NavigationMap> maps = new HashMap<>();
  private final Map<Wish, Boolean> known = new HashMap<>();
  private final List<Finding> findings = new ArrayList<>();

  /** Somebody on foot while the water stands at a level. */
  private record Way(Mover mover, double water) {}

  /** Somebody who is to come to a zone. */
  private record Wish(int member, String zone) {}

  ZoneReach(Mission mission, ActorIndex actors, Land land, List<Act.Deed> deeds) {
    this.mission = mission;
    this.actors = actors;
    this.land = land;
    ground = land.ground();
    this.deeds = deeds;
    gates = gates();
    lowest = lowest();
    for (Act.Deed deed : deeds) {
      Crowd who =
          switch (deed.action()) {
            case Action.MoveTo to -> deed.slots().crowd(to.who());
            case Action.BringIn in -> deed.slots().crowd(in.who());
            case Action.BringInAt in -> deed.slots().crowd(in.who());
            default -> null;
          };
      if (who != null) {
        Arrays.stream(who.known() ? who.members() : actors.everyone()).forEach(moved::add);
      }
    }
  }

  List<Finding> findings() {
    mission
        .events()
        .forEach(
            (id, event) ->
                ScriptWalk.of(
                    id,
                    event,
                    new ScriptWalk.Visitor() {
                      @Override
                      public void condition(String pointer, Condition condition) {
                        look(id, pointer, condition);
                      }

                      @Override
                      public void action(String pointer, Action action) {
                        // What is done says nothing of where somebody has to be.
                      }
                    }));
    return findings;
  }

  private void look(String event, String pointer, Condition condition) {
    switch (condition) {
      case Condition.Inside(Selector who, Ref zone) -> look(event, pointer, who, zone);
      case Condition.BeenInside(Selector who, Ref zone) -> look(event, pointer, who, zone);
      case Condition.HasLeft(Selector who, Ref zone) -> look(event, pointer, who, zone);
      case Condition.CameBack(Selector who, Ref zone) -> look(event, pointer, who, zone);
      default -> {}
    }
  }

  private void look(String event, String pointer, Selector who, Ref zone) {
    Crowd crowd =
        new CrowdFinder(actors, mission.termsOfAll(Difficulty.STORM))
            .crowd(who, CrowdFinder.NO_TURN);
    boolean asks = crowd != null && crowd.known() && crowd.need() != Crowd.Need.NONE;
    if (!asks
        || crowd.members().length == 0
        || !(mission.find(zone) instanceof Zone it)
        || !(it.rides() instanceof Zone.Stands)) {
      return;
    }
    boolean everybody = crowd.need() == Crowd.Need.ALL;
    IntPredicate kept = member -> !comes(member, zone.id(), it);
    IntStream members = Arrays.stream(crowd.members());
    if (everybody ? members.anyMatch(kept) : members.allMatch(kept)) {
      int[] out = Arrays.stream(crowd.members()).filter(kept).toArray();
      String says =
          "%s: %s can never get into %s on foot. %s"
              .formatted(
                  mission.events().get(event).name(),
                  names(out, out.length == crowd.members().length),
                  it.name(),
                  why(out[0], it));
      findings.add(
          new Finding(
              Rule.ZONE_OUT_OF_REACH, Page.SCRIPT, new Ref(Family.EVENTS, event), pointer, says));
    }
  }

  private String names(int[] out, boolean all) {
    String first = actors.members().get(out[0]).standing().name();
    return out.length == 1 ? first : all ? "all of them" : first + " and others";
  }

  private boolean comes(int member, String id, Zone zone) {
    return known.computeIfAbsent(new Wish(member, id), _ -> reaches(member, zone, lowest));
  }

  /** Whether somebody can come to any point of a zone while the water stands at a level. */
  private boolean reaches(int member, Zone zone, double water) {
    ActorIndex.Member it = actors.members().get(member);
    boolean later = it.standing() instanceof Unit unit && !unit.inPlay();
    if (later || moved.contains(member)) {
      return true;
    }
    if (!(mission.find(it.standing().kind()) instanceof Kind kind)) {
      return true;
    }
    NavigationMap map = map(kind, water);
    Position from = it.standing().position();
    int deck = land.stands(Mover.of(kind), it.standing().level(), from.x(), from.y());
    return points(Area.of(zone.shape()))
        .anyMatch(at -> map.joined(deck, from.x(), from.y(), Decks.ANY, at.x(), at.y()));
  }

  /** The map for a kind with the water at a level; who swims is not kept off by water. */
  private NavigationMap map(Kind kind, double water) {
    Mover mover = Mover.of(kind);
    return maps.computeIfAbsent(
        new Way(mover, kind.moves().swims() && mover.onFoot() ? DRY : water),
        way -> NavigationMap.of(land, way.mover(), way.water(), gates));
  }

  private Stream<Position> points(Area area) {
    Area.Bounds bounds = area.bounds();
    double east = Math.max(1, (bounds.east() - bounds.west()) / 20);
    double north = Math.max(1, (bounds.north() - bounds.south()) / 20);
    return DoubleStream.iterate(bounds.west() + east / 2, x -> x < bounds.east(), x -> x + east)
        .boxed()
        .flatMap(
            x ->
                DoubleStream.iterate(
                        bounds.south() + north / 2, y -> y < bounds.north(), y -> y + north)
                    .mapToObj(y -> new Position(x, y)))
        .filter(at -> at.x() >= 0 && at.y() >= 0 && area.contains(at.x(), at.y()))
        .filter(at -> at.x() <= ground.width() && at.y() <= ground.height());
  }

  /** What keeps somebody out, and what would let them in. */
  private String why(int member, Zone zone) {
    if (!reaches(member, zone, DRY)) {
      return "Walls, closed gates or steep ground keep them out.";
    }
    int least = 1;
    int most = FARTHEST;
    while (least < most) {
      int middle = (least + most) / 2;
      if (reaches(member, zone, lowest - middle * STEP)) {
        most = middle;
      } else {
        least = middle + 1;
      }
    }
    return "The water never falls below %.1f m; it would have to be %.1f m lower."
        .formatted(lowest, least * STEP);
  }

  /** The lowest that the water comes to stand by its table or by an event. */
  private double lowest() {
    Tide tide = new Tide(mission.setting());
    double start = mission.setting().startTime();
    DoubleStream marks =
        mission.setting().tide().values().stream()
            .mapToDouble(Setting.Mark::time)
            .filter(time -> time >= start)
            .map(tide::at);
    DoubleStream set =
        deeds.stream()
            .map(Act.Deed::action)
            .filter(Action.Water.class::isInstance)
            .mapToDouble(action -> ((Action.Water) action).level());
    return DoubleStream.concat(DoubleStream.of(tide.at(start)), DoubleStream.concat(marks, set))
        .min()
        .getAsDouble();
  }

  /**
   * How gates and things stand when each is out of the way that is at first or ever comes to be.
   */
  private Stand gates() {
    Stand stands = land.obstacles().open();
    Stand passable = land.obstacles().passable();
    List<String> all = List.copyOf(mission.gates().keySet());
    for (int gate = 0; gate < all.size(); gate++) {
      Ref ref = new Ref(Family.GATES, all.get(gate));
      boolean opened =
          deeds.stream()
                  .anyMatch(
                      deed ->
                          deed.action() instanceof Action.SetGate set
                              && set.gate().equals(ref)
                              && set.state() != Gate.State.CLOSED)
              || mission
                  .effectsOfUses()
                  .anyMatch(
                      effect ->
                          (effect instanceof Use.OpensGate opens && opens.gate().equals(ref))
                              || (effect instanceof Use.TurnsGate turns
                                  && turns.gate().equals(ref)));
      stands = stands.with(gate, opened ? Gate.State.OPEN.ordinal() : passable.state(gate));
    }
    return stands;
  }
}
