import { Package } from "lucide-react";
import { useMission } from "../document/context";
import { editionOf, useShipped } from "../document/shipped";
import { traitsOf } from "../families";
import { FamilySign } from "../things/ThingIcon";

/** What a bundle is known by, if it has any of them, the most telling first. */
const TELLING = ["gates", "fixtures", "squads", "units", "waves", "walls", "props"] as const;

/** What of a bundle tells most, on a small box. */
export function BundleSign({ bundle }: { bundle: string }) {
  const mission = useMission((state) => state.mission);
  const parts = editionOf(mission, useShipped(), bundle)?.parts;
  const family = TELLING.find((it) => Object.keys(parts?.[it] ?? {}).length > 0);
  if (!parts || !family) return <Package size="1.1875rem" aria-hidden="true" />;
  const [look] = family === "fixtures" ? Object.values(parts.fixtures ?? {}) : [];
  return (
    <span className="relative">
      {look ? (
        traitsOf("fixtures")?.icon?.(look, mission)
      ) : (
        <FamilySign family={family} size={20} />
      )}
      <Package
        size="0.75rem"
        aria-hidden="true"
        className="absolute -right-1.5 -bottom-0.5 bg-slip"
      />
    </span>
  );
}
