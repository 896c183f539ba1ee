package org.flintmoss.script.text;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.sentence.CalledOff;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.OrderKeys;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.DoubleNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts what was read in the place of what a mission has, so that whatever is still the same keeps
 * its id and its place: only what differs is changed.
 */
final class Reconciler {
  /** The fields that hold ordered parts: in a text arrays, in the document maps by id. */
  private static final Set<String> ORDERED =
      Set.of("parts", "actions", "then", "otherwise", "lines", "choices", "places");

  private final ObjectNode document;
  private final Mission mission;
  private final Set<String> ids = new HashSet<>();
  private final Map<String, Integer> numbers = new HashMap<>();

  Reconciler(JsonNode document, Mission mission) {
    this.document = ((ObjectNode) document).deepCopy();
    this.mission = mission;
    for (Family family : Family.values()) {
      ids.addAll(mission.of(family).keySet());
    }
  }

  /** One entry of an ordered map. */
  private record Entry(String id, JsonNode value) {}

  private static List<Entry> entries(JsonNode map) {
    List<Entry> entries = new ArrayList<>();
    map.properties().forEach(it -> entries.add(new Entry(it.getKey(), it.getValue())));
    return entries;
  }

  private static List<Entry> sorted(JsonNode map) {
    List<Entry> entries = entries(map);
    entries.sort(
        Comparator.comparing((Entry it) -> it.value().get("order").asString())
            .thenComparing(Entry::id));
    return entries;
  }

  /** The document with chapters, events and what zones do as they were read. */
  JsonNode put(List<String> chapters, List<ReadEvent> events, List<ReadZone> zones) {
    Map<String, String> chapterIds = chapters(chapters);
    List<Entry> old = inFiringOrder();
    int[] match = matches(old, events);
    ObjectNode into = Json.MAPPER.createObjectNode();
    Map<String, List<Placed>> byChapter = new LinkedHashMap<>();
    String[] own = ids(old, events, zones, match);
    for (int i = 0; i < events.size(); i++) {
      CalledOff.check();
      ReadEvent event = events.get(i);
      Entry before = match[i] < 0 ? null : old.get(match[i]);
      if (!event.sound() && before == null) {
        continue;
      }
      ObjectNode made =
          event.sound() ? made(event, before, chapterIds) : (ObjectNode) before.value();
      String order = before == null ? null : before.value().get("order").asString();
      String chapter = made.get("chapter").get("id").asString();
      byChapter
          .computeIfAbsent(chapter, _ -> new ArrayList<>())
          .add(new Placed(own[i], made, order));
    }
    byChapter.values().forEach(placed -> order(placed, into));
    document.set("events", into);
    putZones(zones);
    return document;
  }

  /** What is not understood stays as it is; and all, where a block may be anybody's. */
  private void putZones(List<ReadZone> zones) {
    Map<String, ReadZone> byId = new HashMap<>();
    boolean whole = true;
    for (ReadZone read : zones) {
      whole &= read.zone() != null;
      if (read.zone() != null) {
        byId.merge(
            read.zone().id(), read, (one, other) -> new ReadZone(one.zone(), one.does(), false));
      }
    }
    for (Entry zone : entries(document.get("zones"))) {
      ReadZone read = byId.get(zone.id());
      JsonNode does = zone.value().get("does");
      if (read == null && whole) {
        ((ObjectNode) zone.value()).putObject("does");
      } else if (read != null && read.sound()) {
        ((ObjectNode) zone.value()).set("does", list(does, read.does(), "z"));
      }
    }
  }

  /**
   * The id of each event, and of those that the text names before they have one. What was not
   * understood and is not there yet has none; to name it is to name nothing.
   */
  private String[] ids(List<Entry> old, List<ReadEvent> events, List<ReadZone> zones, int[] match) {
    String[] own = new String[match.length];
    Map<String, String> announced = new HashMap<>();
    for (int i = 0; i < own.length; i++) {
      ReadEvent event = events.get(i);
      boolean comes = event.sound() && match[i] < 0;
      own[i] = comes ? freshId("event") : match[i] < 0 ? "" : old.get(match[i]).id();
      if (event.name() != null) {
        announced.putIfAbsent(Nameplates.announced(event.name()), own[i]);
      }
    }
    events.forEach(event -> settle(event.body(), announced));
    zones.forEach(zone -> settle(zone.does(), announced));
    return own;
  }

  private static void settle(JsonNode node, Map<String, String> announced) {
    String id = node.path("id").asString("");
    if (node instanceof ObjectNode reference && announced.containsKey(id)) {
      reference.put("id", announced.get(id));
    }
    node.forEach(part -> settle(part, announced));
  }

  private String freshId(String word) {
    String id;
    do {
      id = word + "-" + numbers.merge(word, 1, Integer::sum);
    } while (!ids.add(id));
    return id;
  }

  /** Makes the chapters those of a text; a text without chapters leaves them as they are. */
  private Map<String, String> chapters(List<String> names) {
    Map<String, String> idOf = new HashMap<>();
    List<Entry> old = sorted(document.get("chapters"));
    List<Placed> placed = new ArrayList<>();
    for (String name : names) {
      Entry before =
          old.stream()
              .filter(it -> it.value().get("name").asString().equals(name))
              .findFirst()
              .orElse(null);
      String id = before == null ? freshId("chapter") : before.id();
      ObjectNode chapter =
          before == null
              ? Json.MAPPER.createObjectNode().put("name", name)
              : (ObjectNode) before.value();
      placed.add(
          new Placed(id, chapter, before == null ? null : before.value().get("order").asString()));
      idOf.put(name, id);
    }
    if (!names.isEmpty()) {
      ObjectNode into = Json.MAPPER.createObjectNode();
      order(placed, into);
      document.set("chapters", into);
    }
    return idOf;
  }

  private List<Entry> inFiringOrder() {
    List<String> chapters = sorted(document.get("chapters")).stream().map(Entry::id).toList();
    List<Entry> events = sorted(document.get("events"));
    events.sort(
        Comparator.comparingInt(
            it -> {
              int chapter = chapters.indexOf(it.value().get("chapter").get("id").asString());
              return chapter < 0 ? chapters.size() : chapter;
            }));
    return events;
  }

  /** By name, then what is the same but for its name, then what stands in the same place. */
  private static int[] matches(List<Entry> old, List<ReadEvent> events) {
    Map<String, Deque<Integer>> byName = new HashMap<>();
    for (int i = 0; i < old.size(); i++) {
      CalledOff.check();
      byName
          .computeIfAbsent(old.get(i).value().get("name").asString(), _ -> new ArrayDeque<>())
          .add(i);
    }
    int[] match = new int[events.size()];
    boolean[] taken = new boolean[old.size()];
    for (int j = 0; j < match.length; j++) {
      Deque<Integer> named = byName.get(events.get(j).name());
      match[j] = named == null || named.isEmpty() ? -1 : named.poll();
      if (match[j] >= 0) {
        taken[match[j]] = true;
      }
    }
    Map<JsonNode, Deque<Integer>> byBody = new HashMap<>();
    for (int i = 0; i < taken.length; i++) {
      if (!taken[i]) {
        byBody.computeIfAbsent(body(old.get(i).value()), _ -> new ArrayDeque<>()).add(i);
      }
    }
    for (int j = 0; j < match.length; j++) {
      boolean renamed = match[j] < 0 && !byBody.isEmpty();
      Deque<Integer> same = renamed ? byBody.get(body(events.get(j).body())) : null;
      int next = j == 0 ? 0 : match[j - 1] + 1;
      boolean follows = match[j] < 0 && next < taken.length && !taken[next];
      if (same != null && !same.isEmpty() && !taken[same.peek()]) {
        match[j] = same.poll();
      } else if (follows && (j == 0 || match[j - 1] >= 0)) {
        match[j] = next;
      }
      if (match[j] >= 0) {
        taken[match[j]] = true;
      }
    }
    return match;
  }

  /** What an event says, without its name, place and ids. */
  private static JsonNode body(JsonNode event) {
    ObjectNode body = (ObjectNode) bare(event);
    List.of("name", "chapter", "order").forEach(body::remove);
    return body;
  }

  /** A node with its ordered maps as arrays, without ids and order strings, to be compared. */
  private static JsonNode bare(JsonNode node) {
    if (!node.isObject()) {
      return node.isNumber() ? DoubleNode.valueOf(node.doubleValue()) : node;
    }
    ObjectNode bare = Json.MAPPER.createObjectNode();
    for (Map.Entry<String, JsonNode> field : node.properties()) {
      JsonNode value = field.getValue();
      if (ORDERED.contains(field.getKey()) && value.isObject()) {
        var array = bare.putArray(field.getKey());
        sorted(value).forEach(it -> array.add(bare(it.value())));
      } else if (ORDERED.contains(field.getKey())) {
        var array = bare.putArray(field.getKey());
        value.forEach(it -> array.add(bare(it)));
      } else if (!field.getKey().equals("order") || value.isObject()) {
        bare.set(field.getKey(), bare(value));
      }
    }
    return bare;
  }

  private ObjectNode made(ReadEvent event, Entry before, Map<String, String> chapterIds) {
    JsonNode old = before == null ? null : before.value();
    ObjectNode made = Json.MAPPER.createObjectNode();
    made.put("name", event.name());
    made.set("chapter", Json.MAPPER.valueToTree(chapter(event, old, chapterIds)));
    made.put("order", "");
    JsonNode body = event.body();
    made.set("when", condition(old == null ? null : old.get("when"), body.get("when")));
    List.of("times", "again", "firings", "listens", "note")
        .forEach(it -> made.set(it, body.get(it)));
    made.set("actions", list(old == null ? null : old.get("actions"), body.get("actions"), "d"));
    return made;
  }

  private Ref chapter(ReadEvent event, JsonNode old, Map<String, String> chapterIds) {
    if (event.gone() != null) {
      return event.gone();
    }
    if (event.chapter() != null) {
      return new Ref(Family.CHAPTERS, chapterIds.get(event.chapter()));
    }
    if (old != null) {
      return Json.MAPPER.treeToValue(old.get("chapter"), Ref.class);
    }
    return sorted(document.get("chapters")).stream()
        .findFirst()
        .map(it -> new Ref(Family.CHAPTERS, it.id()))
        .orElse(Ref.open(Family.CHAPTERS));
  }

  private JsonNode condition(JsonNode old, JsonNode read) {
    ObjectNode made = (ObjectNode) read;
    boolean alike = old != null && old.get("type").equals(read.get("type"));
    if (read.has("parts")) {
      made.set("parts", list(alike ? old.get("parts") : null, read.get("parts"), "c"));
    } else if (read.has("of") && read.get("of").has("type")) {
      made.set("of", condition(alike ? old.get("of") : null, read.get("of")));
    }
    return made;
  }

  private JsonNode action(JsonNode old, JsonNode read) {
    JsonNode before = old != null && old.get("type").equals(read.get("type")) ? old : null;
    return held(before, (ObjectNode) read);
  }

  /** What an action or a choice holds, its lists as maps by id. */
  private ObjectNode held(JsonNode old, ObjectNode read) {
    if (read.has("condition")) {
      JsonNode before = old == null ? null : old.get("condition");
      read.set("condition", condition(before, read.get("condition")));
    }
    for (String place : List.of("place", "to")) {
      if (read.path(place) instanceof ObjectNode where && where.has("places")) {
        JsonNode before = old == null ? null : old.path(place).get("places");
        where.set("places", list(before, where.get("places"), "p"));
      }
    }
    for (String lines : List.of("then", "otherwise", "lines", "choices")) {
      if (read.has(lines)) {
        String letter = lines.equals("choices") ? "w" : "d";
        read.set(lines, list(old == null ? null : old.get(lines), read.get(lines), letter));
      }
    }
    return read;
  }

  /** Parts of a group, lines of actions, choices, or what a zone does, as a map by id. */
  private ObjectNode list(JsonNode old, JsonNode read, String letter) {
    List<Entry> before = old == null ? List.of() : sorted(old);
    List<JsonNode> fresh = new ArrayList<>();
    read.forEach(fresh::add);
    int[] match =
        Alignment.of(
            before.stream().map(it -> bare(it.value())).toList(),
            fresh.stream().map(Reconciler::bare).toList(),
            JsonNode::equals,
            (one, other) -> type(one).equals(type(other)));
    Set<String> taken = new TreeSet<>();
    before.forEach(it -> taken.add(it.id()));
    List<Placed> placed = new ArrayList<>();
    for (int i = 0; i < match.length; i++) {
      Entry of = match[i] < 0 ? null : before.get(match[i]);
      String id = of == null ? free(taken, letter) : of.id();
      String order = of == null ? null : of.value().get("order").asString();
      placed.add(new Placed(id, item(of == null ? null : of.value(), fresh.get(i)), order));
    }
    ObjectNode into = Json.MAPPER.createObjectNode();
    order(placed, into);
    return into;
  }

  private static String type(JsonNode item) {
    JsonNode said =
        item.has("condition")
            ? item.get("condition")
            : item.has("work") ? item.get("work") : item.path("action");
    return said.path("type").asString("choice");
  }

  private static String free(Set<String> taken, String letter) {
    int number = 1;
    while (!taken.add(letter + number)) {
      number++;
    }
    return letter + number;
  }

  private ObjectNode item(JsonNode old, JsonNode read) {
    ObjectNode made = Json.MAPPER.createObjectNode().put("order", "");
    if (read.has("weight")) {
      made.setAll(held(old, (ObjectNode) read));
    } else if (read.has("place")) {
      made.set("place", read.get("place"));
    } else if (read.has("work")) {
      JsonNode before = type(read).equals(old == null ? null : type(old)) ? old.get("work") : null;
      made.setAll((ObjectNode) read);
      made.set("work", held(before, (ObjectNode) read.get("work")));
      made.set("when", condition(old == null ? null : old.get("when"), read.get("when")));
    } else if (read.has("condition")) {
      made.set(
          "condition", condition(old == null ? null : old.get("condition"), read.get("condition")));
    } else {
      made.set("after", read.get("after"));
      made.set("action", action(old == null ? null : old.get("action"), read.get("action")));
    }
    return made;
  }

  /**
   * One of a list that is put in order.
   *
   * @param order its order string before; null for what is new
   */
  private record Placed(String id, ObjectNode value, String order) {}

  /** Gives order strings: those that rise already stay, what is new or moved gets one between. */
  private static void order(List<Placed> placed, ObjectNode into) {
    boolean[] stays = rising(placed);
    String[] keys = new String[placed.size()];
    try {
      for (int i = 0; i < keys.length; i++) {
        if (stays[i]) {
          keys[i] = placed.get(i).order();
          continue;
        }
        int next = i;
        while (next < keys.length && !stays[next]) {
          next++;
        }
        String before = i == 0 ? null : keys[i - 1];
        String after = next == keys.length ? null : placed.get(next).order();
        List<String> made = OrderKeys.between(before, after, next - i);
        for (int k = i; k < next; k++) {
          keys[k] = made.get(k - i);
        }
        i = next - 1;
      }
    } catch (IllegalArgumentException noRoom) {
      // Keys made elsewhere may leave no room between them; then all are made anew.
      keys = OrderKeys.between(null, null, keys.length).toArray(String[]::new);
    }
    for (int i = 0; i < keys.length; i++) {
      into.set(placed.get(i).id(), placed.get(i).value().put("order", keys[i]));
    }
  }

  /** The longest rising run of those that had an order string before. */
  private static boolean[] rising(List<Placed> placed) {
    int many = placed.size();
    boolean[] stays = new boolean[many];
    if (allRise(placed)) {
      Arrays.fill(stays, true);
      return stays;
    }
    int[] length = new int[many];
    int[] before = new int[many];
    int best = -1;
    for (int i = 0; i < many; i++) {
      before[i] = -1;
      length[i] = placed.get(i).order() == null ? 0 : 1;
      for (int j = 0; j < i && length[i] > 0; j++) {
        if (length[j] >= length[i] && comesBefore(placed.get(j), placed.get(i))) {
          length[i] = length[j] + 1;
          before[i] = j;
        }
      }
      best = length[i] > 0 && (best < 0 || length[i] > length[best]) ? i : best;
    }
    for (int i = best; i >= 0; i = before[i]) {
      stays[i] = true;
    }
    return stays;
  }

  private static boolean allRise(List<Placed> placed) {
    for (int i = 0; i < placed.size(); i++) {
      boolean known = placed.get(i).order() != null;
      if (!known || (i > 0 && !comesBefore(placed.get(i - 1), placed.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private static boolean comesBefore(Placed one, Placed other) {
    int order = one.order().compareTo(other.order());
    return order < 0 || (order == 0 && one.id().compareTo(other.id()) < 0);
  }
}
