import { Link } from "wouter";
import { PANE } from "../desk/panes";
import { HOME } from "../desk/useHome";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { nameOf, ordered } from "../document/mission";
import { LEVELS } from "../document/pinned";
import { sure } from "../document/sure";
import { CountField } from "../sentence/CountField";
import { PinnedToken } from "../sentence/tokens";
import { WordsField } from "../sentence/WordsToken";
import { Choice, NumberBox, TextBox } from "../ui/controls";
import { Entry, Heading } from "./Entry";
import { SettingFields } from "./SettingFields";
/** The sheet of the mission: its words, seats, difficulty and setting. */
export function BriefPage() {
  return (
    <main
      {...HOME}
      {...PANE}
      tabIndex={-1}
      className="relative min-h-0 grow overflow-auto p-4 outline-none"
    >
      <div className="mx-auto max-w-3xl border border-line bg-slip px-8 pb-8 shadow-sm">
        <Heading>Brief</Heading>
        <Words />
        <FirstExchange />
        <Heading>Debriefings</Heading>
        <Debriefings />
        <Heading>Seats and difficulty</Heading>
        <Seats />
        <Lives />
        <Pressures />
        <Heading>Setting</Heading>
        <SettingFields />
      </div>
    </main>
  );
}

function Words() {
  const open = useOpenMission();
  const brief = useMission((state) => state.mission.brief);
  const fields = [
    { field: "title", label: "Title", longest: 120 },
    { field: "author", label: "Author", longest: 120 },
    { field: "summary", label: "Summary, as the shelf shows it", longest: 1000 },
    { field: "briefing", label: "Briefing, read by players as they begin", longest: 4000 },
  ] as const;
  return fields.map(({ field, label, longest }) => (
    <Entry key={field} label={label} htmlFor={field}>
      <TextBox
        id={field}
        value={brief[field]}
        maxLength={longest}
        required={field === "title"}
        multiline={longest > 120}
        onTake={(text) => put(open, `Change the ${field}`, ["brief", field], text)}
      />
    </Entry>
  ));
}

function Debriefings() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const id = useMission((state) => state.id);
  const endings = ordered(mission.endings);
  if (endings.length === 0) {
    return (
      <p className="pt-3 text-quiet">
        There is no ending yet. Make one under{" "}
        <Link href={`/missions/${id}/script`} className="underline">
          Script, Objectives and endings
        </Link>
        .
      </p>
    );
  }
  return endings.map(([ending, { name, outcome, debriefing }]) => (
    <Entry key={ending} label={`${outcome === "won" ? "Won" : "Lost"}: ${name}`} htmlFor={ending}>
      <WordsField
        id={ending}
        value={debriefing}
        longest={4000}
        multiline
        placeholder="What players read when it has ended so"
        onTake={(text) =>
          put(open, `Change the debriefing of ${name}`, ["endings", ending, "debriefing"], text)
        }
      />
    </Entry>
  ));
}

const EMPTY = { companion: "plays along while empty", away: "stays away while empty" };

function Seats() {
  const mission = useMission((state) => state.mission);
  const seats = ordered(mission.starts);
  if (seats.length === 0) {
    return <p className="pt-3 text-quiet">No seat yet: set down a player start on the ground.</p>;
  }
  return (
    <ol className="grid grid-cols-2 gap-x-6 pt-3">
      {seats.map(([id, start], i) => (
        <li key={id} className="py-0.5">
          <b>Seat {i + 1}:</b> {start.name}, {nameOf(mission, start.side)}, {EMPTY[start.empty]}
        </li>
      ))}
    </ol>
  );
}

/** How often players who die come back. */
/** What players can trade as they begin, before they walk off. */
function FirstExchange() {
  const open = useOpenMission();
  const exchanges = ordered(useMission((state) => state.mission.exchanges));
  const opens = useMission((state) => state.mission.brief.opens);
  const chosen = opens.type === "exchange" ? opens.exchange.id : "";
  const lost = chosen !== "" && !exchanges.some(([id]) => id === chosen);
  if (exchanges.length === 0 && !lost) return null;
  return (
    <Entry label="Exchange, open to players as they begin" htmlFor="first-exchange">
      <Choice
        id="first-exchange"
        value={chosen}
        options={[
          { value: "", word: "None" },
          ...exchanges.map(([value, { name }]) => ({ value, word: name })),
          ...(lost ? [{ value: chosen, word: "⚑ one that is gone" }] : []),
        ]}
        onTake={(id) =>
          put(
            open,
            "Change the first exchange",
            ["brief", "opens"],
            id === ""
              ? { type: "nothing" }
              : { type: "exchange", exchange: { family: "exchanges", id } },
          )
        }
      />
    </Entry>
  );
}

function Lives() {
  const open = useOpenMission();
  const lives = useMission((state) => state.mission.brief.lives);
  const set = (field: "count" | "shared" | "after", value: unknown) =>
    put(open, "Change the lives", ["brief", "lives", field], value);
  return (
    <div className="grid grid-cols-2 gap-x-6">
      <div className="pt-3">
        <p className="pb-1 font-bold text-small text-flint">
          Lives: how often players who die come back
        </p>
        <CountField label="Lives" value={lives.count} onTake={(count) => set("count", count)} />
      </div>
      <div>
        <Entry label="They are" htmlFor="shared">
          <Choice
            id="shared"
            value={lives.shared ? "shared" : "own"}
            options={[
              { value: "shared", word: "Shared by all players" },
              { value: "own", word: "Each player's own" },
            ]}
            onTake={(to) => set("shared", to === "shared")}
          />
        </Entry>
        <Entry label="Back at their start after" htmlFor="after">
          <PinnedToken
            id="after"
            label="Back at their start after"
            unit="s"
            least={0}
            most={600}
            value={lives.after}
            take={(after) => set("after", after)}
          />
        </Entry>
      </div>
    </div>
  );
}

function Pressures() {
  const open = useOpenMission();
  const pressure = useMission((state) => state.mission.brief.pressure);
  return (
    <>
      <p className="pt-3 text-small text-flint-2">
        Pressure: what counts are multiplied by at each difficulty.
      </p>
      <div className="grid grid-cols-4 gap-x-6">
        {LEVELS.map((level) => {
          const word = sure(level, 0).toUpperCase() + level.slice(1);
          return (
            <Entry key={level} label={word} htmlFor={level}>
              <NumberBox
                id={level}
                unit="×"
                least={0}
                most={10}
                value={pressure[level]}
                onTake={(to) =>
                  put(open, `Pressure at ${word} ${to}`, ["brief", "pressure", level], to)
                }
              />
            </Entry>
          );
        })}
      </div>
    </>
  );
}
