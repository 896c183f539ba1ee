import type { LoggedEdit, Operation } from "./api";
import type { Mission } from "./mission";
import { apply, clashed } from "./patch";
import type { LocalEdit } from "./store";

/** The socket of one open mission: what the server tells it reaches the page at once. */
class FakeSocket {
  onopen?: () => void;
  onmessage?: (message: { data: string }) => void;
  onclose?: () => void;
  close() {}
}

/** A server of one mission that keeps to the contract of the edit path, for tests. */
export class FakeServer {
  readonly log: LoggedEdit[] = [];
  readonly sockets: FakeSocket[] = [];
  /** Whether requests fail as with no network. */
  down = false;
  /** How many of the next answers get lost after the server has done what was asked. */
  losesAnswers = 0;
  /** What every edit is refused with, if set. */
  refuses: string | null = null;
  /** How many requests it has had. */
  requests = 0;

  constructor(public document: Mission) {}

  get revision(): number {
    return this.log.length;
  }

  /** Takes an edit as from another tab. */
  other(id: string, patch: Operation[], told = true): void {
    this.store({ id, label: id, kind: "do", target: "", patch, inverse: [] }, "other", told);
  }

  private store(edit: LocalEdit, tab: string, told: boolean): LoggedEdit {
    const next = apply(this.document, edit.patch);
    if (clashed(next)) throw next;
    this.document = next;
    const logged = { ...edit, tab, revision: this.revision + 1, at: "2026-01-01T00:00:00Z" };
    this.log.push(logged);
    if (told) for (const it of this.sockets) it.onmessage?.({ data: JSON.stringify(logged) });
    return logged;
  }

  readonly fetch = async (path: string, init?: RequestInit): Promise<Response> => {
    await Promise.resolve();
    this.requests++;
    if (this.down) throw new TypeError("no network");
    const answer = this.answer(new URL(path, "http://localhost"), init);
    if (this.losesAnswers > 0 && init?.method === "POST") {
      this.losesAnswers--;
      throw new TypeError("the answer was lost");
    }
    return answer;
  };

  private answer({ pathname, searchParams }: URL, init?: RequestInit): Response {
    if (init?.method === "POST") return this.edit(JSON.parse(String(init.body)));
    if (pathname.includes("/edits/of/")) {
      const tab = pathname.split("/").at(-1);
      return Response.json(this.log.filter((it) => it.tab === tab));
    }
    if (pathname.endsWith("/edits")) {
      return Response.json(this.log.slice(Number(searchParams.get("after"))));
    }
    const { document, revision } = this;
    return Response.json({ document, revision, updatedAt: "2026-01-01T00:00:00Z" });
  }

  private edit(edit: LocalEdit & { base: number; tab: string }): Response {
    const known = this.log.find(({ id }) => id === edit.id);
    if (known) return Response.json(known);
    if (this.refuses) {
      return Response.json({ title: "Bad", status: 400, detail: this.refuses }, { status: 400 });
    }
    if (edit.base < this.revision) {
      const missed = this.log.slice(edit.base);
      return Response.json(
        { title: "Conflict", status: 409, detail: "stale", missed },
        { status: 409 },
      );
    }
    try {
      const { base: _, tab, ...local } = edit;
      return Response.json(this.store(local, tab, true));
    } catch (conflict) {
      return Response.json(
        { title: "Conflict", status: 409, detail: "clash", missed: [], conflict },
        { status: 409 },
      );
    }
  }

  /** Puts this server in the place of the real one. */
  install(stub: (name: string, value: unknown) => void): void {
    const { sockets } = this;
    const kept = new Map<string, string>();
    stub("fetch", this.fetch);
    stub("location", { protocol: "http:", host: "localhost" });
    stub("sessionStorage", {
      getItem: (name: string) => kept.get(name) ?? null,
      setItem: (name: string, value: string) => kept.set(name, value),
    });
    stub(
      "WebSocket",
      class extends FakeSocket {
        constructor() {
          super();
          sockets.push(this);
        }
      },
    );
  }
}
