import { useStore } from "zustand";
import { ordered } from "../../document/mission";
import { measured } from "../../document/units";
import { playTime, type WhyProps } from "./asked";

/** What zones, flags, counters, timers, objectives and waves stand at. */
export function FactList({ game, mission }: WhyProps) {
  const facts = useStore(game.store, (state) => state.facts);
  const cast = useStore(game.store, (state) => state.cast);
  const water = useStore(game.store, (state) => state.water);
  if (!facts) return null;
  const names = (units: number[]) => units.map((unit) => cast[unit]?.name).join(", ") || "nobody";
  const sections: [string, [string, string][]][] = [
    [
      "Zones",
      Object.entries(mission.zones).map(([id, it]) => [it.name, names(facts.zones[id] ?? [])]),
    ],
    [
      "Flags",
      Object.entries(mission.flags).map(([id, it]) => [it.name, facts.flags[id] ? "on" : "off"]),
    ],
    [
      "Counters",
      Object.entries(mission.counters).map(([id, it]) => [it.name, String(facts.counters[id])]),
    ],
    [
      "Timers",
      Object.entries(mission.timers).map(([id, it]) => {
        const left = facts.timers[id] ?? -1;
        return [it.name, left < 0 ? "stopped" : playTime(left * 20)];
      }),
    ],
    [
      "Objectives",
      ordered(mission.objectives).map(([id, it]) => [it.name, facts.objectives[id] ?? ""]),
    ],
    ["Waves", ordered(mission.waves).map(([id, it]) => [it.name, facts.waves[id] ?? ""])],
    [
      "Setting",
      [
        ["Weather", facts.air.weather],
        ["Wind", `${measured(facts.air.wind, "m/s")} from ${facts.air.from}°`],
        ["Visibility", measured(facts.air.visibility, "m")],
        ...(water === null ? [] : [["Water", measured(water, "m")] as [string, string]]),
      ],
    ],
  ];
  return sections
    .filter(([, rows]) => rows.length > 0)
    .map(([title, rows]) => (
      <section key={title} className="border-hairline border-b px-3 py-2">
        <h3 className="pb-0.5 font-bold font-sans text-small text-flint">{title}</h3>
        <dl>
          {rows.map(([name, value]) => (
            <div key={name} className="flex justify-between gap-3 text-sm">
              <dt>{name}</dt>
              <dd className="text-right font-semibold">{value}</dd>
            </div>
          ))}
        </dl>
      </section>
    ));
}
