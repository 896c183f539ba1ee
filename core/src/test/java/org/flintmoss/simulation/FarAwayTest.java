package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.flintmoss.Stage.elapsed;
import static org.flintmoss.Stage.number;
import static org.flintmoss.Stage.ref;

import java.util.List;
import org.flintmoss.Stage;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A unit that is added far away changes nothing for anybody else, however its id sorts. */
class FarAwayTest {
  private static final List<String> OTHERS =
      List.of("b1", "b2", "b3", "d1", "d2", "f", "h1", "h2", "h3", "h4", "late1", "late2", "p");

  /** A fight, a squad on its way through a door, friends who are down, and some who come later. */
  private static Stage busy() {
    Stage stage =
        new Stage()
            .put("/kinds/wrecker/bleeds", "60")
            .put("/starts/p/position", "{'x':30,'y':30}")
            .route("r", "once", "90 100 'walk' 'goesOn'", "90 110 'walk' 'goesOn'")
            .wall("south", 70, 60, 70, 99)
            .wall("north", 70, 101, 70, 124)
            .without("/stances/hounds-townsfolk")
            .squad("s", "b1", "{'type':'along','route':" + ref("routes", "r") + "}")
            .squad("q", "d1", "{'type':'stay'}")
            .squad("l", "late1", "{'type':'stay'}")
            .zone("z", 30, 80, 8);
    for (int i = 1; i <= 3; i++) {
      stage.unit("b" + i, "wrecker", 50, 96 + 2 * i, "{'type':'squad'}").joins("b" + i, "s");
      stage.put("/units/b" + i + "/side", ref("sides", "townsfolk"));
    }
    for (int i = 1; i <= 2; i++) {
      stage.unit("d" + i, "wrecker", 30 + i, 46, "{'type':'squad'}").joins("d" + i, "q");
      stage
          .unit("late" + i, "wrecker", 20, 100, "{'type':'squad'}")
          .joins("late" + i, "l")
          .put("/units/late" + i + "/inPlay", "false");
    }
    for (int i = 1; i <= 4; i++) {
      stage.unit("h" + i, "hounds", "hound", 40 + 2 * i, 34);
    }
    return stage
        .unit("f", "keepers", "coastguard", 32, 32)
        .event(
            "in",
            elapsed(3),
            "{'type':'bringInAt','who':%s,'place':{'type':'zone','zone':%s}}"
                .formatted(Stage.squadOf("l"), ref("zones", "z")));
  }

  @ParameterizedTest
  @CsvSource({"a0", "c0", "g0", "zz"})
  void itChangesNothing(String id) {
    World plain = busy().world(3);
    World more = busy().unit(id, "townsfolk", "townsman", 124, 4).world(3);
    for (int step = 0; step < 900; step++) {
      Stage.steps(plain, 1);
      Stage.steps(more, 1);
      for (String other : OTHERS) {
        assertThat(standing(more, other))
            .as("%s at %d", other, step)
            .isEqualTo(standing(plain, other));
      }
    }
    assertThat(plain.context.body.x(number(plain, "b2"))).as("through the door").isGreaterThan(72);
    assertThat(plain.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.HIT);
    assertThat(plain.causes().from(0)).anyMatch(it -> it.kind() == Causes.Kind.CAME);
  }

  private static List<Double> standing(World world, String id) {
    int unit = number(world, id);
    Context context = world.context;
    return List.of(
        context.body.x(unit),
        context.body.y(unit),
        context.body.facing(unit),
        context.vitals.health(unit),
        context.knowledge.notice(unit),
        (double) context.knowledge.alertness(unit),
        context.vitals.inPlay(unit) ? 1.0 : 0.0,
        (double) context.decisions.task(unit));
  }
}
