import { createStore } from "zustand/vanilla";
import { afterFrame } from "./afterFrame";
import { getJson, type LoggedEdit, type Operation, Refusal, send, socketAddress } from "./api";
import { overfull } from "./bounds";
import { onWaking } from "./leaving";
import { type Mission, newId } from "./mission";
import { WaitingRoom } from "./Outbox";
import { apply, type Clash, change, clashed, invert, retest } from "./patch";
import { sure } from "./sure";
import { claimTab, tabId } from "./tab";

/** An edit that was made here: its label, its patch and the way back. */
export interface LocalEdit {
  id: string;
  label: string;
  kind: "do" | "undo" | "redo";
  target: string;
  patch: Operation[];
  inverse: Operation[];
}

/** An edit that clashed with somebody else's. */
export interface Conflict extends Clash {
  edit: LocalEdit;
}

/** How far edits have come. */
export type SaveState =
  | { is: "saved"; at: string }
  | { is: "saving" }
  | {
      is: "offline";
      edits: number;
      /** How many of them this browser had no room for. */
      unkept: number;
      /** Why the server does not store them; nothing where it is away. */
      why?: string;
    };

export interface MissionState {
  id: string;
  /** The mission as the server has it. */
  base: Mission;
  revision: number;
  /** The mission as it is shown: the server's with the waiting edits on top. */
  mission: Mission;
  waiting: LocalEdit[];
  undo: LocalEdit[];
  redo: LocalEdit[];
  save: SaveState;
  conflict: Conflict | null;
  /** Something that could not be done, to be told once. */
  trouble: string | null;
}

/** The first and the longest pause before something that failed is tried again, milliseconds. */
const RETRY = 2000;
const LONGEST_RETRY = 60_000;

/** One open mission: edits are put on at once, sent in order, and follow other tabs live. */
export class OpenMission {
  readonly store;
  private readonly room;
  private sending = false;
  private socket: WebSocket | undefined;
  private closed = false;
  private retry: ReturnType<typeof setTimeout> | undefined;
  private reconnect: ReturnType<typeof setTimeout> | undefined;
  private stopWaking = () => {};
  /** How often in a row it has failed to reach the server. */
  private failures = 0;
  /** The reloading that is under way, if one is. */
  private reloading: Promise<void> | undefined;
  private unkept = 0;
  private why: string | undefined;
  /** How often in a row it was loaded anew; again only after a pause. */
  private reloads = 0;

  private constructor(state: MissionState, room: WaitingRoom) {
    this.store = createStore<MissionState>(() => state);
    this.room = room;
  }

  /** Opens a mission: the document, this tab's undo from the log, and what waits from before. */
  static async open(id: string): Promise<OpenMission> {
    await claimTab();
    let open: OpenMission | undefined;
    const room = new WaitingRoom(id, tabId(), (unkept) => open?.cannotKeep(unkept));
    const [opened, log, waiting] = await Promise.all([
      getJson<{ revision: number; updatedAt: string; document: Mission }>(`/api/missions/${id}`),
      getJson<LoggedEdit[]>(`/api/missions/${id}/edits/of/${tabId()}`),
      room.leftBehind(),
    ]);
    const stored = new Set(log.map((edit) => edit.id));
    const left = waiting.filter((edit) => !stored.has(edit.id));
    for (const edit of waiting) if (stored.has(edit.id)) room.letGo(edit.id);
    const { undo, redo } = stacks([...log, ...left]);
    const state: MissionState = {
      id,
      base: opened.document,
      revision: opened.revision,
      mission: opened.document,
      waiting: left,
      undo,
      redo,
      save: { is: "saved", at: opened.updatedAt },
      conflict: null,
      trouble: null,
    };
    open = new OpenMission(state, room);
    open.stopWaking = onWaking(() => open?.tryNow());
    open.rebase();
    open.listen();
    void open.flush();
    return open;
  }

  get state(): MissionState {
    return this.store.getState();
  }

  /** Changes the document as one edit; nothing happens where the recipe changes nothing. */
  edit(label: string, recipe: (draft: Mission) => void): void {
    const { next, patch, inverse } = change(this.state.mission, recipe);
    if (patch.length > 0 && this.holds(next)) {
      const edit: LocalEdit = { id: newId(), label, kind: "do", target: "", patch, inverse };
      this.store.setState({ undo: [...this.state.undo, edit], redo: [] });
      this.put(edit, next);
    }
  }

  /**
   * Changes the document as one edit that is made of what came from elsewhere: the server is asked
   * first whether the mission can hold it.
   *
   * @throws Refusal saying what it cannot hold, and where
   */
  async editChecked(label: string, recipe: (draft: Mission) => void): Promise<void> {
    const { patch } = change(this.state.mission, recipe);
    await send("POST", `/api/missions/${this.state.id}/edits/check`, { patch });
    if (!this.take(label, patch)) throw new Error("The mission has changed meanwhile. Try again.");
  }

  /** Whether the mission can become another; where it holds too much, that is told. */
  private holds(next: Mission): boolean {
    const trouble = overfull(this.state.mission, next);
    if (trouble) this.store.setState({ trouble });
    return !trouble;
  }

  /** Puts a patch on as one edit; false where the mission has changed so that it does not fit. */
  take(label: string, patch: Operation[]): boolean {
    const now = apply(this.state.mission, patch);
    if (clashed(now)) return false;
    if (!this.holds(now)) return true;
    const inverse = invert(this.state.mission, patch);
    const edit: LocalEdit = { id: newId(), label, kind: "do", target: "", patch, inverse };
    this.store.setState({ undo: [...this.state.undo, edit], redo: [] });
    this.put(edit, now);
    return true;
  }

  /**
   * Waits until every edit of this tab is stored.
   *
   * @throws Error if the server is away, or a conflict has to be settled first
   */
  stored(): Promise<void> {
    return new Promise((resolve, reject) => {
      const look = () => {
        const { waiting, save, conflict } = this.state;
        if (waiting.length > 0 && save.is !== "offline" && !conflict) return false;
        if (waiting.length === 0) resolve();
        else if (conflict) reject(new Error("An edit of yours waits to be settled first."));
        else reject(new Error("This needs the server, and it is away. Your edits are kept here."));
        return true;
      };
      if (look()) return;
      const stop = this.store.subscribe(() => look() && stop());
    });
  }

  /** Takes back the last edit of this tab. */
  undo(): void {
    const last = this.state.undo.at(-1);
    if (last && this.reverse("undo", last)) {
      this.store.setState({
        undo: this.state.undo.slice(0, -1),
        redo: [...this.state.redo, last],
      });
    }
  }

  /** Does again what was last taken back. */
  redo(): void {
    const last = this.state.redo.at(-1);
    if (last && this.reverse("redo", last)) {
      this.store.setState({
        redo: this.state.redo.slice(0, -1),
        undo: [...this.state.undo, last],
      });
    }
  }

  private reverse(kind: "undo" | "redo", of: LocalEdit): boolean {
    const patch = kind === "undo" ? of.inverse : of.patch;
    const result = apply(this.state.mission, patch);
    const edit: LocalEdit = {
      id: newId(),
      label: `${kind === "undo" ? "Undo" : "Redo"}: ${of.label}`.slice(0, 200),
      kind,
      target: of.id,
      patch,
      inverse: clashed(result) ? [] : invert(this.state.mission, patch),
    };
    if (clashed(result)) {
      this.store.setState({ conflict: { ...result, edit } });
      return false;
    }
    if (!this.holds(result)) return false;
    this.put(edit, result);
    return true;
  }

  /** Puts an edit on what is shown, of which the outcome may already be at hand, and sends it. */
  private put(edit: LocalEdit, outcome?: Mission): void {
    const result = outcome ?? apply(this.state.mission, edit.patch);
    if (!clashed(result)) {
      this.store.setState({ mission: result, waiting: [...this.state.waiting, edit] });
      afterFrame(() => {
        this.room.keep(edit);
        void this.flush();
      });
    }
  }

  /** Settles a conflict: with this tab's value, or with what stands there now. */
  settle(mine: boolean): void {
    const { conflict } = this.state;
    if (!conflict) return;
    this.store.setState({ conflict: null });
    this.noLongerWaits(conflict.edit.id);
    this.rebase();
    const patch = mine ? retest(this.state.mission, conflict.edit.patch) : undefined;
    if (patch && patch.length > 0) {
      const inverse = invert(this.state.mission, patch);
      const edit = { ...conflict.edit, id: newId(), patch, inverse };
      this.replaceInUndo(conflict.edit.id, edit);
      this.put(edit);
    } else if (mine) {
      this.store.setState({ trouble: "What it was about is no longer there." });
    } else if (conflict.edit.kind === "do") {
      this.replaceInUndo(conflict.edit.id, undefined);
    }
    void this.flush();
  }

  private replaceInUndo(id: string, edit: LocalEdit | undefined): void {
    const undo = this.state.undo.flatMap((it) => (it.id !== id ? [it] : edit ? [edit] : []));
    this.store.setState({ undo });
  }

  /** Forgets the trouble that was told. */
  toldTrouble(): void {
    this.store.setState({ trouble: null });
  }

  private noLongerWaits(id: string): void {
    this.store.setState({ waiting: this.state.waiting.filter((edit) => edit.id !== id) });
    this.room.letGo(id);
  }

  /** Puts the waiting edits on top of the server's document again. */
  private rebase(): void {
    let mission = this.state.base;
    for (const edit of this.state.waiting) {
      const result = apply(mission, edit.patch);
      if (clashed(result)) {
        this.store.setState({ mission, conflict: { ...result, edit } });
        return;
      }
      mission = result;
    }
    this.store.setState({ mission });
  }

  private async flush(): Promise<void> {
    if (this.sending || this.closed) return;
    this.sending = true;
    try {
      while (this.state.waiting.length > 0 && !this.state.conflict) {
        this.store.setState({ save: { is: "saving" } });
        await this.sendFirst();
      }
    } catch (error) {
      this.why = error instanceof Refusal ? error.message : undefined;
      this.offline();
      this.tryAgain();
    } finally {
      this.sending = false;
    }
  }

  private offline(): void {
    this.reloads = 0;
    const edits = this.state.waiting.length;
    const why = this.why === undefined ? {} : { why: this.why };
    this.store.setState({ save: { is: "offline", edits, unkept: this.unkept, ...why } });
  }

  private cannotKeep(unkept: number): void {
    this.unkept = unkept;
    if (this.state.save.is === "offline") this.offline();
  }

  /** Tries again after a pause that doubles with every failure. */
  private tryAgain(): void {
    clearTimeout(this.retry);
    if (this.closed) return;
    this.retry = setTimeout(() => void this.flush(), this.pause());
    this.failures++;
  }

  /** A page that comes back into view, or to the network, does not wait for the next try. */
  private tryNow(): void {
    if (this.failures === 0 || this.closed) return;
    this.failures = 0;
    void this.flush();
    if (this.socket?.readyState === WebSocket.CLOSED) {
      clearTimeout(this.reconnect);
      this.listen();
    }
  }

  private pause(): number {
    return Math.min(LONGEST_RETRY, RETRY * 2 ** this.failures);
  }

  private async sendFirst(): Promise<void> {
    const edit = sure(this.state.waiting, 0);
    try {
      const body = { ...edit, base: this.state.revision, tab: tabId() };
      const logged = await send<LoggedEdit>("POST", `/api/missions/${this.state.id}/edits`, body);
      await this.told(logged);
      this.failures = 0;
      this.reloads = 0;
      this.noLongerWaits(edit.id);
      this.store.setState({ save: { is: "saved", at: logged.at } });
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      await this.refused(edit, error);
    }
  }

  private async refused(edit: LocalEdit, refusal: Refusal): Promise<void> {
    const { missed, conflict } = refusal.problem;
    if (missed && missed.length > 0) {
      await this.takeInAll(missed);
    } else if (conflict) {
      this.store.setState({ conflict: { ...conflict, edit } });
    } else if (missed) {
      // Stale, and yet nothing was missed: this tab takes itself for further than the server is.
      await this.reload();
    } else if (refusal.problem.status >= 500) {
      throw refusal;
    } else {
      this.noLongerWaits(edit.id);
      this.replaceInUndo(edit.id, undefined);
      this.rebase();
      const saved = new Date().toISOString();
      this.store.setState({ trouble: refusal.message, save: { is: "saved", at: saved } });
    }
  }

  /** Takes in edits that were missed; one that brings this tab no further means that it has drifted. */
  private async takeInAll(missed: LoggedEdit[]): Promise<void> {
    const before = this.state.revision;
    for (const logged of missed) {
      if (this.takeIn(logged) === "drifted") return this.reload();
    }
    if (this.state.revision === before && missed.length > 0) await this.reload();
  }

  /**
   * Takes an edit that the server has stored, strictly by revision.
   *
   * @returns "gap" where others have to come before it, "drifted" where it does not fit what this
   * tab takes for the server's document
   */
  private takeIn(logged: LoggedEdit): "taken" | "gap" | "drifted" {
    if (logged.revision <= this.state.revision) return "taken";
    if (logged.revision > this.state.revision + 1) return "gap";
    const waiting = this.state.waiting;
    const mine = waiting.some(({ id }) => id === logged.id);
    // With nothing else waiting, what is shown is already what the server has now.
    const shown = mine && waiting.length === 1 && !this.state.conflict;
    const result = shown ? this.state.mission : apply(this.state.base, logged.patch);
    if (clashed(result)) return "drifted";
    if (mine) this.noLongerWaits(logged.id);
    this.store.setState({ base: result, revision: logged.revision });
    if (!mine || this.state.waiting.length === 0) this.rebase();
    if (this.state.waiting.length === 0) {
      this.store.setState({ save: { is: "saved", at: logged.at } });
    }
    return "taken";
  }

  /** Takes in what this tab is told of, with what has to come before it. */
  private async told(logged: LoggedEdit): Promise<void> {
    const outcome = this.takeIn(logged);
    if (outcome === "gap") await this.catchUp();
    if (outcome === "drifted") await this.reload();
  }

  private async catchUp(): Promise<void> {
    for (;;) {
      const { id, revision } = this.state;
      const missed = await getJson<LoggedEdit[]>(`/api/missions/${id}/edits?after=${revision}`);
      if (missed.length === 0) return;
      await this.takeInAll(missed);
      if (this.state.revision <= revision) return;
    }
  }

  /**
   * This tab has fallen out of step with the server: takes the server's document as it is, with what
   * waits here on top, and says so.
   */
  private reload(): Promise<void> {
    this.reloading ??= this.fetchAnew().finally(() => {
      this.reloading = undefined;
    });
    return this.reloading;
  }

  private async fetchAnew(): Promise<void> {
    if (++this.reloads > 1) throw new Error("The page stays out of step with the server.");
    const opened = await getJson<{ revision: number; document: Mission }>(
      `/api/missions/${this.state.id}`,
    );
    const trouble =
      "This page had fallen out of step with the server, so the mission was loaded anew. " +
      "Your edits are on top of it.";
    this.store.setState({ base: opened.document, revision: opened.revision, trouble });
    this.rebase();
  }

  private listen(): void {
    if (this.closed) return;
    const socket = new WebSocket(socketAddress(`/ws/missions/${this.state.id}`));
    this.socket = socket;
    const lost = () => {
      // The socket closes, and what is missed then is fetched when it is open again.
      socket.close();
    };
    socket.onopen = () => {
      this.failures = 0;
      void this.flush();
    };
    socket.onmessage = ({ data }) => {
      const message: LoggedEdit | { upTo: number } = JSON.parse(data);
      // The first message says which revision there was when this tab began to be told of others.
      if (!("upTo" in message)) this.told(message).catch(lost);
      else if (message.upTo > this.state.revision) this.catchUp().catch(lost);
    };
    socket.onclose = () => {
      if (this.closed) return;
      this.reconnect = setTimeout(() => this.listen(), this.pause());
      this.failures++;
    };
  }

  /** Stops following the mission, once what waits is on its way. */
  close(): void {
    void this.flush();
    this.closed = true;
    clearTimeout(this.retry);
    clearTimeout(this.reconnect);
    this.stopWaking();
    this.socket?.close();
    this.room.close();
  }
}

/** The undo and redo stacks that a tab's edits, in their order, leave behind. */
export function stacks(edits: LocalEdit[]): { undo: LocalEdit[]; redo: LocalEdit[] } {
  const undo: LocalEdit[] = [];
  const redo: LocalEdit[] = [];
  for (const edit of edits) {
    if (edit.kind === "do") {
      undo.push(edit);
      redo.length = 0;
    } else if (edit.kind === "undo") {
      const last = undo.pop();
      if (last) redo.push(last);
    } else {
      const last = redo.pop();
      if (last) undo.push(last);
    }
  }
  return { undo, redo };
}
