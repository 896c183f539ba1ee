package org.flintmoss.navigation;

import org.flintmoss.Stage;
import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;

/** Where a walker 0.6 m wide and 1.8 m tall gets on a stage. */
public final class Walks {
  public static final Mover WALKER = walker(35);

  public static Mover walker(double slope) {
    return new Mover(new Moves.Walker(0.5, true, slope, 0, 0, 0, 0), 0.3, 1.8, false);
  }

  private Walks() {}

  /** A walker who leaps 2.5 m, climbs 1.4 m, drops 2.5 m and crawls under 0.8 m. */
  public static final Mover NIMBLE =
      new Mover(new Moves.Walker(0.5, true, 35, 2.5, 1.4, 2.5, 0.8), 0.3, 1.8, false);

  public static NavigationMap map(Stage stage, Mover mover) {
    return map(stage, stage.ground(), 0, mover);
  }

  public static NavigationMap map(Stage stage, Ground ground, double water, Mover mover) {
    return NavigationMap.of(Land.of(stage.mission(), ground), mover, water);
  }

  public static NavigationMap map(Stage stage) {
    return map(stage, stage.ground(), 0);
  }

  public static NavigationMap map(Stage stage, Ground ground, double water) {
    return map(stage, ground, water, WALKER);
  }

  static Decks decks(Stage stage) {
    return Decks.of(stage.mission(), stage.ground());
  }
}
