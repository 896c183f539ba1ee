package org.flintmoss.terrain;

import static org.flintmoss.Stage.ref;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * Makes The Pilots' Race: from the quay where the Patience lies over a mole, planks, a mussel bank
 * in the ebb, another mole and a bar in the tide rip to the bell tower, up which a winch basket
 * hauls one at a time. Run {@link #main} after a change to write the tiles anew; tests hold the
 * shipped tiles and document against it.
 */
public final class RaceMaker extends DemoMaker {
  private static final int CELLS = 128;
  private static final double SEA_BED = -5;

  /** How steeply masonry falls to the sea, and how gently banks do, metres of fall per metre. */
  private static final double WALL = 4;

  private static final double BANK_SIDE = 0.5;

  private static final double BANK = -0.15;
  private static final double BAR = -0.25;
  private static final double MOLE = 1.6;
  private static final double QUAY = 2;

  /** A part of the ground with a flat top, between two corners, metres. */
  private record Block(
      double west,
      double south,
      double east,
      double north,
      double top,
      double fall,
      Surface surface) {
    /** How high it is at a point, metres. */
    double at(double x, double y) {
      double dx = Math.max(0, Math.max(west - x, x - east));
      double dy = Math.max(0, Math.max(south - y, y - north));
      return top - Math.sqrt(dx * dx + dy * dy) * fall;
    }
  }

  private static final List<Block> BLOCKS =
      List.of(
          new Block(10, 12, 38, 34, QUAY, WALL, Surface.ROCK),
          new Block(38, 20, 78, 26, MOLE, WALL, Surface.ROCK),
          new Block(30, 52, 66, 59, BANK, BANK_SIDE, Surface.MUD),
          new Block(14, 44, 26, 92, MOLE, WALL, Surface.ROCK),
          new Block(30, 84, 76, 90, BAR, BANK_SIDE, Surface.SHINGLE),
          new Block(78, 70, 112, 100, QUAY, WALL, Surface.ROCK));

  /** Slips on which one walks up out of the water: from where, to where, and how high. */
  private record Slip(
      double west, double east, double south, double north, double from, double to) {
    double at(double x) {
      return from + (to - from) * (x - west) / (east - west);
    }

    boolean over(double x, double y) {
      return x >= west && x <= east && y >= south && y <= north;
    }
  }

  private static final List<Slip> SLIPS =
      List.of(
          new Slip(26, 32, 53, 58, MOLE, BANK),
          new Slip(26, 32, 85, 89, MOLE, BAR),
          new Slip(71, 78, 85, 89, BAR, QUAY));

  private static final String SCRIPT =
      """
      chapter "The race"

      event "Off they go", at most once
        when play has lasted at least 1 s
        do say [Off with you]

      event "The spout", any number of times, every 7 s while true
        when play has lasted at least 3 s
        do turn [Spout] on
           let [Spout] begin
           wait 2 s, turn [Spout] off
           let [Spout] end

      event "The rip runs", any number of times, every 24 s while true
        when play has lasted at least 30 s
        do turn [Rip] on
           let [Tide rip] begin
           wait 8 s, turn [Rip] off
           let [Tide rip] end

      event "First at the bell", at most once
        each time any player finishes [The Pilots’ Race]
        do complete the objective [Round the moles to the bell]
           start [The oil]
           say [First in]

      event "All in", at most once
        when all players have finished [The Pilots’ Race]
        do wait 4 s, end the mission with [All in]

      event "Somebody buys the oil", at most once
        when [The oil] has run out
        do end the mission with [The last one buys]

      event "Low water", at most once
        when play has lasted at least 6 min
         and not any player has finished [The Pilots’ Race]
        do fail the objective [Round the moles to the bell]
           end the mission with [Low water]

      zone [Harbour]
        brings who leaves back to their checkpoint, players alone

      zone [Spout]
        pushes everything toward 90 ° at 6 m/s
          while [Spout] is on

      zone [The ebb]
        pushes everything toward 90 ° at 0.5 m/s, silently

      zone [Mussel bed]
        slows to 60 % of their pace

      zone [Tide rip]
        transfers to [West mole light], not again for 2 s
          while [Rip] is on

      zone [Old drain]
        transfers to one by chance of ([Drain mouth], [Patience steps]), not again for 2 s

      zone [Winch basket]
        transfers to [Bell gallery], facing as the place does, not again for 1 s

      zone [South mole light]
        is a checkpoint for each player alone

      zone [The dolphin]
        is a checkpoint for each player alone

      zone [Bank end]
        is a checkpoint for each player alone

      zone [West mole light]
        is a checkpoint for each player alone

      zone [Bell mole]
        is a checkpoint for each player alone
      """;

  private RaceMaker() {}

  static Ground.Grid grid() {
    Ground.Grid grid = Ground.Grid.flat(CELLS, CELLS, 1);
    for (int cell = 0; cell < CELLS * CELLS; cell++) {
      shape(grid, cell, cell % CELLS + 0.5, cell / CELLS + 0.5);
    }
    return grid;
  }

  private static void shape(Ground.Grid grid, int cell, double x, double y) {
    double height = SEA_BED + 0.7 * Relief.noise(x, y, 23);
    Surface surface = Surface.SHINGLE;
    for (Block block : BLOCKS) {
      double up = block.at(x, y);
      if (up > height) {
        height = up;
        surface = block.surface();
      }
    }
    for (Slip slip : SLIPS) {
      if (slip.over(x, y)) {
        height = slip.at(x);
        surface = Surface.ROCK;
      }
    }
    grid.heights()[cell] = height;
    grid.surfaces()[cell] = (byte) surface.ordinal();
  }

  /** The document of the mission. */
  public static JsonNode make() {
    RaceMaker maker = new RaceMaker();
    maker.setting();
    maker.planksAndTower();
    maker.zones();
    maker.people();
    maker.story();
    return scripted(maker.stage.document(), SCRIPT);
  }

  private void setting() {
    terrain(grid());
    stage
        .put("/setting/wind", "{'speed':5,'from':250}")
        .put("/setting/waterLevel", "0.3")
        .put("/setting/startTime", "23400")
        .put(
            "/setting/tide",
            "{'m1':{'time':23400,'level':0.3},'m2':{'time':23820,'level':-0.3},'m3':{'time':25200,'level':-0.4}}")
        .put("/brief/title", "'The Pilots’ Race'")
        .put("/brief/author", "'The Lamp Office'")
        .put(
            "/brief/summary",
            "'Once a year the pilots’ lads race from the Patience to the bell, over moles, planks and banks, against the ebb and each other. The last one in buys the oil.'")
        .put(
            "/brief/briefing",
            "'Along the south mole and over the planks, but mind the spout: it comes every seven seconds. From the dolphin west along the mussel bank, against the ebb. Up the west mole to its light, then over the bar, unless the rip is running; it throws you back to the light. The old drain is shorter, if it spits you out on the right side. At the tower the basket takes one at a time. Who swims is taken back to the last light they passed.'");
  }

  private void planksAndTower() {
    planks("first-planks", "First planks", 2.2, at(74, 25), MOLE, at(74, 37), 1.5);
    planks("far-planks", "Far planks", 2.2, at(74, 38.8), 1.5, at(74, 50), 1.5);
    stage
        .deck("dolphin", 1.5, 0, 0, 68, 50, 80, 50, 80, 60, 68, 60)
        .put("/decks/dolphin/name", "'The dolphin'")
        .ramp("dolphin", "steps", "stairs", 68, 55.5, 64, 55.5)
        .deck("gallery", 9, 0, 0, 97, 89, 103, 89, 103, 95, 97, 95)
        .put("/decks/gallery/name", "'Bell gallery'")
        .railing("gallery", 1.1, "rails")
        .put(
            "/spawnPoints/gallery-foot",
            "{'name':'Bell gallery','position':{'x':98.5,'y':90.5},'level':%s,'facing':45,'clearance':0}"
                .formatted(level("gallery")))
        .put(
            "/spawnPoints/drain-mouth",
            "{'name':'Drain mouth','position':{'x':106,'y':76},'level':{'type':'top'},'facing':330,'clearance':0}")
        .put(
            "/spawnPoints/steps",
            "{'name':'Patience steps','position':{'x':15,'y':16},'level':{'type':'top'},'facing':90,'clearance':0}");
  }

  private void zones() {
    box("harbour", "Harbour", 64, 64, 128, 128, 205);
    stage.put("/zones/harbour/height", "{'type':'between','low':-1,'high':60}");
    stage.put("/zones/harbour/strength", "15");
    box("spout", "Spout", 74, 44.5, 6, 4, 188);
    stage.put("/zones/spout/height", "{'type':'between','low':0,'high':6}");
    box("ebb", "The ebb", 49, 55.5, 30, 14, 210);
    box("rip", "Tide rip", 52, 87, 14, 12, 340);
    circle("mussels", "Mussel bed", 44, 56, 5, 265);
    circle("drain", "Old drain", 17.5, 60, 1.5, 30);
    circle("basket", "Winch basket", 100, 84, 1.5, 30);
    stage.put("/zones/basket/height", "{'type':'between','low':0,'high':5}");
    circle("south-light", "South mole light", 74, 23, 3, 50);
    circle("dolphin-zone", "The dolphin", 74, 56, 4, 50);
    circle("bank-end", "Bank end", 23, 55.5, 4, 50);
    circle("west-light", "West mole light", 20, 88, 4, 50);
    circle("bell-mole", "Bell mole", 84, 87, 5, 50);
    circle("bell", "By the bell", 100, 92, 2.5, 50);
    stage.put("/zones/bell/height", "{'type':'between','low':7,'high':14}");
    stage.put(
        "/courses/race",
        "{'name':'The Pilots’ Race','passages':{%s},'circuit':false,'laps':1,'shown':true}"
            .formatted(
                passages(
                    "south-light", "dolphin-zone", "bank-end", "west-light", "bell-mole", "bell")));
    stage.flag("spout-on").put("/flags/spout-on/name", "'Spout'");
    stage.flag("rip-on").put("/flags/rip-on/name", "'Rip'");
    stage
        .effect("spout-spray", "spray", 72.6, 44.5, 3, false)
        .put("/effects/spout-spray/name", "'Spout'")
        .effect("rip-spray", "spray", 52, 87, 7, false)
        .put("/effects/rip-spray/name", "'Tide rip'");
  }

  private static String passages(String... zones) {
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < zones.length; i++) {
      all.append(i == 0 ? "" : ",")
          .append("'p%d':{'order':'a%d','zone':%s}".formatted(i, i, ref("zones", zones[i])));
    }
    return all.toString();
  }

  private void circle(String id, String name, double x, double y, double radius, int hue) {
    stage
        .zone(id, x, y, radius)
        .put("/zones/" + id + "/name", "'" + name + "'")
        .put("/zones/" + id + "/hue", "" + hue);
  }

  private void box(
      String id, String name, double x, double y, double width, double depth, int hue) {
    circle(id, name, x, y, 1, hue);
    stage
        .put(
            "/zones/" + id + "/shape",
            "{'type':'rectangle','centre':{'x':%s,'y':%s},'width':%s,'depth':%s,'bearing':0}"
                .formatted(x, y, width, depth))
        .put("/zones/" + id + "/hatch", "'dotted'");
  }

  private void people() {
    stage
        .put("/starts/p/name", "'Tobin Ash'")
        .put("/starts/p/kind", ref("kinds", "lamp-lad"))
        .put("/starts/p/position", "{'x':33,'y':17.5}")
        .put("/starts/p/facing", "90")
        .put("/starts/p/empty", "'away'");
    lad("q", "Jem Cobble", 33, 23, 2);
    lad("r", "Col Rushey", 33, 28.5, 3);
    lad("s", "Wat Sedge", 27, 23, 4);
    townsman("roake", "Captain Roake", 20, 26, 90);
    townsman("fenn", "Widow Fenn", 106, 88, 270);
    speaker(
        "roake-speaks",
        "Captain Roake",
        "roake",
        1,
        "{'head':'square','hat':'cap','hair':'beard'}");
    speaker("fenn-speaks", "Widow Fenn", "fenn", 2, "{'head':'round','hat':'none','hair':'braid'}");
    stage
        .talk(
            "start",
            "story",
            "roake-speaks",
            "Lads! Moles, planks, bank and bar.",
            "roake-speaks",
            "Last one at the bell buys the oil. Go!")
        .put("/conversations/start/name", "'Off with you'")
        .talk(
            "finish",
            "story",
            "fenn-speaks",
            "There’s the bell. I make that a winner.",
            "fenn-speaks",
            "And one of you has a long walk to the oil shop.")
        .put("/conversations/finish/name", "'First in'")
        .put(
            "/craft/patience",
            "{'name':'Patience','look':'boat','side':%s,'position':{'x':24,'y':7},'facing':90,'seats':6,'bears':800}"
                .formatted(ref("sides", "keepers")));
  }

  private void lad(String id, String name, double x, double y, int order) {
    stage
        .start(id, x, y)
        .put("/starts/" + id + "/name", "'" + name + "'")
        .put("/starts/" + id + "/kind", ref("kinds", "lamp-lad"))
        .put("/starts/" + id + "/order", "'a" + order + "'")
        .put("/starts/" + id + "/facing", "90")
        .put("/starts/" + id + "/empty", "'away'");
  }

  private void townsman(String id, String name, double x, double y, int facing) {
    stage
        .unit(id, "townsfolk", "townsman", x, y)
        .put("/units/" + id + "/name", "'" + name + "'")
        .put("/units/" + id + "/facing", "" + facing);
  }

  private void speaker(String id, String name, String unit, int order, String portrait) {
    stage
        .speaker(id, "{'type':'unit','unit':%s}".formatted(ref("units", unit)))
        .put("/speakers/" + id + "/name", "'" + name + "'")
        .put("/speakers/" + id + "/side", ref("sides", "townsfolk"))
        .put("/speakers/" + id + "/order", "'a" + order + "'")
        .put("/speakers/" + id + "/portrait", portrait);
  }

  private void story() {
    stage
        .put(
            "/timers/oil",
            "{'name':'The oil','seconds':{'value':60,'levels':{},'perPlayer':0},'counts':'down','running':false,'shown':true}")
        .put(
            "/objectives/to-bell",
            objective(
                "Round the moles to the bell",
                1,
                "Pass every light on the way; the basket hauls you up the tower.",
                "{'type':'at','place':{'type':'zone','zone':%s}}".formatted(ref("zones", "bell"))))
        .put("/objectives/to-bell/open", "true")
        .put("/markers/bell-mark", "{'name':'The bell','position':{'x':100,'y':92},'shown':true}")
        .put(
            "/endings/all-in",
            ending(
                "All in",
                1,
                "won",
                "Everybody is in, wet to the knees and laughing. Widow Fenn has it written down who was last."))
        .put(
            "/endings/last-one",
            ending(
                "The last one buys",
                2,
                "won",
                "She would not wait any longer. Those who are still out there share the price of the oil."))
        .put(
            "/endings/low-water",
            ending(
                "Low water",
                3,
                "lost",
                "The tide has turned and nobody has rung the bell. That has not happened since the year of the fog."));
    name("home-quay", "The quay", 20, 30);
    name("south-mole", "South mole", 54, 29);
    name("mussel-bank", "Mussel bank", 50, 63);
    name("west-mole", "West mole", 12, 70);
    name("the-bar", "The bar", 44, 94);
    name("bell-tower", "Bell tower", 104, 97);
  }

  /** Writes the tiles into a folder. */
  public static void main(String[] folder) throws IOException {
    Relief.write(grid(), Path.of(folder[0]));
  }
}
