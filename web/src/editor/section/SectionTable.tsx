import { metres } from "../../document/units";
import type { Section } from "./section";
import { stations } from "./stations";

/** What the drawing of a section shows, in figures: a column for each place along the line. */
export function SectionTable({ section }: { section: Section }) {
  const all = stations(section);
  const rows: [string, (station: (typeof all)[number]) => string][] = [
    ["Ground", ({ ground }) => metres(ground)],
    ["Water", ({ depth }) => (depth > 0 ? metres(depth) : "–")],
    ["Works", ({ works }) => works || "–"],
    ["In view", ({ seen }) => (seen ? "yes" : "no")],
  ];
  return (
    <div className="max-h-[6.75rem] overflow-auto px-3 pb-1">
      <table aria-label="Heights along the line" className="text-small tabular-nums">
        <thead>
          <tr>
            <th scope="row" className="pr-3 text-left font-normal text-quiet">
              Along
            </th>
            {all.map(({ at }) => (
              <th key={at} scope="col" className="pr-3 text-left font-semibold">
                {metres(at)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, reads]) => (
            <tr key={name}>
              <th scope="row" className="pr-3 text-left font-normal text-quiet">
                {name}
              </th>
              {all.map((station) => (
                <td key={station.at} className="pr-3 align-top">
                  {reads(station)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
