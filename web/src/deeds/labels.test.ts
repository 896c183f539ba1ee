import { readFileSync } from "node:fs";
import { produce } from "immer";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import { type Mission, refOf } from "../document/mission";
import { firstOf, sure } from "../document/sure";
import { parcel, unpack } from "../things/parcel";
import { removeAll } from "./deeds";
import { labelAs, labelsOf, putLabel } from "./labels";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const [one, two] = firstOf(
  Object.keys(harrow.units).map((id) => `units/${id}`),
  2,
);

describe("labels", () => {
  let open: ReturnType<typeof draftDesk>;
  const borne = (name: string) => labelsOf(open.state.mission, refOf(name));

  beforeEach(() => {
    open = draftDesk(harrow);
    labelAs(open, " Guests ", [one]);
  });

  it("are made by their name, and the same one is found again whatever its case", () => {
    expect(borne(one)).toHaveLength(1);
    labelAs(open, "guests", [two]);
    labelAs(open, "  ", [two]);
    expect(Object.keys(open.state.mission.labels)).toHaveLength(1);
    expect(borne(two)).toEqual(borne(one));
    putLabel(open, sure(borne(one), 0), [one], false);
    expect(borne(one)).toEqual([]);
    expect(borne(two)).toHaveLength(1);
  });

  it("are gone with what bore them, and are borne by its copies", () => {
    const label = sure(borne(one), 0);
    const copied = produce(open.state.mission, (draft) => {
      unpack(draft, parcel(open.state.mission, [one]), { x: 50, y: 60 });
    });
    expect(Object.keys(sure(copied.labels, label).things)).toHaveLength(2);
    const after = produce(copied, (draft) => removeAll(draft, [refOf(one)]));
    expect(Object.keys(sure(after.labels, label).things)).toHaveLength(1);
    expect(sure(after.labels, label).things[refOf(one).id]).toBeUndefined();
  });
});
