package org.flintmoss.script.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.script.Counter;
import org.flintmoss.mission.script.Flag;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Id;
import org.flintmoss.mission.word.Lost;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;

/**
 * How things are named in a text: {@code [Lookout 3]}; {@code [Lookout 3~k3f]} with the beginning
 * of its id while another of what may stand there has the same name, and with the name of whose it
 * is where it is somebody's own flag or counter; {@code [?Lookout 3~units/k3f9]} where it is no
 * longer there; {@code [?~units/]} where nothing was chosen.
 */
final class Nameplates {
  /** Marks a reference that names nothing. */
  private static final String GONE = "?";

  /** Begins the id of an event that the text itself makes; no id of a mission has a colon. */
  private static final String ANNOUNCED = "new:";

  private final Mission mission;
  private final Set<String> announced = new HashSet<>();
  private final Map<Family, Map<String, List<String>>> ids = new EnumMap<>(Family.class);

  Nameplates(Mission mission) {
    this.mission = mission;
  }

  /** Lets events be named that a text makes itself, wherever in it. */
  void announce(Collection<String> events) {
    announced.addAll(events);
  }

  /** What stands for an event of a text until it has an id. */
  static String announced(String event) {
    return ANNOUNCED + event;
  }

  private Map<String, List<String>> byName(Family family) {
    return ids.computeIfAbsent(
        family,
        of -> {
          Map<String, List<String>> names = new HashMap<>();
          mission
              .of(of)
              .forEach(
                  (id, it) -> names.computeIfAbsent(it.name(), _ -> new ArrayList<>()).add(id));
          return names;
        });
  }

  /** A reference as it is written where one of some families may stand. */
  String plate(Ref ref, List<Family> families) {
    Thing thing = mission.find(ref);
    if (thing == null) {
      Lost lost = mission.lost().get(ref.id());
      String name = lost == null ? "" : Lexer.escape(lost.name(), ']');
      return "[" + GONE + name + "~" + ref.family().key() + "/" + ref.id() + "]";
    }
    List<Ref> alike = named(thing.name(), families);
    String name = Lexer.escape(thing.name(), ']');
    String owner = owner(ref);
    if (owner != null && byOwner(alike, owner).size() == 1 && byId(alike, owner).isEmpty()) {
      return "[" + name + "~" + Lexer.escape(owner, ']') + "]";
    }
    return alike.size() < 2 ? "[" + name + "]" : "[" + name + "~" + shortest(ref, alike) + "]";
  }

  /** The name of what a flag or counter is of; null for the mission's own and all else. */
  private String owner(Ref ref) {
    return switch (mission.find(ref)) {
      case Flag flag -> mission.nameOf(flag.of());
      case Counter counter -> mission.nameOf(counter.of());
      case null, default -> null;
    };
  }

  private List<Ref> byOwner(List<Ref> alike, String owner) {
    return alike.stream().filter(it -> owner.equals(owner(it))).toList();
  }

  private static List<Ref> byId(List<Ref> alike, String start) {
    return alike.stream().filter(it -> it.id().startsWith(start)).toList();
  }

  /** The shortest beginning of an id, three letters or more, that tells it from the others. */
  private static String shortest(Ref ref, List<Ref> alike) {
    for (int length = Math.min(3, ref.id().length()); length < ref.id().length(); length++) {
      String start = ref.id().substring(0, length);
      if (alike.stream().filter(it -> it.id().startsWith(start)).count() == 1) {
        return start;
      }
    }
    return ref.id();
  }

  /** Everything of some families that has a name. */
  List<Ref> named(String name, List<Family> families) {
    List<Ref> found = new ArrayList<>();
    for (Family family : families) {
      byName(family).getOrDefault(name, List.of()).forEach(id -> found.add(new Ref(family, id)));
    }
    boolean event = found.isEmpty() && families.contains(Family.EVENTS);
    if (event && announced.contains(name)) {
      found.add(new Ref(Family.EVENTS, announced(name)));
    }
    return found;
  }

  /** Reads a reference to one of some families; null and noted at the cursor where it is none. */
  Ref read(Cursor cursor, List<Family> families) {
    Token token = cursor.peek();
    if (token.kind() != Token.Kind.NAME) {
      cursor.fail(new Expected.Thing(families));
      return null;
    }
    Ref ref =
        token.text().startsWith(GONE) && token.id().contains("/")
            ? gone(token)
            : there(cursor, token, families);
    if (ref == null) {
      return null;
    }
    if (!families.contains(ref.family())) {
      cursor.fail(
          "This names a " + ref.family().word() + "; here stands " + words(families) + ".",
          List.of());
      return null;
    }
    cursor.next();
    return ref;
  }

  private static Ref gone(Token token) {
    String[] parts = token.id().split("/", 2);
    for (Family family : Family.values()) {
      boolean shaped = parts[1].isEmpty() || parts[1].matches(Id.PATTERN);
      if (family.key().equals(parts[0]) && shaped) {
        return new Ref(family, parts[1]);
      }
    }
    return null;
  }

  private Ref there(Cursor cursor, Token token, List<Family> families) {
    List<Ref> found = named(token.text(), families);
    List<Ref> named = byId(found, token.id());
    List<Ref> meant = named.isEmpty() ? byOwner(found, token.id()) : named;
    List<Ref> exactly = found.stream().filter(it -> it.id().equals(token.id())).toList();
    if (meant.size() == 1 || exactly.size() == 1) {
      return exactly.size() == 1 ? exactly.getFirst() : meant.getFirst();
    }
    if (found.size() > 1) {
      cursor.fail(
          "%d things are called %s: write which, as [name~id]."
              .formatted(found.size(), token.shown()),
          found.stream()
              .map(
                  it -> new Trouble.Remedy(it.family().word() + " " + it.id(), plate(it, families)))
              .toList());
      return null;
    }
    cursor.fail(new Expected.Thing(families));
    return null;
  }

  /** What some families are called, for a message. */
  static String words(List<Family> families) {
    List<String> words = families.stream().map(it -> "a " + it.word()).toList();
    return words.size() == 1
        ? words.getFirst()
        : String.join(", ", words.subList(0, words.size() - 1)) + " or " + words.getLast();
  }

  /** Everything of some families. */
  List<Ref> all(List<Family> families) {
    List<Ref> all = new ArrayList<>();
    for (Family family : families) {
      mission.of(family).keySet().forEach(id -> all.add(new Ref(family, id)));
    }
    return all;
  }

  /** The name of a thing. */
  String name(Ref ref) {
    return mission.find(ref).name();
  }
}
