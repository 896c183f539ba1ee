package org.flintmoss.simulation.state;

import java.nio.ByteBuffer;
import java.util.Arrays;
import org.flintmoss.simulation.plan.Chance;

/**
 * One array of the state, with all that saving, loading, hashing and comparing need. It is private
 * to the class that sets it, or stands in {@link State}; a test holds both.
 */
public abstract sealed class Column {
  private final String name;
  private final int size;

  /** The bits of the value that stands for nothing. */
  private final long nothing;

  private Column(String name, int size, long nothing) {
    this.name = name;
    this.size = size;
    this.nothing = nothing;
  }

  /** The name that a difference is reported under. */
  public final String name() {
    return name;
  }

  /** How many values it holds. */
  public final int size() {
    return size;
  }

  /** The bits of one value. */
  public abstract long bits(int index);

  /** Sets the bits of one value. */
  public abstract void bits(int index, long bits);

  /**
   * A sum over all values that stand for something, each with the name of the column and its place
   * in it. So a column of nothing adds nothing, and none depends on those beside it.
   */
  final long hash() {
    long key = Chance.of(name);
    long sum = 0;
    for (int i = 0; i < size; i++) {
      long bits = bits(i);
      if (bits != nothing) {
        sum += Chance.mix(Chance.mix(key ^ i) ^ bits);
      }
    }
    return sum;
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
  public static sealed class Ints extends Column permits Steps {
    public final int[] at;

    /** A column that is filled with what stands for nothing in it. */
    Ints(String name, int size, int nothing) {
      super(name, size, nothing);
      at = new int[size];
      Arrays.fill(at, nothing);
    }

    @Override
    public final long bits(int index) {
      return at[index];
    }

    @Override
    public final void bits(int index, long bits) {
      at[index] = (int) bits;
    }
  }

  /** Numbers of steps, at which something was or will be. */
  public static final class Steps extends Ints {
    /** A column that is filled with what stands for never in it, 0 or -1. */
    Steps(String name, int size, int never) {
      super(name, size, never);
    }
  }

  /** Sets of bits. */
  public static final class Longs extends Column {
    public final long[] at;

    Longs(String name, int size) {
      super(name, size, 0);
      at = new long[size];
    }

    @Override
    public long bits(int index) {
      return at[index];
    }

    @Override
    public void bits(int index, long bits) {
      at[index] = bits;
    }
  }

  /** Numbers; -0.0 counts as 0.0. */
  public static final class Doubles extends Column {
    public final double[] at;

    /** A column that is filled with what stands for nothing in it. */
    Doubles(String name, int size, double nothing) {
      super(name, size, Double.doubleToRawLongBits(nothing));
      at = new double[size];
      Arrays.fill(at, nothing);
    }

    @Override
    public long bits(int index) {
      return Double.doubleToRawLongBits(at[index] + 0.0);
    }

    @Override
    public void bits(int index, long bits) {
      at[index] = Double.longBitsToDouble(bits);
    }
  }
}
