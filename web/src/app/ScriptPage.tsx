import {
  FilePlus2,
  FolderPlus,
  FoldVertical,
  ListTree,
  Replace,
  UnfoldVertical,
} from "lucide-react";
import { lazy, Suspense, useEffect, useState } from "react";
import { useFindings } from "../checks/findings";
import { removeAll } from "../deeds/deeds";
import { useDesk, useDeskPart } from "../desk/desk";
import { useShow } from "../desk/useShow";
import { addThing, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { keep, kept } from "../document/kept";
import {
  FAMILY_WORDS,
  type Family,
  freshName,
  key,
  type Mission,
  nameOf,
  ordered,
  type Ref,
  references,
} from "../document/mission";
import { usePhrases } from "../document/phrases";
import type { Ground } from "../document/raster";
import { sure } from "../document/sure";
import { InsetMap } from "../map/InsetMap";
import { EventCard } from "../script/EventCard";
import { eventsOf } from "../script/eventMoves";
import { Outcomes } from "../script/Outcomes";
import { OutlineDialog } from "../script/OutlineDialog";
import { ReplaceDialog } from "../script/ReplaceDialog";
import { RunRibbon, useFiredWords } from "../script/RunRibbon";
import { ThingsList } from "../script/ThingsList";
import { Todos } from "../script/Todos";
import { TalkTab } from "../talk/TalkTab";
import { Button, TextBox, Words } from "../ui/controls";
import { Drawer } from "../ui/Drawer";
import { TabList, TabPanel, Tabs } from "../ui/Tabs";
import { WavesTab } from "../waves/WavesTab";

const TABS = [
  { tab: "events", word: "Events" },
  { tab: "talk", word: "Talk" },
  { tab: "waves", word: "Waves" },
  { tab: "outcomes", word: "Objectives and endings" },
] as const;

/** On which tab the things of a family are worked on, where that is not Events. */
const TAB_OF: Partial<Record<Family, (typeof TABS)[number]["tab"]>> = {
  objectives: "outcomes",
  endings: "outcomes",
  conversations: "talk",
  speakers: "talk",
  wavePlans: "waves",
  waves: "waves",
};

const LISTS = [
  { tab: "outline", word: "Outline" },
  { tab: "things", word: "Things" },
] as const;

const READINGS = [
  { reading: "cards", word: "Cards" },
  { reading: "text", word: "Text" },
  { reading: "web", word: "Web" },
] as const;

type Reading = (typeof READINGS)[number]["reading"];

const ScriptTextView = lazy(() => import("../script/text/ScriptTextView"));
const ScriptWebView = lazy(() => import("../script/web/ScriptWebView"));

/** Events as sentence cards in chapters, or as text; objectives and endings beside them. */
export function ScriptPage({ ground }: { ground: Ground }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const { event, openEvent } = useDeskPart("event", "openEvent");
  const [reading, setReading] = useState(() => kept<Reading>("script-reading", "cards"));
  const readAs = (as: Reading) => {
    setReading(as);
    keep("script-reading", as);
  };
  const [folds, setFolds] = useState(() => kept("script-folds", true));
  const fold = (on: boolean) => {
    setFolds(on);
    keep("script-folds", on);
  };
  const [replacing, setReplacing] = useState(false);
  const { outlining, setOutlining } = useDeskPart("outlining", "setOutlining");
  const [tab, setTab] = useState<(typeof TABS)[number]["tab"]>("events");
  useEffect(() => {
    if (event) document.getElementById(`event-${event}`)?.scrollIntoView({ block: "nearest" });
  }, [event]);
  const chapters = ordered(mission.chapters);
  const ofChapter = (id: string) => ordered(eventsOf(mission, id));
  const stray = ordered(
    Object.fromEntries(
      Object.entries(mission.events).filter(([, it]) => !mission.chapters[it.chapter.id]),
    ),
  );
  const make = (chapter: string) => {
    const name = freshName(mission.events, "Event");
    const id = addThing(open, `New event: ${name}`, "events", {
      name,
      chapter: { family: "chapters", id: chapter },
      when: { type: "all", parts: {} },
      times: 1,
      again: { type: "whenFalse" },
      firings: "dropped",
      listens: "fromStart",
      note: "",
      actions: {},
    });
    openEvent(id);
  };
  const makeChapter = () => {
    const name = freshName(mission.chapters, "Chapter");
    addThing(open, `New chapter: ${name}`, "chapters", { name });
  };
  const show = useShow(useMission((state) => state.id));
  const showAbout = (about: Ref) => {
    setTab(TAB_OF[about.family] ?? "events");
    show(about);
  };
  return (
    <div className="flex min-h-0 grow gap-2.5 p-2.5">
      <Drawer name="Outline" side="left">
        <Outline onOutcomes={() => setTab("outcomes")} onEvents={() => setTab("events")} />
      </Drawer>
      <main className="min-h-0 min-w-0 grow">
        <Tabs open={tab} onOpen={setTab} className="flex h-full flex-col">
          <div className="flex flex-wrap items-center gap-y-1 pb-2">
            <TabList label="Script" look="blocks" tabs={TABS} />
            <span className="grow" />
            {tab === "events" && reading === "cards" && (
              <Button
                look="quiet"
                className="whitespace-nowrap px-1.5"
                aria-label="Replace a thing"
                onClick={() => setReplacing(true)}
              >
                <Replace size="0.9375rem" /> <Words>Replace…</Words>
              </Button>
            )}
            {tab === "events" && reading === "cards" && (
              <Button
                look="quiet"
                className="mr-2 whitespace-nowrap px-1.5"
                onClick={() => fold(!folds)}
              >
                {folds ? <UnfoldVertical size="0.9375rem" /> : <FoldVertical size="0.9375rem" />}
                <Words>{folds ? "Open all" : "Fold all"}</Words>
              </Button>
            )}
            {tab === "events" && (
              <fieldset className="flex">
                <legend className="sr-only">Read events as</legend>
                {READINGS.map(({ reading: it, word }) => (
                  <button
                    key={it}
                    type="button"
                    aria-pressed={reading === it}
                    onClick={() => readAs(it)}
                    className="-ml-px min-h-8 border border-line bg-slip px-3 aria-pressed:bg-moss-soft aria-pressed:font-semibold"
                  >
                    {word}
                  </button>
                ))}
              </fieldset>
            )}
          </div>
          <TabPanel tab={tab} className="flex min-h-0 grow flex-col">
            {tab === "events" && <RunRibbon />}
            {tab === "events" && reading === "text" && (
              <Suspense fallback={<p className="p-4 text-quiet">Opening the text…</p>}>
                <ScriptTextView />
              </Suspense>
            )}
            {tab === "events" && reading === "web" && (
              <Suspense fallback={<p className="p-4 text-quiet">Opening the web…</p>}>
                <ScriptWebView />
              </Suspense>
            )}
            <div
              key={tab}
              hidden={tab === "events" && reading !== "cards"}
              className="relative min-h-0 grow overflow-auto pb-8"
            >
              {tab === "outcomes" && <Outcomes />}
              {tab === "talk" && <TalkTab />}
              {tab === "waves" && <WavesTab />}
              {tab === "events" && reading === "cards" && phrases && (
                <>
                  {chapters.map(([id, chapter]) => (
                    <section key={id} aria-label={chapter.name} className="pb-5">
                      <div className="flex items-center gap-2 pb-1.5">
                        <h2 className="w-64 font-bold">
                          <TextBox
                            label="Name of the chapter"
                            quiet
                            value={chapter.name}
                            maxLength={60}
                            required
                            onTake={(name) =>
                              put(open, `Rename to ${name}`, ["chapters", id, "name"], name)
                            }
                          />
                        </h2>
                        <span className="grow" />
                        {ofChapter(id).length === 0 && (
                          <Button
                            onClick={() =>
                              open.edit(`Delete ${chapter.name}`, (draft) =>
                                removeAll(draft, [{ family: "chapters", id }]),
                              )
                            }
                          >
                            Delete chapter
                          </Button>
                        )}
                        <Button onClick={() => make(id)}>
                          <FilePlus2 size="0.9375rem" /> New event
                        </Button>
                      </div>
                      <div
                        className={`grid grid-cols-[minmax(0,1fr)] ${folds ? "gap-1" : "gap-2"}`}
                      >
                        {ofChapter(id).map(([it, of]) => (
                          <EventCard key={it} id={it} event={of} phrases={phrases} folds={folds} />
                        ))}
                      </div>
                      {ofChapter(id).length === 0 && (
                        <p className="border border-line border-dashed bg-slip p-3 text-quiet">
                          An event says when something should happen, and what. Begin with New
                          event.
                        </p>
                      )}
                    </section>
                  ))}
                  {stray.map(([it, of]) => (
                    <EventCard key={it} id={it} event={of} phrases={phrases} folds={folds} />
                  ))}
                  <span className="flex gap-2">
                    <Button onClick={makeChapter}>
                      <FolderPlus size="0.9375rem" /> New chapter
                    </Button>
                    <Button onClick={() => setOutlining(true)}>
                      <ListTree size="0.9375rem" /> From plain lines…
                    </Button>
                  </span>
                </>
              )}
            </div>
          </TabPanel>
        </Tabs>
      </main>
      {outlining && <OutlineDialog onClose={() => setOutlining(false)} />}
      {replacing && phrases && (
        <ReplaceDialog phrases={phrases} onClose={() => setReplacing(false)} />
      )}
      {!(tab === "events" && reading === "web") && (
        <Drawer name="About this event" side="right">
          <aside
            aria-label="About this event"
            className="flex w-[15.75rem] shrink-0 flex-col overflow-auto border border-line bg-slip shadow-sm"
          >
            <InsetMap ground={ground} />
            <About mission={mission} event={event} />
            <Todos onShow={showAbout} />
          </aside>
        </Drawer>
      )}
    </div>
  );
}

function Outline(props: { onOutcomes: () => void; onEvents: () => void }) {
  const mission = useMission((state) => state.mission);
  const openEvent = useDesk((desk) => desk.openEvent);
  const current = useDesk((desk) => desk.event);
  const [lists, setLists] = useState<"outline" | "things">("outline");
  const row =
    "flex min-h-7 w-full items-center justify-between gap-2 px-3 text-left hover:bg-hover aria-current:bg-moss-soft";
  return (
    <nav
      aria-label="Outline"
      className="w-[11.875rem] shrink-0 overflow-auto border border-line bg-slip pb-3 shadow-sm"
    >
      <Tabs open={lists} onOpen={setLists}>
        <TabList label="What is listed" look="tight" tabs={LISTS} />
        <TabPanel tab={lists}>
          {lists === "things" && <ThingsList />}
          <div hidden={lists !== "outline"}>
            {ordered(mission.chapters).map(([id, chapter]) => (
              <section key={id} className="pt-2">
                <h3 className="px-3 font-bold font-sans text-small text-flint">{chapter.name}</h3>
                {ordered(eventsOf(mission, id)).map(([it, event]) => (
                  <button
                    key={it}
                    type="button"
                    className={row}
                    aria-current={current === it}
                    onClick={() => {
                      props.onEvents();
                      openEvent(it);
                    }}
                  >
                    <span className="truncate">{event.name}</span>
                  </button>
                ))}
              </section>
            ))}
            {(["objectives", "endings"] as const).map((family) => (
              <section key={family} className="mt-2 border-hairline border-t pt-2">
                <h3 className="px-3 font-bold font-sans text-small text-flint">
                  {family === "objectives" ? "Objectives" : "Endings"}
                </h3>
                {ordered<{ order: string; name: string }>(mission[family]).map(([id, it]) => (
                  <button key={id} type="button" className={row} onClick={props.onOutcomes}>
                    <span className="truncate">{it.name}</span>
                    {family === "endings" && (
                      <span className="text-small text-quiet">
                        {sure(mission.endings, id).outcome}
                      </span>
                    )}
                  </button>
                ))}
                {Object.keys(mission[family]).length === 0 && (
                  <button type="button" className={`${row} text-quiet`} onClick={props.onOutcomes}>
                    None yet
                  </button>
                )}
              </section>
            ))}
          </div>
        </TabPanel>
      </Tabs>
    </nav>
  );
}

function About({ mission, event }: { mission: Mission; event: string | null }) {
  const findings = useFindings().filter(
    ({ thing }) => thing?.family === "events" && thing.id === event,
  );
  const light = useDesk((desk) => desk.light);
  const fired = useFiredWords(event ?? "");
  const of = event ? mission.events[event] : undefined;
  if (!of) return <p className="p-3 text-quiet">Select an event to see what it reads and sets.</p>;
  const reads = unique(references(of.when));
  const sets = unique(references(of.actions));
  const list = (title: string, refs: Ref[]) =>
    refs.length > 0 && (
      <section className="border-hairline border-b px-3 py-2.5">
        <h3 className="pb-1 font-bold font-sans text-small text-flint">{title}</h3>
        {refs.map((ref) => (
          <p
            key={key(ref)}
            className="flex justify-between gap-2"
            onPointerEnter={() => light(key(ref))}
            onPointerLeave={() => light(null)}
          >
            <span className="truncate font-semibold">{nameOf(mission, ref)}</span>
            <span className="shrink-0 text-small text-quiet">{FAMILY_WORDS[ref.family]}</span>
          </p>
        ))}
      </section>
    );
  return (
    <>
      <h2 className="px-3 pt-2.5 pb-1 font-bold">{of.name}</h2>
      {fired && <p className="px-3 pb-2 text-small text-flint">It {fired}.</p>}
      {findings.map(({ says, pointer }) => (
        <p key={pointer} className="mx-3 mb-2 border-error border-l-3 bg-error-soft p-2 text-small">
          ⚑ {says}
        </p>
      ))}
      {list("This event reads", reads)}
      {list("and names in what it does", sets)}
    </>
  );
}

function unique(found: { ref: Ref }[]): Ref[] {
  return [...new Map(found.map(({ ref }) => [key(ref), ref])).values()].filter(
    ({ id }) => id !== "",
  );
}
