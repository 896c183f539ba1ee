package org.flintmoss.script.text;

/**
 * The smallest part of a text.
 *
 * @param text its letters; of a name or a quoted text what they stand for
 * @param id of a name, the id that is written behind it; else empty
 * @param from the first character of it, from 0
 * @param to the character after it
 * @param line from 1
 * @param column from 1
 * @param first whether it is the first of its line
 */
record Token(
    Kind kind, String text, String id, int from, int to, int line, int column, boolean first) {
  /** What a token is. */
  enum Kind {
    WORD,
    NUMBER,
    /** In square brackets: what it names, and its id where that is written. */
    NAME,
    /** In double quotes. */
    TEXT,
    /** A single sign. */
    MARK,
    /** From a hash to the end of the line. */
    COMMENT,
    END
  }

  boolean is(String word) {
    return (kind == Kind.WORD || kind == Kind.MARK) && text.equals(word);
  }

  /** How it is shown in a message. */
  String shown() {
    return switch (kind) {
      case END -> "the end of the text";
      case NAME -> "[" + text + "]";
      case TEXT -> "\"" + text + "\"";
      default -> "“" + text + "”";
    };
  }
}
