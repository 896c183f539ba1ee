import { createStore } from "zustand/vanilla";
import type { Asked } from "../desk/trials";
import { send, socketAddress } from "../document/api";
import type { Gate } from "../document/mission";
import { decode, type Snapshot } from "./decode";
import { type Run, rememberRun } from "./lastRun";
import type {
  Aim,
  Brought,
  Entry,
  EventStatus,
  Facts,
  Gone,
  Heap,
  Input,
  Mind,
  Moved,
  Note,
  Offer,
  Offered,
  Player,
  Report,
  ShownObjective,
  Struck,
  TrialMessage,
  TrialRequest,
} from "./messages";

/** What a message of a type says, without its type. */
type Said<T extends TrialMessage["type"]> = Omit<Extract<TrialMessage, { type: T }>, "type">;

export interface TrialState {
  id: string | null;
  status: "starting" | "playing" | "away" | "gone" | "over";
  trouble: string | null;
  seed: number;
  difficulty: string;
  unit: number;
  cast: Player[];
  /** The ids of the things that may move, by the numbers that snapshots give them. */
  movables: string[];
  /** The props that zones may bring forth, which the mission does not have. */
  brought: Brought[];
  paused: boolean;
  step: number;
  objectives: ShownObjective[];
  notes: Note[];
  /** How each gate stands, by id. */
  gates: Record<string, Gate["stands"]>;
  /** The gates that are moving, by id. */
  moving: Record<string, Moved>;
  /** The decks that are elsewhere than they were drawn, by id: now, and before they went on. */
  decks: { at: Record<string, Gone>; were: Record<string, Gone>; step: number };
  /** The props and fixtures that are otherwise than they were set down, by id. */
  things: Said<"things">["things"];
  /** What the player has last read. */
  reads: Said<"reads"> | null;
  /** The ids of the markers that players see. */
  markers: string[];
  /** The ids of the calls that the player can send. */
  calls: Offered[];
  /** What the player is asked; null for nothing. */
  asks: Said<"asks">["asks"];
  /** The exchange that the player has open; null for none. */
  trading: Said<"trading">["trading"];
  /** The ids of the effects that go on. */
  effects: string[];
  /** Where those effects are that were begun elsewhere than they were drawn, by id. */
  effectsAt: Said<"effectsAt">["effectsAt"];
  /** How far effects have spread that grow, by id. */
  grown: Said<"grown">["squares"];
  /** The wind; null until it was told. */
  wind: { speed: number; from: number } | null;
  /** What can be begun from here, and what the player is at. */
  offers: Offer[];
  busy: Offer | null;
  /** The crossing ahead, in words; null for none. */
  ahead: string | null;
  pack: Said<"pack">;
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
  timers: Said<"timers">["timers"];
  /** How the player stands on the courses that they see. */
  courses: Said<"courses">["courses"];
  /** Who aims at whom. */
  aims: Aim[];
  /** Blows and shots of late, the earliest first. */
  strikes: Struck[];
  /** The line that is being said. */
  caption: Said<"caption">["caption"];
  /** How often the player may still come back, and in how many seconds they do. */
  lives: Said<"lives">;
  /** The step at which a place was asked for that cannot be reached; -1 for never. */
  noWay: number;
  /** What a zone last did to the player that it tells. */
  zoneActs: Said<"zoneActs"> | null;
  /** When the player last went into a zone of a course out of its turn, and what is next there. */
  wrongZone: Said<"wrongZone"> | null;
  /** The step at which the player last tried to use something while walking; -1 for never. */
  mustStand: number;
  report: Report | null;
  /** How fast play is to go, and how fast it went of late. */
  speed: number;
  reached: number;
  /** Who sits where. */
  seating: Said<"seating">;
  /** Whether a seat was this page's, and somebody took it. */
  unseated: boolean;
  /** The revision of the mission that is tried; null until it was told. */
  revision: number | null;
  /** Whether anybody plays along whom the player can tell what to do. */
  companions: boolean;
  /** Whether everything is shown, as to a designer. */
  designer: boolean;
  minds: Mind[];
  facts: Facts | null;
  events: EventStatus[];
  log: Entry[];
}

/** Entries of the log that are kept at hand. */
const LOGGED = 4000;

/** Blows and shots that are kept at hand. */
const LATE = 200;

/** Steps of simulation in a second. */
export const STEPS = 20;

/** A shorter tap of a key is held for this many steps, within which the world hears of it. */
const HEARD = 2;

const KEPT = 64;
/** Codes from here on say that there is nothing to come back to, but for a page that was too slow. */
const OUR_CODES = 4000;
const SLOW = 4408;
const BACK = 1500;

/** By what a trial knows this tab again, so that it comes back to its seat. */
function seatKey(): string {
  const name = "flintmoss.seat";
  const key = sessionStorage.getItem(name) ?? crypto.randomUUID();
  sessionStorage.setItem(name, key);
  return key;
}

/** What came of a choice, as a note: "Tobin Ash: The oil." */
function choseNote({ step, choice, by, answer }: Said<"chose">): Note {
  const says =
    answer === null ? `${choice}: no answer.` : by === null ? answer : `${by}: ${answer}`;
  return { type: "note", step, text: says };
}

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
    movables: [],
    brought: [],
    paused: false,
    step: 0,
    objectives: [],
    notes: [],
    gates: {},
    moving: {},
    decks: { at: {}, were: {}, step: -1 },
    things: {},
    reads: null,
    markers: [],
    calls: [],
    asks: null,
    trading: null,
    effects: [],
    effectsAt: {},
    grown: {},
    wind: null,
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
    courses: [],
    lives: { left: 0, back: 0 },
    aims: [],
    strikes: [],
    caption: null,
    noWay: -1,
    mustStand: -1,
    zoneActs: null,
    wrongZone: null,
    report: null,
    speed: 1,
    reached: 1,
    seating: { seats: [], own: 0, host: true, begun: true, begins: "atOnce" },
    unseated: false,
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

  /** Comes to a trial that the server was asked to start. */
  async start({ mission, of, started }: Asked): Promise<void> {
    this.mission = mission;
    this.store.setState({ seed: of.seed, difficulty: of.difficulty });
    try {
      const { id } = await started;
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
    const socket = new WebSocket(socketAddress(`/ws/trials/${this.state.id}?key=${seatKey()}`));
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

  /** What waits for the world to go on, each with the step from which it is done. */
  private later: { from: number; run: () => void }[] = [];

  /** Lets a key go that was pressed at a step, once the world has heard of the press. */
  release(pressed: number, run: () => void): void {
    const from = pressed + HEARD;
    if (this.stepNow >= from) run();
    else this.later.push({ from, run });
  }

  /** The newest step that this page knows of. */
  get stepNow(): number {
    return this.latest?.step ?? 0;
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
    const due = this.later.filter(({ from }) => snapshot.step >= from);
    this.later = this.later.filter(({ from }) => snapshot.step < from);
    for (const { run } of due) run();
    this.say({ type: "ack", step: snapshot.step });
    const told = this.state.step;
    if (this.state.paused || snapshot.step - told >= 4 || snapshot.step < told) {
      this.store.setState({ step: snapshot.step });
    }
  }

  private hear(message: TrialMessage): void {
    switch (message.type) {
      case "hello":
        this.welcome(message);
        break;
      case "seating": {
        const { type: _, ...seating } = message;
        this.store.setState({ seating, unseated: this.isUnseated(seating) });
        break;
      }
      case "log": {
        const known = this.state.log.at(-1)?.ordinal ?? -1;
        const fresh = message.log.filter(({ ordinal }) => ordinal > known);
        this.store.setState({ log: [...this.state.log, ...fresh].slice(-LOGGED) });
        break;
      }
      case "strikes":
        this.store.setState({ strikes: [...this.state.strikes, ...message.strikes].slice(-LATE) });
        break;
      case "note":
        this.store.setState({ notes: [...this.state.notes, message] });
        break;
      case "chose":
        this.store.setState({ notes: [...this.state.notes, choseNote(message)] });
        break;
      case "clock":
        this.store.setState({ leapt: message.leapt, step: this.stepNow });
        break;
      case "light":
        this.store.setState({ light: message.share });
        break;
      case "grown":
        this.store.setState({ grown: { ...this.state.grown, ...message.squares } });
        break;
      case "wind":
        this.store.setState({ wind: { speed: message.speed, from: message.from } });
        break;
      case "water":
        this.store.setState({ water: message.level });
        break;
      case "pack":
        this.store.setState({ pack: message });
        break;
      case "lives":
        this.store.setState({ lives: message });
        break;
      case "mustStand":
        this.store.setState({ mustStand: message.step });
        break;
      case "reads":
        this.store.setState({ reads: message });
        break;
      case "decksGone": {
        const { decks, step } = this.state;
        this.store.setState({ decks: { at: message.decks, were: decks.at, step } });
        break;
      }
      case "zoneActs":
        this.store.setState({ zoneActs: message });
        break;
      case "wrongZone":
        this.store.setState({ wrongZone: message });
        break;
      case "noWay":
        this.store.setState({ noWay: message.step });
        break;
      case "over":
        this.store.setState({
          status: "over",
          report: message.report,
          step: message.report.steps,
        });
        break;
      default: {
        // Every other message holds just what the page keeps, by the same names.
        const { type: _, ...said } = message;
        this.store.setState(said);
      }
    }
  }

  private welcome(hello: Extract<TrialMessage, { type: "hello" }>): void {
    const { type: _, here, units, ...said } = hello;
    const { connection, ...standing } = here;
    this.snapshots.clear();
    const unseated = this.isUnseated(standing.seating);
    this.connection = connection;
    this.store.setState({
      ...said,
      ...standing,
      cast: units,
      unseated,
      strikes: [],
      status: "playing",
    });
    this.leavesSeat = false;
    if (this.state.designer) this.show(true);
  }

  /** Whether this page asked to look on. */
  private leavesSeat = false;

  /** Whether somebody has taken the seat that was this page's. */
  private isUnseated({ own }: Said<"seating">): boolean {
    const had = this.state.unseated || this.state.seating.own >= 0;
    return had && own < 0 && this.connection > 0 && !this.leavesSeat;
  }

  /** Takes a seat, also from its holder; -1 to look on. */
  takeSeat(seat: number): void {
    this.leavesSeat = seat < 0;
    this.say({ type: "takeSeat", seat });
  }

  /** Shows everything, as to a designer, or what the player knows. */
  show(designer: boolean): void {
    this.store.setState({ designer });
    this.say({ type: "view", as: designer ? "designer" : "player" });
  }

  /** Does something with the player's unit. */
  act(input: Input): void {
    this.say({ type: "act", input });
  }

  /** Asks something of the trial. */
  say(message: TrialRequest): void {
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
