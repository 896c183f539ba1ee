import { keep, kept } from "../document/kept";

/** What a single key does while the map has the focus. */
export const COMMANDS = {
  hand: { word: "Hand: drag to pan", key: "KeyH" },
  ruler: { word: "Measure", key: "KeyR" },
  snap: { word: "Snap on or off", key: "KeyS" },
  whole: { word: "Whole sheet", key: "Digit0" },
  zoomIn: { word: "Zoom in", key: "Equal" },
  zoomOut: { word: "Zoom out", key: "Minus" },
  turnLeft: { word: "Turn left by 15°, with Shift by 1°", key: "BracketLeft" },
  turnRight: { word: "Turn right by 15°, with Shift by 1°", key: "BracketRight" },
  corner: { word: "Next corner, for the arrows to move", key: "KeyN" },
  insert: { word: "Another corner after this one", key: "KeyI" },
  at: { word: "Type where what is in hand goes", key: "KeyE" },
  begin: { word: "Begin a trial where the cursor is", key: "KeyB" },
  hide: { word: "Hide or show what is selected", key: "KeyO" },
  lock: { word: "Lock or unlock what is selected", key: "KeyK" },
  link: { word: "Link to something that is pointed at", key: "KeyL" },
} as const;

export type CommandKey = keyof typeof COMMANDS;

function changed(): Partial<Record<CommandKey, string>> {
  return kept("keys", {});
}

/** The physical key of a command, as it is set here. */
export function keyOf(command: CommandKey): string {
  return changed()[command] ?? COMMANDS[command].key;
}

/** The command of a physical key. */
export function commandOf(code: string): CommandKey | undefined {
  const all = Object.keys(COMMANDS) as CommandKey[];
  // A key that was chosen goes before one that a newer command ships with.
  return (
    all.find((command) => changed()[command] === code) ??
    all.find((command) => keyOf(command) === code)
  );
}

const WORDS: Record<string, string> = {
  Equal: "+",
  Minus: "−",
  BracketLeft: "[",
  BracketRight: "]",
  Comma: ",",
  Period: ".",
  Slash: "/",
  Backslash: "\\",
  Semicolon: ";",
  Quote: "'",
  Backquote: "`",
};

/** A key as a keyboard shows it. */
export function wordOf(code: string): string {
  return WORDS[code] ?? code.replace(/^(Key|Digit)/, "").replace(/^Numpad/, "Num ");
}

/** The key of a command as a keyboard shows it. */
export function keyWord(command: CommandKey): string {
  return wordOf(keyOf(command));
}

/** Keys that cannot be given to a command: they work the map or the page by themselves. */
const TAKEN = /^(Arrow|Escape|Enter|Tab|Space|Delete|Backspace|Shift|Control|Alt|Meta|F\d)/;

/** Gives a command another key, and its old one to whichever had that; says why it cannot be. */
export function setKey(command: CommandKey, code: string): string {
  if (TAKEN.test(code)) return `${wordOf(code)} works the map by itself.`;
  const other = commandOf(code);
  const keys = changed();
  if (other && other !== command) keys[other] = keyOf(command);
  keys[command] = code;
  keep("keys", keys);
  return "";
}

/** Gives every command the key that it ships with. */
export function resetKeys(): void {
  keep("keys", {});
}
