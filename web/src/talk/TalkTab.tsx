import { Plus } from "lucide-react";
import { useMission, useOpenMission } from "../document/context";
import { newId, ordered } from "../document/mission";
import { makeNew } from "../sentence/things";
import { Button } from "../ui/controls";
import { ConversationCard } from "./ConversationCard";
import { SpeakerCard } from "./SpeakerCard";

/** Who talks, and what they say in which order. */
export function TalkTab() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const speakers = ordered(mission.speakers);
  const conversations = ordered(mission.conversations);
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Speakers">
        <div className="flex items-center gap-3 pb-1.5">
          <h3 className="grow font-bold text-lg">Speakers</h3>
          <Button onClick={() => makeNew(open, "speakers", newId())}>
            <Plus size="0.875rem" /> New speaker
          </Button>
        </div>
        {speakers.length === 0 && <Empty>Who talks in this mission.</Empty>}
        <div className="grid grid-cols-2 gap-2">
          {speakers.map(([id, speaker]) => (
            <SpeakerCard key={id} id={id} speaker={speaker} />
          ))}
        </div>
      </section>
      <section aria-label="Conversations">
        <div className="flex items-center gap-3 pb-1.5">
          <h3 className="grow font-bold text-lg">Conversations</h3>
          <Button onClick={() => makeNew(open, "conversations", newId())}>
            <Plus size="0.875rem" /> New conversation
          </Button>
        </div>
        {conversations.length === 0 && (
          <Empty>Lines in order. An event says one with the action “say…”.</Empty>
        )}
        <div className="grid gap-2">
          {conversations.map(([id, conversation]) => (
            <ConversationCard key={id} id={id} conversation={conversation} />
          ))}
        </div>
      </section>
    </div>
  );
}

function Empty({ children }: { children: React.ReactNode }) {
  return <p className="border border-line border-dashed bg-slip p-3 text-quiet">{children}</p>;
}
