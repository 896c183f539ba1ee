package org.flintmoss.server.trials;

import java.util.ArrayList;
import java.util.List;
import org.flintmoss.mission.json.Json;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.state.Causes;
import org.flintmoss.trial.Chronicle;
import org.flintmoss.trial.Insight;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a designer is told of a trial beyond what its players know; only what has changed. */
final class DesignerView {
  /** Entries of the log that are told to somebody who has just begun to look. */
  private static final int TOLD = 2000;

  private final World world;
  private final Insight insight;
  private final Chronicle chronicle;
  private int logged;
  private JsonNode minds;
  private JsonNode facts;
  private JsonNode events;

  DesignerView(World world) {
    this.world = world;
    insight = new Insight(world);
    chronicle = new Chronicle(world);
    logged = Math.max(0, world.causes().end() - TOLD);
  }

  List<ObjectNode> news() {
    List<ObjectNode> news = new ArrayList<>();
    JsonNode nowMinds = Json.MAPPER.valueToTree(insight.minds());
    JsonNode nowFacts = Json.MAPPER.valueToTree(insight.facts());
    JsonNode nowEvents = Json.MAPPER.valueToTree(insight.events());
    tell(news, "minds", minds, nowMinds);
    tell(news, "facts", facts, nowFacts);
    tell(news, "events", events, nowEvents);
    minds = nowMinds;
    facts = nowFacts;
    events = nowEvents;
    log(news);
    return news;
  }

  private static void tell(List<ObjectNode> news, String what, JsonNode before, JsonNode now) {
    if (!now.equals(before)) {
      ObjectNode say = Json.MAPPER.createObjectNode().put("type", what);
      say.set(what, now);
      news.add(say);
    }
  }

  private void log(List<ObjectNode> news) {
    List<Causes.Entry> entries = world.causes().from(logged);
    logged = world.causes().end();
    if (entries.isEmpty()) {
      return;
    }
    ObjectNode say = Json.MAPPER.createObjectNode().put("type", "log");
    ArrayNode log = say.putArray("log");
    for (Causes.Entry entry : entries) {
      log.addObject()
          .put("step", entry.step())
          .put("ordinal", entry.ordinal())
          .put("kind", entry.kind().name().toLowerCase(java.util.Locale.ROOT))
          .put("cause", entry.cause())
          .put("says", chronicle.says(entry));
    }
    news.add(say);
  }
}
