package org.flintmoss.terrain;

import static org.flintmoss.Stage.ref;

import java.io.IOException;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;

/**
 * Makes The Gannet Stacks: flint stacks in the sea with an egg store, galleries and bridges one
 * over the other, leaps that lead one way and both, a flue to crawl through, ledges that are left
 * to the birds, and a needle that nobody climbs. Run {@link #main} after a change to write the
 * tiles anew; tests hold the shipped tiles and document against it.
 */
public final class GannetMaker extends DemoMaker {
  private static final int CELLS = 192;
  private static final double SEA_BED = -7;

  /** How steeply the stacks fall to the sea, metres of fall per metre. */
  private static final double CLIFF = 3;

  /** A stack: its middle, the radius of its flat top, and how high that lies, metres. */
  private record Stack(double x, double y, double radius, double top) {
    /** A point at a bearing from the middle, metres. */
    double[] at(double bearing, double far) {
      double turn = StrictMath.toRadians(bearing);
      return new double[] {
        hundredths(x + far * StrictMath.sin(turn)), hundredths(y + far * StrictMath.cos(turn))
      };
    }
  }

  private static final Stack LANDING = new Stack(34, 38, 20, 4);
  private static final Stack STORE = new Stack(88, 44, 19, 9);
  private static final Stack MIDDLE = new Stack(92, 100, 13, 12);
  private static final Stack HIGH = new Stack(146, 122, 17, 19);
  private static final Stack NEEDLE = new Stack(152, 66, 7, 15);
  private static final Stack LEDGES = new Stack(42, 104, 15, 8);

  /** Where the skerries lie that one wades over at low water, from the landing to the ledges. */
  private static final double SKERRIES_SOUTH = 56;

  private static final double SKERRIES_NORTH = 91;
  private static final double SKERRIES_EAST = 38;
  private static final double SKERRIES_CREST = -0.4;

  private static final String SCRIPT =
      """
      chapter "The stacks"

      event "The brig is sighted", at most once
        when play has lasted at least 4 s
        do open the objective [Put out the false light]
           tell the players "A brig out there, steering by a light that is not ours."

      event "Through the flue", at most once
        when any player is inside [Yard]
        do tell the players "The yard. Eggs in straw, and somebody’s supper still warm."

      event "Among the birds", at most once
        when any player is inside [Gannet ledges]
        do tell the players "They scream, and nobody comes. Nobody ever comes up here."

      event "The light goes out", at most once
        when [False light] has been used at least 1 time
        do complete the objective [Put out the false light]
           open the objective [Back to the boat]
           tell the players "Dark. And the brig’s bell, turning away."
           alarm all of [Wreckers] to [Light post]
           wake the event [Home again]

      event "Home again", at most once, asleep
        when any player is inside [Landing]
        do complete the objective [Back to the boat]
           end the mission with [Dark stacks]

      event "Tobin is taken", at most once
        when all players are dead
        do fail the objective [Put out the false light]
           end the mission with [Tobin taken]

      event "The brig strikes", at most once
        when play has lasted at least 12 min
         and not [False light] has been used at least 1 time
        do fail the objective [Put out the false light]
           end the mission with [Brig on the rocks]
      """;

  private static final String WAKES = "     wake the event [Home again]\n";

  private GannetMaker() {}

  static Ground.Grid grid() {
    Ground.Grid grid = Ground.Grid.flat(CELLS, CELLS, 1);
    for (int cell = 0; cell < CELLS * CELLS; cell++) {
      double x = cell % CELLS + 0.5;
      double y = cell / CELLS + 0.5;
      shape(grid, cell, x, y);
    }
    return grid;
  }

  private static void shape(Ground.Grid grid, int cell, double x, double y) {
    double height = SEA_BED + 0.8 * Relief.noise(x, y, 19);
    Surface surface = Surface.SHINGLE;
    for (Stack stack : new Stack[] {LANDING, STORE, MIDDLE, HIGH, NEEDLE, LEDGES}) {
      double far = Relief.distance(x, y, stack.x(), stack.y());
      double up = stack.top() - Math.max(0, far - stack.radius()) * CLIFF;
      if (up > height) {
        height = up;
        surface = far > stack.radius() - 1 ? Surface.ROCK : Surface.GRASS;
      }
    }
    double beach = beach(x, y);
    if (beach > SEA_BED) {
      height = Math.min(height, beach);
      surface = Surface.SHINGLE;
    }
    if (slip(x, y)) {
      height = Math.min(height, LANDING.top() - (y - LANDING.y() - 10) * 0.36);
      surface = Surface.ROCK;
    }
    if (beach > height) {
      height = beach;
      surface = Surface.SHINGLE;
    }
    double skerry = SKERRIES_CREST - Math.max(0, Math.abs(x - SKERRIES_EAST) - 3) * 1.2;
    if (y > SKERRIES_SOUTH && y < SKERRIES_NORTH && skerry > height) {
      height = skerry;
      surface = Surface.ROCK;
    }
    grid.heights()[cell] = height;
    grid.surfaces()[cell] = (byte) surface.ordinal();
  }

  /** The beach below the landing, which falls to the south-west. */
  private static double beach(double x, double y) {
    double out = (LANDING.x() - x) * 0.7 + (LANDING.y() - y) * 0.7;
    double aside = Math.abs((x - LANDING.x()) * 0.7 - (y - LANDING.y()) * 0.7);
    double south = aside < 9 && out > 0 ? LANDING.top() - Math.max(0, out - 8) * 0.26 : -20;
    return south;
  }

  /** Whether a point lies on the slip that is cut down from the landing to the skerries. */
  private static boolean slip(double x, double y) {
    return Math.abs(x - SKERRIES_EAST) < 3 && y > LANDING.y() + 10 && y < SKERRIES_SOUTH + 4;
  }

  /** The document of the mission. */
  public static JsonNode make() {
    GannetMaker maker = new GannetMaker();
    maker.setting();
    maker.bridges();
    maker.store();
    maker.galleries();
    maker.crossings();
    maker.people();
    maker.story();
    // An event can be named once it is there: so the one that wakes another is told of it last.
    JsonNode document = scripted(maker.stage.document(), SCRIPT.replace(WAKES, ""));
    return scripted(document, SCRIPT);
  }

  private void setting() {
    terrain(grid());
    stage
        .put("/setting/wind", "{'speed':7,'from':300}")
        .put("/setting/waterLevel", "0")
        .put("/setting/startTime", "71400")
        .put("/setting/sunset", "73800")
        .put(
            "/setting/tide",
            "{'m1':{'time':71400,'level':0},'m2':{'time':72600,'level':1.4},'m3':{'time':75600,'level':1.6}}")
        .put("/brief/title", "'The Gannet Stacks'")
        .put("/brief/author", "'The Lamp Office'")
        .put(
            "/brief/summary",
            "'A false light burns on the stacks, over bridges, galleries and gaps. Climb up and put it out before the brig trusts it.'")
        .put(
            "/brief/briefing",
            "'You are Tobin Ash, and nobody leaps like you; Mara Quill comes as far as she can. The egg gatherers’ bridges still hang between the stacks; the Wreckers watch them, and keep the yard gate shut. There is a flue beside it, if you do not mind soot. The gatherers went another way too, over the skerries and up among the birds, while the tide was down. Put out the light, and come back to the boat, both of you.'");
  }

  private void bridges() {
    planks("egg-bridge", "Egg bridge", 2.6, at(52, 40), 4, at(70.5, 43), 9);
    planks("long-bridge", "Long bridge", 2.4, at(88, 61), 9, at(91, 89), 12);
    planks("span", "Broken span", 2.4, at(102, 107.4), 12, at(122.5, 113), 12.5);
    planks("plank-west", "Gatherers’ plank", 1.8, at(54.5, 104), 8, at(66.4, 102.9), 10);
    planks("plank-east", "Gatherers’ far plank", 1.8, at(69.1, 102.6), 10, at(81, 101.4), 12);
  }

  /** The egg store with its roof, the yard wall with its gate, and the flue beside it. */
  private void store() {
    stage
        .house("store", 1, "flat", 93, 34, 101, 34, 101, 42, 93, 42)
        .put("/buildings/store/name", "'Egg store'")
        .put("/buildings/store/storeys/s0/height", "2.7")
        .door("store", "d1", "s0", "", 20, 1.2)
        .deck("drying", 10.3, 0, 0, 101.6, 34, 104.6, 34, 104.6, 42, 101.6, 42)
        .put("/decks/drying/name", "'Drying floor'")
        .put("/decks/drying/thickness", "1.4")
        .wall("south", 80, 24, 80, 43)
        .wall("yard-wall", 80, 45.4, 80, 52)
        .wall("north", 80, 53.4, 80, 63.5)
        .put("/walls/south/name", "'Yard wall, south'")
        .put("/walls/yard-wall/name", "'Yard wall'")
        .put("/walls/north/name", "'Yard wall, north'")
        .gate("yard-gate", "closed", 80, 43, 80, 45.4)
        .put("/gates/yard-gate/name", "'Yard gate'")
        .put("/gates/yard-gate/height", "2.2")
        .lever(
            "gate-bar",
            82.5,
            46.4,
            0,
            "{'type':'turns','gate':%s}".formatted(ref("gates", "yard-gate")))
        .put("/fixtures/gate-bar/name", "'Gate bar'")
        .deck("flue", 11.6, 0, 0, 77, 51.4, 83, 51.4, 83, 54, 77, 54)
        .put("/decks/flue/name", "'The flue'")
        .put("/decks/flue/thickness", "1.7")
        .zone("yard", 96, 50, 7)
        .put("/zones/yard/name", "'Yard'")
        .put("/zones/yard/hue", "200");
    for (String wall : new String[] {"south", "yard-wall", "north"}) {
      stage.put("/walls/" + wall + "/height", "2.6");
    }
  }

  /** Galleries on the faces of the middle and the high stack, and the lip over the lower one. */
  private void galleries() {
    ring("lower-gallery", "Lower gallery", MIDDLE, 8.5, 14, 19.5, 104, 236);
    stage
        .deck("lip", 12, 0, 0, 101, 97.6, 109.4, 97.6, 109.4, 102, 101, 102)
        .put("/decks/lip/name", "'The lip'")
        .ramp("lip", "r1", "stairs", 107.6, 97.6, 107.6, 93.4);
    ring("high-gallery", "High gallery", HIGH, 12.5, 19.3, 23, 220, 300);
    ring("north-ledge", "North ledge", HIGH, 16.7, 17.7, 20.6, 316, 342);
    ring("nesting-ledge", "Nesting ledge", HIGH, 14.6, 18.4, 21.6, 300, 316);
  }

  /** A walk along the face of a stack, between two distances from its middle and two bearings. */
  private void ring(
      String id,
      String name,
      Stack on,
      double top,
      double near,
      double far,
      double from,
      double to) {
    double[] xy = new double[16];
    for (int i = 0; i < 4; i++) {
      double bearing = from + (to - from) * i / 3;
      double chord = StrictMath.cos(StrictMath.toRadians((to - from) / 6));
      double[] outer = on.at(bearing, far);
      double[] inner = on.at(to - (to - from) * i / 3, near * Math.min(1, chord));
      xy[i * 2] = outer[0];
      xy[i * 2 + 1] = outer[1];
      xy[8 + i * 2] = inner[0];
      xy[9 + i * 2] = inner[1];
    }
    stage.deck(id, top, 0, 0, xy).put("/decks/" + id + "/name", "'" + name + "'");
  }

  private void crossings() {
    crossing(
        "iron-ladder",
        "Iron ladder",
        "climb",
        HIGH.at(250, 20.6),
        level("high-gallery"),
        HIGH.at(250, 15.4),
        "{'type':'ground'}",
        true,
        "everybody");
    crossing(
        "eggers-rope",
        "Gatherers’ rope",
        "climb",
        at(38, 88.2),
        "{'type':'ground'}",
        LEDGES.at(190, 13),
        "{'type':'ground'}",
        true,
        "players");
    stage
        .zone("ledges", LEDGES.x(), LEDGES.y(), 17)
        .put("/zones/ledges/name", "'Gannet ledges'")
        .put("/zones/ledges/noGo/walkers", "true")
        .put("/zones/ledges/hatch", "'dotted'")
        .put("/zones/ledges/hue", "28");
  }

  private void crossing(
      String id,
      String name,
      String manner,
      double[] from,
      String fromLevel,
      double[] to,
      String toLevel,
      boolean back,
      String open) {
    stage.put(
        "/crossings/" + id,
        ("{'name':'%s','manner':'%s','from':{'x':%s,'y':%s},'fromLevel':%s,'to':{'x':%s,'y':%s},"
                + "'toLevel':%s,'back':%s,'takes':{'type':'asLong'},'open':'%s'}")
            .formatted(
                name, manner, from[0], from[1], fromLevel, to[0], to[1], toLevel, back, open));
  }

  private void people() {
    stage
        .put("/starts/p/name", "'Tobin Ash'")
        .put("/starts/p/kind", ref("kinds", "lamp-lad"))
        .put("/starts/p/position", "{'x':24,'y':27}")
        .put("/starts/p/facing", "50")
        .put("/kinds/lamp-lad/health", "100")
        .packs("starts", "p", "salve", 2)
        .put(
            "/starts/q",
            "{'name':'Mara Quill','side':%s,'kind':%s,'position':{'x':27,'y':24},'facing':50,'order':'a2','empty':'companion'}"
                .formatted(ref("sides", "keepers"), ref("kinds", "keeper")))
        .packs("starts", "q", "salve", 1)
        .route(
            "yard-round",
            "loop",
            "88 56 'walk' 'for','seconds':5",
            "100 52 'walk' 'goesOn'",
            "98 30 'walk' 'for','seconds':4",
            "86 34 'walk' 'goesOn'")
        .put("/routes/yard-round/name", "'Round the yard'")
        .route(
            "bridge-walk",
            "thereAndBack",
            "92 95 'walk' 'for','seconds':8",
            "89 64 'walk' 'for','seconds':4")
        .put("/routes/bridge-walk/name", "'Over the Long bridge'")
        .route(
            "gallery-walk",
            "thereAndBack",
            "98 104 'walk' 'for','seconds':6",
            "107.6 91.6 'walk' 'goesOn'",
            "92 84.4 'walk' 'goesOn'",
            "79.6 90.4 'walk' 'for','seconds':6")
        .put("/routes/gallery-walk/name", "'Along the galleries'")
        .put("/routes/gallery-walk/waypoints/w2/height", "{'type':'at','height':8}");
    watch("yard-watch", "Yard watch", "wrecker", 88, 56, "yard-round");
    watch("bridge-watch", "Bridge watch", "lookout", 92, 95, "bridge-walk");
    watch("gallery-watch", "Gallery watch", "lookout", 98, 104, "gallery-walk");
    stage
        .post("light-post", 143, 119, 240)
        .put("/posts/light-post/name", "'Light post'")
        .unit(
            "light-watch",
            "wrecker",
            143,
            119,
            "{'type':'guard','post':%s}".formatted(ref("posts", "light-post")))
        .put("/units/light-watch/side", ref("sides", "wreckers"))
        .put("/units/light-watch/name", "'Light watch'")
        .put("/units/light-watch/facing", "240");
  }

  private void watch(String id, String name, String kind, double x, double y, String route) {
    stage
        .unit(id, kind, x, y, "{'type':'along','route':%s}".formatted(ref("routes", route)))
        .put("/units/" + id + "/side", ref("sides", "wreckers"))
        .put("/units/" + id + "/name", "'" + name + "'");
  }

  private void story() {
    stage
        .zone("light", 146, 122, 4)
        .put("/zones/light/name", "'By the light'")
        .put("/zones/light/hue", "45")
        .zone("landing", 22, 25, 9)
        .put("/zones/landing/name", "'Landing'")
        .put("/zones/landing/hue", "96")
        .put(
            "/fixtures/false-light",
            "{'name':'False light','kind':{'family':'thingKinds','id':'lamp-kind'},'position':{'x':146,'y':122},'facing':0,'uses':{'u1':{'order':'a0','verb':'Put out','seconds':3,'times':1,'noise':8,'needs':{'type':'nothing'},'gives':{'type':'nothing'},'effect':{'type':'nothing'}}}}")
        .put("/markers/boat", "{'name':'The boat','position':{'x':19,'y':22},'shown':true}")
        .put(
            "/craft/skiff",
            "{'name':'Lamp Office skiff','look':'boat','side':%s,'position':{'x':15,'y':18},'facing':225,'seats':3,'bears':200}"
                .formatted(ref("sides", "keepers")))
        .put(
            "/objectives/douse",
            objective(
                "Put out the false light",
                1,
                "It burns on the highest stack, over the gallery.",
                "{'type':'at','place':{'type':'zone','zone':%s}}".formatted(ref("zones", "light"))))
        .put(
            "/objectives/home",
            objective(
                "Back to the boat",
                2,
                "Down again, past whoever woke.",
                "{'type':'at','place':{'type':'zone','zone':%s}}"
                    .formatted(ref("zones", "landing"))))
        .put(
            "/endings/dark",
            ending(
                "Dark stacks",
                1,
                "won",
                "No light where no light should be. The brig’s master will never know how near it was, and the gannets have the stacks to themselves again."))
        .put(
            "/endings/taken",
            ending(
                "Tobin taken",
                2,
                "lost",
                "They kept you in the egg store until the tide turned, and let you watch her strike."))
        .put(
            "/endings/rocks",
            ending(
                "Brig on the rocks",
                3,
                "lost",
                "She came on straight for the light, as anybody would have."));
    name("the-landing", "The landing", 34, 40);
    name("the-needle", "The Needle", NEEDLE.x(), NEEDLE.y());
    name("gannet-ledges", "Gannet ledges", LEDGES.x(), LEDGES.y() + 4);
    name("high-stack", "High stack", HIGH.x() + 4, HIGH.y() + 8);
    name("middle-stack", "Middle stack", MIDDLE.x() - 4, MIDDLE.y() + 4);
    name("store-stack", "Store stack", STORE.x() + 2, STORE.y() - 14);
  }

  /** Writes the tiles into a folder. */
  public static void main(String[] folder) throws IOException {
    Relief.write(grid(), Path.of(folder[0]));
  }
}
