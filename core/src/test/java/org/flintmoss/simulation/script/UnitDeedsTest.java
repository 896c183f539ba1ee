package org.flintmoss.simulation.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.point;
import static org.flintmoss.Stage.ref;
import static org.flintmoss.Stage.value;

import org.flintmoss.Stage;
import org.flintmoss.simulation.World;
import org.junit.jupiter.api.Test;

/** What the script does out of the ordinary, and luck. */
class UnitDeedsTest {
  private static final String W =
      "{'quantifier':{'type':'all'},'whom':{'type':'unit','unit':" + ref("units", "w") + "}}";

  private static Stage stage() {
    return new Stage().put("/starts/p/position", "{'x':10,'y':10}");
  }

  private static String spare(String how) {
    return "{'type':'spare','who':%s,'spared':'%s'}".formatted(W, how);
  }

  private static String blast(double amount) {
    return "{'type':'blast','place':%s,'amount':%s,'radius':8}"
        .formatted(point(64, 64), value(amount));
  }

  @Test
  void whoIsSafeFromDeathIsHurtToTheLastPointAndNoFurther() {
    Stage stage =
        stage()
            .unit("w", "wreckers", "wrecker", 64, 64)
            .event("a", Stage.elapsed(1), spare("noDeath"), blast(9999), "2|" + spare("no"));
    stage.event("b", Stage.elapsed(4), blast(9999));
    World world = stage.after(30);
    assertThat(world.read().health(number(world, "w"))).isEqualTo(1);
    Stage.steps(world, 60);
    assertThat(world.read().dead(number(world, "w"))).isTrue();
  }

  @Test
  void whoIsTurnedTowardAPlaceKeepsFacingItButNotOneThatTheyStandOn() {
    String turn = "{'type':'turnToward','who':%s,'place':%s}";
    Stage stage =
        stage()
            .unit("w", "wreckers", "wrecker", 64, 64)
            .event("a", Stage.elapsed(1), turn.formatted(W, point(64, 20)))
            .event("b", Stage.elapsed(2), turn.formatted(W, point(64, 64)));
    World world = stage.after(19);
    double before = world.read().facing(number(world, "w"));
    assertThat(before).isNotEqualTo(180);
    Stage.steps(world, 1);
    assertThat(world.read().facing(number(world, "w"))).isEqualTo(180);
    Stage.steps(world, 200);
    assertThat(world.read().facing(number(world, "w"))).isEqualTo(180);
  }

  @Test
  void nobodyGoesForWhoIsNoTarget() {
    Stage stage = new Stage().unit("w", "wreckers", "wrecker", 64, 80);
    stage.put("/units/w/facing", "180");
    String player =
        "{'quantifier':{'type':'all'},'whom':{'type':'start','start':" + ref("starts", "p") + "}}";
    World seen = stage.after(200);
    assertThat(seen.read().target(number(seen, "w"))).isEqualTo(number(seen, "p"));
    stage.event("e", Stage.elapsed(0), "{'type':'spare','who':" + player + ",'spared':'noTarget'}");
    World spared = stage.after(200);
    assertThat(spared.read().target(number(spared, "w"))).isEqualTo(-1);
  }

  @Test
  void aWallShieldsFromABlast() {
    Stage stage =
        stage()
            .unit("w", "wreckers", "wrecker", 64, 68)
            .wall("wall", 60, 66, 68, 66)
            .event("e", Stage.elapsed(1), blast(40));
    World world = stage.after(40);
    assertThat(world.read().health(number(world, "w")))
        .isEqualTo(world.plan().kind(number(world, "w")).health());
  }

  /** An event that fires each second while a flag that is turned over each half second is on. */
  private static int fired(double percent, long seed) {
    Stage stage =
        stage()
            .flag("f")
            .event(
                "turns",
                0,
                "{'type':'every','seconds':0.5}",
                Stage.elapsed(0),
                "{'type':'turnOver','flag':" + ref("flags", "f") + "}")
            .event(
                "luck",
                0,
                "{'type':'whenFalse'}",
                Stage.all(Stage.flagOn("f"), "{'type':'chance','percent':%s}".formatted(percent)));
    World world = stage.world(seed);
    Stage.steps(world, 20 * 400);
    return Stage.fired(world, "luck").size();
  }

  @Test
  void luckIsRolledOnceEachTimeAllElseBecomesTrue() {
    assertThat(fired(100, 1)).as("once a second").isBetween(399, 401);
    assertThat(fired(0, 1)).isZero();
    assertThat(fired(30, 1)).isBetween(90, 150);
    assertThat(fired(30, 2)).isBetween(90, 150);
  }

  @Test
  void anEventThatIsAsleepListensOnceItIsWokenAndOneThatIsOffNeverDoes() {
    String wake = "{'type':'wakeEvent','event':" + ref("events", "z") + "}";
    Stage stage =
        stage()
            .event("a", Stage.elapsed(3), wake)
            .event("z", Stage.elapsed(1))
            .put("/events/z/listens", "'onceWoken'");
    World world = stage.after(100);
    assertThat(Stage.fired(world, "z")).containsExactly(60);
    World off = stage.put("/events/z/listens", "'never'").after(100);
    assertThat(Stage.fired(off, "z")).isEmpty();
  }
}
