package org.flintmoss.mission.word;

import java.util.Map;

/**
 * On which terms a mission is played.
 *
 * @param difficulty how hard
 * @param players by how many, from 1
 */
public record Terms(Difficulty difficulty, int players) {
  /** How many can play a mission together. */
  public static final int MOST_PLAYERS = 8;

  /** How many players there are beside the first. */
  public int further() {
    return Math.max(0, players - 1);
  }

  /** A number that may be another one at some levels, by their names in lower case. */
  double of(double value, Map<String, Double> levels, double perPlayer) {
    String level = difficulty.name().toLowerCase(java.util.Locale.ROOT);
    return levels.getOrDefault(level, value) + perPlayer * further();
  }
}
