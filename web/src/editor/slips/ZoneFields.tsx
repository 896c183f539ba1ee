import { X } from "lucide-react";
import { useDesk } from "../../desk/desk";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { nameOf, type Zone } from "../../document/mission";
import { sure } from "../../document/sure";
import { fillOf } from "../../drawing/inks";
import { Metres } from "../../families/fields";
import { Button, Choice, Field, Group, NumberBox, Tick } from "../../ui/controls";
import { OwnFacts } from "./OwnFacts";
import { WhatItDoes } from "./WhatItDoes";

const HATCHES: { value: Zone["hatch"]; word: string }[] = [
  { value: "rising", word: "Rising lines" },
  { value: "falling", word: "Falling lines" },
  { value: "crossed", word: "Crossed lines" },
  { value: "dotted", word: "Dotted lines" },
];

/** Which heights a zone reaches over, what it moves with, its own facts, and its look. */
export function ZoneFields({ id }: { id: string }) {
  const name = useMission((state) => sure(state.mission.zones, id).name);
  return (
    <>
      <WhatItDoes id={id} />
      <Reach id={id} />
      <Rules id={id} />
      <OwnFacts thing={{ family: "zones", id }} name={name} />
      <Look id={id} />
    </>
  );
}

function Reach({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const point = useDesk((desk) => desk.point);
  const zone = sure(mission.zones, id);
  const { height, rides } = zone;
  const at = ["zones", id];
  const carrier = rides.type === "unit" ? rides.unit : rides.type === "start" ? rides.start : null;
  const ride = () =>
    point({
      asks: `Point at whom ${zone.name} rides on.`,
      families: ["units", "starts"],
      points: false,
      take: (pointed) => {
        if (!("ref" in pointed)) return;
        const { ref } = pointed;
        const to =
          ref.family === "units" ? { type: "unit", unit: ref } : { type: "start", start: ref };
        put(open, `${zone.name} rides on ${nameOf(mission, ref)}`, [...at, "rides"], to);
      },
    });
  return (
    <Group title="Reach">
      <Field label="Heights">
        {(field) => (
          <Choice
            id={field}
            value={height.type}
            options={[
              { value: "any", word: "However high" },
              { value: "between", word: "Between two" },
            ]}
            onTake={(type) =>
              put(
                open,
                `Change the heights of ${zone.name}`,
                [...at, "height"],
                type === "any" ? { type } : { type, low: 0, high: 10 },
              )
            }
          />
        )}
      </Field>
      {height.type === "between" && (
        <>
          <Metres
            label="From"
            path={[...at, "height", "low"]}
            value={height.low}
            least={-500}
            most={9000}
          />
          <Metres
            label="Up to"
            path={[...at, "height", "high"]}
            value={height.high}
            least={-500}
            most={9000}
          />
          {height.low > height.high && (
            <p role="alert" className="text-xs text-error">
              ⚑ Nobody is ever inside: the lower height lies above the upper one.
            </p>
          )}
        </>
      )}
      <Field label="Rides on">
        {() => (
          <span className="flex min-w-0 items-center gap-1">
            <span className={`truncate ${carrier ? "" : "text-quiet"}`}>
              {carrier ? nameOf(mission, carrier) : "nobody"}
            </span>
            <Button className="ml-auto shrink-0" onClick={ride}>
              Point
            </Button>
            {carrier && (
              <Button
                look="quiet"
                className="px-1"
                aria-label="Let it stand still"
                onClick={() =>
                  put(open, `${zone.name} stands still`, [...at, "rides"], { type: "stands" })
                }
              >
                <X size="0.875rem" />
              </Button>
            )}
          </span>
        )}
      </Field>
    </Group>
  );
}

const HELD: { field: keyof Zone["noGo"]; word: string }[] = [
  { field: "walkers", word: "people on foot" },
  { field: "beasts", word: "beasts" },
  { field: "wheels", word: "carts" },
  { field: "boats", word: "boats" },
  { field: "flyers", word: "flyers" },
];

/** Whom a zone holds back. */
function Rules({ id }: { id: string }) {
  const open = useOpenMission();
  const zone = useMission((state) => sure(state.mission.zones, id));
  const at = ["zones", id];
  const rides = zone.rides.type !== "stands";
  const held = Object.values(zone.noGo).some(Boolean);
  return (
    <Group title="Rules">
      <p className="pb-1 text-small text-flint-2">No-go for AI that gets about as</p>
      <div className="flex flex-col gap-1 pb-2">
        {HELD.map(({ field, word }) => (
          <Tick
            key={field}
            word={word}
            checked={zone.noGo[field]}
            onTake={(no) =>
              put(
                open,
                `${zone.name} ${no ? "holds back" : "lets in"} ${word}`,
                [...at, "noGo", field],
                no,
              )
            }
          />
        ))}
      </div>
      <div className="flex flex-col gap-1">
        <Tick
          word="nobody leaps, climbs or drops here by themselves"
          checked={zone.noGo.crossings}
          onTake={(no) =>
            put(
              open,
              `${no ? "No crossings" : "Crossings"} in ${zone.name}`,
              [...at, "noGo", "crossings"],
              no,
            )
          }
        />
      </div>
      {rides && held && (
        <p role="alert" className="pt-1 text-xs text-error">
          ⚑ A no-go has to stand still: while it rides, it holds nobody back.
        </p>
      )}
    </Group>
  );
}

/** How a zone is told from others. */
function Look({ id }: { id: string }) {
  const open = useOpenMission();
  const zone = useMission((state) => sure(state.mission.zones, id));
  return (
    <Group title="Look">
      <Field label="Hatch">
        {(field) => (
          <Choice
            id={field}
            value={zone.hatch}
            options={HATCHES}
            onTake={(hatch) => put(open, `Hatch ${zone.name}`, ["zones", id, "hatch"], hatch)}
          />
        )}
      </Field>
      <Field label="Strength">
        {(field) => (
          <NumberBox
            id={field}
            unit="%"
            least={0}
            most={100}
            digits={0}
            value={zone.strength}
            onTake={(strength) =>
              put(open, `Strength of ${zone.name}`, ["zones", id, "strength"], Math.round(strength))
            }
          />
        )}
      </Field>
      <Field label="Hue">
        {(field) => (
          <span className="flex items-center gap-2">
            <NumberBox
              id={field}
              unit="°"
              least={0}
              most={359}
              digits={0}
              value={zone.hue}
              onTake={(hue) =>
                put(open, `Colour ${zone.name}`, ["zones", id, "hue"], Math.round(hue))
              }
            />
            <span
              aria-hidden="true"
              className="h-8 w-8 shrink-0 border border-line"
              style={{ background: fillOf(zone.hue, 1) }}
            />
          </span>
        )}
      </Field>
    </Group>
  );
}
