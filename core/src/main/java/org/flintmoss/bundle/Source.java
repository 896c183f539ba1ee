package org.flintmoss.bundle;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.flintmoss.mission.Draft;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.Shapes;
import org.flintmoss.mission.bundle.Bundle;
import org.flintmoss.mission.bundle.BundleCopy;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.MissionRefused;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Position;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.terrain.Ground;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A mission as it stands, as work on its bundles begins, and what is asked of it again and again.
 */
record Source(JsonNode document, Mission mission, Ground ground, Supplier<String> ids) {
  double level(Position at) {
    return Frame.hundredths(ground.heightAt(at.x(), at.y()));
  }

  Frame frame(Bundle.Edition edition, Position at, double turn) {
    double rise = level(at) - edition.level();
    return new Frame(edition.anchor(), at, turn, rise, ground.width(), ground.height());
  }

  JsonNode node(Ref ref) {
    return document.path(ref.family().key()).get(ref.id());
  }

  JsonNode parts(String bundle, String edition) {
    return document
        .path(Family.BUNDLES.key())
        .path(bundle)
        .path("editions")
        .path(edition)
        .get("parts");
  }

  void onTheGround(Position at) {
    if (at.x() > ground.width() || at.y() > ground.height()) {
      throw new MissionRefused(
          "/at",
          "lies off the ground, which is %s m x %s m".formatted(ground.width(), ground.height()));
    }
  }

  Bundle bundle(String id) {
    Bundle bundle = mission.bundles().get(id);
    if (bundle == null) {
      throw new MissionRefused("/bundles/" + id, "is no longer there");
    }
    return bundle;
  }

  BundleCopy copy(String id) {
    BundleCopy copy = mission.copies().get(id);
    if (copy == null) {
      throw new MissionRefused("/copies/" + id, "is no longer there");
    }
    return copy;
  }

  static Bundle.Edition edition(Bundle bundle, String id) {
    Bundle.Edition edition = bundle.editions().get(id);
    if (edition == null) {
      throw new MissionRefused("", "%s has no such edition any more.".formatted(bundle.name()));
    }
    return edition;
  }

  /**
   * Where the anchor of a copy lies by now: where it was set down, moved by as much as most of its
   * positions were moved alike.
   */
  Position whereItLies(BundleCopy copy, Bundle.Edition edition, JsonNode parts) {
    SortedMap<String, Layout.Part> laid =
        Layout.of(
            parts, edition, copy.values(), copy.parts(), frame(edition, copy.at(), copy.turn()));
    Map<Position, Integer> moves = new HashMap<>();
    laid.forEach(
        (id, part) -> {
          Ref ref = copy.parts().get(id);
          JsonNode mine = ref == null ? null : node(ref);
          if (mine != null) {
            compare(part.thing(), mine, moves);
          }
        });
    return moves.entrySet().stream()
        .max(
            Map.Entry.<Position, Integer>comparingByValue()
                .thenComparing(it -> -StrictMath.hypot(it.getKey().x(), it.getKey().y())))
        .map(Map.Entry::getKey)
        .map(
            by ->
                new Position(
                    Math.clamp(Frame.hundredths(copy.at().x() + by.x()), 0, ground.width()),
                    Math.clamp(Frame.hundredths(copy.at().y() + by.y()), 0, ground.height())))
        .orElse(copy.at());
  }

  private static void compare(JsonNode laid, JsonNode mine, Map<Position, Integer> moves) {
    if (mine == null) {
      return;
    }
    if (Shapes.isPosition(laid) && Shapes.isPosition(mine)) {
      double dx = mine.get("x").asDouble() - laid.get("x").asDouble();
      double dy = mine.get("y").asDouble() - laid.get("y").asDouble();
      moves.merge(new Position(Frame.hundredths(dx), Frame.hundredths(dy)), 1, Integer::sum);
    } else {
      laid.properties().forEach(it -> compare(it.getValue(), mine.get(it.getKey()), moves));
    }
  }

  /** The usual values of parameters; a copy keeps them, whatever is usual later. */
  static SortedMap<String, Bundle.Value> usual(SortedMap<String, Bundle.Parameter> parameters) {
    SortedMap<String, Bundle.Value> usual = new TreeMap<>();
    parameters.forEach((id, parameter) -> usual.put(id, parameter.usual()));
    return usual;
  }

  /** Forgets editions that are neither the newest nor what any copy is of. */
  static void dropUnused(Draft draft, String id) {
    Ref ref = new Ref(Family.BUNDLES, id);
    ObjectNode bundle = (ObjectNode) draft.get(ref).deepCopy();
    Set<String> used =
        draft
            .document()
            .get(Family.COPIES.key())
            .valueStream()
            .filter(it -> it.at("/bundle/id").asString().equals(id))
            .map(it -> it.get("edition").asString())
            .collect(Collectors.toSet());
    used.add(newest(Json.MAPPER.treeToValue(bundle, Bundle.class)));
    ((ObjectNode) bundle.get("editions")).retain(used);
    draft.put(ref, bundle);
  }

  /** The id of the newest edition of a bundle. */
  static String newest(Bundle bundle) {
    return bundle.editions().entrySet().stream()
        .max(
            Comparator.comparing((Map.Entry<String, Bundle.Edition> it) -> it.getValue().order())
                .thenComparing(Map.Entry::getKey))
        .orElseThrow()
        .getKey();
  }
}
