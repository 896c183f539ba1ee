package org.flintmoss.simulation.movement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.Stage;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.space.DeckMotion;
import org.flintmoss.terrain.Decks;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Decks that go to and fro among people and crates: nobody is crushed and nothing lost. */
class RidesPropertyTest {
  private static final int LIFTS = 5;
  private static final int CRATES = 8;
  private static final int STEPS = 400;

  static LongStream seeds() {
    return Seeds.of(4, 40);
  }

  /** Lifts and rafts of all sorts, some with floors beside or over them, and people about. */
  private static Stage stage(SplittableRandom random) {
    Stage stage = new Stage().start("p", 60, 60).loose("crate", 0.3, 0.6, 30);
    for (int i = 0; i < LIFTS; i++) {
      double x = 20 + 18 * i;
      double y = 50 + random.nextDouble(20);
      double wide = 2 + random.nextDouble(4);
      String id = "lift" + i;
      stage
          .deck(
              id, 5.1 + random.nextDouble(0.3), 0, 0, x, y, x + wide, y, x + wide, y + 4, x, y + 4)
          .put("/decks/" + id + "/thickness", "0.1")
          .put(
              "/decks/" + id + "/motion",
              "{'runs':'toAndFro','speed':%s,'stay':%s,'load':%s,'stops':{}}"
                  .formatted(
                      0.3 + random.nextDouble(3),
                      random.nextInt(3),
                      random.nextBoolean() ? 0 : 200 + random.nextInt(200)));
      for (int stop = 0; stop <= random.nextInt(3); stop++) {
        double along = random.nextBoolean() ? 0 : random.nextDouble(-8, 8);
        stage.stop(id, "a" + stop, along, random.nextDouble(-3, 3), random.nextDouble(0, 5));
      }
      if (random.nextBoolean()) {
        stage.railing(id, 1, "rails");
      }
      if (random.nextBoolean()) {
        double top = 7 + random.nextDouble(4);
        double off = random.nextDouble(-2, 6);
        stage.deck(
            "floor" + i, top, 0, 0, x + off, y, x + off + 6, y, x + off + 6, y + 5, x + off, y + 5);
      }
      stage.unit("k" + i, "keepers", "keeper", x + 1, y + 2);
    }
    for (int i = 0; i < CRATES; i++) {
      stage.prop("c" + i, "crate", 18 + random.nextDouble(90), 50 + random.nextDouble(25), 0);
      stage.put("/props/c" + i + "/level", "{'type':'top'}");
    }
    return stage;
  }

  private static double foot(World world, int crate) {
    int thing = world.plan().actors().thing(new Ref(Family.PROPS, "c" + crate));
    return Inside.of(world).thingPlaces.foot(thing);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whoRidesStandsOnItNobodyIsInItAndASavedRunGoesOnAlike(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Stage stage = stage(random);
    World world = stage.world(seed);
    int player = world.plan().seat(0);
    byte[] half = null;
    for (int step = 0; step < STEPS; step++) {
      if (step == STEPS / 2) {
        half = world.save();
      }
      world.step(List.of(new Command(0, steer(seed, step))));
      int now = step;
      for (int unit = 0; unit < world.plan().units(); unit++) {
        whole(world, unit, now);
      }
    }
    assertThat(Inside.of(world).vitals.up(player)).isTrue();
    for (int crate = 0; crate < CRATES; crate++) {
      assertThat(foot(world, crate)).as("crate %d", crate).isBetween(4.9, 17.0);
    }
    World other = stage.world(seed);
    other.load(half);
    for (int step = STEPS / 2; step < STEPS; step++) {
      other.step(List.of(new Command(0, steer(seed, step))));
    }
    assertThat(other.hash()).isEqualTo(world.hash());
  }

  private static Input steer(long seed, int step) {
    SplittableRandom random = new SplittableRandom(seed * 1000 + step / 20);
    return new Input.Steer(random.nextDouble(-1, 1), random.nextDouble(-1, 1));
  }

  /** Somebody's feet are where their surface is, and no deck that moves reaches into them. */
  private static void whole(World world, int unit, int step) {
    var inside = Inside.of(world);
    if (!inside.vitals.inPlay(unit) || inside.transits.on(unit)) {
      return;
    }
    Decks decks = inside.space.decks();
    double x = inside.body.x(unit);
    double y = inside.body.y(unit);
    int on = inside.body.deck(unit);
    double feet = inside.space.feet(unit);
    assertThat(decks.over(on, x, y)).as("%d stands on %d after %d", unit, on, step).isTrue();
    assertThat(feet).isCloseTo(decks.height(on, x, y), within(1e-9));
    DeckMotion motion = inside.standings.decks();
    boolean upright = inside.space.navigationMap(unit).upright(on, x, y);
    double low = inside.space.navigationMap(unit).low();
    double head = feet + (upright ? world.plan().kind(unit).eye() : low);
    for (int deck = 0; deck < motion.many(); deck++) {
      int surface = motion.surface(deck);
      if (surface != on && decks.over(surface, x, y)) {
        double top = decks.height(surface, x, y);
        boolean clear = feet >= top - 0.03 || head <= top - decks.thickness(surface) + 0.03;
        assertThat(clear).as("deck %d is clear of %d after %d", deck, unit, step).isTrue();
      }
    }
  }
}
