/** What is drawn on the map is drawn with. */
export const INK = "#22262b";

/** The halo about what is inked. */
export const PAPER = "rgba(252,250,243,0.92)";

/** What is inked more faintly. */
export const FLINT = "#3a4048";
