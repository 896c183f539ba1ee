package org.flintmoss.navigation;

import org.flintmoss.Stage;
import org.flintmoss.mission.Mission;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Works;

/** Where a walker 0.6 m wide and 1.8 m tall gets on a stage. */
final class Walks {
  static final Mover WALKER = new Mover(0.5, 35, 0.3, 1.8);

  private Walks() {}

  static WalkMap map(Stage stage) {
    return map(stage, stage.ground(), 0);
  }

  static WalkMap map(Stage stage, Ground ground, double water) {
    Mission mission = stage.mission();
    return WalkMap.of(ground, Works.of(mission, ground), Decks.of(mission, ground), WALKER, water);
  }

  static Decks decks(Stage stage) {
    return Decks.of(stage.mission(), stage.ground());
  }
}
