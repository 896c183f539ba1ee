package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.point;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Stance;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.mission.sentence.ObjectiveState;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.decisions.Orders;
import org.flintmoss.simulation.health.Wounds;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every action there is, in a scene that shows what it does: not yet a step before the event fires,
 * and within some steps after it. An action that is added must be given a scene here.
 */
class EveryActionTest {
  /** The step at which the event fires. */
  private static final int FIRES = 40;

  private static final String PLAYERS = "{'quantifier':{'type':'all'},'whom':{'type':'players'}}";

  private static final String W =
      "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";

  /**
   * A scene.
   *
   * @param within steps after which it must have been done
   * @param done whether it has been
   */
  private record Scene(Stage stage, String action, int within, Predicate<World> done) {
    String type() {
      return action.split("'")[3];
    }

    @Override
    public String toString() {
      return type();
    }
  }

  private static Stage stage() {
    return new Stage()
        .put("/starts/p/position", "{'x':10,'y':10}")
        .put("/stances", "{}")
        .unit("w", "wreckers", "wrecker", 64, 64);
  }

  static Stream<Scene> scenes() {
    return Stream.of(
            story(),
            interventions(),
            words(),
            facts(),
            units(),
            orders(),
            arrivals(),
            items(),
            world(),
            events())
        .flatMap(it -> it);
  }

  private static Stage objective(boolean open) {
    return stage()
        .put(
            "/objectives/o",
            "{'name':'o','order':'a1','text':'','rank':'primary','open':%s}".formatted(open));
  }

  private static Scene turns(String type, boolean open, ObjectiveState to) {
    return new Scene(
        objective(open),
        "{'type':'%s','objective':%s}".formatted(type, ref("objectives", "o")),
        0,
        world -> world.script().objective(0) == to);
  }

  private static Stream<Scene> story() {
    Stage ends =
        stage()
            .put(
                "/endings/e",
                "{'name':'e','order':'a1','outcome':'won','debriefing':'','delay':1}");
    return Stream.of(
        turns("openObjective", false, ObjectiveState.OPEN),
        turns("completeObjective", true, ObjectiveState.DONE),
        turns("failObjective", true, ObjectiveState.FAILED),
        new Scene(ends, "{'type':'end','ending':" + ref("endings", "e") + "}", 20, World::over));
  }

  private static boolean logged(World world, Causes.Kind kind) {
    return world.causes().from(0).stream().anyMatch(it -> it.kind() == kind);
  }

  private static Scene marks(String type, boolean shown) {
    return new Scene(
        stage()
            .put(
                "/markers/m", "{'name':'m','position':{'x':9,'y':9},'shown':%s}".formatted(!shown)),
        "{'type':'%s','marker':%s}".formatted(type, ref("markers", "m")),
        0,
        world -> world.told().marked(0, 0) == shown);
  }

  private static Scene goes(String type, boolean on) {
    return new Scene(
        stage().effect("f", "smoke", 9, 9, 3, !on),
        "{'type':'%s','effect':%s}".formatted(type, ref("effects", "f")),
        0,
        world -> world.script().goesOn(0) == on);
  }

  private static Stage withFriend() {
    return stage()
        .put("/kinds/wrecker/bleeds", "60")
        .unit("friend", "wreckers", "wrecker", 100, 100)
        .event(
            "before",
            Stage.elapsed(1),
            "{'type':'harm','who':" + W + ",'amount':" + value(99) + "}");
  }

  private static Stream<Scene> interventions() {
    Stage lives =
        stage()
            .put(
                "/brief/lives/count",
                "{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}");
    return Stream.of(
        new Scene(
            stage().flag("f"),
            "{'type':'turnOver','flag':" + ref("flags", "f") + "}",
            0,
            world -> world.script().flag(0)),
        new Scene(
            stage(),
            "{'type':'moveTo','who':" + W + ",'place':" + point(20, 90) + "}",
            1,
            world -> far(world, "w", 20, 90) < 2),
        new Scene(
            stage()
                .event(
                    "away",
                    Stage.elapsed(0.1),
                    "{'type':'moveTo','who':" + PLAYERS + ",'place':" + point(20, 90) + "}"),
            "{'type':'bringBack','who':" + PLAYERS + "}",
            1,
            world -> world.read().step() >= FIRES && far(world, "p", 10, 10) < 2),
        new Scene(
            stage()
                .zone("mark", 10, 10, 4)
                .does("mark", "a", "{'type':'checkpoint','whose':'world'}"),
            "{'type':'bringWorldBack'}",
            1,
            world -> logged(world, Causes.Kind.WENT_BACK)),
        new Scene(
            stage(),
            "{'type':'takeOut','who':" + W + "}",
            1,
            world -> !world.read().present(number(world, "w"))),
        new Scene(
            withFriend(),
            "{'type':'helpUp','who':" + W + "}",
            1,
            world -> world.read().step() >= FIRES && world.read().up(number(world, "w"))),
        new Scene(
            stage(),
            "{'type':'keepAlert','who':" + W + ",'roused':'wary'}",
            0,
            world -> world.read().alertness(number(world, "w")) == Alertness.WARY),
        new Scene(
            stage(),
            "{'type':'keepAlertFor','who':" + W + ",'roused':'alarmed','time':" + value(3) + "}",
            0,
            world -> world.read().alertness(number(world, "w")) == Alertness.ALARMED),
        new Scene(
            stage(),
            "{'type':'hold','who':" + W + ",'firmness':'whateverHappens'}",
            0,
            world -> Inside.of(world).orders.firm(number(world, "w")) == Orders.WHATEVER),
        new Scene(
            stage(),
            "{'type':'setAlertness','who':" + W + ",'alertness':'alarmed'}",
            0,
            world -> world.read().alertness(number(world, "w")) == Alertness.ALARMED),
        new Scene(
            stage(),
            "{'type':'spare','who':" + W + ",'spared':'noDeath'}",
            0,
            world -> Inside.of(world).wounds.spared(number(world, "w")) == Wounds.NO_DEATH),
        new Scene(
            lives,
            "{'type':'addLives','amount':" + value(3) + "}",
            0,
            world -> world.read().lives(number(world, "p")) == 5),
        new Scene(
            stage(),
            "{'type':'blast','place':" + point(64, 68) + ",'amount':" + value(40) + ",'radius':8}",
            1,
            world -> health(world) == health(stage().world(1)) - 20),
        new Scene(
            stage(),
            "{'type':'turnWeather','weather':'fog','time':1}",
            20,
            world -> Inside.of(world).air.light() == 0.6),
        new Scene(
            stage(),
            "{'type':'turnWind','speed':9,'from':90,'time':0}",
            0,
            world -> world.read().wind().from() == 90 && world.read().wind().speed() == 9),
        new Scene(
            stage(),
            "{'type':'setVisibility','distance':40,'time':0}",
            0,
            world -> world.read().visibility() == 40),
        new Scene(
            stage(),
            "{'type':'setWeather','weather':'fog'}",
            0,
            world -> Inside.of(world).air.weather(0) == 3));
  }

  private static Stream<Scene> words() {
    Stage talk = stage().speaker("bell", "{'type':'elsewhere'}").talk("t", "story", "bell", "one");
    return Stream.of(
        new Scene(
            stage(),
            "{'type':'note','text':'Mind the weed.'}",
            0,
            world -> logged(world, Causes.Kind.NOTE)),
        new Scene(
            talk,
            "{'type':'say','conversation':" + ref("conversations", "t") + "}",
            1,
            world -> logged(world, Causes.Kind.LINE)),
        new Scene(
            talk,
            "{'type':'sayAs','conversation':%s,'who':%s}"
                .formatted(ref("conversations", "t"), Stage.allOf("keepers")),
            1,
            world -> logged(world, Causes.Kind.LINE)),
        new Scene(
            stage().put("/calls/c", "{'name':'c','order':'a0','offered':false}"),
            "{'type':'offerCall','call':" + ref("calls", "c") + "}",
            0,
            world -> world.told().offered(0, 0)),
        new Scene(
            stage().put("/calls/c", "{'name':'c','order':'a0'}"),
            "{'type':'withdrawCall','call':" + ref("calls", "c") + "}",
            0,
            world -> !world.told().offered(0, 0)),
        new Scene(
            stage(),
            "{'type':'bind','who':" + W + "}",
            0,
            world -> Inside.of(world).vitals.bound(Stage.number(world, "w"))),
        new Scene(
            stage().event("binds", Stage.elapsed(0.5), "{'type':'bind','who':" + W + "}"),
            "{'type':'free','who':" + W + "}",
            0,
            world -> !Inside.of(world).vitals.bound(Stage.number(world, "w"))),
        new Scene(
            stage().choice("ch", "first", 0, "", false).answer("yes", "ch"),
            "{'type':'ask','choice':" + ref("choices", "ch") + "}",
            0,
            world -> world.told().asked(0) != null),
        new Scene(
            stage()
                .choice("ch", "first", 0, "", false)
                .answer("yes", "ch")
                .event(
                    "asked",
                    Stage.elapsed(0.5),
                    "{'type':'ask','choice':" + ref("choices", "ch") + "}"),
            "{'type':'askNoMore','choice':" + ref("choices", "ch") + "}",
            0,
            world -> world.told().asked(0) == null),
        marks("showMarker", true),
        marks("hideMarker", false),
        goes("startEffect", true),
        new Scene(
            stage().effect("fx", "smoke", 20, 20, 4, false),
            "{'type':'startEffectAt','effect':%s,'place':%s}"
                .formatted(ref("effects", "fx"), Stage.point(90, 90)),
            0,
            world -> Inside.of(world).effects.at(effect(world, "fx"), 90, 90)),
        goes("stopEffect", false));
  }

  private static Stage timer(boolean running) {
    return stage()
        .put("/timers/t", "{'name':'t','seconds':5,'running':%s,'shown':false}".formatted(running));
  }

  private static Stream<Scene> facts() {
    String counter = ",'counter':" + ref("counters", "c") + "}";
    Stage counts = stage().put("/counters/c", "{'name':'c','value':3}");
    String timer = ",'timer':" + ref("timers", "t");
    return Stream.of(
        new Scene(stage().flag("f"), Stage.turn("f", "on"), 0, world -> world.script().flag(0)),
        new Scene(
            counts,
            "{'type':'setCounter','amount':" + value(8) + counter,
            0,
            world -> world.script().counter(0) == 8),
        new Scene(
            counts,
            "{'type':'addToCounter','amount':" + value(-1) + counter,
            0,
            world -> world.script().counter(0) == 2),
        new Scene(
            timer(true),
            "{'type':'keepSplit'" + timer + "}",
            0,
            w -> Inside.of(w).timers.splits(0) == 60),
        new Scene(timer(false), "{'type':'startTimer'" + timer + "}", 0, w -> w.script().runs(0)),
        new Scene(
            timer(false),
            "{'type':'startTimerAt'" + timer + ",'time':" + value(30) + "}",
            0,
            world -> world.script().left(0) > 29),
        new Scene(
            timer(true),
            "{'type':'addTime'" + timer + ",'time':" + value(30) + "}",
            0,
            world -> world.script().left(0) > 31),
        new Scene(timer(true), "{'type':'stopTimer'" + timer + "}", 0, w -> !w.script().runs(0)));
  }

  private static double health(World world) {
    return world.read().health(number(world, "w"));
  }

  private static Stream<Scene> units() {
    Stage hurt =
        stage()
            .event(
                "before",
                Stage.elapsed(1),
                "{'type':'harm','who':" + W + ",'amount':" + value(30) + "}");
    return Stream.of(
        new Scene(
            stage(),
            "{'type':'harm','who':" + W + ",'amount':" + value(30) + "}",
            1,
            world -> health(world) == health(stage().world(1)) - 30),
        new Scene(
            hurt,
            "{'type':'heal','who':" + W + ",'amount':" + value(20) + "}",
            1,
            world -> health(world) == health(stage().world(1)) - 10),
        new Scene(
            stage(),
            "{'type':'alarm','who':" + W + ",'place':" + point(64, 100) + "}",
            1,
            world -> world.read().alertness(number(world, "w")) == Alertness.WARY),
        new Scene(
            stage(),
            "{'type':'setStance','one':%s,'attitude':'hostile','other':%s}"
                .formatted(ref("sides", "keepers"), ref("sides", "wreckers")),
            1,
            world ->
                world.read().attitude(number(world, "w"), number(world, "p"))
                    == Stance.Attitude.HOSTILE));
  }

  private static Stream<Scene> orders() {
    Stage waits =
        stage()
            .route("r", "once", "64 64 'walk' 'letGo'", "90 64 'walk' 'goesOn'")
            .put("/units/w/order", "{'type':'along','route':" + ref("routes", "r") + "}");
    return Stream.of(
        new Scene(
            stage(),
            "{'type':'send','who':" + W + ",'place':" + point(64, 90) + "}",
            500,
            world -> far(world, "w", 64, 90) < 2),
        new Scene(
            stage(),
            "{'type':'turnToward','who':" + W + ",'place':" + point(20, 64) + "}",
            20,
            world -> world.read().facing(number(world, "w")) == 270),
        new Scene(
            stage().post("post", 90, 64, 90),
            "{'type':'order','who':%s,'order':{'type':'guard','post':%s}}"
                .formatted(W, ref("posts", "post")),
            500,
            world -> far(world, "w", 90, 64) < 2),
        new Scene(
            waits, "{'type':'letGo','who':" + W + "}", 500, world -> far(world, "w", 90, 64) < 2));
  }

  private static Stage outside() {
    return stage().unit("late", "wreckers", "wrecker", 100, 100).put("/units/late/inPlay", "false");
  }

  private static Stream<Scene> arrivals() {
    String late =
        "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':" + ref("units", "late") + "}}";
    String plan = ",'wavePlan':" + ref("wavePlans", "plan") + "}";
    Stage waves =
        stage()
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':0}",
                Stage.wreckers(2, "{'type':'stay'}"));
    Stage stops =
        stage()
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':9}",
                Stage.wreckers(2, "{'type':'stay'}"))
            .event("before", Stage.elapsed(1), "{'type':'startWaves'" + plan);
    return Stream.of(
        new Scene(
            outside(),
            "{'type':'bringIn','who':" + late + "}",
            2,
            world -> world.read().present(number(world, "late"))),
        new Scene(
            outside(),
            "{'type':'bringInAt','who':" + late + ",'place':" + point(30, 30) + "}",
            2,
            world -> world.read().present(number(world, "late")) && far(world, "late", 30, 30) < 2),
        new Scene(waves, "{'type':'startWaves'" + plan, 3, world -> world.script().waveCame(0) > 0),
        new Scene(
            stops,
            "{'type':'stopWaves'" + plan,
            400,
            world -> Inside.of(world).waves.runs(0) == 0));
  }

  private static int salves(World world) {
    return world.read().carries(number(world, "w"), 4);
  }

  private static Stream<Scene> items() {
    String salve = ",'count':" + value(2) + ",'itemKind':" + ref("itemKinds", "salve") + "}";
    return Stream.of(
        new Scene(stage(), "{'type':'give','who':" + W + salve, 0, world -> salves(world) == 2),
        new Scene(
            stage().packs("units", "w", "salve", 3),
            "{'type':'takeAway','who':" + W + salve,
            0,
            world -> salves(world) == 1),
        new Scene(
            stage(),
            "{'type':'layDown','place':" + point(20, 20) + salve,
            0,
            world -> world.read().heaps().size() == 1));
  }

  private static Stage lift() {
    return stage()
        .deck("d", 6, 0, 0, 90, 90, 94, 90, 94, 94, 90, 94)
        .stop("d", "a1", 0, 0, 5)
        .stop("d", "a2", 0, 0, 9);
  }

  private static Stream<Scene> world() {
    return Stream.of(
        new Scene(
            stage().gate("g", "closed", 30, 30, 34, 30),
            "{'type':'setGate','gate':" + ref("gates", "g") + ",'state':'half'}",
            1,
            world -> world.read().gate(0) == Gate.State.HALF),
        new Scene(
            lift(),
            "{'type':'sendDeck','deck':" + ref("decks", "d") + ",'stop':" + value(3) + "}",
            10,
            world -> world.read().decks().target(0) == 3),
        new Scene(
            lift(),
            "{'type':'sendDeckOn','deck':" + ref("decks", "d") + "}",
            10,
            world -> world.read().decks().target(0) == 2),
        new Scene(
            stage(),
            "{'type':'sound','place':" + point(64, 40) + ",'loudness':80}",
            1,
            world -> world.read().alertness(number(world, "w")) == Alertness.WARY),
        new Scene(
            stage()
                .put(
                    "/views/v",
                    "{'name':'v','order':'a0','centre':{'x':30,'y':30},'width':20,'depth':20}"),
            "{'type':'showView','view':" + ref("views", "v") + ",'time':2}",
            0,
            world -> world.told().view(0) == 0),
        new Scene(
            stage()
                .put(
                    "/views/v",
                    "{'name':'v','order':'a0','centre':{'x':30,'y':30},'width':20,'depth':20}")
                .event(
                    "before",
                    Stage.elapsed(1.95),
                    "{'type':'showView','view':" + ref("views", "v") + ",'time':20}"),
            "{'type':'ownView'}",
            0,
            world -> world.read().step() >= FIRES && world.told().view(0) < 0),
        new Scene(
            stage().zone("z", 20, 20, 4).does("z", "a", "{'type':'slows','share':50}"),
            "{'type':'letAct','zone':" + ref("zones", "z") + ",'acts':'rests'}",
            0,
            world -> !Inside.of(world).workings.zoneActs(0)),
        new Scene(
            stage().prop("box", "crate", 30, 30, 0),
            "{'type':'letStand','thing':" + ref("props", "box") + ",'stands':'gone'}",
            0,
            world -> world.read().standing(0) == Standing.GONE),
        new Scene(
            stage().loose("box", 0.4, 0.8, 40).prop("c", "box", 30, 30, 0),
            "{'type':'putThing','thing':%s,'place':{'type':'point','position':{'x':40,'y':50}}}"
                .formatted(ref("props", "c")),
            0,
            world -> world.read().thingX(0) == 40 && world.read().thingY(0) == 50),
        new Scene(
            stage().loose("box", 0.4, 0.8, 40).prop("c", "box", 30, 30, 0),
            "{'type':'fling','thing':%s,'place':{'type':'point','position':{'x':40,'y':30}},'speed':2,'rise':2}"
                .formatted(ref("props", "c")),
            1,
            world -> world.read().thingX(0) > 30 && world.read().thingY(0) == 30),
        new Scene(
            stage().prop("j", "clay-jar-kind", 30, 30, 0),
            "{'type':'breakThing','thing':%s}".formatted(ref("props", "j")),
            0,
            world -> world.read().left(0) == 0),
        new Scene(
            stage()
                .prop("j", "clay-jar-kind", 30, 30, 0)
                .event(
                    "first",
                    Stage.elapsed(0.5),
                    "{'type':'breakThing','thing':%s}".formatted(ref("props", "j"))),
            "{'type':'mendThing','thing':%s}".formatted(ref("props", "j")),
            0,
            world -> world.read().step() >= FIRES && world.read().left(0) == 100),
        new Scene(
            stage().prop("j", "clay-jar-kind", 30, 30, 0),
            "{'type':'harmThing','thing':%s,'amount':{'type':'number','value':3}}"
                .formatted(ref("props", "j")),
            0,
            world -> world.read().left(0) == 75),
        new Scene(
            stage().fixture("d", "door-kind", 30, 30, 0),
            "{'type':'letLook','thing':%s,'look':%s}"
                .formatted(ref("fixtures", "d"), ref("looks", "look-open")),
            0,
            world -> world.read().look(0) == 1),
        new Scene(
            stage().lever("l", 30, 30, 0, "{'type':'nothing'}"),
            "{'type':'setUse','fixture':" + ref("fixtures", "l") + ",'use':'cannot'}",
            0,
            world -> Inside.of(world).interactions.useless(0) == 1),
        new Scene(
            stage().put("/setting/startTime", "36000"),
            "{'type':'clockGoesOn','time':72000}",
            0,
            world -> world.read().time() >= 72000),
        new Scene(
            stage().put("/setting/waterLevel", "1"),
            "{'type':'water','level':3,'time':1}",
            21,
            world -> world.read().water() == 3));
  }

  private static Stream<Scene> events() {
    String other = ",'event':" + ref("events", "other") + "}";
    Stage sleeper =
        stage()
            .flag("f")
            .event("a", Stage.elapsed(0), "{'type':'putToSleep'" + other)
            .event("other", Stage.elapsed(1), Stage.turn("f", "on"));
    Stage late = stage().flag("f").event("other", Stage.elapsed(3), Stage.turn("f", "on"));
    String then =
        "{'l':{'order':'a0','after':" + value(0) + ",'action':" + Stage.turn("f", "on") + "}}";
    return Stream.of(
        new Scene(
            stage().flag("f"),
            "{'type':'if','condition':%s,'then':%s,'otherwise':{}}"
                .formatted(Stage.elapsed(1), then),
            0,
            world -> world.script().flag(0)),
        new Scene(
            stage().flag("f"),
            "{'type':'forEach','who':%s,'time':%s,'lines':%s}".formatted(W, value(1), then),
            0,
            world -> world.script().flag(0)),
        new Scene(
            stage().flag("f"),
            "{'type':'oneOf','choices':{'w':{'order':'a0','weight':1,'lines':%s}}}".formatted(then),
            0,
            world -> world.script().flag(0)),
        new Scene(sleeper, "{'type':'wakeEvent'" + other, 1, world -> world.script().flag(0)),
        new Scene(
            stage()
                .flag("f")
                .event("other", Stage.elapsed(1), Stage.turn("f", "on"))
                .put("/chapters/later", "{'name':'Later','order':'a2'}")
                .put("/events/other/chapter", ref("chapters", "later"))
                .put("/events/other/listens", "'onceWoken'"),
            "{'type':'wakeChapter','chapter':" + ref("chapters", "later") + "}",
            1,
            world -> world.script().flag(0)),
        new Scene(
            stage()
                .flag("f")
                .event("other", Stage.elapsed(3), Stage.turn("f", "on"))
                .put("/chapters/later", "{'name':'Later','order':'a2'}")
                .put("/events/other/chapter", ref("chapters", "later")),
            "{'type':'putChapterToSleep','chapter':" + ref("chapters", "later") + "}",
            0,
            world -> !world.script().awake(world.plan().script().program("other"))),
        new Scene(
            late,
            "{'type':'putToSleep'" + other,
            60,
            world -> !world.script().awake(world.plan().script().program("other"))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("scenes")
  void doesWhatItSaysAndNotBefore(Scene scene) {
    World world =
        scene
            .stage()
            .event("zz", Stage.elapsed(FIRES * Plan.STEP), scene.action())
            .after(FIRES - 1);
    assertThat(scene.done().test(world)).as("before").isFalse();
    for (int step = 0; step <= scene.within() && !scene.done().test(world); step++) {
      Stage.steps(world, 1);
    }
    assertThat(scene.done().test(world)).as("after").isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"moveTo", "takeOut", "helpUp", "setGate"})
  void whatIsAskedOfTheWorldIsDoneInTheNextStep(String type) {
    Scene scene = scenes().filter(it -> it.type().equals(type)).findFirst().orElseThrow();
    World world =
        scene.stage().event("zz", Stage.elapsed(FIRES * Plan.STEP), scene.action()).after(FIRES);
    assertThat(scene.done().test(world)).as("in the step of the event").isFalse();
    World other = new World(world.plan(), 1);
    other.load(world.save());
    Stage.steps(world, 1);
    assertThat(scene.done().test(world)).as("in the next").isTrue();
    other.step(List.of());
    assertThat(other.hash()).as("also where it is saved in between").isEqualTo(world.hash());
  }

  @Test
  void wavesThatAreStoppedNeverCome() {
    Scene stops = scenes().filter(it -> it.type().equals("stopWaves")).findFirst().orElseThrow();
    World world = stops.stage().event("zz", Stage.elapsed(2), stops.action()).after(600);
    assertThat(world.script().waveCame(0)).isZero();
  }

  @Test
  void noActionIsWithoutAScene() {
    Set<String> all =
        Arrays.stream(Action.class.getAnnotation(JsonSubTypes.class).value())
            .map(JsonSubTypes.Type::name)
            .collect(Collectors.toCollection(TreeSet::new));
    Set<String> staged = scenes().map(Scene::type).collect(Collectors.toCollection(TreeSet::new));
    assertThat(staged).isEqualTo(all);
  }

  private static int effect(World world, String effect) {
    return java.util.List.copyOf(world.plan().mission().effects().keySet()).indexOf(effect);
  }
}
