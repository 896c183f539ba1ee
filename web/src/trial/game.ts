import { createStore } from "zustand/vanilla";
import { send, socketAddress } from "../document/api";
import type { Gate, Ref, Speaker } from "../document/mission";
import { decode, type Snapshot } from "./decode";
import type { Entry, Facts, Mind, Standing } from "./insight";
import { type Run, rememberRun } from "./lastRun";

/** One who is in the trial. */
export interface Player {
  ref: Ref;
  name: string;
  side: string;
  kind: string;
}

/** An objective as players see it. */
export interface ShownObjective {
  id: string;
  name: string;
  text: string;
  rank: string;
  state: "open" | "done" | "failed";
  /** What is counted beside it. */
  tally?: { now: number; of: number };
  /** Where it points; null where what it points at is gone. */
  at?: { x: number; y: number } | null;
}

/** A note that was shown. */
export interface Note {
  step: number;
  text: string;
}

/** Something that a player can begin from where they stand. */
export interface Offer {
  slot: number;
  verb: string;
  name: string;
  seconds: number;
  /** What the player would have to carry to do it; null where they can. */
  lacks: string | null;
}

/** What the player carries. */
export interface Pack {
  /** What lies within reach and could be taken up: an item kind; null for nothing. */
  takes: string | null;
  carried: { kind: string; count: number }[];
  /** Kilograms that are carried, and that can be. */
  laden: number;
  load: number;
}

/** Items of one kind that lie together. */
export interface Heap {
  kind: string;
  count: number;
  x: number;
  y: number;
}

/** What came of a trial. */
export interface Report {
  outcome: "won" | "lost" | "unfinished";
  ending: string | null;
  debriefing: string | null;
  seconds: number;
  steps: number;
  stateHash: string;
  objectives: { name: string; rank: string; state: string; step: number }[];
  units: { name: string; condition: string }[];
  waves: {
    plan: string;
    wave: string;
    came: number;
    cleared: number;
    brought: number;
    of: number;
  }[];
  sides: { name: string; of: number; up: number; down: number; dead: number }[];
  seats: {
    name: string;
    strikes: number;
    hits: number;
    taken: number;
    felled: number;
    fell: number;
  }[];
  stopped: string | null;
}

export interface TrialState {
  id: string | null;
  status: "starting" | "playing" | "away" | "gone" | "over";
  trouble: string | null;
  seed: number;
  difficulty: string;
  unit: number;
  cast: Player[];
  paused: boolean;
  step: number;
  objectives: ShownObjective[];
  notes: Note[];
  /** How each gate stands, by id. */
  gates: Record<string, Gate["stands"]>;
  /** The ids of the markers that players see. */
  markers: string[];
  /** The ids of the calls that the player can send. */
  calls: string[];
  /** The ids of the effects that go on. */
  effects: string[];
  /** What can be begun from here, and what the player is at. */
  offers: Offer[];
  busy: Offer | null;
  /** The crossing ahead, in words; null for none. */
  ahead: string | null;
  pack: Pack;
  /** What lies on the ground. */
  heaps: Heap[];
  /** How light it is, as a share of clear daylight. */
  light: number;
  /** The level of the water; null until it was told. */
  water: number | null;
  /** Seconds that the clock has leapt over. */
  leapt: number;
  /** The id of the view that the player is shown; null for none. */
  view: string | null;
  /** The timers that players see: the seconds that they show, and the splits that were kept. */
  timers: { name: string; shows: number; splits: number[] }[];
  /** The line that is being said. */
  caption: { text: string; speaker: Speaker | null } | null;
  /** How often the player may still come back, and in how many seconds they do. */
  lives: { left: number; back: number };
  /** The step at which a place was asked for that cannot be reached; -1 for never. */
  noWay: number;
  /** The step at which the player last tried to use something while walking; -1 for never. */
  mustStand: number;
  report: Report | null;
  /** How fast play is to go, and how fast it went of late. */
  speed: number;
  reached: number;
  /** Whether this page has the seat; else it looks on. */
  seated: boolean;
  /** Whether the seat was this page's, and somebody took it. */
  unseated: boolean;
  /** Whether nobody has the seat, so that play waits. */
  empty: boolean;
  /** The revision of the mission that is tried; null until it was told. */
  revision: number | null;
  /** Whether anybody plays along whom the player can tell what to do. */
  companions: boolean;
  /** Whether everything is shown, as to a designer. */
  designer: boolean;
  minds: Mind[];
  facts: Facts | null;
  events: Standing[];
  log: Entry[];
}

/** Where the players of a trial begin. */
export type Begin = { type: "starts" } | { type: "at"; x: number; y: number };

/** Entries of the log that are kept at hand. */
const LOGGED = 4000;

/** Steps of simulation in a second. */
export const STEPS = 20;

const KEPT = 64;
/** Codes from here on say that there is nothing to come back to, but for a page that was too slow. */
const OUR_CODES = 4000;
const SLOW = 4408;
const BACK = 1500;

/** One live trial as the browser sees it: inputs up, snapshots down. */
export class Game {
  readonly store = createStore<TrialState>(() => ({
    id: null,
    status: "starting",
    trouble: null,
    seed: 0,
    difficulty: "breezy",
    unit: 0,
    cast: [],
    paused: false,
    step: 0,
    objectives: [],
    notes: [],
    gates: {},
    markers: [],
    calls: [],
    effects: [],
    offers: [],
    light: 1,
    busy: null,
    ahead: null,
    pack: { takes: null, carried: [], laden: 0, load: 0 },
    heaps: [],
    leapt: 0,
    view: null,
    water: null,
    timers: [],
    lives: { left: 0, back: 0 },
    caption: null,
    noWay: -1,
    mustStand: -1,
    report: null,
    speed: 1,
    reached: 1,
    seated: true,
    unseated: false,
    empty: false,
    revision: null,
    companions: false,
    designer: false,
    minds: [],
    facts: null,
    events: [],
    log: [],
  }));
  private socket: WebSocket | undefined;
  private readonly snapshots = new Map<number, Snapshot>();
  private left = false;
  /** The mission that is tried, by id. */
  private mission = "";
  /** This page at the trial, as the server numbers it. */
  private connection = 0;
  /** The two newest snapshots and when the newest came, to draw what lies between. */
  latest: Snapshot | undefined;
  before: Snapshot | undefined;
  cameAt = 0;

  get state(): TrialState {
    return this.store.getState();
  }

  /** Starts a trial of a mission as it stands. */
  async start(mission: string, seed: number, difficulty: string, begin: Begin): Promise<void> {
    this.mission = mission;
    this.store.setState({ seed, difficulty });
    try {
      const { id } = await send<{ id: string }>("POST", `/api/missions/${mission}/trials`, {
        seed,
        difficulty,
        begin,
      });
      this.store.setState({ id });
      if (this.left) this.leave();
      else this.connect();
    } catch (wrong) {
      this.store.setState({ status: "gone", trouble: (wrong as Error).message });
    }
  }

  /** Comes to a trial that is under way, in another page or before this one was loaded anew. */
  join(mission: string, trial: string): void {
    this.mission = mission;
    this.store.setState({ id: trial });
    this.connect();
  }

  private connect(): void {
    const socket = new WebSocket(socketAddress(`/ws/trials/${this.state.id}`));
    socket.binaryType = "arraybuffer";
    this.socket = socket;
    socket.onmessage = ({ data }) =>
      data instanceof ArrayBuffer ? this.look(data) : this.hear(JSON.parse(data));
    socket.onclose = ({ code, reason }) => {
      if (this.left || this.state.status === "over") return;
      if (code >= OUR_CODES && code !== SLOW) {
        this.store.setState({ status: "gone", trouble: reason });
      } else {
        this.store.setState({ status: "away" });
        setTimeout(() => !this.left && this.connect(), BACK);
      }
    };
  }

  private look(data: ArrayBuffer): void {
    const snapshot = decode(data, (step) => this.snapshots.get(step));
    if (!snapshot) return;
    this.snapshots.set(snapshot.step, snapshot);
    for (const step of this.snapshots.keys()) {
      if (this.snapshots.size <= KEPT) break;
      this.snapshots.delete(step);
    }
    this.before = this.latest;
    this.latest = snapshot;
    this.cameAt = performance.now();
    this.say({ type: "ack", step: snapshot.step });
    const told = this.state.step;
    if (this.state.paused || snapshot.step - told >= 4 || snapshot.step < told) {
      this.store.setState({ step: snapshot.step });
    }
  }

  private hear(message: { type: string } & Record<string, unknown>): void {
    switch (message.type) {
      case "hello":
        this.snapshots.clear();
        this.connection = message.connection as number;
        this.store.setState({
          status: "playing",
          seed: message.seed as number,
          difficulty: message.difficulty as string,
          seated: message.seated as boolean,
          unseated: false,
          empty: false,
          revision: message.revision as number,
          reached: message.reached as number,
          view: null,
          unit: message.unit as number,
          cast: message.units as Player[],
          paused: message.paused as boolean,
          objectives: message.objectives as ShownObjective[],
          notes: message.notes as Note[],
          gates: message.gates as TrialState["gates"],
          markers: message.markers as string[],
          calls: message.calls as string[],
          effects: message.effects as string[],
          step: message.step as number,
          speed: message.speed as number,
          companions: message.companions as boolean,
        });
        if (this.state.designer) this.show(true);
        break;
      case "speed":
        this.store.setState({
          speed: message.speed as number,
          reached: message.reached as number,
        });
        break;
      case "seat": {
        const seated = (message.seated as boolean | undefined) ?? false;
        const unseated = this.state.seated && !seated;
        this.store.setState({ seated, unseated, empty: message.empty as boolean });
        break;
      }
      case "minds":
        this.store.setState({ minds: message.minds as Mind[] });
        break;
      case "facts":
        this.store.setState({ facts: message.facts as Facts });
        break;
      case "events":
        this.store.setState({ events: message.events as Standing[] });
        break;
      case "log": {
        const known = this.state.log.at(-1)?.ordinal ?? -1;
        const fresh = (message.log as Entry[]).filter(({ ordinal }) => ordinal > known);
        this.store.setState({ log: [...this.state.log, ...fresh].slice(-LOGGED) });
        break;
      }
      case "note":
        this.store.setState({ notes: [...this.state.notes, message as unknown as Note] });
        break;
      case "markers":
        this.store.setState({ markers: message.markers as string[] });
        break;
      case "calls":
        this.store.setState({ calls: message.calls as string[] });
        break;
      case "effects":
        this.store.setState({ effects: message.effects as string[] });
        break;
      case "gates":
        this.store.setState({ gates: message.gates as TrialState["gates"] });
        break;
      case "light":
        this.store.setState({ light: message.share as number });
        break;
      case "offers":
        this.store.setState({
          offers: message.offers as TrialState["offers"],
          busy: message.busy as Offer | null,
          ahead: message.ahead as string | null,
        });
        break;
      case "pack":
        this.store.setState({ pack: message as unknown as Pack });
        break;
      case "heaps":
        this.store.setState({ heaps: message.heaps as Heap[] });
        break;
      case "lives":
        this.store.setState({
          lives: { left: message.left as number, back: message.back as number },
        });
        break;
      case "caption":
        this.store.setState({ caption: message.caption as TrialState["caption"] });
        break;
      case "water":
        this.store.setState({ water: message.level as number });
        break;
      case "clock":
        this.store.setState({ leapt: message.leapt as number });
        break;
      case "view":
        this.store.setState({ view: message.view as string | null });
        break;
      case "timers":
        this.store.setState({ timers: message.timers as TrialState["timers"] });
        break;
      case "mustStand":
        this.store.setState({ mustStand: message.step as number });
        break;
      case "noWay":
        this.store.setState({ noWay: message.step as number });
        break;
      case "objectives":
        this.store.setState({ objectives: message.objectives as ShownObjective[] });
        break;
      case "paused":
        this.store.setState({
          paused: message.paused as boolean,
          step: message.step as number,
        });
        break;
      case "over":
        this.store.setState({
          status: "over",
          report: message.report as Report,
          step: (message.report as Report).steps,
        });
        break;
    }
  }

  /** Shows everything, as to a designer, or what the player knows. */
  show(designer: boolean): void {
    this.store.setState({ designer });
    this.say({ type: "view", as: designer ? "designer" : "player" });
  }

  /** Sends an input or a wish. */
  say(message: { type: string } & Record<string, unknown>): void {
    if (this.socket?.readyState === WebSocket.OPEN) this.socket.send(JSON.stringify(message));
  }

  /** Leaves the trial for good. */
  leave(): void {
    this.left = true;
    this.socket?.close();
    const { id } = this.state;
    if (!id) return;
    const here = `/api/trials/${id}?connection=${this.connection}`;
    void send<Run | undefined>("DELETE", here).then(
      (run) => run && run.steps > 0 && rememberRun(this.mission, run),
      () => {},
    );
  }
}
