package org.flintmoss.bundle;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Carries bundles from one mission to another, with what of the catalogue they are made of. An
 * entry of the catalogue is matched by id and name, then by name, and else brought along.
 */
public final class Carry {
  private final JsonNode from;
  private final Draft draft;
  private final Supplier<String> ids;
  private final Map<Ref, Ref> known = new HashMap<>();

  private Carry(JsonNode from, JsonNode to, Supplier<String> ids) {
    this.from = from;
    this.ids = ids;
    draft = new Draft(to);
  }

  /** A document with all bundles of another mission in it as well. */
  public static JsonNode all(JsonNode from, JsonNode to, Supplier<String> ids) {
    Carry carry = new Carry(from, to, ids);
    from.path(Family.BUNDLES.key()).propertyNames().forEach(carry::bundle);
    return carry.draft.document();
  }

  /**
   * A document with one bundle of another mission in it as well; the same if it has that already.
   */
  public static JsonNode one(JsonNode from, String bundle, JsonNode to, Supplier<String> ids) {
    Carry carry = new Carry(from, to, ids);
    carry.bundle(bundle);
    return carry.draft.document();
  }

  private void bundle(String id) {
    Ref here = new Ref(Family.BUNDLES, id);
    ObjectNode bundle = (ObjectNode) from.path(Family.BUNDLES.key()).path(id).deepCopy();
    JsonNode there = draft.get(here);
    if (there != null && there.get("name").equals(bundle.get("name"))) {
      return;
    }
    ObjectNode editions = (ObjectNode) bundle.get("editions");
    editions.retain(Source.newest(Json.MAPPER.treeToValue(bundle, Bundle.class)));
    for (JsonNode edition : editions) {
      Set<String> own = Layout.each(edition.get("parts")).keySet();
      Trees.repoint(edition, ref -> own.contains(ref.id()) ? ref : carried(ref));
    }
    bundle.put("name", draft.fresh(Family.BUNDLES, bundle.get("name").asString()));
    draft.put(there == null ? here : new Ref(Family.BUNDLES, ids.get()), bundle);
  }

  /** What a thing of the other mission is here; what is no part of the catalogue is left open. */
  private Ref carried(Ref ref) {
    JsonNode entry = from.path(ref.family().key()).get(ref.id());
    if (!ref.family().ofTheCatalogue() || entry == null) {
      return Ref.open(ref.family());
    }
    Ref matched = known.get(ref);
    return matched != null ? matched : settled(ref, entry);
  }

  private Ref settled(Ref ref, JsonNode entry) {
    JsonNode there = draft.get(ref);
    if (there != null && there.get("name").equals(entry.get("name"))) {
      known.put(ref, ref);
      return ref;
    }
    Ref to =
        draft
            .named(ref.family(), entry.get("name").asString())
            .orElse(there == null ? ref : new Ref(ref.family(), ids.get()));
    known.put(ref, to);
    if (draft.get(to) == null) {
      ObjectNode copy = (ObjectNode) entry.deepCopy();
      Trees.repoint(copy, this::carried);
      draft.put(to, copy);
    }
    return to;
  }
}
