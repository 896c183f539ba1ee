import { create } from "zustand";

const KEPT = "flintmoss:tray";

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

function read(): Kept {
  return { starred: [], recent: [], ...JSON.parse(localStorage.getItem(KEPT) ?? "{}") };
}

/** What of the tray was used last, and what is starred; the same in every mission. */
export const useTrayMemory = create<Memory>((set, get) => {
  const keep = (change: Partial<Kept>) => {
    set(change);
    const { starred, recent } = get();
    localStorage.setItem(KEPT, JSON.stringify({ starred, recent }));
  };
  return {
    ...read(),
    use: (id) => keep({ recent: [id, ...get().recent.filter((it) => it !== id)].slice(0, RECENT) }),
    star: (id) => {
      const { starred } = get();
      keep({
        starred: starred.includes(id) ? starred.filter((it) => it !== id) : [...starred, id],
      });
    },
  };
});
