import { readFileSync } from "node:fs";
import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { SIDE_COLOURS } from "../drawing/stones";
import { PAPERS } from "./frame";
import { PrintSheet } from "./PrintSheet";

const read = (name: string): Mission =>
  JSON.parse(readFileSync(`../core/src/main/resources/samples/${name}.json`, "utf8"));

it.each(["relight-the-harrow", "gannet-stacks"])(
  "holds all its colours itself, for nothing of the page goes with it: %s",
  (name) => {
    const print = renderToStaticMarkup(
      <PrintSheet
        mission={read(name)}
        paper={sure(PAPERS, "A3")}
        shown="all"
        legend
        picture=""
        date="1 May"
      />,
    );
    expect(print).not.toMatch(/var\(|light-dark|currentColor/);
    for (const side of Object.values(read(name).sides)) {
      expect(print).toContain(SIDE_COLOURS[side.colour]);
    }
  },
);
