package org.flintmoss.mission.json;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.flintmoss.mission.word.Family;
import tools.jackson.databind.JsonNode;

/**
 * Names a place of a document in the words of the screen: {@code /routes/r7/waypoints/w3/speed} is
 * "Route 'Dawn walk', waypoint 3, speed".
 */
final class Whereabouts {
  private static final Map<String, Family> FAMILIES =
      Arrays.stream(Family.values()).collect(Collectors.toMap(Family::key, it -> it));

  /** Fields that only hold what is named beside them. */
  private static final List<String> SILENT = List.of("parts", "setting");

  /** How a reason begins that speaks of the file as a whole. */
  private static final Pattern OF_THE_FILE =
      Pattern.compile("(is|are|has|must|holds|lies|names|unpacks|needs) ");

  private Whereabouts() {}

  /**
   * A whole sentence that says what is wrong at a place.
   *
   * @param document the document, by which things are named; null for none at hand
   */
  static String sentence(JsonNode document, String pointer, String reason) {
    String place = place(document, pointer);
    String says = place.isEmpty() ? reason : place + ": " + reason;
    if (pointer.isEmpty() && OF_THE_FILE.matcher(reason).lookingAt()) {
      says = "The file " + reason;
    }
    String end = says.endsWith(".") ? "" : ".";
    return Character.toUpperCase(says.charAt(0)) + says.substring(1) + end;
  }

  /** The place in words; empty for the whole document and for a whole family. */
  private static String place(JsonNode document, String pointer) {
    List<String> steps = pointer.startsWith("/") ? Pointer.split(pointer) : List.of();
    if (steps.size() == 1 && isMap(steps.getFirst())) {
      return "";
    }
    List<String> words = new ArrayList<>();
    Family family = steps.size() > 1 ? FAMILIES.get(steps.getFirst()) : null;
    JsonNode node = document;
    String holder = "";
    for (int i = 0; i < steps.size(); i++) {
      String step = steps.get(i);
      JsonNode child = node == null ? null : node.get(step);
      if (i == 1 && family != null) {
        words.add(thing(family, child));
      } else if (child != null && child.has("order")) {
        words.removeLast();
        words.add(singular(holder) + " " + ordinal(node, step));
      } else if (!(i == 0 && family != null) && !SILENT.contains(step)) {
        words.add(words(step));
      }
      holder = words(step);
      node = child;
    }
    return String.join(", ", words);
  }

  /** Whether a field of the document holds things by their ids. */
  private static boolean isMap(String field) {
    return FAMILIES.containsKey(field) || field.equals("lost");
  }

  private static String thing(Family family, JsonNode thing) {
    String name = thing == null ? "" : thing.path("name").asString("");
    return name.isBlank() ? family.word() : "%s \"%s\"".formatted(family.word(), name);
  }

  /** The how-manieth of its siblings a part is, in their order; from 1. */
  private static long ordinal(JsonNode siblings, String id) {
    Comparator<Map.Entry<String, JsonNode>> inOrder =
        Comparator.comparing(it -> it.getValue().path("order").asString(""));
    List<String> ids =
        siblings.properties().stream()
            .sorted(inOrder.thenComparing(Map.Entry::getKey))
            .map(Map.Entry::getKey)
            .toList();
    return 1 + ids.indexOf(id);
  }

  private static String singular(String plural) {
    return Optional.of(plural)
        .filter(it -> it.endsWith("s"))
        .map(it -> it.substring(0, it.length() - 1))
        .orElse(plural);
  }

  /** The name of a field as words: "waitFor" is "wait for". */
  private static String words(String field) {
    return field.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
  }
}
