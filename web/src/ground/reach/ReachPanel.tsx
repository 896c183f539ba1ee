import { X } from "lucide-react";
import { useMission } from "../../model/context";
import { useDesk } from "../../model/desk";
import { clockWords, key, nameOf, refOf } from "../../model/mission";
import { Button } from "../../ui/controls";
import { BANDS, bandWords, ISLAND } from "./bands";
import type { WhyNot } from "./useReach";

function Swatch({ rgb, share }: { rgb: readonly number[]; share: number }) {
  return (
    <span
      aria-hidden="true"
      className="inline-block h-3.5 w-5 border border-line"
      style={{ background: `rgba(${rgb.join(",")},${share + 0.2})` }}
    />
  );
}

/** What the tints of a reach mean, and why somebody gets to the place that was clicked, or not. */
export function ReachPanel({ of, why }: { of: string; why: WhyNot | undefined }) {
  const mission = useMission((state) => state.mission);
  const { setReach, whyAt, hour, select } = useDesk();
  return (
    <section
      aria-label="Reach"
      className="absolute top-9 left-9 w-64 border border-line bg-slip p-3 text-[13px] shadow-md"
    >
      <header className="flex items-start justify-between gap-2">
        <h3 className="font-bold text-[15px]">How soon {nameOf(mission, refOf(of))} is there</h3>
        <Button
          look="quiet"
          className="min-h-6! px-1"
          aria-label="Put the reach away"
          onClick={() => setReach(null)}
        >
          <X size={14} />
        </Button>
      </header>
      <p className="pb-1.5 text-quiet">
        At a walk, gates as they stand, at {clockWords(hour ?? mission.setting.startTime)}.
      </p>
      <ul className="grid grid-cols-2 gap-x-2 gap-y-0.5">
        {BANDS.map((band, i) => (
          <li key={band.most} className="flex items-center gap-1.5">
            <Swatch {...band} /> {bandWords(i)}
          </li>
        ))}
        <li className="col-span-2 flex items-center gap-1.5">
          <Swatch {...ISLAND} /> ground they do not get to
        </li>
      </ul>
      <div aria-live="polite" className="mt-2 border-hairline border-t pt-2">
        {!whyAt && <p className="text-flint">Click any place: why, or why not?</p>}
        {whyAt && !why && <p className="text-quiet">Looking for a way…</p>}
        {whyAt && why && (
          <>
            <p className={why.reached ? "text-moss" : "text-error"}>
              {why.reached ? "✓" : "⚑"} {why.says}
            </p>
            {why.things.length > 0 && (
              <div className="flex flex-wrap gap-1 pt-1.5">
                {why.things.map((thing) => (
                  <Button key={key(thing)} onClick={() => select([key(thing)])}>
                    {nameOf(mission, thing)}
                  </Button>
                ))}
              </div>
            )}
          </>
        )}
      </div>
    </section>
  );
}
