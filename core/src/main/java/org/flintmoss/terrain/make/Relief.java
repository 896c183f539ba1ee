package org.flintmoss.terrain.make;

/** The height of land as it was before anybody built on it, as a function of the place. */
final class Relief {
  /** Ground is held within this of the zero of heights: tiles keep whole centimetres in 16 bits. */
  private static final double MOST = 320;

  private final GroundSpec spec;
  private final Noise noise;
  private final Noise bends;
  private final Noise shoreline;
  private final Noise cliffs;
  private final Noise stacks;
  private final Noise channels;
  private final Noise creeks;
  private final Noise mounds;
  private final Noise windsEast;
  private final Noise windsNorth;

  /** The longer side of the ground, metres. */
  private final double extent;

  /** How high land of this extent usually rises, metres. */
  private final double high;

  Relief(GroundSpec spec) {
    this.spec = spec;
    noise = new Noise(spec.seed());
    bends = noise.other(101);
    shoreline = noise.other(7);
    cliffs = noise.other(9);
    stacks = noise.other(21);
    channels = noise.other(31);
    creeks = noise.other(32);
    mounds = noise.other(33);
    windsEast = noise.other(35);
    windsNorth = noise.other(36);
    extent = Math.max(spec.width(), spec.height());
    high = Math.max(8, Math.min(150, extent / 24)) * spec.relief();
  }

  /** Metres over the zero of heights. */
  double at(double x, double y) {
    // Bent places make shapes that do not betray the mesh of the noise.
    double bend = extent / 14;
    double bx = x + bend * bends.hills(x, y, extent / 3, extent / 20);
    double by = y + bend * bends.hills(y + 977, x, extent / 3, extent / 20);
    double height =
        switch (spec.land()) {
          case COAST -> coast(bx, by);
          case HILLS -> 4 + high * (0.5 + hills(bx, by, extent / 4));
          case MARSH -> marsh(bx, by);
          case ROCK -> rock(bx, by);
          case FLAT -> 2 + 0.6 * spec.relief() * hills(bx, by, 90);
        };
    return Math.max(-MOST, Math.min(MOST, height));
  }

  private double hills(double x, double y, double size) {
    return noise.hills(x, y, size, spec.cell());
  }

  /** Land to the south, a low cliff, a beach, shoals, and stacks off the shore. */
  private double coast(double x, double y) {
    double line =
        spec.height() * 0.52 + extent * 0.16 * shoreline.hills(x, 0, extent / 2, extent / 40);
    double inland = line - y;
    double share = inland / extent;
    double rise = 0.8 + cliffs.at(x, y, extent / 5) * 0.7;
    double beach = inland < 0 ? inland * 0.06 : Math.min(3.5, inland * 0.09);
    double scale = Math.max(20, extent * 0.045);
    double cliff = high * 0.28 * rise * step((inland - scale) / (scale * 0.5));
    double back = Math.max(0, share - 0.05) * high * (1.2 + 1.6 * hills(x, y, extent / 4));
    double shallow = Math.max(-14, beach);
    return shallow + Math.max(0, cliff) + back + stack(x, y, inland) + 0.5 * hills(x, y, 40);
  }

  private double stack(double x, double y, double inland) {
    double off = -inland / extent;
    if (off < 0.03 || off > 0.34) {
      return 0;
    }
    double rock = stacks.hills(x, y, extent / 7, spec.cell());
    return Math.max(0, Math.min(1, (rock - 0.24) * 14)) * (14 + high * 0.16);
  }

  /** Flats a little over and under the sea, cut by channels, with mounds that stay dry. */
  private double marsh(double x, double y) {
    double flats = 0.45 + 0.8 * hills(x, y, extent / 3);
    double wind = extent / 11;
    double cx = x + wind * windsEast.hills(x, y, extent / 6, extent / 40);
    double cy = y + wind * windsNorth.hills(x, y, extent / 6, extent / 40);
    double channel =
        Math.max(
            channels.veins(cx, cy, extent / 4, 0.13), 0.8 * creeks.veins(cx, cy, extent / 9, 0.1));
    double mound = Math.max(0, mounds.at(x, y, extent / 9) - 0.42) * 9;
    double cut = channel * 2.6 * Math.min(1, spec.relief());
    return flats - cut + mound * spec.relief();
  }

  /** Steep ridges with the sea between them. */
  private double rock(double x, double y) {
    double ridge = noise.ridges(x, y, extent / 2.6, spec.cell());
    double rim = Math.min(1, edge(x, y) * 5);
    return -10 * (1 - rim * 0.6) + high * 1.25 * (ridge - 0.34) * rim;
  }

  /** How far a place lies from the nearest edge, as a share of the extent. */
  private double edge(double x, double y) {
    double far = Math.min(Math.min(x, spec.width() - x), Math.min(y, spec.height() - y));
    return Math.max(0.02, far / extent);
  }

  private static double step(double share) {
    double s = Math.max(0, Math.min(1, share));
    return s * s * (3 - 2 * s);
  }
}
