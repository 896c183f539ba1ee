package org.flintmoss;

import java.util.List;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Difficulty;
import org.flintmoss.mission.Json;
import org.flintmoss.mission.JsonPatch;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.simulation.Plan;
import org.flintmoss.simulation.World;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** A small mission on flat, dry ground, 128 m x 128 m, for staged scenes. */
public final class Stage {
  private JsonNode document;

  /** An empty stage with one player in the middle. */
  public Stage() {
    document = Samples.blank().document();
    put("/setting/terrain", "{'columns':64,'rows':64,'cell':2,'base':5,'tiles':{}}");
    put("/starts/p", standing("Player", "keepers", "keeper", 64, 64, ",'order':'a1'"));
  }

  /** Puts JSON, with single quotes, at a path. */
  public Stage put(String path, String json) {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    patch
        .addObject()
        .put("op", "add")
        .put("path", path)
        .set("value", Json.MAPPER.readTree(json.replace('\'', '"')));
    document = JsonPatch.read(patch).apply(document);
    return this;
  }

  /** Puts a unit that stays. */
  public Stage unit(String id, String side, String kind, double x, double y) {
    return put("/units/" + id, standing(id, side, kind, x, y, ",'order':{'type':'stay'}"));
  }

  /** Puts a round zone. */
  public Stage zone(String id, double x, double y, double radius) {
    return put(
        "/zones/" + id,
        "{'name':'%s','shape':{'type':'circle','centre':{'x':%s,'y':%s},'radius':%s},'hue':1,'hatch':'rising'}"
            .formatted(id, x, y, radius));
  }

  /** Puts a flag that is off. */
  public Stage flag(String id) {
    return put("/flags/" + id, "{'name':'%s','on':false}".formatted(id));
  }

  /** Puts an event; {@code actions} are JSON objects, done at once one after the other. */
  public Stage event(String id, String when, String... actions) {
    return event(id, 1, "{'type':'whenFalse'}", when, actions);
  }

  /** Puts an event that may fire more than once. */
  public Stage event(String id, int times, String again, String when, String... actions) {
    StringBuilder lines = new StringBuilder();
    for (int i = 0; i < actions.length; i++) {
      lines
          .append(i == 0 ? "" : ",")
          .append("'l%d':{'order':'a%d','after':%s}".formatted(i, i, line(actions[i])));
    }
    return put(
        "/events/" + id,
        "{'name':'%s','chapter':{'family':'chapters','id':'chapter-1'},'order':'%s','when':%s,'times':%d,'again':%s,'actions':{%s}}"
            .formatted(id, id, when, times, again, lines));
  }

  private static String line(String action) {
    int bar = action.indexOf('|');
    String seconds = bar < 0 ? "0" : action.substring(0, bar);
    return "{'type':'number','value':%s},'action':%s".formatted(seconds, action.substring(bar + 1));
  }

  private static String standing(
      String name, String side, String kind, double x, double y, String more) {
    return "{'name':'%s','side':{'family':'sides','id':'%s'},'kind':{'family':'kinds','id':'%s'},'position':{'x':%s,'y':%s},'facing':0%s}"
        .formatted(name, side, kind, x, y, more);
  }

  /** The document as it stands. */
  public JsonNode document() {
    return document;
  }

  /** The mission as it stands. */
  public Mission mission() {
    return MissionReader.read(document);
  }

  /** A run of it. */
  public World world(long seed) {
    return new World(
        Plan.compile(mission(), _ -> java.util.Optional.empty(), Difficulty.BREEZY), seed);
  }

  /** A run of it that has taken so many steps. */
  public World after(int steps) {
    World world = world(1);
    steps(world, steps);
    return world;
  }

  /** Takes steps without any input. */
  public static void steps(World world, int steps) {
    for (int i = 0; i < steps; i++) {
      world.step(List.of());
    }
  }

  /** Runs anything that is JSON with single quotes through a check of its own. */
  public static String ref(String family, String id) {
    return "{'family':'%s','id':'%s'}".formatted(family, id);
  }

  /** The condition that play has lasted so many seconds. */
  public static String elapsed(double seconds) {
    return all("{'type':'elapsed','comparison':'atLeast','time':%s}".formatted(seconds));
  }

  /** The condition that a flag is on. */
  public static String flagOn(String id) {
    return "{'type':'flag','flag':%s,'on':'on'}".formatted(ref("flags", id));
  }

  /** The action that turns a flag. */
  public static String turn(String id, String on) {
    return "{'type':'setFlag','flag':%s,'on':'%s'}".formatted(ref("flags", id), on);
  }

  /** All of some conditions. */
  public static String all(String... conditions) {
    StringBuilder parts = new StringBuilder();
    for (int i = 0; i < conditions.length; i++) {
      parts
          .append(i == 0 ? "" : ",")
          .append("'c%d':{'order':'a%d','condition':%s}".formatted(i, i, conditions[i]));
    }
    return "{'type':'all','parts':{%s}}".formatted(parts);
  }

  /** The steps at which an event fired. */
  public static List<Integer> fired(World world, String event) {
    int number = world.plan().script().program(event);
    return world.causes().from(0).stream()
        .filter(
            it -> it.kind() == org.flintmoss.simulation.Causes.Kind.FIRED && it.subject() == number)
        .map(org.flintmoss.simulation.Causes.Entry::step)
        .toList();
  }
}
