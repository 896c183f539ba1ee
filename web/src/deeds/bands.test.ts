import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import { bandOf, squadsOf } from "../document/membership";
import { type Event, find, type Mission, type Ref, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { parcel, unpack } from "../things/parcel";
import { joinBand, makeBand } from "./bands";
import { duplicate, makeSquad, remove, usersOf } from "./deeds";

const sample = readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8");
let open: ReturnType<typeof draftDesk>;
let one: string;
let other: string;

const ref = (id: string): Ref => ({ family: "squads", id });

beforeEach(() => {
  open = draftDesk(JSON.parse(sample) as Mission);
  const units = Object.keys(open.state.mission.units).map((id) => refOf(`units/${id}`));
  one = refOf(makeSquad(open, units.slice(0, 2))).id;
  other = refOf(makeSquad(open, units.slice(2, 4))).id;
});

/** Has an event of the script speak of a band. */
function speakOf(band: string): void {
  open.edit("Speak", (draft) => {
    const event = sure(Object.values(draft.events), 0);
    const who = { quantifier: { type: "all" }, whom: { type: "band", band: refOf(band) } };
    event.when = { type: "up", who, state: "up" } as unknown as Event["when"];
  });
}

describe("bands", () => {
  it("are made of squads as one edit", () => {
    const before = open.labels.length;
    const band = refOf(makeBand(open, [ref(one), ref(other)])).id;
    expect(open.labels.length - before).toBe(1);
    expect(squadsOf(open.state.mission, band).sort()).toEqual([one, other].sort());
  });

  it("go with the last squad that leaves them", () => {
    const band = refOf(makeBand(open, [ref(one), ref(other)])).id;
    joinBand(open, one, null);
    expect(open.state.mission.bands[band]).toBeDefined();
    joinBand(open, other, null);
    expect(open.state.mission.bands[band]).toBeUndefined();
  });

  it("stay without squads while the script speaks of them", () => {
    const band = makeBand(open, [ref(one)]);
    speakOf(band);
    remove(open, [`squads/${one}`]);
    expect(find(open.state.mission, refOf(band))).toBeDefined();
    expect(usersOf(open.state.mission, [band]).map(({ family }) => family)).toEqual(["events"]);
  });

  it("go with the squads that are deleted", () => {
    const band = makeBand(open, [ref(one), ref(other)]);
    remove(open, [`squads/${one}`, `squads/${other}`]);
    expect(find(open.state.mission, refOf(band))).toBeUndefined();
  });

  it("leave their squads in none when they are deleted", () => {
    const band = makeBand(open, [ref(one), ref(other)]);
    remove(open, [band]);
    expect(sure(open.state.mission.squads, one).belongs).toEqual({ type: "alone" });
    expect(bandOf(open.state.mission, other)).toBeUndefined();
    expect(Object.keys(open.state.mission.lost)).not.toContain(refOf(band).id);
  });

  it("are left by squads that are made one of another", () => {
    const band = refOf(makeBand(open, [ref(one)])).id;
    const next = refOf(makeBand(open, [ref(one), ref(other)])).id;
    expect(bandOf(open.state.mission, one)).toBe(next);
    expect(open.state.mission.bands[band]).toBeUndefined();
  });

  it("are copied with their squads and members", () => {
    const band = makeBand(open, [ref(one), ref(other)]);
    const before = Object.keys(open.state.mission.units).length;
    const copy = sure(duplicate(open, [band]), 0);
    expect(squadsOf(open.state.mission, refOf(copy).id)).toHaveLength(2);
    expect(squadsOf(open.state.mission, refOf(band).id)).toHaveLength(2);
    expect(Object.keys(open.state.mission.units)).toHaveLength(before + 4);
  });

  it("go into another mission with a squad of theirs, and whole where they are taken themselves", () => {
    const band = makeBand(open, [ref(one), ref(other)]);
    const alone = parcel(open.state.mission, [`squads/${one}`]);
    const whole = parcel(open.state.mission, [band]);
    const there = () => draftDesk(JSON.parse(sample) as Mission);
    const [first, second] = [there(), there()];
    first.edit("Paste", (draft) => void unpack(draft, alone, { x: 500, y: 500 }));
    second.edit("Paste", (draft) => void unpack(draft, whole, { x: 500, y: 500 }));
    const squads = ({ state }: ReturnType<typeof there>) =>
      Object.keys(state.mission.bands).map((id) => squadsOf(state.mission, id).length);
    expect(squads(first)).toEqual([1]);
    expect(squads(second)).toEqual([2]);
  });
});
