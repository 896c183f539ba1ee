package org.flintmoss.terrain.make;

/**
 * Seeded noise over the plane. Gradient noise after Ken Perlin, "Improving Noise" (2002), with
 * gradients from a hash of the corner in place of a table; octaves as in F. Kenton Musgrave's
 * fractal terrains (in Ebert et al., "Texturing and Modeling").
 */
final class Noise {
  /** How many octaves are added up at most. */
  static final int OCTAVES = 6;

  private final long seed;

  /** The seeds of the octaves. */
  private final long[] octaves = new long[OCTAVES];

  Noise(long seed) {
    this.seed = seed;
    for (int octave = 0; octave < OCTAVES; octave++) {
      octaves[octave] = seed(seed, octave);
    }
  }

  private static long seed(long seed, int which) {
    return mixed(seed + which * 0x9E3779B97F4A7C15L);
  }

  /** A different noise of the same seed. */
  Noise other(int which) {
    return new Noise(seed(seed, which));
  }

  /**
   * Noise from about -1 to 1.
   *
   * @param size of its features, metres
   */
  double at(double x, double y, double size) {
    return at(seed, x, y, size);
  }

  private static double at(long seed, double x, double y, double size) {
    // Turned, so that nothing lies along the edges of the sheet.
    double gx = (0.8 * x + 0.6 * y) / size;
    double gy = (0.8 * y - 0.6 * x) / size;
    long column = (long) Math.floor(gx);
    long row = (long) Math.floor(gy);
    double fx = gx - column;
    double fy = gy - row;
    double u = faded(fx);
    double v = faded(fy);
    double south =
        gradient(seed, column, row, fx, fy) * (1 - u)
            + gradient(seed, column + 1, row, fx - 1, fy) * u;
    double north =
        gradient(seed, column, row + 1, fx, fy - 1) * (1 - u)
            + gradient(seed, column + 1, row + 1, fx - 1, fy - 1) * u;
    return (south * (1 - v) + north * v) * 1.5;
  }

  /**
   * Octaves of noise, each half as large and half as high as the one before it; about -1 to 1.
   *
   * @param finest the size of features below which there are none, metres
   */
  double hills(double x, double y, double size, double finest) {
    double sum = 0;
    double height = 0.5;
    double of = size;
    for (int octave = 0; octave < OCTAVES && of >= finest; octave++) {
      sum += at(octaves[octave], x, y, of) * height;
      height *= 0.5;
      of *= 0.5;
    }
    return sum;
  }

  /** The same with sharp crests where the noise crosses zero; 0 to about 1. */
  double ridges(double x, double y, double size, double finest) {
    double sum = 0;
    double height = 0.55;
    double of = size;
    for (int octave = 0; octave < OCTAVES && of >= finest; octave++) {
      double crest = 1 - Math.min(1, Math.abs(at(octaves[octave], x, y, of)) * 1.6);
      sum += crest * crest * height;
      height *= 0.5;
      of *= 0.5;
    }
    return sum;
  }

  /** How near the noise is to zero, from 0 to 1: 1 along lines that wind and join. */
  double veins(double x, double y, double size, double width) {
    return Math.max(0, 1 - Math.abs(at(x, y, size)) / width);
  }

  /** A number from 0 up to 1 that depends on the seed and a number alone. */
  double roll(int which) {
    return (mixed(seed ^ mixed(which + 0x51ED270B7L)) >>> 11) * 0x1.0p-53;
  }

  private static double gradient(long seed, long column, long row, double dx, double dy) {
    long hash = mixed(seed + column * 0xD1B54A32D192ED03L + row * 0xABC98388FB8FAC03L);
    int turn = (int) (hash >>> 60);
    // Sixteen directions, in pairs that are alike but for their sign.
    double a = DIRECTIONS[turn & 7][0];
    double b = DIRECTIONS[turn & 7][1];
    return (turn & 8) == 0 ? a * dx + b * dy : -a * dx - b * dy;
  }

  private static final double[][] DIRECTIONS = {
    {1, 0}, {0.9239, 0.3827}, {0.7071, 0.7071}, {0.3827, 0.9239},
    {0, 1}, {-0.3827, 0.9239}, {-0.7071, 0.7071}, {-0.9239, 0.3827},
  };

  private static double faded(double share) {
    return share * share * share * (share * (share * 6 - 15) + 10);
  }

  /** The finisher of SplitMix64 (Steele, Lea, Flood, 2014). */
  private static long mixed(long bits) {
    long z = (bits ^ (bits >>> 30)) * 0xBF58476D1CE4E5B9L;
    z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
    return z ^ (z >>> 31);
  }
}
