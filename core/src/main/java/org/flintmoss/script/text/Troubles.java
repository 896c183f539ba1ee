package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What was found wrong with a text; only the first are kept. */
final class Troubles {
  /** The most that are kept. */
  static final int MOST = 200;

  private final List<Trouble> found = new ArrayList<>();

  void add(int from, int to, int line, int column, String says) {
    add(new Trouble(from, to, line, column, says, List.of()));
  }

  void add(Token at, String says, List<Trouble.Remedy> remedies) {
    add(new Trouble(at.from(), at.to(), at.line(), at.column(), says, remedies));
  }

  /** Whether no more are kept. */
  boolean full() {
    return found.size() >= MOST;
  }

  void add(Trouble trouble) {
    if (!full()) {
      found.add(trouble);
    }
  }

  int size() {
    return found.size();
  }

  /** All of them, in the order of the text. */
  List<Trouble> all() {
    return found.stream().sorted(Comparator.comparingInt(Trouble::from)).toList();
  }
}
