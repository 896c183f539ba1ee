import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { arrange } from "../deeds/deeds";
import { dropFolder, makeFolder, putInFolder, renameFolder } from "../deeds/folders";
import { aligned, layOut, spread } from "../deeds/layout";
import { linkable, offers } from "../deeds/links";
import { toolOf } from "../desk/desk";
import { draftDesk } from "../document/draftDesk";
import { formationPlace } from "../document/formation";
import { type Mission, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { placeOf } from "../things/geometry";
import { best, fitOf } from "../ui/finding";
import { snapBearing, snapPoint } from "./snap";
import { readWanted } from "./trayItems";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const SNAP = { on: true, grid: 5, neighbours: true, angles: true, ground: true };
const empty: Mission = {
  ...harrow,
  ...Object.fromEntries(
    [
      "starts",
      "units",
      "squads",
      "spawnPoints",
      "zones",
      "routes",
      "posts",
      "walls",
      "gates",
      "decks",
    ]
      .concat(["props", "fixtures", "markers", "placeNames", "effects", "craft", "views", "notes"])
      .map((family) => [family, {}]),
  ),
};

describe("snapping", () => {
  const lone: Mission = {
    ...empty,
    posts: { p: { ...sure(harrow.posts, "post-stand-1"), position: { x: 42.3, y: 70 } } },
  };

  it("draws to the grid", () => {
    expect(snapPoint(SNAP, empty, 1, { x: 12.4, y: 18 }).at).toEqual({ x: 10, y: 20 });
  });

  it("draws into a row with a neighbour first, and says along which line", () => {
    const found = snapPoint(SNAP, lone, 1, { x: 44, y: 12 });
    expect(found).toEqual({ at: { x: 42.3, y: 12 }, east: 42.3, north: undefined });
  });

  it("does not draw a thing to itself", () => {
    const found = snapPoint(SNAP, lone, 1, { x: 44, y: 12 }, undefined, new Set(["posts/p"]));
    expect(found.at).toEqual({ x: 45, y: 10 });
  });

  it("draws lines to whole angles", () => {
    const { at } = snapPoint({ ...SNAP, grid: 0 }, empty, 4, { x: 100, y: 2 }, { x: 0, y: 0 });
    expect(at.y).toBeCloseTo(0, 6);
    expect(Math.hypot(at.x, at.y)).toBeCloseTo(Math.hypot(100, 2), 6);
    expect(snapBearing(SNAP, 52)).toBe(45);
  });

  it("leaves everything where it is while it is off", () => {
    const off = { ...SNAP, on: false };
    expect(snapPoint(off, lone, 1, { x: 44.1, y: 12.2 }).at).toEqual({ x: 44.1, y: 12.2 });
    expect(snapBearing(off, 52)).toBe(52);
  });
});

describe("the tray by words", () => {
  const wanted = (text: string) => readWanted(harrow, text, "keepers", []);

  it.each([
    ["3 lookouts", 3, "unit:lookout"],
    ["lookout", 1, "unit:lookout"],
    ["12 townsmen", 12, "unit:townsman"],
    ["round zone", 1, "zone:circle"],
    ["spawn", 1, "spawnPoint"],
    ["2 kegs", 2, "prop:keg-kind"],
    ["smoke", 1, "effect:smoke"],
    ["bridge", 1, "deck"],
  ])("reads %j", (text, count, first) => {
    expect(wanted(text).count).toBe(count);
    expect(sure(wanted(text).items, 0).id).toBe(first);
  });

  it("takes a side from the words", () => {
    const { side, items } = wanted("4 wrecker lookouts");
    expect(side).toBe("wreckers");
    expect(sure(items, 0).tool).toEqual(toolOf("units", "lookout", "wreckers"));
  });

  it("takes a word that is both a side and a kind for the kind, of that side", () => {
    expect(sure(wanted("2 wreckers").items, 0).tool).toEqual(
      toolOf("units", "wrecker", "wreckers"),
    );
  });

  it("finds nothing for what is not there, and never more than fits", () => {
    expect(wanted("unicorn").items).toEqual([]);
    expect(wanted("5000 lookouts").count).toBe(40);
  });
});

describe("finding", () => {
  const choice = (word: string) => ({ key: word, word, what: "", run: () => {} });

  it("puts the beginning of a name first, then of its words, then any part", () => {
    const all = ["The causeway goes under", "Causeway", "Because", "Cut away"].map(choice);
    expect(best(all, "caus").map(({ word }) => word)).toEqual([
      "Causeway",
      "The causeway goes under",
      "Because",
    ]);
  });

  it("follows letters in their order, and nothing else", () => {
    expect(fitOf("Set down: Round zone", "rdzn")).toBeGreaterThan(0);
    expect(fitOf("Set down: Round zone", "xyz")).toBe(0);
    expect(fitOf("Anything", "  ")).toBe(0);
  });
});

describe("on the sheet", () => {
  let open: ReturnType<typeof draftDesk>;
  const squat = ["units/squat-1", "units/squat-2", "units/squat-3"];
  const at = (name: string) => placeOf(open.state.mission, refOf(name)) as { x: number; y: number };

  beforeEach(() => {
    open = draftDesk(structuredClone(harrow));
  });

  it("things are put in a row", () => {
    layOut(open, "row", aligned(open.state.mission, squat, "south"));
    expect(squat.map((name) => at(name).y)).toEqual([664, 664, 664]);
    expect(squat.map((name) => at(name).x)).toEqual([556, 562, 570]);
  });

  it("things are spread evenly between the first and the last", () => {
    layOut(open, "spread", spread(open.state.mission, squat, "eastward"));
    expect(squat.map((name) => at(name).x)).toEqual([556, 563, 570]);
  });

  it("zones and routes are aligned by their middles, whole", () => {
    const zone = () => sure(open.state.mission.zones, "zone-rock").shape;
    layOut(
      open,
      "row",
      aligned(open.state.mission, ["zones/zone-rock", "posts/post-stand-1"], "east"),
    );
    expect(zone()).toMatchObject({ centre: { x: 606, y: 700 }, radius: 128 });
  });

  it("a squad stands in its formation about its leader", () => {
    open.edit("line", (draft) => {
      sure(draft.squads, "squad-squatters").formation = "line";
      sure(draft.squads, "squad-squatters").spacing = 3;
      sure(draft.units, sure(draft.squads, "squad-squatters").leader.id).facing = 90;
    });
    const leader = `units/${sure(open.state.mission.squads, "squad-squatters").leader.id}`;
    const before = at(leader);
    arrange(open, "squad-squatters");
    expect(at(leader)).toEqual(before);
    const others = squat.filter((name) => name !== leader).map(at);
    for (const { x } of others) expect(x).toBeCloseTo(before.x, 6);
    expect(others.map(({ y }) => y).sort((a, b) => a - b)).toEqual([before.y - 3, before.y + 3]);
  });

  it.each(["pairs", "file", "line", "wedge", "ring"] as const)(
    "nobody stands upon another in a %s",
    (formation) => {
      const places = [0, 1, 2, 3, 4, 5].map((rank) => formationPlace(formation, 2, rank, 6));
      const all = [{ back: 0, aside: 0 }, ...places];
      all.forEach((a, i) => {
        for (const b of all.slice(i + 1)) {
          expect(Math.hypot(a.back - b.back, a.aside - b.aside)).toBeGreaterThan(1.3);
        }
      });
    },
  );

  it("a thing lies in one folder at most", () => {
    const folder = makeFolder(open, squat);
    const { folders } = open.state.mission;
    expect(Object.keys(sure(folders, folder).things).sort()).toEqual([
      "squat-1",
      "squat-2",
      "squat-3",
    ]);
    expect(sure(folders, "folder-rock").things["squat-1"]).toBeUndefined();
    putInFolder(open, squat.slice(0, 1), null);
    expect(sure(open.state.mission.folders, folder).things["squat-1"]).toBeUndefined();
    renameFolder(open, folder, "  ");
    renameFolder(open, folder, "Act two");
    expect(sure(open.state.mission.folders, folder).name).toBe("Act two");
    dropFolder(open, folder);
    expect(open.state.mission.units["squat-2"]).toBeDefined();
    expect(open.state.mission.folders[folder]).toBeUndefined();
  });

  it("links offer what two things can do, from either end", () => {
    const words = (from: string, to: string) =>
      offers(open.state.mission, refOf(from), refOf(to)).map(({ word }) => word);
    expect(words("units/guard-1", "posts/post-stand-1")).toEqual(["guard Above the landing"]);
    expect(words("posts/post-stand-1", "units/guard-1")).toEqual([
      "Coastguard Hale: guard Above the landing",
    ]);
    expect(words("units/guard-1", "squads/squad-watch")[0]).toBe("join The watch");
    expect(words("props/prop-hull", "zones/zone-rock")).toEqual([]);
    const ride = sure(
      offers(open.state.mission, refOf("zones/zone-rock"), refOf("units/guard-1")),
      0,
    );
    open.edit(ride.label, ride.make);
    expect(sure(open.state.mission.zones, "zone-rock").rides).toEqual({
      type: "unit",
      unit: refOf("units/guard-1"),
    });
    for (const family of linkable("units")) {
      const id = Object.keys(open.state.mission[family])[0];
      expect(words("units/sedge", `${family}/${id}`).length).toBeGreaterThan(0);
    }
  });
});
