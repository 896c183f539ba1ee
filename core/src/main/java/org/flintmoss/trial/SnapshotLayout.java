package org.flintmoss.trial;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The layout of binary snapshots, declared once: what is sent of a unit, as which number, times
 * which scale. The TypeScript table that the browser decodes by is generated from it.
 *
 * <p>A snapshot, big-endian: step and base step as uint32 (base 0: everything), then until the end,
 * for each unit that changed since the base: its number as uint16 and a mask byte. Mask {@value
 * #GONE} says that it can no longer be seen; otherwise bit i says that field i follows. After the
 * units, for each thing that lies elsewhere than in the base, or than where it was set down: its
 * number among those that may move as uint16, the mask {@value #THING}, and as int32 metres east
 * and north and how high its foot is above the zero of heights, times {@value #CENTIMETRE}.
 */
public final class SnapshotLayout {
  /** The mask of a unit that can no longer be seen. */
  public static final int GONE = 0x80;

  /** The mask of a thing that may move. */
  public static final int THING = 0x81;

  /** The scale of where things lie, metres. */
  static final double CENTIMETRE = 0.01;

  /** A number on the wire. */
  public enum Wire {
    U8(1),
    U16(2),
    I32(4);

    private final int bytes;

    Wire(int bytes) {
      this.bytes = bytes;
    }

    /** Its length. */
    public int bytes() {
      return bytes;
    }
  }

  /** A field of a unit; {@code value = number on the wire * scale}. */
  public enum Field {
    /** Metres east. */
    X(Wire.I32, 0.01),
    /** Metres north. */
    Y(Wire.I32, 0.01),
    /** Bearing, degrees. */
    FACING(Wire.U16, 0.01),
    /** Percent of full health. */
    HEALTH(Wire.U8, 1),
    /**
     * Bit 0 dead, bits 1-2 alertness, bit 3 struck lately, bit 4 hurt lately, bit 5 under way, bit
     * 6 down, bit 7 bound.
     */
    SIGNS(Wire.U8, 1),
    /** Metres a second. */
    SPEED(Wire.U8, 0.1),
    /** The surface it stands on, as the decks number them: 0 for the ground. */
    DECK(Wire.U16, 1);

    private final Wire wire;
    private final double scale;

    Field(Wire wire, double scale) {
      this.wire = wire;
      this.scale = scale;
    }

    /** The number on the wire. */
    public Wire wire() {
      return wire;
    }

    /** The number on the wire for a value; values beyond what it holds are cut off. */
    int number(double value) {
      double most = wire == Wire.U8 ? 255 : wire == Wire.U16 ? 65535 : Integer.MAX_VALUE;
      return (int) Math.max(0, Math.min(most, Math.floor(value / scale + 0.5)));
    }

    String key() {
      return name().toLowerCase(java.util.Locale.ROOT);
    }
  }

  /** All fields in their order. */
  public static final List<Field> FIELDS = List.of(Field.values());

  private SnapshotLayout() {}

  /** The TypeScript source that declares the same. */
  public static String typeScript() {
    String table =
        Arrays.stream(Field.values())
            .map(
                field ->
                    "  { name: \"%s\", wire: \"%s\", scale: %s },\n"
                        .formatted(
                            field.key(),
                            field.wire().name().toLowerCase(java.util.Locale.ROOT),
                            field.scale == 1 ? "1" : String.valueOf(field.scale)))
            .collect(Collectors.joining());
    String fields =
        Arrays.stream(Field.values())
            .map(field -> "  %s: number;\n".formatted(field.key()))
            .collect(Collectors.joining());
    return "// Generated from SnapshotLayout.java; a test of the core keeps it current.\n\n"
        + "/** What a snapshot tells of one unit. */\n"
        + "export interface UnitSnapshot {\n"
        + fields
        + "}\n\n"
        + "/** The mask of a unit that can no longer be seen. */\n"
        + "export const GONE = %d;\n\n".formatted(GONE)
        + "/** The mask of a thing that may move. */\n"
        + "export const THING = %d;\n\n".formatted(THING)
        + "/** The scale of where things lie, metres. */\n"
        + "export const CENTIMETRE = %s;\n\n".formatted(CENTIMETRE)
        + "/** The fields of a unit in their order on the wire. */\n"
        + "export const UNIT_FIELDS = [\n"
        + table
        + "] as const;\n";
  }
}
