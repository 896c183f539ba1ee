import { Circle, Pentagon, Square, UserRound } from "lucide-react";
import { type ReactNode, useState } from "react";
import { glyphPath } from "../map/stones";
import { useMission } from "../model/context";
import { type Tool, useDesk } from "../model/desk";
import { type FixtureLook, type KindGlyph as Glyph, ordered } from "../model/mission";
import { Stone } from "../ui/Stone";
import { FamilySign, FixtureSign, PropSign } from "../ui/ThingIcon";

/** The most seats of a mission. */
const SEATS = 4;

const GROUPS = ["People", "Places", "Works"] as const;

/** What can be set down. */
export function Tray() {
  const [group, setGroup] = useState<(typeof GROUPS)[number]>("People");
  return (
    <section
      aria-label="Tray"
      className="flex shrink-0 items-center gap-0.5 border border-line bg-slip px-2 py-1 shadow-sm"
    >
      <div role="tablist" aria-label="What to set down" className="flex flex-col pr-1">
        {GROUPS.map((word) => (
          <button
            key={word}
            type="button"
            role="tab"
            aria-selected={group === word}
            className="min-h-6 border-l-3 border-transparent px-2 text-left text-[13px] text-flint hover:bg-black/5 aria-selected:border-moss aria-selected:font-bold aria-selected:text-ink"
            onClick={() => setGroup(word)}
          >
            {word}
          </button>
        ))}
      </div>
      <span className="mx-0.5 h-9 w-px bg-line" />
      {group === "People" && <People />}
      {group === "Places" && <Places />}
      {group === "Works" && <Works />}
    </section>
  );
}

/** A button that takes a tool into the hand, or puts it back. */
function Item(props: { tool: Tool; word: string; full?: string; children: ReactNode }) {
  const { tool: of, word, children } = props;
  const { tool, pick } = useDesk();
  const armed = JSON.stringify(tool) === JSON.stringify(of);
  return (
    <button
      type="button"
      className="flex min-h-11 flex-col items-center justify-center gap-0.5 whitespace-nowrap border border-transparent px-1 text-[12px] leading-none hover:bg-black/5 disabled:opacity-50 aria-pressed:border-moss aria-pressed:bg-moss-soft"
      aria-pressed={armed}
      disabled={props.full !== undefined}
      title={props.full}
      onClick={() => pick(armed ? null : of)}
    >
      {children}
      {word}
    </button>
  );
}

function People() {
  const mission = useMission((state) => state.mission);
  const { tool, pick } = useDesk();
  const seats = Object.keys(mission.starts).length;
  const sides = ordered(mission.sides);
  const [chosenSide, setSide] = useState<string>();
  const side = chosenSide && mission.sides[chosenSide] ? chosenSide : (sides[0]?.[0] ?? "");
  const kinds = Object.entries(mission.kinds);
  const firstKind = mission.kinds.keeper ? "keeper" : (kinds[0]?.[0] ?? "");
  const chooseSide = (id: string) => {
    setSide(id);
    if (tool && "side" in tool) pick({ ...tool, side: id });
  };
  return (
    <>
      <Item
        tool={{ sets: "start", side, kind: firstKind }}
        word="Player start"
        full={seats < SEATS ? undefined : "A mission has four seats at most"}
      >
        <UserRound size={19} aria-hidden="true" />
      </Item>
      <fieldset className="flex items-center gap-0.5 border-line border-x px-1">
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
      <div className="flex min-w-0 flex-wrap">
        {kinds.map(([id, kind]) => (
          <Item key={id} tool={{ sets: "unit", side, kind: id }} word={kind.name}>
            <svg width={20} height={20} viewBox="-8 -8 16 16" aria-hidden="true">
              <KindGlyph glyph={kind.glyph} />
            </svg>
          </Item>
        ))}
      </div>
    </>
  );
}

function Places() {
  return (
    <>
      <Item tool={{ sets: "zone", shape: "circle" }} word="Round zone">
        <Circle size={18} aria-hidden="true" />
      </Item>
      <Item tool={{ sets: "zone", shape: "rectangle" }} word="Square zone">
        <Square size={18} aria-hidden="true" />
      </Item>
      <Item tool={{ sets: "zone", shape: "polygon" }} word="Drawn zone">
        <Pentagon size={18} aria-hidden="true" />
      </Item>
      <Item tool={{ sets: "route" }} word="Route">
        <FamilySign family="routes" size={20} />
      </Item>
      <Item tool={{ sets: "post" }} word="Post">
        <FamilySign family="posts" size={20} />
      </Item>
      <Item tool={{ sets: "marker" }} word="Marker">
        <FamilySign family="markers" size={20} />
      </Item>
      <Item tool={{ sets: "spawnPoint" }} word="Spawn point">
        <FamilySign family="spawnPoints" size={20} />
      </Item>
    </>
  );
}

const LOOKS: { look: FixtureLook; word: string }[] = [
  { look: "lever", word: "Lever" },
  { look: "bell", word: "Bell" },
  { look: "lamp", word: "Lamp" },
  { look: "chest", word: "Chest" },
];

function Works() {
  const propKinds = useMission((state) => state.mission.propKinds);
  return (
    <div className="flex min-w-0 flex-wrap">
      <Item tool={{ sets: "wall" }} word="Wall">
        <FamilySign family="walls" size={20} />
      </Item>
      <Item tool={{ sets: "gate" }} word="Gate">
        <FamilySign family="gates" size={20} />
      </Item>
      <Item tool={{ sets: "deck" }} word="Deck">
        <FamilySign family="decks" size={20} />
      </Item>
      {LOOKS.map(({ look, word }) => (
        <Item key={look} tool={{ sets: "fixture", look }} word={word}>
          <FixtureSign look={look} size={20} />
        </Item>
      ))}
      {Object.entries(propKinds).map(([id, kind]) => (
        <Item key={id} tool={{ sets: "prop", prop: id }} word={kind.name}>
          <PropSign kind={kind} size={20} />
        </Item>
      ))}
    </div>
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
