import type { ReactNode } from "react";

/** The inks and letters of a print. */
export const INK = "#22262b";
export const FLINT = "#3a4048";
export const PAPER = "#fcfaf3";
export const QUIET = "#5c646e";

/** What is printed on the sheet: prints are by daylight, whatever the page's theme is. */
export const PRINT = {
  meadow: "#8aa06b",
  leaf: "#42572f",
  made: "#6b3a68",
  flatRoof: "#d8cfbb",
  roof: "#b9a58a",
  wall: "#4a4238",
  lichen: "#c9a83b",
  timber: "#5d4a26",
  planks: "#c5ad78",
  deck: "#e3d3ab",
  road: "#e9dfc6",
  plankRoad: "#d9c391",
  shingle: "#ddd8cc",
  path: "#d8c99d",
  roadEdge: "#8d8069",
  sheet: "#f4f1e8",
} as const;

export const SANS = "'Source Sans 3 Variable', 'Source Sans 3', sans-serif";
export const SERIF = "'Bitter Variable', Bitter, serif";

/** Words with a halo of paper, so that they are read over anything. */
export function Words(props: {
  at: [number, number];
  size: number;
  italic?: boolean;
  children: ReactNode;
}) {
  const { at, size, italic, children } = props;
  return (
    <text
      x={at[0]}
      y={at[1]}
      fontSize={size}
      textAnchor="middle"
      fontFamily={italic ? SERIF : SANS}
      fontStyle={italic ? "italic" : undefined}
      fontWeight={600}
      stroke={PAPER}
      strokeWidth={size * 0.22}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}
