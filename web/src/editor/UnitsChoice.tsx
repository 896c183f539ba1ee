import { type Kept, UNIT_CHOICES, useUnits } from "../document/units";
import { Choice } from "../ui/controls";
import { Flyout } from "../ui/Flyout";
import { Tip } from "../ui/Tip";

const WORDS: Record<Kept, string> = { m: "Lengths", "m/s": "Speeds", kg: "Masses" };

/** In which units the designer reads lengths, speeds and masses; any unit can be typed all the same. */
export function UnitsChoice() {
  const { shown, show } = useUnits();
  const trigger = (
    <Tip says="Units shown">
      <button
        type="button"
        aria-label={`Units shown: ${Object.values(shown).join(", ")}`}
        className="min-h-6 border-flint border-b border-dotted px-1 hover:bg-hover"
      >
        {Object.values(shown).join(", ")}
      </button>
    </Tip>
  );
  return (
    <Flyout trigger={trigger} label="Units shown" side="top" look="w-52 p-3">
      {(Object.keys(UNIT_CHOICES) as Kept[]).map((unit) => (
        <div key={unit} className="flex items-center justify-between gap-2 py-0.5 text-sm">
          {WORDS[unit]}
          <Choice
            narrow
            label={WORDS[unit]}
            value={shown[unit]}
            options={UNIT_CHOICES[unit].map((as) => ({ value: as, word: as }))}
            onTake={(as) => show(unit, as)}
          />
        </div>
      ))}
    </Flyout>
  );
}
