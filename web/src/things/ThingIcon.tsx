import { useMission } from "../document/context";
import { type Family, find, type Ref } from "../document/mission";
import { traitsOf } from "../families";

/** Small drawings of what has no place on the map, within 18 units. */
const SIGNS: Partial<Record<Family, string>> = {
  labels: "M2 4L10 4L16 9L10 14L2 14ZM5 9L7 9",
  folders: "M2 5L7 5L9 7L16 7L16 15L2 15Z",
};

/** The sign of a family. */
export function FamilySign({ family, size = 18 }: { family: Family; size?: number }) {
  const sign = traitsOf(family)?.sign ?? SIGNS[family];
  if (!sign) return null;
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="0 0 18 18"
      aria-hidden="true"
      className="shrink-0"
    >
      <path
        d={sign}
        fill="none"
        stroke="var(--color-flint)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** The small picture of a thing, as the map shows it. */
export function ThingIcon({ thing }: { thing: Ref }) {
  const mission = useMission((state) => state.mission);
  const found = find(mission, thing);
  const icon = found && traitsOf(thing.family)?.icon?.(found as never, mission);
  return icon ?? <FamilySign family={thing.family} />;
}
