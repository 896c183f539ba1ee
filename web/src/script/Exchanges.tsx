import { Plus } from "lucide-react";
import { useMission, useOpenMission } from "../document/context";
import { newId, ordered } from "../document/mission";
import { makeNew } from "../sentence/things";
import { Button } from "../ui/controls";
import { ExchangeSlip } from "./ExchangeSlip";

/** What players can trade. */
export function Exchanges() {
  const open = useOpenMission();
  const exchanges = ordered(useMission((state) => state.mission.exchanges));
  return (
    <section aria-label="Exchanges" className="pt-5">
      <div className="flex items-center gap-3 pb-1.5">
        <h3 className="grow font-bold text-lg">Exchanges</h3>
        <Button onClick={() => makeNew(open, "exchanges", newId())}>
          <Plus size="0.875rem" /> New exchange
        </Button>
      </div>
      {exchanges.length === 0 && (
        <p className="border border-line border-dashed bg-slip p-3 text-quiet">
          What is given for what: items, the help of people, for items or out of a counter.
        </p>
      )}
      <div className="grid gap-2">
        {exchanges.map(([id, exchange]) => (
          <ExchangeSlip key={id} id={id} exchange={exchange} />
        ))}
      </div>
    </section>
  );
}
