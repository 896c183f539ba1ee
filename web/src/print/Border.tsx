import { clockWords, type Mission } from "../document/mission";
import { INK, PAPER, QUIET, SERIF, Words } from "../drawing/printed";
import { EDGE, type Frame, niceStep, type Paper, ratio, TITLE } from "./frame";

/** The rim of the ground with metres along it, and north. */
export function Margin({ frame }: { frame: Frame }) {
  const { left, top, width, height, scale } = frame;
  const step = niceStep(frame, 26);
  const ticks = (most: number) => {
    const found: number[] = [];
    for (let at = 0; at <= most + 1e-6; at += step) found.push(at);
    return found;
  };
  return (
    <g fontSize={2.3} fill={QUIET}>
      <rect
        x={left}
        y={top}
        width={width}
        height={height}
        fill="none"
        stroke={INK}
        strokeWidth={0.4}
      />
      {ticks(width / scale).map((metres) => (
        <g key={`e${metres}`}>
          <path
            d={`M${left + metres * scale} ${top}V${top - 1.2}`}
            stroke={QUIET}
            strokeWidth={0.25}
          />
          <text x={left + metres * scale} y={top - 1.8} textAnchor="middle">
            {metres}
          </text>
        </g>
      ))}
      {ticks(height / scale).map((metres) => {
        const y = top + height - metres * scale;
        return (
          <g key={`n${metres}`}>
            <path d={`M${left} ${y}H${left - 1.2}`} stroke={QUIET} strokeWidth={0.25} />
            <text transform={`translate(${left - 1.8} ${y}) rotate(-90)`} textAnchor="middle">
              {metres}
            </text>
          </g>
        );
      })}
      <g transform={`translate(${left + width - 6} ${top + 4})`}>
        <path d="M0 0L2 7L0 5.6L-2 7Z" fill={INK} stroke={PAPER} strokeWidth={0.3} />
        <Words at={[0, 11]} size={3}>
          N
        </Words>
      </g>
    </g>
  );
}

/** What the sheet is of, by whom, how large, and when it was printed. */
export function TitleBlock(props: { mission: Mission; paper: Paper; frame: Frame; date: string }) {
  const { mission, paper, frame, date } = props;
  const { brief, setting } = mission;
  const y = paper.height - EDGE - TITLE + 6;
  const step = niceStep(frame, 22);
  const bar = step * frame.scale;
  const right = paper.width - EDGE;
  return (
    <g>
      <path d={`M${EDGE} ${y - 2}H${right}`} stroke={INK} strokeWidth={0.5} />
      <text x={EDGE} y={y + 5} fontFamily={SERIF} fontWeight={700} fontSize={6.4}>
        {brief.title}
      </text>
      <text x={EDGE} y={y + 10.5} fill={QUIET}>
        {[brief.author, `play begins at ${clockWords(setting.startTime)}`]
          .filter(Boolean)
          .join(", ")}
      </text>
      <g transform={`translate(${right - bar} ${y + 4})`}>
        <rect width={bar / 2} height={1.4} fill={INK} />
        <rect
          x={bar / 2}
          width={bar / 2}
          height={1.4}
          fill={PAPER}
          stroke={INK}
          strokeWidth={0.25}
        />
        <text y={-0.8} fontSize={2.4}>
          0
        </text>
        <text x={bar} y={-0.8} fontSize={2.4} textAnchor="end">
          {step} m
        </text>
      </g>
      <text x={right} y={y + 10.5} textAnchor="end" fill={QUIET}>
        {ratio(frame)}, printed {date}
      </text>
    </g>
  );
}
