package org.flintmoss.format;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.OptionalDouble;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Surface;

/**
 * Heights as an ESRI ASCII grid: a head of {@code ncols}, {@code nrows}, {@code xllcorner} or
 * {@code xllcenter}, {@code yllcorner} or {@code yllcenter}, {@code cellsize} and optionally {@code
 * NODATA_value}, then the rows from the north, each from the west.
 */
public final class HeightGrid {
  private static final int MOST = 2048;

  /** No height is farther from zero than this, metres. */
  private static final double HIGHEST = 9000;

  /** Letters of a line that are shown in an error. */
  private static final int SHOWN = 24;

  private HeightGrid() {}

  /** What the head of a file says. */
  private record Head(int columns, int rows, double cell, double hole, boolean holes) {}

  /**
   * Reads a grid.
   *
   * @param fill the height of cells that have none, metres; empty where there must be none
   * @throws MissionRefused naming the line that is wrong
   */
  public static Ground.Grid read(byte[] bytes, OptionalDouble fill) {
    if (fill.isPresent() && !(Math.abs(fill.getAsDouble()) <= HIGHEST)) {
      throw new MissionRefused("", "cells without a height lie from -9000 m to 9000 m");
    }
    Words words = new Words(bytes);
    Head head = head(words);
    Ground.Grid grid = Ground.Grid.flat(head.columns(), head.rows(), head.cell());
    Arrays.fill(grid.surfaces(), (byte) Surface.GRASS.ordinal());
    int holes = 0;
    for (int row = head.rows() - 1; row >= 0; row--) {
      int written = head.rows() - row;
      for (int column = 0; column < head.columns(); column++) {
        String word = words.next();
        if (word == null) {
          throw new MissionRefused(
              "",
              "ends in row %d of %d, after %d of %d heights"
                  .formatted(written, head.rows(), column, head.columns()));
        }
        double height = number(words, word);
        boolean hole = head.holes() && height == head.hole();
        holes += hole ? 1 : 0;
        if (!hole && Math.abs(height) > HIGHEST) {
          throw wrong(words, word, "is no height in metres; they go from -9000 to 9000");
        }
        grid.heights()[row * head.columns() + column] = hole ? fill.orElse(0) : height;
      }
    }
    if (words.next() != null) {
      throw new MissionRefused(
          "",
          "goes on at line %d after the %d x %d heights that its head promises"
              .formatted(words.line, head.columns(), head.rows()));
    }
    if (holes > 0 && fill.isEmpty()) {
      throw new MissionRefused(
          "",
          "has %d cells without a height (%s); say at which height they are to lie"
              .formatted(holes, plain(head.hole())));
    }
    return grid;
  }

  private static Head head(Words words) {
    int columns = -1;
    int rows = -1;
    double cell = -1;
    double hole = Double.NaN;
    while (words.headGoesOn()) {
      String key = words.next();
      String value = words.next();
      if (value == null) {
        throw wrong(words, key, "has no value");
      }
      double number = number(words, value);
      switch (key.toLowerCase(Locale.ROOT)) {
        case "ncols" -> columns = whole(words, value, number);
        case "nrows" -> rows = whole(words, value, number);
        case "cellsize" -> cell = number;
        case "nodata_value" -> hole = number;
        case "xllcorner", "yllcorner", "xllcenter", "yllcenter" -> {
          // Where on the earth it lies is not kept: a mission has its own south-west corner.
        }
        default -> throw wrong(words, key, "is nothing that the head of a grid says");
      }
    }
    if (columns < 0 || rows < 0 || cell < 0) {
      throw new MissionRefused("", "must begin with ncols, nrows and cellsize, each with a number");
    }
    if (!(cell >= 0.25 && cell <= 64)) {
      throw new MissionRefused(
          "", "has cells of %s; they measure 0.25 m to 64 m".formatted(plain(cell)));
    }
    return new Head(columns, rows, cell, hole, !Double.isNaN(hole));
  }

  private static int whole(Words words, String word, double number) {
    if (number != Math.floor(number) || number < Terrain.TILE || number > MOST) {
      throw wrong(
          words,
          word,
          "cells on a side are too few or too many; %d to %d can be held"
              .formatted(Terrain.TILE, MOST));
    }
    return (int) number;
  }

  private static double number(Words words, String word) {
    try {
      double number = Double.parseDouble(word);
      if (Double.isFinite(number)) {
        return number;
      }
    } catch (NumberFormatException _) {
      // Told below, with its line.
    }
    throw wrong(words, word, "is not a number");
  }

  private static MissionRefused wrong(Words words, String word, String why) {
    String shown = word.length() <= SHOWN ? word : word.substring(0, SHOWN) + "…";
    return new MissionRefused("", "is wrong in line %d: '%s' %s".formatted(words.line, shown, why));
  }

  private static String plain(double number) {
    return number == Math.floor(number) ? String.valueOf((long) number) : String.valueOf(number);
  }

  /** Writes a ground; heights to the centimetre. */
  public static byte[] write(Ground ground) {
    StringBuilder text = new StringBuilder();
    text.append("ncols ").append(ground.columns()).append('\n');
    text.append("nrows ").append(ground.rows()).append('\n');
    text.append("xllcorner 0\nyllcorner 0\n");
    text.append("cellsize ").append(plain(ground.cell())).append('\n');
    for (int row = ground.rows() - 1; row >= 0; row--) {
      for (int column = 0; column < ground.columns(); column++) {
        long cm = (long) Math.floor(ground.sample(row * ground.columns() + column) * 100 + 0.5);
        text.append(column == 0 ? "" : " ").append(cm / 100.0);
      }
      text.append('\n');
    }
    return text.toString().getBytes(StandardCharsets.US_ASCII);
  }

  /** The words of a file one after the other, with the line that each stands in. */
  private static final class Words {
    private final byte[] bytes;
    private int at;
    private int line = 1;

    Words(byte[] bytes) {
      this.bytes = bytes;
    }

    private static boolean blank(byte b) {
      return b == ' ' || b == '\t' || b == '\n' || b == '\r' || b == ',' || b == ';';
    }

    private void skip() {
      while (at < bytes.length && blank(bytes[at])) {
        line += bytes[at] == '\n' ? 1 : 0;
        at++;
      }
    }

    /** Whether the next word begins with a letter, as those of the head do. */
    boolean headGoesOn() {
      skip();
      return at < bytes.length && Character.isLetter(bytes[at] & 0x7f) && bytes[at] >= 0;
    }

    /** The next word; null at the end. */
    String next() {
      skip();
      int from = at;
      while (at < bytes.length && !blank(bytes[at])) {
        at++;
      }
      return from == at ? null : new String(bytes, from, at - from, StandardCharsets.ISO_8859_1);
    }
  }
}
