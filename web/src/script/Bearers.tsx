import { X } from "lucide-react";
import { putLabel } from "../deeds/labels";
import { useMission, useOpenMission } from "../document/context";
import { type Family, key, nameOf } from "../document/mission";
import { sure } from "../document/sure";
import { OptionList, Token } from "../sentence/Picker";
import { thingOptions } from "../sentence/things";

/** Families whose things belong to somebody of whom sentences speak. */
const BEARERS: Family[] = ["units", "starts", "squads", "bands", "waves", "kinds", "sides"];

/** What bears a label. */
export function Bearers({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { things } = sure(mission.labels, id);
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      {Object.values(things).map((ref) => (
        <span key={key(ref)} className="flex items-center border border-line bg-card pl-2">
          {nameOf(mission, ref)}
          <button
            type="button"
            aria-label={`Take the label off ${nameOf(mission, ref)}`}
            className="grid h-7 w-7 place-items-center hover:bg-hover"
            onClick={() => putLabel(open, id, [key(ref)], false)}
          >
            <X size="0.8125rem" />
          </button>
        </span>
      ))}
      <Token
        look="add"
        label="Label something"
        content={(close) => (
          <OptionList
            label="Who bears it"
            search
            options={thingOptions(mission, BEARERS)}
            onChoose={(chosen) => {
              putLabel(open, id, [chosen], true);
              close();
            }}
          />
        )}
      >
        + somebody
      </Token>
    </div>
  );
}
