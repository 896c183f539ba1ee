package org.flintmoss.bundle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.BundleCopy;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Sets bundles down, and has copies follow their bundle. */
final class Copies {
  private final Source source;

  Copies(Source source) {
    this.source = source;
  }

  /**
   * Sets a bundle down as it is by now, with the usual values.
   *
   * @param at where its anchor comes to lie
   * @param turn degrees clockwise
   */
  Bundles.Outcome setDown(String bundle, Position at, double turn) {
    Bundle of = source.bundle(bundle);
    source.onTheGround(at);
    String newest = Source.newest(of);
    Bundle.Edition edition = of.editions().get(newest);
    SortedMap<String, Ref> refs = new TreeMap<>();
    JsonNode parts = source.parts(bundle, newest);
    Layout.each(parts)
        .forEach((id, part) -> refs.put(id, new Ref(part.family(), source.ids().get())));
    SortedMap<String, Layout.Part> laid =
        Layout.of(parts, edition, Map.of(), refs, source.frame(edition, at, turn));
    Draft draft = new Draft(source.document());
    List<Ref> made = new ArrayList<>();
    Ref copy = new Ref(Family.COPIES, source.ids().get());
    made.add(copy);
    inOrder(laid).forEach(it -> made.add(add(draft, refs.get(it.getKey()), it.getValue(), of)));
    BundleCopy it =
        new BundleCopy(
            draft.fresh(Family.COPIES, of.name()),
            new Ref(Family.BUNDLES, bundle),
            newest,
            at,
            turn,
            Source.usual(edition.parameters()),
            refs);
    draft.put(copy, Json.MAPPER.valueToTree(it));
    return new Bundles.Outcome(draft.document(), made, List.of());
  }

  private static List<Map.Entry<String, Layout.Part>> inOrder(
      SortedMap<String, Layout.Part> parts) {
    return parts.entrySet().stream()
        .sorted(
            Comparator.comparing(
                (Map.Entry<String, Layout.Part> it) ->
                    it.getValue().thing().path("order").asString("")))
        .toList();
  }

  private Ref add(Draft draft, Ref ref, Layout.Part part, Bundle of) {
    ObjectNode thing = part.thing();
    thing.put("name", draft.fresh(ref.family(), thing.get("name").asString()));
    if (thing.path("order").isString()) {
      thing.put("order", draft.last(ref.family()));
    }
    if (ref.family() == Family.EVENTS) {
      draft.house(thing, of.name(), source.ids().get());
    }
    draft.put(ref, thing);
    return ref;
  }

  /**
   * Gives a copy other values, and takes over how its bundle is in some edition. What was changed
   * in the copy itself stays.
   *
   * @param values the values of its parameters; the usual one where none is given
   * @param edition the edition to take over; the copy's own to change values only
   * @param turn by how much it is to lie turned, degrees clockwise
   */
  Bundles.Outcome reset(
      String copy, SortedMap<String, Bundle.Value> values, String edition, double turn) {
    BundleCopy of = source.copy(copy);
    Bundle bundle = source.bundle(of.bundle().id());
    Bundle.Edition old = Source.edition(bundle, of.edition());
    Bundle.Edition now = Source.edition(bundle, edition);
    JsonNode oldParts = source.parts(of.bundle().id(), of.edition());
    JsonNode newParts = source.parts(of.bundle().id(), edition);
    SortedMap<String, Ref> refs = new TreeMap<>(of.parts());
    Set<String> known = Layout.each(oldParts).keySet();
    Layout.each(newParts)
        .forEach(
            (id, part) -> {
              if (!known.contains(id)) {
                refs.put(id, new Ref(part.family(), source.ids().get()));
              }
            });
    Position at = source.whereItLies(of, old, oldParts);
    SortedMap<String, Layout.Part> before =
        Layout.of(oldParts, old, of.values(), refs, source.frame(old, at, of.turn()));
    SortedMap<String, Layout.Part> after =
        Layout.of(newParts, now, values, refs, source.frame(now, at, turn));
    Draft draft = new Draft(source.document());
    List<Kept> kept = new ArrayList<>();
    List<Ref> made = new ArrayList<>();
    for (Map.Entry<String, Layout.Part> it : before.entrySet()) {
      Ref ref = refs.get(it.getKey());
      if (ref != null && draft.get(ref) != null) {
        kept.addAll(follow(draft, ref, it.getValue().thing(), after.get(it.getKey()), refs, it));
      }
    }
    for (Map.Entry<String, Layout.Part> it : inOrder(after)) {
      if (!before.containsKey(it.getKey())) {
        made.add(add(draft, refs.get(it.getKey()), it.getValue(), bundle));
      }
    }
    BundleCopy next = new BundleCopy(of.name(), of.bundle(), edition, at, turn, values, refs);
    draft.put(new Ref(Family.COPIES, copy), Json.MAPPER.valueToTree(next));
    Source.dropUnused(draft, of.bundle().id());
    return new Bundles.Outcome(draft.document(), made, kept);
  }

  /** Has one thing of a copy follow its part in the bundle. */
  private static List<Kept> follow(
      Draft draft,
      Ref ref,
      ObjectNode before,
      Layout.Part after,
      Map<String, Ref> refs,
      Map.Entry<String, Layout.Part> part) {
    JsonNode mine = draft.get(ref);
    if (after != null) {
      ObjectNode thing = (ObjectNode) mine.deepCopy();
      List<Kept> kept = Merge.into(ref, thing, before, after.thing());
      rename(draft, ref, thing, before, after.thing());
      draft.put(ref, thing);
      return kept;
    }
    refs.remove(part.getKey());
    ObjectNode untouched = (ObjectNode) mine.deepCopy();
    if (!Merge.into(ref, untouched, (ObjectNode) mine, before).isEmpty()
        || !Merge.same(untouched, mine)) {
      String name = mine.path("name").asString();
      String says = name + " is no longer in the bundle, but was changed here; it stays.";
      return List.of(new Kept(ref, "/" + ref.family().key() + "/" + ref.id(), says));
    }
    draft.remove(ref);
    return List.of();
  }

  private static void rename(
      Draft draft, Ref ref, ObjectNode thing, ObjectNode before, ObjectNode after) {
    String was = before.get("name").asString();
    String now = after.get("name").asString();
    boolean own = !Draft.plain(thing.get("name").asString()).equals(Draft.plain(was));
    if (!was.equals(now) && !own) {
      thing.put("name", draft.fresh(ref.family(), now));
    }
  }
}
