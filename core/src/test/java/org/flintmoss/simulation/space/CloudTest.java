package org.flintmoss.simulation.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.mission.ground.Setting;
import org.flintmoss.mission.word.Position;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What smoke fills as it leans with the wind. */
class CloudTest {
  static LongStream seeds() {
    return Seeds.of(20, 400);
  }

  private static Cloud cloud(Effect.Look look, double x, double y, double radius, double wind) {
    Effect effect =
        new Effect("e", look, new Position(x, y), radius, true, new Effect.AtOnce(), 0, 0, false);
    return Cloud.of(effect, new Setting.Wind(wind, 270));
  }

  /** Two metres a second from the west carry it 8 m to the east in four seconds. */
  @Test
  void itLeansAsFarAsTheWindGoesInFourSeconds() {
    Cloud cloud = cloud(Effect.Look.SMOKE, 50, 50, 4, 2);
    assertThat(cloud.length()).isEqualTo(8);
    assertThat(cloud.contains(61.9, 50)).isTrue();
    assertThat(cloud.contains(62.1, 50)).isFalse();
    assertThat(cloud.contains(45.9, 50)).isFalse();
    assertThat(cloud.contains(54, 53.9)).isTrue();
    assertThat(cloud.within(54, 40, 54, 60)).isCloseTo(8, within(1e-9));
    assertThat(cloud.within(30, 50, 90, 50)).isCloseTo(16, within(1e-9));
    assertThat(cloud.thinner()).isCloseTo(1 + 16 / (Math.PI * 4), within(1e-9));
  }

  @Test
  void inAGaleItLeansNoFurtherThanThreeTimesItsRadius() {
    assertThat(cloud(Effect.Look.SMOKE, 50, 50, 4, 60).length()).isEqualTo(12);
  }

  @Test
  void fireAndSprayStandStill() {
    assertThat(cloud(Effect.Look.FIRE, 50, 50, 4, 20).length()).isZero();
    assertThat(cloud(Effect.Look.SPRAY, 50, 50, 4, 20).length()).isZero();
  }

  /** Against the points of the line counted one by one. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whatOfALineLiesInItIsWhatItsPointsSay(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    double turn = random.nextDouble(0, 6.3);
    Cloud cloud =
        new Cloud(
            0,
            0,
            random.nextDouble(0.5, 6),
            random.nextBoolean() ? 0 : random.nextDouble(0.1, 15),
            StrictMath.sin(turn),
            StrictMath.cos(turn));
    for (int line = 0; line < 40; line++) {
      double x = random.nextDouble(-20, 20);
      double y = random.nextDouble(-20, 20);
      double toX = random.nextInt(4) == 0 ? x : random.nextDouble(-20, 20);
      double toY = random.nextDouble(-20, 20);
      int many = 4000;
      int inside = 0;
      for (int i = 0; i < many; i++) {
        double share = (i + 0.5) / many;
        inside += cloud.contains(x + (toX - x) * share, y + (toY - y) * share) ? 1 : 0;
      }
      double far = StrictMath.hypot(toX - x, toY - y);
      assertThat(cloud.within(x, y, toX, toY))
          .isCloseTo(far * inside / many, within(2 * far / many + 1e-9));
    }
  }
}
