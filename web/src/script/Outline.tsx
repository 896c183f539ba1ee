import { useState } from "react";
import { useDesk } from "../desk/desk";
import { PANE } from "../desk/panes";
import { useMission } from "../document/context";
import { ordered } from "../document/mission";
import { TabList, TabPanel, Tabs } from "../ui/Tabs";
import { eventsOf } from "./eventMoves";
import { actingOf } from "./Places";
import { LISTED, type ScriptTab, TAB_OF } from "./scriptTabs";
import { ThingsList } from "./ThingsList";

const LISTS = [
  { tab: "outline", word: "Outline" },
  { tab: "things", word: "Things" },
] as const;

const HEADINGS = {
  objectives: "Objectives",
  endings: "Endings",
  conversations: "Conversations",
  choices: "Choices",
  exchanges: "Exchanges",
  wavePlans: "Wave plans",
};

const ROW =
  "flex min-h-7 w-full items-center justify-between gap-2 px-3 text-left hover:bg-hover aria-current:bg-moss-soft";

/** What the open tab holds, to be gone to; and the things that sentences can name. */
export function Outline(props: { tab: ScriptTab; onTab: (tab: ScriptTab) => void }) {
  const { tab, onTab } = props;
  const [lists, setLists] = useState<"outline" | "things">("outline");
  return (
    <nav
      {...PANE}
      aria-label="Outline"
      className="w-[11.875rem] shrink-0 overflow-auto border border-line bg-slip pb-3 shadow-sm"
    >
      <Tabs open={lists} onOpen={setLists}>
        <TabList label="What is listed" look="tight" tabs={LISTS} />
        <TabPanel tab={lists}>
          {lists === "things" && <ThingsList />}
          <div hidden={lists !== "outline"}>
            {tab === "events" && <Chapters />}
            {tab === "places" && <Acting />}
            {LISTED[tab].map((family, i) => (
              <Listed
                key={family}
                family={family}
                first={tab !== "events" && i === 0}
                onGo={() => onTab(TAB_OF[family] ?? "events")}
              />
            ))}
          </div>
        </TabPanel>
      </Tabs>
    </nav>
  );
}

/** The zones that do anything; a click goes to what they do. */
function Acting() {
  const zones = useMission((state) => state.mission.zones);
  return (
    <section className="pt-2">
      <h3 className="px-3 font-bold font-sans text-small text-flint">Zones that act</h3>
      {actingOf(zones).map(([id, { name }]) => (
        <button
          key={id}
          type="button"
          className={ROW}
          onClick={() =>
            document.getElementById(`card-${id}`)?.scrollIntoView({ block: "nearest" })
          }
        >
          <span className="truncate">{name}</span>
        </button>
      ))}
    </section>
  );
}

function Chapters() {
  const mission = useMission((state) => state.mission);
  const openEvent = useDesk((desk) => desk.openEvent);
  const current = useDesk((desk) => desk.event);
  return ordered(mission.chapters).map(([id, chapter]) => (
    <section key={id} className="pt-2">
      <h3 className="px-3 font-bold font-sans text-small text-flint">{chapter.name}</h3>
      {ordered(eventsOf(mission, id)).map(([it, event]) => (
        <button
          key={it}
          type="button"
          className={ROW}
          aria-current={current === it}
          onClick={() => openEvent(it)}
        >
          <span className="truncate">{event.name}</span>
        </button>
      ))}
    </section>
  ));
}

/** The things of a family; a click goes to where one is worked on. */
function Listed(props: {
  family: (typeof LISTED)[ScriptTab][number];
  first: boolean;
  onGo: () => void;
}) {
  const { family, first, onGo } = props;
  const things = useMission((state) => state.mission[family]);
  const go = (id: string) => {
    onGo();
    // Its card is there once the tab is.
    requestAnimationFrame(() =>
      document.getElementById(`card-${id}`)?.scrollIntoView({ block: "nearest" }),
    );
  };
  const all = ordered<{ order: string; name: string; outcome?: string }>(things);
  return (
    <section className={first ? "pt-2" : "mt-2 border-hairline border-t pt-2"}>
      <h3 className="px-3 font-bold font-sans text-small text-flint">{HEADINGS[family]}</h3>
      {all.map(([id, { name, outcome }]) => (
        <button key={id} type="button" className={ROW} onClick={() => go(id)}>
          <span className="truncate">{name}</span>
          {outcome && <span className="text-small text-quiet">{outcome}</span>}
        </button>
      ))}
      {all.length === 0 && (
        <button type="button" className={`${ROW} text-quiet`} onClick={onGo}>
          None yet
        </button>
      )}
    </section>
  );
}
