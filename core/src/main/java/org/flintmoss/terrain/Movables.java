package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.catalogue.Hold;
import org.flintmoss.mission.catalogue.ThingKind;
import org.flintmoss.mission.ground.Atop;
import org.flintmoss.mission.ground.Upright;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;

/**
 * The props and fixtures that may come to lie elsewhere than where play begins, each by its number
 * among them: those that are loose, those that stand on another and may fall, and those on a deck
 * that moves. After them come the railings of such decks.
 */
public final class Movables {
  private final Map<Ref, Integer> numbers = new HashMap<>();
  private final List<Ref> refs = new ArrayList<>();

  /** The pieces of each, for each of its looks, where play begins. */
  private final List<Piece[]> pieces = new ArrayList<>();

  /** Where each begins: metres east and north, and how high its foot is, by threes. */
  private final List<double[]> places = new ArrayList<>();

  private int things;

  private Movables() {}

  /** Those of a mission. */
  static Movables of(Mission mission, Decks decks) {
    Movables movables = new Movables();
    for (Family family : List.of(Family.PROPS, Family.FIXTURES)) {
      for (Map.Entry<String, ?> entry : mission.of(family).entrySet()) {
        if (moves(mission, (Upright) entry.getValue(), decks)) {
          movables.add(new Ref(family, entry.getKey()));
        }
      }
    }
    movables.things = movables.refs.size();
    for (int deck = 0; deck < decks.moving().many(); deck++) {
      movables.add(decks.moving().ref(deck));
    }
    return movables;
  }

  private void add(Ref of) {
    numbers.put(of, refs.size());
    refs.add(of);
    pieces.add(new Piece[0]);
    places.add(new double[3]);
  }

  private static boolean moves(Mission mission, Upright thing, Decks decks) {
    return mission.find(thing.kind()) instanceof ThingKind kind
        && (kind.hold() instanceof Hold.Loose
            || thing.atop() instanceof Atop.Upon
            || decks.moving().of(decks.under(thing.level(), thing.position())) >= 0);
  }

  /** Notes what one is made of and where it begins. */
  void put(int movable, Piece[] its, double x, double y, double foot) {
    pieces.set(movable, its);
    places.set(movable, new double[] {x, y, foot});
  }

  /** How many of them are things; railings come after them. */
  public int things() {
    return things;
  }

  /** The number of the railings of a deck that moves. */
  public int railings(int moving) {
    return things + moving;
  }

  /** How many they are. */
  public int many() {
    return refs.size();
  }

  /** The number of a thing among them; -1 for one that stays. */
  public int number(Ref thing) {
    return numbers.getOrDefault(thing, -1);
  }

  /** What one is referred to by. */
  public Ref ref(int movable) {
    return refs.get(movable);
  }

  /** Metres east of where one begins. */
  public double x(int movable) {
    return places.get(movable)[0];
  }

  /** Metres north of where one begins. */
  public double y(int movable) {
    return places.get(movable)[1];
  }

  /** How high the foot of one is above the zero of heights when play begins, metres. */
  public double foot(int movable) {
    return places.get(movable)[2];
  }

  /** The pieces of one for all its looks, at a place. */
  Piece[] at(int movable, double x, double y, double foot) {
    Piece[] its = pieces.get(movable);
    double[] from = places.get(movable);
    Piece[] moved = new Piece[its.length];
    for (int piece = 0; piece < its.length; piece++) {
      double base = its[piece].base() == Piece.ON_THE_GROUND ? 0 : its[piece].base() - from[2];
      moved[piece] = its[piece].shifted(x - from[0], y - from[1], foot + base);
    }
    return moved;
  }
}
