package org.flintmoss.simulation.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Units that are not there from the start, and how they come. */
class SpawnerTest {
  private static final String WRECKERS = Stage.allOf("wreckers");

  private static Stage later(int many) {
    Stage stage = new Stage();
    for (int i = 0; i < many; i++) {
      stage
          .unit("w" + i, "wreckers", "wrecker", 100, 100 + i)
          .put("/units/w" + i + "/inPlay", "false");
    }
    return stage;
  }

  private static String at(String place) {
    return "0|{'type':'bringInAt','who':%s,'place':%s}".formatted(WRECKERS, place);
  }

  @Test
  void theAbsentAreSeenByNobodyCountForNothingAndTakeNoHarm() {
    World world =
        later(1)
            .zone("z", 100, 100, 20)
            .event(
                "dead", Stage.all("{'type':'fares','who':%s,'state':'dead'}".formatted(WRECKERS)))
            .event(
                "in",
                Stage.all(
                    "{'type':'inside','who':%s,'zone':%s}"
                        .formatted(WRECKERS, Stage.ref("zones", "z"))))
            .event(
                "harm",
                Stage.elapsed(1),
                "0|{'type':'harm','who':%s,'amount':{'type':'number','value':999}}"
                    .formatted(WRECKERS))
            .event("come", Stage.elapsed(5), "0|{'type':'bringIn','who':%s}".formatted(WRECKERS))
            .after(99);
    assertThat(Stage.fired(world, "in")).isEmpty();
    Stage.steps(world, 10);
    assertThat(Stage.fired(world, "in")).containsExactly(101);
    assertThat(Stage.fired(world, "dead")).isEmpty();
    assertThat(far(world, "w0", 100, 100)).isLessThan(0.5);
  }

  @Test
  void atASpawnPointTheyStandClearOfEachOtherFacingItsWay() {
    World world =
        later(12)
            .put(
                "/spawnPoints/s",
                "{'name':'Landing','position':{'x':30,'y':30},'facing':135,'clearance':1}")
            .event(
                "come",
                Stage.elapsed(1),
                at(
                    "{'type':'spawnPoint','spawnPoint':%s}"
                        .formatted(Stage.ref("spawnPoints", "s"))))
            .after(21);
    for (int i = 0; i < 12; i++) {
      int one = Stage.number(world, "w" + i);
      assertThat(world.read().present(one)).isTrue();
      assertThat(far(world, "w" + i, 30, 30)).isLessThan(14);
      for (int j = 0; j < i; j++) {
        assertThat(world.read().gap(one, Stage.number(world, "w" + j))).isGreaterThan(0.9);
      }
    }
    assertThat(world.read().facing(Stage.number(world, "w0"))).isEqualTo(135);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void overAZoneTheyAreSpreadByChanceButAlwaysInsideAndClear(long seed) {
    World world =
        later(10)
            .put(
                "/zones/z",
                "{'name':'z','hue':1,'hatch':'rising','shape':{'type':'rectangle','centre':{'x':40,'y':40},'width':30,'depth':8,'bearing':30}}")
            .event(
                "come",
                Stage.elapsed(1),
                at("{'type':'zone','zone':%s}".formatted(Stage.ref("zones", "z"))))
            .world(seed);
    Stage.steps(world, 20);
    Stage.steps(world, 1);
    for (int i = 0; i < 10; i++) {
      int one = Stage.number(world, "w" + i);
      assertThat(world.read().inside(one, 0)).isTrue();
      for (int j = 0; j < i; j++) {
        assertThat(world.read().gap(one, Stage.number(world, "w" + j))).isPositive();
      }
    }
  }

  @Test
  void whoFindsNoRoomWaitsAndComesWhenThereIsSome() {
    World world =
        later(6)
            .zone("z", 30, 30, 0.5)
            .event(
                "come",
                Stage.elapsed(1),
                at("{'type':'zone','zone':%s}".formatted(Stage.ref("zones", "z"))))
            .event(
                "away",
                0,
                "{'type':'every','seconds':3}",
                Stage.elapsed(5),
                "0|{'type':'send','who':%s,'place':{'type':'point','position':{'x':60,'y':30}}}"
                    .formatted(WRECKERS))
            .after(60);
    assertThat(world.causes().from(0)).anyMatch(entry -> entry.kind() == Causes.Kind.NO_ROOM);
    assertThat(world.read().present(Stage.number(world, "w5"))).isFalse();
    Stage.steps(world, 400);
    assertThat(world.read().present(Stage.number(world, "w5"))).isTrue();
  }

  @Test
  void aSquadThatIsBroughtInTakesUpItsOrder() {
    World world =
        later(3)
            .joins("w0", "s")
            .joins("w1", "s")
            .joins("w2", "s")
            .squad("s", "w1", "{'type':'along','route':%s}".formatted(Stage.ref("routes", "r")))
            .route("r", "once", "20 100 'walk' 'goesOn'")
            .put("/starts/p/position", "{'x':10,'y':10}")
            .event(
                "come",
                Stage.elapsed(1),
                "0|{'type':'bringIn','who':%s}".formatted(Stage.squadOf("s")))
            .after(2500);
    assertThat(far(world, "w1", 20, 100)).isLessThan(2);
    assertThat(far(world, "w0", 20, 100)).isLessThan(8);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void aSquadThatIsBroughtInOverAZoneStaysTogetherThere(long seed) {
    Stage stage = new Stage().zone("z", 60, 60, 40).squad("s", "w0", "{'type':'stay'}");
    for (int i = 0; i < 5; i++) {
      stage
          .unit("w" + i, "wrecker", 100, 100 + i, "{'type':'squad'}")
          .joins("w" + i, "s")
          .put("/units/w" + i + "/inPlay", "false");
    }
    World world =
        stage
            .event("come", Stage.elapsed(1), overZone("bringInAt", Stage.squadOf("s")))
            .world(seed);
    Stage.steps(world, 21);
    int first = Stage.number(world, "w0");
    for (int i = 0; i < 5; i++) {
      int unit = Stage.number(world, "w" + i);
      assertThat(world.read().present(unit)).isTrue();
      assertThat(far(world, "w" + i, 60, 60)).isLessThan(40);
      assertThat(world.read().gap(first, unit)).isLessThan(5);
    }
  }

  private static String overZone(String type, String who) {
    return "{'type':'%s','who':%s,'place':{'type':'zone','zone':%s}}"
        .formatted(type, who, Stage.ref("zones", "z"));
  }

  /** A zone of 50 m that the sea covers, but for a deck of 3 m in it. */
  private static Stage drowned() {
    return new Stage()
        .put("/setting/waterLevel", "12")
        .put("/stances", "{}")
        .zone("z", 80, 80, 25)
        .deck("deck", 14, 0, 0, 60, 84, 63, 84, 63, 87, 60, 87)
        .deck("home", 14, 0, 0, 20, 20, 30, 20, 30, 30, 20, 30)
        .unit("w", "wreckers", "wrecker", 25, 25)
        .level("units/w", "home");
  }

  @Test
  void whoIsMovedToAZoneIsPutWhereverInItTheyCanStand() {
    World world = drowned().event("go", Stage.elapsed(0.1), overZone("moveTo", WRECKERS)).after(4);
    assertThat(far(world, "w", 61.5, 85.5)).isLessThan(2.2);
    assertThat(world.read().deck(Stage.number(world, "w"))).isNotNegative();
  }

  @Test
  void whoFindsNoRoomThereStaysAndItIsLogged() {
    World world =
        drowned()
            .without("/decks/deck")
            .event("go", Stage.elapsed(0.1), overZone("moveTo", WRECKERS))
            .after(4);
    assertThat(far(world, "w", 25, 25)).isLessThan(0.5);
    assertThat(world.causes().from(0))
        .anyMatch(it -> it.kind() == Causes.Kind.STAYED && it.step() == 3);
  }
}
