package org.flintmoss.script.text;

import java.util.List;
import org.flintmoss.mission.word.Family;

/**
 * Something in a text that cannot be understood, and what may be meant.
 *
 * @param from the first character of it, from 0
 * @param to the character after it
 * @param line from 1
 * @param column from 1
 * @param says what is wrong and what to do
 * @param remedies what may stand there instead, the likeliest first
 * @param families the families of which a thing may stand there, where a name is not known; else
 *     none
 */
public record Trouble(
    int from,
    int to,
    int line,
    int column,
    String says,
    List<Remedy> remedies,
    List<Family> families) {
  /** Something that is no matter of an unknown name. */
  Trouble(int from, int to, int line, int column, String says, List<Remedy> remedies) {
    this(from, to, line, column, says, remedies, List.of());
  }

  /**
   * What may be meant.
   *
   * @param word what a button for it says
   * @param text what replaces the place of the trouble
   */
  public record Remedy(String word, String text) {}

  /** The same in a text that lacks some letters, and a line, before it. */
  Trouble earlier(int letters) {
    int at = Math.max(0, from - letters);
    return new Trouble(at, Math.max(at, to - letters), 1, at + 1, says, remedies, families);
  }

  /** A sentence with the place. */
  public String located() {
    return "line %d, column %d: %s".formatted(line, column, says);
  }
}
