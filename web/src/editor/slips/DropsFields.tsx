import { X } from "lucide-react";
import { append, drop, type Path, part, put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type Drop, nameOf, ordered, pinnedOf } from "../../document/mission";
import { pinnedWords } from "../../document/pinned";
import { sure } from "../../document/sure";
import { kindOf } from "../../families/kinds";
import type { FieldsProps } from "../../families/traits";
import { PinnedToken } from "../../sentence/tokens";
import { Button, Choice, Group } from "../../ui/controls";

/** The most drops of a kind, and of a thing. */
const MOST_DROPS = 16;

/** What falls out of a thing when it breaks: of which item how many, and how likely. */
export function DropsFields({ path, of }: { path: Path; of: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const drops = ordered(part<Record<string, Drop>>(mission, path));
  const label = `Change what falls out of ${of}`;
  const items = Object.entries(mission.itemKinds)
    .map(([value, { name }]) => ({ value, word: name }))
    .sort((a, b) => a.word.localeCompare(b.word, "en"));
  return (
    <>
      <ul aria-label="What falls out">
        {drops.map(([id, { item, count, chance }]) => (
          <li key={id} className="flex min-h-8 flex-wrap items-center gap-1 text-sm">
            <PinnedToken
              label={`How many of ${nameOf(mission, item)}`}
              least={1}
              most={1000}
              value={count}
              take={(to) => put(open, label, [...path, id, "count"], to)}
            />
            <span>× {nameOf(mission, item)}, in</span>
            <PinnedToken
              label={`How likely ${nameOf(mission, item)} falls out`}
              unit="%"
              least={0}
              most={100}
              value={chance}
              take={(to) => put(open, label, [...path, id, "chance"], to)}
            />
            <span>of cases</span>
            <Button
              look="quiet"
              className="ml-auto px-1"
              aria-label={`Take ${nameOf(mission, item)} out`}
              onClick={() => drop(open, label, [...path, id])}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      {drops.length < MOST_DROPS && items.length > 0 && (
        <Choice
          label="Put an item in it"
          value=""
          options={[{ value: "", word: "Put an item in it…" }, ...items]}
          onTake={(id) => {
            if (id === "") return;
            append(open, label, path, {
              item: { family: "itemKinds", id },
              count: pinnedOf(1),
              chance: pinnedOf(100),
            });
          }}
        />
      )}
    </>
  );
}

/** What falls out of one prop or fixture when it breaks, beside what its kind says. */
export function OwnDrops({ id, thing: { family }, name }: FieldsProps) {
  const mission = useMission((state) => state.mission);
  const it = family === "props" ? sure(mission.props, id) : sure(mission.fixtures, id);
  const breaks = kindOf(mission, it)?.breaks;
  if (breaks?.type !== "harmed") return null;
  const ofKind = ordered(breaks.drops).filter(([key]) => !it.drops[key]);
  const words = ofKind.map(
    ([, { item, count }]) => `${pinnedWords(count)} × ${nameOf(mission, item)}`,
  );
  return (
    <Group title="When it breaks" summary={words.join(", ")}>
      <p className="text-quiet text-small">
        It bears {pinnedWords(breaks.strength)} points of harm.{" "}
        {words.length > 0 && `As its kind says, it holds ${words.join(", ")}.`}
      </p>
      <DropsFields path={[family, id, "drops"]} of={name} />
    </Group>
  );
}
