package org.flintmoss.simulation.places;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.simulation.state.Column;
import org.junit.jupiter.api.Test;

/** A checkpoint with the world as it was. */
class WorldBackTest {
  /** What the run keeps, whatever the world does. */
  private static final List<String> LASTING =
      List.of(
          "lives",
          "seated",
          "steerX",
          "steerY",
          "aim",
          "worldBackAsked",
          "keptWorld",
          "keptWorldCounts",
          "clock");

  /** A mark that keeps the world, a wrecker to fight, and an event that takes it back. */
  private static Stage stage() {
    return new Stage()
        .zone("mark", 64, 64, 3)
        .does("mark", "a", "{'type':'checkpoint','whose':'world'}")
        .unit("w", "wreckers", "wrecker", 80, 64)
        .put("/units/w/facing", "270")
        .flag("back")
        .event(
            "again", 0, "{'type':'whenFalse'}", Stage.flagOn("back"), "{'type':'bringWorldBack'}");
  }

  private static void ask(World world) {
    Inside.of(world).scriptFacts.flag(0, true, -1, -1);
    world.step(List.of());
  }

  private static List<String> differences(World one, World other) {
    return Inside.of(one).state.columns().stream()
        .filter(it -> !LASTING.contains(it.name()))
        .filter(it -> !same(it, named(other, it.name())))
        .map(Column::name)
        .toList();
  }

  private static Column named(World world, String name) {
    return Inside.of(world).state.columns().stream()
        .filter(it -> it.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static boolean same(Column one, Column other) {
    for (int i = 0; i < one.size(); i++) {
      if (one.bits(i) != other.bits(i)) {
        return false;
      }
    }
    return true;
  }

  @Test
  void theWorldIsAsItWasWhereItWasKeptAndGoesOnInTheSameWayAgainAndAgain() {
    World world = stage().world(1);
    Stage.steps(world, 2);
    World then = new World(world.plan(), 1);
    then.load(world.save());
    for (int time = 1; time <= 3; time++) {
      Stage.steps(world, 200);
      assertThat(differences(world, then)).as("the fight has gone on").isNotEmpty();
      ask(world);
      World straight = new World(world.plan(), 1);
      straight.load(then.save());
      for (int i = 0; i < 60; i++) {
        world.step(List.of());
        straight.step(List.of());
        assertThat(differences(world, straight)).as("step %d of time %d", i, time).isEmpty();
      }
    }
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.WENT_BACK))
        .hasSize(3);
  }

  @Test
  void theStepsOfTheRunAndItsLogGoOn() {
    World world = stage().world(1);
    Stage.steps(world, 100);
    int logged = world.causes().end();
    ask(world);
    world.step(List.of());
    assertThat(world.read().step()).isEqualTo(102);
    assertThat(world.causes().end()).isGreaterThan(logged);
    assertThat(world.causes().from(logged).stream().map(Causes.Entry::step))
        .containsExactlyElementsOf(List.of(100, 101, 101));
  }

  @Test
  void livesStaySpentAndPlayersStayInTheirSeats() {
    World world = stage().world(1);
    world.step(List.of(new Command(0, new Input.Join())));
    Stage.steps(world, 3);
    Inside.of(world).wounds.addLives(Stage.number(world, "p"), 5);
    ask(world);
    world.step(List.of());
    assertThat(Inside.of(world).wounds.livesLeft(Stage.number(world, "p"))).isEqualTo(5);
    assertThat(Inside.of(world).controls.seated(Stage.number(world, "p"))).isTrue();
  }

  @Test
  void aRunThatWasSavedInBetweenGoesBackToTheSame() {
    World world = stage().world(1);
    Stage.steps(world, 150);
    World other = new World(world.plan(), 1);
    other.load(world.save());
    ask(world);
    ask(other);
    for (int i = 0; i < 50; i++) {
      world.step(List.of());
      other.step(List.of());
      assertThat(other.hash()).isEqualTo(world.hash());
    }
  }

  @Test
  void whereNothingWasKeptNothingGoesBack() {
    World world = stage().without("/zones/mark/does/a").world(1);
    Stage.steps(world, 50);
    ask(world);
    Stage.steps(world, 5);
    assertThat(world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.WENT_BACK))
        .isEmpty();
  }
}
