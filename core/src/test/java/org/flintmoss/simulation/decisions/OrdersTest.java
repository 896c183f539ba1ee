package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.far;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;

import java.util.List;
import java.util.stream.Stream;
import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Which order somebody goes by, and how firmly. */
class OrdersTest {
  private static final String SQUAD = "{'type':'squad'}";

  private static String one(String unit) {
    return "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':%s}}"
        .formatted(ref("units", unit));
  }

  private static String send(String who, double x, double y) {
    return "{'type':'send','who':%s,'place':%s}".formatted(who, Stage.point(x, y));
  }

  private static String order(String who, String order) {
    return "{'type':'order','who':%s,'order':%s}".formatted(who, order);
  }

  private static String hold(String who, String firmness) {
    return "{'type':'hold','who':%s,'firmness':'%s'}".formatted(who, firmness);
  }

  private static String guards(String post) {
    return "{'type':'guard','post':%s}".formatted(ref("posts", post));
  }

  /** Two wreckers of a squad. */
  private static Stage squad() {
    Stage stage =
        new Stage()
            .put("/starts/p/position", "{'x':10,'y':10}")
            .put("/stances", "{}")
            .squad("s", "a", "{'type':'stay'}");
    for (String id : List.of("a", "b")) {
      stage.unit(id, "wrecker", 64, id.equals("a") ? 64 : 67, SQUAD).joins(id, "s");
      stage.put("/units/" + id + "/side", ref("sides", "wreckers"));
    }
    return stage;
  }

  @Test
  void aSquadThatWasSentTakesItsNextOrder() {
    World world =
        squad()
            .post("post", 90, 64, 0)
            .event("one", elapsed(1), send(Stage.squadOf("s"), 64, 90))
            .event("two", elapsed(30), order(Stage.squadOf("s"), guards("post")))
            .after(590);
    assertThat(Stream.of("a", "b").map(it -> far(world, it, 64, 90))).allMatch(it -> it < 4);
    Stage.steps(world, 800);
    assertThat(Stream.of("a", "b").map(it -> far(world, it, 90, 64))).allMatch(it -> it < 6);
  }

  @Test
  void aSquadThatIsOrderedToStayStaysWhereItIs() {
    World world =
        squad()
            .event("one", elapsed(1), send(Stage.squadOf("s"), 64, 90))
            .event("two", elapsed(30), order(Stage.squadOf("s"), "{'type':'stay'}"))
            .after(1200);
    assertThat(Stream.of("a", "b").map(it -> far(world, it, 64, 90))).allMatch(it -> it < 4);
  }

  @ParameterizedTest
  @ValueSource(strings = {"send", "order"})
  void companionsWhoWereOrderedElsewhereFollowWhenTheyAreTold(String how) {
    Stage stage =
        new Stage()
            .put("/units/c", companion())
            .post("post", 100, 64, 0)
            .event(
                "away",
                elapsed(1),
                how.equals("send") ? send(one("c"), 100, 64) : order(one("c"), guards("post")));
    World world = stage.after(600);
    assertThat(far(world, "c", 100, 64)).isLessThan(2);
    world.step(List.of(new Command(0, new Input.Companions(Input.Tell.FOLLOW))));
    Stage.steps(world, 600);
    assertThat(far(world, "c", 64, 64)).isLessThan(6);
  }

  private static String companion() {
    Stage stage =
        new Stage()
            .unit(
                "c",
                "keeper",
                64,
                60,
                "{'type':'escort','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}");
    stage.put("/units/c/side", ref("sides", "keepers"));
    return stage.document().at("/units/c").toString().replace('"', '\'');
  }

  @Test
  void whoHoldsWhateverHappensIsNotToBeHad() {
    World world =
        new Stage()
            .put("/units/c", companion())
            .event("away", elapsed(1), send(one("c"), 100, 64), hold(one("c"), "whateverHappens"))
            .after(600);
    world.step(List.of(new Command(0, new Input.Companions(Input.Tell.FOLLOW))));
    Stage.steps(world, 400);
    assertThat(far(world, "c", 100, 64)).isLessThan(2);
  }

  /** A wrecker at 64, 84 who looks at a player 20 m south of him, and is told how to hold. */
  private static Stage watched(String firmness) {
    return new Stage()
        .unit("w", "wreckers", "wrecker", 64, 84)
        .put("/units/w/facing", "180")
        .event("hold", elapsed(0.05), hold(one("w"), firmness));
  }

  @Test
  void whoHoldsWhileNothingAlarmsThemGoesForWhomTheySee() {
    World world = watched("whileCalm").after(300);
    assertThat(far(world, "w", 64, 84)).isGreaterThan(10);
  }

  @ParameterizedTest
  @ValueSource(strings = {"unlessAttacked", "whateverHappens"})
  void whoHoldsStaysThoughTheySeeSomebody(String firmness) {
    World world = watched(firmness).after(600);
    assertThat(world.read().alertness(number(world, "w")).name()).isEqualTo("ALARMED");
    assertThat(far(world, "w", 64, 84)).isLessThan(0.5);
  }

  /** The same with a player beside him who strikes at once, and is then moved off. */
  private static World struck(String firmness) {
    World world =
        watched(firmness)
            .put("/starts/p/position", "{'x':64,'y':82.4}")
            .put("/starts/p/facing", "0")
            .put("/units/w/facing", "0")
            .event(
                "off",
                elapsed(3),
                "{'type':'moveTo','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'place':%s}"
                    .formatted(Stage.point(64, 64)))
            .after(2);
    world.step(List.of(new Command(0, new Input.Attack(2))));
    Stage.steps(world, 40);
    world.step(List.of(new Command(0, new Input.Attack(0))));
    Stage.steps(world, 260);
    return world;
  }

  @Test
  void whoHoldsUnlessAttackedGoesForThemOnceStruck() {
    assertThat(far(struck("unlessAttacked"), "w", 64, 84)).isGreaterThan(6);
  }

  @Test
  void whoHoldsWhateverHappensStrikesBackFromWhereTheyStand() {
    World world = struck("whateverHappens");
    assertThat(far(world, "w", 64, 84)).isLessThan(1);
    int wrecker = number(world, "w");
    assertThat(world.causes().from(0))
        .anyMatch(it -> it.kind() == Causes.Kind.STRUCK && it.subject() == wrecker);
  }

  @Test
  void aNewOrderIsHeldToWhileNothingAlarms() {
    World world =
        watched("whateverHappens")
            .event("again", elapsed(20), order(one("w"), "{'type':'stay'}"))
            .after(399);
    assertThat(far(world, "w", 64, 84)).isLessThan(0.5);
    Stage.steps(world, 300);
    assertThat(far(world, "w", 64, 84)).isGreaterThan(10);
  }

  @ParameterizedTest
  @ValueSource(strings = {"unit", "squad"})
  void whoIsDrawnToHoldDoesSoFromTheFirstStep(String whose) {
    Stage stage = squad();
    stage
        .put(
            "/stances/h",
            "{'one':%s,'other':%s,'attitude':'hostile'}"
                .formatted(ref("sides", "keepers"), ref("sides", "wreckers")))
        .put("/starts/p/position", "{'x':64,'y':48}")
        .put("/units/a/facing", "180")
        .put("/units/b/facing", "180");
    if (whose.equals("squad")) {
      stage.put("/squads/s/holds", "'unlessAttacked'");
    } else {
      stage.put("/units/a/holds", "'whateverHappens'").put("/units/b/holds", "'unlessAttacked'");
    }
    World world = stage.after(600);
    assertThat(world.read().alertness(number(world, "a")).name()).isEqualTo("ALARMED");
    assertThat(far(world, "a", 64, 64)).isLessThan(1);
    assertThat(far(world, "b", 64, 67)).isLessThan(3);
  }

  @Test
  void aSquadHoldsTogether() {
    World world =
        squad()
            .put(
                "/stances/h",
                "{'one':%s,'other':%s,'attitude':'hostile'}"
                    .formatted(ref("sides", "keepers"), ref("sides", "wreckers")))
            .put("/starts/p/position", "{'x':64,'y':48}")
            .put("/units/a/facing", "180")
            .put("/units/b/facing", "180")
            .event("hold", elapsed(0.05), hold(Stage.squadOf("s"), "unlessAttacked"))
            .after(600);
    assertThat(world.read().alertness(number(world, "a")).name()).isEqualTo("ALARMED");
    assertThat(far(world, "a", 64, 64)).isLessThan(1);
    assertThat(far(world, "b", 64, 67)).isLessThan(3);
  }

  @Test
  void whoIsMovedDropsTheWayTheyWereOnAndGoesOnWithTheirOrderFromThere() {
    World world =
        new Stage()
            .put("/stances", "{}")
            .unit("w", "wreckers", "wrecker", 20, 64)
            .event("go", elapsed(1), send(one("w"), 100, 64))
            .event(
                "move",
                elapsed(5),
                "{'type':'moveTo','who':%s,'place':%s}".formatted(one("w"), Stage.point(100, 100)))
            .after(101);
    assertThat(far(world, "w", 100, 100)).isLessThan(1);
    Stage.steps(world, 20);
    assertThat(world.read().x(number(world, "w"))).isBetween(99.0, 101.0);
    Stage.steps(world, 700);
    assertThat(far(world, "w", 100, 64)).isLessThan(2);
  }

  @Test
  void aPlayerWhoIsMovedStandsStill() {
    World world =
        new Stage()
            .event(
                "move",
                elapsed(3),
                "{'type':'moveTo','who':{'quantifier':{'type':'all'},'whom':{'type':'players'}},'place':%s}"
                    .formatted(Stage.point(100, 100)))
            .world(1);
    world.step(List.of(new Command(0, new Input.Go(20, 64))));
    Stage.steps(world, 200);
    assertThat(far(world, "p", 100, 100)).isLessThan(0.1);
  }
}
