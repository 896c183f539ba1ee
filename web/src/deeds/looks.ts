import type { Cargo, Craft, Effect } from "../document/mission";

/** What effects there are. */
export const EFFECT_LOOKS: { value: Effect["look"]; word: string }[] = [
  { value: "smoke", word: "Smoke" },
  { value: "fire", word: "Fire" },
  { value: "spray", word: "Spray" },
  { value: "light", word: "Light" },
  { value: "sound", word: "Sound" },
];

/** What loads look like. */
export const CARGO_LOOKS: { value: Cargo["look"]; word: string }[] = [
  { value: "bale", word: "Bale" },
  { value: "keg", word: "Keg" },
  { value: "net", word: "Net" },
  { value: "slate", word: "Slate" },
];

/** What craft there are. */
export const CRAFT_LOOKS: { value: Craft["look"]; word: string }[] = [
  { value: "cart", word: "Cart" },
  { value: "boat", word: "Boat" },
  { value: "balloon", word: "Balloon" },
];
