import {
  FAMILY_WORDS,
  type Family,
  key,
  type Mission,
  namedIn,
  nameOf,
  refOf,
} from "../../document/mission";
import { sure } from "../../document/sure";
import type { Trouble } from "../../sentence/trouble";

/** Everything in brackets; what follows ~ tells things of one name apart. */
const NAME = /\[((?:\\.|[^\]\\~])*)[^\]]*\]/g;

/** The names of all that the script speaks of, as one string: a text is stale once it differs. */
export function scriptNames(mission: Mission): string {
  const all = new Set<string>();
  for (const event of Object.values(mission.events)) {
    for (const name of namedIn(event)) all.add(name);
  }
  for (const [id, zone] of Object.entries(mission.zones)) {
    if (Object.keys(zone.does).length === 0) continue;
    all.add(key({ family: "zones", id }));
    for (const name of namedIn(zone.does)) all.add(name);
  }
  return [...all].map((name) => nameOf(mission, refOf(name))).join("\n");
}

/** A thing's name in brackets, as it stands in a text. */
export function plate(name: string): string {
  return `[${name.replace(/[\]~\\]/g, "\\$&")}]`;
}

/** A name in a text that nothing has, and what may be meant. */
export interface Unknown {
  /** As it stands in the text, without brackets. */
  name: string;
  times: number;
  /** What may stand in its place, the likeliest first: a text and what it stands for. */
  options: { text: string; word: string }[];
}

function things(mission: Mission, families: Family[]): { text: string; word: string }[] {
  return families.flatMap((family) =>
    Object.keys(mission[family]).map((id) => {
      const name = nameOf(mission, { family, id });
      return { text: plate(name), word: `${name}, ${FAMILY_WORDS[family]}` };
    }),
  );
}

/** The names in a text that nothing of a mission has, each once, by how often they stand there. */
export function unknownNames(mission: Mission, text: string, troubles: Trouble[]): Unknown[] {
  const known = new Set<string>();
  for (const family of Object.keys(FAMILY_WORDS) as Family[]) {
    for (const thing of Object.values(mission[family] as Record<string, { name?: string }>)) {
      if (thing.name !== undefined) known.add(thing.name);
    }
  }
  const times = new Map<string, number>();
  for (const [, written = ""] of text.matchAll(NAME)) {
    const name = written.replace(/\\(.)/g, "$1");
    if (!known.has(name) && !name.startsWith("?")) times.set(name, (times.get(name) ?? 0) + 1);
  }
  return [...times]
    .map(([name, many]) => ({
      name,
      times: many,
      options: optionsFor(mission, text, troubles, name),
    }))
    .sort((a, b) => b.times - a.times);
}

function optionsFor(mission: Mission, text: string, troubles: Trouble[], name: string) {
  const of = troubles.filter(({ from, to }) => text.slice(from, to) === plate(name));
  const families = [...new Set(of.flatMap((trouble) => trouble.families))];
  const near = of.flatMap(({ remedies }) => remedies);
  const all = things(mission, families.length > 0 ? families : speakable(mission));
  const first = near.flatMap(({ text: meant }) => all.filter((it) => it.text === meant));
  return [...new Map([...first, ...all].map((it) => [it.word, it])).values()];
}

/** The families that scripts speak of in this mission, for names of which no more is known. */
function speakable(mission: Mission): Family[] {
  const families = new Set<Family>();
  for (const event of Object.values(mission.events)) {
    for (const name of namedIn(event)) families.add(refOf(name).family);
  }
  return families.size > 0 ? [...families] : ["units", "starts", "zones", "sides"];
}

/** A text with names put in the place of others: the text in brackets, by the name it replaces. */
export function matched(text: string, by: Record<string, string>): string {
  return text.replace(NAME, (whole, written: string) => {
    const name = written.replace(/\\(.)/g, "$1");
    return by[name] ?? whole;
  });
}

/** The key of the thing that a name in brackets stands for, of any family. */
export function thingNamed(mission: Mission, name: string): string | undefined {
  for (const family of Object.keys(FAMILY_WORDS) as Family[]) {
    const all = mission[family] as unknown as Record<string, { name: string }>;
    const id = Object.keys(all).find((it) => sure(all, it).name === name);
    if (id) return key({ family, id });
  }
  return undefined;
}
