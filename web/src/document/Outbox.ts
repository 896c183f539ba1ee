import { del, get, keys, set } from "idb-keyval";
import { forget, keep as keepBeside, kept, keptNames } from "./kept";
import { lastThing } from "./leaving";
import type { LocalEdit } from "./store";
import { sure } from "./sure";

/**
 * Edits of a mission that the server has not stored yet, kept in this browser so that they outlast
 * the page. Each lies by itself, as JSON text: a browser stores one long text in a tenth of the
 * time of its tree. What is on its way to the database as the page goes may never arrive, so it is
 * written beside it as well, where writing is done at once.
 */
export class WaitingRoom {
  /** Where each edit lies, by its id. */
  private readonly places = new Map<string, string>();
  /** The texts that are on their way to the database, by the ids of their edits. */
  private readonly underWay = new Map<string, string>();
  /** The ids of edits that this browser had no room for. */
  private readonly unkept = new Set<string>();
  private last = 0;
  private readonly stop: () => void;

  constructor(
    private readonly mission: string,
    private readonly tab: string,
    /** Told how many edits lie nowhere but in this page, whenever that changes. */
    private readonly tell: (unkept: number) => void = () => {},
  ) {
    this.stop = lastThing(() => {
      for (const [id, text] of this.underWay) keepBeside(this.places.get(id) ?? id, text);
    });
  }

  /** Edits that wait from before, also those of tabs that are gone; sending one twice is harmless. */
  async leftBehind(): Promise<LocalEdit[]> {
    const prefix = `waiting:${this.mission}:`;
    const texts = new Map<string, string>();
    for (const place of keptNames(prefix)) texts.set(place, kept(place, ""));
    const all = await keys<string>();
    const places = all.filter((it) => it.startsWith(prefix));
    const found = await Promise.all(places.map((place) => get<string>(place)));
    found.forEach((text, i) => {
      if (typeof text === "string") texts.set(sure(places, i), text);
    });
    return [...texts.keys()].sort().map((place) => {
      const edit = JSON.parse(texts.get(place) ?? "") as LocalEdit;
      this.places.set(edit.id, place);
      return edit;
    });
  }

  /** Keeps an edit behind all that this tab has kept before, also before a reload. */
  keep(edit: LocalEdit): void {
    this.last = Math.max(this.last + 1, Date.now());
    const place = `waiting:${this.mission}:${this.tab}:${this.last}`;
    const text = JSON.stringify(edit);
    this.places.set(edit.id, place);
    this.underWay.set(edit.id, text);
    set(place, text).then(
      () => this.underWay.delete(edit.id),
      () => this.noRoom(edit.id, place, text),
    );
  }

  /** The database did not take an edit; there may be room beside it. */
  private noRoom(id: string, place: string, text: string): void {
    const waits = this.underWay.delete(id);
    if (!waits || keepBeside(place, text)) return;
    this.unkept.add(id);
    this.tell(this.unkept.size);
  }

  /** Forgets an edit that need not wait any longer. */
  letGo(id: string): void {
    const place = this.places.get(id);
    if (place === undefined) return;
    this.places.delete(id);
    this.underWay.delete(id);
    if (this.unkept.delete(id)) this.tell(this.unkept.size);
    forget(place);
    del(place).catch(() => {
      // It is sent again when the mission is next opened, which does no harm.
    });
  }

  /** Looks after nothing any more. */
  close(): void {
    this.stop();
  }
}
