import { Fragment } from "react";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { DealingToward, DealingWhile } from "../document/mission";
import { usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { NoticePreview } from "../editor/slips/NoticePreview";
import { Metres, OneOf, OpenTo } from "../families/fields";
import { Chosen } from "../sentence/Chosen";
import { PinnedToken } from "../sentence/tokens";
import { Choice, Field, NumberBox, TextBox, Tick } from "../ui/controls";

const TOWARD: { value: DealingToward; word: string }[] = [
  { value: "anybody", word: "With anybody" },
  { value: "friends", word: "With friends" },
  { value: "noEnemies", word: "With all but enemies" },
  { value: "enemies", word: "With enemies" },
];

const WHILE: { value: DealingWhile; word: string }[] = [
  { value: "up", word: "While they are up and free" },
  { value: "calm", word: "While they are up and not alarmed" },
  { value: "down", word: "While they are down" },
  { value: "dead", word: "When they are dead" },
  { value: "fallen", word: "When they are down or dead" },
  { value: "bound", word: "While they are bound" },
  { value: "helpless", word: "While they are bound, down or dead" },
];

/** What people can do with a person: with whom, when, how long it takes, and what comes of it. */
export function DealingCard({ id }: { id: string }) {
  const open = useOpenMission();
  const dealing = useMission((state) => sure(state.mission.dealings, id));
  const phrases = usePhrases();
  const at = ["dealings", id];
  const { name, times, tells } = dealing;
  const label = `Change ${name}`;
  const rows = phrases
    ? ([
        ["To them", phrases.deals, "does"],
        ["Besides", phrases.effects, "effect"],
        ["Needs", phrases.needs, "needs"],
        ["Gives", phrases.gifts, "gives"],
      ] as const)
    : [];
  return (
    <div className="max-w-md pb-3">
      <p className="pb-2 text-quiet text-small">
        Players read “{name}: Nan Sedge” beside somebody whose kind or slip names it.
      </p>
      <Field label="With whom">
        {(field) => (
          <Choice
            id={field}
            value={dealing.toward}
            options={TOWARD}
            onTake={(to) => put(open, label, [...at, "toward"], to)}
          />
        )}
      </Field>
      <Field label="When">
        {(field) => (
          <Choice
            id={field}
            value={dealing.offered}
            options={WHILE}
            onTake={(to) => put(open, label, [...at, "offered"], to)}
          />
        )}
      </Field>
      <Tick
        word="only from behind them"
        checked={dealing.behind}
        onTake={(to) => put(open, label, [...at, "behind"], to)}
      />
      <dl className="grid grid-cols-[5.25rem_1fr] items-center gap-y-0.5 py-1 text-sm">
        {rows.map(([word, entries, field]) => (
          <Fragment key={field}>
            <dt className="text-flint-2 text-small">{word}</dt>
            <dd className="flex flex-wrap items-center gap-x-1">
              <Chosen entries={entries} path={[...at, field]} label={label} />
            </dd>
          </Fragment>
        ))}
      </dl>
      <Field label="Takes">
        {(field) => (
          <PinnedToken
            id={field}
            label="Takes"
            unit="s"
            least={0}
            most={600}
            value={dealing.seconds}
            take={(to) => put(open, label, [...at, "seconds"], to)}
          />
        )}
      </Field>
      <Metres
        label="Heard within"
        path={[...at, "noise"]}
        value={dealing.noise}
        least={0}
        most={5000}
      />
      <Field label={times === 0 ? "Any number of" : "At most"}>
        {(field) => (
          <NumberBox
            id={field}
            unit="times with each"
            least={0}
            most={1000000}
            digits={0}
            value={times}
            onTake={(to) => put(open, label, [...at, "times"], Math.round(to))}
          />
        )}
      </Field>
      {times > 0 && (
        <OneOf
          label="Counted"
          path={[...at, "counted"]}
          value={dealing.counted}
          options={[
            { value: "all", word: "For all together" },
            { value: "each", word: "For each player" },
          ]}
          says={() => label}
        />
      )}
      <OpenTo path={[...at, "open"]} value={dealing.open} of={name} />
      <Field label="Tells">
        {(field) => (
          <TextBox
            id={field}
            value={tells}
            maxLength={400}
            multiline
            placeholder="Nothing; or what is read then"
            onTake={(to) => put(open, label, [...at, "tells"], to)}
          />
        )}
      </Field>
      {tells && <NoticePreview title="Nan Sedge" text={tells} />}
    </div>
  );
}
