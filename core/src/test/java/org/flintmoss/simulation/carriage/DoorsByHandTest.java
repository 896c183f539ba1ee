package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Gates and doors that are opened by hand: by those who may, on their way too. */
class DoorsByHandTest {
  private static final String ALL = "{'type':'all'}";
  private static final String BARE = "{'type':'nothing'}";

  private static String hand(String open, String needs, double seconds, double shuts) {
    return "{'type':'opened','open':%s,'needs':%s,'seconds':{'value':%s,'levels':{},'perPlayer':0},'noise':0,'shuts':%s}"
        .formatted(open, needs, seconds, shuts);
  }

  private static String holding(String type) {
    return "{'type':'%s','item':%s,'count':1}".formatted(type, ref("itemKinds", "brass-key"));
  }

  /** A wall from edge to edge with a closed gate of 2 m in it. */
  private static Stage wall(String hand) {
    return new Stage()
        .wall("west", 0, 64, 63, 64)
        .wall("east", 65, 64, 128, 64)
        .gate("g", "closed", 63, 64, 65, 64)
        .put("/gates/g/hand", hand)
        .put("/starts/p/position", "{'x':10,'y':10}");
  }

  private static Stage walker(Stage stage) {
    return stage
        .route("on", "once", "64 76 'walk' 'goesOn'")
        .unit("u", "keeper", 64, 56, "{'type':'along','route':%s}".formatted(ref("routes", "on")));
  }

  private static int unit(World world, String id) {
    return world.plan().actors().member(new Ref(Family.UNITS, id));
  }

  private static int key(World world) {
    return world.plan().actors().index(new Ref(Family.ITEM_KINDS, "brass-key"));
  }

  private static List<Integer> steps(World world, Causes.Kind kind) {
    List<Integer> steps = new ArrayList<>();
    world.causes().from(0).stream()
        .filter(it -> it.kind() == kind)
        .forEach(it -> steps.add(it.step()));
    return steps;
  }

  @Test
  void whoIsBarredOnTheirWayOpensTheGateAndGoesOn() {
    World world = walker(wall(hand(ALL, BARE, 1.5, 0))).world(1);
    int unit = unit(world, "u");
    int begins = 0;
    while (world.read().using(unit) == 0 && begins < 400) {
      Stage.steps(world, 1);
      begins++;
    }
    double y = world.read().y(unit);
    assertThat(y).isBetween(61.5, 63.4);
    Stage.steps(world, 29);
    assertThat(world.read().y(unit)).isEqualTo(y);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
    Stage.steps(world, 1);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    Stage.steps(world, 240);
    assertThat(world.read().y(unit)).isGreaterThan(74);
    assertThat(steps(world, Causes.Kind.GATE)).hasSize(1);
    assertThat(steps(world, Causes.Kind.NO_WAY)).isEmpty();
  }

  @Test
  void itClosesByItselfOnceNobodyStandsInIt() {
    World world = walker(wall(hand(ALL, BARE, 0.5, 3))).world(1);
    int unit = unit(world, "u");
    Stage.steps(world, 400);
    List<Integer> moved = steps(world, Causes.Kind.GATE);
    assertThat(moved).hasSize(2);
    assertThat(moved.get(1) - moved.get(0)).isBetween(60, 75);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
    assertThat(world.read().y(unit)).isGreaterThan(74);
  }

  @Test
  void itWaitsForWhoeverStandsInIt() {
    World world =
        wall(hand(ALL, BARE, 0.5, 2)).put("/starts/p/position", "{'x':64,'y':63}").world(1);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 10);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    world.step(List.of(new Command(0, new Input.Go(64, 64))));
    Stage.steps(world, 200);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    world.step(List.of(new Command(0, new Input.Go(64, 70))));
    Stage.steps(world, 80);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
  }

  @Test
  void whoMayNotOpenItHasNoWay() {
    String wreckers = "{'type':'side','side':%s}".formatted(ref("sides", "wreckers"));
    World world = walker(wall(hand(wreckers, BARE, 0.5, 0))).world(1);
    Stage.steps(world, 300);
    assertThat(world.read().y(unit(world, "u"))).isLessThan(64);
    assertThat(steps(world, Causes.Kind.GATE)).isEmpty();
    assertThat(steps(world, Causes.Kind.NO_WAY)).isNotEmpty();
  }

  @Test
  void whoCarriesTheKeyKeepsItAndWhoHasNoneStaysOut() {
    World without = walker(wall(hand(ALL, holding("holding"), 0.5, 0))).world(1);
    Stage.steps(without, 300);
    assertThat(steps(without, Causes.Kind.GATE)).isEmpty();
    World with =
        walker(wall(hand(ALL, holding("holding"), 0.5, 0)))
            .packs("units", "u", "brass-key", 1)
            .world(1);
    Stage.steps(with, 300);
    assertThat(steps(with, Causes.Kind.GATE)).hasSize(1);
    assertThat(with.read().carries(unit(with, "u"), key(with))).isEqualTo(1);
  }

  @Test
  void aKeyThatIsUsedUpIsGoneAndLeavesTheGateOpen() {
    World world =
        walker(wall(hand(ALL, holding("spending"), 0.5, 0)))
            .packs("units", "u", "brass-key", 1)
            .world(1);
    Stage.steps(world, 350);
    assertThat(world.read().carries(unit(world, "u"), key(world))).isZero();
    assertThat(world.read().y(unit(world, "u"))).isGreaterThan(74);
  }

  /** The same wall with a gap 8 m beside the gate. */
  private static Stage withGap(double seconds) {
    Stage stage =
        new Stage()
            .wall("west", 0, 64, 63, 64)
            .wall("east", 65, 64, 72, 64)
            .wall("far", 75, 64, 128, 64)
            .gate("g", "closed", 63, 64, 65, 64)
            .put("/gates/g/hand", hand(ALL, BARE, seconds, 0))
            .put("/starts/p/position", "{'x':10,'y':10}");
    return walker(stage);
  }

  @Test
  void whatItTakesToOpenIsWeighedAgainstTheWayRound() {
    World quick = withGap(1).world(1);
    Stage.steps(quick, 300);
    assertThat(steps(quick, Causes.Kind.GATE)).hasSize(1);
    World slow = withGap(60).world(1);
    Stage.steps(slow, 500);
    assertThat(steps(slow, Causes.Kind.GATE)).isEmpty();
    assertThat(slow.read().y(unit(slow, "u"))).isGreaterThan(74);
  }

  @Test
  void thePlayerOpensAndClosesItByTheOfferBesideIt() {
    World world = wall(hand(ALL, BARE, 0, 0)).put("/starts/p/position", "{'x':64,'y':63}").world(1);
    assertThat(verbs(world)).containsExactly("Open");
    world.step(List.of(new Command(0, new Input.Use(1))));
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    assertThat(verbs(world)).containsExactly("Close");
    world.step(List.of(new Command(0, new Input.Use(1))));
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.CLOSED);
  }

  private static List<String> verbs(World world) {
    return world.read().offers(0).stream().map(Readings.Offer::verb).toList();
  }

  @Test
  void manyWhoMakeForOnePointOpenADoorOnTheirWayAndAllComeThrough() {
    Stage stage =
        new Stage()
            .wall("west", 0, 64, 63.4, 64)
            .wall("east", 64.6, 64, 128, 64)
            .fixture("d", "door-kind", 64, 64, 0)
            .put("/starts/p/position", "{'x':10,'y':10}")
            .route("on", "once", "64 84 'walk' 'goesOn'");
    for (int i = 0; i < 12; i++) {
      stage.unit(
          "u" + i,
          "keeper",
          58 + i % 4 * 3,
          50 + i / 4 * 2,
          "{'type':'along','route':%s}".formatted(ref("routes", "on")));
    }
    World world = stage.world(1);
    World again = stage.world(1);
    Stage.steps(world, 180);
    again.load(world.save());
    Stage.steps(world, 900);
    Stage.steps(again, 900);
    assertThat(again.hash()).isEqualTo(world.hash());
    for (int i = 0; i < 12; i++) {
      assertThat(world.read().y(unit(world, "u" + i))).as("u" + i).isGreaterThan(70);
    }
    assertThat(steps(world, Causes.Kind.LOOK)).hasSize(1);
  }

  @Test
  void aDoorThatIsPutOutOfUseBarsTheWayAgain() {
    World world =
        new Stage()
            .wall("west", 0, 64, 63.4, 64)
            .wall("east", 64.6, 64, 128, 64)
            .fixture("d", "door-kind", 64, 64, 0)
            .put("/starts/p/position", "{'x':64,'y':60}")
            .event(
                "jams",
                Stage.elapsed(1),
                "{'type':'setUse','fixture':%s,'use':'cannot'}".formatted(ref("fixtures", "d")))
            .event(
                "frees",
                Stage.elapsed(2),
                "{'type':'setUse','fixture':%s,'use':'can'}".formatted(ref("fixtures", "d")))
            .world(1);
    int player = world.plan().seat(0);
    assertThat(world.read().canWalk(player, 64, 70)).isTrue();
    Stage.steps(world, 21);
    assertThat(world.read().canWalk(player, 64, 70)).isFalse();
    Stage.steps(world, 21);
    assertThat(world.read().canWalk(player, 64, 70)).isTrue();
  }

  @Test
  void aDoorThatOpensOnlyAFewTimesIsNotCountedOn() {
    World world =
        new Stage()
            .wall("west", 0, 64, 63.4, 64)
            .wall("east", 64.6, 64, 128, 64)
            .fixture("d", "door-kind", 64, 64, 0)
            .put("/thingKinds/door-kind/uses/u1/times", "1")
            .put("/starts/p/position", "{'x':64,'y':60}")
            .world(1);
    assertThat(world.read().canWalk(world.plan().seat(0), 64, 70)).isFalse();
  }

  @Test
  void whoHasNoHandsStaysOut() {
    World world = wall(hand(ALL, BARE, 0, 0)).unit("h", "hounds", "hound", 64, 56).world(1);
    assertThat(world.read().canWalk(unit(world, "h"), 64, 76)).isFalse();
    assertThat(world.read().canWalk(world.plan().seat(0), 64, 76)).isTrue();
  }
}
