import { useEffect, useRef } from "react";
import { typing, typingText } from "../ui/typing";

/**
 * Where a command acts: anywhere on the page, while something on the map or in a list of things has
 * the focus, or on the page and over what is open above it.
 */
export type Scope = "page" | "things" | "always";

/** Something that can be done by a key, from a menu, or through Find or do. */
export interface Command {
  id: string;
  word: string;
  /** What it is about, in quieter words beside it. */
  what: string;
  /** The keys that do it, such as `Ctrl+Z`; the first is shown. */
  keys?: string[];
  /** The key that is shown beside it, where a part of the page takes that by itself. */
  shown?: string;
  /** Whether its keys do it just now; without, they always do. */
  when?: () => boolean;
  /** Its keys act also while somebody writes into a field. */
  inText?: true;
  /** It is not offered where things are found and done. */
  unlisted?: true;
  run: () => void;
  /** Done when its key is let go, or the window loses the focus; such keys act whatever Shift does. */
  release?: () => void;
}

interface Registered {
  scope: Scope;
  commands: () => Command[];
}

const REGISTRY = new Set<Registered>();

/**
 * Has commands act, and be offered, for as long as the part of the page is there that makes them. What
 * is made later goes before what was made earlier.
 */
export function useCommands(scope: Scope, commands: () => Command[]): void {
  const live = useRef(commands);
  live.current = commands;
  useEffect(() => {
    const registered = { scope, commands: () => live.current() };
    REGISTRY.add(registered);
    return () => {
      REGISTRY.delete(registered);
    };
  }, [scope]);
}

/** All commands that are offered now. */
export function listedCommands(): Command[] {
  return [...REGISTRY].flatMap(({ commands }) => commands().filter(({ unlisted }) => !unlisted));
}

/** What is open above the page and takes its keys. */
const ABOVE = "[role=dialog], [role=alertdialog], [role=menu]";

/** Where things are listed, beside the map. */
const THINGS = "[role=application], aside[aria-label=Contents]";

/** A pressed key as commands name it, such as `Ctrl+Shift+Z`. */
export function chordOf(event: KeyboardEvent): string {
  const control = event.ctrlKey || event.metaKey ? "Ctrl+" : "";
  const alt = event.altKey ? "Alt+" : "";
  const shift = event.shiftKey ? "Shift+" : "";
  return control + alt + shift + event.code.replace(/^(Key|Digit)/, "");
}

function acts(scope: Scope, { inText, when }: Command, event: KeyboardEvent): boolean {
  if (when && !when()) return false;
  if (scope === "always") return true;
  const target = event.target instanceof Element ? event.target : document.body;
  // A dialog takes the keys also where the focus has been lost behind it.
  if (document.querySelector(ABOVE) || target.closest(ABOVE)) return false;
  const control = event.ctrlKey || event.metaKey;
  if (!inText && (control ? typingText(target) : typing(target))) return false;
  return scope === "page" || target === document.body || target.closest(THINGS) !== null;
}

/** By the codes of the keys that are held, what is done when they are let go. */
const HELD = new Map<string, () => void>();

function isMeant({ keys, release }: Command, chord: string): boolean {
  return keys?.includes(release ? chord.replace("Shift+", "") : chord) ?? false;
}

/** Does what a key stands for; answers whether it stood for anything. */
export function press(event: KeyboardEvent): boolean {
  if (event.defaultPrevented) return false;
  const chord = chordOf(event);
  for (const { scope, commands } of [...REGISTRY].reverse()) {
    const command = commands().find((it) => isMeant(it, chord) && acts(scope, it, event));
    if (command) {
      event.preventDefault();
      if (!command.release) command.run();
      else if (!event.repeat) {
        HELD.set(event.code, command.release);
        command.run();
      }
      return true;
    }
  }
  return false;
}

/** A key is let go. */
function release({ code }: KeyboardEvent): void {
  const done = HELD.get(code);
  HELD.delete(code);
  done?.();
}

/** All keys are let go: nobody hears of it while another window has the focus. */
function releaseAll(): void {
  const all = [...HELD.values()];
  HELD.clear();
  for (const done of all) done();
}

/** Has keys do what commands stand for, while the page is there. */
export function useKeyboard(): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => void press(event);
    window.addEventListener("keydown", listen);
    window.addEventListener("keyup", release);
    window.addEventListener("blur", releaseAll);
    return () => {
      window.removeEventListener("keydown", listen);
      window.removeEventListener("keyup", release);
      window.removeEventListener("blur", releaseAll);
      releaseAll();
    };
  }, []);
}
