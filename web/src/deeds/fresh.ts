import { type ThingTool, useDesk } from "../desk/desk";
import { partsAt } from "../document/corners";
import {
  type Family,
  freshHue,
  freshName,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  type Position,
  pinnedOf,
  type Ref,
} from "../document/mission";
import { type Ground, heightAt } from "../document/raster";
import { onGround } from "../document/shapes";
import { freshLevel } from "../document/surfaces";
import { bareBuilding, PLANS, plannedBuilding } from "./plans";

/** What walls and gates stop unless changed. */
const SOLID = { movement: true, sight: true, shots: true, sound: 20 };

/** Whom a new zone holds back. */
export const NOBODY = {
  walkers: false,
  beasts: false,
  wheels: false,
  boats: false,
  flyers: false,
  crossings: false,
};

const VERBS = { lever: "Pull", bell: "Ring", lamp: "Light", chest: "Open" };

/** How far the use of a new fixture is heard, metres. */
const NOISES = { lever: 15, bell: 250, lamp: 0, chest: 8 };

/** How far the top of a new deck lies above the highest ground at its corners, metres. */
const RISE = 0.1;

/** How far a new effect spreads, metres. */
const SPREADS = { smoke: 8, fire: 4, spray: 6, light: 20, sound: 30 };

/** What a new load weighs, kilograms. */
const MASSES = { bale: 60, keg: 45, net: 25, slate: 120 };

/** What a new craft takes: people, and kilograms. */
const TAKES = {
  cart: { seats: 2, bears: 400 },
  boat: { seats: 6, bears: 600 },
  balloon: { seats: 3, bears: 250 },
};

const HATCHES = ["rising", "falling", "crossed", "dotted"] as const;

/** A thing as it is when it is first set down: its family, and how it begins. */
interface Fresh {
  family: Family;
  thing: { name: string };
  verb: "Set down" | "Draw";
}

/** A word as a name begins: with a capital. */
function capital(word: string): string {
  return word[0].toUpperCase() + word.slice(1);
}

/** A deck with nothing on its rims and nothing through it. */
const BARE = { railing: { height: 0, make: "rails", gaps: {} }, openings: {}, ramps: {} } as const;

/** The plain waypoint. */
export const WAYPOINT = {
  speed: { type: "walk" },
  waits: { type: "goesOn" },
  height: { type: "any" },
  task: { type: "nothing" },
  follows: "",
  leads: "",
} as const;

/** The plain use of a fixture. */
export const USE = {
  verb: "Use",
  seconds: pinnedOf(1),
  times: 0,
  noise: 0,
  needs: { type: "nothing" },
  gives: { type: "nothing" },
  effect: { type: "nothing" },
} as const;

/** The thing that a tool sets down at some points. */
export function fresh(
  mission: Mission,
  ground: Ground,
  tool: ThingTool,
  points: Position[],
): Fresh {
  const at = points.map((point) => onGround(mission, point));
  const [position] = at;
  const level = freshLevel(mission, position, useDesk.getState().peel);
  const named = (family: Family, base: string) =>
    freshName(mission[family] as unknown as Record<string, { name: string }>, base);
  const set = (family: Family, base: string, rest: object): Fresh => ({
    family,
    verb: "Set down",
    thing: { name: named(family, base), ...rest },
  });
  const drawn = (family: Family, base: string, rest: object): Fresh => ({
    ...set(family, base, rest),
    verb: "Draw",
  });
  const side: Ref = { family: "sides", id: "side" in tool ? tool.side : "" };
  const kind: Ref = { family: "kinds", id: "kind" in tool ? tool.kind : "" };
  switch (tool.sets) {
    case "start": {
      const order = orderAfter(mission.starts);
      return set("starts", "Player", {
        order,
        side,
        kind,
        position,
        level,
        facing: 0,
        pack: {},
        empty: "companion",
      });
    }
    case "unit":
      return set("units", nameOf(mission, kind), {
        side,
        kind,
        position,
        level,
        facing: 0,
        inPlay: true,
        kit: { type: "kind" },
        pack: {},
        belongs: { type: "alone" },
        order: { type: "stay" },
        holds: "whileCalm",
      });
    case "zone": {
      const hatch = HATCHES[Object.keys(mission.zones).length % HATCHES.length];
      const hue = freshHue(mission.zones);
      const shape = shapeOf(tool.shape, at);
      const [height, rides] = [{ type: "any" }, { type: "stands" }];
      return set("zones", "Zone", {
        shape,
        height,
        rides,
        noGo: NOBODY,
        boundary: false,
        hue,
        hatch,
      });
    }
    case "route": {
      const waypoints = partsAt(at, WAYPOINT);
      return drawn("routes", "Route", { way: "thereAndBack", open: { type: "all" }, waypoints });
    }
    case "wall": {
      const corners = partsAt(at, {});
      const stops = { ...SOLID };
      return drawn("walls", "Wall", {
        corners,
        height: 2,
        thickness: 0.4,
        level,
        stops,
        slits: {},
      });
    }
    case "deck": {
      const heights = at.map(({ x, y }) => heightAt(ground, x, y));
      const top = Math.round((Math.max(...heights) + RISE) * 100) / 100;
      const slope = { degrees: 0, toward: 0 };
      return drawn("decks", "Deck", {
        corners: partsAt(at, {}),
        top,
        thickness: 0.3,
        slope,
        ...BARE,
      });
    }
    case "building": {
      const { plan, turn } = tool;
      const name = named("buildings", plan === "" ? "House" : PLANS[plan].word);
      const thing =
        plan === "" ? bareBuilding(name, at) : plannedBuilding(plan, name, position, turn);
      return { family: "buildings", verb: plan === "" ? "Draw" : "Set down", thing };
    }
    case "road":
      return drawn("roads", "Road", { corners: partsAt(at, {}), width: 3, surface: "road" });
    case "crossing": {
      const [from, to] = at;
      const levels = {
        fromLevel: level,
        toLevel: freshLevel(mission, to, useDesk.getState().peel),
      };
      const takes = { type: "asLong" };
      const rest = { manner: "climb", from, to, ...levels, back: true, takes };
      return drawn("crossings", "Crossing", { ...rest, open: "everybody" });
    }
    case "gate": {
      const stops = { ...SOLID };
      const [from, to] = at;
      return drawn("gates", "Gate", { from, to, height: 2, level, stands: "closed", stops });
    }
    case "fixture": {
      const [verb, noise] = [VERBS[tool.look], NOISES[tool.look]];
      const uses = { [newId()]: { order: "a0", ...USE, verb, noise } };
      return set("fixtures", capital(tool.look), {
        look: tool.look,
        position,
        level,
        facing: 0,
        uses,
      });
    }
    case "prop": {
      const of: Ref = { family: "propKinds", id: tool.prop };
      const lies = { look: 0, sunk: 0, tilt: 0 };
      return set("props", nameOf(mission, of), { kind: of, position, level, facing: 0, ...lies });
    }
    case "item": {
      const of: Ref = { family: "itemKinds", id: tool.item };
      return set("items", nameOf(mission, of), { kind: of, position, level, count: 1 });
    }
    case "cargo": {
      const { look } = tool;
      return set("cargo", capital(look), { look, position, level, facing: 0, mass: MASSES[look] });
    }
    case "craft": {
      const { look } = tool;
      return set("craft", capital(look), { look, side, position, facing: 0, ...TAKES[look] });
    }
    case "effect": {
      const { look } = tool;
      return set("effects", capital(look), { look, position, radius: SPREADS[look], on: true });
    }
    case "marker":
      return set("markers", "Marker", { position, shown: true });
    case "placeName":
      return set("placeNames", "Place", { position, facing: 0, letters: "medium" });
    case "note":
      return set("notes", "Note", { position, text: "" });
    case "view": {
      const [a, b = a] = at;
      const [width, depth] = [Math.abs(b.x - a.x), Math.abs(b.y - a.y)];
      const centre = onGround(mission, { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
      const order = orderAfter(mission.views);
      return drawn("views", "View", {
        order,
        centre,
        width: Math.max(1, width),
        depth: Math.max(1, depth),
      });
    }
    case "post":
      return set("posts", "Post", {
        position,
        level,
        facing: 0,
        open: { type: "all" },
        purposes: {},
      });
    case "spawnPoint":
      return set("spawnPoints", "Spawn point", { position, level, facing: 0, clearance: 1 });
  }
}

function shapeOf(shape: "circle" | "rectangle" | "polygon", [at, ...more]: Position[]) {
  if (shape === "circle") return { type: shape, centre: at, radius: 15 };
  if (shape === "rectangle") return { type: shape, centre: at, width: 30, depth: 20, bearing: 0 };
  return { type: shape, corners: partsAt([at, ...more], {}) };
}
