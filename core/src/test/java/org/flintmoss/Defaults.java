package org.flintmoss;

import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.Json;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a thing of a staged scene is where the scene does not say: the plainest there can be. */
final class Defaults {
  private static final String GROUND = "'level':{'type':'ground'}}";
  private static final String TOP = "'level':{'type':'top'}}";

  private static final Map<String, String> PLAIN =
      Map.ofEntries(
          Map.entry(
              "zones",
              "{'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'boundary':false}"),
          Map.entry("flags", "{'of':{'type':'mission'}}"),
          Map.entry("counters", "{'of':{'type':'mission'}}"),
          Map.entry("walls", "{'slits':{}," + GROUND),
          Map.entry("gates", "{" + GROUND),
          Map.entry("items", "{" + GROUND),
          Map.entry("fixtures", "{" + GROUND),
          Map.entry("cargo", "{" + GROUND),
          Map.entry("posts", "{" + TOP),
          Map.entry("spawnPoints", "{" + TOP),
          Map.entry(
              "decks",
              "{'railing':{'height':0,'make':'rails','gaps':{}},'openings':{},'ramps':{}}"),
          Map.entry("props", "{'look':0,'sunk':0,'tilt':0," + GROUND),
          Map.entry("routes", "{'open':{'type':'all'}}"),
          Map.entry(
              "squads",
              "{'formation':'pairs','spacing':2.4,'places':{'type':'every'},'belongs':{'type':'alone'},'holds':'whileCalm'}"),
          Map.entry("units", "{'kit':{'type':'kind'},'pack':{},'holds':'whileCalm'," + TOP),
          Map.entry("starts", "{'pack':{}," + TOP),
          Map.entry(
              "objectives",
              "{'opens':%1$s,'done':%1$s,'fails':%1$s,'tally':{'type':'nothing'},'points':{'type':'nowhere'}}"
                  .formatted("{'type':'all','parts':{}}")),
          Map.entry("timers", "{'counts':'down'}"),
          Map.entry("calls", "{'offered':true}"),
          Map.entry("events", "{'firings':'dropped','listens':'fromStart','note':''}"));

  private static final String WAYPOINT =
      "{'height':{'type':'any'},'task':{'type':'nothing'},'follows':'','leads':''}";

  private static final String USE = "{'needs':{'type':'nothing'},'gives':{'type':'nothing'}}";

  private static final Map<String, String> PINNED =
      Map.of(
          "heldFor", "seconds",
          "elapsed", "time",
          "chance", "percent",
          "share", "percent",
          "after", "seconds",
          "every", "seconds");

  private static final Set<String> FOR_PLAYERS =
      Set.of(
          "openObjective",
          "note",
          "say",
          "sayAs",
          "showMarker",
          "hideMarker",
          "offerCall",
          "withdrawCall",
          "showView",
          "ownView",
          "startTimer",
          "startTimerAt");

  private Defaults() {}

  /** The same thing of a family with what is missing filled in; other parts as they are. */
  static JsonNode fill(String path, JsonNode value) {
    String[] steps = path.split("/");
    said(value);
    if (steps.length == 4 && steps[3].equals("belongs") && value.has("squad")) {
      return fill((ObjectNode) value, "{'fills':'always'}");
    }
    if (steps.length == 5 && steps[3].equals("uses")) {
      return fill((ObjectNode) value, USE);
    }
    if (steps.length != 3 || !(value instanceof ObjectNode thing)) {
      return value;
    }
    if (thing.path("belongs").has("squad")) {
      fill((ObjectNode) thing.get("belongs"), "{'fills':'always'}");
    }
    if (steps[1].equals("timers")) {
      pin(thing, "seconds");
    }
    thing.path("waypoints").forEach(point -> fill((ObjectNode) point, WAYPOINT));
    thing.path("uses").forEach(use -> fill((ObjectNode) use, USE));
    return fill(thing, PLAIN.getOrDefault(steps[1], "{}"));
  }

  /**
   * What players are told is plain words and for all of them; counts do not grow with the players.
   */
  private static void said(JsonNode node) {
    if (node.path("type").asString("").equals("note") && node.path("text").isString()) {
      String text = node.get("text").asString();
      ((ObjectNode) node).putObject("text").put("text", text).putObject("figures");
    }
    pin(node, PINNED.getOrDefault(node.path("type").asString(""), ""));
    if (node.has("count") && node.has("pins")) {
      fill((ObjectNode) node, "{'perPlayer':0}");
    }
    if (FOR_PLAYERS.contains(node.path("type").asString(""))) {
      fill((ObjectNode) node, "{'to':{'type':'everybody'}}");
    }
    node.forEach(Defaults::said);
  }

  /** A time or share that is a plain number is the same at every level. */
  private static void pin(JsonNode holder, String field) {
    if (holder.path(field).isNumber()) {
      JsonNode value = holder.get(field);
      ((ObjectNode) holder).putObject(field).<ObjectNode>set("value", value).putObject("levels");
    }
  }

  private static ObjectNode fill(ObjectNode thing, String plain) {
    JsonNode all = Json.MAPPER.readTree(plain.replace('\'', '"'));
    all.properties()
        .forEach(
            field -> {
              if (!thing.has(field.getKey())) {
                thing.set(field.getKey(), field.getValue());
              }
            });
    return thing;
  }
}
