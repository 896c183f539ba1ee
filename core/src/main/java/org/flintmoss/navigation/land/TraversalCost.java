package org.flintmoss.navigation.land;

import org.flintmoss.mission.catalogue.Moves;
import org.flintmoss.terrain.Decks;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Obstacles;

/** Which surfaces bear one mover, and how fast it gets on there. Immutable. */
public final class TraversalCost {
  /** What speed is multiplied by for those who crawl. */
  public static final double CRAWLING = 0.35;

  private final Land land;
  private final Ground ground;
  private final Decks decks;
  private final Mover mover;
  private final double low;
  private final double steepest;
  private final double wade;

  /**
   * What a land costs a mover.
   *
   * @param decks its surfaces, while those that move are somewhere
   */
  public TraversalCost(Land land, Decks decks, Mover mover) {
    this.land = land;
    this.mover = mover;
    this.decks = decks;
    ground = land.ground();
    low = mover.low();
    wade = mover.wade();
    steepest = StrictMath.tan(StrictMath.toRadians(mover.slope()));
  }

  /** The same while decks that move are where they are told to be. */
  public TraversalCost on(Decks now) {
    return now == decks ? this : new TraversalCost(land, now, mover);
  }

  /** Whether a surface bears the mover at a point while the water stands at a level. */
  public boolean bears(int deck, double x, double y, double water) {
    return level(deck, x, y, water) && firm(deck, x, y);
  }

  /** Whether a surface bears the mover at a point as far as it is not for the water. */
  public boolean firm(int deck, double x, double y) {
    return switch (mover.moves()) {
      case Moves.Walker _, Moves.Beast _ -> stands(deck, x, y);
      case Moves.Wheels _ -> stands(deck, x, y) && pace(deck, x, y) > 0;
      case Moves.Boat _ -> deck == Decks.GROUND;
      case Moves.Flyer flyer -> deck == Decks.GROUND && rises(flyer, x, y);
    };
  }

  /** The same in the middle of a cell that nothing stands in or lies over. */
  public boolean firmCell(int cell, double x, double y) {
    return mover.onFoot() ? ground.gradient(cell) <= steepest : firm(Decks.GROUND, x, y);
  }

  /** Whether the water over a surface at a point is as deep as the mover likes it. */
  public boolean level(int deck, double x, double y, double water) {
    return switch (mover.moves()) {
      case Moves.Walker _, Moves.Beast _, Moves.Wheels _ -> water - height(deck, x, y) <= wade;
      case Moves.Boat boat -> deck != Decks.GROUND || floats(boat, x, y, water);
      case Moves.Flyer _ -> true;
    };
  }

  /** How deep the water is where the mover's limit lies, metres; infinite for who has none. */
  public double deep() {
    return mover.moves() instanceof Moves.Boat boat ? boat.draught() : wade;
  }

  /** Whether the water over a cell is shallow enough for a mover on the ground. */
  public boolean levelCell(int cell, double water) {
    return water - ground.sample(cell) <= wade;
  }

  private double height(int deck, double x, double y) {
    return deck == Decks.GROUND ? ground.sample(ground.cellAt(x, y)) : decks.height(deck, x, y);
  }

  private boolean stands(int deck, double x, double y) {
    if (deck == Decks.GROUND) {
      return ground.gradient(ground.cellAt(x, y)) <= steepest
          && (decks.none() || decks.room(deck, x, y, low));
    }
    return decks.over(deck, x, y)
        && decks.climbed(deck, steepest)
        && (mover.onFoot() || !decks.steps(deck))
        && decks.room(deck, x, y, low);
  }

  private boolean floats(Moves.Boat boat, double x, double y, double water) {
    return water - ground.sample(ground.cellAt(x, y)) >= boat.draught()
        && decks.between(x, y, water - boat.draught(), water + mover.tall()) == Decks.ANY;
  }

  /** Whether it can rise above all that is at a point. */
  private boolean rises(Moves.Flyer flyer, double x, double y) {
    return decks.none() || decks.top(x, y) <= ground.heightAt(x, y) + flyer.high();
  }

  /** How fast one gets on at a point of a surface, as a share of one's speed on good ground. */
  public double pace(int deck, double x, double y) {
    return switch (mover.moves()) {
      case Moves.Walker _, Moves.Beast _ ->
          decks.pace(deck, x, y) * (upright(deck, x, y) ? 1 : CRAWLING);
      case Moves.Wheels _ -> decks.paceOnWheels(deck, x, y);
      case Moves.Boat _, Moves.Flyer _ -> 1;
    };
  }

  /** Whether there is room to stand upright at a point of a surface. */
  public boolean upright(int deck, double x, double y) {
    return low == mover.tall() || decks.none() || decks.room(deck, x, y, mover.tall());
  }

  /** How high the feet of somebody on a surface are at a point, as works ask for it. */
  public double feet(int deck, double x, double y) {
    if (deck != Decks.GROUND) {
      return decks.height(deck, x, y);
    }
    return mover.moves() instanceof Moves.Flyer flyer
        ? ground.heightAt(x, y) + flyer.high()
        : Obstacles.ON_THE_GROUND;
  }

  /** Whether a no-go zone holds it back at a point of a surface. */
  public boolean held(int deck, double x, double y) {
    return !land.noGoAreas().none() && land.noGoAreas().holds(mover, deck, x, y) != null;
  }
}
