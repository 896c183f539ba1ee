package org.flintmoss.terrain.make;

import org.flintmoss.terrain.Growth;
import org.flintmoss.terrain.Surface;

/**
 * What grows where: reeds at the water's edge of marshes, and in patches woods on ground that lies
 * well over the sea, gorse on slopes, heather on what is high and open. Patches are where noise is
 * above a bound that falls with how much growth is wanted; toward their edges they thin out.
 */
final class Thickets {
  /** How wide patches are, metres: woods, gorse and heather, reeds. */
  private static final double WOODS = 160;

  private static final double SCRUB = 90;
  private static final double REEDS = 60;

  /** Woods lie so far over the sea at least, metres. */
  private static final double DRY = 4;

  /** Ground that is steeper bears gorse rather than heather, metres a metre. */
  private static final double SLOPE = 0.16;

  /** The noise above which something grows where 1 is wanted, and by how much less for 1 more. */
  private static final double BOUND = 0.14;

  private static final double EASE = 0.16;

  /** By how much the noise is above its bound where it is densest. */
  private static final double DENSE = 0.22;

  private final GroundSpec spec;
  private final Noise woods;
  private final Noise scrub;
  private final Noise reeds;

  Thickets(GroundSpec spec) {
    this.spec = spec;
    Noise noise = new Noise(spec.seed());
    woods = noise.other(201);
    scrub = noise.other(202);
    reeds = noise.other(203);
  }

  /**
   * The byte of a surface with what grows on it.
   *
   * @param over how high it lies over the sea, metres
   * @param slope metres a metre
   */
  byte on(Surface surface, double x, double y, double over, double slope) {
    byte bare = (byte) surface.ordinal();
    if (spec.growth() == 0) {
      return bare;
    }
    if (surface == Surface.MARSH || surface == Surface.MUD) {
      boolean edge = over > -0.5 && over < 1.2;
      return edge ? grown(Growth.REEDS, surface, reeds, x, y, REEDS) : bare;
    }
    if (surface != Surface.GRASS) {
      return bare;
    }
    if (over > DRY) {
      byte wood = grown(Growth.TREES, surface, woods, x, y, WOODS);
      if (wood != bare) {
        return wood;
      }
    }
    Growth low = slope > SLOPE ? Growth.GORSE : Growth.HEATHER;
    return grown(low, surface, scrub, x, y, SCRUB);
  }

  private byte grown(Growth growth, Surface surface, Noise noise, double x, double y, double size) {
    double above = noise.hills(x, y, size, spec.cell()) - BOUND + EASE * (spec.growth() - 1);
    if (above <= 0) {
      return (byte) surface.ordinal();
    }
    int density = 1 + (int) Math.floor(above / DENSE * Growth.DENSEST);
    return growth.on(surface, Math.min(Growth.DENSEST, density));
  }
}
