package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.simulation.players.Input;

/**
 * What a player does between two steps. A flood is bounded, but the last word on what goes on until
 * it is told otherwise (walking, aiming, fighting, using) always counts, so that letting go of a
 * key is never lost.
 */
final class Inputs {
  /** Inputs that are taken between two steps. */
  static final int MOST = 64;

  private final List<Input> waiting = new ArrayList<>();

  synchronized void add(Input input) {
    boolean goesOn =
        input instanceof Input.Steer
            || input instanceof Input.Aim
            || input instanceof Input.Attack
            || input instanceof Input.Use;
    if (input instanceof Input.Aim
        && !waiting.isEmpty()
        && waiting.getLast() instanceof Input.Aim) {
      waiting.removeLast();
    } else if (waiting.size() >= MOST) {
      if (!goesOn) {
        return;
      }
      forgetLast(input.getClass());
    }
    waiting.add(input);
  }

  private void forgetLast(Class<? extends Input> kind) {
    for (int i = waiting.size() - 1; i >= 0; i--) {
      if (kind.isInstance(waiting.get(i))) {
        waiting.remove(i);
        return;
      }
    }
  }

  /** All that waits, in its order; then nothing waits any more. */
  synchronized List<Input> take() {
    List<Input> all = List.copyOf(waiting);
    waiting.clear();
    return all;
  }
}
