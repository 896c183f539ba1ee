import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { sure } from "../document/sure";
import { Choice, Field, Tick } from "../ui/controls";
import { FigureFields } from "./FigureFields";
import { MOVE_FIGURES, MOVER_WORDS, MOVES, type MoverClass } from "./moves";

const CLASSES = (Object.keys(MOVER_WORDS) as MoverClass[]).map((value) => ({
  value,
  word: MOVER_WORDS[value].word,
}));

/** How a kind gets about, and what limits it. */
export function MovesCard({ id }: { id: string }) {
  const open = useOpenMission();
  const { name, moves } = useMission((state) => sure(state.mission.kinds, id));
  const at = ["kinds", id, "moves"];
  return (
    <>
      <div className="flex items-baseline gap-3">
        <div className="w-64">
          <Field label="Goes">
            {(field) => (
              <Choice
                id={field}
                value={moves.type}
                options={CLASSES}
                onTake={(to) =>
                  put(
                    open,
                    `${name} goes ${sure(MOVER_WORDS, to).word.toLowerCase()}`,
                    at,
                    sure(MOVES, to),
                  )
                }
              />
            )}
          </Field>
        </div>
        <span className="text-small text-quiet">{sure(MOVER_WORDS, moves.type).means}</span>
      </div>
      {"swims" in moves && (
        <Tick
          word="keeps above water that is too deep to wade; otherwise it drowns there"
          checked={moves.swims}
          onTake={(swims) =>
            put(open, `${name} ${swims ? "swims" : "drowns"}`, [...at, "swims"], swims)
          }
        />
      )}
      {"hovers" in moves && (
        <Tick
          word="hovers; otherwise it circles over where it would stay"
          checked={moves.hovers}
          onTake={(hovers) =>
            put(open, `${name} ${hovers ? "hovers" : "circles"}`, [...at, "hovers"], hovers)
          }
        />
      )}
      <FigureFields groups={sure(MOVE_FIGURES, moves.type)} at={["kinds", id]} of={name} />
    </>
  );
}
