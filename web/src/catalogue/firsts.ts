import type { ItemKind, Kind, PropKind, Weapon } from "../document/mission";
import { MOVES } from "./moves";

/** What the first entry of a family of the catalogue is like; further ones are made by copying. */
export const FIRSTS: {
  kinds: Kind;
  weapons: Weapon;
  itemKinds: ItemKind;
  propKinds: PropKind;
} = {
  kinds: {
    name: "Townsman",
    glyph: "townsman",
    health: 100,
    walk: 1.4,
    run: 3.6,
    radius: 0.4,
    eye: 1.6,
    moves: MOVES.walker,
    turn: 540,
    gain: 12,
    bleeds: 0,
    armour: { hand: 0, shot: 0, blast: 0, fire: 0 },
    aim: 0.5,
    hearing: 1,
    sight: { range: 60, field: 140, notice: 1.2, memory: 8 },
    hands: true,
    load: 30,
    weapons: {},
  },
  weapons: {
    name: "Cudgel",
    use: "hand",
    range: 1,
    damage: 20,
    interval: 1,
    accuracy: 0.8,
    noise: 20,
  },
  itemKinds: { name: "Bundle", figure: "bundle", mass: 1, use: { type: "kept" } },
  propKinds: {
    name: "Crate",
    figure: "crate",
    footprint: { type: "block", width: 1, depth: 1 },
    height: 1,
    stops: { movement: true, sight: false, shots: true, sound: 0 },
    cover: 0.5,
  },
};
