package org.flintmoss.terrain;

import java.util.Comparator;
import java.util.List;
import org.flintmoss.mission.ground.Setting;

/**
 * The level of the water over time. Between two times of the table it follows half a wave of a
 * cosine, as between low and high water in Admiralty tide tables; before the first and after the
 * last it stands still.
 */
public final class Tide {
  private final double[] times;
  private final double[] levels;

  /** The tide of a setting; still water where its table is empty. */
  public Tide(Setting setting) {
    List<Setting.Mark> marks =
        setting.tide().values().stream()
            .sorted(Comparator.comparingDouble(Setting.Mark::time))
            .toList();
    boolean still = marks.isEmpty();
    times = still ? new double[] {0} : marks.stream().mapToDouble(Setting.Mark::time).toArray();
    levels =
        still
            ? new double[] {setting.waterLevel()}
            : marks.stream().mapToDouble(Setting.Mark::level).toArray();
  }

  /**
   * The level at a time.
   *
   * @param time seconds after the midnight before play begins
   * @return metres above the zero of heights
   */
  public double at(double time) {
    int next = 0;
    while (next < times.length && times[next] <= time) {
      next++;
    }
    if (next == 0 || next == times.length) {
      return levels[next == 0 ? 0 : times.length - 1];
    }
    double share = (time - times[next - 1]) / (times[next] - times[next - 1]);
    double wave = (1 - StrictMath.cos(StrictMath.PI * share)) / 2;
    return levels[next - 1] + (levels[next] - levels[next - 1]) * wave;
  }

  /** Whether it never changes. */
  public boolean still() {
    return times.length == 1;
  }
}
