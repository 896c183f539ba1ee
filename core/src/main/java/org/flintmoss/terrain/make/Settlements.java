package org.flintmoss.terrain.make;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.word.Position;

/** Finds where people would live: on dry, level ground, apart from one another. */
final class Settlements {
  /** How many places are tried for each that is wanted. */
  private static final int TRIES = 160;

  /** How far the ground is levelled around the middle of a settlement, metres. */
  static final double GREEN = 22;

  private static final List<String> NAMES =
      List.of(
          "Withy Green",
          "Reedholm",
          "Sallow End",
          "Flintcote",
          "Gull Steps",
          "Old Lamp",
          "Marrow Staithe",
          "Eel Pie Corner",
          "Tarn Row",
          "Fenwick’s Rest",
          "Cold Shingle",
          "Bellhouse");

  private final GroundSpec spec;
  private final Relief relief;

  Settlements(GroundSpec spec, Relief relief) {
    this.spec = spec;
    this.relief = relief;
  }

  /** A settlement: its name and its middle. */
  record Place(String name, Position at) {}

  List<Place> find() {
    Noise rolls = new Noise(spec.seed()).other(55);
    double apart = Math.min(spec.width(), spec.height()) / (2 + spec.settlements() * 0.5);
    List<Place> found = new ArrayList<>();
    int roll = 0;
    for (int i = 0; i < spec.settlements(); i++) {
      Position best = null;
      double most = 0;
      for (int t = 0; t < TRIES; t++) {
        double x = spec.width() * (0.08 + 0.84 * rolls.roll(roll++));
        double y = spec.height() * (0.08 + 0.84 * rolls.roll(roll++));
        double good = good(x, y, found, apart);
        if (good > most) {
          most = good;
          best = new Position(hundredths(x), hundredths(y));
        }
      }
      if (best != null) {
        int name = (int) (rolls.roll(9000) * NAMES.size()) + i;
        found.add(new Place(NAMES.get(name % NAMES.size()), best));
      }
    }
    return found;
  }

  /** How well one could live at a place; 0 for not at all. */
  private double good(double x, double y, List<Place> others, double apart) {
    double height = relief.at(x, y) - spec.sea();
    if (height < 1.5) {
      return 0;
    }
    for (Place other : others) {
      double dx = other.at().x() - x;
      double dy = other.at().y() - y;
      if (dx * dx + dy * dy < apart * apart) {
        return 0;
      }
    }
    double slope =
        Math.abs(relief.at(x + GREEN, y) - relief.at(x - GREEN, y))
            + Math.abs(relief.at(x, y + GREEN) - relief.at(x, y - GREEN));
    return 1 / (1 + slope * 0.4 + height * 0.01);
  }

  private static double hundredths(double value) {
    return Math.floor(value * 100 + 0.5) / 100;
  }
}
