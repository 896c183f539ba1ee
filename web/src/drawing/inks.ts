import { useSyncExternalStore } from "react";
import { readLetters } from "./letters";

/** The theme's tokens that the map is drawn with, by the name that drawings call them. */
const TOKENS = {
  ink: "--color-ink",
  flint: "--color-flint",
  flint2: "--color-flint-2",
  slip: "--color-slip",
  moss: "--color-moss",
  lichen: "--color-lichen",
  lichenSoft: "--color-lichen-soft",
  error: "--color-error",
  errorSoft: "--color-error-soft",
  gold: "--color-gold",
  heather: "--color-heather",
  tarn: "--color-tarn",
  rust: "--color-rust",
  halo: "--map-halo",
  shadow: "--map-shadow",
  beyond: "--map-beyond",
  shingle: "--map-shingle",
  grass: "--map-grass",
  marsh: "--map-marsh",
  mud: "--map-mud",
  rock: "--map-rock",
  plank: "--map-plank",
  roadTop: "--map-road-top",
  floor: "--map-floor",
  shallow: "--map-shallow",
  deep: "--map-deep",
  depth: "--map-depth",
  contour: "--map-contour",
  sunlit: "--map-sunlit",
  dusk: "--map-dusk",
  reeds: "--map-reeds",
  reedStem: "--map-reed-stem",
  gorse: "--map-gorse",
  gorseLeaf: "--map-gorse-leaf",
  heath: "--map-heath",
  heatherBell: "--map-heather-bell",
  trees: "--map-trees",
  crown: "--map-crown",
  crownEdge: "--map-crown-edge",
  crownLight: "--map-crown-light",
  deck: "--map-deck",
  ramp: "--map-ramp",
  timber: "--map-timber",
  wood: "--map-wood",
  rail: "--map-rail",
  wall: "--map-wall",
  wallStone: "--map-wall-stone",
  lowWall: "--map-low-wall",
  roof: "--map-roof",
  flatRoof: "--map-flat-roof",
  roofSeam: "--map-roof-seam",
  room: "--map-room",
  roomEdge: "--map-room-edge",
  stairsDown: "--map-stairs-down",
  roadEdge: "--map-road-edge",
  roadBed: "--map-road-bed",
  plankBed: "--map-plank-bed",
  shingleEdge: "--map-shingle-edge",
  shingleBed: "--map-shingle-bed",
  pathBed: "--map-path-bed",
  made: "--map-made",
  found: "--map-found",
  fire: "--map-fire",
  spray: "--map-spray",
  light: "--map-light",
  sound: "--map-sound",
  tag: "--map-tag",
  tagEdge: "--map-tag-edge",
  note: "--map-note",
  hull: "--map-hull",
  solidProp: "--map-solid-prop",
  lightProp: "--map-light-prop",
  reach1: "--map-reach-1",
  reach2: "--map-reach-2",
  reach3: "--map-reach-3",
  reach4: "--map-reach-4",
  reach5: "--map-reach-5",
  reach6: "--map-reach-6",
  reachEdge: "--map-reach-edge",
  reachIsland: "--map-reach-island",
  reachAlone: "--map-reach-alone",
  reachOthers: "--map-reach-others",
} as const;

/** The token of an ink. */
export function tokenOf(ink: Ink): string {
  return TOKENS[ink];
}

/** What the map is drawn with. */
export type Ink = keyof typeof TOKENS;

/** The names of all inks. */
export const INKS = Object.keys(TOKENS) as Ink[];

/**
 * The colours of the map as the theme has them now, `#rrggbb` or `#rrggbbaa`. They are read when
 * something is drawn, never kept by what draws: the theme may be another the next time.
 */
export const inks = Object.fromEntries(INKS.map((ink) => [ink, "#000000"])) as Record<Ink, string>;

const listeners = new Set<() => void>();

/** Has somebody told when the inks are others; answers with how to stop it. */
export function onInks(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

let times = 0;

/** How many times the inks were read; a component that asks is rendered again when they are others. */
export function useInks(): number {
  return useSyncExternalStore(onInks, () => times);
}

/** Reads the inks and the size of letters from the page, and has drawn anew what was drawn before. */
export function readInks(): void {
  readLetters();
  const probe = document.createElement("span");
  document.body.append(probe);
  for (const ink of INKS) {
    probe.style.color = `var(${tokenOf(ink)})`;
    inks[ink] = hexOf(getComputedStyle(probe).color);
  }
  probe.remove();
  times++;
  for (const listener of listeners) listener();
}

/** A colour as styles are computed, such as `rgba(1, 2, 3, 0.5)`, as `#rrggbb` or `#rrggbbaa`. */
export function hexOf(computed: string): string {
  const [red = 0, green = 0, blue = 0, alpha = 1] = (computed.match(/[\d.]+/g) ?? []).map(Number);
  const parts = alpha < 1 ? [red, green, blue, alpha * 255] : [red, green, blue];
  return `#${parts.map(byte).join("")}`;
}

function byte(value: number): string {
  return Math.round(Math.max(0, Math.min(255, value)))
    .toString(16)
    .padStart(2, "0");
}

/** An ink laid on thinly. @param share how much of what lies beneath it covers, 0 to 1 */
export function faint(ink: string, share: number): string {
  return ink.slice(0, 7) + byte(share * 255);
}

/** Red, green and blue of an ink, 0 to 255. */
export function rgbOf(ink: string): [number, number, number] {
  const at = (from: number) => Number.parseInt(ink.slice(from, from + 2), 16);
  return [at(1), at(3), at(5)];
}

/** Whether the sheet is dark, and what is drawn on it light. */
function dark(): boolean {
  const sum = (ink: string) => rgbOf(ink).reduce((all, part) => all + part, 0);
  return sum(inks.slip) < sum(inks.ink);
}

const DAY_EDGE = "55% 30%";
const NIGHT_EDGE = "60% 72%";

/** The line around what has a hue of its own. @param share how much it covers, 0 to 1 */
export function edgeOf(hue: number, share = 1): string {
  return `hsl(${hue} ${dark() ? NIGHT_EDGE : DAY_EDGE} / ${share})`;
}

/** The same line in a style of the page, where it follows the theme by itself. */
export function edgeStyle(hue: number): string {
  return `light-dark(hsl(${hue} ${DAY_EDGE}), hsl(${hue} ${NIGHT_EDGE}))`;
}

/** What lies within that line, laid on thinly. */
export function fillOf(hue: number, share: number): string {
  return `hsl(${hue} 55% 45% / ${share})`;
}
