import { describe, expect, it } from "vitest";
import { type Line, type LineState, TEXT_MOST } from "./line.ts";

/** Two ends of one line, and what a test may do to it. */
export interface LinePair {
  readonly a: Line;
  readonly b: Line;
  /** Lets what is under way arrive. */
  readonly settle: () => Promise<void>;
  /** Cuts and mends it, where that can be done to this line. */
  readonly cut?: () => Promise<void>;
  readonly mend?: () => Promise<void>;
  readonly done: () => Promise<void>;
}

/** What every line does, whatever it goes over. */
export function lineConformance(name: string, make: () => Promise<LinePair>): void {
  const watched = (line: Line) => {
    const texts: string[] = [];
    const states: LineState[] = [];
    line.onText((text) => texts.push(text));
    line.onState((state) => states.push(state));
    return { texts, states };
  };

  describe(`a line ${name}`, () => {
    it("carries texts both ways, in order, each once, the longest too", async () => {
      const { a, b, settle, done } = await make();
      const [atA, atB] = [watched(a), watched(b)];
      const long = "x".repeat(TEXT_MOST);
      const sent = ["1", "", "µ “2”", long, "5"];
      for (const text of sent) expect(a.send(text)).toBe(true);
      expect(b.send("back")).toBe(true);
      await settle();
      expect(atB.texts).toEqual(sent);
      expect(atA.texts).toEqual(["back"]);
      await done();
    });

    it("refuses a text that is too long", async () => {
      const { a, done } = await make();
      expect(a.send("x".repeat(TEXT_MOST + 1))).toBe(false);
      await done();
    });

    it("tells both when it is cut and mended, and carries on", async () => {
      const { a, b, settle, cut, mend, done } = await make();
      if (cut === undefined || mend === undefined) {
        await done();
        return;
      }
      const [atA, atB] = [watched(a), watched(b)];
      await cut();
      expect([atA.states.at(-1), atB.states.at(-1)]).toEqual(["cut", "cut"]);
      expect(a.send("lost")).toBe(false);
      await mend();
      expect(a.send("again")).toBe(true);
      await settle();
      expect(atB.texts).toEqual(["again"]);
      await done();
    });

    it("ends for both when either closes it, for good", async () => {
      const { a, b, settle, done } = await make();
      const [atA, atB] = [watched(a), watched(b)];
      b.close();
      await settle();
      expect([atA.states.at(-1), atB.states.at(-1)]).toEqual(["closed", "closed"]);
      expect([a.send("no"), b.send("no")]).toEqual([false, false]);
      await done();
    });
  });
}
