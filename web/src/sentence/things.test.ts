import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { makeNew } from "./things";

const BLANK = JSON.parse(
  readFileSync("../core/src/main/resources/samples/blank.json", "utf8"),
) as Mission;

describe("a thing that is made where it is named", () => {
  it("is called what was typed, and otherwise by its family", () => {
    const open = draftDesk(BLANK);
    makeNew(open, "endings", "one", "Dark stacks");
    makeNew(open, "endings", "two", "Dark stacks");
    makeNew(open, "endings", "three");
    const { endings } = open.state.mission;
    expect([
      sure(endings, "one").name,
      sure(endings, "two").name,
      sure(endings, "three").name,
    ]).toEqual(["Dark stacks", "Dark stacks 2", "Ending"]);
  });

  it("keeps its name within what a name may have", () => {
    const open = draftDesk(BLANK);
    makeNew(open, "flags", "f", "x".repeat(90));
    expect(sure(open.state.mission.flags, "f").name).toHaveLength(60);
  });
});
