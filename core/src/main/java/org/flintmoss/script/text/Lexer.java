package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.List;

/** Cuts a text into tokens; what cannot be cut is reported and left out. */
final class Lexer {
  /** A tab goes on to the next column that is one more than a multiple of this. */
  private static final int TAB = 4;

  private final String text;
  private final Troubles troubles;
  private final List<Token> tokens = new ArrayList<>();
  private int at;
  private int line = 1;
  private int column = 1;
  private boolean first = true;

  private Lexer(String text, Troubles troubles) {
    this.text = text;
    this.troubles = troubles;
  }

  /** The tokens of a text, with one for its end. */
  static List<Token> cut(String text, Troubles troubles) {
    return new Lexer(text, troubles).cut();
  }

  /** The words and signs of a text that is known to be sound. */
  static String[] words(String text) {
    return cut(text, new Troubles()).stream()
        .filter(token -> token.kind() != Token.Kind.END)
        .map(Token::text)
        .toArray(String[]::new);
  }

  private List<Token> cut() {
    while (at < text.length()) {
      char c = text.charAt(at);
      switch (c) {
        case '\n' -> newLine();
        case '\t' -> {
          column += TAB - (column - 1) % TAB;
          at++;
        }
        case '#' -> comment();
        case '[' -> name();
        case '"' -> quoted();
        default -> {
          if (Character.isWhitespace(c) || c == '\uFEFF') {
            at++;
            column++;
          } else if (Character.isDigit(c)) {
            run(Token.Kind.NUMBER, Lexer::inNumber);
          } else if (Character.isLetter(c) || Character.isSurrogate(c)) {
            run(Token.Kind.WORD, Lexer::inWord);
          } else {
            add(Token.Kind.MARK, String.valueOf(c == '−' ? '-' : c), at + 1);
          }
        }
      }
    }
    add(Token.Kind.END, "", at);
    return tokens;
  }

  private void newLine() {
    at++;
    line++;
    column = 1;
    first = true;
  }

  private void add(Token.Kind kind, String what, int to) {
    add(kind, what, "", to);
  }

  private void add(Token.Kind kind, String what, String id, int to) {
    tokens.add(new Token(kind, what, id, at, to, line, column, first));
    column += to - at;
    at = to;
    first = false;
  }

  /** Whether a character goes on a run of the one before it. */
  private interface Inside {
    boolean goesOn(String text, int at);
  }

  private void run(Token.Kind kind, Inside inside) {
    int to = at + 1;
    while (to < text.length() && inside.goesOn(text, to)) {
      to++;
    }
    add(kind, text.substring(at, to), to);
  }

  private static boolean inWord(String text, int at) {
    char c = text.charAt(at);
    boolean within = c == '/' && at + 1 < text.length() && Character.isLetter(text.charAt(at + 1));
    boolean joins = within || c == '’' || c == '\'';
    return Character.isLetterOrDigit(c) || Character.isSurrogate(c) || joins;
  }

  /** Digits, and a point or colon between two of them. */
  private static boolean inNumber(String text, int at) {
    char c = text.charAt(at);
    boolean between = (c == '.' || c == ':') && at + 1 < text.length();
    return Character.isDigit(c) || (between && Character.isDigit(text.charAt(at + 1)));
  }

  private void comment() {
    int to = text.indexOf('\n', at);
    int end = to < 0 ? text.length() : to;
    String words = text.substring(at + 1, end);
    String unspaced = words.startsWith(" ") ? words.substring(1) : words;
    add(
        Token.Kind.COMMENT,
        unspaced.endsWith("\r") ? unspaced.substring(0, unspaced.length() - 1) : unspaced,
        end);
  }

  private void name() {
    StringBuilder name = new StringBuilder();
    StringBuilder id = new StringBuilder();
    int to = escaped(']', name, id);
    if (to < 0) {
      unclosed("This bracket is not closed on its line: write ] after the name.");
    } else {
      add(Token.Kind.NAME, name.toString(), id.toString(), to);
    }
  }

  private void quoted() {
    StringBuilder words = new StringBuilder();
    int to = escaped('"', words, null);
    if (to < 0) {
      unclosed("These quotes are not closed on their line: write \" after the words.");
    } else {
      add(Token.Kind.TEXT, words.toString(), to);
    }
  }

  private void unclosed(String says) {
    int to = text.indexOf('\n', at);
    int end = to < 0 ? text.length() : to;
    troubles.add(at, end, line, column, says);
    // What is broken off is taken as a name, so that the line is not found wrong a second time.
    add(Token.Kind.NAME, text.substring(at + 1, end), end);
  }

  /**
   * Reads up to a closing sign on the same line; a backslash takes the next sign as it is.
   *
   * @param id takes what stands after a tilde; null where there is no such thing
   * @return the character after the closing sign; -1 where there is none
   */
  private int escaped(char close, StringBuilder words, StringBuilder id) {
    StringBuilder into = words;
    for (int i = at + 1; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == close) {
        return i + 1;
      }
      if (c == '\n') {
        return -1;
      }
      if (c == '\\' && i + 1 < text.length() && text.charAt(i + 1) != '\n') {
        char next = text.charAt(++i);
        into.append(next == 'n' ? '\n' : next == 'r' ? '\r' : next);
      } else if (c == '~' && id != null && into != id) {
        into = id;
      } else {
        into.append(c);
      }
    }
    return -1;
  }

  /** A name or text as it is written between its signs. */
  static String escape(String text, char close) {
    StringBuilder escaped = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '\n' -> escaped.append("\\n");
        case '\r' -> escaped.append("\\r");
        case '\\', '~' -> escaped.append('\\').append(c);
        default -> escaped.append(c == close ? "\\" : "").append(c);
      }
    }
    return escaped.toString();
  }
}
