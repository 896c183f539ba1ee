package org.flintmoss.simulation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Kind;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Ordered;
import org.flintmoss.mission.Ref;
import org.flintmoss.mission.Stance;
import org.flintmoss.mission.Unit;
import org.flintmoss.mission.Weapon;
import org.flintmoss.mission.Zone;
import org.flintmoss.navigation.Mover;
import org.flintmoss.navigation.WalkMap;
import org.flintmoss.script.Cast;
import org.flintmoss.script.PlaceFinder;
import org.flintmoss.script.Script;
import org.flintmoss.script.Spot;
import org.flintmoss.terrain.Assets;
import org.flintmoss.terrain.Ground;

/** A mission compiled for one difficulty: immutable, shared by all of its runs. */
public final class Plan {
  /** Steps of simulation in a second. */
  public static final int STEPS_PER_SECOND = Script.STEPS_PER_SECOND;

  /** Seconds that one step lasts. */
  static final double STEP = 1.0 / STEPS_PER_SECOND;

  /** A weapon as somebody carries it, with its steps between two uses. */
  record Arm(Weapon weapon, int steps) {}

  private final Cast cast;
  private final Ground ground;
  private final Script script;
  private final Roster[] roster;
  private final WalkMap[] maps;
  private final Zone[] zones;
  private final Map<Ref, Map<Ref, Stance.Attitude>> stances = new HashMap<>();
  private final FactIndex facts;

  /** One who acts, looked up. */
  private record Roster(
      long key,
      Kind kind,
      Ref side,
      List<Arm> arms,
      int map,
      boolean player,
      Unit unit,
      Spot prowl) {}

  private Plan(Mission mission, Ground ground, Difficulty difficulty) {
    this.ground = ground;
    cast = new Cast(mission);
    script = Script.compile(cast, difficulty);
    zones = mission.zones().values().toArray(Zone[]::new);
    mission.stances().values().forEach(this::stance);
    Map<Mover, Integer> movers = new HashMap<>();
    List<WalkMap> made = new ArrayList<>();
    roster = new Roster[cast.members().size()];
    for (int unit = 0; unit < roster.length; unit++) {
      Cast.Member member = cast.members().get(unit);
      Kind kind = kind(mission, member.standing().kind());
      int map =
          movers.computeIfAbsent(
              Mover.of(kind),
              mover -> {
                made.add(WalkMap.of(ground, mover, mission.setting().waterLevel()));
                return made.size() - 1;
              });
      roster[unit] = roster(member, kind, map);
    }
    maps = made.toArray(WalkMap[]::new);
    facts = new FactIndex(this);
  }

  /** Compiles a document for a difficulty. */
  public static Plan compile(Mission mission, Assets assets, Difficulty difficulty) {
    return compile(mission, Ground.of(mission.setting().terrain(), assets), difficulty);
  }

  /** Compiles a document whose ground is at hand. */
  public static Plan compile(Mission mission, Ground ground, Difficulty difficulty) {
    return new Plan(mission, ground, difficulty);
  }

  private void stance(Stance stance) {
    stances
        .computeIfAbsent(stance.one(), _ -> new HashMap<>())
        .put(stance.other(), stance.attitude());
    stances
        .computeIfAbsent(stance.other(), _ -> new HashMap<>())
        .put(stance.one(), stance.attitude());
  }

  /** Somebody of no known kind can do nothing and has a little health, so that a run goes on. */
  private static Kind kind(Mission mission, Ref ref) {
    return mission.find(ref) instanceof Kind kind ? kind : Stranger.KIND;
  }

  private Roster roster(Cast.Member member, Kind kind, int map) {
    List<Arm> arms = new ArrayList<>();
    for (Map.Entry<String, Kind.Carried> carried : Ordered.sort(kind.weapons())) {
      if (cast.mission().find(carried.getValue().weapon()) instanceof Weapon weapon) {
        arms.add(new Arm(weapon, Script.steps(weapon.interval())));
      }
    }
    Unit unit = member.standing() instanceof Unit it ? it : null;
    Spot prowl =
        unit != null && unit.order() instanceof org.flintmoss.mission.Order.Prowl order
            ? new PlaceFinder(cast).spot(order.to())
            : null;
    return new Roster(
        Chance.of(member.ref().id()),
        kind,
        member.standing().side(),
        List.copyOf(arms),
        map,
        unit == null,
        unit,
        prowl);
  }

  /** The document. */
  public Mission mission() {
    return cast.mission();
  }

  /** Who is numbered how. */
  public Cast cast() {
    return cast;
  }

  /** The ground. */
  public Ground ground() {
    return ground;
  }

  /** The events. */
  public Script script() {
    return script;
  }

  /** How many units there are, players' own among them. */
  public int units() {
    return roster.length;
  }

  /** How many zones there are. */
  public int zones() {
    return zones.length;
  }

  /** The name of a unit. */
  public String name(int unit) {
    return cast.members().get(unit).standing().name();
  }

  /** What a unit is. */
  public Kind kind(int unit) {
    return roster[unit].kind();
  }

  /** Whether a unit is a player's own. */
  public boolean player(int unit) {
    return roster[unit].player();
  }

  /** The number of a seat's unit. */
  public int seat(int seat) {
    return cast.seats()[seat];
  }

  /** How many players can take part. */
  public int seats() {
    return cast.seats().length;
  }

  /**
   * How one unit's side treats another's: friendly within a side, neutral where nothing is said.
   */
  public Stance.Attitude attitude(int unit, int other) {
    Ref side = roster[unit].side();
    Ref others = roster[other].side();
    return side.equals(others)
        ? Stance.Attitude.FRIENDLY
        : stances.getOrDefault(side, Map.of()).getOrDefault(others, Stance.Attitude.NEUTRAL);
  }

  /** The walkable ground of a unit. */
  public WalkMap walkMap(int unit) {
    return maps[roster[unit].map()];
  }

  /** A zone by number. */
  public Zone zone(int zone) {
    return zones[zone];
  }

  /** Whether a point lies inside a zone, its rim included. */
  public boolean inside(int zone, double x, double y) {
    return switch (zones[zone].shape()) {
      case Zone.Circle circle -> {
        double dx = x - circle.centre().x();
        double dy = y - circle.centre().y();
        yield dx * dx + dy * dy <= circle.radius() * circle.radius();
      }
    };
  }

  int words() {
    return (units() + 63) / 64;
  }

  long key(int unit) {
    return roster[unit].key();
  }

  boolean hostile(int unit, int other) {
    return attitude(unit, other) == Stance.Attitude.HOSTILE;
  }

  List<Arm> arms(int unit) {
    return roster[unit].arms();
  }

  int map(int unit) {
    return roster[unit].map();
  }

  WalkMap[] maps() {
    return maps;
  }

  Spot prowl(int unit) {
    return roster[unit].prowl();
  }

  double pause(int unit) {
    return roster[unit].unit() != null
            && roster[unit].unit().order() instanceof org.flintmoss.mission.Order.Prowl prowl
        ? prowl.pause()
        : 0;
  }

  double homeX(int unit) {
    return cast.members().get(unit).standing().position().x();
  }

  double homeY(int unit) {
    return cast.members().get(unit).standing().position().y();
  }

  double homeFacing(int unit) {
    return cast.members().get(unit).standing().facing();
  }

  FactIndex facts() {
    return facts;
  }
}
