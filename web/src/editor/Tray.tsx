import { Star } from "lucide-react";
import { useRef, useState } from "react";
import { BundleSign } from "../bundles/BundleSign";
import { type Tool, useDeskPart } from "../desk/desk";
import { PANE } from "../desk/panes";
import { useMission } from "../document/context";
import { type Mission, ordered } from "../document/mission";
import { useShipped } from "../document/shipped";
import { sure } from "../document/sure";
import { Stone } from "../drawing/Stone";
import { GROUPS, type TrayGroup } from "../families/traits";
import { MOST } from "../generated/bounds.gen";
import { FamilySign } from "../things/ThingIcon";
import { TabList, TabPanel, Tabs } from "../ui/Tabs";
import { Tip } from "../ui/Tip";
import { readWanted, type TrayItem, trayItems } from "./trayItems";
import { useTrayMemory } from "./trayMemory";

const TABS = (["At hand", ...GROUPS] as const).map((tab) => ({ tab, word: tab }));

/** What can be set down: by group, at hand because it was used or starred, or by words. */
export function Tray() {
  const mission = useMission((state) => state.mission);
  const { tool, pick } = useDeskPart("tool", "pick");
  const [tab, setTab] = useState<(typeof TABS)[number]["tab"]>("People");
  const [words, setWords] = useState("");
  const [chosenSide, setSide] = useState<string>();
  const memory = useTrayMemory();
  const row = useRef<HTMLDivElement>(null);
  const sides = ordered(mission.sides);
  const side = chosenSide && mission.sides[chosenSide] ? chosenSide : (sides[0]?.[0] ?? "");
  const shipped = useShipped();
  const items = trayItems(mission, side, shipped);
  const wanted = readWanted(mission, words, side, shipped);
  const asked = words.trim() !== "";
  const listed = asked ? wanted.items : itemsOf(tab, items, memory.starred, memory.recent);
  const chooseSide = (id: string) => {
    setSide(id);
    if (tool && "side" in tool) pick({ ...tool, side: id });
  };
  const arm = (item: TrayItem) => {
    memory.use(item.id);
    if (wanted.side) setSide(wanted.side);
    pick(withCount(item.tool, asked ? wanted.count : 1));
    setWords("");
  };
  return (
    <section
      {...PANE}
      aria-label="Tray"
      className="flex shrink-0 flex-col gap-1 border border-line bg-slip px-2 py-1 shadow-sm"
    >
      <Tabs
        open={asked ? null : tab}
        onOpen={(to) => {
          setTab(to);
          setWords("");
        }}
        className="flex flex-col gap-1"
      >
        <div className="flex items-center gap-2">
          <fieldset className="flex items-center gap-0.5 shrink-0 border-line border-r pr-1">
            <legend className="sr-only">Side of who is set down</legend>
            {sides.map(([id, it]) => (
              <Tip key={id} says={it.name}>
                <button
                  type="button"
                  aria-label={it.name}
                  aria-pressed={side === id}
                  onClick={() => chooseSide(id)}
                  className="border border-transparent p-0.5 hover:bg-hover aria-pressed:border-moss aria-pressed:bg-moss-soft"
                >
                  <Stone side={it} size={22} />
                </button>
              </Tip>
            ))}
          </fieldset>
          <TabList label="What to set down" look="tight" tabs={TABS} />
        </div>
        <div className="flex items-center gap-2">
          <TabPanel tab={asked ? "" : tab} className="min-w-0 grow">
            <div
              ref={row}
              className="flex h-13 items-center gap-0.5 overflow-x-auto overflow-y-hidden"
            >
              {listed.map((item) => (
                <Item
                  key={item.id}
                  item={item}
                  mission={mission}
                  count={asked ? wanted.count : 1}
                  starred={memory.starred.includes(item.id)}
                  onArm={() => arm(item)}
                  onStar={() => memory.star(item.id)}
                />
              ))}
              {listed.length === 0 && (
                <p className="px-2 text-small text-quiet">
                  {asked
                    ? `Nothing here is called “${words.trim()}”.`
                    : "What you set down comes here, and what you star stays."}
                </p>
              )}
            </div>
          </TabPanel>
          <input
            aria-label="Set down by words"
            placeholder="2 hounds"
            className="min-h-7 w-24 shrink-0 border border-line bg-field px-2 text-small"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Enter" && wanted.items[0]) arm(wanted.items[0]);
              if (event.key === "Escape") setWords("");
              if (event.key === "ArrowDown") row.current?.querySelector("button")?.focus();
            }}
          />
        </div>
      </Tabs>
    </section>
  );
}

function itemsOf(
  tab: "At hand" | TrayGroup,
  items: TrayItem[],
  starred: string[],
  recent: string[],
): TrayItem[] {
  if (tab !== "At hand") return items.filter(({ group }) => group === tab);
  const ids = [...starred, ...recent.filter((id) => !starred.includes(id))];
  return ids.flatMap((id) => items.find((item) => item.id === id) ?? []);
}

/** A tool that sets down several at once, side by side. */
function withCount(tool: Tool, count: number): Tool {
  return count > 1 ? { ...tool, count } : tool;
}

/** Whether a tool is the one in hand, however many it sets down. */
function inHand(tool: Tool | null, of: Tool): boolean {
  return JSON.stringify({ ...tool, count: 0 }) === JSON.stringify({ ...of, count: 0 });
}

/** A button that takes a tool into the hand, or puts it back. */
function Item(props: {
  item: TrayItem;
  mission: Mission;
  count: number;
  starred: boolean;
  onArm: () => void;
  onStar: () => void;
}) {
  const { item, mission, starred } = props;
  const { tool, pick } = useDeskPart("tool", "pick");
  const armed = inHand(tool, item.tool);
  const full =
    item.tool.sets === "starts" && Object.keys(mission.starts).length >= sure(MOST, "starts");
  return (
    <span className="group relative shrink-0">
      <Tip says={full ? `A mission has ${MOST.starts} seats at most` : undefined}>
        <button
          type="button"
          className="flex h-12 min-w-13 flex-col items-center justify-center gap-0.5 whitespace-nowrap border border-transparent px-1.5 text-xs leading-none hover:bg-hover disabled:opacity-50 aria-pressed:border-moss aria-pressed:bg-moss-soft"
          aria-pressed={armed}
          disabled={full}
          onClick={() => (armed ? pick(null) : props.onArm())}
        >
          <ItemSign item={item} />
          {props.count > 1 ? `${props.count} × ${item.word}` : item.word}
        </button>
      </Tip>
      <Tip says={starred ? "No longer at hand" : "Keep at hand"}>
        <button
          type="button"
          aria-label={starred ? `Unstar ${item.word}` : `Keep ${item.word} at hand`}
          aria-pressed={starred}
          tabIndex={-1}
          className={`absolute -top-1 -right-1 flex h-6 w-6 items-center justify-center ${starred ? "" : "opacity-0 group-hover:opacity-100"}`}
          onClick={props.onStar}
        >
          <Star size="0.75rem" className={starred ? "fill-lichen text-flint" : "text-quiet"} />
        </button>
      </Tip>
    </span>
  );
}

/** How an item of the tray is drawn: by its own picture, or by the sign of its family. */
function ItemSign({ item: { tool, icon } }: { item: TrayItem }) {
  if (tool.sets === "bundle") return <BundleSign bundle={tool.bundle} />;
  return icon ?? <FamilySign family={tool.sets === "part" ? "decks" : tool.sets} size={20} />;
}
