package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Who is bound, and who is carried, beside a player at (64, 64). */
class CarryingTest {
  private static Stage stage(String side) {
    return new Stage()
        .put("/kinds/townsman/dealings", "{}")
        .put("/kinds/wrecker/dealings", "{}")
        .put("/kinds/keeper/dealings", "{}")
        .unit("t", side, "wrecker", 64, 65)
        .put("/units/t/facing", "0")
        .dealing("lift", "helpless", "{'type':'lifts'}")
        .dealing("bind", "up", "{'type':'binds'}")
        .dealing("free", "bound", "{'type':'frees'}")
        .deals("t", "bind", "free", "lift");
  }

  private static World world(Stage stage) {
    World world = stage.world(1);
    Stage.steps(world, 2);
    return world;
  }

  private static int t(World world) {
    return Stage.number(world, "t");
  }

  private static int p(World world) {
    return world.plan().seat(0);
  }

  private static void use(World world, String verb) {
    int slot =
        world.read().offers(p(world)).stream()
            .filter(it -> it.verb().equals(verb))
            .findFirst()
            .orElseThrow()
            .slot();
    world.step(List.of(new Command(0, new Input.Use(slot))));
    Stage.steps(world, 21);
  }

  private static String state(String type, String id) {
    return Stage.all(
        "{'type':'%s','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}}}"
            .formatted(type, ref("units", id)));
  }

  @Test
  void whoIsBoundDoesNothingAndIsNobodysTarget() {
    World world = world(stage("wreckers").event("bound", state("isBound", "t")));
    use(world, "bind");
    assertThat(Stage.fired(world, "bound")).containsExactly(23);
    double health = world.read().health(p(world));
    double x = world.read().x(t(world));
    Stage.steps(world, 100);
    assertThat(world.read().health(p(world))).isEqualTo(health);
    assertThat(world.read().x(t(world))).isEqualTo(x);
    use(world, "free");
    Stage.steps(world, 100);
    assertThat(world.read().health(p(world))).as("free again").isLessThan(health);
  }

  @Test
  void aPlayerWhoIsBoundCannotActButStaysInTheSeat() {
    World world = world(stage("wreckers"));
    Inside.of(world).carrying.bind(p(world), -1, -1);
    world.step(List.of(new Command(0, new Input.Steer(1, 0)), new Command(0, new Input.Use(1))));
    double x = world.read().x(p(world));
    Stage.steps(world, 20);
    assertThat(world.read().x(p(world))).isEqualTo(x);
    assertThat(world.read().offers(p(world))).isEmpty();
    Inside.of(world).carrying.free(p(world), -1, -1);
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 20);
    assertThat(world.read().x(p(world))).isGreaterThan(x);
  }

  @Test
  void eventsBindAndFree() {
    String who = "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}}";
    World world =
        stage("townsfolk")
            .event(
                "binds",
                Stage.elapsed(1),
                "{'type':'bind','who':" + who.formatted(ref("units", "t")) + "}",
                "1|{'type':'free','who':" + who.formatted(ref("units", "t")) + "}")
            .after(21);
    assertThat(Inside.of(world).vitals.bound(t(world))).isTrue();
    Stage.steps(world, 20);
    assertThat(Inside.of(world).vitals.bound(t(world))).isFalse();
  }

  @Test
  void whoIsCarriedGoesAlongAndIsSetDown() {
    World world = world(stage("townsfolk").event("carried", state("isCarried", "t")));
    use(world, "bind");
    use(world, "lift");
    assertThat(Stage.fired(world, "carried")).hasSize(1);
    assertThat(world.read().offers(p(world)).getFirst().verb()).isEqualTo("Set down");
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, 40);
    double x = world.read().x(p(world));
    assertThat(x).isGreaterThan(65);
    assertThat(world.read().x(t(world))).isEqualTo(x);
    world.step(List.of(new Command(0, new Input.Steer(0, 0)), new Command(0, new Input.Use(1))));
    world.step(List.of(new Command(0, new Input.Steer(-1, 0))));
    Stage.steps(world, 40);
    assertThat(world.read().x(t(world))).isGreaterThan(world.read().x(p(world)) + 1);
  }

  @Test
  void carryingTakesHalfOfThePaceAtTheMost() {
    World world = world(stage("townsfolk"));
    use(world, "bind");
    double free = gone(world, 40);
    World laden = world(stage("townsfolk"));
    use(laden, "bind");
    use(laden, "lift");
    double carrying = gone(laden, 40);
    assertThat(carrying / free).isBetween(0.55, 0.9);
  }

  private static double gone(World world, int steps) {
    double x = world.read().x(p(world));
    world.step(List.of(new Command(0, new Input.Steer(1, 0))));
    Stage.steps(world, steps);
    return world.read().x(p(world)) - x;
  }

  @Test
  void whoIsTooHeavyIsNotOffered() {
    World world = world(stage("townsfolk").put("/kinds/wrecker/mass", "2000"));
    use(world, "bind");
    assertThat(world.read().offers(p(world)).stream().map(it -> it.verb())).containsExactly("free");
  }

  @Test
  void whoStrikesOrFallsLetsGoAndWhoIsFreedGetsDown() {
    for (String way : List.of("strikes", "falls", "freed", "dies")) {
      World world = world(stage("townsfolk"));
      use(world, "bind");
      use(world, "lift");
      switch (way) {
        case "strikes" -> world.step(List.of(new Command(0, new Input.Attack(2))));
        case "falls" -> Inside.of(world).vitals.goDown(p(world), 9999);
        case "freed" -> Inside.of(world).carrying.free(t(world), -1, -1);
        default -> Inside.of(world).vitals.die(p(world));
      }
      Stage.steps(world, 2);
      assertThat(Inside.of(world).carrying.carrier(t(world))).as(way).isEqualTo(-1);
      assertThat(Inside.of(world).carrying.carries(p(world))).as(way).isEqualTo(-1);
    }
  }

  @Test
  void theDeadAreCarriedAndWhoDiesInOnesArmsStaysThere() {
    World world = world(stage("townsfolk"));
    Inside.of(world).vitals.goDown(t(world), 120);
    use(world, "lift");
    Stage.steps(world, 120);
    assertThat(Inside.of(world).vitals.dead(t(world))).isTrue();
    assertThat(Inside.of(world).carrying.carries(p(world))).isEqualTo(t(world));
  }

  @Test
  void whoLeavesPlayLeavesTheArms() {
    World world = world(stage("townsfolk"));
    use(world, "bind");
    use(world, "lift");
    Inside.of(world).vitals.leave(t(world));
    Stage.steps(world, 1);
    assertThat(Inside.of(world).carrying.carries(p(world))).isEqualTo(-1);
    assertThat(Inside.of(world).vitals.bound(t(world))).isFalse();
  }

  @Test
  void savedAndLoadedItGoesOnTheSame() {
    Stage stage = stage("townsfolk");
    World world = world(stage);
    use(world, "bind");
    use(world, "lift");
    World other = stage.world(1);
    other.load(world.save());
    for (World one : List.of(world, other)) {
      gone(one, 30);
    }
    assertThat(other.hash()).isEqualTo(world.hash());
    assertThat(other.causes().from(0).stream().anyMatch(it -> it.kind() == Causes.Kind.PUT_DOWN))
        .isFalse();
  }
}
