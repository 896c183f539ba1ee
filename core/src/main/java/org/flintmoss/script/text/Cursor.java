package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/**
 * Where reading stands among the tokens. Several phrases are tried from the same place; the cursor
 * keeps the farthest place at which one of them did not go on, and what would have let it.
 */
final class Cursor {
  private final List<Token> tokens;
  private int at;
  private int farthest = -1;
  private final Set<Expected> expected = new LinkedHashSet<>();
  private final Set<Expected> atEnd = new LinkedHashSet<>();
  private Trouble clear;
  private final Map<From, Read> known = new HashMap<>();

  Cursor(List<Token> tokens) {
    this.tokens = tokens;
  }

  /** The next token that is no comment. */
  Token peek() {
    return tokens.get(skip(at));
  }

  /** The one after the next. */
  Token second() {
    return tokens.get(skip(Math.min(skip(at) + 1, tokens.size() - 1)));
  }

  private int skip(int from) {
    int i = from;
    while (tokens.get(i).kind() == Token.Kind.COMMENT) {
      i++;
    }
    return i;
  }

  Token next() {
    int i = skip(at);
    at = Math.min(i + 1, tokens.size() - 1);
    return tokens.get(i);
  }

  /** The comments between the last token taken and the next one. */
  List<Token> comments() {
    return new ArrayList<>(tokens.subList(at, skip(at)));
  }

  /** The comments that were passed over since a mark. */
  List<Token> commentsSince(int mark) {
    return tokens.subList(mark, at).stream()
        .filter(token -> token.kind() == Token.Kind.COMMENT)
        .toList();
  }

  /** The last token taken. */
  Token last() {
    int i = Math.max(at - 1, 0);
    while (i > 0 && tokens.get(i).kind() == Token.Kind.COMMENT) {
      i--;
    }
    return tokens.get(i);
  }

  int mark() {
    return at;
  }

  void back(int mark) {
    at = mark;
  }

  /** Whether nothing is left. */
  boolean ended() {
    return peek().kind() == Token.Kind.END;
  }

  /** Takes a word or sign, or notes that it was expected. */
  boolean take(String word) {
    if (peek().is(word)) {
      next();
      return true;
    }
    fail(new Expected.Words(word));
    return false;
  }

  /** Takes several words, or none of them. */
  boolean take(String... words) {
    int mark = at;
    for (String word : words) {
      if (!peek().is(word)) {
        fail(new Expected.Words(word));
        at = mark;
        return false;
      }
      next();
    }
    return true;
  }

  /** Notes that something was expected at the next token. */
  void fail(Expected what) {
    int here = skip(at);
    if (tokens.get(here).kind() == Token.Kind.END) {
      atEnd.add(what);
    }
    if (here > farthest) {
      farthest = here;
      expected.clear();
      clear = null;
    }
    if (here == farthest) {
      expected.add(what);
    }
  }

  /** Notes what is wrong with the next token, more plainly than what was expected. */
  void fail(String says, List<Trouble.Remedy> remedies) {
    int here = skip(at);
    fail(new Expected.Words(""));
    if (here == farthest && clear == null) {
      Token token = tokens.get(here);
      clear = new Trouble(token.from(), token.to(), token.line(), token.column(), says, remedies);
    }
  }

  /** What a slot was read as from some place. */
  private record Read(JsonNode value, int end) {}

  private record From(SlotText slot, int mark) {}

  /** Reads a slot; several phrases that begin with the same one read it once. */
  JsonNode read(SlotText slot) {
    From from = new From(slot, at);
    Read read = known.get(from);
    if (read == null) {
      read = new Read(slot.read(this), at);
      known.put(from, read);
    }
    at = read.end();
    return read.value();
  }

  /** Whether nothing more is known of the next token than that it does not go on. */
  boolean unexplained() {
    return skip(at) != farthest || (expected.isEmpty() && clear == null);
  }

  /** Forgets what was expected; reading goes on from here. */
  void settle() {
    known.clear();
    farthest = -1;
    expected.clear();
    clear = null;
  }

  /** The token at which nothing went on. */
  Token stopped() {
    return tokens.get(Math.max(farthest, 0));
  }

  /** The token before the one at which nothing went on; null where there is none. */
  Token before() {
    int i = farthest - 1;
    while (i >= 0 && tokens.get(i).kind() == Token.Kind.COMMENT) {
      i--;
    }
    return i < 0 ? null : tokens.get(i);
  }

  /** What would have gone on there. */
  Set<Expected> expected() {
    return Set.copyOf(expected);
  }

  /** What would have gone on behind the last token of all. */
  Set<Expected> expectedAtEnd() {
    return atEnd;
  }

  /** What is wrong there, where that is known more plainly; else null. */
  Trouble clear() {
    return clear;
  }
}
