import { useState } from "react";
import { useMission } from "../model/context";
import { useDesk } from "../model/desk";
import { membersOf, PLACED, type PlacedFamily } from "../model/geometry";
import { key, type Ref, standing } from "../model/mission";
import { ThingIcon } from "../ui/ThingIcon";

const HEADINGS: Record<PlacedFamily, string> = {
  starts: "Player starts",
  units: "Units",
  squads: "Squads",
  spawnPoints: "Spawn points",
  posts: "Posts",
  routes: "Routes",
  zones: "Zones",
  walls: "Walls",
  gates: "Gates",
  decks: "Decks",
  fixtures: "Fixtures",
  props: "Props",
  markers: "Markers",
};

/** Headings that are there even while nothing stands under them. */
const ALWAYS: PlacedFamily[] = ["starts", "units", "zones"];

/** The list of everything with a place; mirrors the map. */
export function Contents({ onShow }: { onShow: (name: string) => void }) {
  const mission = useMission((state) => state.mission);
  const { selection, select, pointing, point } = useDesk();
  const [filter, setFilter] = useState("");
  const total = PLACED.reduce((sum, family) => sum + Object.keys(mission[family]).length, 0);
  const words = filter.trim().toLowerCase();
  const listed = (family: PlacedFamily) =>
    Object.entries(mission[family])
      .map(([id, thing]) => ({ ref: { family, id } as Ref, name: thing.name as string }))
      .filter(({ ref, name }) => {
        const stands = ref.family === "units" || ref.family === "starts";
        const found = stands ? standing(mission, ref) : undefined;
        const text = `${name} ${found?.side?.name ?? ""} ${found?.kind?.name ?? ""}`;
        return text.toLowerCase().includes(words);
      })
      .sort((a, b) => a.name.localeCompare(b.name, "en", { numeric: true }));
  const choose = (ref: Ref, add: boolean) => {
    if (pointing) {
      if (pointing.families.includes(ref.family)) {
        pointing.take({ ref });
        point(null);
      }
      return;
    }
    const name = key(ref);
    if (!add) {
      select([name]);
      onShow(name);
    } else if (selection.has(name)) select([...selection].filter((it) => it !== name));
    else select([...selection, name]);
  };
  return (
    <aside
      aria-label="Contents"
      className="flex w-[200px] shrink-0 flex-col border border-line bg-slip shadow-sm"
    >
      <div className="flex items-baseline justify-between px-3 pt-2.5 pb-1.5">
        <h2 className="font-bold">Contents</h2>
        <span className="text-[13px] text-quiet">
          {total} {total === 1 ? "thing" : "things"}
        </span>
      </div>
      <div className="px-2.5 pb-2">
        <input
          aria-label="Filter by name, kind or side"
          placeholder="Filter: name, kind, side"
          className="min-h-7 w-full border border-line bg-white/70 px-2 text-[13px]"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
        />
      </div>
      <div className="min-h-0 grow overflow-auto pb-2">
        {PLACED.filter(
          (family) => ALWAYS.includes(family) || Object.keys(mission[family]).length > 0,
        ).map((family) => (
          <section key={family} className="border-t border-hairline pt-1.5 pb-2">
            <h3 className="flex justify-between px-3 pb-0.5 font-sans text-[13px] font-bold text-flint">
              {HEADINGS[family]}
              <span className="font-normal text-quiet">{Object.keys(mission[family]).length}</span>
            </h3>
            {listed(family).map(({ ref, name }) => {
              const chosen = selection.has(key(ref));
              return (
                <button
                  key={ref.id}
                  type="button"
                  aria-label={name}
                  aria-pressed={chosen}
                  onClick={(event) => choose(ref, event.shiftKey || event.ctrlKey)}
                  className="flex min-h-7 w-full items-center gap-2 border-l-3 border-transparent px-2.5 text-left hover:bg-black/5 aria-pressed:border-moss aria-pressed:bg-moss-soft"
                >
                  <ThingIcon thing={ref} />
                  <span className="truncate">{name}</span>
                  {ref.family === "squads" && (
                    <span className="ml-auto text-[12px] text-quiet">
                      {membersOf(mission, ref.id).length}
                    </span>
                  )}
                </button>
              );
            })}
            {Object.keys(mission[family]).length === 0 && (
              <p className="px-3 text-[13px] text-quiet">None yet. Set some down below.</p>
            )}
          </section>
        ))}
      </div>
    </aside>
  );
}
