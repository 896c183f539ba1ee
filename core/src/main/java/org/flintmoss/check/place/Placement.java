package org.flintmoss.check.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Fix;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Craft;
import org.flintmoss.mission.ground.Fixture;
import org.flintmoss.mission.ground.Route;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.space.Cloud;
import org.flintmoss.simulation.space.Effects;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Tide;

/** Findings on where things lie and what they are called. */
public final class Placement {
  /** The deepest water that a cart stands in, metres. */
  private static final double STANDS_IN = 0.3;

  /** The highest above the water that a boat is drawn up, metres. */
  private static final double DRAWN_UP = 4;

  /** How far the rings lie apart on which a place beside something is sought, metres. */
  private static final double RING = 0.3;

  /** How many places of a ring are looked at. */
  private static final int TURNS = 16;

  private final Mission mission;
  private final Ground ground;
  private final Footing footing;
  private final Obstacles obstacles;
  private final Decks decks;
  private final double water;
  private final List<Finding> findings = new ArrayList<>();

  /** Checks of a mission on its ground. */
  public Placement(Mission mission, Ground ground, Footing footing) {
    this.mission = mission;
    this.ground = ground;
    this.footing = footing;
    obstacles = Obstacles.of(mission, ground);
    decks = Decks.of(mission, ground);
    water = new Tide(mission.setting()).at(mission.setting().startTime());
  }

  /** What was found about where things lie and what they are called. */
  public List<Finding> findings() {
    Arrays.stream(Family.values()).filter(Family::toldApart).forEach(this::names);
    mission.starts().forEach(this::inView);
    findings.addAll(new Outlines(mission).findings());
    mission.fixtures().forEach(this::fixture);
    mission.craft().forEach(this::craft);
    mission.routes().forEach(this::tasks);
    stances();
    return findings;
  }

  private void find(Rule rule, Page area, Ref thing, String pointer, String says, Fix fix) {
    String at = "/" + thing.family().key() + "/" + thing.id() + pointer;
    findings.add(new Finding(rule, area, thing, at, says, fix));
  }

  /** The letters of a name that are kept, so that a number of five digits fits behind it. */
  private static final int LONGEST_BASE = 54;

  private void find(Rule rule, Ref thing, String pointer, String says) {
    find(rule, Page.GROUND, thing, pointer, says, null);
  }

  /** Names that stand twice in a family; the later one by id is offered another. */
  private void names(Family family) {
    Set<String> taken = new HashSet<>();
    mission.of(family).values().forEach(thing -> taken.add(thing.name()));
    Set<String> seen = new HashSet<>();
    Map<String, Integer> numbers = new HashMap<>();
    mission
        .of(family)
        .forEach(
            (id, thing) -> {
              if (!seen.add(thing.name())) {
                String fresh = fresh(taken, numbers, thing.name());
                taken.add(fresh);
                String at = "/" + family.key() + "/" + id + "/name";
                find(
                    Rule.NAME_STANDS_TWICE,
                    Page.of(at),
                    new Ref(family, id),
                    "/name",
                    "There is more than one %s called %s.".formatted(family.word(), thing.name()),
                    Fix.of("Call it " + fresh, at, fresh));
              }
            });
  }

  /**
   * A name that is not taken: with the next number behind it.
   *
   * @param numbers the last number given to each name, so that thousands alike are soon told apart
   */
  private static String fresh(Set<String> taken, Map<String, Integer> numbers, String name) {
    String base = name.replaceFirst(" \\d+$", "");
    base = base.length() > LONGEST_BASE ? base.substring(0, LONGEST_BASE) : base;
    int number = numbers.getOrDefault(base, 1);
    do {
      number++;
    } while (taken.contains(base + " " + number));
    numbers.put(base, number);
    return base + " " + number;
  }

  /** A player who begins in the middle of an enemy's view has no time to begin. */
  private void inView(String id, PlayerStart start) {
    if (!(mission.find(start.kind()) instanceof Kind kind)) {
      return;
    }
    for (Map.Entry<String, Unit> entry : mission.units().entrySet()) {
      CalledOff.check();
      Unit unit = entry.getValue();
      if (unit.inPlay()
          && hostile(unit.side(), start.side())
          && mission.find(unit.kind()) instanceof Kind its
          && sees(unit, its, start, kind)) {
        find(
            Rule.BEGINS_IN_VIEW,
            new Ref(Family.STARTS, id),
            "/position",
            "%s begins in view of %s, who is hostile.".formatted(start.name(), unit.name()));
        return;
      }
    }
  }

  private boolean hostile(Ref one, Ref other) {
    return mission.stances().values().stream()
        .anyMatch(
            it ->
                it.attitude() == Stance.Attitude.HOSTILE
                    && (it.one().equals(one) && it.other().equals(other)
                        || it.one().equals(other) && it.other().equals(one)));
  }

  /** Whether somebody would notice another within twice as long as one stands before them. */
  private boolean sees(Unit unit, Kind its, PlayerStart start, Kind kind) {
    double x = unit.position().x();
    double y = unit.position().y();
    double tx = start.position().x();
    double ty = start.position().y();
    double far = Math.hypot(tx - x, ty - y);
    double turn = StrictMath.toDegrees(StrictMath.atan2(tx - x, ty - y)) - unit.facing();
    double off = Math.abs(((turn % 360) + 540) % 360 - 180);
    if (far > its.sight().range() / 2 || off > its.sight().field() / 2) {
      return false;
    }
    double z = decks.height(decks.on(unit.level(), x, y, its.eye()), x, y) + its.eye();
    double tz = decks.height(decks.on(start.level(), tx, ty, kind.eye()), tx, ty) + kind.eye();
    boolean hidden =
        mission.effects().values().stream()
            .anyMatch(
                it ->
                    it.on()
                        && !EffectTable.grows(it)
                        && Effects.hides(
                            it.look(), Cloud.of(it, mission.setting().wind()), x, y, tx, ty));
    return !hidden
        && ground.clear(x, y, z, tx, ty, tz)
        && decks.clear(x, y, z, tx, ty, tz)
        && obstacles.clear(x, y, z, tx, ty, tz, Obstacles.Line.SIGHT, obstacles.first());
  }

  /** A fixture that nobody can stand beside cannot be used. */
  private void fixture(String id, Fixture fixture) {
    if (mission.usesOf(fixture).isEmpty() || mission.kinds().isEmpty()) {
      return;
    }
    if (beside(fixture).isEmpty()) {
      find(
          Rule.FIXTURE_OUT_OF_REACH,
          new Ref(Family.FIXTURES, id),
          "/position",
          "Nobody can stand beside %s to use it.".formatted(fixture.name()));
    }
  }

  /** Where somebody can stand in reach of a fixture, if anywhere. */
  private Optional<Position> beside(Fixture fixture) {
    double x = fixture.position().x();
    double y = fixture.position().y();
    for (Kind kind : mission.kinds().values()) {
      double most = kind.hands() ? Fixture.REACH + kind.radius() : 0;
      for (double far = kind.radius() + RING; far < most; far += RING) {
        CalledOff.check();
        for (int turn = 0; turn < TURNS; turn++) {
          double angle = 2 * StrictMath.PI * turn / TURNS;
          Position at =
              new Position(x + far * StrictMath.sin(angle), y + far * StrictMath.cos(angle));
          if (footing.bad(kind, fixture.level(), at.x(), at.y()).isEmpty()) {
            return Optional.of(at);
          }
        }
      }
    }
    return Optional.empty();
  }

  private void craft(String id, Craft craft) {
    double x = craft.position().x();
    double y = craft.position().y();
    double depth = water - ground.heightAt(x, y);
    Ref ref = new Ref(Family.CRAFT, id);
    if (craft.look() == Craft.Look.BOAT && depth < -DRAWN_UP) {
      find(Rule.BOAT_ON_LAND, ref, "/position", "%s lies high and dry.".formatted(craft.name()));
    } else if (craft.look() == Craft.Look.CART && depth > STANDS_IN) {
      find(
          Rule.CART_IN_WATER,
          ref,
          "/position",
          "%s stands in %.1f m of water.".formatted(craft.name(), depth));
    }
  }

  /** A fixture that is used from a waypoint has to be in reach of it. */
  private void tasks(String id, Route route) {
    int number = 0;
    for (Map.Entry<String, Route.Waypoint> entry : Ordered.sort(route.waypoints())) {
      number++;
      Route.Waypoint point = entry.getValue();
      if (point.task() instanceof Route.Works task
          && mission.find(task.fixture()) instanceof Fixture fixture
          && Math.hypot(
                  fixture.position().x() - point.position().x(),
                  fixture.position().y() - point.position().y())
              > Fixture.REACH) {
        find(
            Rule.TASK_OUT_OF_REACH,
            Page.GROUND,
            new Ref(Family.ROUTES, id),
            "/waypoints/" + entry.getKey() + "/task",
            "%s is out of reach from waypoint %d of %s."
                .formatted(fixture.name(), number, route.name()),
            beside(fixture).map(at -> moved(id, entry.getKey(), at)).orElse(null));
      }
    }
  }

  private static Fix moved(String route, String waypoint, Position to) {
    double x = Math.round(to.x() * 100) / 100.0;
    double y = Math.round(to.y() * 100) / 100.0;
    return Fix.of(
        "Move the waypoint there",
        "/routes/" + route + "/waypoints/" + waypoint + "/position",
        new Position(x, y));
  }

  /** Two sides that are both there and of which nobody said how they stand to each other. */
  private void stances() {
    Set<String> there = new TreeSet<>();
    mission.units().values().forEach(it -> there.add(it.side().id()));
    mission.starts().values().forEach(it -> there.add(it.side().id()));
    List<String> sides = there.stream().filter(mission.sides()::containsKey).toList();
    for (int i = 0; i < sides.size(); i++) {
      CalledOff.check();
      for (int j = i + 1; j < sides.size(); j++) {
        pair(new Ref(Family.SIDES, sides.get(i)), new Ref(Family.SIDES, sides.get(j)));
      }
    }
  }

  private void pair(Ref one, Ref other) {
    boolean said =
        mission.stances().values().stream()
            .anyMatch(
                it ->
                    it.one().equals(one) && it.other().equals(other)
                        || it.one().equals(other) && it.other().equals(one));
    if (!said) {
      String a = mission.sides().get(one.id()).name();
      String b = mission.sides().get(other.id()).name();
      String id =
          one.id().length() + other.id().length() < 60 ? one.id() + "-" + other.id() : one.id();
      find(
          Rule.STANCE_NOT_SAID,
          Page.CATALOGUE,
          one,
          "",
          "Nobody has said how %s and %s stand to each other; they let each other be."
              .formatted(a, b),
          Fix.of(
              "Make them neutral",
              "/stances/" + id,
              new Stance(one, other, Stance.Attitude.NEUTRAL)));
    }
  }
}
