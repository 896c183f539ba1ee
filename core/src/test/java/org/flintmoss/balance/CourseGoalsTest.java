package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.ref;

import org.flintmoss.Stage;
import org.flintmoss.mission.sentence.ZoneDeed;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;

/** Understudies learn courses and pads from what the mission says, and from nothing else. */
class CourseGoalsTest {
  private static final String PLAYERS = "{'quantifier':{'type':'any'},'whom':{'type':'players'}}";

  /** A course of three zones whose finish wins. */
  private static Stage race() {
    String passages =
        "{'p0':{'order':'a0','zone':%s},'p1':{'order':'a1','zone':%s},'p2':{'order':'a2','zone':%s}}"
            .formatted(ref("zones", "a"), ref("zones", "b"), ref("zones", "c"));
    return new Stage()
        .zone("a", 70, 64, 2)
        .zone("b", 70, 80, 2)
        .zone("c", 50, 80, 2)
        .put(
            "/courses/k",
            "{'name':'Race','passages':%s,'circuit':false,'laps':1,'shown':true}"
                .formatted(passages))
        .put("/endings/e", "{'name':'Home','order':'a1','outcome':'won','debriefing':'','delay':0}")
        .event(
            "home",
            "{'type':'finished','who':%s,'course':%s}".formatted(PLAYERS, ref("courses", "k")),
            "{'type':'end','ending':%s}".formatted(ref("endings", "e")));
  }

  private static World played(Stage stage, int steps) {
    World world = stage.world(1);
    Stagehand hand = new Stagehand(Nerve.BOLD);
    for (int step = 0; step < steps && !world.over(); step++) {
      world.step(hand.act(world));
    }
    return world;
  }

  @Test
  void aCourseIsRunZoneByZone() {
    World world = played(race(), 1200);
    assertThat(world.over()).isTrue();
    assertThat(world.ending().name()).isEqualTo("Home");
  }

  @Test
  void whereTheNextZoneCannotBeWalkedToAPadIsTried() {
    Stage walled =
        race()
            .wall("w", 30, 74, 90, 74, 90, 100, 30, 100, 30, 74)
            .put("/walls/w/height", "3")
            .zone("pad", 60, 50, 2)
            .does(
                "pad",
                "x",
                "{'type':'transfers','to':%s,'facing':'kept','pace':'stand','ways':'one','rest':0}"
                    .formatted(Stage.point(60, 90)));
    World world = played(walled, 2000);
    assertThat(world.over()).isTrue();
    assertThat(world.causes().from(0))
        .anyMatch(
            it ->
                it.kind() == Causes.Kind.ZONE_ACTS
                    && world.plan().script().workings().get(it.through()).of().work().deed()
                        == ZoneDeed.TRANSFERRED);
  }
}
