package org.flintmoss.simulation.space;

import org.flintmoss.mission.catalogue.Weapon;
import org.flintmoss.terrain.Obstacles;

/** How a way of using weapons hits. A new way needs its word in the document and its case here. */
public sealed interface Strike {
  /** A blow by hand: it hits in an arc in front of the attacker, and cover does not help. */
  Strike BLOW = new Blow();

  /** A shot along a line; distance, movement and cover make it miss. */
  Strike SHOT = new Shot();

  /** The way a weapon is used. */
  static Strike of(Weapon weapon) {
    return switch (weapon.use()) {
      case HAND -> BLOW;
      case SHOT -> SHOT;
    };
  }

  /** How far to either side of where a player faces it hits, degrees. */
  double arc();

  /** Whether it gets from one unit to another. */
  boolean carries(SpaceContext context, int unit, int other);

  /** How well a unit is covered against it, 0 to 1. */
  double cover(SpaceContext context, int unit, int victim);

  /**
   * What distance leaves of the chance to hit, 0 to 1.
   *
   * @param share of its range at which the target is, 0 to 1
   */
  double atDistance(double share);

  /**
   * What its movement leaves of the chance to hit a target, 0 to 1.
   *
   * @param pace share of its full speed at which the target moves
   */
  double atPace(double pace);

  /**
   * What cover leaves of the chance to hit a target, 0 to 1.
   *
   * @param cover how much of the target is covered, 0 to 1
   */
  double behind(double cover);

  /** By hand. */
  record Blow() implements Strike {
    @Override
    public double arc() {
      return 60;
    }

    @Override
    public boolean carries(SpaceContext context, int unit, int other) {
      return context.space.free(unit, other, context.space.eye(other) / 2, Obstacles.Line.BLOW);
    }

    @Override
    public double cover(SpaceContext context, int unit, int victim) {
      return 0;
    }

    @Override
    public double atDistance(double share) {
      return 1;
    }

    @Override
    public double atPace(double pace) {
      return 1;
    }

    @Override
    public double behind(double cover) {
      return 1;
    }
  }

  /** A shot. */
  record Shot() implements Strike {
    /** What is lost at the end of its range. */
    private static final double FAR = 0.6;

    /** What is lost on a target at full speed. */
    private static final double MOVING = 0.3;

    @Override
    public double arc() {
      return 15;
    }

    @Override
    public boolean carries(SpaceContext context, int unit, int other) {
      double head = context.space.eye(other);
      return context.space.free(unit, other, head, Obstacles.Line.SHOT)
          || context.space.free(unit, other, head / 2, Obstacles.Line.SHOT);
    }

    @Override
    public double cover(SpaceContext context, int unit, int victim) {
      return context.space.cover(unit, victim);
    }

    @Override
    public double atDistance(double share) {
      return 1 - FAR * share * share;
    }

    @Override
    public double atPace(double pace) {
      return 1 - MOVING * Math.min(1, pace);
    }

    @Override
    public double behind(double cover) {
      return 1 - cover;
    }
  }
}
