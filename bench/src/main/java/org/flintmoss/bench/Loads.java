package org.flintmoss.bench;

import java.util.List;
import java.util.Optional;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.mission.word.Difficulty;
import org.flintmoss.simulation.Plans;
import org.flintmoss.simulation.World;
import org.flintmoss.simulation.plan.Plan;
import tools.jackson.databind.node.ObjectNode;

/**
 * What loose things cost: 200 that a zone carries along, close beside one another, and 1,000 that
 * lie still, beside a run that has none of them.
 */
final class Loads {
  private static final int MOVING = 200;
  private static final int ASLEEP = 1000;
  private static final int SIDE = 1024;
  private static final int WARM_UP = 600;
  private static final int STEPS = 1000;

  private Loads() {}

  static void measure(ObjectNode json) {
    World without = new World(plan(false), 7);
    World with = new World(plan(true), 7);
    long[] spent = new long[2];
    for (int step = -WARM_UP; step < STEPS; step++) {
      long from = System.nanoTime();
      without.step(List.of());
      long between = System.nanoTime();
      with.step(List.of());
      if (step >= 0) {
        spent[0] += between - from;
        spent[1] += System.nanoTime() - between;
      }
    }
    json.put("nanosPerStepWithout", (double) spent[0] / STEPS);
    json.put("nanosPerStepWith", (double) spent[1] / STEPS);
    json.put("microsPerStepOfLoads", (spent[1] - spent[0]) / 1e3 / STEPS);
    json.put("metresCarried", with.read().thingX(first(with)) - with.plan().movables().first(0, 0));
  }

  private static int first(World world) {
    return world.plan().movables().thing(0);
  }

  private static Plan plan(boolean loads) {
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode terrain = (ObjectNode) document.at("/setting/terrain");
    terrain.put("columns", SIDE / 2).put("rows", SIDE / 2).put("base", 5).putObject("tiles");
    String pinned = "{'value':%s,'levels':{},'perPlayer':0}";
    String push =
        "{'type':'pushes','what':'things','bearing':90,'speed':%s,'rise':%s}"
            .formatted(pinned.formatted("0.8"), pinned.formatted("0"));
    put(
        document,
        "zones",
        "belt",
        "{'name':'z','shape':{'type':'rectangle','centre':{'x':500,'y':100},'width':900,'depth':60,'bearing':0},'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{'a':{'order':'a0','work':%s,'whom':{'type':'anyone'},'hands':'both','goes':'anyhow','bears':{'type':'whatever'},'when':{'type':'all','parts':{}},'told':false}},'hue':1,'hatch':'rising','strength':100}"
            .formatted(push));
    for (int thing = 0; loads && thing < MOVING; thing++) {
      prop(document, "a%03d".formatted(thing), 80 + thing % 20 * 1.2, 90 + thing / 20 * 1.2);
    }
    for (int thing = 0; loads && thing < ASLEEP; thing++) {
      prop(document, "z%04d".formatted(thing), 200 + thing % 40 * 2, 400 + thing / 40 * 2);
    }
    return Plans.compile(MissionReader.read(document), _ -> Optional.empty(), Difficulty.BREEZY);
  }

  private static void prop(ObjectNode document, String id, double x, double y) {
    put(
        document,
        "props",
        id,
        "{'name':'k','kind':{'family':'thingKinds','id':'loose-crate-kind'},'position':{'x':%s,'y':%s},'level':{'type':'ground'},'atop':{'type':'nothing'},'facing':0,'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},'wear':'none','sunk':0,'tilt':0}"
            .formatted(x, y));
  }

  private static void put(ObjectNode document, String family, String id, String json) {
    document.withObject("/" + family).set(id, Json.MAPPER.readTree(json.replace('\'', '"')));
  }
}
