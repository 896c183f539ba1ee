package org.flintmoss.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.flintmoss.format.MissionFile;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Canonical;
import org.junit.jupiter.api.Test;

class ThrongTest {
  @Test
  void thereAreAsManyThingsAsItSaysAndTheSameEveryTime() {
    MissionFile file = Throng.file();
    Mission mission = file.mission();
    int things =
        mission.units().size()
            + mission.props().size()
            + mission.posts().size()
            + mission.zones().size();
    assertThat(things).isEqualTo(Throng.THINGS);
    assertThat(mission.setting().terrain().columns()).isEqualTo(Throng.CELLS);
    assertThat(Canonical.text(Throng.file().document())).isEqualTo(Canonical.text(file.document()));
  }
}
