package org.flintmoss.terrain;

/**
 * What grows on the ground, cell by cell: it hides whom it reaches over, and slows those who push
 * through. How dense it is comes in seven steps.
 *
 * <p>Tiles store it in the upper five bits of the byte that also tells the surface: 0 where nothing
 * grows, else {@code 1 + 7 * ordinal + density - 1}.
 */
public enum Growth {
  REEDS("reeds", 2.2, 0.3, 0.75),
  GORSE("gorse", 1.5, 0.55, 0.45),
  HEATHER("heather", 0.5, 0.5, 0.85),
  TREES("trees", 8, 0.1, 0.8);

  /** How many steps of density there are. */
  public static final int DENSEST = 7;

  /** The share of a sight line that must be left for somebody to be seen at all. */
  public static final double SEEN = 0.05;

  private static final int SURFACES = 8;
  private static final Growth[] ALL = values();

  private final String word;
  private final double height;
  private final double hides;
  private final double pace;

  Growth(String word, double height, double hides, double pace) {
    this.word = word;
    this.height = height;
    this.hides = hides;
    this.pace = pace;
  }

  /** The word shown to people. */
  public String word() {
    return word;
  }

  /** How high it reaches, metres. */
  public double height() {
    return height;
  }

  /** The share of a sight line that a metre of it takes where it is densest, 0 to 1. */
  public double hides() {
    return hides;
  }

  /** What speed on foot is multiplied by where it is densest, 0 to 1. */
  public double pace() {
    return pace;
  }

  /** The byte of a surface with growth of a density, 1 to {@value #DENSEST}, on it. */
  public byte on(Surface surface, int density) {
    return (byte) (surface.ordinal() | (1 + DENSEST * ordinal() + density - 1) * SURFACES);
  }

  /** What grows where a byte is stored; null for nothing. */
  static Growth of(byte stored) {
    int code = code(stored);
    return code == 0 ? null : ALL[Math.min(ALL.length - 1, (code - 1) / DENSEST)];
  }

  /** How dense it is, 0 to 1. */
  static double density(byte stored) {
    int code = code(stored);
    return code == 0 ? 0 : ((code - 1) % DENSEST + 1.0) / DENSEST;
  }

  private static int code(byte stored) {
    return Byte.toUnsignedInt(stored) / SURFACES;
  }
}
