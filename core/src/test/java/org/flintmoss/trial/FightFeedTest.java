package org.flintmoss.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.combat.Outcome;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.junit.jupiter.api.Test;

/** What a player is told of fights. */
class FightFeedTest {
  /** All that was told of one sort while a world takes a number of steps. */
  private static <T extends TrialMessage> List<T> told(
      World world, PlayerFeed feed, int steps, Class<T> type) {
    List<T> told = new ArrayList<>();
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
      feed.news().stream().filter(type::isInstance).map(type::cast).forEach(told::add);
    }
    return told;
  }

  private static List<TrialMessage.Struck> struck(World world, PlayerFeed feed, int steps) {
    return told(world, feed, steps, TrialMessage.Strikes.class).stream()
        .flatMap(it -> it.strikes().stream())
        .toList();
  }

  private static PlayerFeed feed(World world) {
    PlayerFeed feed = new PlayerFeed(world, 0);
    feed.hello(Stage.HERE);
    return feed;
  }

  /** A wrecker to the north of a player who has their back to them. */
  private static World attacked() {
    World world = new Stage().unit("w", "wreckers", "wrecker", 64, 66).world(3);
    world.step(List.of(new Command(0, new Input.Aim(180))));
    return world;
  }

  @Test
  void everyBlowIsToldOnceInTheStepItIsDealtWithHowItCameOut() {
    World world = attacked();
    PlayerFeed feed = feed(world);
    double health = 100;
    int hits = 0;
    for (int i = 0; i < 200; i++) {
      for (TrialMessage.Struck it : struck(world, feed, 1)) {
        assertThat(it.step()).isEqualTo(world.read().step());
        assertThat(it.by()).isEqualTo(Stage.number(world, "w"));
        assertThat(it.at()).isZero();
        assertThat(it.outcome() == Outcome.HIT).isEqualTo(world.read().health(0) < health);
        hits += it.outcome() == Outcome.HIT ? 1 : 0;
      }
      health = world.read().health(0);
    }
    assertThat(hits).isPositive();
  }

  @Test
  void whoAimsIsToldFromWhenTheyDoUntilTheyDoNoMore() {
    World world = attacked();
    PlayerFeed feed = feed(world);
    List<TrialMessage.Aims> aims = told(world, feed, 1200, TrialMessage.Aims.class);
    TrialMessage.Aim at = new TrialMessage.Aim(Stage.number(world, "w"), 0);
    assertThat(aims.getFirst().aims()).isEmpty();
    assertThat(aims.get(1).aims()).containsExactly(at);
    assertThat(world.read().dead(0)).isTrue();
    assertThat(aims.getLast().aims()).isEmpty();
  }

  @Test
  void aPlayerAimsAtWhomTheyFace() {
    World world = new Stage().unit("w", "wreckers", "lookout", 64, 65.5).world(3);
    PlayerFeed feed = feed(world);
    TrialMessage.Aim at = new TrialMessage.Aim(0, Stage.number(world, "w"));
    world.step(List.of(new Command(0, new Input.Aim(0))));
    assertThat(told(world, feed, 1, TrialMessage.Aims.class).getFirst().aims()).contains(at);
    world.step(List.of(new Command(0, new Input.Aim(180))));
    assertThat(told(world, feed, 1, TrialMessage.Aims.class).getLast().aims()).doesNotContain(at);
  }

  /** A wall hides two who fight from the player, who is no part of it. */
  @Test
  void aFightOutOfSightIsToldToDesignersAlone() {
    World world = behindAWall();
    PlayerFeed player = feed(world);
    PlayerFeed designer = feed(world);
    designer.showEverything(true);
    List<TrialMessage> toPlayer = new ArrayList<>();
    List<TrialMessage> toDesigner = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      world.step(List.of());
      toPlayer.addAll(player.news());
      toDesigner.addAll(designer.news());
    }
    assertThat(toPlayer).noneMatch(TrialMessage.Strikes.class::isInstance);
    assertThat(toPlayer)
        .filteredOn(TrialMessage.Aims.class::isInstance)
        .containsExactly(new TrialMessage.Aims(List.of()));
    assertThat(toDesigner).anyMatch(TrialMessage.Strikes.class::isInstance);
  }

  private static World behindAWall() {
    return new Stage()
        .wall("hides", 20, 80, 108, 80)
        .unit("w", "wreckers", "wrecker", 64, 100)
        .unit("h", "hounds", "hound", 64, 101.5)
        .world(3);
  }

  @Test
  void aBlowAtNobodyIsToldAsEmpty() {
    World world = new Stage().world(3);
    PlayerFeed feed = feed(world);
    world.step(List.of(new Command(0, new Input.Attack(1))));
    assertThat(feed.news())
        .contains(
            new TrialMessage.Strikes(List.of(new TrialMessage.Struck(1, 0, -1, Outcome.EMPTY))));
  }
}
