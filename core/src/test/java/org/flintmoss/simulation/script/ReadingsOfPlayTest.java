package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;
import static org.flintmoss.Stage.point;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.Reading;
import org.flintmoss.script.PhraseBook;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/** What can be read of play, each read in one scene whose numbers are known. */
class ReadingsOfPlayTest {
  private static final String WRECKERS =
      "{'type':'side','side':%s}".formatted(ref("sides", "wreckers"));
  private static final String NOBODY =
      "{'type':'side','side':%s}".formatted(ref("sides", "townsfolk"));
  private static final String PLAYERS = "{'type':'players'}";

  /** The readings and what each comes to 2 s after play began, by their types. */
  private static final Map<String, Double> AT_TWO_SECONDS =
      Map.ofEntries(
          Map.entry("{'type':'counter','counter':%s}".formatted(ref("counters", "k")), 7.0),
          Map.entry("{'type':'howMany','who':%s}".formatted(WRECKERS), 2.0),
          Map.entry("{'type':'howManyAre','who':%s,'state':'dead'}".formatted(WRECKERS), 1.0),
          Map.entry("{'type':'killedBy','who':%s,'by':%s}".formatted(WRECKERS, PLAYERS), 0.0),
          Map.entry("{'type':'strength','who':%s}".formatted(WRECKERS), 50.0),
          Map.entry(extreme("greatest", "health", WRECKERS), 100.0),
          Map.entry(extreme("least", "health", WRECKERS), 50.0),
          Map.entry(extreme("greatest", "health", NOBODY), 0.0),
          Map.entry(extreme("greatest", "speed", WRECKERS), 0.0),
          Map.entry(extreme("least", "above", WRECKERS), 0.0),
          Map.entry(extreme("greatest", "climb", WRECKERS), 0.0),
          Map.entry(extreme("greatest", "pack", PLAYERS), 6.0),
          Map.entry("{'type':'apart','who':%s,'whom':%s}".formatted(WRECKERS, WRECKERS), 5.0),
          Map.entry("{'type':'apart','who':%s,'whom':%s}".formatted(WRECKERS, NOBODY), 1e6),
          Map.entry("{'type':'away','place':%s,'who':%s}".formatted(point(20, 30), WRECKERS), 10.0),
          Map.entry("{'type':'away','place':%s,'who':%s}".formatted(point(20, 30), NOBODY), 1e6),
          Map.entry(
              "{'type':'waypoints','route':%s,'who':%s}".formatted(ref("routes", "r"), PLAYERS),
              0.0),
          Map.entry(
              "{'type':'laps','course':%s,'who':%s}".formatted(ref("courses", "run"), PLAYERS),
              1.0),
          Map.entry(
              "{'type':'courseTime','who':%s,'course':%s}"
                  .formatted(PLAYERS, ref("courses", "run")),
              0.0),
          Map.entry(
              "{'type':'courseSplit','who':%s,'course':%s}"
                  .formatted(PLAYERS, ref("courses", "run")),
              0.0),
          Map.entry(
              "{'type':'bestLap','who':%s,'course':%s}".formatted(PLAYERS, ref("courses", "run")),
              0.0),
          Map.entry(
              "{'type':'coursePlace','who':%s,'course':%s}"
                  .formatted(PLAYERS, ref("courses", "run")),
              1.0),
          Map.entry("{'type':'noisesHeard','who':%s}".formatted(WRECKERS), 1.0),
          Map.entry(
              "{'type':'carried','itemKind':%s,'who':%s}"
                  .formatted(ref("itemKinds", "oil"), PLAYERS),
              3.0),
          Map.entry(
              "{'type':'held','itemKind':%s,'zone':%s}"
                  .formatted(ref("itemKinds", "oil"), ref("zones", "z")),
              5.0),
          Map.entry("{'type':'played'}", 2.0),
          Map.entry("{'type':'left','timer':%s}".formatted(ref("timers", "t")), 8.0),
          Map.entry("{'type':'gone','timer':%s}".formatted(ref("timers", "t")), 2.0),
          Map.entry("{'type':'split','timer':%s}".formatted(ref("timers", "t")), 9.0),
          Map.entry("{'type':'timeOfDay'}", 6 * 3600 + 2.0),
          Map.entry("{'type':'waterLevel'}", -3.0),
          Map.entry("{'type':'windSpeed'}", 4.0),
          Map.entry("{'type':'timesUsed','fixture':%s}".formatted(ref("fixtures", "l")), 0.0),
          Map.entry("{'type':'timesChosen','answer':%s}".formatted(ref("answers", "yes")), 0.0),
          Map.entry("{'type':'wholeness','thing':%s}".formatted(ref("props", "jar")), 75.0),
          Map.entry("{'type':'weightOn','thing':%s}".formatted(ref("fixtures", "pl")), 40.0),
          Map.entry("{'type':'spreadOf','effect':%s}".formatted(ref("effects", "mist")), 100.0),
          Map.entry("{'type':'stopOf','deck':%s}".formatted(ref("decks", "lift")), 1.0),
          Map.entry(
              "{'type':'thingsIn','zone':%s,'thingKind':%s}"
                  .formatted(ref("zones", "z"), ref("thingKinds", "box")),
              1.0),
          Map.entry("{'type':'timesFired','event':%s}".formatted(ref("events", "one")), 1.0));

  private static String extreme(String end, String measure, String who) {
    return "{'type':'extreme','end':'%s','measure':'%s','who':%s}".formatted(end, measure, who);
  }

  /**
   * Two wreckers 5 m apart, one of them at half their health, and a dead one; a player with three
   * flasks of oil in a zone where two more lie; one timer, one counter, one event.
   */
  private static Stage scene() {
    String harm =
        "{'type':'harm','who':{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}},'amount':%s}";
    return new Stage()
        .put("/stances", "{}")
        .put("/itemKinds/oil", "{'name':'Oil','figure':'flask','mass':2,'use':{'type':'kept'}}")
        .put("/setting/startTime", "21600")
        .put("/setting/dayLasts", "1440")
        .put("/setting/waterLevel", "-3")
        .put("/setting/wind", "{'speed':4,'from':0}")
        .unit("a", "wreckers", "wrecker", 30, 30)
        .unit("b", "wreckers", "wrecker", 33, 34)
        .unit("d", "wreckers", "wrecker", 90, 90)
        .packs("starts", "p", "oil", 3)
        .item("o", "oil", 66, 64, 2)
        .zone("z", 64, 64, 6)
        .put(
            "/courses/run",
            "{'name':'Run','passages':{'x':{'order':'a0','zone':%s}},'circuit':false,'laps':1,'shown':true}"
                .formatted(ref("zones", "z")))
        .route("r", "once", "70 64 'walk' 'goesOn'")
        .lever("l", 100, 100, 0, "{'type':'nothing'}")
        .prop("jar", "clay-jar-kind", 110, 100, 0)
        .plate("pl", 66, 67, "{'type':'nothing'}")
        .choice("ch", "first", 0, "", false)
        .answer("yes", "ch")
        .effect("mist", "spray", 100, 100, 3, true)
        .deck("lift", 9, 0, 0, 100, 20, 104, 20, 104, 24, 100, 24)
        .stop("lift", "a1", 0, 0, 5)
        .loose("box", 0.4, 0.8, 40)
        .prop("load", "box", 66, 67, 0)
        .event(
            "chips",
            Stage.elapsed(0.5),
            "{'type':'harmThing','thing':%s,'amount':{'type':'number','value':3}}"
                .formatted(ref("props", "jar")))
        .put("/counters/k", "{'name':'k','value':7}")
        .put("/counters/c", "{'name':'c','value':0}")
        .put("/timers/t", "{'name':'t','seconds':10,'running':true,'shown':false}")
        .event(
            "one",
            elapsed(1),
            harm.formatted(ref("units", "b"), value(40)),
            harm.formatted(ref("units", "d"), value(9999)),
            "{'type':'sound','place':%s,'loudness':8}".formatted(point(30, 30)),
            "{'type':'keepSplit','timer':%s}".formatted(ref("timers", "t")));
  }

  private static String formula(String reading, double times, double plus) {
    return "{'type':'formula','of':%s,'times':%s,'plus':%s}".formatted(reading, times, plus);
  }

  private static double read(String amount) {
    Stage stage =
        scene()
            .event(
                "e",
                elapsed(2),
                "{'type':'setCounter','counter':%s,'amount':%s}"
                    .formatted(ref("counters", "c"), amount));
    return stage.after(40).script().counter(0);
  }

  @TestFactory
  Stream<DynamicTest> eachIsReadOfPlayTimesAFactorPlusAnOffset() {
    return AT_TWO_SECONDS.entrySet().stream()
        .map(
            it ->
                DynamicTest.dynamicTest(
                    it.getKey(),
                    () -> {
                      assertThat(read(formula(it.getKey(), 1, 0)))
                          .isCloseTo(it.getValue(), within(1e-6));
                      assertThat(read(formula(it.getKey(), -2, 1)))
                          .isCloseTo(1 - 2 * it.getValue(), within(1e-6));
                    }));
  }

  @Test
  void everyReadingIsInTheScene() {
    assertThat(PhraseBook.make().readings())
        .extracting(PhraseBook.Entry::type)
        .allSatisfy(
            type ->
                assertThat(AT_TWO_SECONDS.keySet()).anyMatch(it -> it.contains("'" + type + "'")));
    AT_TWO_SECONDS
        .keySet()
        .forEach(
            it ->
                assertThat(Json.MAPPER.readValue(it.replace('\'', '"'), Reading.class))
                    .isNotNull());
  }

  @Test
  void whatIsReadOfNothingThatIsThereIsNoNumber() {
    String gone = formula("{'type':'left','timer':%s}".formatted(ref("timers", "x")), 1, 0);
    String comes =
        "{'type':'comesTo','one':%s,'comparison':'atLeast','other':%s}".formatted(gone, value(-9));
    assertThat(fired(scene().event("e", comes).after(5), "e")).isEmpty();
  }

  @Test
  void aConditionHoldsFromTheStepInWhichWhatItReadsComesToIt() {
    String far =
        formula("{'type':'away','place':%s,'who':%s}".formatted(point(40, 64), PLAYERS), 1, 0);
    String near =
        "{'type':'comesTo','one':%s,'comparison':'atMost','other':%s}".formatted(far, value(20));
    World world = new Stage().event("e", near).world(1);
    Stage.steps(world, 10);
    assertThat(fired(world, "e")).isEmpty();
    while (world.read().x(0) > 60) {
      assertThat(fired(world, "e")).isEmpty();
      world.step(List.of(new Command(0, new Input.Steer(-1, 0))));
    }
    assertThat(fired(world, "e")).containsExactly(world.read().step());
  }

  @Test
  void theRateOfClimbIsKnownWhereOnlyAnAmountAsksForIt() {
    Stage stage =
        new Stage()
            .put("/counters/c", "{'name':'c','value':0}")
            .deck("d", 8, 0, 0, 76, 60, 90, 60, 90, 68, 76, 68)
            .ramp("d", "r", "stairs", 76, 64, 70, 64)
            .unit("w", "keeper", 66, 64, "{'type':'stay'}")
            .event(
                "go",
                elapsed(0.05),
                "{'type':'send','who':{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}},'place':%s}"
                    .formatted(ref("units", "w"), point(84, 64)));
    String rate = formula(extreme("greatest", "climb", "{'type':'anyone'}"), 100, 0);
    stage.event(
        "e",
        0,
        "{'type':'every','seconds':0.5}",
        elapsed(0.05),
        "{'type':'setCounter','counter':%s,'amount':%s}".formatted(ref("counters", "c"), rate));
    World world = stage.world(1);
    double most = 0;
    for (int step = 0; step < 400; step++) {
      world.step(List.of());
      most = Math.max(most, world.script().counter(0));
    }
    assertThat(Inside.of(world).space.feet(Stage.number(world, "w"))).isEqualTo(8);
    assertThat(most).isBetween(20.0, 300.0);
  }
}
