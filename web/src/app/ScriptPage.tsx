import {
  FilePlus2,
  FolderPlus,
  FoldVertical,
  ListTree,
  Replace,
  UnfoldVertical,
} from "lucide-react";
import { lazy, Suspense, useEffect, useState } from "react";
import { removeAll } from "../deeds/deeds";
import { useDeskPart } from "../desk/desk";
import { PANE } from "../desk/panes";
import { HOME } from "../desk/useHome";
import { useShow } from "../desk/useShow";
import { addThing, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { keep, kept } from "../document/kept";
import { type Event, freshName, ordered, type Ref } from "../document/mission";
import { usePhrases } from "../document/phrases";
import type { Ground } from "../document/raster";
import { InsetMap } from "../map/InsetMap";
import { AboutEvent } from "../script/AboutEvent";
import { Choices } from "../script/Choices";
import { EventCard } from "../script/EventCard";
import { Exchanges } from "../script/Exchanges";
import { eventsOf, makeEvent } from "../script/eventMoves";
import { Outcomes } from "../script/Outcomes";
import { Outline } from "../script/Outline";
import { OutlineDialog } from "../script/OutlineDialog";
import { Places } from "../script/Places";
import { ReplaceDialog } from "../script/ReplaceDialog";
import { RunRibbon } from "../script/RunRibbon";
import { SCRIPT_TABS, TAB_OF, useScriptTab } from "../script/scriptTabs";
import { Todos } from "../script/Todos";
import { TalkTab } from "../talk/TalkTab";
import { Button, TextBox, Words } from "../ui/controls";
import { Drawer } from "../ui/Drawer";
import { TabList, TabPanel, Tabs } from "../ui/Tabs";
import { WavesTab } from "../waves/WavesTab";

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
  const tab = useScriptTab((state) => state.tab);
  const setTab = useScriptTab((state) => state.setTab);
  useEffect(() => () => setTab("events"), [setTab]);
  const ready = Boolean(phrases);
  useEffect(() => {
    const card = event && ready ? document.getElementById(`event-${event}`) : null;
    card?.scrollIntoView({ block: "nearest" });
    const made = event ? open.state.mission.events[event] : undefined;
    if (made && lacksCondition(made))
      card?.querySelector<HTMLElement>("[aria-label='Add a condition']")?.focus();
  }, [event, open, ready]);
  const chapters = ordered(mission.chapters);
  const ofChapter = (id: string) => ordered(eventsOf(mission, id));
  const stray = ordered(
    Object.fromEntries(
      Object.entries(mission.events).filter(([, it]) => !mission.chapters[it.chapter.id]),
    ),
  );
  const make = (chapter: string) => openEvent(makeEvent(open, chapter));
  const makeChapter = () => {
    const name = freshName(mission.chapters, "Chapter");
    addThing(open, `New chapter: ${name}`, "chapters", { name });
  };
  const show = useShow(useMission((state) => state.id));
  const showAbout = (about: Ref) => {
    setTab(TAB_OF[about.family] ?? "events");
    show(about);
  };
  const beside = tab === "events" ? "About this event" : "Map and what to do";
  return (
    <div className="flex min-h-0 grow gap-2.5 p-2.5">
      <Drawer name="Outline" side="left">
        <Outline tab={tab} onTab={setTab} />
      </Drawer>
      <main {...PANE} {...HOME} tabIndex={-1} className="min-h-0 min-w-0 grow outline-none">
        <Tabs open={tab} onOpen={setTab} className="flex h-full flex-col">
          <div className="flex flex-wrap items-center gap-y-1 pb-2">
            <TabList label="Script" look="blocks" tabs={SCRIPT_TABS} />
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
              {tab === "places" && <Places onShow={show} />}
              {tab === "talk" && (
                <>
                  <TalkTab />
                  <Choices />
                  <Exchanges />
                </>
              )}
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
        <Drawer name={beside} side="right">
          <aside
            {...PANE}
            aria-label={beside}
            className="flex w-[15.75rem] shrink-0 flex-col overflow-auto border border-line bg-slip shadow-sm"
          >
            <InsetMap ground={ground} />
            {tab === "events" && <AboutEvent mission={mission} event={event} />}
            <Todos onShow={showAbout} />
          </aside>
        </Drawer>
      )}
    </div>
  );
}

/** Whether it has not been said yet when an event fires. */
function lacksCondition({ when }: Event): boolean {
  return when.type === "all" && Object.keys(when.parts).length === 0;
}
