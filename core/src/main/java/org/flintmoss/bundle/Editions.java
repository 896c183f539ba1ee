package org.flintmoss.bundle;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.BundleCopy;
import org.flintmoss.mission.bundle.Parts;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.unit.Unit;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes bundles and new editions of them. */
final class Editions {
  /** How many things a bundle is made of at most. */
  private static final int MOST = 2000;

  private final Source source;

  Editions(Source source) {
    this.source = source;
  }

  /**
   * Makes a bundle of things; they become its first copy.
   *
   * @param things what it is made of; squads bring their members
   * @throws MissionRefused if a thing is not there, cannot be part of a bundle or belongs to a copy
   */
  Bundles.Outcome make(String name, String note, List<Ref> things, List<Bundles.Wanted> wanted) {
    Map<String, String> partOf = new HashMap<>();
    SortedMap<String, Layout.Part> parts = new TreeMap<>();
    SortedMap<String, Ref> copied = new TreeMap<>();
    for (Ref ref : whole(things)) {
      String part = source.ids().get();
      partOf.put(ref.id(), part);
      copied.put(part, ref);
      parts.put(part, new Layout.Part(ref.family(), (ObjectNode) source.node(ref).deepCopy()));
    }
    name(parts, partOf);
    Pattern pattern = Pattern.of(parts, null);
    SortedMap<String, Bundle.Parameter> parameters = new TreeMap<>();
    String order = null;
    for (Bundles.Wanted want : wanted) {
      order = Draft.after(order);
      parameters.put(source.ids().get(), parameter(want, order, partOf));
    }
    Position middle = pattern.middle();
    ObjectNode edition = edition("a0", pattern, middle, source.level(middle), parameters);
    Draft draft = new Draft(source.document());
    Ref bundle = new Ref(Family.BUNDLES, source.ids().get());
    String first = source.ids().get();
    ObjectNode made = Json.MAPPER.createObjectNode();
    made.put("name", draft.fresh(Family.BUNDLES, name)).put("note", note);
    made.putObject("editions").set(first, edition);
    draft.put(bundle, made);
    Ref copy = new Ref(Family.COPIES, source.ids().get());
    String called = draft.fresh(Family.COPIES, name);
    BundleCopy it =
        new BundleCopy(called, bundle, first, middle, 0, Source.usual(parameters), copied);
    draft.put(copy, Json.MAPPER.valueToTree(it));
    return new Bundles.Outcome(draft.document(), List.of(bundle, copy), List.of());
  }

  /** The things, each once, and the members of the squads among them. */
  private Set<Ref> whole(List<Ref> things) {
    Set<Ref> whole = new LinkedHashSet<>();
    for (Ref ref : things) {
      if (source.mission().find(ref) == null || !Parts.FAMILIES.contains(ref.family())) {
        throw new MissionRefused(
            "", "%s cannot be part of a bundle".formatted("A " + ref.family().word()));
      }
      whole.add(ref);
      if (ref.family() == Family.SQUADS) {
        whole.addAll(members(ref));
      }
    }
    for (BundleCopy copy : source.mission().copies().values()) {
      for (Ref part : copy.parts().values()) {
        if (whole.contains(part)) {
          throw new MissionRefused(
              "",
              "%s already belongs to %s. Let that go first."
                  .formatted(source.mission().find(part).name(), copy.name()));
        }
      }
    }
    if (whole.isEmpty() || whole.size() > MOST) {
      throw new MissionRefused("", "A bundle is made of 1 to %d things.".formatted(MOST));
    }
    return whole;
  }

  private List<Ref> members(Ref squad) {
    return source.mission().units().entrySet().stream()
        .filter(
            it -> it.getValue().belongs() instanceof Unit.OfSquad in && in.squad().equals(squad))
        .map(it -> new Ref(Family.UNITS, it.getKey()))
        .toList();
  }

  /** Has parts name one another by their ids as parts. */
  private static void name(SortedMap<String, Layout.Part> parts, Map<String, String> partOf) {
    parts
        .values()
        .forEach(
            part ->
                Trees.repoint(
                    part.thing(),
                    ref -> new Ref(ref.family(), partOf.getOrDefault(ref.id(), ref.id()))));
  }

  private Bundle.Parameter parameter(
      Bundles.Wanted want, String order, Map<String, String> partOf) {
    SortedMap<String, Bundle.Slot> slots = new TreeMap<>();
    Bundle.Value usual = null;
    for (String place : want.places()) {
      String[] steps = place.split("/", 4);
      String part = steps.length == 4 ? partOf.get(steps[2]) : null;
      if (part == null) {
        throw new MissionRefused(place, "does not lie in a thing of the bundle");
      }
      JsonNode stands = Trees.at(source.document(), place);
      usual = usual == null ? value(place, stands) : usual;
      if (!Trees.fits(stands, usual)) {
        throw new MissionRefused(place, "is not of the sort of the other places of " + want.name());
      }
      slots.put(
          source.ids().get(), new Bundle.Slot("/%s/%s/%s".formatted(steps[1], part, steps[3])));
    }
    if (usual == null) {
      throw new MissionRefused("", "The parameter %s stands nowhere.".formatted(want.name()));
    }
    return new Bundle.Parameter(want.name(), order, usual, slots);
  }

  private static Bundle.Value value(String place, JsonNode stands) {
    if (Shapes.isReference(stands)) {
      return new Bundle.OfThing(Json.MAPPER.treeToValue(stands, Ref.class));
    }
    if (stands.isNumber()) {
      return new Bundle.OfNumber(stands.asDouble());
    }
    if (stands.isString()) {
      return new Bundle.OfText(stands.asString());
    }
    throw new MissionRefused(place, "is neither a thing, nor a number, nor a text");
  }

  /**
   * Makes a new edition of a bundle that is as one of its copies is by now, with the usual values
   * where its parameters stand. Other copies stay as they are until they take it over.
   *
   * @param add things that are to be part of it from now on
   */
  Bundles.Outcome follow(String copy, List<Ref> add) {
    BundleCopy of = source.copy(copy);
    Bundle bundle = source.bundle(of.bundle().id());
    Bundle.Edition old = Source.edition(bundle, of.edition());
    Position at = source.whereItLies(of, old, source.parts(of.bundle().id(), of.edition()));
    SortedMap<String, Ref> refs = new TreeMap<>(of.parts());
    refs.values().removeIf(ref -> source.mission().find(ref) == null);
    for (Ref ref : add.isEmpty() ? Set.<Ref>of() : whole(add)) {
      refs.put(source.ids().get(), ref);
    }
    Map<String, String> partOf =
        refs.entrySet().stream()
            .collect(Collectors.toMap(it -> it.getValue().id(), Map.Entry::getKey));
    SortedMap<String, Layout.Part> parts = new TreeMap<>();
    Frame frame = source.frame(old, at, of.turn());
    SortedMap<String, Layout.Part> were = Layout.each(source.parts(of.bundle().id(), of.edition()));
    refs.forEach(
        (part, ref) -> {
          ObjectNode thing = (ObjectNode) source.node(ref).deepCopy();
          frame.lift(ref.family(), thing);
          Layout.Part was = were.get(part);
          if (was != null) {
            keepName(thing, was.thing());
          }
          parts.put(part, new Layout.Part(ref.family(), thing));
        });
    name(parts, partOf);
    Pattern pattern = Pattern.of(parts, old.anchor());
    SortedMap<String, Bundle.Parameter> parameters = usual(pattern.parts(), old.parameters());
    String id = source.ids().get();
    String order = Draft.after(bundle.editions().get(Source.newest(bundle)).order());
    ObjectNode edition = edition(order, pattern, old.anchor(), old.level(), parameters);
    Draft draft = new Draft(source.document());
    Ref ref = of.bundle();
    ObjectNode changed = (ObjectNode) source.node(ref).deepCopy();
    ((ObjectNode) changed.get("editions")).set(id, edition);
    draft.put(ref, changed);
    SortedMap<String, Bundle.Value> values = new TreeMap<>(of.values());
    values.keySet().retainAll(parameters.keySet());
    BundleCopy next = new BundleCopy(of.name(), ref, id, at, of.turn(), values, refs);
    draft.put(new Ref(Family.COPIES, copy), Json.MAPPER.valueToTree(next));
    Source.dropUnused(draft, ref.id());
    return new Bundles.Outcome(draft.document(), List.of(), List.of());
  }

  /** A part keeps the name that it has in the bundle where the copy's differs by a number alone. */
  private static void keepName(ObjectNode thing, ObjectNode was) {
    String name = was.get("name").asString();
    if (Draft.plain(thing.get("name").asString()).equals(Draft.plain(name))) {
      thing.put("name", name);
    }
  }

  /** Puts the usual values back where parameters stand; places that are gone are forgotten. */
  private static SortedMap<String, Bundle.Parameter> usual(
      ObjectNode parts, SortedMap<String, Bundle.Parameter> old) {
    SortedMap<String, Bundle.Parameter> left = new TreeMap<>();
    old.forEach(
        (id, it) -> {
          SortedMap<String, Bundle.Slot> slots = new TreeMap<>(it.slots());
          slots.values().removeIf(slot -> !Trees.fits(Trees.at(parts, slot.pointer()), it.usual()));
          slots.values().forEach(slot -> Trees.fill(parts, slot.pointer(), it.usual()));
          if (!slots.isEmpty()) {
            left.put(id, new Bundle.Parameter(it.name(), it.order(), it.usual(), slots));
          }
        });
    return left;
  }

  private static ObjectNode edition(
      String order,
      Pattern pattern,
      Position anchor,
      double level,
      SortedMap<String, Bundle.Parameter> parameters) {
    ObjectNode edition = Json.MAPPER.createObjectNode();
    edition.put("order", order);
    edition.set("anchor", Json.MAPPER.valueToTree(pattern.own(anchor)));
    edition.put("level", level);
    edition.set("parts", pattern.parts());
    edition.set("parameters", Json.MAPPER.valueToTree(parameters));
    return edition;
  }
}
