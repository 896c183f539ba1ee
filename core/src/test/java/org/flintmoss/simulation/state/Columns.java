package org.flintmoss.simulation.state;

import java.util.stream.IntStream;
import org.flintmoss.simulation.Inside;
import org.flintmoss.simulation.World;

/** Looks at whole columns, which only their owners may set. */
public final class Columns {
  private Columns() {}

  /** The bits of all values of a column. */
  public static long[] column(World world, String name) {
    Column column =
        Inside.of(world).state.columns().stream()
            .filter(it -> it.name().equals(name))
            .findFirst()
            .orElseThrow();
    return IntStream.range(0, column.size()).mapToLong(column::bits).toArray();
  }
}
