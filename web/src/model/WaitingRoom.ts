import { del, get, keys, set } from "idb-keyval";
import type { LocalEdit } from "./store";

/**
 * Edits of a mission that the server has not stored yet, kept in this browser so that they outlast
 * the page. Each lies by itself, as JSON text: a browser stores one long text in a tenth of the
 * time of its tree.
 */
export class WaitingRoom {
  /** Where each edit lies, by its id. */
  private readonly places = new Map<string, string>();
  private last = 0;

  constructor(
    private readonly mission: string,
    private readonly tab: string,
  ) {}

  /** Edits that wait from before, also those of tabs that are gone; sending one twice is harmless. */
  async leftBehind(): Promise<LocalEdit[]> {
    const all = await keys<string>();
    const places = all.filter((it) => it.startsWith(`waiting:${this.mission}:`)).sort();
    const texts = await Promise.all(places.map((place) => get<string>(place)));
    return texts.flatMap((text, i) => {
      if (typeof text !== "string") return [];
      const edit = JSON.parse(text) as LocalEdit;
      this.places.set(edit.id, places[i]);
      return [edit];
    });
  }

  /** Keeps an edit behind all that this tab has kept before, also before a reload. */
  keep(edit: LocalEdit): void {
    this.last = Math.max(this.last + 1, Date.now());
    const place = `waiting:${this.mission}:${this.tab}:${this.last}`;
    this.places.set(edit.id, place);
    void set(place, JSON.stringify(edit));
  }

  /** Forgets an edit that need not wait any longer. */
  letGo(id: string): void {
    const place = this.places.get(id);
    if (place === undefined) return;
    this.places.delete(id);
    void del(place);
  }
}
