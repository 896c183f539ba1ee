import { create } from "zustand";
import { keep, kept } from "../document/kept";
import { readInks } from "../drawing/inks";

/** By which light the page is drawn, and how much its colours differ; `system` asks the computer. */
export interface Looks {
  light: "system" | "day" | "night";
  contrast: "system" | "plain" | "more";
}

const NAME = "looks";
const FIRST: Looks = { light: "system", contrast: "system" };

/** The looks that this browser keeps. */
export const useLooks = create<Looks>(() => ({ ...FIRST, ...kept<Partial<Looks>>(NAME, {}) }));

/** Chooses looks for this browser. */
export function setLooks(chosen: Partial<Looks>): void {
  useLooks.setState(chosen);
  keep(NAME, useLooks.getState());
  apply();
}

/** Gives the page its looks, now and whenever the computer asks for others. */
export function beginLooks(): void {
  apply();
  for (const asks of ["(prefers-color-scheme: dark)", "(prefers-contrast: more)"]) {
    matchMedia(asks).addEventListener("change", apply);
  }
  new ResizeObserver(apply).observe(oneLetter());
  // Another tab has chosen.
  window.addEventListener("storage", () => {
    useLooks.setState({ ...FIRST, ...kept<Partial<Looks>>(NAME, {}) });
    apply();
  });
}

/** Something that is as large as the reader has the browser write. */
function oneLetter(): HTMLElement {
  const letter = document.createElement("span");
  letter.className = "invisible fixed size-4";
  letter.ariaHidden = "true";
  document.body.append(letter);
  return letter;
}

/** Does something with the colours of the day, such as draws what is printed. */
export function byDaylight<T>(draw: () => T): T {
  Object.assign(document.documentElement.dataset, { theme: "day", contrast: "plain" });
  readInks();
  try {
    return draw();
  } finally {
    apply();
  }
}

function apply(): void {
  const { light, contrast } = useLooks.getState();
  const root = document.documentElement.dataset;
  if (light === "system") delete root.theme;
  else root.theme = light;
  const more =
    contrast === "more" ||
    (contrast === "system" && matchMedia("(prefers-contrast: more)").matches);
  root.contrast = more ? "more" : "plain";
  readInks();
}
