import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import type { Crossing } from "../../document/mission";
import { ENDS } from "../../families/traits";
import { Choice, Field, Group, NumberBox, Tick } from "../../ui/controls";
import { LevelChoice } from "./LevelChoice";

const MANNERS: { value: Crossing["manner"]; word: string }[] = [
  { value: "leap", word: "A leap" },
  { value: "climb", word: "A climb" },
  { value: "drop", word: "A drop" },
  { value: "crawl", word: "A crawl" },
  { value: "wade", word: "A ford" },
];

const USERS: { value: Crossing["open"]; word: string }[] = [
  { value: "everybody", word: "Everybody on foot" },
  { value: "players", word: "Players only" },
  { value: "ai", word: "AI only" },
];

const END_WORDS = { from: "From", to: "To" };

/** How one gets over a crossing, between which surfaces, who may, and how long it takes. */
export function CrossingFields({ id }: { id: string }) {
  const open = useOpenMission();
  const crossing = useMission((state) => state.mission.crossings[id]);
  const { name, manner, takes } = crossing;
  const at = ["crossings", id];
  return (
    <Group title="The crossing">
      <Field label="Is">
        {(field) => (
          <Choice
            id={field}
            value={manner}
            options={MANNERS}
            onTake={(to) => put(open, `${name} is a ${to}`, [...at, "manner"], to)}
          />
        )}
      </Field>
      {ENDS.map((end) => (
        <LevelChoice
          key={end}
          label={END_WORDS[end]}
          level={crossing[`${end}Level`]}
          at={crossing[end]}
          onTake={(to) => put(open, `Where ${name} leads`, [...at, `${end}Level`], to)}
        />
      ))}
      <Field label="Open to">
        {(field) => (
          <Choice
            id={field}
            value={crossing.open}
            options={USERS}
            onTake={(to) => put(open, `Who uses ${name}`, [...at, "open"], to)}
          />
        )}
      </Field>
      <Field label="Takes">
        {(field) => (
          <Choice
            id={field}
            value={takes.type}
            options={[
              { value: "asLong", word: "As long as it is" },
              { value: "seconds", word: "A time of its own" },
            ]}
            onTake={(type) =>
              put(
                open,
                `How long ${name} takes`,
                [...at, "takes"],
                type === "asLong" ? { type } : { type, seconds: 4 },
              )
            }
          />
        )}
      </Field>
      {takes.type === "seconds" && (
        <Field label="Time">
          {(field) => (
            <NumberBox
              id={field}
              unit="s"
              least={0.1}
              most={600}
              value={takes.seconds}
              onTake={(to) => put(open, `${name} takes ${to} s`, [...at, "takes", "seconds"], to)}
            />
          )}
        </Field>
      )}
      <Tick
        word="leads back as well"
        checked={crossing.back}
        onTake={(back) =>
          put(open, `${name}: ${back ? "both ways" : "one way"}`, [...at, "back"], back)
        }
      />
    </Group>
  );
}
