import type { ItemKind, Kind, ThingKind, Weapon } from "../document/mission";
import { type Dealing, pinnedOf } from "../document/mission";
import { MOVES } from "./moves";

/** What the first entry of a family of the catalogue is like; further ones are made by copying. */
export const FIRSTS: {
  kinds: Kind;
  weapons: Weapon;
  itemKinds: ItemKind;
  thingKinds: ThingKind;
  dealings: Dealing;
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
    mass: 80,
    load: 30,
    pushes: 120,
    weapons: {},
    dealings: {},
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
  thingKinds: {
    name: "Crate",
    footprint: { type: "block", width: 1, depth: 1 },
    material: "wood",
    hold: { type: "fast" },
    looks: {
      first: {
        order: "a0",
        look: { family: "looks", id: "" },
        drawing: {
          one: {
            order: "a0",
            shape: { type: "line", x: -0.7, y: -0.7, toX: 0.7, toY: 0.7 },
            filled: false,
          },
          two: {
            order: "a1",
            shape: { type: "line", x: 0.7, y: -0.7, toX: -0.7, toY: 0.7 },
            filled: false,
          },
        },
        height: 1,
        stops: { movement: true, sight: false, shots: true, sound: 0 },
        cover: 0.5,
        light: 0,
      },
    },
    breaks: { type: "never" },
    uses: {},
  },
  dealings: {
    name: "Talk",
    open: { type: "all" },
    toward: "noEnemies",
    offered: "up",
    behind: false,
    seconds: pinnedOf(1),
    times: 0,
    counted: "all",
    noise: 0,
    needs: { type: "nothing" },
    gives: { type: "nothing" },
    does: { type: "nothing" },
    effect: { type: "nothing" },
    tells: "",
  },
};
