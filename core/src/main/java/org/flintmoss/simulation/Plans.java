package org.flintmoss.simulation;

import org.flintmoss.mission.Mission;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.mission.word.Terms;
import org.flintmoss.simulation.plan.Plan;
import org.flintmoss.simulation.script.Measures;
import org.flintmoss.terrain.Assets;
import org.flintmoss.terrain.Ground;

/** Compiles documents into plans that can be run. */
public final class Plans {
  private Plans() {}

  /** Compiles a document for a difficulty, with a player at every start. */
  public static Plan compile(Mission mission, Assets assets, Difficulty difficulty) {
    return compile(mission, assets, mission.termsOfAll(difficulty));
  }

  /** Compiles a document for some terms. */
  public static Plan compile(Mission mission, Assets assets, Terms terms) {
    return compile(mission, Ground.of(mission.setting().terrain(), assets), terms);
  }

  /** Compiles a document whose ground is at hand. */
  public static Plan compile(Mission mission, Ground ground, Terms terms) {
    return Plan.compile(mission, ground, terms, Measures::of);
  }
}
