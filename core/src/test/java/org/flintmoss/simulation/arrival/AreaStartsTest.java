package org.flintmoss.simulation.arrival;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.HashSet;
import java.util.Set;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Players who begin, and come back, somewhere in a zone. */
class AreaStartsTest {
  private static Stage stage(boolean unseen) {
    return new Stage()
        .zone("shore", 40, 40, 12)
        .put(
            "/starts/p/begins",
            "{'type':'inZone','zone':%s,'unseen':%s}".formatted(ref("zones", "shore"), unseen));
  }

  private static String at(World world) {
    int p = Stage.number(world, "p");
    return Inside.of(world).body.x(p) + " " + Inside.of(world).body.y(p);
  }

  @Test
  void eachSeedBeginsSomewhereElseInItAndTheSameSeedInTheSamePlace() {
    Set<String> places = new HashSet<>();
    for (long seed = 1; seed <= 20; seed++) {
      World world = stage(false).world(seed);
      assertThat(Stage.far(world, "p", 40, 40)).isLessThanOrEqualTo(12);
      assertThat(at(stage(false).world(seed))).isEqualTo(at(world));
      places.add(at(world));
    }
    assertThat(places).hasSize(20);
  }

  @Test
  void whoComesBackComesBackSomewhereElseInIt() {
    World world =
        stage(false)
            .put(
                "/brief/lives",
                "{'shared':false,'after':1,'count':{'count':3,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}}")
            .world(1);
    int p = Stage.number(world, "p");
    String first = at(world);
    Stage.steps(world, 2);
    Inside.of(world).wounds.perish(p, -1);
    Stage.steps(world, 30);
    assertThat(world.read().present(p)).isTrue();
    assertThat(at(world)).isNotEqualTo(first);
    assertThat(Stage.far(world, "p", 40, 40)).isLessThanOrEqualTo(12);
  }

  @Test
  void twoInASmallZoneDoNotStandInEachOther() {
    for (long seed = 1; seed <= 10; seed++) {
      World world =
          new Stage()
              .zone("boat", 40, 40, 1)
              .start("q", 100, 100)
              .put(
                  "/starts/p/begins",
                  "{'type':'inZone','zone':%s,'unseen':false}".formatted(ref("zones", "boat")))
              .put(
                  "/starts/q/begins",
                  "{'type':'inZone','zone':%s,'unseen':false}".formatted(ref("zones", "boat")))
              .world(seed);
      int p = Stage.number(world, "p");
      int q = Stage.number(world, "q");
      assertThat(Inside.of(world).space.gap(p, q)).isGreaterThanOrEqualTo(0);
    }
  }

  @Test
  void outOfSightIsBehindTheWallAsLongAsThereIsRoomThere() {
    for (long seed = 1; seed <= 10; seed++) {
      World world =
          stage(true)
              .wall("w", 30, 40, 50, 40)
              .unit("e", "wreckers", "lookout", 40, 60)
              .world(seed);
      int p = Stage.number(world, "p");
      assertThat(Inside.of(world).space.sees(Stage.number(world, "e"), p)).isFalse();
    }
  }

  @Test
  void whereThereIsNoRoomOneBeginsAtTheStartAndThatIsLogged() {
    Stage stage = stage(false).put("/zones/shore/shape/radius", "0.5");
    stage.unit("u", "townsfolk", "townsman", 40, 40);
    World world = stage.world(1);
    assertThat(Stage.far(world, "p", 64, 64)).isZero();
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.NO_ROOM))
        .hasSize(1);
  }
}
