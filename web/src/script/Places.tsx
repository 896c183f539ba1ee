import { MapPin } from "lucide-react";
import { useMission } from "../document/context";
import type { Mission, Ref } from "../document/mission";
import { ZoneSwatch } from "../drawing/Stone";
import { Workings } from "../editor/slips/WhatItDoes";
import { Button } from "../ui/controls";

/** The zones that do anything. */
export function actingOf(zones: Mission["zones"]) {
  return Object.entries(zones).filter(([, { does }]) => Object.keys(does).length > 0);
}

/** What all zones do, each as a card, so that nothing is hidden in a slip. */
export function Places({ onShow }: { onShow: (zone: Ref) => void }) {
  const zones = useMission((state) => state.mission.zones);
  const acting = actingOf(zones);
  if (acting.length === 0) {
    return (
      <p className="max-w-prose p-2 text-quiet">
        No place does anything by itself yet. Choose a zone on the map: in its slip, under{" "}
        <b>What it does</b>, it can harm, transfer, push, hold a checkpoint and more. Here they are
        all read together.
      </p>
    );
  }
  return (
    <div className="grid gap-2">
      {acting.map(([id, { name, hue }]) => (
        <section
          key={id}
          id={`card-${id}`}
          aria-label={name}
          className="border border-line bg-slip p-3 shadow-sm"
        >
          <div className="flex items-center gap-2 pb-2">
            <ZoneSwatch hue={hue} />
            <h2 className="grow font-bold">{name}</h2>
            <Button look="quiet" onClick={() => onShow({ family: "zones", id })}>
              <MapPin size="0.9375rem" /> On the map
            </Button>
          </div>
          <Workings id={id} />
        </section>
      ))}
    </div>
  );
}
