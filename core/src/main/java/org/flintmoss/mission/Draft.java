package org.flintmoss.mission;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.OrderKeys;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A document that is being changed: what is not touched is shared with the one it came from. */
public final class Draft {
  /** The longest name that anything has. */
  private static final int LONGEST = 60;

  private final ObjectNode document;

  /** A draft of a document. */
  public Draft(JsonNode from) {
    document = ((ObjectNode) from).objectNode();
    from.properties().forEach(it -> document.set(it.getKey(), it.getValue()));
  }

  /** The document as it is by now. */
  public JsonNode document() {
    return document;
  }

  /** A thing as it stands, not to be changed; null where there is none. */
  public JsonNode get(Ref ref) {
    return document.path(ref.family().key()).get(ref.id());
  }

  /** Puts a thing into its family. */
  public void put(Ref ref, JsonNode thing) {
    family(ref.family()).set(ref.id(), thing);
  }

  /** Takes a thing out of its family. */
  public void remove(Ref ref) {
    family(ref.family()).remove(ref.id());
  }

  /** The map of a family, copied so that it may be changed. */
  private ObjectNode family(Family family) {
    ObjectNode copy = document.objectNode();
    copy.setAll((ObjectNode) document.get(family.key()));
    document.set(family.key(), copy);
    return copy;
  }

  /** A name that nothing of a family has yet: as it is, or with the next free number. */
  public String fresh(Family family, String name) {
    Set<String> taken =
        document
            .get(family.key())
            .valueStream()
            .map(it -> it.path("name").asString())
            .collect(Collectors.toSet());
    if (!taken.contains(name)) {
      return name;
    }
    String base = plain(name);
    for (int number = 2; ; number++) {
      String ending = " " + number;
      String fresh = base.substring(0, Math.min(base.length(), LONGEST - ending.length())) + ending;
      if (!taken.contains(fresh)) {
        return fresh;
      }
    }
  }

  /** The first thing of a family that has a name. */
  public Optional<Ref> named(Family family, String name) {
    return document.get(family.key()).properties().stream()
        .filter(it -> it.getValue().path("name").asString().equals(name))
        .map(it -> new Ref(family, it.getKey()))
        .findFirst();
  }

  /** A name without the number that tells it from others. */
  public static String plain(String name) {
    return name.replaceFirst(" \\d+$", "");
  }

  /** An order after all of a family. */
  public String last(Family family) {
    String last =
        document
            .get(family.key())
            .valueStream()
            .map(it -> it.path("order").asString(""))
            .max(String::compareTo)
            .orElse("");
    return after(last.isEmpty() ? null : last);
  }

  /** An order after another; keys of another scheme are gone on from by a letter. */
  public static String after(String order) {
    try {
      return OrderKeys.between(order, null, 1).getFirst();
    } catch (IllegalArgumentException foreign) {
      return order + "V";
    }
  }

  /** Sees that an event lies in a chapter that is there. */
  public void house(ObjectNode event, String name, String id) {
    JsonNode chapters = document.get(Family.CHAPTERS.key());
    JsonNode chapter = event.path("chapter");
    if (chapters.has(chapter.path("id").asString(""))) {
      return;
    }
    String first =
        chapters.properties().stream()
            .min(Map.Entry.comparingByValue((a, b) -> order(a).compareTo(order(b))))
            .map(Map.Entry::getKey)
            .orElse(null);
    if (first == null) {
      ObjectNode made = document.objectNode().put("name", name).put("order", "a0");
      put(new Ref(Family.CHAPTERS, id), made);
    }
    ((ObjectNode) chapter).put("id", first == null ? id : first);
  }

  private static String order(JsonNode part) {
    return part.path("order").asString("");
  }
}
