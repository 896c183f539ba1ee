import { Plus, X } from "lucide-react";
import { useState } from "react";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { clockWords, dayPace, newId, REAL_DAY, type Setting } from "../document/mission";
import { LUNAR, marksOf, type Waters } from "../document/tide";
import { Button, Choice, ClockBox, NumberBox } from "../ui/controls";
import { Entry } from "./Entry";
import { TideCurve } from "./TideCurve";

const WEATHERS: { value: Setting["weather"]; word: string }[] = [
  { value: "clear", word: "Clear" },
  { value: "overcast", word: "Overcast" },
  { value: "rain", word: "Rain" },
  { value: "fog", word: "Fog" },
];

/** Time, light, weather, wind and water. */
export function SettingFields() {
  const open = useOpenMission();
  const setting = useMission((state) => state.mission.setting);
  const number = (
    id: string,
    label: string,
    unit: string,
    [least, most]: [number, number],
    path: string[],
    value: number,
  ) => (
    <Entry label={label} htmlFor={id}>
      <NumberBox
        id={id}
        unit={unit}
        least={least}
        most={most}
        value={value}
        onTake={(to) => put(open, `${label}: ${to} ${unit}`, ["setting", ...path], to)}
      />
    </Entry>
  );
  return (
    <>
      <div className="grid grid-cols-3 gap-x-6">
        <Entry label="Time when play begins" htmlFor="startTime">
          <TimeBox id="startTime" field="startTime" says="Begin at" />
        </Entry>
        <Entry label="Sunrise" htmlFor="sunrise">
          <TimeBox id="sunrise" field="sunrise" says="Sunrise at" />
        </Entry>
        <Entry label="Sunset" htmlFor="sunset">
          <TimeBox id="sunset" field="sunset" says="Sunset at" />
        </Entry>
        <Entry label="A whole day lasts" htmlFor="dayLasts">
          <NumberBox
            id="dayLasts"
            unit="min"
            least={2}
            most={REAL_DAY}
            value={setting.dayLasts}
            onTake={(to) =>
              put(open, `A whole day lasts ${to} min of play`, ["setting", "dayLasts"], to)
            }
          />
        </Entry>
        <Entry label="Weather" htmlFor="weather">
          <Choice
            id="weather"
            value={setting.weather}
            options={WEATHERS}
            onTake={(weather) => put(open, `Weather: ${weather}`, ["setting", "weather"], weather)}
          />
        </Entry>
        {number("visibility", "Visibility", "m", [5, 50000], ["visibility"], setting.visibility)}
        {number("wind", "Wind", "m/s", [0, 60], ["wind", "speed"], setting.wind.speed)}
        {number("from", "It blows from", "°", [0, 360], ["wind", "from"], setting.wind.from)}
        {Object.keys(setting.tide).length === 0 &&
          number("water", "Water level", "m", [-300, 300], ["waterLevel"], setting.waterLevel)}
      </div>
      <p className="pb-2 text-small text-quiet">
        {setting.dayLasts === REAL_DAY
          ? "The clock goes on in real time: a whole day lasts 1440 min."
          : `The clock goes on ${Math.round(dayPace(setting) * 100) / 100} times as fast as play. Light, tide and times of day follow it; waits, timers and movement do not.`}{" "}
        Noises carry farther down the wind, and less far up it.
      </p>
      <TideTable />
    </>
  );
}

/** A time of day. */
function TimeBox(props: { id: string; field: "startTime" | "sunrise" | "sunset"; says: string }) {
  const open = useOpenMission();
  const value = useMission((state) => state.mission.setting[props.field]);
  return (
    <ClockBox
      id={props.id}
      value={value}
      onTake={(seconds) =>
        put(open, `${props.says} ${clockWords(seconds)}`, ["setting", props.field], seconds)
      }
    />
  );
}

const DAY = 86400;

/** The tide as a table of hour and level. */
function TideTable() {
  const open = useOpenMission();
  const setting = useMission((state) => state.mission.setting);
  const marks = Object.entries(setting.tide).sort(([, a], [, b]) => a.time - b.time);
  const add = () => {
    const last = marks.at(-1)?.[1];
    const time = last ? Math.min(2 * DAY, last.time + 22350) : setting.startTime;
    const level = last ? setting.waterLevel * 2 - last.level : setting.waterLevel;
    put(open, "Add a time of the tide", ["setting", "tide", newId()], { time, level });
  };
  return (
    <section aria-label="Tide" className="pt-4">
      <h3 className="font-bold font-sans text-small text-flint">Tide</h3>
      {marks.length === 0 ? (
        <p className="py-1 text-quiet">
          Still water. Add the times of high and low water, and it rises and falls between them.
        </p>
      ) : (
        <div className="flex gap-6">
          <table>
            <thead>
              <tr className="text-left text-small text-flint-2">
                <th scope="col" className="pr-3 font-normal">
                  Time
                </th>
                <th scope="col" className="pr-3 font-normal">
                  Day
                </th>
                <th scope="col" className="font-normal">
                  Level
                </th>
              </tr>
            </thead>
            <tbody>
              {marks.map(([id, mark]) => (
                <Mark key={id} id={id} time={mark.time} level={mark.level} />
              ))}
            </tbody>
          </table>
          <TideCurve startTime={setting.startTime} />
        </div>
      )}
      <div className="mt-2 flex flex-wrap gap-2 whitespace-nowrap">
        <Button onClick={add}>
          <Plus size="0.875rem" /> Add a time
        </Button>
        <RegularTide />
      </div>
    </section>
  );
}

/** Fills the table with high and low water that come again and again. */
function RegularTide() {
  const open = useOpenMission();
  const setting = useMission((state) => state.mission.setting);
  const [waters, setWaters] = useState<Waters>();
  const begin = () =>
    setWaters({
      highAt: setting.startTime,
      high: setting.waterLevel + 2,
      low: setting.waterLevel - 1,
      period: LUNAR,
    });
  const fill = () => {
    if (!waters) return;
    open.edit("A regular tide", (draft) => {
      draft.setting.tide = Object.fromEntries(marksOf(waters).map((mark) => [newId(), mark]));
    });
    setWaters(undefined);
  };
  if (!waters) return <Button onClick={begin}>Regular high and low water…</Button>;
  const level = (label: string, field: "high" | "low") => (
    <span className="w-28 text-small text-flint">
      <span className="block">{label}</span>
      <NumberBox
        label={label}
        unit="m"
        least={-300}
        most={300}
        value={waters[field]}
        onTake={(to) => setWaters({ ...waters, [field]: to })}
      />
    </span>
  );
  return (
    <fieldset className="flex items-end gap-2 border border-line px-3 pb-2">
      <legend className="px-1 text-small text-flint">Regular high and low water</legend>
      <span className="w-24 text-small text-flint">
        <span className="block">High water at</span>
        <ClockBox
          label="High water at"
          value={waters.highAt}
          onTake={(highAt) => setWaters({ ...waters, highAt })}
        />
      </span>
      {level("High water", "high")}
      {level("Low water", "low")}
      <span className="w-28 text-small text-flint">
        <span className="block">Again after</span>
        <NumberBox
          label="Again after"
          unit="s"
          least={3600}
          most={172_800}
          value={waters.period}
          onTake={(period) => setWaters({ ...waters, period })}
        />
      </span>
      <Button look="go" onClick={fill}>
        Fill the table
      </Button>
      <Button onClick={() => setWaters(undefined)}>Cancel</Button>
    </fieldset>
  );
}

function Mark({ id, time, level }: { id: string; time: number; level: number }) {
  const open = useOpenMission();
  const path = ["setting", "tide", id];
  const day = Math.floor(time / DAY);
  const at = (seconds: number, on: number) =>
    put(open, "Change the tide", [...path, "time"], Math.min(2 * DAY, on * DAY + seconds));
  return (
    <tr>
      <td className="w-24 py-0.5 pr-3">
        <ClockBox
          label="Time of the tide"
          value={time % DAY}
          onTake={(seconds) => at(seconds, day)}
        />
      </td>
      <td className="w-32 pr-3">
        <Choice
          label="Day of the tide"
          value={day === 0 ? "same" : "next"}
          options={[
            { value: "same", word: "the same" },
            { value: "next", word: "the next" },
          ]}
          onTake={(to) => at(time % DAY, to === "same" ? 0 : 1)}
        />
      </td>
      <td className="w-28">
        <NumberBox
          label="Level of the tide"
          unit="m"
          least={-300}
          most={300}
          value={level}
          onTake={(to) => put(open, `Tide at ${to} m`, [...path, "level"], to)}
        />
      </td>
      <td>
        <Button
          look="quiet"
          aria-label={`Take ${clockWords(time)} out of the tide`}
          onClick={() =>
            open.edit("Take a time out of the tide", (draft) => {
              delete draft.setting.tide[id];
            })
          }
        >
          <X size="0.875rem" />
        </Button>
      </td>
    </tr>
  );
}
