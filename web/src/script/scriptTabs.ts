import { create } from "zustand";
import type { Family } from "../document/mission";

/** The tabs of the script page, in the order of the work. */
export const SCRIPT_TABS = [
  { tab: "events", word: "Events" },
  { tab: "talk", word: "Talk" },
  { tab: "waves", word: "Waves" },
  { tab: "places", word: "Places" },
  { tab: "outcomes", word: "Objectives and endings" },
] as const;

export type ScriptTab = (typeof SCRIPT_TABS)[number]["tab"];

/** On which tab the things of a family are worked on, where that is not Events. */
export const TAB_OF: Partial<Record<Family, ScriptTab>> = {
  objectives: "outcomes",
  endings: "outcomes",
  conversations: "talk",
  speakers: "talk",
  choices: "talk",
  answers: "talk",
  exchanges: "talk",
  wavePlans: "waves",
  waves: "waves",
};

type Listed = "objectives" | "endings" | "conversations" | "choices" | "exchanges" | "wavePlans";

/** What the outline lists on a tab beside events: the families whose things are worked on there. */
export const LISTED: Record<ScriptTab, Listed[]> = {
  events: ["objectives", "endings"],
  talk: ["conversations", "choices", "exchanges"],
  waves: ["wavePlans"],
  places: [],
  outcomes: ["objectives", "endings"],
};

/** The tab of the script page that is open. */
export const useScriptTab = create<{ tab: ScriptTab; setTab: (tab: ScriptTab) => void }>((set) => ({
  tab: "events",
  setTab: (tab) => set({ tab }),
}));
