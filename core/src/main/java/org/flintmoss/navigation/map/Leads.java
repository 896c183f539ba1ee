package org.flintmoss.navigation.map;

import java.util.ArrayDeque;
import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Which components of a map are come to from which: crossings lead from one to another, one way.
 * What was asked once is kept; several runs may ask at once.
 */
final class Leads {
  private static final BitSet NOWHERE = new BitSet();

  /** For each component those to which crossings lead from it. */
  private final Map<Integer, BitSet> next = new HashMap<>();

  /** For each component that was asked about, all that are come to from it. */
  private final Map<Integer, BitSet> known = new ConcurrentHashMap<>();

  /** Has a crossing lead from a component to another; before anything is asked. */
  void add(int from, int to) {
    next.computeIfAbsent(from, _ -> new BitSet()).set(to);
  }

  /** Whether one gets from a component to another, on foot and over crossings. */
  boolean lead(int from, int to) {
    return from == to || (next.containsKey(from) && known.computeIfAbsent(from, this::all).get(to));
  }

  private BitSet all(int from) {
    BitSet all = new BitSet();
    ArrayDeque<Integer> open = new ArrayDeque<>();
    all.set(from);
    open.add(from);
    while (!open.isEmpty()) {
      BitSet on = (BitSet) next.getOrDefault(open.remove(), NOWHERE).clone();
      on.andNot(all);
      all.or(on);
      on.stream().forEach(open::add);
    }
    return all;
  }
}
