package org.flintmoss.terrain;

/** What the ground is made of, cell by cell. The ordinal is the byte that tiles store. */
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

  /** The surface of a stored byte; unknown bytes read as shingle. */
  static Surface of(byte code) {
    return code >= 0 && code < ALL.length ? ALL[code] : SHINGLE;
  }
}
