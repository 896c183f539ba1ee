package org.flintmoss.mission;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.flintmoss.mission.json.SameJson;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;

/** What differs between two documents of one mission, thing by thing and in words. */
public final class Differences {
  /** How many figures are told of one thing. */
  private static final int TOLD = 3;

  /** Letters of a value that are told. */
  private static final int SHOWN = 40;

  private final List<Difference> found = new ArrayList<>();

  private Differences() {}

  /** Whether a thing came, went or changed. */
  public enum Kind {
    ADDED,
    CHANGED,
    REMOVED
  }

  /**
   * One difference.
   *
   * @param thing the thing; null for what belongs to the mission as a whole
   * @param name what it is called, in the newer document where it is there
   * @param says what is different, in words
   */
  public record Difference(Kind kind, Ref thing, String name, String says) {}

  /** The differences, the mission's own first, then by families and names. */
  public static List<Difference> between(JsonNode from, JsonNode to) {
    Differences differences = new Differences();
    differences.whole("Brief", from.path("brief"), to.path("brief"));
    differences.setting(from.path("setting"), to.path("setting"));
    for (Family family : Family.values()) {
      differences.family(family, from.path(family.key()), to.path(family.key()));
    }
    return differences.found;
  }

  private void whole(String name, JsonNode from, JsonNode to) {
    if (!SameJson.same(from, to)) {
      found.add(new Difference(Kind.CHANGED, null, name, words(from, to)));
    }
  }

  private void setting(JsonNode from, JsonNode to) {
    Set<String> fields = new TreeSet<>(from.propertyNames());
    fields.addAll(to.propertyNames());
    for (String field : fields) {
      JsonNode was = from.path(field);
      JsonNode is = to.path(field);
      if (field.equals("terrain")) {
        terrain(was, is);
      } else if (!SameJson.same(was, is)) {
        found.add(new Difference(Kind.CHANGED, null, "Setting", told(field, was, is)));
      }
    }
  }

  private void terrain(JsonNode from, JsonNode to) {
    long tiles =
        to.path("tiles").properties().stream()
            .filter(it -> !it.getValue().equals(from.path("tiles").path(it.getKey())))
            .count();
    boolean other =
        !SameJson.same(from.path("columns"), to.path("columns"))
            || !SameJson.same(from.path("rows"), to.path("rows"))
            || !SameJson.same(from.path("cell"), to.path("cell"));
    if (other) {
      String size =
          "%s x %s cells of %s m"
              .formatted(
                  to.path("columns").asString(),
                  to.path("rows").asString(),
                  to.path("cell").asString());
      found.add(new Difference(Kind.CHANGED, null, "The ground", "is another: " + size));
    } else if (tiles > 0) {
      String where = tiles == 1 ? "in one tile" : "in " + tiles + " tiles";
      found.add(new Difference(Kind.CHANGED, null, "The ground", "changed " + where));
    }
  }

  private void family(Family family, JsonNode from, JsonNode to) {
    List<Difference> of = new ArrayList<>();
    for (Map.Entry<String, JsonNode> it : to.properties()) {
      JsonNode was = from.get(it.getKey());
      Ref ref = new Ref(family, it.getKey());
      String name = it.getValue().path("name").asString("");
      if (was == null) {
        of.add(new Difference(Kind.ADDED, ref, name, "a new " + family.word()));
      } else if (!SameJson.same(was, it.getValue())) {
        of.add(new Difference(Kind.CHANGED, ref, name, words(was, it.getValue())));
      }
    }
    for (Map.Entry<String, JsonNode> it : from.properties()) {
      if (!to.has(it.getKey())) {
        Ref ref = new Ref(family, it.getKey());
        String name = it.getValue().path("name").asString("");
        of.add(new Difference(Kind.REMOVED, ref, name, "a " + family.word() + " less"));
      }
    }
    of.sort(java.util.Comparator.comparing(Difference::name));
    found.addAll(of);
  }

  /** What differs within a thing: its plain values one by one, and where larger parts differ. */
  private static String words(JsonNode from, JsonNode to) {
    List<String> all = new ArrayList<>();
    compare("", from, to, all);
    String told = String.join("; ", all.subList(0, Math.min(TOLD, all.size())));
    return all.size() <= TOLD ? told : told + "; and " + (all.size() - TOLD) + " more";
  }

  private static void compare(String field, JsonNode from, JsonNode to, List<String> all) {
    if (SameJson.same(from, to)) {
      return;
    }
    boolean parts = from.isObject() && to.isObject();
    boolean alike = from.path("type").equals(to.path("type")) && !from.has("family");
    if (!parts || !alike) {
      all.add(told(field, from, to));
      return;
    }
    Set<String> fields = new TreeSet<>(from.propertyNames());
    fields.addAll(to.propertyNames());
    for (String inner : fields) {
      // The ids of parts say nothing to people: what holds them does.
      boolean named = from.path(inner).has("order") || to.path(inner).has("order");
      compare(named ? field : inner, from.path(inner), to.path(inner), all);
    }
  }

  private static String told(String field, JsonNode from, JsonNode to) {
    String word = field.isEmpty() ? "it" : spaced(field);
    if (from.isMissingNode()) {
      return word + " has more";
    }
    if (to.isMissingNode()) {
      return word + " has less";
    }
    return from.isValueNode() && to.isValueNode()
        ? "%s: %s → %s".formatted(word, shown(from), shown(to))
        : word + " is another";
  }

  private static String shown(JsonNode value) {
    String text = value.asString();
    return text.isEmpty()
        ? "nothing"
        : text.length() <= SHOWN ? text : text.substring(0, SHOWN) + "…";
  }

  /** A field as people read it: {@code startTime} is "start time". */
  private static String spaced(String field) {
    return field.replaceAll("([A-Z])", " $1").toLowerCase(java.util.Locale.ROOT);
  }
}
