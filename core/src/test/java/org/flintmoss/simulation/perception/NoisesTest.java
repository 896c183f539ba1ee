package org.flintmoss.simulation.perception;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.far;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.sentence.Condition.Alertness;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.space.Gusts;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.terrain.Sound;
import org.flintmoss.terrain.Stand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What carries, and who minds it. Walls and gates of the stage take 40 m off. */
class NoisesTest {
  private static String noise(double x, double y, double loudness) {
    return "0|{'type':'sound','place':{'type':'point','position':{'x':%s,'y':%s}},'loudness':%s}"
        .formatted(x, y, loudness);
  }

  /** A wrecker at (64, 100) who looks away, and a noise in the south after a second. */
  private static Stage scene(double loudness) {
    return new Stage()
        .put("/starts/p/position", "{'x':4,'y':4}")
        .unit("w", "wreckers", "wrecker", 64, 100)
        .event("e", Stage.elapsed(1), noise(64, 40, loudness));
  }

  private static Alertness after(Stage stage, int steps) {
    World world = stage.after(steps);
    return world.read().alertness(Stage.number(world, "w"));
  }

  @Test
  void aNoiseCarriesAsFarAsItIsLoudAndNoFarther() {
    assertThat(after(scene(75), 30)).isEqualTo(Alertness.WARY);
    assertThat(after(scene(50), 30)).isEqualTo(Alertness.UNAWARE);
  }

  @ParameterizedTest
  @CsvSource({"open, WARY", "closed, UNAWARE"})
  void itGoesThroughAnOpenGateAndNotThroughAClosedOne(String stands, Alertness expected) {
    Stage stage = scene(80).wall("w1", 0, 70, 128, 70).gate("g", stands, 60, 70, 68, 70);
    assertThat(after(stage, 30)).isEqualTo(expected);
  }

  @Test
  void roundAWallItIsAsFarAsTheWayRound() {
    World world = new Stage().wall("w1", 40, 70, 88, 70).world(1);
    Stand stand = world.plan().obstacles().first();
    Sound sound = new Sound(world.plan().ground(), world.plan().obstacles());
    sound.spread(66, 62, 100, stand);
    double behind = sound.at(66, 78);
    sound.spread(66, 62, 100, stand);
    assertThat(sound.at(66, 78)).as("the same again").isEqualTo(behind);
    assertThat(behind).as("straight through the wall it loses 40").isBetween(40.0, 50.0);
    sound.spread(66, 62, 30, stand);
    assertThat(sound.at(66, 78)).isZero();
    assertThat(sound.at(66, 46)).isPositive();
  }

  @Test
  void keenEarsHearFartherAndDeafOnesNothing() {
    assertThat(after(scene(50).put("/kinds/wrecker/hearing", "2"), 30)).isEqualTo(Alertness.WARY);
    assertThat(after(scene(500).put("/kinds/wrecker/hearing", "0"), 30))
        .isEqualTo(Alertness.UNAWARE);
  }

  /** Down a wind of 10 m/s a noise carries 1 + 10 / 25 times as far, up it 1 - 10 / 25 times. */
  @ParameterizedTest
  @CsvSource({"180, 1.4", "0, 0.6", "90, 1.0", "225, 1.2828427"})
  void theWindCarriesNoisesWithIt(double from, double expected) {
    double carry = Gusts.carry(new Setting.Wind(10, from), 0, 60);
    assertThat(carry).isCloseTo(expected, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({"180, 50, WARY", "0, 75, UNAWARE"})
  void whoStandsDownwindHearsFartherAndUpwindLess(double from, double loud, Alertness expected) {
    Stage stage = scene(loud).put("/setting/wind", "{'speed':10,'from':%s}".formatted(from));
    assertThat(after(stage, 30)).isEqualTo(expected);
  }

  @Test
  void noStormCarriesANoiseMoreThanHalfAsFarAgain() {
    assertThat(Gusts.carry(new Setting.Wind(60, 180), 0, 9)).isEqualTo(Gusts.MOST);
    assertThat(Gusts.carry(new Setting.Wind(60, 0), 0, 9)).isEqualTo(Gusts.LEAST);
    assertThat(Gusts.carry(new Setting.Wind(60, 0), 0, 0)).isEqualTo(1);
  }

  @Test
  void whoHearsSomethingLoudGoesToSeeAndComesBack() {
    World world = scene(200).world(1);
    Stage.steps(world, 400);
    assertThat(far(world, "w", 64, 100)).isGreaterThan(10);
    Stage.steps(world, 3000);
    assertThat(world.read().alertness(Stage.number(world, "w"))).isEqualTo(Alertness.UNAWARE);
    assertThat(far(world, "w", 64, 100)).isLessThan(2);
  }

  @Test
  void aBellIsHeardByEnemiesOfWhoRingsItAndNotByFriends() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':64,'y':40}")
            .unit("w", "wreckers", "wrecker", 64, 100)
            .unit("k", "keepers", "keeper", 70, 100)
            .lever("bell", 64, 41, 0, "{'type':'nothing'}")
            .put("/fixtures/bell/uses/u1/noise", "120")
            .world(1);
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 60);
    assertThat(world.causes().from(0))
        .filteredOn(it -> it.kind() == Causes.Kind.HEARD)
        .extracting(Causes.Entry::subject)
        .containsExactly(Stage.number(world, "w"));
  }

  @Test
  void whoRunsIsHeardAndWhoCreepsByIsNot() {
    Stage stage =
        new Stage()
            .put("/starts/p/position", "{'x':52,'y':90}")
            .unit("w", "wreckers", "wrecker", 64, 97)
            .put("/units/w/facing", "0");
    World runs = stage.world(1);
    runs.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(runs, 60);
    assertThat(runs.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.HEARD);
    World stands = stage.after(60);
    assertThat(stands.causes().from(0)).noneMatch(it -> it.kind() == Causes.Kind.HEARD);
  }
}
