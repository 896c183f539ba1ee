import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { ItemKindFigure, KindGlyph } from "../document/mission";
import { usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { DealingsList } from "../editor/slips/DealingFields";
import { CarriedList } from "../editor/slips/KitFields";
import { Chosen } from "../sentence/Chosen";
import { Choice, Field, Tick } from "../ui/controls";
import { FigureFields } from "./FigureFields";
import { ITEM_FIGURES, KIND_FIGURES, WEAPON_FIGURES } from "./figures";
import { MovesCard } from "./MovesCard";

const GLYPHS: { value: KindGlyph; word: string }[] = [
  { value: "keeper", word: "Lantern" },
  { value: "lad", word: "Runner" },
  { value: "guard", word: "Crossbow" },
  { value: "wrecker", word: "Boat-hook" },
  { value: "cudgel", word: "Cudgel" },
  { value: "lookout", word: "Eye" },
  { value: "townsman", word: "Person" },
  { value: "hound", word: "Beast" },
  { value: "cart", word: "Cart" },
  { value: "boat", word: "Boat" },
  { value: "balloon", word: "Balloon" },
  { value: "gull", word: "Bird" },
];

/** What a kind of unit is drawn as, what it can do, and its figures. */
export function KindCard({ id }: { id: string }) {
  const open = useOpenMission();
  const kind = useMission((state) => sure(state.mission.kinds, id));
  const at = ["kinds", id];
  return (
    <>
      <div className="w-64 pb-1">
        <Field label="Sign">
          {(field) => (
            <Choice
              id={field}
              value={kind.glyph}
              options={GLYPHS}
              onTake={(glyph) => put(open, `Sign of ${kind.name}`, [...at, "glyph"], glyph)}
            />
          )}
        </Field>
      </div>
      <div className="flex flex-col gap-1 pb-3">
        <Tick
          word="has hands: works fixtures, takes items up, helps others up"
          checked={kind.hands}
          onTake={(hands) => {
            const label = `${kind.name} ${hands ? "has" : "has no"} hands`;
            put(open, label, [...at, "hands"], hands);
          }}
        />
      </div>
      <MovesCard id={id} />
      <FigureFields groups={KIND_FIGURES} at={at} of={kind.name} />
      <section className="w-72 border-hairline border-t py-3">
        <h4 className="pb-1 font-bold font-sans text-small text-flint">Weapons</h4>
        <CarriedList path={[...at, "weapons"]} label={`Change what a ${kind.name} carries`} />
      </section>
      <section className="w-72 border-hairline border-t py-3">
        <h4 className="pb-1 font-bold font-sans text-small text-flint">
          What can be done with them
        </h4>
        <DealingsList
          path={[...at, "dealings"]}
          label={`Change what can be done with a ${kind.name}`}
        />
      </section>
    </>
  );
}

const ITEM_FIGURES_SHOWN: { value: ItemKindFigure; word: string }[] = [
  { value: "flask", word: "Flask" },
  { value: "salve", word: "Tin" },
  { value: "key", word: "Key" },
  { value: "spade", word: "Spade" },
  { value: "bundle", word: "Bundle" },
  { value: "paper", word: "Paper" },
];

/** What a kind of item is drawn as, its use in hand, and its figures. */
export function ItemKindCard({ id }: { id: string }) {
  const open = useOpenMission();
  const kind = useMission((state) => sure(state.mission.itemKinds, id));
  const phrases = usePhrases();
  const at = ["itemKinds", id];
  return (
    <>
      <div className="w-64 pb-3">
        <Field label="Drawn as">
          {(field) => (
            <Choice
              id={field}
              value={kind.figure}
              options={ITEM_FIGURES_SHOWN}
              onTake={(figure) => put(open, `Figure of ${kind.name}`, [...at, "figure"], figure)}
            />
          )}
        </Field>
      </div>
      <p className="flex flex-wrap items-center gap-1 pb-3">
        <span className="w-[5.25rem] text-small text-flint-2">In hand</span>
        {phrases && (
          <Chosen entries={phrases.itemUses} path={[...at, "use"]} label={`Use of ${kind.name}`} />
        )}
      </p>
      <FigureFields groups={ITEM_FIGURES} at={at} of={kind.name} />
    </>
  );
}

/** How a weapon is used, and its figures. */
export function WeaponCard({ id }: { id: string }) {
  const open = useOpenMission();
  const weapon = useMission((state) => sure(state.mission.weapons, id));
  const at = ["weapons", id];
  return (
    <>
      <div className="w-64 pb-3">
        <Field label="Is used">
          {(field) => (
            <Choice
              id={field}
              value={weapon.use}
              options={[
                { value: "hand", word: "In the hand" },
                { value: "shot", word: "To shoot" },
              ]}
              onTake={(use) => put(open, `Use of the ${weapon.name}`, [...at, "use"], use)}
            />
          )}
        </Field>
      </div>
      <FigureFields groups={WEAPON_FIGURES} at={at} of={weapon.name} />
    </>
  );
}
