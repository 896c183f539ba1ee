import type { ReactNode } from "react";

/** The inks and letters of a print. */
export const INK = "#22262b";
export const QUIET = "#5c646e";
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
      stroke="#fcfaf3"
      strokeWidth={size * 0.22}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}
