package org.flintmoss.simulation.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.script.Begin;
import org.flintmoss.trial.PlayerFeed;
import org.flintmoss.trial.TrialMessage;
import org.junit.jupiter.api.Test;

/** An exchange that a lever beside a player at (64, 64) opens, and what is taken there. */
class TradesTest {
  private static final String OIL = items("lamp-oil", 2);
  private static final String TWO_SALVES =
      "{'type':'items','count':" + pinned(2) + ",'item':" + ref("itemKinds", "salve") + "}";
  private static final String NOTHING = "{'type':'nothing'}";

  private static String pinned(int value) {
    return "{'value':%d,'levels':{},'perPlayer':0}".formatted(value);
  }

  private static String items(String kind, int count) {
    return "{'type':'items','count':%s,'item':%s}".formatted(pinned(count), ref("itemKinds", kind));
  }

  private static Stage stage(String gives, String price, int stock) {
    return stage(gives, price, stock, Stage.all());
  }

  private static Stage stage(String gives, String price, int stock, String when) {
    return new Stage()
        .exchange("x", gives, price, stock, when)
        .lever("l", 64, 65, 0, "{'type':'opensExchange','exchange':" + ref("exchanges", "x") + "}")
        .put("/fixtures/l/uses/u1/seconds", pinned(0))
        .event(
            "trades",
            0,
            "{'type':'whenFalse'}",
            Stage.all(
                "{'type':'trades','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'exchange':%s}"
                    .formatted(ref("exchanges", "x"))));
  }

  /** A run in which the player has opened the exchange. */
  private static World open(Stage stage) {
    World world = stage.world(1);
    Stage.steps(world, 2);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 1);
    return world;
  }

  private static void trade(World world) {
    world.step(List.of(new Command(0, new Input.Trade("r"))));
  }

  private static int carried(World world, String kind) {
    int number = List.copyOf(world.plan().mission().itemKinds().keySet()).indexOf(kind);
    return world.read().carries(world.plan().seat(0), number);
  }

  private static TrialMessage.OpenExchange shown(World world) {
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    return feed.news().stream()
        .filter(TrialMessage.Trading.class::isInstance)
        .map(it -> ((TrialMessage.Trading) it).trading())
        .findFirst()
        .orElse(null);
  }

  private static String lacks(World world) {
    return shown(world).rows().getFirst().lacks();
  }

  @Test
  void itemsAreGivenForItemsAndItHappensToTheOneWhoTrades() {
    World world = open(stage(OIL, TWO_SALVES, 0).packs("starts", "p", "salve", 3));
    assertThat(shown(world).rows())
        .containsExactly(
            new TrialMessage.ShownRow(
                "r", "2 × Flask of lamp oil", "2 × Tin of salve", null, null));
    trade(world);
    assertThat(carried(world, "lamp-oil")).isEqualTo(2);
    assertThat(carried(world, "salve")).isEqualTo(1);
    assertThat(Stage.fired(world, "trades")).containsExactly(world.read().step());
    assertThat(lacks(world)).isEqualTo("You cannot pay that.");
    trade(world);
    assertThat(carried(world, "lamp-oil")).as("who cannot pay gets nothing").isEqualTo(2);
  }

  @Test
  void aCounterIsMoneyThatAllShare() {
    String count = "{'type':'count','count':%s,'counter':%s}";
    World world =
        open(
            stage(OIL, count.formatted(pinned(5), ref("counters", "pence")), 0)
                .put(
                    "/counters/pence",
                    "{'name':'Pence','value':{'value':12,'levels':{},'perPlayer':0},'of':{'type':'mission'}}"));
    trade(world);
    trade(world);
    trade(world);
    assertThat(world.script().counter(0)).isEqualTo(2);
    assertThat(carried(world, "lamp-oil")).isEqualTo(4);
  }

  @Test
  void theStockIsThatOfAllTogetherAndEnds() {
    World world = open(stage(OIL, NOTHING, 2).start("q", 64, 66));
    world.step(List.of(new Command(1, new Input.Use(1))));
    Stage.steps(world, 1);
    world.step(List.of(new Command(0, new Input.Trade("r")), new Command(1, new Input.Trade("r"))));
    assertThat(lacks(world)).isEqualTo("None left.");
    assertThat(shown(world).rows().getFirst().left()).isZero();
    trade(world);
    assertThat(carried(world, "lamp-oil")).isEqualTo(2);
  }

  @Test
  void peopleComeAlongOnce() {
    String helps = "{'type':'people','who':" + ref("units", "n") + "}";
    World world =
        open(
            stage(helps, NOTHING, 0)
                .unit("n", "keepers", "keeper", 20, 20)
                .put("/units/n/inPlay", "false"));
    int n = Stage.number(world, "n");
    trade(world);
    Stage.steps(world, 3);
    assertThat(world.read().present(n)).isTrue();
    assertThat(world.read().gap(world.plan().seat(0), n)).as("beside the buyer").isLessThan(4);
    assertThat(lacks(world)).isEqualTo("It is not there.");
  }

  @Test
  void whatARowAsksForIsAskedOfEachPlayer() {
    World world = open(stage(OIL, NOTHING, 1, Stage.elapsed(2)));
    assertThat(lacks(world)).isEqualTo("Not now.");
    trade(world);
    assertThat(carried(world, "lamp-oil")).isZero();
    Stage.steps(world, 40);
    assertThat(lacks(world)).isNull();
    trade(world);
    assertThat(carried(world, "lamp-oil")).isEqualTo(2);
  }

  @Test
  void itClosesAsOneWalksOffFallsOrLeavesIt() {
    World walks = open(stage(OIL, NOTHING, 1));
    walks.step(List.of(new Command(0, new Input.Steer(-1, 0))));
    Stage.steps(walks, 15);
    assertThat(walks.told().trading(0)).isEqualTo(-1);
    World leaves = open(stage(OIL, NOTHING, 1));
    leaves.step(List.of(new Command(0, new Input.LeaveExchange())));
    assertThat(leaves.told().trading(0)).isEqualTo(-1);
    trade(leaves);
    assertThat(carried(leaves, "lamp-oil")).isZero();
    World falls = open(stage(OIL, NOTHING, 1));
    Inside.of(falls).vitals.goDown(falls.plan().seat(0), 9999);
    Stage.steps(falls, 1);
    assertThat(falls.told().trading(0)).isEqualTo(-1);
  }

  @Test
  void theBriefingOpensOneUntilPlayersWalkOff() {
    World world =
        stage(OIL, NOTHING, 1)
            .put("/brief/opens", "{'type':'exchange','exchange':" + ref("exchanges", "x") + "}")
            .world(1);
    Stage.steps(world, 1);
    trade(world);
    assertThat(carried(world, "lamp-oil")).isEqualTo(2);
    world.step(List.of(new Command(0, new Input.Steer(-1, 0))));
    Stage.steps(world, 15);
    assertThat(world.told().trading(0)).isEqualTo(-1);
  }

  @Test
  void theBriefingOpensOneWherePlayersBeginAndNotWhereTheyStandOnTheMap() {
    Stage stage =
        stage(OIL, NOTHING, 1)
            .put("/brief/opens", "{'type':'exchange','exchange':" + ref("exchanges", "x") + "}");
    World world = new World(stage.world(1).plan(), 1, new Begin.At(20, 20));
    Stage.steps(world, 2);
    assertThat(world.told().trading(0)).isZero();
    trade(world);
    assertThat(carried(world, "lamp-oil")).isEqualTo(2);
  }

  @Test
  void whatIsGoneIsNotToBeHadAndNothingIsPaidForIt() {
    World world = open(stage(items("gone", 1), TWO_SALVES, 0).packs("starts", "p", "salve", 3));
    assertThat(lacks(world)).isEqualTo("It is not there.");
    trade(world);
    assertThat(carried(world, "salve")).isEqualTo(3);
    World price = open(stage(OIL, items("gone", 1), 0));
    trade(price);
    assertThat(carried(price, "lamp-oil")).isZero();
  }

  @Test
  void savedAndLoadedItIsStillOpen() {
    Stage stage = stage(OIL, NOTHING, 1);
    World world = open(stage);
    World other = stage.world(1);
    other.load(world.save());
    trade(world);
    trade(other);
    assertThat(other.hash()).isEqualTo(world.hash());
    assertThat(carried(other, "lamp-oil")).isEqualTo(2);
  }
}
