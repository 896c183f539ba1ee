package org.flintmoss.bench;

import java.util.Optional;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.plan.Plan;
import tools.jackson.databind.node.ObjectNode;

/**
 * A fray of a number of units of two hostile sides, in squads of five that go their rounds over a
 * square kilometre with walls, gates, props, zones and events: everything on, nobody dies.
 */
final class Fray {
  private static final double SIDE = 1024;
  private static final int SQUAD = 5;

  private Fray() {}

  static Plan plan(int units) {
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode terrain = (ObjectNode) document.at("/setting/terrain");
    terrain.put("columns", 512).put("rows", 512).put("base", 5);
    terrain.putObject("tiles");
    document.withObject("/kinds").forEach(kind -> ((ObjectNode) kind).put("health", 100000));
    for (int unit = 0; unit < units; unit++) {
      unit(document, unit);
    }
    for (int i = 0; i < 40; i++) {
      wall(document, i);
      zone(document, i);
      event(document, i);
    }
    Mission mission = MissionReader.read(document);
    return Plans.compile(mission, _ -> Optional.empty(), Difficulty.BREEZY);
  }

  private static double spread(int number, int salt) {
    return (number * 7919 + salt * 104729) % 9973 / 9973.0;
  }

  private static ObjectNode put(ObjectNode document, String family, String id, String json) {
    ObjectNode made = (ObjectNode) Json.MAPPER.readTree(json.replace('\'', '"'));
    document.withObject("/" + family).set(id, made);
    return made;
  }

  private static void unit(ObjectNode document, int unit) {
    int squad = unit / SQUAD;
    boolean keeper = squad % 2 == 0;
    double x = 60 + spread(squad, 1) * (SIDE - 120) + unit % SQUAD * 1.5;
    double y = 60 + spread(squad, 2) * (SIDE - 120);
    put(
        document,
        "units",
        "u" + unit,
        "{'name':'u%d','side':{'family':'sides','id':'%s'},'kind':{'family':'kinds','id':'%s'},'position':{'x':%s,'y':%s},'level':{'type':'top'},'facing':0,'inPlay':true,'kit':{'type':'kind'},'pack':{},'dealings':{},'belongs':{'type':'squad','squad':{'family':'squads','id':'s%d'},'fills':'always'},'order':{'type':'squad'},'holds':'whileCalm'}"
            .formatted(
                unit, keeper ? "keepers" : "wreckers", keeper ? "keeper" : "wrecker", x, y, squad));
    if (unit % SQUAD == 0) {
      put(
          document,
          "squads",
          "s" + squad,
          "{'name':'s%d','leader':{'family':'units','id':'u%d'},'formation':'pairs','spacing':2.4,'places':{'type':'every'},'belongs':{'type':'alone'},'order':{'type':'along','route':{'family':'routes','id':'r%d'}},'holds':'whileCalm'}"
              .formatted(squad, unit, squad));
      route(document, squad, x, y);
    }
  }

  private static void route(ObjectNode document, int squad, double x, double y) {
    StringBuilder points = new StringBuilder();
    for (int i = 0; i < 6; i++) {
      double px = Math.max(20, Math.min(SIDE - 20, x + (spread(squad * 6 + i, 3) - 0.5) * 300));
      double py = Math.max(20, Math.min(SIDE - 20, y + (spread(squad * 6 + i, 4) - 0.5) * 300));
      points.append(
          "%s'w%d':{'order':'a%d','position':{'x':%s,'y':%s},'speed':{'type':'%s'},'waits':{'type':'for','seconds':{'value':3,'levels':{},'perPlayer':0}},'height':{'type':'any'},'task':{'type':'nothing'},'follows':'','leads':''}"
              .formatted(i == 0 ? "" : ",", i, i, px, py, i % 2 == 0 ? "walk" : "run"));
    }
    put(
        document,
        "routes",
        "r" + squad,
        "{'name':'r%d','way':'loop','open':{'type':'all'},'waypoints':{%s}}"
            .formatted(squad, points));
  }

  private static void wall(ObjectNode document, int number) {
    double x = 80 + spread(number, 5) * (SIDE - 200);
    double y = 80 + spread(number, 6) * (SIDE - 200);
    String stops = "{'movement':true,'sight':true,'shots':true,'sound':30}";
    put(
        document,
        "walls",
        "w" + number,
        "{'name':'w','corners':{'a':{'order':'a0','position':{'x':%s,'y':%s}},'b':{'order':'a1','position':{'x':%s,'y':%s}},'c':{'order':'a2','position':{'x':%s,'y':%s}}},'height':2,'thickness':0.4,'level':{'type':'ground'},'slits':{},'stops':%s}"
            .formatted(x, y, x + 40, y, x + 40, y + 30, stops));
    put(
        document,
        "gates",
        "g" + number,
        "{'name':'g','from':{'x':%s,'y':%s},'to':{'x':%s,'y':%s},'height':2,'level':{'type':'ground'},'stands':'open','stops':%s,'hand':{'type':'nobody'},'motion':{'way':'swings','seconds':0}}"
            .formatted(x + 15, y, x + 18, y, stops));
    put(
        document,
        "props",
        "p" + number,
        "{'name':'p','kind':{'family':'thingKinds','id':'crate'},'position':{'x':%s,'y':%s},'level':{'type':'ground'},'atop':{'type':'nothing'},'facing':0,'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},'wear':'none','sunk':0,'tilt':0}"
            .formatted(x + 10, y + 12));
  }

  private static void zone(ObjectNode document, int number) {
    put(
        document,
        "zones",
        "z" + number,
        "{'name':'z','shape':{'type':'circle','centre':{'x':%s,'y':%s},'radius':40},'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{},'hue':1,'hatch':'rising','strength':100}"
            .formatted(spread(number, 7) * SIDE, spread(number, 8) * SIDE));
  }

  private static void event(ObjectNode document, int number) {
    put(
        document,
        "counters",
        "c" + number,
        "{'name':'c','value':{'value':0,'levels':{},'perPlayer':0},'of':{'type':'mission'}}");
    put(
        document,
        "events",
        "e" + number,
        "{'name':'e','chapter':{'family':'chapters','id':'chapter-1'},'order':'a0','times':0,'again':{'type':'whenFalse'},'firings':'dropped','listens':'fromStart','note':'','when':{'type':'inside','who':{'quantifier':{'type':'any'},'whom':{'type':'side','side':{'family':'sides','id':'keepers'}}},'zone':{'family':'zones','id':'z%d'}},'actions':{'a':{'order':'a0','after':{'type':'number','value':0},'action':{'type':'addToCounter','counter':{'family':'counters','id':'c%d'},'amount':{'type':'number','value':1}}}}}"
            .formatted(number, number));
  }
}
