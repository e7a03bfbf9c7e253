import { describe, expect, it } from "vitest";
import { check } from "../src/check.ts";
import { built, type Case, plan, wire } from "./wiring-case.ts";

describe("a bad wiring case is refused in one line", () => {
  const bad = (change: (c: { parts: Case[]; conductors: Case[] } & Case) => void, given: Case = plan("F4")): unknown => {
    const copy = structuredClone(given) as never;
    change(copy);
    return copy;
  };
  it.each<[unknown, RegExp]>([
    [bad((c) => Object.assign(c.parts[1]!, { kind: "toaster" })), /parts\.1\.kind.*must be one of supply, contactor/],
    [bad((c) => Object.assign(c.parts[1]!, { colour: "red" })), /unknown key "parts\.1\.colour"/],
    [bad((c) => Object.assign(c.parts[1]!, { id: "in" })), /parts\.1\.id "in" stands twice/],
    [bad((c) => Object.assign(c.conductors[1]!, { id: "hot" })), /conductors\.1\.id "hot" stands twice/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "nowhere.A"] })), /conductors\.0\.ends\.1 "nowhere\.A" is on no part/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "comp.X"] })), /conductors\.0\.ends\.1 "comp\.X" is no terminal/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L", "in.L"] })), /conductors\.0\.ends must be two different terminals/],
    [bad((c) => Object.assign(c.conductors[0]!, { ends: ["in.L"] })), /conductors\.0\.ends/],
    [bad((c) => Object.assign(c.conductors[0]!, { awg: 99 })), /conductors\.0\.awg is too large: at most 26/],
    [bad((c) => delete c.conductors[0]!.awg), /conductors\.0\.awg is missing \(0 to 26 AWG\)/],
    [bad((c) => delete c.starter), /starter is missing/],
    [bad((c) => Object.assign(c, { starter: { family: "F9" } })), /starter\.family must be one of F4, F5, FM/],
    [bad((c) => c.parts.push({ id: "k", kind: "contactor", poles: 1 })), /parts\.8\.unbroken is missing/],
    [bad((c) => c.conductors.push(wire("x", "in.L1", "rel.COM"))), /has both neutral and two lines/],
    [bad((c) => c.parts.splice(3, 1), built([])), /exactly one compressor/],
    [bad((c) => c.parts.pop(), built([])), /exactly one starter/],
  ])("%#", (given, line) => {
    const outcome = check(JSON.stringify(given));
    expect(outcome).toMatchObject({ exit: 2 });
    if (outcome.exit === 2) expect(outcome.line).toMatch(line);
  });
});
