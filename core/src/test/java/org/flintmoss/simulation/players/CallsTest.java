package org.flintmoss.simulation.players;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** Calls that are sent near a place, a number of times, and with a pause between. */
class CallsTest {
  private static World world(String from, int times, double pause) {
    return new Stage()
        .start("p", 50, 60)
        .start("q", 90, 60)
        .zone("quay", 60, 60, 4)
        .put(
            "/calls/c",
            "{'name':'Cutter','order':'a0','from':%s,'times':%d,'pause':%s}"
                .formatted(from, times, pause))
        .world(1);
  }

  private static final String ANYWHERE = "{'type':'anywhere'}";

  private static String near(double distance) {
    return "{'type':'near','distance':%s,'place':{'type':'zone','zone':%s}}"
        .formatted(distance, Stage.ref("zones", "quay"));
  }

  private static void calls(World world, int seat) {
    world.step(List.of(new Command(seat, new Input.Call("c"))));
  }

  private static int sent(World world) {
    return Inside.of(world).calls.sent(0);
  }

  @Test
  void fromAnywhereItIsSentAsOftenAsPlayersLike() {
    World world = world(ANYWHERE, 0, 0);
    calls(world, 0);
    calls(world, 1);
    calls(world, 1);
    assertThat(sent(world)).isEqualTo(3);
    assertThat(world.told().lacks(0, 0)).isNull();
  }

  @Test
  void farFromItsPlaceItIsRefusedAndSaidWhy() {
    World world = world(near(12), 0, 0);
    calls(world, 1);
    assertThat(sent(world)).isZero();
    assertThat(world.told().offered(0, 1)).isTrue();
    assertThat(world.told().lacks(0, 1)).isEqualTo("you are too far off");
    calls(world, 0);
    assertThat(sent(world)).as("10 m off").isEqualTo(1);
  }

  @Test
  void itsTimesAreThoseOfAllTogether() {
    World world = world(ANYWHERE, 2, 0);
    calls(world, 0);
    assertThat(world.told().lacks(0, 1)).isNull();
    calls(world, 1);
    calls(world, 0);
    assertThat(sent(world)).isEqualTo(2);
    assertThat(world.told().lacks(0, 0)).isEqualTo("it was sent 2 times");
  }

  @Test
  void twoAtOnceAreOneTooManyForTheLastTime() {
    World world = world(ANYWHERE, 1, 0);
    world.step(List.of(new Command(0, new Input.Call("c")), new Command(1, new Input.Call("c"))));
    assertThat(sent(world)).isEqualTo(1);
    assertThat(world.told().lacks(0, 1)).isEqualTo("it was sent");
  }

  @Test
  void thePauseIsCountedDownAndThenItIsSentAgain() {
    World world = world(ANYWHERE, 0, 3);
    calls(world, 0);
    Stage.steps(world, 1);
    calls(world, 1);
    assertThat(sent(world)).isEqualTo(1);
    assertThat(world.told().lacks(0, 0)).isEqualTo("again in 3 s");
    Stage.steps(world, 57);
    assertThat(world.told().lacks(0, 0)).isEqualTo("again in 1 s");
    Stage.steps(world, 1);
    assertThat(world.told().lacks(0, 0)).isNull();
    calls(world, 0);
    assertThat(sent(world)).isEqualTo(2);
  }

  @Test
  void whatWasSentIsKnownAfterSavingAndLoading() {
    World world = world(ANYWHERE, 1, 5);
    calls(world, 0);
    World loaded = world(ANYWHERE, 1, 5);
    loaded.load(world.save());
    calls(loaded, 0);
    assertThat(sent(loaded)).isEqualTo(1);
  }
}
