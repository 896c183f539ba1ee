package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Decks;
import org.junit.jupiter.api.Test;

/** Loose things are lifted, carried by one or two, and set down. */
class HoldingTest {
  private static final String ESCORT =
      "{'type':'escort','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}";

  /** A crate of 40 kg beside a player who pushes 120 kg, and so lifts 60. */
  private static Stage stage(String carried, double mass) {
    return new Stage()
        .put("/kinds/keeper/pushes", "120")
        .start("p", 50, 60)
        .loose("crate", 0.4, 0.8, mass)
        .put("/thingKinds/crate/hold/carried", "'" + carried + "'")
        .prop("c", "crate", 51, 60, 0);
  }

  private static int thing(World world) {
    return world.plan().actors().thing(new Ref(Family.PROPS, "c"));
  }

  private static double x(World world) {
    return world.read().thingX(thing(world));
  }

  private static double y(World world) {
    return world.read().thingY(thing(world));
  }

  private static double lift(World world) {
    double ground = world.plan().ground().heightAt(x(world), y(world));
    return world.read().thingFoot(thing(world)) - ground;
  }

  private static Holding holding(World world) {
    return Inside.of(world).holding;
  }

  private static boolean free(World world, double x, double y) {
    return Inside.of(world).space.navigationMap(0).freeAt(Decks.GROUND, x, y);
  }

  private static void does(World world, int seat, Input input) {
    world.step(List.of(new Command(seat, input)));
  }

  private static List<String> offers(World world, int seat) {
    return world.read().offers(world.plan().seat(seat)).stream()
        .map(it -> it.slot() + " " + it.verb() + " " + it.name())
        .toList();
  }

  @Test
  void oneLiftsACrateCarriesItAndSetsItDownBeforeThem() {
    World world = stage("one", 40).world(1);
    Stage.steps(world, 1);
    assertThat(offers(world, 0)).containsExactly("1 Lift c");
    does(world, 0, new Input.Use(1));
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(lift(world)).isCloseTo(0.6, within(1e-9));
    assertThat(offers(world, 0)).containsExactly("1 Set down c");
    does(world, 0, new Input.Steer(1, 0));
    Stage.steps(world, 60);
    does(world, 0, new Input.Steer(0, 0));
    Stage.steps(world, 20);
    double carrier = Inside.of(world).body.x(0);
    assertThat(carrier).isGreaterThan(55);
    assertThat(x(world)).isCloseTo(carrier + world.plan().kind(0).radius(), within(0.05));
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 1);
    assertThat(holding(world).held(0)).isEqualTo(-1);
    assertThat(lift(world)).isCloseTo(0, within(1e-6));
    double apart = world.plan().kind(0).radius() + 0.4 + 0.02;
    assertThat(x(world)).isCloseTo(carrier + apart, within(1e-6));
  }

  @Test
  void whatIsCarriedLeavesTheShareOfTheirPaceThatItsMassLeaves() {
    World world = stage("one", 40).world(1);
    World free = stage("one", 40).world(1);
    does(world, 0, new Input.Use(1));
    for (World each : List.of(world, free)) {
      does(each, 0, new Input.Steer(0, 1));
      Stage.steps(each, 40);
    }
    // 40 kg of the 60 that they lift, of which all would leave a half.
    double share = Inside.of(world).body.speed(0) / Inside.of(free).body.speed(0);
    assertThat(share).isCloseTo(1 - 0.5 * 40 / 60, within(1e-9));
  }

  @Test
  void nobodyLiftsWhatIsTooHeavyOrBearsSomethingOrStays() {
    World heavy = stage("one", 61).world(1);
    World bears =
        stage("one", 40).prop("top", "crate", 51, 60, 0).atop("props/top", "props/c").world(1);
    World stays = stage("nobody", 5).world(1);
    for (World each : List.of(heavy, stays)) {
      Stage.steps(each, 1);
      assertThat(offers(each, 0)).isEmpty();
      does(each, 0, new Input.Use(1));
      assertThat(holding(each).held(0)).isEqualTo(-1);
    }
    Stage.steps(bears, 1);
    assertThat(offers(bears, 0)).as("the upper one").containsExactly("1 Lift top");
  }

  @Test
  void whatIsCarriedIsInNobodysWayAndWhatIsSetDownIs() {
    World world = stage("one", 40).world(1);
    assertThat(free(world, 51, 60)).isFalse();
    does(world, 0, new Input.Use(1));
    assertThat(free(world, 51, 60)).isTrue();
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 60);
    assertThat(free(world, x(world), y(world))).isFalse();
  }

  @Test
  void whereThereIsNoRoomItIsKeptAndSaid() {
    World world =
        stage("one", 40)
            .wall("pen", 49.4, 59.4, 50.6, 59.4, 50.6, 60.6, 49.4, 60.6, 49.4, 59.5)
            .world(1);
    does(world, 0, new Input.Use(1));
    assertThat(holding(world).carries(0)).isTrue();
    does(world, 0, new Input.Use(1));
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.NO_SPACE);
  }

  @Test
  void whoStrikesOrGoesDownLetsItFall() {
    World world = stage("one", 40).world(1);
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 1);
    does(world, 0, new Input.Attack(1));
    Stage.steps(world, 2);
    assertThat(holding(world).held(0)).isEqualTo(-1);
    Causes.Entry fell =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.LET_GO)
            .findFirst()
            .orElseThrow();
    assertThat(fell.through()).isEqualTo(1);
    Stage.steps(world, 30);
    assertThat(lift(world)).isCloseTo(0, within(1e-6));
  }

  @Test
  void whatTakesTwoIsLiftedByTheSecondAndNeitherGetsAwayFromTheOther() {
    World world = stage("two", 90).start("q", 52, 60).world(1);
    does(world, 1, new Input.Join());
    does(world, 0, new Input.Use(1));
    assertThat(holding(world).carries(0)).as("one alone").isFalse();
    assertThat(lift(world)).isZero();
    assertThat(offers(world, 0)).containsExactly("1 Let go, for it takes two c");
    does(world, 1, new Input.Use(1));
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(holding(world).other(0)).isEqualTo(1);
    assertThat(lift(world)).isCloseTo(0.6, within(1e-9));
    // One pulls, the other stands: they get no further apart than the crate and they are wide.
    does(world, 0, new Input.Steer(-1, 0));
    Stage.steps(world, 100);
    double apart = Inside.of(world).body.x(1) - Inside.of(world).body.x(0);
    assertThat(apart).isCloseTo(holding(world).span(0), within(1e-3));
    does(world, 1, new Input.Steer(-1, 0));
    double before = x(world);
    Stage.steps(world, 40);
    assertThat(x(world)).isLessThan(before - 2);
    double middle = (Inside.of(world).body.x(0) + Inside.of(world).body.x(1)) / 2;
    assertThat(x(world)).isCloseTo(middle, within(0.1));
    does(world, 1, new Input.Use(1));
    assertThat(holding(world).held(0)).as("both have let go").isEqualTo(-1);
    assertThat(holding(world).held(1)).isEqualTo(-1);
  }

  @Test
  void aCompanionLendsAHandGoesAlongAndIsFreeAgain() {
    World world = stage("two", 90).unit("mate", "keeper", 45, 62, ESCORT).world(1);
    int mate = world.plan().actors().index(new Ref(Family.UNITS, "mate"));
    int player = world.plan().seat(0);
    does(world, 0, new Input.Use(1));
    for (int step = 0; step < 200 && !holding(world).carries(player); step++) {
      Stage.steps(world, 1);
    }
    assertThat(holding(world).other(player)).isEqualTo(mate);
    does(world, 0, new Input.Steer(0, 1));
    Stage.steps(world, 100);
    assertThat(y(world)).isGreaterThan(63);
    double far =
        Inside.of(world)
            .space
            .distance(player, Inside.of(world).body.x(mate), Inside.of(world).body.y(mate));
    assertThat(far).isLessThanOrEqualTo(holding(world).span(0) + 1e-9);
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 1);
    assertThat(holding(world).held(mate)).isEqualTo(-1);
  }

  @Test
  void aFixtureComesBeforeALoadAndWhoCarriesUsesNothing() {
    World world = stage("one", 40).lever("l", 50, 61, 0, "{'type':'nothing'}").world(1);
    Stage.steps(world, 1);
    List<Readings.Offer> offers = world.read().offers(0);
    assertThat(offers).hasSize(2);
    assertThat(offers.get(1).verb()).isEqualTo("Lift");
    assertThat(offers.get(1).slot()).isEqualTo(2);
    does(world, 0, new Input.Use(2));
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(offers(world, 0)).containsExactly("1 Set down c");
    does(world, 0, new Input.Use(2));
    assertThat(holding(world).carries(0)).as("hands are full").isTrue();
    assertThat(Inside.of(world).interactions.using(0)).isZero();
  }

  @Test
  void ofTwoWhoLiftTheSameAtOnceTheFirstHasIt() {
    World world = stage("one", 40).start("q", 52, 60).world(1);
    does(world, 1, new Input.Join());
    world.step(List.of(new Command(0, new Input.Use(1)), new Command(1, new Input.Use(1))));
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(holding(world).held(1)).isEqualTo(-1);
    assertThat(offers(world, 1)).isEmpty();
  }

  @Test
  void whatBreaksInTheirHandsIsNoLongerThere() {
    World world =
        stage("one", 40)
            .put(
                "/thingKinds/crate/breaks",
                "{'type':'harmed','strength':{'value':10,'levels':{},'perPlayer':0},'armour':{'hand':0,'shot':0,'blast':0,'fire':0},'cracks':{'type':'unmarked'},'leaves':{'type':'nothing'},'noise':0,'effect':{'type':'nothing'},'drops':{}}")
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'breakThing','thing':%s}".formatted(Stage.ref("props", "c")))
            .world(1);
    does(world, 0, new Input.Use(1));
    assertThat(holding(world).carries(0)).isTrue();
    Stage.steps(world, 22);
    assertThat(holding(world).held(0)).isEqualTo(-1);
    assertThat(world.read().standing(thing(world))).isEqualTo(Standing.GONE);
    assertThat(offers(world, 0)).isEmpty();
  }

  @Test
  void whoIsTransferredTakesAlongWhatTheyCarry() {
    World world =
        stage("one", 40)
            .event(
                "e",
                Stage.elapsed(1),
                "{'type':'moveTo','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'place':{'type':'point','position':{'x':90,'y':90}}}")
            .world(1);
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 25);
    assertThat(holding(world).carries(0)).isTrue();
    assertThat(x(world)).isCloseTo(90, within(1.0));
    assertThat(y(world)).isCloseTo(90, within(1.0));
  }

  @Test
  void aWorldThatGoesBackHasThingsInTheHandsThatHeldThem() {
    World world =
        stage("one", 40)
            .zone("shrine", 50, 60, 3)
            .does("shrine", "a", "{'type':'checkpoint','whose':'world'}")
            .event("back", Stage.elapsed(4), "{'type':'bringWorldBack'}")
            .world(1);
    Stage.steps(world, 5);
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 100);
    assertThat(world.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.WENT_BACK);
    assertThat(holding(world).held(0)).as("it was kept before it was lifted").isEqualTo(-1);
    assertThat(lift(world)).isCloseTo(0, within(1e-6));
    assertThat(x(world)).isEqualTo(51);
    assertThat(offers(world, 0)).containsExactly("1 Lift c");
  }

  @Test
  void theScriptHearsWhatIsLiftedAndLetGoAndAsksWhatIsCarried() {
    String thing = Stage.ref("props", "c");
    String who = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";
    World world =
        stage("one", 40)
            .event("lifts", "{'type':'liftsThing','who':%s,'thing':%s}".formatted(who, thing))
            .event("lets", "{'type':'letsGo','who':%s,'thing':%s}".formatted(who, thing))
            .event("carried", Stage.all("{'type':'thingCarried','thing':%s}".formatted(thing)))
            .event(
                "carries",
                Stage.all("{'type':'carriesThing','who':%s,'thing':%s}".formatted(who, thing)))
            .event(
                "freed",
                Stage.all(
                    Stage.elapsed(1),
                    "{'type':'not','of':{'type':'thingCarried','thing':%s}}".formatted(thing)))
            .after(9);
    does(world, 0, new Input.Use(1));
    Stage.steps(world, 20);
    for (String event : List.of("lifts", "carried", "carries")) {
      assertThat(Stage.fired(world, event)).as(event).containsExactly(10);
    }
    assertThat(Stage.fired(world, "lets")).isEmpty();
    assertThat(Stage.fired(world, "freed")).isEmpty();
    does(world, 0, new Input.Use(1));
    assertThat(Stage.fired(world, "lets")).containsExactly(31);
    assertThat(Stage.fired(world, "freed")).containsExactly(31);
  }

  @Test
  void whatIsCarriedIsCarriedAfterSavingAndLoading() {
    World world = stage("one", 40).world(1);
    does(world, 0, new Input.Use(1));
    does(world, 0, new Input.Steer(1, 0));
    Stage.steps(world, 10);
    byte[] saved = world.save();
    World loaded = stage("one", 40).world(1);
    loaded.load(saved);
    for (World each : List.of(world, loaded)) {
      Stage.steps(each, 30);
      does(each, 0, new Input.Use(1));
      Stage.steps(each, 30);
    }
    assertThat(loaded.hash()).isEqualTo(world.hash());
    assertThat(holding(loaded).held(0)).isEqualTo(-1);
  }
}
