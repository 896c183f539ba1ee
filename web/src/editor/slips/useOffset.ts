import { create } from "zustand";

interface Offset {
  /** Metres. */
  east: number;
  north: number;
  set: (offset: Partial<Pick<Offset, "east" | "north">>) => void;
}

/** By how much things are moved or duplicated; the same for whatever is selected next. */
export const useOffset = create<Offset>((set) => ({
  east: 0,
  north: 0,
  set: (offset) => set(offset),
}));
