package org.flintmoss.format;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import org.flintmoss.terrain.Segments;

/**
 * Leaves those points of a line out that matter least to its shape: it is drawn through its ends,
 * and point by point through whichever lies farthest off (Douglas and Peucker 1973), until it has
 * as many as are asked for.
 */
final class Thinned {
  /** A stretch between two points that are kept, and the one between that lies farthest off. */
  private record Stretch(int from, int to, int farthest, double off) {}

  private Thinned() {}

  static List<double[]> to(List<double[]> line, int most) {
    if (line.size() <= most) {
      return line;
    }
    boolean[] kept = new boolean[line.size()];
    kept[0] = true;
    kept[line.size() - 1] = true;
    PriorityQueue<Stretch> open =
        new PriorityQueue<>(
            Comparator.comparingDouble(Stretch::off).reversed().thenComparingInt(Stretch::from));
    open.add(stretch(line, 0, line.size() - 1));
    for (int many = 2; many < most; many++) {
      Stretch worst = open.poll();
      kept[worst.farthest()] = true;
      if (worst.farthest() - worst.from() > 1) {
        open.add(stretch(line, worst.from(), worst.farthest()));
      }
      if (worst.to() - worst.farthest() > 1) {
        open.add(stretch(line, worst.farthest(), worst.to()));
      }
    }
    List<double[]> thin = new ArrayList<>();
    for (int i = 0; i < kept.length; i++) {
      if (kept[i]) {
        thin.add(line.get(i));
      }
    }
    return thin;
  }

  private static Stretch stretch(List<double[]> line, int from, int to) {
    double[] a = line.get(from);
    double[] b = line.get(to);
    int farthest = from + 1;
    double most = -1;
    for (int i = from + 1; i < to; i++) {
      double[] p = line.get(i);
      double share = Segments.share(a[0], a[1], b[0], b[1], p[0], p[1]);
      double off =
          Segments.length(a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, p[0], p[1]);
      if (off > most) {
        most = off;
        farthest = i;
      }
    }
    return new Stretch(from, to, farthest, most);
  }
}
