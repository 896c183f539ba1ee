package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.fired;

import org.flintmoss.Stage;
import org.flintmoss.mission.ground.Setting.Weather;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Weather, wind and how far one sees, while they turn; and days that pass faster than play. */
class AirTest {
  private static String wind(double speed, double from, double seconds) {
    return "{'type':'turnWind','speed':%s,'from':%s,'time':%s}".formatted(speed, from, seconds);
  }

  private static String weather(String to, double seconds) {
    return "{'type':'turnWeather','weather':'%s','time':%s}".formatted(to, seconds);
  }

  private static String sight(double metres, double seconds) {
    return "{'type':'setVisibility','distance':%s,'time':%s}".formatted(metres, seconds);
  }

  @Test
  void theWeatherTurnsEvenlyOverItsTime() {
    World world = new Stage().event("e", elapsed(2), weather("fog", 10)).after(39);
    assertThat(Inside.of(world).air.light()).isEqualTo(1);
    Stage.steps(world, 1);
    assertThat(world.read().weather()).isEqualTo(Weather.FOG);
    assertThat(Inside.of(world).air.light()).isEqualTo(1);
    Stage.steps(world, 100);
    assertThat(Inside.of(world).air.light()).isCloseTo(0.8, within(1e-9));
    Stage.steps(world, 100);
    assertThat(Inside.of(world).air.light()).isEqualTo(0.6);
    Stage.steps(world, 1);
    assertThat(Inside.of(world).air.light()).isEqualTo(0.6);
  }

  @ParameterizedTest
  @CsvSource({"350, 10, 0", "10, 350, 0", "90, 270, 180", "0, 100, 50"})
  void theWindTurnsTheShorterWayRound(double from, double to, double between) {
    World world =
        new Stage()
            .put("/setting/wind", "{'speed':2,'from':%s}".formatted(from))
            .event("e", elapsed(1), wind(6, to, 4))
            .after(60);
    assertThat(world.read().wind().speed()).isCloseTo(4, within(1e-9));
    assertThat(world.read().wind().from()).isCloseTo(between, within(1e-9));
    Stage.steps(world, 40);
    assertThat(world.read().wind().speed()).isEqualTo(6);
    assertThat(world.read().wind().from()).isEqualTo(to);
  }

  @Test
  void whatTurnsAtOnceHasTurnedInThatStep() {
    World world = new Stage().event("e", elapsed(1), sight(50, 0), wind(9, 45, 0)).after(20);
    assertThat(world.read().visibility()).isEqualTo(50);
    assertThat(world.read().wind().speed()).isEqualTo(9);
  }

  @Test
  void whatTurnsAgainGoesOnFromWhereItHasCome() {
    World world =
        new Stage()
            .event("one", elapsed(1), sight(1000, 10))
            .event("two", elapsed(6), sight(2500, 5))
            .after(120);
    assertThat(world.read().visibility()).isCloseTo(2500, within(1e-9));
    Stage.steps(world, 100);
    assertThat(world.read().visibility()).isEqualTo(2500);
  }

  @Test
  void nobodyIsSeenBeyondWhatOneSees() {
    Stage near = new Stage().unit("w", "wreckers", "wrecker", 64, 84);
    near.put("/units/w/facing", "180").event("e", elapsed(0.05), sight(15, 0));
    World world = near.after(400);
    assertThat(world.read().alertness(Stage.number(world, "w")).ordinal()).isZero();
  }

  @Test
  void inADayOfAnHourTheClockLightAndTideGoOnFasterAndWaitsDoNot() {
    World world =
        new Stage()
            .put("/setting/dayLasts", "60")
            .put("/setting/startTime", "36000")
            .put("/setting/tide", "{'a':{'time':36000,'level':0},'b':{'time':43200,'level':4}}")
            .event("noon", "{'type':'clock','time':43200}")
            .event("waits", elapsed(300))
            .after(0);
    Stage.steps(world, 3000);
    assertThat(world.read().time()).isEqualTo(36000 + 150 * 24);
    assertThat(world.read().water()).isCloseTo(2, within(1e-6));
    Stage.steps(world, 3100);
    assertThat(fired(world, "noon")).containsExactly(6000);
    assertThat(fired(world, "waits")).containsExactly(6000);
  }

  @Test
  void theClockGoesOnToATimeAlsoInAFasterDay() {
    World world =
        new Stage()
            .put("/setting/dayLasts", "60")
            .put("/setting/startTime", "36000")
            .event("on", elapsed(1), "{'type':'clockGoesOn','time':72000}")
            .event("evening", "{'type':'clock','time':72240}")
            .after(20);
    assertThat(world.read().time()).isCloseTo(72000, within(0.6));
    assertThat(world.read().leapt()).isCloseTo(72000 - 36000 - 24, within(0.6));
    Stage.steps(world, 210);
    assertThat(fired(world, "evening")).hasSize(1);
    assertThat(fired(world, "evening").getFirst()).isBetween(219, 221);
  }
}
