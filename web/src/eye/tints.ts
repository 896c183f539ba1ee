import type { Colour } from "./picture";

/** What things are made of, as red, green and blue. */
export const STONE: Colour = [168, 164, 154];
export const PLASTER: Colour = [214, 203, 178];
export const INSIDE: Colour = [226, 216, 194];
export const WOOD: Colour = [190, 165, 120];
export const DARK: Colour = [110, 84, 52];
export const ROOF: Colour = [148, 116, 90];
export const IRON: Colour = [96, 102, 110];
export const PAPER: Colour = [240, 233, 214];
