import { Plus } from "lucide-react";
import { useMission, useOpenMission } from "../document/context";
import { newId, ordered } from "../document/mission";
import { makeNew } from "../sentence/things";
import { Button } from "../ui/controls";
import { ChoiceCard } from "./ChoiceCard";

/** What players are asked. */
export function Choices() {
  const open = useOpenMission();
  const choices = ordered(useMission((state) => state.mission.choices));
  return (
    <section aria-label="Choices" className="pt-5">
      <div className="flex items-center gap-3 pb-1.5">
        <h3 className="grow font-bold text-lg">Choices</h3>
        <Button onClick={() => makeNew(open, "choices", newId())}>
          <Plus size="0.875rem" /> New choice
        </Button>
      </div>
      {choices.length === 0 && (
        <p className="border border-line border-dashed bg-slip p-3 text-quiet">
          Questions to players with two to six answers. An event asks one with the action “ask…”.
        </p>
      )}
      <div className="grid gap-2">
        {choices.map(([id, choice]) => (
          <ChoiceCard key={id} id={id} choice={choice} />
        ))}
      </div>
    </section>
  );
}
