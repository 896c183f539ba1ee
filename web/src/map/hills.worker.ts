import { type Grid, strokes } from "./rings";

/** What is to be traced: the lines of several sets of levels on one grid. */
export interface HillsAsked {
  asked: number;
  grid: Grid;
  heights: Float32Array;
  levels: number[][];
}

self.onmessage = ({ data }: MessageEvent<HillsAsked>) => {
  const { asked, grid, heights, levels } = data;
  const traced = levels.map((some) => strokes(grid, heights, some));
  self.postMessage({ asked, traced });
};
