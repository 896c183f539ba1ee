/** A small drawing as strokes about the origin. */
export function PathSign(props: {
  path: string;
  /** How far from the origin it reaches, in its own units. */
  reach: number;
  /** How thick its strokes are, in its own units. */
  width: number;
  size?: number;
  /** In the colour of the text beside it. */
  plain?: boolean;
}) {
  const { path, reach, width, size = 18, plain } = props;
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox={`${-reach} ${-reach} ${2 * reach} ${2 * reach}`}
      aria-hidden="true"
      className="shrink-0"
    >
      <path
        d={path}
        fill="none"
        stroke={plain ? "currentColor" : "var(--color-flint)"}
        strokeWidth={width}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
