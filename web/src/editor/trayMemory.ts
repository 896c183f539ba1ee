import { create } from "zustand";
import { keep, kept } from "../document/kept";

/** How many of what was used last are kept at hand. */
const RECENT = 10;

interface Kept {
  starred: string[];
  recent: string[];
}

interface Memory extends Kept {
  use: (id: string) => void;
  star: (id: string) => void;
}

/** What of the tray was used last, and what is starred; the same in every mission. */
export const useTrayMemory = create<Memory>((set, get) => {
  const put = (change: Partial<Kept>) => {
    set(change);
    const { starred, recent } = get();
    keep("tray", { starred, recent });
  };
  return {
    ...kept<Kept>("tray", { starred: [], recent: [] }),
    use: (id) => put({ recent: [id, ...get().recent.filter((it) => it !== id)].slice(0, RECENT) }),
    star: (id) => {
      const { starred } = get();
      put({
        starred: starred.includes(id) ? starred.filter((it) => it !== id) : [...starred, id],
      });
    },
  };
});
