import { ChevronDown } from "lucide-react";
import { useState } from "react";
import { ALONE, type Party, useTry } from "../desk/trials";
import { useMission } from "../document/context";
import { ordered } from "../document/mission";
import { Button, Choice, Field } from "../ui/controls";
import { Menu, MenuItem } from "../ui/Menu";
import { Modal } from "../ui/Modal";

/** Further ways to try a mission that several can play: together, or as another of its players. */
export function TryOthers() {
  const starts = useMission((state) => state.mission.starts);
  const tries = useTry();
  const [asks, setAsks] = useState(false);
  const seats = ordered(starts).map(([, { name }]) => name);
  if (seats.length < 2) return null;
  return (
    <>
      <Menu
        align="end"
        trigger={
          <Button
            look="go"
            className="ml-px px-1.5"
            aria-label="Try together, or as another player"
          >
            <ChevronDown size="0.875rem" />
          </Button>
        }
      >
        <MenuItem onSelect={() => setAsks(true)}>Try together…</MenuItem>
        {seats.map((name, first) => (
          <MenuItem key={first} onSelect={() => tries({ party: { ...ALONE, first } })}>
            Try alone as {name}
          </MenuItem>
        ))}
      </Menu>
      {asks && (
        <Together
          seats={seats}
          onClose={() => setAsks(false)}
          onTry={(party) => tries({ party })}
        />
      )}
    </>
  );
}

const BEGINS: { value: Party["begins"]; word: string }[] = [
  { value: "host", word: "I have laid the briefing aside" },
  { value: "everybody", word: "everybody has laid it aside" },
  { value: "atOnce", word: "I am there" },
];

const EMPTY: { value: Party["empty"]; word: string }[] = [
  { value: "nobody", word: "Nobody: as their start says" },
  { value: "bold", word: "A bold understudy" },
  { value: "careful", word: "A careful understudy" },
];

/** Asks how a trial of several is to be. */
function Together(props: { seats: string[]; onClose: () => void; onTry: (party: Party) => void }) {
  const { seats } = props;
  const [party, setParty] = useState<Party>({
    players: seats.length,
    first: 0,
    begins: "host",
    empty: "nobody",
  });
  const counts = seats.slice(1).map((_, i) => ({
    value: String(i + 2),
    word: `${i + 2}: ${seats.slice(0, i + 2).join(", ")}`,
  }));
  return (
    <Modal
      title="Try together"
      says="You are the host. Others come by a link that you give them, a seat each; who finds none looks on."
      width="w-[28rem]"
      onClose={props.onClose}
    >
      <Field label="Players">
        {(id) => (
          <Choice
            id={id}
            value={String(party.players)}
            options={counts}
            onTake={(to) => setParty({ ...party, players: Number(to) })}
          />
        )}
      </Field>
      <Field label="Play begins when">
        {(id) => (
          <Choice
            id={id}
            value={party.begins}
            options={BEGINS}
            onTake={(begins) => setParty({ ...party, begins })}
          />
        )}
      </Field>
      <Field label="In empty seats">
        {(id) => (
          <Choice
            id={id}
            value={party.empty}
            options={EMPTY}
            onTake={(empty) => setParty({ ...party, empty })}
          />
        )}
      </Field>
      <div className="flex justify-end gap-2 pt-3">
        <Button look="quiet" onClick={props.onClose}>
          Cancel
        </Button>
        <Button look="go" onClick={() => props.onTry(party)}>
          Try together
        </Button>
      </div>
    </Modal>
  );
}
