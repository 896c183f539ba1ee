import { Trash2 } from "lucide-react";
import { removeAll } from "../deeds/deeds";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { type Family, newId, type Objective, ordered } from "../document/mission";
import { type PhraseBook, usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { Chosen } from "../sentence/Chosen";
import { Tree } from "../sentence/ConditionTree";
import { LineMenu, Moves } from "../sentence/LineMenu";
import { Variant } from "../sentence/Sentence";
import { makeNew } from "../sentence/things";
import { PinnedToken } from "../sentence/tokens";
import { WordsField } from "../sentence/WordsToken";
import { Button, Choice, NumberBox, TextBox, Tick } from "../ui/controls";
import { Bearers } from "./Bearers";
import { EndsWhen } from "./EndsWhen";

const RANKS = [
  { value: "primary", word: "Primary" },
  { value: "secondary", word: "Secondary" },
  { value: "hidden", word: "Hidden" },
] as const;
const OUTCOMES = [
  { value: "won", word: "Won" },
  { value: "lost", word: "Lost" },
] as const;

/** Objectives, endings, flags and counters, each as a slip. */
export function Outcomes() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  return (
    <div className="flex flex-col gap-5">
      <Shelf title="Objectives" family="objectives" empty="What the players are to reach.">
        {ordered(mission.objectives).map(([id, it]) => (
          <Slip key={id} family="objectives" id={id} name={it.name}>
            <WordsField
              label="What players read about it"
              placeholder="What players read about it"
              value={it.text}
              longest={1000}
              multiline
              onTake={(text) => put(open, `Change ${it.name}`, ["objectives", id, "text"], text)}
            />
            <div className="flex items-center gap-4 pt-2">
              <div className="w-36">
                <Choice
                  label="Rank"
                  value={it.rank}
                  options={[...RANKS]}
                  onTake={(rank) =>
                    put(open, `Change ${it.name}`, ["objectives", id, "rank"], rank)
                  }
                />
              </div>
              <Tick
                word="open from the start"
                checked={it.open}
                onTake={(on) => put(open, `Change ${it.name}`, ["objectives", id, "open"], on)}
              />
            </div>
            {phrases && <OfItself id={id} objective={it} phrases={phrases} />}
          </Slip>
        ))}
      </Shelf>
      <Shelf title="Endings" family="endings" empty="How it may end: give it a win and a loss.">
        {ordered(mission.endings).map(([id, it]) => (
          <Slip key={id} family="endings" id={id} name={it.name}>
            <WordsField
              label="Debriefing"
              placeholder="What players read when it has ended so"
              value={it.debriefing}
              longest={4000}
              multiline
              onTake={(text) => put(open, `Change ${it.name}`, ["endings", id, "debriefing"], text)}
            />
            <div className="flex items-center gap-4 pt-2">
              <div className="w-36">
                <Choice
                  label="Outcome"
                  value={it.outcome}
                  options={[...OUTCOMES]}
                  onTake={(outcome) =>
                    put(open, `Change ${it.name}`, ["endings", id, "outcome"], outcome)
                  }
                />
              </div>
              <span>
                after{" "}
                <PinnedToken
                  label="Delay"
                  unit="s"
                  least={0}
                  most={600}
                  value={it.delay}
                  take={(delay) => put(open, `Change ${it.name}`, ["endings", id, "delay"], delay)}
                />
              </span>
            </div>
            {phrases && <EndsWhen id={id} name={it.name} phrases={phrases} />}
          </Slip>
        ))}
      </Shelf>
      <Shelf
        title="Labels"
        family="labels"
        empty="Words by which sentences speak of several things: any of Guests."
      >
        {ordered(mission.labels).map(([id, it]) => (
          <Slip key={id} family="labels" id={id} name={it.name}>
            <Bearers id={id} />
          </Slip>
        ))}
      </Shelf>
      <Shelf title="Flags" family="flags" empty="On or off, for the script to remember.">
        {Object.entries(mission.flags).map(([id, it]) => (
          <Slip key={id} family="flags" id={id} name={it.name}>
            <Tick
              word="on from the start"
              checked={it.on}
              onTake={(on) => put(open, `Change ${it.name}`, ["flags", id, "on"], on)}
            />
          </Slip>
        ))}
      </Shelf>
      <Shelf title="Counters" family="counters" empty="Numbers, for the script to count.">
        {Object.entries(mission.counters).map(([id, it]) => (
          <Slip key={id} family="counters" id={id} name={it.name}>
            <span>
              begins at{" "}
              <PinnedToken
                label="Value at the start"
                least={-1e9}
                most={1e9}
                value={it.value}
                take={(value) => put(open, `Change ${it.name}`, ["counters", id, "value"], value)}
              />
            </span>
          </Slip>
        ))}
      </Shelf>
      <Shelf title="Calls" family="calls" empty="What players can send, for the script to hear.">
        {ordered(mission.calls).map(([id, it]) => (
          <Slip key={id} family="calls" id={id} name={it.name}>
            <Tick
              word="can be sent from the start"
              checked={it.offered}
              onTake={(to) => put(open, `Change ${it.name}`, ["calls", id, "offered"], to)}
            />
            <CallFields id={id} />
            <p className="text-small text-quiet">
              Players who can send it find it in their list of calls; events can let them, or no
              longer.
            </p>
          </Slip>
        ))}
      </Shelf>
      <Shelf
        title="Timers"
        family="timers"
        empty="Clocks that count down or up, shown to players or not."
      >
        {Object.entries(mission.timers).map(([id, it]) => (
          <Slip key={id} family="timers" id={id} name={it.name}>
            <div className="flex flex-wrap items-center gap-4">
              <span>
                runs for{" "}
                <PinnedToken
                  label="Runs for"
                  lead="runs for"
                  unit="s"
                  least={0.05}
                  most={86400}
                  value={it.seconds}
                  take={(to) => put(open, `Change ${it.name}`, ["timers", id, "seconds"], to)}
                />
              </span>
              <Tick
                word="counts up"
                checked={it.counts === "up"}
                onTake={(up) =>
                  put(open, `Change ${it.name}`, ["timers", id, "counts"], up ? "up" : "down")
                }
              />
              {(["running", "shown"] as const).map((field) => (
                <Tick
                  key={field}
                  word={field === "running" ? "runs from the start" : "shown to players"}
                  checked={it[field]}
                  onTake={(on) => put(open, `Change ${it.name}`, ["timers", id, field], on)}
                />
              ))}
            </div>
          </Slip>
        ))}
      </Shelf>
    </div>
  );
}

const OWN = [
  { field: "opens", lead: "Opens when" },
  { field: "done", lead: "Is done when" },
  { field: "fails", lead: "Fails when" },
] as const;

/** What an objective counts and points at, and the conditions that it has of its own. */
function OfItself(props: { id: string; objective: Objective; phrases: PhraseBook }) {
  const { id, objective, phrases } = props;
  const label = `Change ${objective.name}`;
  return (
    <div className="mt-2 border-hairline border-t pt-2">
      <div className="flex flex-wrap items-baseline gap-x-1.5">
        <Variant
          entries={phrases.tallies}
          path={["objectives", id, "tally"]}
          label={label}
          what="what it counts"
        />
        <span className="px-1 text-quiet">·</span>
        <Variant
          entries={phrases.points}
          path={["objectives", id, "points"]}
          label={label}
          what="where it points"
        />
      </div>
      {OWN.filter(({ field }) => field !== "opens" || !objective.open).map(({ field, lead }) => (
        <Tree
          key={field}
          condition={objective[field]}
          path={["objectives", id, field]}
          label={label}
          phrases={phrases}
          lead={lead}
        />
      ))}
    </div>
  );
}

function Shelf(props: {
  title: string;
  family: Family;
  empty: string;
  children: React.ReactNode[];
}) {
  const open = useOpenMission();
  const one = props.title.slice(0, -1).toLowerCase();
  return (
    <section aria-label={props.title}>
      <div className="flex items-center gap-3 pb-1.5">
        <h3 className="grow font-bold text-lg">{props.title}</h3>
        <Button onClick={() => makeNew(open, props.family, newId())}>New {one}</Button>
      </div>
      {props.children.length === 0 && (
        <p className="border border-line border-dashed bg-slip p-3 text-quiet">{props.empty}</p>
      )}
      <div className="grid gap-2">{props.children}</div>
    </section>
  );
}

function Slip(props: { family: Family; id: string; name: string; children: React.ReactNode }) {
  const open = useOpenMission();
  const { family, id, name } = props;
  return (
    <article
      id={`card-${id}`}
      aria-label={name}
      className="border border-line bg-slip p-3 shadow-sm"
    >
      <div className="flex items-center gap-2 pb-2">
        <TextBox
          label="Name"
          value={name}
          maxLength={60}
          required
          onTake={(next) => put(open, `Rename to ${next}`, [family, id, "name"], next)}
        />
        {(family === "objectives" || family === "endings") && (
          <LineMenu name={name}>
            <Moves path={[family, id]} label={`Move ${name}`} />
          </LineMenu>
        )}
        <Button
          look="quiet"
          aria-label={`Delete ${name}`}
          onClick={() => open.edit(`Delete ${name}`, (draft) => removeAll(draft, [{ family, id }]))}
        >
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      {props.children}
    </article>
  );
}

/** Where a call is sent from, how often, and how soon again. */
function CallFields({ id }: { id: string }) {
  const open = useOpenMission();
  const call = useMission((state) => sure(state.mission.calls, id));
  const phrases = usePhrases();
  const label = `Change ${call.name}`;
  const at = ["calls", id];
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      {phrases && (
        <span className="flex flex-wrap items-center gap-x-1">
          It is sent
          <Chosen entries={phrases.sentFrom} path={[...at, "from"]} label={label} />
        </span>
      )}
      <span className="flex items-center gap-1">
        {call.times === 0 ? "any number of" : "at most"}
        <NumberBox
          label="How often it can be sent"
          unit="times"
          least={0}
          most={1000000}
          digits={0}
          value={call.times}
          onTake={(to) => put(open, label, [...at, "times"], Math.round(to))}
        />
      </span>
      <span className="flex items-center gap-1">
        and again after
        <NumberBox
          label="When it can be sent again"
          unit="s"
          least={0}
          most={3600}
          value={call.pause}
          onTake={(to) => put(open, label, [...at, "pause"], to)}
        />
      </span>
    </div>
  );
}
