package org.flintmoss;

import java.util.List;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.json.JsonPatch;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.players.Command;
import org.flintmoss.simulation.players.Input;
import org.flintmoss.terrain.Ground;
import org.flintmoss.trial.TrialMessage;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** A small mission on flat, dry ground, 128 m x 128 m, in still air, for staged scenes. */
public final class Stage {
  private static final String SEAT = ",'order':'a1','empty':'companion'";

  /** How a browser is at a trial that has just begun, in the only seat. */
  public static final TrialMessage.Welcome HERE =
      new TrialMessage.Welcome(
          1,
          new TrialMessage.Seating(
              List.of(
                  new TrialMessage.Seat("p", "Player", TrialMessage.SeatedBy.BROWSER, true, false)),
              0,
              true,
              true,
              TrialMessage.Begins.AT_ONCE),
          0,
          false,
          1,
          1);

  private JsonNode document;

  /** An empty stage with one player in the middle. */
  public Stage() {
    document = Samples.blank().document();
    put("/setting/terrain", "{'columns':64,'rows':64,'cell':2,'base':5,'tiles':{}}");
    put("/setting/wind", "{'speed':0,'from':0}");
    put("/starts/p", standing("Player", "keepers", "keeper", 64, 64, SEAT));
  }

  /** Puts the start of a further player, a Keeper; seats are numbered by the ids of starts. */
  public Stage start(String id, double x, double y) {
    return put("/starts/" + id, standing(id, "keepers", "keeper", x, y, SEAT));
  }

  /** Puts JSON, with single quotes, at a path. */
  public Stage put(String path, String json) {
    ArrayNode patch = Json.MAPPER.createArrayNode();
    JsonNode value = Json.MAPPER.readTree(json.replace('\'', '"'));
    patch.addObject().put("op", "add").put("path", path).set("value", Defaults.fill(path, value));
    document = JsonPatch.read(patch).apply(document);
    return this;
  }

  /** How thick a wall is, metres. */
  private static final double THICK = 0.2;

  /** Takes away what is at a path, if anything is. */
  public Stage without(String path) {
    if (!document.at(path).isMissingNode()) {
      ArrayNode patch = Json.MAPPER.createArrayNode();
      patch.addObject().put("op", "remove").put("path", path);
      document = JsonPatch.read(patch).apply(document);
    }
    return this;
  }

  /** Puts a unit that stays. */
  public Stage unit(String id, String side, String kind, double x, double y) {
    return put(
        "/units/" + id,
        standing(
            id,
            side,
            kind,
            x,
            y,
            ",'inPlay':true,'belongs':{'type':'alone'},'order':{'type':'stay'}"));
  }

  /** Puts a unit with an order of its own, in single quotes. */
  public Stage unit(String id, String kind, double x, double y, String order) {
    String more = ",'inPlay':true,'belongs':{'type':'alone'},'order':" + order;
    return put("/units/" + id, standing(id, "keepers", kind, x, y, more));
  }

  /** Makes a unit a member of a squad that does as the squad does. */
  public Stage joins(String unit, String squad) {
    put(
        "/units/" + unit + "/belongs",
        "{'type':'squad','squad':%s}".formatted(ref("squads", squad)));
    return put("/units/" + unit + "/order", "{'type':'squad'}");
  }

  /** Puts a squad with an order. */
  public Stage squad(String id, String leader, String order) {
    return put(
        "/squads/" + id,
        "{'name':'%s','leader':%s,'order':%s}".formatted(id, ref("units", leader), order));
  }

  /** Puts a label on things, each as {@code family/id}. */
  public Stage label(String id, String... things) {
    put("/labels/" + id, "{'name':'%s','order':'a0','things':{}}".formatted(id));
    for (String thing : things) {
      String[] of = thing.split("/");
      put("/labels/" + id + "/things/" + of[1], ref(of[0], of[1]));
    }
    return this;
  }

  /** Puts a band of some squads. */
  public Stage band(String id, String... squads) {
    for (String squad : squads) {
      put("/squads/" + squad + "/belongs", "{'type':'band','band':%s}".formatted(ref("bands", id)));
    }
    return put("/bands/" + id, "{'name':'%s'}".formatted(id));
  }

  /** Puts a route; each point is {@code x, y, speed, waits}, the last two as JSON. */
  public Stage route(String id, String way, String... points) {
    StringBuilder waypoints = new StringBuilder();
    for (int i = 0; i < points.length; i++) {
      String[] of = points[i].split(" ", 4);
      waypoints.append(
          "%s'w%d':{'order':'a%d','position':{'x':%s,'y':%s},'speed':{'type':%s},'waits':{'type':%s}}"
              .formatted(i == 0 ? "" : ",", i, i, of[0], of[1], of[2], of[3]));
    }
    return put(
        "/routes/" + id, "{'name':'%s','way':'%s','waypoints':{%s}}".formatted(id, way, waypoints));
  }

  /** Puts a post open to all. */
  public Stage post(String id, double x, double y, double facing) {
    return put(
        "/posts/" + id,
        "{'name':'%s','position':{'x':%s,'y':%s},'facing':%s,'open':{'type':'all'},'purposes':{}}"
            .formatted(id, x, y, facing));
  }

  /** Puts a wall 2 m high and 0.2 m thick that stops everything; corners as x, y pairs. */
  public Stage wall(String id, double... xy) {
    return put(
        "/walls/" + id,
        "{'name':'%s','corners':{%s},'height':2,'thickness':%s,'stops':%s}"
            .formatted(id, corners(xy), THICK, ALL));
  }

  /**
   * Puts a pen of 12 m about a point, turned by some degrees, with a gap in one side from which a
   * passage leads outward.
   *
   * @param wide how wide the gap and the passage are
   * @param deep how long the passage is
   */
  public Stage pen(double x, double y, double turn, double wide, double deep) {
    double half = (wide + THICK) / 2;
    double[] plan = {
      -half, -6 - deep, -half, -6, -6, -6, -6, 6, 6, 6, 6, -6, half, -6, half, -6 - deep
    };
    double sin = StrictMath.sin(StrictMath.toRadians(turn));
    double cos = StrictMath.cos(StrictMath.toRadians(turn));
    double[] xy = new double[plan.length];
    for (int i = 0; i < plan.length; i += 2) {
      xy[i] = x + plan[i] * cos + plan[i + 1] * sin;
      xy[i + 1] = y - plan[i] * sin + plan[i + 1] * cos;
    }
    return wall("pen", xy);
  }

  /** Puts a deck 0.3 m thick with its middle at a height; corners as x, y pairs. */
  public Stage deck(String id, double top, double degrees, double toward, double... xy) {
    return put(
        "/decks/" + id,
        "{'name':'%s','corners':{%s},'top':%s,'thickness':0.3,'slope':{'degrees':%s,'toward':%s}}"
            .formatted(id, corners(xy), top, degrees, toward));
  }

  /** Gives a deck another stop, so far from where it is drawn; ids in the order of the stops. */
  public Stage stop(String deck, String id, double east, double north, double up) {
    return put(
        "/decks/%s/motion/stops/%s".formatted(deck, id),
        "{'order':'%s','east':%s,'north':%s,'up':%s}".formatted(id, east, north, up));
  }

  /** Gives a deck a railing. */
  public Stage railing(String deck, double height, String make) {
    return put(
        "/decks/" + deck + "/railing",
        "{'height':%s,'make':'%s','gaps':{}}".formatted(height, make));
  }

  /** Gives a deck a ramp 2 m wide. */
  public Stage ramp(
      String deck, String id, String tread, double x, double y, double toX, double toY) {
    return put(
        "/decks/%s/ramps/%s".formatted(deck, id),
        "{'order':'a1','head':{'x':%s,'y':%s},'foot':{'x':%s,'y':%s},'width':2,'tread':'%s'}"
            .formatted(x, y, toX, toY, tread));
  }

  /** Cuts an opening into a deck; corners as x, y pairs. */
  public Stage opening(String deck, String id, double... xy) {
    return put(
        "/decks/%s/openings/%s".formatted(deck, id),
        "{'order':'a1','corners':{%s}}".formatted(corners(xy)));
  }

  /**
   * Puts a house of storeys 3 m high with walls 0.3 m thick, without doors; corners as x, y pairs.
   */
  public Stage house(String id, int storeys, String roof, double... xy) {
    StringBuilder parts = new StringBuilder();
    for (int i = 0; i < storeys; i++) {
      parts.append(
          "%s's%d':{'order':'a%d','name':'Floor %d','height':3}"
              .formatted(i == 0 ? "" : ",", i, i, i));
    }
    return put(
        "/buildings/" + id,
        "{'name':'%s','corners':{%s},'floor':{'type':'ground'},'thickness':0.3,'stops':%s,'storeys':{%s},'roof':{'make':'%s','parapet':0},'inner':{},'doors':{},'windows':{},'stairs':{}}"
            .formatted(id, corners(xy), ALL, parts, roof));
  }

  /** Gives a house a doorway 2 m high. */
  public Stage door(
      String house, String id, String storey, String wall, double along, double wide) {
    return put(
        "/buildings/%s/doors/%s".formatted(house, id),
        "{'order':'a1','storey':'%s','wall':'%s','along':%s,'width':%s,'height':2}"
            .formatted(storey, wall, along, wide));
  }

  /** Gives a house stairs 1 m wide, from their foot to their head. */
  public Stage stairs(
      String house, String id, String storey, double x, double y, double toX, double toY) {
    return put(
        "/buildings/%s/stairs/%s".formatted(house, id),
        "{'order':'a1','storey':'%s','foot':{'x':%s,'y':%s},'head':{'x':%s,'y':%s},'width':1}"
            .formatted(storey, x, y, toX, toY));
  }

  /** Puts a road; corners as x, y pairs. */
  public Stage road(String id, double width, String surface, double... xy) {
    return put(
        "/roads/" + id,
        "{'name':'%s','corners':{%s},'width':%s,'surface':'%s'}"
            .formatted(id, corners(xy), width, surface));
  }

  /** Puts a thing on the ground or on a deck. */
  public Stage level(String thing, String deck) {
    return put(
        "/" + thing + "/level",
        deck == null
            ? "{'type':'ground'}"
            : "{'type':'deck','deck':%s}".formatted(ref("decks", deck)));
  }

  private static String corners(double... xy) {
    StringBuilder corners = new StringBuilder();
    for (int i = 0; i < xy.length; i += 2) {
      corners.append(
          "%s'c%d':{'order':'a%d','position':{'x':%s,'y':%s}}"
              .formatted(i == 0 ? "" : ",", i / 2, i / 2, xy[i], xy[i + 1]));
    }
    return corners.toString();
  }

  private static final String ALL = "{'movement':true,'sight':true,'shots':true,'sound':40}";

  /** Puts an effect. */
  public Stage effect(String id, String look, double x, double y, double radius, boolean on) {
    return put(
        "/effects/" + id,
        "{'name':'%s','look':'%s','position':{'x':%s,'y':%s},'radius':%s,'on':%s}"
            .formatted(id, look, x, y, radius, on));
  }

  /** Puts a choice that is asked for some seconds, 0 for as long as players like. */
  public Stage choice(String id, String decides, double limit, String fallback, boolean waits) {
    return put(
        "/choices/" + id,
        "{'name':'%s','order':'a0','text':{'text':'%s?','figures':{}},'decides':'%s','limit':{'value':%s,'levels':{},'perPlayer':0},'fallback':%s,'waits':%s}"
            .formatted(id, id, decides, limit, falls(fallback), waits));
  }

  private static String falls(String answer) {
    return answer.isEmpty()
        ? "{'type':'nothing'}"
        : "{'type':'answer','answer':" + ref("answers", answer) + "}";
  }

  /** Puts an answer to a choice; answers stand in the order of their ids. */
  public Stage answer(String id, String choice) {
    return answer(id, choice, all(), "");
  }

  /** Puts an answer that can be given while something holds. */
  public Stage answer(String id, String choice, String when, String refusal) {
    return put(
        "/answers/" + id,
        "{'name':'%s','order':'%s','choice':%s,'when':%s,'refusal':'%s'}"
            .formatted(id, id, ref("choices", choice), when, refusal));
  }

  /** Puts an exchange with a row r, given for a price, so often, while something holds. */
  public Stage exchange(String id, String gives, String price, int stock, String when) {
    return put(
        "/exchanges/" + id,
        "{'name':'%s','order':'a0','text':'','rows':{'r':{'order':'a0','gives':%s,'price':%s,'stock':%d,'when':%s,'refusal':'Not now.'}}}"
            .formatted(id, gives, price, stock, when));
  }

  /** Puts a dealing that takes a second, with anybody, while they are how. */
  public Stage dealing(String id, String offered, String does) {
    return put(
        "/dealings/" + id,
        "{'name':'%s','open':{'type':'all'},'toward':'anybody','offered':'%s','behind':false,'seconds':{'value':1,'levels':{},'perPlayer':0},'times':0,'counted':'all','noise':0,'needs':{'type':'nothing'},'gives':{'type':'nothing'},'does':%s,'effect':{'type':'nothing'},'tells':''}"
            .formatted(id, offered, does));
  }

  /** Lets something be done with a unit. */
  public Stage deals(String unit, String... dealings) {
    for (String it : dealings) {
      put(
          "/units/" + unit + "/dealings/" + it,
          "{'order':'%s','dealing':%s}".formatted(it, ref("dealings", it)));
    }
    return this;
  }

  /** Puts a gate 2 m high that stops everything as far as it is closed. */
  public Stage gate(String id, String stands, double x, double y, double toX, double toY) {
    return put(
        "/gates/" + id,
        "{'name':'%s','from':{'x':%s,'y':%s},'to':{'x':%s,'y':%s},'height':2,'stands':'%s','stops':%s}"
            .formatted(id, x, y, toX, toY, stands, ALL));
  }

  /** Puts a lever with one use that takes 2 s. */
  public Stage lever(String id, double x, double y, int times, String effect) {
    return put(
        "/fixtures/" + id,
        "{'name':'%s','kind':{'family':'thingKinds','id':'lever-kind'},'position':{'x':%s,'y':%s},'facing':0,'uses':{'u1':{'order':'a1','verb':'Pull','seconds':2,'times':%d,'noise':10,'effect':%s}}}"
            .formatted(id, x, y, times, effect));
  }

  /**
   * Puts a kind of round things a metre wide that break: they look whole, dug up from half their
   * strength on, and scattered when they are broken.
   *
   * @param more further fields of how they break, in single quotes
   */
  public Stage breakable(String id, int strength, String leaves, String more) {
    return put(
        "/thingKinds/" + id,
        "{'name':'%1$s','footprint':{'type':'round','radius':0.5},'looks':{'l1':{'order':'a0','look':%2$s,'stops':%6$s},'l2':{'order':'a1','look':%3$s,'stops':%6$s},'l3':{'order':'a2','look':%4$s,'height':0.2}},'breaks':{'type':'harmed','strength':{'value':%5$d,'levels':{},'perPlayer':0},'armour':{'hand':0,'shot':0.5,'blast':0,'fire':0},'cracks':{'type':'marked','look':%3$s,'share':50},'leaves':%7$s,%8$s}}"
            .formatted(
                id,
                ref("looks", "look-plain"),
                ref("looks", "look-dug"),
                ref("looks", "look-scattered"),
                strength,
                ALL,
                leaves,
                more));
  }

  /** Puts a fixture of the catalogue, with the uses of its kind. */
  public Stage fixture(String id, String kind, double x, double y, double facing) {
    return put(
        "/fixtures/" + id,
        "{'name':'%s','kind':%s,'position':{'x':%s,'y':%s},'facing':%s,'uses':{}}"
            .formatted(id, ref("thingKinds", kind), x, y, facing));
  }

  /** Puts a number of items of a kind of the blank catalogue on the ground. */
  public Stage item(String id, String kind, double x, double y, int count) {
    return put(
        "/items/" + id,
        "{'name':'%s','kind':%s,'position':{'x':%s,'y':%s},'count':%d}"
            .formatted(id, ref("itemKinds", kind), x, y, count));
  }

  /** Puts a number of items of a kind into the pack of a unit or start. */
  public Stage packs(String family, String id, String kind, int count) {
    return put(
        "/" + family + "/" + id + "/pack/" + kind,
        "{'order':'a0','item':%s,'count':%d}".formatted(ref("itemKinds", kind), count));
  }

  /** Puts a prop of the catalogue. */
  public Stage prop(String id, String kind, double x, double y, double facing) {
    return put(
        "/props/" + id,
        "{'name':'%s','kind':%s,'position':{'x':%s,'y':%s},'facing':%s}"
            .formatted(id, ref("thingKinds", kind), x, y, facing));
  }

  /** Puts a plate that does something once 50 kg weigh on it. */
  public Stage plate(String id, double x, double y, String effect) {
    return put(
        "/fixtures/" + id,
        "{'name':'%s','kind':{'family':'thingKinds','id':'plate-kind'},'position':{'x':%s,'y':%s},'facing':0,'uses':{'u1':{'order':'a0','verb':'Goes down','made':{'type':'pressed','mass':{'value':50,'levels':{},'perPlayer':0}},'seconds':0,'times':0,'noise':0,'effect':%s,'turns':{'type':'into','look':%s}}}}"
            .formatted(id, x, y, effect, ref("looks", "look-down")));
  }

  /** Puts a kind of round loose thing of a radius, a height and a mass, gripping to 30 degrees. */
  public Stage loose(String id, double radius, double height, double mass) {
    return put(
        "/thingKinds/" + id,
        "{'name':'%s','footprint':{'type':'round','radius':%s},'hold':{'type':'loose','mass':%s,'grip':30,'pushed':true,'carried':'nobody'},'looks':{'l1':{'order':'a0','look':%s,'height':%s,'stops':%s}}}"
            .formatted(id, radius, mass, ref("looks", "look-plain"), height, ALL));
  }

  /** Has a thing stand on another. */
  public Stage atop(String thing, String bearer) {
    String[] under = bearer.split("/");
    return put(
        "/" + thing + "/atop", "{'type':'upon','thing':%s}".formatted(ref(under[0], under[1])));
  }

  /** Puts a wave plan whose parties come in at points, given as x, y pairs. */
  public Stage wavePlan(String id, String placing, String cap, double... xy) {
    StringBuilder entrances = new StringBuilder();
    for (int i = 0; i < xy.length; i += 2) {
      entrances.append(
          "%s'e%d':{'order':'a%d','place':{'type':'point','position':{'x':%s,'y':%s}}}"
              .formatted(i == 0 ? "" : ",", i / 2, i / 2, xy[i], xy[i + 1]));
    }
    return put(
        "/wavePlans/" + id,
        "{'name':'%s','order':'a0','placing':'%s','cap':%s,'entrances':{%s}}"
            .formatted(id, placing, cap, entrances));
  }

  /** Puts a wave of a plan; parties as JSON. */
  public Stage wave(String id, String plan, String order, String comes, String... parties) {
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < parties.length; i++) {
      all.append("%s'p%d':%s".formatted(i == 0 ? "" : ",", i, parties[i]));
    }
    return put(
        "/waves/" + id,
        "{'name':'%s','wavePlan':%s,'order':'%s','comes':%s,'herald':{'type':'unannounced'},'parties':{%s}}"
            .formatted(id, ref("wavePlans", plan), order, comes, all));
  }

  /** A party of wreckers who come by the plan's entrances and have an order. */
  public static String wreckers(int count, String duty) {
    return "{'order':'a1','count':{'count':%d,'pins':{'calm':-1,'breezy':-1,'rough':-1,'storm':-1}},'kind':%s,'side':%s,'from':{'type':'plan'},'duty':%s}"
        .formatted(count, ref("kinds", "wrecker"), ref("sides", "wreckers"), duty);
  }

  /** Puts a round zone. */
  public Stage zone(String id, double x, double y, double radius) {
    return put(
        "/zones/" + id,
        "{'name':'%s','shape':{'type':'circle','centre':{'x':%s,'y':%s},'radius':%s},'hue':1,'hatch':'rising'}"
            .formatted(id, x, y, radius));
  }

  /** Lets a zone do something to everybody it takes, always and without a word. */
  public Stage does(String zone, String key, String work) {
    return put(
        "/zones/%s/does/%s".formatted(zone, key),
        ("{'order':'a0','work':%s,'whom':{'type':'anyone'},'hands':'both','goes':'anyhow',"
                + "'bears':{'type':'whatever'},'when':{'type':'all','parts':{}},'told':false}")
            .formatted(work));
  }

  /** Puts a speaker of the Keepers with a body. */
  public Stage speaker(String id, String body) {
    return put(
        "/speakers/" + id,
        "{'name':'%s','order':'a0','side':%s,'body':%s,'portrait':{'head':'round','hat':'none','hair':'none'},'pace':120}"
            .formatted(id, ref("sides", "keepers"), body));
  }

  /** Puts a conversation of lines that take a second each: speaker, then words. */
  public Stage talk(String id, String weight, String... lines) {
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < lines.length; i += 2) {
      all.append(
          "%s'l%d':{'order':'a%d','speaker':%s,'text':'%s','gap':%s,'length':{'type':'exactly','seconds':1}}"
              .formatted(
                  i == 0 ? "" : ",",
                  i,
                  i,
                  ref("speakers", lines[i]),
                  lines[i + 1],
                  i == 0 ? "0" : "0.5"));
    }
    return put(
        "/conversations/" + id,
        "{'name':'%s','order':'a0','weight':'%s','lines':{%s}}".formatted(id, weight, all));
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

  /** Its ground. */
  public Ground ground() {
    return Ground.of(mission().setting().terrain(), _ -> java.util.Optional.empty());
  }

  /** A plain number, as an amount. */
  public static String value(double value) {
    return "{'type':'number','value':%s}".formatted(value);
  }

  /** A bare point, as a place. */
  public static String point(double x, double y) {
    return "{'type':'point','position':{'x':%s,'y':%s}}".formatted(x, y);
  }

  /** The mission as it stands. */
  public Mission mission() {
    return MissionReader.read(document);
  }

  /** A run of it. */
  public World world(long seed) {
    return world(Difficulty.BREEZY, seed);
  }

  /** A run of it at a difficulty. */
  public World world(Difficulty difficulty, long seed) {
    return new World(Plans.compile(mission(), _ -> java.util.Optional.empty(), difficulty), seed);
  }

  /** A run of it that has taken a number of steps. */
  public World after(int steps) {
    World world = world(1);
    steps(world, steps);
    return world;
  }

  /** Takes steps without any input but that the first player sits down at the beginning. */
  public static void steps(World world, int steps) {
    for (int i = 0; i < steps; i++) {
      boolean begins = world.read().step() == 0;
      world.step(begins ? List.of(new Command(0, new Input.Join())) : List.of());
    }
  }

  /** Runs anything that is JSON with single quotes through a check of its own. */
  public static String ref(String family, String id) {
    return "{'family':'%s','id':'%s'}".formatted(family, id);
  }

  /** The condition that play has lasted a number of seconds. */
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

  /** The number of a unit or start in a run. */
  public static int number(World world, String id) {
    return java.util.stream.IntStream.range(0, world.plan().units())
        .filter(unit -> world.plan().actors().members().get(unit).ref().id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** How far a unit stands from a point, metres. */
  public static double far(World world, String id, double x, double y) {
    int unit = number(world, id);
    return Math.hypot(world.read().x(unit) - x, world.read().y(unit) - y);
  }

  /** All of a side, as a selector. */
  public static String allOf(String side) {
    return "{'quantifier':{'type':'all'},'whom':{'type':'side','side':%s}}"
        .formatted(ref("sides", side));
  }

  /** All of a squad, as a selector. */
  public static String squadOf(String squad) {
    return "{'quantifier':{'type':'all'},'whom':{'type':'squad','squad':%s}}"
        .formatted(ref("squads", squad));
  }

  /** The steps at which an event fired. */
  public static List<Integer> fired(World world, String event) {
    int number = world.plan().script().program(event);
    return world.causes().from(0).stream()
        .filter(
            it ->
                it.kind() == org.flintmoss.simulation.state.Causes.Kind.FIRED
                    && it.subject() == number)
        .map(org.flintmoss.simulation.state.Causes.Entry::step)
        .toList();
  }
}
