package org.flintmoss.simulation.script;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.flintmoss.script.Node;
import org.flintmoss.script.Program;
import org.flintmoss.script.Script;

/**
 * How many parts of each plain conjunction do not hold: facts and facts that are not, all of them
 * at once. Such an event is looked at only when the last part comes to hold or the first ceases to;
 * every other event whenever a fact flips that it reads. Reckoned from the truth of the facts, so
 * it is no part of the state.
 */
final class Conjunctions {
  private static final byte LOOK = 0;

  private final int[][] readers;

  /** For each fact and reader: 1 or -1 as it holds with the fact or without; 0 for no such part. */
  private final byte[][] sign;

  private final int[] unmet;

  Conjunctions(Script script) {
    readers = script.readers();
    List<Program> programs = script.programs();
    unmet = new int[programs.size()];
    sign = new byte[readers.length][];
    for (int fact = 0; fact < readers.length; fact++) {
      sign[fact] = new byte[readers[fact].length];
    }
    for (int event = 0; event < unmet.length; event++) {
      Map<Integer, Byte> literals = literals(programs.get(event));
      int one = event;
      literals.forEach((fact, with) -> sign[fact][Arrays.binarySearch(readers[fact], one)] = with);
    }
    count(new int[readers.length]);
  }

  /** The parts of a plain conjunction by their facts; none for any other condition. */
  private static Map<Integer, Byte> literals(Program program) {
    Map<Integer, Byte> literals = new HashMap<>();
    List<Node> nodes =
        program.when() instanceof Node.All all ? all.parts() : List.of(program.when());
    boolean plain = !program.lucky() && program.asides().isEmpty();
    for (Node node : nodes) {
      boolean not = node instanceof Node.Not;
      Node of = node instanceof Node.Not negated ? negated.of() : node;
      plain &= of instanceof Node.Is is && literals.put(is.fact(), (byte) (not ? -1 : 1)) == null;
    }
    return plain ? literals : Map.of();
  }

  /** Counts anew, after another moment was loaded. */
  void count(int[] truth) {
    Arrays.fill(unmet, 0);
    for (int fact = 0; fact < readers.length; fact++) {
      for (int i = 0; i < readers[fact].length; i++) {
        boolean met = truth[fact] == 1 == (sign[fact][i] > 0);
        unmet[readers[fact][i]] += sign[fact][i] != LOOK && !met ? 1 : 0;
      }
    }
  }

  /** Takes a flip of a fact; answers whether its reader by that number has to be looked at. */
  boolean flipped(int fact, int reader, int truth) {
    byte with = sign[fact][reader];
    if (with == LOOK) {
      return true;
    }
    int event = readers[fact][reader];
    boolean met = truth == 1 == (with > 0);
    unmet[event] += met ? -1 : 1;
    return met ? unmet[event] == 0 : unmet[event] == 1;
  }
}
