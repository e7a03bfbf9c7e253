import { describe, expect, it } from "vitest";
import { memoryLines } from "./memory-line.ts";
import { Replica } from "./replica.ts";
import { answerCall, call, callsIn, hold, holdsIn, lift } from "./roof.ts";
import { Session } from "./session.ts";

const who = (name: string, minute: number) => ({ device: name, name, at: `2026-06-01T08:${String(minute).padStart(2, "0")}:00.000Z` });

function two() {
  const lines = memoryLines();
  const make = (device: "a" | "b") => {
    const replica = new Replica({ device, known: {}, ops: [] });
    return { replica, session: new Session(lines[device], { replica, name: device, speaks: "", nowMs: () => 0, onDocs: () => undefined }) };
  };
  const [a, b] = [make("a"), make("b")];
  const settle = (): void => {
    lines.mend();
    a.session.share();
    b.session.share();
    while (lines.arrive("a") || lines.arrive("b"));
  };
  return { a: a.replica, b: b.replica, lines, settle };
}

describe("a held roof", () => {
  it("stays held on the other device when the line is cut and silent, and is lifted by nobody but a person", () => {
    const { a, b, lines, settle } = two();
    hold(a, "1", who("roof", 1), "hands", "j");
    settle();
    lines.cut();
    expect(holdsIn(b)).toMatchObject([{ id: "1", what: "hands", name: "roof" }]);
    settle();
    expect(holdsIn(b)).toHaveLength(1);
    lift(b, "1", who("below", 9), "Its phone is flat. We spoke.");
    expect(holdsIn(b)).toEqual([]);
    settle();
    expect(holdsIn(a)).toEqual([]);
  });

  it("is two holds where both hold it, and one lifted leaves the other", () => {
    const { a, b, settle } = two();
    hold(a, "1", who("roof", 1), "dead", "j");
    hold(b, "2", who("below", 2), "hands", "j");
    settle();
    expect(holdsIn(a).map((h) => h.id)).toEqual(["1", "2"]);
    lift(a, "1", who("roof", 3), "done");
    settle();
    expect(holdsIn(b).map((h) => h.id)).toEqual(["2"]);
  });
});

describe("calls", () => {
  it("are in both logs once, in order, with who answered, however often the line was cut", () => {
    const { a, b, lines, settle } = two();
    call(a, "x", who("roof", 1), "cool");
    lines.cut();
    call(b, "y", who("below", 2), "stop");
    settle();
    settle();
    answerCall(b, "x", who("below", 3));
    settle();
    expect(callsIn(a)).toEqual(callsIn(b));
    expect(callsIn(a).map(({ what, answer }) => [what, answer?.name ?? null])).toEqual([
      ["cool", "below"],
      ["stop", null],
    ]);
  });
});
