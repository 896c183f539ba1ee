import { CircleDashed, UserRound } from "lucide-react";
import { useState } from "react";
import { glyphPath } from "../map/stones";
import { useMission } from "../model/context";
import { type Tool, useDesk } from "../model/desk";
import { type KindGlyph as Glyph, ordered } from "../model/mission";
import { Stone } from "../ui/Stone";

/** What can be set down. */
export function Tray() {
  const mission = useMission((state) => state.mission);
  const { tool, pick } = useDesk();
  const sides = ordered(mission.sides);
  const [chosenSide, setSide] = useState<string>();
  const side = chosenSide && mission.sides[chosenSide] ? chosenSide : (sides[0]?.[0] ?? "");
  const kinds = Object.entries(mission.kinds);
  const firstKind = mission.kinds.keeper ? "keeper" : (kinds[0]?.[0] ?? "");
  const armed = (other: Tool) => JSON.stringify(tool) === JSON.stringify(other);
  const toggle = (other: Tool) => pick(armed(other) ? null : other);
  const item =
    "flex min-h-11 flex-col items-center justify-center gap-0.5 border border-transparent px-1 text-[12px] leading-none hover:bg-black/5 aria-pressed:border-moss aria-pressed:bg-moss-soft";
  const start: Tool = { sets: "start", side, kind: firstKind };
  const zone: Tool = { sets: "zone" };
  const chooseSide = (id: string) => {
    setSide(id);
    if (tool && tool.sets !== "zone") pick({ ...tool, side: id });
  };
  return (
    <section
      aria-label="Tray"
      className="flex shrink-0 flex-wrap items-center border border-line bg-slip px-2 py-1 shadow-sm"
    >
      <span className="w-9 text-[12px] text-flint-2 leading-tight">Set down</span>
      <button
        type="button"
        className={item}
        aria-pressed={armed(start)}
        onClick={() => toggle(start)}
      >
        <UserRound size={19} aria-hidden="true" /> Player start
      </button>
      <button
        type="button"
        className={item}
        aria-pressed={armed(zone)}
        onClick={() => toggle(zone)}
      >
        <CircleDashed size={19} aria-hidden="true" /> Zone
      </button>
      <span className="mx-0.5 h-9 w-px bg-line" />
      <fieldset className="flex items-center gap-0.5">
        <legend className="sr-only">Side of who is set down</legend>
        {sides.map(([id, it]) => (
          <button
            key={id}
            type="button"
            title={it.name}
            aria-label={it.name}
            aria-pressed={side === id}
            onClick={() => chooseSide(id)}
            className="border border-transparent p-0.5 hover:bg-black/5 aria-pressed:border-moss aria-pressed:bg-moss-soft"
          >
            <Stone side={it} size={24} />
          </button>
        ))}
      </fieldset>
      <span className="mx-0.5 h-9 w-px bg-line" />
      {kinds.map(([id, kind]) => {
        const unit: Tool = { sets: "unit", side, kind: id };
        return (
          <button
            key={id}
            type="button"
            className={item}
            aria-pressed={armed(unit)}
            onClick={() => toggle(unit)}
          >
            <svg width={20} height={20} viewBox="-8 -8 16 16" aria-hidden="true">
              <KindGlyph glyph={kind.glyph} />
            </svg>
            {kind.name}
          </button>
        );
      })}
    </section>
  );
}

function KindGlyph({ glyph }: { glyph: Glyph }) {
  return (
    <path
      d={glyphPath(glyph)}
      fill="none"
      stroke="#3a4048"
      strokeWidth={1.6}
      strokeLinecap="round"
      strokeLinejoin="round"
    />
  );
}
