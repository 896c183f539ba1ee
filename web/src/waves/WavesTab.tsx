import { Plus } from "lucide-react";
import { useMission, useOpenMission } from "../document/context";
import { newId, ordered } from "../document/mission";
import { usePhrases } from "../document/phrases";
import { makeNew } from "../sentence/things";
import { Button } from "../ui/controls";
import { PlanCard } from "./PlanCard";

/** The wave plans: who comes, in which order, where, and how many at each difficulty. */
export function WavesTab() {
  const open = useOpenMission();
  const plans = ordered(useMission((state) => state.mission.wavePlans));
  const phrases = usePhrases();
  return (
    <section aria-label="Wave plans">
      <div className="flex items-center gap-3 pb-1.5">
        <h3 className="grow font-bold text-lg">Wave plans</h3>
        <Button onClick={() => makeNew(open, "wavePlans", newId())}>
          <Plus size="0.875rem" /> New wave plan
        </Button>
      </div>
      {plans.length === 0 && (
        <p className="border border-line border-dashed bg-slip p-3 text-quiet">
          Squads that come one wave after the other. An event starts a plan with the action “start
          the waves of…”.
        </p>
      )}
      <div className="grid gap-3">
        {phrases &&
          plans.map(([id, plan]) => <PlanCard key={id} id={id} plan={plan} phrases={phrases} />)}
      </div>
    </section>
  );
}
