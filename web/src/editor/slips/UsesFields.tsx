import { Plus, X } from "lucide-react";
import { Fragment } from "react";
import { type Path, part, put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { newId, orderAfter, ordered, type Use } from "../../document/mission";
import { usePhrases } from "../../document/phrases";
import { Metres, OneOf, OpenTo } from "../../families/fields";
import { USE } from "../../families/fixtures";
import { Chosen } from "../../sentence/Chosen";
import { PinnedToken } from "../../sentence/tokens";
import { Button, Field, NumberBox, TextBox, Tick } from "../../ui/controls";
import { NoticePreview } from "./NoticePreview";

/** The most uses of a fixture, and of a kind. */
const MOST_USES = 8;

/** What can be done with a fixture, or with those of a kind. */
export function UsesFields({ path, of }: { path: Path; of: string }) {
  const open = useOpenMission();
  const uses = useMission((state) => part<Record<string, Use>>(state.mission, path));
  const add = () =>
    open.edit(`Another use of ${of}`, (draft) => {
      const its = part<Record<string, Use>>(draft, path);
      its[newId()] = { ...structuredClone(USE), order: orderAfter(its) };
    });
  return (
    <>
      {ordered(uses).map(([use]) => (
        <UseFields key={use} path={[...path, use]} of={of} />
      ))}
      {ordered(uses).length < MOST_USES && (
        <Button className="mt-2" onClick={add}>
          <Plus size="0.875rem" /> Another use
        </Button>
      )}
    </>
  );
}

/** One use: what it is called, does, needs and gives, for whom and how often. */
function UseFields({ path, of }: { path: Path; of: string }) {
  const open = useOpenMission();
  const use = useMission((state) => part<Use>(state.mission, path));
  const { verb, seconds, times, noise } = use;
  const byHand = use.made.type === "byHand";
  const label = `Change a use of ${of}`;
  return (
    <div className="border-hairline border-b py-1.5">
      <div className="flex items-center gap-1">
        <TextBox
          label="Verb"
          value={verb}
          maxLength={40}
          required
          onTake={(to) => put(open, label, [...path, "verb"], to)}
        />
        <Button
          look="quiet"
          aria-label={`Take the use ${verb} away`}
          onClick={() =>
            open.edit(`Take a use of ${of} away`, (draft) => {
              delete part<Record<string, Use>>(draft, path.slice(0, -1))[path.at(-1) ?? ""];
            })
          }
        >
          <X size="0.875rem" />
        </Button>
      </div>
      <Sentences path={path} label={label} />
      <Field label={byHand ? "Takes" : "Once so for"}>
        {(field) => (
          <PinnedToken
            id={field}
            label={byHand ? "Takes" : "Once so for"}
            unit="s"
            least={0}
            most={600}
            value={seconds}
            take={(to) => put(open, label, [...path, "seconds"], to)}
          />
        )}
      </Field>
      <Metres label="Heard within" path={[...path, "noise"]} value={noise} least={0} most={5000} />
      <Field label={times === 0 ? "Any number of" : "At most"}>
        {(field) => (
          <NumberBox
            id={field}
            unit="times"
            least={0}
            most={1000000}
            digits={0}
            value={times}
            onTake={(to) => put(open, label, [...path, "times"], Math.round(to))}
          />
        )}
      </Field>
      {times > 0 && (
        <OneOf
          label="Counted"
          path={[...path, "counted"]}
          value={use.counted}
          options={[
            { value: "all", word: "For all together" },
            { value: "each", word: "For each player" },
          ]}
          says={() => label}
        />
      )}
      {byHand && use.turns.type !== "stays" && times === 0 && (
        <Tick
          word="people do it on their way where it bars them"
          checked={use.passing}
          onTake={(to) => put(open, label, [...path, "passing"], to)}
        />
      )}
      <OpenTo path={[...path, "open"]} value={use.open} of={of} />
      <Field label="Tells">
        {(field) => (
          <TextBox
            id={field}
            value={use.tells}
            maxLength={400}
            multiline
            placeholder="Nothing; or what is read then"
            onTake={(to) => put(open, label, [...path, "tells"], to)}
          />
        )}
      </Field>
      {use.tells && <NoticePreview title={of} text={use.tells} />}
    </div>
  );
}

/** The parts of a use that read as sentences. */
function Sentences({ path, label }: { path: Path; label: string }) {
  const phrases = usePhrases();
  if (!phrases) return null;
  const rows = [
    ["Happens", phrases.makes, "made"],
    ["Offered", phrases.offers, "offered"],
    ["Does", phrases.effects, "effect"],
    ["Then it", phrases.turns, "turns"],
    ["Needs", phrases.needs, "needs"],
    ["Gives", phrases.gifts, "gives"],
  ] as const;
  return (
    <dl className="grid grid-cols-[3.75rem_1fr] items-center gap-y-0.5 py-1 text-sm">
      {rows.map(([word, entries, field]) => (
        <Fragment key={field}>
          <dt className="text-flint-2 text-small">{word}</dt>
          <dd className="flex flex-wrap items-center gap-x-1">
            <Chosen entries={entries} path={[...path, field]} label={label} />
          </dd>
        </Fragment>
      ))}
    </dl>
  );
}
