package org.flintmoss.simulation.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.HarmSort;
import org.flintmoss.mission.ground.Gate;
import org.flintmoss.mission.word.Standing;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What a player at (64, 64), who faces north, does with two tools out of their pack. */
class ItemUsesTest {
  private static Stage stage(String use) {
    return new Stage()
        .put("/itemKinds/tool", "{'name':'Tool','figure':'key','mass':1,'use':%s}".formatted(use))
        .put("/starts/p/facing", "0")
        .packs("starts", "p", "tool", 2)
        .event(
            "used",
            0,
            "{'type':'whenFalse'}",
            Stage.all(
                "{'type':'usesItem','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'itemKind':%s}"
                    .formatted(ref("itemKinds", "tool"))));
  }

  private static World world(Stage stage) {
    World world = stage.world(1);
    Stage.steps(world, 2);
    return world;
  }

  private static void use(World world) {
    world.step(List.of(new Command(0, new Input.Consume("tool"))));
  }

  private static int left(World world) {
    return world.read().carries(world.plan().seat(0), tool(world));
  }

  private static int tool(World world) {
    return List.copyOf(world.plan().mission().itemKinds().keySet()).indexOf("tool");
  }

  private static String lacks(World world) {
    return world.read().cannotUse(world.plan().seat(0), tool(world));
  }

  @Test
  void whatIsKeptIsNotUsed() {
    World world = world(stage("{'type':'kept'}"));
    use(world);
    assertThat(left(world)).isEqualTo(2);
    assertThat(Stage.fired(world, "used")).isEmpty();
  }

  @Test
  void whatIsSpentIsForEventsToHear() {
    World world = world(stage("{'type':'spent'}"));
    use(world);
    use(world);
    use(world);
    assertThat(left(world)).isZero();
    assertThat(Stage.fired(world, "used")).containsExactly(3, 4);
  }

  @Test
  void itMendsTheNearestHarmedThingInReachAndNoOther() {
    Stage stage =
        stage("{'type':'mends'}")
            .prop("near", "clay-jar-kind", 64, 65, 0)
            .prop("far", "clay-jar-kind", 64, 70, 0);
    World world = world(stage);
    assertThat(lacks(world)).isEqualTo("nothing here is harmed");
    use(world);
    assertThat(left(world)).isEqualTo(2);
    for (String id : List.of("near", "far")) {
      Inside.of(world).breakables.hurt(thing(world, id), 1, HarmSort.BARE, -1, -1);
    }
    use(world);
    assertThat(left(world)).isEqualTo(1);
    assertThat(Inside.of(world).breakables.left(thing(world, "near"))).isEqualTo(100);
    assertThat(Inside.of(world).breakables.left(thing(world, "far"))).isLessThan(100);
  }

  private static int thing(World world, String id) {
    return world
        .plan()
        .actors()
        .thing(new org.flintmoss.mission.word.Ref(org.flintmoss.mission.word.Family.PROPS, id));
  }

  @Test
  void itOpensTheNearestGateInReach() {
    World world =
        world(
            stage("{'type':'opens'}")
                .gate("g", "closed", 63, 65, 65, 65)
                .gate("h", "closed", 63, 80, 65, 80));
    use(world);
    Stage.steps(world, 2);
    assertThat(world.read().gate(0)).isEqualTo(Gate.State.OPEN);
    assertThat(world.read().gate(1)).isEqualTo(Gate.State.CLOSED);
    assertThat(lacks(world)).isEqualTo("nothing here is shut");
    use(world);
    assertThat(left(world)).isEqualTo(1);
  }

  private static final String THROWN = "{'type':'throws','distance':12,'noise':30}";

  @Test
  void itIsThrownAsFarAsItGoesAndLiesThere() {
    World world = world(stage(THROWN));
    use(world);
    assertThat(left(world)).isEqualTo(1);
    Readings.Heap heap = world.read().heaps().getFirst();
    assertThat(heap.x()).isEqualTo(64);
    assertThat(heap.y()).isEqualTo(76);
  }

  @Test
  void aWallStopsIt() {
    World world = world(stage(THROWN).gate("g", "closed", 60, 70.2, 68, 70.2));
    use(world);
    assertThat(world.read().heaps().getFirst().y()).isEqualTo(70);
  }

  @Test
  void whereItLandsItIsHeard() {
    Stage stage =
        stage(THROWN)
            .unit("w", "wreckers", "wrecker", 64, 100)
            .put("/units/w/facing", "0")
            .event(
                "hears",
                Stage.all(
                    "{'type':'hears','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}}"
                        .formatted(ref("units", "w"))));
    World world = world(stage);
    use(world);
    assertThat(Stage.fired(world, "hears")).as("24 m from where it landed").containsExactly(3);
  }

  private static String letsOut() {
    return "{'type':'letsOut','effect':" + ref("effects", "smoke") + "}";
  }

  private static Stage withSmoke() {
    return stage(letsOut()).effect("smoke", "smoke", 20, 20, 4, false);
  }

  @Test
  void anEffectBeginsWhereItsCarrierStands() {
    World world = world(withSmoke());
    use(world);
    assertThat(left(world)).isEqualTo(1);
    assertThat(Inside.of(world).effects.at(0, 64, 66)).isTrue();
    assertThat(Inside.of(world).effects.at(0, 20, 20)).as("not where it was drawn").isFalse();
    assertThat(Inside.of(world).effects.clear(64, 58, 64, 70)).isFalse();
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 60);
    use(world);
    assertThat(Inside.of(world).effects.at(0, 64, 66)).as("the last place counts").isFalse();
  }

  @Test
  void itIsThereAfterLoadingAndGoneBackBefore() {
    World world = world(withSmoke());
    byte[] before = world.save();
    use(world);
    World other = withSmoke().world(1);
    other.load(world.save());
    assertThat(Inside.of(other).effects.at(0, 64, 66)).isTrue();
    assertThat(other.hash()).isEqualTo(world.hash());
    other.load(before);
    assertThat(Inside.of(other).effects.at(0, 64, 66)).isFalse();
    Inside.of(other).effects.turn(0, 1, -1, -1);
    assertThat(Inside.of(other).effects.at(0, 20, 20)).isTrue();
  }

  private static Stage withBoxes() {
    return stage("{'type':'setsDown','thingKind':" + ref("thingKinds", "box") + "}")
        .loose("box", 0.4, 0.8, 30);
  }

  @Test
  void itSetsALooseThingDownBeforeOnes() {
    World world = world(withBoxes());
    use(world);
    assertThat(left(world)).isEqualTo(1);
    List<Integer> there = boxes(world);
    assertThat(there).hasSize(1);
    int box = there.getFirst();
    assertThat(Inside.of(world).thingPlaces.y(box)).isGreaterThan(64.5);
    assertThat(Inside.of(world).thingPlaces.x(box)).isCloseTo(64, within(0.01));
    use(world);
    assertThat(boxes(world)).as("beside the first").hasSize(2);
    assertThat(left(world)).isZero();
  }

  private static List<Integer> boxes(World world) {
    return java.util.stream.IntStream.range(0, world.plan().things().many())
        .filter(it -> world.read().standing(it) == Standing.THERE)
        .boxed()
        .toList();
  }

  @Test
  void thereAreAtMostSoManyAndNoneIsUsedUpForMore() {
    World world = world(withBoxes().packs("starts", "p", "tool", 12));
    for (int i = 0; i < 12; i++) {
      use(world);
      world.step(List.of(new Command(0, new Input.Steer(0, -1))));
      Stage.steps(world, 12);
      world.step(List.of(new Command(0, new Input.Steer(0, 0))));
    }
    assertThat(boxes(world)).hasSize(8);
    assertThat(left(world)).isEqualTo(4);
    assertThat(lacks(world)).isEqualTo("no more can lie about");
  }

  @Test
  void whoIsBoundUsesNothing() {
    World world = world(stage("{'type':'spent'}"));
    Inside.of(world).carrying.bind(world.plan().seat(0), -1, -1);
    use(world);
    assertThat(left(world)).isEqualTo(2);
  }
}
