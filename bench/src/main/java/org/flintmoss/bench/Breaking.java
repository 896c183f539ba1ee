package org.flintmoss.bench;

import java.util.Arrays;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.json.Json;
import org.flintmoss.navigation.land.Land;
import org.flintmoss.navigation.land.Mover;
import org.flintmoss.navigation.map.NavigationMap;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Stand;
import tools.jackson.databind.node.ObjectNode;

/**
 * What it costs that one of 1,000 crates breaks, or that a lift comes to another stop: the map of
 * ways after it, beside the map after a gate has turned among the same crates; the medians of some.
 */
final class Breaking {
  private static final int CRATES = 1000;
  private static final int SIDE = 1024;
  private static final int TIMES = 200;

  private Breaking() {}

  static void measure(ObjectNode json) {
    Mission mission = mission();
    Ground ground = new Ground(Ground.Grid.flat(SIDE / 2, SIDE / 2, 2));
    Land land = Land.of(mission, ground);
    Mover mover = Mover.of(mission.kinds().get("keeper"));
    NavigationMap map = NavigationMap.of(land, mover, -5);
    Stand states = land.obstacles().first();
    json.put("gateTurnedMicros", turned(map, states, 0, 2));
    json.put("liftMovedMicros", turned(map, states, 1, 2));
    json.put("crateBrokenMicros", turned(map, states, CRATES / 2, 3));
  }

  /** The map after one of those that change has gone to another state, and back. */
  private static double turned(NavigationMap map, Stand states, int changes, int to) {
    double[] micros = new double[TIMES];
    Stand other = states.with(changes, to).kept();
    NavigationMap now = map;
    for (int i = 0; i < TIMES; i++) {
      Stand turned = i % 2 == 0 ? other : states;
      long from = System.nanoTime();
      now = now.with(-5, turned);
      micros[i] = (System.nanoTime() - from) / 1e3;
    }
    Arrays.sort(micros);
    return micros[TIMES / 2];
  }

  private static Mission mission() {
    ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
    ObjectNode terrain = (ObjectNode) document.at("/setting/terrain");
    terrain.put("columns", SIDE / 2).put("rows", SIDE / 2).put("base", 0).putObject("tiles");
    ObjectNode props = document.withObject("/props");
    for (int crate = 0; crate < CRATES; crate++) {
      props.set(
          "c" + crate,
          json(
              "{'name':'c','kind':{'family':'thingKinds','id':'slatted-crate-kind'},'position':{'x':%d,'y':%d},'level':{'type':'ground'},'atop':{'type':'nothing'},'facing':0,'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},'wear':'none','sunk':0,'tilt':0}"
                  .formatted(20 + crate % 40 * 25, 20 + crate / 40 * 40)));
    }
    document
        .withObject("/gates")
        .set(
            "gate",
            json(
                "{'name':'g','from':{'x':500,'y':510},'to':{'x':503,'y':510},'height':2,'level':{'type':'ground'},'stands':'open','stops':{'movement':true,'sight':true,'shots':true,'sound':0},'hand':{'type':'nobody'},'motion':{'way':'swings','seconds':0}}"));
    document
        .withObject("/decks")
        .set(
            "lift",
            json(
                "{'name':'l','corners':{'a':{'order':'a0','position':{'x':600,'y':510}},'b':{'order':'a1','position':{'x':603,'y':510}},'c':{'order':'a2','position':{'x':603,'y':513}},'d':{'order':'a3','position':{'x':600,'y':513}}},'top':0.1,'thickness':0.1,'slope':{'degrees':0,'toward':0},'railing':{'height':0,'make':'rails','gaps':{}},'openings':{},'ramps':{},'motion':{'runs':'sent','speed':1,'stay':0,'load':0,'stops':{'s':{'order':'a0','east':0,'north':0,'up':3}}}}"));
    return MissionReader.read(document);
  }

  private static ObjectNode json(String single) {
    return (ObjectNode) Json.MAPPER.readTree(single.replace('\'', '"'));
  }
}
