import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type Ground, heightAt } from "../../document/raster";
import { sure } from "../../document/sure";
import { metres } from "../../document/units";
import { Metres } from "../../families/fields";
import { placeOf } from "../../things/geometry";
import { Field, Group, NumberBox } from "../../ui/controls";
import { MotionFields } from "./DeckMotion";
import { OpeningFields, RailingFields, RampFields } from "./DeckParts";

/** How high a deck lies, how thick it is, how it slopes, and what room it leaves below. */
export function DeckFields({ id, ground }: { id: string; ground: Ground }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const deck = sure(mission.decks, id);
  const at = ["decks", id];
  const middle = placeOf(mission, { family: "decks", id });
  const above = middle && deck.top - heightAt(ground, middle.x, middle.y);
  const degrees = (label: string, field: "degrees" | "toward", most: number) => (
    <Field label={label}>
      {(name) => (
        <NumberBox
          id={name}
          unit="°"
          least={0}
          most={most}
          digits={1}
          value={deck.slope[field]}
          onTake={(to) => put(open, `${deck.name}: ${label} ${to}°`, [...at, "slope", field], to)}
        />
      )}
    </Field>
  );
  return (
    <>
      <Group title="The deck">
        <Metres label="Top" path={[...at, "top"]} value={deck.top} least={-300} most={4000} />
        <Metres
          label="Thickness"
          path={[...at, "thickness"]}
          value={deck.thickness}
          least={0.05}
          most={20}
        />
        {degrees("Rises by", "degrees", 60)}
        {deck.slope.degrees > 0 && degrees("Toward", "toward", 360)}
        {above !== undefined && (
          <p className="pt-1 text-small text-quiet">
            {above - deck.thickness > 0
              ? `${metres(above)} above the ground in its middle, ${metres(above - deck.thickness)} of headroom below.`
              : "It lies on the ground in its middle."}
          </p>
        )}
      </Group>
      <RailingFields id={id} />
      <RampFields id={id} ground={ground} />
      <OpeningFields id={id} />
      <MotionFields id={id} />
    </>
  );
}
