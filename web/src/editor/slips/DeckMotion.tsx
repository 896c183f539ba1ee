import { Plus } from "lucide-react";
import { useMission, useOpenMission } from "../../document/context";
import { type Deck, newId, orderAfter, ordered } from "../../document/mission";
import { moves, STOREY, stopsOf, wayOf } from "../../document/stops";
import { sure } from "../../document/sure";
import { metres } from "../../document/units";
import { Amount, Metres, OneOf } from "../../families/fields";
import { Button, Group } from "../../ui/controls";
import { Part } from "./DeckParts";

const RUNS: { value: Deck["motion"]["runs"]; word: string }[] = [
  { value: "sent", word: "When it is sent" },
  { value: "toAndFro", word: "To and fro by itself" },
  { value: "withWater", word: "With the water" },
];

/** The most stops beside the place where a deck is drawn. */
const MOST = 12;

const SAYS: Record<Deck["motion"]["runs"], string> = {
  sent: "A lever, a plate or an event sends it to a stop, or on to the next.",
  toAndFro: "It goes from the first stop to the last and back again, as long as play goes on.",
  withWater: "It lies at the highest stop at which the water reaches its lower side.",
};

/** Whether and how a deck moves: its stops, and what has it go from one to the next. */
export function MotionFields({ id }: { id: string }) {
  const open = useOpenMission();
  const deck = useMission((state) => sure(state.mission.decks, id));
  const { name, motion } = deck;
  const at = ["decks", id, "motion"];
  const stops = ordered(motion.stops);
  const add = () =>
    open.edit(`Another stop of ${name}`, (draft) => {
      const of = sure(draft.decks, id);
      const { east, north, up } = sure(stopsOf(of), stopsOf(of).length - 1);
      const { stops } = of.motion;
      stops[newId()] = { order: orderAfter(stops), east, north, up: up + STOREY };
    });
  const seconds = wayOf(deck) / motion.speed;
  return (
    <Group title="Motion" summary={moves(deck) ? `${stops.length + 1} stops` : "none"}>
      {stops.length === 0 ? (
        <p className="text-small text-quiet">
          It stays. Give it another stop, and it is a lift, a drawbridge that slides, or a raft.
        </p>
      ) : (
        <>
          <OneOf
            label="It goes"
            path={[...at, "runs"]}
            value={motion.runs}
            options={RUNS}
            says={() => `Change what has ${name} go`}
          />
          <p className="pb-1 text-small text-quiet">{SAYS[motion.runs]}</p>
          <Amount
            label="Speed"
            path={[...at, "speed"]}
            unit="m/s"
            least={0.05}
            most={20}
            digits={2}
            value={motion.speed}
            says={(to) => `${name} goes at ${to} m/s`}
          />
          <Amount
            label="Stays"
            path={[...at, "stay"]}
            unit="s"
            least={0}
            most={3600}
            digits={1}
            value={motion.stay}
            says={(to) => `${name} stays ${to} s at a stop`}
          />
          <Amount
            label="Carries up to"
            path={[...at, "load"]}
            unit="kg"
            least={0}
            most={1000000}
            digits={0}
            value={motion.load}
            says={(to) => (to === 0 ? `${name} carries anything` : `${name} carries ${to} kg`)}
          />
          <p className="text-small text-quiet">
            {motion.load === 0 ? "0 kg is no limit. " : "With more on it, it waits. "}
            {metres(wayOf(deck))} from the first stop to the last: {seconds.toFixed(1)} s.
          </p>
          <p className="pt-1 text-small font-semibold text-flint">Stop 1: where it is drawn</p>
          {stops.map(([stop, { east, north, up }], i) => (
            <Part
              key={stop}
              title={`Stop ${i + 2}`}
              onRemove={() =>
                open.edit(`Take stop ${i + 2} of ${name} away`, (draft) => {
                  delete sure(draft.decks, id).motion.stops[stop];
                })
              }
            >
              <Metres
                label="Up"
                path={[...at, "stops", stop, "up"]}
                value={up}
                least={-300}
                most={300}
              />
              <Metres
                label="East"
                path={[...at, "stops", stop, "east"]}
                value={east}
                least={-10000}
                most={10000}
              />
              <Metres
                label="North"
                path={[...at, "stops", stop, "north"]}
                value={north}
                least={-10000}
                most={10000}
              />
            </Part>
          ))}
        </>
      )}
      {stops.length < MOST && (
        <Button className="mt-2" onClick={add}>
          <Plus size="0.875rem" /> {stops.length === 0 ? "A second stop" : "Another stop"}
        </Button>
      )}
    </Group>
  );
}
