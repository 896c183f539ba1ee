package org.flintmoss.server.trials;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import java.util.concurrent.TimeUnit;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.server.missions.MissionService;
import org.flintmoss.server.web.Outbox;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.trial.Trial;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class TrialServiceTest {
  private static final long AMPLE = TimeUnit.SECONDS.toNanos(10);

  private final TrialService trials = new TrialService(mock(MissionService.class));
  private final MissionFile file = Samples.demo("first-light");
  private final Trial trial =
      spy(
          new Trial(
              Plans.compile(file.mission(), file, Difficulty.CALM),
              file.hash(),
              Difficulty.CALM,
              7));
  private final LiveTrial live = new LiveTrial("t", file, 3, trial, Party.ALONE);
  private final Outbox first = mock(Outbox.class);
  private final Outbox second = mock(Outbox.class);

  @AfterEach
  void stop() {
    trials.stop();
  }

  @Test
  void aTrialThatBreaksOffClosesItsConnectionsWithWordsAndIsGone() {
    doThrow(new IllegalStateException("a fault")).when(trial).step();
    live.connect(first, null);
    live.connect(second, null);
    trials.keepTime(live);
    verify(first, timeout(20_000)).close(TrialSocket.BROKEN);
    verify(second, timeout(20_000)).close(TrialSocket.BROKEN);
    assertThat(trials.underWay()).isZero();
  }

  @Test
  void whoLeavesLastEndsItAndWhoComesAfterwardsIsTold() {
    Connection one = live.connect(first, null);
    Connection other = live.connect(second, null);
    live.tick(AMPLE);
    trials.keepTime(live);
    trials.leave("t", one.number());
    assertThat(trials.underWay()).isEqualTo(1);
    assertThat(trials.leave("t", other.number())).isPresent();
    assertThat(trials.underWay()).isZero();
    assertThat(trials.leave("t", other.number())).isEmpty();
    Outbox late = mock(Outbox.class);
    live.connect(late, null);
    live.tick(AMPLE);
    verify(late).close(TrialSocket.GONE);
    int step = trial.world().read().step();
    live.tick(AMPLE);
    assertThat(trial.world().read().step()).isEqualTo(step);
  }

  @Test
  void theSecondLooksOnUntilItTakesTheSeatOpenly() {
    Connection one = live.connect(first, null);
    Connection other = live.connect(second, null);
    live.tick(AMPLE);
    verify(first, atLeastOnce()).text(contains("\"own\":0,\"host\":true"));
    verify(second, atLeastOnce()).text(contains("\"own\":-1,\"host\":false"));
    live.pause(other, true);
    live.input(other, new Input.Steer(1, 0));
    live.tick(AMPLE);
    assertThat(trial.world().read().step()).as("an onlooker cannot pause it").isEqualTo(2);
    assertThat(trial.recording().inputs()).as("nor play").hasSize(1);
    live.takeSeat(other, 0);
    live.tick(AMPLE);
    verify(first, atLeastOnce()).text(contains("\"own\":-1,\"host\":false"));
    verify(second, atLeastOnce()).text(contains("\"own\":0,\"host\":true"));
    live.input(one, new Input.Steer(1, 0));
    live.input(other, new Input.Steer(0, 1));
    live.tick(AMPLE);
    assertThat(trial.recording().inputs().getLast().input()).isEqualTo(new Input.Steer(0, 1));
  }

  @Test
  void playWaitsWhileTheSeatIsEmptyAndWhoComesThenHasIt() {
    Connection one = live.connect(first, null);
    live.connect(second, null);
    live.tick(AMPLE);
    live.disconnect(one);
    live.tick(AMPLE);
    verify(second, atLeastOnce()).text(contains("\"by\":\"nobody\""));
    int step = trial.world().read().step();
    live.tick(AMPLE);
    assertThat(trial.world().read().step()).isEqualTo(step);
    live.connect(first, null);
    live.tick(AMPLE);
    assertThat(trial.world().read().step()).isEqualTo(step + 1);
  }

  @Test
  void stepsThatAreAskedForAreTakenTickByTickAndForgottenByWhoeverLeaves() {
    Connection one = live.connect(first, null);
    live.tick(AMPLE);
    live.pause(one, true);
    for (int i = 0; i < 200; i++) {
      live.step(one, Wishes.STEPS);
    }
    live.tick(1);
    int step = trial.world().read().step();
    assertThat(step).as("one step at least, and no more than there is time for").isEqualTo(2);
    live.disconnect(one);
    live.tick(AMPLE);
    live.connect(second, null);
    live.tick(AMPLE);
    assertThat(trial.world().read().step()).as("still paused").isEqualTo(step);
  }

  @Test
  void stepsThatAreAskedForOverAndOverAreAMinutesAtMost() {
    Connection one = live.connect(first, null);
    live.tick(AMPLE);
    live.pause(one, true);
    live.tick(AMPLE);
    int before = trial.world().read().step();
    for (int i = 0; i < 200; i++) {
      live.step(one, Integer.MAX_VALUE);
      live.step(one, -5);
    }
    for (int i = 0; i < 50; i++) {
      live.tick(AMPLE);
    }
    assertThat(trial.world().read().step() - before).isEqualTo(Wishes.STEPS);
    verify(first, never()).close(org.mockito.ArgumentMatchers.any());
    verify(first, org.mockito.Mockito.atLeastOnce()).text(anyString());
  }
}
