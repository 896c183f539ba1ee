import { useState } from "react";
import { usePhrases } from "../../document/phrases";
import { TabList, TabPanel, Tabs } from "../../ui/Tabs";
import type { WhyProps } from "./asked";
import { EventList } from "./EventList";
import { FactList } from "./FactList";
import { Log } from "./Log";
import { MindList } from "./MindList";

const TABS = [
  { tab: "events", word: "Events" },
  { tab: "minds", word: "Units" },
  { tab: "facts", word: "Facts" },
  { tab: "log", word: "Log" },
] as const;

/** What everybody has in mind and why an event has not fired yet. */
export function WhyPanel(props: WhyProps & { chosen: number; onChoose: (unit: number) => void }) {
  const [tab, setTab] = useState<(typeof TABS)[number]["tab"]>("events");
  const phrases = usePhrases();
  if (!phrases) return null;
  return (
    <aside aria-label="Why" className="w-[21.875rem] shrink-0 border-line border-l bg-slip">
      <Tabs open={tab} onOpen={setTab} className="flex h-full flex-col">
        <TabList label="Why" look="filling" tabs={TABS} />
        <TabPanel tab={tab} className="min-h-0 grow overflow-auto">
          {tab === "events" && <EventList {...props} phrases={phrases} />}
          {tab === "minds" && <MindList {...props} phrases={phrases} />}
          {tab === "facts" && <FactList {...props} />}
          {tab === "log" && <Log {...props} />}
        </TabPanel>
      </Tabs>
    </aside>
  );
}
