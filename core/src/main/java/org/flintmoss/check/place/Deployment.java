package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.check.way.WayChecks;
import org.flintmoss.check.way.WhyNot;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Use;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Hand;
import org.flintmoss.mission.ground.Post;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.ground.SpawnPoint;
import org.flintmoss.mission.ground.Wall;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.unit.Band;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Open;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Zone;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.script.Act;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.Arrival;
import org.flintmoss.script.CompiledOrders;
import org.flintmoss.script.Crowd;
import org.flintmoss.script.Script;
import org.flintmoss.simulation.script.Measures;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tide;

/** Findings on who is sent where: squads, routes, posts, spawn points, and those who come later. */
public final class Deployment {
  private final Mission mission;
  private final Ground ground;
  private final ActorIndex actors;
  private final Footing footing;
  private final Land land;

  /** Everything that any event may do. */
  private final List<Act.Deed> deeds;

  private final List<Arrival> arrivals;
  private final Script script;

  /** For how many it is looked into why they do not get there. */
  private static final int ASKED = 8;

  private int asked;

  private final Map<Mover, NavigationMap> maps = new HashMap<>();
  private final List<Finding> findings = new ArrayList<>();

  /** Checks of a mission on its ground. */
  public Deployment(Mission mission, Ground ground) {
    this.mission = mission;
    this.ground = ground;
    actors = new ActorIndex(mission);
    footing = new Footing(mission, ground);
    script =
        Script.compile(
            actors,
            mission.termsOfAll(Difficulty.STORM),
            new CompiledOrders(actors, mission.termsOfAll(Difficulty.STORM)),
            Measures::of);
    arrivals = script.arrivals();
    deeds =
        script.programs().stream()
            .flatMap(program -> program.lines().stream())
            .map(Act.Line::act)
            .filter(Act.Deed.class::isInstance)
            .map(Act.Deed.class::cast)
            .toList();
    land = Land.of(mission, ground);
  }

  /** What was found about who stands, works and goes where. */
  public List<Finding> findings() {
    mission.squads().keySet().forEach(this::squad);
    mission.bands().forEach(this::band);
    mission
        .posts()
        .forEach(
            (id, post) -> standable(Family.POSTS, id, post.name(), post.position(), post.level()));
    mission.spawnPoints().forEach(this::spawnPoint);
    mission.routes().forEach(this::route);
    mission.courses().forEach(this::course);
    mission.walls().forEach(this::wall);
    mission.gates().forEach(this::gate);
    mission.units().forEach((id, unit) -> ordered(new Ref(Family.UNITS, id), unit, unit.order()));
    neverCome();
    Stream.concat(
            arrivals.stream()
                .filter(Arrival.Over.class::isInstance)
                .map(it -> ((Arrival.Over) it).zone()),
            mission.starts().values().stream()
                .map(PlayerStart::begins)
                .filter(PlayerStart.InZone.class::isInstance)
                .map(it -> actors.index(((PlayerStart.InZone) it).zone())))
        .distinct()
        .filter(zone -> zone >= 0)
        .forEach(this::spawnArea);
    findings.addAll(new WorkingChecks(mission, script).findings());
    findings.addAll(new DeckChecks(mission, ground, land.decks()).findings());
    findings.addAll(EffectChecks.of(mission, ground));
    findings.addAll(MotionChecks.of(mission, ground, land.decks()));
    findings.addAll(new BuildingChecks(mission, land.decks()).findings());
    findings.addAll(new WayChecks(mission, land).findings());
    findings.addAll(new WaveChecks(mission, actors, footing, deeds).findings());
    findings.addAll(new ZoneReach(mission, actors, land, deeds).findings());
    findings.addAll(new Belongings(mission, footing, deeds).findings());
    return findings;
  }

  private void find(Rule rule, Ref thing, String pointer, String says) {
    find(rule, thing, pointer, says, null);
  }

  private void find(Rule rule, Ref thing, String pointer, String says, Fix fix) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, Page.GROUND, thing, at, says, fix));
  }

  private void squad(String id) {
    Ref ref = new Ref(Family.SQUADS, id);
    var squad = mission.squads().get(id);
    int[] members = actors.ofSquad(ref);
    if (members.length == 0) {
      find(Rule.EMPTY_SQUAD, ref, "", squad.name() + " is a squad of nobody: add a unit to it.");
      return;
    }
    int leader = actors.member(squad.leader());
    if (leader >= 0 && Arrays.binarySearch(members, leader) < 0) {
      find(
          Rule.LEADER_OF_OTHERS,
          ref,
          "/leader",
          "%s is led by %s, who does not belong to it; the first of its members leads."
              .formatted(squad.name(), name(leader)));
    }
    for (int member : members) {
      CalledOff.check();
      if (actors.members().get(member).standing() instanceof Unit unit) {
        ordered(ref, unit, squad.order());
      }
    }
  }

  private void band(String id, Band band) {
    Squad.Belongs belongs = new Squad.OfBand(new Ref(Family.BANDS, id));
    if (mission.squads().values().stream().noneMatch(it -> it.belongs().equals(belongs))) {
      find(
          Rule.EMPTY_BAND,
          new Ref(Family.BANDS, id),
          "",
          band.name() + " is a band of no squads: have a squad belong to it.");
    }
  }

  private String name(int member) {
    return actors.members().get(member).standing().name();
  }

  private void spawnPoint(String id, SpawnPoint point) {
    standable(Family.SPAWN_POINTS, id, point.name(), point.position(), point.level());
  }

  /** A place that no kind of the catalogue can stand at is no use to anybody. */
  private void standable(Family family, String id, String name, Position at, Level level) {
    Optional<String> reason = Optional.empty();
    for (Kind kind : mission.kinds().values()) {
      CalledOff.check();
      reason = footing.bad(kind, level, at.x(), at.y());
      if (reason.isEmpty()) {
        return;
      }
    }
    reason.ifPresent(
        why ->
            find(
                Rule.CANNOT_STAND_THERE,
                new Ref(family, id),
                "/position",
                "Nobody can stand at %s: %s".formatted(name, why)));
  }

  private void route(String id, Route route) {
    if (route.waypoints().isEmpty()) {
      find(
          Rule.ROUTE_WITHOUT_WAYPOINT,
          new Ref(Family.ROUTES, id),
          "",
          route.name() + " has no waypoint yet.");
    }
  }

  private void course(String id, Course course) {
    if (course.passages().isEmpty()) {
      find(
          Rule.COURSE_WITHOUT_ZONES,
          new Ref(Family.COURSES, id),
          "/passages",
          course.name() + " has no zones yet: nobody can begin it.");
    }
  }

  private void wall(String id, Wall wall) {
    if (wall.corners().size() < 2) {
      find(
          Rule.WALL_WITHOUT_LENGTH,
          new Ref(Family.WALLS, id),
          "/corners",
          wall.name() + " needs two corners to stand.");
    }
  }

  /** A gate that is not open and that nothing ever opens might as well be a wall. */
  private void gate(String id, Gate gate) {
    Ref ref = new Ref(Family.GATES, id);
    boolean worked =
        mission.effectsOfUses().anyMatch(effect -> opens(effect, ref))
            || deeds.stream()
                .anyMatch(
                    deed -> deed.action() instanceof Action.SetGate set && set.gate().equals(ref))
            || gate.hand() instanceof Hand.Opened;
    if (gate.stands() != Gate.State.OPEN && !worked) {
      find(
          Rule.GATE_NEVER_OPENS,
          ref,
          "/stands",
          gate.name() + " is tied to nothing: nobody, no fixture and no event opens it.");
    }
  }

  private static boolean opens(Use.Effect effect, Ref gate) {
    return switch (effect) {
      case Use.OpensGate opens -> opens.gate().equals(gate);
      case Use.TurnsGate turns -> turns.gate().equals(gate);
      case Use.ClosesGate _,
          Use.Nothing _,
          Use.BeginsEffect _,
          Use.EndsEffect _,
          Use.OpensExchange _,
          Use.SendsDeck _,
          Use.SendsDeckOn _,
          Use.LetsStand _,
          Use.LetsLook _ ->
          false;
    };
  }

  private void ordered(Ref who, Unit unit, Order order) {
    if (order instanceof Order.AsSquad && unit.belongs() instanceof Unit.Alone) {
      find(
          Rule.AS_SQUAD_WITHOUT_SQUAD,
          who,
          "/order",
          unit.name() + " does as the squad does, but belongs to none.",
          Fix.of("Let it stay", "/units/" + who.id() + "/order", new Order.Stay()));
    } else if (order instanceof Order.Guard guard
        && mission.find(guard.post()) instanceof Post post) {
      if (post.open() instanceof Open.ToSide to && !to.side().equals(unit.side())) {
        find(
            Rule.POST_NOT_OPEN_TO_SIDE,
            who,
            "/order",
            "%s guards %s, which is not open to their side.".formatted(unit.name(), post.name()));
      }
      reach(who, unit, post.position(), post.level(), post.name());
    } else if (order instanceof Order.Along along
        && mission.find(along.route()) instanceof Route route) {
      if (!route.open().to(unit.side())) {
        find(
            Rule.ROUTE_NOT_OPEN_TO_SIDE,
            who,
            "/order",
            "%s goes along %s, which is not open to their side."
                .formatted(unit.name(), route.name()));
      }
      int number = 0;
      for (Map.Entry<String, Route.Waypoint> point : Ordered.sort(route.waypoints())) {
        String what = "waypoint %d of %s".formatted(++number, route.name());
        waypoint(who, unit, point.getValue(), what);
      }
    }
  }

  /** A waypoint at a height lies on one surface; another on whichever is reached. */
  private void waypoint(Ref who, Unit unit, Route.Waypoint point, String what) {
    Position at = point.position();
    switch (point.height()) {
      case Route.AnyLevel _ -> reach(who, unit, at, new Level.Top(), what);
      case Route.AtHeight it ->
          reach(who, unit, at, land.decks().nearest(at.x(), at.y(), it.height()), null, what);
    }
  }

  private void reach(Ref who, Unit unit, Position to, Level level, String what) {
    reach(who, unit, to, land.decks().asked(level, to.x(), to.y()), level, what);
  }

  /** Whether a unit in play comes to a point of a surface; the level is looked at where given. */
  private void reach(Ref who, Unit unit, Position to, int deck, Level level, String what) {
    if (!unit.inPlay() || !(mission.find(unit.kind()) instanceof Kind kind)) {
      return;
    }
    NavigationMap map =
        maps.computeIfAbsent(Mover.of(kind), mover -> NavigationMap.of(land, mover, water()));
    double x = unit.position().x();
    double y = unit.position().y();
    int from = land.stands(Mover.of(kind), unit.level(), x, y);
    if (!map.joined(from, x, y, deck, to.x(), to.y())) {
      String why =
          Optional.ofNullable(level)
              .flatMap(it -> footing.bad(kind, it, to.x(), to.y()))
              .orElseGet(() -> why(unit, kind, map, deck, to));
      find(
          Rule.OUT_OF_REACH,
          who,
          "/order",
          "%s cannot reach %s. %s".formatted(unit.name(), what, why));
    }
  }

  /** Why somebody does not get to a point; looked into for the first few alone. */
  private String why(Unit unit, Kind kind, NavigationMap map, int toDeck, Position to) {
    if (asked++ >= ASKED) {
      return "There is no way there.";
    }
    Position at = unit.position();
    int deck = land.stands(Mover.of(kind), unit.level(), at.x(), at.y());
    WhyNot.Who who = new WhyNot.Who(unit.name(), kind, deck, at.x(), at.y());
    WhyNot.Ways ways = new WhyNot.Ways(water(), land.obstacles().passable());
    return WhyNot.ask(mission, ways, who, map, toDeck, to.x(), to.y()).says();
  }

  private double water() {
    return new Tide(mission.setting()).at(mission.setting().startTime());
  }

  /** The distance between two points of a zone that are tried, metres. */
  private static final double TRIED = 2;

  /** A unit that is to come in over a zone needs a place in it. */
  private void spawnArea(int number) {
    String id = List.copyOf(mission.zones().keySet()).get(number);
    Zone zone = mission.zones().get(id);
    Area area = Area.of(zone.shape());
    Area.Bounds bounds = area.bounds();
    double east = Math.max(TRIED, (bounds.east() - bounds.west()) / 20);
    double north = Math.max(TRIED, (bounds.north() - bounds.south()) / 20);
    for (double x = bounds.west() + TRIED / 4; x <= bounds.east(); x += east) {
      CalledOff.check();
      for (double y = bounds.south() + TRIED / 4; y <= bounds.north(); y += north) {
        if (area.contains(x, y) && somebodyStands(x, y)) {
          return;
        }
      }
    }
    find(
        Rule.ENTRANCE_WITHOUT_ROOM,
        new Ref(Family.ZONES, id),
        "/shape",
        "Nobody can come in over %s: there is no place in it to stand.".formatted(zone.name()));
  }

  private boolean somebodyStands(double x, double y) {
    return mission.kinds().values().stream()
        .anyMatch(kind -> footing.bad(kind, new Level.Top(), x, y).isEmpty());
  }

  private void neverCome() {
    Set<Integer> come = new HashSet<>();
    for (Act.Deed deed : deeds) {
      Crowd who =
          switch (deed.action()) {
            case Action.BringIn in -> deed.slots().crowd(in.who());
            case Action.BringInAt in -> deed.slots().crowd(in.who());
            default -> null;
          };
      if (who != null) {
        Arrays.stream(who.members()).forEach(come::add);
      }
    }
    mission
        .units()
        .forEach(
            (id, unit) -> {
              Ref ref = new Ref(Family.UNITS, id);
              if (!unit.inPlay() && !come.contains(actors.member(ref))) {
                find(
                    Rule.UNIT_NEVER_COMES,
                    ref,
                    "/inPlay",
                    unit.name() + " never comes: no event brings it in.",
                    Fix.of("Have it in play from the start", "/units/" + id + "/inPlay", true));
              }
            });
  }
}
