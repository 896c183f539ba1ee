import type { ReactNode } from "react";
import { membersOf, squadsOf } from "../document/membership";
import {
  type Mission,
  nameOf,
  ordered,
  type Ref,
  type Stops,
  standing,
  usesOf,
} from "../document/mission";
import { pinnedWords } from "../document/pinned";
import { lengthOf, pathOf } from "../document/shapes";
import { measured, metres } from "../document/units";
import { SIDE_COLOURS } from "../drawing/stones";
import type { PlacedFamily } from "../families";
import { geometryOf, isPlacedFamily } from "../things/geometry";

const WAYS = {
  once: "gone along once",
  loop: "gone round and round",
  thereAndBack: "gone there and back",
};

const SENTENCES: Record<PlacedFamily, (mission: Mission, thing: Ref) => ReactNode> = {
  starts: person,
  units: person,
  squads: (mission, thing) => {
    const members = membersOf(mission, thing.id);
    if (members.length === 0) return "A squad of nobody yet. Add units below, or in their slips.";
    return `A squad of ${members.length}, led by ${nameOf(mission, mission.squads[thing.id].leader)}.`;
  },
  bands: (mission, thing) => {
    const many = squadsOf(mission, thing.id).length;
    return `A band of ${many} ${many === 1 ? "squad" : "squads"}, reckoned together.`;
  },
  spawnPoints: () =>
    "Those who are brought in here come into play side by side, each with room to stand.",
  posts: (mission, thing) => {
    const post = mission.posts[thing.id];
    const whom = post.open.type === "all" ? "anybody" : `the ${nameOf(mission, post.open.side)}`;
    const purposes = ordered(post.purposes).map(([, it]) => nameOf(mission, it.purpose));
    const serves = purposes.length > 0 ? `, as ${purposes.join(" and ")}` : "";
    return `A post for ${whom} to stand at${serves}, watching ${post.facing}°.`;
  },
  routes: route,
  zones: zone,
  walls: (mission, thing) => {
    const { stops, height } = mission.walls[thing.id];
    return `A wall ${length(mission, thing)} long and ${metres(height)} high that stops ${stopped(stops)}.`;
  },
  gates: (mission, thing) => {
    const gate = mission.gates[thing.id];
    const workers = usesOf(mission, thing).filter(({ family }) => family === "fixtures");
    const by =
      workers.length === 0
        ? "No fixture works it yet."
        : `Worked by ${workers.map((it) => nameOf(mission, it)).join(", ")}.`;
    return `A gate ${length(mission, thing)} wide, ${STAND_WORDS[gate.stands]} at the start. ${by}`;
  },
  decks: (mission, thing) => {
    const { top, slope, corners } = mission.decks[thing.id];
    if (Object.keys(corners).length < 3) return "A deck needs three corners to be there.";
    const lies = slope.degrees === 0 ? "level" : `rising ${slope.degrees}° toward ${slope.toward}°`;
    return `A deck at ${metres(top)}, ${lies}. People walk on it, and under it where there is headroom.`;
  },
  buildings: (mission, thing) => {
    const { storeys, doors, corners } = mission.buildings[thing.id];
    if (Object.keys(corners).length < 3) return "A building needs three corners to be there.";
    const many = (count: number, word: string) =>
      `${count === 0 ? "no" : count} ${word}${count === 1 ? "" : "s"}`;
    const floors = Object.keys(storeys).length;
    const plural = floors === 1 ? "storey" : "storeys";
    return `A building of ${floors} ${plural} with ${many(Object.keys(doors).length, "door")}. Look into a storey to furnish it.`;
  },
  roads: (mission, thing) => {
    const { width, surface } = mission.roads[thing.id];
    const of = {
      road: "packed stone",
      plank: "planks",
      shingle: "shingle",
      path: "trodden earth",
    };
    return `A road ${length(mission, thing)} long and ${metres(width)} wide, of ${of[surface]}.`;
  },
  crossings: (mission, thing) => {
    const { manner, back, open, takes } = mission.crossings[thing.id];
    const way = {
      leap: "leap over",
      climb: "climb",
      drop: "drop down",
      crawl: "crawl through",
      wade: "wade through",
    }[manner];
    const whom = { everybody: "all on foot", players: "players alone", ai: "AI alone" }[open];
    const long = takes.type === "seconds" ? `, in ${takes.seconds} s` : "";
    return `A crossing of ${length(mission, thing)} that ${whom} ${way}${long}, ${back ? "there and back" : "one way"}.`;
  },
  fixtures: (mission, thing) => {
    const uses = ordered(mission.fixtures[thing.id].uses).map(([, { verb, needs }]) =>
      needs.type === "nothing"
        ? verb
        : `${verb} (${needs.type === "holding" ? "needs" : "uses up"} ${pinnedWords(needs.count)} × ${nameOf(mission, needs.item)})`,
    );
    return uses.length === 0
      ? "Nothing can be done with it yet."
      : `People beside it can: ${uses.join(", ")}.`;
  },
  props: (mission, thing) => {
    const kind = mission.propKinds[mission.props[thing.id].kind.id];
    if (!kind) return "Its kind is no longer in the catalogue.";
    const covers =
      kind.cover > 0
        ? ` It takes ${Math.round(kind.cover * 100)} % off shots at those close behind it.`
        : "";
    return `A ${kind.name.toLowerCase()} that stops ${stopped(kind.stops)}.${covers}`;
  },
  items: item,
  cargo: (mission, thing) => `A load of ${measured(mission.cargo[thing.id].mass, "kg")}.`,
  craft: (mission, thing) => {
    const { seats, bears } = mission.craft[thing.id];
    return `A craft with room for ${seats} and a load of ${measured(bears, "kg", 0)}.`;
  },
  effects: effect,
  markers: (mission, thing) =>
    mission.markers[thing.id].shown
      ? "A note that players see on their map from the start."
      : "A note that players see on their map once an event shows it.",
  placeNames: () => "A name that is written on the sheet and on the players' map.",
  views: (mission, thing) => {
    const { width, depth } = mission.views[thing.id];
    return `A view of ${metres(width, 0)} by ${metres(depth, 0)} of the sheet to come back to.`;
  },
  notes: () => "A note of yours. Players never see it.",
};

/** What a thing is and does, in a sentence. */
export function sentence(mission: Mission, thing: Ref): ReactNode {
  return isPlacedFamily(thing.family) ? SENTENCES[thing.family](mission, thing) : null;
}

function item(mission: Mission, thing: Ref): string {
  const { kind, count } = mission.items[thing.id];
  const of = mission.itemKinds[kind.id];
  if (!of) return `An item of a kind that is gone: ${nameOf(mission, kind)}.`;
  const mass = measured(of.mass * count, "kg");
  const many = count === 1 ? of.name : `${count} × ${of.name}`;
  return `${many}, ${mass} in all. People with hands can take ${count === 1 ? "it" : "them"} up.`;
}

const EFFECT_WORDS = {
  smoke: "Smoke that nobody sees through",
  fire: "A fire that shows who stands near it in the dark",
  spray: "Spray that nobody sees far through",
  light: "A light that shows who stands near it in the dark",
  sound: "A sound that drowns half of what is to be heard",
};

function effect(mission: Mission, thing: Ref): string {
  const { look, radius, on } = mission.effects[thing.id];
  const begins = on ? "from the start" : "once an event begins it";
  return `${EFFECT_WORDS[look]}, ${metres(radius)} around, ${begins}.`;
}

const STAND_WORDS = { open: "open", half: "half open", closed: "closed" };

function length(mission: Mission, thing: Ref): string {
  const geometry = geometryOf(mission, thing);
  return metres(geometry ? lengthOf(pathOf(geometry), false) : 0);
}

function stopped({ movement, sight, shots }: Stops): string {
  const words = [movement && "people", sight && "sight", shots && "shots"].filter(Boolean);
  return words.length === 0 ? "nothing" : words.join(", ").replace(/, (\w+)$/, " and $1");
}

const NAMING = ["No event names it yet.", "One event names it."];

const HELD_WORDS = {
  walkers: "people on foot",
  beasts: "beasts",
  wheels: "carts",
  boats: "boats",
  flyers: "flyers",
};

function zone(mission: Mission, thing: Ref): string {
  const { shape, noGo, boundary } = mission.zones[thing.id];
  const held = Object.entries(HELD_WORDS).flatMap(([field, word]) =>
    noGo[field as keyof typeof HELD_WORDS] ? [word] : [],
  );
  const rules = [
    ...(held.length > 0 ? [`No-go for AI: ${held.join(", ")}.`] : []),
    ...(boundary ? ["Players are meant to stay in it."] : []),
  ].join(" ");
  const events = usesOf(mission, thing).filter(({ family }) => family === "events").length;
  const use = `${NAMING[events] ?? `${events} events name it.`} ${rules}`.trim();
  if (shape.type === "circle") return `A round zone, ${metres(shape.radius * 2)} across. ${use}`;
  if (shape.type === "rectangle") {
    return `A zone of four corners, ${metres(shape.width)} by ${metres(shape.depth)}. ${use}`;
  }
  return `A drawn zone of ${Object.keys(shape.corners).length} corners. ${use}`;
}

function route(mission: Mission, thing: Ref): string {
  const { way, waypoints } = mission.routes[thing.id];
  const geometry = geometryOf(mission, thing);
  const length = metres(geometry ? lengthOf(pathOf(geometry), way === "loop") : 0, 0);
  const users = usesOf(mission, thing).filter(
    ({ family }) => family === "units" || family === "squads",
  );
  const by =
    users.length > 0
      ? `by ${users.map((user) => nameOf(mission, user)).join(", ")}`
      : "by nobody yet";
  return `A route of ${Object.keys(waypoints).length} waypoints over ${length}, ${WAYS[way]} ${by}.`;
}

function person(mission: Mission, thing: Ref): ReactNode {
  const found = standing(mission, thing);
  if (!found) return null;
  const kind = (found.kind?.name ?? "somebody").toLowerCase();
  const side = (
    <b style={{ color: found.side && SIDE_COLOURS[found.side.colour] }}>
      {found.side?.name ?? "nobody"}
    </b>
  );
  if (thing.family === "starts") {
    return (
      <>
        A player begins here as a {kind} of the {side}.
      </>
    );
  }
  const { belongs, inPlay } = mission.units[thing.id];
  return (
    <>
      A {kind} of the {side}
      {belongs.type === "squad" && `, in ${nameOf(mission, belongs.squad)}`}
      {inPlay ? "." : ", not in play until brought in."}
    </>
  );
}
