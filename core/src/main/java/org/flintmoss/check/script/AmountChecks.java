package org.flintmoss.check.script;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.flintmoss.check.finding.Finding;
import org.flintmoss.check.finding.Page;
import org.flintmoss.check.finding.Rule;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.script.Event;
import org.flintmoss.mission.sentence.Action;
import org.flintmoss.mission.sentence.Condition;
import org.flintmoss.mission.word.Family;
import org.flintmoss.mission.word.Ref;
import org.flintmoss.mission.word.Thing;
import tools.jackson.databind.JsonNode;

/** Findings about numbers that are read of somebody who is known only while an event acts. */
final class AmountChecks {
  private static final Set<String> KNOWN_LATER = Set.of("causer", "other", "thisOne");

  private final Consumer<Finding> found;

  private AmountChecks(Consumer<Finding> found) {
    this.found = found;
  }

  static void look(Mission mission, Consumer<Finding> found) {
    AmountChecks checks = new AmountChecks(found);
    mission.events().forEach(checks::event);
    for (Family family : List.of(Family.OBJECTIVES, Family.CONVERSATIONS, Family.ENDINGS)) {
      mission.of(family).forEach((id, thing) -> checks.thing(new Ref(family, id), thing));
    }
  }

  private void event(String id, Event event) {
    Ref ref = new Ref(Family.EVENTS, id);
    ScriptWalk.of(
        id,
        event,
        new ScriptWalk.Visitor() {
          @Override
          public void condition(String pointer, Condition condition) {
            walk(ref, event, pointer, Json.MAPPER.valueToTree(condition));
          }

          @Override
          public void action(String pointer, Action action) {
            // While an event acts it is known who caused it.
          }
        });
  }

  private void thing(Ref ref, Thing thing) {
    String pointer = "/" + ref.family().key() + "/" + ref.id();
    walk(ref, thing, pointer, Json.MAPPER.valueToTree(thing));
  }

  private void walk(Ref ref, Thing thing, String pointer, JsonNode node) {
    if (node.path("type").asString("").equals("formula") && later(node.get("of"))) {
      found.accept(
          new Finding(
              Rule.AMOUNT_OF_NOBODY,
              Page.SCRIPT,
              ref,
              pointer,
              thing.name()
                  + ": this number is of somebody who is known only while an event acts, so that"
                  + " it is nothing here.",
              null));
      return;
    }
    node.properties().forEach(it -> walk(ref, thing, pointer + "/" + it.getKey(), it.getValue()));
  }

  private static boolean later(JsonNode reading) {
    return reading.findValuesAsString("type").stream().anyMatch(KNOWN_LATER::contains);
  }
}
