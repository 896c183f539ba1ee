package org.flintmoss.terrain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.ground.Deck;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ordered;
import org.flintmoss.mission.word.Ref;

/**
 * The decks that move, each by its number among them. Each of their stops is a surface of its own,
 * and there is one more for each on which people ride while it goes. Immutable.
 *
 * <p>The state of one is the number of the stop that it is at, from 1, or {@link #GOING}. Two more
 * are asked for when ways are made: {@link #EVERYWHERE} and {@link Piece#ANY_STATE}.
 */
public final class MovingDecks {
  /** Between two stops. */
  public static final int GOING = 30;

  /** Every stop of it bears people, and none is in the way: what ways there ever may be. */
  static final int EVERYWHERE = 0;

  private static final int STAYS = -1;

  /**
   * One of them.
   *
   * @param of what it is referred to by
   * @param surfaces the surface at each of its stops
   * @param ride the surface while it goes
   * @param shifts for each of its stops how far that is from where it is drawn: metres east, north
   *     and up
   * @param along for each of its stops how far it is from the first along its line, metres
   */
  private record Line(
      Ref of, Deck.Motion motion, int[] surfaces, int ride, double[][] shifts, double[] along) {}

  private final List<Line> lines = new ArrayList<>();

  /** The number of the first among all that changes. */
  private final int from;

  /** For each surface from 1 the one that it belongs to. */
  private int[] of = {};

  /** For each surface from 1 in which state that is there. */
  private int[] when = {};

  private MovingDecks(int from) {
    this.from = from;
  }

  /**
   * Those of a mission, whose surfaces are put after others.
   *
   * @param slabs the surfaces that stay or are first stops; receives the others
   */
  static MovingDecks of(Mission mission, List<Platform> slabs) {
    MovingDecks moving = new MovingDecks(mission.gates().size());
    int deck = 0;
    for (Map.Entry<String, Deck> entry : mission.decks().entrySet()) {
      if (entry.getValue().moves()) {
        moving.add(new Ref(Family.DECKS, entry.getKey()), entry.getValue(), deck + 1, slabs);
      }
      deck++;
    }
    moving.of = new int[slabs.size() + 1];
    moving.when = new int[slabs.size() + 1];
    Arrays.fill(moving.of, STAYS);
    for (int number = 0; number < moving.many(); number++) {
      Line line = moving.lines.get(number);
      for (int stop = 0; stop < line.surfaces().length; stop++) {
        moving.note(line.surfaces()[stop], number, stop + 1);
      }
      moving.note(line.ride(), number, GOING);
    }
    return moving;
  }

  private void note(int surface, int number, int state) {
    of[surface] = number;
    when[surface] = state;
  }

  private void add(Ref ref, Deck deck, int home, List<Platform> slabs) {
    Platform drawn = slabs.get(home - 1);
    List<Map.Entry<String, Deck.Stop>> others = Ordered.sort(deck.motion().stops());
    int[] surfaces = new int[others.size() + 1];
    double[][] shifts = new double[surfaces.length][3];
    double[] along = new double[surfaces.length];
    surfaces[0] = home;
    for (int i = 1; i < surfaces.length; i++) {
      Deck.Stop stop = others.get(i - 1).getValue();
      shifts[i] = new double[] {stop.east(), stop.north(), stop.up()};
      along[i] = along[i - 1] + far(shifts[i - 1], shifts[i]);
      slabs.add(drawn.shifted(stop.east(), stop.north(), stop.up()));
      surfaces[i] = slabs.size();
    }
    slabs.add(drawn.riding());
    lines.add(new Line(ref, deck.motion(), surfaces, slabs.size(), shifts, along));
  }

  private static double far(double[] one, double[] other) {
    double east = other[0] - one[0];
    double north = other[1] - one[1];
    double up = other[2] - one[2];
    return Math.sqrt(east * east + north * north + up * up);
  }

  /** How many there are. */
  public int many() {
    return lines.size();
  }

  /** Whether there are none. */
  boolean none() {
    return lines.isEmpty();
  }

  /** What one is referred to by. */
  public Ref ref(int moving) {
    return lines.get(moving).of();
  }

  /** How one moves. */
  public Deck.Motion motion(int moving) {
    return lines.get(moving).motion();
  }

  /** The one that a surface belongs to; -1 for what stays. */
  public int of(int surface) {
    return lines.isEmpty() || surface < 0 ? STAYS : of[surface];
  }

  /** In which state a surface of one is there. */
  public int when(int surface) {
    return when[surface];
  }

  /** The number of one among all that changes. */
  public int changes(int moving) {
    return from + moving;
  }

  /** How many stops a deck has. */
  public int stops(int moving) {
    return lines.get(moving).surfaces().length;
  }

  /** The surface of one at a stop, from 1. */
  public int surface(int moving, int stop) {
    return lines.get(moving).surfaces()[stop - 1];
  }

  /** The surface of one while it goes. */
  public int ride(int moving) {
    return lines.get(moving).ride();
  }

  /** The surface of one in a state. */
  public int inState(int moving, int state) {
    return state == GOING ? ride(moving) : surface(moving, Math.clamp(state, 1, stops(moving)));
  }

  /**
   * How far a surface of one at a stop is from that at another, metres.
   *
   * @param axis 0 for east, 1 for north
   */
  public double apart(int moving, int from, int to, int axis) {
    Line line = lines.get(moving);
    return line.shifts()[when[to] - 1][axis] - line.shifts()[when[from] - 1][axis];
  }

  /** How far a stop, from 1, is from the first along the line of one, metres. */
  public double along(int moving, int stop) {
    return lines.get(moving).along()[stop - 1];
  }

  /**
   * How far a point of its line is from where one is drawn.
   *
   * @param along metres from its first stop
   * @param axis 0 for metres east, 1 north, 2 up
   */
  public double shift(int moving, double along, int axis) {
    Line line = lines.get(moving);
    int to = 1;
    while (to < line.along().length - 1 && line.along()[to] < along) {
      to++;
    }
    double length = line.along()[to] - line.along()[to - 1];
    double share = length == 0 ? 1 : Math.min(1, (along - line.along()[to - 1]) / length);
    double from = line.shifts()[to - 1][axis];
    return from + (line.shifts()[to][axis] - from) * share;
  }
}
