import { Popover } from "radix-ui";
import { type Kept, UNIT_CHOICES, useUnits } from "../document/units";

const WORDS: Record<Kept, string> = { m: "Lengths", "m/s": "Speeds", kg: "Masses" };

/** In which units the designer reads lengths, speeds and masses; any unit can be typed all the same. */
export function UnitsChoice() {
  const { shown, show } = useUnits();
  return (
    <Popover.Root>
      <Popover.Trigger
        title="Units shown"
        aria-label={`Units shown: ${Object.values(shown).join(", ")}`}
        className="min-h-6 border-flint border-b border-dotted px-1 hover:bg-black/5"
      >
        {Object.values(shown).join(", ")}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          sideOffset={6}
          aria-label="Units shown"
          className="z-50 w-52 border border-line bg-slip p-3 shadow-lg"
        >
          {(Object.keys(UNIT_CHOICES) as Kept[]).map((unit) => (
            <label key={unit} className="flex items-center justify-between gap-2 py-0.5 text-sm">
              {WORDS[unit]}
              <select
                className="min-h-8 border border-line bg-white/70 px-1"
                value={shown[unit]}
                onChange={(event) => show(unit, event.target.value)}
              >
                {UNIT_CHOICES[unit].map((as) => (
                  <option key={as} value={as}>
                    {as}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
