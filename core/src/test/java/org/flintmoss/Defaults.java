package org.flintmoss;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.flintmoss.mission.json.Json;
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
              "{'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{},'strength':100}"),
          Map.entry(
              "kinds",
              "{'armour':{'hand':0,'shot':0,'blast':0,'fire':0},'pushes':0,'dealings':{}}"),
          Map.entry(
              "thingKinds",
              "{'material':'wood','hold':{'type':'fast'},'breaks':{'type':'never'},'uses':{}}"),
          Map.entry("flags", "{'of':{'type':'mission'}}"),
          Map.entry("counters", "{'of':{'type':'mission'}}"),
          Map.entry("walls", "{'slits':{}," + GROUND),
          Map.entry(
              "gates", "{'hand':{'type':'nobody'},'motion':{'way':'swings','seconds':0}," + GROUND),
          Map.entry("items", "{" + GROUND),
          Map.entry(
              "fixtures",
              "{'atop':{'type':'nothing'},'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},"
                  + GROUND),
          Map.entry("posts", "{" + TOP),
          Map.entry("spawnPoints", "{" + TOP),
          Map.entry(
              "decks",
              "{'railing':{'height':0,'make':'rails','gaps':{}},'openings':{},'ramps':{},'motion':{'runs':'sent','speed':1,'stay':0,'load':0,'stops':{}}}"),
          Map.entry(
              "props",
              "{'atop':{'type':'nothing'},'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},'wear':'none','sunk':0,'tilt':0,"
                  + GROUND),
          Map.entry("effects", "{'spreads':{'type':'atOnce'},'lasts':0,'harm':0,'things':false}"),
          Map.entry("routes", "{'open':{'type':'all'}}"),
          Map.entry(
              "squads",
              "{'formation':'pairs','spacing':2.4,'places':{'type':'every'},'belongs':{'type':'alone'},'holds':'whileCalm'}"),
          Map.entry(
              "units", "{'kit':{'type':'kind'},'pack':{},'dealings':{},'holds':'whileCalm'," + TOP),
          Map.entry("starts", "{'begins':{'type':'here'},'pack':{}," + TOP),
          Map.entry(
              "objectives",
              "{'opens':%1$s,'done':%1$s,'fails':%1$s,'tally':{'type':'nothing'},'points':{'type':'nowhere'}}"
                  .formatted("{'type':'all','parts':{}}")),
          Map.entry("timers", "{'counts':'down'}"),
          Map.entry("calls", "{'offered':true,'from':{'type':'anywhere'},'times':0,'pause':0}"),
          Map.entry("events", "{'firings':'dropped','listens':'fromStart','note':''}"));

  private static final String WAYPOINT =
      "{'height':{'type':'any'},'task':{'type':'nothing'},'follows':'','leads':''}";

  private static final String APPEARANCE =
      "{'drawing':{},'height':1,'stops':{'movement':false,'sight':false,'shots':false,'sound':0},'cover':0,'light':0}";

  private static final String USE =
      "{'made':{'type':'byHand'},'open':{'type':'all'},'offered':{'type':'always'},'counted':'all','needs':{'type':'nothing'},'gives':{'type':'nothing'},'effect':{'type':'nothing'},'turns':{'type':'stays'},'passing':false,'tells':''}";

  private static final Map<String, List<String>> PINNED =
      Map.ofEntries(
          Map.entry("sendsDeck", List.of("stop")),
          Map.entry("heldFor", List.of("seconds")),
          Map.entry("elapsed", List.of("time")),
          Map.entry("chance", List.of("percent")),
          Map.entry("share", List.of("percent")),
          Map.entry("after", List.of("seconds")),
          Map.entry("every", List.of("seconds")),
          Map.entry("showView", List.of("time")),
          Map.entry("sound", List.of("loudness")),
          Map.entry("blast", List.of("radius")),
          Map.entry("turnWeather", List.of("time")),
          Map.entry("turnWind", List.of("speed", "time")),
          Map.entry("setVisibility", List.of("distance", "time")),
          Map.entry("water", List.of("time")),
          Map.entry("for", List.of("seconds")),
          Map.entry("prowl", List.of("pause")),
          Map.entry("fallBack", List.of("strength")),
          Map.entry("throws", List.of("distance", "noise")),
          Map.entry("heals", List.of("points", "amount", "every")),
          Map.entry("grows", List.of("pace")),
          Map.entry("growsWithin", List.of("pace")),
          Map.entry("harms", List.of("amount", "every")),
          Map.entry("harmsOutside", List.of("amount", "every")),
          Map.entry("transfers", List.of("rest")),
          Map.entry("pushes", List.of("speed", "rise")),
          Map.entry("fling", List.of("speed", "rise")),
          Map.entry("pushesAlong", List.of("speed", "rise")),
          Map.entry("slows", List.of("share")),
          Map.entry("afterLast", List.of("gap")),
          Map.entry("whenLeft", List.of("gap")),
          Map.entry("whenLeftOrAfter", List.of("gap", "latest")),
          Map.entry("announced", List.of("ahead")),
          Map.entry("holding", List.of("count")),
          Map.entry("spending", List.of("count")),
          Map.entry("items", List.of("count")),
          Map.entry("within", List.of("distance")),
          Map.entry("marked", List.of("share")),
          Map.entry("debrisFor", List.of("seconds")));

  private static final Set<String> FOR_PLAYERS =
      Set.of(
          "openObjective",
          "note",
          "say",
          "sayAs",
          "showMarker",
          "hideMarker",
          "offerCall",
          "ask",
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
    if (path.equals("/brief/lives")) {
      pin(value, "after");
    }
    if (steps.length == 5 && steps[3].equals("lines")) {
      words(value, "text");
    }
    if (steps.length == 5 && steps[3].equals("uses")) {
      return use(value);
    }
    if (steps.length != 3 || !(value instanceof ObjectNode thing)) {
      return value;
    }
    if (thing.path("belongs").has("squad")) {
      fill((ObjectNode) thing.get("belongs"), "{'fills':'always'}");
    }
    switch (steps[1]) {
      case "timers" -> pin(thing, "seconds");
      case "counters" -> pin(thing, "value");
      case "endings" -> {
        pin(thing, "delay");
        words(thing, "debriefing");
      }
      case "objectives" -> {
        words(thing, "text");
        tally(thing.path("tally"));
      }
      case "conversations" -> thing.path("lines").forEach(line -> words(line, "text"));
      default -> {}
    }
    thing.path("waypoints").forEach(point -> fill((ObjectNode) point, WAYPOINT));
    thing.path("uses").forEach(Defaults::use);
    if (steps[1].equals("thingKinds")) {
      thing.path("looks").forEach(look -> fill((ObjectNode) look, APPEARANCE));
    }
    return fill(thing, PLAIN.getOrDefault(steps[1], "{}"));
  }

  /**
   * What players are told is plain words and for all of them; counts do not grow with the players.
   */
  private static void said(JsonNode node) {
    String type = node.path("type").asString("");
    if (type.equals("note")) {
      words(node, "text");
    }
    if (List.of("letAct", "zoneActs").contains(type)) {
      fill((ObjectNode) node, "{'part':'all'}");
    }
    if (type.startsWith("pushes")) {
      fill((ObjectNode) node, "{'rise':0,'what':'all'}");
    }
    PINNED.getOrDefault(type, List.of()).forEach(field -> pin(node, field));
    if (node.has("count") && node.has("pins")) {
      fill((ObjectNode) node, "{'perPlayer':0}");
    }
    if (FOR_PLAYERS.contains(type)) {
      fill((ObjectNode) node, "{'to':{'type':'everybody'}}");
    }
    node.forEach(Defaults::said);
  }

  private static ObjectNode use(JsonNode use) {
    pin(use, "seconds");
    return fill((ObjectNode) use, USE);
  }

  private static void words(JsonNode holder, String field) {
    if (holder.path(field).isString()) {
      String text = holder.get(field).asString();
      ((ObjectNode) holder).putObject(field).put("text", text).putObject("figures");
    }
  }

  private static void tally(JsonNode tally) {
    if (tally.path("of").isNumber()) {
      JsonNode of = tally.get("of");
      ((ObjectNode) tally).putObject("of").put("type", "number").set("value", of);
    }
  }

  /** A number that may be pinned and is plain is the same on all terms. */
  private static void pin(JsonNode holder, String field) {
    if (holder.path(field).isNumber()) {
      JsonNode value = holder.get(field);
      ObjectNode pinned = ((ObjectNode) holder).putObject(field);
      pinned.<ObjectNode>set("value", value).put("perPlayer", 0).putObject("levels");
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
