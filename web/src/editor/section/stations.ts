import { metres } from "../../document/units";
import { groundAt, type Section } from "./section";

/** What a section reads at a place along its line. */
export interface Station {
  /** How far along the line it is, metres. */
  at: number;
  /** How high the ground lies, metres. */
  ground: number;
  /** How deep the water is; 0 where it is dry, metres. */
  depth: number;
  /** Decks over it and what stands between it and the next, in words. */
  works: string;
  /** Whether one looks over it from where the line begins. */
  seen: boolean;
}

/** Into how many stretches of one length a section is parted. */
const STRETCHES = 10;

/** A section read at places of one distance along it, from its beginning to its end. */
export function stations(section: Section): Station[] {
  const { length, water, decks, obstacles, sight } = section;
  const stretch = length / STRETCHES;
  return Array.from({ length: STRETCHES + 1 }, (_, i) => {
    const at = i * stretch;
    const ground = groundAt(section, at);
    const last = i === STRETCHES;
    const over = decks.filter(({ from, to }) => from <= at && at <= to).map(({ name }) => name);
    const stands = obstacles
      .filter((it) => it.at >= at && (it.at < at + stretch || last))
      .map((it) => `${metres(it.height)} high at ${metres(it.at)}`);
    return {
      at,
      ground,
      depth: Math.max(0, water - ground),
      works: [...over, ...stands].join(", "),
      seen: at <= sight + 1e-9,
    };
  });
}
