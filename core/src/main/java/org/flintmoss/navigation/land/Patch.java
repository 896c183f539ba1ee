package org.flintmoss.navigation.land;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import org.flintmoss.terrain.Area;
import org.flintmoss.terrain.DeckChanges;
import org.flintmoss.terrain.Ground;

/**
 * Where one land differs from another that it came of by an edit.
 *
 * @param changes the smallest upright rectangles around what has changed, metres
 * @param decks for the number that each surface had its number now; see {@link DeckChanges}
 */
public record Patch(List<Area.Bounds> changes, int[] decks) {
  /** Once this share of the ground has changed, making everything anew is quicker. */
  private static final double MUCH = 0.5;

  /**
   * Where they differ; empty where they differ in too much for the one to be of use for the other.
   */
  static Optional<Patch> between(Land before, Land after) {
    Ground ground = after.ground();
    if (!ground.fits(before.ground())) {
      return Optional.empty();
    }
    DeckChanges decks = after.decks().changes(before.decks());
    List<Area.Bounds> all = new ArrayList<>(ground.changes(before.ground()));
    all.addAll(after.obstacles().changes(before.obstacles()));
    all.addAll(decks.where());
    all.addAll(after.noGoAreas().changes(before.noGoAreas()));
    double sum = all.stream().mapToDouble(it -> area(it.grown(ground.cell()))).sum();
    return sum <= MUCH * ground.width() * ground.height()
        ? Optional.of(new Patch(all, decks.now()))
        : Optional.empty();
  }

  private static double area(Area.Bounds of) {
    return Math.max(0, of.east() - of.west()) * Math.max(0, of.north() - of.south());
  }

  /** Whether a point lies within a margin of what has changed. */
  public boolean near(double x, double y, double margin) {
    return changes.stream().anyMatch(it -> it.grown(margin).contains(x, y));
  }

  /** The cells that come within a margin of what has changed, in rising order. */
  public int[] cells(Ground ground, double margin) {
    return cells(changes, ground, margin).stream().toArray();
  }

  /** The cells that come within a margin of some rectangles. */
  public static BitSet cells(List<Area.Bounds> of, Ground ground, double margin) {
    BitSet cells = new BitSet();
    for (Area.Bounds change : of) {
      Area.Bounds near = change.grown(margin);
      int first = ground.cellAt(near.west(), near.south());
      int last = ground.cellAt(near.east(), near.north());
      int columns = ground.columns();
      for (int row = first / columns; row <= last / columns; row++) {
        cells.set(row * columns + first % columns, row * columns + last % columns + 1);
      }
    }
    return cells;
  }
}
