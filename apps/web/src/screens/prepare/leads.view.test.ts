import { describe, expect, it } from "vitest";
import { leadsTold } from "./leads.view.ts";

const WIRES = ["w-common", "w-run", "w-start"];

describe("the wire on each labelled lead", () => {
  it("follows for the third of three once two are told, in any order", () => {
    expect(leadsTold({}, "a", "w-run", WIRES)).toEqual({ a: "w-run" });
    expect(leadsTold({ a: "w-run" }, "c", "w-common", WIRES)).toEqual({ c: "w-common", b: "w-start" });
    expect(leadsTold({ c: "w-start" }, "b", "w-run", WIRES)).toEqual({ b: "w-run", a: "w-common" });
  });

  it("follows from nothing that leaves a choice: one wire told twice, a fourth wire, one taken back", () => {
    expect(leadsTold({ a: "w-run" }, "b", "w-run", WIRES)).toEqual({ b: "w-run" });
    expect(leadsTold({ a: "w-run" }, "b", "w-start", [...WIRES, "w-other"])).toEqual({ b: "w-start" });
    expect(leadsTold({ a: "w-run", b: "w-start", c: "w-common" }, "b", undefined, WIRES)).toEqual({ b: undefined });
  });
});
