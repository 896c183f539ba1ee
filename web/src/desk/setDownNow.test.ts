import { beforeEach, describe, expect, it, vi } from "vitest";
import { toolOf, useDesk } from "./desk";
import { drawnFamily, setDownNow } from "./setDownNow";

const desk = () => useDesk.getState();

beforeEach(() => {
  desk().pick(null);
  desk().select(["units/a"]);
});

describe("a field that lacks a thing", () => {
  it("takes what is set down next, and what was selected is selected again", () => {
    const take = vi.fn();
    setDownNow("routes", take);
    expect(desk().tool).toEqual(toolOf("routes"));
    desk().select(["routes/r"]);
    expect(take).toHaveBeenCalledExactlyOnceWith({ family: "routes", id: "r" });
    expect(desk().tool).toBeNull();
    expect([...desk().selection]).toEqual(["units/a"]);
  });

  it("takes nothing once the tool is put back, or another field asks", () => {
    const [one, other] = [vi.fn(), vi.fn()];
    setDownNow("routes", one);
    desk().pick(null);
    desk().select(["routes/r"]);
    expect(one).not.toHaveBeenCalled();
    setDownNow("routes", one);
    desk().select(["units/b"]);
    setDownNow("routes", other);
    desk().select(["routes/s"]);
    expect(one).not.toHaveBeenCalled();
    expect(other).toHaveBeenCalledOnce();
  });

  it("is helped so only by families that are drawn whatever is chosen", () => {
    expect(drawnFamily(["routes"])).toBe("routes");
    expect(drawnFamily(["zones"])).toBeUndefined();
    expect(drawnFamily(["routes", "zones"])).toBeUndefined();
    expect(drawnFamily(["flags"])).toBeUndefined();
  });
});
