import type { ReactNode } from "react";
import { SIDE_COLOURS } from "../map/stones";
import { geometryOf, lengthOf, membersOf, pathOf } from "../model/geometry";
import { type Mission, nameOf, ordered, type Ref, standing, usesOf } from "../model/mission";

const WAYS = {
  once: "gone along once",
  loop: "gone round and round",
  thereAndBack: "gone there and back",
};

/** What a thing is and does, in a sentence. */
export function sentence(mission: Mission, thing: Ref): ReactNode {
  switch (thing.family) {
    case "zones":
      return zone(mission, thing);
    case "routes":
      return route(mission, thing);
    case "posts": {
      const post = mission.posts[thing.id];
      const whom = post.open.type === "all" ? "anybody" : `the ${nameOf(mission, post.open.side)}`;
      const purposes = ordered(post.purposes).map(([, it]) => nameOf(mission, it.purpose));
      const serves = purposes.length > 0 ? `, as ${purposes.join(" and ")}` : "";
      return `A post for ${whom} to stand at${serves}, watching ${post.facing}°.`;
    }
    case "spawnPoints":
      return "Those who are brought in here come into play side by side, each with room to stand.";
    case "squads": {
      const members = membersOf(mission, thing.id);
      if (members.length === 0) return "A squad of nobody yet. Add units below, or in their slips.";
      return `A squad of ${members.length}, led by ${nameOf(mission, mission.squads[thing.id].leader)}.`;
    }
    default:
      return person(mission, thing);
  }
}

function zone(mission: Mission, thing: Ref): string {
  const { shape } = mission.zones[thing.id];
  const events = usesOf(mission, thing).filter(({ family }) => family === "events").length;
  const use = events === 0 ? "No event names it yet." : `${events} of the events name it.`;
  if (shape.type === "circle") return `A round zone, ${shape.radius * 2} m across. ${use}`;
  if (shape.type === "rectangle") {
    return `A zone of four corners, ${shape.width} m by ${shape.depth} m. ${use}`;
  }
  return `A drawn zone of ${Object.keys(shape.corners).length} corners. ${use}`;
}

function route(mission: Mission, thing: Ref): string {
  const { way, waypoints } = mission.routes[thing.id];
  const geometry = geometryOf(mission, thing);
  const length = geometry ? Math.round(lengthOf(pathOf(geometry), way === "loop")) : 0;
  const users = usesOf(mission, thing).filter(
    ({ family }) => family === "units" || family === "squads",
  );
  const by =
    users.length > 0
      ? `by ${users.map((user) => nameOf(mission, user)).join(", ")}`
      : "by nobody yet";
  return `A route of ${Object.keys(waypoints).length} waypoints over ${length} m, ${WAYS[way]} ${by}.`;
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
