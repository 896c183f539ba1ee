import { sure } from "../../document/sure";

/** The section along a line, as the core reckons it; see the core for its meanings. */
export interface Section {
  length: number;
  bearing: number;
  slope: number;
  steepest: number;
  heights: number[];
  water: number;
  decks: {
    name: string;
    from: number;
    to: number;
    top: number;
    topTo: number;
    thickness: number;
  }[];
  obstacles: {
    at: number;
    foot: number;
    height: number;
    thickness: number;
    sill: number;
    top: number;
  }[];
  sight: number;
  seconds: number;
}

/** How high the ground lies along a section, metres. */
export function groundAt({ heights, length }: Section, metres: number): number {
  const index = Math.round((metres / Math.max(length, 0.01)) * (heights.length - 1));
  return sure(heights, Math.max(0, Math.min(heights.length - 1, index)));
}
