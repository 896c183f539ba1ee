package org.flintmoss.simulation.decisions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.far;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

class RetreatsTest {
  private static final String BACK =
      "{'type':'fallBack','purpose':%s,'strength':70}".formatted(Stage.ref("purposes", "stand"));

  private static void post(Stage stage, String id, double x, double y, String open) {
    stage
        .post(id, x, y, 180)
        .put("/posts/" + id + "/open", open)
        .put(
            "/posts/" + id + "/purposes/a",
            "{'order':'a0','purpose':%s}".formatted(Stage.ref("purposes", "stand")));
  }

  private static Stage squad() {
    Stage stage = new Stage().put("/purposes/stand", "{'name':'last stand'}");
    post(stage, "near", 30, 60, "{'type':'all'}");
    post(stage, "far", 40, 60, "{'type':'all'}");
    post(
        stage,
        "theirs",
        30,
        40,
        "{'type':'side','side':%s}".formatted(Stage.ref("sides", "wreckers")));
    return stage
        .put("/starts/p/position", "{'x':120,'y':120}")
        .unit("a", "keepers", "keeper", 30, 30)
        .unit("b", "keepers", "keeper", 32, 30)
        .unit("c", "keepers", "keeper", 34, 30)
        .joins("a", "s")
        .joins("b", "s")
        .joins("c", "s")
        .squad("s", "a", BACK);
  }

  private static String harm(double amount) {
    return "0|{'type':'harm','who':{'quantifier':{'type':'any'},'whom':{'type':'unit','unit':%s}},'amount':{'type':'number','value':%s}}"
        .formatted(Stage.ref("units", "c"), amount);
  }

  @Test
  void aSquadStaysWhileItIsStrongEnough() {
    World world = squad().event("e", Stage.elapsed(1), harm(60)).after(400);
    assertThat(far(world, "a", 30, 30)).isLessThan(1);
  }

  @Test
  void belowItsStrengthEachRunsToAFreePostThatIsOpenToThem() {
    World world =
        squad().event("e", Stage.elapsed(1), harm(99.5)).put("/kinds/keeper/bleeds", "0").after(30);
    double before = world.read().health(Stage.number(world, "c"));
    assertThat(before).isLessThan(1);
    Stage.steps(world, 500);
    assertThat(far(world, "a", 30, 60)).isLessThan(2);
    assertThat(far(world, "b", 40, 60)).isLessThan(2);
    assertThat(far(world, "c", 34, 30)).as("no third post is free").isLessThan(2);
  }

  /** The squad of three, and another of two whose strength is reckoned with it, or not. */
  private static Stage twoSquads(boolean band) {
    Stage stage =
        squad()
            .put("/kinds/keeper/bleeds", "0")
            .unit("d", "keepers", "keeper", 60, 30)
            .unit("e", "keepers", "keeper", 62, 30)
            .joins("d", "t")
            .joins("e", "t")
            .squad("t", "d", "{'type':'stay'}");
    return band ? stage.band("all", "s", "t") : stage;
  }

  @Test
  void theStrengthOfSquadsOfABandIsReckonedTogether() {
    // One of three down is 67 % of a squad, but 80 % of the five of the band.
    String harm = harm(99.5);
    World alone = twoSquads(false).event("hit", Stage.elapsed(1), harm).after(500);
    World band = twoSquads(true).event("hit", Stage.elapsed(1), harm).after(500);
    assertThat(far(alone, "a", 30, 60)).isLessThan(2);
    assertThat(far(band, "a", 30, 30)).isLessThan(1);
  }

  @Test
  void lossesOfOneSquadOfABandSendTheOtherBack() {
    String all = harm(99.5).replace(Stage.ref("units", "c"), Stage.ref("units", "%s"));
    World world =
        twoSquads(true)
            .event(
                "hit",
                Stage.elapsed(1),
                all.formatted("d"),
                all.formatted("e").replace("0|", "0.05|"))
            .after(530);
    assertThat(far(world, "a", 30, 60)).as("three of five stand: 60 %").isLessThan(2);
  }

  @Test
  void anAttackerGoesForTheNearestWhereverTheyAre() {
    World world =
        new Stage()
            .put("/starts/p/position", "{'x':100,'y':100}")
            .unit(
                "a",
                "wrecker",
                20,
                20,
                "{'type':'attack','who':{'quantifier':{'type':'any'},'whom':{'type':'players'}}}")
            .put("/units/a/side", Stage.ref("sides", "wreckers"))
            .after(900);
    assertThat(world.causes().from(0))
        .anyMatch(
            it -> it.kind() == Causes.Kind.STRUCK && it.subject() == Stage.number(world, "a"));
  }
}
