package org.flintmoss.server.missions;

import org.flintmoss.format.Samples;
import org.flintmoss.server.store.Settings;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * Puts the demo missions on a shelf that has never held anything, where this is asked for, before
 * the first request is let in.
 */
@Component
class DemoShelf implements SmartInitializingSingleton {
  private final MissionService missions;
  private final Settings settings;

  DemoShelf(MissionService missions, Settings settings) {
    this.missions = missions;
    this.settings = settings;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (settings.demo() && missions.empty()) {
      Samples.DEMOS.forEach(name -> missions.add(Samples.demo(name)));
    }
  }
}
