package org.flintmoss.trial;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Course;
import org.flintmoss.mission.ground.Crossing;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.ground.Prop;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.script.Objective;
import org.flintmoss.mission.script.Timer;
import org.flintmoss.mission.sentence.Place;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.zone.Working;
import org.flintmoss.navigation.map.Link;
import org.flintmoss.script.Roster;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.FixtureUse;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.ToldReadings;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.simulation.space.GateMotion;
import org.flintmoss.simulation.state.Causes;

/**
 * What the player in a seat is told in words: who is in play, objectives, notes, what can be used.
 * It begins with {@link #hello}; after that each message is told when what it says has changed.
 */
public final class PlayerFeed {
  /** The water is drawn anew when it has risen or fallen by this much, metres. */
  private static final double DRAWN = 0.05;

  /** The map is dimmed anew when the light has changed by this share of daylight. */
  private static final double DIMMER = 0.01;

  private final World world;
  private final Plan plan;
  private final Mission mission;
  private final int seat;
  private final FightFeed fights;
  private final SpreadFeed spread;
  private final QuestionFeed questions;
  private final TradeFeed trades;
  private final Map<Class<?>, TrialMessage> last = new HashMap<>();
  private int told;
  private double level;
  private double light;

  /** What the player in a seat is told; nothing was told yet. */
  public PlayerFeed(World world, int seat) {
    this.world = world;
    this.seat = seat;
    fights = new FightFeed(world, seat);
    spread = new SpreadFeed(world);
    questions = new QuestionFeed(world, seat);
    trades = new TradeFeed(world, seat);
    plan = world.plan();
    mission = plan.mission();
  }

  /** Everything that a browser needs that has just connected; the rest follows as news. */
  public TrialMessage.Hello hello(TrialMessage.Welcome here) {
    last.clear();
    level = Double.NaN;
    light = Double.NaN;
    told = world.causes().end();
    return new TrialMessage.Hello(
        here,
        world.read().step(),
        world.seed(),
        plan.difficulty(),
        plan.seat(seat),
        companions(),
        plan.actors().members().stream()
            .map(
                it ->
                    new TrialMessage.Person(
                        it.ref(),
                        it.standing().name(),
                        it.standing().side().id(),
                        it.standing().kind().id()))
            .toList(),
        IntStream.range(0, plan.movables().many())
            .mapToObj(it -> plan.movables().ref(it).id())
            .toList(),
        brought(),
        changed(new TrialMessage.Objectives(objectives())).objectives(),
        gates(),
        ids(mission.markers(), marker -> world.told().marked(marker, seat)),
        changed(new TrialMessage.Calls(calls())).calls(),
        ids(mission.effects(), world.script()::goesOn),
        spread.all(),
        world.causes().from(0).stream().filter(this::isForSeat).map(this::note).toList());
  }

  private List<TrialMessage.Brought> brought() {
    return Roster.places(mission).stream()
        .map(
            ref -> {
              Prop prop = mission.props().get(ref.id());
              return new TrialMessage.Brought(
                  ref.id(), prop.name(), prop.kind().id(), prop.position());
            })
        .toList();
  }

  /** Shows everybody's fights, as to a designer, or only those that the player sees. */
  public void showEverything(boolean shown) {
    fights.showEverything(shown);
  }

  /** Notes that a message was told. */
  private <T extends TrialMessage> T changed(T message) {
    last.put(message.getClass(), message);
    return message;
  }

  /** Whether anybody plays along whom the player can tell what to do. */
  private boolean companions() {
    return IntStream.range(0, plan.units())
        .anyMatch(unit -> unit != plan.seat(seat) && plan.companion(unit));
  }

  /** What has happened since it was last asked. */
  public List<TrialMessage> news() {
    List<TrialMessage> news = new ArrayList<>();
    happened(news);
    int unit = plan.seat(seat);
    tell(news, new TrialMessage.Objectives(objectives()));
    tell(
        news,
        new TrialMessage.Offers(world.read().offers(unit), world.read().busy(unit), ahead(unit)));
    tell(news, pack(unit));
    tell(news, fights.aims());
    tell(news, new TrialMessage.Heaps(heaps()));
    tell(news, new TrialMessage.Timers(timers()));
    tell(news, new TrialMessage.Courses(courses()));
    long back = (long) Math.ceil(world.read().back(unit));
    tell(news, new TrialMessage.LivesLeft(world.read().lives(unit), back));
    tell(news, new TrialMessage.Caption(world.told().heard(seat)));
    tell(news, new TrialMessage.ClockLeapt(world.read().leapt()));
    tell(news, new TrialMessage.ViewShown(id(mission.views(), world.told().view(seat))));
    tell(news, new TrialMessage.Things(things()));
    tell(news, new TrialMessage.Moving(moving()));
    tell(news, new TrialMessage.DecksGone(decksGone()));
    tell(news, new TrialMessage.Calls(calls()));
    tell(news, questions.asks());
    tell(news, trades.trading());
    waterAndLight(news);
    SortedMap<String, String> grown = spread.news();
    if (grown != null) {
      news.add(new TrialMessage.Grown(grown));
    }
    tell(news, wind());
    tell(news, new TrialMessage.EffectsAt(effectsAt()));
    return news;
  }

  /** What the log says has happened: notes, and what is asked about only when it was touched. */
  private void happened(List<TrialMessage> news) {
    boolean gates = false;
    boolean markers = false;
    boolean effects = false;
    List<Causes.Entry> entries = world.causes().from(told);
    List<TrialMessage.Struck> strikes = fights.strikes(entries);
    if (!strikes.isEmpty()) {
      news.add(new TrialMessage.Strikes(strikes));
    }
    for (Causes.Entry entry : entries) {
      boolean own = entry.subject() == plan.seat(seat);
      switch (entry.kind()) {
        case NOTE -> {
          if (isForSeat(entry)) {
            news.add(note(entry));
          }
        }
        case NO_WAY -> {
          if (own) {
            news.add(new TrialMessage.NoWay(entry.step()));
          }
        }
        case MUST_STAND -> {
          if (own) {
            news.add(new TrialMessage.MustStand(entry.step()));
          }
        }
        case CHOSEN, UNDECIDED -> {
          TrialMessage.Chose chose = questions.chose(entry);
          if (chose != null) {
            news.add(chose);
          }
        }
        case USED -> {
          if (own) {
            reads(news, entry);
          }
        }
        case DEALT -> {
          String tells = plan.dealings().get(entry.through()).of().tells();
          if (own && !tells.isEmpty()) {
            news.add(new TrialMessage.Reads(entry.step(), plan.name(entry.detail()), tells));
          }
        }
        case ZONE_ACTS -> {
          if (own) {
            acted(news, entry);
          }
        }
        case IN_EFFECT -> {
          if (own) {
            String name = List.copyOf(mission.effects().values()).get(entry.detail()).name();
            news.add(new TrialMessage.ZoneActs(entry.step(), name, ZoneDeed.HARMED));
          }
        }
        case COURSE_MISSED -> {
          if (own) {
            missed(news, entry);
          }
        }
        case WENT_BACK -> {
          gates = true;
          markers = true;
          effects = true;
        }
        case GATE -> gates = true;
        case MARKER -> markers = true;
        case EFFECT -> effects = true;
        default -> {}
      }
    }
    told = world.causes().end();
    if (gates) {
      news.add(new TrialMessage.Gates(gates()));
    }
    if (markers) {
      IntPredicate shown = marker -> world.told().marked(marker, seat);
      news.add(new TrialMessage.Markers(ids(mission.markers(), shown)));
    }
    if (effects) {
      news.add(new TrialMessage.Effects(ids(mission.effects(), world.script()::goesOn)));
    }
  }

  /** Tells what a zone does to the player, where it is to be told. */
  private void acted(List<TrialMessage> news, Causes.Entry entry) {
    Working working = plan.script().workings().get(entry.through()).of();
    if (working.told()) {
      String zone = plan.zones().get(entry.detail()).name();
      news.add(new TrialMessage.ZoneActs(entry.step(), zone, working.work().deed()));
    }
  }

  /** Tells that a zone was entered out of its turn, where players see the course. */
  private void missed(List<TrialMessage> news, Causes.Entry entry) {
    Course course = List.copyOf(mission.courses().values()).get(entry.detail());
    int next = world.told().onCourse(entry.detail(), seat).next();
    if (course.shown() && next >= 0) {
      String name = List.copyOf(mission.zones().values()).get(next).name();
      news.add(new TrialMessage.WrongZone(entry.step(), course.name(), name));
    }
  }

  /** Tells a message where it says something else than the one of its type before it. */
  private void tell(List<TrialMessage> news, TrialMessage message) {
    if (!message.equals(last.get(message.getClass()))) {
      news.add(changed(message));
    }
  }

  private void waterAndLight(List<TrialMessage> news) {
    // Nothing is near to what was never told.
    double nowLevel = world.read().water();
    if (!(Math.abs(nowLevel - level) < DRAWN)) {
      level = nowLevel;
      news.add(new TrialMessage.Water(nowLevel));
    }
    double nowLight = world.read().light();
    if (!(Math.abs(nowLight - light) < DIMMER)) {
      light = nowLight;
      news.add(new TrialMessage.Light(nowLight));
    }
  }

  private SortedMap<String, Position> effectsAt() {
    SortedMap<String, Position> at = new TreeMap<>();
    int number = 0;
    for (String id : mission.effects().keySet()) {
      Position begun = world.read().effectAt(number++);
      if (begun != null) {
        at.put(id, begun);
      }
    }
    return at;
  }

  /** The wind, to a tenth of a metre a second and to a degree. */
  private TrialMessage.Wind wind() {
    Setting.Wind wind = world.read().wind();
    return new TrialMessage.Wind(
        Math.floor(wind.speed() * 10 + 0.5) / 10, Math.floor(wind.from() + 0.5));
  }

  /** The crossing ahead of a unit, in words; null for none. */
  private String ahead(int unit) {
    Link link = world.read().ahead(unit);
    if (link == null) {
      return null;
    }
    Crossing made = mission.crossings().get(link.made());
    return made == null
        ? switch (link.manner()) {
          case LEAP -> "Leap %.1f m".formatted(link.asks());
          case CLIMB -> "Climb %.1f m".formatted(link.asks());
          case DROP -> "Drop %.1f m".formatted(link.asks());
          case CRAWL -> "Crawl";
          case WADE -> "Wade";
        }
        : made.name();
  }

  private TrialMessage.Pack pack(int unit) {
    List<TrialMessage.Carried> carried = new ArrayList<>();
    int number = 0;
    for (String kind : mission.itemKinds().keySet()) {
      int count = world.read().carries(unit, number++);
      if (count > 0) {
        carried.add(
            new TrialMessage.Carried(kind, count, world.read().cannotUse(unit, number - 1)));
      }
    }
    return new TrialMessage.Pack(
        Math.floor(world.read().laden(unit) * 10 + 0.5) / 10,
        plan.kind(unit).load(),
        id(mission.itemKinds(), world.read().takes(unit)),
        carried);
  }

  private List<TrialMessage.Heap> heaps() {
    return world.read().heaps().stream()
        .map(
            it ->
                new TrialMessage.Heap(
                    id(mission.itemKinds(), it.kind()), it.count(), it.x(), it.y()))
        .toList();
  }

  private List<TrialMessage.ShownTimer> timers() {
    List<TrialMessage.ShownTimer> shown = new ArrayList<>();
    int number = 0;
    for (Timer timer : mission.timers().values()) {
      ToldReadings.Dial dial = world.told().dial(number);
      boolean seen = world.script().runs(number) || !dial.splits().isEmpty();
      if (seen && world.told().timed(number, seat)) {
        shown.add(new TrialMessage.ShownTimer(timer.name(), dial.seconds(), dial.splits()));
      }
      number++;
    }
    return shown;
  }

  /** The courses that players see and that have zones. */
  private List<TrialMessage.ShownCourse> courses() {
    List<TrialMessage.ShownCourse> shown = new ArrayList<>();
    int number = 0;
    for (Course course : mission.courses().values()) {
      ToldReadings.OnCourse on = world.told().onCourse(number++, seat);
      if (course.shown() && on.of() > 0) {
        int laps = course.circuit() ? course.laps() : 1;
        shown.add(
            new TrialMessage.ShownCourse(
                course.name(),
                on.passed(),
                on.of(),
                Math.min(laps, on.laps() + 1),
                laps,
                (int) Math.floor(on.seconds()),
                tenths(on.split()),
                tenths(on.bestLap()),
                on.place(),
                plan.seats(),
                zone(on.next())));
      }
    }
    return shown;
  }

  private static double tenths(double seconds) {
    return Math.floor(seconds * 10 + 0.5) / 10;
  }

  /** The middle of a zone by its number, to the metre; null for none. */
  private Position zone(int number) {
    String id = id(mission.zones(), number);
    return id == null ? null : world.read().place(new Place.AtZone(new Ref(Family.ZONES, id)));
  }

  /** What a use shows to who made it. */
  private void reads(List<TrialMessage> news, Causes.Entry entry) {
    FixtureUse use = plan.handles()[entry.detail()];
    if (!use.use().tells().isEmpty()) {
      news.add(new TrialMessage.Reads(entry.step(), use.name(), use.use().tells()));
    }
  }

  /** The props and fixtures that are otherwise than they were set down, by id. */
  private SortedMap<String, TrialMessage.Otherwise> things() {
    SortedMap<String, TrialMessage.Otherwise> otherwise = new TreeMap<>();
    for (int thing : world.read().otherwise()) {
      String look = plan.things().appearances(thing).get(world.read().look(thing)).look().id();
      otherwise.put(
          plan.things().ref(thing).id(),
          new TrialMessage.Otherwise(
              world.read().standing(thing), look, (int) Math.ceil(world.read().left(thing))));
    }
    return otherwise;
  }

  /** How each gate stands, by its id. */
  private SortedMap<String, Gate.State> gates() {
    SortedMap<String, Gate.State> gates = new TreeMap<>();
    int number = 0;
    for (String id : mission.gates().keySet()) {
      gates.put(id, world.read().gate(number++));
    }
    return gates;
  }

  private List<TrialMessage.Offered> calls() {
    List<String> ids = List.copyOf(mission.calls().keySet());
    return IntStream.range(0, ids.size())
        .filter(call -> world.told().offered(call, seat))
        .mapToObj(call -> new TrialMessage.Offered(ids.get(call), world.told().lacks(call, seat)))
        .toList();
  }

  private SortedMap<String, TrialMessage.Moved> moving() {
    SortedMap<String, TrialMessage.Moved> moving = new TreeMap<>();
    int number = 0;
    for (String id : mission.gates().keySet()) {
      int gate = number++;
      GateMotion of = world.read().gatesMoving();
      if (of.moves(gate)) {
        moving.put(
            id,
            new TrialMessage.Moved(of.from(gate), of.target(gate), of.since(gate), of.until(gate)));
      }
    }
    return moving;
  }

  private SortedMap<String, TrialMessage.Gone> decksGone() {
    SortedMap<String, TrialMessage.Gone> gone = new TreeMap<>();
    DeckMotion of = world.read().decks();
    for (int deck = 0; deck < of.many(); deck++) {
      double along = of.along(deck);
      if (along > 0 || of.at(deck) == 0) {
        gone.put(
            of.id(deck),
            new TrialMessage.Gone(
                of.shift(deck, along, 0),
                of.shift(deck, along, 1),
                of.shift(deck, along, 2),
                of.at(deck) == 0));
      }
    }
    return gone;
  }

  /** The ids of those of a family that are chosen by their numbers. */
  private static List<String> ids(SortedMap<String, ?> family, IntPredicate chosen) {
    List<String> ids = List.copyOf(family.keySet());
    return IntStream.range(0, ids.size()).filter(chosen).mapToObj(ids::get).toList();
  }

  /** The id of one of a family by its number; null for none. */
  private static String id(SortedMap<String, ?> family, int number) {
    return number < 0 ? null : List.copyOf(family.keySet()).get(number);
  }

  /** Whether an entry of the log is a note that the seat was shown. */
  private boolean isForSeat(Causes.Entry entry) {
    return entry.kind() == Causes.Kind.NOTE && (entry.detail() >> seat & 1) == 1;
  }

  private TrialMessage.Note note(Causes.Entry entry) {
    return new TrialMessage.Note(entry.step(), world.causes().words(entry.ordinal()));
  }

  private List<TrialMessage.ShownObjective> objectives() {
    List<String> ids = List.copyOf(mission.objectives().keySet());
    List<TrialMessage.ShownObjective> shown = new ArrayList<>();
    for (Map.Entry<String, Objective> entry : Ordered.sort(mission.objectives())) {
      int number = ids.indexOf(entry.getKey());
      if (world.told().shown(number, seat)) {
        Objective of = entry.getValue();
        shown.add(
            new TrialMessage.ShownObjective(
                entry.getKey(),
                of.name(),
                world.told().text(number),
                of.rank(),
                world.script().objective(number),
                tally(of, number),
                at(of)));
      }
    }
    return shown;
  }

  private TrialMessage.Tally tally(Objective of, int number) {
    if (!(of.tally() instanceof Objective.Counted counted)) {
      return null;
    }
    int counter = List.copyOf(mission.counters().keySet()).indexOf(counted.counter().id());
    return new TrialMessage.Tally(
        counter < 0 ? 0 : world.script().counter(counter), world.told().goal(number));
  }

  private Position at(Objective of) {
    return of.points() instanceof Objective.At at ? world.read().place(at.place()) : null;
  }
}
