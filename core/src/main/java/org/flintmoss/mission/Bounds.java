package org.flintmoss.mission;

import jakarta.validation.constraints.Size;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.flintmoss.mission.json.Problem;
import org.flintmoss.mission.word.Family;
import tools.jackson.databind.JsonNode;

/**
 * How many things of each family a mission may hold, as the {@link Mission} record declares it. The
 * published schema says the same numbers. Counting takes no reading of the things, so that it comes
 * before all else.
 */
public final class Bounds {
  private static final Map<String, Integer> MOST = declared();

  private static final Map<String, String> WORDS =
      Arrays.stream(Family.values()).collect(Collectors.toMap(Family::key, Family::words));

  private Bounds() {}

  private static Map<String, Integer> declared() {
    Map<String, Integer> most = new LinkedHashMap<>();
    for (Field field : Mission.class.getDeclaredFields()) {
      // Record components carry no constraints themselves; their fields do.
      Size size = field.getAnnotation(Size.class);
      if (size != null && !Modifier.isStatic(field.getModifiers())) {
        most.put(field.getName(), size.max());
      }
    }
    return Map.copyOf(most);
  }

  /** The most things that a map of the document may hold; empty for what is no map of things. */
  public static Optional<Integer> most(String map) {
    return Optional.ofNullable(MOST.get(map));
  }

  /** The maps of a document that hold more than they may. */
  static List<Problem> overfull(JsonNode document) {
    List<Problem> problems = new ArrayList<>();
    MOST.forEach(
        (map, most) -> {
          JsonNode things = document.path(map);
          if (things.isObject() && things.size() > most) {
            problems.add(new Problem("/" + map, says(map, most, things.size())));
          }
        });
    return problems;
  }

  private static String says(String map, int most, int count) {
    String words = WORDS.getOrDefault(map, "remembered things that were deleted");
    return "a mission has at most %d %s, not %d".formatted(most, words, count);
  }
}
