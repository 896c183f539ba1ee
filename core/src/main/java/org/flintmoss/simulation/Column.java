package org.flintmoss.simulation;

import java.nio.ByteBuffer;

/**
 * One array of the state, with all that saving, loading, hashing and comparing need. A field of the
 * state that is not a column cannot exist (a test holds this), so none can be forgotten.
 */
abstract sealed class Column {
  private final String name;
  private final int size;

  private Column(String name, int size) {
    this.name = name;
    this.size = size;
  }

  /** The name that a difference is reported under. */
  final String name() {
    return name;
  }

  /** How many values it holds. */
  final int size() {
    return size;
  }

  /** The bits of one value. */
  abstract long bits(int index);

  /** Sets the bits of one value. */
  abstract void bits(int index, long bits);

  final long hash() {
    long hash = Chance.of(name) + size;
    for (int i = 0; i < size; i++) {
      hash = Chance.mix(hash ^ bits(i));
    }
    return hash;
  }

  final void save(ByteBuffer to) {
    for (int i = 0; i < size; i++) {
      to.putLong(bits(i));
    }
  }

  final void load(ByteBuffer from) {
    for (int i = 0; i < size; i++) {
      bits(i, from.getLong());
    }
  }

  /** Whole numbers. */
  static final class Ints extends Column {
    final int[] at;

    Ints(String name, int size) {
      super(name, size);
      at = new int[size];
    }

    @Override
    long bits(int index) {
      return at[index];
    }

    @Override
    void bits(int index, long bits) {
      at[index] = (int) bits;
    }
  }

  /** Sets of bits. */
  static final class Longs extends Column {
    final long[] at;

    Longs(String name, int size) {
      super(name, size);
      at = new long[size];
    }

    @Override
    long bits(int index) {
      return at[index];
    }

    @Override
    void bits(int index, long bits) {
      at[index] = bits;
    }
  }

  /** Numbers; -0.0 counts as 0.0. */
  static final class Doubles extends Column {
    final double[] at;

    Doubles(String name, int size) {
      super(name, size);
      at = new double[size];
    }

    @Override
    long bits(int index) {
      return Double.doubleToRawLongBits(at[index] + 0.0);
    }

    @Override
    void bits(int index, long bits) {
      at[index] = Double.longBitsToDouble(bits);
    }
  }
}
