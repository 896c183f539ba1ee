import { useDeskPart } from "../desk/desk";
import { drawnFamily, setDownNow } from "../desk/setDownNow";
import { type Path, part, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { FAMILY_WORDS, type Family, type Unit } from "../document/mission";
import { type Entry, usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { PLACED } from "../families";
import { Sentence } from "../sentence/Sentence";
import { PLACES, placeAt } from "../things/places";
import { Choice, Field, Group } from "../ui/controls";

/** How firmly somebody holds to an order. */
const HOLDS: { value: Unit["holds"]; word: string }[] = [
  { value: "whileCalm", word: "While calm" },
  { value: "unlessAttacked", word: "Unless attacked" },
  { value: "whateverHappens", word: "Whatever happens" },
];

/** What somebody does while nothing else is the matter: which order, and its sentence. */
export function Orders({ path, of }: { path: Path; of: string }) {
  const open = useOpenMission();
  const order = useMission((state) => part<{ type: string }>(state.mission, path));
  const holdsPath = [...path.slice(0, -1), "holds"];
  const holds = useMission((state) => part<Unit["holds"]>(state.mission, holdsPath));
  const { pointing, point } = useDeskPart("pointing", "point");
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const entry = phrases?.orders.find(({ type }) => type === order.type);
  if (!phrases || !entry) return null;
  const label = `Change what ${of} does`;
  const give = (chosen: Entry) => {
    const asked = askFor(chosen);
    if (!asked) {
      put(open, label, path, chosen.fresh);
      return;
    }
    const drawn = drawnFamily(asked.families);
    const none = drawn && Object.keys(mission[drawn]).length === 0;
    if (none && !asked.points) {
      // There is nothing to point at: it is drawn, and taken once it is there.
      setDownNow(drawn, (ref) => put(open, label, path, { ...chosen.fresh, [asked.slot]: ref }));
      return;
    }
    point({
      asks: `Point at ${asked.points ? "the place" : `the ${FAMILY_WORDS[sure(asked.families, 0)]}`} for ${of}.`,
      families: asked.families,
      points: asked.points,
      take: (pointed) => {
        const place = "place" in pointed ? pointed.place : placeAt(pointed.ref);
        const value = asked.points ? place : "ref" in pointed && pointed.ref;
        put(open, label, path, { ...chosen.fresh, [asked.slot]: value });
      },
    });
  };
  return (
    <Group title="What they do">
      <Field label="Order">
        {(id) => (
          <Choice
            id={id}
            value={pointing ? "" : order.type}
            options={[
              ...(pointing ? [{ value: "", word: "Point on the map…" }] : []),
              ...phrases.orders.map((it) => ({ value: it.type, word: it.group })),
            ]}
            onTake={(type) => {
              const chosen = phrases.orders.find((it) => it.type === type);
              if (chosen) give(chosen);
            }}
          />
        )}
      </Field>
      <p className="flex flex-wrap items-center gap-x-1 pt-1 text-large">
        <Sentence entry={entry} value={order} path={path} label={label} />
      </p>
      <Field label="Hold to it">
        {(id) => (
          <Choice
            id={id}
            value={holds}
            options={HOLDS}
            onTake={(to) => put(open, label, holdsPath, to)}
          />
        )}
      </Field>
    </Group>
  );
}

/** What a new order has to be shown on the map before it means anything. */
function askFor(entry: Entry): { slot: string; families: Family[]; points: boolean } | null {
  for (const [slot, { is, families = [] }] of Object.entries(entry.slots)) {
    if (is === "place") return { slot, families: [...PLACES], points: true };
    if (is === "ref" && families.some((it) => (PLACED as readonly string[]).includes(it))) {
      return { slot, families, points: false };
    }
  }
  return null;
}
