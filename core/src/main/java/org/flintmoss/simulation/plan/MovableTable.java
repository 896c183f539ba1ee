package org.flintmoss.simulation.plan;

import java.util.Arrays;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.script.ActorIndex;
import org.flintmoss.terrain.Movables;

/** The things that may move, by their numbers among {@link Movables}. */
public final class MovableTable {
  /** Of sea water, kilograms a cubic metre. */
  private static final double SEA = 1025;

  private final ThingTable things;
  private final Movables movables;
  private final int[] thing;
  private final int[] movable;
  private final Hold.Loose[] loose;
  private final double[] grip;
  private final double[] mass;
  private final double[] radius;
  private final double[] outer;
  private final double[] draught;
  private final long[] who;

  MovableTable(ActorIndex actors, ThingTable things, Movables movables) {
    this.things = things;
    this.movables = movables;
    int many = movables.things();
    thing = new int[many];
    movable = new int[things.many()];
    loose = new Hold.Loose[many];
    grip = new double[many];
    mass = new double[many];
    radius = new double[many];
    outer = new double[many];
    draught = new double[many];
    who = new long[many];
    Arrays.fill(movable, -1);
    Mission mission = actors.mission();
    for (int each = 0; each < many; each++) {
      thing[each] = actors.thing(movables.ref(each));
      movable[thing[each]] = each;
      who[each] = Chance.of(movables.ref(each).id());
      Upright it = things.get(thing[each]);
      ThingKind kind = (ThingKind) mission.find(it.kind());
      radius[each] = radius(kind.footprint()) * it.scale();
      outer[each] = outer(kind.footprint()) * it.scale();
      if (kind.hold() instanceof Hold.Loose its) {
        loose[each] = its;
        grip[each] = StrictMath.tan(StrictMath.toRadians(its.grip()));
        mass[each] = its.mass() * it.scale() * it.scale() * it.scale();
      }
      draught[each] = mass[each] / (SEA * area(kind.footprint()) * it.scale() * it.scale());
    }
  }

  /** Of a circle, or of one as wide as a block on average, metres. */
  private static double radius(ThingKind.Footprint footprint) {
    return switch (footprint) {
      case ThingKind.Round it -> it.radius();
      case ThingKind.Block it -> (it.width() + it.depth()) / 4;
    };
  }

  private static double outer(ThingKind.Footprint footprint) {
    return switch (footprint) {
      case ThingKind.Round it -> it.radius();
      case ThingKind.Block it -> Math.sqrt(it.width() * it.width() + it.depth() * it.depth()) / 2;
    };
  }

  private static double area(ThingKind.Footprint footprint) {
    return switch (footprint) {
      case ThingKind.Round it -> StrictMath.PI * it.radius() * it.radius();
      case ThingKind.Block it -> it.width() * it.depth();
    };
  }

  /** How many there are. */
  public int many() {
    return thing.length;
  }

  /** The number among all things of one that may move. */
  public int thing(int movable) {
    return thing[movable];
  }

  /** The number among those that may move of a thing; -1 for one that stays. */
  public int movable(int of) {
    return movable[of];
  }

  /**
   * Where one begins: metres east, 1 north, or 2 how high its foot is above the zero of heights.
   */
  public double first(int of, int axis) {
    return axis == 0 ? movables.x(of) : axis == 1 ? movables.y(of) : movables.foot(of);
  }

  /** What one is referred to by. */
  public Ref ref(int of) {
    return movables.ref(of);
  }

  /** What is said of a loose one; null for one that only falls. */
  public Hold.Loose loose(int movable) {
    return loose[movable];
  }

  /** The slope on which a loose one begins to slide: metres up for a metre along. */
  public double grip(int movable) {
    return grip[movable];
  }

  /** Kilograms; 0 for one that only falls. */
  public double mass(int movable) {
    return mass[movable];
  }

  /** Of the circle that it is reckoned as where it meets others, metres. */
  public double radius(int movable) {
    return radius[movable];
  }

  /** From its middle to the farthest point that one covers, metres. */
  public double outer(int movable) {
    return outer[movable];
  }

  /** The greatest of those, metres. */
  public double widest() {
    return Arrays.stream(outer).max().orElse(0);
  }

  /** How high one is with a look, from 0, metres. */
  public double height(int movable, int look) {
    Upright it = things.get(thing[movable]);
    double tall = things.appearances(thing[movable]).get(look).height() * it.scale();
    return Math.max(0, tall - it.sunk());
  }

  /**
   * How deep one lies in the water if it floats, by Archimedes: the mass that it displaces is its
   * own; metres.
   */
  public double draught(int movable) {
    return draught[movable];
  }

  /** By what its luck and its turn go. */
  public long who(int movable) {
    return who[movable];
  }
}
