import { expect, it } from "vitest";
import type { Finding, Severity } from "../document/api";
import { sure } from "../document/sure";
import { graveFirst } from "./findings";

it("puts what matters most first, else the order stays", () => {
  const finding = (severity: Severity, says: string): Finding => ({
    rule: "open-reference",
    severity,
    area: "ground",
    thing: null,
    pointer: "",
    says,
    fix: null,
  });
  const found = [finding("hint", "a"), finding("error", "b"), finding("warning", "c")];
  const more = [...found, finding("error", "d"), finding("hint", "e")];
  expect(graveFirst(more).map(({ says }) => says)).toEqual(["b", "d", "c", "a", "e"]);
  expect(sure(more, 0).says).toBe("a");
});
