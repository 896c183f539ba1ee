package org.flintmoss.terrain;

/**
 * What the ground is made of, cell by cell. The ordinal is the lower three bits of the byte that
 * tiles store; see {@link Growth} for the others.
 */
public enum Surface {
  SHINGLE("shingle", 0.85),
  GRASS("grass", 1),
  MARSH("marsh", 0.6),
  MUD("mud", 0.5),
  ROCK("rock", 0.9),
  PLANK("plank", 1),
  ROAD("road", 1),
  FLOOR("floor", 1);

  private static final Surface[] ALL = values();
  private final String word;
  private final double pace;

  Surface(String word, double pace) {
    this.word = word;
    this.pace = pace;
  }

  /** The word shown to people. */
  public String word() {
    return word;
  }

  /** What speed on foot is multiplied by, 0 to 1. */
  public double pace() {
    return pace;
  }

  /** The surface of a stored byte, whose upper bits tell what grows there. */
  static Surface of(byte stored) {
    return ALL[Byte.toUnsignedInt(stored) % ALL.length];
  }
}
