import { create } from "zustand";
import { keep, kept } from "../document/kept";

interface Folded {
  /** The titles of the parts of slips that are folded. */
  folded: ReadonlySet<string>;
  fold: (title: string) => void;
}

/** Which parts of slips are folded, in every mission alike. */
export const useFolded = create<Folded>((set, get) => ({
  folded: new Set(kept<string[]>("folded", [])),
  fold: (title) => {
    const folded = new Set(get().folded);
    if (!folded.delete(title)) folded.add(title);
    keep("folded", [...folded]);
    set({ folded });
  },
}));
