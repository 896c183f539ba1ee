package org.flintmoss.simulation.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.mission.sentence.Order;
import org.flintmoss.mission.sentence.Selector;
import org.flintmoss.mission.unit.PlayerStart;
import org.flintmoss.mission.unit.Squad;
import org.flintmoss.mission.unit.StandingActor;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Firmness;
import org.flintmoss.mission.word.Level;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.script.CompiledOrder;
import org.flintmoss.script.CompiledOrders;
import org.flintmoss.script.Measure;
import org.flintmoss.script.Roster;
import org.flintmoss.script.Script;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;
import org.flintmoss.terrain.Tide;
import org.jspecify.annotations.Nullable;

/** A mission compiled for one difficulty: immutable, shared by all of its runs. */
public final class Plan {
  /** Steps of simulation in a second. */
  public static final int STEPS_PER_SECOND = Script.STEPS_PER_SECOND;

  /** Seconds that one step lasts. */
  public static final double STEP = 1.0 / STEPS_PER_SECOND;

  /** A weapon as somebody carries it, with its steps between two uses. */
  public record Arm(int number, Weapon weapon, int steps) {}

  /** What a player's unit does while nobody has it in hand. */
  private static final Order BESIDE_A_PLAYER =
      new Order.Escort(new Selector(new Selector.Any(), new Selector.Players()));

  private final ActorIndex actors;
  private final Ground ground;
  private final Land land;
  private final Terms terms;
  private final Tide tide;
  private final Script script;
  private final Actor[] roster;
  private final NavigationMap[] maps;
  private final ZoneTable zones;
  private final FirstStances stances;
  private final Map<Class<?>, Object> once = new ConcurrentHashMap<>();
  private final int lives;
  private final int[] sides;
  private final double[] fieldCosines;
  private final int[] seats;
  private final int[] seatsOf;
  private final CompiledOrders errands;
  private final int[] firstErrands;
  private final SquadTable squads;
  private final ThingTable things;
  private final EffectTable effects;
  private final MovableTable movables;
  private final DoorTable doors;
  private final FixtureUse[] handles;
  private final DealingTable dealings;
  private final BitSet byWave = new BitSet();
  private final BitSet comesAgain = new BitSet();
  private final BitSet companions = new BitSet();
  private final int stayErrand;

  /** One who acts, looked up. */
  private record Actor(
      long key,
      Kind kind,
      Ref side,
      List<Arm> arms,
      int map,
      boolean player,
      boolean present,
      int squad) {}

  private Plan(Mission mission, Ground ground, Terms terms, Measure.Book book) {
    this.terms = terms;
    this.ground = ground;
    land = Land.of(mission, ground);
    tide = new Tide(mission.setting());
    double water = tide.at(mission.setting().startTime());
    actors = new ActorIndex(mission);
    errands = new CompiledOrders(actors, terms);
    script = Script.compile(actors, terms, errands, book);
    script.waves().stream()
        .flatMap(plan -> plan.waves().stream())
        .flatMap(wave -> wave.parties().stream())
        .forEach(
            party -> {
              BitSet places = party.turns().size() > 1 ? comesAgain : new BitSet();
              party.turns().stream().flatMapToInt(Arrays::stream).forEach(places::set);
              party.turns().stream().flatMapToInt(Arrays::stream).forEach(byWave::set);
            });
    zones = new ZoneTable(actors, ground);
    stances = new FirstStances(mission);
    boolean apart = !land.noGoAreas().same();
    Map<Mover, Integer> movers = new HashMap<>();
    List<NavigationMap> made = new ArrayList<>();
    roster = new Actor[actors.members().size()];
    for (int unit = 0; unit < roster.length; unit++) {
      ActorIndex.Member member = actors.members().get(unit);
      Kind kind = kind(mission, member.standing().kind());
      int map =
          movers.computeIfAbsent(
              Mover.of(kind, apart && !(member.standing() instanceof Unit)),
              mover -> {
                made.add(
                    NavigationMap.of(land, mover, steppedWater(water), land.obstacles().first()));
                return made.size() - 1;
              });
      roster[unit] = roster(member, kind, map);
    }
    maps = made.toArray(NavigationMap[]::new);
    squads = new SquadTable(actors, terms);
    firstErrands = firstErrands(mission);
    stayErrand = errands.number(new Order.Stay());
    for (int unit = 0; unit < roster.length; unit++) {
      // An empty seat that stays away keeps nobody company.
      StandingActor standing = actors.members().get(unit).standing();
      boolean along = standing instanceof Unit || present(standing);
      companions.set(unit, along && withPlayer(errands.get(firstErrands[unit])));
    }
    things = new ThingTable(actors, terms);
    effects = new EffectTable(actors, ground, zones, terms);
    movables = new MovableTable(actors, things, land.obstacles().movables());
    handles = FixtureUse.all(actors, terms);
    dealings = new DealingTable(actors, terms);
    doors = new DoorTable(land.obstacles().doors(), handles, actors);
    sides = new int[roster.length];
    for (int unit = 0; unit < sides.length; unit++) {
      int side = actors.index(roster[unit].side());
      sides[unit] = side < 0 ? mission.sides().size() : side;
    }
    fieldCosines =
        Arrays.stream(roster)
            .mapToDouble(it -> StrictMath.toRadians(it.kind().sight().field() / 2))
            .map(StrictMath::cos)
            .toArray();
    seats = actors.seats();
    seatsOf = new int[sides.length];
    Arrays.fill(seatsOf, -1);
    for (int seat = 0; seat < seats.length; seat++) {
      seatsOf[seats[seat]] = seat;
    }
    lives = mission.brief().lives().count().at(terms, mission.brief().pressure());
  }

  /** How finely water levels are told apart where ways are reckoned, metres. */
  private static final double WATER_MARK = 0.05;

  /** A level rounded to where ways are reckoned anew. */
  public static double steppedWater(double level) {
    return Math.floor(level / WATER_MARK + 0.5) * WATER_MARK + 0.0;
  }

  /**
   * Compiles a document whose ground is at hand.
   *
   * @param book tells by what a sentence is measured
   */
  public static Plan compile(Mission mission, Ground ground, Terms terms, Measure.Book book) {
    return new Plan(Roster.of(mission, terms), ground, terms, book);
  }

  /** Somebody of no known kind can do nothing and has a little health, so that a run goes on. */
  private static Kind kind(Mission mission, Ref ref) {
    return mission.find(ref) instanceof Kind kind ? kind : Stranger.KIND;
  }

  private Actor roster(ActorIndex.Member member, Kind kind, int map) {
    List<Arm> arms = new ArrayList<>();
    Unit unit = member.standing() instanceof Unit it ? it : null;
    boolean own = unit != null && unit.kit() instanceof Unit.Own;
    for (var carried : Ordered.sort(own ? ((Unit.Own) unit.kit()).weapons() : kind.weapons())) {
      if (actors.mission().find(carried.getValue().weapon()) instanceof Weapon weapon) {
        int number = actors.index(carried.getValue().weapon());
        arms.add(new Arm(number, weapon, Script.steps(weapon.interval())));
      }
    }
    return new Actor(
        Chance.of(member.ref().id()),
        kind,
        member.standing().side(),
        List.copyOf(arms),
        map,
        unit == null,
        present(member.standing()),
        unit != null && unit.belongs() instanceof Unit.OfSquad of ? actors.index(of.squad()) : -1);
  }

  private static boolean present(StandingActor standing) {
    return switch (standing) {
      case Unit unit -> unit.inPlay();
      case PlayerStart start -> start.empty() == PlayerStart.Empty.COMPANION;
      default -> throw new IllegalStateException("nobody else stands on the ground");
    };
  }

  private boolean withPlayer(CompiledOrder errand) {
    return errand.order() instanceof Order.Escort escort
        && Arrays.stream(errand.slots().crowd(escort.who()).members()).anyMatch(this::player);
  }

  /** How firmly a unit, or behind all units a squad, holds to its order when play begins. */
  public Firmness firstFirmness(int ordered) {
    if (ordered >= roster.length) {
      return squads.get(ordered - roster.length).of().holds();
    }
    return actors.members().get(ordered).standing() instanceof Unit unit
        ? unit.holds()
        : Firmness.WHILE_CALM;
  }

  private int[] firstErrands(Mission mission) {
    int[] first = new int[roster.length + squads.count()];
    for (int unit = 0; unit < roster.length; unit++) {
      Order order =
          actors.members().get(unit).standing() instanceof Unit it ? it.order() : BESIDE_A_PLAYER;
      first[unit] = errands.number(order);
    }
    int squad = roster.length;
    for (Squad it : mission.squads().values()) {
      first[squad++] = errands.number(it.order());
    }
    return first;
  }

  /** What is opened by hand on the way. */
  public DoorTable doors() {
    return doors;
  }

  /** The props and fixtures. */
  public ThingTable things() {
    return things;
  }

  /** The effects. */
  public EffectTable effects() {
    return effects;
  }

  /** The things that may move. */
  public MovableTable movables() {
    return movables;
  }

  /** What can be done with people. */
  public DealingTable dealings() {
    return dealings;
  }

  /** What can be used, by number. */
  public FixtureUse[] handles() {
    return handles;
  }

  /** The difficulty that it was compiled for. */
  public Difficulty difficulty() {
    return terms.difficulty();
  }

  /** The terms that it was compiled for. */
  public Terms terms() {
    return terms;
  }

  /** The document, with everybody whom its waves may bring. */
  public Mission mission() {
    return actors.mission();
  }

  /** Who is numbered how. */
  public ActorIndex actors() {
    return actors;
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

  /** How many looks there are. */
  public int looks() {
    return mission().looks().size();
  }

  /** How many item kinds there are. */
  public int itemKinds() {
    return actors.itemKinds();
  }

  /** The zones. */
  public ZoneTable zones() {
    return zones;
  }

  /** The name of a unit. */
  public String name(int unit) {
    return actors.members().get(unit).standing().name();
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
    return seats[seat];
  }

  /** The seat of a player's unit; -1 for anybody else. */
  public int seatOf(int unit) {
    return seatsOf[unit];
  }

  /** How many players can take part. */
  public int seats() {
    return seats.length;
  }

  /** How often players come back at this difficulty. */
  public int lives() {
    return lives;
  }

  /** The number of a unit's side among the sides of the mission; the last for one of none. */
  public int sideNumber(int unit) {
    return sides[unit];
  }

  /** How many sides are told apart: those of the mission, and one for all whose side is gone. */
  public int sideNumbers() {
    return actors.sideNumbers();
  }

  /** How two sides, by number, stand to each other when play begins. */
  public Stance.Attitude firstAttitude(int side, int other) {
    return stances.between(side, other);
  }

  /** The cosine of half a unit's field of view. */
  public double fieldCosine(int unit) {
    return fieldCosines[unit];
  }

  /** The surfaces one above the other. */
  public Decks decks() {
    return land.decks();
  }

  /** The level of the water over time. */
  public Tide tide() {
    return tide;
  }

  /** The walkable ground of a unit when play begins. */
  public NavigationMap navigationMap(int unit) {
    return maps[roster[unit].map()];
  }

  /** What stands in the way. */
  public Obstacles obstacles() {
    return land.obstacles();
  }

  /** The squads. */
  public SquadTable squads() {
    return squads;
  }

  /** The squad that a unit belongs to; -1 for none. */
  public int squadOf(int unit) {
    return roster[unit].squad();
  }

  /** Whether a unit's first order is to keep near players. */
  public boolean companion(int unit) {
    return companions.get(unit);
  }

  /** How many seconds the clock goes on in a second of play. */
  public double dayPace() {
    return mission().setting().dayPace();
  }

  /** The number of the order to stay, for companions who are told so. */
  public int stayErrand() {
    return stayErrand;
  }

  /** The name of the fixture that a use, by its number, is of. */
  public String used(int use) {
    return handles[use].name();
  }

  /** The order that an errand was compiled from. */
  public Order order(int errand) {
    return errands.order(errand);
  }

  /** Whether a unit comes with a wave. */
  public boolean comesByWave(int unit) {
    return byWave.get(unit);
  }

  /** Whether another may take the place of a unit once it is gone. */
  public boolean comesAgain(int unit) {
    return comesAgain.get(unit);
  }

  /** Whether a unit is in play when play begins. */
  public boolean fromTheStart(int unit) {
    return roster[unit].present();
  }

  /** What a unit, or after the units a squad, is first ordered to do. */
  public int firstErrand(int ordered) {
    return firstErrands[ordered];
  }

  /** Whether who goes by an order does as its squad does. */
  public boolean asSquad(int errand) {
    return errand(errand).order() instanceof Order.AsSquad;
  }

  /** A compiled order by its number. */
  public CompiledOrder errand(int number) {
    return errands.get(number);
  }

  /** A number of a unit that does not change with others, for chance. */
  public long key(int unit) {
    return roster[unit].key();
  }

  /** The key of a unit, or after the units of a squad. */
  public long orderedKey(int ordered) {
    return ordered < roster.length ? key(ordered) : squads.get(ordered - roster.length).key();
  }

  /** The side of a unit. */
  public Ref side(int unit) {
    return roster[unit].side();
  }

  /** The weapons of a unit, in the order of its slots. */
  public List<Arm> arms(int unit) {
    return roster[unit].arms();
  }

  /** The number of the map that a unit walks on. */
  public int map(int unit) {
    return roster[unit].map();
  }

  /** The maps of all classes of movers, as play begins. */
  public NavigationMap[] maps() {
    return maps;
  }

  /** How far east a unit begins, metres. */
  public double homeX(int unit) {
    return actors.members().get(unit).standing().position().x();
  }

  /** How far north a unit begins, metres. */
  public double homeY(int unit) {
    return actors.members().get(unit).standing().position().y();
  }

  /** The surface that a unit begins on. */
  public int homeDeck(int unit) {
    Level level = actors.members().get(unit).standing().level();
    return land.stands(Mover.of(kind(unit)), level, homeX(unit), homeY(unit));
  }

  /** The zone in which a player's unit begins, by number; -1 for at its place. */
  public int homeZone(int unit) {
    return begins(unit) instanceof PlayerStart.InZone in ? actors.index(in.zone()) : -1;
  }

  /** Whether a player's unit begins out of sight of enemies. */
  public boolean homeUnseen(int unit) {
    return begins(unit) instanceof PlayerStart.InZone in && in.unseen();
  }

  private PlayerStart.@Nullable Begins begins(int unit) {
    return actors.members().get(unit).standing() instanceof PlayerStart start
        ? start.begins()
        : null;
  }

  /** The bearing that a unit begins with, degrees. */
  public double homeFacing(int unit) {
    return actors.members().get(unit).standing().facing();
  }

  /** What is made of this plan once, for all its runs. */
  public <T> T once(Class<T> type, Function<Plan, T> make) {
    return type.cast(once.computeIfAbsent(type, _ -> make.apply(this)));
  }
}
