package org.flintmoss.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import org.flintmoss.Seeds;
import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.script.text.ScriptText;
import org.flintmoss.simulation.state.Causes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The script of a run against an oracle that looks at everything all the time. */
class OracleTest {
  private static final int STEPS = 240;

  static LongStream seeds() {
    return Seeds.of(60, 200);
  }

  private static List<String> ids(World world, int step, Causes.Kind kind) {
    return world.causes().from(0).stream()
        .filter(it -> it.step() == step && it.kind() == kind)
        .map(it -> world.plan().script().programs().get(it.subject()).id())
        .toList();
  }

  private static List<Object> kept(World world) {
    List<Object> kept = new ArrayList<>();
    Mission mission = world.plan().mission();
    for (int i = 0; i < mission.flags().size(); i++) {
      kept.add(world.script().flag(i));
    }
    for (int i = 0; i < mission.counters().size(); i++) {
      kept.add(world.script().counter(i));
    }
    for (int i = 0; i < mission.objectives().size(); i++) {
      kept.add(world.script().objective(i));
    }
    return kept;
  }

  private static List<Object> kept(Mission mission, NaiveScript oracle) {
    List<Object> kept = new ArrayList<>();
    mission.flags().keySet().forEach(it -> kept.add(oracle.flags().get(it)));
    mission.counters().keySet().forEach(it -> kept.add(oracle.counters().get(it)));
    mission.objectives().keySet().forEach(it -> kept.add(oracle.objectives().get(it)));
    return kept;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatFiresIsWhatTheDesignSays(long seed) {
    Stage stage = new RandomMissions(seed).stage();
    Mission mission = stage.mission();
    World world = stage.world(seed);
    NaiveWorld seen = new NaiveWorld(mission, world);
    NaiveScript oracle = new NaiveScript(mission, seen, seed);
    world.watch(
        phase -> {
          if (phase == PhaseWatch.Phase.TIME) {
            oracle.time(world.read().step());
          } else if (phase == PhaseWatch.Phase.MEMBERSHIP) {
            seen.look();
            oracle.settle();
          }
        });
    String text = ScriptText.print(mission);
    for (int step = 1; step <= STEPS && !world.over(); step++) {
      Stage.steps(world, 1);
      String of = "step " + step + " of\n" + text;
      assertThat(!world.chasing().isEmpty()).as(of).isEqualTo(oracle.stopped());
      if (oracle.stopped()) {
        return;
      }
      assertThat(ids(world, step, Causes.Kind.FIRED)).as(of).isEqualTo(oracle.firings());
      assertThat(ids(world, step, Causes.Kind.DROPPED)).as(of).isEqualTo(oracle.drops());
      assertThat(kept(world)).as(of).isEqualTo(kept(mission, oracle));
    }
  }

  @Test
  void theScriptsDoEnoughToTellThemApart() {
    long fired =
        LongStream.range(0, 100)
            .map(
                seed -> {
                  World world = new RandomMissions(seed).stage().world(seed);
                  Stage.steps(world, STEPS);
                  return world.causes().from(0).stream()
                      .filter(it -> it.kind() == Causes.Kind.FIRED)
                      .count();
                })
            .sum();
    assertThat(fired).isGreaterThan(100 * 4);
  }
}
