package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.trial.Chronicle;
import org.junit.jupiter.api.Test;

/** Decks that move carry along who and what is on them, and come upon nobody. */
class RidesTest {
  private static String sends(int stop) {
    return "{'type':'sendDeck','deck':%s,'stop':{'type':'number','value':%d}}"
        .formatted(Stage.ref("decks", "lift"), stop);
  }

  /** A lift of 4 m by 4 m about 60, 60 that rises by 3 m to a floor east of it. */
  private static Stage lift() {
    return new Stage()
        .start("p", 60, 60)
        .deck("floor", 8.2, 0, 0, 62, 54, 80, 54, 80, 66, 62, 66)
        .deck("lift", 5.2, 0, 0, 58, 58, 62, 58, 62, 62, 58, 62)
        .put("/decks/lift/thickness", "0.1")
        .stop("lift", "a1", 0, 0, 3);
  }

  private static Stage sent(Stage stage) {
    return stage.event("e", Stage.elapsed(1), sends(2));
  }

  private static DeckMotion decks(World world) {
    return Inside.of(world).standings.decks();
  }

  private static int player(World world) {
    return world.plan().seat(0);
  }

  private static double feet(World world, int unit) {
    return Inside.of(world).space.feet(unit);
  }

  private static double x(World world) {
    return Inside.of(world).body.x(player(world));
  }

  private static void does(World world, Input input) {
    world.step(List.of(new Command(0, input)));
  }

  /** What the log says of decks that wait. */
  private static List<String> waits(World world) {
    Chronicle chronicle = new Chronicle(world);
    return world.causes().from(0).stream()
        .filter(it -> it.kind() == Causes.Kind.DECK_WAITS)
        .map(chronicle::says)
        .toList();
  }

  @Test
  void aCrateInTheShaftHoldsItUpAndIsTold() {
    World world =
        sent(lift())
            .put("/starts/p/position/x", "50")
            .event("f", Stage.elapsed(5), sends(1))
            .loose("crate", 0.3, 0.6, 30)
            .prop("c", "crate", 60, 60, 0)
            .put("/props/c/level", "{'type':'ground'}")
            .put("/decks/lift/top", "6")
            .world(1);
    Stage.steps(world, 200);
    assertThat(waits(world)).isEmpty();
    assertThat(decks(world).at(0)).isEqualTo(1);
    World under =
        sent(lift())
            .put("/starts/p/position/x", "50")
            .stop("lift", "a2", 0, 0, -0.1)
            .event("f", Stage.elapsed(5), sends(3))
            .loose("crate", 0.3, 0.6, 30)
            .prop("c", "crate", 60, 60, 0)
            .put("/props/c/level", "{'type':'ground'}")
            .put("/decks/lift/top", "6")
            .put("/decks/lift/motion/stops/a2/up", "-0.8")
            .world(1);
    Stage.steps(under, 300);
    assertThat(waits(under)).containsExactly("lift waits: c is in its way");
  }

  @Test
  void aLiftTakesWhoStandsOnItUpAtItsPaceAndTheyWalkOffOnTheFloor() {
    World world = sent(lift()).world(1);
    does(world, new Input.Steer(0, 0));
    Stage.steps(world, 19);
    assertThat(decks(world).at(0)).isEqualTo(1);
    assertThat(feet(world, player(world))).isEqualTo(5.2);
    for (int step = 1; step < 60; step++) {
      Stage.steps(world, 1);
      assertThat(decks(world).at(0)).as("after %d steps", step).isZero();
      assertThat(feet(world, player(world))).isCloseTo(5.2 + 0.05 * step, within(1e-9));
    }
    Stage.steps(world, 1);
    assertThat(decks(world).at(0)).isEqualTo(2);
    assertThat(feet(world, player(world))).isEqualTo(8.2);
    assertThat(world.causes().from(0))
        .filteredOn(it -> it.kind() == Causes.Kind.DECK)
        .singleElement()
        .matches(it -> it.step() == 80 && it.detail() == 2);
    does(world, new Input.Steer(1, 0));
    Stage.steps(world, 40);
    assertThat(x(world)).isGreaterThan(63);
    assertThat(feet(world, player(world))).isEqualTo(8.2);
  }

  @Test
  void whileItIsAboveOneWalksUnderItAndNobodyStepsIntoTheShaft() {
    World below = sent(lift()).put("/starts/p/position/x", "50").world(1);
    Stage.steps(below, 90);
    does(below, new Input.Steer(1, 0));
    Stage.steps(below, 100);
    assertThat(x(below)).as("under the lift").isGreaterThan(58);
    assertThat(feet(below, player(below))).isEqualTo(5);
    World above =
        lift()
            .put("/starts/p/position/x", "66")
            .put(
                "/starts/p/level",
                "{'type':'deck','deck':%s}".formatted(Stage.ref("decks", "floor")))
            .world(1);
    does(above, new Input.Steer(-1, 0));
    Stage.steps(above, 100);
    assertThat(x(above)).as("stopped at the rim").isBetween(61.9, 62.3);
    assertThat(feet(above, player(above))).isEqualTo(8.2);
  }

  @Test
  void itComesDownOnNobody() {
    World world =
        sent(lift())
            .put("/starts/p/position/x", "50")
            .event("f", Stage.elapsed(8), sends(1))
            .world(1);
    Stage.steps(world, 90);
    does(world, new Input.Steer(1, 0));
    while (x(world) < 60) {
      Stage.steps(world, 1);
    }
    does(world, new Input.Steer(0, 0));
    Stage.steps(world, 200);
    double tall = Mover.of(world.plan().kind(player(world))).tall();
    assertThat(decks(world).at(0)).as("it waits over them").isZero();
    assertThat(waits(world)).containsExactly("lift waits: p would be crushed");
    assertThat(0.2 + decks(world).along(0) - 0.1).isBetween(tall, tall + 0.1);
    does(world, new Input.Steer(-1, 0));
    Stage.steps(world, 150);
    assertThat(decks(world).at(0)).isEqualTo(1);
  }

  @Test
  void whoCrawlsUnderItIsNotCrushedEither() {
    World world =
        lift()
            .put("/decks/lift/top", "6.2")
            .stop("lift", "a1", 0, 0, -1)
            .put("/starts/p/position/x", "55")
            .event("e", Stage.elapsed(8), sends(2))
            .world(1);
    does(world, new Input.Steer(1, 0));
    while (x(world) < 59.5) {
      Stage.steps(world, 1);
    }
    does(world, new Input.Steer(0, 0));
    assertThat(Inside.of(world).gait.crawls(player(world))).isTrue();
    Stage.steps(world, 260);
    double low = Inside.of(world).space.navigationMap(player(world)).low();
    assertThat(1.1 - decks(world).along(0)).as("waits over them").isBetween(low, low + 0.1);
    does(world, new Input.Steer(-1, 0));
    Stage.steps(world, 150);
    assertThat(decks(world).at(0)).isEqualTo(2);
  }

  @Test
  void whatLiesOnItComesAlongAndWhatStandsOnThat() {
    World world =
        sent(lift())
            .put("/starts/p/position/x", "50")
            .loose("crate", 0.3, 0.5, 30)
            .prop("low", "crate", 60, 60, 0)
            .level("props/low", "lift")
            .prop("up", "crate", 60, 60, 0)
            .level("props/up", "lift")
            .atop("props/up", "props/low")
            .prop("post", "lever-kind", 59, 59, 0)
            .level("props/post", "lift")
            .item("i", "lamp-oil", 61, 61, 1)
            .level("items/i", "lift")
            .world(1);
    Stage.steps(world, 120);
    assertThat(foot(world, "low")).isCloseTo(8.2, within(1e-6));
    assertThat(foot(world, "up")).isCloseTo(8.7, within(1e-6));
    assertThat(foot(world, "post")).as("what is fixed to it").isCloseTo(8.2, within(1e-6));
    int deck = Inside.of(world).packs.heapDeck(0);
    assertThat(Inside.of(world).space.decks().height(deck, 61, 61)).isEqualTo(8.2);
  }

  private static double foot(World world, String prop) {
    int thing = world.plan().actors().thing(new Ref(Family.PROPS, prop));
    return Inside.of(world).thingPlaces.foot(thing);
  }

  @Test
  void aRaftGoesToAndFroAndStaysAtEachEnd() {
    Stage raft =
        lift()
            .put("/decks/lift/motion", "{'runs':'toAndFro','speed':2,'stay':1,'load':0,'stops':{}}")
            .stop("lift", "a1", -20, 0, 0);
    World world = raft.world(1);
    Stage.steps(world, 200);
    assertThat(decks(world).at(0)).as("10 s over, with no stay before").isEqualTo(2);
    assertThat(x(world)).isCloseTo(40, within(1e-6));
    Stage.steps(world, 19);
    assertThat(decks(world).at(0)).isEqualTo(2);
    Stage.steps(world, 1);
    assertThat(decks(world).at(0)).isZero();
    Stage.steps(world, 199);
    assertThat(decks(world).at(0)).isEqualTo(1);
    assertThat(x(world)).isCloseTo(60, within(1e-6));
    World walks = raft.world(1);
    does(walks, new Input.Steer(0, 1));
    Stage.steps(walks, 10);
    does(walks, new Input.Steer(0, 0));
    Stage.steps(walks, 5);
    assertThat(Inside.of(walks).body.y(player(walks))).as("they walk on it").isGreaterThan(60.5);
    assertThat(x(walks)).as("and are carried").isCloseTo(60 - 0.1 * 17, within(1e-6));
  }

  @Test
  void withTooMuchOnItItWaits() {
    World world =
        sent(lift())
            .put("/decks/lift/motion/load", "100")
            .loose("crate", 0.3, 0.5, 30)
            .prop("c", "crate", 61, 60, 0)
            .level("props/c", "lift")
            .world(1);
    Stage.steps(world, 60);
    assertThat(decks(world).at(0)).isEqualTo(1);
    assertThat(waits(world)).containsExactly("lift waits: more is on it than it carries");
    does(world, new Input.Steer(-1, 0));
    Stage.steps(world, 60);
    assertThat(x(world)).isLessThan(58);
    assertThat(decks(world).at(0)).as("lighter by one").isZero();
  }

  @Test
  void whatARaftPassesOverStaysWhereItWasSetDown() {
    World world =
        lift()
            .put("/decks/lift/motion", "{'runs':'toAndFro','speed':2,'stay':0,'load':0,'stops':{}}")
            .stop("lift", "a1", -20, 0, 1)
            .lever("far", 40, 60, 0, "{'type':'nothing'}")
            .put("/fixtures/far/level", "{'type':'top'}")
            .world(1);
    int far = world.plan().actors().thing(new Ref(Family.FIXTURES, "far"));
    for (int step = 0; step < 300; step++) {
      Stage.steps(world, 1);
      assertThat(Inside.of(world).thingPlaces.foot(far)).isEqualTo(5);
    }
  }

  @Test
  void whatPeopleCarryWeighsToo() {
    Stage stage = sent(lift()).put("/decks/lift/motion/load", "81").put("/kinds/keeper/mass", "80");
    World light = stage.world(1);
    Stage.steps(light, 60);
    assertThat(decks(light).at(0)).isZero();
    World laden = stage.packs("starts", "p", "lamp-oil", 3).world(1);
    Stage.steps(laden, 60);
    assertThat(Inside.of(laden).packs.laden(player(laden))).isGreaterThan(1);
    assertThat(decks(laden).at(0)).isEqualTo(1);
  }

  @Test
  void pushedIntoTheShaftOneFallsOntoTheLiftBelow() {
    World world =
        lift()
            .put("/starts/p/position/x", "63")
            .put(
                "/starts/p/level",
                "{'type':'deck','deck':%s}".formatted(Stage.ref("decks", "floor")))
            .zone("z", 64, 60, 3)
            .does("z", "w", "{'type':'pushes','bearing':270,'speed':6,'rise':0,'what':'all'}")
            .world(1);
    Stage.steps(world, 60);
    assertThat(x(world)).isLessThan(62);
    assertThat(feet(world, player(world))).as("on the lift below").isEqualTo(5.2);
  }

  @Test
  void whoIsOrderedToTheFloorWaitsOnTheLiftAndGoesOnFromIt() {
    World world =
        sent(lift())
            .unit(
                "k",
                "keeper",
                60,
                61,
                "{'type':'guard','post':%s}".formatted(Stage.ref("posts", "up")))
            .post("up", 70, 60, 90)
            .put(
                "/posts/up/level",
                "{'type':'deck','deck':%s}".formatted(Stage.ref("decks", "floor")))
            .world(1);
    int keeper = world.plan().actors().member(new Ref(Family.UNITS, "k"));
    Stage.steps(world, 70);
    assertThat(feet(world, keeper)).as("on the lift").isCloseTo(7.7, within(0.06));
    Stage.steps(world, 300);
    assertThat(feet(world, keeper)).isEqualTo(8.2);
    assertThat(Inside.of(world).body.x(keeper)).isCloseTo(70, within(2.0));
  }

  @Test
  void whoStaysOnARaftIsAtHomeOnIt() {
    World world =
        lift()
            .put("/decks/lift/motion", "{'runs':'toAndFro','speed':2,'stay':2,'load':0,'stops':{}}")
            .stop("lift", "a1", -20, 0, 0)
            .put("/starts/p/position/x", "90")
            .unit("k", "keeper", 60, 61, "{'type':'stay'}")
            .world(1);
    int keeper = world.plan().actors().member(new Ref(Family.UNITS, "k"));
    Stage.steps(world, 220);
    assertThat(decks(world).at(0)).isEqualTo(2);
    assertThat(Inside.of(world).body.x(keeper)).isCloseTo(40, within(1e-6));
    Stage.steps(world, 240);
    assertThat(decks(world).at(0)).isEqualTo(1);
    assertThat(Inside.of(world).body.x(keeper)).isCloseTo(60, within(1e-6));
  }

  @Test
  void sentBackHalfWayItTurnsAndSentTwiceItGoesOnce() {
    World world =
        sent(lift())
            .event("f", Stage.elapsed(2), sends(2))
            .event("g", Stage.elapsed(2.5), sends(1))
            .event("h", Stage.elapsed(2.5), sends(1))
            .world(1);
    Stage.steps(world, 50);
    assertThat(decks(world).along(0)).isCloseTo(1.5, within(1e-9));
    Stage.steps(world, 30);
    assertThat(decks(world).at(0)).isEqualTo(1);
    assertThat(world.causes().from(0))
        .filteredOn(it -> it.kind() == Causes.Kind.DECK)
        .singleElement()
        .matches(it -> it.step() == 80 && it.detail() == 1);
  }

  @Test
  void whoIsToComeInOnItWaitsUntilItIsThere() {
    World world =
        sent(lift())
            .event("f", Stage.elapsed(6), sends(1))
            .put("/starts/p/position/x", "90")
            .unit("k", "keeper", 60, 60, "{'type':'stay'}")
            .level("units/k", "lift")
            .put("/units/k/inPlay", "false")
            .event(
                "in",
                Stage.elapsed(5),
                "{'type':'bringIn','who':{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}}}"
                    .formatted(Stage.ref("units", "k")))
            .world(1);
    int keeper = world.plan().actors().member(new Ref(Family.UNITS, "k"));
    Stage.steps(world, 119);
    assertThat(Inside.of(world).vitals.inPlay(keeper)).as("the lift is above").isFalse();
    Stage.steps(world, 121);
    assertThat(Inside.of(world).vitals.inPlay(keeper)).as("and back since 9 s").isTrue();
    assertThat(feet(world, keeper)).isEqualTo(5.2);
  }

  @Test
  void withTheWaterItLiesAsHighAsThatReaches() {
    Stage stage =
        lift()
            .put("/starts/p/position/x", "50")
            .put("/decks/lift/motion/runs", "'withWater'")
            .put("/setting/waterLevel", "5.5")
            .event("e", Stage.elapsed(5), "{'type':'water','level':9,'time':1}");
    World world = stage.world(1);
    Stage.steps(world, 90);
    assertThat(decks(world).at(0)).as("its lower side is at 5.1 m").isEqualTo(1);
    Stage.steps(world, 100);
    assertThat(decks(world).at(0)).as("at 8.1 m").isEqualTo(2);
  }

  @Test
  void aPlateOnItThatSendsItOnIsNoTrapForTheRun() {
    World world =
        lift()
            .plate(
                "pl",
                60,
                60,
                "{'type':'sendsDeckOn','deck':%s}".formatted(Stage.ref("decks", "lift")))
            .level("fixtures/pl", "lift")
            .world(1);
    Stage.steps(world, 100);
    assertThat(decks(world).at(0)).as("pressed once by who began on it").isEqualTo(2);
    assertThat(feet(world, player(world))).isEqualTo(8.2);
    Stage.steps(world, 100);
    assertThat(decks(world).at(0)).as("and not again while they stay").isEqualTo(2);
  }

  @Test
  void savedHalfWayItGoesOnAlike() {
    World world = sent(lift()).put("/decks/lift/railing/height", "1").world(1);
    Stage.steps(world, 50);
    byte[] half = world.save();
    Stage.steps(world, 60);
    World other = sent(lift()).put("/decks/lift/railing/height", "1").world(1);
    other.load(half);
    Stage.steps(other, 60);
    assertThat(other.hash()).isEqualTo(world.hash());
    assertThat(feet(other, player(other))).isEqualTo(8.2);
  }

  @Test
  void itsRailingIsWhereItIs() {
    World world = sent(lift()).put("/decks/lift/railing/height", "1").world(1);
    Stage.steps(world, 50);
    does(world, new Input.Steer(1, 0));
    Stage.steps(world, 60);
    assertThat(x(world)).as("held by the railing at the top as well").isLessThan(62);
    assertThat(feet(world, player(world))).isEqualTo(8.2);
  }
}
