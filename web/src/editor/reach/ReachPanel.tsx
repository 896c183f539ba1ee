import { X } from "lucide-react";
import { useDesk, useDeskPart } from "../../desk/desk";
import { useMission, useOpenMission } from "../../document/context";
import { type CrossingManner, clockWords, key, nameOf, refOf } from "../../document/mission";
import { tokenOf } from "../../drawing/inks";
import { Button, Tick } from "../../ui/controls";
import { APART_BY_HANDS, BANDS, bandWords, ISLAND, type Tint } from "./bands";
import { forbidStroke, keepStroke, strokeAt } from "./keep";
import type { Stroke, useCrossings, WhyNot } from "./useReach";

type Over = ReturnType<typeof useCrossings>;

/** The tint of a key, a little stronger than on the ground. */
function thinned({ ink, share }: Tint): string {
  return `color-mix(in srgb, var(${tokenOf(ink)}) ${Math.min(100, (share + 0.2) * 100)}%, transparent)`;
}

function Swatch({ ink, share }: Tint) {
  return (
    <span
      aria-hidden="true"
      className="inline-block h-3.5 w-5 border border-line"
      style={{ background: thinned({ ink, share }) }}
    />
  );
}

const MANNER_WORDS: Record<CrossingManner, [string, string]> = {
  leap: ["leap", "leaps"],
  climb: ["climb", "climbs"],
  drop: ["drop", "drops"],
  crawl: ["crawl", "crawls"],
  wade: ["ford", "fords"],
};

/** How many stretches of each manner of crossing there are, in words. */
function counted(crossings: Stroke[]): string {
  const words = (Object.keys(MANNER_WORDS) as CrossingManner[]).flatMap((manner) => {
    const many = crossings.filter((it) => it.manner === manner).length;
    return many === 0 ? [] : [`${many} ${MANNER_WORDS[manner][many === 1 ? 0 : 1]}`];
  });
  return words.join(", ");
}

/** Whether a player's and AI's ways are told apart; the crossings; where players get out. */
function Hands({ of, over }: { of: string; over: Over }) {
  const { against, setAgainst } = useDeskPart("against", "setAgainst");
  const map = useDesk((desk) => desk.map);
  const player = refOf(of).family === "starts";
  const crossings = over?.crossings ?? [];
  const leaks = over?.leaks ?? [];
  return (
    <div className="mt-2 border-hairline border-t pt-2">
      <Tick
        word={player ? "hold it against AI of this kind" : "hold it against a player of this kind"}
        checked={against}
        onTake={setAgainst}
      />
      {against && (
        <ul className="flex gap-3 pt-1">
          <li className="flex items-center gap-1.5">
            <Swatch {...APART_BY_HANDS.alone} /> {player ? "players only" : "AI only"}
          </li>
          <li className="flex items-center gap-1.5">
            <Swatch {...APART_BY_HANDS.others} /> {player ? "AI only" : "players only"}
          </li>
        </ul>
      )}
      {crossings.length > 0 && (
        <p className="pt-1 text-flint">Crossings, drawn from close by: {counted(crossings)}.</p>
      )}
      {leaks.length > 0 && (
        <>
          <p className="pt-1 text-error">
            ⚑ They leave the boundary at{" "}
            {leaks.length === 1 ? "one place" : `${leaks.length} places`}:
          </p>
          <div className="flex flex-wrap gap-1 pt-1">
            {leaks.slice(0, 6).map(({ x, y, manner }) => (
              <Button key={`${x} ${y} ${manner}`} onClick={() => map?.look(x, y, 12)}>
                {manner ? MANNER_WORDS[manner][0] : "on foot"}, E {Math.round(x)} N {Math.round(y)}
              </Button>
            ))}
          </div>
        </>
      )}
    </div>
  );
}

/** What the tints of a reach mean, and why somebody gets to the place that was clicked, or not. */
export function ReachPanel(props: { of: string; why: WhyNot | undefined; over: Over }) {
  const { of, why, over } = props;
  const mission = useMission((state) => state.mission);
  const { setReach, whyAt, hour, select } = useDeskPart("setReach", "whyAt", "hour", "select");
  const open = useOpenMission();
  const stroke = whyAt ? strokeAt(over?.crossings ?? [], whyAt) : undefined;
  return (
    <section
      aria-label="Reach"
      className="absolute top-9 left-9 w-64 border border-line bg-slip p-3 text-small shadow-md"
    >
      <header className="flex items-start justify-between gap-2">
        <h3 className="font-bold text-large">How soon {nameOf(mission, refOf(of))} is there</h3>
        <Button
          look="quiet"
          className="min-h-6! px-1"
          aria-label="Put the reach away"
          onClick={() => setReach(null)}
        >
          <X size="0.875rem" />
        </Button>
      </header>
      <p className="pb-1.5 text-quiet">
        At a walk, gates as they stand, at {clockWords(hour ?? mission.setting.startTime)}.
      </p>
      <ul aria-label="Within" className="flex">
        {BANDS.map((band, i) => (
          <li key={band.most} className="flex-1 text-center leading-tight">
            <span
              aria-hidden="true"
              className="block h-3 border-line border-y"
              style={{ background: thinned(band) }}
            />
            {bandWords(i)}
          </li>
        ))}
      </ul>
      <p className="flex items-center gap-1.5 pt-1">
        <Swatch {...ISLAND} /> ground they do not get to
      </p>
      <Hands of={of} over={over} />
      <div aria-live="polite" className="mt-2 border-hairline border-t pt-2">
        {!whyAt && <p className="text-flint">Click any place: why, or why not?</p>}
        {whyAt && !why && <p className="text-quiet">Looking for a way…</p>}
        {whyAt && why && (
          <>
            <p className={why.reached ? "text-moss" : "text-error"}>
              {why.reached ? "✓" : "⚑"} {why.says}
            </p>
            {stroke && (
              <div className="pt-1.5">
                <p className="text-flint">A {MANNER_WORDS[stroke.manner][0]} leads over here.</p>
                <div className="flex flex-wrap gap-1 pt-1">
                  <Button onClick={() => select([keepStroke(open, stroke)])}>Make it my own</Button>
                  <Button onClick={() => select([forbidStroke(open, stroke)])}>Forbid it</Button>
                </div>
              </div>
            )}
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
