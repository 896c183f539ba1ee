import { create } from "zustand";
import { keep, kept } from "../document/kept";

/** How long a trial went on, in steps, and at which of them each event fired. */
export interface Run {
  steps: number;
  fired: Record<string, number[]>;
}

interface LastRuns {
  runs: Record<string, Run | null>;
  remember: (mission: string, run: Run | null) => void;
}

const place = (mission: string) => `last-run:${mission}`;

const useLastRuns = create<LastRuns>((set, get) => ({
  runs: {},
  remember: (mission, run) => {
    keep(place(mission), run);
    set({ runs: { ...get().runs, [mission]: run } });
  },
}));

/** Remembers the last trial of a mission, or forgets it. */
export function rememberRun(mission: string, run: Run | null): void {
  useLastRuns.getState().remember(mission, run);
}

/** The last trial of a mission on this machine; nothing where there was none. */
export function useLastRun(mission: string): Run | null {
  const run = useLastRuns((state) => state.runs[mission]);
  return run === undefined ? kept<Run | null>(place(mission), null) : run;
}
