package org.flintmoss.simulation.state;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.simulation.plan.Chance;
import org.jspecify.annotations.Nullable;

/**
 * All that changes in a run: columns of primitives, sized once by the plan. Each column is made and
 * kept by its owner, which alone sets it; it is listed here as it is made, so that saving, loading
 * and hashing see them all.
 */
public final class State {
  private final List<Column> columns = new ArrayList<>();

  /** The columns that hold something of each unit. */
  private final Map<Column, Rows> inRows = new LinkedHashMap<>();

  /** What everything was when play began. */
  private byte[] first = {};

  /** What does not go back with the world. */
  private final Set<Column> lasting = new HashSet<>();

  /** What was kept of the world, to go back to; empty for nothing. */
  private byte[] kept = {};

  State() {}

  /** A new column of whole numbers, all 0. */
  public Column.Ints ints(String name, int size) {
    return ints(name, size, 0);
  }

  /** A new column of whole numbers, all what counts as nothing. */
  public Column.Ints ints(String name, int size, int nothing) {
    return listed(new Column.Ints(name, size, nothing));
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

  /** A new column of whole numbers of each unit, all 0. */
  public Column.Ints ints(String name, Rows rows) {
    return ints(name, rows, 0);
  }

  /** A new column of whole numbers of each unit, all what counts as nothing. */
  public Column.Ints ints(String name, Rows rows, int nothing) {
    return inRows(ints(name, rows.size(), nothing), rows);
  }

  /** A new column of sets of 64 bits, all empty. */
  public Column.Longs longs(String name, int size) {
    return listed(new Column.Longs(name, size));
  }

  /** A new column of sets of 64 bits of each unit, all empty. */
  public Column.Longs longs(String name, Rows rows) {
    return inRows(listed(new Column.Longs(name, rows.size())), rows);
  }

  /** A new column of numbers of each unit, all 0. */
  public Column.Doubles doubles(String name, Rows rows) {
    return doubles(name, rows, 0);
  }

  /** A new column of numbers of each unit, all what counts as nothing. */
  public Column.Doubles doubles(String name, Rows rows, double nothing) {
    return inRows(doubles(name, rows.size(), nothing), rows);
  }

  /** A new column of step numbers of each unit, all 0 for never. */
  public Column.Steps steps(String name, Rows rows) {
    return inRows(steps(name, rows.size()), rows);
  }

  private <T extends Column> T inRows(T column, Rows rows) {
    inRows.put(column, rows);
    return column;
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

  /** All values as bytes, and behind them what was kept to go back to. */
  public byte[] save() {
    ByteBuffer bytes = ByteBuffer.allocate(bytes() + kept.length);
    columns.forEach(column -> column.save(bytes));
    return bytes.put(kept).array();
  }

  /** A column does not go back with the world. */
  public void lasts(Column column) {
    lasting.add(column);
  }

  /** Keeps the world as it is now, to go back to; answers with a number for it. */
  public long keep() {
    kept = new byte[0];
    kept = save();
    return hash(kept.length);
  }

  /** Takes the world back to what was kept; answers whether anything was. */
  boolean goBack() {
    if (kept.length == 0) {
      return false;
    }
    ByteBuffer bytes = ByteBuffer.wrap(kept);
    for (Column column : columns) {
      if (lasting.contains(column)) {
        bytes.position(bytes.position() + column.size() * Long.BYTES);
      } else {
        column.load(bytes);
      }
    }
    return true;
  }

  /**
   * Takes all values from bytes that {@link #save} made for the same plan.
   *
   * @throws IllegalArgumentException if they are of another plan
   */
  public void load(byte[] saved) {
    if (saved.length != bytes() && saved.length != 2 * bytes()) {
      throw new IllegalArgumentException(
          "a saved state of " + saved.length + " bytes does not fit a plan of " + bytes());
    }
    ByteBuffer bytes = ByteBuffer.wrap(saved);
    columns.forEach(column -> column.load(bytes));
    kept = new byte[bytes.remaining()];
    bytes.get(kept);
  }

  /** Keeps what everything is when play begins. */
  public void begin() {
    first = save();
  }

  /**
   * Makes a row what it was when play began: another takes the place of a unit, or, behind all
   * units, of a squad.
   */
  public void renew(int row) {
    ByteBuffer bytes = ByteBuffer.wrap(first);
    int from = 0;
    for (Column column : columns) {
      Rows rows = inRows.get(column);
      if (rows != null && row < rows.count()) {
        for (int index = row * rows.width(); index < (row + 1) * rows.width(); index++) {
          column.bits(index, bytes.getLong((from + index) * Long.BYTES));
        }
      }
      from += column.size();
    }
  }

  /** How a column lies that holds something of each unit; null for any other. */
  public @Nullable Rows rows(Column column) {
    return inRows.get(column);
  }

  private int bytes() {
    return columns.stream().mapToInt(Column::size).sum() * Long.BYTES;
  }
}
