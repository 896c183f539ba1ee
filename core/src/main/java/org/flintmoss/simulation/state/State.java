package org.flintmoss.simulation.state;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import org.flintmoss.simulation.plan.Chance;

/**
 * All that changes in a run: columns of primitives, sized once by the plan. Each column is made and
 * kept by its owner, which alone sets it; it is listed here as it is made, so that saving, loading
 * and hashing see them all.
 */
public final class State {
  private final List<Column> columns = new ArrayList<>();

  State() {}

  /** A new column of whole numbers, all 0. */
  public Column.Ints ints(String name, int size) {
    return ints(name, size, 0);
  }

  /** A new column of whole numbers, all what counts as nothing. */
  public Column.Ints ints(String name, int size, int nothing) {
    return listed(new Column.Ints(name, size, nothing));
  }

  /** A new column of sets of 64 bits, all empty. */
  public Column.Longs longs(String name, int size) {
    return listed(new Column.Longs(name, size));
  }

  /** A new column of numbers, all 0. */
  public Column.Doubles doubles(String name, int size) {
    return doubles(name, size, 0);
  }

  /** A new column of numbers, all what counts as nothing. */
  public Column.Doubles doubles(String name, int size, double nothing) {
    return listed(new Column.Doubles(name, size, nothing));
  }

  /** A new column of step numbers, all 0 for never. */
  public Column.Steps steps(String name, int size) {
    return steps(name, size, 0);
  }

  /** A new column of step numbers, all what counts as never. */
  public Column.Steps steps(String name, int size, int never) {
    return listed(new Column.Steps(name, size, never));
  }

  private <T extends Column> T listed(T column) {
    if (columns.stream().anyMatch(it -> it.name().equals(column.name()))) {
      throw new IllegalArgumentException("two columns are called " + column.name());
    }
    columns.add(column);
    return column;
  }

  /** Every column, in the order in which they are saved. */
  public List<Column> columns() {
    return columns;
  }

  /**
   * A number that differs, in all likelihood, as soon as any one value does. The order of the
   * columns does not count, nor does a column that holds nothing: what a mission does not use
   * changes none of its hashes.
   *
   * @param begun what it begins with: a number for what the run was begun with
   */
  public long hash(long begun) {
    return Chance.mix(begun + columns.stream().mapToLong(Column::hash).sum());
  }

  /** All values as bytes. */
  public byte[] save() {
    ByteBuffer bytes = ByteBuffer.allocate(bytes());
    columns.forEach(column -> column.save(bytes));
    return bytes.array();
  }

  /**
   * Takes all values from bytes that {@link #save} made for the same plan.
   *
   * @throws IllegalArgumentException if they are of another plan
   */
  public void load(byte[] saved) {
    if (saved.length != bytes()) {
      throw new IllegalArgumentException(
          "a saved state of " + saved.length + " bytes does not fit a plan of " + bytes());
    }
    ByteBuffer bytes = ByteBuffer.wrap(saved);
    columns.forEach(column -> column.load(bytes));
  }

  private int bytes() {
    return columns.stream().mapToInt(Column::size).sum() * Long.BYTES;
  }
}
