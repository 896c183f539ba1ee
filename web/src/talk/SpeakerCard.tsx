import { Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { removeAll } from "../deeds/deeds";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { ordered, type Speaker } from "../document/mission";
import { sure } from "../document/sure";
import { Button, Choice, Field, NumberBox, TextBox } from "../ui/controls";
import { Portrait } from "./Portrait";

const HEADS = ["round", "long", "square"] as const;
const HATS = ["none", "oilskin", "cap", "hood", "bell"] as const;
const HAIRS = ["none", "beard", "curls", "braid"] as const;
function words<T extends string>(values: readonly T[]): { value: T; word: string }[] {
  return values.map((value) => ({ value, word: sure(value, 0).toUpperCase() + value.slice(1) }));
}

/** A speaker: name, side, body, pace and portrait. */
export function SpeakerCard({ id, speaker }: { id: string; speaker: Speaker }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const path = ["speakers", id];
  const label = `Change ${speaker.name}`;
  const { body, portrait } = speaker;
  const sides = ordered(mission.sides).map(([value, { name }]) => ({ value, word: name }));
  const people = (["starts", "units"] as const).flatMap((family) =>
    Object.entries(mission[family]).map(([it, { name }]) => ({
      value: `${family}/${it}`,
      word: name,
    })),
  );
  const chosen =
    body.type === "unit"
      ? `units/${body.unit.id}`
      : body.type === "start"
        ? `starts/${body.start.id}`
        : "";
  const embody = (value: string) => {
    const [family, it = ""] = value.split("/");
    const next: Speaker["body"] =
      family === "units"
        ? { type: "unit", unit: { family, id: it } }
        : family === "starts"
          ? { type: "start", start: { family, id: it } }
          : { type: "elsewhere" };
    put(open, label, [...path, "body"], next);
  };
  return (
    <article aria-label={speaker.name} className="border border-line bg-slip p-3 shadow-sm">
      <div className="flex items-center gap-2 pb-1">
        <Portrait speaker={speaker} mission={mission} size={56} />
        <TextBox
          label="Name of the speaker"
          value={speaker.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
        />
        <Button
          look="quiet"
          aria-label={`Delete ${speaker.name}`}
          onClick={() =>
            open.edit(`Delete ${speaker.name}`, (draft) =>
              removeAll(draft, [{ family: "speakers", id }]),
            )
          }
        >
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      <Field label="Side">
        {(field) => (
          <Choice
            id={field}
            value={speaker.side.id}
            options={sides}
            onTake={(side) => put(open, label, [...path, "side"], { family: "sides", id: side })}
          />
        )}
      </Field>
      <Field label="Is">
        {(field) => (
          <Choice
            id={field}
            value={chosen}
            options={[{ value: "", word: "A voice from elsewhere" }, ...people]}
            onTake={embody}
          />
        )}
      </Field>
      <Field label="Pace">
        {(field) => (
          <NumberBox
            id={field}
            unit="/min"
            least={60}
            most={400}
            digits={0}
            value={speaker.pace}
            onTake={(pace) => put(open, label, [...path, "pace"], pace)}
          />
        )}
      </Field>
      <div className="grid grid-cols-3 gap-2 pt-1">
        <Part word="Head">
          <Choice
            label="Head"
            value={portrait.head}
            options={words(HEADS)}
            onTake={(head) => put(open, label, [...path, "portrait", "head"], head)}
          />
        </Part>
        <Part word="Hat">
          <Choice
            label="Hat"
            value={portrait.hat}
            options={words(HATS)}
            onTake={(hat) => put(open, label, [...path, "portrait", "hat"], hat)}
          />
        </Part>
        <Part word="Hair">
          <Choice
            label="Hair"
            value={portrait.hair}
            options={words(HAIRS)}
            onTake={(hair) => put(open, label, [...path, "portrait", "hair"], hair)}
          />
        </Part>
      </div>
    </article>
  );
}

/** A part of a portrait under its name. */
function Part({ word, children }: { word: string; children: ReactNode }) {
  return (
    <div>
      <span aria-hidden="true" className="text-quiet text-xs">
        {word}
      </span>
      {children}
    </div>
  );
}
