package org.flintmoss.simulation.health;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Keepers bleed for 45 s, wreckers die at once. */
class WoundsTest {
  private static String harm(String unit) {
    return "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':{'type':'number','value':999}}"
        .formatted(Stage.ref("units", unit));
  }

  private static String fares(String unit, String how) {
    return Stage.all(
        "{'type':'fares','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'state':'%s'}"
            .formatted(Stage.ref("units", unit), how));
  }

  private static Stage hurt(double x, double y) {
    return new Stage()
        .unit("tobin", "keepers", "keeper", x, y)
        .event("hurt", Stage.elapsed(1), harm("tobin"))
        .event("down", fares("tobin", "down"))
        .event("dead", fares("tobin", "dead"));
  }

  @Test
  void whoHasAFriendGoesDownAndDiesOnlyOnceTheyHaveBledToDeath() {
    World world = hurt(100, 100).after(60);
    int tobin = Stage.number(world, "tobin");
    assertThat(world.read().down(tobin)).isTrue();
    assertThat(world.read().up(tobin)).isFalse();
    int fell = Stage.fired(world, "down").getFirst();
    Stage.steps(world, 45 * 20);
    assertThat(world.read().dead(tobin)).isTrue();
    assertThat(Stage.fired(world, "dead").getFirst() - fell).isEqualTo(45 * 20);
  }

  @Test
  void whoIsAloneDiesAtOnceAsDoesWhoseKindDoesNotBleed() {
    World world =
        new Stage()
            .unit("w", "wreckers", "wrecker", 100, 100)
            .unit("v", "wreckers", "wrecker", 104, 100)
            .event("hurt", Stage.elapsed(1), harm("w"))
            .event(
                "alone",
                Stage.elapsed(1),
                "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}},'amount':{'type':'number','value':999}}")
            .after(60);
    assertThat(world.read().dead(Stage.number(world, "w"))).isTrue();
    assertThat(world.read().dead(Stage.number(world, "p"))).isTrue();
  }

  @Test
  void aPlayerHelpsAFriendUpByStayingBesideThem() {
    World world = hurt(64, 65.2).after(60);
    int player = Stage.number(world, "p");
    int tobin = Stage.number(world, "tobin");
    assertThat(world.read().offers(player).getFirst().verb()).isEqualTo("Help up");
    world.step(List.of(new Command(0, new Input.Use(1))));
    Stage.steps(world, 78);
    assertThat(world.read().up(tobin)).isFalse();
    Stage.steps(world, 5);
    assertThat(world.read().up(tobin)).isTrue();
    assertThat(world.read().health(tobin))
        .isEqualTo(world.plan().kind(tobin).health() * 0.4, within(1e-9));
  }

  @Test
  void whoWasDownWhenTakenOutOfPlayComesBackOnTheirFeet() {
    String ash =
        "{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}"
            .formatted(Stage.ref("units", "tobin"));
    World world =
        hurt(64, 70)
            .event("out", Stage.elapsed(3), "{'type':'takeOut','who':" + ash + "}")
            .event("in", Stage.elapsed(4), "{'type':'bringIn','who':" + ash + "}")
            .after(100);
    int tobin = Stage.number(world, "tobin");
    assertThat(world.read().up(tobin)).isTrue();
    assertThat(world.read().health(tobin))
        .isEqualTo(world.plan().kind(tobin).health() * Wounds.BACK);
  }

  @Test
  void friendsWhoActOnTheirOwnRunToHelp() {
    World world = hurt(64, 90).unit("fenn", "keepers", "keeper", 64, 105).after(400);
    assertThat(world.read().up(Stage.number(world, "tobin"))).isTrue();
    assertThat(world.causes().from(0))
        .anyMatch(
            it -> it.kind() == Causes.Kind.HELPED && it.detail() == Stage.number(world, "fenn"));
  }
}
