package org.flintmoss.simulation;

import java.util.stream.IntStream;

/** Looks at whole columns, which only their owners may set. */
final class Columns {
  private Columns() {}

  /** The bits of all values of a column. */
  static long[] column(World world, String name) {
    Column column =
        world.context.state.columns().stream()
            .filter(it -> it.name().equals(name))
            .findFirst()
            .orElseThrow();
    return IntStream.range(0, column.size()).mapToLong(column::bits).toArray();
  }
}
