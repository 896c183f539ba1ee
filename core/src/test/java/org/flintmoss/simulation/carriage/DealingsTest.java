package org.flintmoss.simulation.carriage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.Readings;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a player at (64, 64) does with a townsman a metre north of them, who faces north. */
class DealingsTest {
  private static final String NOTHING = "{'type':'nothing'}";
  private static final String ANYBODY = "{'quantifier':{'type':'any'},'whom':{'type':'anyone'}}";

  private static Stage stage(String offered, String does) {
    return new Stage()
        .put("/kinds/townsman/dealings", "{}")
        .put("/kinds/wrecker/dealings", "{}")
        .put("/kinds/keeper/dealings", "{}")
        .unit("t", "townsfolk", "townsman", 64, 65)
        .put("/units/t/facing", "0")
        .dealing("d", offered, does)
        .deals("t", "d");
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

  private static void use(World world) {
    world.step(List.of(new Command(0, new Input.Use(1))));
  }

  private static List<String> offers(World world) {
    return world.read().offers(p(world)).stream()
        .map(it -> it.slot() + " " + it.verb() + ": " + it.name())
        .toList();
  }

  private static String units(String id) {
    return "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':" + ref("units", id) + "}}";
  }

  private static String each(String who) {
    return Stage.all(
        "{'type':'dealsWith','who':%s,'dealing':%s,'whom':%s}"
            .formatted(ANYBODY, ref("dealings", "d"), who));
  }

  @Test
  void itTakesItsTimeAndIsOneHappeningWithBothRoles() {
    World world =
        world(
            stage("up", NOTHING)
                .event("with-any", 0, "{'type':'whenFalse'}", each(ANYBODY))
                .put("/events/with-any/order", "'a'"));
    assertThat(offers(world)).containsExactly("1 d: t");
    use(world);
    assertThat(world.read().busy(p(world)).verb()).isEqualTo("d");
    Stage.steps(world, 19);
    assertThat(Stage.fired(world, "with-any")).isEmpty();
    Stage.steps(world, 1);
    assertThat(Stage.fired(world, "with-any")).containsExactly(23);
    Causes.Entry fired =
        world.causes().from(0).stream()
            .filter(it -> it.kind() == Causes.Kind.DEALT)
            .findFirst()
            .orElseThrow();
    assertThat(fired.subject()).isEqualTo(p(world));
    assertThat(fired.detail()).isEqualTo(t(world));
  }

  @Test
  void whoWalksOffLeavesOff() {
    World world = world(stage("up", NOTHING));
    use(world);
    world.step(List.of(new Command(0, new Input.Steer(0, -1))));
    world.step(List.of(new Command(0, new Input.Steer(0, 0))));
    Stage.steps(world, 30);
    assertThat(dealt(world)).isZero();
  }

  private static long dealt(World world) {
    return world.causes().from(0).stream().filter(it -> it.kind() == Causes.Kind.DEALT).count();
  }

  @ParameterizedTest
  @CsvSource({
    "up, true, false, false, false",
    "calm, true, false, false, false",
    "down, false, true, false, false",
    "dead, false, false, true, false",
    "fallen, false, true, true, false",
    "bound, false, false, false, true",
    "helpless, false, true, true, true"
  })
  void itIsOfferedWhileTheyAreSo(
      String offered, boolean up, boolean down, boolean dead, boolean bound) {
    World world = world(stage(offered, NOTHING));
    assertThat(offers(world).isEmpty()).as("up").isEqualTo(!up);
    Inside.of(world).carrying.bind(t(world), -1, -1);
    assertThat(offers(world).isEmpty()).as("bound").isEqualTo(!bound);
    Inside.of(world).vitals.goDown(t(world), 9999);
    assertThat(offers(world).stream().noneMatch(it -> it.contains("d: t")))
        .as("down")
        .isEqualTo(!down);
    Inside.of(world).vitals.isUp(t(world));
    Inside.of(world).vitals.die(t(world));
    assertThat(offers(world).isEmpty()).as("dead").isEqualTo(!dead);
  }

  @Test
  void fromBehindMeansFromBehind() {
    Stage behind = stage("up", NOTHING).put("/dealings/d/behind", "true");
    assertThat(offers(world(behind))).hasSize(1);
    assertThat(offers(world(behind.put("/units/t/facing", "59")))).hasSize(1);
    assertThat(offers(world(behind.put("/units/t/facing", "62")))).isEmpty();
    assertThat(offers(world(behind.put("/units/t/facing", "180")))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "anybody, townsfolk, true",
    "enemies, townsfolk, false",
    "noEnemies, townsfolk, true",
    "friends, townsfolk, true",
    "friends, keepers, true",
    "enemies, wreckers, true",
    "noEnemies, wreckers, false"
  })
  void itIsOfferedTowardThem(String toward, String side, boolean offered) {
    Stage stage =
        stage("up", NOTHING)
            .put("/dealings/d/toward", "'" + toward + "'")
            .put("/units/t/side", ref("sides", side));
    assertThat(offers(world(stage)).isEmpty()).isEqualTo(!offered);
  }

  @Test
  void itNeedsGivesAndUsesUp() {
    Stage stage =
        stage("up", NOTHING)
            .put(
                "/dealings/d/needs",
                "{'type':'spending','item':%s,'count':{'value':2,'levels':{},'perPlayer':0}}"
                    .formatted(ref("itemKinds", "salve")))
            .put(
                "/dealings/d/gives",
                "{'type':'items','item':%s,'count':{'value':1,'levels':{},'perPlayer':0}}"
                    .formatted(ref("itemKinds", "brass-key")));
    Readings.Offer offer = world(stage).read().offers(0).getFirst();
    assertThat(offer.lacks()).isEqualTo("2 × Tin of salve");
    World world = world(stage.packs("starts", "p", "salve", 3));
    use(world);
    Stage.steps(world, 21);
    assertThat(carried(world, "salve")).isEqualTo(1);
    assertThat(carried(world, "brass-key")).isEqualTo(1);
  }

  private static int carried(World world, String kind) {
    int number = List.copyOf(world.plan().mission().itemKinds().keySet()).indexOf(kind);
    return world.read().carries(p(world), number);
  }

  @Test
  void itIsDoneSoOftenWithEach() {
    World world =
        world(
            stage("up", NOTHING)
                .put("/dealings/d/times", "1")
                .unit("u", "townsfolk", "townsman", 65, 64)
                .deals("u", "d"));
    use(world);
    Stage.steps(world, 21);
    assertThat(offers(world)).as("the other").containsExactly("1 d: u");
    use(world);
    Stage.steps(world, 21);
    assertThat(offers(world)).isEmpty();
  }

  @Test
  void eachPlayerCountsForThemselvesIfToldTo() {
    World world =
        world(
            stage("up", NOTHING)
                .start("q", 64, 66)
                .put("/dealings/d/times", "1")
                .put("/dealings/d/counted", "'each'"));
    world.step(List.of(new Command(1, new Input.Join())));
    use(world);
    Stage.steps(world, 21);
    assertThat(offers(world)).isEmpty();
    assertThat(world.read().offers(world.plan().seat(1))).hasSize(1);
  }

  @Test
  void aQuietBlowTakesHealthAndIsTheDoersDeed() {
    String killed =
        Stage.all(
            "{'type':'isKilled','who':%s,'whom':%s}"
                .formatted(ANYBODY, "{'quantifier':{'type':'any'},'whom':{'type':'players'}}"));
    World world =
        world(
            stage("up", "{'type':'hurts','points':{'value':9999,'levels':{},'perPlayer':0}}")
                .put("/kinds/townsman/bleeds", "0")
                .event("killed", killed));
    use(world);
    Stage.steps(world, 21);
    assertThat(world.read().health(t(world))).isZero();
    assertThat(Stage.fired(world, "killed")).containsExactly(23);
  }

  @Test
  void whoIsHealedGetsNoMoreThanTheyHad() {
    World world =
        world(stage("up", "{'type':'heals','points':{'value':50,'levels':{},'perPlayer':0}}"));
    double full = world.read().health(t(world));
    Inside.of(world).vitals.setHealth(t(world), full - 20);
    use(world);
    Stage.steps(world, 21);
    assertThat(world.read().health(t(world))).isEqualTo(full);
  }

  @Test
  void whoIsSearchedLosesAllThatCanBeCarried() {
    World world = world(stage("up", "{'type':'searches'}").packs("units", "t", "brass-key", 2));
    use(world);
    Stage.steps(world, 21);
    assertThat(carried(world, "brass-key")).isEqualTo(2);
    assertThat(offers(world)).as("again").hasSize(1);
  }

  @Test
  void aPersonStandsStillForWhoIsNoEnemy() {
    World world =
        world(
            stage("up", NOTHING)
                .route("r", "once", "64 100 'walk' 'goesOn'")
                .put("/units/t/order", "{'type':'along','route':" + ref("routes", "r") + "}"));
    use(world);
    double y = world.read().y(t(world));
    Stage.steps(world, 15);
    assertThat(world.read().y(t(world)) - y).isLessThan(0.4);
    Stage.steps(world, 60);
    assertThat(world.read().y(t(world)) - y).as("then they go on").isGreaterThan(1);
  }

  @Test
  void behindAFriendAndAFixtureComesThePerson() {
    World world =
        world(
            stage("up", NOTHING)
                .lever("l", 64, 63.2, 0, "{'type':'nothing'}")
                .unit("f", "keepers", "keeper", 65, 64));
    Inside.of(world).vitals.goDown(Stage.number(world, "f"), 9999);
    assertThat(offers(world)).containsExactly("1 Help up: f", "2 Pull: l", "3 d: t");
    world.step(List.of(new Command(0, new Input.Use(3))));
    Stage.steps(world, 21);
    assertThat(dealt(world)).isEqualTo(1);
  }

  @Test
  void savedAndLoadedHalfWayItIsDoneAtTheSameStep() {
    Stage stage = stage("up", NOTHING);
    World world = world(stage);
    use(world);
    Stage.steps(world, 7);
    World other = stage.world(1);
    other.load(world.save());
    Stage.steps(world, 20);
    Stage.steps(other, 20);
    assertThat(other.hash()).isEqualTo(world.hash());
    assertThat(dealt(other)).isEqualTo(1);
  }
}
