package org.flintmoss.mission.word;

import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** A part of an ordered, id-keyed map. */
public interface Ordered {
  /** The fractional order string of this part. */
  String order();

  /** The entries of an id-keyed map in their order; equal orders break by id. */
  static <T extends Ordered> List<Map.Entry<String, T>> sort(Map<String, T> parts) {
    return parts.entrySet().stream()
        .sorted(
            Comparator.comparing((Map.Entry<String, T> part) -> part.getValue().order())
                .thenComparing(Map.Entry::getKey))
        .toList();
  }
}
