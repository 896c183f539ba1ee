package org.flintmoss.navigation.land;

import org.flintmoss.mission.catalogue.Kind;
import org.flintmoss.mission.catalogue.Moves;

/**
 * Who gets about: its class with its limits, and its size.
 *
 * @param radius room that it takes to either side, metres
 * @param tall headroom that it takes upright, metres
 * @param player whether a player has it in hand: no-go zones hold back AI alone
 */
public record Mover(Moves moves, double radius, double tall, boolean player) {
  /** From the eyes to the top of the head, metres. */
  private static final double BROW = 0.12;

  /** The limits of a kind in the hands of AI. */
  public static Mover of(Kind kind) {
    return of(kind, false);
  }

  /** The limits of a kind. */
  public static Mover of(Kind kind, boolean player) {
    return new Mover(kind.moves(), kind.radius(), kind.eye() + BROW, player);
  }

  /** The steepest ground that it gets over, degrees; 90 for who is not on the ground. */
  public double slope() {
    return switch (moves) {
      case Moves.Walker it -> it.slope();
      case Moves.Beast it -> it.slope();
      case Moves.Wheels it -> it.slope();
      case Moves.Boat _, Moves.Flyer _ -> 90;
    };
  }

  /** The deepest water that it gets through on the ground, metres; infinite for who need not. */
  public double wade() {
    return switch (moves) {
      case Moves.Walker it -> it.wade();
      case Moves.Beast it -> it.wade();
      case Moves.Wheels it -> it.ford();
      case Moves.Boat _, Moves.Flyer _ -> Double.POSITIVE_INFINITY;
    };
  }

  /** The widest gap that it leaps over, metres; 0 for none. */
  public double leap() {
    return switch (moves) {
      case Moves.Walker it -> it.leap();
      case Moves.Beast it -> it.leap();
      default -> 0;
    };
  }

  /** The highest ledge that it climbs, metres; 0 for none. */
  public double climb() {
    return moves instanceof Moves.Walker it ? it.climb() : 0;
  }

  /** How far down it lets itself drop, metres; 0 for not at all. */
  public double drop() {
    return switch (moves) {
      case Moves.Walker it -> it.drop();
      case Moves.Beast it -> it.drop();
      default -> 0;
    };
  }

  /** The headroom with which it still gets through, metres. */
  public double low() {
    return moves instanceof Moves.Walker it && it.crawl() > 0 ? Math.min(it.crawl(), tall) : tall;
  }

  /** Whether it goes on decks, and not on water or in the air alone. */
  public boolean onDecks() {
    return !(moves instanceof Moves.Boat || moves instanceof Moves.Flyer);
  }

  /** Whether it uses crossings, found by itself or made. */
  public boolean onFoot() {
    return moves instanceof Moves.Walker || moves instanceof Moves.Beast;
  }
}
