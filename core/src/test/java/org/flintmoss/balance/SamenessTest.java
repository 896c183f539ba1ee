package org.flintmoss.balance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import org.junit.jupiter.api.Test;

/**
 * The same seed is the same story, to the last bit: by itself, beside others, and in a virtual
 * machine that compiles nothing. The hashes kept here change only when the rules or the missions
 * are meant to.
 */
class SamenessTest {
  private static final String FIRST_LIGHT = "59d77c1678bbe9b6";
  private static final String STACKS = "1d706f454e641ccd";
  private static final String RACE = "2eb64a14b92cb7eb";
  private static final String HARROW = "987929d4fefffb43";

  @Test
  void theDemosEndAsTheyAlwaysHave() {
    assertThat(Rerun.hash("first-light", Difficulty.BREEZY, "bold", 7)).isEqualTo(FIRST_LIGHT);
    assertThat(Rerun.hash("relight-the-harrow", Difficulty.CALM, "bold", 1)).isEqualTo(HARROW);
    assertThat(Rerun.hash("gannet-stacks", Difficulty.BREEZY, "bold", 3)).isEqualTo(STACKS);
    assertThat(Rerun.hash("the-pilots-race", Difficulty.BREEZY, "bold", 4)).isEqualTo(RACE);
  }

  @Test
  void besideManyOthersARunIsTheSame() {
    List<String> beside =
        IntStream.range(0, 8)
            .parallel()
            .mapToObj(_ -> Rerun.hash("first-light", Difficulty.BREEZY, "bold", 7))
            .toList();
    assertThat(beside).isEqualTo(Collections.nCopies(8, FIRST_LIGHT));
  }

  @Test
  void otherSeedsAreOtherStories() {
    assertThat(
            LongStream.range(1, 6)
                .mapToObj(seed -> Rerun.hash("first-light", Difficulty.BREEZY, "bold", seed)))
        .doesNotHaveDuplicates();
  }

  @Test
  void aChangedSeedOrDifficultyIsNoticedBeforeTheFirstStep() {
    MissionFile file = Samples.demo("first-light");
    Plan breezy = Plans.compile(file.mission(), file, Difficulty.BREEZY);
    Plan storm = Plans.compile(file.mission(), file, Difficulty.STORM);
    assertThat(new World(breezy, 1).hash()).isEqualTo(new World(breezy, 1).hash());
    assertThat(new World(breezy, 1).hash()).isNotEqualTo(new World(breezy, 2).hash());
    assertThat(new World(breezy, 1).hash()).isNotEqualTo(new World(storm, 1).hash());
  }

  @Test
  void whereNothingIsCompiledARunIsTheSame() throws IOException, InterruptedException {
    String classes =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    Process interpreted =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xint",
                "-cp",
                classes,
                Rerun.class.getName(),
                "7")
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    String printed =
        new String(interpreted.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(interpreted.waitFor()).isZero();
    assertThat(printed.strip()).endsWith(FIRST_LIGHT);
  }
}
