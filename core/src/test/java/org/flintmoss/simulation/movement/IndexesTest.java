package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.state.Body;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What indexes by place answer is what looking at everything answers. */
class IndexesTest {
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void everyZoneThatCoversAPointIsAmongThoseNearIt(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    for (int i = 0; i < 80; i++) {
      stage.zone(
          "z" + i, random.nextDouble(128), random.nextDouble(128), 0.5 + random.nextDouble(40));
    }
    Plan plan = stage.world(1).plan();
    for (int i = 0; i < 2000; i++) {
      double x = random.nextDouble(128);
      double y = random.nextDouble(128);
      int[] covering =
          IntStream.range(0, plan.zones().count())
              .filter(zone -> plan.zones().contains(zone, x, y))
              .toArray();
      int[] near = plan.zones().grid().near(x, y);
      assertThat(near).isSorted();
      assertThat(Arrays.stream(near).boxed().toList())
          .containsAll(Arrays.stream(covering).boxed().toList());
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {5, 6, 7, 8})
  void everyPairThatTouchesIsFoundOnceAndNoOther(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage();
    for (int i = 0; i < 120; i++) {
      stage.unit(
          "u" + i, "keepers", "keeper", 40 + random.nextDouble(20), 40 + random.nextDouble(20));
    }
    World world = stage.world(1);
    Plan plan = Inside.of(world).plan;
    Body body = Inside.of(world).body;
    Crowding crowding = new Crowding(Inside.of(world));
    crowding.gather();
    int[] found = new int[plan.units()];
    for (int unit = 0; unit < plan.units(); unit++) {
      int self = unit;
      int[] expected =
          IntStream.range(unit + 1, plan.units())
              .filter(
                  other -> {
                    double apart = plan.kind(self).radius() + plan.kind(other).radius();
                    double dx = body.x(other) - body.x(self);
                    double dy = body.y(other) - body.y(self);
                    return dx * dx + dy * dy < apart * apart;
                  })
              .toArray();
      int many = crowding.near(unit, found);
      assertThat(Arrays.copyOf(found, many)).isEqualTo(expected);
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {9, 10})
  void membershipIsWhatEveryZoneSaysOfEveryUnit(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = new Stage().put("/stances", "{}");
    for (int i = 0; i < 70; i++) {
      stage.zone(
          "z" + i, random.nextDouble(128), random.nextDouble(128), 1 + random.nextDouble(20));
    }
    for (int i = 0; i < 30; i++) {
      String to =
          "{'type':'prowl','to':{'type':'point','position':{'x':%s,'y':%s}},'pause':0}"
              .formatted(random.nextDouble(128), random.nextDouble(128));
      stage.unit("u" + i, "keeper", random.nextDouble(128), random.nextDouble(128), to);
    }
    World world = stage.world(1);
    for (int step = 0; step < 200; step++) {
      Stage.steps(world, 1);
      for (int unit = 0; unit < Inside.of(world).plan.units(); unit++) {
        for (int zone = 0; zone < Inside.of(world).plan.zones().count(); zone++) {
          double x = Inside.of(world).body.x(unit);
          double y = Inside.of(world).body.y(unit);
          assertThat(Inside.of(world).membership.inside(unit, zone))
              .isEqualTo(Inside.of(world).plan.zones().contains(zone, x, y));
        }
      }
    }
  }
}
