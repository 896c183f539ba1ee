package org.flintmoss.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.mission.MissionReader;
import org.junit.jupiter.api.Test;

/** What is measured is a mission of today's shape. */
class ScenariosTest {
  @Test
  void theFrayCanBePlayed() {
    assertThat(Fray.plan(10).mission().units()).hasSize(10);
  }

  @Test
  void theThrongIsAMission() {
    assertThat(MissionReader.read(Throng.file().document()).units()).hasSize(Throng.THINGS / 2);
  }
}
