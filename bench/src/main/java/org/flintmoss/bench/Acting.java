package org.flintmoss.bench;

import java.util.List;
import java.util.Optional;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.PhaseWatch;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import tools.jackson.databind.node.ObjectNode;

/**
 * What it costs that zones act: 1,000 units who stand about in 100 zones, with zones that do
 * nothing and with zones that harm, slow, transfer and are checkpoints, step by step in turns; and
 * what of that is spent on what zones do, the rest being people who come by it to move and to be in
 * other zones.
 */
final class Acting {
  private static final int UNITS = 1000;
  private static final int ZONES = 100;
  private static final int SIDE = 1024;
  private static final int WARM_UP = 300;
  private static final int STEPS = 1000;

  private static final String[] WORKS = {
    "{'type':'harms','amount':%1$s,'every':%2$s,'flow':'atOnce','spread':'middle','sort':'fire'}",
    "{'type':'slows','share':%2$s}",
    "{'type':'transfers','to':{'type':'zone','zone':{'family':'zones','id':'z%3$d'}},'facing':'kept','pace':'stand','ways':'one','rest':%2$s}",
    "{'type':'checkpoint','whose':'own'}"
  };

  private long last;
  private long places;

  static void measure(ObjectNode json) {
    new Acting().run(json);
  }

  private void passed(PhaseWatch.Phase phase) {
    long now = System.nanoTime();
    places += phase == PhaseWatch.Phase.PLACES ? now - last : 0;
    last = now;
  }

  private void run(ObjectNode json) {
    World still = new World(plan(false), 7);
    World acting = new World(plan(true), 7);
    acting.watch(this::passed);
    long[] spent = new long[2];
    for (int step = -WARM_UP; step < STEPS; step++) {
      long from = System.nanoTime();
      still.step(List.of());
      long between = System.nanoTime();
      acting.step(List.of());
      if (step < 0) {
        places = 0;
      } else {
        spent[0] += between - from;
        spent[1] += System.nanoTime() - between;
      }
    }
    json.put("nanosPerStepWithoutWorkings", (double) spent[0] / STEPS);
    json.put("nanosPerStepWithWorkings", (double) spent[1] / STEPS);
    json.put("nanosPerStepOnWhatZonesDo", (double) places / STEPS);
  }

  private static Plan plan(boolean acts) {
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode terrain = (ObjectNode) document.at("/setting/terrain");
    terrain.put("columns", SIDE / 2).put("rows", SIDE / 2).put("base", 5).putObject("tiles");
    for (int unit = 0; unit < UNITS; unit++) {
      put(
          document,
          "units",
          "u" + unit,
          "{'name':'u%d','side':{'family':'sides','id':'townsfolk'},'kind':{'family':'kinds','id':'townsman'},'position':{'x':%d,'y':%d},'level':{'type':'top'},'facing':0,'inPlay':true,'kit':{'type':'kind'},'pack':{},'dealings':{},'belongs':{'type':'alone'},'order':{'type':'stay'},'holds':'whileCalm'}"
              .formatted(unit, 20 + unit % 40 * 25, 20 + unit / 40 * 40));
    }
    for (int zone = 0; zone < ZONES; zone++) {
      String does = acts ? "'a':" + working(zone) : "";
      put(
          document,
          "zones",
          "z" + zone,
          "{'name':'z','shape':{'type':'circle','centre':{'x':%d,'y':%d},'radius':60},'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{%s},'hue':1,'hatch':'rising','strength':100}"
              .formatted(50 + zone % 10 * 100, 50 + zone / 10 * 100, does));
    }
    return Plans.compile(MissionReader.read(document), _ -> Optional.empty(), Difficulty.BREEZY);
  }

  private static String working(int zone) {
    String pinned = "{'value':%s,'levels':{},'perPlayer':0}";
    String work =
        WORKS[zone % WORKS.length].formatted(
            pinned.formatted("0.01"), pinned.formatted("50"), (zone + 5) % ZONES);
    return "{'order':'a0','work':%s,'whom':{'type':'anyone'},'hands':'both','goes':'anyhow','bears':{'type':'whatever'},'when':{'type':'all','parts':{}},'told':false}"
        .formatted(work);
  }

  private static void put(ObjectNode document, String family, String id, String json) {
    document.withObject("/" + family).set(id, Json.MAPPER.readTree(json.replace('\'', '"')));
  }
}
