import { create } from "zustand";

interface Offset {
  /** Metres. */
  east: number;
  north: number;
  /** How many copies are made, each as far from the one before. */
  times: number;
  set: (offset: Partial<Omit<Offset, "set">>) => void;
}

/** By how much things are moved or duplicated; the same for whatever is selected next. */
export const useOffset = create<Offset>((set) => ({
  east: 0,
  north: 0,
  times: 1,
  set: (offset) => set(offset),
}));
