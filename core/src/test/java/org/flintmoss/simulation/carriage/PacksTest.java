package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What is carried, taken up, set down, asked for and used up. */
class PacksTest {
  /** The numbers of item kinds of the blank catalogue, by their ids. */
  private static final int LAMP_OIL = 2;

  private static final int SALVE = 4;
  private static final int SPADE = 5;

  private static void does(World world, Input... inputs) {
    for (Input input : inputs) {
      world.step(List.of(new Command(0, input)));
    }
  }

  private static int player(World world) {
    return Stage.number(world, "p");
  }

  private static int count(World world, int kind) {
    return world.read().carries(player(world), kind);
  }

  @Test
  void asManyAreTakenUpAsCanBeCarriedAndTheRestStays() {
    World world =
        new Stage().put("/kinds/keeper/load", "7").item("oil", "lamp-oil", 64, 65, 5).world(1);
    does(world, new Input.TakeUp(), new Input.TakeUp());
    assertThat(count(world, LAMP_OIL)).as("3 of 2 kg each").isEqualTo(3);
    assertThat(world.read().laden(player(world))).isEqualTo(6);
    assertThat(world.read().heaps()).extracting(Readings.Heap::count).containsExactly(2);
    assertThat(world.read().takes(player(world))).as("full").isEqualTo(-1);
  }

  @Test
  void whatLiesOutOfReachIsNotTakenUp() {
    World world = new Stage().item("oil", "lamp-oil", 64, 67, 1).world(1);
    does(world, new Input.TakeUp());
    assertThat(count(world, LAMP_OIL)).isZero();
  }

  @Test
  void aFullPackTakesThreeTenthsOfTheSpeedAndHalfAPackHalfOfThat() {
    assertThat(walked(0)).isCloseTo(walked(15) / 0.7, within(1e-6));
    assertThat(walked(5)).as("10 of 30 kg").isCloseTo(walked(0) * 0.9, within(1e-6));
  }

  /** How far a keeper who can carry 30 kg walks in two seconds with a number of flasks of 2 kg. */
  private static double walked(int flasks) {
    Stage stage = new Stage().put("/kinds/keeper/gain", "100");
    if (flasks > 0) {
      stage.packs("starts", "p", "lamp-oil", flasks);
    }
    World world = stage.world(1);
    does(world, new Input.Steer(1, 0));
    Stage.steps(world, 40);
    return world.read().x(player(world)) - 64;
  }

  @Test
  void whatIsSetDownTogetherLiesInOneHeapAndCanBeTakenUpAgain() {
    World world = new Stage().packs("starts", "p", "salve", 2).world(1);
    does(world, new Input.SetDown("salve"), new Input.SetDown("salve"));
    assertThat(count(world, SALVE)).isZero();
    assertThat(world.read().heaps()).extracting(Readings.Heap::count).containsExactly(2);
    does(world, new Input.SetDown("salve"), new Input.TakeUp());
    assertThat(count(world, SALVE)).isEqualTo(2);
    assertThat(world.read().heaps()).isEmpty();
  }

  @Test
  void theFallenAreRelievedOfWhatTheyCarry() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 64, 65)
            .packs("units", "w", "brass-key", 1)
            .packs("units", "w", "spade", 1)
            .event("e", Stage.elapsed(0.5), kill())
            .world(1);
    does(world, new Input.TakeUp());
    assertThat(count(world, SPADE)).as("from the living").isZero();
    Stage.steps(world, 20);
    does(world, new Input.TakeUp());
    assertThat(count(world, SPADE)).isEqualTo(1);
    assertThat(world.read().carries(Stage.number(world, "w"), SPADE)).isZero();
    assertThat(world.read().takes(player(world))).isEqualTo(-1);
  }

  private static String kill() {
    return "{'type':'harm','who':%s,'amount':%s}".formatted(Stage.allOf("wreckers"), value(9999));
  }

  private static Stage asking(String needs, String gives) {
    return new Stage()
        .lever("l", 64, 65, 0, "{'type':'nothing'}")
        .put("/fixtures/l/uses/u1/needs", needs)
        .put("/fixtures/l/uses/u1/gives", gives);
  }

  private static String some(String type, String kind, int count) {
    return "{'type':'%s','item':%s,'count':%d}".formatted(type, ref("itemKinds", kind), count);
  }

  @Test
  void aUseThatAsksForAnItemWaitsForItAndMayUseItUp() {
    Stage stage = asking(some("spending", "lamp-oil", 2), "{'type':'nothing'}");
    World world = stage.item("oil", "lamp-oil", 64, 63.5, 3).world(1);
    assertThat(world.read().offers(player(world)))
        .extracting(Readings.Offer::lacks)
        .containsExactly("2 × Flask of lamp oil");
    does(world, new Input.Use(1));
    assertThat(world.read().busy(player(world))).isNull();
    does(world, new Input.TakeUp());
    assertThat(world.read().offers(player(world)).getFirst().lacks()).isNull();
    does(world, new Input.Use(1));
    Stage.steps(world, 45);
    assertThat(Inside.of(world).interactions.fixturesUsed(0)).isEqualTo(1);
    assertThat(count(world, LAMP_OIL)).isEqualTo(1);
    assertThat(world.read().offers(player(world)).getFirst().lacks()).isNotNull();
  }

  @Test
  void aToolIsKept() {
    Stage stage = asking(some("holding", "spade", 1), "{'type':'nothing'}");
    World world = stage.packs("starts", "p", "spade", 1).world(1);
    does(world, new Input.Use(1));
    Stage.steps(world, 45);
    assertThat(Inside.of(world).interactions.fixturesUsed(0)).isEqualTo(1);
    assertThat(count(world, SPADE)).isEqualTo(1);
  }

  @Test
  void aNeedThatNamesNothingIsNeverMet() {
    Stage stage = asking(some("holding", "gone", 1), "{'type':'nothing'}");
    World world = stage.world(1);
    assertThat(world.read().offers(player(world)).getFirst().lacks())
        .isEqualTo("something that is gone");
  }

  @Test
  void aGiftThatCannotBeCarriedFallsAtTheFeet() {
    Stage stage = asking("{'type':'nothing'}", some("items", "lamp-oil", 3));
    World world = stage.put("/kinds/keeper/load", "4").world(1);
    does(world, new Input.Use(1));
    Stage.steps(world, 45);
    assertThat(count(world, LAMP_OIL)).isEqualTo(2);
    assertThat(world.read().heaps())
        .containsExactly(new Readings.Heap(LAMP_OIL, 1, 64, 64, world.read().deck(player(world))));
  }

  @Test
  void salveHealsWhoIsHurtAndIsNotWastedOnWhoIsNot() {
    Stage stage = new Stage().packs("starts", "p", "salve", 2);
    String players = "{'quantifier':{'type':'all'},'whom':{'type':'players'}}";
    stage.event(
        "e",
        Stage.elapsed(1),
        "{'type':'harm','who':%s,'amount':%s}".formatted(players, value(30)));
    World world = stage.world(1);
    double full = world.read().health(player(world));
    does(world, new Input.Consume("salve"));
    assertThat(count(world, SALVE)).isEqualTo(2);
    Stage.steps(world, 30);
    assertThat(world.read().health(player(world))).isEqualTo(full - 30);
    does(world, new Input.Consume("salve"));
    Stage.steps(world, 1);
    assertThat(world.read().health(player(world))).as("never more than whole").isEqualTo(full);
    assertThat(count(world, SALVE)).isEqualTo(1);
  }

  @Test
  void whoActsAloneTendsThemselvesOnceHalfTheirHealthIsGone() {
    Stage stage =
        new Stage()
            .unit("w", "wreckers", "wrecker", 20, 20)
            .packs("units", "w", "salve", 1)
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'harm','who':%s,'amount':%s}"
                    .formatted(Stage.allOf("wreckers"), value(60)));
    World world = stage.after(60);
    int wrecker = Stage.number(world, "w");
    double full = world.plan().kind(wrecker).health();
    assertThat(world.read().health(wrecker)).isEqualTo(full - 60 + 40);
    assertThat(world.read().carries(wrecker, SALVE)).isZero();
  }

  @Test
  void beastsHaveNoHands() {
    Stage stage =
        new Stage()
            .put("/kinds/keeper/hands", "false")
            .lever("l", 64, 65, 0, "{'type':'nothing'}")
            .item("oil", "lamp-oil", 64, 63.5, 1);
    World world = stage.world(1);
    does(world, new Input.TakeUp(), new Input.Use(1));
    Stage.steps(world, 60);
    assertThat(count(world, LAMP_OIL)).isZero();
    assertThat(Inside.of(world).interactions.fixturesUsed(0)).isZero();
    assertThat(world.read().offers(player(world)).getFirst().lacks()).isEqualTo("hands");
  }

  @Test
  void aZoneHoldsWhatLiesInItAndWhatIsCarriedIntoIt() {
    Stage stage =
        new Stage()
            .zone("z", 80, 64, 6)
            .item("there", "lamp-oil", 80, 64, 1)
            .packs("starts", "p", "lamp-oil", 2)
            .event(
                "brought",
                Stage.all(
                    "{'type':'holds','zone':%s,'comparison':'atLeast','count':%s,'itemKind':%s}"
                        .formatted(ref("zones", "z"), value(3), ref("itemKinds", "lamp-oil"))));
    World world = stage.world(1);
    does(world, new Input.Steer(1, 0));
    Stage.steps(world, 20);
    assertThat(Stage.fired(world, "brought")).isEmpty();
    Stage.steps(world, 200);
    assertThat(Stage.fired(world, "brought")).hasSize(1);
  }

  @Test
  void aZoneThatRidesGathersWhatItPassesOver() {
    Stage stage =
        new Stage()
            .zone("z", 64, 64, 3)
            .put("/zones/z/rides", "{'type':'start','start':" + ref("starts", "p") + "}")
            .item("there", "lamp-oil", 80, 64, 1)
            .event(
                "over",
                Stage.all(
                    "{'type':'holds','zone':%s,'comparison':'atLeast','count':%s,'itemKind':%s}"
                        .formatted(ref("zones", "z"), value(1), ref("itemKinds", "lamp-oil"))));
    World world = stage.world(1);
    does(world, new Input.Steer(1, 0));
    Stage.steps(world, 200);
    assertThat(Stage.fired(world, "over")).hasSize(1);
  }
}
