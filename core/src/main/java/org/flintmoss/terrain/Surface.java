package org.flintmoss.terrain;

/**
 * What the ground is made of, cell by cell. The ordinal is the lower three bits of the byte that
 * tiles store; see {@link Growth} for the others.
 */
public enum Surface {
  SHINGLE("shingle", 0.85, 0.5),
  GRASS("grass", 1, 0.7),
  MARSH("marsh", 0.6, 0),
  MUD("mud", 0.5, 0),
  ROCK("rock", 0.9, 0.5),
  PLANK("plank", 1, 0.9),
  ROAD("road", 1, 1),
  FLOOR("floor", 1, 0.9);

  private static final Surface[] ALL = values();
  private final String word;
  private final double pace;
  private final double onWheels;

  Surface(String word, double pace, double onWheels) {
    this.word = word;
    this.pace = pace;
    this.onWheels = onWheels;
  }

  /** The word shown to people. */
  public String word() {
    return word;
  }

  /** What speed on foot is multiplied by, 0 to 1. */
  public double pace() {
    return pace;
  }

  /** What speed on wheels is multiplied by, 0 to 1; 0 where they sink in. */
  public double onWheels() {
    return onWheels;
  }

  /** The surface of a stored byte, whose upper bits tell what grows there. */
  static Surface of(byte stored) {
    return ALL[Byte.toUnsignedInt(stored) % ALL.length];
  }
}
