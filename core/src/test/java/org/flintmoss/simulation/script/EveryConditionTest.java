package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every condition there is, in a scene in which it becomes true at a known step. A condition that
 * is added must be given a scene here.
 */
class EveryConditionTest {
  private static final String PLAYER = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
  private static final String W =
      "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";

  /**
   * A scene.
   *
   * @param condition in JSON with single quotes
   * @param from the first step at which it may be true
   * @param to the last by which it must have become true
   */
  private record Scene(Stage stage, String condition, int from, int to) {
    String type() {
      return condition.split("'")[3];
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

  private static String at(double seconds, String action) {
    return seconds + "|" + action;
  }

  /** A door that opens after 2 s. */
  private static Stage opened() {
    return doing(
        stage().fixture("d", "door-kind", 30, 30, 0),
        "{'type':'letLook','thing':%s,'look':%s}"
            .formatted(ref("fixtures", "d"), ref("looks", "look-open")));
  }

  /** A jar that breaks after 2 s. */
  private static Stage broken() {
    return stage()
        .prop("j", "clay-jar-kind", 30, 30, 0)
        .event(
            "does",
            Stage.elapsed(2),
            "{'type':'breakThing','thing':%s}".formatted(ref("props", "j")));
  }

  /** A loose box of 40 kg that is put onto a plate in a zone after 2 s. */
  private static Stage put() {
    return doing(
        stage()
            .zone("z", 40, 40, 4)
            .plate("pl", 40, 40, "{'type':'nothing'}")
            .loose("box", 0.4, 0.8, 40)
            .prop("c", "box", 30, 30, 0),
        "{'type':'putThing','thing':%s,'place':{'type':'point','position':{'x':40,'y':40}}}"
            .formatted(ref("props", "c")));
  }

  /** A loose box that is flung up at 3 m/s after 2 s, which takes it 0.6 s. */
  private static Stage flung() {
    return doing(
        stage().loose("box", 0.4, 0.8, 40).prop("c", "box", 30, 30, 0),
        "{'type':'fling','thing':%s,'place':{'type':'point','position':{'x':40,'y':30}},'speed':1,'rise':3}"
            .formatted(ref("props", "c")));
  }

  /** A loose box that is pushed at 1 m/s against a wall 1.5 m from it. */
  private static Stage jammed() {
    return stage()
        .wall("stop", 32, 20, 32, 40)
        .loose("box", 0.4, 0.8, 40)
        .prop("c", "box", 30, 30, 0)
        .zone("z", 30, 30, 6)
        .does("z", "a", "{'type':'pushes','what':'things','bearing':90,'speed':1,'rise':0}");
  }

  /** A crate that is taken away after 2 s. */
  private static Stage gone() {
    return doing(
        stage().prop("box", "crate", 30, 30, 0),
        "{'type':'letStand','thing':%s,'stands':'gone'}".formatted(ref("props", "box")));
  }

  /** After two seconds of play, which is step 40, something is done. */
  private static Stage doing(Stage stage, String... actions) {
    return stage.event("does", Stage.elapsed(2), actions);
  }

  private static Scene exactly(Stage stage, String condition, int step) {
    return new Scene(stage, condition, step, step);
  }

  private static String send(double x, double y) {
    return "{'type':'send','who':%s,'place':{'type':'point','position':{'x':%s,'y':%s}}}"
        .formatted(W, x, y);
  }

  private static String zoned(String type) {
    return "{'type':'%s','who':%s,'zone':%s}".formatted(type, W, ref("zones", "z"));
  }

  private static String harm(double amount) {
    return "{'type':'harm','who':%s,'amount':{'type':'number','value':%s}}".formatted(W, amount);
  }

  /** One wave of two, which comes a second after the plan is started at step 40. */
  private static Stage waves() {
    Stage stage =
        stage()
            .wavePlan("plan", "inTurn", "{'type':'uncapped'}", 100, 100)
            .wave(
                "wave",
                "plan",
                "a0",
                "{'type':'afterLast','gap':1}",
                Stage.wreckers(2, "{'type':'stay'}"));
    String all =
        "{'quantifier':{'type':'all'},'whom':{'type':'wave','wave':" + ref("waves", "wave") + "}}";
    return doing(
        stage,
        at(0, "{'type':'startWaves','wavePlan':" + ref("wavePlans", "plan") + "}"),
        at(3, "{'type':'harm','who':" + all + ",'amount':" + value(9999) + "}"));
  }

  static Stream<Scene> scenes() {
    return Stream.of(
            groups(),
            places(),
            units(),
            minds(),
            courses(),
            items(),
            time(),
            facts(),
            turns(),
            story(),
            happenings(),
            happeningsOfUnits())
        .flatMap(List::stream);
  }

  private static List<Scene> groups() {
    String on = Stage.flagOn("f");
    Stage stage = stage().flag("f");
    doing(stage, Stage.turn("f", "on"));
    String parts = "{'a':{'order':'a0','condition':%s},'b':{'order':'a1','condition':%s}}";
    String never = "{'type':'elapsed','comparison':'atLeast','time':9999}";
    return List.of(
        exactly(stage, "{'type':'all','parts':" + parts.formatted(on, on) + "}", 40),
        exactly(stage, "{'type':'any','parts':" + parts.formatted(on, never) + "}", 40),
        exactly(
            stage,
            "{'type':'not','of':{'type':'flag','flag':" + ref("flags", "f") + ",'on':'off'}}",
            40),
        exactly(stage, "{'type':'heldFor','inAll':false,'of':" + on + ",'seconds':1.5}", 70));
  }

  private static List<Scene> places() {
    Stage out = stage().zone("z", 80, 64, 4);
    doing(out, send(80, 64), at(15, send(50, 64)), at(15, send(80, 64)));
    String near =
        "{'type':'near','who':%s,'comparison':'atMost','distance':%s,'place':{'type':'point','position':{'x':80,'y':64}}}"
            .formatted(W, value(8));
    return List.of(
        new Scene(out, zoned("inside"), 60, 340),
        new Scene(out, zoned("beenInside"), 60, 340),
        new Scene(out, zoned("hasLeft"), 341, 600),
        new Scene(out, zoned("cameBack"), 640, 1000),
        new Scene(out, near, 60, 300),
        new Scene(
            doing(stage().put("/units/w/facing", "270"), send(80, 64)),
            "{'type':'facing','who':%s,'place':{'type':'point','position':{'x':90,'y':64}}}"
                .formatted(W),
            41,
            60),
        new Scene(
            doing(stage().unit("k", "keepers", "keeper", 84, 64), send(80, 64)),
            "{'type':'close','who':%s,'distance':%s,'whom':%s}"
                .formatted(W, value(10), Stage.allOf("keepers").replace("'all'", "'any'")),
            60,
            300));
  }

  private static List<Scene> units() {
    Stage hurt = doing(stage(), harm(60), at(1, harm(9999)));
    Stage watched = new Stage().unit("w", "wreckers", "wrecker", 64, 80);
    watched.put("/units/w/facing", "180");
    return List.of(
        new Scene(hurt, "{'type':'fares','who':" + W + ",'state':'dead'}", 60, 62),
        new Scene(watched, "{'type':'beenSeen','who':" + PLAYER + "}", 5, 200),
        new Scene(
            watched,
            "{'type':'hasKilled','who':%s,'comparison':'atLeast','count':%s,'whom':{'type':'players'}}"
                .formatted(W, value(1)),
            5,
            2400),
        new Scene(
            hurt,
            "{'type':'health','who':" + W + ",'comparison':'atMost','percent':" + value(50) + "}",
            40,
            42),
        new Scene(
            hurt,
            "{'type':'strength','who':" + W + ",'comparison':'atMost','percent':" + value(10) + "}",
            60,
            62),
        new Scene(watched, "{'type':'seen','who':" + PLAYER + "}", 5, 200),
        new Scene(watched, "{'type':'alert','who':" + W + ",'alertness':'alarmed'}", 5, 200));
  }

  private static String count(String type, String whose, int least) {
    return "{'type':'%s',%s,'comparison':'atLeast','count':%s,'itemKind':%s}"
        .formatted(type, whose, value(least), ref("itemKinds", "salve"));
  }

  private static List<Scene> minds() {
    Stage watched = new Stage().unit("w", "wreckers", "wrecker", 64, 80);
    watched.put("/units/w/facing", "180");
    Stage walks =
        stage()
            .route("r", "once", "70 64 'walk' 'goesOn'", "76 64 'walk' 'goesOn'")
            .put("/units/w/order", "{'type':'along','route':" + ref("routes", "r") + "}");
    Stage goes = doing(stage(), send(80, 64));
    Stage lifted =
        doing(
            stage().deck("d", 8, 0, 0, 76, 60, 84, 60, 84, 68, 76, 68),
            send(80, 64).replace("'send'", "'moveTo'"));
    Stage stairs =
        doing(
            stage()
                .deck("d", 8, 0, 0, 76, 60, 84, 60, 84, 68, 76, 68)
                .ramp("d", "r", "stairs", 76, 64, 70, 64),
            send(80, 64));
    String kind =
        "{'quantifier':{'type':'all'},'whom':{'type':'kind','kind':"
            + ref("kinds", "wrecker")
            + "}}";
    Stage loud =
        doing(stage(), "{'type':'sound','place':" + Stage.point(64, 50) + ",'loudness':80}");
    return List.of(
        new Scene(
            loud,
            "{'type':'heard','who':" + W + ",'comparison':'atLeast','count':" + value(1) + "}",
            40,
            41),
        new Scene(walks, "{'type':'orderDone','who':" + W + "}", 150, 280),
        new Scene(watched, "{'type':'sees','who':" + W + ",'whom':" + PLAYER + "}", 5, 200),
        new Scene(
            goes,
            "{'type':'moves','who':" + kind + ",'comparison':'atLeast','speed':" + value(1) + "}",
            41,
            60),
        new Scene(
            lifted,
            "{'type':'above','who':" + W + ",'comparison':'atLeast','height':" + value(2.9) + "}",
            41,
            45),
        new Scene(
            stairs,
            "{'type':'climbs','who':" + W + ",'comparison':'atLeast','rate':" + value(0.3) + "}",
            41,
            400),
        new Scene(
            walks,
            "{'type':'reached','who':%s,'comparison':'atLeast','count':%s,'route':%s}"
                .formatted(W, value(2), ref("routes", "r")),
            150,
            260));
  }

  private static String ofCourse(String type) {
    return "{'type':'%s','who':%s,'course':%s}".formatted(type, PLAYER, ref("courses", "k"));
  }

  /** A course; its player stands in zone z, and is put into zone y at step 40. */
  private static Stage onCourse(String... zones) {
    String put =
        "{'type':'moveTo','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'place':{'type':'point','position':{'x':80,'y':64}}}";
    String passages =
        IntStream.range(0, zones.length)
            .mapToObj(
                i -> "'p%d':{'order':'a%d','zone':%s}".formatted(i, i, ref("zones", zones[i])))
            .collect(Collectors.joining(","));
    return doing(stage().zone("z", 10, 10, 4).zone("y", 80, 64, 6).zone("far", 100, 100, 4), put)
        .put(
            "/courses/k",
            "{'name':'Run','passages':{%s},'circuit':false,'laps':1,'shown':true}"
                .formatted(passages));
  }

  private static List<Scene> courses() {
    Stage stage = onCourse("z", "y");
    Stage three = onCourse("z", "far", "y");
    return List.of(
        new Scene(
            onCourse("z", "y").does("y", "a", "{'type':'slows','share':50}"),
            "{'type':'zoneActsOn','who':%s,'deed':'slowed','zone':%s}"
                .formatted(PLAYER, ref("zones", "y")),
            40,
            44),
        new Scene(
            stage()
                .zone("z", 10, 10, 4)
                .does("z", "a", "{'type':'slows','share':50}")
                .put("/zones/z/does/a/when", Stage.all(Stage.elapsed(2))),
            "{'type':'zoneActs','zone':%s}".formatted(ref("zones", "z")),
            40,
            42),
        new Scene(
            gone(),
            "{'type':'thingStands','thing':%s,'stands':'gone'}".formatted(ref("props", "box")),
            40,
            42),
        new Scene(
            gone(),
            "{'type':'standsAnew','thing':%s,'stands':'gone'}".formatted(ref("props", "box")),
            40,
            42),
        new Scene(
            opened(),
            "{'type':'thingLooks','thing':%s,'look':%s}"
                .formatted(ref("fixtures", "d"), ref("looks", "look-open")),
            40,
            42),
        new Scene(
            broken(),
            "{'type':'thingHas','thing':%s,'comparison':'atMost','amount':{'type':'number','value':0}}"
                .formatted(ref("props", "j")),
            40,
            42),
        new Scene(
            broken(), "{'type':'thingBreaks','thing':%s}".formatted(ref("props", "j")), 40, 42),
        exactly(
            put(),
            "{'type':'thingInside','thing':%s,'zone':%s}"
                .formatted(ref("props", "c"), ref("zones", "z")),
            41),
        exactly(
            put(),
            "{'type':'thingsInside','zone':%s,'comparison':'atLeast','count':%s,'thingKind':%s}"
                .formatted(ref("zones", "z"), value(1), ref("thingKinds", "box")),
            41),
        exactly(
            put(),
            "{'type':'bears','thing':%s,'comparison':'atLeast','mass':%s}"
                .formatted(ref("fixtures", "pl"), value(40)),
            41),
        new Scene(jammed(), "{'type':'jammed','zone':%s}".formatted(ref("zones", "z")), 36, 46),
        new Scene(flung(), "{'type':'thingLands','thing':%s}".formatted(ref("props", "c")), 51, 55),
        new Scene(
            opened(),
            "{'type':'comesToLook','thing':%s,'look':%s}"
                .formatted(ref("fixtures", "d"), ref("looks", "look-open")),
            40,
            42),
        new Scene(stage, ofCourse("passesZone"), 1, 2),
        new Scene(stage, ofCourse("finishesLap"), 40, 42),
        new Scene(stage, ofCourse("finishesCourse"), 40, 42),
        new Scene(three, ofCourse("goesWrong"), 40, 42),
        exactly(
            stage,
            "{'type':'passed','who':%s,'comparison':'atLeast','count':%s,'course':%s}"
                .formatted(PLAYER, value(1), ref("courses", "k")),
            1),
        new Scene(
            stage,
            "{'type':'finished','who':%s,'course':%s}".formatted(PLAYER, ref("courses", "k")),
            40,
            42));
  }

  private static List<Scene> turns() {
    Stage effect =
        doing(
            stage().effect("f", "smoke", 9, 9, 3, false),
            "{'type':'startEffect','effect':" + ref("effects", "f") + "}");
    Stage stance =
        doing(
            stage(),
            "{'type':'setStance','one':%s,'attitude':'friendly','other':%s}"
                .formatted(ref("sides", "keepers"), ref("sides", "wreckers")));
    Stage timer =
        stage().put("/timers/t", "{'name':'t','seconds':5,'running':false,'shown':false}");
    doing(timer, "{'type':'startTimer','timer':" + ref("timers", "t") + "}");
    Stage twice =
        stage()
            .event("does", 0, "{'type':'every','seconds':1}", Stage.elapsed(1), spare("noTarget"));
    return List.of(
        exactly(effect, "{'type':'goesOn','effect':" + ref("effects", "f") + "}", 40),
        new Scene(
            doing(
                stage().effect("f", "smoke", 60, 60, 300, false),
                "{'type':'startEffect','effect':" + ref("effects", "f") + "}"),
            "{'type':'inEffect','who':%s,'effect':%s}".formatted(PLAYER, ref("effects", "f")),
            40,
            42),
        new Scene(
            stance,
            "{'type':'stance','one':%s,'attitude':'friendly','other':%s}"
                .formatted(ref("sides", "wreckers"), ref("sides", "keepers")),
            40,
            41),
        exactly(timer, "{'type':'runs','timer':" + ref("timers", "t") + "}", 40),
        exactly(
            twice,
            "{'type':'firedOften','event':%s,'comparison':'atLeast','times':%s}"
                .formatted(ref("events", "does"), value(3)),
            60),
        exactly(stage(), "{'type':'difficulty','comparison':'exactly','level':'breezy'}", 1),
        exactly(stage(), "{'type':'chance','percent':100}", 1));
  }

  private static String spare(String how) {
    return "{'type':'spare','who':%s,'spared':'%s'}".formatted(W, how);
  }

  private static List<Scene> items() {
    String give = "{'type':'give','who':%s,'count':%s,'itemKind':%s}";
    Stage given = stage().zone("z", 64, 64, 4);
    doing(given, give.formatted(W, value(2), ref("itemKinds", "salve")));
    return List.of(
        exactly(given, count("carries", "'who':" + W, 2), 40),
        exactly(
            given,
            "{'type':'laden','who':%s,'comparison':'atLeast','mass':%s}".formatted(W, value(0.6)),
            40),
        exactly(given, count("holds", "'zone':" + ref("zones", "z"), 2), 40));
  }

  private static List<Scene> time() {
    Stage clock = stage().put("/setting/startTime", "36000");
    Stage water =
        doing(stage().put("/setting/waterLevel", "0"), "{'type':'water','level':4,'time':2}");
    String timer = ref("timers", "t");
    Stage runs = stage().put("/timers/t", "{'name':'t','seconds':5,'running':true,'shown':false}");
    return List.of(
        exactly(stage(), "{'type':'elapsed','comparison':'atLeast','time':3}", 60),
        exactly(clock, "{'type':'clock','time':36005}", 100),
        new Scene(water, "{'type':'tide','comparison':'atLeast','level':" + value(2) + "}", 59, 62),
        exactly(runs, "{'type':'runOut','timer':" + timer + "}", 100),
        exactly(
            runs,
            "{'type':'timeLeft','timer':%s,'comparison':'atMost','time':%s}"
                .formatted(timer, value(2)),
            60));
  }

  private static List<Scene> facts() {
    Stage flag = doing(stage().flag("f"), Stage.turn("f", "on"));
    String counter = ref("counters", "c");
    Stage adds = stage().put("/counters/c", "{'name':'c','value':3}");
    doing(adds, "{'type':'addToCounter','amount':" + value(2) + ",'counter':" + counter + "}");
    Stage gate =
        doing(
            stage().gate("g", "closed", 30, 30, 34, 30),
            "{'type':'setGate','gate':" + ref("gates", "g") + ",'state':'open'}");
    return List.of(
        exactly(flag, Stage.flagOn("f"), 40),
        exactly(
            adds,
            "{'type':'counter','counter':%s,'comparison':'exactly','amount':%s}"
                .formatted(counter, value(5)),
            40),
        exactly(
            adds,
            "{'type':'comesTo','one':{'type':'formula','of':{'type':'counter','counter':%s},'times':2,'plus':1},'comparison':'atLeast','other':%s}"
                .formatted(counter, value(11)),
            40),
        exactly(
            lift(),
            "{'type':'deckAt','deck':%s,'comparison':'exactly','stop':%s}"
                .formatted(ref("decks", "d"), value(2)),
            50),
        new Scene(gate, "{'type':'gate','gate':" + ref("gates", "g") + ",'state':'open'}", 40, 41));
  }

  /** A deck that comes to its second stop half a second after it was sent there at step 40. */
  private static Stage lift() {
    return doing(
        stage().deck("d", 6, 0, 0, 90, 90, 94, 90, 94, 94, 90, 94).stop("d", "a1", 0, 0, 0.5),
        "{'type':'sendDeckOn','deck':" + ref("decks", "d") + "}");
  }

  private static List<Scene> story() {
    Stage said =
        stage().speaker("bell", "{'type':'elsewhere'}").talk("talk", "story", "bell", "one");
    doing(said, "{'type':'say','conversation':" + ref("conversations", "talk") + "}");
    Stage objective =
        stage()
            .put(
                "/objectives/o",
                "{'name':'o','order':'a1','text':'','rank':'primary','open':true}");
    doing(objective, "{'type':'completeObjective','objective':" + ref("objectives", "o") + "}");
    Stage fires = doing(stage().flag("f"), Stage.turn("f", "on"));
    return List.of(
        new Scene(
            said, "{'type':'said','conversation':" + ref("conversations", "talk") + "}", 59, 64),
        exactly(
            objective,
            "{'type':'objective','objective':" + ref("objectives", "o") + ",'state':'done'}",
            40),
        exactly(fires, "{'type':'fired','event':" + ref("events", "does") + "}", 40),
        new Scene(waves(), "{'type':'waveCame','wave':" + ref("waves", "wave") + "}", 60, 63),
        new Scene(waves(), "{'type':'waveCleared','wave':" + ref("waves", "wave") + "}", 100, 103),
        new Scene(
            waves(),
            "{'type':'wavesCleared','wavePlan':" + ref("wavePlans", "plan") + "}",
            100,
            103));
  }

  private static List<Scene> happenings() {
    Stage said =
        stage().speaker("bell", "{'type':'elsewhere'}").talk("talk", "story", "bell", "one");
    doing(said, "{'type':'say','conversation':" + ref("conversations", "talk") + "}");
    Stage done =
        stage()
            .put(
                "/objectives/o",
                "{'name':'o','order':'a1','text':'','rank':'primary','open':true}");
    doing(done, "{'type':'completeObjective','objective':" + ref("objectives", "o") + "}");
    Stage gate =
        doing(
            stage().gate("g", "closed", 30, 30, 34, 30),
            "{'type':'setGate','gate':" + ref("gates", "g") + ",'state':'open'}");
    Stage timer = stage().put("/timers/t", "{'name':'t','seconds':5,'running':true,'shown':false}");
    Stage flag = doing(stage().flag("f"), Stage.turn("f", "on"));
    String wave = ref("waves", "wave");
    String talk = ref("conversations", "talk");
    return List.of(
        exactly(
            doing(stage().flag("f"), Stage.turn("f", "on")),
            "{'type':'fires','event':" + ref("events", "does") + "}",
            40),
        exactly(
            done,
            "{'type':'objectiveBecomes','objective':" + ref("objectives", "o") + ",'state':'done'}",
            40),
        exactly(
            timer,
            "{'type':'timeGone','timer':%s,'comparison':'atLeast','time':%s}"
                .formatted(ref("timers", "t"), value(2)),
            40),
        exactly(timer, "{'type':'runsOut','timer':" + ref("timers", "t") + "}", 100),
        exactly(flag, "{'type':'flagBecomes','flag':" + ref("flags", "f") + ",'on':'on'}", 40),
        exactly(lift(), "{'type':'deckStops','deck':" + ref("decks", "d") + "}", 50),
        new Scene(
            gate, "{'type':'gateBecomes','gate':" + ref("gates", "g") + ",'state':'open'}", 40, 41),
        exactly(asks("yes"), "{'type':'chooses','who':" + PLAYER + ",'answer':" + yes() + "}", 60),
        exactly(asks("yes"), "{'type':'isChosen','answer':" + yes() + "}", 60),
        exactly(asks(""), "{'type':'staysUndecided','choice':" + ref("choices", "ch") + "}", 60),
        exactly(asks(""), "{'type':'isAsked','choice':" + ref("choices", "ch") + "}", 40),
        exactly(asks("yes"), "{'type':'beenChosen','answer':" + yes() + "}", 60),
        exactly(
            doing(stage(), "{'type':'bind','who':" + W + "}"),
            "{'type':'isBound','who':" + W + "}",
            40),
        new Scene(waves(), "{'type':'waveComes','wave':" + wave + "}", 60, 63),
        new Scene(waves(), "{'type':'waveFalls','wave':" + wave + "}", 100, 103),
        new Scene(said, "{'type':'talkBegins','conversation':" + talk + "}", 40, 42),
        new Scene(said, "{'type':'lineIsSaid','conversation':" + talk + "}", 40, 42),
        new Scene(said, "{'type':'talkEnds','conversation':" + talk + "}", 59, 64));
  }

  private static String yes() {
    return ref("answers", "yes");
  }

  /** A choice that is asked for a second, which nobody answers. */
  private static Stage asks(String fallback) {
    Stage stage = stage().choice("ch", "each", 1, fallback, false).answer("yes", "ch");
    return doing(stage, "{'type':'ask','choice':" + ref("choices", "ch") + "}");
  }

  private static String both(String type, String who, String whom) {
    return "{'type':'%s','who':%s,'whom':%s}".formatted(type, who, whom);
  }

  private static String hitWith(String who, String whom, String weapon) {
    return "{'type':'isHitWith','who':%s,'whom':%s,'weapon':%s}"
        .formatted(who, whom, ref("weapons", weapon));
  }

  private static List<Scene> happeningsOfUnits() {
    Stage out = stage().zone("z", 80, 64, 4);
    doing(out, send(80, 64), at(15, send(50, 64)), at(15, send(80, 64)));
    Stage watched = new Stage().unit("w", "wreckers", "wrecker", 64, 80);
    watched.put("/units/w/facing", "180");
    Stage hurt = doing(stage(), harm(60), at(1, harm(9999)));
    Stage loud =
        doing(stage(), "{'type':'sound','place':" + Stage.point(64, 50) + ",'loudness':80}");
    Stage later = doing(stage(), "{'type':'bringIn','who':" + W + "}");
    later.put("/units/w/inPlay", "false");
    Stage walks =
        stage()
            .route("r", "once", "70 64 'walk' 'goesOn'", "76 64 'walk' 'goesOn'")
            .put("/units/w/order", "{'type':'along','route':" + ref("routes", "r") + "}");
    return List.of(
        new Scene(later, "{'type':'comesIntoPlay','who':" + W + "}", 40, 45),
        new Scene(
            walks,
            "{'type':'reachesWaypoint','who':%s,'route':%s}".formatted(W, ref("routes", "r")),
            20,
            140),
        new Scene(
            walks,
            "{'type':'reachesEnd','who':%s,'route':%s}".formatted(W, ref("routes", "r")),
            150,
            280),
        new Scene(walks, "{'type':'finishesOrder','who':" + W + "}", 150, 280),
        new Scene(out, zoned("enters"), 60, 340),
        new Scene(out, zoned("leaves"), 341, 600),
        new Scene(out, zoned("comesBack"), 640, 1000),
        new Scene(watched, "{'type':'becomesAlert','who':" + W + ",'alertness':'alarmed'}", 5, 200),
        new Scene(watched, both("notices", W, PLAYER), 5, 200),
        new Scene(watched, both("isSeen", PLAYER, W), 5, 200),
        new Scene(watched, both("isHit", PLAYER, W), 5, 600),
        new Scene(watched, hitWith(PLAYER, W, "cudgel"), 5, 600),
        new Scene(watched, both("isKilled", PLAYER, W), 5, 2400),
        new Scene(
            watched, hitWith(PLAYER, W, "cudgel").replace("isHitWith", "isKilledWith"), 5, 2400),
        new Scene(hurt, "{'type':'dies','who':" + W + "}", 60, 62),
        new Scene(loud, "{'type':'hears','who':" + W + "}", 40, 41));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("scenes")
  void becomesTrueWhenItShouldAndNotBefore(Scene scene) {
    World world = scene.stage().event("listens", Stage.all(scene.condition())).after(scene.to());
    assertThat(Stage.fired(world, "listens")).hasSize(1);
    assertThat(Stage.fired(world, "listens").getFirst()).isBetween(scene.from(), scene.to());
  }

  static Stream<Scene> ofSomebody() {
    return scenes().filter(it -> subject(it.condition()) != null);
  }

  /** The id of the one that a condition speaks of; null where that is a thing, or several. */
  private static String subject(String condition) {
    return condition.contains("'who':" + W)
        ? "w"
        : condition.contains("'who':" + PLAYER) ? "p" : null;
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("ofSomebody")
  void whoItSpeaksOfIsTheCauser(Scene scene) {
    World world = scene.stage().event("listens", Stage.all(scene.condition())).after(scene.to());
    int listens = world.plan().script().program("listens");
    assertThat(
            world.causes().from(0).stream()
                .filter(it -> it.kind() == Causes.Kind.FIRED && it.subject() == listens)
                .map(Causes.Entry::detail))
        .containsExactly(Stage.number(world, subject(scene.condition())));
  }

  /** What players' inputs or friends make true has scenes of its own, here and elsewhere. */
  private static final Set<String> BY_INPUT =
      Set.of(
          "called",
          "used",
          "takenUp",
          "seat",
          "sends",
          "dealsWith",
          "usesItem",
          "trades",
          "isCarried",
          "uses",
          "usesWith",
          "takesFrom",
          "breaksThing",
          "takesUp",
          "thingCarried",
          "carriesThing",
          "liftsThing",
          "letsGo",
          "setsDown",
          "givesUp",
          "goesDown",
          "isHelpedUp",
          "isHelpedBy",
          "seatBecomes");

  @Test
  void aCallTheUseOfALeverAndWhatIsTakenUpAreHeardInTheStepTheyAreDone() {
    World world =
        new Stage()
            .item("tin", "salve", 64, 63, 1)
            .event("taken", Stage.all("{'type':'takenUp','item':" + ref("items", "tin") + "}"))
            .put("/calls/c", "{'name':'c','order':'a0'}")
            .lever("l", 64, 65, 0, "{'type':'nothing'}")
            .event("called", Stage.all("{'type':'called','call':" + ref("calls", "c") + "}"))
            .event(
                "used",
                Stage.all(
                    "{'type':'used','fixture':%s,'comparison':'atLeast','times':%s}"
                        .formatted(ref("fixtures", "l"), value(1))))
            .after(10);
    world.step(
        List.of(
            new Command(0, new Input.Call("c")),
            new Command(0, new Input.TakeUp()),
            new Command(0, new Input.Use(1))));
    Stage.steps(world, 60);
    assertThat(Stage.fired(world, "called")).containsExactly(11);
    assertThat(Stage.fired(world, "taken")).containsExactly(11);
    assertThat(Stage.fired(world, "used").getFirst()).isBetween(50, 53);
  }

  @Test
  void whoTriesToUseSomethingWhileWalkingIsTold() {
    World world = new Stage().lever("l", 64, 65, 0, "{'type':'nothing'}").after(5);
    world.step(List.of(new Command(0, new Input.Steer(0.1, 0)), new Command(0, new Input.Use(1))));
    world.step(List.of(new Command(0, new Input.Steer(0, 0)), new Command(0, new Input.Use(1))));
    assertThat(
            world.causes().from(0).stream()
                .filter(it -> it.kind() == Causes.Kind.MUST_STAND)
                .map(Causes.Entry::step))
        .containsExactly(6);
  }

  @Test
  void aSeatIsTakenOnceAPlayerSitsInIt() {
    World world =
        new Stage()
            .event(
                "sits",
                Stage.all("{'type':'seat','start':" + ref("starts", "p") + ",'state':'taken'}"))
            .event(
                "stands",
                Stage.all("{'type':'seat','start':" + ref("starts", "p") + ",'state':'empty'}"))
            .world(1);
    for (int i = 0; i < 9; i++) {
      world.step(List.of());
    }
    world.step(List.of(new Command(0, new Input.Join())));
    assertThat(Stage.fired(world, "stands")).containsExactly(1);
    assertThat(Stage.fired(world, "sits")).containsExactly(10);
  }

  @Test
  void noConditionIsWithoutAScene() {
    Set<String> staged = scenes().map(Scene::type).collect(Collectors.toCollection(TreeSet::new));
    staged.addAll(BY_INPUT);
    Set<String> all =
        Arrays.stream(Condition.class.getAnnotation(JsonSubTypes.class).value())
            .map(JsonSubTypes.Type::name)
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(staged).isEqualTo(all);
  }
}
