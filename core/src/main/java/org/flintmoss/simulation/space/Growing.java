package org.flintmoss.simulation.space;

import java.util.BitSet;
import org.flintmoss.mission.ground.Effect;
import org.flintmoss.simulation.plan.EffectTable;
import org.flintmoss.simulation.plan.EffectTable.Squares;
import org.flintmoss.simulation.state.Column;
import org.flintmoss.terrain.Ground;

/**
 * The squares that effects have taken which grow: the owner of when they took each. An effect takes
 * a square once it has been in one beside it for as long as it takes from middle to middle at its
 * pace; so it reaches every square by the shortest way over squares that it can take.
 */
public final class Growing {
  /** Steps between two looks at what an effect takes. */
  static final int PASS = 10;

  /** What stands for a square that the water has put out. */
  private static final int OUT = -1;

  private static final double DIAGONAL = 1.4142135623730951;

  private final SpaceContext context;
  private final EffectTable effects;

  /** The step in which each square was taken, from 1; 0 for never. */
  private final Column.Ints taken;

  /** How far from the middle of each effect its farthest square lies that it is in, metres. */
  private final Column.Doubles reach;

  /** The cells of the ground on which nothing grows any more since they burnt; worked out. */
  private final BitSet burnt = new BitSet();

  Growing(SpaceContext context) {
    this.context = context;
    effects = context.plan.effects();
    taken = context.state.ints("effectTaken", effects.allSquares());
    reach = context.state.doubles("effectReach", effects.many());
  }

  /** Begins an effect anew, as if it had never been: it is in the square in its middle alone. */
  void begin(int effect, int now) {
    Squares its = effects.squares(effect);
    if (its == null) {
      return;
    }
    for (int square = 0; square < Squares.MANY; square++) {
      taken.at[its.first() + square] = 0;
    }
    forget();
    reach.at[effect] = its.side();
    if (its.origin() >= 0 && !drowned(effect, its, its.origin())) {
      take(effect, its, its.origin(), now);
    }
  }

  private void take(int effect, Squares its, int square, int now) {
    taken.at[its.first() + square] = now + 1;
    burn(effect, its, square);
  }

  /**
   * Phase 2, now and then: the effect takes what it reaches. Answers whether it goes on.
   *
   * @param held whether the rain keeps it from taking anything
   */
  boolean grow(int effect, int now, boolean held) {
    Squares its = effects.squares(effect);
    if (effects.get(effect).look() == Effect.Look.FIRE) {
      drown(effect, its);
    }
    boolean more = true;
    while (!held && more) {
      more = false;
      for (int square = 0; square < Squares.MANY; square++) {
        more |= spread(effect, its, square, now);
      }
    }
    return goesOn(effect, its, now);
  }

  /** Takes a square, or finds that it was taken earlier within this pass. */
  private boolean spread(int effect, Squares its, int square, int now) {
    int was = taken.at[its.first() + square];
    boolean open = was == 0 || was > now - PASS + 1;
    if (!open || !its.takes()[square] || drowned(effect, its, square)) {
      return false;
    }
    int due = Math.max(due(its, square), now - PASS + 1);
    if (due > now || (was > 0 && due + 1 >= was)) {
      return false;
    }
    take(effect, its, square, due);
    return true;
  }

  /** The step in which a square is reached from those beside it. */
  private int due(Squares its, int square) {
    int column = square % EffectTable.ACROSS;
    int row = square / EffectTable.ACROSS;
    int best = Integer.MAX_VALUE;
    for (int up = Math.max(0, row - 1); up <= Math.min(EffectTable.ACROSS - 1, row + 1); up++) {
      for (int on = Math.max(0, column - 1);
          on <= Math.min(EffectTable.ACROSS - 1, column + 1);
          on++) {
        int since = taken.at[its.first() + up * EffectTable.ACROSS + on];
        if (since > 0) {
          double way = up != row && on != column ? DIAGONAL * its.next() : its.next();
          best = Math.min(best, since - 1 + (int) Math.max(1, Math.floor(way + 0.5)));
        }
      }
    }
    return best;
  }

  private void drown(int effect, Squares its) {
    for (int square = 0; square < Squares.MANY; square++) {
      if (taken.at[its.first() + square] > 0 && drowned(effect, its, square)) {
        taken.at[its.first() + square] = OUT;
      }
    }
  }

  private boolean drowned(int effect, Squares its, int square) {
    return effects.get(effect).look() == Effect.Look.FIRE
        && its.heights()[square] < context.waters.levels(0);
  }

  private boolean goesOn(int effect, Squares its, int now) {
    boolean any = false;
    double farthest = 0;
    for (int square = 0; square < Squares.MANY; square++) {
      if (in(effect, its, square, now)) {
        any = true;
        double dx = its.x(square) - effects.get(effect).position().x();
        double dy = its.y(square) - effects.get(effect).position().y();
        farthest = Math.max(farthest, dx * dx + dy * dy);
      } else if (!any && taken.at[its.first() + square] == 0 && its.takes()[square]) {
        int due = due(its, square);
        any = due != Integer.MAX_VALUE && due > now && !drowned(effect, its, square);
      }
    }
    reach.at[effect] = Math.sqrt(farthest) + its.side();
    return any;
  }

  private boolean in(int effect, Squares its, int square, int now) {
    int since = taken.at[its.first() + square];
    int lasts = effects.lasts(effect);
    return since > 0 && (lasts == 0 || now < since - 1 + lasts);
  }

  /** Whether an effect that grows and goes on is at a point. */
  boolean in(int effect, double x, double y) {
    Squares its = effects.squares(effect);
    int square = its.at(x, y);
    return square >= 0 && in(effect, its, square, context.now());
  }

  /** How far an effect that grows reaches from its middle, metres. */
  double reach(int effect) {
    return reach.at[effect];
  }

  /** Metres of a line on which an effect that grows is, to half a square. */
  double within(int effect, double x, double y, double toX, double toY) {
    Squares its = effects.squares(effect);
    double radius = effects.get(effect).radius();
    Cloud rim = new Cloud(its.west() + radius, its.south() + radius, radius, 0, 0, 0);
    double[] piece = rim.piece(x, y, toX, toY);
    double length = piece[1] - piece[0];
    if (length <= 0) {
      return 0;
    }
    // Only what lies within the rim is looked at: no line costs more than its squares.
    double far = Math.sqrt((toX - x) * (toX - x) + (toY - y) * (toY - y));
    int parts = (int) Math.ceil(length / (its.side() / 2));
    int within = 0;
    for (int part = 0; part < parts; part++) {
      double share = (piece[0] + length * (part + 0.5) / parts) / far;
      within += in(effect, x + (toX - x) * share, y + (toY - y) * share) ? 1 : 0;
    }
    return length * within / parts;
  }

  /** How an effect that grows stands on each of its squares, for people to see. */
  public State state(int effect, int square) {
    Squares its = effects.squares(effect);
    return in(effect, its, square, context.now())
        ? State.IN
        : taken.at[its.first() + square] != 0 ? State.OVER : State.FREE;
  }

  /** How an effect stands on a square. */
  public enum State {
    /** It has not taken it. */
    FREE,
    /** It is there. */
    IN,
    /** It was there. */
    OVER
  }

  /** The share of what an effect can take that it has taken, percent. */
  public double taken(int effect) {
    Squares its = effects.squares(effect);
    int all = 0;
    int done = 0;
    for (int square = 0; square < Squares.MANY; square++) {
      all += its.takes()[square] ? 1 : 0;
      done += taken.at[its.first() + square] != 0 ? 1 : 0;
    }
    return all == 0 ? 0 : 100.0 * done / all;
  }

  /** The cells of the ground on which nothing grows any more; not to be changed. */
  BitSet burnt() {
    return burnt;
  }

  /** Works out anew which cells have burnt. */
  void forget() {
    burnt.clear();
    for (int effect = 0; effect < effects.many(); effect++) {
      Squares its = effects.squares(effect);
      for (int square = 0; its != null && square < Squares.MANY; square++) {
        if (taken.at[its.first() + square] != 0) {
          burn(effect, its, square);
        }
      }
    }
  }

  /** Nothing grows any more where a fire has taken a square. */
  private void burn(int effect, Squares its, int square) {
    Ground ground = context.plan.ground();
    if (effects.get(effect).look() != Effect.Look.FIRE || !ground.overgrown()) {
      return;
    }
    double half = its.side() / 2;
    int low = ground.cellAt(its.x(square) - half, its.y(square) - half);
    int high = ground.cellAt(its.x(square) + half, its.y(square) + half);
    int columns = ground.columns();
    for (int row = low / columns; row <= high / columns; row++) {
      burnt.set(row * columns + low % columns, row * columns + high % columns + 1);
    }
  }
}
