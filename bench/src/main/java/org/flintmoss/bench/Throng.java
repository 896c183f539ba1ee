package org.flintmoss.bench;

import java.util.SortedMap;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.flintmoss.format.MissionFile;
import org.flintmoss.format.Samples;
import org.flintmoss.mission.Mission;
import org.flintmoss.mission.MissionReader;
import org.flintmoss.mission.ground.Terrain;
import org.flintmoss.mission.json.Canonical;
import org.flintmoss.mission.json.Json;
import org.flintmoss.terrain.Ground;
import org.flintmoss.terrain.Tile;
import tools.jackson.databind.node.ObjectNode;

/** A mission of 5,000 things on 1024 x 1024 cells of rolling ground, the same every time. */
final class Throng {
  static final int THINGS = 5000;
  static final int CELLS = 1024;
  private static final double CELL = 2;

  private final SplittableRandom random = new SplittableRandom(11);
  private final ObjectNode document = (ObjectNode) Samples.blank().document().deepCopy();
  private final SortedMap<String, byte[]> assets = new TreeMap<>();

  private Throng() {}

  static MissionFile file() {
    Throng throng = new Throng();
    throng.ground();
    throng.things();
    return new MissionFile(throng.document, throng.assets);
  }

  /** The same with a house of two storeys, and a gate before its door, at a point. */
  static Mission housed(MissionFile file, double x, double y) {
    ObjectNode document = (ObjectNode) file.document().deepCopy();
    String stops = "{'movement':true,'sight':true,'shots':true,'sound':40}";
    StringBuilder corners = new StringBuilder();
    double[][] at = {{x, y}, {x + 14, y}, {x + 14, y + 9}, {x, y + 9}};
    for (int i = 0; i < at.length; i++) {
      corners.append(
          "%s'c%d':{'order':'a%d','position':{'x':%s,'y':%s}}"
              .formatted(i == 0 ? "" : ",", i, i, at[i][0], at[i][1]));
    }
    document
        .withObject("/buildings")
        .set(
            "house",
            json(
                "{'name':'House','corners':{%s},'floor':{'type':'ground'},'thickness':0.3,'stops':%s,'storeys':{'s0':{'order':'a0','name':'Ground','height':3},'s1':{'order':'a1','name':'Loft','height':3}},'roof':{'make':'flat','parapet':0},'inner':{},'doors':{'front':{'order':'a1','storey':'s0','wall':'c0','along':5,'width':1.2,'height':2}},'windows':{},'stairs':{'up':{'order':'a1','storey':'s0','foot':{'x':%s,'y':%s},'head':{'x':%s,'y':%s},'width':1}}}"
                    .formatted(corners, stops, x + 1.5, y + 2, x + 1.5, y + 6)));
    document
        .withObject("/gates")
        .set(
            "gate",
            json(
                "{'name':'Gate','level':{'type':'ground'},'from':{'x':%s,'y':%s},'to':{'x':%s,'y':%s},'height':2,'stands':'closed','stops':%s,'hand':{'type':'nobody'},'motion':{'way':'swings','seconds':0}}"
                    .formatted(x, y - 4, x + 2, y - 4, stops)));
    return MissionReader.read(document);
  }

  private void ground() {
    Ground.Grid grid = Ground.Grid.flat(CELLS, CELLS, CELL);
    for (int i = 0; i < CELLS * CELLS; i++) {
      double x = i % CELLS / 60.0;
      double y = i / CELLS / 60.0;
      double height = 8 + 6 * Math.sin(x) * Math.cos(y * 0.8) + 3 * Math.sin(2.3 * x + y);
      grid.heights()[i] = height;
      grid.surfaces()[i] = (byte) (height > 13 ? 4 : height < 2 ? 0 : 1);
    }
    ObjectNode terrain = (ObjectNode) document.get("setting").get("terrain");
    terrain.put("columns", CELLS).put("rows", CELLS).put("cell", CELL).put("base", 0);
    ObjectNode tiles = terrain.putObject("tiles");
    for (int row = 0; row < CELLS / Terrain.TILE; row++) {
      for (int column = 0; column < CELLS / Terrain.TILE; column++) {
        byte[] bytes = Tile.write(grid, column, row, 0);
        String hash = Canonical.hash(bytes);
        assets.put(hash, bytes);
        tiles.put(column + "-" + row, hash);
      }
    }
    ((ObjectNode) document.get("brief")).put("title", "Throng");
  }

  private void things() {
    String[] sides = {"keepers", "wreckers", "townsfolk", "hounds"};
    String[] kinds = {"keeper", "lookout", "wrecker", "townsman", "hound"};
    String[] props = {"crate", "boulder", "driftwood", "cask"};
    for (int i = 0; i < THINGS; i++) {
      switch (i % 10) {
        case 0, 1, 2, 3, 4 -> unit(i, sides[i % 4], kinds[i % 5]);
        case 5, 6, 7 ->
            put(
                "props",
                i,
                "Crate " + i,
                "{'kind':{'family':'thingKinds','id':'%s'},'position':%s,'level':{'type':'ground'},'atop':{'type':'nothing'},'facing':%d,'scale':1,'begins':{'type':'asItsKind'},'stands':'there','front':0,'drops':{},'wear':'none','sunk':0,'tilt':0}"
                    .formatted(props[i % 4], at(), i % 360));
        case 8 ->
            put(
                "posts",
                i,
                "Post " + i,
                "{'position':%s,'level':{'type':'top'},'facing':%d,'open':{'type':'all'},'purposes':{}}"
                    .formatted(at(), i % 360));
        default ->
            put(
                "zones",
                i,
                "Zone " + i,
                "{'shape':{'type':'circle','centre':%s,'radius':%d},'height':{'type':'any'},'rides':{'type':'stands'},'noGo':{'walkers':false,'beasts':false,'wheels':false,'boats':false,'flyers':false,'crossings':false},'does':{},'hue':%d,'hatch':'rising','strength':100}"
                    .formatted(at(), 5 + i % 20, i % 360));
      }
    }
  }

  private void unit(int i, String side, String kind) {
    put(
        "units",
        i,
        "Unit " + i,
        "{'side':{'family':'sides','id':'%s'},'kind':{'family':'kinds','id':'%s'},'position':%s,'level':{'type':'top'},'facing':%d,'inPlay':true,'kit':{'type':'kind'},'pack':{},'dealings':{},'belongs':{'type':'alone'},'order':{'type':'stay'},'holds':'whileCalm'}"
            .formatted(side, kind, at(), i % 360));
  }

  private void put(String family, int i, String name, String json) {
    ObjectNode thing = json(json);
    thing.put("name", name);
    ((ObjectNode) document.get(family)).set("thing-" + i, thing);
  }

  private static ObjectNode json(String quoted) {
    return (ObjectNode) Json.MAPPER.readTree(quoted.replace('\'', '"'));
  }

  private String at() {
    double room = CELLS * CELL - 40;
    return "{'x':%d,'y':%d}"
        .formatted((int) (20 + random.nextDouble(room)), (int) (20 + random.nextDouble(room)));
  }
}
