import { Plus, X } from "lucide-react";
import { useState } from "react";
import { labelAs, labelsOf, putLabel } from "../../deeds/labels";
import { useMission, useOpenMission } from "../../document/context";
import { ordered, refOf } from "../../document/mission";

/** The labels that things bear, all of them alike. */
export function LabelField({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [typed, setTyped] = useState("");
  const borne = ordered(mission.labels).filter(([id]) =>
    keys.every((name) => labelsOf(mission, refOf(name)).includes(id)),
  );
  const take = () => {
    labelAs(open, typed, keys);
    setTyped("");
  };
  return (
    <section aria-label="Labels" className="border-hairline border-t px-3 py-1.5">
      <h4 className="text-xs text-quiet">Labels</h4>
      <div className="flex flex-wrap items-center gap-1.5 py-1">
        {borne.map(([id, { name }]) => (
          <span key={id} className="flex items-center border border-line bg-card pl-2 text-small">
            {name}
            <button
              type="button"
              aria-label={`Take ${name} off`}
              className="grid h-7 w-7 place-items-center hover:bg-hover"
              onClick={() => putLabel(open, id, keys, false)}
            >
              <X size="0.8125rem" />
            </button>
          </span>
        ))}
        <form
          className="flex min-w-0 grow items-center"
          onSubmit={(event) => {
            event.preventDefault();
            take();
          }}
        >
          <input
            aria-label="New label"
            placeholder="New label"
            list="labels-known"
            maxLength={60}
            value={typed}
            className="h-8 min-w-0 grow border border-line bg-card px-2 text-small"
            onChange={(event) => setTyped(event.target.value)}
          />
          <datalist id="labels-known">
            {ordered(mission.labels).map(([id, { name }]) => (
              <option key={id} value={name} />
            ))}
          </datalist>
          <button
            type="submit"
            aria-label="Add this label"
            disabled={typed.trim() === ""}
            className="grid h-8 w-8 place-items-center border border-line border-l-0 bg-card hover:bg-hover disabled:opacity-40"
          >
            <Plus size="0.875rem" />
          </button>
        </form>
      </div>
    </section>
  );
}
