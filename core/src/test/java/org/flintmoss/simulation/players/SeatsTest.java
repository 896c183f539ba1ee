package org.flintmoss.simulation.players;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Seats with and without players. */
class SeatsTest {
  private static Stage two(String empty) {
    String second =
        "{'name':'Tobin','side':%s,'kind':%s,'position':{'x':30,'y':30},'facing':0,'order':'a2','empty':'%s'}"
            .formatted(Stage.ref("sides", "keepers"), Stage.ref("kinds", "keeper"), empty);
    return new Stage().put("/starts/q", second);
  }

  @Test
  void anEmptySeatPlaysAlongBesideThePlayer() {
    World world = two("companion").after(900);
    assertThat(far(world, "q", 64, 64)).isLessThan(8);
    assertThat(far(world, "p", 64, 64)).isLessThan(0.5);
  }

  @Test
  void oneThatStaysAwayIsThereFromWhenAPlayerSitsDown() {
    String inside =
        "{'type':'inside','who':{'quantifier':{'type':'atLeast','count':{'count':2,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}}},'whom':{'type':'players'}},'zone':%s}"
            .formatted(Stage.ref("zones", "z"));
    World world = two("away").zone("z", 50, 50, 60).event("e", Stage.all(inside)).after(100);
    assertThat(world.read().present(Stage.number(world, "q"))).isFalse();
    assertThat(Stage.fired(world, "e")).isEmpty();
    world.step(List.of(new Command(1, new Input.Join())));
    assertThat(world.read().present(Stage.number(world, "q"))).isTrue();
    assertThat(Stage.fired(world, "e")).containsExactly(101);
  }

  @Test
  void whoLeavesLeavesACompanionBehindWhoDefendsThemselves() {
    World world = two("companion").unit("w", "wreckers", "wrecker", 40, 30).world(1);
    world.step(List.of(new Command(0, new Input.Join()), new Command(1, new Input.Steer(-1, 0))));
    Stage.steps(world, 20);
    assertThat(world.read().x(Stage.number(world, "q"))).isLessThan(29);
    world.step(List.of(new Command(1, new Input.Leave())));
    Stage.steps(world, 400);
    assertThat(world.causes().from(0))
        .anyMatch(
            entry ->
                entry.kind() == Causes.Kind.STRUCK && entry.subject() == Stage.number(world, "q"));
  }

  private static Stage mortal(int lives, boolean shared) {
    return two("companion")
        .put("/kinds/keeper/bleeds", "0")
        .put(
            "/brief/lives",
            "{'count':{'count':%d,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}},'shared':%s,'after':3}"
                .formatted(lives, shared))
        .event(
            "hurt",
            0,
            "{'type':'every','seconds':10}",
            Stage.elapsed(1),
            "0|{'type':'harm','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'amount':{'type':'number','value':999}}")
        .event(
            "dead",
            Stage.all(
                "{'type':'fares','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'state':'dead'}"));
  }

  @Test
  void playersComeBackAtTheirStartAsOftenAsTheyHaveLives() {
    World world = mortal(1, false).after(30);
    int player = Stage.number(world, "p");
    assertThat(world.read().present(player)).isFalse();
    assertThat(world.read().dead(player)).isFalse();
    Stage.steps(world, 60);
    assertThat(world.read().up(player)).isTrue();
    assertThat(far(world, "p", 64, 64)).isLessThan(1);
    assertThat(Stage.fired(world, "dead")).isEmpty();
    Stage.steps(world, 200);
    assertThat(world.read().dead(player)).isTrue();
    assertThat(Stage.fired(world, "dead")).hasSize(1);
  }

  @Test
  void sharedLivesAreSpentByWhoeverFallsFirst() {
    World world = mortal(1, true).after(30);
    long dead =
        java.util.stream.IntStream.range(0, world.plan().units())
            .filter(world.read()::dead)
            .count();
    assertThat(dead).isEqualTo(1);
    assertThat(world.read().lives(Stage.number(world, "p"))).isZero();
  }
}
